import { clamp, type Mm } from '../../base/units';
import type { FindingCode, FindingFacts, Level } from '../../model/finding';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

/** Centre of a piece above the datum, and its gap over what it hangs over. */
export type HeightPlan = { centreMm: Mm; gapMm: Mm | null };

/** The centre that is preferred, and the range that is accepted around it. */
export type Aim = { wishMm: Mm; lowMm: Mm; highMm: Mm };

/** A piece, or a whole group, whose height is looked for. */
export type HeightFacts = {
  heightMm: Mm;
  overPiece: { topMm: Mm; isBed: boolean } | null;
  given: { centreMm: Mm | null; gapMm: Mm | null };
  ceilingMm: Mm;
  /** What people stand on in front of it: the floor, or the tread of a stair. */
  floorMm: Mm;
};

/** A height that is off by less looks right. */
const SEEN: Mm = 0.5;

export const gapRule = (overBed: boolean): RuleId =>
  overBed ? 'walls.gapOverHeadboard' : 'walls.gapOverFurniture';

/** One centre and no other. */
export const aimAt = (wishMm: Mm): Aim => ({ wishMm, lowMm: wishMm, highMm: wishMm });

/** Eye level as the studio has it, over what people stand on. A preferred centre outside the range widens it. */
export function eyeLevel(floorMm: Mm, rules: RuleBook): Aim {
  const [low, high] = rules.range('walls.centreRange');
  const wish = rules.number('walls.centre');
  return {
    wishMm: floorMm + wish,
    lowMm: floorMm + Math.min(low, wish),
    highMm: floorMm + Math.max(high, wish),
  };
}

type Span = { lowMm: Mm; highMm: Mm };
const both = (a: Span, b: Span): Span => ({
  lowMm: Math.max(a.lowMm, b.lowMm),
  highMm: Math.min(a.highMm, b.highMm),
});
const isEmpty = ({ lowMm, highMm }: Span): boolean => lowMm > highMm + 1e-6;
const nearest = (wishMm: Mm, { lowMm, highMm }: Span): Mm => clamp(wishMm, lowMm, highMm);

/** Centres between the furniture, or the floor, and the clear space that is kept above. */
const possible = ({ heightMm, ceilingMm, overPiece, floorMm }: HeightFacts, rules: RuleBook): Span => {
  const lowMm = (overPiece?.topMm ?? floorMm) + heightMm / 2;
  return { lowMm, highMm: Math.max(lowMm, ceilingMm - rules.number('walls.clearAbove') - heightMm / 2) };
};

/** Centres whose gap over the furniture is in its range. */
const inGap = ({ overPiece, heightMm }: HeightFacts, rules: RuleBook): Span => {
  if (!overPiece) return { lowMm: -Infinity, highMm: Infinity };
  const [low, high] = rules.range(gapRule(overPiece.isBed));
  const [lowMm, highMm] = [low, high].map((gap) => overPiece.topMm + gap + heightMm / 2) as [Mm, Mm];
  return { lowMm, highMm };
};

const withGap = ({ overPiece, heightMm }: HeightFacts, centreMm: Mm): HeightPlan => ({
  centreMm,
  gapMm: overPiece ? centreMm - heightMm / 2 - overPiece.topMm : null,
});

/**
 * Where a piece hangs. A typed centre or gap is kept. Otherwise, where the gap's range and the accepted
 * centres meet, the centre nearest to the preferred one; where they don't, one gives way (the studio's school; the
 * gap holds by default). The clear space under the ceiling comes before both, the furniture before that.
 */
export function chooseHeight(
  facts: HeightFacts,
  rules: RuleBook,
  aim: Aim = eyeLevel(facts.floorMm, rules),
): HeightPlan {
  const { given, overPiece, heightMm } = facts;
  if (given.centreMm !== null) return withGap(facts, given.centreMm);
  if (given.gapMm !== null && overPiece) return withGap(facts, overPiece.topMm + given.gapMm + heightMm / 2);
  return withGap(facts, chosenCentre(facts, rules, aim));
}

function chosenCentre(facts: HeightFacts, rules: RuleBook, aim: Aim): Mm {
  const { wishMm } = aim;
  const room = possible(facts, rules);
  const gap = inGap(facts, rules);
  const held = both(both(aim, gap), room);
  if (!isEmpty(held)) return nearest(wishMm, held);
  const centreHolds = rules.school('walls.yields') === 'gap' && wishMm >= room.lowMm;
  return nearest(centreHolds ? wishMm : nearest(wishMm, gap), room);
}

/** What a height is judged against: everything that it was chosen by, never how it came about. */
export type HeightCase = {
  height: HeightPlan;
  facts: HeightFacts;
  aim: Aim;
  /** The name of what it hangs over. */
  over: string;
  /** What is above. */
  overhead: string;
  /** The rule that the preferred centre comes from. */
  rule: RuleId;
  /** Other centres that are as right, for a whole: by either school. */
  schools: readonly Mm[];
};
export type HeightVerdict = {
  /** How far the gap is out of its range, how far the centre is off what is accepted; 0: not at all. */
  gapOffMm: Mm;
  centreOffMm: Mm;
  /** The ceiling keeps it lower than it would hang: by so much. */
  ceilingTookMm: Mm;
  /** Another height would hold both gap and centre. */
  avoidable: boolean;
};
type HeightFinding = { code: FindingCode; level: Level; by: FindingFacts; rule: RuleId };

const direction = (mm: Mm): 'above' | 'below' => (mm > 0 ? 'above' : 'below');
const unlessUnseen = (mm: Mm): Mm => (Math.abs(mm) > SEEN ? mm : 0);
const outOf = (mm: Mm, { lowMm, highMm }: Span): Mm => unlessUnseen(mm - clamp(mm, lowMm, highMm));

/** How a height compares with gap, centre and ceiling. Unrounded, and one verdict however it came about. */
export function heightVerdict(
  { height: { centreMm }, facts, aim, schools }: Omit<HeightCase, 'over' | 'overhead' | 'rule'>,
  rules: RuleBook,
): HeightVerdict {
  const band = eyeLevel(facts.floorMm, rules);
  const room = possible(facts, rules);
  const gap = inGap(facts, rules);
  const gapOffMm = outOf(centreMm, gap);
  const isAccepted =
    schools.some((mm) => Math.abs(centreMm - mm) <= SEEN) ||
    [aim, band].some((range) => outOf(centreMm, range) === 0);
  const offBare = outOf(centreMm, aim.lowMm === aim.highMm ? band : aim);
  const off = facts.overPiece ? unlessUnseen(centreMm - aim.wishMm) : offBare;
  const centreOffMm = isAccepted ? 0 : off;
  const isUnderCeiling = Math.abs(centreMm - room.highMm) <= SEEN;
  const tooLow = gapOffMm < 0 || centreOffMm < 0;
  const freely = { ...facts, ceilingMm: Infinity, given: { centreMm: null, gapMm: null } };
  return {
    gapOffMm,
    centreOffMm,
    ceilingTookMm:
      isUnderCeiling && tooLow ? unlessUnseen(chooseHeight(freely, rules, aim).centreMm - centreMm) : 0,
    avoidable: [aim, band].some((range) => !isEmpty(both(both(range, gap), room))),
  };
}

/**
 * What is said of a height: which of gap, centre and ceiling gave way, or that they agree; for a bare wall,
 * whether the centre is in its band. What another height would avoid is a caution, else it is a compromise.
 */
export function judgeHeight(judged: HeightCase, rules: RuleBook): HeightFinding[] {
  const { height, facts, aim, over, overhead, rule } = judged;
  const { overPiece } = facts;
  const { gapMm } = height;
  // on a stair the centre is told from the tread
  const centreMm = height.centreMm - facts.floorMm;
  const verdict = heightVerdict(judged, rules);
  const level: Level = verdict.avoidable ? 'caution' : 'yielded';
  if (verdict.ceilingTookMm > 0) {
    const wantMm = rules.number('walls.clearAbove');
    const by = { byMm: verdict.ceilingTookMm, centreMm, wantMm, other: overhead };
    return [
      { code: 'ceiling-yielded', level: 'yielded', by, rule: 'walls.clearAbove' },
      ...gapFindings(judged, verdict, 'yielded'),
    ];
  }
  if (verdict.gapOffMm !== 0) return gapFindings(judged, verdict, level);
  if (verdict.centreOffMm !== 0) {
    const by = {
      byMm: Math.abs(verdict.centreOffMm),
      direction: direction(verdict.centreOffMm),
      gapMm: gapMm ?? -1,
      wishMm: aim.wishMm - facts.floorMm,
      over: overPiece ? over : 'none',
    };
    const offRule = overPiece ? gapRule(overPiece.isBed) : 'walls.centreRange';
    return [{ code: 'centre-yielded', level, by, rule: offRule }];
  }
  if (!overPiece) return [{ code: 'centre-as-wished', level: 'ok', by: { centreMm }, rule }];
  const by = { gapMm: gapMm ?? 0, centreMm, over };
  return [{ code: 'centre-and-gap-agree', level: 'ok', by, rule: gapRule(overPiece.isBed) }];
}

function gapFindings(
  { height, facts: { overPiece }, over }: HeightCase,
  { gapOffMm }: HeightVerdict,
  level: Level,
): HeightFinding[] {
  if (gapOffMm === 0 || !overPiece) return [];
  const by = {
    byMm: Math.abs(gapOffMm),
    direction: direction(gapOffMm),
    gapMm: height.gapMm ?? 0,
    over,
  };
  return [{ code: 'gap-yielded', level, by, rule: gapRule(overPiece.isBed) }];
}
