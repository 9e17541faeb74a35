import { HAIR_MM } from '../base/tolerance';
import type { Mm } from '../base/units';

/**
 * A mattress on its base: how large and thick it is, and how high its top is above the floor. Where a board at the foot rises
 * over it, its foot is closed: what lies on it is tucked in there and doesn’t hang down.
 */
export type MadeBed = { widthMm: Mm; lengthMm: Mm; thickMm: Mm; topMm: Mm; isFootClosed: boolean };
/** A cover lying flat: across the bed and along it. */
export type FlatSpread = { widthMm: Mm; lengthMm: Mm };

/**
 * How a cover falls over a bed. `short`: it does not hide the mattress; `good`: it hides it and ends above the floor;
 * `floor`: it reaches the floor.
 */
export type Fall = 'short' | 'good' | 'floor';
export type SpreadFall = {
  /** How far it hangs down at each side and at the foot; below 0 it stops short of the edge. */
  sideMm: Mm;
  footMm: Mm;
  side: Fall;
  foot: Fall;
  /** From its lowest edge to the floor; 0 where it lies on it. */
  aboveFloorMm: Mm;
  /** How much of it lies on the floor at the sides and the foot. */
  onFloorMm: Mm;
};

/**
 * The drops of a cover that is spread over the whole bed (common practice): each side (cover − mattress) ÷ 2, the foot what is
 * left of its length after the tuck at the head. A good drop hides the mattress with something to spare.
 *
 * @param tuckMm what is tucked in or turned down at the head
 * @param beyondMm by how much a drop is to pass the mattress
 */
export function spreadFall(
  cover: FlatSpread,
  bed: MadeBed,
  { tuckMm, beyondMm }: { tuckMm: Mm; beyondMm: Mm },
): SpreadFall {
  const sideMm = (cover.widthMm - bed.widthMm) / 2;
  const footMm = cover.lengthMm - bed.lengthMm - tuckMm;
  const fall = (dropMm: Mm): Fall => {
    if (dropMm >= bed.topMm - HAIR_MM) return 'floor';
    return dropMm >= bed.thickMm + beyondMm - HAIR_MM ? 'good' : 'short';
  };
  const lowestMm = Math.max(sideMm, bed.isFootClosed ? 0 : footMm, 0);
  return {
    sideMm,
    footMm,
    side: fall(sideMm),
    foot: bed.isFootClosed ? tucked(footMm) : fall(footMm),
    aboveFloorMm: Math.max(0, bed.topMm - lowestMm),
    onFloorMm: Math.max(0, lowestMm - bed.topMm),
  };
}

/** At a closed foot a cover only has to reach the board. */
const tucked = (footMm: Mm): Fall => (footMm >= -HAIR_MM ? 'good' : 'short');

/** A cover folded across the foot: how deep its band is, and how far it hangs over each side; below 0 it stops short. */
export type FoldedAtFoot = { bandMm: Mm; overhangMm: Mm };

/**
 * A cover folded along its length and laid across the foot, as one does with a cover that is a size too small for the bed
 * (common practice): its band is its length ÷ its folds.
 */
export const foldedAtFoot = (
  cover: FlatSpread,
  bed: Pick<MadeBed, 'widthMm'>,
  folds: number,
): FoldedAtFoot => ({
  bandMm: cover.lengthMm / Math.max(1, folds),
  overhangMm: (cover.widthMm - bed.widthMm) / 2,
});

/** How long a bed skirt is: from the top of the base nearly to the floor. */
export const skirtDrop = (bed: Pick<MadeBed, 'topMm' | 'thickMm'>, clearMm: Mm): Mm =>
  Math.max(0, bed.topMm - bed.thickMm - clearMm);

/** How deep the pocket of a fitted sheet has to be: mattress and topper, and some to tuck under. */
export const sheetPocket = (thickMm: Mm, topperMm: Mm, underMm: Mm): Mm => thickMm + topperMm + underMm;

/** Share of a bed's width that a row of pillows covers: good from about 0.85 to 1.4 (common practice). */
export const rowCoverage = (widthsMm: readonly Mm[], bedWidthMm: Mm): number =>
  widthsMm.reduce((total, mm) => total + mm, 0) / bedWidthMm;
