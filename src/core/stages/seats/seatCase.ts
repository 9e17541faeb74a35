import type { Finding } from '../../model/finding';
import type { Brief, Look, Piece, Seat } from '../../model/types';
import type { LaidCase } from '../../textiles/judge/laidCase';

/** A seat with its pillows as it was planned, to be judged. */
export type SeatCase = LaidCase & {
  piece: Piece & { seat: Seat };
  /** The loose cushions that the look takes out, and whether that is all of them. */
  cushions: Look['cushionsOut'][number] | null;
  isCleared: boolean;
  purpose: Brief['purpose'];
  canSit: number;
  wantedSitters: number;
  eachMm: number;
};
export type Judge = (seat: SeatCase) => Finding[];
