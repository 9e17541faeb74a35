import { composeSeats, differs, FULL, type Budget } from '../../stages/seats/compose/composeSeats';
import type { ComposeAsk, Composition, Free, School, SeatAsk } from '../../stages/seats/compose/ask';
import { PLACEMENT } from '../../model/defaults';
import { isOpen, type Finding, type FindingCode } from '../../model/finding';
import type { Item, Look, Piece, Placement, RoomFile } from '../../model/types';
import { isPropped } from '../../room/lies';
import { isDraped } from '../../room/throws';
import { ruleBook } from '../../rules/book';
import { inLook } from '../../room/arrange';
import { isChairPair } from '../../stages/seats/chairPair';
import { hasSeat } from '../stages/seats';
import { planLook, type Plan } from '../planLook';
import { effectsOf, type Effect } from './effect';
export type { Effect } from './effect';
import { seenCover } from '../../textiles/pillows';
import { insertUses } from '../laidInserts';

/** A cover or throw of the stash with how many other rooms use, or of a shop with how many that has. */
export type Candidate = Item & { elsewhere: number; inShop: number | null };

export type LookAsk = {
  file: RoomFile;
  lookId: string;
  /** The seats that are dressed together; one that the look does not have is passed over. */
  seatIds: readonly string[];
  school: School | null;
  covers: readonly Candidate[];
  throws: readonly Candidate[];
  wantedColours: ComposeAsk['wantedColours'];
  wantedRoles: ComposeAsk['wantedRoles'];
  seed: number;
  now?: string | undefined;
};

/** An arrangement that was planned as it would be, with the chairs beside it whose pair it does not match. */
export type Proposal = Composition & { effects: Effect[]; unlike: string[] };
export type LookProgress = { done: number; of: number; best: Proposal[] };

/** Colours that a pillow may be tied to cover at least this much, mm². */
const LARGE_ENOUGH = 20_000;
/** Arrangements that are offered, and how many are planned to find them. */
const OFFERED = 5;
const PLANNED = 60;

/** Findings that nothing offered may bring up: of sizes, of safety and the household, of what is owned. */
const BREAKS: ReadonlySet<FindingCode> = new Set([
  'front-larger-than-back',
  'step-too-small',
  'back-too-tall',
  'bench-pillow-tall',
  'pillow-off-the-seat',
  'insert-none-fits',
  'ends-differ',
  'too-many-bold',
  'throw-drags',
  'throw-past-edge',
  'feather-in-feather-free',
  'unwashable-with-children',
  'wool-in-wool-free',
  'cover-bought-short',
  'item-in-two-places',
  'candle-near-cloth',
]);

/**
 * The best few arrangements of some seats of a look that differ plainly, each planned as it would be: one that brings up a
 * finding of sizes, safety or counts is not offered. Yields how far it is, with those found so far.
 */
export function* composeInLook(ask: LookAsk, budget: Budget = FULL): Generator<LookProgress, Proposal[]> {
  const plan = planLook(ask.file, ask);
  const bare = planLook(withPlacements(ask, staying(ask)), { ...ask, previous: plan });
  const known: Known = { plan, findings: new Set(bare.findings.map(nameOf)) };
  const search = composeSeats(
    composeAskOf(ask, plan, bare),
    ruleBook(ask.file.rules, ask.file.room.unit),
    budget,
  );
  let step = search.next();
  while (!step.done) {
    const { done, of, best } = step.value;
    yield { done, of: of + OFFERED, best: best ? (planned(best, ask, known) ?? []) : [] };
    step = search.next();
  }
  const found: Proposal[] = [];
  let plans = 0;
  for (const composition of step.value) {
    if (found.length === OFFERED || plans === PLANNED) break;
    if (!found.every((other) => differs(other, composition))) continue;
    plans++;
    found.push(...(planned(composition, ask, known) ?? []));
    yield { done: found.length, of: OFFERED, best: found };
  }
  return found;
}

function composeAskOf(ask: LookAsk, plan: Plan, bare: Plan): ComposeAsk {
  const look = lookOf(ask);
  const file = inLook(ask.file, look);
  const isAsked = (id: string) => ask.seatIds.includes(id);
  const pieces = file.pieces.filter(hasSeat).filter((p) => isAsked(p.id));
  return {
    seats: pieces
      .map((piece) => ({
        piece,
        locked: look.placements.filter(
          (p) => p.spot.of === piece.id && p.locked && (isPropped(p) || isDraped(p.lie)),
        ),
        beside: wornBeside(piece, file.pieces, plan, isAsked),
      }))
      .sort((a, b) => b.piece.seat.widthMm - a.piece.seat.widthMm || (a.piece.id < b.piece.id ? -1 : 1)),
    school: ask.school,
    covers: freeOf(ask.covers, ask),
    throws: freeOf(ask.throws, ask),
    items: new Map([...file.items, ...ask.covers, ...ask.throws].map((i) => [i.id, i])),
    insertsTaken: insertUses([...plan.seats.filter((s) => !isAsked(s.pieceId)), ...plan.beds]),
    roomColours: largeColours(bare),
    wantedColours: ask.wantedColours,
    wantedRoles: ask.wantedRoles,
    flags: file.home.flags,
    purpose: look.brief.purpose,
    cushionsOut: look.cushionsOut,
    seed: ask.seed,
  };
}

/** How many of each are free: not used in other rooms, and not on what stays as it is. */
function freeOf(candidates: readonly Candidate[], ask: LookAsk): Free[] {
  const stays = staying(ask);
  return candidates.map(({ elsewhere, inShop, ...item }) => {
    const here = stays.filter((p) => p.itemId === item.id).length;
    return { ...item, free: (inShop ?? item.count - elsewhere) - here, isForSale: inShop !== null };
  });
}

const lookOf = ({ file, lookId }: LookAsk): Look => {
  const look = file.looks.find((l) => l.id === lookId);
  if (!look) throw new Error(`no look ${lookId} in this room`);
  return look;
};

/** The colours that a room has enough of to tie to. */
const largeColours = (bare: Plan): ComposeAsk['roomColours'] =>
  bare.spread.families.flatMap((f) => f.shades.filter((s) => s.areaMm2 > LARGE_ENOUGH));

/** What the other of a pair of chairs wears, where that is not dressed with it. */
function wornBeside(
  piece: Piece,
  pieces: readonly Piece[],
  plan: Plan,
  isAsked: (id: string) => boolean,
): SeatAsk['beside'] {
  const other = pieces.find((p) => p.id !== piece.id && !isAsked(p.id) && isChairPair(p, piece));
  return plan.seats.find((s) => s.pieceId === other?.id)?.pillows.map(seenCover) ?? [];
}

/** What stays on the seats that are dressed, and everything elsewhere. */
const staying = (ask: LookAsk, hasThrow = false): Placement[] =>
  lookOf(ask).placements.filter((p) => {
    if (!ask.seatIds.includes(p.spot.of) || p.locked) return true;
    return !isPropped(p) && !(hasThrow && isDraped(p.lie));
  });

const withPlacements = (ask: LookAsk, placements: Placement[]): RoomFile => ({
  ...ask.file,
  looks: ask.file.looks.map((l) => (l.id === ask.lookId ? { ...l, placements } : l)),
});

/** What an arrangement puts on its seats, as placements with ids of their own. */
export const placementsOf = (composition: Composition, newId: (n: number) => string): Placement[] =>
  composition.seats
    .flatMap(({ pieceId, placed }) =>
      placed.filter((p) => p.lockedId === null).map((p) => ({ pieceId, ...p })),
    )
    .map(({ pieceId, lockedId: _locked, ...p }, n) => ({
      ...PLACEMENT,
      ...p,
      id: newId(n),
      spot: { of: pieceId, part: 'seat' },
    }));

/** The room as an arrangement would have it. */
export function roomWith(composition: Composition, ask: LookAsk): RoomFile {
  const fresh = placementsOf(composition, (n) => `proposed-${n}`);
  const known = new Set(ask.file.items.map((i) => i.id));
  const used = new Set(fresh.map((p) => p.itemId));
  const items = [...ask.covers, ...ask.throws]
    .filter((i) => used.has(i.id) && !known.has(i.id))
    .map(({ elsewhere: _elsewhere, inShop: _inShop, ...item }) => item);
  const file = withPlacements(ask, [
    ...staying(
      ask,
      fresh.some((p) => isDraped(p.lie)),
    ),
    ...fresh,
  ]);
  return { ...file, items: [...file.items, ...items] };
}

/** The look as it is, and the findings that it has without the pillows that may go, by what they say. */
type Known = { plan: Plan; findings: ReadonlySet<string> };

/** An arrangement planned as it would be; null where that brings up a finding that nothing offered may. */
function planned(composition: Composition, ask: LookAsk, known: Known): [Proposal] | null {
  const plan = planLook(roomWith(composition, ask), { ...ask, previous: known.plan });
  const raised = plan.findings.filter((f) => isOpen(f) && !known.findings.has(nameOf(f)));
  if (raised.some((f) => f.level === 'stop' || BREAKS.has(f.code) || isOwnPair(f, ask))) return null;
  const unlike = raised
    .filter((f) => f.code === 'chairs-differ')
    .flatMap((f) => f.about)
    .filter((id) => !ask.seatIds.includes(id));
  return [{ ...composition, effects: effectsOf(known.plan, plan), unlike }];
}

/** Whether a pair of chairs differs that is dressed together. */
const isOwnPair = ({ code, about }: Finding, { seatIds }: LookAsk): boolean =>
  code === 'chairs-differ' && about.every((id) => seatIds.includes(id));

/** A finding by what it says, whatever placements it is about. */
const nameOf = ({ code, by }: Finding): string => JSON.stringify([code, by]);
