import 'server-only';
import { first } from '../../core/base/list';
import { nanoid } from 'nanoid';
import { failWith, fail, isNonEmpty, ok, type Result } from '../../core/base/result';
import { stableText } from '../../core/base/stable';
import type { LengthUnit } from '../../core/base/units';
import { partingOf } from '../../core/colour/reader';
import { itemSchema } from '../../core/model/schema';
import type { Item, StoragePlace } from '../../core/model/types';
import { ruleBook } from '../../core/rules/book';
import { arrivalOf, type Arrival } from '../../core/stash/arrived';
import { oversizedSide } from '../../core/stash/itemSize';
import { SEASONS } from '../../core/model/values/item';
import { usedBySeason } from '../../core/stash/need';
import { addDays, dayOf } from '../../core/stash/returns';
import { fitsIn, type FitsIn } from '../../core/plan/fitsIn';
import { planLook } from '../../core/plan/planLook';
import { inLook } from '../../core/room/arrange';
import { inEntry, nextEntry, type Label } from '../../data/journal';
import {
  deleteItem,
  indexText,
  itemsByIds,
  loadItem,
  loadItems,
  loadWornLooks,
  loadUses,
  roomsWithItem,
  saveItem,
  usesOfItem,
  type ItemUse,
} from '../../data/itemRepository';
import { changesOf } from '../../data/rows';
import { loadPlaces } from '../../data/placeRepository';
import { loadRoomFile, loadRoomHeads, usualUnit } from '../../data/roomRepository';
import { loadRules } from '../../data/ownRuleRepository';
import { returnDaysOf, shopNames } from './shops';
import { inOneGo } from '../inOneGo';
import { schemaIssues, type DoorIssue } from '../issues';
import { now, studioDatabase } from '../studio';

/** The studio's day, not that of Greenwich. */
export const today = (): string => dayOf(now());
export const warnDays = (): readonly number[] => rules().list('stash.returnWarn');
export const rules = () => ruleBook(loadRules(studioDatabase()), 'in');

export type StashHead = {
  undo: Label | null;
  redo: Label | null;
  places: StoragePlace[];
  rooms: { id: string; name: string }[];
  rules: ReturnType<typeof loadRules>;
  /** Of the rooms, for as long as none is chosen. */ unit: LengthUnit;
  today: string;
  shops: string[];
};
export const stashHead = (): StashHead => {
  const db = studioDatabase();
  return {
    undo: nextEntry(db, null, 'undo')?.label ?? null,
    redo: nextEntry(db, null, 'redo')?.label ?? null,
    unit: usualUnit(db),
    places: loadPlaces(db),
    rooms: loadRoomHeads(db).map(({ id, name }) => ({ id, name })),
    rules: loadRules(db),
    today: today(),
    shops: shopNames(),
  };
};

const kept = new WeakMap<ReturnType<typeof studioDatabase>, { changes: string; text: string }>();

/**
 * The whole stash in short rows, with what the looks of each season use: JSON. Kept until anything in the
 * studio changes.
 */
export function stashIndex(): string {
  const db = studioDatabase();
  const changes = changesOf(db);
  const known = kept.get(db);
  if (known?.changes === changes) return known.text;
  const used = usedBySeason(loadUses(db), loadWornLooks(db));
  const short = [...used].map(([id, u]) => [id, ...SEASONS.map((s) => u[s]), u.any]);
  const text = `{"items":${indexText(db)},"used":${JSON.stringify(short)}}`;
  kept.set(db, { changes, text });
  return text;
}

export type ItemSheet = {
  item: Item;
  uses: ItemUse[];
  rooms: { id: string; name: string }[];
  parts: { id: string; name: string; day: number; lamp: number }[];
};

/**
 * All that is known of one thing: itself, where it is used, and which measured cloths match it by day and
 * part from it by lamp.
 */
export function itemSheet(id: string): ItemSheet | undefined {
  const db = studioDatabase();
  const item = loadItem(db, id);
  return item && { item, uses: usesOfItem(db, id), rooms: roomsWithItem(db, id), parts: partsOf(item) };
}

function partsOf(item: Item): ItemSheet['parts'] {
  if (!item.spectrum) return [];
  const book = rules();
  return loadItems(studioDatabase()).flatMap((other) => {
    if (other.id === item.id || !other.spectrum) return [];
    const { day, lamp } = partingOf(item.spectrum!, other.spectrum);
    return day <= book.number('seats.matchDeltaE') && lamp > book.number('stash.partsBy')
      ? [{ id: other.id, name: other.name, day, lamp }]
      : [];
  });
}

/** Adds items to the stash as one act that can be undone. */
export function putItems(items: readonly unknown[], code = 'putItems'): Result<{ ids: string[] }, DoorIssue> {
  const read: Item[] = [];
  for (const [i, item] of items.entries()) {
    const parsed = itemSchema.safeParse(item);
    if (!parsed.success)
      return failWith(schemaIssues(parsed.error).map((x) => ({ ...x, path: [i, ...x.path] })));
    read.push(parsed.data);
  }
  const oversized = oversizedIssues(read);
  if (isNonEmpty(oversized)) return { ok: false, issues: oversized };
  if (read.length === 0) return fail<DoorIssue>({ path: [], code: 'nothing', message: 'Nothing to put in.' });
  const db = studioDatabase();
  return inOneGo(() => {
    inEntry(db, null, { code, name: nameOf(read) }, now(), () => {
      for (const item of read) saveItem(db, item);
    });
    return ok({ ids: read.map((i) => i.id) });
  });
}

/**
 * Things put in by a page that asks until it is answered. One that is there already was written when the answer was lost,
 * and may have been changed since: it stays as it is.
 */
export function putNewItems(items: readonly { id: string }[]): Result<{ ids: string[] }, DoorIssue> {
  const ids = items.map((i) => i.id);
  const known = new Set(itemsByIds(studioDatabase(), ids).map((i) => i.id));
  const fresh = items.filter((i) => !known.has(i.id));
  return fresh.length === 0 && known.size > 0 ? ok({ ids }) : putItems(fresh);
}

/** Sides that were mistyped: so long no such thing is. */
export function oversizedIssues(items: readonly Item[]): DoorIssue[] {
  const known = new Map(
    itemsByIds(
      studioDatabase(),
      items.map((i) => i.id),
    ).map((i) => [i.id, i]),
  );
  return items.flatMap((item, i) => {
    const side = oversizedSide(item, known.get(item.id));
    if (!side) return [];
    const metres = (mm: number) => `${Math.round(mm) / 1000} m`;
    const message = `${item.name} can’t be ${metres(side.cameMm)}: the most is ${metres(side.longestMm)}`;
    return [{ path: [i, side.field], code: 'too-large', message }];
  });
}

/** Saves a thing if it still is as it was when the change was begun; else gives it as it now is. */
export function saveChangedItem(
  previous: Item,
  next: unknown,
): Result<{ ids: string[] }, DoorIssue | { code: 'stale'; item: Item }> {
  const now = loadItem(studioDatabase(), previous.id);
  if (!now) return fail({ path: [], code: 'not-found', message: 'That thing is no longer there.' });
  if (stableText(now) !== stableText(previous)) return fail({ code: 'stale' as const, item: now });
  return putItems([next]);
}

const nameOf = (items: readonly Pick<Item, 'name'>[]): string =>
  (items.length === 1 ? first(items).name : `${first(items).name} + ${items.length - 1}`).slice(0, 80);

/** Removes items from the stash, unless a room refers to them. */
export function removeItems(
  ids: readonly string[],
): Result<{ count: number }, { code: 'in-use'; name: string; rooms: string[] } | { code: 'not-found' }> {
  const db = studioDatabase();
  const items = itemsByIds(db, ids);
  if (items.length === 0) return fail({ code: 'not-found' as const });
  for (const item of items) {
    const rooms = roomsWithItem(db, item.id);
    if (rooms.length > 0)
      return fail({ code: 'in-use' as const, name: item.name, rooms: rooms.map((r) => r.name) });
  }
  db.transaction(() =>
    inEntry(db, null, { code: 'removeItems', name: nameOf(items) }, now(), () => {
      for (const i of items) deleteItem(db, i.id);
    }),
  ).immediate();
  return ok({ count: items.length });
}

/** A copy of a thing under a name of its own, owned and nowhere in particular. */
export function duplicateItem(id: string, name: string): Result<{ ids: string[] }, DoorIssue> {
  const item = loadItem(studioDatabase(), id);
  return item
    ? putItems([{ ...item, id: nanoid(12), name: name.slice(0, 80) }])
    : fail<DoorIssue>({ path: [], code: 'not-found', message: 'That thing is no longer there.' });
}

export type ArrivedAnswer = { arrival: Arrival; relies: ItemUse[] };
/**
 * An order arrived: the item is owned and seen from now on; the expected colours are kept beside the seen
 * ones.
 */
export function itemArrived(id: string, seen: Item['colours'] | null): Result<ArrivedAnswer, DoorIssue> {
  const db = studioDatabase();
  const item = loadItem(db, id);
  if (!item)
    return fail<DoorIssue>({ path: [], code: 'not-found', message: 'That thing is no longer there.' });
  const relied = item.relied ?? item.colours;
  const colours = seen ?? item.colours;
  const returnDays = returnDaysOf(item.source);
  const arrived = itemSchema.safeParse({
    ...item,
    state: 'owned',
    seen: true,
    colours,
    relied,
    tagsOn: true,
    dueOn: null,
    returnBy: item.returnBy ?? (returnDays > 0 ? addDays(today(), returnDays) : null),
  });
  if (!arrived.success) return failWith(schemaIssues(arrived.error));
  return inOneGo(() => {
    inEntry(db, null, { code: 'arrived', name: item.name }, now(), () => saveItem(db, arrived.data));
    return ok({ arrival: arrivalOf(first(relied), first(colours), rules()), relies: usesOfItem(db, id) });
  });
}

/** Things that can still go back, the one that ends first first. */
export const returnsOf = (): Item[] =>
  loadItems(studioDatabase())
    .filter((i) => i.tagsOn && i.returnBy !== null && i.state !== 'gone')
    .sort((a, b) => (a.returnBy! < b.returnBy! ? -1 : 1));

/** Approves what is used in a look: its tags are cut, and with that its return is closed. */
export function cutTags(ids: readonly string[]): Result<{ ids: string[] }, DoorIssue> {
  return putItems(
    itemsByIds(studioDatabase(), ids).map((i) => ({ ...i, tagsOn: false })),
    'putItems',
  );
}

/** What fits in a room as it is dressed now: in its latest look that is no record, or as it was found. */
export const spotsOfRoom = (roomId: string): FitsIn[] => {
  const file = loadRoomFile(studioDatabase(), roomId);
  if (!file) return [];
  const inOrder = [...file.looks].sort((a, b) => a.order - b.order);
  const look = inOrder.findLast((l) => !l.isRecord) ?? first(inOrder);
  return fitsIn(inLook(file, look), planLook(file, { lookId: look.id }));
};
