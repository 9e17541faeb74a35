import { elementAt, first } from '../../../base/list';
import { seededRandom } from '../../../base/random';
import type { Item, Piece } from '../../../model/types';
import { isDraped, throwHostOf, throwPath } from '../../../room/throws';
import type { RuleBook } from '../../../rules/book';
import { casingNeeds, needsCasing } from '../../../textiles/casing';
import { InsertStock } from '../../../textiles/insertStock';
import type { ComposeAsk, Composition, Placed, SeatComposition } from './ask';
import { reasonsOf } from './reasons';
import { tieOf, usableCovers, type CoverFacts } from './coverFacts';
import { insertsUsed, isPair, isPairKept, scoreTogether, type Dressed } from './score';
import { arrangementsOf, type SeatBudget } from './seatSearch';
import type { SetPillow } from './setOut';

/** How long a search goes on: arrangements of each seat, and how many seats are tried together. */
export type Budget = SeatBudget & { together: number; tries: number; kept: number };
export const FULL: Budget = {
  all: 2000,
  perBack: 6,
  steps: 400_000,
  together: 40_000,
  tries: 4_000,
  kept: 400,
};
/** What the first answer is looked for in. */
const QUICK: SeatBudget = { all: 0, perBack: 1, steps: 500 };

export type ComposeProgress = { done: number; of: number; best: Composition | null };

/**
 * Arrangements of pillows for some seats at once, the best first. Every cover is used no more often than it is free, over
 * all of them. Exact while the budget lets every arrangement be tried; beyond that the best of each seat are tried together
 * and then improved at random under the seed. Yields how far it is, with the best so far.
 */
export function* composeSeats(
  ask: ComposeAsk,
  rules: RuleBook,
  budget: Budget = FULL,
): Generator<ComposeProgress, Composition[]> {
  const owned = [...ask.items.values()].filter((i) => i.kind === 'insert' && i.state !== 'gone');
  const stock = new InsertStock(ask.insertsTaken, owned);
  const covers = usableCovers(ask, rules);
  const limits = limitsOf(covers, rules);
  const of = ask.seats.length + 1;
  const lists: (readonly Dressed[])[] = [];
  let isComplete = true;
  yield { done: 0, of, best: firstAnswer() };
  for (const seat of ask.seats) {
    const { found, isComplete: all } = arrangementsOf(seat, covers, ask, rules, budget);
    isComplete &&= all;
    lists.push(found);
    yield { done: lists.length, of, best: answerFrom(lists) };
  }
  const score = (dressed: readonly Dressed[]) => scoreTogether(dressed, stock, rules);
  const pool = new Pool(score, budget.kept);
  for (const dressed of together(lists, limits, budget)) pool.add(dressed);
  if (!isComplete || pool.offered >= budget.together)
    improve(pool, lists, limits, { seed: ask.seed, tries: budget.tries });
  return pool.best().map((dressed) => offerOf(dressed, ask, stock, rules));

  function firstAnswer(): Composition | null {
    return answerFrom(ask.seats.map((seat) => arrangementsOf(seat, covers, ask, rules, QUICK).found));
  }
  function answerFrom(found: readonly (readonly Dressed[])[]): Composition | null {
    const leader = together(found, limits, { together: LOOK_AHEAD }).find(isDressed);
    return leader ? offerOf(leader, ask, stock, rules) : null;
  }
}

/** Whether anything new is put on any of the seats. */
const isDressed = (dressed: readonly Dressed[]): boolean =>
  dressed.some((d) => d.pillows.some((p) => p.locked === null));

/** Sets of seats that are tried for the first answer. */
const LOOK_AHEAD = 200;

/** The whole search at once. */
export function composed(ask: ComposeAsk, rules: RuleBook, budget: Budget = FULL): Composition[] {
  const search = composeSeats(ask, rules, budget);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}

type Used = Map<string, number>;
type List = readonly Dressed[];
/**
 * What holds for seats together: how many of each cover are free, whether two may be as they are, and which of a list may be
 * beside another.
 */
type Limits = {
  free: ReadonlyMap<string, number>;
  isKept: (a: Dressed, b: Dressed) => boolean;
  beside: (dressed: Dressed, list: List) => List;
};

function limitsOf(covers: readonly CoverFacts[], rules: RuleBook): Limits {
  const isKept = (a: Dressed, b: Dressed) => !isPair(a, b) || isPairKept(a, b, rules);
  // the same chair is asked for with everything that the other seats may wear
  const known = new Map<Dressed, Map<List, List>>();
  const beside = (dressed: Dressed, list: List) => {
    const [one] = list;
    if (!one || !isPair(dressed, one)) return list;
    const of = known.get(dressed) ?? new Map<List, List>();
    const kept = of.get(list) ?? list.filter((d) => isKept(dressed, d));
    known.set(dressed, of.set(list, kept));
    return kept;
  };
  return { free: freeOf(covers), isKept, beside };
}

/** Adds what a seat takes of the covers; null where that is more than there is. */
function withSeat(used: Used, { pillows }: Dressed, free: ReadonlyMap<string, number>): Used | null {
  const next = new Map(used);
  for (const { cover, locked } of pillows) {
    if (locked) continue;
    const n = (next.get(cover.item.id) ?? 0) + 1;
    if (n > (free.get(cover.item.id) ?? 0)) return null;
    next.set(cover.item.id, n);
  }
  return next;
}

/** Seats together, in the order of what their own scores promise, as many as are asked for. */
function together(
  lists: readonly (readonly Dressed[])[],
  limits: Limits,
  { together: most }: Pick<Budget, 'together'>,
): Dressed[][] {
  const found: Dressed[][] = [];
  // each arrangement of the first seat gets its share, so that what is found differs
  const share = Math.max(1, Math.floor(most / Math.max(1, lists[0]?.length ?? 1)));
  for (const start of lists[0] ?? []) {
    const used = withSeat(new Map(), start, limits.free);
    if (used) found.push(...completed([start], used, lists, limits, share));
  }
  return found;
}

const freeOf = (covers: readonly CoverFacts[]): Map<string, number> =>
  new Map(covers.map((c) => [c.item.id, c.free]));

function completed(
  begun: readonly Dressed[],
  used: Used,
  lists: readonly (readonly Dressed[])[],
  limits: Limits,
  most: number,
): Dressed[][] {
  const all = lists[begun.length];
  if (!all) return [[...begun]];
  const list = begun.reduce((among, dressed) => limits.beside(dressed, among), all);
  const found: Dressed[][] = [];
  for (const [i, next] of list.entries()) {
    if (found.length >= most) break;
    const with_ = withSeat(used, next, limits.free);
    if (!with_) continue;
    const left = Math.max(1, Math.ceil((most - found.length) / (list.length - i)));
    found.push(...completed([...begun, next], with_, lists, limits, left));
  }
  return found;
}

/** The best of each arrangement of the first seat. */
class Pool {
  offered = 0;
  private readonly byFirst = new Map<Dressed, { dressed: readonly Dressed[]; score: number }>();

  constructor(
    private readonly score: (dressed: readonly Dressed[]) => number,
    private readonly most: number,
  ) {}

  add(dressed: readonly Dressed[]): void {
    this.offered++;
    if (!isDressed(dressed)) return;
    const key = first(dressed);
    const score = this.score(dressed);
    const known = this.byFirst.get(key);
    if (!known || score > known.score) this.byFirst.set(key, { dressed, score });
  }

  best(): (readonly Dressed[])[] {
    return [...this.byFirst.values()]
      .sort((a, b) => b.score - a.score || (nameOf(a.dressed) < nameOf(b.dressed) ? -1 : 1))
      .slice(0, this.most)
      .map(({ dressed }) => dressed);
  }
}

const nameOf = (dressed: readonly Dressed[]): string =>
  dressed.map((d) => `${d.frame.school} ${d.covers.map((c) => c.item.id).join(' ')}`).join(', ');

/** Changes one seat of one of the best at a time, at random, a pair of chairs together, and keeps what is better. */
function improve(
  pool: Pool,
  lists: readonly (readonly Dressed[])[],
  limits: Limits,
  { seed, tries }: { seed: number; tries: number },
): void {
  const random = seededRandom(seed);
  const pick = (n: number) => Math.floor(random() * n);
  for (let i = 0; i < tries; i += ROUND) {
    const leaders = pool.best();
    if (leaders.length === 0) return;
    for (let n = 0; n < ROUND; n++) {
      const from = elementAt(leaders, pick(leaders.length));
      const at = pick(from.length);
      const list = elementAt(lists, at);
      const next = elementAt(list, pick(list.length));
      const changed = from.map((d, k) => (k === at ? next : likePair(d, next, elementAt(lists, k), limits)));
      const used = changed.reduce<Used | null>((u, d) => u && withSeat(u, d, limits.free), new Map());
      if (used && arePairsKept(changed, limits)) pool.add(changed);
    }
  }
}

/** A seat beside one that has changed: the other of a pair of chairs takes the same covers. */
function likePair(dressed: Dressed, next: Dressed, list: readonly Dressed[], { isKept }: Limits): Dressed {
  if (isKept(dressed, next)) return dressed;
  return list.find((d) => isKept(d, next)) ?? dressed;
}

const arePairsKept = (dressed: readonly Dressed[], { isKept }: Limits): boolean =>
  dressed.every((d, i) => dressed.slice(i + 1).every((other) => isKept(d, other)));

/** Tries from the same best ones before they are sorted again. */
const ROUND = 200;

/** An arrangement as it is offered. */
function offerOf(
  dressed: readonly Dressed[],
  ask: ComposeAsk,
  stock: InsertStock,
  rules: RuleBook,
): Composition {
  const fresh = dressed.flatMap((d) => d.pillows).filter((p) => p.locked === null);
  const inserts = stock.missing(insertsUsed(dressed));
  const bought = fresh.filter((p) => p.cover.isForSale).map((p) => p.cover.item.id);
  const forSale = [...new Set(bought)].map((itemId) => ({
    itemId,
    count: bought.filter((id) => id === itemId).length,
  }));
  const cased = dressed
    .flatMap((d) => d.pillows)
    .filter(({ cover }) => needsCasing(cover.item, cover.fill, rules));
  const casings = casingNeeds(
    cased.flatMap(({ cover }) => (cover.insert ? [cover.insert] : [])),
    [...ask.items.values()],
  ).filter((c) => c.buy > 0);
  return {
    seats: dressed.map((d) => seatOf(d, ask, rules)),
    score: scoreTogether(dressed, stock, rules),
    reasons: [
      ...reasonsOf(dressed, ask, rules),
      ...(inserts.length + forSale.length + casings.length === 0 ? [{ code: 'nothingToBuy' } as const] : []),
    ],
    inserts,
    casings,
    forSale,
  };
}

function seatOf({ frame, pillows }: Dressed, ask: ComposeAsk, rules: RuleBook): SeatComposition {
  const { piece } = frame.seat;
  const placed = pillows.map((p): Placed => ({
    itemId: p.cover.item.id,
    lie: p.lie,
    xMm: p.xMm,
    row: p.row,
    fill: p.locked ? p.locked.fill : p.cover.fill,
    lockedId: p.locked?.id ?? null,
  }));
  const thrown = frame.school === 'oneSided' ? throwFor(pillows, frame.seat, ask, rules) : null;
  return { pieceId: piece.id, school: frame.school, placed: thrown ? [...placed, thrown] : placed };
}

/** The throw that is best tied to the room, over the end of the lumbar; none where one is locked there. */
function throwFor(
  pillows: readonly SetPillow[],
  { piece, locked }: Dressed['frame']['seat'],
  ask: ComposeAsk,
  rules: RuleBook,
): Placed | null {
  if (locked.some((p) => isDraped(p.lie))) return null;
  const [best] = ask.throws
    .filter((t) => t.free > 0 && t.state !== 'gone' && (t.wish === null || t.isForSale))
    .filter((t) => reachesSeat(t, piece, rules))
    .map((item) => ({ item, tie: tieOf(item, ask.roomColours, rules) - (item.isForSale ? 1 : 0) }))
    .sort((a, b) => b.tie - a.tie || (a.item.id < b.item.id ? -1 : 1));
  const lumbar = pillows.find((p) => p.row === 0 && p.xMm > piece.seat.widthMm / 2);
  if (!best || !lumbar) return null;
  return { itemId: best.item.id, lie: 'overBack', xMm: lumbar.xMm, row: 0, fill: null, lockedId: null };
}

/** Whether a throw is long enough over a back to come down to the seat: a tea cloth is not. */
function reachesSeat(item: Item, piece: Piece, rules: RuleBook): boolean {
  const put = { lie: 'overBack', fold: null, hangsMm: null } as const;
  const [, last] = throwPath(item, put, throwHostOf(piece), rules).ends;
  return last.part === 'seat' || last.part === 'front';
}

/** Share of the pillows that two arrangements may have in common and still differ. */
const MAY_SHARE = 0.5;

/** How much of the smaller of two arrangements is the same: the same cover on the same seat. */
export function shared(a: Composition, b: Composition): number {
  const [one, other] = [a, b].map((c) =>
    c.seats.flatMap((s) =>
      s.placed.filter((p) => p.lockedId === null).map((p) => `${s.pieceId} ${p.itemId}`),
    ),
  );
  if (!one || !other || Math.min(one.length, other.length) === 0) return 1;
  const rest = [...other];
  const same = one.filter((key) => {
    const at = rest.indexOf(key);
    if (at >= 0) rest.splice(at, 1);
    return at >= 0;
  }).length;
  return same / Math.min(one.length, other.length);
}

/** Whether two arrangements differ plainly: at most half of the pillows are the same. */
export const differs = (a: Composition, b: Composition): boolean => shared(a, b) <= MAY_SHARE;
