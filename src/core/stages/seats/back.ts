import type { Mm } from '../../base/units';
import type { Piece, Seat } from '../../model/types';
import type { RuleBook } from '../../rules/book';

/** Seats that are made without a back, to stand free. */
const BACKLESS: ReadonlySet<Piece['kind']> = new Set(['bench', 'ottoman']);

/** What a pillow on a seat leans on, and how high it may be there; null for any height. */
export type Back = { kind: 'back' | 'none'; highestMm: Mm } | null;

/** What is no higher than this over the seat is no back. */
const LEAST_BACK_MM: Mm = 1;

export const hasBack = ({ heightMm, seat }: Piece & { seat: Seat }): boolean =>
  heightMm - seat.heightMm > LEAST_BACK_MM;

/**
 * How high pillows may stand on a seat: over its back by so much and no more; on a bench without one as high as a
 * pillow lies there. Any other seat without a back (a window seat) leans them on what is behind it.
 */
export function backOf(piece: Piece & { seat: Seat }, rules: RuleBook): Back {
  if (hasBack(piece))
    return {
      kind: 'back',
      highestMm: piece.heightMm - piece.seat.heightMm + rules.number('seats.overBack'),
    };
  return BACKLESS.has(piece.kind) ? { kind: 'none', highestMm: rules.number('seats.benchPillow') } : null;
}
