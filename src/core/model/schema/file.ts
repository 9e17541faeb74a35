/** The room file and the studio file: the open formats in which everything is kept. */
import { z } from 'zod';
import { LIMITS } from '../limits';
import { ROOM_FILE_VERSION, STUDIO_FILE_VERSION } from '../version';
import { id, name } from './parts';
import { homeSchema, roomSchema } from './room';
import { openingSchema, fittingSchema, pieceSchema } from './things';
import { itemSchema, placeSchema } from './item';
import { foundSchema, irritationSchema, taskSchema, clearSchema } from './clear';
import {
  broughtSchema,
  dressingSchema,
  groupSchema,
  hangingSchema,
  lookSchema,
  movedSchema,
  placementSchema,
  workSchema,
} from './look';

/** The nouns that are put and removed one by one, each with what its rows may be. */
export const NOUN_SCHEMAS = {
  opening: openingSchema,
  fitting: fittingSchema,
  piece: pieceSchema,
  found: foundSchema,
  irritation: irritationSchema,
  task: taskSchema,
  moved: movedSchema,
  brought: broughtSchema,
  dressing: dressingSchema,
  hanging: hangingSchema,
  group: groupSchema,
  placement: placementSchema,
  work: workSchema,
};
export const ownRuleSchema = z.strictObject({
  ruleId: z.string().max(80),
  value: z.union([z.number(), z.array(z.number()).max(60)]).optional(),
  school: z.string().max(40).optional(),
});
/** A photo's pixels, for files that carry them: WebP, base64. */
export const photoFileSchema = z.strictObject({
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
  rules: z.array(ownRuleSchema).max(LIMITS.studio.rules),
  home: homeSchema,
  room: roomSchema,
  openings: z.array(openingSchema).max(LIMITS.room.openings),
  fittings: z.array(fittingSchema).max(LIMITS.room.fittings),
  pieces: z.array(pieceSchema).max(LIMITS.room.pieces),
  clear: clearSchema,
  places: z.array(placeSchema).max(LIMITS.studio.places),
  items: z.array(itemSchema).max(LIMITS.studio.items),
  looks: z.array(lookSchema).min(1).max(LIMITS.room.looks),
  photos: z.array(photoFileSchema).max(LIMITS.studio.photos).optional(),
});
export const studioFileSchema = z.strictObject({
  rideauStudio: z.literal(STUDIO_FILE_VERSION),
  name,
  rules: z.array(ownRuleSchema).max(LIMITS.studio.rules),
  homes: z.array(homeSchema).max(LIMITS.studio.homes),
  places: z.array(placeSchema).max(LIMITS.studio.places),
  items: z.array(itemSchema).max(LIMITS.studio.items),
  rooms: z
    .array(
      roomFileSchema
        .omit({ rideau: true, rules: true, home: true, items: true, places: true, photos: true })
        .extend({ homeId: id }),
    )
    .max(LIMITS.studio.rooms),
  photos: z.array(photoFileSchema).max(LIMITS.studio.photos).optional(),
});
