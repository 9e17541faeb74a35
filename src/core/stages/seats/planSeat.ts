import type { Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { Brief, HomeFlags, Item, Look, Piece, Placement, Seat } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import { judgeSeat } from './judgeSeat';
import type { PillowPlan } from '../../textiles/pillows';
import { pillowsOn, throwsOn, type ThrowPlan } from '../../textiles/textilesOn';
import { sittersOn, type FreeSpan } from './sitters';

export type { PillowPlan } from '../../textiles/pillows';
export type { ThrowPlan } from '../../textiles/textilesOn';

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
  const sitters = sittersOn(piece, pillows, given.cushionsOut, rules);
  const { free, canSit, depthLeftMm, isCleared, eachMm } = sitters;
  const wantedSitters = sittersWanted(seat, purpose);
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
      stage: 'seats',
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
