import { findOne } from '../base/list';
import type { Mm } from '../base/units';
import { overlapLength } from '../geometry/plane';
import type { Opening, RoomFile } from '../model/types';
import { lowestOver, overheadOf } from './ceiling';
import type { OnWall } from './place';
import { wallsOf, type Wall } from './walls';

/** Room from an opening's trim to the next thing, and what that is: its name, 'wall' or 'ceiling'. */
export type Clearance = {
  headMm: Mm;
  headBy: string;
  leftMm: Mm;
  leftBy: string;
  rightMm: Mm;
  rightBy: string;
};

/**
 * Head room over an opening's trim and side room beside it, each to the next obstacle: corner, ceiling or
 * slope, another opening, a fitting, a piece that stands against the wall.
 */
export function clearanceOf(
  o: Opening,
  file: Pick<RoomFile, 'room' | 'openings' | 'fittings' | 'pieces'>,
  places: ReadonlyMap<string, OnWall>,
  walls: readonly Wall[] = wallsOf(file.room),
): Clearance {
  const wall = findOne(walls, (w) => w.id === o.wallId);
  const [left, right] = [o.xMm - o.trimMm, o.xMm + o.widthMm + o.trimMm];
  const [foot, top] = [o.sillMm, o.sillMm + o.heightMm + o.trimMm];
  const NEAR: Mm = 600;
  const things = [
    ...file.openings
      .filter((x) => x.id !== o.id && x.wallId === o.wallId)
      .map((x) => ({
        name: x.name,
        from: x.xMm - x.trimMm,
        to: x.xMm + x.widthMm + x.trimMm,
        low: x.sillMm,
        high: x.sillMm + x.heightMm + x.trimMm,
      })),
    ...file.fittings
      .filter((f) => f.wallId === o.wallId)
      .map((f) => ({
        name: f.name,
        from: f.xMm,
        to: f.xMm + f.widthMm,
        low: f.bottomMm,
        high: f.bottomMm + f.heightMm,
      })),
    ...file.pieces.flatMap((p) => {
      const onWall = places.get(p.id);
      return onWall && onWall.wallId === o.wallId && p.kind !== 'rug' && onWall.nearMm < NEAR
        ? [
            {
              name: p.name,
              from: onWall.xMm,
              to: onWall.xMm + onWall.widthMm,
              low: p.bottomMm,
              high: p.bottomMm + p.heightMm,
            },
          ]
        : [];
    }),
  ];
  const clearance: Clearance = {
    headMm:
      lowestOver(overheadOf(file.room, wall, walls), Math.max(0, left), Math.min(wall.lengthMm, right)) - top,
    headBy: 'ceiling',
    leftMm: left,
    leftBy: 'wall',
    rightMm: wall.lengthMm - right,
    rightBy: 'wall',
  };
  for (const t of things) {
    if (overlapLength(t.from, t.to, left, right) > 1 && t.low >= top - 1 && t.low - top < clearance.headMm) {
      clearance.headMm = t.low - top;
      clearance.headBy = t.name;
    }
    if (overlapLength(t.low, t.high, foot, top) <= 1) continue;
    if (t.to <= left + 1 && left - t.to < clearance.leftMm) {
      clearance.leftMm = left - t.to;
      clearance.leftBy = t.name;
    }
    if (t.from >= right - 1 && t.from - right < clearance.rightMm) {
      clearance.rightMm = t.from - right;
      clearance.rightBy = t.name;
    }
  }
  return clearance;
}
