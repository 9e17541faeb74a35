import type { Mm } from '../../base/units';
import { boxesOverlap, overlapLength, type Box } from '../../geometry/plane';
import type { Finding, FindingCode, FindingFacts, Level } from '../../model/finding';
import type { Hanger, Item } from '../../model/types';
import { cableNear } from '../../room/cables';
import { treadAt } from '../../room/stairs';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import type { HangingPlace, HangingPlan } from './hangingPlan';
import { judgeHoles } from './judgeHoles';
import { eyeLevel, judgeHeight, type HeightFacts, type HeightPlan } from './height';
import { clearAboveShort, topsOut, type Overhead } from './overhead';
import { judgeWidthShare } from './widthShare';

/** A hung piece as it was planned, to be judged. */
export type HangingCase = {
  plan: Omit<HangingPlan, 'findings'>;
  height: { plan: HeightPlan; facts: HeightFacts };
  box: Box;
  overhead: Overhead;
  place: HangingPlace;
  item: Item;
  hanger: Hanger;
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
  const heights = judgeHeight(
    {
      height: height.plan,
      facts: height.facts,
      aim: eyeLevel(height.facts.floorMm, rules),
      over: place.overPiece?.name ?? '',
      overhead: overhead.by,
      rule: 'walls.centre',
      schools: [],
    },
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
    ...namesOnce(
      place.fittings.filter((f) => !f.stairs && f.id !== place.overPiece?.id && boxesOverlap(box, f.box)),
    ).map(overFitting),
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

const namesOnce = (things: readonly { name: string }[]): string[] => [...new Set(things.map((t) => t.name))];

/** Highest point of a stair under a box, above the floor. */
function stairUnder(stair: HangingPlace['stairs'][number], box: Box): Mm {
  const fromMm = Math.max(box.xMm, stair.xMm);
  const toMm = Math.min(box.xMm + box.widthMm, stair.xMm + stair.widthMm);
  if (toMm <= fromMm) return 0;
  return Math.max(treadAt(stair, fromMm), treadAt(stair, toMm));
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
    findings.push(
      finding(hung, 'panels-acclimatise', 'caution', { days: Math.round(rules.number(rule) / 24) }, rule),
    );
  }
  findings.push(...judgeMass(hung));
  if (plan.fixing.hookClassG === null) {
    const massG = plan.massG / plan.nails.length;
    findings.push(finding(hung, 'no-hook-holds', 'stop', { massG }, 'walls.hookClasses'));
  }
  if (!hung.grouped)
    findings.push(...judgeHoles(plan.holes).map((f) => finding(hung, f.code, f.level, f.by, f.rule)));
  if (nailProblem)
    findings.push(finding(hung, nailProblem, 'stop', { dropMm: plan.nailDropMm }, 'walls.hookSpread'));
  return [
    ...findings,
    ...judgeSpread(hung, rules),
    ...judgeTwoPoints(hung, rules),
    ...judgeCables(hung, rules),
  ];
};

/** A piece that nobody weighed: its hooks are chosen by an estimate. */
function judgeMass(hung: HangingCase): Finding[] {
  const { massG, massGuessedBy } = hung.plan;
  return massGuessedBy === null ? [] : [finding(hung, 'mass-guessed', 'caution', { massG }, massGuessedBy)];
}

/** Two hooks under a wire, closer together or farther apart than the rule's share of the frame. */
const judgeSpread: Judge = (hung, rules) => {
  const { plan, hanger, nailProblem } = hung;
  if (hanger.kind !== 'wire' || hanger.hooks !== 2 || nailProblem) return [];
  const [low, high] = rules.range('walls.hookSpread').map((share) => share * plan.widthMm) as [Mm, Mm];
  const apartMm = plan.hooksApartMm;
  if (apartMm >= low - EPSILON && apartMm <= high + EPSILON) return [];
  const facts = { apartMm, fromMm: low, toMm: high, direction: apartMm < low ? 'near' : 'far' };
  return [finding(hung, 'hook-spread-off', 'caution', facts, 'walls.hookSpread')];
};

const judgeTwoPoints: Judge = (hung, rules) => {
  const { plan, item } = hung;
  if (!plan.twoPoints) return [];
  const single = plan.nails.length < 2;
  const facts = {
    massG: plan.massG,
    single: single ? 'yes' : 'no',
    why: twoPointsWhy(plan, item, rules),
  };
  return [finding(hung, 'two-points', single ? 'caution' : 'ok', facts, 'walls.heavyFrom')];
};

function twoPointsWhy(plan: HangingCase['plan'], item: Item, rules: RuleBook): 'heavy' | 'mirror' | 'over' {
  if (plan.massG > rules.number('walls.heavyFrom')) return 'heavy';
  return item.kind === 'mirror' && plan.massGuessedBy !== null ? 'mirror' : 'over';
}

const judgeCables: Judge = (hung, rules) => {
  const live = cableNear(
    hung.plan.nails,
    hung.place.fittings.filter((f) => f.electric),
    rules.number('walls.cableBand'),
  );
  return live ? [finding(hung, 'cable-zone', 'caution', { other: live.name }, 'walls.cableBand')] : [];
};
