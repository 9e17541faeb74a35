import { elementAt } from '../../base/list';
import { HAIR_MM } from '../../base/tolerance';
import type { Finding } from '../../model/finding';
import type { RuleId } from '../../rules/table';
import { judgePatterns } from '../../textiles/judge/judgePatterns';
import { judgePillows, judgeSteps, judgeWear } from '../../textiles/judge/judgePillows';
import { judgeThrows } from '../../textiles/judge/judgeThrows';
import { finding, together } from '../../textiles/judge/laidCase';
import type { BedCase, JudgeBed } from './bedCase';
import { judgeBedding } from './judgeBedding';
import { judgeWarmth } from './judgeWarmth';
import { mostLoose, rowShares } from './schools';

/** Findings about a bed. */
export const judgeBed = (bed: BedCase): Finding[] => together(JUDGES.flatMap((judge) => judge(bed)));

/** How much of the bed's width its back row covers (common practice). */
const judgeBackRow: JudgeBed = (bed) => {
  const { plan, rules } = bed;
  const back = plan.tiers[0];
  if (!back || back.pillows.length === 0) return [];
  const about = back.pillows.map((p) => p.placementId);
  const { rule: leastRule, leastShare, mostShare } = rowShares(plan.bed.widthMm, rules);
  const isShort = back.coverage < leastShare - SHARE_HAIR;
  const isOver = back.coverage > mostShare + SHARE_HAIR;
  const facts = { count: back.pillows.length, share: back.coverage, leastShare, mostShare };
  if (!isShort && !isOver) return [finding(bed, 'bed-row-good', 'ok', facts, { rule: leastRule, about })];
  const [side, rule]: [string, RuleId] = isShort ? ['short', leastRule] : ['over', 'beds.rowMost'];
  return [finding(bed, 'bed-row-off', 'caution', { ...facts, side }, { rule, about })];
};
const SHARE_HAIR = 1e-6;

/** A pillow that hangs over the side of the bed. */
const judgeEdges: JudgeBed = (bed) =>
  bed.pillows.flatMap((p) => {
    const byMm = Math.max(p.useWidthMm / 2 - p.xMm, p.xMm + p.useWidthMm / 2 - bed.plan.bed.widthMm);
    if (byMm <= Math.max(HAIR_MM, p.useWidthMm * bed.rules.number('seats.offSeat'))) return [];
    const about = [p.placementId];
    return [
      finding(bed, 'pillow-off-the-bed', 'stop', { pillow: p.name, byMm }, { rule: 'seats.offSeat', about }),
    ];
  });

/** What comes off for the night is not too much of it. */
const judgeNight: JudgeBed = (bed) => {
  const { toLiftOff: count, pillows, throws } = bed.plan;
  const { most, rule, school } = mostLoose(bed.rules);
  if (count <= most) return [];
  const about = [...pillows, ...throws].map((p) => p.placementId);
  return [finding(bed, 'bed-too-much', 'caution', { count, most, school }, { rule, about })];
};

/** Bedding that may lie in a cot with a baby. */
const SAFE_IN_COT: ReadonlySet<string | null> = new Set(['fitted', 'topper']);

/** Nothing soft lies in a cot: a baby can't free its face (advice of public health bodies on safe sleep, from memory). */
const judgeCot: JudgeBed = (bed) => {
  if (!bed.plan.isCot) return [];
  const soft = [
    ...bed.pillows.map((p) => ({ id: p.placementId, name: p.name })),
    ...bed.throws.map((p) => ({ id: p.placementId, name: p.name })),
    ...bed.plan.covers
      .filter(({ item }) => !SAFE_IN_COT.has(item.bedding))
      .map(({ placementId, item }) => ({ id: placementId, name: item.name })),
  ];
  if (soft.length === 0) return [];
  const things = [...new Set(soft.map(({ name }) => name))];
  return [finding(bed, 'cot-soft', 'stop', { things }, { about: soft.map(({ id }) => id) })];
};

/** High to low: no row rises over the one behind it. */
const judgeTiers: JudgeBed = (bed) => {
  const heights = bed.plan.tiers.map(({ pillows }) => Math.max(...pillows.map((p) => p.useHeightMm)));
  const at = heights.findIndex((mm, i) => i > 0 && mm > elementAt(heights, i - 1) + HAIR_MM);
  if (at < 0) return [];
  const [front, behind] = [elementAt(bed.plan.tiers, at), elementAt(bed.plan.tiers, at - 1)];
  const facts = {
    front: front.pillows[0]?.name ?? '',
    back: behind.pillows[0]?.name ?? '',
    byMm: elementAt(heights, at) - elementAt(heights, at - 1),
  };
  const about = front.pillows.map((p) => p.placementId);
  return [finding(bed, 'bed-row-hidden', 'caution', facts, { rule: 'seats.stepDown', about })];
};

const JUDGES: readonly JudgeBed[] = [
  judgeCot,
  judgeBackRow,
  judgeTiers,
  judgeEdges,
  judgePillows,
  judgeSteps,
  judgePatterns,
  judgeBedding,
  judgeThrows,
  judgeWarmth,
  judgeNight,
  judgeWear,
];
