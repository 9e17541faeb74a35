'use client';
import { useEffect } from 'react';
import { useRoom } from './room/RoomContext';

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.tagName === 'INPUT' || target.tagName === 'TEXTAREA' || target.tagName === 'SELECT');

/** Keys that act anywhere in a room. */
export function useKeys(onHelp: () => void): void {
  const { file, plan, wallId, setWall, setLook, replay, pick } = useRoom();
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const command = e.ctrlKey || e.metaKey;
      if (command && e.key.toLowerCase() === 'z' && !typing(e.target)) {
        e.preventDefault();
        void replay(e.shiftKey ? 'redo' : 'undo');
        return;
      }
      if (command && e.key.toLowerCase() === 'y' && !typing(e.target)) {
        e.preventDefault();
        void replay('redo');
        return;
      }
      if (command || e.altKey || typing(e.target) || document.querySelector('[role=dialog]')) return;
      const ids = [...plan.walls.map((w) => w.id), 'plan'];
      if (e.key === '[' || e.key === ']')
        setWall(ids[(ids.indexOf(wallId) + (e.key === ']' ? 1 : ids.length - 1)) % ids.length]!);
      else if (/^[1-9]$/.test(e.key)) {
        const look = [...file.looks].sort((a, b) => a.order - b.order)[Number(e.key) - 1];
        if (look) setLook(look.id);
      } else if (e.key === '?') onHelp();
      else if (e.key === 'Escape') pick(null);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [file.looks, plan.walls, wallId, setWall, setLook, replay, pick, onHelp]);
}
