import { STUDIO_FILE_VERSION } from '../core/model/schema';
import type { StudioFile } from '../core/model/types';
import { loadItems } from './itemRepository';
import { loadPlaces, savePlace } from './placeRepository';
import { HOME_ROWS, ITEM_ROWS, RULE_ROWS } from './codecs';
import { loadHomes } from './homeRepository';
import { loadRules } from './ownRuleRepository';
import { bumpRevision, insertRoom, loadRoom, loadRoomIds } from './roomRepository';
import { insertRow, statement, type StudioDatabase } from './rows';
import { ALL_TABLES, TABLES } from './tables';

export const studioName = (db: StudioDatabase): string =>
  statement(db, 'SELECT name FROM studio').pluck().get() as string;

/** The whole studio as one value. */
export const loadStudio = (db: StudioDatabase): StudioFile =>
  db.transaction((): StudioFile => ({
    rideauStudio: STUDIO_FILE_VERSION,
    name: studioName(db),
    rules: loadRules(db),
    homes: loadHomes(db),
    places: loadPlaces(db),
    items: loadItems(db),
    rooms: loadRoomIds(db).flatMap((id) => loadRoom(db, id) ?? []),
  }))();

/**
 * Replaces the studio; the journal starts over, since its acts refer to rows that are gone. Revisions go
 * on, so that an open tab notices. Call inside a transaction.
 */
export function replaceStudio(db: StudioDatabase, studio: StudioFile, now: string): void {
  db.exec('DELETE FROM journal_entry');
  for (const table of [...ALL_TABLES].reverse()) statement(db, `DELETE FROM ${table.name}`).run();
  statement(db, 'UPDATE studio SET name = ?').run(studio.name);
  for (const rule of studio.rules) insertRow(db, TABLES.ownRule, RULE_ROWS.toRow(rule));
  for (const home of studio.homes) insertRow(db, TABLES.home, HOME_ROWS.toRow(home));
  for (const place of studio.places) savePlace(db, place);
  for (const item of studio.items) insertRow(db, TABLES.item, ITEM_ROWS.toRow(item));
  for (const { homeId, ...room } of studio.rooms) {
    insertRoom(db, { ...room, home: { id: homeId } });
    bumpRevision(db, room.room.id, now);
  }
}
