import { nanoid } from 'nanoid';
import { putPlaceAction, saveChangedItemAction } from '../../actions/stash';
import type { Item, StoragePlace } from '../../core/model/types';
import { browserStore, type OutboxStore } from '../shell/room/outbox';
import { untilAnswered } from './untilAnswered';

/** A change of the stash that the studio has not answered yet. */
export type Waiting = { kind: 'item'; before: Item; after: Item } | { kind: 'place'; place: StoragePlace };
type Kept = Waiting & { id: string };

const [TRIES, A_MOMENT] = [4, 500];
const PREFIX = 'rideau:unsent-stash:';

/**
 * What one page has typed into the stash and nobody has answered, kept in the browser so that a reload or a
 * crash does not lose it.
 * Each page has its own; what a page that ended left behind is found by the next one.
 */
export function createWaiting(pageId: string, store: OutboxStore) {
  const own = PREFIX + pageId;
  let held = false;
  let all: Kept[] = [];
  const write = () => {
    try {
      if (!held) {
        store.hold(own);
        held = true;
      }
      if (all.length === 0) store.remove(own);
      else store.set(own, JSON.stringify(all));
    } catch {
      // no storage: the changes still stand in memory
    }
  };
  return {
    /** Keeps a change until the returned function is called. */
    keep(change: Waiting): () => void {
      const kept = { ...change, id: nanoid(8) };
      all = [...all, kept];
      write();
      return () => {
        all = all.filter((k) => k.id !== kept.id);
        write();
      };
    },
    /** Whether another page has something waiting. */
    heldElsewhere: (): boolean => store.keys().some((k) => k.startsWith(PREFIX) && k !== own),
    /** What pages that ended left, page by page; kept by this one before it is taken from them. */
    async left(): Promise<{ change: Waiting; done: () => void }[]> {
      const found: { change: Waiting; done: () => void }[] = [];
      for (const key of store.keys().filter((k) => k.startsWith(PREFIX) && k !== own)) {
        await store.ifFree(key, () => {
          for (const { id: _id, ...change } of read(store, key))
            found.push({ change: change as Waiting, done: this.keep(change as Waiting) });
          store.remove(key);
        });
      }
      return found;
    },
  };
}

function read(store: OutboxStore, key: string): Kept[] {
  try {
    const all = JSON.parse(store.get(key) ?? 'null') as Kept[] | null;
    return Array.isArray(all)
      ? all.filter((k) =>
          k.kind === 'item'
            ? k.before?.id === k.after?.id && typeof k.after?.id === 'string'
            : k.kind === 'place' && typeof k.place?.id === 'string',
        )
      : [];
  } catch {
    return [];
  }
}

let page: ReturnType<typeof createWaiting> | null = null;
/** This page's own; only in the browser. */
export const waiting = (): ReturnType<typeof createWaiting> =>
  (page ??= createWaiting(nanoid(8), browserStore));

/**
 * Sends what an earlier page left. How many were taken, and how many were refused because the thing has
 * changed since or is gone.
 */
export async function sendLeft(silent: () => void): Promise<{ taken: number; refused: number }> {
  const result = { taken: 0, refused: 0 };
  // a page that is just ending may hold on to its own for a moment longer
  let left = await waiting().left();
  for (let n = 0; n < TRIES && left.length === 0 && waiting().heldElsewhere(); n++) {
    await new Promise((again) => setTimeout(again, A_MOMENT));
    left = await waiting().left();
  }
  for (const { change, done } of left) {
    const took = await untilAnswered(async () => {
      if (change.kind === 'place') return (await putPlaceAction(change.place)).ok;
      const answer = await saveChangedItemAction(change.before, change.after);
      if (answer.ok) return true;
      const issue = answer.issues[0];
      // it had been taken, and only the answer was lost
      return 'item' in issue && JSON.stringify(issue.item) === JSON.stringify(change.after);
    }, silent).catch(() => false);
    result[took ? 'taken' : 'refused']++;
    done();
  }
  return result;
}
