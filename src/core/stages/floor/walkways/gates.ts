import type { Mm } from '../../../base/units';
import { apart, boundsOf, distance, edgesOf, nearestOnSegment, type Point } from '../../../geometry/plane';

/** Something one cannot walk through, convex: a polygon, or a stretch of wall given by two points. */
export type Obstacle = { id: string; name: string; shape: readonly Point[]; wall: boolean; topMm: Mm };

/** A gap between two obstacles, or beside one: how wide it is, from where to where, and their names. */
export type Gate = { mm: Mm; at: [Point, Point]; between: [string, string | null] };

/** Nobody gets between things that touch, and a corner of two walls is no passage. */
const TOUCHES: Mm = 0.5;
const HAIR: Mm = 0.01;

/** All gaps that are narrower than a width, the widest first. */
export function gatesBetween(obstacles: readonly Obstacle[], widthMm: Mm): Gate[] {
  const gates: Gate[] = [];
  const boxes = obstacles.map((o) => boundsOf(o.shape));
  for (let i = 0; i < obstacles.length; i++) {
    for (let j = i + 1; j < obstacles.length; j++) {
      const [a, b] = [boxes[i]!, boxes[j]!];
      const dx = Math.max(0, a.xMm - b.xMm - b.widthMm, b.xMm - a.xMm - a.widthMm);
      const dy = Math.max(0, a.yMm - b.yMm - b.heightMm, b.yMm - a.yMm - a.heightMm);
      if (Math.hypot(dx, dy) >= widthMm) continue;
      const gate = gateBetween(obstacles[i]!, obstacles[j]!);
      if (gate.mm < widthMm - HAIR && gate.mm >= TOUCHES) gates.push(gate);
    }
  }
  return gates.sort((a, b) => b.mm - a.mm || before(a.at[0], b.at[0]));
}

const before = (a: Point, b: Point): number => a.yMm - b.yMm || a.xMm - b.xMm;

/** Furniture is named before a wall, and always in the same order. */
export const isNamedBefore = (a: Obstacle, b: Obstacle): boolean => {
  if (a.wall !== b.wall) return b.wall;
  return `${a.name} ${a.id}` <= `${b.name} ${b.id}`;
};

function gateBetween(a: Obstacle, b: Obstacle): Gate {
  const [one, other] = isNamedBefore(a, b) ? [a, b] : [b, a];
  const { mm, from, to } = apart(one.shape, other.shape);
  const at = mm < TOUCHES ? ([from, to] as [Point, Point]) : middleOfGap(one.shape, other.shape, mm);
  return { mm, at, between: [one.name, other.name] };
}

/** Sides that run side by side are equally near all along: the gap is told in the middle of that. */
function middleOfGap(one: readonly Point[], other: readonly Point[], mm: Mm): [Point, Point] {
  const nearest: [Point, Point][] = [];
  const look = (points: readonly Point[], shape: readonly Point[], add: (p: Point, q: Point) => void) => {
    for (const p of points)
      for (const [a, b] of edgesOf(shape)) {
        const q = nearestOnSegment(p, a, b);
        if (distance(p, q) < mm + HAIR) add(p, q);
      }
  };
  look(one, other, (p, q) => nearest.push([p, q]));
  look(other, one, (p, q) => nearest.push([q, p]));
  return [middleOf(nearest.map(([p]) => p)), middleOf(nearest.map(([, q]) => q))];
}

/** The middle of points that lie on a line. */
function middleOf(points: readonly Point[]): Point {
  const sorted = [...points].sort((a, b) => (Math.abs(a.xMm - b.xMm) > HAIR ? a.xMm - b.xMm : a.yMm - b.yMm));
  const [a, b] = [sorted[0]!, sorted[sorted.length - 1]!];
  return { xMm: (a.xMm + b.xMm) / 2, yMm: (a.yMm + b.yMm) / 2 };
}
