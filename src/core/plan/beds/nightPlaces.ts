import type { Mm } from '../../base/units';
import { apart, distance, type Point } from '../../geometry/plane';
import type { Finding } from '../../model/finding';
import type { Look, Piece } from '../../model/types';
import { extentOf, isLaid } from '../../room/lies';
import { footprint } from '../../room/place';
import { seenOn, type PlacedThing } from '../../room/placed';
import type { PartKind } from '../../room/spots/parts';
import { spotsOfPlaced } from '../../room/spots/placedSpots';
import { addressOf, isAt, type Spot } from '../../room/spots/spot';
import type { RuleBook } from '../../rules/book';
import type { BedPlan } from '../../stages/beds/bedPlan';

/** Where what comes off a bed is put for the night, and how much of it fits there. */
export type NightPlace = {
  pieceId: string;
  /** A spot of the room; null where it is only said in words, or not at all. */
  spot: Spot | null;
  /** What that is called; empty while nobody said. */
  where: string;
  count: number;
  /** All of it where nobody said which spot: what is only named is not measured. */
  fits: number;
};

type Room = {
  spots: readonly Spot[];
  placed: readonly PlacedThing[];
  pieces: readonly Piece[];
  rules: RuleBook;
};
/** A piece that comes off, lying flat. */
type Flat = { longMm: Mm; shortMm: Mm; highMm: Mm };
type Stretch = { lengthMm: Mm };
type Free = { stretches: Stretch[]; depthMm: Mm; highMm: Mm };

/** Parts on or in which textiles lie for a night: not on the floor, where one steps on them, nor near a fire. */
const TAKES_TEXTILES: ReadonlySet<PartKind> = new Set(['seat', 'top', 'lower', 'bay', 'inside']);

/** What comes off a bed for the night. */
function comingOff({ tiers, throws }: BedPlan, rules: RuleBook): Flat[] {
  const pillows = tiers.filter(({ kind }) => kind !== 'sham').flatMap((tier) => tier.pillows);
  const flat = ({ widthMm, depthMm, highMm }: { widthMm: Mm; depthMm: Mm; highMm: Mm }): Flat => ({
    longMm: Math.max(widthMm, depthMm),
    shortMm: Math.min(widthMm, depthMm),
    highMm,
  });
  return [
    ...pillows.map((p) => flat({ widthMm: p.useWidthMm, depthMm: p.useHeightMm, highMm: p.thicknessMm })),
    ...throws.map(({ item }) => {
      const { heightMm, ...size } = extentOf(item, { lie: 'folded', count: 1 }, rules);
      return flat({ ...size, highMm: heightMm });
    }),
  ].sort((a, b) => b.longMm - a.longMm || b.shortMm - a.shortMm);
}

/** A square in a circle, by the circle's width. */
const WITHIN_ROUND = Math.SQRT1_2;

/** What of a spot is free: its stretches on which nothing stands, from its left end, and how deep and high they are. */
function freeOn(spot: Spot, { placed, pieces }: Room): Free {
  const share = spot.round ? WITHIN_ROUND : 1;
  const [startMm, endMm] = [(spot.widthMm * (1 - share)) / 2, (spot.widthMm * (1 + share)) / 2];
  const things = placed.filter(({ placement }) => isAt(placement.spot, spot) && !isLaid(placement));
  const standing = pieces.filter((piece) => standsOn(piece, spot)).map((p) => ({ ...p, zMm: p.bottomMm }));
  const taken = [...things.map(({ at }) => at), ...standing]
    .map((at) => seenOn(spot, at))
    .sort((one, other) => one.fromMm - other.fromMm);
  const stretches: Stretch[] = [];
  let reachedMm = startMm;
  for (const { fromMm, toMm } of [...taken, { fromMm: endMm, toMm: endMm }]) {
    const lengthMm = Math.min(fromMm, endMm) - reachedMm;
    if (lengthMm > 0) stretches.push({ lengthMm });
    reachedMm = Math.max(reachedMm, toMm);
  }
  return { stretches, depthMm: spot.depthMm * share, highMm: spot.clearMm ?? Infinity };
}

/** Heights that differ by less are level. */
const LEVEL: Mm = 30;
/** A lamp, for example, that is measured as furniture. */
const standsOn = (piece: Piece, { kind, zMm, ...spot }: Spot): boolean =>
  kind === 'top' &&
  piece.bottomMm > 0 &&
  Math.abs(piece.bottomMm - zMm) <= LEVEL &&
  apart(footprint(piece), footprint({ ...spot, ...spot.middle })).mm === 0;

/** What lies further out than that falls, whatever a studio says. */
const MOST_PAST = 0.5;

/** How many pieces fit, in stacks beside each other; the stretches are taken up as they are filled. */
function stackOn(pieces: readonly Flat[], free: Free, rules: RuleBook): number {
  const most = Math.max(1, rules.number('beds.nightStack'));
  // what is soft lies well with some of it past the front
  const deepMm = free.depthMm / (1 - Math.min(MOST_PAST, rules.number('beds.nightPast')));
  const wideOf = ({ longMm, shortMm }: Flat) => (longMm <= deepMm ? shortMm : longMm);
  let left = pieces.filter(({ shortMm, highMm }) => shortMm <= deepMm && highMm <= free.highMm);
  let count = 0;
  for (let first = left[0]; first; first = left[0]) {
    const wideMm = wideOf(first);
    const stretch = free.stretches.find(({ lengthMm }) => lengthMm >= wideMm);
    // what is too wide for all that is left has no room; what is smaller may still have
    const stack = stretch ? stackOf(left, most, free.highMm) : [];
    if (stretch) stretch.lengthMm -= wideMm;
    count += stack.length;
    const gone = new Set(stretch ? stack : [first]);
    left = left.filter((piece) => !gone.has(piece));
  }
  return count;
}

/** The first pieces, as many as lie on each other. */
function stackOf(pieces: readonly Flat[], most: number, highMm: Mm): Flat[] {
  const stack: Flat[] = [];
  let reachedMm = 0;
  for (const piece of pieces) {
    if (stack.length === most || reachedMm + piece.highMm > highMm) continue;
    stack.push(piece);
    reachedMm += piece.highMm;
  }
  return stack;
}

/** Where what comes off the beds of a look is put for the night; two beds at one spot share it. */
export function nightPlaces(beds: readonly BedPlan[], night: Look['night'], room: Room): NightPlace[] {
  const freeAt = new Map<string, Free>();
  return beds.map((bed) => {
    const said = night.find(({ of }) => of === bed.pieceId);
    const address = said?.spot;
    const spot = (address && nightSpots(bed, room).find((s) => isAt(s, address))) ?? null;
    const common = { pieceId: bed.pieceId, spot, count: bed.toLiftOff };
    if (!spot) return { ...common, where: said?.whereabouts.trim() ?? '', fits: bed.toLiftOff };
    const free = freeAt.get(addressOf(spot)) ?? freeOn(spot, room);
    freeAt.set(addressOf(spot), free);
    return { ...common, where: spot.name, fits: stackOn(comingOff(bed, room.rules), free, room.rules) };
  });
}

/** Everything that textiles could lie on or in; the bed itself and what is on it are none. */
function nightSpots({ pieceId }: BedPlan, { spots, placed, rules }: Room): Spot[] {
  const elsewhere = placed.filter(({ on }) => on.id !== pieceId);
  return [...spots.filter(({ of }) => of !== pieceId), ...elsewhere.flatMap(spotsOfPlaced)].filter(
    ({ kind, zMm }) => TAKES_TEXTILES.has(kind) && zMm <= rules.number('beds.nightReach'),
  );
}

/** Spots on which all that comes off a bed has room, the nearest to the bed first. */
export function nightOffers(bed: BedPlan, at: Point, room: Room): Spot[] {
  const pieces = comingOff(bed, room.rules);
  return nightSpots(bed, room)
    .filter((spot) => stackOn(pieces, freeOn(spot, room), room.rules) === pieces.length)
    .sort((one, other) => distance(at, one.middle) - distance(at, other.middle));
}

/** Findings about what comes off at night: whether it has a place, and whether all of it fits there. */
export function judgeNights(nights: readonly NightPlace[], beds: readonly BedPlan[]): Finding[] {
  return nights.flatMap(({ pieceId, where, count, fits }): Finding[] => {
    if (count === 0) return [];
    const seat = beds.find((bed) => bed.pieceId === pieceId)?.name ?? '';
    const told = { stage: 'beds', about: [pieceId] } as const;
    if (where === '') return [{ ...told, code: 'night-no-place', level: 'caution', by: { seat, count } }];
    if (fits < count)
      return [
        {
          ...told,
          code: 'night-place-small',
          level: 'caution',
          rule: 'beds.nightStack',
          by: { seat, where, count, fits },
        },
      ];
    return [{ ...told, code: 'bed-lifted-off', level: 'ok', by: { seat, count, where } }];
  });
}
