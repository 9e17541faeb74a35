import type { Deg, Mm } from '../../base/units';
import { step, wayOf, type Point } from '../../geometry/plane';
import type { Place3 } from '../../geometry/space';
import type { SpotAddress } from '../../model/types';
import type { PartKind } from './parts';

/**
 * Where something can be put: a part of a piece, of a fitting, of an opening or of a placed thing. It is computed and never
 * stored. Turned by 0 its back is to the north.
 */
export type Spot = SpotAddress & {
  kind: PartKind;
  /** The name of what it is a part of, and how many of its kind that has. */
  name: string;
  partsOfKind: number;
  /** The piece, fitting or opening that it is a part of, or that carries the thing it is a part of. */
  root: string;
  middle: Point;
  turnDeg: Deg;
  zMm: Mm;
  widthMm: Mm;
  depthMm: Mm;
  /** Round or oval from above. */
  round: boolean;
  /** Free height to the next board of its own; null where nothing of its own is above it. */
  clearMm: Mm | null;
};

export const addressOf = ({ of, part }: SpotAddress): string => `${of}/${part}`;
export const isAt = (a: SpotAddress, b: SpotAddress): boolean => a.of === b.of && a.part === b.part;
/** `bay2` is the second of its kind. */
export const numberOfPart = (part: string): number | null => {
  const digits = /[0-9]+$/.exec(part)?.[0];
  return digits === undefined ? null : Number(digits);
};

const isSameSpot = (a: Spot, b: Spot): boolean =>
  a.kind === b.kind &&
  a.name === b.name &&
  a.partsOfKind === b.partsOfKind &&
  a.root === b.root &&
  a.middle.xMm === b.middle.xMm &&
  a.middle.yMm === b.middle.yMm &&
  a.turnDeg === b.turnDeg &&
  a.zMm === b.zMm &&
  a.widthMm === b.widthMm &&
  a.depthMm === b.depthMm &&
  a.round === b.round &&
  a.clearMm === b.clearMm;

/** Spots with those of before kept where nothing of theirs changed, so that what is on them is known to stand as it did. */
export function keepSpots(now: readonly Spot[], previous: readonly Spot[] = []): Spot[] {
  const before = new Map(previous.map((spot) => [addressOf(spot), spot]));
  return now.map((spot) => {
    const known = before.get(addressOf(spot));
    return known && isSameSpot(known, spot) ? known : spot;
  });
}

export const middleOf = ({ middle, zMm }: Spot): Place3 => ({ ...middle, zMm });

/** A place on a spot: so far from its left end as one faces it, and so far out from its back edge. */
export function pointOn({ middle, turnDeg, widthMm, depthMm }: Spot, xMm: Mm, outMm: Mm): Point {
  const along = step(middle, wayOf(turnDeg + 90), xMm - widthMm / 2);
  return step(along, wayOf(turnDeg + 180), outMm - depthMm / 2);
}
