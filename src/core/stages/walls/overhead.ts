import type { Mm } from '../../base/units';
import { overlapLength } from '../../geometry/plane';
import type { FindingFacts } from '../../model/finding';
import type { RuleBook } from '../../rules/book';
import type { HangingPlace } from './hangingPlan';

/** What a piece's top meets, above the datum, and what it is. */
export type Overhead = { mm: Mm; by: string };

/**
 * Where across the wall a piece hangs when nobody has put it: at the rule's share of the furniture below, or
 * of a bare wall.
 */
export const acrossOf = (
  place: Pick<HangingPlace, 'wallLengthMm'> & { overPiece: { xMm: Mm; widthMm: Mm } | null },
  rules: RuleBook,
): Mm =>
  (place.overPiece?.xMm ?? 0) +
  (place.overPiece?.widthMm ?? place.wallLengthMm) * rules.number('walls.across');

/** What a piece's top meets first: the ceiling or crown over it, or a shelf above its preferred middle. */
export function topsOut(
  place: Pick<HangingPlace, 'fittings' | 'ceilingMm' | 'ceilingBy'>,
  xMm: Mm,
  widthMm: Mm,
  wishMm: Mm,
): Overhead {
  const [left, right] = [xMm - widthMm / 2, xMm + widthMm / 2];
  return place.fittings
    .filter((f) => f.shelf && f.box.yMm > wishMm)
    .filter((f) => overlapLength(left, right, f.box.xMm, f.box.xMm + f.box.widthMm) > 0)
    .reduce<Overhead>((low, f) => (f.box.yMm < low.mm ? { mm: f.box.yMm, by: f.name } : low), {
      mm: place.ceilingMm,
      by: place.ceilingBy,
    });
}

/** The amounts where less is left above than the rule wants, by a shelf or a ceiling. */
export function clearAboveShort(overhead: Overhead, topMm: Mm, rules: RuleBook): FindingFacts | null {
  const leftMm = overhead.mm - topMm;
  const wantMm = rules.number('walls.clearAbove');
  if (leftMm <= -0.5 || leftMm >= wantMm - 0.5) return null;
  return { leftMm: Math.max(0, leftMm), wantMm, other: overhead.by };
}
