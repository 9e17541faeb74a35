import type { Mm, Money } from '../../base/units';
import type { Landing, RouteKind } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { nameLanding } from './landing';

/** One panel of the window: how far the rod is above the floor it hangs over, and what it would be hemmed to. */
export type PanelDrop = { rodToFloorMm: Mm; finishedMm: Mm };

export type RouteFacts = {
  /** Rod centre above the datum, and where it may go. */
  rodMm: Mm; rodLowMm: Mm; rodHighMm: Mm;
  takeDownMm: Mm; landing: Landing; landingMm: Mm;
  /** Left then right (one for a single draw). */
  drops: readonly PanelDrop[];
  panels: number;
  /** Flat width to be made up, for the made-to-measure way. */
  makeUpWidthMm: Mm;
  /** Lengths that can be had, and whether they are already owned. */
  lengths: readonly { mm: Mm; owned: number; priceEach: Money }[];
};

export type Route = {
  kind: RouteKind;
  /** Length bought; null when it is made. */
  stockMm: Mm | null;
  /** Where the rod ends up, the length that hangs, and how the hem lands. */
  rodMm: Mm; finishedMm: Mm; landing: Landing;
  /** Longest way from what was wished: rod moved, or hem off its landing. */
  offMm: Mm;
  /** Cloth cut away (take up), gained at rings or hem (lower). */
  cutMm: Mm; gainMm: Mm;
  cost: Money;
  /** Hems sewn, and rods moved, as work. */
  hems: number;
  workMinutes: number;
  made?: { widths: number; cutMm: Mm; totalMm: Mm };
};

/**
 * The five ways to the wished length, each tried on every stock length, ranked by the studio's wish (cost, fit or work).
 * Arithmetic closes for each: rod − take-down − landing − floor = length that hangs.
 */
export function findRoutes(facts: RouteFacts, rules: RuleBook): Route[] {
  const routes: Route[] = [];
  const longest = facts.drops.reduce((a, b) => (b.finishedMm > a.finishedMm ? b : a));
  const shortest = facts.drops.reduce((a, b) => (b.finishedMm < a.finishedMm ? b : a));
  const spread = longest.finishedMm - shortest.finishedMm;
  for (const length of facts.lengths) {
    const buy = Math.max(0, facts.panels - length.owned) * length.priceEach;
    const base = { stockMm: length.mm, cost: buy };
    const found = [asItIs(), otherLanding(), takeUp(), lower()];
    for (const r of found) if (r) routes.push(r);

    function asItIs(): Route | undefined {
      // the rod is moved so that the longer drop, whose panel sets the line, lands as wished
      const rodMm = facts.rodMm + (length.mm - longest.finishedMm);
      if (rodMm < facts.rodLowMm - 1e-6 || rodMm > facts.rodHighMm + 1e-6) return undefined;
      if (spread > rules.number('windows.pinGive') + 1e-6) return undefined;
      const offMm = Math.abs(rodMm - facts.rodMm);
      return { ...base, kind: 'asItIs', rodMm, finishedMm: length.mm, landing: facts.landing, offMm, cutMm: 0, gainMm: 0, hems: 0, workMinutes: offMm > 0.5 ? rules.number('windows.minutesToMoveRod') : 0 };
    }

    function otherLanding(): Route | undefined {
      const overs = facts.drops.map((d) => length.mm - (d.rodToFloorMm - facts.takeDownMm));
      const names = overs.map((o) => nameLanding(o, rules));
      const first = names[0];
      if (!first || names.some((n) => n?.landing !== first.landing) || first.landing === facts.landing) return undefined;
      return { ...base, kind: 'otherLanding', rodMm: facts.rodMm, finishedMm: length.mm, landing: first.landing, offMm: Math.max(...overs.map((o) => Math.abs(o + facts.landingMm))), cutMm: 0, gainMm: 0, hems: 0, workMinutes: 0 };
    }

    function takeUp(): Route | undefined {
      const up = length.mm - longest.finishedMm;
      const most = length.mm - shortest.finishedMm;
      // the old double hem is let out and its cloth counts once; the new double hem is made from what then hangs below the line
      const cutMm = up + 2 * rules.number('windows.stockHem') - 2 * rules.number('windows.hem');
      if (up < -1e-6 || most <= rules.number('windows.pinGive') + 1e-6 || cutMm < -1e-6 || up > length.mm / 2) return undefined;
      return { ...base, kind: 'takeUp', rodMm: facts.rodMm, finishedMm: longest.finishedMm, landing: facts.landing, offMm: 0, cutMm, gainMm: 0, hems: facts.panels, cost: buy + facts.panels * rules.number('windows.hemWorkPrice'), workMinutes: facts.panels * rules.number('windows.minutesPerHem') };
    }

    function lower(): Route | undefined {
      const short = longest.finishedMm - length.mm;
      const shortOfEach = facts.drops.map((d) => d.finishedMm - length.mm);
      if (short <= rules.number('windows.pinGive') + 1e-6) return undefined;
      const [, ringsMost] = rules.range('windows.longerRings');
      const hemGain = 2 * (rules.number('windows.stockHem') - rules.number('windows.leastHem'));
      if (short <= ringsMost + 1e-6 && spread <= rules.number('windows.pinGive') + 1e-6 && Math.min(...shortOfEach) > 0) {
        const rings = Math.ceil((facts.makeUpWidthMm) / rules.number('windows.ringSpacing'));
        return { ...base, kind: 'longerRings', rodMm: facts.rodMm, finishedMm: length.mm, landing: facts.landing, offMm: 0, cutMm: 0, gainMm: short, hems: 0, cost: buy + rings * rules.number('windows.ringPrice'), workMinutes: facts.panels * rules.number('windows.minutesPerPanelOfRings') };
      }
      if (short <= hemGain + 1e-6) {
        return { ...base, kind: 'letDown', rodMm: facts.rodMm, finishedMm: longest.finishedMm, landing: facts.landing, offMm: 0, cutMm: 0, gainMm: short, hems: facts.panels, cost: buy + facts.panels * rules.number('windows.hemWorkPrice'), workMinutes: facts.panels * rules.number('windows.minutesPerLetDown') };
      }
      return undefined;
    }
  }
  routes.push(made(facts, longest.finishedMm, rules));
  return rankRoutes(bestOfEach(routes), rules.school('windows.rankBy'));
}

function made(facts: RouteFacts, finishedMm: Mm, rules: RuleBook): Route {
  const usable = Math.max(1, rules.number('windows.clothWidth') - rules.number('windows.seamLoss'));
  const widths = Math.max(facts.drops.length, Math.ceil(facts.makeUpWidthMm / usable - 1e-9));
  const cutMm = finishedMm + rules.number('windows.headingAllowance') + 2 * rules.number('windows.hem');
  const totalMm = widths * cutMm;
  return {
    kind: 'made', stockMm: null, rodMm: facts.rodMm, finishedMm, landing: facts.landing, offMm: 0, cutMm, gainMm: 0, hems: 0,
    cost: Math.round((totalMm / 1000) * rules.number('windows.clothPricePerMetre') + widths * rules.number('windows.makingPricePerWidth')),
    workMinutes: widths * rules.number('windows.minutesPerWidthMade'), made: { widths, cutMm, totalMm },
  };
}

/** Of each kind, and of each landing, the one that comes nearest to what was wished; the made one always stays. */
function bestOfEach(routes: readonly Route[]): Route[] {
  const near = (r: Route) => (r.kind === 'takeUp' ? r.cutMm : r.kind === 'letDown' || r.kind === 'longerRings' ? r.gainMm : r.offMm);
  const group = (r: Route) => `${r.kind}/${r.landing}`;
  return [...new Set(routes.map(group))].map((g) => routes.filter((r) => group(r) === g).sort((a, b) => near(a) - near(b) || a.cost - b.cost)[0]!);
}

export function rankRoutes(routes: readonly Route[], by: string): Route[] {
  const keys: Record<string, (r: Route) => number[]> = {
    cost: (r) => [r.cost, r.offMm, r.workMinutes], fit: (r) => [Math.round(r.offMm), r.cost, r.workMinutes], work: (r) => [r.workMinutes, r.offMm, r.cost],
  };
  const key = keys[by] ?? keys.cost!;
  return [...routes].sort((a, b) => {
    const [p, q] = [key(a), key(b)];
    for (let i = 0; i < p.length; i++) if (p[i] !== q[i]) return p[i]! - q[i]!;
    return a.kind < b.kind ? -1 : 1;
  });
}

/** Price of a stock panel of a length: the studio's base price and price per metre. */
export const stockPrice = (lengthMm: Mm, rules: RuleBook): Money => Math.round(rules.number('windows.stockPanelPrice') + (lengthMm / 1000) * rules.number('windows.stockPricePerMetre'));
