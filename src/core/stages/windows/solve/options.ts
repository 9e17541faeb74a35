import type { Mm } from '../../../base/units';
import type { Dressing, Landing } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import { layerWeight } from '../layer';
import { packingRule } from '../panels';
import { planWindow } from '../planWindow';
import type { Choice } from './assign';
import { BIT } from './candidates';
import { landingOf } from './score';
import { isOnLine, type Fit, type Product, type SolveWindow } from './solution';
import {
  hemsAt,
  lengthRules,
  panelsOf,
  toLength,
  usualTakeDownMm,
  type Hems,
  type LengthRules,
  type Panels,
} from './toLength';

/** A window planned with one product, changed as given. */
export function fitOf(product: Product, window: SolveWindow, patch: Partial<Dressing>, rules: RuleBook): Fit {
  const plan = planWindow(
    window.target,
    { ...window.dressing, itemId: product.item?.id ?? null, ...patch },
    { main: product.item ?? undefined, sheer: window.sheer },
    window.place,
    rules,
  );
  return { product, window, plan };
}

/**
 * A window with every product, at the height that it would have; other heights only shift the length. Panels as
 * wide that pack alike hang alike, and are planned once.
 */
export function fitsAsWished(
  products: readonly Product[],
  window: SolveWindow,
  hemAt: Dressing['hemAt'],
  rules: RuleBook,
): Fit[] {
  const planned = new Map<string, Fit>();
  return products.map((product) => {
    const { item, lengthMm } = product;
    const { gsm } = layerWeight(
      item ?? undefined,
      { lining: window.dressing.making.lining, isSheer: false },
      rules,
    );
    const made = lengthMm === null;
    const key = `${made} ${item?.widthMm ?? 0} ${packingRule(gsm, rules)}`;
    const known = planned.get(key);
    if (known) return { ...known, product };
    const fit = fitOf(
      product,
      window,
      {
        route: made ? { kind: 'made', stockMm: null } : null,
        rodHeightMm: isOnLine(window) ? null : window.dressing.rodHeightMm,
        hemAt,
      },
      rules,
    );
    planned.set(key, fit);
    return fit;
  });
}

/** One window with every product, and what each of them gives up there whatever its height. */
export class WindowOptions {
  private readonly gives: readonly number[];
  /** Products whose panels hang over floors of the same heights need the same lengths. */
  private readonly floors: readonly number[];
  private readonly onFloor: readonly Fit[];
  private readonly panels: readonly Panels[];
  private readonly byLength: LengthRules;

  constructor(
    readonly fits: readonly Fit[],
    private readonly rules: RuleBook,
  ) {
    this.gives = fits.map((fit) => givesOf(fit, rules));
    this.byLength = lengthRules(rules);
    this.panels = fits.map((fit) => panelsOf(fit, rules));
    const keys = fits.map(({ plan }) => {
      const floors = plan.panelPlans.map((p) => p.floorHighMm);
      return `${Math.max(...floors)} ${Math.min(...floors)} ${usualTakeDownMm(plan)} ${plan.landingMm}`;
    });
    const different = [...new Set(keys)];
    this.floors = keys.map((key) => different.indexOf(key));
    this.onFloor = different.map((key) => fits[keys.indexOf(key)] as Fit);
  }

  /** What each product takes at a height and a landing; undefined where it can't get there. */
  at(rodMm: Mm, landing: Landing | null): (Choice | undefined)[] {
    const hems: Hems[] = this.onFloor.map((fit) =>
      hemsAt(fit.plan, rodMm, landingOf(fit, landing, this.rules), this.rules),
    );
    return this.fits.map((_, product) => this.choice(product, hems[this.floors[product] ?? 0]));
  }

  /** The height at which each product lands by itself; the window's own where it has no length. */
  landsAt(landing: Landing | null): Mm[] {
    const offMm = this.onFloor.map((fit) => {
      const { rodHeightMm } = fit.plan;
      const lands = landingOf(fit, landing, this.rules);
      return rodHeightMm - hemsAt(fit.plan, rodHeightMm, lands, this.rules).longestMm;
    });
    return this.fits.map(({ plan, product }, p) =>
      product.lengthMm === null ? plan.rodHeightMm : product.lengthMm + (offMm[this.floors[p] ?? 0] ?? 0),
    );
  }

  /** What one product takes at a height and a landing. */
  one(product: number, rodMm: Mm, landing: Landing | null): Choice | undefined {
    const fit = this.fits[product];
    if (!fit) return undefined;
    const lands = landingOf(fit, landing, this.rules);
    return this.choice(product, hemsAt(fit.plan, rodMm, lands, this.rules));
  }

  private choice(product: number, hems: Hems | undefined): Choice | undefined {
    const panels = this.panels[product];
    const length = panels && hems && toLength(panels, hems, this.byLength);
    if (!length) return undefined;
    const { cost, minutes } = length;
    return { product, panels: panels.panels, cost, minutes, gives: this.gives[product] ?? 0 };
  }
}

function givesOf({ plan, product }: Fit, rules: RuleBook): number {
  let gives = 0;
  if (product.lengthMm === null) gives |= BIT.ready;
  if (product.lent) gives |= BIT.ownRoom;
  if (plan.glassCoveredShare > rules.number('windows.glassNoticed')) gives |= BIT.glass;
  const least = rules.number('windows.leastFullness') - 1e-6;
  if (!plan.shower && !plan.decorative && plan.fullness < least) gives |= BIT.fullness;
  return gives;
}
