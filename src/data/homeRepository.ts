import type { Home } from '../core/model/types';
import { HOME_ROWS } from './codecs';
import { insertRow, statement, updateRow, type Row, type StudioDatabase } from './rows';
import { TABLES } from './tables';

export const loadHomes = (db: StudioDatabase): Home[] =>
  (statement(db, 'SELECT * FROM home ORDER BY seq').all() as Row[]).map(HOME_ROWS.fromRow);

export function loadHome(db: StudioDatabase, homeId: string): Home | undefined {
  const row = statement(db, 'SELECT * FROM home WHERE id = ?').get(homeId) as Row | undefined;
  return row && HOME_ROWS.fromRow(row);
}

export function saveHome(db: StudioDatabase, home: Home): void {
  const write = loadHome(db, home.id) ? updateRow : insertRow;
  write(db, TABLES.home, HOME_ROWS.toRow(home));
}

export const dropEmptyHomes = (db: StudioDatabase): void =>
  void statement(db, 'DELETE FROM home WHERE id NOT IN (SELECT home_id FROM room)').run();
