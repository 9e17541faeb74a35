import { STUDIO_FILE_VERSION } from '../core/model/schema';
import type { StudioFile } from '../core/model/types';
import { loadItems } from './itemRepository';
import { loadPlaces, savePlace } from './placeRepository';
import { homeToRow, itemToRow, ruleToRow } from './mappings';
import { bumpRevision, insertRoom, loadHomes, loadRoom, loadRoomIds, loadRules } from './roomRepository';
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
    rooms: loadRoomIds(db).map((id) => loadRoom(db, id)!),
  }))();

/**
 * Puts a studio in the place of what is there; the journal begins anew, for its acts speak of rows that are
 * gone. Revisions go on, so that an open tab is told. Call inside a transaction.
 */
export function replaceStudio(db: StudioDatabase, studio: StudioFile, now: string): void {
  db.exec('DELETE FROM journal_entry');
  for (const table of [...ALL_TABLES].reverse()) statement(db, `DELETE FROM ${table.name}`).run();
  statement(db, 'UPDATE studio SET name = ?').run(studio.name);
  for (const rule of studio.rules) insertRow(db, TABLES.ownRule, ruleToRow(rule));
  for (const home of studio.homes) insertRow(db, TABLES.home, homeToRow(home));
  for (const place of studio.places) savePlace(db, place);
  for (const item of studio.items) insertRow(db, TABLES.item, itemToRow(item));
  for (const { homeId, ...room } of studio.rooms) {
    insertRoom(db, { ...room, home: { id: homeId } });
    bumpRevision(db, room.room.id, now);
  }
}
