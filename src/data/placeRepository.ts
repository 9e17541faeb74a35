import type { StoragePlace } from '../core/model/types';
import { PLACE_ROWS } from './codecs';
import { deleteRow, insertRow, statement, updateRow, type Row, type StudioDatabase } from './rows';
import { TABLES } from './tables';

export const loadPlaces = (db: StudioDatabase): StoragePlace[] =>
  (statement(db, 'SELECT * FROM storage_place ORDER BY seq').all() as Row[]).map(PLACE_ROWS.fromRow);

export function savePlace(db: StudioDatabase, place: StoragePlace): void {
  const known = statement(db, 'SELECT 1 FROM storage_place WHERE id = ?').get(place.id) !== undefined;
  (known ? updateRow : insertRow)(db, TABLES.storagePlace, PLACE_ROWS.toRow(place));
}

/** Removes a place; its contents then have no fixed place. */
export function removePlace(db: StudioDatabase, placeId: string): void {
  statement(db, 'UPDATE item SET place_id = NULL WHERE place_id = ?').run(placeId);
  deleteRow(db, TABLES.storagePlace, { id: placeId });
}
