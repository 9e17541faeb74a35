/** What the nouns of the room file are made of. Lengths in mm, money in the studio’s smallest coin. */
import { z } from 'zod';
import { PATTERN_KINDS } from '../values/item';
import { CORDS } from '../values/look';

export const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);

/** A character that no text holds: half of a surrogate pair, or a control character that is no line break or tab. */
const UNWRITABLE = /[\p{Cs}\0-\x08\x0b\x0c\x0e-\x1f\x7f-\x9f]/u;
/** Line breaks and tabs: right in a note, wrong in a name. */
const BREAKS = /[\t\n\r]/;
const isWritable = (value: string): boolean => !UNWRITABLE.test(value);
const isOneLine = (value: string): boolean => isWritable(value) && !BREAKS.test(value);
const CANNOT_KEEP = 'It has a control character or a broken character in it';
/** Text of one or more lines. */
export const text = (most: number) => z.string().max(most).refine(isWritable, CANNOT_KEEP);
/** Text of one line; blanks at its ends do not count. */
export const line = (least: number, most: number) =>
  z.string().trim().min(least).max(most).refine(isOneLine, CANNOT_KEEP);
export const name = line(1, 80);
export const note = text(2000);
export const lengthMm = z.number().min(0).max(100_000);
export const sizeMm = z.number().gt(0).max(100_000);
export const placeMm = z.number().min(-100_000).max(100_000);
export const money = z.number().int().min(0).max(100_000_000);
/** A day of the calendar, and a moment in universal time. */
export const day = z.iso.date();
export const moment = z.iso.datetime();
export const dayOrNull = day.nullable();
/** A child's age in years. */
export const age = z.number().min(0).max(17);
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
  name: text(60).optional(),
  share: z.number().gt(0).max(1),
});
export const swatches = z.array(swatchSchema).min(1).max(8);
export const patternSchema = z.strictObject({
  kind: z.enum(PATTERN_KINDS),
  repeatMm: lengthMm,
});
/** A point on a photo, in shares of its sides. */
export const photoPoint = z.strictObject({ x: z.number().min(-1).max(2), y: z.number().min(-1).max(2) });
