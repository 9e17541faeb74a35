'use client';
import { useCallback, useLayoutEffect, useRef } from 'react';

/**
 * A function that stays the same one for as long as the part is shown, and always does what the last drawing
 * of it says.
 */
export function useStableCallback<A extends unknown[], R>(act: (...args: A) => R): (...args: A) => R {
  const latest = useRef(act);
  useLayoutEffect(() => {
    latest.current = act;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
