import { CRUMB_MM } from '../../base/tolerance';
import type { Mm } from '../../base/units';
import { alongWay, pastOval, wayOf, type Point } from '../../geometry/plane';
import type { Item, Placement } from '../../model/types';
import { footprint } from '../place';
import { seenOn, type Standing } from '../placed';
import type { Spot } from './spot';

/** How far something stands out past the edge of what it is on, and whether its middle does; below 0 while it is within. */
export type PastEdge = { byMm: Mm; isMiddleOff: boolean };

/** What is thrown on a wheel, turned or grown: as it stands it is round from above. */
const TURNED: ReadonlySet<Item['kind']> = new Set([
  'vase',
  'candle',
  'plant',
  'stem',
  'bowl',
  'pot',
  'candlestick',
  'dome',
  'lampBase',
  'lampshade',
]);
const UPRIGHT: ReadonlySet<Placement['lie']> = new Set(['standing', 'overturned']);
export const isRoundFromAbove = ({ item, placement }: Omit<EdgeThing, 'at'>): boolean =>
  UPRIGHT.has(placement.lie) && (item.round || TURNED.has(item.kind));

type EdgeThing = { item: Pick<Item, 'kind' | 'round'>; placement: Pick<Placement, 'lie'>; at: Standing };

/** How far a thing stands out past the edge of a spot, mm. */
export function pastEdge(spot: Spot, thing: EdgeThing): PastEdge {
  return spot.round ? pastRound(spot, thing) : pastSides(spot, thing.at);
}

function pastSides(spot: Spot, at: Standing): PastEdge {
  const { fromMm, toMm, outMm, depthMm } = seenOn(spot, at);
  const [alongMm, middleMm] = [(fromMm + toMm) / 2, outMm + depthMm / 2];
  return {
    byMm: Math.max(-fromMm, toMm - spot.widthMm, -outMm, outMm + depthMm - spot.depthMm),
    isMiddleOff: Math.max(-alongMm, alongMm - spot.widthMm, -middleMm, middleMm - spot.depthMm) > CRUMB_MM,
  };
}

function pastRound(spot: Spot, thing: EdgeThing): PastEdge {
  const outline = footprint({ ...thing.at, round: isRoundFromAbove(thing) });
  return {
    byMm: Math.max(...outline.map((point) => pastEdgeOfRound(spot, point))),
    isMiddleOff: pastEdgeOfRound(spot, thing.at) > CRUMB_MM,
  };
}

/** How far a point is out past the edge of a round spot. */
const pastEdgeOfRound = ({ middle, turnDeg, widthMm, depthMm }: Spot, point: Point): Mm => {
  const xMm = alongWay(middle, point, wayOf(turnDeg + 90));
  const yMm = alongWay(middle, point, wayOf(turnDeg + 180));
  return pastOval({ xMm, yMm }, widthMm, depthMm);
};
