import { elementAt, first } from '../base/list';
import type { Deg, Mm, SquareMm } from '../base/units';

/** A point of the plan: x to the east, y to the south, mm. */
export type Point = { xMm: Mm; yMm: Mm };
/** An upright box on an elevation: x from the wall's left end, y up from the floor datum, mm. */
export type Box = { xMm: Mm; yMm: Mm; widthMm: Mm; heightMm: Mm };

// a root is several times as quick as Math.hypot, whose care for huge numbers no room needs
export const distance = (a: Point, b: Point): Mm => Math.sqrt((a.xMm - b.xMm) ** 2 + (a.yMm - b.yMm) ** 2);

/** Signed area of a polygon; positive when its corners run clockwise on the plan (y grows to the south). */
export function polygonArea(points: readonly Point[]): SquareMm {
  let twice = 0;
  points.forEach((p, i) => {
    const q = elementAt(points, (i + 1) % points.length);
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
    const q = elementAt(points, (i + 1) % points.length);
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

/** The point of a segment that is nearest to another. */
export function nearestOnSegment(point: Point, a: Point, b: Point): Point {
  const t = alongSegment(point, a, b);
  return { xMm: a.xMm + t * (b.xMm - a.xMm), yMm: a.yMm + t * (b.yMm - a.yMm) };
}

export const distanceToSegment = (point: Point, a: Point, b: Point): Mm =>
  distance(point, nearestOnSegment(point, a, b));

/** The point of a shape's edges (a polygon, or a segment given by two points) that is nearest, and how far that is. */
export function nearestOnEdges(point: Point, shape: readonly Point[]): { mm: Mm; point: Point } {
  let best = { mm: Infinity, point };
  for (const [a, b] of edgesOf(shape)) {
    const near = nearestOnSegment(point, a, b);
    const mm = distance(point, near);
    if (mm < best.mm) best = { mm, point: near };
  }
  return best;
}

/** Corners of a turned rectangle, clockwise on the plan; turn 0 has its back to the north. */
export function turnedCorners(centre: Point, widthMm: Mm, depthMm: Mm, turnDeg: Deg): Point[] {
  const a = (turnDeg * Math.PI) / 180;
  const c = Math.cos(a);
  const s = Math.sin(a);
  return (
    [
      [-1, -1],
      [1, -1],
      [1, 1],
      [-1, 1],
    ] as const
  ).map(([u, v]) => {
    const x = (u * widthMm) / 2;
    const y = (v * depthMm) / 2;
    return { xMm: centre.xMm + x * c - y * s, yMm: centre.yMm + x * s + y * c };
  });
}

/** So many sides stand for a round outline: nowhere further out than it by more than half a hundredth of its half width. */
const ROUND_SIDES = 32;

/**
 * A turned circle or oval as a polygon that touches it with the middle of each side: as wide and as deep as it is to the
 * front, the sides and half way between them.
 */
export function turnedOval(centre: Point, widthMm: Mm, depthMm: Mm, turnDeg: Deg): Point[] {
  const half = Math.PI / ROUND_SIDES;
  const reach = 1 / Math.cos(half) / 2;
  const [along, out] = [wayOf(turnDeg + 90), wayOf(turnDeg + 180)];
  return Array.from({ length: ROUND_SIDES }, (_, i) => {
    const angle = (2 * i + 1) * half;
    const side = step(centre, along, Math.sin(angle) * reach * widthMm);
    return step(side, out, -Math.cos(angle) * reach * depthMm);
  });
}

/** How far a point is out past an oval round the origin, in the point's direction; below 0 while it is on it. */
export function pastOval({ xMm, yMm }: Point, widthMm: Mm, depthMm: Mm): Mm {
  // so many times as far out as the edge is
  const times = Math.hypot(xMm / (widthMm / 2), yMm / (depthMm / 2));
  return times === 0 ? -Math.min(widthMm, depthMm) / 2 : Math.hypot(xMm, yMm) * (1 - 1 / times);
}

export const overlapLength = (a0: Mm, a1: Mm, b0: Mm, b1: Mm): Mm =>
  Math.max(0, Math.min(a1, b1) - Math.max(a0, b0));

export const boxesOverlap = (a: Box, b: Box, toleranceMm: Mm = 0.5): boolean =>
  overlapLength(a.xMm, a.xMm + a.widthMm, b.xMm, b.xMm + b.widthMm) > toleranceMm &&
  overlapLength(a.yMm, a.yMm + a.heightMm, b.yMm, b.yMm + b.heightMm) > toleranceMm;

/** Where two segments cross; undefined when they do not, or run side by side. */
export function crossing(a: Point, b: Point, c: Point, d: Point): Point | undefined {
  const [rx, ry, sx, sy] = [b.xMm - a.xMm, b.yMm - a.yMm, d.xMm - c.xMm, d.yMm - c.yMm];
  const cross = rx * sy - ry * sx;
  if (Math.abs(cross) < 1e-9) return undefined;
  const t = ((c.xMm - a.xMm) * sy - (c.yMm - a.yMm) * sx) / cross;
  const u = ((c.xMm - a.xMm) * ry - (c.yMm - a.yMm) * rx) / cross;
  return t >= 0 && t <= 1 && u >= 0 && u <= 1 ? { xMm: a.xMm + t * rx, yMm: a.yMm + t * ry } : undefined;
}

/** Edges of a polygon, or the one of a segment. */
export const edgesOf = (points: readonly Point[]): (readonly [Point, Point])[] =>
  points.length === 2
    ? [[first(points), elementAt(points, 1)]]
    : points.map((p, i) => [p, elementAt(points, (i + 1) % points.length)] as const);

/** A point of a shape that lies in a polygon, where its first point does. */
function pointWithin(polygon: readonly Point[], shape: readonly Point[]): Point | undefined {
  const [first] = shape;
  return first && polygon.length > 2 && insidePolygon(first, polygon, 0) ? first : undefined;
}

/**
 * How far two shapes (polygons, or segments given by two points) are apart, and from where to where; 0 when
 * they touch or one lies in the other.
 */
export function apart(one: readonly Point[], other: readonly Point[]): { mm: Mm; from: Point; to: Point } {
  if (boxesMeet(boundsOf(one), boundsOf(other))) {
    const overlap = pointWithin(one, other) ?? pointWithin(other, one);
    if (overlap) return { mm: 0, from: overlap, to: overlap };
    for (const [a, b] of edgesOf(one))
      for (const [c, d] of edgesOf(other)) {
        const met = crossing(a, b, c, d);
        if (met) return { mm: 0, from: met, to: met };
      }
  }
  // shapes that do not meet are nearest at a corner of one of them; plain numbers, since this is asked for
  // each pair of things in a room
  let best = Infinity;
  let [start, end] = [first(one), first(other)];
  const cornersOf = (corners: readonly Point[], edges: readonly Point[], ofOne: boolean) => {
    const n = edges.length === 2 ? 1 : edges.length;
    for (const p of corners) {
      for (let e = 0; e < n; e++) {
        const a = edges[e]!;
        const b = edges[(e + 1) % edges.length]!;
        const [dx, dy] = [b.xMm - a.xMm, b.yMm - a.yMm];
        const square = dx * dx + dy * dy;
        const t =
          square === 0 ? 0 : Math.min(1, Math.max(0, ((p.xMm - a.xMm) * dx + (p.yMm - a.yMm) * dy) / square));
        const [x, y] = [a.xMm + t * dx, a.yMm + t * dy];
        const far = (p.xMm - x) * (p.xMm - x) + (p.yMm - y) * (p.yMm - y);
        if (far < best - 1e-6) {
          best = far;
          [start, end] = ofOne ? [p, { xMm: x, yMm: y }] : [{ xMm: x, yMm: y }, p];
        }
      }
    }
  };
  cornersOf(one, other, true);
  cornersOf(other, one, false);
  return { mm: distance(start, end), from: start, to: end };
}

/** Whether two boxes touch or lie over each other. */
export const boxesMeet = (a: Box, b: Box): boolean =>
  a.xMm <= b.xMm + b.widthMm &&
  b.xMm <= a.xMm + a.widthMm &&
  a.yMm <= b.yMm + b.heightMm &&
  b.yMm <= a.yMm + a.heightMm;

/** A way on the plan: turn 0 looks north, 90 east. */
export const wayOf = (turnDeg: Deg): Point => {
  const a = (turnDeg * Math.PI) / 180;
  return { xMm: whole(Math.sin(a)), yMm: whole(-Math.cos(a)) };
};
/** A quarter turn is one, however its sine was rounded. */
const whole = (n: number): number => (Math.abs(n) < 1e-12 ? 0 : n);
export const step = (origin: Point, way: Point, byMm: Mm): Point => ({
  xMm: origin.xMm + way.xMm * byMm,
  yMm: origin.yMm + way.yMm * byMm,
});
/** The way from a point to another that is not the same. */
export function wayBetween(start: Point, end: Point): Point {
  const mm = distance(start, end);
  return { xMm: (end.xMm - start.xMm) / mm, yMm: (end.yMm - start.yMm) / mm };
}
/** How far a point lies from another along a way. */
export const alongWay = (start: Point, end: Point, way: Point): Mm =>
  (end.xMm - start.xMm) * way.xMm + (end.yMm - start.yMm) * way.yMm;

export function boundsOf(points: readonly Point[]): Box {
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const { xMm, yMm } of points) {
    left = Math.min(left, xMm);
    right = Math.max(right, xMm);
    low = Math.min(low, yMm);
    high = Math.max(high, yMm);
  }
  return { xMm: left, yMm: low, widthMm: right - left, heightMm: high - low };
}
