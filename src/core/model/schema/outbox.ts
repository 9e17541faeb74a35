/** What a page keeps in the browser until the studio has confirmed it. */
import { z } from 'zod';
import { changeSchema } from '../changeSchema';
import { itemSchema, placeSchema, roomFileSchema } from '../schema';
import { id } from './parts';

/**
 * Changes that are sent together; one act of a group moves as many pieces as a look holds. The id is known again
 * when the answer was lost and they are sent once more.
 */
export const batchSchema = z.strictObject({ id, changes: z.array(changeSchema).min(1).max(1000) });
export type Batch = z.infer<typeof batchSchema>;
/** Batches of a room in the order in which they are sent, and the revision that they were made on. */
export const outboxSchema = z.strictObject({
  baseRevision: z.number().int().min(0),
  batches: z.array(batchSchema).min(1),
});

/** Changes of the stash, each for itself: a thing as it was and as it is to be, new things, or a storage place. */
export const waitingSchema = z
  .array(
    z.discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('item'), id: z.string(), before: itemSchema, after: itemSchema }),
      z.strictObject({ kind: z.literal('new'), id: z.string(), items: z.array(itemSchema).min(1).max(5000) }),
      z.strictObject({ kind: z.literal('place'), id: z.string(), place: placeSchema }),
    ]),
  )
  .min(1);
export type KeptWaiting = z.infer<typeof waitingSchema>;

/** A room that was begun, and the home of the studio that it is in. */
export const unsentRoomSchema = z.strictObject({ file: roomFileSchema, homeId: id.nullable() });
