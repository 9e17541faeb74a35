import type { Look, Nouns, RoomFile } from './types';

export type { Nouns } from './types';
export type NounName = keyof Nouns;

/** Where a field is in a row: its own, or one of a part of the row (`sheer.itemId`). */
type PathOf<Row> = {
  [K in keyof Row & string]: Row[K] extends string | null
    ? K
    : NonNullable<Row[K]> extends readonly unknown[] | number | boolean
      ? never
      : `${K}.${keyof NonNullable<Row[K]> & string}`;
}[keyof Row & string];

/** What a row hangs on. When that goes the row is removed with it, or becomes what `then` says. */
type Follow<Row> = {
  path: PathOf<Row>;
  of: readonly NounName[];
  then: 'removed' | Partial<Row>;
};

type Described<N extends NounName> = {
  /** The part of the file that holds the list, and the list's name there. */
  where: 'room' | 'clear' | 'look';
  list: string;
  /** The first version of the room file that has the list, unless all have it: files from before have none. */
  since?: number;
  /** Where a row uses items of the stash. */
  items: readonly PathOf<Nouns[N]>[];
  /** Where a row refers to an item without using it. */
  mentions?: readonly PathOf<Nouns[N]>[];
  follows: readonly Follow<Nouns[N]>[];
  /** What a person calls it, for undo. */
  label: (row: Nouns[N], file: RoomFile) => string | undefined;
};

const itemName = (file: RoomFile, id: string): string | undefined =>
  file.items.find((i) => i.id === id)?.name;

/**
 * Every noun, described once: changes and their schema, cascades, undo labels, item use, ids made free on
 * import, tables and their order follow from this. A noun stands after those it follows.
 */
export const NOUNS = {
  opening: { where: 'room', list: 'openings', items: [], follows: [], label: (row) => row.name },
  fitting: { where: 'room', list: 'fittings', items: [], follows: [], label: (row) => row.name },
  piece: { where: 'room', list: 'pieces', items: [], follows: [], label: (row) => row.name },
  found: {
    where: 'clear',
    list: 'found',
    items: ['itemId'],
    follows: [],
    label: (row, file) => itemName(file, row.itemId),
  },
  irritation: { where: 'clear', list: 'irritations', items: [], follows: [], label: (row) => row.text },
  task: {
    where: 'clear',
    list: 'tasks',
    items: [],
    mentions: ['itemId'],
    follows: [],
    label: (row) => row.text,
  },
  moved: {
    where: 'look',
    list: 'moved',
    since: 5,
    items: [],
    follows: [{ path: 'id', of: ['piece'], then: 'removed' }],
    label: (row, file) => file.pieces.find((p) => p.id === row.id)?.name,
  },
  brought: {
    where: 'look',
    list: 'brought',
    since: 5,
    items: ['itemId'],
    follows: [],
    label: (row, file) => itemName(file, row.itemId),
  },
  dressing: {
    where: 'look',
    list: 'dressings',
    items: ['itemId', 'sheer.itemId'],
    follows: [{ path: 'openingId', of: ['opening', 'fitting'], then: 'removed' }],
    label: (row, file) => [...file.openings, ...file.fittings].find((o) => o.id === row.openingId)?.name,
  },
  hanging: {
    where: 'look',
    list: 'hangings',
    items: ['itemId', 'print.itemId'],
    follows: [
      { path: 'overPieceId', of: ['piece', 'fitting', 'brought'], then: { overPieceId: null } },
      { path: 'groupId', of: ['group'], then: { groupId: null, groupAt: null } },
    ],
    label: (row, file) => itemName(file, row.itemId),
  },
  group: {
    where: 'look',
    list: 'groups',
    since: 3,
    items: [],
    follows: [
      { path: 'overPieceId', of: ['piece', 'fitting', 'brought'], then: { overPieceId: null } },
      { path: 'axisId', of: ['piece', 'fitting', 'brought'], then: { axisId: null } },
    ],
    label: (row) => row.name,
  },
  placement: {
    where: 'look',
    list: 'placements',
    items: ['itemId'],
    follows: [
      { path: 'spot.of', of: ['piece', 'fitting', 'opening', 'brought', 'placement'], then: 'removed' },
    ],
    label: (row, file) => itemName(file, row.itemId),
  },
  work: {
    where: 'look',
    list: 'works',
    since: 6,
    items: ['itemId'],
    follows: [{ path: 'of', of: ['piece', 'fitting'], then: 'removed' }],
    label: (row, file) =>
      row.itemId === null
        ? ([...file.pieces, ...file.fittings].find((thing) => thing.id === row.of)?.name ?? file.room.name)
        : itemName(file, row.itemId),
  },
} as const satisfies { [N in NounName]: Described<N> };

export const NOUN_NAMES = Object.keys(NOUNS) as NounName[];

type In<W> = { [N in NounName]: (typeof NOUNS)[N]['where'] extends W ? N : never }[NounName];
/** Nouns of a look; changes to them name the look. */
export type LookNoun = In<'look'>;
/** The lists of a look; what is left of it is its head. */
export type LookList = (typeof NOUNS)[LookNoun]['list'];

type ListsOf<T> = { [K in keyof T]-?: T[K] extends readonly { id: string }[] ? K : never }[keyof T];
/** Every list of a look is a noun's: one that is not described does not compile. */
type Undescribed = Exclude<ListsOf<Look>, LookList>;
export const LOOK_NOUNS = NOUN_NAMES.filter((n): n is LookNoun => NOUNS[n].where === 'look');
export const LOOK_LISTS: readonly ([Undescribed] extends [never] ? LookList : never)[] = LOOK_NOUNS.map(
  (n) => NOUNS[n].list,
);

/** A look without what is put into it. */
export type LookHead = Omit<Look, LookList>;

export function headOfLook(look: Look): LookHead {
  const head: Partial<Look> = { ...look };
  for (const list of LOOK_LISTS) delete head[list];
  return head as LookHead;
}

export const emptyLists = (): Pick<Look, LookList> =>
  Object.fromEntries(LOOK_LISTS.map((list) => [list, []])) as unknown as Pick<Look, LookList>;

/** Empty lists for what files of an older version did not have yet, in a look or in the room. */
export const listsSince = (version: number, where: 'look' | 'room'): Record<string, []> =>
  Object.fromEntries(
    NOUN_NAMES.map(describeNoun)
      .filter((noun) => noun.where === where && (noun.since ?? 0) > version)
      .map((noun) => [noun.list, []]),
  );

/** A noun as code that works on all of them sees it. */
export type AnyRow = { id: string };
type AnyNoun = {
  where: Described<NounName>['where'];
  list: string;
  since?: number;
  items: readonly string[];
  mentions?: readonly string[];
  follows: readonly { path: string; of: readonly NounName[]; then: 'removed' | Partial<AnyRow> }[];
  label: (row: AnyRow, file: RoomFile) => string | undefined;
};
export const describeNoun = (noun: NounName): AnyNoun => NOUNS[noun] as unknown as AnyNoun;

/** The lists that one part of the file holds, by name. */
type Holder = Record<string, readonly AnyRow[]>;
const listIn = (holder: unknown, list: string): readonly AnyRow[] => (holder as Holder)[list] ?? [];
const withList = <T>(holder: T, list: string, rows: readonly AnyRow[]): T =>
  listIn(holder, list) === rows ? holder : { ...holder, [list]: rows };

/** The rows of a noun; of a look when it names one of its nouns. */
export function rowsOfNoun(file: RoomFile, noun: NounName, lookId?: string): readonly AnyRow[] {
  const { where, list } = NOUNS[noun];
  if (where === 'room') return listIn(file, list);
  if (where === 'clear') return listIn(file.clear, list);
  return listIn(
    file.looks.find((l) => l.id === lookId),
    list,
  );
}

type Edit = (rows: readonly AnyRow[]) => readonly AnyRow[];

/** The file with a noun's rows edited; in one look, or in all of them when none is named. */
export function editNoun(file: RoomFile, noun: NounName, edit: Edit, lookId?: string): RoomFile {
  const { where, list } = NOUNS[noun];
  if (where === 'room') return withList(file, list, edit(listIn(file, list)));
  if (where === 'clear') {
    const clear = withList(file.clear, list, edit(listIn(file.clear, list)));
    return clear === file.clear ? file : { ...file, clear };
  }
  const looks = file.looks.map((look) =>
    lookId === undefined || look.id === lookId ? withList(look, list, edit(listIn(look, list))) : look,
  );
  return looks.every((look, i) => look === file.looks[i]) ? file : { ...file, looks };
}

/** What is at a path of a row; undefined where the row has no such part. */
export const valueAt = (row: AnyRow, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((part, key) => (part as Record<string, unknown> | null | undefined)?.[key], row);

/** The row with the id at a path replaced; the same row where there is none. */
export function mapIdAt<Row>(row: Row, path: string, map: (id: string) => string): Row {
  const [key, ...rest] = path.split('.') as [keyof Row, ...string[]];
  const value = row[key];
  if (value === null || value === undefined) return row;
  const mapped = rest.length > 0 ? mapIdAt(value, rest.join('.'), map) : map(value as string);
  return mapped === value ? row : { ...row, [key]: mapped };
}

/** The items of the stash that a row uses. */
export const itemIdsOf = (noun: NounName, row: AnyRow): string[] =>
  describeNoun(noun).items.flatMap((path) => (valueAt(row, path) as string | null | undefined) ?? []);

/** Every item that the room's rows use, in the order of the nouns. */
export const itemIdsOfFile = (file: RoomFile): string[] =>
  NOUN_NAMES.flatMap((noun) =>
    NOUNS[noun].where === 'look'
      ? file.looks.flatMap((look) => rowsOfNoun(file, noun, look.id).flatMap((row) => itemIdsOf(noun, row)))
      : rowsOfNoun(file, noun).flatMap((row) => itemIdsOf(noun, row)),
  );

/** The file with its items' ids replaced wherever a row refers to them. */
export const mapItemIds = (file: RoomFile, map: (id: string) => string): RoomFile =>
  NOUN_NAMES.reduce(
    (edited, noun) => {
      const { items, mentions = [] } = describeNoun(noun);
      const paths = [...items, ...mentions];
      return editNoun(edited, noun, (rows) =>
        rows.map((row) => paths.reduce((r, path) => mapIdAt(r, path, map), row)),
      );
    },
    { ...file, items: file.items.map((item) => ({ ...item, id: map(item.id) })) },
  );

/**
 * The file without a row that was removed from its list, and without what followed it: what was on it, what was on
 * that, and so on.
 */
export function afterRemoval(file: RoomFile, removed: NounName, id: string, lookId?: string): RoomFile {
  let edited = file;
  for (const noun of NOUN_NAMES)
    for (const follow of describeNoun(noun).follows.filter((f) => f.of.includes(removed)))
      for (const inLook of placesOf(file, noun, lookId))
        edited = afterRelease(edited, { noun, follow, inLook }, id);
  return edited;
}

/** The looks in which a noun's rows are; one undefined for a noun that is in none. */
const placesOf = (file: RoomFile, noun: NounName, lookId: string | undefined): (string | undefined)[] => {
  if (NOUNS[noun].where !== 'look') return [undefined];
  return lookId === undefined ? file.looks.map((look) => look.id) : [lookId];
};

type Following = { noun: NounName; follow: AnyNoun['follows'][number]; inLook: string | undefined };

function afterRelease(file: RoomFile, { noun, follow, inLook }: Following, id: string): RoomFile {
  const following = rowsOfNoun(file, noun, inLook).filter((row) => valueAt(row, follow.path) === id);
  const edited = editNoun(file, noun, (rows) => released(rows, follow, id), inLook);
  if (follow.then !== 'removed') return edited;
  return following.reduce((f, row) => afterRemoval(f, noun, row.id, inLook), edited);
}

function released(
  rows: readonly AnyRow[],
  { path, then }: AnyNoun['follows'][number],
  id: string,
): readonly AnyRow[] {
  if (!rows.some((row) => valueAt(row, path) === id)) return rows;
  if (then === 'removed') return rows.filter((row) => valueAt(row, path) !== id);
  return rows.map((row) => (valueAt(row, path) === id ? { ...row, ...then } : row));
}
