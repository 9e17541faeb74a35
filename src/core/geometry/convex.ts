import { elementAt } from '../base/list';
import type { Mm, SquareMm } from '../base/units';
import { boundsOf, boxesMeet, polygonArea, type Point } from './plane';

/** A straight rule of a plane: what is kept is where it is not negative. */
export type Keep = (p: Point) => number;

/** What is smaller than this is nothing. */
const CRUMB: SquareMm = 1;

/** The part of a convex polygon on one side of a line. `keep` must be linear. Empty when nothing is left. */
export function clipBy(polygon: readonly Point[], keep: Keep): Point[] {
  const part: Point[] = [];
  polygon.forEach((p, i) => {
    const q = elementAt(polygon, (i + 1) % polygon.length);
    const [kp, kq] = [keep(p), keep(q)];
    if (kp >= 0) part.push(p);
    if (kp * kq < 0) {
      const t = kp / (kp - kq);
      part.push({ xMm: p.xMm + t * (q.xMm - p.xMm), yMm: p.yMm + t * (q.yMm - p.yMm) });
    }
  });
  return part;
}

/** Lines along the edges of a convex polygon, positive inside it. */
function edgesOf(polygon: readonly Point[]): Keep[] {
  const turn = Math.sign(polygonArea(polygon));
  return polygon.map((a, i) => {
    const b = elementAt(polygon, (i + 1) % polygon.length);
    const [dx, dy] = [b.xMm - a.xMm, b.yMm - a.yMm];
    return (p) => turn * (dx * (p.yMm - a.yMm) - dy * (p.xMm - a.xMm));
  });
}

/** What two convex polygons share (Sutherland and Hodgman, Comm. ACM 17, 1974). Empty when nothing. */
export const sharedPart = (subject: readonly Point[], clip: readonly Point[]): Point[] =>
  edgesOf(clip).reduce<Point[]>((part, keep) => clipBy(part, keep), [...subject]);

/** A convex polygon without the part that another covers, as convex pieces. */
export function without(polygon: readonly Point[], cover: readonly Point[]): Point[][] {
  if (cover.length < 3 || !boxesMeet(boundsOf(polygon), boundsOf(cover))) return [[...polygon]];
  const pieces: Point[][] = [];
  let left: Point[] = [...polygon];
  for (const keep of edgesOf(cover)) {
    const outside = clipBy(left, (p) => -keep(p));
    if (isSome(outside)) pieces.push(outside);
    left = clipBy(left, keep);
    if (!isSome(left)) return pieces;
  }
  return pieces;
}

/** Whether there is anything of a polygon. */
export const isSome = (polygon: readonly Point[]): boolean =>
  polygon.length > 2 && Math.abs(polygonArea(polygon)) > CRUMB;

/**
 * How deep two convex polygons are in each other: the least by which one would have to be moved off the other, across one of
 * their edges; 0 where they are clear of each other (separating axes: S. Gottschalk, UNC TR96-024, 1996; from memory).
 */
export function overlapDepth(one: readonly Point[], other: readonly Point[]): Mm {
  let leastMm = Infinity;
  for (const shape of [one, other])
    for (const [i, a] of shape.entries()) {
      const b = elementAt(shape, (i + 1) % shape.length);
      const lengthMm = Math.hypot(b.xMm - a.xMm, b.yMm - a.yMm);
      const across = (p: Point) => (p.xMm * (b.yMm - a.yMm) - p.yMm * (b.xMm - a.xMm)) / lengthMm;
      const [ofOne, ofOther] = [one.map(across), other.map(across)];
      const byMm = Math.min(
        Math.max(...ofOne) - Math.min(...ofOther),
        Math.max(...ofOther) - Math.min(...ofOne),
      );
      if (byMm <= 0) return 0;
      leastMm = Math.min(leastMm, byMm);
    }
  return leastMm;
}

/** The smallest convex polygon round some points (Andrew, Inf. Proc. Letters 9, 1979). */
export function hullOf(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a.xMm - b.xMm || a.yMm - b.yMm);
  if (sorted.length < 3) return sorted;
  const half = (from: readonly Point[]): Point[] => {
    const chain: Point[] = [];
    for (const p of from) {
      while (
        chain.length > 1 &&
        turns(elementAt(chain, chain.length - 2), elementAt(chain, chain.length - 1), p) <= 0
      )
        chain.pop();
      chain.push(p);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}

const turns = (a: Point, b: Point, c: Point): number =>
  (b.xMm - a.xMm) * (c.yMm - a.yMm) - (b.yMm - a.yMm) * (c.xMm - a.xMm);
