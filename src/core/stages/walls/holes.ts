import type { Mm } from '../../base/units';
import type { Box } from '../../geometry/plane';
import type { HangingPlace, HangingPlan } from './hangingPlan';

type Spot = { xMm: Mm; heightMm: Mm };
type Shift = { dxMm: Mm; dyMm: Mm; uses: boolean };

/** A nail this near to a hole goes into it. */
const NEAR_ENOUGH: Mm = 2;
/** A hole this far inside the edge is hidden. */
const MARGIN: Mm = 10;

/**
 * Holes that a nail falls on, those behind the piece, and the least shift that would use one that is near, or
 * hide it.
 */
export function planHoles(
  holes: HangingPlace['holes'],
  nails: readonly Spot[],
  box: Box,
  reachMm: Mm,
): HangingPlan['holes'] {
  const free = holes.filter((hole) => !isUsed(hole, nails));
  const used = holes.filter((hole) => isUsed(hole, nails)).map((hole) => hole.id);
  const hidden = free.filter((hole) => isBehind(hole, box)).map((hole) => hole.id);
  const shifts = free
    .flatMap((hole) => shiftsFor(hole, nails, box))
    .filter((shift) => wayOf(shift) <= reachMm)
    .sort((a, b) => Number(b.uses) - Number(a.uses) || wayOf(a) - wayOf(b));
  return { used, hidden, shift: used.length > 0 ? null : (shifts[0] ?? null) };
}

const wayOf = (shift: Shift): Mm => Math.hypot(shift.dxMm, shift.dyMm);

const isUsed = (hole: Spot, nails: readonly Spot[]): boolean =>
  nails.some((nail) => Math.hypot(nail.xMm - hole.xMm, nail.heightMm - hole.heightMm) < NEAR_ENOUGH);

const isBehind = (hole: Spot, box: Box): boolean =>
  hole.xMm > box.xMm + MARGIN &&
  hole.xMm < box.xMm + box.widthMm - MARGIN &&
  hole.heightMm > box.yMm + MARGIN &&
  hole.heightMm < box.yMm + box.heightMm - MARGIN;

function shiftsFor(hole: Spot, nails: readonly Spot[], box: Box): Shift[] {
  const toUse = nails.map((nail) => ({
    dxMm: hole.xMm - nail.xMm,
    dyMm: hole.heightMm - nail.heightMm,
    uses: true,
  }));
  if (isBehind(hole, box)) return toUse;
  const toHide = {
    dxMm: into(hole.xMm, box.xMm + MARGIN, box.xMm + box.widthMm - MARGIN),
    dyMm: into(hole.heightMm, box.yMm + MARGIN, box.yMm + box.heightMm - MARGIN),
    uses: false,
  };
  return [...toUse, toHide];
}

/** The least way that brings a value between two others. */
function into(value: Mm, low: Mm, high: Mm): Mm {
  if (value < low) return value - low;
  return value > high ? value - high : 0;
}
