import type { openRoomAction } from '../../../actions/room';
import type { Plan } from '../../../core/plan/planLook';

/** A room as the studio hands it out: file, revision, and what undo and redo would take. */
export type OpenRoom = NonNullable<Awaited<ReturnType<typeof openRoomAction>>>;

/** A room as its page is opened: with the plans that it shows first. */
export type RoomPage = { opened: OpenRoom; plans: readonly Plan[] };
