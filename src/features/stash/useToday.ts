'use client';
import { useSyncExternalStore } from 'react';
import { dayOf } from '../../core/stash/returns';

const MINUTE = 60_000;

function eachMinute(told: () => void): () => void {
  const ticking = window.setInterval(told, MINUTE);
  document.addEventListener('visibilitychange', told);
  return () => {
    window.clearInterval(ticking);
    document.removeEventListener('visibilitychange', told);
  };
}

/** The day where the studio is: that of this browser. The server's own until the page is awake. */
export const useToday = (served: string): string =>
  useSyncExternalStore(
    eachMinute,
    () => dayOf(new Date().toISOString()),
    () => served,
  );
