import type { Mm } from '../../../base/units';
import type { Point } from '../../../geometry/plane';
import { OPEN, wideAt, type Floor } from './cutFloor';
import { cellAt, centreOf, neighboursOf } from './grid';

/**
 * How one walks from some cells to others where it is never narrower than a width: keeping to the middle where there is
 * one, in straight lines where there is room.
 */
export function pathBetween(floor: Floor, from: readonly number[], to: readonly number[], mm: Mm): Point[] {
  const slack = 2 * floor.grid.cell;
  const cells =
    shortest(floor, from, new Set(to), mm, mm - slack) ?? shortest(floor, from, new Set(to), mm, 0);
  return cells ? straightened(floor, cells, mm - slack) : [];
}

/** The way of the fewest cells that have so much room; undefined where there is none. */
function shortest(
  floor: Floor,
  from: readonly number[],
  to: ReadonlySet<number>,
  mm: Mm,
  room: Mm,
): number[] | undefined {
  const { grid, free, gates, lyingAcross } = floor;
  const isOpen = (move: number): boolean => {
    const lies = lyingAcross[move]!;
    return lies === OPEN || (lies >= 0 && gates[lies]!.mm >= mm);
  };
  const queue = [...from];
  const cameFrom = new Map<number, number>(from.map((k) => [k, k]));
  for (let n = 0; n < queue.length; n++) {
    const k = queue[n]!;
    if (to.has(k)) return back(cameFrom, k);
    neighboursOf(grid, k, (next, move) => {
      if (!free[next] || cameFrom.has(next) || wideAt(floor, next) < room || !isOpen(move)) return;
      cameFrom.set(next, k);
      queue.push(next);
    });
  }
  return undefined;
}

function back(cameFrom: ReadonlyMap<number, number>, end: number): number[] {
  const cells = [end];
  for (let k = end; cameFrom.get(k) !== k; cells.push(k)) k = cameFrom.get(k)!;
  return cells.reverse();
}

/** The corners of a way, without those that a straight line with as much room can do without. */
function straightened(floor: Floor, cells: readonly number[], room: Mm): Point[] {
  const { grid, free } = floor;
  const hasRoom = (a: Point, b: Point): boolean => {
    const steps = Math.ceil((2 * Math.hypot(b.xMm - a.xMm, b.yMm - a.yMm)) / grid.cell);
    for (let s = 1; s < steps; s++) {
      const t = s / steps;
      const k = cellAt(grid, { xMm: a.xMm + t * (b.xMm - a.xMm), yMm: a.yMm + t * (b.yMm - a.yMm) });
      if (k < 0 || !free[k] || wideAt(floor, k) < room) return false;
    }
    return true;
  };
  const points = cells.map((k) => centreOf(grid, k));
  const corners = points.slice(0, 1);
  let last = 0;
  while (last < points.length - 1) {
    let next = points.length - 1;
    while (next > last + 1 && !hasRoom(points[last]!, points[next]!)) next--;
    corners.push(points[next]!);
    last = next;
  }
  return corners;
}
