'use client';
import { useEffect, useState } from 'react';
import { first } from '../../core/base/list';
import { useRoom } from './room/RoomContext';

/**
 * The wall that a stage shows. It opens on one that has something to work on: on the room's present wall if that is one of
 * them, else on the first. From there on it is whichever was chosen.
 */
export function useStageWall(withSomething: readonly string[]): string {
  const { file, wallId, setWall } = useRoom();
  const [opening, setOpening] = useState(() =>
    withSomething.includes(wallId) ? null : { cameFrom: wallId, on: withSomething[0] },
  );
  const opensOn = opening?.on;
  useEffect(() => {
    if (opensOn !== undefined) setWall(opensOn);
  }, [opensOn, setWall]);
  // the room's wall has followed, or another was chosen
  if (opening && wallId !== opening.cameFrom) setOpening(null);
  return opensOn ?? (wallId === 'plan' ? first(file.room.walls).id : wallId);
}
