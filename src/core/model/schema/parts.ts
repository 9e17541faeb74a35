/** What the nouns of the room file are made of. Lengths in mm, money in the studio’s smallest coin. */
import { z } from 'zod';
import { CORDS, PATTERN_KINDS } from '../values';

export const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);
export const name = z.string().trim().min(1).max(80);
export const note = z.string().max(2000);
export const lengthMm = z.number().min(0).max(100_000);
export const sizeMm = z.number().gt(0).max(100_000);
export const placeMm = z.number().min(-100_000).max(100_000);
export const money = z.number().int().min(0).max(100_000_000);
/** A day of the calendar, and a moment in universal time. */
export const day = z.iso.date();
export const moment = z.iso.datetime();
export const dayOrNull = day.nullable();
export const share = z.number().min(0).max(1);
export const orNull = <T extends z.ZodType>(schema: T) => schema.nullable();
/** Whether something is moved by a looped cord, as far as is known. */
export const cordSchema = z.enum(CORDS);
export const labSchema = z.strictObject({
  l: z.number().min(0).max(100),
  a: z.number().min(-128).max(128),
  b: z.number().min(-128).max(128),
});
export const swatchSchema = z.strictObject({
  ...labSchema.shape,
  name: z.string().max(60).optional(),
  share: z.number().gt(0).max(1),
});
export const swatches = z.array(swatchSchema).min(1).max(8);
export const patternSchema = z.strictObject({
  kind: z.enum(PATTERN_KINDS),
  repeatMm: lengthMm,
});
