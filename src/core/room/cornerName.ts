import { elementAt } from '../base/list';
import { polygonCentre, type Point } from '../geometry/plane';

export type Corner =
  'north-west' | 'north-east' | 'south-east' | 'south-west' | 'north' | 'east' | 'south' | 'west';
const CORNERS: readonly Corner[] = [
  'north',
  'north-east',
  'east',
  'south-east',
  'south',
  'south-west',
  'west',
  'north-west',
];

/** A corner's name by where it lies from the middle of the room. */
export function cornerName(corners: readonly Point[], index: number): Corner {
  const box = {
    w: Math.min(...corners.map((c) => c.xMm)),
    e: Math.max(...corners.map((c) => c.xMm)),
    n: Math.min(...corners.map((c) => c.yMm)),
    s: Math.max(...corners.map((c) => c.yMm)),
  };
  const area = Math.abs(
    corners.reduce((sum, p, i) => {
      const q = elementAt(corners, (i + 1) % corners.length);
      return sum + p.xMm * q.yMm - q.xMm * p.yMm;
    }, 0),
  );
  const middle = area > 1 ? polygonCentre(corners) : { xMm: (box.w + box.e) / 2, yMm: (box.n + box.s) / 2 };
  const corner = elementAt(corners, index);
  // a long room's corners are still its corners: measured in shares of its sides
  const east = (corner.xMm - middle.xMm) / Math.max(1, box.e - box.w);
  const south = (corner.yMm - middle.yMm) / Math.max(1, box.s - box.n);
  return elementAt(CORNERS, Math.round(((Math.atan2(east, -south) * 180) / Math.PI + 360) / 45) % 8);
}
