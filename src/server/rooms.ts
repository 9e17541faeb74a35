import 'server-only';
import { nanoid } from 'nanoid';
import { fail, ok, type Result } from '../core/base/result';
import { stableText } from '../core/base/stable';
import { listChange, type Change } from '../core/model/change';
import { applyKept } from '../core/room/approval';
import { itemIdsOf } from '../core/model/nouns';
import type { RoomFile } from '../core/model/types';
import { checkHung } from '../core/stages/measure/checkHung';
import { batchRevision, rememberBatch } from '../data/batchRepository';
import { dropEmptyHomes } from '../data/homeRepository';
import { inEntry, JournalConflict, lastEntries, nextEntry, replay, type Label } from '../data/journal';
import { itemsByIds, saveItem } from '../data/itemRepository';
import { saveRules } from '../data/ownRuleRepository';
import { savePlace } from '../data/placeRepository';
import {
  bumpRevision,
  deleteRoom,
  loadRevision,
  loadRoom,
  loadRoomFile,
  loadRoomsOfHome,
  saveRoom,
} from '../data/roomRepository';
import { labelOf } from './changeLabel';
import { inOneGo } from './inOneGo';
import { measureIssues, type DoorIssue } from './issues';
import { photosForFile } from './photos';
import { newRoomIssues } from './sound';
import { oversizedIssues } from './stash/stash';
import { now, studioDatabase } from './studio';

export type RoomState = { revision: number; undo: Label | null; redo: Label | null };
export type OpenRoom = RoomState & { file: RoomFile };
export type ChangeIssue =
  | { code: 'not-found' }
  | { code: 'stale'; revision: number; since: Label[] }
  | { code: 'refused'; issues: DoorIssue[] }
  | { code: 'disk-full' }
  | { code: 'nothing-to-undo' }
  | { code: 'stands-in-the-way' };

/** What goes along with an act, which is told by the rest. */
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

/**
 * Applies changes in one transaction, if they start from the room as it is now and leave it sound. A batch that was
 * written already, whose answer was lost, is answered as it was then.
 */
export function changeRoom(
  roomId: string,
  baseRevision: number,
  changes: readonly Change[],
  batchId: string = nanoid(12),
): Result<RoomState, ChangeIssue> {
  const db = studioDatabase();
  return written(() => {
    const already = batchRevision(db, batchId, roomId);
    if (already !== undefined) {
      const state = stateOf(roomId);
      // what the page has seen since is not taken from it
      return ok({ ...state, revision: Math.max(already, Math.min(baseRevision, state.revision)) });
    }
    const loaded = loadRoomFile(db, roomId);
    if (!loaded) return fail<ChangeIssue>({ code: 'not-found' });
    const { revision } = loadRevision(db, roomId);
    if (revision !== baseRevision)
      return fail<ChangeIssue>({
        code: 'stale',
        revision,
        since: lastEntries(db, roomId, Math.max(1, revision - baseRevision)).map((e) => e.label),
      });
    const previous = withItems(loaded, changes);
    const next = changes.reduce(applyKept, previous);
    const issues = [
      ...newRoomIssues(previous, next),
      ...measureIssues(checkHung(previous, changes)),
      ...oversizedIssues(changes.flatMap((c) => (c.do === 'putItem' ? [c.item] : []))),
    ];
    if (issues.length > 0) return fail<ChangeIssue>({ code: 'refused', issues });
    inEntry(db, roomId, labelOf(changes, previous), now(), () => {
      const known = new Map(previous.items.map((i) => [i.id, stableText(i)]));
      for (const item of next.items) if (known.get(item.id) !== stableText(item)) saveItem(db, item);
      const places = new Map(previous.places.map((place) => [place.id, place]));
      for (const place of next.places) if (places.get(place.id) !== place) savePlace(db, place);
      saveRules(db, previous.rules, next.rules);
      saveRoom(db, previous, next);
    });
    bumpRevision(db, roomId, now());
    rememberBatch(db, batchId, roomId, revision + 1);
    return ok(stateOf(roomId));
  });
}

/** One transaction, with what the studio or its disk refuse among the issues of a change. */
function written<T>(work: () => Result<T, ChangeIssue>): Result<T, ChangeIssue> {
  const result = inOneGo(work);
  if (result.ok) return result;
  const [issue] = result.issues;
  if (!('path' in issue)) return fail<ChangeIssue>(issue);
  if (issue.code === 'disk-full') return fail<ChangeIssue>({ code: 'disk-full' });
  return fail<ChangeIssue>({ code: 'refused', issues: result.issues.filter((i) => 'path' in i) });
}

/** The file with the stash's things that the changes refer to and it does not hold yet. */
function withItems(file: RoomFile, changes: readonly Change[]): RoomFile {
  const missing = changes.flatMap(itemsSpokenOf).filter((id) => !file.items.some((i) => i.id === id));
  if (missing.length === 0) return file;
  return { ...file, items: [...file.items, ...itemsByIds(studioDatabase(), missing)] };
}

function itemsSpokenOf(change: Change): string[] {
  if (change.do === 'putItem') return [change.item.id];
  if (change.do === 'moveItem') return [change.id];
  const list = listChange(change);
  return list?.verb === 'put' ? itemIdsOf(list.noun, list.row) : [];
}

/**
 * Undoes the room's last act, or redoes the last one undone; with roomId null the studio's own (rooms made
 * and removed).
 */
export function replayRoom(
  roomId: string | null,
  way: 'undo' | 'redo',
): Result<RoomState & { label: Label; file: RoomFile | null }, ChangeIssue> {
  const db = studioDatabase();
  try {
    return written(() => {
      const entry = nextEntry(db, roomId, way);
      if (!entry) return fail<ChangeIssue>({ code: 'nothing-to-undo' });
      replay(db, entry, way);
      if (roomId) bumpRevision(db, roomId, now());
      return ok({
        ...stateOf(roomId),
        label: entry.label,
        file: roomId ? (loadRoomFile(db, roomId, true) ?? null) : null,
      });
    });
  } catch (error) {
    if (error instanceof JournalConflict) return fail<ChangeIssue>({ code: 'stands-in-the-way' });
    throw error;
  }
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

export type { Label };
