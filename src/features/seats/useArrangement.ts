import { PLACEMENT } from '../../core/model/defaults';
import type { Item, Piece } from '../../core/model/types';
import { isPropped, isThrown } from '../../core/room/lies';
import type { Placed } from '../../core/stages/seats/compose';
import { usePlacing } from '../shell/placing/usePlacing';
import { useRoom } from '../shell/room/RoomContext';

/**
 * Another arrangement in the place of the pillows of a seat, but for those that are kept where they are. A throw of it
 * takes the place of those that lie there.
 */
export function useArrangement(piece: Piece): (placed: readonly ({ item: Item } & Placed)[]) => void {
  const { look } = useRoom();
  const placing = usePlacing();
  return (placed) => {
    const here = look.placements.filter((p) => p.spot.of === piece.id);
    const loose = here.filter((p) => !p.locked);
    const old = loose.filter((p) => isPropped(p) || (isThrown(p) && placed.some(isThrown)));
    const spot = { of: piece.id, part: 'seat' };
    placing.replace(
      old,
      placed.map(({ itemId: _id, ...one }) => ({ ...PLACEMENT, ...one, spot })),
    );
  };
}
