import { elementAt, first } from '../../base/list';
import { seededRandom } from '../../base/random';
import { sum, toPlanned } from '../../base/units';
import { deltaE00, hueApart, oklchOfLab, type Lab } from '../../colour/spaces';
import { PLACEMENT } from '../../model/defaults';
import type { Brief, Fill, HomeFlags, Item, Look, Piece, Placement, Seat } from '../../model/types';
import { isPropped } from '../../room/lies';
import { sameInsert, takenSize } from '../../room/pillow';
import type { RuleBook } from '../../rules/book';
import { backOf } from './back';
import { chooseInsert, fillFor, insertNeeds, type InsertNeed, type InsertUse } from '../../textiles/insert';
import { planSeat } from './planSeat';

export type School = 'spare' | 'twoPlusOne' | 'layered' | 'oneSided';
export type Placed = Pick<Placement, 'itemId' | 'lie' | 'xMm' | 'row'> & { fill: Fill };
/** `missing`: the inserts that would have to be bought. */
export type Composition = { school: School; placed: Placed[]; score: number; missing: InsertNeed[] };
export type ComposeFacts = {
  piece: Piece & { seat: Seat };
  /** Covers that may be used, with how many are free. */
  covers: readonly (Item & { free: number })[];
  /** Throws that may be used, for the school that has one. */
  throws: readonly (Item & { free: number })[];
  /** Inserts of the studio, and those that the other seats of the look take. */
  inserts: readonly Item[];
  insertsTaken: readonly InsertUse[];
  /** Colours that the room already has, to tie to. */
  roomColours: readonly Lab[];
  flags: HomeFlags;
  purpose: Brief['purpose'];
  cushionsOut: Look['cushionsOut'];
};
/** How long to look: tries a school. The same seed and budget give the same answer. */
export type Budget = { tries: number; best: number };

const FULL: Budget = { tries: 160, best: 4 };

/**
 * Where a school puts its pillows: along the seat (0 to 1 between the ends), by row, large to small; `pair`
 * places take the same cover.
 */
type SeatPlace = { at: number; row: number; pair?: number; shape?: 'square' | 'lumbar' };
const SCHOOLS: Record<School, readonly SeatPlace[]> = {
  spare: [
    { at: 0, row: 0, pair: 0, shape: 'square' },
    { at: 1, row: 0, pair: 0, shape: 'square' },
  ],
  twoPlusOne: [
    { at: 0, row: 0, pair: 0, shape: 'square' },
    { at: 1, row: 0, pair: 0, shape: 'square' },
    { at: 0.5, row: 0, shape: 'lumbar' },
  ],
  layered: [
    { at: 0, row: 0, pair: 0 },
    { at: 1, row: 0, pair: 0 },
    { at: 0.14, row: 1, pair: 1 },
    { at: 0.86, row: 1, pair: 1 },
    { at: 0.5, row: 2 },
  ],
  oneSided: [
    { at: 0, row: 0, shape: 'square' },
    { at: 0.16, row: 1, shape: 'square' },
    { at: 1, row: 0, shape: 'lumbar' },
  ],
};

/**
 * Arrangements of pillows from the stash for one seat, the best of each kind, different from each other.
 * Random choice under a seed, judged by the seat's own findings and by how the covers tie to the room.
 */
export function composeSeat(
  facts: ComposeFacts,
  rules: RuleBook,
  seed: number,
  budget: Budget = FULL,
): Composition[] {
  const random = seededRandom(seed);
  const fills = fillsOf(facts, rules);
  const usable = facts.covers.filter((c) => c.free > 0 && c.state !== 'gone' && fills.get(c.id));
  const items = new Map([...facts.covers, ...facts.throws].map((c) => [c.id, c as Item]));
  const found = new Map<string, Composition>();
  const tie = new Map(usable.map((c) => [c.id, tieOf(c, facts.roomColours, rules)]));
  const back = backOf(facts.piece, rules);
  for (const school of schoolsFor(facts.piece.seat, rules)) {
    for (let t = 0; t < budget.tries; t++) {
      const placed = draw(school);
      if (!placed) continue;
      const key = placed
        .map((p) => p.itemId)
        .sort()
        .join();
      const missing = missingFor(placed, items, facts, rules);
      const score = judge(placed) - TO_BUY * sum(missing.map((m) => m.buy));
      const known = found.get(key);
      if (!known || score > known.score) found.set(key, { school, placed, score, missing });
    }
  }
  return different(
    [...found.values()].sort(
      (a, b) => b.score - a.score || (first(a.placed).itemId < first(b.placed).itemId ? -1 : 1),
    ),
    budget.best,
  );

  function draw(school: School): Placed[] | undefined {
    const left = new Map(usable.map((c) => [c.id, c.free]));
    const pairs = new Map<number, string>();
    const placed: Placed[] = [];
    let limit = Infinity;
    let row = 0;
    for (const place of facts.piece.seat.seats === 1 ? [{ at: 0.5, row: 0 } as SeatPlace] : SCHOOLS[school]) {
      if (place.row > row) {
        limit =
          Math.min(...placed.map((p) => items.get(p.itemId)!.heightMm)) -
          rules.number('seats.stepDown') +
          0.5;
        row = place.row;
      }
      const wanted = place.pair === undefined ? undefined : pairs.get(place.pair);
      const need = place.pair !== undefined && wanted === undefined ? 2 : 1;
      const allowed = usable.filter(
        (c) =>
          (left.get(c.id) ?? 0) >= need &&
          c.heightMm <= limit &&
          (!back || takenSize(c, false, rules).heightMm <= back.highestMm) &&
          c.widthMm * rules.number('seats.useWidth') <= facts.piece.seat.widthMm &&
          (wanted === undefined || c.id === wanted),
      );
      const shaped = place.shape ? allowed.filter((c) => isOfShape(c, place.shape)) : [];
      const candidates = shaped.length > 0 ? shaped : allowed;
      if (candidates.length === 0) return undefined;
      const pick = elementAt(candidates, Math.floor(random() * candidates.length));
      if (place.pair !== undefined) pairs.set(place.pair, pick.id);
      left.set(pick.id, left.get(pick.id)! - 1);
      const half = (pick.widthMm * rules.number('seats.useWidth')) / 2;
      placed.push({
        itemId: pick.id,
        lie: 'propped',
        xMm: toPlanned(half + place.at * (facts.piece.seat.widthMm - 2 * half), rules.unit),
        row: place.row,
        fill: fills.get(pick.id) ?? 'polyester',
      });
    }
    const spread = school === 'oneSided' ? bestThrow(placed, facts, rules) : undefined;
    return spread ? [...placed, spread] : placed;
  }

  function judge(placed: readonly Placed[]): number {
    const plan = planSeat(
      facts.piece,
      {
        placements: placed.map((p, i) => ({
          ...PLACEMENT,
          ...p,
          id: `try${i}`,
          spot: { of: facts.piece.id, part: 'seat' },
        })),
        items,
        flags: facts.flags,
        purpose: facts.purpose,
        cushionsOut: facts.cushionsOut,
      },
      rules,
    );
    const weight = { ok: 0.4, yielded: -0.6, caution: -1.6, stop: -8 } as const;
    const checks = plan.findings.reduce((s, f) => s + weight[f.level], 0);
    const pillows = placed.filter(isPropped);
    const ties = pillows.reduce((s, p) => s + (tie.get(p.itemId) ?? 0), 0) / pillows.length;
    const kinds = new Set(pillows.map((p) => items.get(p.itemId)!.pattern.kind));
    return (
      checks + 3 * ties + (kinds.size > 1 ? 1 : 0) + plan.canSit * 0.4 + Math.min(pillows.length, 3) * 0.5
    );
  }
}

/** The schools that a seat is dressed by; ends that differ only where the studio wants them. */
function schoolsFor({ seats }: Seat, rules: RuleBook): readonly School[] {
  if (seats === 1) return ['spare'];
  return rules.school('seats.endsSchool') === 'oneSided' ? ['oneSided'] : ['twoPlusOne', 'layered', 'spare'];
}

/** The throw that is best tied to the room, over the end of the lumbar. */
function bestThrow(
  placed: readonly Placed[],
  { throws, roomColours, piece }: ComposeFacts,
  rules: RuleBook,
): Placed | undefined {
  const ties = new Map(throws.map((t) => [t.id, tieOf(t, roomColours, rules)]));
  const [best] = throws
    .filter((t) => t.free > 0 && t.state !== 'gone')
    .sort((a, b) => (ties.get(b.id) ?? 0) - (ties.get(a.id) ?? 0) || (a.id < b.id ? -1 : 1));
  const lumbar = placed.find((p) => p.row === 0 && p.xMm > piece.seat.widthMm / 2);
  return best && lumbar && { itemId: best.id, lie: 'overBack', xMm: lumbar.xMm, row: 0, fill: 'polyester' };
}

/** What each cover would be filled with; undefined where nothing may. */
const fillsOf = ({ covers, flags, inserts }: ComposeFacts, rules: RuleBook) =>
  new Map(covers.map((c) => [c.id, fillFor(c, { featherFree: flags.featherFree, inserts }, rules)]));

/** A lumbar pillow is so much wider than it is high. */
const LUMBAR = 1.2;

const isOfShape = ({ widthMm, heightMm }: Item, shape: SeatPlace['shape']): boolean =>
  shape === 'lumbar'
    ? widthMm >= LUMBAR * heightMm
    : widthMm < LUMBAR * heightMm && heightMm < LUMBAR * widthMm;

/** What an insert that has to be bought takes off an arrangement. */
const TO_BUY = 0.4;

/** The inserts that an arrangement lacks, beside what the other seats take. */
function missingFor(
  placed: readonly Placed[],
  items: ReadonlyMap<string, Item>,
  { inserts, insertsTaken }: ComposeFacts,
  rules: RuleBook,
): InsertNeed[] {
  const uses = placed.flatMap(({ itemId, lie, fill }): InsertUse[] => {
    const item = isPropped({ lie }) ? items.get(itemId) : undefined;
    const insert = item && chooseInsert(item, fill, rules).insert;
    return insert ? [{ ...insert, fill }] : [];
  });
  const before = insertNeeds(insertsTaken, inserts);
  return insertNeeds([...insertsTaken, ...uses], inserts).flatMap((need) => {
    const short = before.find((b) => sameInsert(b, need))?.buy ?? 0;
    return need.buy > short ? [{ ...need, buy: need.buy - short }] : [];
  });
}

/** How well a cover is tied to the room: 1 a match, ½ a shade of a family that is there, 0 alone. */
function tieOf(item: Item, room: readonly Lab[], rules: RuleBook): number {
  const shares = item.colours.map((c) => {
    const nearest = Math.min(Infinity, ...room.map((r) => deltaE00(c, r)));
    if (nearest <= rules.number('seats.matchDeltaE') * 2) return c.share;
    const lch = oklchOfLab(c);
    const family = room.some((r) => {
      const o = oklchOfLab(r);
      return (
        Math.min(o.c, lch.c) >= rules.number('spread.neutralChroma') &&
        hueApart(o.hueDeg, lch.hueDeg) <= rules.number('spread.familyHue')
      );
    });
    return family ? c.share / 2 : 0;
  });
  return shares.reduce((a, b) => a + b, 0);
}

/** The best ones that do not share their back row with a better one. */
function different(sorted: readonly Composition[], most: number): Composition[] {
  const kept: Composition[] = [];
  for (const c of sorted) {
    const ends = c.placed
      .filter((p) => p.row === 0)
      .map((p) => p.itemId)
      .join();
    if (
      kept.length < most &&
      !kept.some(
        (k) =>
          k.placed
            .filter((p) => p.row === 0)
            .map((p) => p.itemId)
            .join() === ends,
      )
    )
      kept.push(c);
  }
  return kept;
}
