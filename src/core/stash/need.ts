import { inches, inSets, type Mm } from '../base/units';
import type { Item, Season } from '../model/types';
import { SEASONS } from '../model/values';
import { UNUSED, type Used } from './entry';

/** How many of a thing one look of a room uses; season null is a look that is not tied to one. */
export type Use = { itemId: string; roomId: string; lookId: string; season: Season | null; count: number };

/**
 * The most that is used at once, season by season: a room wears one look at a time, so of its looks of a
 * season the largest user counts; rooms add up. A look without a season may be worn in any, unless the room has
 * one of that season.
 */
export function usedBySeason(uses: readonly Use[]): Map<string, Used> {
  const rooms = new Map<string, Map<string, { season: Season | null; byItem: Map<string, number> }>>();
  for (const u of uses) {
    const looks = rooms.get(u.roomId) ?? new Map();
    rooms.set(u.roomId, looks);
    const look = looks.get(u.lookId) ?? { season: u.season, byItem: new Map<string, number>() };
    looks.set(u.lookId, look);
    look.byItem.set(u.itemId, (look.byItem.get(u.itemId) ?? 0) + u.count);
  }
  const used = new Map<string, Used>();
  for (const looks of rooms.values()) {
    for (const season of SEASONS) {
      const own = [...looks.values()].filter((l) => l.season === season);
      const worn = own.length > 0 ? own : [...looks.values()].filter((l) => l.season === null);
      for (const itemId of new Set(worn.flatMap((l) => [...l.byItem.keys()]))) {
        const entry = used.get(itemId) ?? { ...UNUSED };
        entry[season] += Math.max(...worn.map((l) => l.byItem.get(itemId) ?? 0));
        used.set(itemId, entry);
      }
    }
  }
  for (const entry of used.values()) entry.any = Math.max(...SEASONS.map((s) => entry[s]));
  return used;
}

/** What a shop has of a thing, matched by its name; an insert by its size and filling, whatever it is called. */
export type ShopLine = {
  name: string;
  insert?: { widthMm: Mm; heightMm: Mm; fill: string } | undefined;
  stock: number;
  leadDays: number;
  returnDays: number;
  price: number;
};
/** The same with the shop's name. */
export type Offer = ShopLine & { source: string };
export type NeedLine = {
  itemId: string;
  name: string;
  kind: Item['kind'];
  need: number;
  owned: number;
  ordered: number;
  free: number;
  buy: number;
  shop: (Offer & { enough: boolean }) | null;
};

type InsertSize = { widthMm: Mm; heightMm: Mm; fill: string };
/**
 * Inserts of one filling are the same when their sides differ by less than a quarter of an inch, lying either
 * way.
 */
export const sameInsert = (a: InsertSize, b: InsertSize): boolean => {
  const [nearMm, sides] = [
    inches(1 / 4),
    (x: InsertSize): [Mm, Mm] => [Math.min(x.widthMm, x.heightMm), Math.max(x.widthMm, x.heightMm)],
  ];
  const [[a0, a1], [b0, b1]] = [sides(a), sides(b)];
  return a.fill === b.fill && Math.abs(a0 - b0) < nearMm && Math.abs(a1 - b1) < nearMm;
};

/**
 * Need against have, a line a thing that is needed. free: owned and not used elsewhere in the same season;
 * ordered things count as coming, and so does what is said to be coming besides. What is short is looked up
 * in the shops, the cheapest that has enough first.
 */
export function needAgainstHave(
  needs: ReadonlyMap<string, number>,
  elsewhere: ReadonlyMap<string, number>,
  items: ReadonlyMap<string, Item>,
  shops: readonly Offer[],
  coming: ReadonlyMap<string, number> = new Map(),
): NeedLine[] {
  return [...needs]
    .flatMap(([itemId, need]): NeedLine[] => {
      const item = items.get(itemId);
      if (!item || need <= 0) return [];
      const owned = item.state === 'owned' ? item.count : 0;
      const ordered = (item.state === 'ordered' ? item.count : 0) + (coming.get(itemId) ?? 0);
      const free = Math.max(0, owned - (elsewhere.get(itemId) ?? 0));
      const buy = inSets(Math.max(0, need - free - ordered), item.setOf);
      const offers = shops
        .filter((s) =>
          item.kind === 'insert' && s.insert
            ? sameInsert(item, s.insert)
            : s.name.toLowerCase() === item.name.toLowerCase(),
        )
        .map((s) => ({ ...s, enough: s.stock >= buy }))
        .sort((a, b) => Number(b.enough) - Number(a.enough) || a.price - b.price);
      return [
        {
          itemId,
          name: item.name,
          kind: item.kind,
          need,
          owned,
          ordered,
          free,
          buy,
          shop: buy > 0 ? (offers[0] ?? null) : null,
        },
      ];
    })
    .sort((a, b) => b.buy - a.buy || a.name.localeCompare(b.name));
}
