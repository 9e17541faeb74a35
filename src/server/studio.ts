import 'server-only';
import { readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { openDatabase, type StudioDatabase } from '../data/open';
import { dropUnusedPhotos } from '../data/photoRepository';
import { environment } from './environment';

// kept on the process, so that reloading modules in development does not open the file twice
const kept = globalThis as typeof globalThis & { rideauDatabase?: StudioDatabase };

export const now = (): string => new Date().toISOString();

/** Folders in which photos of a backup wait while it is read. */
export const WAITING = 'restoring-';

/** What a backup left that was not read to its end because the server was ended. */
function dropWaiting(): void {
  for (const name of readdirSync(environment.dataFolder))
    if (name.startsWith(WAITING))
      rmSync(path.join(environment.dataFolder, name), { recursive: true, force: true });
}

/** A photo that nothing refers to yet lives so long: the change that uses it may still be on its way. */
const UNUSED_PHOTO_MS = 24 * 60 * 60 * 1000;

/** The one database handle of this process. */
export function studioDatabase(): StudioDatabase {
  if (kept.rideauDatabase) return kept.rideauDatabase;
  const db = openDatabase(environment.dataFolder, environment.migrationsFolder, now());
  dropUnusedPhotos(db, new Date(Date.now() - UNUSED_PHOTO_MS).toISOString());
  dropWaiting();
  kept.rideauDatabase = db;
  return db;
}
