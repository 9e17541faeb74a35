import { sameOr } from '../base/list';
import { sum, type Deg, type Mm } from '../base/units';
import { alongWay, wayOf, type Point } from '../geometry/plane';
import type { Item, Piece, Placement } from '../model/types';
import type { RuleBook } from '../rules/book';
import { extentAt, facing, isInTheMiddle, isOwnLie, isPropped, isStraight, type Extent } from './lies';
import { asBed, isMade, madeBox, topperThickness, withTopper } from './made';
import { isTabled, tabledBox } from './tableLinen';
import { spotsOfPlaced } from './spots/placedSpots';
import { pillowThickness } from './pillow';
import type { PlacedThing, Standing } from './placedThing';
import { addressOf, numberOfPart, pointOn, type Spot } from './spots/spot';
import { throwBox, throwHostOf, throwPath, type Draped } from './throws';

export type { PlacedThing, Standing } from './placedThing';

type Given = {
  spots: readonly Spot[];
  /** The pieces, for what is laid over their backs and arms. */
  pieces: ReadonlyMap<string, Piece>;
  items: ReadonlyMap<string, Item>;
  rules: RuleBook;
};

/** A thing where it stands, what it was worked out from, and the spots that it offers once something is on it. */
type Kept = { thing: PlacedThing; item: Item; behindMm: Mm | null; offers: readonly Spot[] | null };
/** A mattress that a topper makes higher, and the spot that it is without. */
type Raised = { from: Spot; byMm: Mm; spot: Spot };
/** Everything where it stands, with what the next plan may keep of it. */
export type Placing = {
  things: readonly PlacedThing[];
  rules: RuleBook;
  /** By placement; null for what stands nowhere. */
  byId: ReadonlyMap<string, Kept | null>;
  placements: readonly Placement[];
  inOrder: readonly (Kept | null)[];
  items: Given['items'];
  raised: ReadonlyMap<string, Raised>;
  offered: OfferedSpots;
};
/** The room's spots, to find one by its address. */
type OfferedSpots = {
  spots: readonly Spot[];
  all: ReadonlySet<Spot>;
  byAddress: ReadonlyMap<string, Spot>;
};

/**
 * Where everything stands that a look puts on furniture, on what is built in, and on or in other things. What is on
 * nothing, or in a circle, stands nowhere. In the order of the placements, however they carry each other. A thing that is as
 * it was in the previous plan, on the same spot, is the same object.
 */
export function placeThings(placements: readonly Placement[], given: Given, previous?: Placing): Placing {
  const offered = previous?.offered.spots === given.spots ? previous.offered : offeredSpots(given.spots);
  const spots = offered.byAddress;
  // few things carry others
  let byId: ReadonlyMap<string, Placement> | undefined;
  const placementOf = (id: string) => (byId ??= new Map(placements.map((p) => [p.id, p]))).get(id);
  const before = previous?.rules === given.rules ? previous : undefined;
  const raised = raisedByToppers(placements, spots, given, previous?.raised);
  const behind = rowsBehind(placements, given);
  const ofRoom = (address: string, isUnderAll: boolean): Spot | undefined =>
    (isUnderAll ? undefined : raised.get(address)?.spot) ?? spots.get(address);
  const placed = new Map<string, Kept | null>();

  /**
   * What stands on the very spot that it stood on before, whatever there is beside it. Most are at the same place in the
   * list.
   */
  function asBefore(placement: Placement, i: number): Kept | null {
    const isInPlace = before?.placements[i] === placement;
    const known = isInPlace ? before.inOrder[i] : before?.byId.get(placement.id);
    const isSame =
      known?.thing.placement === placement &&
      (before?.items === given.items || known.item === given.items.get(placement.itemId)) &&
      isOwnLie(placement.lie) &&
      known.behindMm === null &&
      isThere(known.thing);
    return isSame ? known : null;
  }
  /** Whether the spot of a thing still is: of the room, or of what carries it and is as it was. */
  function isThere({ spot, placement, carriers }: PlacedThing): boolean {
    if (carriers.length === 0)
      return offered.all.has(spot) && (raised.size === 0 || !raised.has(addressOf(placement.spot)));
    const under = placed.get(placement.spot.of);
    return under?.offers?.includes(spot) === true && before?.byId.get(placement.spot.of) === under;
  }

  function place(placement: Placement): Kept | null {
    const known = placed.get(placement.id);
    if (known !== undefined) return known;
    // what is reached again before it stands carries itself
    placed.set(placement.id, null);
    const address = addressOf(placement.spot);
    const carrier = spots.has(address) ? undefined : placementOf(placement.spot.of);
    const under = carrier ? place(carrier) : null;
    if (under) under.offers ??= spotsOfPlaced(under.thing);
    const item = given.items.get(placement.itemId);
    const spot = ofRoom(address, isTopper(placement, item)) ?? offeredBy(under, placement);
    if (!spot || !item) return null;
    const topperMm = raised.get(address)?.byMm ?? 0;
    const behindMm = behind(placement);
    const put = { spot, placement, item, under: under?.thing ?? null, topperMm, behindMm };
    const kept = keptFrom(before?.byId.get(placement.id), put) ?? {
      thing: standingOn(put, given),
      item,
      behindMm,
      offers: null,
    };
    placed.set(placement.id, kept);
    return kept;
  }

  const inOrder = placements.map((placement, i) => {
    const same = asBefore(placement, i);
    if (same) placed.set(placement.id, same);
    return same ?? place(placement);
  });
  const things = inOrder.filter((kept) => kept !== null).map(({ thing }) => thing);
  return {
    things: sameOr(previous?.things, things),
    rules: given.rules,
    items: given.items,
    placements,
    inOrder,
    byId: placed,
    raised,
    offered,
  };
}

const offeredSpots = (spots: readonly Spot[]): OfferedSpots => ({
  spots,
  all: new Set(spots),
  byAddress: new Map(spots.map((spot) => [addressOf(spot), spot])),
});

const offeredBy = (under: Kept | null, { spot }: Placement): Spot | undefined =>
  under?.offers?.find((s) => s.part === spot.part);

const isTopper = ({ lie }: Placement, item: Item | undefined): boolean =>
  isMade(lie) && item?.bedding === 'topper';

/** Mattresses with a topper on them, by the address of their spots; the same objects as before where they are so high. */
function raisedByToppers(
  placements: readonly Placement[],
  spots: ReadonlyMap<string, Spot>,
  { items, rules }: Given,
  previous: Placing['raised'] = new Map(),
): Placing['raised'] {
  const raised = new Map<string, Raised>();
  for (const placement of placements) {
    if (!isMade(placement.lie)) continue;
    const item = items.get(placement.itemId);
    const from = spots.get(addressOf(placement.spot));
    if (!item || !from || !isTopper(placement, item)) continue;
    const address = addressOf(from);
    const byMm = (raised.get(address)?.byMm ?? 0) + topperThickness(item, rules);
    const known = previous.get(address);
    const isSame = known?.from === from && known.byMm === byMm;
    raised.set(address, isSame ? known : { from, byMm, spot: { ...from, zMm: from.zMm + byMm } });
  }
  return raised;
}

/** How far the rows behind a pillow on a bed stand out together: each as thick as its thickest pillow. */
function rowsBehind(
  placements: readonly Placement[],
  { items, rules }: Given,
): (placement: Placement) => Mm | null {
  const rows = new Map<string, Map<number, Mm>>();
  for (const placement of placements) {
    const item = isOnBed(placement) ? items.get(placement.itemId) : undefined;
    if (!item) continue;
    const own = rows.get(placement.spot.of) ?? new Map<number, Mm>();
    own.set(placement.row, Math.max(own.get(placement.row) ?? 0, pillowThickness(item, rules)));
    rows.set(placement.spot.of, own);
  }
  return (placement) => {
    if (!isOnBed(placement)) return null;
    const own = [...(rows.get(placement.spot.of) ?? [])];
    return sum(own.filter(([row]) => row < placement.row).map(([, mm]) => mm));
  };
}
const isOnBed = (placement: Placement): boolean => placement.spot.part === 'mattress' && isPropped(placement);

/** What stood there before, if nothing of it has changed. How cloth is laid is not known from its spot alone. */
function keptFrom(
  known: Kept | null | undefined,
  { spot, placement, item, behindMm }: Omit<Put, 'under' | 'topperMm'>,
): Kept | null {
  if (!known || !(isOwnLie(placement.lie) || isTabled(placement.lie))) return null;
  const { thing } = known;
  const isSame = thing.placement === placement && thing.spot === spot && known.item === item;
  return isSame && known.behindMm === behindMm ? known : null;
}

type Put = {
  spot: Spot;
  placement: Placement;
  item: Item;
  under: PlacedThing | null;
  /** How much higher the mattress is for what lies on it. */
  topperMm: Mm;
  /** How far out a pillow is on a bed, in front of those in the rows behind it; null where it stands as it was put. */
  behindMm: Mm | null;
};

function standingOn(put: Put, given: Given): PlacedThing {
  const { spot, placement, item, under, behindMm } = put;
  const { legsMm, footMm = null, outMm: usualMm, middleMm = null, ...extent } = sizeOf(put, given);
  const backMm = placement.outMm ?? behindMm ?? usualMm;
  const xMm = isInTheMiddle(placement.lie) ? spot.widthMm / 2 : (middleMm ?? placement.xMm);
  const turnDeg = isStraight(placement.lie) ? 0 : placement.turnDeg;
  const outMm = backMm === null ? spot.depthMm / 2 : backMm + extent.depthMm / 2;
  return {
    placement,
    item: facing(item, placement.face),
    on: { id: spot.root, name: spot.name, topMm: spot.zMm },
    spot,
    base: under?.base ?? spot,
    carriers: under ? [under.placement.id, ...under.carriers] : [],
    at: { ...pointOn(spot, xMm, outMm), turnDeg: spot.turnDeg + turnDeg, ...extent },
    legsMm,
    footMm,
  };
}

type LaidSize = Extent & {
  zMm: Mm;
  outMm: Mm | null;
  legsMm: readonly [Mm, Mm] | null;
  footMm?: Mm | null;
  /** Where its middle is along its spot, where that is not where it was put. */
  middleMm?: Mm | null;
};

/** The size of a thing as it lies there; of cloth laid over furniture it follows from that. */
function sizeOf({ spot, placement, item, topperMm }: Put, { pieces, rules }: Given): LaidSize {
  const { lie } = placement;
  if (isOwnLie(lie)) {
    const own = extentAt(item, { ...placement, lie }, spot, rules);
    return { ...footOf(spot, lie, own), outMm: null, legsMm: null };
  }
  if (isTabled(lie)) {
    const { widthMm, depthMm, round, zMm } = spot;
    const top = { widthMm, depthMm, round, topMm: zMm };
    return { ...tabledBox(item, { ...placement, lie }, top), outMm: null };
  }
  const known = pieces.get(spot.of);
  const piece = known && withTopper(known, item.bedding === 'topper' ? 0 : topperMm);
  if (!isMade(lie)) return draped({ ...placement, lie }, { spot, item, piece }, rules);
  const bed = { mattressMm: spot.zMm, thickMm: null, headboardMm: 0, footboardMm: 0 };
  const board = { widthMm: spot.widthMm, depthMm: spot.depthMm, bed };
  return madeBox(item, (piece && asBed(piece)) ?? board, rules);
}

/** A throw as it is laid over what its spot is a part of; on what is no piece it lies as if that were a seat without a back. */
function draped(
  placement: Placement & { lie: Draped },
  { spot, item, piece }: { spot: Spot; item: Item; piece: Piece | undefined },
  rules: RuleBook,
): LaidSize {
  const host = throwHostOf(piece ?? boardOf(spot));
  const { legsMm, outMm, ...size } = throwBox(throwPath(item, placement, host, rules), placement.lie, host);
  // the second arm has its outside on the right
  const isRightArm = placement.lie === 'overArm' && numberOfPart(spot.part) === 2;
  return {
    ...size,
    legsMm: legsMm && isRightArm ? [legsMm[1], legsMm[0]] : legsMm,
    outMm: OUT_OF[placement.lie]?.(spot, size) ?? outMm,
  };
}

/** How far out a throw is that does not begin at the back: in the middle of an arm, at the foot of a bed. */
const OUT_OF: Partial<Record<Draped, (spot: Spot, size: Extent) => Mm>> = {
  overArm: (spot, { depthMm }) => (spot.depthMm - depthMm) / 2,
  acrossFoot: (spot, { depthMm }) => spot.depthMm - depthMm,
};

const boardOf = (spot: Spot): Parameters<typeof throwHostOf>[0] => ({
  seat: null,
  bed: null,
  widthMm: spot.widthMm,
  depthMm: spot.depthMm,
  heightMm: 0,
  bottomMm: spot.zMm,
});

/** What hangs has its top at its spot, everything else its foot. */
const footOf = ({ zMm }: Spot, lie: Placement['lie'], size: Extent): Extent & { zMm: Mm } => ({
  ...size,
  zMm: lie === 'hanging' ? zMm - size.heightMm : zMm,
});

/** Where a thing is on a spot: its ends from the left, its back from the back edge, whatever way it is turned. */
export function seenOn(spot: Spot, at: Standing): { fromMm: Mm; toMm: Mm; outMm: Mm; depthMm: Mm } {
  const from = pointOn(spot, 0, 0);
  const { xMm, widthMm, awayMm } = seenAgainst({ from, facingDeg: spot.turnDeg }, at);
  const { widthMm: depthMm } = seenAgainst({ from, facingDeg: spot.turnDeg + 90 }, at);
  return { fromMm: xMm, toMm: xMm + widthMm, outMm: awayMm - depthMm / 2, depthMm };
}

/** A line that one faces to see things against it: where it begins at the left, and the way one looks. */
export type Facing = { from: Point; facingDeg: Deg };

/** Where a thing is seen along a wall that one faces, and how far its middle and its nearest side are from it. */
export function seenAgainst(facing: Facing, at: Standing): { xMm: Mm; widthMm: Mm; awayMm: Mm; nearMm: Mm } {
  const along = wayOf(facing.facingDeg + 90);
  const away = wayOf(facing.facingDeg + 180);
  const turn = wayOf(at.turnDeg - facing.facingDeg);
  const [cos, sin] = [Math.abs(turn.yMm), Math.abs(turn.xMm)];
  const widthMm = at.widthMm * cos + at.depthMm * sin;
  const awayMm = alongWay(facing.from, at, away);
  return {
    xMm: alongWay(facing.from, at, along) - widthMm / 2,
    widthMm,
    awayMm,
    nearMm: awayMm - (at.widthMm * sin + at.depthMm * cos) / 2,
  };
}
