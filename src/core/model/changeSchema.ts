import { z } from 'zod';
import { putKind, removeKind, type Change, type OtherChange } from './change';
import { LOOK_LISTS, NOUN_NAMES, NOUNS, type LookHead, type NounName } from './nouns';
import * as s from './schema';

const id = z.string().min(1).max(64);

const lists = Object.fromEntries(LOOK_LISTS.map((list) => [list, true])) as Record<
  (typeof LOOK_LISTS)[number],
  true
>;
const lookHead = s.lookSchema.omit(lists) satisfies z.ZodType<LookHead>;

const OTHER_SCHEMAS = {
  setRoom: z.strictObject({ do: z.literal('setRoom'), room: s.roomSchema }),
  setHome: z.strictObject({ do: z.literal('setHome'), home: s.homeSchema }),
  putItem: z.strictObject({ do: z.literal('putItem'), item: s.itemSchema }),
  moveItem: z.strictObject({
    do: z.literal('moveItem'),
    id,
    to: s.itemSchema.pick({ placeId: true, roomId: true, state: true, tagsOn: true }).partial(),
  }),
  putPlace: z.strictObject({ do: z.literal('putPlace'), place: s.placeSchema }),
  putLook: z.strictObject({ do: z.literal('putLook'), look: lookHead }),
  copyLook: z.strictObject({
    do: z.literal('copyLook'),
    from: id,
    id: s.lookSchema.shape.id,
    name: s.lookSchema.shape.name,
  }),
  removeLook: z.strictObject({ do: z.literal('removeLook'), id }),
  markReadings: z.strictObject({
    do: z.literal('markReadings'),
    readings: z.array(s.readingSchema).min(1).max(400),
  }),
  putBeforePhoto: z.strictObject({
    do: z.literal('putBeforePhoto'),
    photoId: id,
    wallId: id.nullable(),
  }),
  removeBeforePhoto: z.strictObject({ do: z.literal('removeBeforePhoto'), photoId: id }),
  setRule: z.strictObject({ do: z.literal('setRule'), rule: s.ownRuleSchema }),
  dropRule: z.strictObject({ do: z.literal('dropRule'), ruleId: id }),
};

/** The union and its schemas check each other: a change on one side alone, or of another shape, does not compile. */
type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false;
type OtherKind = OtherChange['do'];
type Parsed = { [K in keyof typeof OTHER_SCHEMAS]: z.infer<(typeof OTHER_SCHEMAS)[K]> };
type Agreed = {
  [K in OtherKind | keyof Parsed]: K extends OtherKind & keyof Parsed
    ? Same<Parsed[K], Extract<OtherChange, { do: K }>>
    : false;
};
const AGREED: Agreed extends Record<OtherKind, true> ? true : never = true;

const nounChanges = (noun: NounName): z.ZodObject[] => {
  const inLook = NOUNS[noun].where === 'look' ? { lookId: id } : {};
  return [
    z.strictObject({ do: z.literal(putKind(noun)), ...inLook, [noun]: s.NOUN_SCHEMAS[noun] }),
    z.strictObject({ do: z.literal(removeKind(noun)), ...inLook, id }),
  ];
};

type Options = [z.ZodObject, ...z.ZodObject[]];
const OPTIONS = AGREED && [...NOUN_NAMES.flatMap(nounChanges), ...Object.values(OTHER_SCHEMAS)];

/** What may come in from outside: the same union as `Change`. */
export const changeSchema = z.discriminatedUnion(
  'do',
  OPTIONS as unknown as Options,
) as unknown as z.ZodType<Change>;
