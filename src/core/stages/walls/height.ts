import { clamp, toMark, type Mm } from '../../base/units';
import type { FindingCode, FindingFacts, Level } from '../../model/finding';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

export type HeightPlan = {
  centreMm: Mm;
  gapMm: Mm | null;
  yielded: 'none' | 'centre' | 'gap';
  byMm: Mm;
  ceilingTookMm: Mm;
};

export const gapRule = (overBed: boolean): RuleId =>
  overBed ? 'walls.gapOverHeadboard' : 'walls.gapOverFurniture';

/**
 * Centre of a piece above the datum. Over furniture: the gap in its range that brings the centre nearest to
 * the wish;
 * when none reaches it, one of the two gives way (the studio's school; the gap holds by default) and `byMm`
 * says how much.
 * A given gap or centre is kept.
 */
export function chooseHeight(
  heightMm: Mm,
  over: { topMm: Mm; isBed: boolean } | null,
  given: { centreMm: Mm | null; gapMm: Mm | null },
  ceilingMm: Mm,
  rules: RuleBook,
  wish: Mm = rules.number('walls.centre'),
): HeightPlan {
  if (given.centreMm !== null) {
    const gapMm = over ? given.centreMm - heightMm / 2 - over.topMm : null;
    const [low, high] = over ? rules.range(gapRule(over.isBed)) : [0, 0];
    const offMm = gapMm === null ? 0 : gapMm - clamp(gapMm, low, high);
    return {
      centreMm: given.centreMm,
      gapMm,
      yielded: Math.abs(offMm) > 0.5 ? 'gap' : 'none',
      byMm: offMm,
      ceilingTookMm: 0,
    };
  }
  if (!over) return underCeiling({ centreMm: wish, gapMm: null, yielded: 'none', byMm: 0, ceilingTookMm: 0 });
  const [low, high] = rules.range(gapRule(over.isBed));
  const neededGap = wish - heightMm / 2 - over.topMm;
  const gapMm = given.gapMm ?? toMark(clamp(neededGap, low, high), rules.unit);
  const centreByGap = over.topMm + gapMm + heightMm / 2;
  const offMm = centreByGap - wish;
  if (given.gapMm !== null) {
    // kept as it was typed; a ceiling that comes too near is told
    const gapOff = gapMm - clamp(gapMm, low, high);
    return {
      centreMm: centreByGap,
      gapMm,
      yielded: Math.abs(gapOff) > 0.5 ? 'gap' : Math.abs(offMm) > 0.5 ? 'centre' : 'none',
      byMm: Math.abs(gapOff) > 0.5 ? gapOff : offMm,
      ceilingTookMm: 0,
    };
  }
  if (Math.abs(offMm) > 0.5 && rules.school('walls.yields') === 'gap' && neededGap >= 0) {
    return underCeiling({
      centreMm: wish,
      gapMm: neededGap,
      yielded: 'gap',
      byMm: neededGap - clamp(neededGap, low, high),
      ceilingTookMm: 0,
    });
  }
  return underCeiling({
    centreMm: centreByGap,
    gapMm,
    yielded: Math.abs(offMm) > 0.5 ? 'centre' : 'none',
    byMm: offMm,
    ceilingTookMm: 0,
  });

  /**
   * A low ceiling takes from the height until the clear space above is kept, but never below the furniture.
   */
  function underCeiling(plan: HeightPlan): HeightPlan {
    const most = ceilingMm - rules.number('walls.clearAbove') - heightMm / 2;
    const least = (over?.topMm ?? 0) + heightMm / 2;
    const centreMm = Math.max(Math.min(plan.centreMm, most), Math.min(least, plan.centreMm));
    const took = plan.centreMm - centreMm;
    if (took < 0.5) return plan;
    const gapMm = plan.gapMm === null ? null : plan.gapMm - took;
    const [low, high] = over ? rules.range(gapRule(over.isBed)) : [0, 0];
    const gapOff = gapMm === null ? 0 : gapMm - clamp(gapMm, low, high);
    return {
      centreMm,
      gapMm,
      yielded: Math.abs(gapOff) > 0.5 ? 'gap' : 'centre',
      byMm: Math.abs(gapOff) > 0.5 ? gapOff : centreMm - wish,
      ceilingTookMm: took,
    };
  }
}

/**
 * What is said of a height: which of gap, centre and ceiling gave way, or that they agree; for a bare wall,
 * whether the centre is in its band.
 */
export function heightFinding(
  height: HeightPlan,
  over: { name: string; isBed: boolean } | null,
  wishMm: Mm,
  above: string,
  asWished: RuleId,
  rules: RuleBook,
  schools: readonly Mm[] = [],
): { code: FindingCode; level: Level; by: FindingFacts; rule: RuleId }[] {
  const { centreMm, gapMm, byMm, ceilingTookMm } = height;
  const direction = byMm > 0 ? 'above' : 'below';
  const gap = over ? gapRule(over.isBed) : asWished;
  const found: ReturnType<typeof heightFinding> = [];
  if (ceilingTookMm > 0.5)
    found.push({
      code: 'ceiling-yielded',
      level: 'yielded',
      by: { byMm: ceilingTookMm, centreMm, wantMm: rules.number('walls.clearAbove'), other: above },
      rule: 'walls.clearAbove',
    });
  if (height.yielded === 'gap' && over)
    found.push({
      code: 'gap-yielded',
      level: 'yielded',
      by: { byMm: Math.abs(byMm), direction, gapMm: gapMm ?? 0, over: over.name },
      rule: gap,
    });
  if (ceilingTookMm > 0.5 || height.yielded === 'gap') return found;
  if (over)
    found.push(
      height.yielded === 'centre'
        ? {
            code: 'centre-yielded',
            level: 'yielded',
            by: { byMm: Math.abs(byMm), direction, gapMm: gapMm ?? 0, wishMm, over: over.name },
            rule: gap,
          }
        : {
            code: 'centre-and-gap-agree',
            level: 'ok',
            by: { gapMm: gapMm ?? 0, centreMm, over: over.name },
            rule: gap,
          },
    );
  else {
    const [low, high] = rules.range('walls.centreRange');
    // a whole may be hung by either school of height, whichever the studio keeps to
    const off = [wishMm, ...schools].some((mm) => Math.abs(centreMm - mm) <= 0.5)
      ? 0
      : centreMm - clamp(centreMm, low, high);
    found.push(
      Math.abs(off) > 0.5
        ? {
            code: 'centre-yielded',
            level: 'caution',
            by: {
              byMm: Math.abs(off),
              direction: off > 0 ? 'above' : 'below',
              gapMm: -1,
              wishMm,
              over: 'none',
            },
            rule: 'walls.centreRange',
          }
        : { code: 'centre-as-wished', level: 'ok', by: { centreMm }, rule: asWished },
    );
  }
  return found;
}
