'use client';
import { useEffect } from 'react';
import { first } from '../../core/base/list';
import { useRoom } from './room/RoomContext';

/** The wall that a stage shows: the one that was chosen; until one is, the first that has something to work on. */
export function useStageWall(withSomething: readonly string[]): string {
  const { file, wallId, wallIsChosen, openWall } = useRoom();
  const opensOn = wallIsChosen || withSomething.includes(wallId) ? undefined : withSomething[0];
  // the strip and the keys follow
  useEffect(() => {
    if (opensOn !== undefined) openWall(opensOn);
  }, [opensOn, openWall]);
  return opensOn ?? (wallId === 'plan' ? first(file.room.walls).id : wallId);
}
