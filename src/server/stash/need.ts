import 'server-only';
import { formatSize } from '../../core/base/length';
import { newItem } from '../../core/model/defaults';
import type { Item, Season } from '../../core/model/types';
import { ruleBook } from '../../core/rules/book';
import { needAgainstHave, usedBySeason, type NeedLine, type Use } from '../../core/stash/need';
import { sameInsert } from '../../core/room/pillow';
import { chooseInsert, fillOf } from '../../core/textiles/insert';
import { itemsByIds, loadItems, loadWornLooks, loadPillowUses, loadUses } from '../../data/itemRepository';
import { loadRules } from '../../data/ownRuleRepository';
import { loadRoom, loadRoomIds } from '../../data/roomRepository';
import { shopOffers } from './shops';
import { studioDatabase } from '../studio';

/** Need against have: for one look of a room, or over all rooms in a season. */
export function needLines(ask: { roomId: string; lookId: string } | { season: Season }): NeedLine[] {
  const db = studioDatabase();
  const inserts = insertUses();
  const uses = [...loadUses(db), ...inserts.uses];
  const items = new Map([
    ...itemsByIds(db, [...new Set(uses.map((u) => u.itemId))]).map((i) => [i.id, i] as const),
    ...inserts.items,
  ]);
  const offers = shopOffers();
  if ('season' in ask) {
    const used = usedBySeason(uses, loadWornLooks(db));
    return needAgainstHave(
      new Map([...used].map(([id, u]) => [id, u[ask.season]])),
      new Map(),
      items,
      offers,
      inserts.coming,
    );
  }
  const mine = uses.filter((u) => u.roomId === ask.roomId && u.lookId === ask.lookId);
  const looks = loadWornLooks(db);
  const season = looks.find((l) => l.roomId === ask.roomId && l.lookId === ask.lookId)?.season ?? null;
  const isElsewhere = ({ roomId }: { roomId: string }) => roomId !== ask.roomId;
  const others = usedBySeason(uses.filter(isElsewhere), looks.filter(isElsewhere));
  const needs = new Map<string, number>();
  for (const u of mine) needs.set(u.itemId, (needs.get(u.itemId) ?? 0) + u.count);
  return needAgainstHave(
    needs,
    new Map([...others].map(([id, u]) => [id, season ? u[season] : u.any])),
    items,
    offers,
    inserts.coming,
  );
}

/**
 * Inserts as things that looks use: covers of one size that are never out at once share them, so they are
 * counted season by season like everything else. Owned inserts of a size and filling stand together under one
 * line.
 */
function insertUses(): { uses: Use[]; items: Map<string, Item>; coming: Map<string, number> } {
  const db = studioDatabase();
  const pillows = loadPillowUses(db);
  const own = loadRules(db);
  const books = { in: ruleBook(own, 'in'), 'ft-in': ruleBook(own, 'ft-in'), cm: ruleBook(own, 'cm') };
  const covers = new Map(itemsByIds(db, [...new Set(pillows.map((p) => p.itemId))]).map((i) => [i.id, i]));
  const inserts = loadItems(db).filter((i) => i.kind === 'insert');
  const items = new Map<string, Item>();
  const coming = new Map<string, number>();
  const uses = pillows.flatMap((p): Use[] => {
    const cover = covers.get(p.itemId);
    if (!cover) return [];
    const rules = books[p.unit];
    // where nobody chose, what the plan fills it with
    const fill = fillOf(cover, p.fill, { featherFree: p.featherFree === 1, inserts }, rules);
    const { insert } = chooseInsert(cover, fill, rules, { owned: inserts });
    if (!insert) return [];
    const shape = insert.round ? 'round ' : '';
    const id = `insert ${shape}${Math.round(insert.widthMm)} ${Math.round(insert.heightMm)} ${fill}`;
    if (!items.has(id)) {
      const such = inserts.filter((i) => sameInsert(i, { ...insert, fill }));
      const mine = such.filter((i) => i.state === 'owned');
      coming.set(
        id,
        such.reduce((n, i) => n + (i.state === 'ordered' ? i.count : 0), 0),
      );
      items.set(
        id,
        newItem({
          id,
          name:
            mine[0]?.name ?? `${formatSize(insert.widthMm, insert.heightMm, p.unit)} ${shape}${fill} insert`,
          kind: 'insert',
          count: mine.reduce((n, i) => n + i.count, 0),
          widthMm: insert.widthMm,
          heightMm: insert.heightMm,
          round: insert.round,
          fill,
        }),
      );
    }
    return [{ itemId: id, roomId: p.roomId, lookId: p.lookId, season: p.season, count: 1 }];
  });
  return { uses, items, coming };
}

export type LooksOfRoom = { roomId: string; roomName: string; looks: { id: string; name: string }[] };
export const looksOfRooms = (): LooksOfRoom[] => {
  const db = studioDatabase();
  return loadRoomIds(db)
    .slice(0, 200)
    .map((id) => {
      const r = loadRoom(db, id)!;
      return { roomId: id, roomName: r.room.name, looks: r.looks.map((l) => ({ id: l.id, name: l.name })) };
    });
};
