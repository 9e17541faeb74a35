import { alongWay, wayOf } from '../../geometry/plane';
import type { Placement } from '../../model/types';
import type { PlacedThing } from '../placedThing';
import { within } from './putOn';
import { pointOn, type Spot } from './spot';

/** A thing on another spot than it was, in the same place of the room: what it stood on is taken away from under it. */
export function stayWhereItWas({ placement, at }: PlacedThing, spot: Spot): Placement {
  const from = pointOn(spot, 0, 0);
  return {
    ...placement,
    spot: { of: spot.of, part: spot.part },
    xMm: within(spot, alongWay(from, at, wayOf(spot.turnDeg + 90))),
    outMm: alongWay(from, at, wayOf(spot.turnDeg + 180)) - at.depthMm / 2,
    turnDeg: (at.turnDeg - spot.turnDeg) % 360,
  };
}
