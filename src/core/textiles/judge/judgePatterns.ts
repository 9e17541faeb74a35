import type { Finding } from '../../model/finding';
import type { Pattern } from '../../model/types';
import { finding, type LaidCase } from './laidCase';
import type { PillowPlan } from '../pillows';

export const isPatterned = ({ kind }: Pick<Pattern, 'kind'>): boolean =>
  kind !== 'solid' && kind !== 'texture';

/**
 * Patterns on one seat (common practice): at most two bold ones, each of its own scale, something plain among them, and a
 * plain last accent.
 */
export const judgePatterns = (seat: LaidCase): Finding[] => {
  const patterned = differentCovers(seat.pillows.filter((p) => isPatterned(p.shown.pattern)));
  return [
    ...judgeBold(seat, patterned),
    ...judgeScales(seat, patterned),
    ...judgePlain(seat, patterned),
    ...judgeAccent(seat),
  ];
};

/** One pillow of each cover. */
const differentCovers = (pillows: readonly PillowPlan[]): PillowPlan[] => [
  ...new Map(pillows.map((p) => [p.itemId, p])).values(),
];

function judgeBold(seat: LaidCase, patterned: readonly PillowPlan[]): Finding[] {
  const { rules } = seat;
  const bold = patterned.filter((p) => p.shown.pattern.repeatMm >= rules.number('seats.boldRepeat'));
  const [count, most] = [bold.length, rules.number('seats.boldPatterns')];
  if (count <= most) return [];
  return [finding(seat, 'too-many-bold', 'caution', { count, most }, { rule: 'seats.boldPatterns' })];
}

/** Two patterns whose repeats are about as large compete; an unknown repeat is not judged. */
function judgeScales(seat: LaidCase, patterned: readonly PillowPlan[]): Finding[] {
  const most = seat.rules.number('seats.samePatternScale');
  const known = patterned.filter((p) => p.shown.pattern.repeatMm > 0);
  const sorted = [...known].sort((a, b) => b.shown.pattern.repeatMm - a.shown.pattern.repeatMm);
  return sorted.slice(1).flatMap((small, i) => {
    const large = sorted[i];
    if (!large || large.shown.pattern.repeatMm >= small.shown.pattern.repeatMm * most) return [];
    const facts = {
      one: large.name,
      other: small.name,
      oneRepeatMm: large.shown.pattern.repeatMm,
      otherRepeatMm: small.shown.pattern.repeatMm,
    };
    const about = [large.placementId, small.placementId];
    return [
      finding(seat, 'patterns-same-scale', 'yielded', facts, { rule: 'seats.samePatternScale', about }),
    ];
  });
}

const FEW = 3;

function judgePlain(seat: LaidCase, patterned: readonly PillowPlan[]): Finding[] {
  const all = differentCovers(seat.pillows);
  if (all.length < FEW || patterned.length < all.length) return [];
  return [finding(seat, 'all-patterned', 'yielded', { count: all.length }, { rule: 'seats.boldPatterns' })];
}

/** With two patterned covers behind it, the single one in front is plain. */
function judgeAccent(seat: LaidCase): Finding[] {
  const last = seat.pillows.at(-1);
  if (!last || !isPatterned(last.shown.pattern)) return [];
  const isSingle = seat.pillows.filter((p) => p.itemId === last.itemId).length === 1;
  const behind = differentCovers(
    seat.pillows.filter((p) => p.row < last.row && isPatterned(p.shown.pattern)),
  );
  if (!isSingle || behind.length < 2) return [];
  const about = [last.placementId];
  return [
    finding(
      seat,
      'accent-patterned',
      'yielded',
      { pillow: last.name },
      { rule: 'seats.boldPatterns', about },
    ),
  ];
}
