import { elementAt } from '../../../base/list';
import type { Mm } from '../../../base/units';
import { boundsOf, boxesMeet, crossing, distance, nearestOnEdges, type Point } from '../../../geometry/plane';
import { wideAt, type Floor } from './cutFloor';
import { cellsAround, centreOf, neighboursOf, squareFrom } from './grid';

/**
 * A place that people have to reach: a door's line, or anything within reachMm of a shape. `over`: it is reached with the
 * hand, over what is no higher than this; else one gets up to it on foot.
 */
export type Aim = { id: string; name: string; shape: readonly Point[]; reachMm: Mm; over?: Mm };

type Wanted = (k: number) => boolean;

/** The cells from which a place is reached, one after the other; of these the wanted ones. */
export const zoneOf = (floor: Floor, aim: Aim, isWanted: Wanted = () => true): Generator<number> =>
  aim.over === undefined ? onFoot(floor, aim, isWanted) : byHand(floor, aim, aim.over, isWanted);

/**
 * From where one gets to a place without going through anything: beside it, and from there so far as it is in reach. The last
 * steps may be taken sideways. Away from the place first, so that somebody who only asks whether there is room soon knows.
 */
function* onFoot(floor: Floor, { shape, reachMm }: Aim, isWanted: Wanted): Generator<number> {
  const { grid, free, sidewaysMm } = floor;
  const passes = (k: number) => free[k] === 1 && wideAt(floor, k) >= sidewaysMm - grid.cell;
  const near = obstaclesNear(floor, shape, sidewaysMm);
  const known = new Set<number>();
  for (const beside of freeWithin(floor, shape, sidewaysMm)) {
    const from = centreOf(grid, beside);
    if (known.has(beside) || !passes(beside)) continue;
    if (isBetween(near, from, nearestOnEdges(from, shape).point)) continue;
    known.add(beside);
    const next = [beside];
    for (let k = next.pop(); k !== undefined; k = next.pop()) {
      if (isWanted(k)) yield k;
      neighboursOf(grid, k, (neighbour) => {
        if (known.has(neighbour) || !passes(neighbour)) return;
        known.add(neighbour);
        const { xMm, yMm } = centreOf(grid, neighbour);
        if (squareFrom(xMm, yMm, shape) <= reachMm * reachMm) next.push(neighbour);
      });
    }
  }
}

/** From where one reaches to a place with the hand: nothing higher stands between. */
function* byHand(floor: Floor, { shape, reachMm }: Aim, over: Mm, isWanted: Wanted): Generator<number> {
  const high = floor.obstacles.filter((o) => o.wall || o.topMm > over);
  for (const k of freeWithin(floor, shape, reachMm)) {
    // sight is dear: it is asked last
    if (!isWanted(k)) continue;
    const from = centreOf(floor.grid, k);
    if (!isBetween(high, from, nearestOnEdges(from, shape).point)) yield k;
  }
}

/** What is near enough to a shape to stand between it and somebody beside it. */
const obstaclesNear = ({ obstacles, bounds }: Floor, shape: readonly Point[], mm: Mm): Floor['obstacles'] => {
  const { xMm, yMm, widthMm, heightMm } = boundsOf(shape);
  const around = { xMm: xMm - mm, yMm: yMm - mm, widthMm: widthMm + 2 * mm, heightMm: heightMm + 2 * mm };
  return obstacles.filter((_, i) => boxesMeet(elementAt(bounds, i), around));
};

function* freeWithin({ grid, free }: Floor, shape: readonly Point[], reachMm: Mm): Generator<number> {
  for (const k of cellsAround(grid, shape, reachMm)) {
    if (!free[k]) continue;
    const { xMm, yMm } = centreOf(grid, k);
    if (squareFrom(xMm, yMm, shape) <= reachMm * reachMm) yield k;
  }
}

/** Nearer than this to the end of a line of sight a thing is what is looked at. */
const AT_THE_END: Mm = 1;

function isBetween(obstacles: Floor['obstacles'], from: Point, to: Point): boolean {
  return obstacles.some(({ shape }) => {
    const edges = shape.length === 2 ? 1 : shape.length;
    for (let e = 0; e < edges; e++) {
      const met = crossing(from, to, elementAt(shape, e), elementAt(shape, (e + 1) % shape.length));
      if (met !== undefined && distance(met, to) > AT_THE_END) return true;
    }
    return false;
  });
}
