import type { Piece } from '../../../core/model/types';
import { isMadeUp } from '../../../core/room/made';

/** What the places of pillows and throws on a piece are measured from: an arm, the end of a seat without arms, a bed's side. */
export function leftEdgeOf(piece: Piece | undefined): 'arm' | 'end' | 'side' {
  if (!piece || isMadeUp(piece)) return 'side';
  return piece.seat && piece.seat.widthMm < piece.widthMm ? 'arm' : 'end';
}
