import type { Batch } from '../../../core/model/schema/outbox';
import { nanoid } from 'nanoid';
import { createPageOutbox, type OutboxStore } from '../pageOutbox';

/** Changes of a room made here that the studio has not confirmed yet, kept in the browser until it has. */
export type Outbox = { baseRevision: number; batches: Batch[] };
/**
 * An outbox that a page left behind when it ended; `taken` is called once its changes are kept by the one
 * that found it.
 */
export type LeftOutbox = Outbox & { taken: () => void };

/** The outbox of one page of a room. */
export function createOutbox(roomId: string, pageId: string, store: OutboxStore) {
  const page = createPageOutbox(`rideau:unsent:${roomId}:`, pageId, store, checkOutbox);
  // its name is held from the start: a page that has written nothing yet may be about to
  page.write(null);
  return {
    write: (outbox: Outbox | null) => page.write(outbox && outbox.batches.length > 0 ? outbox : null),
    async left(): Promise<LeftOutbox | null> {
      let found: LeftOutbox | null = null;
      await page.eachLeft(({ value, taken }) => {
        found = { ...value, taken };
        return 'enough';
      });
      return found;
    },
  };
}

/** The schema of the changes is only fetched when there is something to check. */
async function checkOutbox(kept: unknown): Promise<Outbox | null> {
  const { outboxSchema } = await import('../../../core/model/schema/outbox');
  return outboxSchema.safeParse(withIds(kept)).data ?? null;
}

/** Pages of an earlier version kept a batch as its changes, without an id. */
function withIds(kept: unknown): unknown {
  const { batches } = (kept ?? {}) as { batches?: unknown };
  if (!Array.isArray(batches)) return kept;
  const named = batches.map((batch: unknown) =>
    Array.isArray(batch) ? { id: nanoid(12), changes: batch } : batch,
  );
  return { ...(kept as object), batches: named };
}
