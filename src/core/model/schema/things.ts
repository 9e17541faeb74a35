/** What stands in a room or is built into it: openings, fittings, pieces of furniture. */
import { z } from 'zod';
import { FITTING_KINDS, PIECE_KINDS } from '../values/room';
import { cordSchema, id, name, lengthMm, sizeMm, placeMm, swatches, patternSchema } from './parts';

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
  /** Whether its blind has a looped cord. */
  blindCord: cordSchema,
  overlooked: z.boolean(),
  hazy: z.boolean(),
  dropsMm: z.strictObject({ left: sizeMm, middle: sizeMm, right: sizeMm }).nullable(),
});
export const fittingSchema = z.strictObject({
  id,
  name,
  kind: z.enum(FITTING_KINDS),
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
export const pieceKindSchema = z.enum(PIECE_KINDS);
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
  /** Round or oval from above, as wide and as deep as it is. */
  round: z.boolean(),
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
  bed: z
    .strictObject({
      /** The top of the mattress above the floor, and how thick it is; null while nobody measured that. */
      mattressMm: sizeMm,
      thickMm: sizeMm.nullable(),
      headboardMm: lengthMm,
      footboardMm: lengthMm,
    })
    .nullable(),
  /** Tops of a bookcase's shelves above the floor, from the lowest. */
  shelvesMm: z.array(lengthMm).max(40),
  chairs: z.number().int().min(0).max(24),
  /** The clear height under a seat or a bed; null while nobody measured it. */
  gapMm: lengthMm.nullable(),
  colours: swatches,
  pattern: patternSchema,
});
