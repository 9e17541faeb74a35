import { sum, type Mm } from '../base/units';
import type { TableTop } from './tableLinen';

/** A side of a table, as one faces its front. */
export const TABLE_SIDES = ['front', 'back', 'left', 'right'] as const;
export type TableSide = (typeof TABLE_SIDES)[number];
/** Where somebody sits: the middle of their stretch of the edge, and how long that is. */
export type TablePlace = { side: TableSide; alongMm: Mm; edgeMm: Mm };

type Top = Pick<TableTop, 'widthMm' | 'depthMm'>;
type PlaceRules = {
  /** The stretch of edge that one person needs. */
  edgeMm: Mm;
  /** The shortest end that somebody sits at. */
  endFromMm: Mm;
};
/** Edges are typed to the half millimetre. */
const HAIR_MM: Mm = 0.5;

const isAcross = (side: TableSide): boolean => side === 'front' || side === 'back';
export const edgeOf = (side: TableSide, { widthMm, depthMm }: Top): Mm =>
  isAcross(side) ? widthMm : depthMm;

/** How many sit at each free side; at the shorter sides only where those are long enough beside the others. */
function capacities(top: Top, free: readonly TableSide[], { edgeMm, endFromMm }: PlaceRules) {
  const shortMm = Math.min(top.widthMm, top.depthMm);
  const isLong = (side: TableSide) =>
    top.widthMm === top.depthMm ? isAcross(side) : edgeOf(side, top) > shortMm;
  return TABLE_SIDES.filter((side) => free.includes(side))
    .map((side) => {
      const lengthMm = edgeOf(side, top);
      const holds = Math.floor((lengthMm + HAIR_MM) / edgeMm);
      const isEnd = !isLong(side);
      return { side, lengthMm, isEnd, most: isEnd && lengthMm < endFromMm - HAIR_MM ? 0 : holds };
    })
    .sort((a, b) => Number(a.isEnd) - Number(b.isEnd));
}

/** How many people sit at a table at most, by the edge that each of them needs. */
export const mostPlaces = (top: Top, free: readonly TableSide[], rules: PlaceRules): number =>
  sum(capacities(top, free, rules).map(({ most }) => most));

/** The long ones of some sides, or all where there are none. */
function alongside<S extends { isEnd: boolean }>(sides: readonly S[]): readonly S[] {
  const long = sides.filter(({ isEnd }) => !isEnd);
  return long.length > 0 ? long : sides;
}

/**
 * Where so many people sit: across from each other along the long sides first, then at the ends. More than there is room for
 * share the long sides.
 */
export function placesAt(
  count: number,
  top: Top,
  free: readonly TableSide[],
  rules: PlaceRules,
): TablePlace[] {
  const sides = capacities(top, free, rules).map((side) => ({ ...side, here: 0 }));
  const [first] = sides;
  if (!first) return [];
  for (let n = 0; n < count; n++) {
    const open = sides.filter(({ here, most }) => here < most);
    const from = alongside(open.length > 0 ? open : sides);
    const next = from.reduce((least, side) => (side.here < least.here ? side : least), from[0] ?? first);
    next.here += 1;
  }
  return sides.flatMap(({ side, lengthMm, here }) =>
    Array.from({ length: here }, (_, i) => ({
      side,
      alongMm: ((i + 0.5) * lengthMm) / here,
      edgeMm: lengthMm / here,
    })),
  );
}
