/** Acts on the rooms of a scratch studio, made afresh for each test of the file that asks for it. */
import { afterEach, beforeEach } from 'vitest';
import { applyChange, type Change } from '../../src/core/model/change';
import type { RoomFile, StudioFile } from '../../src/core/model/types';
import { inEntry, nextEntry, replay } from '../../src/data/journal';
import { saveRules } from '../../src/data/ownRuleRepository';
import { loadRoomFile, saveRoom } from '../../src/data/roomRepository';
import type { StudioDatabase } from '../../src/data/rows';
import { replaceStudio } from '../../src/data/studioRepository';
import { NOON, scratchStudio } from './database';

export let studio: ReturnType<typeof scratchStudio>;
export let db: StudioDatabase;
/** Closes the database and opens it again, as a new start of the server does. */
export function reopen(): void {
  db.close();
  db = studio.open();
}

export const put = (s: StudioFile) => db.transaction(() => replaceStudio(db, s, NOON))();
beforeEach(() => {
  studio = scratchStudio();
  db = studio.open();
});
afterEach(() => studio.remove());

export const room = (id: string): RoomFile => loadRoomFile(db, id)!;
/** Carries changes out as one act on a room, as the use case does. */
export function act(id: string, ...changes: Change[]): RoomFile {
  const previous = room(id);
  const changed = changes.reduce(applyChange, previous);
  db.transaction(() =>
    inEntry(db, id, { code: changes[0]!.do }, NOON, () => {
      saveRules(db, previous.rules, changed.rules);
      saveRoom(db, previous, changed);
    }),
  )();
  return room(id);
}
export const back = (id: string | null, way: 'undo' | 'redo' = 'undo') =>
  db.transaction(() => replay(db, nextEntry(db, id, way)!, way))();
