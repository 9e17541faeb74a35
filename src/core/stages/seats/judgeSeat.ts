import { deltaE00 } from '../../colour/spaces';
import type { Finding, FindingFacts } from '../../model/finding';
import { judgePatterns } from '../../textiles/judge/judgePatterns';
import { judgePillows, judgeSteps, judgeWear } from '../../textiles/judge/judgePillows';
import { judgeThrows } from '../../textiles/judge/judgeThrows';
import { finding, together } from '../../textiles/judge/laidCase';
import { isLumbar } from '../../room/pillow';
import { coverDifference } from '../../textiles/coverDifference';
import { seenCover, type PillowPlan } from '../../textiles/pillows';
import { backOf } from './back';
import type { Judge, SeatCase } from './seatCase';

/** Heights that differ by less look the same. */
const EPSILON_MM = 0.5;

/** Findings about a seat. */
export const judgeSeat = (seat: SeatCase): Finding[] => together(JUDGES.flatMap((judge) => judge(seat)));

const judgeSitters: Judge = (seat) => {
  const { canSit, eachMm, rules, purpose, wantedSitters: wanted } = seat;
  if (wanted <= 0) return [];
  const short = canSit < wanted;
  const facts = { canSit, wanted, eachMm, depthMm: rules.number('seats.depthLeft'), purpose };
  const code = short ? 'seat-room-short' : 'seat-room-good';
  return [finding(seat, code, short ? 'caution' : 'ok', facts, { rule: 'seats.perSitter' })];
};

/** Where each pillow is on the seat, and how high in front of its back. */
const judgePlaces: Judge = (seat) =>
  seat.pillows.flatMap((pillow) => [...judgeEdge(seat, pillow), ...judgeBack(seat, pillow)]);

function judgeEdge(seat: SeatCase, p: PillowPlan): Finding[] {
  const byMm = Math.max(p.useWidthMm / 2 - p.xMm, p.xMm + p.useWidthMm / 2 - seat.piece.seat.widthMm);
  if (byMm <= p.useWidthMm * seat.rules.number('seats.offSeat')) return [];
  const facts = { pillow: p.name, byMm };
  return [
    finding(seat, 'pillow-off-the-seat', 'stop', facts, { rule: 'seats.offSeat', about: [p.placementId] }),
  ];
}

/** A pillow that stands out over the back, or is too tall for a bench that has none. */
function judgeBack(seat: SeatCase, p: PillowPlan): Finding[] {
  const { piece, rules } = seat;
  const back = backOf(piece, rules);
  if (!back || p.useHeightMm - back.highestMm <= EPSILON_MM) return [];
  const about = [p.placementId];
  if (back.kind === 'none') {
    const facts = { pillow: p.name, highMm: p.useHeightMm, mostMm: back.highestMm };
    return [finding(seat, 'bench-pillow-tall', 'caution', facts, { rule: 'seats.benchPillow', about })];
  }
  const byMm = piece.seat.heightMm + p.useHeightMm - piece.heightMm;
  const facts = { pillow: p.name, byMm };
  return [finding(seat, 'back-too-tall', 'caution', facts, { rule: 'seats.overBack', about })];
}

/** The loose cushions that are taken out need a place meanwhile. */
const judgeCushions: Judge = (seat) => {
  const { cushions, isCleared, rules } = seat;
  if (!cushions) return [];
  const { count, whereabouts: where } = cushions;
  const more = { rule: 'seats.looseCushion' as const };
  if (where.trim() === '') return [finding(seat, 'cushions-no-place', 'caution', { count }, more)];
  const deeper: FindingFacts = isCleared
    ? { deeperMm: rules.number('seats.looseCushion') }
    : { deeper: 'none' };
  return [finding(seat, 'cushions-out', 'ok', { count, where, ...deeper }, more)];
};

/** A pillow nearer to the middle of its seat than this share of its width stands in the middle, at neither end. */
const IN_THE_MIDDLE = 0.25;

/** How many pillows are gathered at one end where nothing but a lumbar is at the other: that is one-sided on purpose. */
function gatheredAtOneEnd({ piece, pillows }: SeatCase): number | null {
  const middle = piece.seat.widthMm / 2;
  const ends = [pillows.filter((p) => p.xMm < middle), pillows.filter((p) => p.xMm > middle)];
  if (pillows.some((p) => Math.abs(p.xMm - middle) < p.useWidthMm * IN_THE_MIDDLE)) return null;
  const [few = [], many = []] = ends.sort((a, b) => a.length - b.length);
  const [lumbar] = few;
  if (!lumbar || few.length > 1 || many.length < 2) return null;
  return isLumbar(lumbar.cover) ? many.length : null;
}

/** How far apart the first colours of two pillows are; 0 where one has none. */
function apartOf({ shown: a }: PillowPlan, { shown: b }: PillowPlan): number {
  const [one, other] = [a.colours[0], b.colours[0]];
  return one && other ? deltaE00(one, other) : 0;
}

/** The two ends of the back row match, unless they differ on purpose. */
const judgeEnds: Judge = (seat) => {
  if (seat.rules.school('seats.endsSchool') === 'oneSided') return [];
  const row = seat.pillows.filter((p) => p.row === 0).sort((a, b) => a.xMm - b.xMm);
  const [left, right] = [row[0], row.at(-1)];
  if (!left || !right || left === right || seat.piece.seat.seats <= 1) return [];
  const gathered = gatheredAtOneEnd(seat);
  if (gathered !== null) {
    const facts = { count: gathered };
    return [finding(seat, 'ends-one-sided', 'ok', facts, { rule: 'seats.endsSchool' })];
  }
  const rule = { rule: 'seats.matchDeltaE' } as const;
  const facts = { left: left.name, right: right.name };
  const differs = coverDifference(seenCover(left), seenCover(right), seat.rules);
  if (!differs) return [finding(seat, 'ends-match', 'ok', facts, rule)];
  return [finding(seat, 'ends-differ', 'caution', { ...facts, differs, deltaE: apartOf(left, right) }, rule)];
};

const JUDGES: readonly Judge[] = [
  judgeSitters,
  judgePillows,
  judgePlaces,
  judgeSteps,
  judgePatterns,
  judgeEnds,
  judgeThrows,
  judgeCushions,
  judgeWear,
];
