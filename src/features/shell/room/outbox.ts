import type { Change } from '../../../core/model/change';

/** Changes made here that the studio has not confirmed yet, kept in the browser until it has. */
export type Outbox = { baseRevision: number; batches: Change[][] };
/**
 * An outbox that a page left behind when it ended; `taken` is called once its changes are kept by the one
 * that found it.
 */
export type LeftOutbox = Outbox & { taken: () => void };

/**
 * Where an outbox is kept, and how to find out whether the page that wrote it is still there; passed in for
 * the tests.
 */
export type OutboxStore = {
  keys: () => string[];
  get: (key: string) => string | null;
  set: (key: string, text: string) => void;
  remove: (key: string) => void;
  /** Holds a name for as long as this page lives. */
  hold: (name: string) => void;
  /** Does work if no living page holds the name. */
  ifFree: (name: string, work: () => void) => Promise<void>;
};

/**
 * The outbox of one page. Each page has its own, so that two tabs with unsent changes do not write over each
 * other;
 * what a page that ended left behind is found by the next one.
 */
export function createOutbox(roomId: string, pageId: string, store: OutboxStore) {
  const prefix = `rideau:unsent:${roomId}:`;
  const own = prefix + pageId;
  store.hold(own);
  return {
    write(outbox: Outbox | null): void {
      try {
        if (!outbox || outbox.batches.length === 0) store.remove(own);
        else store.set(own, JSON.stringify(outbox));
      } catch {
        // no storage: the changes still stand in memory
      }
    },
    async left(): Promise<LeftOutbox | null> {
      let found: LeftOutbox | null = null;
      for (const key of store.keys().filter((k) => k.startsWith(prefix) && k !== own)) {
        if (found) break;
        await store.ifFree(key, () => {
          const outbox = read(store, key);
          if (outbox) found = { ...outbox, taken: () => store.remove(key) };
          else store.remove(key);
        });
      }
      return found;
    },
  };
}

function read(store: OutboxStore, key: string): Outbox | null {
  try {
    const outbox = JSON.parse(store.get(key) ?? 'null') as Outbox | null;
    return outbox && Array.isArray(outbox.batches) && outbox.batches.length > 0 ? outbox : null;
  } catch {
    return null;
  }
}

/**
 * The browser's own store and locks. Without locks (a page that is not served from this machine) a left
 * outbox counts as free.
 */
export const browserStore: OutboxStore = {
  keys: () => {
    try {
      return Object.keys(window.localStorage);
    } catch {
      return [];
    }
  },
  get: (key) => window.localStorage.getItem(key),
  set: (key, text) => window.localStorage.setItem(key, text),
  remove: (key) => window.localStorage.removeItem(key),
  hold: (name) => {
    if (typeof navigator !== 'undefined' && 'locks' in navigator)
      void navigator.locks.request(name, () => new Promise(() => undefined));
  },
  ifFree: async (name, work) => {
    if ('locks' in navigator)
      await navigator.locks.request(name, { ifAvailable: true }, (lock) => {
        if (lock) work();
      });
    else work();
  },
};
