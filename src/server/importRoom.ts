import 'server-only';
import { nanoid } from 'nanoid';
import { failWith, fail, isNonEmpty, ok, type Result } from '../core/base/result';
import { stableText } from '../core/base/stable';
import { mapItemIds } from '../core/model/nouns';
import { ROOM_FILE_VERSION, roomFileSchema } from '../core/model/schema';
import { upgradeRoomFile } from '../core/model/upgrade';
import type { RoomFile } from '../core/model/types';
import { loadHome, saveHome } from '../data/homeRepository';
import { itemsByIds, saveItem } from '../data/itemRepository';
import { inEntry } from '../data/journal';
import { loadRules, saveRules } from '../data/ownRuleRepository';
import { loadPlaces, savePlace } from '../data/placeRepository';
import { bumpRevision, insertRoom, loadRoom } from '../data/roomRepository';
import { doublesIn } from './doubles';
import { takeFileBody } from './fileBody';
import { inOneGo } from './inOneGo';
import { schemaIssues, type DoorIssue } from './issues';
import { keepPhotos, readPhotoFiles } from './photos';
import { roomIssues } from './sound';
import { now, studioDatabase } from './studio';

export type ImportNote =
  | { code: 'rule-kept'; ruleId: string }
  | { code: 'item-renumbered'; from: string; to: string }
  | { code: 'room-renumbered'; from: string; to: string };

type Imported = { id: string; notes: ImportNote[] };

/** Imports the room file in a request's body, up to a limit in bytes. */
export const importRoomBody = (request: Request, limit: number) => takeFileBody(request, limit, importRoom);

/**
 * Imports a room file. Its ids are kept unless the studio already uses them for something else. `keepOthers` keeps
 * photos that came with it and were read before.
 */
export async function importRoom(
  input: unknown,
  keepOthers: () => void = () => undefined,
): Promise<Result<Imported, DoorIssue>> {
  const version = (input as { rideau?: unknown } | null)?.rideau;
  if (typeof input !== 'object' || input === null || version === undefined)
    return fail<DoorIssue>({
      path: ['rideau'],
      code: 'not-a-room-file',
      message: 'This is not a room file: it has no "rideau" version.',
    });
  if (typeof version === 'number' && version > ROOM_FILE_VERSION)
    return fail<DoorIssue>({
      path: ['rideau'],
      code: 'newer-version',
      message: `This room file has version ${version}; this studio reads up to version ${ROOM_FILE_VERSION}.`,
    });
  const read = roomFileSchema.safeParse(upgradeRoomFile(input));
  if (!read.success) return failWith(schemaIssues(read.error));
  const refused = roomIssues(read.data);
  if (isNonEmpty(refused)) return { ok: false, issues: refused };
  const { rules: ownRules, photos: ownPhotos = [] } = read.data;
  const twice = [
    ...doublesIn(
      ownRules.map((rule) => rule.ruleId),
      (i) => ['rules', i, 'ruleId'],
    ),
    ...doublesIn(
      ownPhotos.map((photo) => photo.id),
      (i) => ['photos', i, 'id'],
    ),
  ];
  if (isNonEmpty(twice)) return { ok: false, issues: twice };
  const photos = await readPhotoFiles(ownPhotos);
  if (!photos.ok) return photos;
  const db = studioDatabase();
  return inOneGo(() => {
    keepPhotos(photos.value);
    keepOthers();
    const notes: ImportNote[] = [];
    const file = withFreeIds(read.data, notes);
    inEntry(db, null, { code: 'importRoom', name: file.room.name }, now(), () => {
      const rules = loadRules(db);
      const added = file.rules.filter((r) => !rules.some((o) => o.ruleId === r.ruleId));
      for (const r of file.rules) {
        const own = rules.find((o) => o.ruleId === r.ruleId);
        if (own && JSON.stringify(own) !== JSON.stringify(r))
          notes.push({ code: 'rule-kept', ruleId: r.ruleId });
      }
      saveRules(db, rules, [...rules, ...added]);
      if (!loadHome(db, file.home.id)) saveHome(db, file.home);
      const known = new Set(
        itemsByIds(
          db,
          file.items.map((i) => i.id),
        ).map((i) => i.id),
      );
      const placed = new Set(loadPlaces(db).map((p) => p.id));
      for (const place of file.places) if (!placed.has(place.id)) savePlace(db, place);
      for (const item of file.items) if (!known.has(item.id)) saveItem(db, item);
      insertRoom(db, file);
    });
    bumpRevision(db, file.room.id, now());
    return ok({ id: file.room.id, notes });
  });
}

/** A room begun here: in a home of the studio when one is named, else in the file's own. */
export async function beginRoom(
  input: unknown,
  homeId: string | null,
): Promise<Result<{ id: string }, DoorIssue>> {
  // its id was made for it: a room that has it is this one, whose answer was lost
  const id = (input as { room?: { id?: unknown } } | null)?.room?.id;
  if (typeof id === 'string' && loadRoom(studioDatabase(), id)) return ok({ id });
  const home = homeId === null ? undefined : loadHome(studioDatabase(), homeId);
  return importRoom(home && typeof input === 'object' && input !== null ? { ...input, home } : input);
}

/** The file with fresh ids wherever the studio already has something else under the id. */
function withFreeIds(file: RoomFile, notes: ImportNote[]): RoomFile {
  const db = studioDatabase();
  const renamed = itemsToRename(file);
  for (const [oldId, newId] of renamed) notes.push({ code: 'item-renumbered', from: oldId, to: newId });
  const home = loadHome(db, file.home.id);
  const homeTaken = home !== undefined && stableText(home) !== stableText(file.home);
  const roomTaken = loadRoom(db, file.room.id) !== undefined;
  const roomId = roomTaken ? nanoid(12) : file.room.id;
  if (roomTaken) notes.push({ code: 'room-renumbered', from: file.room.id, to: roomId });
  return {
    ...mapItemIds(file, (id) => renamed.get(id) ?? id),
    home: homeTaken ? { ...file.home, id: nanoid(12) } : file.home,
    room: { ...file.room, id: roomId },
  };
}

/** Items whose id the studio has for another thing, with the id that they get. */
function itemsToRename(file: RoomFile): Map<string, string> {
  const ids = file.items.map((i) => i.id);
  const existing = new Map(itemsByIds(studioDatabase(), ids).map((i) => [i.id, stableText(i)]));
  const taken = file.items.filter((item) => {
    const known = existing.get(item.id);
    return known !== undefined && known !== stableText(item);
  });
  return new Map(taken.map((item) => [item.id, nanoid(12)]));
}
