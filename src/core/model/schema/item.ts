/** What the studio owns, orders or has let go, and the places where it is kept. */
import { z } from 'zod';
import {
  CARES,
  FIBRES,
  FILLS,
  ITEM_KINDS,
  ITEM_STATES,
  SEASONS,
  SHEENS,
  STORAGE_KINDS,
  TEXTURES,
} from '../values/item';
import { id, name, note, text, lengthMm, sizeMm, money, dayOrNull, swatches, patternSchema } from './parts';

export const seasonSchema = z.enum(SEASONS);
export const itemKindSchema = z.enum(ITEM_KINDS);
export const textureSchema = z.enum(TEXTURES);
export const fibreSchema = z.enum(FIBRES);
export const careSchema = z.enum(CARES);
/** Reflectance from 400 to 700 nm, every 10 nm. */
export const spectrumSchema = z.array(z.number().min(0).max(1.5)).length(31);
/**
 * What is looked for where nothing is owned yet: how many, from which size to which, and the most it may cost. Its size and
 * colours as an item are what it is drawn with.
 */
export const wishSchema = z.strictObject({
  count: z.number().int().min(1).max(500),
  widthMm: z.tuple([sizeMm, sizeMm]),
  heightMm: z.tuple([sizeMm, sizeMm]),
  mostPrice: money.nullable(),
});
export const itemSchema = z.strictObject({
  id,
  name,
  kind: itemKindSchema,
  count: z.number().int().min(0).max(10_000),
  setOf: z.number().int().min(1).max(1000),
  widthMm: sizeMm,
  heightMm: sizeMm,
  depthMm: lengthMm,
  /** Round covers and inserts are as wide as they are high. */
  round: z.boolean(),
  colours: swatches,
  pattern: patternSchema,
  texture: textureSchema,
  /** The other face of a reversible textile. */
  back: z.strictObject({ colours: swatches, pattern: patternSchema, texture: textureSchema }).nullable(),
  sheen: z.enum(SHEENS),
  fibre: fibreSchema,
  clothGsm: z.number().min(0).max(5000),
  massG: z.number().min(0).max(500_000),
  fill: z.enum(FILLS),
  glazed: z.boolean(),
  washable: z.boolean(),
  care: z.array(careSchema).max(7),
  defects: text(400),
  defectsLit: text(400),
  poisonous: z.boolean(),
  scented: z.boolean(),
  state: z.enum(ITEM_STATES),
  /** Set while it is only wished for; null for what there is. */
  wish: wishSchema.nullable(),
  price: money,
  source: text(80),
  boughtOn: dayOrNull,
  dueOn: dayOrNull,
  returnBy: dayOrNull,
  tagsOn: z.boolean(),
  season: z.array(seasonSchema).max(4),
  seasonsServed: z.number().int().min(0).max(400),
  placeId: id.nullable(),
  roomId: id.nullable(),
  whereabouts: text(80),
  photoId: id.nullable(),
  /**
   * How the colours came to be known, and what they were before the cast was taken out, or before the thing
   * was seen.
   */
  colourFrom: z.enum(['typed', 'photo', 'corrected', 'reader']),
  seen: z.boolean(),
  rawColours: swatches.nullable(),
  relied: swatches.nullable(),
  spectrum: spectrumSchema.nullable(),
  note,
});
export const placeSchema = z.strictObject({
  id,
  name,
  kind: z.enum(STORAGE_KINDS),
  roomId: id.nullable(),
  widthMm: sizeMm,
  depthMm: sizeMm,
  heightMm: sizeMm,
  note: text(400),
});
