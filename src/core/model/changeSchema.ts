import { z } from 'zod';
import * as s from './schema';

const id = z.string().min(1).max(64);
const lookHead = s.lookSchema.omit({ dressings: true, hangings: true, groups: true, placements: true });

/** What may come in through a door; the same union as `Change`. */
export const changeSchema = z.discriminatedUnion('do', [
  z.strictObject({ do: z.literal('setRoom'), room: s.roomSchema }),
  z.strictObject({ do: z.literal('setHome'), home: s.homeSchema }),
  z.strictObject({ do: z.literal('putOpening'), opening: s.openingSchema }),
  z.strictObject({ do: z.literal('removeOpening'), id }),
  z.strictObject({ do: z.literal('putFitting'), fitting: s.fittingSchema }),
  z.strictObject({ do: z.literal('removeFitting'), id }),
  z.strictObject({ do: z.literal('putPiece'), piece: s.pieceSchema }),
  z.strictObject({ do: z.literal('removePiece'), id }),
  z.strictObject({ do: z.literal('putItem'), item: s.itemSchema }),
  z.strictObject({
    do: z.literal('moveItem'),
    id,
    to: s.itemSchema.pick({ placeId: true, roomId: true, state: true, tagsOn: true }).partial(),
  }),
  z.strictObject({ do: z.literal('putLook'), look: lookHead }),
  z.strictObject({
    do: z.literal('copyLook'),
    from: id,
    id: s.lookSchema.shape.id,
    name: s.lookSchema.shape.name,
  }),
  z.strictObject({ do: z.literal('removeLook'), id }),
  z.strictObject({ do: z.literal('putDressing'), lookId: id, dressing: s.dressingSchema }),
  z.strictObject({ do: z.literal('removeDressing'), lookId: id, id }),
  z.strictObject({ do: z.literal('putHanging'), lookId: id, hanging: s.hangingSchema }),
  z.strictObject({ do: z.literal('removeHanging'), lookId: id, id }),
  z.strictObject({ do: z.literal('putGroup'), lookId: id, group: s.groupSchema }),
  z.strictObject({ do: z.literal('removeGroup'), lookId: id, id }),
  z.strictObject({ do: z.literal('putPlacement'), lookId: id, placement: s.placementSchema }),
  z.strictObject({ do: z.literal('removePlacement'), lookId: id, id }),
  z.strictObject({ do: z.literal('markReadings'), readings: z.array(s.readingSchema).min(1).max(400) }),
  z.strictObject({ do: z.literal('putFound'), found: s.foundSchema }),
  z.strictObject({ do: z.literal('removeFound'), id }),
  z.strictObject({ do: z.literal('putIrritation'), irritation: s.irritationSchema }),
  z.strictObject({ do: z.literal('removeIrritation'), id }),
  z.strictObject({ do: z.literal('putTask'), task: s.taskSchema }),
  z.strictObject({ do: z.literal('removeTask'), id }),
  z.strictObject({ do: z.literal('putBeforePhoto'), photoId: id, wallId: id.nullable() }),
  z.strictObject({ do: z.literal('removeBeforePhoto'), photoId: id }),
  z.strictObject({ do: z.literal('setRule'), rule: s.ownRuleSchema }),
  z.strictObject({ do: z.literal('dropRule'), ruleId: id }),
]);
