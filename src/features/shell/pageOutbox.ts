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
  /** Does work if no living page holds the name, and holds it meanwhile. */
  ifFree: (name: string, work: () => Promise<void>) => Promise<void>;
};

/** What a closed page left behind; `taken` is called once the page that found it has saved it. */
export type Left<T> = { value: T; taken: () => void };

/** Texts that can't be read are put aside under this key, so that nothing typed is thrown away. */
export const UNREAD = 'rideau:unread:';
/** What the studio could not take is kept under this key. */
export const ASIDE = 'rideau:aside:';

/**
 * What one page has sent and nobody has confirmed yet, kept in the browser so that a reload or a crash does
 * not lose it. Each page has its own, so that two tabs do not write over each other; what a page that ended
 * left behind is found by the next one. What is read back is checked as if it came from outside.
 */
export function createPageOutbox<T>(
  prefix: string,
  pageId: string,
  store: OutboxStore,
  check: (kept: unknown) => Promise<T | null>,
) {
  const own = prefix + pageId;
  const others = () => store.keys().filter((key) => key.startsWith(prefix) && key !== own);
  let isHeld = false;
  return {
    write(value: T | null): void {
      try {
        if (!isHeld) store.hold(own);
        isHeld = true;
        if (value === null) store.remove(own);
        else store.set(own, JSON.stringify(value));
      } catch {
        // no storage: the changes are still in memory
      }
    },
    /** Whether another page has something waiting. */
    heldElsewhere: (): boolean => others().length > 0,
    /** Visits what closed pages left behind, until `take` wants no more. */
    async eachLeft(take: (left: Left<T>) => 'more' | 'enough'): Promise<void> {
      let isEnough = false;
      for (const key of others()) {
        if (isEnough) return;
        await store.ifFree(key, async () => {
          const text = store.get(key);
          if (text === null) return;
          const value = await check(parsed(text));
          if (value !== null) isEnough = take({ value, taken: () => store.remove(key) }) === 'enough';
          else {
            store.set(UNREAD + key, text);
            store.remove(key);
          }
        });
      }
    },
  };
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
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
      await navigator.locks.request(name, { ifAvailable: true }, async (lock) => {
        if (lock) await work();
      });
    else await work();
  },
};
