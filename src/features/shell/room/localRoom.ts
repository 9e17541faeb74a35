import type { Change } from '../../../core/model/change';
import { applyKept } from '../../../core/room/approval';
import { upgradeRoomFile } from '../../../core/model/upgrade';
import type { RoomFile } from '../../../core/model/types';
import type { Snapshot } from './saver';

/** Where a local room is kept between visits. */
export type Store = { read: () => string | null; write: (text: string) => void };

/**
 * A room kept in this browser only: changes, undo and redo, and what was typed is there again after a reload.
 */
export function createLocalRoom(begin: () => RoomFile, store: Store) {
  let earlier: RoomFile[] = [];
  let future: RoomFile[] = [];
  const listeners = new Set<() => void>();
  const label = (file: RoomFile) => ({ code: 'setRoom', name: file.room.name });
  const snapshotOf = (file: RoomFile): Snapshot => ({
    file,
    saving: { state: 'saved' },
    said: null,
    labels: { undo: earlier.length > 0 ? label(file) : null, redo: future.length > 0 ? label(file) : null },
  });
  let snapshot = snapshotOf(begin());
  const show = (file: RoomFile, keep = true) => {
    snapshot = snapshotOf(file);
    if (keep) store.write(JSON.stringify(file));
    for (const l of listeners) l();
  };
  return {
    change: (changes: Change[]): void => {
      earlier = [...earlier.slice(-99), snapshot.file];
      future = [];
      show(changes.reduce(applyKept, snapshot.file));
    },
    replay: async (way: 'undo' | 'redo'): Promise<void> => {
      const [source, target] = way === 'undo' ? [earlier, future] : [future, earlier];
      const next = source[source.length - 1];
      if (!next) return;
      const rest = source.slice(0, -1);
      const other = [...target, snapshot.file];
      [earlier, future] = way === 'undo' ? [rest, other] : [other, rest];
      show(next);
    },
    takeFresh: async (): Promise<void> => undefined,
    /** What was kept at an earlier visit; something unreadable leaves the usual beginning. */
    wake: (): void => {
      const kept = store.read();
      if (kept === null) return;
      try {
        show(upgradeRoomFile(JSON.parse(kept)) as RoomFile, false);
      } catch {
        store.write(JSON.stringify(snapshot.file));
      }
    },
    subscribe: (listener: () => void) => {
      listeners.add(listener);
      return () => {
        listeners.delete(listener);
      };
    },
    snapshot: () => snapshot,
  };
}
