import type { Mm } from '../../base/units';
import type { Look, Piece, Seat } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { stretchesOf, thickestOf, type Standing } from '../../textiles/pillows';

export type FreeSpan = { fromMm: Mm; toMm: Mm; sitters: number };
type Sitting = Standing & { thicknessMm: Mm };

/** Room to sit in front of and beside pillows. */
export type Sitters = {
  free: FreeSpan[];
  canSit: number;
  /** What one who sits there takes of the seat. */
  eachMm: Mm;
  /** What is left in front of the deepest stack of pillows. */
  depthLeftMm: Mm;
  /** Whether all loose cushions of the back are taken out, which leaves the seat deeper. */
  isCleared: boolean;
};

const EPSILON_MM = 0.5;

/**
 * How many can sit on a seat with these pillows. One can sit in front of pillows that leave enough depth; where they don't,
 * they take their width from the seat. However shallow a seat is, one can sit where nothing stands on it.
 */
export function sittersOn(
  { id, seat }: Piece & { seat: Seat },
  pillows: readonly Sitting[],
  cushionsOut: Look['cushionsOut'],
  rules: RuleBook,
): Sitters {
  // the back's loose cushions take their thickness off the seat
  const isCleared = seat.looseCushions === 0 && cushionsOut.some((row) => row.of === id);
  const depthMm = seat.depthMm + (isCleared ? rules.number('seats.looseCushion') : 0);
  const stretches = stretchesOf(pillows, seat.widthMm);
  const leastMm = rules.number('seats.depthLeft') - EPSILON_MM;
  const taken = stretches.filter((s) => s.thickMm > 0 && depthMm - s.thickMm < leastMm);
  const usualMm = rules.number('seats.perSitter');
  const eachMm = seat.seats === 1 ? Math.min(usualMm, seat.widthMm) : usualMm;
  const free = freeSpans(
    taken.map((s) => ({ xMm: (s.fromMm + s.toMm) / 2, useWidthMm: s.toMm - s.fromMm })),
    seat.widthMm,
    eachMm,
  );
  const places = free.reduce((n, s) => n + s.sitters, 0);
  return {
    free,
    canSit: Math.min(seat.seats, places),
    eachMm,
    depthLeftMm: Math.max(0, depthMm - thickestOf(stretches)),
    isCleared,
  };
}

/** The stretches of a seat that the given pillows leave free, and how many can sit on each. */
export function freeSpans(
  pillows: readonly Pick<Standing, 'xMm' | 'useWidthMm'>[],
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
