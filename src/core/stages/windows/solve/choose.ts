import { sum } from '../../../base/units';
import type { RuleBook } from '../../../rules/book';
import type { Solution, Want } from './solution';

/** Weight of each want when solutions that give something up are compared: what is seen from the door first. */
export const WEIGHT: Record<Want, number> = {
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

/** What solutions that give up as much are compared by, in order, by the studio's school. */
const RANKED: Record<string, (s: Solution) => number[]> = {
  fit: (s) => [Math.round(s.offMm), s.cost, s.workMinutes],
  work: (s) => [s.workMinutes, s.offMm, s.cost],
  cost: (s) => [s.cost, s.workMinutes, s.offMm],
};

function comparer(rules: RuleBook): (a: Solution, b: Solution) => number {
  const ranked = RANKED[rules.school('windows.rankBy')] ?? RANKED.cost;
  const keys = (s: Solution) => [sum(s.givesUp.map((g) => WEIGHT[g.want])), ...(ranked?.(s) ?? [])];
  return (a, b) => {
    const others = keys(b);
    const difference = keys(a).map((key, i) => key - (others[i] ?? 0));
    return difference.find((d) => Math.abs(d) > 1e-6) ?? 0;
  };
}

const wants = (s: Solution): string =>
  s.givesUp
    .map((g) => g.want)
    .sort()
    .join();
const sameProducts = (a: Solution, b: Solution): boolean =>
  a.shares.every((x, i) => x.itemId === b.shares[i]?.itemId && x.stockMm === b.shares[i]?.stockMm);
const isAlike = (a: Solution, b: Solution): boolean => sameProducts(a, b) && wants(a) === wants(b);
/** Of the same products, without keeping anything that the other gives up. */
const isWorse = (a: Solution, b: Solution): boolean =>
  sameProducts(a, b) && b.givesUp.every((g) => a.givesUp.some((h) => h.want === g.want));

type Hung = { solution: Solution; stops: number };
/** As many of the best are hung in truth, where all of them meet a stop, to find the one that meets fewest. */
const TRIED = 24;

/**
 * The best few that differ, as they come out when they really hang so; one that needs nothing bought is among
 * them where there is any. Another of the same products is worth showing when it keeps something that the first
 * does not; else only to fill up. What meets a stop is left out where others meet fewer.
 */
export function chooseBest<T extends { solution: Solution }>(
  found: readonly T[],
  hang: (found: T) => Hung | null,
  wanted: number,
  rules: RuleBook,
): { solutions: Solution[]; leftOut: number } {
  const compare = comparer(rules);
  const sorted = [...found].sort((a, b) => compare(a.solution, b.solution));
  const known = new Map<T, Hung | null>();
  const hung = (candidate: T): Hung | null => {
    const before = known.get(candidate);
    if (before !== undefined) return before;
    const now = hang(candidate);
    known.set(candidate, now);
    return now;
  };
  const stopsAllowed = leastStops(sorted, hung);
  const within = (candidate: T): Solution | null => {
    const h = hung(candidate);
    return h && h.stops <= stopsAllowed ? h.solution : null;
  };
  const picked = pickDiffering(sorted, within, wanted);
  if (wanted > 0 && !picked.some((s) => s.buy === 0)) {
    const owned = firstOf(
      sorted.filter(({ solution }) => solution.buy === 0),
      within,
    );
    if (owned) picked.splice(Math.min(picked.length, wanted - 1), 1, owned);
  }
  const kinds = new Set(sorted.map(({ solution }) => kindOf(solution)));
  return { solutions: picked.sort(compare), leftOut: Math.max(0, kinds.size - picked.length) };
}

/** The fewest stops that any of the best meets. */
function leastStops<T>(sorted: readonly T[], hung: (candidate: T) => Hung | null): number {
  let least = Infinity;
  for (const candidate of sorted.slice(0, TRIED)) {
    least = Math.min(least, hung(candidate)?.stops ?? Infinity);
    if (least === 0) break;
  }
  return least;
}

function pickDiffering<T extends { solution: Solution }>(
  sorted: readonly T[],
  within: (candidate: T) => Solution | null,
  wanted: number,
): Solution[] {
  const picked: Solution[] = [];
  const tried = new Set<T>();
  for (const toFillUp of [false, true]) {
    const adds = (s: Solution) => !picked.some((p) => isAlike(s, p) || (!toFillUp && isWorse(s, p)));
    for (const candidate of sorted) {
      if (picked.length >= wanted) break;
      if (tried.has(candidate) || !adds(candidate.solution)) continue;
      tried.add(candidate);
      const real = within(candidate);
      if (real && adds(real)) picked.push(real);
    }
  }
  return picked;
}

function firstOf<T>(sorted: readonly T[], within: (candidate: T) => Solution | null): Solution | undefined {
  for (const candidate of sorted) {
    const real = within(candidate);
    if (real?.buy === 0) return real;
  }
  return undefined;
}

const kindOf = (s: Solution): string =>
  `${s.shares.map((x) => `${x.itemId} ${x.stockMm}`).join()} ${wants(s)}`;
