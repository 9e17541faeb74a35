import { elementAt } from '../base/list';
import type { Mm } from '../base/units';
import { step } from '../geometry/plane';
import type { Room } from '../model/types';
import { wallsOf } from './walls';

/**
 * The outline with one wall's length typed over: its end moves along it, and what follows moves with it up to
 * the first wall that runs the same way or back, which takes the difference up. Without such a wall only the
 * next corner moves.
 */
export function withWallLength(corners: Room['walls'], index: number, lengthMm: Mm): Room['walls'] {
  const walls = wallsOf({ walls: corners });
  const wall = elementAt(walls, index);
  const changeMm = lengthMm - wall.lengthMm;
  const way = {
    xMm: (wall.to.xMm - wall.from.xMm) / wall.lengthMm,
    yMm: (wall.to.yMm - wall.from.yMm) / wall.lengthMm,
  };
  const n = corners.length;
  let last = 1;
  for (let k = 1; k < n - 1; k++) {
    const other = elementAt(walls, (index + k) % n);
    const turned = Math.abs(((other.facingDeg - wall.facingDeg + 540) % 360) - 180);
    if (turned < 0.5 || turned > 179.5) {
      last = k;
      break;
    }
  }
  const moves = new Set(Array.from({ length: last }, (_, k) => (index + 1 + k) % n));
  return corners.map((c, i) =>
    moves.has(i) ? { ...c, ...step({ xMm: c.xMm, yMm: c.yMm }, way, changeMm) } : c,
  );
}
