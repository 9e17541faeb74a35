/** One way of dressing a room: its curtains, its hangings, its placed things. */
import { z } from 'zod';
import { LIMITS } from '../limits';
import { SHEENS } from '../values/item';
import {
  DRAWS,
  FILLINGS,
  FOLDS,
  GROUP_KINDS,
  HEADINGS,
  LAYERS,
  LIES,
  PURPOSES,
  WORKED_ON,
  WORK_ACTS,
  WORK_ORDERS,
  WORK_TRIAL,
  WORK_UNDO,
  ZIP_SIDES,
} from '../values/look';
import {
  age,
  cordSchema,
  dayOrNull,
  id,
  name,
  lengthMm,
  money,
  note,
  text,
  sizeMm,
  placeMm,
  share,
  orNull,
  patternSchema,
  swatches,
} from './parts';
import { seasonSchema } from './item';

/** Whether it stays all year, for a season, or for an occasion only. */
export const layerSchema = z.enum(LAYERS);
export const headingSchema = z.enum(HEADINGS);
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
export const drawnSchema = z.enum(['open', 'closed']);
export const fullnessSchema = orNull(z.number().min(0.5).max(6));
export const panelCount = orNull(z.number().int().min(1).max(40));
/** How the panels draw: from the middle to both sides, or all to one. */
export const drawSchema = z.enum(DRAWS);
/** The way chosen to get the length, and the length bought where one is. */
export const routeSchema = z.strictObject({ kind: routeKindSchema, stockMm: orNull(sizeMm) });
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
/** What hangs on the inner rod of a double one. A sheer has no lining. */
export const sheerSchema = z.strictObject({
  itemId: orNull(id),
  heading: headingSchema,
  landing: landingSchema,
  fullness: fullnessSchema,
  panels: panelCount,
  drawn: drawnSchema,
  pinMm: orNull(lengthMm),
  route: orNull(routeSchema),
  making: makingSchema.omit({ lining: true }),
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
  /** Where the rod was before the chosen way moved it, and whether that was typed or worked out. */
  rodBefore: z.strictObject({ mm: sizeMm, typed: z.boolean() }).optional(),
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
  route: orNull(routeSchema),
  drawn: drawnSchema,
  /** How it draws; null: by the studio's rule. */
  draw: orNull(drawSchema),
  /** Panels at the sides that are never drawn. */
  decorative: z.boolean(),
  /** Whether a looped cord draws it: a danger to small children. */
  cord: cordSchema,
  sheer: orNull(sheerSchema),
  making: makingSchema,
  /** Share of the light that the cloth lets through, where it is known. */
  lightShare: orNull(share),
  layer: layerSchema,
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
  layer: layerSchema,
});
export const groupKindSchema = z.enum(GROUP_KINDS);
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
/** A part of a piece, a fitting, an opening or another placed thing: `seat`, `top`, `mantel`, `bay2`, `mouth` … */
export const spotSchema = z.strictObject({ of: id, part: z.string().regex(/^[a-z]{2,20}[0-9]{0,2}$/) });
export const placementSchema = z.strictObject({
  id,
  itemId: id,
  spot: spotSchema,
  /** Middle of the thing from the left end of the spot, as one faces its front. */
  xMm: placeMm,
  /** From the back edge of the spot to the back of the thing; null: in the middle of its depth. */
  outMm: orNull(placeMm),
  /** Turned from the way the spot faces, clockwise as seen from above. */
  turnDeg: z.number().min(-360).max(360),
  /** Of things that lean on each other, from the back. */
  row: z.number().int().min(0).max(20),
  layer: layerSchema,
  lie: z.enum(LIES),
  /** The side that is shown, of what has two. */
  face: z.enum(['front', 'back']),
  count: z.number().int().min(1).max(500),
  /** Stays where it is when others are suggested. */
  locked: z.boolean(),
  /** What fills a cover; null: what the plan chooses. */
  fill: orNull(z.enum(['feather', 'polyester', 'foam'])),
  /** How a throw is folded; null: as it usually is where it lies. */
  fold: orNull(z.enum(FOLDS)),
  /** How far its first end hangs down: behind a back, outside an arm; null: as usual. */
  hangsMm: orNull(lengthMm),
  /** A pillow with a dent in its top edge. */
  chopped: z.boolean(),
  zip: z.enum(ZIP_SIDES),
});
/** Loose cushions of a seat that are taken out for the look: how many, and where they are meanwhile. */
export const cushionsOutSchema = z.strictObject({
  of: id,
  count: z.number().int().min(1).max(24),
  whereabouts: text(80),
});
/** Where what is taken off a bed for the night is put: on a spot of the room, or elsewhere in words. */
export const nightSchema = z.strictObject({ of: id, whereabouts: text(80), spot: spotSchema.optional() });
const standsAt = { xMm: placeMm, yMm: placeMm, turnDeg: z.number().min(-360).max(360) };
/** A piece of the room, by its id, that stands elsewhere in this look, or is taken out of the room for it. */
export const movedSchema = z.strictObject({ id, isOut: z.boolean(), ...standsAt });
/** A thing of the stash that stands on the floor as a piece of this look only. */
export const broughtSchema = z.strictObject({ id, itemId: id, ...standsAt, layer: layerSchema });
/** What a thing is after a work; null: as it was. */
export const afterSchema = z.strictObject({
  colours: orNull(swatches),
  pattern: orNull(patternSchema),
  sheen: orNull(z.enum(SHEENS)),
  widthMm: orNull(sizeMm),
  heightMm: orNull(sizeMm),
  depthMm: orNull(sizeMm),
});
/** Film, paper or cloth as it is sold: how wide, how long a roll or sheet is, and by how much its pieces lie over each other. */
export const stripSchema = z.strictObject({
  widthMm: sizeMm,
  lengthMm: orNull(sizeMm),
  overlapMm: lengthMm,
});
/** Pulls of drawers and doors: how many, how far apart their holes are and were, and how long a plate covers the old ones. */
export const pullsSchema = z.strictObject({
  count: z.number().int().min(1).max(200),
  oldMm: orNull(lengthMm),
  newMm: lengthMm,
  plateMm: orNull(sizeMm),
});
/** What is done to a thing of the stash, to furniture or to the room itself for a look, and what it is after that. */
export const workSchema = z.strictObject({
  id,
  act: z.enum(WORK_ACTS),
  on: z.enum(WORKED_ON),
  /** The wall, the fitting or the piece; null for all walls, the trim, the floor, and things of the stash. */
  of: orNull(id),
  itemId: orNull(id),
  after: afterSchema,
  coats: z.number().int().min(1).max(12),
  /** The area that is worked on, where it was measured; null: as it is worked out. */
  areaMm2: orNull(z.number().gt(0).max(1e10)),
  strip: orNull(stripSchema),
  pulls: orNull(pullsSchema),
  /** What is left over of the material, in litres or in millimetres of length; null: not known. */
  leftLitres: orNull(z.number().min(0).max(1000)),
  leftMm: orNull(lengthMm),
  cost: orNull(money),
  minutes: orNull(z.number().int().min(0).max(60_000)),
  /** From the last stroke until it may be used; null: by the studio's rule, or by the label. */
  waitHours: orNull(z.number().min(0).max(2000)),
  undo: z.enum(WORK_UNDO),
  /** Whether a piece of it is tried first. */
  trial: z.enum(WORK_TRIAL),
  /** The day on which it was done: the thing then is so in every look. */
  doneOn: dayOrNull,
  note,
});
/** What a look is for, how full it is, who comes on its days, and the most that may be spent on it. */
export const briefSchema = z.strictObject({
  purpose: z.enum(PURPOSES),
  filling: z.enum(FILLINGS),
  order: z.enum(WORK_ORDERS),
  visitorAges: z.array(age).max(12),
  mostCost: orNull(money),
});
/** `on:` and the id of a piece, a fitting or an opening; `wall:` and that of a wall; or the floor. */
export const zoneSchema = z.string().regex(/^(?:floor|(?:on|wall):[A-Za-z0-9_-]{1,64})$/);
export const lookSchema = z.strictObject({
  id,
  name,
  season: orNull(seasonSchema),
  order: z.number().int().min(0).max(1000),
  /** How the room was found: it stays as it is, and dressing it begins a copy. */
  isRecord: z.boolean().optional(),
  /** Fingerprint of the fitting sheet as it was last taken along; null when none was. */
  sheetTaken: orNull(z.string().max(40)),
  /** Walls that were approved as they stand: their tags are cut. */
  approvedWallIds: z.array(id).max(LIMITS.look.approvedWallIds),
  /** The floor, and pieces and fittings with what is on them, that were approved so. */
  approvedZones: z.array(zoneSchema).max(LIMITS.look.approvedZones),
  rodLineMm: orNull(sizeMm),
  plannedShares: orNull(
    z.tuple([z.number().min(0).max(1), z.number().min(0).max(1), z.number().min(0).max(1)]),
  ),
  brief: briefSchema,
  cushionsOut: z.array(cushionsOutSchema).max(LIMITS.look.cushionsOut),
  night: z.array(nightSchema).max(LIMITS.look.night),
  moved: z.array(movedSchema).max(LIMITS.look.moved),
  brought: z.array(broughtSchema).max(LIMITS.look.brought),
  dressings: z.array(dressingSchema).max(LIMITS.look.dressings),
  hangings: z.array(hangingSchema).max(LIMITS.look.hangings),
  groups: z.array(groupSchema).max(LIMITS.look.groups),
  placements: z.array(placementSchema).max(LIMITS.look.placements),
  works: z.array(workSchema).max(LIMITS.look.works),
});
