import { sum, type Mm } from '../../../base/units';
import type { Landing } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import { landingMm } from '../landing';
import { purchaseOf, type Purchase } from './products';
import {
  isOnLine,
  type Attempt,
  type Fit,
  type GivesUp,
  type Product,
  type Share,
  type Solution,
} from './solution';
import { hemsAt, lengthRules, panelsOf, toLength, type ToLength } from './toLength';

/** The heights of an attempt against the preferred line. */
type Heights = { rodsOnWall: readonly Mm[]; apartMm: Mm; offMm: Mm };
type Bought = Purchase & { product: Product; need: number };

/** An attempt as a solution: what it takes, and what it gives up. Null when it can't hang so. */
export function solutionOf(attempt: Attempt, rules: RuleBook): Solution | null {
  const { chosen, rods, landing } = attempt;
  const byLength = lengthRules(rules);
  const lengths = chosen.map((fit, i) =>
    toLength(
      panelsOf(fit, rules),
      hemsAt(fit.plan, rods[i] ?? 0, landingOf(fit, landing, rules), rules),
      byLength,
    ),
  );
  if (!lengths.every((l) => l !== undefined)) return null;
  const heights = heightsOf(attempt);
  const relanded = relandedWindows(attempt, rules);
  if (landing !== null && relanded.length === 0) return null;
  const landOffMm = landing === null ? 0 : landingOff(relanded, landing, rules);
  const bought = boughtFor(chosen, rules);
  const borrowed = bought.map(borrowing);
  if (borrowed.includes('none needed')) return null;
  const tolerance = levelTolerance(rules);
  const panels = sum(chosen.map((c) => c.plan.panels));
  const leads = bought.flatMap((b) => b.leadDays ?? []);
  const moved = heights.offMm > tolerance ? heights.rodsOnWall.length : 0;
  return {
    shares: chosen.map((fit, i) => shareOf(fit, rods[i] ?? 0, landingOf(fit, landing, rules), lengths[i])),
    oneRodMm: heights.apartMm <= tolerance ? (heights.rodsOnWall[0] ?? null) : null,
    panels,
    buy: sum(bought.map((b) => b.buy)),
    owned: panels - sum(bought.map((b) => b.missing)),
    leadDays: leads.length > 0 ? Math.max(...leads) : null,
    cost: sum(bought.map((b) => b.cost)) + sum(lengths.map((l) => l.cost)),
    workMinutes: sum(lengths.map((l) => l.minutes)) + moved * rules.number('windows.minutesToMoveRod'),
    givesUp: [
      ...heightGivesUp(heights, rules),
      ...(landing === null ? [] : [{ want: 'landing' as const, by: landOffMm, landing }]),
      ...floorGivesUp(chosen),
      ...productGivesUp(bought),
      ...borrowed.flatMap((b) => (typeof b === 'object' && b ? [b] : [])),
      ...glassGivesUp(chosen, rules),
    ],
    offMm: heights.offMm + landOffMm,
  };
}

/** Rods within this of each other, or of where they are wished, are level; a crumb of rounding is not off. */
export const levelTolerance = (rules: RuleBook): Mm => rules.number('fitting.levelTolerance') + 1e-6;

/** Nothing lies down on a sill: a window that ends there keeps its own landing. */
export function landingOf({ plan }: Fit, landing: Landing | null, rules: RuleBook): Landing | null {
  if (landing === null || plan.shower || plan.hemOn === 'apron' || plan.hemOn === 'leaf') return null;
  return landingMm(landing, rules) < 0 && plan.hemOn === 'sill' ? null : landing;
}

function heightsOf({ chosen, rods, wishesMm }: Attempt): Heights {
  const onWall = chosen.flatMap(({ window }, i) =>
    isOnLine(window) ? [{ rodMm: rods[i] ?? 0, wishMm: wishesMm[i] ?? 0 }] : [],
  );
  const rodsOnWall = onWall.map((w) => w.rodMm);
  if (rodsOnWall.length === 0) return { rodsOnWall, apartMm: 0, offMm: 0 };
  return {
    rodsOnWall,
    apartMm: Math.max(...rodsOnWall) - Math.min(...rodsOnWall),
    offMm: Math.max(...onWall.map((w) => Math.abs(w.rodMm - w.wishMm))),
  };
}

function heightGivesUp({ apartMm, offMm }: Heights, rules: RuleBook): GivesUp[] {
  const tolerance = levelTolerance(rules);
  const gives: GivesUp[] = [];
  const isApart = apartMm > tolerance && rules.school('windows.rodLine') === 'shared';
  if (isApart) gives.push({ want: 'oneLine', by: apartMm });
  if (offMm > tolerance) gives.push({ want: 'height', by: offMm });
  return gives;
}

/** Windows that would land otherwise than is wanted for them. */
const relandedWindows = ({ chosen, landing }: Attempt, rules: RuleBook): Fit[] =>
  landing === null
    ? []
    : chosen.filter(
        (fit) => landingOf(fit, landing, rules) === landing && fit.window.dressing.landing !== landing,
      );

const landingOff = (fits: readonly Fit[], landing: Landing, rules: RuleBook): Mm =>
  Math.max(
    ...fits.map(({ window }) =>
      Math.abs(landingMm(landing, rules) - landingMm(window.dressing.landing, rules)),
    ),
  );

/** Windows whose hem is lifted from the floor. */
const isLifted = ({ plan, window }: Fit): boolean =>
  plan.hemOn === 'apron' && window.dressing.hemAt === 'floor';

function floorGivesUp(chosen: readonly Fit[]): GivesUp[] {
  const lifted = chosen.filter(isLifted);
  if (lifted.length === 0) return [];
  const lowest = lifted.map((fit) => Math.min(...fit.plan.panelPlans.map((p) => p.bottomMm)));
  return [{ want: 'floor', by: Math.max(...lowest) }];
}

function boughtFor(chosen: readonly Fit[], rules: RuleBook): Bought[] {
  const products = new Map(chosen.map((c) => [c.product.key, c.product]));
  return [...products.values()].map((product) => {
    const need = sum(chosen.filter((c) => c.product.key === product.key).map((c) => c.plan.panels));
    return { product, need, ...purchaseOf(product, need, rules) };
  });
}

function productGivesUp(bought: readonly Bought[]): GivesUp[] {
  const gives: GivesUp[] = [];
  if (bought.length > 1) gives.push({ want: 'oneProduct', by: bought.length });
  if (bought.some((b) => b.product.lengthMm === null)) gives.push({ want: 'ready', by: 1 });
  const short = sum(bought.map((b) => b.short));
  if (short > 0) gives.push({ want: 'stock', by: short });
  return gives;
}

/** What would be borrowed; a product to borrow from is of no use where nothing has to be. */
function borrowing({ product: { lent, owned }, need }: Bought): GivesUp | null | 'none needed' {
  if (!lent) return null;
  const taken = Math.min(lent.count, need - (owned - lent.count));
  return taken > 0 ? { want: 'ownRoom', by: taken, room: lent.room } : 'none needed';
}

function glassGivesUp(chosen: readonly Fit[], rules: RuleBook): GivesUp[] {
  const gives: GivesUp[] = [];
  const covered = Math.max(...chosen.map((c) => c.plan.glassCoveredShare));
  if (covered > rules.number('windows.glassNoticed')) gives.push({ want: 'glass', by: covered });
  const full = Math.min(...chosen.map((c) => (c.plan.shower ? Infinity : c.plan.fullness)));
  if (full < rules.number('windows.leastFullness') - 1e-6) gives.push({ want: 'fullness', by: full });
  return gives;
}

const shareOf = (fit: Fit, rodMm: Mm, landing: Landing | null, length: ToLength | undefined): Share => ({
  dressingId: fit.window.dressing.id,
  window: fit.window.target.name,
  itemId: fit.product.item?.id ?? null,
  name: fit.product.name,
  stockMm: fit.product.lengthMm,
  rodMm,
  landing: landing ?? fit.window.dressing.landing,
  hemAt: isLifted(fit) ? 'apron' : fit.window.dressing.hemAt,
  kind: length?.kind ?? 'made',
  panels: fit.plan.panels,
  hems: length?.hems ?? 0,
});
