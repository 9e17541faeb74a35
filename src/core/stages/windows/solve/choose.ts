import { sum } from '../../../base/units';
import type { RuleBook } from '../../../rules/book';
import type { Solution, Want } from './solution';

/** Weight of each want when solutions that give something up are compared: what is seen from the door first. */
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

/**
 * The best few that differ, as they come out when they really hang so. Another of the same products is worth
 * showing when it keeps something that the first does not; else only to fill up.
 */
export function chooseBest<T extends { solution: Solution }>(
  found: readonly T[],
  hung: (found: T) => Solution | null,
  wanted: number,
  rules: RuleBook,
): Solution[] {
  const compare = comparer(rules);
  const sorted = [...found].sort((a, b) => compare(a.solution, b.solution));
  const picked: Solution[] = [];
  const tried = new Set<T>();
  for (const toFillUp of [false, true]) {
    const adds = (s: Solution) => !picked.some((p) => isAlike(s, p) || (!toFillUp && isWorse(s, p)));
    for (const candidate of sorted) {
      if (picked.length >= wanted) break;
      if (tried.has(candidate) || !adds(candidate.solution)) continue;
      tried.add(candidate);
      const real = hung(candidate);
      if (real && adds(real)) picked.push(real);
    }
  }
  return picked.sort(compare);
}
