import { nanoid } from 'nanoid';
import { putNewItemsAction, putPlaceAction, saveChangedItemAction } from '../../actions/stash';
import type { Item, StoragePlace } from '../../core/model/types';
import { createAside, type AsideChange } from '../shell/aside';
import { browserStore, createPageOutbox, type OutboxStore } from '../shell/pageOutbox';
import { untilAnswered } from '../shell/untilAnswered';

/** A change of the stash that the studio has not answered yet. */
export type Waiting =
  | { kind: 'item'; before: Item; after: Item }
  | { kind: 'new'; items: readonly Item[] }
  | { kind: 'place'; place: StoragePlace };
type Kept = Waiting & { id: string };

const [TRIES, A_MOMENT] = [4, 500];

/** What one page has typed into the stash and nobody has answered. */
export function createWaiting(pageId: string, store: OutboxStore) {
  const page = createPageOutbox('rideau:unsent-stash:', pageId, store, checkWaiting);
  let all: readonly Kept[] = [];
  const keepAll = (changes: readonly Kept[]) => {
    all = changes;
    page.write(all.length > 0 ? [...all] : null);
  };
  /** Keeps a change until the returned function is called. */
  const keep = (change: Waiting): (() => void) => {
    const kept = { ...change, id: nanoid(8) };
    keepAll([...all, kept]);
    return () => keepAll(all.filter((k) => k.id !== kept.id));
  };
  return {
    keep,
    heldElsewhere: page.heldElsewhere,
    /** What closed pages left behind, page by page; saved here before it is removed there. */
    async left(): Promise<{ change: Waiting; done: () => void }[]> {
      const found: { change: Waiting; done: () => void }[] = [];
      await page.eachLeft(({ value, taken }) => {
        for (const { id: _id, ...change } of value) found.push({ change, done: keep(change) });
        taken();
        return 'more';
      });
      return found;
    },
  };
}

/** The schema of things and places is only fetched when there is something to check. */
async function checkWaiting(kept: unknown): Promise<Kept[] | null> {
  const { waitingSchema } = await import('../../core/model/schema/outbox');
  return waitingSchema.safeParse(kept).data ?? null;
}

let page: ReturnType<typeof createWaiting> | null = null;
/** This page's own; only in the browser. */
export const waiting = (): ReturnType<typeof createWaiting> =>
  (page ??= createWaiting(nanoid(8), browserStore));

/**
 * Sends what an earlier page left behind. Returns how many were accepted, and how many were refused because
 * the item has changed since or is gone.
 */
export async function sendLeft(silent: () => void): Promise<{ taken: number; refused: number }> {
  const aside = createAside('stash', browserStore);
  const result = { taken: 0, refused: 0 };
  // a page that is just closing may hold on to its own for a moment longer
  let left = await waiting().left();
  for (let n = 0; n < TRIES && left.length === 0 && waiting().heldElsewhere(); n++) {
    await new Promise((again) => setTimeout(again, A_MOMENT));
    left = await waiting().left();
  }
  for (const { change, done } of left) {
    const why = await untilAnswered(() => whyRefused(change), silent).catch(String);
    if (why !== null)
      aside.add({ at: new Date().toISOString(), why, label: labelOfLeft(change), content: change });
    result[why === null ? 'taken' : 'refused']++;
    done();
  }
  return result;
}

function labelOfLeft(change: Waiting): AsideChange['label'] {
  if (change.kind === 'place') return { code: 'putPlace', name: change.place.name };
  const [item] = change.kind === 'new' ? change.items : [change.after];
  return { code: 'putItem', ...(item ? { name: item.name } : {}) };
}

/** Sends a change; why the studio could not take it, else null. */
async function whyRefused(change: Waiting): Promise<string | null> {
  if (change.kind === 'place') {
    const answer = await putPlaceAction(change.place);
    return answer.ok ? null : answer.issues[0].message;
  }
  if (change.kind === 'new') {
    const answer = await putNewItemsAction([...change.items]);
    return answer.ok ? null : answer.issues[0].message;
  }
  const answer = await saveChangedItemAction(change.before, change.after);
  if (answer.ok) return null;
  const issue = answer.issues[0];
  if (!('item' in issue)) return issue.message;
  // it had been accepted, and only the answer was lost
  return JSON.stringify(issue.item) === JSON.stringify(change.after) ? null : 'The item has changed since.';
}
