/** What the studio owns, orders or has let go, and the places where it is kept. */
import { z } from 'zod';
import { LIMITS } from '../limits';
import {
  BEDDING,
  CARES,
  CLOSURES,
  FIBRES,
  FILLS,
  FRONTS,
  ITEM_KINDS,
  ITEM_STATES,
  METALS,
  SEASONS,
  SHEENS,
  STORAGE_KINDS,
  TEXTURES,
} from '../values/item';
import {
  id,
  name,
  note,
  text,
  lengthMm,
  sizeMm,
  money,
  dayOrNull,
  swatches,
  patternSchema,
  photoPoint,
} from './parts';

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
const pointOnCloth = { xMm: lengthMm, yMm: lengthMm };
/** A cover that is to be cut from a cloth, by its finished size. */
export const coverToCutSchema = z.strictObject({
  id,
  widthMm: sizeMm,
  heightMm: sizeMm,
  count: z.number().int().min(1).max(40),
  closure: z.enum(CLOSURES),
  front: z.enum(FRONTS),
  hasPlainBack: z.boolean(),
});
/**
 * A cloth that is cut: across from its left selvedge, along from its upper end. Middles of its motifs, how wide its borders
 * are, what can't be used, and where its corners are on its photo, from the upper left, clockwise.
 */
export const clothSchema = z.strictObject({
  motifs: z.array(z.strictObject(pointOnCloth)).max(LIMITS.cloth.motifs),
  leftBorderMm: lengthMm,
  rightBorderMm: lengthMm,
  flaws: z
    .array(z.strictObject({ ...pointOnCloth, widthMm: sizeMm, heightMm: sizeMm }))
    .max(LIMITS.cloth.flaws),
  hasGrain: z.boolean(),
  corners: z.tuple([photoPoint, photoPoint, photoPoint, photoPoint]).nullable(),
  covers: z.array(coverToCutSchema).max(LIMITS.cloth.covers),
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
  /** What bedding is; null for everything else, and while nobody said. */
  bedding: z.enum(BEDDING).nullable(),
  /** How warm it keeps, in togs; null while nobody knows. */
  tog: z.number().min(0).max(60).nullable(),
  /** How deep the pocket of a fitted sheet is; null while nobody measured it. */
  pocketMm: lengthMm.nullable(),
  metal: z.enum(METALS).nullable(),
  /** How it is cut, where it is a cloth that is. */
  cloth: clothSchema.nullable(),
  glazed: z.boolean(),
  washable: z.boolean(),
  care: z.array(careSchema).max(7),
  defects: text(400),
  defectsLit: text(400),
  poisonous: z.boolean(),
  scented: z.boolean(),
  /** A candle without a flame. */
  battery: z.boolean(),
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
