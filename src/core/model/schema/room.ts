/** A home and a room: its outline, its ceiling, its finishes, and what was read of it. */
import { z } from 'zod';
import { LIMITS } from '../limits';
import {
  age,
  id,
  line,
  name,
  note,
  lengthMm,
  sizeMm,
  placeMm,
  share,
  swatches,
  patternSchema,
  photoPoint,
} from './parts';

export const flagsSchema = z.strictObject({
  childrenAges: z.array(age).max(12),
  pets: z.boolean(),
  featherFree: z.boolean(),
  woolFree: z.boolean(),
  scentFree: z.boolean(),
  rented: z.boolean(),
  wheelchair: z.boolean(),
});
export const homeSchema = z.strictObject({ id, name, flags: flagsSchema });
export const finishSchema = z.strictObject({ colours: swatches, pattern: patternSchema });
export const wallSchema = z.strictObject({
  id,
  name: line(0, 40),
  xMm: placeMm,
  yMm: placeMm,
  /** Its own finish, where it is another than the other walls have. */
  finish: finishSchema.optional(),
});
export const unitSchema = z.enum(['in', 'ft-in', 'cm']);
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
  walls: z.array(wallSchema).min(3).max(LIMITS.room.walls),
  holes: z.array(holeSchema).max(LIMITS.room.holes),
  slopes: z.array(slopeSchema).max(LIMITS.room.slopes),
  beams: z.array(beamSchema).max(LIMITS.room.beams),
  standpoints: z.array(standpointSchema).max(LIMITS.room.standpoints),
  seesRoomIds: z.array(id).max(LIMITS.room.seesRoomIds),
  childsRoom: z.boolean(),
  wallPhotos: z.array(wallPhotoSchema).max(LIMITS.room.wallPhotos),
  readings: z.array(readingSchema).max(LIMITS.room.readings),
  wallFinish: finishSchema,
  floorFinish: finishSchema,
  trimFinish: finishSchema,
  note,
});
