/** What was found when the room was cleared, what bothered, what is to be done. */
import { z } from 'zod';
import { LIMITS } from '../limits';
import { TASK_KINDS } from '../values/clear';
import { STAGE_NAMES } from '../finding';
import { id, line, moment } from './parts';

export const verdictSchema = z.enum(['stays', 'moves', 'away', 'letGo', 'mend']);
/** A thing found in the room before it was cleared. */
export const foundSchema = z.strictObject({
  id,
  itemId: id,
  wallId: id.nullable(),
  verdict: verdictSchema.nullable(),
  toRoomId: id.nullable(),
  placeId: id.nullable(),
});
export const stageSchema = z.enum(STAGE_NAMES);
export const irritationSchema = z.strictObject({
  id,
  wallId: id.nullable(),
  text: line(1, 200),
  doneIn: stageSchema.nullable(),
});
export const taskKindSchema = z.enum(TASK_KINDS);
export const taskSchema = z.strictObject({
  id,
  kind: taskKindSchema,
  text: line(1, 200),
  itemId: id.nullable(),
  waitMinutes: z.number().int().min(0).max(1_000_000),
  startedAt: moment.nullable(),
  done: z.boolean(),
});
export const clearSchema = z.strictObject({
  found: z.array(foundSchema).max(LIMITS.clear.found),
  irritations: z.array(irritationSchema).max(LIMITS.clear.irritations),
  tasks: z.array(taskSchema).max(LIMITS.clear.tasks),
  beforePhotos: z
    .array(z.strictObject({ photoId: id, wallId: id.nullable() }))
    .max(LIMITS.clear.beforePhotos),
});
