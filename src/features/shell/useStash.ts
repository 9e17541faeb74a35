'use client';
import { useEffect, useState } from 'react';
import { findInStashAction } from '../../actions/room';
import { useRoom } from './room/RoomContext';

export type StashRow = Awaited<ReturnType<typeof findInStashAction>>[number];

/** Things of the stash of some kinds; empty until they arrive. */
export function useStash(kinds: string): StashRow[] {
  const { file } = useRoom();
  const [rows, setRows] = useState<StashRow[]>([]);
  useEffect(() => {
    let here = true;
    findInStashAction(kinds.split(','), '', file.room.id).then((found) => { if (here) setRows(found); }).catch(() => undefined);
    return () => { here = false; };
  }, [kinds, file.room.id]);
  return rows;
}
