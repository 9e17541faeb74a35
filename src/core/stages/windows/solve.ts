/**
 * All windows of a room solved together: one rod height, one product, enough of it, the hem as wished, at the
 * least cost. Lengths in mm.
 */
import { inSets, sum, toMark, type Mm, type Money } from '../../base/units';
import type { Dressing, Item, Landing, RouteKind } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { landingMm, pinGives } from './landing';
import { hemsOver } from './layer';
import { planWindow } from './planWindow';
import type { WindowPlace, WindowPlan, WindowTarget } from './windowPlan';
import { rodBySchool, rodLimits } from './rod';
import { stockPrice } from './routes';

export type SolveWindow = {
  dressing: Dressing;
  target: WindowTarget;
  place: WindowPlace;
  sheer: Item | undefined;
};
/** Panels of a shop that has them under the name of an owned kind: so many more can be had. */
export type ShopPanels = { name: string; stock: number; price: Money; leadDays: number };

/** An owned kind of panel, and how many of it hang in another room. */
export type OwnedPanels = Item & { elsewhere?: { room: string; count: number } | null };

/**
 * What a stylist wants of the curtains of a room; a solution that does not keep one says which and by how
 * much.
 */
export type Want =
  | 'height'
  | 'oneLine'
  | 'landing'
  | 'floor'
  | 'oneProduct'
  | 'stock'
  | 'ownRoom'
  | 'ready'
  | 'glass'
  | 'fullness';
export type GivesUp = {
  want: Want;
  /** Length off, count short, or share, by the want. */ by: number;
  landing?: Landing;
  /** Where panels would be borrowed from. */ room?: string;
};

export type Share = {
  dressingId: string;
  window: string;
  itemId: string | null;
  name: string | null;
  stockMm: Mm | null;
  rodMm: Mm;
  landing: Landing;
  hemAt: Dressing['hemAt'];
  kind: RouteKind;
  panels: number;
  hems: number;
};
export type Solution = {
  shares: Share[];
  oneRodMm: Mm | null;
  panels: number;
  buy: number;
  owned: number;
  leadDays: number | null;
  cost: Money;
  workMinutes: number;
  givesUp: GivesUp[];
  offMm: Mm;
};

type Product = {
  key: string;
  item: Item | null;
  name: string | null;
  lengthMm: Mm | null;
  owned: number;
  price: Money;
  shop: ShopPanels | undefined;
  /** Of those counted as owned, how many would be borrowed before any is bought. */ lent: {
    room: string;
    count: number;
  } | null;
};
type Fit = { plan: WindowPlan; product: Product; window: SolveWindow };
type Found = { solution: Solution; chosen: readonly Fit[]; rods: readonly Mm[]; landing: Landing | null };
type Way = { kind: RouteKind; hems: number; cost: Money; minutes: number };

/**
 * Weight of each want when solutions that give something up are compared: what is seen from the door first.
 */
const WEIGHT: Record<Want, number> = {
  oneLine: 5,
  height: 3,
  landing: 2,
  floor: 4,
  oneProduct: 4,
  stock: 5,
  ownRoom: 3,
  ready: 3,
  glass: 1,
  fullness: 2,
};
const SCHOOLS = ['high', 'twoThirds', 'overFrame'] as const;
const LANDINGS: readonly Landing[] = ['clear', 'kiss', 'break', 'pool'];

/**
 * The best ways to dress the given windows, at most `wanted`, the one that gives up least first and then by
 * the studio's wish (cost, fit or work).
 * Tried: every owned kind of panel and every stock length, each at the height of every school, at every
 * height where it lands as it is, taken up,
 * let down, on longer rings or pins, and at each landing; windows with one product and with their own; made
 * to measure. Pure; the same input gives the same answer.
 */
export function solveWindows(
  windows: readonly SolveWindow[],
  owned: readonly OwnedPanels[],
  shops: readonly ShopPanels[],
  rules: RuleBook,
  wanted = 3,
): Solution[] {
  if (windows.length === 0) return [];
  const byKind = (w: SolveWindow) => w.dressing.mount === 'wall' && !w.target.shower;
  const products: Product[] = [
    // what hangs in another room is not to be had, or else is borrowed from there
    ...owned
      .filter((i) => i.kind === 'panel' && i.state !== 'gone' && i.count > 0)
      .flatMap(({ elsewhere, ...item }): Product[] => {
        const lent =
          elsewhere && elsewhere.count > 0
            ? { room: elsewhere.room, count: Math.min(item.count, elsewhere.count) }
            : null;
        const own: Product = {
          key: item.id,
          item,
          name: item.name,
          lengthMm: item.heightMm,
          owned: item.count - (lent?.count ?? 0),
          price: item.price,
          shop: shops
            .filter((s) => s.name.toLowerCase() === item.name.toLowerCase())
            .sort((a, b) => b.stock - a.stock)[0],
          lent: null,
        };
        return lent ? [own, { ...own, key: `${item.id} lent`, owned: item.count, lent }] : [own];
      }),
    ...rules
      .list(windows.every((w) => w.target.shower) ? 'windows.showerStock' : 'windows.stockLengths')
      .map((mm): Product => ({
        key: `stock${mm}`,
        item: null,
        name: null,
        lengthMm: mm,
        owned: 0,
        price: stockPrice(mm, rules),
        shop: undefined,
        lent: null,
      })),
  ];
  const madeProduct: Product = {
    key: 'made',
    item: null,
    name: null,
    lengthMm: null,
    owned: 0,
    price: 0,
    shop: undefined,
    lent: null,
  };
  const fitOf = (product: Product, window: SolveWindow, patch: Partial<Dressing>): Fit => ({
    product,
    window,
    plan: planWindow(
      window.target,
      { ...window.dressing, itemId: product.item?.id ?? null, ...patch },
      { main: product.item ?? undefined, sheer: window.sheer },
      window.place,
      rules,
    ),
  });
  // every window with every product, once, at the height that is wished; other heights only shift what is
  // wanted
  const fits = new Map<string, Fit[]>();
  const fitAll = (product: Product, hemAt: Dressing['hemAt'] | null = null): Fit[] => {
    const key = `${product.key} ${hemAt ?? ''}`;
    const found =
      fits.get(key) ??
      windows.map((window) => {
        return fitOf(product, window, {
          route: product.lengthMm === null ? { kind: 'made', stockMm: null } : null,
          rodHeightMm: byKind(window) ? null : window.dressing.rodHeightMm,
          hemAt: hemAt ?? window.dressing.hemAt,
        });
      });
    fits.set(key, found);
    return found;
  };

  const reference = fitAll(madeProduct);
  const limits = reference.map(({ plan, window }) => {
    const { lowMm: low, highMm: high } = rodLimits(
      { frameTopMm: plan.frameTopMm, ceilingMm: overhead(window, plan) },
      rules,
    );
    return { low, high };
  });
  const common = { low: Math.max(...limits.map((l) => l.low)), high: Math.min(...limits.map((l) => l.high)) };
  const onWall = windows.some(byKind);
  const wishes = reference.map((f) => f.plan.rodHeightMm);
  const wish = Math.max(...reference.map((f, i) => (byKind(f.window) ? wishes[i]! : -Infinity)));
  const allowed = (h: Mm) => h >= common.low - 0.5 && h <= common.high + 0.5;
  const schoolHeights = SCHOOLS.flatMap((school) => {
    const line = Math.max(
      ...reference.map(
        ({ plan, window }) =>
          rodBySchool({ frameTopMm: plan.frameTopMm, ceilingMm: overhead(window, plan) }, rules, school)
            .rodMm,
      ),
    );
    return allowed(line) ? [line] : [];
  });

  const found: Found[] = [];
  // null: each window keeps the landing that is wished for it
  const landings: (Landing | null)[] = [null, ...LANDINGS];

  for (const product of products) {
    const all = fitAll(product);
    // heights at which the length lands as it is, by the window that needs most
    const landsAt = all
      .flatMap(({ plan }) =>
        LANDINGS.map((l) =>
          toMark(
            plan.rodHeightMm + product.lengthMm! - Math.max(...hemsAt(plan, plan.rodHeightMm, l)),
            rules.unit,
          ),
        ),
      )
      .filter(allowed);
    const heights = onWall
      ? [...new Set([...(allowed(wish) ? [wish] : []), ...schoolHeights, ...landsAt])]
      : [wish];
    for (const rodMm of heights)
      for (const landing of landings)
        consider(
          all,
          all.map((f) => (byKind(f.window) ? rodMm : f.plan.rodHeightMm)),
          landing,
        );
    // each window its own height, where its length lands by itself
    if (windows.length > 1)
      consider(
        all,
        all.map(({ plan, window }, i) =>
          byKind(window)
            ? Math.min(
                limits[i]!.high,
                Math.max(
                  limits[i]!.low,
                  toMark(plan.rodHeightMm + product.lengthMm! - longest(plan), rules.unit),
                ),
              )
            : plan.rodHeightMm,
        ),
        null,
      );
  }
  // each window its own product: the cheapest that lands there at the wished height
  if (windows.length > 1 && onWall) {
    const mixed = windows.map(
      (_, i) =>
        [...products, madeProduct]
          .map((p) => fitAll(p)[i]!)
          .flatMap((fit) => {
            const way = wayTo(fit, wishes[i]!, null);
            return way
              ? [
                  {
                    fit,
                    made: fit.product.lengthMm === null,
                    cost: buyOf(fit.product, fit.plan.panels).cost + way.cost,
                  },
                ]
              : [];
          })
          .sort((a, b) => Number(a.made) - Number(b.made) || a.cost - b.cost)[0],
    );
    if (mixed.every((m) => m))
      consider(
        mixed.map((m) => m!.fit),
        wishes,
        null,
      );
  }
  consider(fitAll(madeProduct), wishes, null);
  // nothing keeps all that is wanted: what could give way besides is tried too
  if (found.every((f) => f.solution.givesUp.length > 0)) {
    for (const rodMm of onWall ? schoolHeights : [])
      consider(
        fitAll(madeProduct),
        windows.map((w, i) => (byKind(w) ? rodMm : wishes[i]!)),
        null,
      );
    for (const landing of LANDINGS) consider(fitAll(madeProduct), wishes, landing);
    if (
      windows.every(
        (w) =>
          byKind(w) && w.dressing.hemAt === 'floor' && w.target.span.parts.every((p) => p.opening.sillMm > 0),
      )
    ) {
      for (const product of [...products, madeProduct])
        for (const rodMm of [wish, ...schoolHeights])
          if (allowed(rodMm))
            consider(
              fitAll(product, 'apron'),
              windows.map(() => rodMm),
              null,
            );
    }
  }
  return choose(found, wanted);

  function overhead(window: SolveWindow, plan: WindowPlan): Mm {
    const first = plan.panelPlans[0]!;
    const last = plan.panelPlans[plan.panelPlans.length - 1]!;
    return window.place.overhead(first.fromMm, last.toMm).mm;
  }

  /** Finished lengths of a window's panels at another height and with another landing. */
  function hemsAt(plan: WindowPlan, rodMm: Mm, landing: Landing | null): Mm[] {
    const own = plan.hemOn === 'apron' || plan.hemOn === 'leaf' || plan.shower || landing === null;
    return hemsOver(
      plan.panelPlans.map((p) => p.floorHighMm),
      rodMm - plan.takeDownMm,
      own ? plan.landingMm : landingMm(landing, rules),
      rules,
    ).hemsMm;
  }

  /** How a product gets to a window's length at a height, and what that takes; undefined when it does not. */
  function wayTo({ product, plan, window }: Fit, rodMm: Mm, landing: Landing | null): Way | undefined {
    const hems = hemsAt(plan, rodMm, landing);
    if (hems.some((h) => h <= 0)) return undefined;
    if (product.lengthMm === null)
      return { kind: 'made', hems: 0, cost: plan.making.cost, minutes: plan.making.minutes };
    const over = hems.map((h) => product.lengthMm! - h);
    const [least, most] = [Math.min(...over), Math.max(...over)];
    const give = rules.number('windows.pinGive') + 1e-6;
    const pins = pinGives(window.dressing.heading, window.dressing.pinMm, rules);
    const { panels } = plan;
    if (least >= -give && most <= give) return { kind: 'asItIs', hems: 0, cost: 0, minutes: 0 };
    if (-least <= pins.lowerMm + 1e-6 && most <= pins.raiseMm + 1e-6 && most - least <= give)
      return {
        kind: 'pins',
        hems: 0,
        cost: 0,
        minutes: panels * rules.number('windows.minutesPerPanelOfRings'),
      };
    const [, rings] = rules.range('windows.longerRings');
    const ringed = window.dressing.heading === 'ringClip' || window.dressing.heading === 'pinchPleat';
    if (ringed && most < 0 && -least <= rings + 1e-6 && most - least <= give)
      return {
        kind: 'longerRings',
        hems: 0,
        cost: plan.rings * rules.number('windows.ringPrice'),
        minutes: panels * rules.number('windows.minutesPerPanelOfRings'),
      };
    if (least < -give)
      return -least <= 2 * (rules.number('windows.stockHem') - rules.number('windows.leastHem')) + 1e-6
        ? {
            kind: 'letDown',
            hems: panels,
            cost: panels * rules.number('windows.hemWorkPrice'),
            minutes: panels * rules.number('windows.minutesPerLetDown'),
          }
        : undefined;
    const cut = least + 2 * rules.number('windows.stockHem') - 2 * rules.number('windows.hem');
    return cut >= -1e-6 && most <= product.lengthMm / 2
      ? {
          kind: 'takeUp',
          hems: panels,
          cost: panels * rules.number('windows.hemWorkPrice'),
          minutes: panels * rules.number('windows.minutesPerHem'),
        }
      : undefined;
  }

  function buyOf(
    product: Product,
    need: number,
  ): { missing: number; buy: number; cost: Money; short: number; leadDays: number | null } {
    const missing = Math.max(0, need - product.owned);
    const buy = inSets(missing, product.item?.setOf ?? rules.number('windows.panelsSoldIn'));
    if (!product.item) return { missing, buy, cost: buy * product.price, short: 0, leadDays: null };
    const short = Math.max(0, buy - (product.shop?.stock ?? 0));
    return {
      missing,
      buy,
      cost: buy * (product.shop?.price ?? product.price),
      short,
      leadDays: buy > 0 ? (product.shop?.leadDays ?? null) : null,
    };
  }

  function consider(chosen: readonly Fit[], rods: readonly Mm[], landing: Landing | null): void {
    const solution = solutionOf(chosen, rods, landing);
    if (solution) found.push({ solution, chosen, rods, landing });
  }

  /**
   * A solution as it comes out with the windows really hung so: at another height a slope may leave less
   * room, and fewer panels hang over other floors.
   */
  function asHung({ solution, chosen, rods, landing }: Found): Solution | null {
    let told: Solution = solution;
    for (let round = 0; round < 3; round++) {
      const hung = told.shares.map((s, i) =>
        fitOf(chosen[i]!.product, windows[i]!, {
          rodHeightMm: byKind(windows[i]!) ? s.rodMm : windows[i]!.dressing.rodHeightMm,
          landing: s.landing,
          hemAt: s.hemAt,
          route: { kind: s.kind, stockMm: s.stockMm },
        }),
      );
      const now = solutionOf(hung, rods, landing);
      if (!now) return null;
      if (now.shares.every((s, i) => s.kind === told.shares[i]!.kind))
        return hung.every(
          (h, i) => h.plan.chosenRoute !== null && Math.abs(h.plan.rodHeightMm - rods[i]!) < 0.01,
        )
          ? now
          : null;
      told = now;
    }
    return null;
  }

  function solutionOf(chosen: readonly Fit[], rods: readonly Mm[], landing: Landing | null): Solution | null {
    // nothing lies down on a sill: a window that ends there keeps its own landing
    const lies = landing !== null && landingMm(landing, rules) < 0;
    const landAt = (fit: Fit): Landing | null =>
      fit.plan.shower ||
      fit.plan.hemOn === 'apron' ||
      fit.plan.hemOn === 'leaf' ||
      (lies && fit.plan.hemOn === 'sill')
        ? null
        : landing;
    const ways = chosen.map((fit, i) => wayTo(fit, rods[i]!, landAt(fit)));
    if (ways.some((w) => w === undefined)) return null;
    const givesUp: GivesUp[] = [];
    const rodsOnWall = rods.filter((_, i) => byKind(windows[i]!));
    const tolerance = rules.number('fitting.levelTolerance');
    const apart = rodsOnWall.length > 0 ? Math.max(...rodsOnWall) - Math.min(...rodsOnWall) : 0;
    if (apart > tolerance && rules.school('windows.rodLine') === 'shared')
      givesUp.push({ want: 'oneLine', by: apart });
    const offWish = rodsOnWall.length > 0 ? Math.max(...rodsOnWall.map((r) => Math.abs(r - wish))) : 0;
    if (offWish > tolerance && apart <= tolerance) givesUp.push({ want: 'height', by: offWish });
    const changed =
      landing === null
        ? []
        : chosen
            .filter((c) => landAt(c) === landing && c.window.dressing.landing !== landing)
            .map((c) => c.window);
    if (landing !== null && changed.length === 0) return null;
    const off =
      landing === null
        ? 0
        : Math.max(
            ...changed.map((w) => Math.abs(landingMm(landing, rules) - landingMm(w.dressing.landing, rules))),
          );
    if (landing !== null) givesUp.push({ want: 'landing', by: off, landing });
    const lifted = chosen.filter(
      (c, i) => c.plan.hemOn === 'apron' && windows[i]!.dressing.hemAt === 'floor',
    );
    if (lifted.length > 0)
      givesUp.push({
        want: 'floor',
        by: Math.max(...lifted.map((c) => Math.min(...c.plan.panelPlans.map((p) => p.bottomMm)))),
      });
    const kinds = [...new Set(chosen.map((c) => c.product.key))];
    if (kinds.length > 1) givesUp.push({ want: 'oneProduct', by: kinds.length });
    if (kinds.includes('made')) givesUp.push({ want: 'ready', by: 1 });
    const bought = kinds.map((key) => {
      const of = chosen.filter((c) => c.product.key === key);
      const need = sum(of.map((c) => c.plan.panels));
      return { product: of[0]!.product, need, ...buyOf(of[0]!.product, need) };
    });
    const short = sum(bought.map((b) => b.short));
    if (short > 0) givesUp.push({ want: 'stock', by: short });
    for (const { product, need } of bought) {
      const borrowed = product.lent
        ? Math.min(product.lent.count, need - (product.owned - product.lent.count))
        : 0;
      if (borrowed > 0) givesUp.push({ want: 'ownRoom', by: borrowed, room: product.lent!.room });
      else if (product.lent) return null;
    }
    const covered = Math.max(...chosen.map((c) => c.plan.glassCoveredShare));
    if (covered > rules.number('windows.glassNoticed')) givesUp.push({ want: 'glass', by: covered });
    const full = Math.min(...chosen.map((c) => (c.plan.shower ? Infinity : c.plan.fullness)));
    if (full < rules.number('windows.leastFullness') - 1e-6) givesUp.push({ want: 'fullness', by: full });
    const panels = sum(chosen.map((c) => c.plan.panels));
    const buy = sum(bought.map((b) => b.buy));
    const leads = bought.flatMap((b) => (b.leadDays === null ? [] : [b.leadDays]));
    return {
      shares: chosen.map((c, i) => ({
        dressingId: c.window.dressing.id,
        window: c.window.target.name,
        itemId: c.product.item?.id ?? null,
        name: c.product.name,
        stockMm: c.product.lengthMm,
        rodMm: rods[i]!,
        landing: landAt(c) ?? c.window.dressing.landing,
        hemAt: lifted.includes(c) ? 'apron' : c.window.dressing.hemAt,
        kind: ways[i]!.kind,
        panels: c.plan.panels,
        hems: ways[i]!.hems,
      })),
      oneRodMm: rodsOnWall.length > 0 && apart <= tolerance ? rodsOnWall[0]! : null,
      panels,
      buy,
      owned: panels - sum(bought.map((b) => b.missing)),
      leadDays: leads.length > 0 ? Math.max(...leads) : null,
      cost: sum(bought.map((b) => b.cost)) + sum(ways.map((w) => w!.cost)),
      workMinutes:
        sum(ways.map((w) => w!.minutes)) +
        (offWish > tolerance ? rodsOnWall.length * rules.number('windows.minutesToMoveRod') : 0),
      givesUp,
      offMm: offWish + off,
    };
  }

  function choose(all: readonly Found[], count: number): Solution[] {
    const by = rules.school('windows.rankBy');
    const loss = (s: Solution) => sum(s.givesUp.map((g) => WEIGHT[g.want]));
    const keys = (s: Solution) => [
      loss(s),
      ...(by === 'fit'
        ? [Math.round(s.offMm), s.cost, s.workMinutes]
        : by === 'work'
          ? [s.workMinutes, s.offMm, s.cost]
          : [s.cost, s.workMinutes, s.offMm]),
    ];
    const byKeys = (a: Solution, b: Solution) => {
      const [p, q] = [keys(a), keys(b)];
      for (let i = 0; i < p.length; i++) if (Math.abs(p[i]! - q[i]!) > 1e-6) return p[i]! - q[i]!;
      return 0;
    };
    const sorted = [...all].sort((a, b) => byKeys(a.solution, b.solution));
    const picked: Solution[] = [];
    const tried = new Set<Found>();
    const same = (a: Solution, b: Solution) =>
      a.shares.every((x, i) => x.itemId === b.shares[i]!.itemId && x.stockMm === b.shares[i]!.stockMm);
    const alike = (a: Solution, b: Solution) => same(a, b) && wants(a) === wants(b);
    // another of the same product is worth showing when it keeps something that the first does not; else only
    // to fill up
    const worse = (a: Solution, b: Solution) =>
      same(a, b) && b.givesUp.every((g) => a.givesUp.some((h) => h.want === g.want));
    for (const fill of [false, true]) {
      const adds = (s: Solution) => !picked.some((p) => alike(s, p) || (!fill && worse(s, p)));
      for (const f of sorted) {
        if (picked.length >= count) break;
        if (tried.has(f) || !adds(f.solution)) continue;
        tried.add(f);
        const hung = asHung(f);
        if (hung && adds(hung)) picked.push(hung);
      }
    }
    return picked.sort(byKeys);
  }
}

const wants = (s: Solution): string =>
  s.givesUp
    .map((g) => g.want)
    .sort()
    .join();
const longest = (plan: WindowPlan): Mm => Math.max(...plan.panelPlans.map((p) => p.finishedLengthMm));
