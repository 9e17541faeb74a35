import { useMemo } from 'react';
import type { Change } from '../../../core/model/change';
import type { Piece } from '../../../core/model/types';
import { checkPiece } from '../../../core/stages/measure/checkThings';
import { useRoom } from '../../shell/room/RoomContext';
import { staysSound } from '../../shell/useCommit';

/** The furniture that a plan works on: the room's own where it was measured, or as one look arranges it. */
export type Furniture = {
  pieces: readonly Piece[];
  put: (piece: Piece) => Change;
  remove: (piece: Piece) => Change;
  /** Whether a piece may stand so. */
  takes: (piece: Piece) => boolean;
};

/** Where a piece stands, and how it is turned: all that an arrangement says of it. */
const isWhereMeasured = (a: Piece, b: Piece): boolean =>
  a.xMm === b.xMm && a.yMm === b.yMm && a.turnDeg === b.turnDeg;

export function useFurniture(of: 'room' | 'look'): Furniture {
  const { file, arranged, look } = useRoom();
  return useMemo(() => {
    if (of === 'room') {
      const put = (piece: Piece): Change => ({ do: 'putPiece', piece });
      return {
        pieces: file.pieces,
        put,
        remove: ({ id }) => ({ do: 'removePiece', id }),
        takes: (piece) => staysSound(file, put(piece)),
      };
    }
    const own = new Map(file.pieces.map((p) => [p.id, p]));
    const brought = new Map(look.brought.map((row) => [row.id, row]));
    const lookId = look.id;
    const at = ({ id, xMm, yMm, turnDeg }: Piece) => ({ id, xMm, yMm, turnDeg });
    return {
      pieces: arranged.pieces,
      put: (piece) => {
        const row = brought.get(piece.id);
        if (row) return { do: 'putBrought', lookId, brought: { ...row, ...at(piece) } };
        const measured = own.get(piece.id);
        // back where it was measured, it is no longer moved
        return measured && isWhereMeasured(measured, piece)
          ? { do: 'removeMoved', lookId, id: piece.id }
          : { do: 'putMoved', lookId, moved: { isOut: false, ...at(piece) } };
      },
      remove: (piece) =>
        brought.has(piece.id)
          ? { do: 'removeBrought', lookId, id: piece.id }
          : { do: 'putMoved', lookId, moved: { isOut: true, ...at(piece) } },
      takes: (piece) => checkPiece(piece, file).length === 0,
    };
  }, [of, file, arranged, look]);
}
