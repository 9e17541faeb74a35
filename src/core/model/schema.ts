/** The room file: the open format in which a room, its looks and the things they use are kept. Lengths in mm. */
import { z } from 'zod';

export const ROOM_FILE_VERSION = 1;

const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);
const name = z.string().trim().min(1).max(80);
const note = z.string().max(2000);
const lengthMm = z.number().min(0).max(100_000);
const sizeMm = z.number().gt(0).max(100_000);
const placeMm = z.number().min(-100_000).max(100_000);
const money = z.number().int().min(0).max(100_000_000);

export const labSchema = z.strictObject({ l: z.number().min(0).max(100), a: z.number().min(-128).max(128), b: z.number().min(-128).max(128) });
const swatchSchema = z.strictObject({ ...labSchema.shape, name: z.string().max(60).optional(), share: z.number().gt(0).max(1) });
const swatches = z.array(swatchSchema).min(1).max(8);
const patternSchema = z.strictObject({ kind: z.enum(['solid', 'stripe', 'check', 'floral', 'motif', 'texture']), repeatMm: lengthMm });

export const flagsSchema = z.strictObject({
  childrenAges: z.array(z.number().min(0).max(17)).max(12), pets: z.boolean(), featherFree: z.boolean(), rented: z.boolean(), wheelchair: z.boolean(),
});
export const homeSchema = z.strictObject({ id, name, flags: flagsSchema });

export const wallSchema = z.strictObject({ id, name: z.string().trim().max(40), xMm: placeMm, yMm: placeMm });
export const unitSchema = z.enum(['in', 'ft-in', 'cm']);
const finishSchema = z.strictObject({ colours: swatches, pattern: patternSchema });

export const roomSchema = z.strictObject({
  id, name, unit: unitSchema, ceilingMm: sizeMm.max(20_000),
  walls: z.array(wallSchema).min(3).max(60),
  wallFinish: finishSchema, floorFinish: finishSchema, trimFinish: finishSchema,
  note,
});

export const openingSchema = z.strictObject({
  id, name, kind: z.enum(['window', 'door', 'arch']), wallId: id,
  xMm: placeMm, widthMm: sizeMm, sillMm: lengthMm, heightMm: sizeMm, trimMm: lengthMm,
  dropsMm: z.strictObject({ left: sizeMm, middle: sizeMm, right: sizeMm }).nullable(),
});

export const fittingSchema = z.strictObject({
  id, name, kind: z.enum(['radiator', 'heater', 'stove', 'socket', 'switch', 'vent', 'tv', 'shelf']), wallId: id,
  xMm: placeMm, widthMm: sizeMm, bottomMm: lengthMm, heightMm: sizeMm, depthMm: lengthMm, colours: swatches,
});

export const pieceSchema = z.strictObject({
  id, name, kind: z.enum(['sofa', 'armchair', 'windowSeat', 'bench', 'bed', 'table', 'chest', 'bookcase', 'lamp', 'rug', 'plant']),
  xMm: placeMm, yMm: placeMm, turnDeg: z.number().min(-360).max(360),
  widthMm: sizeMm, depthMm: sizeMm, heightMm: sizeMm, bottomMm: lengthMm,
  seat: z.strictObject({ widthMm: sizeMm, heightMm: sizeMm, depthMm: sizeMm, seats: z.number().int().min(1).max(12), wantedSitters: z.number().int().min(0).max(12) }).nullable(),
  colours: swatches, pattern: patternSchema,
});

export const itemSchema = z.strictObject({
  id, name, kind: z.enum(['cover', 'insert', 'throw', 'panel', 'art', 'rug', 'lampshade', 'object', 'bedding', 'plant']),
  count: z.number().int().min(0).max(10_000), widthMm: sizeMm, heightMm: sizeMm, depthMm: lengthMm,
  colours: swatches, pattern: patternSchema, texture: z.enum(['smooth', 'linen', 'velvet', 'knit', 'fur', 'boucle', 'tweed', 'embroidered', 'woven', 'hard']),
  clothGsm: z.number().min(0).max(5000), massG: z.number().min(0).max(500_000), fill: z.enum(['feather', 'polyester', 'foam', 'none']),
  glazed: z.boolean(), washable: z.boolean(), price: money, tagsOn: z.boolean(), season: z.array(z.enum(['spring', 'summer', 'autumn', 'winter'])).max(4), whereabouts: z.string().max(80), note,
});

export const headingSchema = z.enum(['rodPocket', 'grommet', 'ringClip', 'pinchPleat']);
export const landingSchema = z.enum(['clear', 'kiss', 'break', 'pool']);
export const routeKindSchema = z.enum(['asItIs', 'otherLanding', 'takeUp', 'longerRings', 'letDown', 'made']);
const orNull = <T extends z.ZodType>(schema: T) => schema.nullable();

export const dressingSchema = z.strictObject({
  id, openingId: id, itemId: orNull(id), heading: headingSchema, landing: landingSchema,
  rodHeightMm: orNull(sizeMm), extensionLeftMm: orNull(lengthMm), extensionRightMm: orNull(lengthMm),
  fullness: orNull(z.number().min(0.5).max(6)), panels: orNull(z.number().int().min(1).max(40)),
  route: orNull(z.strictObject({ kind: routeKindSchema, stockMm: orNull(sizeMm) })), drawn: z.enum(['open', 'closed']),
});

export const hangerSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('wire'), hooks: z.union([z.literal(1), z.literal(2)]), ringDropMm: lengthMm, ringsApartMm: sizeMm, wireMm: sizeMm, hooksApartMm: orNull(sizeMm) }),
  z.strictObject({ kind: z.literal('sawtooth'), dropMm: lengthMm }),
  z.strictObject({ kind: z.literal('dRings'), dropMm: lengthMm, ringsApartMm: sizeMm }),
]);
export const hangingSchema = z.strictObject({
  id, itemId: id, wallId: id, overPieceId: orNull(id), xMm: orNull(placeMm), centreMm: orNull(lengthMm), gapMm: orNull(lengthMm), hanger: hangerSchema,
});

export const placementSchema = z.strictObject({
  id, itemId: id, pieceId: id, as: z.enum(['pillow', 'throw', 'object']), xMm: placeMm, layer: z.number().int().min(0).max(20),
  fill: z.enum(['feather', 'polyester', 'foam']), turned: z.boolean(),
});

export const lookSchema = z.strictObject({
  id, name, season: orNull(z.enum(['spring', 'summer', 'autumn', 'winter'])), order: z.number().int().min(0).max(1000),
  /** Fingerprint of the fitting sheet as it was last taken along; null when none was. */
  sheetTaken: orNull(z.string().max(40)),
  rodLineMm: orNull(sizeMm), plannedShares: orNull(z.tuple([z.number().min(0).max(1), z.number().min(0).max(1), z.number().min(0).max(1)])),
  dressings: z.array(dressingSchema).max(60), hangings: z.array(hangingSchema).max(300), placements: z.array(placementSchema).max(600),
});

export const ownRuleSchema = z.strictObject({ ruleId: z.string().max(80), value: z.union([z.number(), z.array(z.number()).max(60)]).optional(), school: z.string().max(40).optional() });

export const roomFileSchema = z.strictObject({
  rideau: z.literal(ROOM_FILE_VERSION),
  rules: z.array(ownRuleSchema).max(500),
  home: homeSchema, room: roomSchema,
  openings: z.array(openingSchema).max(200), fittings: z.array(fittingSchema).max(400), pieces: z.array(pieceSchema).max(400),
  items: z.array(itemSchema).max(5000), looks: z.array(lookSchema).min(1).max(60),
});

export const studioFileSchema = z.strictObject({
  rideauStudio: z.literal(1), name, rules: z.array(ownRuleSchema).max(500),
  homes: z.array(homeSchema).max(2000), items: z.array(itemSchema).max(50_000),
  rooms: z.array(roomFileSchema.omit({ rideau: true, rules: true, home: true, items: true }).extend({ homeId: id })).max(5000),
});
