import { mkdirSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { watchRows } from './journal';
import { migrate, readMigrations } from './migrate';
import type { StudioDatabase } from './rows';

export type { StudioDatabase };
export const DATABASE_FILE = 'rideau.sqlite';

/**
 * Opens the studio's database in a folder, migrates it, and attaches the journal. Throws CannotMigrate when
 * it must not be touched.
 */
export function openDatabase(folder: string, migrationsFolder: string, now: string): StudioDatabase {
  const steps = readMigrations(migrationsFolder);
  mkdirSync(folder, { recursive: true });
  const db = new Database(path.join(folder, DATABASE_FILE));
  try {
    db.pragma('foreign_keys = OFF');
    migrate(db, steps, now);
    db.pragma('journal_mode = WAL');
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
    db.pragma('busy_timeout = 4000');
    watchRows(db);
    return db;
  } catch (error) {
    db.close();
    throw error;
  }
}
