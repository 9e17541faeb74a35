'use client';
import { useEffect } from 'react';

/** Keeps the focus near when what had it goes away; fetched once the page is there. */
export function FocusKeeper(): null {
  useEffect(() => {
    let stop: (() => void) | null = null;
    let here = true;
    void import('./keepFocus').then(({ keepFocus }) => {
      if (here) stop = keepFocus();
    });
    return () => {
      here = false;
      stop?.();
    };
  }, []);
  return null;
}
