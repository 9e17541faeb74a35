import { plannedBelow, type Mm } from '../../base/units';
import { overlapLength } from '../../geometry/plane';
import type { RuleBook } from '../../rules/book';
import type { MountFacts, Mounting } from './mounts/mounting';
import type { Reach } from './panels';
import type { ThingAtWall, WindowPlace } from './windowPlan';

/** Room for the brackets at a height, and what ends it on each side where that isn't the wall's own plan. */
export type RoomAtHeight = Reach & { by: { left: string | null; right: string | null } };
type Context = { place: WindowPlace; facts: MountFacts; mounting: Mounting; rules: RuleBook };

/** Halvings of the wall beside a window: down to a hundredth of a millimetre. */
const HALVINGS = 18;

/**
 * Room for the brackets at a height: a thing that stands at the rod or in the cloth's way ends it, and so does
 * a slope, a beam or a cupboard that comes down to the rod.
 */
export function roomAtHeight(context: Context, rodMm: Mm): RoomAtHeight {
  const { place, mounting } = context;
  const whole: RoomAtHeight = { ...place.roomMm, by: { left: null, right: null } };
  if (mounting.inReveal) return whole;
  const beside = besideThings(whole, context, rodMm);
  return mounting.meetsOverhead ? underWhatComesDown(beside, context, rodMm) : beside;
}

/** Whether a thing is in the way of the bracket at a height, or of cloth that hangs from there to the hem. */
export function isInTheWay(
  thing: Pick<ThingAtWall, 'bottomMm' | 'topMm' | 'holds'>,
  rodMm: Mm,
  hemMm: Mm,
  rules: RuleBook,
): boolean {
  const clearMm = rules.number('windows.rodClearance');
  const lowMm = thing.holds ? Math.min(hemMm, rodMm - clearMm) : rodMm - clearMm;
  return overlapLength(thing.bottomMm, thing.topMm, lowMm, rodMm + clearMm) > 1;
}

function besideThings(
  room: RoomAtHeight,
  { place, facts, mounting, rules }: Context,
  rodMm: Mm,
): RoomAtHeight {
  const { leftMm, rightMm } = facts.trimmed;
  const hemMm = mounting.base(leftMm, rightMm).lowMm;
  const found: RoomAtHeight = { ...room, by: { ...room.by } };
  for (const thing of place.things) {
    if (!isInTheWay(thing, rodMm, hemMm, rules)) continue;
    const [onLeft, onRight] = [leftMm - thing.toMm, thing.fromMm - rightMm];
    if (onLeft >= -1 && onLeft < found.leftMm) {
      found.leftMm = Math.max(0, onLeft);
      found.by.left = thing.name;
    }
    if (onRight >= -1 && onRight < found.rightMm) {
      found.rightMm = Math.max(0, onRight);
      found.by.right = thing.name;
    }
  }
  return found;
}

function underWhatComesDown(room: RoomAtHeight, { place, facts, rules }: Context, rodMm: Mm): RoomAtHeight {
  const { trimmed } = facts;
  const clearMm = rodMm + rules.number('windows.rodClearance') - 0.5;
  if (place.overhead(trimmed.leftMm, trimmed.rightMm).mm < clearMm) return room;
  const overLeft = (mm: Mm) => place.overhead(trimmed.leftMm - mm, trimmed.leftMm);
  const overRight = (mm: Mm) => place.overhead(trimmed.rightMm, trimmed.rightMm + mm);
  const left = clearBeside(room.leftMm, overLeft, clearMm);
  const right = clearBeside(room.rightMm, overRight, clearMm);
  return {
    leftMm: left ? plannedBelow(left.mm, rules.unit) : room.leftMm,
    rightMm: right ? plannedBelow(right.mm, rules.unit) : room.rightMm,
    by: { left: left?.by ?? room.by.left, right: right?.by ?? room.by.right },
  };
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
