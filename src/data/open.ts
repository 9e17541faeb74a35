import { chmodSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { watchRows } from './journal';
import { migrate, readMigrations } from './migrate';
import type { StudioDatabase } from './rows';

export type { StudioDatabase };
export const DATABASE_FILE = 'rideau.sqlite';
/** Rooms, prices and photos are for the user who runs the studio, not for others on the machine. */
export const OWN_FILE = 0o600;

/**
 * Opens the studio's database in a folder, migrates it, and attaches the journal. Throws CannotMigrate when
 * it must not be touched.
 */
export function openDatabase(folder: string, migrationsFolder: string, now: string): StudioDatabase {
  const steps = readMigrations(migrationsFolder);
  mkdirSync(folder, { recursive: true });
  const file = path.join(folder, DATABASE_FILE);
  const db = new Database(file);
  try {
    db.pragma('foreign_keys = OFF');
    migrate(db, steps, now);
    // what SQLite writes beside it takes its mode
    chmodSync(file, OWN_FILE);
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
