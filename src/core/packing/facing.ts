import { elementAt } from '../base/list';
import type { Mm } from '../base/units';

/** A gap smaller than this is none. */
export const EPSILON_MM: Mm = 1e-6;

type Sized = { widthMm: Mm; heightMm: Mm; xMm: Mm; yMm: Mm };
/** A rectangle by its ends. */
type Ends = { left: Mm; right: Mm; low: Mm; high: Mm };

/** Distances between frames that face each other with nothing between them, mm. */
export function facing(placed: readonly Sized[]): Mm[] {
  const ends = placed.map(endsOf);
  const found: Mm[] = [];
  placed.forEach((p, i) => {
    for (let j = i + 1; j < placed.length; j++) {
      const q = elementAt(placed, j);
      const dx = Math.abs(p.xMm - q.xMm) - (p.widthMm + q.widthMm) / 2;
      const dy = Math.abs(p.yMm - q.yMm) - (p.heightMm + q.heightMm) / 2;
      if (dx >= 0 === dy >= 0) continue;
      const isAcross = dx >= 0;
      const between = betweenOf(elementAt(ends, i), elementAt(ends, j), isAcross);
      const reachesInto = isAcross ? isInRow : isInColumn;
      if (!ends.some((other, k) => k !== i && k !== j && reachesInto(other, between)))
        found.push(isAcross ? dx : dy);
    }
  });
  return found;
}

const endsOf = ({ widthMm, heightMm, xMm, yMm }: Sized): Ends => ({
  left: xMm - widthMm / 2,
  right: xMm + widthMm / 2,
  low: yMm - heightMm / 2,
  high: yMm + heightMm / 2,
});

/** What is between two that face each other, from end to end, where both face each other. */
const betweenOf = (p: Ends, q: Ends, isAcross: boolean): Ends =>
  isAcross
    ? {
        left: Math.min(p.right, q.right),
        right: Math.max(p.left, q.left),
        low: Math.max(p.low, q.low),
        high: Math.min(p.high, q.high),
      }
    : {
        left: Math.max(p.left, q.left),
        right: Math.min(p.right, q.right),
        low: Math.min(p.high, q.high),
        high: Math.max(p.low, q.low),
      };

/** Whether something stands between two that hang beside one another: wholly across, and at least partly up. */
const isInRow = (one: Ends, between: Ends): boolean =>
  one.left >= between.left - EPSILON_MM &&
  one.right <= between.right + EPSILON_MM &&
  one.low < between.high - EPSILON_MM &&
  one.high > between.low + EPSILON_MM;

/** Whether something stands between two that hang over one another: wholly up, and at least partly across. */
const isInColumn = (one: Ends, between: Ends): boolean =>
  one.low >= between.low - EPSILON_MM &&
  one.high <= between.high + EPSILON_MM &&
  one.left < between.right - EPSILON_MM &&
  one.right > between.left + EPSILON_MM;
