'use client';
import type { Change } from '../../core/model/change';
import type { Opening } from '../../core/model/types';
import type { Answer } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';

/** What the forms of an opening do to it. */
export function useOpeningActs(opening: Opening) {
  const { change } = useRoom();
  const commit = useCommit();
  const put = (patch: Partial<Opening>): Change => ({
    do: 'putOpening',
    opening: { ...opening, ...patch },
  });
  return {
    put,
    /** Accepts a reading if the room stays sound with it. */
    set: (patch: Partial<Opening>): Answer => commit(put(patch), opening.id),
    /** Accepts what can't be wrong by itself. */
    choose: (patch: Partial<Opening>) => change([put(patch)]),
  };
}
