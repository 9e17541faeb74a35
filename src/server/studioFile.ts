import 'server-only';
import { chmodSync, readdirSync, rmSync } from 'node:fs';
import path from 'node:path';
import { failWith, isNonEmpty, fail, ok, type Result } from '../core/base/result';
import { ROOM_FILE_VERSION, studioFileSchema } from '../core/model/schema';
import { upgradeStudioFile } from '../core/model/upgrade';
import type { StudioFile } from '../core/model/types';
import { checkRoomFile } from '../core/stages/measure/check';
import { OWN_FILE } from '../data/open';
import { loadStudio, replaceStudio, studioName } from '../data/studioRepository';
import { environment } from './environment';
import { doublesIn } from './doubles';
import { takeFileBody } from './fileBody';
import { inOneGo } from './inOneGo';
import { measureIssues, MOST_ISSUES, schemaIssues, type DoorIssue } from './issues';
import { allPhotosForFile } from './photos';
import { now, studioDatabase } from './studio';

/** The whole studio as one file, without its photos. */
export const backupStudio = (): StudioFile => loadStudio(studioDatabase());

export const backupName = (): string => studioName(studioDatabase());

/** The same as the text of a file, part by part; with its photos only when they are asked for, since they make it large. */
export function* backupText(withPhotos: boolean): Generator<string> {
  const text = JSON.stringify(backupStudio(), null, 1);
  if (!withPhotos) {
    yield text;
    return;
  }
  yield text.replace(/\n\}$/, '');
  let mark = ',\n "photos": [\n';
  for (const photo of allPhotosForFile()) {
    yield mark + JSON.stringify(photo);
    mark = ',\n';
  }
  // a studio without photos has an empty list
  yield mark === ',\n' ? '\n ]\n}' : `${mark} ]\n}`;
}

type Restored = { rooms: number; items: number; keptAs: string };

/**
 * Replaces this studio with the backup in a request's body, which is read up to a limit in bytes and never held as a whole;
 * the present database is copied within the data folder first.
 */
export const restoreStudio = (request: Request, limit: number) => takeFileBody(request, limit, restoreWith);

const isFields = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

async function restoreWith(input: unknown, keepPhotos: () => void): Promise<Result<Restored, DoorIssue>> {
  if (!isFields(input) || !('rideauStudio' in input))
    return fail<DoorIssue>({
      path: ['rideauStudio'],
      code: 'not-a-studio-file',
      message: 'This is not a studio backup: it has no "rideauStudio" version.',
    });
  const read = studioFileSchema.safeParse(upgradeStudioFile(input));
  if (!read.success) return failWith(schemaIssues(read.error));
  const studio = read.data;
  const inRooms = studio.rooms.flatMap((room, i): DoorIssue[] => {
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
  const issues = [...listIssues(studio), ...inRooms].slice(0, MOST_ISSUES);
  if (isNonEmpty(issues)) return { ok: false, issues };
  const db = studioDatabase();
  const keptAs = path.join(environment.dataFolder, `${KEPT}${now().replace(/[:.]/g, '-')}.sqlite`);
  await db.backup(keptAs);
  chmodSync(keptAs, OWN_FILE);
  dropOldCopies();
  return inOneGo(() => {
    keepPhotos();
    replaceStudio(db, studio, now());
    return ok({ rooms: studio.rooms.length, items: studio.items.length, keptAs: path.basename(keptAs) });
  });
}

/** What the studio's own lists name twice, rooms or none. */
const listIssues = ({ rules, homes, places, items, rooms }: StudioFile): DoorIssue[] => [
  ...doublesIn(
    rules.map((rule) => rule.ruleId),
    (i) => ['rules', i, 'ruleId'],
  ),
  ...Object.entries({ homes, places, items }).flatMap(([list, rows]) =>
    doublesIn(
      rows.map((row) => row.id),
      (i) => [list, i, 'id'],
    ),
  ),
  ...doublesIn(
    rooms.map(({ room }) => room.id),
    (i) => ['rooms', i, 'room', 'id'],
  ),
];

/** What was there before a restore is kept in copies, of which the newest stay. */
const KEPT = 'before-restore-';
const KEPT_COPIES = 3;

function dropOldCopies(): void {
  const copies = readdirSync(environment.dataFolder)
    .filter((name) => name.startsWith(KEPT))
    .sort();
  for (const name of copies.slice(0, -KEPT_COPIES))
    rmSync(path.join(environment.dataFolder, name), { force: true });
}
