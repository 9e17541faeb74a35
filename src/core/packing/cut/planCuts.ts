import { elementAt } from '../../base/list';
import { seededRandom } from '../../base/random';
import type { Mm } from '../../base/units';
import { planOf, THREAD, type Cloth, type Cut, type CutPlan, type CutPiece } from './cloth';
import { placesFor, waysToLie } from './places';

/** How long to look: up to how many pieces every order is tried, and how many orders beyond that. */
export type CutBudget = { exactUpTo: number; tries: number; seed: number };
export const USUAL_BUDGET: CutBudget = { exactUpTo: 5, tries: 500, seed: 1 };

/**
 * A cutting plan: pieces on a cloth so that the most of them have a place, on the least length. The grain is kept, patterns
 * and borders lie where they must, nothing overlaps. The best there is for a few pieces; beyond that the best of many orders
 * under a seed.
 *
 * Source of the search: every set of rectangles can be pushed towards one corner until each rests on another piece or an
 * edge (the "normal patterns" of N. Christofides and C. Whitlock, "An algorithm for two-dimensional cutting problems",
 * Operations Research 25, 1977; from memory), so that only such places have to be tried.
 */
export function planCuts(
  pieces: readonly CutPiece[],
  cloth: Cloth,
  budget: CutBudget = USUAL_BUDGET,
): CutPlan {
  const best =
    pieces.length <= budget.exactUpTo ? bestOfAll(pieces, cloth) : bestOfSome(pieces, cloth, budget);
  return planOf(best, pieces, cloth);
}

/** More area is better where not everything has a place; then the shorter stretch, then the fewer lines to cut along. */
type Worth = { areaMm2: number; lengthMm: Mm; lines: number };

function worthOf(cuts: readonly Cut[]): Worth {
  const edges = cuts.flatMap((c) => [c.xMm, c.xMm + c.widthMm]).map((x) => `x${Math.round(x * 10)}`);
  const ends = cuts.flatMap((c) => [c.yMm, c.yMm + c.heightMm]).map((y) => `y${Math.round(y * 10)}`);
  return {
    areaMm2: cuts.reduce((total, c) => total + c.widthMm * c.heightMm, 0),
    lengthMm: Math.max(0, ...cuts.map((c) => c.yMm + c.heightMm)),
    lines: new Set([...edges, ...ends]).size,
  };
}

function isBetter(a: Worth, b: Worth): boolean {
  if (Math.abs(a.areaMm2 - b.areaMm2) > CRUMB_MM2) return a.areaMm2 > b.areaMm2;
  if (Math.abs(a.lengthMm - b.lengthMm) > THREAD) return a.lengthMm < b.lengthMm;
  return a.lines < b.lines;
}

/** Areas that differ by less are the same. */
const CRUMB_MM2 = 1e-3;

class Best {
  cuts: readonly Cut[] = [];
  worth: Worth = worthOf([]);

  offer(cuts: readonly Cut[]): void {
    const worth = worthOf(cuts);
    if (!isBetter(worth, this.worth)) return;
    this.cuts = [...cuts];
    this.worth = worth;
  }
}

/** Every piece after every other, in every place: for a few pieces. */
function bestOfAll(pieces: readonly CutPiece[], cloth: Cloth): readonly Cut[] {
  const best = new Best();
  const areaOf = (list: readonly CutPiece[]) => list.reduce((n, p) => n + p.widthMm * p.heightMm, 0);
  const total = areaOf(pieces);
  const put = (cuts: readonly Cut[], rest: readonly CutPiece[]): void => {
    best.offer(cuts);
    const { areaMm2, lengthMm } = worthOf(cuts);
    const hasAll = best.worth.areaMm2 >= total - CRUMB_MM2;
    // with all pieces placed already, only what is shorter or as short is of use
    if (hasAll && lengthMm > best.worth.lengthMm + THREAD) return;
    if (areaMm2 + areaOf(rest) < best.worth.areaMm2 - CRUMB_MM2) return;
    for (const [i, piece] of rest.entries()) {
      if (isLikeOneBefore(rest, i)) continue;
      const others = rest.filter((_, n) => n !== i);
      for (const lying of waysToLie(piece))
        for (const cut of placesFor(lying, cloth, cuts)) put([...cuts, cut], others);
    }
  };
  put([], pieces);
  return best.cuts;
}

/** Of pieces that are alike only the first is tried. */
function isLikeOneBefore(rest: readonly CutPiece[], i: number): boolean {
  const piece = elementAt(rest, i);
  return rest
    .slice(0, i)
    .some(
      (p) =>
        p.widthMm === piece.widthMm &&
        p.heightMm === piece.heightMm &&
        p.mayTurn === piece.mayTurn &&
        p.anchor === piece.anchor,
    );
}

/** How a place is chosen for the next piece: the lower number first. */
type Rank = (cut: Cut, placed: readonly Cut[], cloth: Cloth) => readonly [number, number];

/** The share of a piece's outline that touches an edge or another piece. */
function touching(cut: Cut, placed: readonly Cut[], cloth: Cloth): number {
  const shared = (a0: Mm, a1: Mm, b0: Mm, b1: Mm) => Math.max(0, Math.min(a1, b1) - Math.max(a0, b0));
  const isAt = (a: Mm, b: Mm) => Math.abs(a - b) <= THREAD;
  const [right, top] = [cut.xMm + cut.widthMm, cut.yMm + cut.heightMm];
  let mm = 0;
  if (isAt(cut.xMm, 0)) mm += cut.heightMm;
  if (isAt(right, cloth.widthMm)) mm += cut.heightMm;
  if (isAt(cut.yMm, 0)) mm += cut.widthMm;
  for (const p of placed) {
    const [pRight, pTop] = [p.xMm + p.widthMm, p.yMm + p.heightMm];
    if (isAt(cut.xMm, pRight) || isAt(right, p.xMm)) mm += shared(cut.yMm, top, p.yMm, pTop);
    if (isAt(cut.yMm, pTop) || isAt(top, p.yMm)) mm += shared(cut.xMm, right, p.xMm, pRight);
  }
  return mm / (2 * (cut.widthMm + cut.heightMm));
}

const RANKS: readonly Rank[] = [
  (cut) => [cut.yMm + cut.heightMm, cut.xMm],
  (cut) => [cut.yMm, cut.xMm],
  (cut, placed, cloth) => [-touching(cut, placed, cloth), cut.yMm + cut.heightMm],
  (cut, placed, cloth) => [cut.yMm + cut.heightMm, -touching(cut, placed, cloth)],
];

/** Orders that are good for most sets. What its pattern ties to few places comes first. */
type Order = (a: CutPiece, b: CutPiece) => number;
const ORDERS: readonly Order[] = [
  (a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm,
  (a, b) => b.heightMm - a.heightMm || b.widthMm - a.widthMm,
  (a, b) => b.widthMm - a.widthMm || b.heightMm - a.heightMm,
  (a, b) => Math.max(b.widthMm, b.heightMm) - Math.max(a.widthMm, a.heightMm),
  (a, b) => b.widthMm + b.heightMm - a.widthMm - a.heightMm,
];
const TIED: Record<CutPiece['anchor']['kind'], number> = { motifs: 0, border: 1, repeat: 2, anywhere: 3 };
const tiedFirst = (order: readonly CutPiece[]): CutPiece[] =>
  [...order].sort((a, b) => TIED[a.anchor.kind] - TIED[b.anchor.kind]);

/** An order in which pieces are placed, and those that have to lie one way or the other. */
type Try = { order: readonly CutPiece[]; turned: ReadonlyMap<string, boolean> };

/**
 * Good orders first, then a walk from the best of them under a seed: two or three pieces change places, or one is turned. A
 * little worse is gone on from at the beginning, and nothing worse at the end.
 */
function bestOfSome(pieces: readonly CutPiece[], cloth: Cloth, { tries, seed }: CutBudget): readonly Cut[] {
  const best = new Best();
  const random = seededRandom(seed);
  const starts = ORDERS.map((order) => [...pieces].sort(order)).flatMap((list) => [list, tiedFirst(list)]);
  let current: Try = { order: elementAt(starts, 0), turned: new Map() };
  for (const order of starts)
    for (const turned of laidAlike(pieces))
      for (const rank of RANKS) {
        const before = best.worth;
        best.offer(inOrder({ order, turned }, cloth, rank));
        if (best.worth !== before) current = { order, turned };
      }
  const least = leastLengthOf(pieces, cloth);
  const steps = Math.round(tries * Math.max(1, Math.min(MOST_STEPS, (MANY / pieces.length) ** 2)));
  for (let round = 0; round < ROUNDS && !isPerfect(best, pieces, least); round++) {
    if (round > 0) current = anyTry(pieces, random);
    walk(current, Math.ceil(steps / ROUNDS), {
      best,
      cloth,
      random,
      isDone: () => isPerfect(best, pieces, least),
    });
  }
  return best.cuts;
}

/** So many walks, the first from the best order, the others from any; of few pieces each takes more steps. */
const ROUNDS = 4;
const MANY = 14;
const MOST_STEPS = 8;

type Walk = { best: Best; cloth: Cloth; random: () => number; isDone: () => boolean };

/** Goes on from what is as good or a little longer; of two as long from what lies nearer to the cut end. */
function walk(from: Try, steps: number, { best, cloth, random, isDone }: Walk): void {
  let current = from;
  let worth = heldBy(inOrder(current, cloth, elementAt(RANKS, 0)));
  for (let i = 0; i < steps && !isDone(); i++) {
    const changed = changedBy(current, random);
    const cuts = inOrder(changed, cloth, elementAt(RANKS, Math.floor(random() * RANKS.length)));
    best.offer(cuts);
    const now = heldBy(cuts);
    if (now.areaMm2 < worth.areaMm2 - CRUMB_MM2) continue;
    const leewayMm = worth.lengthMm * LEEWAY * (1 - i / steps);
    const isMore = now.areaMm2 > worth.areaMm2 + CRUMB_MM2;
    const isNear = now.lengthMm <= worth.lengthMm + leewayMm && now.heap <= worth.heap * (1 + LEEWAY);
    if (!isMore && !isNear) continue;
    current = changed;
    worth = now;
  }
}

/** What a plan holds, on which length, and how far from the cut end on average: the less, the more can still be pushed in. */
const heldBy = (cuts: readonly Cut[]) => ({
  areaMm2: cuts.reduce((n, c) => n + c.widthMm * c.heightMm, 0),
  lengthMm: Math.max(0, ...cuts.map((c) => c.yMm + c.heightMm)),
  heap: cuts.reduce((n, c) => n + c.widthMm * c.heightMm * (c.yMm + c.heightMm / 2), 0),
});

function anyTry(pieces: readonly CutPiece[], random: () => number): Try {
  const order = pieces
    .map((piece) => ({ piece, at: random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ piece }) => piece);
  return { order, turned: new Map(pieces.filter((p) => p.mayTurn).map((p) => [p.id, random() < 0.5])) };
}

/** Each piece as it falls; all of them lying broad, all of them long, as far as they may be turned. */
function laidAlike(pieces: readonly CutPiece[]): ReadonlyMap<string, boolean>[] {
  const free = pieces.filter((p) => p.mayTurn);
  if (free.length === 0) return [new Map()];
  const isBroad = (p: CutPiece) => p.widthMm >= p.heightMm;
  return [
    new Map(),
    new Map(free.map((p) => [p.id, !isBroad(p)])),
    new Map(free.map((p) => [p.id, isBroad(p)])),
  ];
}

/** How much longer a plan may be to be gone on from, at the beginning. */
const LEEWAY = 0.05;

/** No plan is shorter: all pieces side by side without a gap, or the one that is longest whichever way it lies. */
const leastLengthOf = (pieces: readonly CutPiece[], { widthMm }: Cloth): Mm =>
  Math.max(
    pieces.reduce((n, p) => n + p.widthMm * p.heightMm, 0) / widthMm,
    ...pieces.map((p) => (p.mayTurn ? Math.min(p.widthMm, p.heightMm) : p.heightMm)),
  );
const isPerfect = ({ cuts, worth }: Best, pieces: readonly CutPiece[], leastMm: Mm): boolean =>
  cuts.length === pieces.length && worth.lengthMm <= leastMm + THREAD;

/** How often a piece is turned, where any may be. */
const TURNS = 0.4;

function changedBy({ order, turned }: Try, random: () => number): Try {
  const next = [...order];
  const pick = () => Math.floor(random() * next.length);
  const free = order.filter((p) => p.mayTurn);
  if (free.length > 0 && random() < TURNS) {
    const { id } = elementAt(free, Math.floor(random() * free.length));
    const ways = new Map(turned);
    if (ways.has(id) && random() < 0.5) ways.delete(id);
    else ways.set(id, random() < 0.5);
    return { order, turned: ways };
  }
  for (let n = 1 + Math.floor(random() * 3); n > 0; n--) {
    const [i, j] = [pick(), pick()];
    const [a, b] = [elementAt(next, i), elementAt(next, j)];
    next[i] = b;
    next[j] = a;
  }
  return { order: next, turned };
}

/** One piece after the other, each in the place that ranks first. */
function inOrder({ order, turned }: Try, cloth: Cloth, rank: Rank): Cut[] {
  const placed: Cut[] = [];
  for (const piece of order) {
    let best: { cut: Cut; by: readonly [number, number] } | null = null;
    const way = turned.get(piece.id);
    const ways = waysToLie(piece).filter(({ isTurned }) => way === undefined || isTurned === way);
    for (const lying of ways.length > 0 ? ways : waysToLie(piece))
      for (const cut of placesFor(lying, cloth, placed)) {
        const by = rank(cut, placed, cloth);
        const isFirst =
          best === null ||
          by[0] < best.by[0] - THREAD ||
          (by[0] < best.by[0] + THREAD && by[1] < best.by[1] - THREAD);
        if (isFirst) best = { cut, by };
      }
    if (best) placed.push(best.cut);
  }
  return placed;
}
