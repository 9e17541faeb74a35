/**
 * The room file: the open format in which a room, its looks and the things they use are kept. Lengths in mm.
 */
import { z } from 'zod';
import { STAGE_NAMES } from './finding';
import { ROOM_FILE_VERSION, STUDIO_FILE_VERSION } from './version';

export { ROOM_FILE_VERSION, STUDIO_FILE_VERSION };

const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);
const name = z.string().trim().min(1).max(80);
const note = z.string().max(2000);
const lengthMm = z.number().min(0).max(100_000);
const sizeMm = z.number().gt(0).max(100_000);
const placeMm = z.number().min(-100_000).max(100_000);
const money = z.number().int().min(0).max(100_000_000);
/** A day of the calendar, and a moment in universal time. */
const day = z.iso.date();
const moment = z.iso.datetime();
const dayOrNull = day.nullable();
const share = z.number().min(0).max(1);

export const labSchema = z.strictObject({
  l: z.number().min(0).max(100),
  a: z.number().min(-128).max(128),
  b: z.number().min(-128).max(128),
});
const swatchSchema = z.strictObject({
  ...labSchema.shape,
  name: z.string().max(60).optional(),
  share: z.number().gt(0).max(1),
});
const swatches = z.array(swatchSchema).min(1).max(8);
const patternSchema = z.strictObject({
  kind: z.enum(['solid', 'stripe', 'check', 'floral', 'motif', 'texture']),
  repeatMm: lengthMm,
});

export const flagsSchema = z.strictObject({
  childrenAges: z.array(z.number().min(0).max(17)).max(12),
  pets: z.boolean(),
  featherFree: z.boolean(),
  woolFree: z.boolean(),
  scentFree: z.boolean(),
  rented: z.boolean(),
  wheelchair: z.boolean(),
});
export const homeSchema = z.strictObject({ id, name, flags: flagsSchema });

export const wallSchema = z.strictObject({ id, name: z.string().trim().max(40), xMm: placeMm, yMm: placeMm });
export const unitSchema = z.enum(['in', 'ft-in', 'cm']);
const finishSchema = z.strictObject({ colours: swatches, pattern: patternSchema });

/** Where the ceiling comes down to a wall: lowMm at the wall, full height runMm into the room. */
export const slopeSchema = z.strictObject({ wallId: id, lowMm: sizeMm, runMm: sizeMm });
/** A dropped beam that runs along a wall at a distance from it. */
export const beamSchema = z.strictObject({
  id,
  name,
  wallId: id,
  fromWallMm: lengthMm,
  widthMm: sizeMm,
  undersideMm: sizeMm,
});
export const standpointSchema = z.strictObject({
  id,
  name,
  kind: z.enum(['door', 'seat', 'own']),
  xMm: placeMm,
  yMm: placeMm,
  eyeMm: sizeMm.max(2500),
});
const photoPoint = z.strictObject({ x: z.number().min(-1).max(2), y: z.number().min(-1).max(2) });
/**
 * A photo laid under a wall: four corners on the photo (from the top left, clockwise, in shares of its sides)
 * of a rectangle that lies so on the wall.
 */
export const wallPhotoSchema = z.strictObject({
  wallId: id,
  photoId: id,
  corners: z.tuple([photoPoint, photoPoint, photoPoint, photoPoint]),
  xMm: placeMm,
  bottomMm: placeMm,
  widthMm: sizeMm,
  heightMm: sizeMm,
  opacity: share,
});
/** A hole that is in a wall already. */
export const holeSchema = z.strictObject({ id, wallId: id, xMm: placeMm, heightMm: lengthMm });
/** A reading that is a guess, or that was taken twice and came out differently. */
export const readingSchema = z.strictObject({
  about: id,
  field: z.string().max(40),
  guess: z.boolean(),
  secondMm: placeMm.nullable(),
});
export const roomSchema = z.strictObject({
  id,
  name,
  unit: unitSchema,
  ceilingMm: sizeMm.max(20_000),
  /** How far the crown moulding comes down from the ceiling; 0 where there is none. */
  crownMm: lengthMm.max(2000),
  /** What walls and floor are of, for how the room sounds. */
  wallsOf: z.enum(['plasterboard', 'plaster', 'brick', 'wood']),
  floorOf: z.enum(['wood', 'carpet', 'tile', 'concrete']),
  walls: z.array(wallSchema).min(3).max(60),
  holes: z.array(holeSchema).max(600),
  slopes: z.array(slopeSchema).max(60),
  beams: z.array(beamSchema).max(40),
  standpoints: z.array(standpointSchema).max(40),
  seesRoomIds: z.array(id).max(40),
  childsRoom: z.boolean(),
  wallPhotos: z.array(wallPhotoSchema).max(60),
  readings: z.array(readingSchema).max(4000),
  wallFinish: finishSchema,
  floorFinish: finishSchema,
  trimFinish: finishSchema,
  note,
});

export const openingSchema = z.strictObject({
  id,
  name,
  kind: z.enum(['window', 'frenchDoor', 'door', 'arch']),
  wallId: id,
  xMm: placeMm,
  widthMm: sizeMm,
  sillMm: lengthMm,
  heightMm: sizeMm,
  trimMm: lengthMm,
  /**
   * How a window's sashes move, or whether a door swings; leaves are hinged on the side that `hinge` names,
   * or on both.
   */
  opens: z.enum(['fixed', 'sash', 'in', 'out']),
  hinge: z.enum(['none', 'left', 'right', 'both']),
  handleMm: lengthMm,
  revealMm: lengthMm,
  sillDepthMm: lengthMm,
  underMm: lengthMm,
  overlooked: z.boolean(),
  hazy: z.boolean(),
  dropsMm: z.strictObject({ left: sizeMm, middle: sizeMm, right: sizeMm }).nullable(),
});

export const fittingSchema = z.strictObject({
  id,
  name,
  kind: z.enum([
    'fireplace',
    'radiator',
    'heater',
    'stove',
    'socket',
    'switch',
    'vent',
    'tv',
    'shelf',
    'pictureRail',
    'beam',
    'basin',
    'tub',
    'toilet',
    'stairs',
  ]),
  wallId: id,
  /** Stairs along the wall go up to this side; of no meaning for other fittings. */
  rises: z.enum(['left', 'right']),
  xMm: placeMm,
  widthMm: sizeMm,
  bottomMm: lengthMm,
  heightMm: sizeMm,
  depthMm: lengthMm,
  /** The mantel of a fireplace: a surface as wide as this, as deep, its top at this height. */
  mantel: z.strictObject({ widthMm: sizeMm, depthMm: sizeMm, topMm: sizeMm }).nullable(),
  colours: swatches,
});

export const pieceKindSchema = z.enum([
  'sofa',
  'armchair',
  'wingChair',
  'windowSeat',
  'bench',
  'ottoman',
  'bed',
  'cot',
  'bedside',
  'table',
  'coffeeTable',
  'sideTable',
  'console',
  'chest',
  'bookcase',
  'desk',
  'diningTable',
  'diningChair',
  'lamp',
  'floorLamp',
  'tableLamp',
  'rug',
  'plant',
  'mirror',
]);
export const pieceSchema = z.strictObject({
  id,
  name,
  kind: pieceKindSchema,
  xMm: placeMm,
  yMm: placeMm,
  turnDeg: z.number().min(-360).max(360),
  widthMm: sizeMm,
  depthMm: sizeMm,
  heightMm: sizeMm,
  bottomMm: lengthMm,
  seat: z
    .strictObject({
      widthMm: sizeMm,
      heightMm: sizeMm,
      depthMm: sizeMm,
      seats: z.number().int().min(1).max(12),
      wantedSitters: z.number().int().min(0).max(12),
      armHeightMm: lengthMm,
      looseCushions: z.number().int().min(0).max(24),
    })
    .nullable(),
  bed: z.strictObject({ mattressMm: sizeMm, headboardMm: lengthMm, footboardMm: lengthMm }).nullable(),
  /** Tops of a bookcase's shelves above the floor, from the lowest. */
  shelvesMm: z.array(lengthMm).max(40),
  chairs: z.number().int().min(0).max(24),
  colours: swatches,
  pattern: patternSchema,
});

export const seasonSchema = z.enum(['spring', 'summer', 'autumn', 'winter']);
export const itemKindSchema = z.enum([
  'cover',
  'insert',
  'throw',
  'panel',
  'bedding',
  'rug',
  'lampshade',
  'art',
  'mirror',
  'frame',
  'wallPanel',
  'vase',
  'candle',
  'basket',
  'tray',
  'book',
  'object',
  'plant',
]);
export const textureSchema = z.enum([
  'smooth',
  'linen',
  'velvet',
  'knit',
  'fur',
  'boucle',
  'tweed',
  'embroidered',
  'woven',
  'hard',
]);
export const fibreSchema = z.enum([
  'unknown',
  'cotton',
  'linen',
  'wool',
  'silk',
  'polyester',
  'polypropylene',
  'jute',
  'straw',
  'down',
  'mixed',
]);
export const careSchema = z.enum(['machine', 'hand', 'zipped', 'spot', 'dryClean', 'bleachSafe', 'noTumble']);
/** Reflectance from 400 to 700 nm, every 10 nm. */
export const spectrumSchema = z.array(z.number().min(0).max(1.5)).length(31);
export const itemSchema = z.strictObject({
  id,
  name,
  kind: itemKindSchema,
  count: z.number().int().min(0).max(10_000),
  setOf: z.number().int().min(1).max(1000),
  widthMm: sizeMm,
  heightMm: sizeMm,
  depthMm: lengthMm,
  colours: swatches,
  pattern: patternSchema,
  texture: textureSchema,
  /** The other face of a reversible textile. */
  back: z.strictObject({ colours: swatches, pattern: patternSchema, texture: textureSchema }).nullable(),
  sheen: z.enum(['matt', 'low', 'satin', 'gloss']),
  fibre: fibreSchema,
  clothGsm: z.number().min(0).max(5000),
  massG: z.number().min(0).max(500_000),
  fill: z.enum(['feather', 'polyester', 'foam', 'none']),
  glazed: z.boolean(),
  washable: z.boolean(),
  care: z.array(careSchema).max(7),
  defects: z.string().max(400),
  defectsLit: z.string().max(400),
  poisonous: z.boolean(),
  scented: z.boolean(),
  state: z.enum(['owned', 'ordered', 'gone']),
  price: money,
  source: z.string().max(80),
  boughtOn: dayOrNull,
  dueOn: dayOrNull,
  returnBy: dayOrNull,
  tagsOn: z.boolean(),
  season: z.array(seasonSchema).max(4),
  seasonsServed: z.number().int().min(0).max(400),
  placeId: id.nullable(),
  roomId: id.nullable(),
  whereabouts: z.string().max(80),
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
  text: z.string().trim().min(1).max(200),
  doneIn: stageSchema.nullable(),
});
export const taskKindSchema = z.enum([
  'clean',
  'mend',
  'wash',
  'paint',
  'panels',
  'creases',
  'carpet',
  'dry',
  'parcel',
  'other',
]);
export const taskSchema = z.strictObject({
  id,
  kind: taskKindSchema,
  text: z.string().trim().min(1).max(200),
  itemId: id.nullable(),
  waitMinutes: z.number().int().min(0).max(1_000_000),
  startedAt: moment.nullable(),
  done: z.boolean(),
});
export const clearSchema = z.strictObject({
  found: z.array(foundSchema).max(600),
  irritations: z.array(irritationSchema).max(300),
  tasks: z.array(taskSchema).max(300),
  beforePhotos: z.array(z.strictObject({ photoId: id, wallId: id.nullable() })).max(60),
});

export const placeSchema = z.strictObject({
  id,
  name,
  kind: z.enum(['box', 'bag', 'shelf', 'drawer', 'underFurniture', 'cupboard']),
  roomId: id.nullable(),
  widthMm: sizeMm,
  depthMm: sizeMm,
  heightMm: sizeMm,
  note: z.string().max(400),
});

export const headingSchema = z.enum(['rodPocket', 'backTab', 'grommet', 'ringClip', 'pinchPleat', 'wave']);
export const landingSchema = z.enum(['clear', 'kiss', 'break', 'pool', 'fullPool']);
export const routeKindSchema = z.enum([
  'asItIs',
  'otherLanding',
  'pins',
  'takeUp',
  'longerRings',
  'letDown',
  'made',
]);
/**
 * Where the rod is fixed: on the wall, to the ceiling, between the sides of the reveal, or there and only
 * over the lower part, or on the leaves that open.
 */
export const mountSchema = z.enum(['wall', 'ceiling', 'inside', 'cafe', 'leaf']);
export const rodMakeSchema = z.enum(['tube', 'telescoping', 'wood', 'track', 'tension']);
export const liningSchema = z.enum(['none', 'lining', 'interlining', 'blackout']);
const orNull = <T extends z.ZodType>(schema: T) => schema.nullable();
const drawnSchema = z.enum(['open', 'closed']);
const fullnessSchema = orNull(z.number().min(0.5).max(6));
const panelCount = orNull(z.number().int().min(1).max(40));

/** What hangs on the inner rod of a double one. */
export const sheerSchema = z.strictObject({
  itemId: orNull(id),
  heading: headingSchema,
  landing: landingSchema,
  fullness: fullnessSchema,
  panels: panelCount,
  drawn: drawnSchema,
});
/**
 * How it is made, where it is made to measure. clothWidthMm and repeatMm null: by the studio's rule, by the
 * cloth.
 */
export const makingSchema = z.strictObject({
  clothWidthMm: orNull(sizeMm),
  repeatMm: orNull(lengthMm),
  halfDrop: z.boolean(),
  lining: liningSchema,
});

export const dressingSchema = z.strictObject({
  /** openingId: the window or French door; or the tub, for its shower curtain. */
  id,
  openingId: id,
  itemId: orNull(id),
  heading: headingSchema,
  landing: landingSchema,
  mount: mountSchema,
  hemAt: z.enum(['floor', 'sill', 'apron']),
  rodHeightMm: orNull(sizeMm),
  extensionLeftMm: orNull(lengthMm),
  extensionRightMm: orNull(lengthMm),
  /**
   * The rod: its make, its own diameter where it is not the studio's, and the pins' place in a pleat's back.
   */
  rod: z.strictObject({ make: rodMakeSchema, outerMm: orNull(sizeMm) }),
  pinMm: orNull(lengthMm),
  /**
   * The rod goes on to the next dressed window on the right, bent round the corner where that is on the next
   * wall.
   */
  joinsNext: z.boolean(),
  fullness: fullnessSchema,
  panels: panelCount,
  route: orNull(z.strictObject({ kind: routeKindSchema, stockMm: orNull(sizeMm) })),
  drawn: drawnSchema,
  sheer: orNull(sheerSchema),
  making: makingSchema,
  /** Share of the light that the cloth lets through, where it is known. */
  lightShare: orNull(share),
});

export const hangerSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('wire'),
    hooks: z.union([z.literal(1), z.literal(2)]),
    ringDropMm: lengthMm,
    ringsApartMm: sizeMm,
    wireMm: sizeMm,
    hooksApartMm: orNull(sizeMm),
  }),
  z.strictObject({ kind: z.literal('sawtooth'), dropMm: lengthMm }),
  z.strictObject({ kind: z.literal('dRings'), dropMm: lengthMm, ringsApartMm: sizeMm }),
  z.strictObject({ kind: z.literal('cleat'), dropMm: lengthMm, widthMm: sizeMm }),
]);
/** What is in a frame: a print of the stash or none yet, its sheet, and the file that it is printed from. */
export const printSchema = z.strictObject({
  itemId: orNull(id),
  sheetWidthMm: sizeMm,
  sheetHeightMm: sizeMm,
  pxWide: orNull(z.number().int().min(1).max(200_000)),
  pxHigh: orNull(z.number().int().min(1).max(200_000)),
});
export const hangingSchema = z.strictObject({
  id,
  itemId: id,
  wallId: id,
  overPieceId: orNull(id),
  xMm: orNull(placeMm),
  centreMm: orNull(lengthMm),
  gapMm: orNull(lengthMm),
  hanger: hangerSchema,
  /**
   * The group it hangs in, and its place there from the middle of the whole (to the right, up); null: where
   * the group's order puts it.
   */
  groupId: orNull(id),
  groupAt: orNull(z.strictObject({ dxMm: placeMm, dyMm: placeMm })),
  /** Stays where it is when its group is arranged; stands on the floor and leans at the wall. */
  pinned: z.boolean(),
  leans: z.boolean(),
  print: orNull(printSchema),
});

export const groupKindSchema = z.enum(['row', 'column', 'grid', 'stair', 'hinged', 'pair', 'free']);
/** Pieces that hang as one: a row, a grid, a pair about an axis … null means by the studio's rule. */
export const groupSchema = z.strictObject({
  id,
  name,
  wallId: id,
  kind: groupKindSchema,
  hinge: z.enum(['tops', 'centres', 'bottoms', 'line']),
  overPieceId: orNull(id),
  /** The piece or fitting whose middle is the axis of a pair. */ axisId: orNull(id),
  /** Middle of the whole along the wall, its height, and how far over the furniture. */
  xMm: orNull(placeMm),
  centreMm: orNull(lengthMm),
  aboveMm: orNull(lengthMm),
  gapMm: orNull(lengthMm),
  /** From the axis to the nearest edge of a pair. */ apartMm: orNull(lengthMm),
  columns: orNull(z.number().int().min(1).max(40)),
  pitchDeg: orNull(z.number().min(-60).max(60)),
  zone: orNull(z.strictObject({ xMm: placeMm, bottomMm: lengthMm, widthMm: sizeMm, heightMm: sizeMm })),
  ratio: orNull(z.number().min(0.1).max(10)),
  seed: z.number().int().min(0).max(1_000_000),
  reuseHoles: z.boolean(),
});

export const placementSchema = z.strictObject({
  /** pieceId: the piece, or the fitting with a mantel, that it lies on. */
  id,
  itemId: id,
  pieceId: id,
  as: z.enum(['pillow', 'throw', 'object']),
  xMm: placeMm,
  layer: z.number().int().min(0).max(20),
  fill: z.enum(['feather', 'polyester', 'foam']),
  turned: z.boolean(),
});

export const lookSchema = z.strictObject({
  id,
  name,
  season: orNull(seasonSchema),
  order: z.number().int().min(0).max(1000),
  /** Fingerprint of the fitting sheet as it was last taken along; null when none was. */
  sheetTaken: orNull(z.string().max(40)),
  /** Walls that were approved as they stand: their tags are cut. */
  approvedWallIds: z.array(id).max(60),
  rodLineMm: orNull(sizeMm),
  plannedShares: orNull(
    z.tuple([z.number().min(0).max(1), z.number().min(0).max(1), z.number().min(0).max(1)]),
  ),
  dressings: z.array(dressingSchema).max(60),
  hangings: z.array(hangingSchema).max(300),
  groups: z.array(groupSchema).max(100),
  placements: z.array(placementSchema).max(600),
});

/** The nouns that are put and removed one by one, each with what its rows may be. */
export const NOUN_SCHEMAS = {
  opening: openingSchema,
  fitting: fittingSchema,
  piece: pieceSchema,
  found: foundSchema,
  irritation: irritationSchema,
  task: taskSchema,
  dressing: dressingSchema,
  hanging: hangingSchema,
  group: groupSchema,
  placement: placementSchema,
};

export const ownRuleSchema = z.strictObject({
  ruleId: z.string().max(80),
  value: z.union([z.number(), z.array(z.number()).max(60)]).optional(),
  school: z.string().max(40).optional(),
});

/** A photo's pixels, for files that carry them: WebP, base64. */
const photoFileSchema = z.strictObject({
  id,
  widthPx: z.number().int().min(1).max(20_000),
  heightPx: z.number().int().min(1).max(20_000),
  webp: z
    .string()
    .max(20_000_000)
    .regex(/^[A-Za-z0-9+/]+={0,2}$/),
});

export const roomFileSchema = z.strictObject({
  rideau: z.literal(ROOM_FILE_VERSION),
  rules: z.array(ownRuleSchema).max(500),
  home: homeSchema,
  room: roomSchema,
  openings: z.array(openingSchema).max(200),
  fittings: z.array(fittingSchema).max(400),
  pieces: z.array(pieceSchema).max(400),
  clear: clearSchema,
  places: z.array(placeSchema).max(500),
  items: z.array(itemSchema).max(5000),
  looks: z.array(lookSchema).min(1).max(60),
  photos: z.array(photoFileSchema).max(2000).optional(),
});

export const studioFileSchema = z.strictObject({
  rideauStudio: z.literal(STUDIO_FILE_VERSION),
  name,
  rules: z.array(ownRuleSchema).max(500),
  homes: z.array(homeSchema).max(2000),
  places: z.array(placeSchema).max(2000),
  items: z.array(itemSchema).max(50_000),
  rooms: z
    .array(
      roomFileSchema
        .omit({ rideau: true, rules: true, home: true, items: true, places: true, photos: true })
        .extend({ homeId: id }),
    )
    .max(5000),
  photos: z.array(photoFileSchema).max(20_000).optional(),
});
