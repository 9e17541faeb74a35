'use client';
import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import type { StageName } from '../../core/model/finding';
import type { Piece } from '../../core/model/types';
import { isBed } from '../../core/room/kinds';
import { isMadeUp } from '../../core/room/made';
import { placeOnWall } from '../../core/room/place';
import { isForPage, isTyping } from '../../ui/pageKeys';
import { useRoom } from './room/RoomContext';

/** Stages that show the plan beside the walls. */
const WITH_PLAN: ReadonlySet<string> = new Set<StageName>(['measure', 'clear']);

const hasSeat = (piece: Piece): boolean => piece.seat !== null && !isBed(piece);
/** The stages that show furniture one by one. */
const PIECES_OF: Readonly<Record<string, (piece: Piece) => boolean>> = { seats: hasSeat, beds: isMadeUp };
const neighbour = <T>(list: readonly T[], at: number, step: 1 | -1): T | undefined =>
  list[(Math.max(at, 0) + step + list.length) % list.length];

/** Undo or redo, by the keys of either platform. */
function historyKey(e: KeyboardEvent): 'undo' | 'redo' | null {
  if (!e.ctrlKey && !e.metaKey) return null;
  const key = e.key.toLowerCase();
  if (key === 'z') return e.shiftKey ? 'redo' : 'undo';
  return key === 'y' ? 'redo' : null;
}

/** Keys that act anywhere in a room. */
export function useKeys(): void {
  const { file, arranged, look, plan, wallId, setWall, setLook, replay, picked, pick } = useRoom();
  const stage = usePathname().split('/').pop() ?? '';
  useEffect(() => {
    const stepWall = (step: 1 | -1) => {
      const ids = [...plan.walls.map((w) => w.id), ...(WITH_PLAN.has(stage) ? ['plan'] : [])];
      const next = neighbour(ids, ids.indexOf(wallId), step);
      pick(null);
      if (next !== undefined) setWall(next);
    };
    // where seats or beds are drawn, one after the other
    const stepPiece = (isShown: (piece: Piece) => boolean) => (step: 1 | -1) => {
      const seats = arranged.pieces.filter(isShown);
      const placed = look.placements.find((p) => p.id === picked)?.spot.of;
      const next = neighbour(
        seats,
        seats.findIndex((p) => p.id === (placed ?? picked)),
        step,
      );
      if (!next) return;
      pick(next.id);
      setWall(placeOnWall(next, plan.walls).wallId);
    };
    const isShown = PIECES_OF[stage];
    const stepOn = isShown ? stepPiece(isShown) : stepWall;
    const goToLook = (number: number) => {
      const look = [...file.looks].sort((a, b) => a.order - b.order)[number - 1];
      if (look) setLook(look.id);
    };
    const acts: Readonly<Record<string, () => void>> = {
      '[': () => stepOn(-1),
      ']': () => stepOn(1),
      Escape: () => pick(null),
    };
    const onKey = (e: KeyboardEvent) => {
      if (e.defaultPrevented || isTyping(e)) return;
      const history = historyKey(e);
      if (history) {
        e.preventDefault();
        void replay(history);
        return;
      }
      if (!isForPage(e)) return;
      if (/^[1-9]$/.test(e.key)) goToLook(Number(e.key));
      else acts[e.key]?.();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [stage, file, arranged, look, plan.walls, wallId, setWall, setLook, replay, picked, pick]);
}
