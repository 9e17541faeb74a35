import type { Mm } from '../../base/units';
import { boxesOverlap, overlapLength, type Box } from '../../geometry/plane';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { Item } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import type { HangingPlace, HangingPlan } from './hangingPlan';
import { judgeHeight, type HeightPlan } from './height';
import { clearAboveShort, topsOut, type Overhead } from './overhead';
import { judgeWidthShare } from './widthShare';

/** A hung piece as it was planned, to be judged. */
export type HangingCase = {
  plan: Omit<HangingPlan, 'findings'>;
  height: HeightPlan;
  box: Box;
  overhead: Overhead;
  place: HangingPlace;
  item: Item;
  nailProblem: FindingCode | null | undefined;
  /** Hung by its group: height and width are judged with the whole. */
  grouped: boolean;
};
type Judge = (hung: HangingCase, rules: RuleBook) => Finding[];

/** Differences below this don't show on the tape. */
const EPSILON: Mm = 0.5;

const finding = (
  { plan, item }: HangingCase,
  code: FindingCode,
  level: Level,
  facts: FindingFacts,
  rule?: RuleId,
): Finding => ({
  code,
  level,
  stage: 'walls',
  about: [plan.hangingId],
  by: { piece: item.name, ...facts },
  ...(rule ? { rule } : {}),
});

/** What to look out for at a hung piece. */
export const judgeHanging: Judge = (hung, rules) => {
  const { grouped, plan } = hung;
  const fixing = plan.leans ? judgeLeaning : judgeFixing;
  return [
    ...(grouped || plan.leans ? [] : judgeSize(hung, rules)),
    ...judgePlace(hung, rules),
    ...judgeNeighbours(hung),
    ...fixing(hung, rules),
  ];
};

const judgeSize: Judge = (hung, rules) => {
  const { plan, height, overhead, place } = hung;
  const wishMm = rules.number('walls.centre');
  const heights = judgeHeight(
    { height, overPiece: place.overPiece, wishMm, overhead: overhead.by, rule: 'walls.centre', schools: [] },
    rules,
  );
  const share =
    plan.widthShare !== null && place.overPiece
      ? [judgeWidthShare(plan.widthShare, place.overPiece, rules)]
      : [];
  return [...heights, ...share].map((f) => finding(hung, f.code, f.level, f.by, f.rule));
};

const judgePlace: Judge = (hung, rules) => {
  const { plan, box, place } = hung;
  const findings: Finding[] = [];
  const pastMm = Math.max(-box.xMm, box.xMm + box.widthMm - place.wallLengthMm);
  if (pastMm > EPSILON) findings.push(finding(hung, 'picture-past-wall', 'stop', { byMm: pastMm }));
  if (!plan.leans && box.yMm < -EPSILON)
    findings.push(finding(hung, 'picture-below-floor', 'stop', { byMm: -box.yMm }));
  if (plan.topMm > place.ceilingMm + EPSILON) {
    const facts = { byMm: plan.topMm - place.ceilingMm, what: place.ceilingBy };
    findings.push(finding(hung, 'picture-over-ceiling', 'stop', facts));
  }
  const overhead = topsOut(place, plan.xMm, plan.widthMm, plan.centreMm);
  const short = hung.grouped ? null : clearAboveShort(overhead, plan.topMm, rules);
  if (short) findings.push(finding(hung, 'clear-above-short', 'caution', short, 'walls.clearAbove'));
  if (plan.gapMm !== null && plan.gapMm < -EPSILON) {
    const facts = { over: place.overPiece?.name ?? '', byMm: -plan.gapMm };
    findings.push(finding(hung, 'picture-into-furniture', 'stop', facts));
  }
  return findings;
};

/** What the piece hangs over on its wall. */
function judgeNeighbours(hung: HangingCase): Finding[] {
  const { box, place, plan } = hung;
  const overFitting = (other: string) => finding(hung, 'picture-over-fitting', 'caution', { other });
  return [
    ...place.openings
      .filter((o) => boxesOverlap(box, o.box))
      .map((o) => finding(hung, 'picture-over-opening', 'stop', { other: o.name })),
    ...place.fittings.filter((f) => !f.stairs && boxesOverlap(box, f.box)).map((f) => overFitting(f.name)),
    ...place.furniture
      .filter((f) => f.id !== place.overPiece?.id && boxesOverlap(box, f.box))
      .map((f) => {
        const byMm = overlapLength(box.yMm, plan.topMm, f.box.yMm, f.box.yMm + f.box.heightMm);
        return finding(hung, 'picture-into-furniture', 'caution', { over: f.name, byMm });
      }),
    ...place.stairs
      .filter((stair) => stairUnder(stair, box) > box.yMm + EPSILON)
      .map((stair) => overFitting(stair.name)),
  ];
}

/** Highest point of a stair under a box, above the floor. */
function stairUnder(stair: HangingPlace['stairs'][number], box: Box): Mm {
  const fromMm = Math.max(box.xMm, stair.xMm);
  const toMm = Math.min(box.xMm + box.widthMm, stair.xMm + stair.widthMm);
  if (toMm <= fromMm) return 0;
  const riseAt = (x: Mm): Mm => {
    const share = (x - stair.xMm) / stair.widthMm;
    return stair.bottomMm + stair.heightMm * (stair.rises === 'right' ? share : 1 - share);
  };
  return Math.max(riseAt(fromMm), riseAt(toMm));
}

const judgeLeaning: Judge = (hung) => [
  finding(
    hung,
    'leaning-fix',
    'caution',
    { footMm: hung.plan.footMm, young: hung.place.childrenOrPets ? 'yes' : 'no' },
    'walls.leanFoot',
  ),
];

/** Nails and hooks: what holds it, into which holes, clear of cables. */
const judgeFixing: Judge = (hung, rules) => {
  const { plan, item, nailProblem } = hung;
  const findings: Finding[] = [];
  if (item.kind === 'wallPanel') {
    const rule = 'walls.acclimatise';
    findings.push(finding(hung, 'panels-acclimatise', 'caution', { hours: rules.number(rule) }, rule));
  }
  if (plan.hookClassG === null) {
    const massG = item.massG / plan.nails.length;
    findings.push(finding(hung, 'no-hook-holds', 'stop', { massG }, 'walls.hookClasses'));
  }
  findings.push(...judgeHoles(hung));
  if (nailProblem)
    findings.push(finding(hung, nailProblem, 'stop', { dropMm: plan.nailDropMm }, 'walls.hookSpread'));
  return [...findings, ...judgeTwoPoints(hung, rules), ...judgeCables(hung, rules)];
};

function judgeHoles(hung: HangingCase): Finding[] {
  const { used, shift } = hung.plan.holes;
  const rule = 'walls.holeReach';
  if (used.length > 0) return [finding(hung, 'hole-used', 'ok', { count: used.length }, rule)];
  if (!shift) return [];
  const facts = {
    acrossMm: Math.abs(shift.dxMm),
    side: shift.dxMm < 0 ? 'left' : 'right',
    upMm: Math.abs(shift.dyMm),
    way: shift.dyMm < 0 ? 'down' : 'up',
  };
  return [finding(hung, shift.uses ? 'hole-could-be-used' : 'hole-could-be-hidden', 'yielded', facts, rule)];
}

const judgeTwoPoints: Judge = (hung, rules) => {
  const { plan, item } = hung;
  if (!plan.twoPoints) return [];
  const single = plan.nails.length < 2;
  const facts = {
    massG: item.massG,
    single: single ? 'yes' : 'no',
    why: item.massG > rules.number('walls.heavyFrom') ? 'heavy' : 'over',
  };
  return [finding(hung, 'two-points', single ? 'caution' : 'ok', facts, 'walls.heavyFrom')];
};

const judgeCables: Judge = (hung, rules) => {
  const band = rules.number('walls.cableBand');
  const nearNail = ({ xMm, widthMm }: Box) =>
    hung.plan.nails.some((n) => overlapLength(n.xMm - band, n.xMm + band, xMm, xMm + widthMm) > 0);
  const live = hung.place.fittings.find((f) => f.electric && nearNail(f.box));
  return live ? [finding(hung, 'cable-zone', 'caution', { other: live.name }, 'walls.cableBand')] : [];
};
