import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openDatabase, type StudioDatabase } from '../../src/data/open';

export const MIGRATIONS = path.resolve(import.meta.dirname, '../../src/data/migrations');
export const NOON = '2026-05-01T12:00:00.000Z';

/** A database file in a folder of its own, opened again as often as needed. */
export function scratchStudio(): { folder: string; open: () => StudioDatabase; remove: () => void } {
  const folder = mkdtempSync(path.join(tmpdir(), 'rideau-data-'));
  const opened: StudioDatabase[] = [];
  return {
    folder,
    open: () => {
      const db = openDatabase(folder, MIGRATIONS, NOON);
      opened.push(db);
      return db;
    },
    remove: () => {
      for (const db of opened) if (db.open) db.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
