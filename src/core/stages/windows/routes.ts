import { clamp, inSets, type Mm, type Money } from '../../base/units';
import type { Landing, RouteKind } from '../../model/types';
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
  /** How it is made to measure, for that way; and rings on the rod, which longer ones would replace. */
  making: MakingPlan;
  rings: number;
  /** Whether a hem may lie down where it lands: on a room's floor, not on a sill or before a tub. */
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
  landing: Landing;
  /** Longest way from what was wished: rod moved, or hem off its landing. */
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

/**
 * The ways to the wished length: as it is with the rod moved, another landing, taken up, lowered (by pins,
 * longer rings, or the hem let down), made, each tried on every stock length, ranked by the studio's wish
 * (cost, fit or work).
 * Arithmetic closes for each: rod − take-down − landing − floor = length that hangs.
 */
export function findRoutes(
  facts: RouteFacts,
  rules: RuleBook,
  chosen: { kind: RouteKind; stockMm: Mm | null } | null = null,
): Route[] {
  const routes: Route[] = [];
  const longest = facts.drops.reduce((a, b) => (b.finishedMm > a.finishedMm ? b : a));
  const shortest = facts.drops.reduce((a, b) => (b.finishedMm < a.finishedMm ? b : a));
  const spread = longest.finishedMm - shortest.finishedMm;
  for (const length of facts.lengths) {
    const buy = inSets(Math.max(0, facts.panels - length.owned), length.setOf) * length.priceEach;
    const base = { stockMm: length.mm, cost: buy };
    const found = [asItIs(), otherLanding(), byPins(), takeUp(), lower()];
    for (const r of found) if (r) routes.push(r);

    function asItIs(): Route | undefined {
      // the rod is moved so that the longer drop, whose panel sets the line, lands as wished
      const wishedMm = facts.rodMm + (length.mm - longest.finishedMm);
      // held by what is over or under it, it may stay off by as little as nobody sees
      const rodMm = clamp(wishedMm, facts.rodLowMm, facts.rodHighMm);
      if (Math.abs(wishedMm - rodMm) > rules.number('windows.pinGive') + 1e-6) return undefined;
      if (spread > rules.number('windows.pinGive') + 1e-6) return undefined;
      const offMm = Math.abs(rodMm - facts.rodMm);
      return {
        ...base,
        kind: 'asItIs',
        rodMm,
        finishedMm: length.mm,
        landing: facts.landing,
        offMm,
        cutMm: 0,
        gainMm: 0,
        hems: 0,
        workMinutes: offMm > 0.5 ? rules.number('windows.minutesToMoveRod') : 0,
      };
    }

    function otherLanding(): Route | undefined {
      const overs = facts.drops.map((d) => length.mm - (d.rodToFloorMm - facts.takeDownMm));
      const names = overs.map((o) => nameLanding(o, rules));
      const first = names[0];
      if (
        !first ||
        names.some((n) => n?.landing !== first.landing) ||
        first.landing === facts.landing ||
        (!facts.mayLie && (first.landing === 'break' || pools(first.landing)))
      )
        return undefined;
      return {
        ...base,
        kind: 'otherLanding',
        rodMm: facts.rodMm,
        finishedMm: length.mm,
        landing: first.landing,
        offMm: Math.max(...overs.map((o) => Math.abs(o + facts.landingMm))),
        cutMm: 0,
        gainMm: 0,
        hems: 0,
        workMinutes: 0,
      };
    }

    function byPins(): Route | undefined {
      const give = rules.number('windows.pinGive');
      const [short, long] = [longest.finishedMm - length.mm, length.mm - shortest.finishedMm];
      if (
        Math.max(short, long) <= give + 1e-6 ||
        Math.abs(spread) > give + 1e-6 ||
        short > facts.pins.lowerMm + 1e-6 ||
        long > facts.pins.raiseMm + 1e-6
      )
        return undefined;
      return {
        ...base,
        kind: 'pins',
        rodMm: facts.rodMm,
        finishedMm: length.mm,
        landing: facts.landing,
        offMm: 0,
        cutMm: 0,
        gainMm: short,
        hems: 0,
        workMinutes: facts.panels * rules.number('windows.minutesPerPanelOfRings'),
      };
    }

    function takeUp(): Route | undefined {
      const up = length.mm - longest.finishedMm;
      const most = length.mm - shortest.finishedMm;
      // the old double hem is let out and its cloth counts once; the new double hem is made from what then
      // hangs below the line
      const cutMm = up + 2 * rules.number('windows.stockHem') - 2 * rules.number('windows.hem');
      if (up < -1e-6 || most <= rules.number('windows.pinGive') + 1e-6 || cutMm < -1e-6 || up > length.mm / 2)
        return undefined;
      return {
        ...base,
        kind: 'takeUp',
        rodMm: facts.rodMm,
        finishedMm: longest.finishedMm,
        landing: facts.landing,
        offMm: 0,
        cutMm,
        gainMm: 0,
        hems: facts.panels,
        cost: buy + facts.panels * rules.number('windows.hemWorkPrice'),
        workMinutes: facts.panels * rules.number('windows.minutesPerHem'),
      };
    }

    function lower(): Route | undefined {
      const short = longest.finishedMm - length.mm;
      const shortOfEach = facts.drops.map((d) => d.finishedMm - length.mm);
      if (short <= rules.number('windows.pinGive') + 1e-6) return undefined;
      const [, ringsMost] = rules.range('windows.longerRings');
      const hemGain = 2 * (rules.number('windows.stockHem') - rules.number('windows.leastHem'));
      if (
        facts.ringsGrow &&
        short <= ringsMost + 1e-6 &&
        spread <= rules.number('windows.pinGive') + 1e-6 &&
        Math.min(...shortOfEach) > 0
      ) {
        return {
          ...base,
          kind: 'longerRings',
          rodMm: facts.rodMm,
          finishedMm: length.mm,
          landing: facts.landing,
          offMm: 0,
          cutMm: 0,
          gainMm: short,
          hems: 0,
          cost: buy + facts.rings * rules.number('windows.ringPrice'),
          workMinutes: facts.panels * rules.number('windows.minutesPerPanelOfRings'),
        };
      }
      if (short <= hemGain + 1e-6) {
        return {
          ...base,
          kind: 'letDown',
          rodMm: facts.rodMm,
          finishedMm: longest.finishedMm,
          landing: facts.landing,
          offMm: 0,
          cutMm: 0,
          gainMm: short,
          hems: facts.panels,
          cost: buy + facts.panels * rules.number('windows.hemWorkPrice'),
          workMinutes: facts.panels * rules.number('windows.minutesPerLetDown'),
        };
      }
      return undefined;
    }
  }
  routes.push(made(facts));
  // the one that was chosen stays, though another may come nearer
  const best = bestOfEach(routes);
  const kept = chosen
    ? routes
        .filter((r) => r.kind === chosen.kind && sameStock(r.stockMm, chosen.stockMm) && !best.includes(r))
        .slice(0, 1)
    : [];
  return rankRoutes([...best, ...kept], rules.school('windows.rankBy'));
}

const made = (facts: RouteFacts): Route => ({
  kind: 'made',
  stockMm: null,
  rodMm: facts.rodMm,
  finishedMm: facts.making.finishedMm,
  landing: facts.landing,
  offMm: 0,
  cutMm: facts.making.cutMm,
  gainMm: 0,
  hems: 0,
  cost: facts.making.cost,
  workMinutes: facts.making.minutes,
  made: facts.making,
});

/**
 * Of each kind, and of each landing, the one that comes nearest to what was wished; the made one always
 * stays.
 */
function bestOfEach(routes: readonly Route[]): Route[] {
  const near = (r: Route) => {
    if (r.kind === 'takeUp') return r.cutMm;
    return r.kind === 'letDown' || r.kind === 'longerRings' || r.kind === 'pins'
      ? Math.abs(r.gainMm)
      : r.offMm;
  };
  const group = (r: Route) => `${r.kind}/${r.landing}`;
  return [...new Set(routes.map(group))].map(
    (g) => routes.filter((r) => group(r) === g).sort((a, b) => near(a) - near(b) || a.cost - b.cost)[0]!,
  );
}

export function rankRoutes(routes: readonly Route[], by: string): Route[] {
  const keys: Record<string, (r: Route) => number[]> = {
    cost: (r) => [r.cost, r.offMm, r.workMinutes],
    fit: (r) => [Math.round(r.offMm), r.cost, r.workMinutes],
    work: (r) => [r.workMinutes, r.offMm, r.cost],
  };
  const key = keys[by] ?? keys.cost!;
  return [...routes].sort((a, b) => {
    const [p, q] = [key(a), key(b)];
    for (let i = 0; i < p.length; i++) if (p[i] !== q[i]) return p[i]! - q[i]!;
    return a.kind < b.kind ? -1 : 1;
  });
}

export const sameStock = (a: Mm | null, b: Mm | null): boolean =>
  a === b || (a !== null && b !== null && Math.abs(a - b) < 1);

/** Price of a stock panel of a length: the studio's base price and price per metre. */
export const stockPrice = (lengthMm: Mm, rules: RuleBook): Money =>
  Math.round(
    rules.number('windows.stockPanelPrice') + (lengthMm / 1000) * rules.number('windows.stockPricePerMetre'),
  );
