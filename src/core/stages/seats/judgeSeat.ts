import { chromaOf, deltaE00 } from '../../colour/spaces';
import type { Finding, FindingFacts } from '../../model/finding';
import type { Item } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { backOf } from './back';
import { judgePatterns } from './judgePatterns';
import { judgeThrows } from './judgeThrows';
import { rightBehind, type PillowPlan } from '../../textiles/pillows';
import { finding, type Judge, type SeatCase } from './seatCase';

/** Steps and heights that differ by less look the same. */
const EPSILON_MM = 0.5;

/**
 * Findings about a seat. What applies to several pillows in the same words is reported once, about all of
 * them.
 */
export function judgeSeat(seat: SeatCase): Finding[] {
  const said = new Map<string, Finding>();
  for (const found of JUDGES.flatMap((judge) => judge(seat))) {
    const key = JSON.stringify([found.code, found.by]);
    const known = said.get(key);
    const about = [...new Set([...(known?.about ?? []), ...found.about])];
    said.set(key, known ? { ...known, about } : found);
  }
  return [...said.values()];
}

const judgeSitters: Judge = (seat) => {
  const { canSit, eachMm, rules, purpose, wantedSitters: wanted } = seat;
  if (wanted <= 0) return [];
  const short = canSit < wanted;
  const facts = { canSit, wanted, eachMm, depthMm: rules.number('seats.depthLeft'), purpose };
  const code = short ? 'seat-room-short' : 'seat-room-good';
  return [finding(seat, code, short ? 'caution' : 'ok', facts, { rule: 'seats.perSitter' })];
};

const judgePillows: Judge = (seat) =>
  seat.pillows.flatMap((pillow) => [
    ...judgeInsert(seat, pillow),
    ...judgeEdge(seat, pillow),
    ...judgeBack(seat, pillow),
    ...judgeFeather(seat, pillow),
    ...judgeShown(seat, pillow),
  ]);

function judgeInsert(seat: SeatCase, { insert, name, placementId }: PillowPlan): Finding[] {
  if (insert.insert) return [];
  const facts = {
    cover: name,
    widthMm: insert.wanted.widthMm,
    heightMm: insert.wanted.heightMm,
    nearWidthMm: insert.nearest.widthMm,
    nearHeightMm: insert.nearest.heightMm,
  };
  return [finding(seat, 'insert-none-fits', 'caution', facts, { rule: insert.rule, about: [placementId] })];
}

function judgeEdge(seat: SeatCase, p: PillowPlan): Finding[] {
  const byMm = Math.max(p.useWidthMm / 2 - p.xMm, p.xMm + p.useWidthMm / 2 - seat.piece.seat.widthMm);
  if (byMm <= p.useWidthMm * seat.rules.number('seats.offSeat')) return [];
  const facts = { pillow: p.name, byMm };
  return [
    finding(seat, 'pillow-off-the-seat', 'stop', facts, { rule: 'seats.offSeat', about: [p.placementId] }),
  ];
}

/** A pillow that stands out over the back, or is too tall for a bench that has none. */
function judgeBack(seat: SeatCase, p: PillowPlan): Finding[] {
  const { piece, rules } = seat;
  const back = backOf(piece, rules);
  if (!back || p.useHeightMm - back.highestMm <= EPSILON_MM) return [];
  const about = [p.placementId];
  if (back.kind === 'none') {
    const facts = { pillow: p.name, highMm: p.useHeightMm, mostMm: back.highestMm };
    return [finding(seat, 'bench-pillow-tall', 'caution', facts, { rule: 'seats.benchPillow', about })];
  }
  const byMm = piece.seat.heightMm + p.useHeightMm - piece.heightMm;
  const facts = { pillow: p.name, byMm };
  return [finding(seat, 'back-too-tall', 'caution', facts, { rule: 'seats.overBack', about })];
}

const judgeFeather = (seat: SeatCase, p: PillowPlan): Finding[] =>
  seat.flags.featherFree && p.fill === 'feather'
    ? [finding(seat, 'feather-in-feather-free', 'stop', { pillow: p.name }, { about: [p.placementId] })]
    : [];

/** How a pillow is shown: only feathers keep a dent, and a zip belongs underneath. */
function judgeShown(seat: SeatCase, { chopped, fill, zip, name, placementId }: PillowPlan): Finding[] {
  const about = [placementId];
  return [
    ...(chopped && fill !== 'feather'
      ? [finding(seat, 'chop-wont-hold', 'yielded', { pillow: name, fill }, { about })]
      : []),
    ...(zip === 'up' ? [finding(seat, 'zip-shows', 'yielded', { pillow: name }, { about })] : []),
  ];
}

/** The loose cushions that are taken out need a place meanwhile. */
const judgeCushions: Judge = (seat) => {
  const { cushions, isCleared, rules } = seat;
  if (!cushions) return [];
  const { count, whereabouts: where } = cushions;
  const more = { rule: 'seats.looseCushion' as const };
  if (where.trim() === '') return [finding(seat, 'cushions-no-place', 'caution', { count }, more)];
  const deeper: FindingFacts = isCleared
    ? { deeperMm: rules.number('seats.looseCushion') }
    : { deeper: 'none' };
  return [finding(seat, 'cushions-out', 'ok', { count, where, ...deeper }, more)];
};

/** Pillows step down from what stands right behind them. */
const judgeSteps: Judge = (seat) => {
  const steps = seat.pillows.flatMap((front) => {
    const backPillow = rightBehind(front, seat.pillows, seat.rules);
    return backPillow ? [judgeStep(seat, front, backPillow)] : [];
  });
  if (steps.length === 0) return [];
  const wrong = steps.flatMap((step) => step ?? []);
  return wrong.length > 0 ? wrong : [finding(seat, 'steps-good', 'ok', {}, { rule: 'seats.stepDown' })];
};

function judgeStep(seat: SeatCase, front: PillowPlan, backPillow: PillowPlan): Finding | null {
  const wantMm = seat.rules.number('seats.stepDown');
  const stepMm = backPillow.cover.heightMm - front.cover.heightMm;
  const facts = { front: front.name, back: backPillow.name, stepMm, wantMm };
  const more = { rule: 'seats.stepDown' as const, about: [front.placementId, backPillow.placementId] };
  if (stepMm < -EPSILON_MM) return finding(seat, 'front-larger-than-back', 'caution', facts, more);
  return stepMm < wantMm - EPSILON_MM ? finding(seat, 'step-too-small', 'caution', facts, more) : null;
}

/** The two ends of the back row match, unless they differ on purpose. */
const judgeEnds: Judge = (seat) => {
  if (seat.rules.school('seats.endsSchool') === 'oneSided') return [];
  const row = seat.pillows.filter((p) => p.row === 0).sort((a, b) => a.xMm - b.xMm);
  const [left, right] = [row[0], row.at(-1)];
  if (!left || !right || left === right || seat.piece.seat.seats <= 1) return [];
  const colourOf = (p: PillowPlan) => p.shown.colours[0];
  const [one, other] = [colourOf(left), colourOf(right)];
  if (!one || !other) return [];
  const deltaE = deltaE00(one, other);
  const alike = left.itemId === right.itemId || deltaE <= seat.rules.number('seats.matchDeltaE');
  const facts = { left: left.name, right: right.name, deltaE };
  const code = alike ? 'ends-match' : 'ends-differ';
  return [finding(seat, code, alike ? 'ok' : 'caution', facts, { rule: 'seats.matchDeltaE' })];
};

/** What won't stay clean: a stark white throw that is used, covers that can't be washed where there are children or pets. */
const judgeWear: Judge = (seat) => {
  const { items, flags, rules } = seat;
  const rough = flags.pets || flags.childrenAges.length > 0;
  const isShown = rules.school('seats.whiteSchool') === 'show';
  const white = isShown ? [] : seat.throws.filter(({ item }) => isStarkWhite(item, rules));
  return [
    ...white.map(({ placementId, item }) =>
      finding(
        seat,
        'white-on-a-seat',
        'yielded',
        { pillow: item.name },
        { rule: 'seats.starkFrom', about: [placementId] },
      ),
    ),
    ...seat.pillows
      .filter((p) => rough && items.get(p.itemId)?.washable === false)
      .map((p) =>
        finding(seat, 'unwashable-with-children', 'caution', { pillow: p.name }, { about: [p.placementId] }),
      ),
  ];
};

function isStarkWhite({ pattern, colours }: Item, rules: RuleBook): boolean {
  const colour = colours[0];
  if (!colour || pattern.kind !== 'solid') return false;
  return colour.l >= rules.number('seats.starkFrom') && chromaOf(colour) < rules.number('seats.starkTint');
}

const JUDGES: readonly Judge[] = [
  judgeSitters,
  judgePillows,
  judgeSteps,
  judgePatterns,
  judgeEnds,
  judgeThrows,
  judgeCushions,
  judgeWear,
];
