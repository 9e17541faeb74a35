import { toMarkBelow, type Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import type { Reach } from './panels';
import type { WindowPlace } from './windowPlan';

/** Room for the brackets at a height, and what comes down to it on each side. */
export type RoomAtHeight = Reach & { by: { left: string | null; right: string | null } };
type Trimmed = { leftMm: Mm; rightMm: Mm };

/** Halvings of the wall beside a window: down to a hundredth of a millimetre. */
const HALVINGS = 18;

/**
 * Room for the brackets at a height: beside the frame a slope, a beam or a cupboard may come down to the rod,
 * which then ends in front of it.
 */
export function roomAtHeight(place: WindowPlace, trimmed: Trimmed, rodMm: Mm, rules: RuleBook): RoomAtHeight {
  const clearMm = rodMm + rules.number('windows.rodClearance') - 0.5;
  const found: RoomAtHeight = { ...place.roomMm, by: { left: null, right: null } };
  if (place.overhead(trimmed.leftMm, trimmed.rightMm).mm < clearMm) return found;
  const overLeft = (mm: Mm) => place.overhead(trimmed.leftMm - mm, trimmed.leftMm);
  const overRight = (mm: Mm) => place.overhead(trimmed.rightMm, trimmed.rightMm + mm);
  const left = clearBeside(place.roomMm.leftMm, overLeft, clearMm);
  const right = clearBeside(place.roomMm.rightMm, overRight, clearMm);
  if (left) {
    found.leftMm = toMarkBelow(left.mm, rules.unit);
    found.by.left = left.by;
  }
  if (right) {
    found.rightMm = toMarkBelow(right.mm, rules.unit);
    found.by.right = right.by;
  }
  return found;
}

/** How far one side is clear; undefined where all of it is. The lowest thing over a stretch only gets lower as it grows. */
function clearBeside(
  roomMm: Mm,
  limitOver: (mm: Mm) => { mm: Mm; by: string },
  clearMm: Mm,
): { mm: Mm; by: string } | undefined {
  if (roomMm <= 0 || limitOver(roomMm).mm >= clearMm) return undefined;
  let [low, high] = [0, roomMm];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (limitOver(middle).mm >= clearMm) low = middle;
    else high = middle;
  }
  return { mm: low, by: limitOver(roomMm).by };
}
