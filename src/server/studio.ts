import 'server-only';
import { openDatabase, type StudioDatabase } from '../data/open';
import { dropUnusedPhotos } from '../data/photoRepository';
import { environment } from './environment';

// kept on the process, so that reloading modules in development does not open the file twice
const kept = globalThis as typeof globalThis & { rideauDatabase?: StudioDatabase };

export const now = (): string => new Date().toISOString();

/** The one database handle of this process. */
export function studioDatabase(): StudioDatabase {
  if (kept.rideauDatabase) return kept.rideauDatabase;
  const db = openDatabase(environment.dataFolder, environment.migrationsFolder, now());
  // a photo that was uploaded and then not used only takes up space
  dropUnusedPhotos(db);
  kept.rideauDatabase = db;
  return db;
}
