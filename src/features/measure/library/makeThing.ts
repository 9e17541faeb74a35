import { toMark, type LengthUnit, type Mm } from '../../../core/base/units';
import type { Fitting, Opening, Piece, RoomFile } from '../../../core/model/types';
import { FITTINGS, OPENINGS, PIECES } from '../kindLists';
import { newFitting } from './fittings';
import type { NewThing } from './newThing';
import { newOpening } from './openings';
import { newPiece } from './pieces';

/** What a kind of thing is added as, with a place where the room has one; undefined when it has none. */
export type Made =
  | { do: 'putOpening'; opening: Opening }
  | { do: 'putFitting'; fitting: Fitting }
  | { do: 'putPiece'; piece: Piece };

const among = <K extends string>(kinds: readonly K[], kind: string): kind is K =>
  (kinds as readonly string[]).includes(kind);

export function makeThing(kind: string, thing: NewThing, file: RoomFile): Made | undefined {
  if (among(OPENINGS, kind)) {
    const opening = newOpening(kind, thing, file);
    return opening && { do: 'putOpening', opening };
  }
  if (among(FITTINGS, kind)) {
    const fitting = newFitting(kind, thing, file);
    return fitting && { do: 'putFitting', fitting };
  }
  if (among(PIECES, kind)) {
    const piece = newPiece(kind, thing, file);
    return piece && { do: 'putPiece', piece };
  }
  return undefined;
}

/** The same thing with its middle where it was let go, on the tape's marks: along a wall, or on the plan. */
export function madeAt(made: Made, middle: { xMm: Mm; yMm: Mm }, unit: LengthUnit): Made {
  const start = (widthMm: Mm) => toMark(middle.xMm - widthMm / 2, unit);
  switch (made.do) {
    case 'putOpening':
      return { ...made, opening: { ...made.opening, xMm: start(made.opening.widthMm) } };
    case 'putFitting':
      return { ...made, fitting: { ...made.fitting, xMm: start(made.fitting.widthMm) } };
    case 'putPiece':
      return {
        ...made,
        piece: { ...made.piece, xMm: toMark(middle.xMm, unit), yMm: toMark(middle.yMm, unit) },
      };
  }
}
