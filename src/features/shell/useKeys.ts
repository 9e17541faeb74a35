'use client';
import { elementAt } from '../../core/base/list';
import { useEffect } from 'react';
import { useRoom } from './room/RoomContext';

/** Where every key is for typing. */
const TYPING = 'input,textarea';
/** Where letters and figures look something up. */
const LISTS = '[role=listbox],[role=menu],[role=combobox]';
const isIn = (target: EventTarget | null, where: string): boolean =>
  target instanceof Element && target.closest(where) !== null;

/** Undo or redo, by the keys of either platform. */
function historyKey(e: KeyboardEvent): 'undo' | 'redo' | null {
  if (!e.ctrlKey && !e.metaKey) return null;
  const key = e.key.toLowerCase();
  if (key === 'z') return e.shiftKey ? 'redo' : 'undo';
  return key === 'y' ? 'redo' : null;
}

/** Keys that act anywhere in a room. */
export function useKeys(onHelp: () => void): void {
  const { file, plan, wallId, setWall, setLook, replay, pick } = useRoom();
  useEffect(() => {
    const stepWall = (step: 1 | -1) => {
      const ids = [...plan.walls.map((w) => w.id), 'plan'];
      setWall(elementAt(ids, (ids.indexOf(wallId) + step + ids.length) % ids.length));
    };
    const goToLook = (number: number) => {
      const look = [...file.looks].sort((a, b) => a.order - b.order)[number - 1];
      if (look) setLook(look.id);
    };
    const acts: Readonly<Record<string, () => void>> = {
      '[': () => stepWall(-1),
      ']': () => stepWall(1),
      '?': onHelp,
      Escape: () => pick(null),
    };
    const onKey = (e: KeyboardEvent) => {
      if (e.defaultPrevented || isIn(e.target, TYPING)) return;
      const history = historyKey(e);
      if (history) {
        e.preventDefault();
        void replay(history);
        return;
      }
      const isElsewhere = isIn(e.target, LISTS) || document.querySelector('[role=dialog]');
      if (isElsewhere || e.ctrlKey || e.metaKey || e.altKey) return;
      if (/^[1-9]$/.test(e.key)) goToLook(Number(e.key));
      else acts[e.key]?.();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [file.looks, plan.walls, wallId, setWall, setLook, replay, pick, onHelp]);
}
