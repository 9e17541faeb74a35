import 'server-only';
import { nanoid } from 'nanoid';
import { fail, ok, type Result } from '../core/base/result';
import { stableText } from '../core/base/stable';
import type { Lab } from '../core/colour/spaces';
import { applyChange, type Change } from '../core/model/change';
import { ROOM_FILE_VERSION, roomFileSchema } from '../core/model/schema';
import { upgradeRoomFile } from '../core/model/upgrade';
import type { RoomFile } from '../core/model/types';
import type { Elevation } from '../core/room/shape';
import { planLook, type Plan } from '../core/plan/planLook';
import type { FamilyPlan } from '../core/spread/planSpread';
import { checkRoomFile } from '../core/stages/measure/check';
import { inEntry, JournalConflict, lastEntries, nextEntry, replay, type Label } from '../data/journal';
import { countItems, itemsByIds, saveItem } from '../data/itemRepository';
import { loadPlaces, savePlace } from '../data/placeRepository';
import {
  bumpRevision,
  deleteRoom,
  dropEmptyHomes,
  insertRoom,
  loadHome,
  loadHomes,
  loadRevision,
  loadRoom,
  loadRoomFile,
  loadRoomHeads,
  loadRoomsOfHome,
  loadRules,
  saveHome,
  saveRoom,
  saveRules,
  type RoomHead,
} from '../data/roomRepository';
import { changesOf } from '../data/rows';
import { studioName } from '../data/studioRepository';
import { measureIssues, schemaIssues, type DoorIssue } from './issues';
import { keepPhotos, photosForFile, readPhotoFiles } from './photos';
import { now, studioDatabase } from './studio';

export type RoomState = { revision: number; undo: Label | null; redo: Label | null };
export type OpenRoom = RoomState & { file: RoomFile };
export type ChangeIssue =
  | { code: 'not-found' }
  | { code: 'stale'; revision: number; since: Label[] }
  | { code: 'refused'; issues: DoorIssue[] }
  | { code: 'nothing-to-undo' }
  | { code: 'stands-in-the-way' };

const stateOf = (roomId: string | null): RoomState => {
  const db = studioDatabase();
  return {
    revision: roomId ? loadRevision(db, roomId).revision : 0,
    undo: nextEntry(db, roomId, 'undo')?.label ?? null,
    redo: nextEntry(db, roomId, 'redo')?.label ?? null,
  };
};

export function openRoom(roomId: string): OpenRoom | undefined {
  const db = studioDatabase();
  const file = loadRoomFile(db, roomId, true);
  return file && { file, ...stateOf(roomId) };
}

export const roomState = (roomId: string): RoomState => stateOf(roomId);

/** Carries changes out in one transaction, if they start from the room as it now is and leave it sound. */
export function changeRoom(
  roomId: string,
  baseRevision: number,
  changes: readonly Change[],
): Result<RoomState, ChangeIssue> {
  const db = studioDatabase();
  return db
    .transaction((): Result<RoomState, ChangeIssue> => {
      const loaded = loadRoomFile(db, roomId);
      if (!loaded) return fail<ChangeIssue>({ code: 'not-found' });
      const { revision } = loadRevision(db, roomId);
      if (revision !== baseRevision)
        return fail<ChangeIssue>({
          code: 'stale',
          revision,
          since: lastEntries(db, roomId, Math.max(1, revision - baseRevision)).map((e) => e.label),
        });
      const before = withItems(loaded, changes);
      const after = changes.reduce(applyChange, before);
      const old = new Set(checkRoomFile(before).map((i) => `${i.code}/${i.about}/${i.field}`));
      const refused = checkRoomFile(after).filter(
        (i) => i.level === 'refuse' && !old.has(`${i.code}/${i.about}/${i.field}`),
      );
      if (refused.length > 0) return fail<ChangeIssue>({ code: 'refused', issues: measureIssues(refused) });
      const main =
        changes.find((c) => c.do !== 'putItem' && c.do !== 'moveItem' && c.do !== 'markReadings') ??
        changes[0]!;
      inEntry(db, roomId, labelOf(main, before), now(), () => {
        const known = new Map(before.items.map((i) => [i.id, stableText(i)]));
        for (const item of after.items) if (known.get(item.id) !== stableText(item)) saveItem(db, item);
        saveRules(db, before.rules, after.rules);
        saveRoom(db, before, after);
      });
      bumpRevision(db, roomId, now());
      return ok(stateOf(roomId));
    })
    .immediate();
}

/** The file with the stash's things that the changes speak of and it does not hold yet. */
function withItems(file: RoomFile, changes: readonly Change[]): RoomFile {
  const spoken = changes.flatMap((c) =>
    c.do === 'putItem'
      ? [c.item.id]
      : c.do === 'putDressing'
        ? [c.dressing.itemId ?? [], c.dressing.sheer?.itemId ?? []].flat()
        : c.do === 'putHanging'
          ? [c.hanging.itemId, c.hanging.print?.itemId ?? []].flat()
          : c.do === 'putPlacement'
            ? [c.placement.itemId]
            : c.do === 'putFound'
              ? [c.found.itemId]
              : c.do === 'moveItem'
                ? [c.id]
                : [],
  );
  const missing = spoken.filter((id) => !file.items.some((i) => i.id === id));
  return missing.length === 0
    ? file
    : { ...file, items: [...file.items, ...itemsByIds(studioDatabase(), missing)] };
}

const namedThing = (file: RoomFile, id: string): string =>
  [...file.openings, ...file.fittings, ...file.pieces].find((x) => x.id === id)?.name ?? file.room.name;

function labelOf(change: Change, file: RoomFile): Label {
  const item = (id: string | null | undefined) => file.items.find((i) => i.id === id)?.name;
  const named = <T extends { id: string; name: string }>(rows: readonly T[], id: string) =>
    rows.find((r) => r.id === id)?.name;
  const look = (lookId: string) => file.looks.find((l) => l.id === lookId);
  const label = (name: string | undefined): Label => ({ code: change.do, ...(name ? { name } : {}) });
  switch (change.do) {
    case 'setRoom':
      return label(change.room.name);
    case 'setHome':
      return label(change.home.name);
    case 'putOpening':
      return label(change.opening.name);
    case 'removeOpening':
      return label(named(file.openings, change.id));
    case 'putFitting':
      return label(change.fitting.name);
    case 'removeFitting':
      return label(named(file.fittings, change.id));
    case 'putPiece':
      return label(change.piece.name);
    case 'removePiece':
      return label(named(file.pieces, change.id));
    case 'putItem':
      return label(change.item.name);
    case 'moveItem':
      return label(item(change.id));
    case 'putLook':
      return label(change.look.name);
    case 'copyLook':
      return label(change.name);
    case 'removeLook':
      return label(look(change.id)?.name);
    case 'putDressing':
      return label(named([...file.openings, ...file.fittings], change.dressing.openingId));
    case 'removeDressing':
      return label(
        named(
          [...file.openings, ...file.fittings],
          look(change.lookId)?.dressings.find((d) => d.id === change.id)?.openingId ?? '',
        ),
      );
    case 'putHanging':
      return label(item(change.hanging.itemId));
    case 'removeHanging':
      return label(item(look(change.lookId)?.hangings.find((h) => h.id === change.id)?.itemId));
    case 'putGroup':
      return label(change.group.name);
    case 'removeGroup':
      return label(look(change.lookId)?.groups.find((g) => g.id === change.id)?.name);
    case 'putPlacement':
      return label(item(change.placement.itemId));
    case 'removePlacement':
      return label(item(look(change.lookId)?.placements.find((p) => p.id === change.id)?.itemId));
    case 'markReadings':
      return label(namedThing(file, change.readings[0]!.about));
    case 'putFound':
      return label(item(change.found.itemId));
    case 'removeFound':
      return label(item(file.clear.found.find((f) => f.id === change.id)?.itemId));
    case 'putIrritation':
      return label(change.irritation.text);
    case 'removeIrritation':
      return label(file.clear.irritations.find((i) => i.id === change.id)?.text);
    case 'putTask':
      return label(change.task.text);
    case 'removeTask':
      return label(file.clear.tasks.find((t) => t.id === change.id)?.text);
    case 'putBeforePhoto':
    case 'removeBeforePhoto':
      return label(file.room.name);
    case 'setRule':
      return label(change.rule.ruleId);
    case 'dropRule':
      return label(change.ruleId);
  }
}

/**
 * Takes back the room's last act, or does the last one taken back again; with roomId null the studio's own
 * (rooms made and removed).
 */
export function replayRoom(
  roomId: string | null,
  way: 'undo' | 'redo',
): Result<RoomState & { label: Label; file: RoomFile | null }, ChangeIssue> {
  const db = studioDatabase();
  try {
    return db
      .transaction((): Result<RoomState & { label: Label; file: RoomFile | null }, ChangeIssue> => {
        const entry = nextEntry(db, roomId, way);
        if (!entry) return fail<ChangeIssue>({ code: 'nothing-to-undo' });
        replay(db, entry, way);
        if (roomId) bumpRevision(db, roomId, now());
        return ok({
          ...stateOf(roomId),
          label: entry.label,
          file: roomId ? (loadRoomFile(db, roomId, true) ?? null) : null,
        });
      })
      .immediate();
  } catch (error) {
    if (error instanceof JournalConflict) return fail<ChangeIssue>({ code: 'stands-in-the-way' });
    throw error;
  }
}

export type ImportNote =
  | { code: 'rule-kept'; ruleId: string }
  | { code: 'item-renumbered'; from: string; to: string }
  | { code: 'room-renumbered'; from: string; to: string };

/**
 * Takes a room file in. The file's own ids are kept where the studio does not use them for something else.
 */
export async function importRoom(
  input: unknown,
): Promise<Result<{ id: string; notes: ImportNote[] }, DoorIssue>> {
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
  if (!read.success) return { ok: false, issues: schemaIssues(read.error) };
  const refused = checkRoomFile(read.data).filter((i) => i.level === 'refuse');
  if (refused.length > 0) return { ok: false, issues: measureIssues(refused) };
  const photos = await readPhotoFiles(read.data.photos ?? []);
  if (!photos.ok) return photos;
  const db = studioDatabase();
  return ok(
    db
      .transaction(() => {
        keepPhotos(photos.value);
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
        return { id: file.room.id, notes };
      })
      .immediate(),
  );
}

/** A room begun here: in a home of the studio when one is named, else in the file's own. */
export async function beginRoom(
  input: unknown,
  homeId: string | null,
): Promise<Result<{ id: string }, DoorIssue>> {
  const home = homeId === null ? undefined : loadHome(studioDatabase(), homeId);
  return importRoom(home && typeof input === 'object' && input !== null ? { ...input, home } : input);
}

/** The file with fresh ids wherever the studio already has something else under the id. */
function withFreeIds(file: RoomFile, notes: ImportNote[]): RoomFile {
  const db = studioDatabase();
  const existing = new Map(
    itemsByIds(
      db,
      file.items.map((i) => i.id),
    ).map((i) => [i.id, stableText(i)]),
  );
  const renamed = new Map<string, string>();
  for (const item of file.items) {
    const have = existing.get(item.id);
    if (have !== undefined && have !== stableText(item)) {
      renamed.set(item.id, nanoid(12));
      notes.push({ code: 'item-renumbered', from: item.id, to: renamed.get(item.id)! });
    }
  }
  const itemId = (id: string) => renamed.get(id) ?? id;
  const home = loadHome(db, file.home.id);
  const homeTaken = home !== undefined && stableText(home) !== stableText(file.home);
  const roomTaken = loadRoom(db, file.room.id) !== undefined;
  const roomId = roomTaken ? nanoid(12) : file.room.id;
  if (roomTaken) notes.push({ code: 'room-renumbered', from: file.room.id, to: roomId });
  return {
    ...file,
    home: homeTaken ? { ...file.home, id: nanoid(12) } : file.home,
    room: { ...file.room, id: roomId },
    items: file.items.map((i) => ({ ...i, id: itemId(i.id) })),
    clear: {
      ...file.clear,
      found: file.clear.found.map((f) => ({ ...f, itemId: itemId(f.itemId) })),
      tasks: file.clear.tasks.map((t) => ({ ...t, itemId: t.itemId && itemId(t.itemId) })),
    },
    looks: file.looks.map((l) => ({
      ...l,
      dressings: l.dressings.map((d) => ({
        ...d,
        itemId: d.itemId && itemId(d.itemId),
        sheer: d.sheer && { ...d.sheer, itemId: d.sheer.itemId && itemId(d.sheer.itemId) },
      })),
      hangings: l.hangings.map((h) => ({
        ...h,
        itemId: itemId(h.itemId),
        print: h.print && { ...h.print, itemId: h.print.itemId && itemId(h.print.itemId) },
      })),
      placements: l.placements.map((p) => ({ ...p, itemId: itemId(p.itemId) })),
    })),
  };
}

export const roomsOfHome = (homeId: string, butRoomId: string): { id: string; name: string }[] =>
  loadRoomsOfHome(studioDatabase(), homeId).filter((r) => r.id !== butRoomId);

/** The room as a file; photos stay here unless they are asked for, since they show someone's home. */
export function exportRoom(roomId: string, withPhotos = false): RoomFile | undefined {
  const file = loadRoomFile(studioDatabase(), roomId);
  if (!file || !withPhotos) return file;
  const ids = [
    ...file.room.wallPhotos.map((p) => p.photoId),
    ...file.clear.beforePhotos.map((p) => p.photoId),
    ...file.items.flatMap((i) => i.photoId ?? []),
  ];
  return { ...file, photos: photosForFile([...new Set(ids)]) };
}

export function planRoom(
  roomId: string,
  lookId: string | null,
): Result<Plan, { code: 'not-found' | 'no-such-look'; looks: string[] }> {
  const file = exportRoom(roomId);
  if (!file) return fail({ code: 'not-found' as const, looks: [] });
  const look = lookId === null ? file.looks[0] : file.looks.find((l) => l.id === lookId);
  return look
    ? ok(planLook(file, { lookId: look.id }))
    : fail({ code: 'no-such-look' as const, looks: file.looks.map((l) => l.id) });
}

export function removeRoom(roomId: string): boolean {
  const db = studioDatabase();
  return db
    .transaction(() => {
      const room = loadRoom(db, roomId);
      if (!room) return false;
      inEntry(db, null, { code: 'removeRoom', name: room.room.name }, now(), () => {
        deleteRoom(db, roomId);
        dropEmptyHomes(db);
      });
      return true;
    })
    .immediate();
}

/** The wall on which most is dressed, for a room's card. */
const fullest = (elevations: readonly Elevation[]): Elevation =>
  elevations.reduce((best, e) =>
    e.shapes.filter((s) => !s.fixed).length > best.shapes.filter((s) => !s.fixed).length ? e : best,
  );

export type RoomCard = {
  id: string;
  name: string;
  homeName: string;
  homeId: string;
  families: FamilyPlan[];
  stages: Plan['stages'];
  wall: Elevation;
  floor: Lab;
  lookName: string;
  looks: number;
  open: number;
};
export type HomePage = {
  studio: string;
  rooms: RoomCard[];
  others: RoomHead[];
  items: number;
  homes: { id: string; name: string }[];
  undo: Label | null;
};

// a card is planned anew when its room, or what its room is dressed with, is no longer as it was
const cards = new WeakMap<
  ReturnType<typeof studioDatabase>,
  { changes: string; byRoom: Map<string, { told: string; card: RoomCard }> }
>();

function cardOf(file: RoomFile): RoomCard {
  const look = file.looks.find((l) => l.season !== null) ?? file.looks[file.looks.length - 1]!;
  const plan = planLook(file, { lookId: look.id });
  // the valance of a card shows shares alone
  const families = plan.spread.families.map((f) => ({
    ...f,
    things: [],
    spread: { ...f.spread, places: [] },
  }));
  return {
    id: file.room.id,
    name: file.room.name,
    homeName: file.home.name,
    homeId: file.home.id,
    families,
    stages: plan.stages,
    wall: fullest(plan.elevations),
    floor: file.room.floorFinish.colours[0]!,
    lookName: look.name,
    looks: file.looks.length,
    open: plan.findings.filter((f) => f.stage !== 'fitting' && (f.level === 'caution' || f.level === 'stop'))
      .length,
  };
}

/**
 * The rooms of the studio, the newest-changed first: as many as asked with what is next in each, planned in
 * their last look, the others by name.
 */
export function homePage(limit: number): HomePage {
  const db = studioDatabase();
  const heads = loadRoomHeads(db);
  const changes = changesOf(db);
  const kept = cards.get(db) ?? { changes, byRoom: new Map<string, { told: string; card: RoomCard }>() };
  const rooms = heads.slice(0, limit).map(({ id }): RoomCard => {
    const known = kept.byRoom.get(id);
    if (known && kept.changes === changes) return known.card;
    const file = loadRoomFile(db, id, true)!;
    const told = JSON.stringify(file);
    const card = known?.told === told ? known.card : cardOf(file);
    kept.byRoom.set(id, { told, card });
    return card;
  });
  const shown = new Set(rooms.map((r) => r.id));
  for (const id of kept.byRoom.keys()) if (!shown.has(id)) kept.byRoom.delete(id);
  cards.set(db, { ...kept, changes });
  return {
    studio: studioName(db),
    rooms,
    others: heads.slice(limit),
    items: countItems(db),
    homes: loadHomes(db).map(({ id, name }) => ({ id, name })),
    undo: nextEntry(db, null, 'undo')?.label ?? null,
  };
}

export type { Label };
