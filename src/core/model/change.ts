import type { OwnRule } from '../rules/book';
import {
  NOUN_NAMES,
  NOUNS,
  afterRemoval,
  editNoun,
  emptyLists,
  type AnyRow,
  type LookHead,
  type LookNoun,
  type NounName,
  type Nouns,
} from './nouns';
import type { Home, Item, Look, Reading, Room, RoomFile, StoragePlace } from './types';

export { headOfLook, type LookHead } from './nouns';

type InLook<N> = N extends LookNoun ? { lookId: string } : unknown;
type PutNoun<N extends NounName> = { do: `put${Capitalize<N>}` } & InLook<N> & { [K in N]: Nouns[K] };
type RemoveNoun<N extends NounName> = { do: `remove${Capitalize<N>}`; id: string } & InLook<N>;
type NounChange = { [N in NounName]: PutNoun<N> | RemoveNoun<N> }[NounName];

/** Changes that are not a row of a list put or removed. */
export type OtherChange =
  | { do: 'setRoom'; room: Room }
  | { do: 'setHome'; home: Home }
  | { do: 'putItem'; item: Item }
  | { do: 'moveItem'; id: string; to: ItemMove }
  | { do: 'putPlace'; place: StoragePlace }
  | { do: 'putLook'; look: LookHead }
  | { do: 'copyLook'; from: string; id: string; name: string }
  | { do: 'removeLook'; id: string }
  | { do: 'markReadings'; readings: Reading[] }
  | { do: 'putBeforePhoto'; photoId: string; wallId: string | null }
  | { do: 'removeBeforePhoto'; photoId: string }
  | { do: 'setRule'; rule: OwnRule }
  | { do: 'dropRule'; ruleId: string };

/**
 * One act of a person on a room. The same pure function applies it in the browser (at once) and on the server
 * (for good).
 */
export type Change = NounChange | OtherChange;
export type ChangeKind = Change['do'];

/** Where an item now is, and whether it still is; what is left out stays as it was. */
export type ItemMove = Partial<Pick<Item, 'placeId' | 'roomId' | 'state' | 'tagsOn'>>;

/** A change of a noun's list as code that works on all nouns sees it. */
export type ListChange = { noun: NounName; lookId: string | undefined } & (
  { verb: 'put'; row: AnyRow } | { verb: 'remove'; id: string }
);

const capital = (noun: string): string => noun.charAt(0).toUpperCase() + noun.slice(1);
export const putKind = (noun: NounName) => `put${capital(noun)}` as NounChange['do'];
export const removeKind = (noun: NounName) => `remove${capital(noun)}` as NounChange['do'];
const NOUN_OF_PUT = new Map<string, NounName>(NOUN_NAMES.map((noun) => [putKind(noun), noun]));
const NOUN_OF_REMOVE = new Map<string, NounName>(NOUN_NAMES.map((noun) => [removeKind(noun), noun]));

/** The change of a list that this is; undefined for any other change. */
export function listChange(change: Change): ListChange | undefined {
  const lookId = 'lookId' in change ? change.lookId : undefined;
  const put = NOUN_OF_PUT.get(change.do);
  if (put)
    return {
      verb: 'put',
      noun: put,
      lookId,
      row: (change as unknown as Record<string, AnyRow>)[put] as AnyRow,
    };
  const removed = NOUN_OF_REMOVE.get(change.do);
  return removed && { verb: 'remove', noun: removed, lookId, id: (change as { id: string }).id };
}

const isOther = (change: Change): change is OtherChange => listChange(change) === undefined;

const put = <T extends AnyRow>(rows: readonly T[], row: T): T[] =>
  rows.some((r) => r.id === row.id) ? rows.map((r) => (r.id === row.id ? row : r)) : [...rows, row];
const allBut = <T extends AnyRow>(rows: readonly T[], id: string): T[] => rows.filter((r) => r.id !== id);

/** The room file with the change applied; the file given is not touched. What hung on a removed thing goes with it. */
export function applyChange(file: RoomFile, change: Change): RoomFile {
  if (isOther(change)) return applyOther(file, change);
  const { noun, lookId, ...act } = listChange(change) as ListChange;
  if (act.verb === 'put') return editNoun(file, noun, (rows) => put(rows, act.row), lookId);
  const removed = editNoun(file, noun, (rows) => allBut(rows, act.id), lookId);
  const released = afterRemoval(removed, noun, act.id, lookId);
  return NOUNS[noun].where === 'room' ? withoutReadings(released, act.id) : released;
}

function applyOther(file: RoomFile, change: OtherChange): RoomFile {
  switch (change.do) {
    case 'setRoom':
      return { ...file, room: change.room };
    case 'setHome':
      return { ...file, home: change.home };
    case 'putItem':
      return { ...file, items: put(file.items, change.item) };
    case 'moveItem':
      return { ...file, items: file.items.map((i) => (i.id === change.id ? { ...i, ...change.to } : i)) };
    case 'putPlace':
      return { ...file, places: put(file.places, change.place) };
    case 'putLook':
      return putLook(file, change.look);
    case 'copyLook':
      return copyLook(file, change);
    case 'removeLook':
      return { ...file, looks: allBut(file.looks, change.id) };
    case 'markReadings':
      return withReadings(file, change.readings);
    case 'putBeforePhoto':
      return withBeforePhoto(file, change.photoId, change.wallId);
    case 'removeBeforePhoto':
      return withBeforePhoto(file, change.photoId, undefined);
    case 'setRule':
      return { ...file, rules: [...file.rules.filter((r) => r.ruleId !== change.rule.ruleId), change.rule] };
    case 'dropRule':
      return { ...file, rules: file.rules.filter((r) => r.ruleId !== change.ruleId) };
    default:
      return unknownChange(change);
  }
}

const unknownChange = (change: never): never => {
  throw new Error(`unknown change ${JSON.stringify(change)}`);
};

function putLook(file: RoomFile, head: LookHead): RoomFile {
  const known = file.looks.some((l) => l.id === head.id);
  const looks: Look[] = known
    ? file.looks.map((l) => (l.id === head.id ? { ...l, ...head } : l))
    : [...file.looks, { ...head, ...emptyLists() }];
  return { ...file, looks };
}

function copyLook(
  file: RoomFile,
  { from: sourceId, id, name }: { from: string; id: string; name: string },
): RoomFile {
  const look = file.looks.find((l) => l.id === sourceId);
  if (!look) return file;
  const order = Math.max(...file.looks.map((l) => l.order)) + 1;
  const { isRecord: _stays, ...dressed } = look;
  return { ...file, looks: [...file.looks, { ...dressed, id, name, order }] };
}

/** A reading is kept only while there is something to say of it: that it is a guess, or that a second one differs. */
function withReadings(file: RoomFile, marks: readonly Reading[]): RoomFile {
  const same = (a: Reading, b: Reading) => a.about === b.about && a.field === b.field;
  const readings = [
    ...file.room.readings.filter((r) => !marks.some((m) => same(m, r))),
    ...marks.filter((m) => m.guess || m.secondMm !== null),
  ];
  return { ...file, room: { ...file.room, readings } };
}

function withoutReadings(file: RoomFile, about: string): RoomFile {
  const readings = file.room.readings.filter((r) => r.about !== about);
  return readings.length === file.room.readings.length ? file : { ...file, room: { ...file.room, readings } };
}

/** A photo of the room as it was found; `wallId` undefined takes it away. */
function withBeforePhoto(file: RoomFile, photoId: string, wallId: string | null | undefined): RoomFile {
  const others = file.clear.beforePhotos.filter((p) => p.photoId !== photoId);
  const beforePhotos = wallId === undefined ? others : [...others, { photoId, wallId }];
  return { ...file, clear: { ...file.clear, beforePhotos } };
}
