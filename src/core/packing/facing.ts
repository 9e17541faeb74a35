import type { Mm } from '../base/units';

/** A gap smaller than this is none. */
export const EPSILON_MM: Mm = 1e-6;

type Sized = { widthMm: Mm; heightMm: Mm; xMm: Mm; yMm: Mm };

/** Distances between frames that face each other with nothing between them, mm. */
export function facing(placed: readonly Sized[]): Mm[] {
  const found: Mm[] = [];
  placed.forEach((p, i) => {
    for (let j = i + 1; j < placed.length; j++) {
      const q = placed[j]!;
      const [dx, dy] = [
        Math.abs(p.xMm - q.xMm) - (p.widthMm + q.widthMm) / 2,
        Math.abs(p.yMm - q.yMm) - (p.heightMm + q.heightMm) / 2,
      ];
      if (dx >= 0 === dy >= 0) continue;
      const along = dx >= 0;
      const between = placed.some((r) => r !== p && r !== q && liesBetween(p, q, r, along));
      if (!between) found.push(along ? dx : dy);
    }
  });
  return found;
}
function liesBetween(p: Sized, q: Sized, r: Sized, along: boolean): boolean {
  const [a, b] = along
    ? [p.xMm < q.xMm ? p : q, p.xMm < q.xMm ? q : p]
    : [p.yMm < q.yMm ? p : q, p.yMm < q.yMm ? q : p];
  const pos = (s: Sized) => (along ? s.xMm : s.yMm);
  const half = (s: Sized) => (along ? s.widthMm : s.heightMm) / 2;
  const across = (s: Sized) => (along ? s.yMm : s.xMm);
  const wide = (s: Sized) => (along ? s.heightMm : s.widthMm) / 2;
  if (pos(r) - half(r) < pos(a) + half(a) - EPSILON_MM || pos(r) + half(r) > pos(b) - half(b) + EPSILON_MM)
    return false;
  const [low, high] = [
    Math.max(across(a) - wide(a), across(b) - wide(b)),
    Math.min(across(a) + wide(a), across(b) + wide(b)),
  ];
  return across(r) - wide(r) < high - EPSILON_MM && across(r) + wide(r) > low + EPSILON_MM;
}
