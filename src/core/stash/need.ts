import { inSets, type Mm } from '../base/units';
import type { Item, Season } from '../model/types';
import { SEASONS } from '../model/values/item';
import { sameInsert } from '../room/pillow';
import { UNUSED, type Used } from './entry';

/** How many of a thing one look of a room uses; season null is a look that is not tied to one. */
export type Use = { itemId: string; roomId: string; lookId: string; season: Season | null; count: number };

/** A look of a room, whether anything is in it or not. */
export type WornLook = { roomId: string; lookId: string; season: Season | null };

/**
 * The most that is used at once, season by season: a room wears one look at a time, so of its looks of a season the largest
 * user counts; rooms add up. A look without a season may be worn in any, unless the room has one of that season, be it
 * empty. `looks` are all looks of these rooms; where they aren't given, those that use something.
 */
export function usedBySeason(uses: readonly Use[], looks: readonly WornLook[] = uses): Map<string, Used> {
  const rooms = new Map<string, Map<string, { season: Season | null; byItem: Map<string, number> }>>();
  const lookOf = ({ roomId, lookId, season }: WornLook) => {
    const ofRoom = rooms.get(roomId) ?? new Map();
    rooms.set(roomId, ofRoom);
    const look = ofRoom.get(lookId) ?? { season, byItem: new Map<string, number>() };
    ofRoom.set(lookId, look);
    return look;
  };
  for (const look of looks) lookOf(look);
  for (const u of uses) {
    const { byItem } = lookOf(u);
    byItem.set(u.itemId, (byItem.get(u.itemId) ?? 0) + u.count);
  }
  const used = new Map<string, Used>();
  for (const ofRoom of rooms.values()) {
    for (const season of SEASONS) {
      const own = [...ofRoom.values()].filter((l) => l.season === season);
      const worn = own.length > 0 ? own : [...ofRoom.values()].filter((l) => l.season === null);
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

/** What rooms use of things in a season, or at most at any time: how many, and the room that uses most. */
export function usedElsewhere(
  uses: readonly (Use & { roomName: string })[],
  looks: readonly WornLook[],
  season: Season | null,
): Map<string, { room: string; count: number }> {
  const names = new Map(uses.map((u) => [u.roomId, u.roomName]));
  const found = new Map<string, { room: string; most: number; count: number }>();
  for (const [roomId, room] of [...names].sort(([, a], [, b]) => a.localeCompare(b))) {
    const isHere = (of: { roomId: string }) => of.roomId === roomId;
    for (const [itemId, used] of usedBySeason(uses.filter(isHere), looks.filter(isHere))) {
      const count = used[season ?? 'any'];
      if (count === 0) continue;
      const known = found.get(itemId);
      const mostIsHere = !known || count > known.most;
      found.set(itemId, {
        room: mostIsHere ? room : known.room,
        most: mostIsHere ? count : known.most,
        count: (known?.count ?? 0) + count,
      });
    }
  }
  return new Map([...found].map(([id, { room, count }]) => [id, { room, count }]));
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
