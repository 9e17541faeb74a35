import 'server-only';
import type { Item } from '../../core/model/types';
import { findItems, usedElsewhere } from '../../data/itemRepository';
import { studioDatabase } from '../studio';

export type StashRow = Item & { elsewhere: { room: string; count: number } | null };

/** Things of the stash of some kinds, with where else they are in use. */
export function findInStash(kinds: readonly string[], words: string, roomId: string): StashRow[] {
  const db = studioDatabase();
  const found = findItems(db, kinds, words, 200);
  const used = usedElsewhere(
    db,
    roomId,
    found.map((i) => i.id),
  );
  return found.map((i) => ({ ...i, elsewhere: used.get(i.id) ?? null }));
}
