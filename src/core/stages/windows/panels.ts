import { plannedAbove, sum, type Mm } from '../../base/units';
import type { Draw } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

export type Cloth = { flatWidthMm: Mm; clothGsm: number };
/**
 * What the ends of the rod add to the cloth: the return to the wall on each side, and the overlap in the
 * middle of a pair. A single draw stacks at the side that it is named after.
 */
export type Ends = { returnMm: Mm; overlapMm: Mm; draw: Draw };

/** How many times its own flat width the cloth packs into when drawn open, by its weight. */
export function packingRule(clothGsm: number, rules: RuleBook): RuleId {
  if (clothGsm < rules.number('windows.sheerBelowGsm')) return 'windows.packingSheer';
  if (clothGsm < rules.number('windows.lightBelowGsm')) return 'windows.packingLight';
  if (clothGsm < rules.number('windows.mediumBelowGsm')) return 'windows.packingMedium';
  return 'windows.packingHeavy';
}

/** The ends of a rod that stands off the wall: as chosen for the window, else as the studio has them. */
export const usualEnds = (rules: RuleBook, chosen: Draw | null = null): Ends => {
  const draw = chosen ?? (rules.school('windows.panelDraw') === 'pair' ? 'pair' : 'left');
  return {
    returnMm: rules.number('windows.return'),
    overlapMm: draw === 'pair' ? rules.number('windows.overlap') : 0,
    draw,
  };
};
export const endsMm = (e: Ends): Mm => 2 * e.returnMm + e.overlapMm;

/** Panels by the side at which they stack. */
export type Sides = { onLeft: number; onRight: number };
export type PanelCount = Sides & {
  panels: number;
  fullness: number;
  stackLeftMm: Mm;
  stackRightMm: Mm;
  /** The wider of the two stacks. */
  stackPerSideMm: Mm;
};

/** What was asked for: fullness, a number of panels where one was typed, panels that are never drawn. */
export type Wanted = { fullness: number; panels: number | null; decorative?: boolean };

/** Half to each side, the odd one to the left; all to one side where they draw to one. */
export function evenSides(panels: number, draw: Draw): Sides {
  if (draw === 'right') return { onLeft: 0, onRight: panels };
  if (draw === 'left') return { onLeft: panels, onRight: 0 };
  const onLeft = Math.ceil(panels / 2);
  return { onLeft, onRight: panels - onLeft };
}

/** Width of so many panels drawn back. */
export const stackOf = (panels: number, { flatWidthMm, clothGsm }: Cloth, rules: RuleBook): Mm =>
  (panels * flatWidthMm) / rules.number(packingRule(clothGsm, rules));

/** A number of panels on a stretch of rod: how full that is, and how wide each side stacks. */
export function hangCount(
  { onLeft, onRight }: Sides,
  coveredMm: Mm,
  cloth: Cloth,
  ends: Ends,
  rules: RuleBook,
): PanelCount {
  const [stackLeftMm, stackRightMm] = [stackOf(onLeft, cloth, rules), stackOf(onRight, cloth, rules)];
  const panels = onLeft + onRight;
  return {
    panels,
    onLeft,
    onRight,
    fullness: Math.max(0, (panels * cloth.flatWidthMm - endsMm(ends)) / coveredMm),
    stackLeftMm,
    stackRightMm,
    stackPerSideMm: Math.max(stackLeftMm, stackRightMm),
  };
}

/**
 * Panels that cover the rod at the wanted fullness:
 * n = ⌈(covered × fullness + 2 × return + overlap) ÷ flat width⌉, even for a pair. Panels that are never drawn
 * are as many a side as the rule says. A typed count is kept. Fullness is what the count really gives.
 */
export function countPanels(
  coveredMm: Mm,
  cloth: Cloth,
  wanted: Wanted,
  ends: Ends,
  rules: RuleBook,
): PanelCount {
  const panels = wanted.panels ?? panelsFor(coveredMm, cloth, wanted, ends, rules);
  return hangCount(evenSides(panels, ends.draw), coveredMm, cloth, ends, rules);
}

function panelsFor(
  coveredMm: Mm,
  { flatWidthMm }: Cloth,
  { fullness, decorative }: Wanted,
  ends: Ends,
  rules: RuleBook,
): number {
  const isPair = ends.draw === 'pair';
  if (decorative) return rules.number('windows.sidePanels') * (isPair ? 2 : 1);
  const least = Math.ceil((coveredMm * fullness + endsMm(ends)) / flatWidthMm - 1e-9);
  return isPair ? Math.max(2, 2 * Math.ceil(least / 2)) : Math.max(1, least);
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
 * Where the brackets go: the rule's extension past the trim, more where the open stack needs it, less when
 * something stands nearer. Typed extensions are kept.
 */
export function placeBrackets(
  place: BracketPlace,
  cloth: Cloth,
  wanted: Wanted,
  rules: RuleBook,
): BracketPlan {
  const { outerMm, roomMm, given, ends } = place;
  const usual = rules.number('windows.bracketExtension');
  const reachFor = (wish: Reach): Reach => ({
    leftMm: given.leftMm ?? Math.max(0, Math.min(wish.leftMm, roomMm.leftMm)),
    rightMm: given.rightMm ?? Math.max(0, Math.min(wish.rightMm, roomMm.rightMm)),
  });
  const countFor = ({ leftMm, rightMm }: Reach): PanelCount => {
    const coveredMm = outerMm + leftMm + rightMm;
    const even = countPanels(coveredMm, cloth, wanted, ends, rules);
    const sides = freedSides(even, place, cloth, rules);
    return sides ? hangCount(sides, coveredMm, cloth, ends, rules) : even;
  };
  let wish: Reach = { leftMm: usual, rightMm: usual };
  let reach = reachFor(wish);
  let count = countFor(reach);
  for (let round = 1; round < ROUNDS; round++) {
    const needed = neededReach(count, place, rules);
    if (needed.leftMm <= wish.leftMm + 1e-6 && needed.rightMm <= wish.rightMm + 1e-6) break;
    wish = {
      leftMm: Math.max(wish.leftMm, needed.leftMm),
      rightMm: Math.max(wish.rightMm, needed.rightMm),
    };
    reach = reachFor(wish);
    count = countFor(reach);
  }
  const over = (reachMm: Mm, typed: Mm | null) => (typed === null ? Math.max(0, reachMm - usual) : 0);
  const held = (wishMm: Mm, reachMm: Mm, typed: Mm | null) =>
    typed === null ? Math.max(0, wishMm - reachMm) : 0;
  return {
    ...reach,
    count,
    coveredMm: sum([outerMm, reach.leftMm, reach.rightMm]),
    widenedByMm: Math.max(over(reach.leftMm, given.leftMm), over(reach.rightMm, given.rightMm)),
    heldLeftByMm: held(wish.leftMm, reach.leftMm, given.leftMm),
    heldRightByMm: held(wish.rightMm, reach.rightMm, given.rightMm),
  };
}

const takesFreeSide = (rules: RuleBook): boolean => rules.school('windows.heldSide') === 'freeSide';

/**
 * How far past the trim each stack needs the rod. The two sides of a pair widen together, since a rod that
 * reaches further on one side looks hung wrong, unless the studio lets the free side take what the held one
 * cannot.
 */
function neededReach(count: PanelCount, { trims, roomMm, ends }: BracketPlace, rules: RuleBook): Reach {
  const usual = rules.number('windows.bracketExtension');
  const need: Reach = {
    leftMm: plannedAbove(count.stackLeftMm - trims.leftMm, rules.unit),
    rightMm: plannedAbove(count.stackRightMm - trims.rightMm, rules.unit),
  };
  const within = (mm: Mm, room: Mm): Mm => Math.max(usual, Math.min(mm, room));
  if (ends.draw !== 'pair' || takesFreeSide(rules))
    return { leftMm: within(need.leftMm, roomMm.leftMm), rightMm: within(need.rightMm, roomMm.rightMm) };
  const both = within(Math.max(need.leftMm, need.rightMm), Math.min(roomMm.leftMm, roomMm.rightMm));
  return { leftMm: both, rightMm: both };
}

/**
 * Where one side is held and the studio lets the free side take the rest: the held side keeps as many whole
 * panels as stack clear of the glass there, one at least. Undefined where the sides stay even.
 */
function freedSides(
  even: PanelCount,
  { trims, roomMm, given, ends }: BracketPlace,
  cloth: Cloth,
  rules: RuleBook,
): Sides | undefined {
  if (ends.draw !== 'pair' || even.panels < 3 || !takesFreeSide(rules)) return undefined;
  const clear: Reach = {
    leftMm: (given.leftMm ?? Math.max(0, roomMm.leftMm)) + trims.leftMm,
    rightMm: (given.rightMm ?? Math.max(0, roomMm.rightMm)) + trims.rightMm,
  };
  const heldLeft = even.stackLeftMm > clear.leftMm + 1e-6;
  const heldRight = even.stackRightMm > clear.rightMm + 1e-6;
  if (heldLeft === heldRight) return undefined;
  const most = Math.floor((heldLeft ? clear.leftMm : clear.rightMm) / stackOf(1, cloth, rules) + 1e-9);
  const kept = Math.max(1, Math.min(most, heldLeft ? even.onLeft : even.onRight));
  return heldLeft
    ? { onLeft: kept, onRight: even.panels - kept }
    : { onLeft: even.panels - kept, onRight: kept };
}
