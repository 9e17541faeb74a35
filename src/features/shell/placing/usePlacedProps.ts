import { useRef } from 'react';
import { findOne } from '../../../core/base/list';
import type { Placement } from '../../../core/model/types';
import type { Scale } from '../../../ui/drawing/scale';
import { nudgeOf, useDrawingDrag } from '../drawing/useDrag';
import { itemOf, useRoom } from '../room/RoomContext';
import { usePlacing } from './usePlacing';

/**
 * What makes a placed thing on a drawing answer to the pointer and to keys: dragged and nudged along its spot, brought
 * forward and back, turned over, its other face shown, locked, taken off.
 */
export function usePlacedProps(): (id: string, name: string, scale: Scale) => React.SVGProps<SVGGElement> {
  const { file, look, picked, pick, preview, change } = useRoom();
  const placing = usePlacing();
  const { unit } = file.room;
  const begun = useRef<Placement | null>(null);
  const drag = useDrawingDrag(unit, {
    start: (id) => {
      begun.current = look.placements.find((p) => p.id === id) ?? null;
      pick(id);
    },
    move: (_id, dx) => {
      if (begun.current && !begun.current.locked && dx !== 0)
        preview([placing.moveChange(begun.current, dx)]);
    },
    end: (_id, dx, _dy, moved) => {
      preview(null);
      if (moved && begun.current && !begun.current.locked && dx !== 0)
        change([placing.moveChange(begun.current, dx)]);
    },
  });
  const acts: Readonly<Record<string, (p: Placement) => void>> = {
    PageUp: (p) => placing.step(p, 1),
    PageDown: (p) => placing.step(p, -1),
    Delete: placing.takeOff,
    Backspace: placing.takeOff,
    f: (p) => placing.set(p, { face: p.face === 'front' ? 'back' : 'front' }),
    l: (p) => placing.set(p, { locked: !p.locked }),
    ',': (p) => placing.set(p, { turnDeg: turned(p.turnDeg, -TURN) }),
    '.': (p) => placing.set(p, { turnDeg: turned(p.turnDeg, TURN) }),
    o: (p) => {
      const item = itemOf(file, p.itemId);
      if (item) placing.turnOver(p, item);
    },
  };
  const onKey = (e: React.KeyboardEvent, id: string) => {
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    const p = findOne(look.placements, (x) => x.id === id);
    const nudge = nudgeOf(e, unit);
    const act = acts[e.key];
    if (nudge && nudge.dxMm !== 0) {
      if (!p.locked) change([placing.moveChange(p, nudge.dxMm)]);
    } else if (act) act(p);
    else return;
    e.preventDefault();
    e.stopPropagation();
  };
  return (id, name, scale) => ({
    ...(drag(id, scale) as React.SVGProps<SVGGElement>),
    role: 'button',
    tabIndex: 0,
    'aria-label': name,
    'aria-pressed': picked === id,
    style: { cursor: 'grab', touchAction: 'none' },
    onFocus: () => {
      if (picked !== id) pick(id);
    },
    onClick: () => {
      if (picked !== id) pick(id);
    },
    onKeyDown: (e: React.KeyboardEvent) => onKey(e, id),
  });
}

const TURN = 15;
const turned = (deg: number, by: number): number => (deg + by) % 360;
