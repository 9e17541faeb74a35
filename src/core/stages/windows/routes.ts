import { elementAt } from '../../base/list';
import { clamp, inSets, type Mm, type Money } from '../../base/units';
import type { ChosenRoute, Landing, RouteKind } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { nameLanding, pools } from './landing';
import type { MakingPlan } from './made';

/**
 * One panel of the window: how far the rod is above the floor it hangs over, and what it would be hemmed to.
 */
export type PanelDrop = { rodToFloorMm: Mm; finishedMm: Mm };

export type RouteFacts = {
  /** Rod centre above the datum, and where it may go. */
  rodMm: Mm;
  rodLowMm: Mm;
  rodHighMm: Mm;
  takeDownMm: Mm;
  landing: Landing;
  landingMm: Mm;
  /** Left then right (one for a single draw). */
  drops: readonly PanelDrop[];
  panels: number;
  /** How it is made to measure, for that way. */
  making: MakingPlan;
  /** Whether a hem may lie down where it lands: on a room's floor, not on a sill or in front of a tub. */
  mayLie: boolean;
  /** How far the pins can lower and raise a panel. */
  pins: { lowerMm: Mm; raiseMm: Mm };
  /** Rings and clips can be longer; pockets and tabs cannot. */
  ringsGrow: boolean;
  /** Lengths that can be had, and whether they are already owned. */
  lengths: readonly { mm: Mm; owned: number; priceEach: Money; /** Sold by so many. */ setOf: number }[];
};

export type Route = {
  kind: RouteKind;
  /** Length bought; null when it is made. */
  stockMm: Mm | null;
  /** Where the rod ends up, the length that hangs, and how the hem lands. */
  rodMm: Mm;
  finishedMm: Mm;
  /** The shortest of its panels, where the floor falls under the window. */
  shortestMm: Mm;
  landing: Landing;
  /** Above the floor, or less than nothing for what lies on it. */
  landingMm: Mm;
  /** Panels that have to be bought or made. */
  buy: number;
  /** Furthest from the target: rod moved, or hem off its landing. */
  offMm: Mm;
  /** Cloth cut away (take up), gained at rings or hem (lower). */
  cutMm: Mm;
  gainMm: Mm;
  cost: Money;
  /** Hems sewn, and rods moved, as work. */
  hems: number;
  workMinutes: number;
  made?: MakingPlan;
};

/** A length that can be had, tried at the window. */
type Trial = {
  facts: RouteFacts;
  rules: RuleBook;
  length: RouteFacts['lengths'][number];
  /** How many panels of this length have to be bought, and what they cost. */
  buy: number;
  price: Money;
  /** The longest and the shortest finished length that is wanted. */
  longestMm: Mm;
  shortestMm: Mm;
};

const EPSILON_MM: Mm = 1e-6;
/** Nearer than this a rod is where it was. */
const SAME_ROD_MM: Mm = 0.5;
export const isSameRod = (a: Mm, b: Mm): boolean => Math.abs(a - b) < SAME_ROD_MM;

/**
 * The options for the wanted length: as it is with the rod moved, another landing, taken up, lowered (by pins,
 * longer rings, or the hem let down), made, each tried on every stock length, ranked by the studio's
 * preference (cost, fit or work), those that need nothing bought first. `leftOut`: ways of the same kind that
 * come less near, and are not listed.
 * Arithmetic closes for each: rod − take-down − landing − floor = length that hangs.
 */
export function findRoutes(
  facts: RouteFacts,
  rules: RuleBook,
  chosen: ChosenRoute | null = null,
): { routes: Route[]; leftOut: number } {
  const finished = facts.drops.map((d) => d.finishedMm);
  const [longestMm, shortestMm] = [Math.max(...finished), Math.min(...finished)];
  const routes = facts.lengths.flatMap((length) => {
    const buy = inSets(Math.max(0, facts.panels - length.owned), length.setOf);
    const price = buy * length.priceEach;
    const trial: Trial = { facts, rules, length, buy, price, longestMm, shortestMm };
    return [asItIs, otherLanding, byPins, takeUp, lower].flatMap((route) => route(trial) ?? []);
  });
  routes.push(made(facts));
  // the one that was chosen stays, though another may come nearer
  const best = bestOfEach(routes);
  const kept = routes
    .filter((r) => r.kind === chosen?.kind && sameStock(r.stockMm, chosen.stockMm) && !best.includes(r))
    .slice(0, 1);
  const listed = rankRoutes([...best, ...kept], rules.school('windows.rankBy'));
  return { routes: listed, leftOut: routes.length - listed.length };
}

/** What most routes have in common: the panels as bought, hung where the rod is. */
const asBought = ({ facts, length, buy, price }: Trial): Omit<Route, 'kind'> => ({
  stockMm: length.mm,
  buy,
  cost: price,
  rodMm: facts.rodMm,
  finishedMm: length.mm,
  shortestMm: length.mm,
  landing: facts.landing,
  landingMm: facts.landingMm,
  offMm: 0,
  cutMm: 0,
  gainMm: 0,
  hems: 0,
  workMinutes: 0,
});

/** The rod is moved so that the longest drop, whose panel sets the line, lands as wanted. */
function asItIs(trial: Trial): Route | undefined {
  const { facts, rules, length, longestMm, shortestMm } = trial;
  const give = rules.number('windows.pinGive') + EPSILON_MM;
  const wantedMm = facts.rodMm + (length.mm - longestMm);
  // limited by what is above or below, it may stay off by an invisible amount
  const rodMm = clamp(wantedMm, facts.rodLowMm, facts.rodHighMm);
  if (Math.abs(wantedMm - rodMm) > give || longestMm - shortestMm > give) return undefined;
  const offMm = Math.abs(rodMm - facts.rodMm);
  const workMinutes = !isSameRod(rodMm, facts.rodMm) ? rules.number('windows.minutesToMoveRod') : 0;
  return { ...asBought(trial), kind: 'asItIs', rodMm, offMm, workMinutes };
}

/** The length as it is, landing otherwise. */
function otherLanding(trial: Trial): Route | undefined {
  const { facts, rules, length } = trial;
  const overs = facts.drops.map((d) => length.mm - (d.rodToFloorMm - facts.takeDownMm));
  const names = overs.map((overMm) => nameLanding(overMm, rules)?.landing);
  const [landing] = names;
  if (!landing || landing === facts.landing || names.some((name) => name !== landing)) return undefined;
  if (!facts.mayLie && (landing === 'break' || pools(landing))) return undefined;
  const offMm = Math.max(...overs.map((overMm) => Math.abs(overMm + facts.landingMm)));
  const [overMm = 0] = [...overs].sort((a, b) => Math.abs(b) - Math.abs(a));
  return { ...asBought(trial), kind: 'otherLanding', landing, landingMm: -overMm, offMm };
}

/** Pleats hang by pins, which can be moved a little up and down. */
function byPins(trial: Trial): Route | undefined {
  const { facts, rules, length, longestMm, shortestMm } = trial;
  const give = rules.number('windows.pinGive') + EPSILON_MM;
  const [short, long] = [longestMm - length.mm, length.mm - shortestMm];
  if (Math.max(short, long) <= give || longestMm - shortestMm > give) return undefined;
  if (short > facts.pins.lowerMm + EPSILON_MM || long > facts.pins.raiseMm + EPSILON_MM) return undefined;
  return { ...asBought(trial), kind: 'pins', gainMm: short, workMinutes: ringMinutes(trial) };
}

const ringMinutes = ({ facts, rules }: Trial): number =>
  facts.panels * rules.number('windows.minutesPerPanelOfRings');

/**
 * Taken up: the old double hem is let out and its cloth counts once; the new double hem is made from what
 * then hangs below the line.
 */
function takeUp(trial: Trial): Route | undefined {
  const { facts, rules, length, price, longestMm, shortestMm } = trial;
  // as much as the longest panel; the others are taken up by more
  const takeUpMm = length.mm - longestMm;
  const cutMm = takeUpMm + 2 * rules.number('windows.stockHem') - 2 * rules.number('windows.hem');
  const landsAsItIs = length.mm - shortestMm <= rules.number('windows.pinGive') + EPSILON_MM;
  if (takeUpMm < -EPSILON_MM || landsAsItIs || cutMm < -EPSILON_MM || takeUpMm > length.mm / 2)
    return undefined;
  return {
    ...asBought(trial),
    kind: 'takeUp',
    finishedMm: longestMm,
    shortestMm,
    cutMm,
    hems: facts.panels,
    cost: price + facts.panels * rules.number('windows.hemWorkPrice'),
    workMinutes: facts.panels * rules.number('windows.minutesPerHem'),
  };
}

/** Too short: lowered by longer rings, or with its hem let down. */
function lower(trial: Trial): Route | undefined {
  const { rules, length, longestMm } = trial;
  const short = longestMm - length.mm;
  if (short <= rules.number('windows.pinGive') + EPSILON_MM) return undefined;
  return longerRings(trial, short) ?? letDown(trial, short);
}

/** The rod's own rings, chosen longer: they cost no more than those that they stand for. */
function longerRings(trial: Trial, short: Mm): Route | undefined {
  const { facts, rules, length, longestMm, shortestMm } = trial;
  const [, ringsMost] = rules.range('windows.longerRings');
  const even = longestMm - shortestMm <= rules.number('windows.pinGive') + EPSILON_MM;
  if (!facts.ringsGrow || short > ringsMost + EPSILON_MM || !even || shortestMm <= length.mm)
    return undefined;
  return {
    ...asBought(trial),
    kind: 'longerRings',
    gainMm: short,
    workMinutes: ringMinutes(trial),
  };
}

function letDown(trial: Trial, short: Mm): Route | undefined {
  const { facts, rules, price, longestMm, shortestMm } = trial;
  const inHems = 2 * (rules.number('windows.stockHem') - rules.number('windows.leastHem'));
  if (short > inHems + EPSILON_MM) return undefined;
  return {
    ...asBought(trial),
    kind: 'letDown',
    finishedMm: longestMm,
    shortestMm,
    gainMm: short,
    hems: facts.panels,
    cost: price + facts.panels * rules.number('windows.hemWorkPrice'),
    workMinutes: facts.panels * rules.number('windows.minutesPerLetDown'),
  };
}

const made = (facts: RouteFacts): Route => ({
  kind: 'made',
  stockMm: null,
  buy: facts.panels,
  rodMm: facts.rodMm,
  finishedMm: facts.making.finishedMm,
  shortestMm: Math.min(...facts.drops.map((d) => d.finishedMm)),
  landing: facts.landing,
  landingMm: facts.landingMm,
  offMm: 0,
  cutMm: facts.making.cutMm,
  gainMm: 0,
  hems: 0,
  cost: facts.making.cost,
  workMinutes: facts.making.minutes,
  made: facts.making,
});

/**
 * Of each kind, and of each landing, the one nearest to the target, and beside it the nearest that needs nothing
 * bought. The made one always stays.
 */
function bestOfEach(routes: readonly Route[]): Route[] {
  const nearness = (r: Route) => {
    if (r.kind === 'takeUp') return r.cutMm;
    return r.kind === 'letDown' || r.kind === 'longerRings' || r.kind === 'pins'
      ? Math.abs(r.gainMm)
      : r.offMm;
  };
  const nearest = (group: (r: Route) => string) => {
    const best = new Map<string, Route>();
    for (const r of routes) {
      const known = best.get(group(r));
      const nearer = known ? nearness(r) - nearness(known) || r.cost - known.cost : -1;
      if (nearer < 0) best.set(group(r), r);
    }
    return [...best.values()];
  };
  const kinds = nearest((r) => `${r.kind}/${r.landing}`);
  const owned = nearest((r) => (r.buy === 0 ? `${r.kind}/${r.landing}` : 'bought')).filter(
    (r) => r.buy === 0,
  );
  return [...new Set([...kinds, ...owned])];
}

export function rankRoutes(routes: readonly Route[], order: string): Route[] {
  const keys: Record<string, (r: Route) => number[]> = {
    cost: (r) => [r.cost, r.offMm, r.workMinutes],
    fit: (r) => [Math.round(r.offMm), r.cost, r.workMinutes],
    work: (r) => [r.workMinutes, r.offMm, r.cost],
  };
  const ranked = keys[order] ?? keys.cost!;
  const key = (r: Route) => [r.buy > 0 ? 1 : 0, ...ranked(r)];
  return [...routes].sort((a, b) => {
    const [p, q] = [key(a), key(b)];
    for (let i = 0; i < p.length; i++) if (p[i] !== q[i]) return elementAt(p, i) - elementAt(q, i);
    return a.kind < b.kind ? -1 : 1;
  });
}

/** Where the rod is before any of the ways is taken: the made one leaves it there. */
export const rodBeforeWays = (routes: readonly Route[], rodMm: Mm): Mm =>
  routes.find((r) => r.kind === 'made')?.rodMm ?? rodMm;

export const sameStock = (a: Mm | null, b: Mm | null): boolean =>
  a === b || (a !== null && b !== null && Math.abs(a - b) < 1);

/** Price of a stock panel of a length: the studio's base price and price per metre. */
export const stockPrice = (lengthMm: Mm, rules: RuleBook): Money =>
  Math.round(
    rules.number('windows.stockPanelPrice') + (lengthMm / 1000) * rules.number('windows.stockPricePerMetre'),
  );
