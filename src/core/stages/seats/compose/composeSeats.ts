import { elementAt, first } from '../../../base/list';
import { seededRandom } from '../../../base/random';
import { sum } from '../../../base/units';
import { isDraped } from '../../../room/throws';
import type { RuleBook } from '../../../rules/book';
import { casingNeeds, needsCasing } from '../../../textiles/casing';
import { InsertStock } from '../../../textiles/insertStock';
import { sittersWanted } from '../planSeat';
import { sittersOn } from '../sitters';
import type { ComposeAsk, Composition, Placed, Reason, Role, SeatComposition } from './ask';
import { rolesFilled } from './roles';
import { tieOf, usableCovers, type CoverFacts } from './coverFacts';
import { insertsUsed, repeatsCover, scoreTogether, standingOf, type Dressed } from './score';
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
  for (const dressed of together(lists, covers, budget)) pool.add(dressed);
  if (!isComplete || pool.offered >= budget.together) improve(pool, lists, covers, ask.seed, budget.tries);
  return pool
    .best()
    .filter(isDressed)
    .map((dressed) => offerOf(dressed, ask, stock, rules));

  function firstAnswer(): Composition | null {
    return answerFrom(ask.seats.map((seat) => arrangementsOf(seat, covers, ask, rules, QUICK).found));
  }
  function answerFrom(found: readonly (readonly Dressed[])[]): Composition | null {
    const leader = together(found, covers, { together: LOOK_AHEAD }).find(isDressed);
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
  covers: readonly CoverFacts[],
  { together: most }: Pick<Budget, 'together'>,
): Dressed[][] {
  const free = freeOf(covers);
  const found: Dressed[][] = [];
  // each arrangement of the first seat gets its share, so that what is found differs
  const share = Math.max(1, Math.floor(most / Math.max(1, lists[0]?.length ?? 1)));
  for (const start of lists[0] ?? []) {
    const used = withSeat(new Map(), start, free);
    if (used) found.push(...completed([start], used, lists, free, share));
  }
  return found;
}

const freeOf = (covers: readonly CoverFacts[]): Map<string, number> =>
  new Map(covers.map((c) => [c.item.id, c.free]));

function completed(
  begun: readonly Dressed[],
  used: Used,
  lists: readonly (readonly Dressed[])[],
  free: ReadonlyMap<string, number>,
  most: number,
): Dressed[][] {
  const list = lists[begun.length];
  if (!list) return [[...begun]];
  const found: Dressed[][] = [];
  for (const [i, next] of list.entries()) {
    if (found.length >= most) break;
    const with_ = withSeat(used, next, free);
    if (!with_) continue;
    const left = Math.max(1, Math.ceil((most - found.length) / (list.length - i)));
    found.push(...completed([...begun, next], with_, lists, free, left));
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

/** Changes one seat of one of the best at a time, at random, and keeps what is better. */
function improve(
  pool: Pool,
  lists: readonly (readonly Dressed[])[],
  covers: readonly CoverFacts[],
  seed: number,
  tries: number,
): void {
  const random = seededRandom(seed);
  const free = freeOf(covers);
  const pick = (n: number) => Math.floor(random() * n);
  for (let i = 0; i < tries; i += ROUND) {
    const leaders = pool.best();
    if (leaders.length === 0) return;
    for (let n = 0; n < ROUND; n++) {
      const from = elementAt(leaders, pick(leaders.length));
      const at = pick(from.length);
      const list = elementAt(lists, at);
      const changed = from.map((d, k) => (k === at ? elementAt(list, pick(list.length)) : d));
      const used = changed.reduce<Used | null>((u, d) => u && withSeat(u, d, free), new Map());
      if (used) pool.add(changed);
    }
  }
}

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
    .map((item) => ({ item, tie: tieOf(item, ask.roomColours, rules) - (item.isForSale ? 1 : 0) }))
    .sort((a, b) => b.tie - a.tie || (a.item.id < b.item.id ? -1 : 1));
  const lumbar = pillows.find((p) => p.row === 0 && p.xMm > piece.seat.widthMm / 2);
  if (!best || !lumbar) return null;
  return { itemId: best.item.id, lie: 'overBack', xMm: lumbar.xMm, row: 0, fill: null, lockedId: null };
}

function reasonsOf(dressed: readonly Dressed[], ask: ComposeAsk, rules: RuleBook): Reason[] {
  const pillows = dressed.flatMap((d) => d.pillows);
  const covers = [...new Map(pillows.map((p) => [p.cover.item.id, p.cover])).values()];
  const count = (pattern: CoverFacts['pattern']) => covers.filter((c) => c.pattern === pattern).length;
  const seats = dressed.map((d) => d.frame.seat.piece);
  const wanted = sum(seats.map((piece) => sittersWanted(piece.seat, ask.purpose)));
  const canSit = sum(
    dressed.map(
      (d) => sittersOn(d.frame.seat.piece, d.pillows.map(standingOf(rules)), ask.cushionsOut, rules).canSit,
    ),
  );
  const chairs = dressed.filter((d) => d.frame.seat.piece.seat.seats === 1);
  const others = dressed.filter((d) => d.frame.seat.piece.seat.seats > 1);
  const tied = covers.filter((c) => c.tie > 0).length;
  const asked = covers.filter((c) => c.wanted > 0).length;
  return [
    { code: 'patterns', bold: count('bold'), small: count('small'), plain: count('plain') },
    ...(ask.roomColours.length > 0 ? [{ code: 'ties', count: tied, of: covers.length } as const] : []),
    ...(ask.wantedColours.length > 0 ? [{ code: 'wanted', count: asked } as const] : []),
    ...rolesReason(dressed, ask),
    ...(wanted > 0 ? [{ code: 'sits', canSit, wanted } as const] : []),
    ...(chairs.some((chair) => others.some((other) => repeatsCover(chair, other)))
      ? [{ code: 'chairsRepeat' } as const]
      : []),
  ];
}

/** Which of the wanted roles are filled on every seat for more than one, and which nothing that is free fills. */
function rolesReason(dressed: readonly Dressed[], ask: ComposeAsk): Reason[] {
  if (ask.wantedRoles.length === 0) return [];
  const large = dressed.filter((d) => d.frame.seat.piece.seat.seats > 1);
  if (large.length === 0) return [];
  const each = large.map((d) => rolesFilled(d.pillows, d.frame.seat, ask));
  const isFilled = (role: Role) => each.every((roles) => roles.includes(role));
  return [
    {
      code: 'roles',
      filled: ask.wantedRoles.filter(isFilled),
      open: ask.wantedRoles.filter((role) => !isFilled(role)),
    },
  ];
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
