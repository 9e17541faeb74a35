'use client';
import { useCallback, useSyncExternalStore } from 'react';

/** What was typed and not accepted yet, kept in the browser so that a reload or a crash doesn't lose it. */
const KEY = 'rideau:draft:';
const listeners = new Set<() => void>();
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

// asked for on every frame of a drag, and the browser's store is slow to answer
const known = new Map<string, string | null>();

function read(key: string): string | null {
  const had = known.get(key);
  if (had !== undefined) return had;
  let kept: string | null = null;
  try {
    kept = window.localStorage.getItem(KEY + key);
  } catch {
    // a browser without storage keeps no drafts
  }
  known.set(key, kept);
  return kept;
}

function write(key: string, text: string | null): void {
  known.set(key, text);
  try {
    if (text === null) window.localStorage.removeItem(KEY + key);
    else window.localStorage.setItem(KEY + key, text);
  } catch {
    // a browser without storage keeps no drafts
  }
  for (const l of listeners) l();
}

/** The draft of a field, and a way to set it; null when what is shown is what is kept. */
export function useDraft(key: string): [string | null, (text: string | null) => void] {
  const draft = useSyncExternalStore(
    subscribe,
    () => read(key),
    () => null,
  );
  return [draft, useCallback((text: string | null) => write(key, text), [key])];
}
