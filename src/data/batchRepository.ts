import { statement, type StudioDatabase } from './rows';

/** How many batches are remembered, the newest; a page sends again within seconds, an outbox within days. */
const KEPT = 5000;

/** The revision of the room that a batch made, if it was written. */
export const batchRevision = (db: StudioDatabase, id: string, roomId: string): number | undefined =>
  statement(db, 'SELECT revision FROM sent_batch WHERE id = ? AND room_id = ?').pluck().get(id, roomId) as
    number | undefined;

/** Remembers that a batch was written. Call inside the transaction that wrote it. */
export function rememberBatch(db: StudioDatabase, id: string, roomId: string, revision: number): void {
  const { lastInsertRowid } = statement(
    db,
    'INSERT INTO sent_batch (id, room_id, revision) VALUES (?, ?, ?)',
  ).run(id, roomId, revision);
  statement(db, 'DELETE FROM sent_batch WHERE seq <= ?').run(Number(lastInsertRowid) - KEPT);
}
