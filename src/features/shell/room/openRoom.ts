import type { openRoomAction } from '../../../actions/room';

/** A room as the studio hands it out: file, revision, and what undo and redo would take. */
export type OpenRoom = NonNullable<Awaited<ReturnType<typeof openRoomAction>>>;
