import { elementAt } from '../base/list';
import type { Mm } from '../base/units';

/** A gap smaller than this is none. */
export const EPSILON_MM: Mm = 1e-6;

type Sized = { widthMm: Mm; heightMm: Mm; xMm: Mm; yMm: Mm };

/** Distances between frames that face each other with nothing between them, mm. */
export function facing(placed: readonly Sized[]): Mm[] {
  const found: Mm[] = [];
  placed.forEach((p, i) => {
    for (let j = i + 1; j < placed.length; j++) {
      const q = elementAt(placed, j);
      const dx = Math.abs(p.xMm - q.xMm) - (p.widthMm + q.widthMm) / 2;
      const dy = Math.abs(p.yMm - q.yMm) - (p.heightMm + q.heightMm) / 2;
      if (dx >= 0 === dy >= 0) continue;
      const between = dx >= 0 ? besideOneAnother(p, q) : overOneAnother(p, q);
      if (!placed.some((r) => r !== p && r !== q && reachesInto(r, between))) found.push(dx >= 0 ? dx : dy);
    }
  });
  return found;
}

/** A rectangle by its ends; what stands in it lies wholly within it one way, and at least partly the other. */
type Between = { left: Mm; right: Mm; low: Mm; high: Mm; isWithin: 'x' | 'y' };

/** From the right side of the left one to the left side of the other, where both face each other. */
function besideOneAnother(p: Sized, q: Sized): Between {
  const [left, right] = p.xMm < q.xMm ? [p, q] : [q, p];
  return {
    left: left.xMm + left.widthMm / 2,
    right: right.xMm - right.widthMm / 2,
    low: Math.max(p.yMm - p.heightMm / 2, q.yMm - q.heightMm / 2),
    high: Math.min(p.yMm + p.heightMm / 2, q.yMm + q.heightMm / 2),
    isWithin: 'x',
  };
}

function overOneAnother(p: Sized, q: Sized): Between {
  const [low, high] = p.yMm < q.yMm ? [p, q] : [q, p];
  return {
    left: Math.max(p.xMm - p.widthMm / 2, q.xMm - q.widthMm / 2),
    right: Math.min(p.xMm + p.widthMm / 2, q.xMm + q.widthMm / 2),
    low: low.yMm + low.heightMm / 2,
    high: high.yMm - high.heightMm / 2,
    isWithin: 'y',
  };
}

function reachesInto({ xMm, yMm, widthMm, heightMm }: Sized, between: Between): boolean {
  const [left, right] = [xMm - widthMm / 2, xMm + widthMm / 2];
  const [low, high] = [yMm - heightMm / 2, yMm + heightMm / 2];
  return between.isWithin === 'x'
    ? isInside([left, right], [between.left, between.right]) &&
        meets([low, high], [between.low, between.high])
    : isInside([low, high], [between.low, between.high]) &&
        meets([left, right], [between.left, between.right]);
}

type Stretch = readonly [Mm, Mm];
const isInside = (one: Stretch, other: Stretch): boolean =>
  one[0] >= other[0] - EPSILON_MM && one[1] <= other[1] + EPSILON_MM;
const meets = (one: Stretch, other: Stretch): boolean =>
  one[0] < other[1] - EPSILON_MM && one[1] > other[0] + EPSILON_MM;
