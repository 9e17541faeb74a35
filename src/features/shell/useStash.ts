'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { findInStashAction } from '../../actions/room';
import { useRoom } from './room/RoomContext';
import { untilAnswered } from './untilAnswered';

export type StashRow = Awaited<ReturnType<typeof findInStashAction>>[number];
const NONE: StashRow[] = [];

/** Lists of the stash that were asked for and that the studio has not answered yet, though it was asked. */
let unanswered: readonly symbol[] = [];
const listeners = new Set<() => void>();
function setUnanswered(next: readonly symbol[]): void {
  unanswered = next;
  for (const tell of listeners) tell();
}
const subscribe = (tell: () => void) => {
  listeners.add(tell);
  return () => void listeners.delete(tell);
};

/** Whether a list of the stash on this page could not be read: it is not known what is owned. */
export const useStashIsUnread = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => unanswered.length > 0,
    () => false,
  );

/** Things of the stash of some kinds, with what other rooms use in the look's season; null until they arrive. */
export function useStashWhenThere(kinds: string): StashRow[] | null {
  const { file, look } = useRoom();
  const { season } = look;
  const [rows, setRows] = useState<StashRow[] | null>(null);
  useEffect(() => {
    const me = Symbol(kinds);
    let here = true;
    const answered = () => {
      if (unanswered.includes(me)) setUnanswered(unanswered.filter((one) => one !== me));
    };
    // what is no longer shown is not asked for again
    const ask = async () =>
      here ? findInStashAction(kinds.split(','), '', { roomId: file.room.id, season }) : null;
    untilAnswered(ask, () => {
      if (here && !unanswered.includes(me)) setUnanswered([...unanswered, me]);
    })
      .then((found) => {
        if (here && found) setRows(found);
      })
      .catch(() => undefined)
      .finally(answered);
    return () => {
      here = false;
      answered();
    };
  }, [kinds, file.room.id, season]);
  return rows;
}

/** The same, empty until they arrive. */
export const useStash = (kinds: string): StashRow[] => useStashWhenThere(kinds) ?? NONE;
