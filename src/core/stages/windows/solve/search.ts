import type { Mm, Money } from '../../../base/units';
import type { Dressing, Landing } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import { assign, type Assignment, type Choice, type LeastPrice, type Measure, type Price } from './assign';
import { BIT, Candidates, weightOf, type Frame } from './candidates';
import { Heights } from './heights';
import { fitsAsWished, WindowOptions } from './options';
import { purchaseOf } from './products';
import { landingOf } from './score';
import { isOnLine, type Fit, type Product, type SolveWindow } from './solution';

const LANDINGS: readonly Landing[] = ['clear', 'kiss', 'break', 'pool'];
/** Of what a window could take, as many of the best are tried with those of the others, and two for each window. */
const CHOICES_LEAST = 6;
/** Attempts that give up more than the best by more than this are not worth a try; a mix gives up one product. */
const WORTH_TRYING = 3;
const WORTH_MIXING = 4;

/** So many assignments are tried in all; every mix is tried in part when they are used up. */
const TRIES = 3_000_000;

/** How much of the search is done, 0 to 1. */
export type Progress = (share: number) => void;
type Table = readonly (readonly (Choice | undefined)[])[];
/** A choice with what it measures by itself. */
type Ranked = { choice: Choice; measure: number };

/**
 * All windows with all products: one product for all, or each its own, at every height at which one of them
 * lands, with each landing.
 */
export class Search {
  readonly found: Candidates;
  readonly heights: Heights;
  private readonly options: readonly WindowOptions[];
  private readonly measure: Measure;
  private readonly prices = new Map<number, { cost: Money; short: number }>();
  private readonly budget = { left: TRIES };
  private readonly subsets = new Map<number, number[]>();

  constructor(
    private readonly windows: readonly SolveWindow[],
    private readonly products: readonly Product[],
    private readonly rules: RuleBook,
  ) {
    this.found = new Candidates(rules);
    this.options = this.optionsWith((window) => window.dressing.hemAt);
    const asWished = this.options.map((o) => o.fits.at(-1) as Fit);
    this.heights = new Heights(windows, asWished, rules);
    const byWork = rules.school('windows.rankBy') === 'work';
    this.measure = byWork ? (cost, minutes) => minutes + cost / 1e9 : (cost, minutes) => cost + minutes / 1e9;
  }

  /** Every height and landing, on one line and each window by itself. */
  run(progress: Progress = () => undefined): void {
    const landings = this.landings();
    this.tryLines(this.heights.lines(this.options, landings), landings, (n) => progress(0.7 * n));
    // rods are moved further only where nothing keeps them where they are wished
    if (this.found.leastWeight() >= weightOf(BIT.height))
      this.tryLines(this.heights.furtherLines(this.options, landings), landings, (n) =>
        progress(0.7 + 0.2 * n),
      );
    if (this.windows.length > 1) for (const landing of landings) this.apart(landing);
    if (this.found.leastWeight() > 0) this.hemsBelowSill();
    progress(1);
  }

  private tryLines(lines: readonly Mm[], landings: readonly (Landing | null)[], progress: Progress): void {
    const frames = lines.flatMap((rodMm) =>
      landings.map((landing) => this.heights.onLineAt(rodMm, landing, 0)),
    );
    // what gives up least comes first, so that what gives up much more need not be tried
    frames.sort((a, b) => weightOf(a.gives) - weightOf(b.gives));
    frames.forEach((frame, i) => {
      if (this.isWorth(frame.gives, WORTH_TRYING)) this.at(this.options, frame);
      progress((i + 1) / frames.length);
    });
  }

  private optionsWith(hemAt: (window: SolveWindow) => Dressing['hemAt']): WindowOptions[] {
    return this.windows.map((window) => {
      const fits = fitsAsWished(this.products, window, hemAt(window), this.rules);
      return new WindowOptions(fits, this.rules);
    });
  }

  /** Landings that some window does not have yet; null keeps what is wanted for each. */
  private landings(): (Landing | null)[] {
    const relands = (landing: Landing) =>
      this.options.some(({ fits: [fit] }) => {
        const lands = fit && landingOf(fit, landing, this.rules);
        return lands === landing && fit?.window.dressing.landing !== landing;
      });
    return [null, ...LANDINGS.filter(relands)];
  }

  /** Where nothing keeps all that is wanted, the hems may end below the sill. */
  private hemsBelowSill(): void {
    if (!this.windows.every(couldEndAtSill)) return;
    const lifted = this.optionsWith(() => 'apron');
    const heights = new Set([this.heights.wishMm, ...this.heights.bySchool()]);
    for (const rodMm of heights) this.at(lifted, this.heights.onLineAt(rodMm, null, BIT.floor));
  }

  /** Once there is enough to choose from, what gives up much more than the best is left out. */
  private isWorth(gives: number, more: number): boolean {
    return !this.found.isEnough() || weightOf(gives) <= this.found.leastWeight() + more;
  }

  private at(options: readonly WindowOptions[], frame: Frame): void {
    const table = options.map((o, i) => o.at(frame.rods[i] ?? 0, frame.landing));
    for (let p = 0; p < this.products.length; p++)
      this.single(
        p,
        options,
        table.map((at) => at[p]),
        frame,
      );
    this.mixes(options, table, frame);
  }

  /** One product at all windows. */
  private single(
    product: number,
    options: readonly WindowOptions[],
    choices: readonly (Choice | undefined)[],
    frame: Frame,
  ): void {
    let [gives, cost, minutes, panels] = [frame.gives, 0, frame.minutes, 0];
    for (const choice of choices) {
      if (!choice) return;
      gives |= choice.gives;
      cost += choice.cost;
      minutes += choice.minutes;
      panels += choice.panels;
    }
    const price = this.price(product, panels);
    if (price.short > 0) gives |= BIT.stock;
    const told = { gives, cost: cost + price.cost, minutes, offMm: frame.offMm };
    this.found.single(product, told, () => ({
      ...frame,
      ...told,
      chosen: options.map((o) => o.fits[product] as Fit),
    }));
  }

  /** Different products at different windows, by what they may give up, the least of it first. */
  private mixes(options: readonly WindowOptions[], table: Table, frame: Frame): void {
    if (this.windows.length < 2 || table.some((at) => at.every((c) => !c))) return;
    if (!this.isWorth(frame.gives | BIT.oneProduct, WORTH_MIXING)) return;
    let given = BIT.stock;
    for (const at of table) for (const choice of at) given |= choice?.gives ?? 0;
    const ranked = table.map((at) => this.ranked(at));
    for (const allowed of this.subsetsOf(given)) {
      const gives = frame.gives | BIT.oneProduct | allowed;
      if (!this.isWorth(gives, WORTH_MIXING)) break;
      const best = this.assigned(ranked, allowed, this.betterThan(gives, frame));
      if (best) this.noteMix(best, options, frame);
    }
  }

  /** Every set of wants among these, the one that weighs least first. */
  private subsetsOf(gives: number): number[] {
    const known = this.subsets.get(gives) ?? subsetsByWeight(gives);
    this.subsets.set(gives, known);
    return known;
  }

  /** What a mix has to measure less than; where the nearest comes first, one that is nearer may cost more. */
  private betterThan(gives: number, { offMm, minutes }: Frame): number {
    const known = this.found.bestMix(gives);
    const isNearer = this.rules.school('windows.rankBy') === 'fit' && known && offMm < known.offMm - 0.5;
    return known && !isNearer ? this.measure(known.cost, known.minutes) - this.measure(0, minutes) : Infinity;
  }

  private assigned(ranked: readonly (readonly Ranked[])[], allowed: number, below: number) {
    const options = ranked.map((at) => this.shortlist(at, allowed));
    if (options.some((at) => at.length === 0)) return undefined;
    return assign({
      options,
      price: this.price,
      leastPrice: this.leastPrice,
      measure: this.measure,
      mayBeShort: (allowed & BIT.stock) !== 0,
      below,
      budget: this.budget,
    });
  }

  private noteMix(
    { choices, cost, minutes, short }: Assignment,
    options: readonly WindowOptions[],
    frame: Frame,
  ): void {
    if (new Set(choices.map((c) => c.product)).size < 2) return;
    const chosen = choices.map((c, i) => options[i]?.fits[c.product] as Fit);
    let gives = frame.gives | BIT.oneProduct | (short > 0 ? BIT.stock : 0);
    for (const choice of choices) gives |= choice.gives;
    this.found.mix({ ...frame, chosen, gives, cost, minutes: minutes + frame.minutes });
  }

  /**
   * The best choices at a window. More than one for each window cannot be of use: the others take at most one
   * each of those before it.
   */
  private shortlist(ranked: readonly Ranked[], allowed: number): Choice[] {
    const most = CHOICES_LEAST + 2 * this.windows.length;
    const list: Choice[] = [];
    for (const { choice } of ranked) {
      if ((choice.gives & ~allowed) === 0) list.push(choice);
      if (list.length >= most) break;
    }
    return list;
  }

  private ranked(at: readonly (Choice | undefined)[]): Ranked[] {
    const ranked: Ranked[] = [];
    for (const choice of at)
      if (choice) {
        const bought = this.price(choice.product, choice.panels).cost;
        ranked.push({ choice, measure: this.measure(choice.cost + bought, choice.minutes) });
      }
    return ranked.sort((a, b) => a.measure - b.measure);
  }

  /** Each window at its own height: as wished, or where a product lands there or is brought to its length. */
  private apart(landing: Landing | null): void {
    const best = this.options.map((o, i) => {
      const lands = o.landsAt(landing);
      return lands.map((landsMm, p) => this.leastAt(o, p, landing, this.heights.own(landsMm, i)));
    });
    for (let p = 0; p < this.products.length; p++) {
      const own = best.map((at) => at[p]);
      const rods = own.map((b) => b?.rodMm ?? 0);
      const choices = own.map((b) => b?.choice);
      if (choices.every((c) => c))
        this.single(p, this.options, choices, this.heights.frame(rods, landing, 0));
    }
    const { wishesMm } = this.heights;
    const wished = this.options.map((o, i) => o.at(wishesMm[i] ?? 0, landing));
    this.mixes(this.options, wished, this.heights.frame(wishesMm, landing, 0));
    this.mixApart(landing, best);
  }

  /** The height of these at which a product takes least. */
  private leastAt(
    options: WindowOptions,
    product: number,
    landing: Landing | null,
    heights: readonly Mm[],
  ): { rodMm: Mm; choice: Choice | undefined } {
    let best: { rodMm: Mm; choice: Choice | undefined } = { rodMm: heights[0] ?? 0, choice: undefined };
    for (const rodMm of heights) {
      const choice = options.one(product, rodMm, landing);
      if (this.takesLess(choice, best.choice)) best = { rodMm, choice };
    }
    return best;
  }

  private mixApart(landing: Landing | null, best: { rodMm: Mm; choice: Choice | undefined }[][]): void {
    const ranked = best.map((at) => this.ranked(at.map(({ choice }) => choice)));
    for (const allowed of [0, BIT.stock, ~0]) {
      const found = this.assigned(ranked, allowed, Infinity);
      if (!found) continue;
      const rods = found.choices.map((c, i) => best[i]?.[c.product]?.rodMm ?? 0);
      this.noteMix(found, this.options, this.heights.frame(rods, landing, 0));
    }
  }

  private takesLess(a: Choice | undefined, b: Choice | undefined): boolean {
    if (!a || !b) return a !== undefined;
    return this.measure(a.cost, a.minutes) < this.measure(b.cost, b.minutes);
  }

  private readonly price: Price = (product, panels) => {
    const key = product * 10_000 + panels;
    const known = this.prices.get(key);
    if (known) return known;
    const { cost, short } = purchaseOf(this.products[product] as Product, panels, this.rules);
    const price = { cost, short };
    this.prices.set(key, price);
    return price;
  };

  /** Others of the kind may have taken none of those owned, and left one over of a set. */
  private readonly leastPrice: LeastPrice = (product, panels) => {
    const { owned, price, item, shop } = this.products[product] as Product;
    const setOf = item?.setOf ?? this.rules.number('windows.panelsSoldIn');
    return Math.max(0, panels - owned - (setOf - 1)) * (shop?.price ?? price);
  };
}

/** A curtain to the floor in front of a window with a wall below it. */
const couldEndAtSill = (window: SolveWindow): boolean =>
  isOnLine(window) &&
  window.dressing.hemAt === 'floor' &&
  window.target.span.parts.every((p) => p.opening.sillMm > 0);

function subsetsByWeight(gives: number): number[] {
  const bits = Object.values(BIT).filter((bit) => gives & bit);
  const all = bits.reduce<number[]>((sets, bit) => [...sets, ...sets.map((s) => s | bit)], [0]);
  return all.sort((a, b) => weightOf(a) - weightOf(b));
}
