import 'server-only';
import path from 'node:path';

/** The environment, read once. */
export const environment = {
  dataFolder: path.resolve(/* turbopackIgnore: true */ process.cwd(), process.env.RIDEAU_DATA ?? 'data'),
  migrationsFolder: path.resolve(/* turbopackIgnore: true */ process.cwd(), 'src/data/migrations'),
  /** Largest bodies that are read, in bytes. */
  roomFileLimit: 1024 * 1024 * 1024,
  /** What a file may hold beside its photos, which are read one by one. */
  withoutPhotosLimit: 512 * 1024 * 1024,
  studioFileLimit: 2048 * 1024 * 1024,
  photoLimit: 40 * 1024 * 1024,
  photoPixels: 40_000_000,
  tableLimit: 16 * 1024 * 1024,
};
