import 'server-only';
import { openDatabase, type StudioDatabase } from '../data/open';
import { environment } from './environment';

// kept on the process, so that reloading modules in development does not open the file twice
const kept = globalThis as typeof globalThis & { rideauDatabase?: StudioDatabase };

export const now = (): string => new Date().toISOString();

/** The one database handle of this process. */
export function studioDatabase(): StudioDatabase {
  kept.rideauDatabase ??= openDatabase(environment.dataFolder, environment.migrationsFolder, now());
  return kept.rideauDatabase;
}
