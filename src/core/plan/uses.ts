import type { Item } from '../model/types';
import type { BuyKind, Use } from '../stash/buying';

/** How many of each item are used, an item at a time; what is used twice is one line. */
export function countUses(kind: BuyKind, wants: readonly { item: Item; count: number }[]): Use[] {
  const uses = new Map<string, Use>();
  for (const { item, count } of wants) {
    const known = uses.get(item.id);
    if (known) known.need += count;
    else uses.set(item.id, counted(kind, item, count));
  }
  return [...uses.values()];
}

const counted = (kind: BuyKind, item: Item, need: number): Use => ({
  itemId: item.id,
  name: item.name,
  kind,
  widthMm: item.widthMm,
  heightMm: item.heightMm,
  price: item.wish?.mostPrice ?? item.price,
  need,
  have: item.count,
  setOf: item.setOf,
});
