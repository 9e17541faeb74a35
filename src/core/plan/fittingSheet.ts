import type { Mm, Money } from '../base/units';
import { isOpen, type Finding } from '../model/finding';
import type { RuleBook } from '../rules/book';
import { shortLines, totalCost, type BuyKind, type BuyLine, type Use } from '../stash/buying';
import type { InsertNeed } from '../textiles/insert';
import type { FittingStep } from './fittingStep';
import type { StageOutcome } from './stageOutcome';

export type FittingSheet = {
  levelLineMm: Mm;
  steps: FittingStep[];
  buy: BuyLine[];
  inserts: InsertNeed[];
  cost: Money;
  cautions: Finding[];
  readonly fingerprint: string;
};

/**
 * The day's order: what is done before, then furniture, rods, curtains, pictures, seats; every height from one level
 * line.
 */
export function fittingSheet(
  outcomes: readonly StageOutcome[],
  inserts: readonly InsertNeed[],
  ownCautions: readonly Finding[],
  { rules, ceilingAt }: { rules: RuleBook; ceilingAt: (wallId: string, xMm: Mm) => Mm },
): FittingSheet {
  const levelLineMm = rules.number('fitting.levelLine');
  const fromCeiling = rules.school('walls.datum') === 'ceiling';
  const steps = inDaysOrder(outcomes.flatMap((o) => o.steps)).map((step) =>
    fromCeiling ? measuredDown(step, ceilingAt) : step,
  );
  const buy = [
    ...outcomes.flatMap((o) => o.bought.lines),
    ...shortLines(inBuyingOrder(together(outcomes.flatMap((o) => o.bought.uses)))),
    ...inserts.filter((i) => i.buy > 0).map(insertLine),
  ];
  // few look at it, and it takes as long as all the rest
  let print: string | null = null;
  return {
    levelLineMm,
    steps,
    buy,
    inserts: [...inserts],
    cost: totalCost(buy),
    cautions: [...outcomes.flatMap((o) => o.findings), ...ownCautions].filter(isForTheDay),
    get fingerprint() {
      return (print ??= fingerprint(JSON.stringify([levelLineMm, steps, buy])));
    },
  };
}

/** What is done before the day comes first, then the furniture, then the rest. */
const inDaysOrder = (steps: readonly FittingStep[]): FittingStep[] => {
  const rank = ({ kind }: FittingStep) => RANKS[kind] ?? RANKS.rest;
  return [...steps].sort((a, b) => rank(a) - rank(b));
};
const RANKS: Partial<Record<FittingStep['kind'], number>> & { rest: number } = { work: 0, floor: 1, rest: 2 };

/** A step whose marks are measured down from the ceiling over each as well. */
const measuredDown = (step: FittingStep, ceilingAt: (wallId: string, xMm: Mm) => Mm): FittingStep => ({
  ...step,
  marks: step.marks.map((mark) => ({
    ...mark,
    fromCeilingMm: ceilingAt(mark.wallId ?? step.wallId, mark.xMm) - mark.heightMm,
  })),
});

/** What is open before the day; measuring and clearing are done by then. */
const isForTheDay = (f: Finding): boolean => isOpen(f) && f.stage !== 'clear' && f.stage !== 'measure';

/** Items of the stash that run short are bought in this order. */
const USE_ORDER: readonly BuyKind[] = ['panelShort', 'cover', 'thing', 'piece'];

const inBuyingOrder = (uses: readonly Use[]): Use[] =>
  [...uses].sort((a, b) => USE_ORDER.indexOf(a.kind) - USE_ORDER.indexOf(b.kind));

/** What is used on the floor, on a top and on a wall comes from one stock: a thing is counted once, over all of them. */
function together(uses: readonly Use[]): Use[] {
  const ofItem = new Map<string, Use>();
  for (const use of uses) {
    const known = ofItem.get(use.itemId);
    ofItem.set(use.itemId, known ? { ...known, need: known.need + use.need } : use);
  }
  return [...ofItem.values()];
}

const insertLine = (need: InsertNeed): BuyLine => ({
  kind: need.round ? 'roundInsert' : 'insert',
  name: need.fill,
  count: need.buy,
  widthMm: need.widthMm,
  heightMm: need.heightMm,
  cost: null,
  need: need.need,
  have: need.have,
});

/**
 * Short fingerprint of a text (FNV-1a, 32 bit), to tell whether a sheet is still the one that was taken
 * along.
 */
export function fingerprint(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return (hash >>> 0).toString(16).padStart(8, '0');
}
