import { toMarkAbove, type Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

export type Cloth = { flatWidthMm: Mm; clothGsm: number };
/**
 * What the ends of the rod add to the cloth: the return to the wall on each side, and the overlap in the
 * middle.
 */
export type Ends = { returnMm: Mm; overlapMm: Mm; pair: boolean };

/** How many times its own flat width the cloth packs into when drawn open, by its weight. */
export function packingRule(clothGsm: number, rules: RuleBook): RuleId {
  if (clothGsm < rules.number('windows.sheerBelowGsm')) return 'windows.packingSheer';
  if (clothGsm < rules.number('windows.lightBelowGsm')) return 'windows.packingLight';
  if (clothGsm < rules.number('windows.mediumBelowGsm')) return 'windows.packingMedium';
  return 'windows.packingHeavy';
}

/** The ends as the studio has them: a pair or a single draw on a rod that stands off the wall. */
export const usualEnds = (rules: RuleBook): Ends => {
  const pair = rules.school('windows.panelDraw') === 'pair';
  return {
    returnMm: rules.number('windows.return'),
    overlapMm: pair ? rules.number('windows.overlap') : 0,
    pair,
  };
};
export const endsMm = (e: Ends): Mm => 2 * e.returnMm + e.overlapMm;

export type PanelCount = { panels: number; fullness: number; stackPerSideMm: Mm };

/** What was asked for: fullness, and a number of panels where one was typed. */
export type Wanted = { fullness: number; panels: number | null };

/**
 * Panels that cover the rod at the wanted fullness:
 * n = ⌈(covered × fullness + 2 × return + overlap) ÷ flat width⌉, even for a pair. A typed count is kept.
 * Fullness is what the count really gives.
 */
export function countPanels(
  coveredMm: Mm,
  cloth: Cloth,
  wanted: Wanted,
  ends: Ends,
  rules: RuleBook,
): PanelCount {
  const { pair } = ends;
  const extra = endsMm(ends);
  const least = Math.ceil((coveredMm * wanted.fullness + extra) / cloth.flatWidthMm - 1e-9);
  const panels = wanted.panels ?? (pair ? Math.max(2, 2 * Math.ceil(least / 2)) : Math.max(1, least));
  const sides = pair && panels > 1 ? 2 : 1;
  return {
    panels,
    fullness: Math.max(0, (panels * cloth.flatWidthMm - extra) / coveredMm),
    stackPerSideMm: (panels * cloth.flatWidthMm) / sides / rules.number(packingRule(cloth.clothGsm, rules)),
  };
}

export type Reach = { leftMm: Mm; rightMm: Mm };
export type BracketPlan = Reach & {
  coveredMm: Mm;
  count: PanelCount;
  heldLeftByMm: Mm;
  heldRightByMm: Mm;
  widenedByMm: Mm;
};

/** What the brackets find: the width from trim to trim, the trim, the clear wall beside it, typed extensions. */
export type BracketPlace = {
  outerMm: Mm;
  trims: Reach;
  roomMm: Reach;
  given: { leftMm: Mm | null; rightMm: Mm | null };
  ends: Ends;
};

/** Widening adds cloth, which may want the rod wider still: it settles within so many rounds. */
const ROUNDS = 6;

/**
 * Where the brackets go: the rule's extension past the trim, more on both sides when the open stack needs it,
 * less when something stands nearer. Typed extensions are kept.
 */
export function placeBrackets(
  place: BracketPlace,
  cloth: Cloth,
  wanted: Wanted,
  rules: RuleBook,
): BracketPlan {
  const { outerMm, trims, roomMm, given, ends } = place;
  const usual = rules.number('windows.bracketExtension');
  // both sides widen together: a rod that reaches further on one side looks hung wrong
  const widest = Math.max(usual, Math.min(roomMm.leftMm, roomMm.rightMm));
  const reachFor = (mm: Mm): Reach => ({
    leftMm: given.leftMm ?? Math.max(0, Math.min(mm, roomMm.leftMm)),
    rightMm: given.rightMm ?? Math.max(0, Math.min(mm, roomMm.rightMm)),
  });
  const countFor = (reach: Reach): PanelCount =>
    countPanels(outerMm + reach.leftMm + reach.rightMm, cloth, wanted, ends, rules);
  let target = usual;
  let reach = reachFor(target);
  let count = countFor(reach);
  for (let round = 1; round < ROUNDS; round++) {
    const forStack = count.stackPerSideMm - Math.min(trims.leftMm, trims.rightMm);
    const needed = Math.min(widest, toMarkAbove(forStack, rules.unit));
    if (needed <= target + 1e-6) break;
    target = needed;
    reach = reachFor(target);
    count = countFor(reach);
  }
  return {
    ...reach,
    count,
    coveredMm: outerMm + reach.leftMm + reach.rightMm,
    widenedByMm: Math.max(0, Math.min(reach.leftMm, reach.rightMm) - usual),
    heldLeftByMm: given.leftMm === null ? Math.max(0, target - reach.leftMm) : 0,
    heldRightByMm: given.rightMm === null ? Math.max(0, target - reach.rightMm) : 0,
  };
}
