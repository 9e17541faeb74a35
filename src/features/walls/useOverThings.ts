import { useMemo } from 'react';
import { overThingsAt, type OverThing } from '../../core/room/overThing';
import { placeOnWall } from '../../core/room/place';
import { useRoom } from '../shell/room/RoomContext';

/** What a piece or a group on a wall may be hung over: the furniture at that wall, and its mantels and fittings. */
export function useOverThings(wallId: string): OverThing[] {
  const { arranged, plan } = useRoom();
  const { pieces, fittings } = arranged;
  const { walls } = plan;
  return useMemo(() => {
    const places = new Map(pieces.map((p) => [p.id, placeOnWall(p, walls)]));
    return overThingsAt({ file: { pieces, fittings }, places }, wallId);
  }, [pieces, fittings, walls, wallId]);
}
