import { clamp, toPlanned, type Mm } from '../../base/units';
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

/** A piece, or a whole group, whose height is looked for. */
export type HeightFacts = {
  heightMm: Mm;
  overPiece: { topMm: Mm; isBed: boolean } | null;
  given: { centreMm: Mm | null; gapMm: Mm | null };
  ceilingMm: Mm;
};

/** A height that is off by less looks right. */
const SEEN: Mm = 0.5;

export const gapRule = (overBed: boolean): RuleId =>
  overBed ? 'walls.gapOverHeadboard' : 'walls.gapOverFurniture';

/** A height that nothing had to give way for. */
export const settledAt = (centreMm: Mm): HeightPlan => ({
  centreMm,
  gapMm: null,
  yielded: 'none',
  byMm: 0,
  ceilingTookMm: 0,
});

/**
 * Centre of a piece above the datum. Over furniture: the gap in its range that brings the centre nearest to
 * the preferred one; when none reaches it, one of the two gives way (the studio's school; the gap holds by
 * default) and `byMm` says how much. A typed gap or centre is kept.
 */
export function chooseHeight(
  facts: HeightFacts,
  rules: RuleBook,
  wish: Mm = rules.number('walls.centre'),
): HeightPlan {
  const { given, overPiece } = facts;
  if (given.centreMm !== null) return atTypedCentre(facts, given.centreMm, rules);
  if (!overPiece) return underCeiling(settledAt(wish), facts, rules, wish);
  if (given.gapMm !== null) return atTypedGap(facts, given.gapMm, rules, wish);
  const [low, high] = rules.range(gapRule(overPiece.isBed));
  const neededGap = wish - facts.heightMm / 2 - overPiece.topMm;
  const gapMm = toPlanned(clamp(neededGap, low, high), rules.unit);
  const centreMm = overPiece.topMm + gapMm + facts.heightMm / 2;
  const offMm = centreMm - wish;
  const offIsSeen = Math.abs(offMm) > SEEN;
  if (offIsSeen && rules.school('walls.yields') === 'gap' && neededGap >= 0) {
    const byMm = neededGap - clamp(neededGap, low, high);
    const plan: HeightPlan = { ...settledAt(wish), gapMm: neededGap, yielded: 'gap', byMm };
    return underCeiling(plan, facts, rules, wish);
  }
  const plan: HeightPlan = {
    ...settledAt(centreMm),
    gapMm,
    yielded: offIsSeen ? 'centre' : 'none',
    byMm: offMm,
  };
  return underCeiling(plan, facts, rules, wish);
}

/** How far a gap is out of its range; nothing where there is no furniture below. */
function gapOff({ overPiece }: HeightFacts, gapMm: Mm | null, rules: RuleBook): Mm {
  if (!overPiece || gapMm === null) return 0;
  const [low, high] = rules.range(gapRule(overPiece.isBed));
  return gapMm - clamp(gapMm, low, high);
}

function atTypedCentre(facts: HeightFacts, centreMm: Mm, rules: RuleBook): HeightPlan {
  const { overPiece, heightMm } = facts;
  const gapMm = overPiece ? centreMm - heightMm / 2 - overPiece.topMm : null;
  const byMm = gapOff(facts, gapMm, rules);
  return { ...settledAt(centreMm), gapMm, yielded: Math.abs(byMm) > SEEN ? 'gap' : 'none', byMm };
}

/** Kept as it was typed; a ceiling that comes too near is reported. */
function atTypedGap(facts: HeightFacts, gapMm: Mm, rules: RuleBook, wish: Mm): HeightPlan {
  const centreMm = (facts.overPiece?.topMm ?? 0) + gapMm + facts.heightMm / 2;
  const gapByMm = gapOff(facts, gapMm, rules);
  if (Math.abs(gapByMm) > SEEN) return { ...settledAt(centreMm), gapMm, yielded: 'gap', byMm: gapByMm };
  const byMm = centreMm - wish;
  return { ...settledAt(centreMm), gapMm, yielded: Math.abs(byMm) > SEEN ? 'centre' : 'none', byMm };
}

/** A low ceiling takes from the height until the clear space above is kept, but never below the furniture. */
function underCeiling(plan: HeightPlan, facts: HeightFacts, rules: RuleBook, wish: Mm): HeightPlan {
  const { heightMm, ceilingMm, overPiece } = facts;
  const most = ceilingMm - rules.number('walls.clearAbove') - heightMm / 2;
  const least = (overPiece?.topMm ?? 0) + heightMm / 2;
  const centreMm = Math.max(Math.min(plan.centreMm, most), Math.min(least, plan.centreMm));
  const ceilingTookMm = plan.centreMm - centreMm;
  if (ceilingTookMm < SEEN) return plan;
  const gapMm = plan.gapMm === null ? null : plan.gapMm - ceilingTookMm;
  const gapByMm = gapOff(facts, gapMm, rules);
  const gapYields = Math.abs(gapByMm) > SEEN;
  return {
    centreMm,
    gapMm,
    yielded: gapYields ? 'gap' : 'centre',
    byMm: gapYields ? gapByMm : centreMm - wish,
    ceilingTookMm,
  };
}

/** What a height is judged against. */
export type HeightCase = {
  height: HeightPlan;
  overPiece: { name: string; isBed: boolean } | null;
  wishMm: Mm;
  /** What is above. */
  overhead: string;
  /** The rule that the preferred centre comes from. */
  rule: RuleId;
  /** Other centres that are as right, for a whole: by either school. */
  schools: readonly Mm[];
};
type HeightFinding = { code: FindingCode; level: Level; by: FindingFacts; rule: RuleId };

const direction = (mm: Mm): 'above' | 'below' => (mm > 0 ? 'above' : 'below');

/**
 * What is said of a height: which of gap, centre and ceiling gave way, or that they agree; for a bare wall,
 * whether the centre is in its band.
 */
export function judgeHeight(judged: HeightCase, rules: RuleBook): HeightFinding[] {
  const { height, overPiece, overhead, rule } = judged;
  const { centreMm, gapMm, byMm, ceilingTookMm } = height;
  const found: HeightFinding[] = [];
  if (ceilingTookMm > SEEN)
    found.push({
      code: 'ceiling-yielded',
      level: 'yielded',
      by: { byMm: ceilingTookMm, centreMm, wantMm: rules.number('walls.clearAbove'), other: overhead },
      rule: 'walls.clearAbove',
    });
  if (height.yielded === 'gap' && overPiece)
    found.push({
      code: 'gap-yielded',
      level: 'yielded',
      by: { byMm: Math.abs(byMm), direction: direction(byMm), gapMm: gapMm ?? 0, over: overPiece.name },
      rule: overPiece ? gapRule(overPiece.isBed) : rule,
    });
  if (ceilingTookMm > SEEN || height.yielded === 'gap') return found;
  return [...found, overPiece ? overFurniture(judged, overPiece) : onBareWall(judged, rules)];
}

function overFurniture(
  { height, wishMm }: HeightCase,
  overPiece: { name: string; isBed: boolean },
): HeightFinding {
  const { centreMm, byMm } = height;
  const gapMm = height.gapMm ?? 0;
  const rule = gapRule(overPiece.isBed);
  if (height.yielded !== 'centre')
    return { code: 'centre-and-gap-agree', level: 'ok', by: { gapMm, centreMm, over: overPiece.name }, rule };
  const facts = { byMm: Math.abs(byMm), direction: direction(byMm), gapMm, wishMm, over: overPiece.name };
  return { code: 'centre-yielded', level: 'yielded', by: facts, rule };
}

function onBareWall({ height, wishMm, schools, rule }: HeightCase, rules: RuleBook): HeightFinding {
  const { centreMm } = height;
  const [low, high] = rules.range('walls.centreRange');
  // a whole may be hung by either school of height, whichever the studio keeps to
  const bySchool = [wishMm, ...schools].some((mm) => Math.abs(centreMm - mm) <= SEEN);
  const offMm = bySchool ? 0 : centreMm - clamp(centreMm, low, high);
  if (Math.abs(offMm) <= SEEN) return { code: 'centre-as-wished', level: 'ok', by: { centreMm }, rule };
  return {
    code: 'centre-yielded',
    level: 'caution',
    by: { byMm: Math.abs(offMm), direction: direction(offMm), gapMm: -1, wishMm, over: 'none' },
    rule: 'walls.centreRange',
  };
}
