import { elementAt } from '../../../base/list';
import type { Mm } from '../../../base/units';
import {
  boundsOf,
  boxesMeet,
  crossing,
  distance,
  edgesOf,
  nearestOnEdges,
  type Point,
} from '../../../geometry/plane';
import { wideAt, type Floor } from './cutFloor';
import { cellsAround, centreOf, neighboursOf, squareFrom, type Grid } from './grid';

/**
 * A place that people have to reach: a door's line, or anything within reachMm of a shape. `over`: it is reached with the
 * hand, over what is no higher than this; else one gets up to it on foot.
 */
export type Aim = { id: string; name: string; shape: readonly Point[]; reachMm: Mm; over?: Mm };

/** The cells from which a place is reached, one after the other. */
export const zoneOf = (floor: Floor, aim: Aim): Generator<number> =>
  aim.over === undefined ? onFoot(floor, aim) : byHand(floor, aim, aim.over);

/**
 * From where one gets to a place without going through anything: beside it, and from there so far as it is in reach. The last
 * steps may be taken sideways.
 */
function* onFoot(floor: Floor, { shape, reachMm }: Aim): Generator<number> {
  const { grid, free, sidewaysMm } = floor;
  const passes = (k: number) => free[k] === 1 && wideAt(floor, k) >= sidewaysMm - grid.cell;
  const near = obstaclesNear(floor, shape, sidewaysMm);
  const zone = cellsWithin(grid, shape, sidewaysMm).filter((k) => {
    const from = centreOf(grid, k);
    return passes(k) && !isBetween(near, from, nearestOnEdges(from, shape).point);
  });
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
    if (free[k] && !isBetween(high, from, nearestOnEdges(from, shape).point)) yield k;
  }
}

/** What is near enough to a shape to stand between it and somebody beside it. */
const obstaclesNear = ({ obstacles, bounds }: Floor, shape: readonly Point[], mm: Mm): Floor['obstacles'] => {
  const { xMm, yMm, widthMm, heightMm } = boundsOf(shape);
  const around = { xMm: xMm - mm, yMm: yMm - mm, widthMm: widthMm + 2 * mm, heightMm: heightMm + 2 * mm };
  return obstacles.filter((_, i) => boxesMeet(elementAt(bounds, i), around));
};

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
  return obstacles.some(({ shape }) =>
    edgesOf(shape).some(([a, b]) => {
      const met = crossing(from, to, a, b);
      return met !== undefined && distance(met, to) > AT_THE_END;
    }),
  );
}
