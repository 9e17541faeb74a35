import type { Deg, Mm, SquareMm } from '../base/units';

/** A point of the plan: x to the east, y to the south, mm. */
export type Point = { xMm: Mm; yMm: Mm };
/** An upright box on an elevation: x from the wall's left end, y up from the floor datum, mm. */
export type Box = { xMm: Mm; yMm: Mm; widthMm: Mm; heightMm: Mm };

export const distance = (a: Point, b: Point): Mm => Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);

/** Signed area of a polygon; positive when its corners run clockwise on the plan (y grows to the south). */
export function polygonArea(points: readonly Point[]): SquareMm {
  let twice = 0;
  points.forEach((p, i) => {
    const q = points[(i + 1) % points.length]!;
    twice += p.xMm * q.yMm - q.xMm * p.yMm;
  });
  return twice / 2;
}

/** Centre of area of a simple polygon. */
export function polygonCentre(points: readonly Point[]): Point {
  const area = polygonArea(points);
  let x = 0;
  let y = 0;
  points.forEach((p, i) => {
    const q = points[(i + 1) % points.length]!;
    const cross = p.xMm * q.yMm - q.xMm * p.yMm;
    x += (p.xMm + q.xMm) * cross;
    y += (p.yMm + q.yMm) * cross;
  });
  return { xMm: x / (6 * area), yMm: y / (6 * area) };
}

/** Is the point inside or on the edge (within toleranceMm)? Ray casting; edges count as inside. */
export function insidePolygon(point: Point, polygon: readonly Point[], toleranceMm: Mm = 0.5): boolean {
  let inside = false;
  for (let i = 0; i < polygon.length; i++) {
    const a = polygon[i]!;
    const b = polygon[(i + 1) % polygon.length]!;
    if (distanceToSegment(point, a, b) <= toleranceMm) return true;
    if (a.yMm > point.yMm !== b.yMm > point.yMm) {
      const x = a.xMm + ((point.yMm - a.yMm) / (b.yMm - a.yMm)) * (b.xMm - a.xMm);
      if (point.xMm < x) inside = !inside;
    }
  }
  return inside;
}

/** How far along a→b (0 to 1, clamped) the nearest point to `point` lies. */
export function alongSegment(point: Point, a: Point, b: Point): number {
  const dx = b.xMm - a.xMm;
  const dy = b.yMm - a.yMm;
  const lengthSquared = dx * dx + dy * dy;
  if (lengthSquared === 0) return 0;
  return Math.min(1, Math.max(0, ((point.xMm - a.xMm) * dx + (point.yMm - a.yMm) * dy) / lengthSquared));
}

export function distanceToSegment(point: Point, a: Point, b: Point): Mm {
  const t = alongSegment(point, a, b);
  return distance(point, { xMm: a.xMm + t * (b.xMm - a.xMm), yMm: a.yMm + t * (b.yMm - a.yMm) });
}

/** Corners of a turned rectangle, clockwise on the plan; turn 0 has its back to the north. */
export function turnedCorners(centre: Point, widthMm: Mm, depthMm: Mm, turnDeg: Deg): Point[] {
  const a = (turnDeg * Math.PI) / 180;
  const c = Math.cos(a);
  const s = Math.sin(a);
  return ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as const).map(([u, v]) => {
    const x = (u * widthMm) / 2;
    const y = (v * depthMm) / 2;
    return { xMm: centre.xMm + x * c - y * s, yMm: centre.yMm + x * s + y * c };
  });
}

export const overlapLength = (a0: Mm, a1: Mm, b0: Mm, b1: Mm): Mm => Math.max(0, Math.min(a1, b1) - Math.max(a0, b0));

export const boxesOverlap = (a: Box, b: Box, toleranceMm: Mm = 0.5): boolean =>
  overlapLength(a.xMm, a.xMm + a.widthMm, b.xMm, b.xMm + b.widthMm) > toleranceMm &&
  overlapLength(a.yMm, a.yMm + a.heightMm, b.yMm, b.yMm + b.heightMm) > toleranceMm;
