import type { Mm } from '../../base/units';
import type { Box } from '../../geometry/plane';

type Spot = { xMm: Mm; heightMm: Mm };
/** A hole that is in the wall already. */
export type Hole = Spot & { id: string };
export type HoleShift = { dxMm: Mm; dyMm: Mm; uses: boolean };
/** Holes that a nail falls on, those hidden behind a piece, and the shift that would use or hide one near by. */
export type HolePlan = { used: string[]; hidden: string[]; shift: HoleShift | null };

/** What hangs as one, a piece or a group: its nails and its frames, moved together. */
export type OnHoles = {
  holes: readonly Hole[];
  nails: readonly Spot[];
  boxes: readonly Box[];
  reachMm: Mm;
  /** Whether it may hang so much to the right and so much higher. */
  allows: (dxMm: Mm, dyMm: Mm) => boolean;
};

/** A nail this near to a hole goes into it. */
const NEAR_ENOUGH: Mm = 2;
/** A hole this far inside the edge is hidden. */
const MARGIN: Mm = 10;

/**
 * Holes that a nail falls on, those behind a frame, and the least shift of the whole that would use as many as can be,
 * or hide one. No shift is named where one is in use already.
 */
export function planHoles(hung: OnHoles): HolePlan {
  const { holes, nails, boxes } = hung;
  const used = holes.filter((hole) => isUsed(hole, nails));
  const hidden = holes.filter((hole) => !isUsed(hole, nails) && boxes.some((box) => isBehind(hole, box)));
  return {
    used: used.map((hole) => hole.id),
    hidden: hidden.map((hole) => hole.id),
    shift: used.length > 0 ? null : (bestUse(hung) ?? bestHide(hung)),
  };
}

/** The shift that puts most nails into holes, the least of them; null where none is near enough. */
export function bestUse({ holes, nails, reachMm, allows }: OnHoles): HoleShift | null {
  const countAt = ({ dxMm, dyMm }: HoleShift): number =>
    holes.filter((hole) => isUsed({ xMm: hole.xMm - dxMm, heightMm: hole.heightMm - dyMm }, nails)).length;
  const shifts = holes.flatMap((hole) =>
    nails.map((nail) => ({ dxMm: hole.xMm - nail.xMm, dyMm: hole.heightMm - nail.heightMm, uses: true })),
  );
  return (
    shifts
      .filter((shift) => wayOf(shift) <= reachMm)
      .map((shift) => ({ shift, count: countAt(shift) }))
      .sort((a, b) => b.count - a.count || wayOf(a.shift) - wayOf(b.shift))
      .find(({ shift }) => allows(shift.dxMm, shift.dyMm))?.shift ?? null
  );
}

function bestHide({ holes, nails, boxes, reachMm, allows }: OnHoles): HoleShift | null {
  const shown = holes.filter((hole) => !isUsed(hole, nails) && !boxes.some((box) => isBehind(hole, box)));
  const shifts = shown.flatMap((hole) =>
    boxes.map((box) => ({
      dxMm: into(hole.xMm, box.xMm + MARGIN, box.xMm + box.widthMm - MARGIN),
      dyMm: into(hole.heightMm, box.yMm + MARGIN, box.yMm + box.heightMm - MARGIN),
      uses: false,
    })),
  );
  return (
    shifts
      .filter((shift) => wayOf(shift) <= reachMm)
      .sort((a, b) => wayOf(a) - wayOf(b))
      .find((shift) => allows(shift.dxMm, shift.dyMm)) ?? null
  );
}

/** Nails as they are marked: one that goes into a hole is marked at the hole's own place. */
export const markedNails = (nails: readonly Spot[], holes: readonly Hole[]): Spot[] =>
  nails.map((nail) => {
    const hole = holes.find((h) => isUsed(h, [nail]));
    return hole ? { xMm: hole.xMm, heightMm: hole.heightMm } : nail;
  });

const wayOf = (shift: HoleShift): Mm => Math.hypot(shift.dxMm, shift.dyMm);

const isUsed = (hole: Spot, nails: readonly Spot[]): boolean =>
  nails.some((nail) => Math.hypot(nail.xMm - hole.xMm, nail.heightMm - hole.heightMm) < NEAR_ENOUGH);

const isBehind = (hole: Spot, box: Box): boolean =>
  hole.xMm >= box.xMm + MARGIN - 1e-6 &&
  hole.xMm <= box.xMm + box.widthMm - MARGIN + 1e-6 &&
  hole.heightMm >= box.yMm + MARGIN - 1e-6 &&
  hole.heightMm <= box.yMm + box.heightMm - MARGIN + 1e-6;

/** The least way that brings a value between two others. */
function into(value: Mm, low: Mm, high: Mm): Mm {
  if (value < low) return value - low;
  return value > high ? value - high : 0;
}
