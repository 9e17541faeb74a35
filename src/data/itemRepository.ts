import type { Item, Season } from '../core/model/types';
import type { WornLook } from '../core/stash/need';
import { ITEM_ROWS } from './codecs';
import { countRows, deleteRow, insertRow, statement, updateRow, type Row, type StudioDatabase } from './rows';
import { TABLES } from './tables';

export const countItems = (db: StudioDatabase): number => countRows(db, TABLES.item);

export const loadItems = (db: StudioDatabase): Item[] =>
  (statement(db, 'SELECT * FROM item ORDER BY seq').all() as Row[]).map(ITEM_ROWS.fromRow);

export const loadItemsOfKinds = (db: StudioDatabase, kinds: readonly Item['kind'][]): Item[] =>
  (
    statement(db, 'SELECT * FROM item WHERE kind IN (SELECT value FROM json_each(?)) ORDER BY seq').all(
      JSON.stringify(kinds),
    ) as Row[]
  ).map(ITEM_ROWS.fromRow);

/** The things with these ids that there are, in the stash's order. */
export const itemsByIds = (db: StudioDatabase, ids: readonly string[]): Item[] =>
  (
    statement(db, 'SELECT * FROM item WHERE id IN (SELECT value FROM json_each(?)) ORDER BY seq').all(
      JSON.stringify(ids),
    ) as Row[]
  ).map(ITEM_ROWS.fromRow);

const OF_ROOM = 'SELECT item_id FROM item_use WHERE room_id = @roomId';

/** The things that a room's looks use, and the inserts, casings and bulbs that may go into them, in the stash's order. */
export const itemsOfRoom = (db: StudioDatabase, roomId: string): Item[] =>
  (
    statement(
      db,
      `SELECT * FROM item WHERE kind IN ('insert', 'casing', 'bulb') OR id IN (${OF_ROOM}) ORDER BY seq`,
    ).all({
      roomId,
    }) as Row[]
  ).map(ITEM_ROWS.fromRow);

/**
 * The same for a page: inserts of one size and filling that the room does not place itself come as one with
 * their number, since a studio owns hundreds and a seat only asks how many of a size there are.
 */
export const itemsOfPage = (db: StudioDatabase, roomId: string): Item[] =>
  (
    statement(
      db,
      `WITH own AS (${OF_ROOM}),
         summed AS (
           SELECT min(seq) AS first, min(10000, sum(count)) AS together FROM item
           WHERE kind = 'insert' AND id NOT IN own
           GROUP BY width_mm, height_mm, round, fill, state
         )
       SELECT item.*, summed.together FROM item LEFT JOIN summed ON summed.first = item.seq
       WHERE item.id IN own OR item.kind IN ('bulb', 'casing') OR item.seq IN (SELECT first FROM summed)
       ORDER BY item.seq`,
    ).all({ roomId }) as Row[]
  ).map((row) => {
    const item = ITEM_ROWS.fromRow(row);
    return row.together === null ? item : { ...item, count: Number(row.together) };
  });

export function saveItem(db: StudioDatabase, item: Item): void {
  const known = statement(db, 'SELECT 1 FROM item WHERE id = ?').get(item.id) !== undefined;
  (known ? updateRow : insertRow)(db, TABLES.item, ITEM_ROWS.toRow(item));
}

/**
 * Things of some kinds (all kinds when none is named) with every given word in their name, whereabouts or texture. What was
 * let go is not among them. Those of the room that is named come first.
 */
export function findItems(
  db: StudioDatabase,
  kinds: readonly string[],
  words: string,
  { limit, roomId = null }: { limit: number; roomId?: string | null },
): Item[] {
  const patterns = words
    .split(/\s+/)
    .filter(Boolean)
    .map((w) => `%${w.replace(/[\\%_]/g, (c) => `\\${c}`)}%`);
  return (
    statement(
      db,
      `SELECT * FROM item WHERE state <> 'gone'
       AND (@kinds = '[]' OR kind IN (SELECT value FROM json_each(@kinds)))
       AND NOT EXISTS (SELECT 1 FROM json_each(@patterns) AS p
         WHERE name || ' ' || whereabouts || ' ' || texture NOT LIKE p.value ESCAPE '\\')
     ORDER BY room_id IS NOT @roomId, name COLLATE NOCASE, seq LIMIT @limit`,
    ).all({ kinds: JSON.stringify(kinds), patterns: JSON.stringify(patterns), limit, roomId }) as Row[]
  ).map(ITEM_ROWS.fromRow);
}

export function loadItem(db: StudioDatabase, id: string): Item | undefined {
  const row = statement(db, 'SELECT * FROM item WHERE id = ?').get(id) as Row | undefined;
  return row && ITEM_ROWS.fromRow(row);
}

export const deleteItem = (db: StudioDatabase, id: string): void => deleteRow(db, TABLES.item, { id });

/** Rooms that refer to an item: used in a look, or found there. */
export const roomsWithItem = (db: StudioDatabase, id: string): { id: string; name: string }[] =>
  statement(
    db,
    `SELECT id, name FROM room WHERE id IN (SELECT room_id FROM item_use WHERE item_id = ?) ORDER BY seq`,
  ).all(id) as { id: string; name: string }[];

/** Where a thing is used: room, look, and how many. */
export type ItemUse = {
  itemId: string;
  roomId: string;
  roomName: string;
  lookId: string;
  lookName: string;
  season: Season | null;
  count: number;
};

const USES = `SELECT u.item_id AS itemId, u.room_id AS roomId, r.name AS roomName,
    u.look_id AS lookId, l.name AS lookName, l.season, sum(u.used) AS count
  FROM item_use AS u JOIN room AS r ON r.id = u.room_id JOIN look AS l ON l.room_id = u.room_id AND l.id = u.look_id`;

export const loadUses = (db: StudioDatabase): ItemUse[] =>
  statement(db, `${USES} GROUP BY u.item_id, u.room_id, u.look_id`).all() as ItemUse[];

/** What other rooms use of these things. */
export const usesElsewhere = (db: StudioDatabase, roomId: string, itemIds: readonly string[]): ItemUse[] =>
  statement(
    db,
    `${USES} WHERE u.room_id <> ? AND u.item_id IN (SELECT value FROM json_each(?))
     GROUP BY u.item_id, u.room_id, u.look_id ORDER BY r.name`,
  ).all(roomId, JSON.stringify(itemIds)) as ItemUse[];

/** The looks of all rooms, with their seasons. */
export const loadWornLooks = (db: StudioDatabase): WornLook[] =>
  statement(db, 'SELECT room_id AS roomId, id AS lookId, season FROM look').all() as WornLook[];

export const usesOfItem = (db: StudioDatabase, id: string): ItemUse[] =>
  statement(
    db,
    `${USES} WHERE u.item_id = ? GROUP BY u.room_id, u.look_id HAVING sum(u.used) > 0 ORDER BY r.seq`,
  ).all(id) as ItemUse[];

/** Pillows of every look, with what fills them: for counting inserts. */
export type PillowUse = {
  itemId: string;
  roomId: string;
  lookId: string;
  season: Season | null;
  /** null while nobody has chosen one. */
  fill: 'feather' | 'polyester' | 'foam' | null;
  unit: 'in' | 'ft-in' | 'cm';
  featherFree: 0 | 1;
};
export const loadPillowUses = (db: StudioDatabase): PillowUse[] =>
  statement(
    db,
    `SELECT p.item_id AS itemId, p.room_id AS roomId, p.look_id AS lookId, l.season, p.fill, r.unit,
       h.feather_free AS featherFree
     FROM placement AS p JOIN look AS l ON l.room_id = p.room_id AND l.id = p.look_id
     JOIN room AS r ON r.id = p.room_id JOIN home AS h ON h.id = r.home_id WHERE p.lie IN ('propped', 'proppedSide')`,
  ).all() as PillowUse[];

/**
 * The columns of the stash's index, in the order in which its rows have them; the database writes them as one
 * text, since thousands of rows go to the page at once.
 */
export const INDEX_COLUMNS = [
  'id',
  'name',
  'kind',
  'count',
  'setOf',
  'widthMm',
  'heightMm',
  'depthMm',
  'colours',
  'patternKind',
  'repeatMm',
  'texture',
  'season',
  'state',
  'tagsOn',
  'returnBy',
  'placeId',
  'roomId',
  'whereabouts',
  'photoId',
  'colourFrom',
  'seen',
  'price',
  'wish',
  'bedding',
] as const;
export const indexText = (db: StudioDatabase): string =>
  statement(
    db,
    `SELECT json_group_array(json_array(id, name, kind, count, set_of, width_mm, height_mm, depth_mm,
     json(colours_json), pattern_kind, pattern_repeat_mm, texture, json(season_json), state, tags_on, return_by,
     place_id, room_id, whereabouts, photo_id, colour_from, seen, price, json(wish_json), bedding))
   FROM item`,
  )
    .pluck()
    .get() as string;
