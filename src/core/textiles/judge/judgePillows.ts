import { chromaOf } from '../../colour/spaces';
import type { Finding } from '../../model/finding';
import type { Item } from '../../model/types';
import type { RuleBook } from '../../rules/book';

import { laidLike } from '../insert';
import { rightBehind, type PillowPlan } from '../pillows';
import { finding, type JudgeLaid, type LaidCase } from './laidCase';

/** Steps that differ by less look the same. */
const EPSILON_MM = 0.5;

/** What is true of a pillow wherever it leans: its insert, its filling, how it is shown. */
export const judgePillows: JudgeLaid = (seat) =>
  seat.pillows.flatMap((pillow) => [
    ...judgeInsert(seat, pillow),
    ...judgeFeather(seat, pillow),
    ...judgeShown(seat, pillow),
  ]);

function judgeInsert(seat: LaidCase, { insert, name, placementId, shown }: PillowPlan): Finding[] {
  if (insert.insert) return [];
  const [wanted, near] = [laidLike(shown, insert.wanted), laidLike(shown, insert.nearest)];
  const facts = {
    cover: name,
    ...wanted,
    nearWidthMm: near.widthMm,
    nearHeightMm: near.heightMm,
  };
  return [finding(seat, 'insert-none-fits', 'caution', facts, { rule: insert.rule, about: [placementId] })];
}

const judgeFeather = (seat: LaidCase, p: PillowPlan): Finding[] =>
  seat.flags.featherFree && p.fill === 'feather'
    ? [finding(seat, 'feather-in-feather-free', 'stop', { pillow: p.name }, { about: [p.placementId] })]
    : [];

/** How a pillow is shown: only feathers keep a dent, and a zip belongs underneath. */
function judgeShown(seat: LaidCase, { chopped, fill, zip, name, placementId }: PillowPlan): Finding[] {
  const about = [placementId];
  return [
    ...(chopped && fill !== 'feather'
      ? [finding(seat, 'chop-wont-hold', 'yielded', { pillow: name, fill }, { about })]
      : []),
    ...(zip === 'up' ? [finding(seat, 'zip-shows', 'yielded', { pillow: name }, { about })] : []),
  ];
}

/** Pillows step down from what stands right behind them. */
export const judgeSteps: JudgeLaid = (seat) => {
  const steps = seat.pillows.flatMap((front) => {
    const backPillow = rightBehind(front, seat.pillows, seat.rules);
    return backPillow ? [judgeStep(seat, front, backPillow)] : [];
  });
  if (steps.length === 0) return [];
  const wrong = steps.flatMap((step) => step ?? []);
  return wrong.length > 0 ? wrong : [finding(seat, 'steps-good', 'ok', {}, { rule: 'seats.stepDown' })];
};

function judgeStep(seat: LaidCase, front: PillowPlan, backPillow: PillowPlan): Finding | null {
  const wantMm = seat.rules.number('seats.stepDown');
  const stepMm = backPillow.cover.heightMm - front.cover.heightMm;
  const facts = { front: front.name, back: backPillow.name, stepMm, wantMm };
  const more = { rule: 'seats.stepDown' as const, about: [front.placementId, backPillow.placementId] };
  if (stepMm < -EPSILON_MM) return finding(seat, 'front-larger-than-back', 'caution', facts, more);
  return stepMm < wantMm - EPSILON_MM ? finding(seat, 'step-too-small', 'caution', facts, more) : null;
}

/** What won't stay clean: a stark white throw that is used, covers that can't be washed where there are children or pets. */
export const judgeWear: JudgeLaid = (seat) => {
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
