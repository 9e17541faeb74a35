import 'server-only';
import type { Item, Season } from '../../core/model/types';
import { usedElsewhere } from '../../core/stash/need';
import { findItems, loadWornLooks, usesElsewhere } from '../../data/itemRepository';
import { studioDatabase } from '../studio';

export type StashRow = Item & { elsewhere: { room: string; count: number } | null };

/** Things of the stash of some kinds, with where else they are in use in a season; null is at any time. */
export function findInStash(
  kinds: readonly string[],
  words: string,
  { roomId, season }: { roomId: string; season: Season | null },
): StashRow[] {
  const db = studioDatabase();
  const found = findItems(db, kinds, words, { limit: 400, roomId });
  const uses = usesElsewhere(
    db,
    roomId,
    found.map((i) => i.id),
  );
  const used = usedElsewhere(uses, loadWornLooks(db), season);
  return found.map((i) => ({ ...i, elsewhere: used.get(i.id) ?? null }));
}
