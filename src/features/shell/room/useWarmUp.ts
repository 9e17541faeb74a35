import { useEffect, useState } from 'react';
import { editNoun, NOUN_NAMES } from '../../../core/model/nouns';
import type { RoomFile } from '../../../core/model/types';

const WARM_UPS = 12;

/**
 * Counts a few renderings while nothing else is to be done, so that the first drag finds the drawing's code
 * already warm.
 */
export function useWarmUp(isReady: boolean): number {
  const [count, setCount] = useState(0);
  useEffect(() => {
    if (!isReady || count === WARM_UPS || typeof window.requestIdleCallback !== 'function') return;
    const waiting = window.requestIdleCallback(() => setCount(count + 1));
    return () => window.cancelIdleCallback(waiting);
  }, [isReady, count]);
  return count % WARM_UPS;
}

/** The same room in lists that are new, so that all of it is planned from scratch. */
export function withFreshLists(file: RoomFile): RoomFile {
  return NOUN_NAMES.reduce((fresh, noun) => editNoun(fresh, noun, (rows) => [...rows]), file);
}
