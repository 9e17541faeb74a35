import { type Mm } from '../../base/units';
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

/**
 * Panels that cover the rod at the wished fullness: n = ⌈(covered × fullness + 2 × return + overlap) ÷ flat
 * width⌉,
 * even for a pair. A given count is kept. Fullness is what the count really gives.
 */
export function countPanels(
  coveredMm: Mm,
  cloth: Cloth,
  wishedFullness: number,
  givenPanels: number | null,
  ends: Ends,
  rules: RuleBook,
): PanelCount {
  const { pair } = ends;
  const extra = endsMm(ends);
  const wanted = Math.ceil((coveredMm * wishedFullness + extra) / cloth.flatWidthMm - 1e-9);
  const panels = givenPanels ?? Math.max(pair ? 2 * Math.ceil(wanted / 2) : wanted, pair ? 2 : 1);
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

/**
 * Where the brackets go: the rule's extension past the trim, more on both sides when the open stack needs it,
 * less when something stands nearer (`roomMm`). Given extensions are kept. Widening adds cloth, so it is
 * repeated until it settles.
 */
export function placeBrackets(
  outerMm: Mm,
  trimMm: Reach,
  roomMm: Reach,
  given: { leftMm: Mm | null; rightMm: Mm | null },
  cloth: Cloth,
  fullness: number,
  givenPanels: number | null,
  ends: Ends,
  rules: RuleBook,
  toMarkAbove: (mm: Mm) => Mm,
): BracketPlan {
  const wish = rules.number('windows.bracketExtension');
  const at = (roomSideMm: Mm, givenMm: Mm | null, wanted: Mm) =>
    givenMm ?? Math.max(0, Math.min(wanted, roomSideMm));
  // both sides widen together: a rod that reaches further on one side looks hung wrong
  const widest = Math.max(wish, Math.min(roomMm.leftMm, roomMm.rightMm));
  let wanted = wish;
  let reach: Reach = { leftMm: 0, rightMm: 0 };
  let count: PanelCount = { panels: 0, fullness: 0, stackPerSideMm: 0 };
  for (let round = 0; round < 6; round++) {
    reach = {
      leftMm: at(roomMm.leftMm, given.leftMm, wanted),
      rightMm: at(roomMm.rightMm, given.rightMm, wanted),
    };
    count = countPanels(outerMm + reach.leftMm + reach.rightMm, cloth, fullness, givenPanels, ends, rules);
    const needed = Math.min(
      widest,
      toMarkAbove(count.stackPerSideMm - Math.min(trimMm.leftMm, trimMm.rightMm)),
    );
    if (needed <= wanted + 1e-6) break;
    wanted = needed;
  }
  return {
    ...reach,
    count,
    coveredMm: outerMm + reach.leftMm + reach.rightMm,
    widenedByMm: Math.max(0, Math.min(reach.leftMm, reach.rightMm) - wish),
    heldLeftByMm: given.leftMm === null ? Math.max(0, wanted - reach.leftMm) : 0,
    heldRightByMm: given.rightMm === null ? Math.max(0, wanted - reach.rightMm) : 0,
  };
}
