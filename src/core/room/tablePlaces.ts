import { HAIR_MM } from '../base/tolerance';
import { sum, type Deg, type Mm } from '../base/units';
import { elementAt, last } from '../base/list';
import { distance, type Point } from '../geometry/plane';
import type { TableTop } from './tableLinen';

/** A side of a table, as one faces its front. */
export const TABLE_SIDES = ['front', 'back', 'left', 'right'] as const;
export type TableSide = (typeof TABLE_SIDES)[number];
/**
 * Where somebody sits: how long their stretch of the edge is, the middle of it from the table's left end and from its back
 * edge, and which way they look: 0 from the front to the back, 90 from the left end to the right one.
 */
export type TablePlace = { side: TableSide; edgeMm: Mm; at: Point; looksDeg: Deg };

/** A top from above: with corners, or round or oval. */
type Top = Pick<TableTop, 'widthMm' | 'depthMm' | 'round'>;
type PlaceRules = {
  /** The stretch of edge that one person needs. */
  edgeMm: Mm;
  /** The shortest end that somebody sits at. */
  endFromMm: Mm;
};

const isAcross = (side: TableSide): boolean => side === 'front' || side === 'back';
export const edgeOf = (side: TableSide, { widthMm, depthMm }: Pick<Top, 'widthMm' | 'depthMm'>): Mm =>
  isAcross(side) ? widthMm : depthMm;

/** A stretch of a table's edge, how many it holds, and where on it somebody sits. */
type Stretch = {
  lengthMm: Mm;
  isEnd: boolean;
  /** All round a table: it has no ends, and the first place is where it begins. */
  isRing: boolean;
  most: number;
  placeAt: (alongMm: Mm) => Omit<TablePlace, 'edgeMm'>;
};

const holds = (lengthMm: Mm, edgeMm: Mm): number => Math.floor((lengthMm + HAIR_MM) / edgeMm);

/** The stretches at which people can sit, the long sides first. */
const stretchesOf = (top: Top, free: readonly TableSide[], rules: PlaceRules): Stretch[] =>
  top.round ? stretchesRound(top, free, rules) : sidesOf(top, free, rules);

/** The free sides; at the shorter ones somebody sits only where they are long enough beside the others. */
function sidesOf(top: Top, free: readonly TableSide[], { edgeMm, endFromMm }: PlaceRules): Stretch[] {
  const shortMm = Math.min(top.widthMm, top.depthMm);
  const isLong = (side: TableSide) =>
    top.widthMm === top.depthMm ? isAcross(side) : edgeOf(side, top) > shortMm;
  return TABLE_SIDES.filter((side) => free.includes(side))
    .map((side): Stretch => {
      const lengthMm = edgeOf(side, top);
      const isEnd = !isLong(side);
      const most = isEnd && lengthMm < endFromMm - HAIR_MM ? 0 : holds(lengthMm, edgeMm);
      return { lengthMm, isEnd, isRing: false, most, placeAt: (alongMm) => placeOnSide(side, alongMm, top) };
    })
    .sort((a, b) => Number(a.isEnd) - Number(b.isEnd));
}

function placeOnSide(side: TableSide, alongMm: Mm, { widthMm, depthMm }: Top): Omit<TablePlace, 'edgeMm'> {
  const PLACES = {
    front: { at: { xMm: alongMm, yMm: depthMm }, looksDeg: 0 },
    back: { at: { xMm: alongMm, yMm: 0 }, looksDeg: 180 },
    left: { at: { xMm: 0, yMm: alongMm }, looksDeg: 90 },
    right: { at: { xMm: widthMm, yMm: alongMm }, looksDeg: 270 },
  } as const;
  return { side, ...PLACES[side] };
}

/** Sides in their order round a table, beginning in the middle of the front; each has a quarter of a round table. */
const ROUND: readonly TableSide[] = ['front', 'right', 'back', 'left'];
const QUARTER: Deg = 90;
/** An oval's edge is measured in so many steps of each quarter. */
const STEPS = 90;

/** The free stretches of a round or oval edge: all of it, or the quarters that go on from each other. */
function stretchesRound(top: Top, free: readonly TableSide[], { edgeMm }: PlaceRules): Stretch[] {
  const isFree = ROUND.map((side) => free.includes(side));
  const quarters = ROUND.length;
  const starts = isFree.every(Boolean)
    ? [0]
    : ROUND.flatMap((_, i) =>
        isFree[i] === true && isFree[(i + quarters - 1) % quarters] !== true ? [i] : [],
      );
  return starts.map((start) => {
    let count = 1;
    while (count < quarters && isFree[(start + count) % quarters] === true) count++;
    return stretchRound(top, { start, count, edgeMm });
  });
}

function stretchRound(
  top: Top,
  { start, count, edgeMm }: { start: number; count: number; edgeMm: Mm },
): Stretch {
  // all round, the first place has its middle at the front; otherwise a stretch begins where its first quarter does
  const isRing = count === ROUND.length;
  const fromDeg = isRing ? 0 : (start - 1 / 2) * QUARTER;
  const angles = Array.from({ length: count * STEPS + 1 }, (_, i) => fromDeg + (i * QUARTER) / STEPS);
  const points = angles.map((deg) => onOval(deg, top));
  const steps = points.slice(1).map((point, i) => distance(point, elementAt(points, i)));
  const reached = steps.reduce<Mm[]>((mm, step) => [...mm, last(mm) + step], [0]);
  const lengthMm = last(reached);
  return {
    lengthMm,
    isEnd: false,
    isRing,
    most: holds(lengthMm, edgeMm),
    placeAt: (alongMm) => {
      const deg = angleAt(alongMm, reached, fromDeg);
      return { side: sideAt(deg), at: onOval(deg, top), looksDeg: looksAt(deg, top) };
    },
  };
}

/** The angle at which so much of an edge was gone along. */
function angleAt(mm: Mm, reached: readonly Mm[], fromDeg: Deg): Deg {
  const i = Math.max(
    1,
    reached.findIndex((r) => r >= mm),
  );
  const [before, after] = [elementAt(reached, i - 1), elementAt(reached, i)];
  const share = after > before ? (mm - before) / (after - before) : 0;
  return fromDeg + ((i - 1 + share) * QUARTER) / STEPS;
}

const radians = (deg: Deg): number => (deg * Math.PI) / 180;
/** A point of a round or oval edge; 0 is the middle of the front, 90 that of the right end. */
const onOval = (deg: Deg, { widthMm, depthMm }: Top): Point => ({
  xMm: (widthMm / 2) * (1 + Math.sin(radians(deg))),
  yMm: (depthMm / 2) * (1 + Math.cos(radians(deg))),
});
/** Which way somebody looks who sits square to an oval's edge. */
const looksAt = (deg: Deg, { widthMm, depthMm }: Top): Deg => {
  const way = Math.atan2(-Math.sin(radians(deg)) / widthMm, Math.cos(radians(deg)) / depthMm);
  return ((way * 180) / Math.PI + 360) % 360;
};
const sideAt = (deg: Deg): TableSide => ROUND[Math.round((deg % 360) / QUARTER + 4) % 4] ?? 'front';

/** How many people sit at a table at most, by the edge that each of them needs. */
export const mostPlaces = (top: Top, free: readonly TableSide[], rules: PlaceRules): number =>
  sum(stretchesOf(top, free, rules).map(({ most }) => most));

/** The long ones of some sides, or all where there are none. */
function alongside<S extends { isEnd: boolean }>(sides: readonly S[]): readonly S[] {
  const long = sides.filter(({ isEnd }) => !isEnd);
  return long.length > 0 ? long : sides;
}

/**
 * Where so many people sit: across from each other along the long sides first, then at the ends; all round a round table.
 * More than there is room for share the long sides.
 */
export function placesAt(
  count: number,
  top: Top,
  free: readonly TableSide[],
  rules: PlaceRules,
): TablePlace[] {
  const stretches = stretchesOf(top, free, rules).map((stretch) => ({ ...stretch, here: 0 }));
  const [first] = stretches;
  if (!first) return [];
  for (let n = 0; n < count; n++) {
    const open = stretches.filter(({ here, most }) => here < most);
    const from = alongside(open.length > 0 ? open : stretches);
    const next = from.reduce((least, one) => (one.here < least.here ? one : least), from[0] ?? first);
    next.here += 1;
  }
  return stretches.flatMap(({ lengthMm, isRing, here, placeAt }) =>
    Array.from({ length: here }, (_, i) => ({
      ...placeAt(((isRing ? i : i + 0.5) * lengthMm) / here),
      edgeMm: lengthMm / here,
    })),
  );
}
