import type { Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { Brief, HomeFlags, Item, Look, Piece, Placement, Seat } from '../../model/types';
import { facing, isPropped } from '../../room/lies';
import { pillowThickness, takenSize } from '../../room/pillow';
import { foldOf, isDraped, throwHostOf, throwPath } from '../../room/throws';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { needsCasing } from '../../textiles/casing';
import { chooseInsert, fillOf } from '../../textiles/insert';
import { judgeSeat } from './judgeSeat';
import { stretchesOf, thickestOf, type PillowPlan } from './pillows';
import type { ThrowPlan } from './seatCase';

export type { PillowPlan } from './pillows';
export type { ThrowPlan } from './seatCase';

export type FreeSpan = { fromMm: Mm; toMm: Mm; sitters: number };
export type SeatPlan = {
  pieceId: string;
  name: string;
  pillows: PillowPlan[];
  throws: ThrowPlan[];
  free: FreeSpan[];
  canSit: number;
  seats: number;
  /** How many are to sit there, by what the look is for. */
  wantedSitters: number;
  depthLeftMm: Mm;
  toLiftOff: number;
  rulesUsed: { insert: RuleId; useWidth: RuleId; sitter: RuleId; depth: RuleId };
  findings: Finding[];
};
/** What a look and its home say about seats. */
export type SeatGiven = {
  placements: readonly Placement[];
  items: ReadonlyMap<string, Item>;
  flags: HomeFlags;
  purpose: Brief['purpose'];
  cushionsOut: Look['cushionsOut'];
};

/** Rooms that are looked at and not sat in, and those where every seat is wanted. */
const LOOKED_AT: ReadonlySet<Brief['purpose']> = new Set(['photographs', 'sale']);
const FULL_HOUSE: ReadonlySet<Brief['purpose']> = new Set(['company', 'holiday']);

/** How many are to sit on a seat: as was said of it every day, on every seat for company, nobody for photographs. */
export function sittersWanted(
  { seats, wantedSitters }: Pick<Seat, 'seats' | 'wantedSitters'>,
  purpose: Brief['purpose'],
): number {
  if (LOOKED_AT.has(purpose)) return 0;
  return FULL_HOUSE.has(purpose) ? Math.max(seats, wantedSitters) : wantedSitters;
}

/**
 * Pillows and throws of one seat, back to front: inserts, room to sit, sizes and patterns, with what to look out for.
 */
export function planSeat(piece: Piece & { seat: Seat }, given: SeatGiven, rules: RuleBook): SeatPlan {
  const { seat } = piece;
  const { items, flags, purpose } = given;
  const pillows = pillowsOn(piece, given, rules);
  const throws = throwsOn(piece, given, rules);
  const cushions = given.cushionsOut.find((row) => row.of === piece.id) ?? null;
  // the back's loose cushions take their thickness off the seat: without them it is that much deeper
  const isCleared = cushions !== null && seat.looseCushions === 0;
  const depthMm = seat.depthMm + (isCleared ? rules.number('seats.looseCushion') : 0);
  // one can sit in front of pillows that leave enough depth; where they don't, they take their width from the seat
  const stretches = stretchesOf(pillows, seat.widthMm);
  const taken = stretches.filter((s) => depthMm - s.thickMm < rules.number('seats.depthLeft') - 0.5);
  const usualMm = rules.number('seats.perSitter');
  const eachMm = seat.seats === 1 ? Math.min(usualMm, seat.widthMm) : usualMm;
  const free = freeSpans(
    taken.map((s) => ({ xMm: (s.fromMm + s.toMm) / 2, useWidthMm: s.toMm - s.fromMm })),
    seat.widthMm,
    eachMm,
  );
  const canSit = Math.min(
    seat.seats,
    free.reduce((n, s) => n + s.sitters, 0),
  );
  const wantedSitters = sittersWanted(seat, purpose);
  // what is left in front of the deepest stack of pillows
  const depthLeftMm = Math.max(0, depthMm - thickestOf(stretches));
  return {
    pieceId: piece.id,
    name: piece.name,
    pillows,
    throws,
    free,
    canSit,
    seats: seat.seats,
    wantedSitters,
    depthLeftMm,
    toLiftOff: pillows.length,
    rulesUsed: {
      insert: pillows[0]?.insert.rule ?? 'seats.featherOver',
      useWidth: 'seats.useWidth',
      sitter: 'seats.perSitter',
      depth: 'seats.depthLeft',
    },
    findings: judgeSeat({
      piece,
      pillows,
      throws,
      cushions,
      isCleared,
      items,
      flags,
      purpose,
      canSit,
      wantedSitters,
      eachMm,
      rules,
    }),
  };
}

function pillowsOn(piece: Piece, { placements, items, flags }: SeatGiven, rules: RuleBook): PillowPlan[] {
  const inserts = [...items.values()].filter((item) => item.kind === 'insert');
  const rows = placements
    .flatMap((p) => {
      const item = items.get(p.itemId);
      return p.spot.of === piece.id && isPropped(p) && item ? [{ p, item }] : [];
    })
    .sort((a, b) => a.p.row - b.p.row || a.p.xMm - b.p.xMm);
  return rows.map(({ p, item }) => {
    const isTurned = p.lie === 'proppedSide';
    const use = takenSize(item, isTurned, rules);
    const fill = fillOf(item, p.fill, { featherFree: flags.featherFree, inserts }, rules);
    const shown = facing(item, p.face);
    return {
      placementId: p.id,
      itemId: item.id,
      name: item.name,
      shown,
      xMm: p.xMm,
      useWidthMm: use.widthMm,
      useHeightMm: use.heightMm,
      row: p.row,
      fill,
      chopped: p.chopped,
      zip: p.zip,
      cover: isTurned
        ? { widthMm: item.heightMm, heightMm: item.widthMm }
        : { widthMm: item.widthMm, heightMm: item.heightMm },
      insert: chooseInsert(item, fill, rules, { owned: inserts }),
      hasCasing: needsCasing(item, fill, rules),
      thicknessMm: pillowThickness(item, rules),
    };
  });
}

const throwsOn = (piece: Piece, { placements, items }: SeatGiven, rules: RuleBook): ThrowPlan[] =>
  placements.flatMap((p): ThrowPlan[] => {
    const item = items.get(p.itemId);
    const { lie } = p;
    if (p.spot.of !== piece.id || !item || !isDraped(lie)) return [];
    return [
      {
        placementId: p.id,
        itemId: item.id,
        item: facing(item, p.face),
        lie,
        fold: foldOf(p),
        path: throwPath(item, { ...p, lie }, throwHostOf(piece), rules),
      },
    ];
  });

/** The stretches of a seat that the given pillows leave free, and how many can sit on each. */
export function freeSpans(
  pillows: readonly Pick<PillowPlan, 'xMm' | 'useWidthMm'>[],
  seatWidthMm: Mm,
  perSitterMm: Mm,
): FreeSpan[] {
  const taken = pillows
    .map(
      (p) =>
        [Math.max(0, p.xMm - p.useWidthMm / 2), Math.min(seatWidthMm, p.xMm + p.useWidthMm / 2)] as const,
    )
    .sort((a, b) => a[0] - b[0]);
  const spans: FreeSpan[] = [];
  let startMm = 0;
  for (const [fromMm, toMm] of [...taken, [seatWidthMm, seatWidthMm] as const]) {
    if (fromMm - startMm > 1)
      spans.push({
        fromMm: startMm,
        toMm: fromMm,
        sitters: Math.floor((fromMm - startMm) / perSitterMm + 1e-6),
      });
    startMm = Math.max(startMm, toMm);
  }
  return spans;
}
