/**
 * All windows of a room solved together: one rod height, one product, enough of it, the hem as wanted, at the
 * least cost. Lengths in mm.
 */
import type { RuleBook } from '../../../rules/book';
import type { Candidate } from './candidates';
import { chooseBest } from './choose';
import { fitOf } from './options';
import { MADE, productsOf } from './products';
import { solutionOf } from './score';
import { Search, type Progress } from './search';
import {
  isOnLine,
  type Fit,
  type OwnedPanels,
  type ShopPanels,
  type SolveWindow,
  type Solution,
} from './solution';

export type { Progress } from './search';
export type { GivesUp, OwnedPanels, Share, ShopPanels, Solution, SolveWindow } from './solution';

/** A solution hangs as it was found within so many rounds, or not at all. */
const ROUNDS = 3;

/** The best ways, and how many others were found that are not among them. */
export type Solved = { solutions: Solution[]; leftOut: number };
export type Offered = { owned: readonly OwnedPanels[]; shops: readonly ShopPanels[] };

/**
 * The best ways to dress the given windows, at most `wanted`, the one that gives up least first and then by
 * the studio's preference (cost, fit or work). One that needs nothing bought is always among them if there is
 * any, and none carries a stop that another avoids.
 * Tried: every owned kind of panel and every stock length, each at the height of every school, at every
 * height where one of them lands, taken up, let down, on longer rings or pins, and at each landing; windows
 * with one product and with their own; made to measure. Pure; the same input gives the same answer.
 */
export function solveWindows(
  windows: readonly SolveWindow[],
  { owned, shops }: Offered,
  rules: RuleBook,
  wanted = 3,
  progress?: Progress,
): Solved {
  if (windows.length === 0) return { solutions: [], leftOut: 0 };
  const products = [...productsOf(windows, owned, shops, rules), MADE];
  const search = new Search(windows, products, rules);
  search.run(progress);
  const { wishesMm } = search.heights;
  const found = search.found.all().flatMap((candidate) => {
    const solution = solutionOf({ ...candidate, wishesMm }, rules);
    return solution ? [{ ...candidate, solution }] : [];
  });
  return chooseBest(found, (f) => asHung(f, wishesMm, rules), wanted, rules);
}

/**
 * A solution as it comes out with the windows really hung so, and the stops that it meets: at another height a
 * slope may leave less room, and fewer panels hang over other floors.
 */
function asHung(
  { solution, chosen, rods, landing }: Candidate & { solution: Solution },
  wishesMm: readonly number[],
  rules: RuleBook,
): { solution: Solution; stops: number } | null {
  let told = solution;
  for (let round = 0; round < ROUNDS; round++) {
    const hung = chosen.map((fit, i) => hang(fit, told.shares[i], rules));
    const now = solutionOf({ chosen: hung, rods, landing, wishesMm }, rules);
    if (!now) return null;
    if (now.shares.every((s, i) => s.kind === told.shares[i]?.kind)) {
      const stops = hung.flatMap(({ plan }) => plan.findings).filter((f) => f.level === 'stop').length;
      return hung.every((h, i) => hangsAt(h, rods[i])) ? { solution: now, stops } : null;
    }
    told = now;
  }
  return null;
}

function hang({ product, window }: Fit, share: Solution['shares'][number] | undefined, rules: RuleBook): Fit {
  if (!share) return fitOf(product, window, {}, rules);
  return fitOf(
    product,
    window,
    {
      rodHeightMm: isOnLine(window) ? share.rodMm : window.dressing.rodHeightMm,
      landing: share.landing,
      hemAt: share.hemAt,
      route: { kind: share.kind, stockMm: share.stockMm },
    },
    rules,
  );
}

const hangsAt = ({ plan }: Fit, rodMm: number | undefined): boolean =>
  plan.chosenRoute !== null && rodMm !== undefined && Math.abs(plan.rodHeightMm - rodMm) < 0.01;
