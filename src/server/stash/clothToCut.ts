import 'server-only';
import type { LengthUnit } from '../../core/base/units';
import { loadItem } from '../../data/itemRepository';
import { loadRules } from '../../data/ownRuleRepository';
import type { ClothAsk } from '../sheets/clothCuts';
import { studioDatabase } from '../studio';

/** A cloth of the stash with the studio's rules; undefined when there is no such thing. */
export function clothToCut(id: string, unit: LengthUnit): ClothAsk | undefined {
  const db = studioDatabase();
  const item = loadItem(db, id);
  return item && { item, rules: loadRules(db), unit };
}
