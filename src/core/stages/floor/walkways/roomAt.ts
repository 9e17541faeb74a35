import { sum, type Mm } from '../../../base/units';
import { nearestOnEdges, type Point } from '../../../geometry/plane';
import type { Floor } from './cutFloor';
import { cellAt, centreOf } from './grid';

/** So often a stretch is cut in three to find its widest place. */
const CUTS = 24;
/** So often one goes on from there. */
const ROUNDS = 4;
/** Things that are equally near but for this are both in the way. */
const EQUALLY: Mm = 0.5;

/**
 * How wide a disc has room near the middle of a cell, moved to where it has most and the aim is still in reach; no more than
 * the floor was cut for.
 */
export function roomAt(floor: Floor, k: number, isInReach: (p: Point) => boolean): { mm: Mm; at: Point } {
  const { grid, widthMm, free } = floor;
  const around = floor.obstacles.filter(
    ({ shape }) => nearestOnEdges(centreOf(grid, k), shape).mm < widthMm / 2 + 3 * grid.cell,
  );
  let at = centreOf(grid, k);
  let mm = roomFor(around, at);
  for (let round = 0; round < ROUNDS; round++) {
    const way = wayOut(around, at);
    if (!way) break;
    const from = at;
    const along = (t: Mm): Point => ({ xMm: from.xMm + t * way.xMm, yMm: from.yMm + t * way.yMm });
    const best = along(widestAlong((t) => (isInReach(along(t)) ? roomFor(around, along(t)) : 0), grid.cell));
    const cell = cellAt(grid, best);
    const room = roomFor(around, best);
    if (room <= mm || cell < 0 || !free[cell] || !isInReach(best)) break;
    [at, mm] = [best, room];
  }
  return { mm: Math.min(mm, widthMm), at };
}

/** The way to more room: straight off what is nearest, or between the two that are; undefined where there is none. */
function wayOut(obstacles: Floor['obstacles'], at: Point): Point | undefined {
  const ways: Point[] = [];
  const least = nearest(obstacles, at);
  if (!least || least.mm === 0) return undefined;
  for (const { shape } of obstacles) {
    const { mm, point } = nearestOnEdges(at, shape);
    if (mm > 0 && mm < least.mm + EQUALLY)
      ways.push({ xMm: (at.xMm - point.xMm) / mm, yMm: (at.yMm - point.yMm) / mm });
  }
  const [x, y] = [sum(ways.map((w) => w.xMm)), sum(ways.map((w) => w.yMm))];
  const length = Math.hypot(x, y);
  return length > 1e-3 ? { xMm: x / length, yMm: y / length } : undefined;
}

/** Where a measure that rises and then falls is largest, from 0 to an end. */
function widestAlong(measure: (t: Mm) => Mm, end: Mm): Mm {
  let [low, high] = [0, end];
  for (let n = 0; n < CUTS; n++) {
    const third = (high - low) / 3;
    if (measure(low + third) < measure(high - third)) low += third;
    else high -= third;
  }
  return (low + high) / 2;
}

const roomFor = (obstacles: Floor['obstacles'], at: Point): Mm =>
  2 * (nearest(obstacles, at)?.mm ?? Infinity);

function nearest(obstacles: Floor['obstacles'], at: Point): { mm: Mm; point: Point } | undefined {
  let best: { mm: Mm; point: Point } | undefined;
  for (const { shape } of obstacles) {
    const found = nearestOnEdges(at, shape);
    if (!best || found.mm < best.mm) best = found;
  }
  return best;
}
