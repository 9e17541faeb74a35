'use client';
import { elementAt } from '../../core/base/list';
import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import type { StageName } from '../../core/model/finding';
import type { Piece, RoomFile } from '../../core/model/types';
import { isBed } from '../../core/room/kinds';
import { placeOnWall } from '../../core/room/place';
import type { Wall } from '../../core/room/walls';
import { useRoom } from './room/RoomContext';

/** Where every key is for typing. */
const TYPING = 'input,textarea';
/** Where letters and figures look something up. */
const LISTS = '[role=listbox],[role=menu],[role=combobox]';
const isIn = (target: EventTarget | null, where: string): boolean =>
  target instanceof Element && target.closest(where) !== null;

/** Stages that show the plan beside the walls. */
const WITH_PLAN: ReadonlySet<string> = new Set<StageName>(['measure', 'clear']);

const hasSeat = (piece: Piece): boolean => piece.seat !== null && !isBed(piece);

/** What a stage shows one after the other: the walls, with the plan, or those at which seats stand. */
function stopsOf(stage: string, { pieces }: RoomFile, walls: readonly Wall[]): string[] {
  const ids = walls.map((wall) => wall.id);
  if (WITH_PLAN.has(stage)) return [...ids, 'plan'];
  if (stage !== 'seats') return ids;
  const seated = new Set(pieces.filter(hasSeat).map((piece) => placeOnWall(piece, walls).wallId));
  return ids.filter((id) => seated.has(id));
}

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
  const stage = usePathname().split('/').pop() ?? '';
  useEffect(() => {
    const stepWall = (step: 1 | -1) => {
      const ids = stopsOf(stage, file, plan.walls);
      if (ids.length === 0) return;
      const now = Math.max(ids.indexOf(wallId), 0);
      pick(null);
      setWall(elementAt(ids, (now + step + ids.length) % ids.length));
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
  }, [stage, file, plan.walls, wallId, setWall, setLook, replay, pick, onHelp]);
}
