import { CRUMB } from '../../../base/tolerance';
import type { Money } from '../../../base/units';

/** A product at one window: what it takes there, and which wants it gives up there. */
export type Choice = {
  /** The product's place among all. */
  product: number;
  panels: number;
  cost: Money;
  minutes: number;
  /** Wants given up, as bits. */
  gives: number;
};
/** What a product costs in some number, and how many of them nobody has. */
export type Price = (product: number, panels: number) => { cost: Money; short: number };
/** The least that so many panels of a product cost where others of it may be bought besides. */
export type LeastPrice = (product: number, panels: number) => Money;

/** What is minimised: cost before minutes, or minutes before cost. */
export type Measure = (cost: Money, minutes: number) => number;

export type Assignment = { choices: Choice[]; cost: Money; minutes: number; short: number; measure: number };

type Asked = {
  /** For each window what could hang there, the best first. */
  options: readonly (readonly Choice[])[];
  price: Price;
  leastPrice: LeastPrice;
  measure: Measure;
  /** Whether panels may be wanted that nobody has. */
  mayBeShort: boolean;
  /** Only what measures less than this is of use. */
  below: number;
  /** How many tries are left, here and for what is asked later. */
  budget: { left: number };
};

/**
 * One choice for each window so that all together measure least, each product counted once over all windows.
 * Depth first, with a bound from what every window left takes at least. Undefined where nothing is below the
 * given measure. With many kinds it stops after so many tries, with the best it has.
 */
export function assign({
  options,
  price,
  leastPrice,
  measure,
  mayBeShort,
  below,
  budget,
}: Asked): Assignment | undefined {
  const least = (c: Choice): number => measure(c.cost + leastPrice(c.product, c.panels), c.minutes);
  const rest: number[] = [0];
  for (const at of [...options].reverse()) rest.unshift((rest[0] ?? 0) + Math.min(...at.map(least)));
  const needs = new Map<number, number>();
  const taken: Choice[] = [];
  let best: Assignment | undefined;
  let limit = below;

  let left = Math.max(LEAST_TRIES, Math.min(MOST_TRIES, budget.left));
  budget.left -= left;

  const place = (window: number, cost: Money, minutes: number, short: number): void => {
    const at = options[window];
    if (!at) {
      limit = measure(cost, minutes);
      best = { choices: [...taken], cost, minutes, short, measure: limit };
      return;
    }
    for (const choice of at) {
      if (left-- <= 0) return;
      const before = needs.get(choice.product) ?? 0;
      const now = price(choice.product, before + choice.panels);
      const then = before > 0 ? price(choice.product, before) : FREE;
      if (!mayBeShort && now.short > 0) continue;
      const costNow = cost + choice.cost + now.cost - then.cost;
      const minutesNow = minutes + choice.minutes;
      if (measure(costNow, minutesNow) + (rest[window + 1] ?? 0) >= limit - CRUMB) continue;
      needs.set(choice.product, before + choice.panels);
      taken.push(choice);
      place(window + 1, costNow, minutesNow, short + now.short - then.short);
      taken.pop();
      needs.set(choice.product, before);
    }
  };
  place(0, 0, 0, 0);
  budget.left += Math.max(0, left);
  return best;
}

const MOST_TRIES = 40_000;
const LEAST_TRIES = 400;
const FREE = { cost: 0, short: 0 } as const;
