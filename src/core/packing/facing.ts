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
      const [dx, dy] = [
        Math.abs(p.xMm - q.xMm) - (p.widthMm + q.widthMm) / 2,
        Math.abs(p.yMm - q.yMm) - (p.heightMm + q.heightMm) / 2,
      ];
      if (dx >= 0 === dy >= 0) continue;
      const isHorizontal = dx >= 0;
      const isBlocked = placed.some((r) => r !== p && r !== q && liesBetween(p, q, r, isHorizontal));
      if (!isBlocked) found.push(isHorizontal ? dx : dy);
    }
  });
  return found;
}
function liesBetween(p: Sized, q: Sized, r: Sized, isHorizontal: boolean): boolean {
  const [a, b] = isHorizontal
    ? [p.xMm < q.xMm ? p : q, p.xMm < q.xMm ? q : p]
    : [p.yMm < q.yMm ? p : q, p.yMm < q.yMm ? q : p];
  const pos = (s: Sized) => (isHorizontal ? s.xMm : s.yMm);
  const half = (s: Sized) => (isHorizontal ? s.widthMm : s.heightMm) / 2;
  const crossing = (s: Sized) => (isHorizontal ? s.yMm : s.xMm);
  const wide = (s: Sized) => (isHorizontal ? s.heightMm : s.widthMm) / 2;
  if (pos(r) - half(r) < pos(a) + half(a) - EPSILON_MM || pos(r) + half(r) > pos(b) - half(b) + EPSILON_MM)
    return false;
  const [low, high] = [
    Math.max(crossing(a) - wide(a), crossing(b) - wide(b)),
    Math.min(crossing(a) + wide(a), crossing(b) + wide(b)),
  ];
  return crossing(r) - wide(r) < high - EPSILON_MM && crossing(r) + wide(r) > low + EPSILON_MM;
}
