import type { Finding } from '../../model/finding';
import type { Item, Placement } from '../../model/types';
import type { PlacedThing } from '../../room/placed';

/** Things whose spot is no longer there: a shelf that was taken out, a bowl that was turned over. They are kept. */
export function judgeSpotless(
  placements: readonly Placement[],
  placed: readonly PlacedThing[],
  items: ReadonlyMap<string, Item>,
): Finding[] {
  // each of them stands: there is nothing to look for
  if (placed.length === placements.length) return [];
  const standing = new Set(placed.map(({ placement }) => placement.id));
  return placements
    .filter(({ id, itemId }) => !standing.has(id) && items.has(itemId))
    .map(({ id, itemId }) => ({
      code: 'spot-gone',
      level: 'stop',
      stage: 'surfaces',
      about: [id],
      by: { thing: items.get(itemId)?.name ?? '' },
    }));
}
