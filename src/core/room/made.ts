import { HAIR_MM } from '../base/tolerance';
import type { Mm } from '../base/units';
import type { Item, Lie, Piece } from '../model/types';
import type { RuleBook } from '../rules/book';
import { isBed } from './kinds';
import { skirtDrop, spreadFall, type MadeBed } from './bedCover';

/** Bedding that is spread over a whole bed. */
export type Made = Extract<Lie, 'made'>;
export const isMade = (lie: Lie): lie is Made => lie === 'made';

/** Bedding from the floor up, as it covers each other. */
const ORDER: readonly NonNullable<Item['bedding']>[] = [
  'skirt',
  'topper',
  'fitted',
  'sheet',
  'duvet',
  'duvetCover',
  'spread',
];
/** The place of bedding among what is spread over a bed; what nobody named is taken as what lies on top. */
export const madeOrder = ({ bedding }: Pick<Item, 'bedding'>): number => ORDER.indexOf(bedding ?? 'spread');

export type BedPiece = Piece & { bed: NonNullable<Piece['bed']> };
/**
 * A piece as the bed that it is; null for what is none. Of a bed whose mattress nobody measured the top of its seat, or of the
 * whole, is that.
 */
export function asBed(piece: Piece): BedPiece | null {
  const { bed, seat, heightMm } = piece;
  if (bed) return { ...piece, bed };
  if (!isBed(piece)) return null;
  const mattressMm = seat?.heightMm ?? heightMm;
  return { ...piece, bed: { mattressMm, thickMm: null, headboardMm: heightMm, footboardMm: 0 } };
}
export const isMadeUp = (piece: Piece): boolean => piece.bed !== null || isBed(piece);

/** A bed with a topper on its mattress: everything on it lies higher by that. */
export function withTopper<P extends Pick<Piece, 'bed'>>(piece: P, topperMm: Mm): P {
  const { bed } = piece;
  if (!bed || topperMm === 0) return piece;
  return {
    ...piece,
    bed: {
      ...bed,
      mattressMm: bed.mattressMm + topperMm,
      thickMm: bed.thickMm === null ? null : bed.thickMm + topperMm,
    },
  };
}

/** A bed as it was measured; a mattress that nobody measured is as thick as most, but no thicker than it is high. */
export function madeBed(
  { widthMm, depthMm, bed }: Pick<BedPiece, 'widthMm' | 'depthMm' | 'bed'>,
  rules: RuleBook,
): MadeBed {
  const thickMm = bed.thickMm ?? rules.number('beds.thickness');
  return {
    widthMm,
    lengthMm: depthMm,
    topMm: bed.mattressMm,
    thickMm: Math.min(bed.mattressMm, thickMm),
    isFootClosed: bed.footboardMm - bed.mattressMm > HAIR_MM,
  };
}

/** How thick a topper is; one that nobody measured as most. */
export const topperThickness = ({ depthMm }: Pick<Item, 'depthMm'>, rules: RuleBook): Mm =>
  depthMm > 0 ? depthMm : rules.number('beds.topper');

/** How far bedding hangs down over each side of a bed and over its foot; below 0 it stops short of that edge. */
export type Drops = { sideMm: Mm; footMm: Mm };

type Bedding = Pick<Item, 'widthMm' | 'heightMm' | 'depthMm' | 'bedding'>;

/** How far a skirt is meant to hang: as it was measured, or as its bed wants it. */
const skirtOf = ({ depthMm }: Bedding, bed: MadeBed, rules: RuleBook): Mm =>
  depthMm > 0 ? depthMm : skirtDrop(bed, rules.number('beds.skirtClear'));

/** How far bedding hangs down from where it lies: covers by their size, fitted sheets as deep as the mattress. */
export function dropsOf(item: Bedding, bed: MadeBed, rules: RuleBook): Drops {
  if (item.bedding === 'topper') return { sideMm: 0, footMm: 0 };
  if (item.bedding === 'fitted') return { sideMm: bed.thickMm, footMm: bed.thickMm };
  if (item.bedding === 'skirt') {
    const dropMm = skirtOf(item, bed, rules);
    return { sideMm: dropMm, footMm: dropMm };
  }
  const { sideMm, footMm } = spreadFall({ widthMm: item.widthMm, lengthMm: item.heightMm }, bed, {
    tuckMm: rules.number('beds.tuck'),
    beyondMm: rules.number('beds.dropBeyond'),
  });
  return { sideMm, footMm };
}

/** How thick cloth is, as it is seen from its edge. */
const CLOTH: Mm = 15;

/** The box that made bedding fills, and how far it hangs down at the sides and the foot, as far as the floor. */
export type MadeBox = {
  widthMm: Mm;
  depthMm: Mm;
  heightMm: Mm;
  zMm: Mm;
  outMm: Mm;
  legsMm: readonly [Mm, Mm];
  footMm: Mm;
};

/** Where bedding lies on a bed, its head at the bed's own; a cover that is too short for that lies at the foot. */
export function madeBox(
  item: Bedding,
  piece: Pick<BedPiece, 'widthMm' | 'depthMm' | 'bed'>,
  rules: RuleBook,
): MadeBox {
  const bed = madeBed(piece, rules);
  const isSkirt = item.bedding === 'skirt';
  const topMm = isSkirt ? bed.topMm - bed.thickMm : bed.topMm;
  const drops = dropsOf(item, bed, rules);
  const hang = (mm: Mm) => Math.min(topMm, Math.max(0, mm));
  const [sideMm, footMm] = [hang(drops.sideMm), bed.isFootClosed ? 0 : hang(drops.footMm)];
  const lowMm = Math.max(sideMm, footMm);
  const riseMm = item.bedding === 'topper' ? topperThickness(item, rules) : CLOTH;
  const lengthMm = bed.lengthMm + Math.min(0, drops.footMm);
  return {
    widthMm: bed.widthMm + (drops.sideMm > 0 ? 2 * CLOTH : 2 * Math.min(0, drops.sideMm)),
    depthMm: Math.max(CLOTH, lengthMm + (footMm > 0 ? CLOTH : 0)),
    heightMm: lowMm + riseMm,
    zMm: topMm - lowMm,
    outMm: Math.max(0, bed.lengthMm - Math.max(0, lengthMm)),
    legsMm: [sideMm, sideMm],
    footMm,
  };
}
