import 'server-only';
import path from 'node:path';
import { failWith, isNonEmpty, fail, ok, type Result } from '../core/base/result';
import { ROOM_FILE_VERSION, studioFileSchema } from '../core/model/schema';
import { upgradeStudioFile } from '../core/model/upgrade';
import type { StudioFile } from '../core/model/types';
import { checkRoomFile } from '../core/stages/measure/check';
import { loadStudio, replaceStudio } from '../data/studioRepository';
import { environment } from './environment';
import { measureIssues, schemaIssues, type DoorIssue } from './issues';
import { keepPhotos, photosForFile, readPhotoFiles } from './photos';
import { now, studioDatabase } from './studio';

/** The whole studio as one file; with its photos only when they are asked for, since they make it large. */
export const backupStudio = (withPhotos = false): StudioFile => ({
  ...loadStudio(studioDatabase()),
  ...(withPhotos ? { photos: photosForFile(null) } : {}),
});

/** Replaces this studio with a backup, after copying the present database within the data folder. */
export async function restoreStudio(
  input: unknown,
): Promise<Result<{ rooms: number; items: number; keptAs: string }, DoorIssue>> {
  if (typeof input !== 'object' || input === null || !('rideauStudio' in input))
    return fail<DoorIssue>({
      path: ['rideauStudio'],
      code: 'not-a-studio-file',
      message: 'This is not a studio backup: it has no "rideauStudio" version.',
    });
  const read = studioFileSchema.safeParse(upgradeStudioFile(input));
  if (!read.success) return failWith(schemaIssues(read.error));
  const studio = read.data;
  const issues = studio.rooms.flatMap((room, i) => {
    const home = studio.homes.find((h) => h.id === room.homeId);
    if (!home)
      return [{ path: ['rooms', i, 'homeId'], code: 'not-found', message: `no home ${room.homeId}` }];
    const { homeId: _home, ...body } = room;
    const refused = checkRoomFile({
      rideau: ROOM_FILE_VERSION,
      rules: studio.rules,
      home,
      places: studio.places,
      items: studio.items,
      ...body,
    }).filter((x) => x.level === 'refuse');
    return measureIssues(refused).map((x) => ({ ...x, path: ['rooms', i, ...x.path] }));
  });
  const seen = new Set<string>();
  studio.rooms.forEach((r, i) => {
    if (seen.has(r.room.id))
      issues.push({ path: ['rooms', i, 'room', 'id'], code: 'same-id', message: `two rooms ${r.room.id}` });
    seen.add(r.room.id);
  });
  if (isNonEmpty(issues)) return { ok: false, issues };
  const photos = await readPhotoFiles(studio.photos ?? []);
  if (!photos.ok) return photos;
  const db = studioDatabase();
  const keptAs = path.join(environment.dataFolder, `before-restore-${now().replace(/[:.]/g, '-')}.sqlite`);
  await db.backup(keptAs);
  db.transaction(() => {
    keepPhotos(photos.value);
    replaceStudio(db, studio, now());
  }).immediate();
  return ok({ rooms: studio.rooms.length, items: studio.items.length, keptAs: path.basename(keptAs) });
}
