import 'server-only';
import { nanoid } from 'nanoid';
import { fail, ok, type Result } from '../../core/base/result';
import { stableText } from '../../core/base/stable';
import { estimateReflectance } from '../../core/colour/light';
import { metamerOf } from '../../core/colour/metamer';
import { partingOf, type ReaderRow } from '../../core/colour/reader';
import { formatBareLength, formatLength } from '../../core/base/length';
import { newItem } from '../../core/model/defaults';
import { itemSchema, placeSchema } from '../../core/model/schema';
import type { Item, Season, StoragePlace } from '../../core/model/types';
import { ruleBook } from '../../core/rules/book';
import { arrivalOf, type Arrival } from '../../core/stash/arrived';
import { SEASONS } from '../../core/model/values';
import { needAgainstHave, sameInsert, usedBySeason, type NeedLine, type Use } from '../../core/stash/need';
import { addDays } from '../../core/stash/returns';
import { chooseInsert } from '../../core/stages/seats/insert';
import { spotsOf, type Spot } from '../../core/stash/spots';
import type { ShopPanels } from '../../core/stages/windows/solve/solveWindows';
import { contentsOf, goesUnder, type Contents } from '../../core/stash/storage';
import { inEntry, nextEntry, type Label } from '../../data/journal';
import {
  deleteItem,
  indexText,
  itemsByIds,
  loadItem,
  loadItems,
  loadPillowUses,
  loadUses,
  roomsWithItem,
  saveItem,
  usesOfItem,
  type ItemUse,
} from '../../data/itemRepository';
import { changesOf } from '../../data/rows';
import { loadPlaces, removePlace, savePlace } from '../../data/placeRepository';
import { loadRules } from '../../data/ownRuleRepository';
import { loadRoom, loadRoomHeads, loadRoomIds, loadSeatsAndBeds } from '../../data/roomRepository';
import shop from '../../../demo/shop.json';
import { schemaIssues, type DoorIssue } from '../issues';
import { now, studioDatabase } from '../studio';

export const today = (): string => now().slice(0, 10);
export const warnDays = (): readonly number[] => rules().list('stash.returnWarn');
const rules = () => ruleBook(loadRules(studioDatabase()), 'in');

export type StashHead = {
  undo: Label | null;
  redo: Label | null;
  places: StoragePlace[];
  rooms: { id: string; name: string }[];
  rules: ReturnType<typeof loadRules>;
  today: string;
  shops: string[];
};
export const stashHead = (): StashHead => {
  const db = studioDatabase();
  return {
    undo: nextEntry(db, null, 'undo')?.label ?? null,
    redo: nextEntry(db, null, 'redo')?.label ?? null,
    places: loadPlaces(db),
    rooms: loadRoomHeads(db).map(({ id, name }) => ({ id, name })),
    rules: loadRules(db),
    today: today(),
    shops: shop.sources.map((s) => s.name),
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
  const used = usedBySeason(loadUses(db));
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

/** Puts things into the stash as one act that can be taken back. */
export function putItems(items: readonly unknown[], code = 'putItems'): Result<{ ids: string[] }, DoorIssue> {
  const read: Item[] = [];
  for (const [i, item] of items.entries()) {
    const parsed = itemSchema.safeParse(item);
    if (!parsed.success)
      return { ok: false, issues: schemaIssues(parsed.error).map((x) => ({ ...x, path: [i, ...x.path] })) };
    read.push(parsed.data);
  }
  if (read.length === 0) return fail<DoorIssue>({ path: [], code: 'nothing', message: 'Nothing to put in.' });
  const db = studioDatabase();
  db.transaction(() =>
    inEntry(db, null, { code, name: nameOf(read) }, now(), () => {
      for (const item of read) saveItem(db, item);
    }),
  ).immediate();
  return ok({ ids: read.map((i) => i.id) });
}

/** Saves a thing if it still is as it was when the change was begun; else gives it as it now is. */
export function saveChangedItem(
  before: Item,
  after: unknown,
): Result<{ ids: string[] }, DoorIssue | { code: 'stale'; item: Item }> {
  const now = loadItem(studioDatabase(), before.id);
  if (!now) return fail({ path: [], code: 'not-found', message: 'That thing is no longer there.' });
  if (stableText(now) !== stableText(before)) return fail({ code: 'stale' as const, item: now });
  return putItems([after]);
}

const nameOf = (items: readonly Pick<Item, 'name'>[]): string =>
  (items.length === 1 ? items[0]!.name : `${items[0]!.name} + ${items.length - 1}`).slice(0, 80);

/** Takes things out of the stash, unless a room speaks of them. */
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
 * An ordered thing came: it is owned and seen from now on; what was relied on before stays beside what was
 * seen.
 */
export function itemArrived(id: string, seen: Item['colours'] | null): Result<ArrivedAnswer, DoorIssue> {
  const db = studioDatabase();
  const item = loadItem(db, id);
  if (!item)
    return fail<DoorIssue>({ path: [], code: 'not-found', message: 'That thing is no longer there.' });
  const relied = item.relied ?? item.colours;
  const colours = seen ?? item.colours;
  const source = shop.sources.find((s) => s.name === item.source);
  const after = itemSchema.safeParse({
    ...item,
    state: 'owned',
    seen: true,
    colours,
    relied,
    tagsOn: true,
    dueOn: null,
    returnBy: item.returnBy ?? (source && source.returnDays > 0 ? addDays(today(), source.returnDays) : null),
  });
  if (!after.success) return { ok: false, issues: schemaIssues(after.error) };
  db.transaction(() =>
    inEntry(db, null, { code: 'arrived', name: item.name }, now(), () => saveItem(db, after.data)),
  ).immediate();
  return ok({ arrival: arrivalOf(relied[0]!, colours[0]!, rules()), relies: usesOfItem(db, id) });
}

/**
 * What a colour reader gave for things that are named so, or for one thing; the colour is seen in person from
 * now on.
 */
export function takeReading(id: string, row: ReaderRow): Result<{ ids: string[] }, DoorIssue> {
  const item = loadItem(studioDatabase(), id);
  if (!item)
    return fail<DoorIssue>({ path: [], code: 'not-found', message: 'That thing is no longer there.' });
  const [first, ...others] = item.colours;
  return putItems([
    {
      ...item,
      colours: [{ ...first!, ...row.lab }, ...others],
      spectrum: row.spectrum,
      colourFrom: 'reader',
      seen: true,
    },
  ]);
}

/** Cloths of the demo whose dyes are of another make: they look the same by day and part by lamp. */
const OTHER_DYE = /velvet/i;
/**
 * A colour reader that stands in for a real one: it reads a thing's colour as a smooth spectrum, and a
 * velvet's as dyed otherwise.
 */
export function simulatedReading(id: string): ReaderRow | undefined {
  const item = loadItem(studioDatabase(), id);
  if (!item) return undefined;
  const lab = item.colours[0]!;
  const smooth = estimateReflectance(lab).slice(2, 33);
  return {
    name: item.name,
    lab: { l: lab.l, a: lab.a, b: lab.b },
    spectrum: (OTHER_DYE.test(item.name) ? metamerOf(smooth, 0.12) : smooth).map((v) =>
      Math.min(1.5, Math.max(0, Number(v.toFixed(5)))),
    ),
  };
}

export type PlaceRow = {
  place: StoragePlace;
  contents: Contents;
  items: { id: string; name: string; count: number }[];
  under: { room: string; name: string; leftMm: number }[];
};
/** Every storage place with what it holds, and the furniture that it goes under. */
export function placeRows(): PlaceRow[] {
  const db = studioDatabase();
  const book = rules();
  const items = loadItems(db).filter((i) => i.placeId !== null);
  const furniture = loadSeatsAndBeds(db);
  return loadPlaces(db).map((place) => ({
    place,
    contents: contentsOf(place, items, book),
    items: items
      .filter((i) => i.placeId === place.id && i.state !== 'gone')
      .map(({ id, name, count }) => ({ id, name, count })),
    under:
      place.kind === 'underFurniture' || place.kind === 'box' || place.kind === 'bag'
        ? [
            ...furniture.filter((f) => f.roomId === place.roomId),
            ...furniture.filter((f) => f.roomId !== place.roomId),
          ].flatMap((f) =>
            goesUnder(place, [f.piece]).map((u) => ({ room: f.room, name: u.name, leftMm: u.leftMm })),
          )
        : [],
  }));
}

export function putPlace(input: unknown): Result<{ id: string }, DoorIssue> {
  const read = placeSchema.safeParse(input);
  if (!read.success) return { ok: false, issues: schemaIssues(read.error) };
  const db = studioDatabase();
  db.transaction(() =>
    inEntry(db, null, { code: 'putPlace', name: read.data.name }, now(), () => savePlace(db, read.data)),
  ).immediate();
  return ok({ id: read.data.id });
}

export function dropPlace(id: string): boolean {
  const db = studioDatabase();
  const place = loadPlaces(db).find((p) => p.id === id);
  if (!place) return false;
  db.transaction(() =>
    inEntry(db, null, { code: 'removePlace', name: place.name }, now(), () => removePlace(db, id)),
  ).immediate();
  return true;
}

/** Need against have: for one look of a room, or over all rooms in a season. */
export function needLines(ask: { roomId: string; lookId: string } | { season: Season }): NeedLine[] {
  const db = studioDatabase();
  const inserts = insertUses();
  const uses = [...loadUses(db), ...inserts.uses];
  const items = new Map([
    ...itemsByIds(db, [...new Set(uses.map((u) => u.itemId))]).map((i) => [i.id, i] as const),
    ...inserts.items,
  ]);
  const offers = shop.sources.flatMap((s) =>
    s.lines.map((l) => ({
      source: s.name,
      name: l.name,
      insert: 'insert' in l ? l.insert : undefined,
      stock: l.stock,
      price: l.price,
      leadDays: s.leadDays,
      returnDays: s.returnDays,
    })),
  );
  if ('season' in ask) {
    const used = usedBySeason(uses);
    return needAgainstHave(
      new Map([...used].map(([id, u]) => [id, u[ask.season]])),
      new Map(),
      items,
      offers,
      inserts.coming,
    );
  }
  const mine = uses.filter((u) => u.roomId === ask.roomId && u.lookId === ask.lookId);
  const season = mine[0]?.season ?? null;
  const others = usedBySeason(uses.filter((u) => u.roomId !== ask.roomId));
  const needs = new Map<string, number>();
  for (const u of mine) needs.set(u.itemId, (needs.get(u.itemId) ?? 0) + u.count);
  return needAgainstHave(
    needs,
    new Map([...others].map(([id, u]) => [id, season ? u[season] : u.any])),
    items,
    offers,
    inserts.coming,
  );
}

/**
 * Inserts as things that looks use: covers of one size that are never out at once share them, so they are
 * counted season by season like everything else. Owned inserts of a size and filling stand together under one
 * line.
 */
function insertUses(): { uses: Use[]; items: Map<string, Item>; coming: Map<string, number> } {
  const db = studioDatabase();
  const pillows = loadPillowUses(db);
  const own = loadRules(db);
  const books = { in: ruleBook(own, 'in'), 'ft-in': ruleBook(own, 'ft-in'), cm: ruleBook(own, 'cm') };
  const covers = new Map(itemsByIds(db, [...new Set(pillows.map((p) => p.itemId))]).map((i) => [i.id, i]));
  const inserts = loadItems(db).filter((i) => i.kind === 'insert');
  const items = new Map<string, Item>();
  const coming = new Map<string, number>();
  const uses = pillows.flatMap((p): Use[] => {
    const cover = covers.get(p.itemId);
    const insert = cover && chooseInsert(cover, p.fill, books[p.unit]).insert;
    if (!insert) return [];
    const id = `insert ${Math.round(insert.widthMm)} ${Math.round(insert.heightMm)} ${p.fill}`;
    if (!items.has(id)) {
      const such = inserts.filter((i) => sameInsert(i, { ...insert, fill: p.fill }));
      const mine = such.filter((i) => i.state === 'owned');
      coming.set(
        id,
        such.reduce((n, i) => n + (i.state === 'ordered' ? i.count : 0), 0),
      );
      const unit = p.unit === 'cm' ? 'cm' : 'in';
      items.set(
        id,
        newItem({
          id,
          name:
            mine[0]?.name ??
            `${formatBareLength(insert.widthMm, unit)} × ${formatLength(insert.heightMm, unit)} ${p.fill} insert`,
          kind: 'insert',
          count: mine.reduce((n, i) => n + i.count, 0),
          widthMm: insert.widthMm,
          heightMm: insert.heightMm,
          fill: p.fill,
        }),
      );
    }
    return [{ itemId: id, roomId: p.roomId, lookId: p.lookId, season: p.season, count: 1 }];
  });
  return { uses, items, coming };
}

export type LooksOfRoom = { roomId: string; roomName: string; looks: { id: string; name: string }[] };
export const looksOfRooms = (): LooksOfRoom[] => {
  const db = studioDatabase();
  return loadRoomIds(db)
    .slice(0, 200)
    .map((id) => {
      const r = loadRoom(db, id)!;
      return { roomId: id, roomName: r.room.name, looks: r.looks.map((l) => ({ id: l.id, name: l.name })) };
    });
};

export const spotsOfRoom = (roomId: string): Spot[] => {
  const room = loadRoom(studioDatabase(), roomId);
  return room ? spotsOf(room) : [];
};

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

/** Curtain panels that the shops have, by name. */
export const shopPanels = (): ShopPanels[] =>
  shop.sources.flatMap((s) =>
    s.lines
      .filter((l) => l.kind === 'panel')
      .map((l) => ({ name: l.name, stock: l.stock, price: l.price, leadDays: s.leadDays })),
  );
