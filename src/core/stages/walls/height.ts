import { clamp, toMark, type Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

export type HeightPlan = { centreMm: Mm; gapMm: Mm | null; yielded: 'none' | 'centre' | 'gap'; byMm: Mm; ceilingTookMm: Mm };

export const gapRule = (overBed: boolean): RuleId => (overBed ? 'walls.gapOverHeadboard' : 'walls.gapOverFurniture');

/**
 * Centre of a piece above the datum. Over furniture: the gap in its range that brings the centre nearest to the wish;
 * when none reaches it, one of the two gives way (the studio's school; the gap holds by default) and `byMm` says how much.
 * A given gap or centre is kept.
 */
export function chooseHeight(heightMm: Mm, over: { topMm: Mm; isBed: boolean } | null, given: { centreMm: Mm | null; gapMm: Mm | null }, ceilingMm: Mm, rules: RuleBook, wish: Mm = rules.number('walls.centre')): HeightPlan {
  if (given.centreMm !== null) {
    const gapMm = over ? given.centreMm - heightMm / 2 - over.topMm : null;
    const [low, high] = over ? rules.range(gapRule(over.isBed)) : [0, 0];
    const offMm = gapMm === null ? 0 : gapMm - clamp(gapMm, low, high);
    return { centreMm: given.centreMm, gapMm, yielded: Math.abs(offMm) > 0.5 ? 'gap' : 'none', byMm: offMm, ceilingTookMm: 0 };
  }
  if (!over) return underCeiling({ centreMm: wish, gapMm: null, yielded: 'none', byMm: 0, ceilingTookMm: 0 });
  const [low, high] = rules.range(gapRule(over.isBed));
  const neededGap = wish - heightMm / 2 - over.topMm;
  const gapMm = given.gapMm ?? toMark(clamp(neededGap, low, high), rules.unit);
  const centreByGap = over.topMm + gapMm + heightMm / 2;
  const offMm = centreByGap - wish;
  if (given.gapMm === null && Math.abs(offMm) > 0.5 && rules.school('walls.yields') === 'gap' && neededGap >= 0) {
    return underCeiling({ centreMm: wish, gapMm: neededGap, yielded: 'gap', byMm: neededGap - clamp(neededGap, low, high), ceilingTookMm: 0 });
  }
  return underCeiling({ centreMm: centreByGap, gapMm, yielded: Math.abs(offMm) > 0.5 ? 'centre' : 'none', byMm: offMm, ceilingTookMm: 0 });

  /** A low ceiling takes from the height until the clear space above is kept, but never below the furniture. */
  function underCeiling(plan: HeightPlan): HeightPlan {
    const most = ceilingMm - rules.number('walls.clearAbove') - heightMm / 2;
    const least = over ? over.topMm + heightMm / 2 : 0;
    const centreMm = Math.max(Math.min(plan.centreMm, most), Math.min(least, plan.centreMm));
    const took = plan.centreMm - centreMm;
    if (took < 0.5) return plan;
    return { centreMm, gapMm: plan.gapMm === null ? null : plan.gapMm - took, yielded: plan.gapMm === null ? 'centre' : 'gap', byMm: plan.gapMm === null ? centreMm - wish : Math.min(0, plan.gapMm - took - lowGap()), ceilingTookMm: took };
  }
  function lowGap(): Mm { return over ? rules.range(gapRule(over.isBed))[0] : 0; }
}
