'use client';
import { putPlaceAction } from '../../actions/stash';
import type { StoragePlace } from '../../core/model/types';
import { untilAnswered } from '../shell/untilAnswered';
import { useStashRoom } from './StashContext';
import { waiting } from './waiting';

/** Writes a storage place; it waits in this browser for as long as the studio does not answer. */
export function useMakePlace(): (place: StoragePlace, silent?: () => void) => Promise<void> {
  const { refresh } = useStashRoom();
  return async (place, silent = () => undefined) => {
    const answered = waiting().keep({ kind: 'place', place });
    await untilAnswered(() => putPlaceAction(place), silent).finally(answered);
    await refresh();
  };
}
