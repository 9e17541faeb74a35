import type { Mm } from '../../../base/units';
import { crossing, distance, type Point } from '../../../geometry/plane';
import { wideAt, type Floor } from './cutFloor';
import { cellsAround, centreOf, neighboursOf, squareFrom, type Grid } from './grid';
import { nearestTo } from './roomAt';

/**
 * A place that people have to reach: a door's line, or anything within reachMm of a shape. `over`: it is reached with the
 * hand, over what is no higher than this; else one gets up to it on foot.
 */
export type Aim = { id: string; name: string; shape: readonly Point[]; reachMm: Mm; over?: Mm };

/** The last steps to a place are taken sideways where that is as wide as this. */
const SIDEWAYS: Mm = 200;

/** The cells from which a place is reached, one after the other. */
export const zoneOf = (floor: Floor, aim: Aim): Generator<number> =>
  aim.over === undefined ? onFoot(floor, aim) : byHand(floor, aim, aim.over);

/** From where one gets to a place without going through anything: beside it, and from there so far as it is in reach. */
function* onFoot(floor: Floor, { shape, reachMm }: Aim): Generator<number> {
  const { grid, free } = floor;
  const passes = (k: number) => free[k] === 1 && wideAt(floor, k) >= SIDEWAYS - grid.cell;
  const beside = SIDEWAYS / 2 + grid.cell;
  const zone = cellsWithin(grid, shape, beside).filter(passes);
  const known = new Set(zone);
  for (let n = 0; n < zone.length; n++) {
    const k = zone[n]!;
    yield k;
    neighboursOf(grid, k, (next) => {
      if (known.has(next) || !passes(next)) return;
      known.add(next);
      const { xMm, yMm } = centreOf(grid, next);
      if (squareFrom(xMm, yMm, shape) <= reachMm * reachMm) zone.push(next);
    });
  }
}

/** From where one reaches to a place with the hand: nothing higher stands between. */
function* byHand({ grid, free, obstacles }: Floor, { shape, reachMm }: Aim, over: Mm): Generator<number> {
  const high = obstacles.filter((o) => o.wall || o.topMm > over);
  for (const k of cellsWithin(grid, shape, reachMm)) {
    const from = centreOf(grid, k);
    if (free[k] && !isBetween(high, from, nearestTo(from, shape).point)) yield k;
  }
}

function cellsWithin(grid: Grid, shape: readonly Point[], reachMm: Mm): number[] {
  const cells: number[] = [];
  cellsAround(grid, shape, reachMm, (k, x, y) => {
    if (squareFrom(x, y, shape) <= reachMm * reachMm) cells.push(k);
  });
  return cells;
}

/** Nearer than this to the end of a line of sight a thing is what is looked at. */
const AT_THE_END: Mm = 1;

function isBetween(obstacles: Floor['obstacles'], from: Point, to: Point): boolean {
  return obstacles.some(({ shape }) => {
    const edges = shape.length === 2 ? 1 : shape.length;
    for (let e = 0; e < edges; e++) {
      const met = crossing(from, to, shape[e]!, shape[(e + 1) % shape.length]!);
      if (met && distance(met, to) > AT_THE_END) return true;
    }
    return false;
  });
}
