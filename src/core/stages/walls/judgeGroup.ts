import type { Mm } from '../../base/units';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { HangingGroup } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import type { GroupMember, GroupPlace, GroupPlan } from './groupPlan';
import { eyeLevel, judgeHeight, type Aim, type HeightFacts, type HeightPlan } from './height';
import { judgeHoles } from './judgeHoles';
import { usualColumns } from './layout';
import { clearAboveShort, type Overhead } from './overhead';
import { judgeWidthShare } from './widthShare';

/** A group as it was planned, to be judged. */
export type GroupCase = {
  plan: Omit<GroupPlan, 'findings'>;
  group: HangingGroup;
  members: readonly GroupMember[];
  about: GroupPlace;
  height: { plan: HeightPlan; facts: HeightFacts; aim: Aim };
  overhead: Overhead;
  unevenMm: readonly Mm[];
  edges: { leftMm: Mm; rightMm: Mm };
};
type Judge = (whole: GroupCase, rules: RuleBook) => Finding[];

/** Two pieces of a pair are of one size within this. */
const SAME_SIZE: Mm = 5;

const finding = (
  { group }: GroupCase,
  code: FindingCode,
  level: Level,
  facts: FindingFacts,
  rule?: RuleId,
): Finding => ({
  code,
  level,
  stage: 'walls',
  about: [group.id],
  by: { piece: group.name, ...facts },
  ...(rule ? { rule } : {}),
});

/** What to look out for at a group, judged as one piece. */
export const judgeGroup: Judge = (whole, rules) =>
  whole.members.length === 0 ? [] : JUDGES.flatMap((judge) => judge(whole, rules));

const judgeMiddle: Judge = (whole, rules) => {
  const { group, height, plan, overhead, members, about } = whole;
  const { overPiece } = about.place;
  const isBesideScreen = group.kind === 'pair' && (about.axis?.centreMm ?? null) !== null;
  if (!overPiece && isBesideScreen) return [];
  if (plan.overTreadsMm && !overPiece) return judgeTreads(whole, plan.overTreadsMm, rules);
  const schools = members.length > 1 ? [plan.schools.singleMm, plan.schools.quarterMm] : [];
  return judgeHeight(
    {
      height: height.plan,
      facts: height.facts,
      aim: height.aim,
      over: overPiece?.name ?? '',
      overhead: overhead.by,
      rule: 'walls.gallerySchool',
      schools,
    },
    rules,
  ).map((f) => finding(whole, f.code, f.level, f.by, f.rule));
};

/** Every piece of a stair gallery at eye level for who stands on the tread below it. */
function judgeTreads(whole: GroupCase, overTreadsMm: readonly Mm[], rules: RuleBook): Finding[] {
  const { lowMm, highMm } = eyeLevel(0, rules);
  const [leastMm, mostMm] = [Math.min(...overTreadsMm), Math.max(...overTreadsMm)];
  const isOff = leastMm < lowMm - 0.5 || mostMm > highMm + 0.5;
  return [
    finding(
      whole,
      isOff ? 'treads-off' : 'treads-good',
      isOff ? 'caution' : 'ok',
      { leastMm, mostMm, fromMm: lowMm, toMm: highMm },
      'walls.centreRange',
    ),
  ];
}

const judgeShare: Judge = (whole, rules) => {
  const { plan, about } = whole;
  const { overPiece } = about.place;
  if (!overPiece || plan.widthShare === null) return [];
  const { code, level, by: facts, rule } = judgeWidthShare(plan.widthShare, overPiece, rules);
  return [finding(whole, code, level, facts, rule)];
};

const judgeGaps: Judge = (whole, rules) => {
  const { plan, members, unevenMm } = whole;
  if (members.length < 2) return [];
  const { gapMm } = plan;
  const [fromMm, toMm] = rules.range('walls.gapRange');
  if (!plan.even) {
    const facts = { leastMm: Math.min(...unevenMm), mostMm: Math.max(...unevenMm), gapMm };
    return [finding(whole, 'group-gaps-uneven', 'caution', facts, 'walls.gap')];
  }
  if (gapMm < fromMm - 0.5 || gapMm > toMm + 0.5)
    return [finding(whole, 'group-gap-off', 'yielded', { gapMm, fromMm, toMm }, 'walls.gapRange')];
  return [finding(whole, 'group-gaps-even', 'ok', { gapMm }, 'walls.gap')];
};

/** Grids and pairs want an even number, and a grid its last row full; free groups look best odd. */
const judgeCount: Judge = (whole) => {
  const { group, members } = whole;
  const count = members.length;
  if (count < 2) return [];
  const { kind } = group;
  const columns = Math.min(count, group.columns ?? usualColumns(count));
  const holes = kind === 'grid' ? (columns - (count % columns)) % columns : 0;
  const odd = count % 2 === 1;
  const wrongCount = kind === 'grid' || kind === 'pair' ? odd : kind === 'free' && !odd;
  return holes > 0 || wrongCount ? [finding(whole, 'group-count', 'yielded', { count, holes, kind })] : [];
};

const judgeSchools: Judge = (whole, rules) => {
  const { group, members, plan } = whole;
  const { singleMm, quarterMm } = plan.schools;
  const byMm = Math.abs(singleMm - quarterMm);
  const decided = group.zone !== null || group.kind === 'pair' || plan.overTreadsMm !== null;
  if (members.length < 2 || decided || byMm <= rules.number('walls.schoolsPart')) return [];
  const facts = { singleMm, quarterMm, byMm };
  return [finding(whole, 'group-schools-part', 'yielded', facts, 'walls.gallerySchool')];
};

const judgePairSizes: Judge = (whole) => {
  const { group, members } = whole;
  if (group.kind !== 'pair') return [];
  const differ = members.some(({ item }, i) => {
    const other = i % 2 === 0 ? members[i + 1]?.item : undefined;
    return (
      other !== undefined &&
      (Math.abs(other.widthMm - item.widthMm) > SAME_SIZE ||
        Math.abs(other.heightMm - item.heightMm) > SAME_SIZE)
    );
  });
  return differ ? [finding(whole, 'pair-sizes-differ', 'yielded', {})] : [];
};

const judgeClear: Judge = (whole, rules) => {
  const short = clearAboveShort(whole.overhead, whole.plan.topMm, rules);
  return short ? [finding(whole, 'clear-above-short', 'caution', short, 'walls.clearAbove')] : [];
};

const judgeOnHoles: Judge = (whole) =>
  judgeHoles(whole.plan.holes).map((f) => finding(whole, f.code, f.level, f.by, f.rule));

const judgeZone: Judge = (whole) => {
  const { zone } = whole.group;
  if (!zone) return [];
  const { edges, plan } = whole;
  const byMm = Math.max(
    zone.xMm - edges.leftMm,
    edges.rightMm - (zone.xMm + zone.widthMm),
    zone.bottomMm - plan.bottomMm,
    plan.topMm - (zone.bottomMm + zone.heightMm),
  );
  return byMm > 1 ? [finding(whole, 'group-past-zone', 'caution', { byMm })] : [];
};

const JUDGES: readonly Judge[] = [
  judgeMiddle,
  judgeShare,
  judgeGaps,
  judgeCount,
  judgeSchools,
  judgePairSizes,
  judgeClear,
  judgeOnHoles,
  judgeZone,
];
