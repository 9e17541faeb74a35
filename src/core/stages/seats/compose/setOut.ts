import { elementAt } from '../../../base/list';
import { toPlanned } from '../../../base/units';
import type { Lie, Placement } from '../../../model/types';
import { takenSize } from '../../../room/pillow';
import type { RuleBook } from '../../../rules/book';
import { backOf } from '../back';
import { coverDifference, type SeenCover } from '../../../textiles/coverDifference';
import { overlapOf, rightBehind } from '../../../textiles/pillows';
import type { School, SeatAsk } from './ask';
import type { CoverFacts } from './coverFacts';
import type { Group, Slot } from './slots';

/** A pillow of an arrangement: on its slot, or where it is locked. */
export type SetPillow = {
  cover: CoverFacts;
  lie: Lie;
  xMm: number;
  useWidthMm: number;
  useHeightMm: number;
  coverHeightMm: number;
  row: number;
  locked: Placement | null;
};

/** A group of slots that is filled, with the locked pillows that stand on its slots already. */
export type Opening = {
  group: Group;
  locked: readonly (SetPillow | null)[];
  /** The cover that a locked pillow of the group gives it. */
  fixed: CoverFacts | null;
};

/** What is the same for every arrangement of a seat by a school. */
export type SeatFrame = {
  seat: SeatAsk;
  school: School;
  openings: readonly Opening[];
  /** Locked pillows for which the school has no place. */
  extra: readonly SetPillow[];
};

/** A locked pillow as it stands. */
export function lockedPillow(placement: Placement, cover: CoverFacts, rules: RuleBook): SetPillow {
  const isTurned = placement.lie === 'proppedSide';
  const use = takenSize(cover.item, isTurned, rules);
  return {
    cover,
    lie: placement.lie,
    xMm: placement.xMm,
    useWidthMm: use.widthMm,
    useHeightMm: use.heightMm,
    coverHeightMm: isTurned ? cover.item.widthMm : cover.item.heightMm,
    row: placement.row,
    locked: placement,
  };
}

/** How much a row counts against the width of the seat, when a locked pillow is matched with a slot. */
const ROW_APART = 0.5;

/** Gives each locked pillow the slot of a school that is nearest. */
export function frameOf(
  seat: SeatAsk,
  school: School,
  groups: readonly Group[],
  locked: readonly SetPillow[],
): SeatFrame {
  const onSlot = new Map<Slot, SetPillow>();
  const extra: SetPillow[] = [];
  const width = seat.piece.seat.widthMm;
  for (const pillow of locked) {
    const apart = (slot: Slot) =>
      Math.abs(pillow.xMm / width - slot.at) + ROW_APART * Math.abs(pillow.row - slot.row);
    const open = groups.flatMap((g) => g.slots).filter((slot) => !onSlot.has(slot));
    const nearest = [...open].sort((a, b) => apart(a) - apart(b))[0];
    if (nearest) onSlot.set(nearest, pillow);
    else extra.push(pillow);
  }
  return {
    seat,
    school,
    extra,
    openings: groups.map((group) => {
      const here = group.slots.map((slot) => onSlot.get(slot) ?? null);
      return { group, locked: here, fixed: here.find((p) => p !== null)?.cover ?? null };
    }),
  };
}

/** How many more of its cover a group takes. */
export const slotsToFill = ({ locked }: Opening): number => locked.filter((p) => p === null).length;

/** Pillows in one row that overlap by less only touch. */
const TOUCH_MM = 1;

/**
 * Sets the covers of a school out on a seat, back to front. A pillow that has no room in its row stands in front of it.
 * null where an arrangement breaks a rule of sizes.
 */
export function setOut(frame: SeatFrame, covers: readonly CoverFacts[], rules: RuleBook): SetPillow[] | null {
  if (covers.length < frame.openings.length) return null;
  const pillows = standing(frame, covers, rules);
  return fitsSeat(pillows, frame.seat, frame.school, rules) ? pillows : null;
}

/** Where the covers of the first groups of a school stand, whether they may or not. */
export function standing(
  { seat, openings, extra }: SeatFrame,
  covers: readonly CoverFacts[],
  rules: RuleBook,
): SetPillow[] {
  const pillows: SetPillow[] = [...extra];
  for (const [i, cover] of covers.entries()) {
    const { group, locked } = elementAt(openings, i);
    for (const [n, slot] of group.slots.entries())
      pillows.push(locked[n] ?? onItsSlot(cover, slot, pillows, seat, rules));
  }
  return pillows;
}

function onItsSlot(
  cover: CoverFacts,
  slot: Slot,
  others: readonly SetPillow[],
  { piece }: SeatAsk,
  rules: RuleBook,
): SetPillow {
  const { widthMm, heightMm } = cover.use;
  const xMm = toPlanned(widthMm / 2 + slot.at * (piece.seat.widthMm - widthMm), rules.unit);
  const pillow: SetPillow = {
    cover,
    lie: 'propped',
    xMm,
    useWidthMm: widthMm,
    useHeightMm: heightMm,
    coverHeightMm: cover.item.heightMm,
    row: slot.row,
    locked: null,
  };
  const isTaken = (row: number) => others.some((o) => o.row === row && overlapOf(pillow, o) > TOUCH_MM);
  let row = slot.row;
  while (isTaken(row)) row++;
  return { ...pillow, row };
}

const EPSILON_MM = 0.5;

/** Whether everything that is new keeps to the rules of sizes, of ends alike and of bold patterns. */
function fitsSeat(
  pillows: readonly SetPillow[],
  { piece }: SeatAsk,
  school: School,
  rules: RuleBook,
): boolean {
  const back = backOf(piece, rules);
  const stepMm = rules.number('seats.stepDown') - EPSILON_MM;
  for (const pillow of pillows) {
    if (pillow.locked) continue;
    if (pillow.useWidthMm > piece.seat.widthMm) return false;
    if (back && pillow.useHeightMm > back.highestMm + EPSILON_MM) return false;
  }
  for (const front of pillows) {
    const behind = rightBehind(front, pillows, rules);
    if (!behind || (front.locked && behind.locked)) continue;
    if (behind.coverHeightMm - front.coverHeightMm < stepMm) return false;
  }
  if (school !== 'oneSided' && !endsAlike(pillows, rules)) return false;
  if (school === 'layered' && !descends(pillows, stepMm)) return false;
  const bold = new Set(pillows.filter((p) => p.cover.pattern === 'bold').map((p) => p.cover.item.id));
  return bold.size <= rules.number('seats.boldPatterns');
}

/** Every row smaller than the one behind it, whether it stands right in front of it or not. */
function descends(pillows: readonly SetPillow[], stepMm: number): boolean {
  return pillows.every((front) =>
    pillows.every((behind) => {
      if (behind.row >= front.row || (front.locked && behind.locked)) return true;
      return behind.coverHeightMm - front.coverHeightMm >= stepMm;
    }),
  );
}

function endsAlike(pillows: readonly SetPillow[], rules: RuleBook): boolean {
  const row = pillows.filter((p) => p.row === 0);
  const left = row.reduce<SetPillow | null>((best, p) => (best && best.xMm <= p.xMm ? best : p), null);
  const right = row.reduce<SetPillow | null>((best, p) => (best && best.xMm >= p.xMm ? best : p), null);
  if (!left || !right || left === right) return true;
  if (left.locked && right.locked) return true;
  return coverDifference(seenPillow(left), seenPillow(right), rules) === null;
}

/** A pillow as it is seen beside others. */
export function seenPillow({ cover: { item }, lie }: SetPillow): SeenCover {
  const isTurned = lie === 'proppedSide';
  const [widthMm, heightMm] = isTurned ? [item.heightMm, item.widthMm] : [item.widthMm, item.heightMm];
  return { widthMm, heightMm, colours: item.colours, pattern: item.pattern, texture: item.texture };
}
