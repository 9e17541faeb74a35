import { sum } from '../../../base/units';
import { deltaE00 } from '../../../colour/spaces';
import { pillowThickness } from '../../../room/pillow';
import type { RuleBook } from '../../../rules/book';
import type { InsertUse } from '../../../textiles/insert';
import type { InsertStock } from '../../../textiles/insertStock';
import { isChairPair, wearAlike } from '../chairPair';
import { sittersOn } from '../sitters';
import { sittersWanted } from '../planSeat';
import type { ComposeAsk, SeatAsk } from './ask';
import type { CoverFacts } from './coverFacts';
import { rolesFilled } from './roles';
import { seenPillow, type SetPillow, type SeatFrame } from './setOut';

/** One seat as it might be dressed. */
export type Dressed = {
  frame: SeatFrame;
  covers: readonly CoverFacts[];
  pillows: readonly SetPillow[];
  score: number;
};

/**
 * What counts in an arrangement. Being tied to the room and to what is wanted counts most, then that people can sit; what
 * has to be bought takes off.
 */
const WEIGHT = {
  tie: 3,
  wanted: 2.5,
  role: 2,
  bold: 0.5,
  small: 0.5,
  plain: 0.5,
  sameScale: -1,
  pillow: 0.4,
  sitterShort: -2.5,
  insert: -0.4,
  forSale: -1.5,
  chairsAlike: 1.5,
  chairsRepeat: 1,
  apart: 0.3,
};
/** What a seat is worth that is left bare, though it was to be dressed: less than with the room to sit on it taken. */
export const BARE = -8;
/** More pillows than this make no seat better. */
const ENOUGH = 5;
/** Covers of neighbours that differ by less look like one. */
const PLAINLY_APART = 10;

/** The most that a seat gets beside what its covers are worth: what the search may still hope for. */
export const mostBesideWorth = ({ wantedRoles }: Pick<ComposeAsk, 'wantedRoles'>): number =>
  WEIGHT.bold +
  WEIGHT.small +
  WEIGHT.plain +
  WEIGHT.apart +
  WEIGHT.pillow * ENOUGH +
  WEIGHT.role * wantedRoles.length;

/** What one cover brings by itself, for each of the pillows that it makes out of so many. */
export const worthOf = (cover: CoverFacts, share: number): number =>
  share * (WEIGHT.tie * cover.tie + WEIGHT.wanted * cover.wanted);

/** How good a seat is by itself, but for what its pillows need bought. */
export function scoreSeat(
  pillows: readonly SetPillow[],
  { seat }: SeatFrame,
  ask: ComposeAsk,
  rules: RuleBook,
): number {
  if (pillows.length === 0) return 0;
  const fresh = pillows.filter((p) => p.locked === null);
  const worth = sum(pillows.map((p) => worthOf(p.cover, 1 / pillows.length)));
  return (
    worth +
    mixOf(pillows, rules) +
    WEIGHT.role * rolesFilled(pillows, seat, ask).length +
    WEIGHT.pillow * Math.min(pillows.length, ENOUGH) +
    sittersShort(pillows, seat, ask, rules) +
    WEIGHT.forSale * fresh.filter((p) => p.cover.isForSale).length
  );
}

/** What is taken off for those who were to sit and can't. More pillows never leave more room. */
export function sittersShort(
  pillows: readonly SetPillow[],
  { piece }: SeatAsk,
  ask: ComposeAsk,
  rules: RuleBook,
): number {
  const wanted = sittersWanted(piece.seat, ask.purpose);
  if (wanted === 0) return 0;
  const { canSit } = sittersOn(piece, pillows.map(standingOf(rules)), ask.cushionsOut, rules);
  return WEIGHT.sitterShort * Math.max(0, wanted - canSit);
}

export const standingOf = (rules: RuleBook) => (p: SetPillow) => ({
  xMm: p.xMm,
  useWidthMm: p.useWidthMm,
  row: p.row,
  thicknessMm: pillowThickness(p.cover.item, rules),
});

/** One large pattern, a small one beside it, something plain; neighbours that can be told apart. */
function mixOf(pillows: readonly SetPillow[], rules: RuleBook): number {
  const covers = [...new Map(pillows.map((p) => [p.cover.item.id, p.cover])).values()];
  const has = (pattern: CoverFacts['pattern']) => (covers.some((c) => c.pattern === pattern) ? 1 : 0);
  return (
    WEIGHT.bold * has('bold') +
    WEIGHT.small * has('small') +
    WEIGHT.plain * has('plain') +
    WEIGHT.sameScale * clashes(covers, rules) +
    (neighboursApart(pillows) ? WEIGHT.apart : 0)
  );
}

function clashes(covers: readonly CoverFacts[], rules: RuleBook): number {
  const most = rules.number('seats.samePatternScale');
  const repeats = covers
    .filter((c) => c.pattern !== 'plain' && c.item.pattern.repeatMm > 0)
    .map((c) => c.item.pattern.repeatMm)
    .sort((a, b) => a - b);
  return repeats.filter((mm, i) => i > 0 && mm < (repeats[i - 1] ?? 0) * most).length;
}

function neighboursApart(pillows: readonly SetPillow[]): boolean {
  const inOrder = [...pillows].sort((a, b) => a.xMm - b.xMm);
  return inOrder.slice(1).every((p, i) => {
    const [one, other] = [p.cover.colour, inOrder[i]?.cover.colour];
    return !one || !other || p.cover.pattern !== 'plain' || deltaE00(one, other) >= PLAINLY_APART;
  });
}

/** The inserts that the pillows of all seats together take. */
export function insertsUsed(dressed: readonly Dressed[]): InsertUse[] {
  const uses: InsertUse[] = [];
  for (const { pillows } of dressed)
    for (const { cover } of pillows) if (cover.insert) uses.push(cover.insert);
  return uses;
}

/** How good some seats are together: each by itself, pairs of chairs alike, chairs that repeat the sofa, what is to buy. */
export function scoreTogether(dressed: readonly Dressed[], stock: InsertStock, rules: RuleBook): number {
  const bought = stock.countMissing(insertsUsed(dressed));
  return sum(dressed.map((d) => d.score)) + WEIGHT.insert * bought + acrossSeats(dressed, rules);
}

function acrossSeats(dressed: readonly Dressed[], rules: RuleBook): number {
  const chairs = dressed.filter((d) => d.frame.seat.piece.seat.seats === 1);
  const others = dressed.filter((d) => d.frame.seat.piece.seat.seats > 1);
  const pairs = chairs.filter((chair, i) =>
    chairs.slice(i + 1).some((other) => isPair(chair, other) && areAlike(chair, other, rules)),
  );
  const beside = chairs.filter((chair) => isLikeBeside(chair, rules));
  const repeats = chairs.filter((chair) => others.some((other) => repeatsCover(chair, other)));
  return WEIGHT.chairsAlike * (pairs.length + beside.length) + WEIGHT.chairsRepeat * repeats.length;
}

export const isPair = (a: Dressed, b: Dressed): boolean =>
  isChairPair(a.frame.seat.piece, b.frame.seat.piece);

const areAlike = (a: Dressed, b: Dressed, rules: RuleBook): boolean =>
  a.pillows.length > 0 &&
  b.pillows.length > 0 &&
  wearAlike(a.pillows.map(seenPillow), b.pillows.map(seenPillow), rules);

/** Whether a chair wears the same as the other of its pair that is not dressed with it. */
const isLikeBeside = ({ frame, pillows }: Dressed, rules: RuleBook): boolean =>
  frame.seat.beside.length > 0 &&
  pillows.length > 0 &&
  wearAlike(pillows.map(seenPillow), frame.seat.beside, rules);

/** Whether a pair of chairs that are dressed together may be so: both wear the same, or what differs is locked there. */
export function isPairKept(a: Dressed, b: Dressed, rules: RuleBook): boolean {
  if (a.pillows.length === 0 || b.pillows.length === 0) return true;
  return [...a.pillows, ...b.pillows].every((p) => p.locked !== null) || areAlike(a, b, rules);
}

export const repeatsCover = (chair: Dressed, other: Dressed): boolean =>
  chair.pillows.some((p) => other.pillows.some((q) => q.cover.item.id === p.cover.item.id));
