'use client';
import { useRef, type KeyboardEvent, type SVGProps } from 'react';
import { markStep } from '../../core/base/units';
import type { Scale } from '../../ui/drawing/scale';
import { nudgeOf, useDrawingDrag } from '../shell/drawing/useDrag';
import { usePendingChange } from '../shell/drawing/usePendingChange';
import { useRoom } from '../shell/room/RoomContext';
import { staysSound } from '../shell/useCommit';
import { reach, type Offset } from './reach';
import { findThing, moveOf, removalOf, type Thing } from './thing';

const UNMOVED: Offset = { dxMm: 0, dyMm: 0 };

/** Dragging, nudging and removing what is measured, on a wall or on the plan; it stops where it cannot go. */
export function useThingDrag(isPlan: boolean) {
  const { file, picked, pick, change } = useRoom();
  const { unit } = file.room;
  const begun = useRef<Thing | null>(null);
  const pending = usePendingChange();
  const reached = useRef<Offset>(UNMOVED);
  const drag = useDrawingDrag(unit, {
    start: (id) => {
      begun.current = findThing(file, id);
      pending.begin();
      reached.current = UNMOVED;
      pick(id);
    },
    move: (_id, dx, dy) => {
      const held = begun.current;
      if (!held) return;
      const changeTo = (offset: Offset) => moveOf(held, offset.dxMm, offset.dyMm, isPlan);
      reached.current = reach(reached.current, { dxMm: dx, dyMm: dy }, markStep(unit), (offset) => {
        const next = changeTo(offset);
        return !!next && staysSound(file, next);
      });
      const { dxMm, dyMm } = reached.current;
      pending.hold(dxMm === 0 && dyMm === 0 ? null : (changeTo(reached.current) ?? null));
    },
    end: pending.release,
  });
  const nudge = (e: KeyboardEvent, id: string) => {
    if (e.key === 'Delete' || e.key === 'Backspace') {
      e.preventDefault();
      removeThing(id);
      return;
    }
    const step = nudgeOf(e, unit);
    const held = findThing(file, id);
    if (!step || !held) return;
    e.preventDefault();
    const next = moveOf(held, step.dxMm, step.dyMm, isPlan);
    if (next && staysSound(file, next)) change([next]);
  };
  const removeThing = (id: string) => {
    const held = findThing(file, id);
    if (held) {
      change([removalOf(held)]);
      pick(null);
    }
  };
  const handle = (id: string, scale: Scale, name: string): SVGProps<SVGGElement> => ({
    ...(drag(id, scale) as SVGProps<SVGGElement>),
    role: 'button',
    tabIndex: 0,
    'aria-label': name,
    'aria-pressed': picked === id,
    onFocus: () => {
      if (picked !== id) pick(id);
    },
    onKeyDown: (e) => nudge(e, id),
    style: { cursor: 'grab', touchAction: 'none' },
  });

  return { handle, removeThing };
}
