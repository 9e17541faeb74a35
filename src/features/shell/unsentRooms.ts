import { nanoid } from 'nanoid';
import { beginRoomAction } from '../../actions/studio';
import type { Result } from '../../core/base/result';
import type { RoomFile } from '../../core/model/types';
import { createAside } from './aside';
import { browserStore, createPageOutbox, type OutboxStore } from './pageOutbox';
import { untilAnswered } from './untilAnswered';

type Unsent = { file: RoomFile; homeId: string | null };
type Begun = Result<{ id: string }, { message: string }>;
type Begin = (unsent: Unsent) => Promise<Begun>;

/** Rooms that were begun are kept under this name, and what is set aside of them too. */
export const BEGUN_ROOMS = 'unsent-room';

/** Rooms that a page began and nobody has answered. */
export function createUnsentRooms(pageId: string, store: OutboxStore, begin: Begin) {
  const outbox = createPageOutbox(`rideau:${BEGUN_ROOMS}:`, pageId, store, checkUnsent);
  return {
    /**
     * Begins a room and asks until the studio answers; the room is kept in the browser meanwhile, also when the page is
     * closed. A room sent twice, because its answer was lost, is one room.
     */
    async begin(unsent: Unsent, silent: () => void): Promise<Begun> {
      outbox.write(unsent);
      const result = await untilAnswered(() => begin(unsent), silent);
      outbox.write(null);
      return result;
    },
    /** Sends the rooms that closed pages left behind; a refused one is set aside. Gives how many are there now. */
    async sendLeft(): Promise<number> {
      const left: { unsent: Unsent; taken: () => void }[] = [];
      await outbox.eachLeft(({ value, taken }) => {
        left.push({ unsent: value, taken });
        return 'more';
      });
      let begun = 0;
      for (const { unsent, taken } of left) {
        const result = await begin(unsent);
        if (result.ok) begun++;
        else
          createAside(BEGUN_ROOMS, store).add({
            at: new Date().toISOString(),
            why: result.issues[0].message,
            label: { code: 'importRoom', name: unsent.file.room.name },
            content: unsent.file,
          });
        taken();
      }
      return begun;
    },
  };
}

/** The schema is only fetched when there is something to check. */
async function checkUnsent(kept: unknown): Promise<Unsent | null> {
  const { unsentRoomSchema } = await import('../../core/model/schema/outbox');
  return unsentRoomSchema.safeParse(kept).data ?? null;
}

let page: ReturnType<typeof createUnsentRooms> | null = null;
/** This page's own; only in the browser. */
export const unsentRooms = (): ReturnType<typeof createUnsentRooms> =>
  (page ??= createUnsentRooms(nanoid(8), browserStore, ({ file, homeId }) => beginRoomAction(file, homeId)));
