/**
 * All windows of a room solved together: one rod height, one product, enough of it, the hem as wanted, at the
 * least cost. Lengths in mm.
 */
import { clamp, toPlanned, type Mm } from '../../../base/units';
import type { Dressing, Landing } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import { planWindow } from '../planWindow';
import { rodBySchool, rodLimits, type RodFacts } from '../rod';
import type { WindowPlan } from '../windowPlan';
import { chooseBest } from './choose';
import { MADE, productsOf, purchaseOf } from './products';
import { solutionOf } from './score';
import {
  isOnLine,
  type Attempt,
  type Fit,
  type OwnedPanels,
  type Product,
  type ShopPanels,
  type SolveWindow,
  type Solution,
} from './solution';
import { hemsAt, toLength } from './toLength';

export type { GivesUp, OwnedPanels, ShopPanels, Solution, SolveWindow } from './solution';

const SCHOOLS = ['high', 'twoThirds', 'overFrame'] as const;
const LANDINGS: readonly Landing[] = ['clear', 'kiss', 'break', 'pool'];
/** A solution hangs as it was found within so many rounds, or not at all. */
const ROUNDS = 3;

type Found = Attempt & { solution: Solution };
type Limits = { lowMm: Mm; highMm: Mm };

/**
 * The best ways to dress the given windows, at most `wanted`, the one that gives up least first and then by
 * the studio's preference (cost, fit or work).
 * Tried: every owned kind of panel and every stock length, each at the height of every school, at every
 * height where it lands as it is, taken up, let down, on longer rings or pins, and at each landing; windows
 * with one product and with their own; made to measure. Pure; the same input gives the same answer.
 */
export function solveWindows(
  windows: readonly SolveWindow[],
  owned: readonly OwnedPanels[],
  shops: readonly ShopPanels[],
  rules: RuleBook,
  wanted = 3,
): Solution[] {
  if (windows.length === 0) return [];
  const search = new Search(windows, productsOf(windows, owned, shops, rules), rules);
  search.eachProduct();
  search.eachItsOwn();
  search.made();
  if (search.found.every((f) => f.solution.givesUp.length > 0)) search.whatElseCouldYield();
  return chooseBest(search.found, (f) => search.asHung(f), wanted, rules);
}

class Search {
  readonly found: Found[] = [];
  /** Every window with every product, once; other heights only shift what is wanted. */
  private readonly fits = new Map<string, Fit[]>();
  private readonly heads: readonly RodFacts[];
  private readonly limits: readonly Limits[];
  /** Heights that every window allows. */
  private readonly common: Limits;
  /** The preferred height of each window, and of the line. */
  private readonly wishes: readonly Mm[];
  private readonly wishMm: Mm;
  private readonly onWall: boolean;
  private readonly schoolHeights: readonly Mm[];

  constructor(
    private readonly windows: readonly SolveWindow[],
    private readonly products: readonly Product[],
    private readonly rules: RuleBook,
  ) {
    const reference = this.fitAll(MADE);
    this.heads = reference.map(headOf);
    this.limits = this.heads.map((head) => rodLimits(head, rules));
    this.common = {
      lowMm: Math.max(...this.limits.map((l) => l.lowMm)),
      highMm: Math.min(...this.limits.map((l) => l.highMm)),
    };
    this.onWall = windows.some(isOnLine);
    this.wishes = reference.map((f) => f.plan.rodHeightMm);
    this.wishMm = Math.max(...reference.map((f) => (isOnLine(f.window) ? f.plan.rodHeightMm : -Infinity)));
    this.schoolHeights = SCHOOLS.map((school) =>
      Math.max(...this.heads.map((head) => rodBySchool(head, rules, school).rodMm)),
    ).filter((mm) => this.isAllowed(mm));
  }

  /** One product at all windows: at every height worth trying and each landing, and at each window's own height. */
  eachProduct(): void {
    for (const product of this.products) {
      const all = this.fitAll(product);
      for (const rodMm of this.heightsFor(product, all))
        for (const landing of [null, ...LANDINGS])
          this.consider({ chosen: all, rods: this.rodsAt(all, rodMm), landing });
      if (this.windows.length > 1)
        this.consider({ chosen: all, rods: this.ownHeights(product, all), landing: null });
    }
  }

  /** Each window its own product: the cheapest that lands there at the preferred height. */
  eachItsOwn(): void {
    if (this.windows.length < 2 || !this.onWall) return;
    const chosen = this.windows.flatMap((_, i) => this.cheapestAt(i) ?? []);
    if (chosen.length === this.windows.length) this.consider({ chosen, rods: this.wishes, landing: null });
  }

  made(landing: Landing | null = null): void {
    this.consider({ chosen: this.fitAll(MADE), rods: this.wishes, landing });
  }

  /** Nothing keeps all that is wanted: what could give way besides is tried too. */
  whatElseCouldYield(): void {
    const made = this.fitAll(MADE);
    for (const rodMm of this.onWall ? this.schoolHeights : [])
      this.consider({
        chosen: made,
        rods: made.map((f, i) => (isOnLine(f.window) ? rodMm : (this.wishes[i] ?? rodMm))),
        landing: null,
      });
    for (const landing of LANDINGS) this.made(landing);
    if (this.windows.every(couldEndAtSill)) this.hemsBelowSill();
  }

  private hemsBelowSill(): void {
    for (const product of [...this.products, MADE])
      for (const rodMm of [this.wishMm, ...this.schoolHeights].filter((mm) => this.isAllowed(mm))) {
        const chosen = this.fitAll(product, 'apron');
        this.consider({ chosen, rods: chosen.map(() => rodMm), landing: null });
      }
  }

  /**
   * A solution as it comes out with the windows really hung so: at another height a slope may leave less
   * room, and fewer panels hang over other floors.
   */
  asHung({ solution, chosen, rods, landing }: Found): Solution | null {
    let told = solution;
    for (let round = 0; round < ROUNDS; round++) {
      const hung = chosen.map((fit, i) => this.hang(fit, told.shares[i]));
      const now = solutionOf({ chosen: hung, rods, landing }, this.wishMm, this.rules);
      if (!now) return null;
      if (now.shares.every((s, i) => s.kind === told.shares[i]?.kind))
        return hung.every((h, i) => hangsAt(h, rods[i])) ? now : null;
      told = now;
    }
    return null;
  }

  private hang({ product, window }: Fit, share: Solution['shares'][number] | undefined): Fit {
    if (!share) return this.fit(product, window, {});
    return this.fit(product, window, {
      rodHeightMm: isOnLine(window) ? share.rodMm : window.dressing.rodHeightMm,
      landing: share.landing,
      hemAt: share.hemAt,
      route: { kind: share.kind, stockMm: share.stockMm },
    });
  }

  private fit(product: Product, window: SolveWindow, patch: Partial<Dressing>): Fit {
    const plan = planWindow(
      window.target,
      { ...window.dressing, itemId: product.item?.id ?? null, ...patch },
      { main: product.item ?? undefined, sheer: window.sheer },
      window.place,
      this.rules,
    );
    return { product, window, plan };
  }

  private fitAll(product: Product, hemAt?: Dressing['hemAt']): Fit[] {
    const key = `${product.key} ${hemAt ?? ''}`;
    const known = this.fits.get(key);
    if (known) return known;
    const fits = this.windows.map((window) =>
      this.fit(product, window, {
        route: product.lengthMm === null ? { kind: 'made', stockMm: null } : null,
        rodHeightMm: isOnLine(window) ? null : window.dressing.rodHeightMm,
        hemAt: hemAt ?? window.dressing.hemAt,
      }),
    );
    this.fits.set(key, fits);
    return fits;
  }

  private isAllowed(mm: Mm): boolean {
    return mm >= this.common.lowMm - 0.5 && mm <= this.common.highMm + 0.5;
  }

  /** The preferred height, those of the schools, and those at which the length lands as it is, by the window that needs most. */
  private heightsFor({ lengthMm }: Product, all: readonly Fit[]): Mm[] {
    if (!this.onWall) return [this.wishMm];
    const landsAt = all.flatMap(({ plan }) =>
      LANDINGS.map((landing) => {
        const hems = hemsAt(plan, plan.rodHeightMm, landing, this.rules);
        return toPlanned(plan.rodHeightMm + (lengthMm ?? 0) - Math.max(...hems), this.rules.unit);
      }),
    );
    return [...new Set([this.wishMm, ...this.schoolHeights, ...landsAt])].filter((mm) => this.isAllowed(mm));
  }

  private rodsAt(all: readonly Fit[], rodMm: Mm): Mm[] {
    return all.map((f) => (isOnLine(f.window) ? rodMm : f.plan.rodHeightMm));
  }

  /** Each window's own height, where its length lands by itself. */
  private ownHeights({ lengthMm }: Product, all: readonly Fit[]): Mm[] {
    return all.map(({ plan, window }, i) => {
      if (!isOnLine(window)) return plan.rodHeightMm;
      const { lowMm, highMm } = this.limits[i] ?? this.common;
      const landsAt = plan.rodHeightMm + (lengthMm ?? 0) - longest(plan);
      return clamp(toPlanned(landsAt, this.rules.unit), lowMm, highMm);
    });
  }

  private cheapestAt(index: number): Fit | undefined {
    return [...this.products, MADE]
      .flatMap((product) => {
        const fit = this.fitAll(product)[index];
        const length = fit && toLength(fit, this.wishes[index] ?? 0, null, this.rules);
        if (!fit || !length) return [];
        const cost = purchaseOf(product, fit.plan.panels, this.rules).cost + length.cost;
        return [{ fit, made: product.lengthMm === null, cost }];
      })
      .sort((a, b) => Number(a.made) - Number(b.made) || a.cost - b.cost)[0]?.fit;
  }

  private consider(attempt: Attempt): void {
    const solution = solutionOf(attempt, this.wishMm, this.rules);
    if (solution) this.found.push({ ...attempt, solution });
  }
}

/** Frame top and what is over the panels. */
const headOf = ({ plan, window }: Fit): RodFacts => {
  const fromMm = plan.panelPlans[0]?.fromMm ?? 0;
  const toMm = plan.panelPlans.at(-1)?.toMm ?? fromMm;
  return { frameTopMm: plan.frameTopMm, ceilingMm: window.place.overhead(fromMm, toMm).mm };
};

const longest = (plan: WindowPlan): Mm => Math.max(...plan.panelPlans.map((p) => p.finishedLengthMm));

const hangsAt = ({ plan }: Fit, rodMm: Mm | undefined): boolean =>
  plan.chosenRoute !== null && rodMm !== undefined && Math.abs(plan.rodHeightMm - rodMm) < 0.01;

/** A curtain to the floor in front of a window with a wall below it. */
const couldEndAtSill = (window: SolveWindow): boolean =>
  isOnLine(window) &&
  window.dressing.hemAt === 'floor' &&
  window.target.span.parts.every((p) => p.opening.sillMm > 0);
