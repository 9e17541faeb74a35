import 'server-only';
import type { Item } from '../../core/model/types';
import { ruleBook } from '../../core/rules/book';
import { yearOfInserts, type YearOfInserts } from '../../core/textiles/yearOfInserts';
import { itemsByIds, loadItemsOfKinds, loadPillowUses, loadWornLooks } from '../../data/itemRepository';
import { loadRules } from '../../data/ownRuleRepository';
import { studioDatabase } from '../studio';

/** The inserts and casings of a year over all rooms and looks, and those that the studio owns. */
export type InsertBench = { year: YearOfInserts; owned: Item[] };

export function insertBench(): InsertBench {
  const db = studioDatabase();
  const own = loadRules(db);
  const books = { in: ruleBook(own, 'in'), 'ft-in': ruleBook(own, 'ft-in'), cm: ruleBook(own, 'cm') };
  const pillows = loadPillowUses(db);
  const covers = new Map(itemsByIds(db, [...new Set(pillows.map((p) => p.itemId))]).map((i) => [i.id, i]));
  const owned = loadItemsOfKinds(db, ['insert', 'casing']);
  const uses = pillows.flatMap(({ itemId, roomId, lookId, fill, featherFree, unit }) => {
    const cover = covers.get(itemId);
    return cover ? [{ cover, roomId, lookId, fill, featherFree: featherFree === 1, rules: books[unit] }] : [];
  });
  return { year: yearOfInserts(uses, loadWornLooks(db), owned), owned };
}
