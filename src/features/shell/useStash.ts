'use client';
import { useEffect, useState } from 'react';
import { findInStashAction } from '../../actions/room';
import { useRoom } from './room/RoomContext';

export type StashRow = Awaited<ReturnType<typeof findInStashAction>>[number];
const NONE: StashRow[] = [];

/**
 * Things of the stash of some kinds, with what other rooms use in the look's season; null until they arrive, none when they
 * cannot be had.
 */
export function useStashWhenThere(kinds: string): StashRow[] | null {
  const { file, look } = useRoom();
  const { season } = look;
  const [rows, setRows] = useState<StashRow[] | null>(null);
  useEffect(() => {
    let here = true;
    findInStashAction(kinds.split(','), '', { roomId: file.room.id, season })
      .then((found) => {
        if (here) setRows(found);
      })
      .catch(() => {
        if (here) setRows((now) => now ?? NONE);
      });
    return () => {
      here = false;
    };
  }, [kinds, file.room.id, season]);
  return rows;
}

/** The same, empty until they arrive. */
export const useStash = (kinds: string): StashRow[] => useStashWhenThere(kinds) ?? NONE;
