import { ASIDE, UNREAD, browserStore, type OutboxStore } from './pageOutbox';
import type { Label } from './label';

/** A change that the studio could not take: what it was, when and why, and all of it for a file. */
export type AsideChange = { at: string; why: string; label: Label; content: unknown };
/** Changes of a room that were refused, and why. */
export type Refused = { why: string; changes: readonly { do: string }[] };
/** Everything of a room or of the stash that is kept here because the studio could not take it. */
export type Aside = { changes: AsideChange[]; unread: string[] };

/** Told when something was put aside on this page. */
export const ASIDE_EVENT = 'rideau-aside';

const listOf = (text: string | null): AsideChange[] => {
  try {
    const kept: unknown = JSON.parse(text ?? '[]');
    return Array.isArray(kept) ? (kept as AsideChange[]) : [];
  } catch {
    return [];
  }
};

/** What is set aside of a room, or of the stash; kept until it is thrown away. */
export function createAside(of: string, store: OutboxStore) {
  const key = ASIDE + of;
  const unreadKeys = () =>
    store.keys().filter((k) => k.startsWith(UNREAD) && k.slice(UNREAD.length).split(':').includes(of));
  return {
    add(change: AsideChange): void {
      try {
        store.set(key, JSON.stringify([...listOf(store.get(key)), change]));
      } catch {
        // no storage: the notice says why it was not saved
      }
      if (typeof window !== 'undefined') window.dispatchEvent(new Event(ASIDE_EVENT));
    },
    all: (): Aside => ({
      changes: listOf(store.get(key)),
      unread: unreadKeys().flatMap((k) => store.get(k) ?? []),
    }),
    count: (): number => listOf(store.get(key)).length + unreadKeys().length,
    clear(): void {
      store.remove(key);
      for (const k of unreadKeys()) store.remove(k);
      if (typeof window !== 'undefined') window.dispatchEvent(new Event(ASIDE_EVENT));
    },
  };
}

/** Puts changes of a room aside. */
export function setRoomAside(roomId: string, { why, changes }: Refused): void {
  const [main = { do: 'changed' }] = changes;
  const at = new Date().toISOString();
  createAside(roomId, browserStore).add({ at, why, label: labelOfSent(main), content: changes });
}

/** What a person would call a change: its kind, and the name of what it is about where it carries one. */
function labelOfSent(change: { do: string }): Label {
  const parts = Object.values(change) as unknown[];
  const name = parts
    .map((part) => (part as { name?: unknown } | null)?.name)
    .find((n) => typeof n === 'string');
  return { code: change.do, ...(name ? { name } : {}) };
}
