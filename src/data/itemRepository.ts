import type { Item, Season } from '../core/model/types';
import { itemToRow, rowToItem } from './mappings';
import { deleteRow, insertRow, statement, updateRow, type Row, type StudioDatabase } from './rows';
import { TABLES } from './tables';

export const countItems = (db: StudioDatabase): number =>
  statement(db, 'SELECT count(*) FROM item').pluck().get() as number;

export const loadItems = (db: StudioDatabase): Item[] =>
  (statement(db, 'SELECT * FROM item ORDER BY seq').all() as Row[]).map(rowToItem);

/** The things with these ids that there are, in the stash's order. */
export const itemsByIds = (db: StudioDatabase, ids: readonly string[]): Item[] =>
  (
    statement(db, 'SELECT * FROM item WHERE id IN (SELECT value FROM json_each(?)) ORDER BY seq').all(
      JSON.stringify(ids),
    ) as Row[]
  ).map(rowToItem);

const OF_ROOM =
  'SELECT item_id FROM dressing WHERE room_id = @roomId UNION SELECT sheer_item_id FROM dressing WHERE room_id = @roomId AND sheer_item_id IS NOT NULL UNION SELECT item_id FROM hanging WHERE room_id = @roomId UNION SELECT print_item_id FROM hanging WHERE room_id = @roomId AND print_item_id IS NOT NULL UNION SELECT item_id FROM placement WHERE room_id = @roomId UNION SELECT item_id FROM found WHERE room_id = @roomId';

/** The things that a room's looks use, and the inserts that may fill their covers, in the stash's order. */
export const itemsOfRoom = (db: StudioDatabase, roomId: string): Item[] =>
  (
    statement(db, `SELECT * FROM item WHERE kind = 'insert' OR id IN (${OF_ROOM}) ORDER BY seq`).all({
      roomId,
    }) as Row[]
  ).map(rowToItem);

/**
 * The same for a page: inserts of one size and filling that the room does not place itself are told as one
 * with their
 * number, since a studio owns hundreds and a seat only asks how many of a size there are.
 */
export const itemsOfPage = (db: StudioDatabase, roomId: string): Item[] =>
  (
    statement(
      db,
      `WITH own AS (${OF_ROOM}),
     summed AS (SELECT min(seq) AS first, min(10000, sum(count)) AS together FROM item WHERE kind = 'insert' AND id NOT IN own GROUP BY width_mm, height_mm, fill, state)
   SELECT item.*, summed.together FROM item LEFT JOIN summed ON summed.first = item.seq WHERE item.id IN own OR item.seq IN (SELECT first FROM summed) ORDER BY item.seq`,
    ).all({ roomId }) as Row[]
  ).map((r) => (r.together === null ? rowToItem(r) : { ...rowToItem(r), count: Number(r.together) }));

export function saveItem(db: StudioDatabase, item: Item): void {
  const known = statement(db, 'SELECT 1 FROM item WHERE id = ?').get(item.id) !== undefined;
  (known ? updateRow : insertRow)(db, TABLES.item, itemToRow(item));
}

/**
 * Things of some kinds (all kinds when none is named) with every given word in their name, whereabouts or
 * texture.
 */
export function findItems(
  db: StudioDatabase,
  kinds: readonly string[],
  words: string,
  limit: number,
): Item[] {
  const patterns = words
    .split(/\s+/)
    .filter(Boolean)
    .map((w) => `%${w.replace(/[\\%_]/g, (c) => `\\${c}`)}%`);
  return (
    statement(
      db,
      `SELECT * FROM item WHERE (@kinds = '[]' OR kind IN (SELECT value FROM json_each(@kinds)))
       AND NOT EXISTS (SELECT 1 FROM json_each(@patterns) AS p WHERE name || ' ' || whereabouts || ' ' || texture NOT LIKE p.value ESCAPE '\\')
     ORDER BY name COLLATE NOCASE, seq LIMIT @limit`,
    ).all({ kinds: JSON.stringify(kinds), patterns: JSON.stringify(patterns), limit }) as Row[]
  ).map(rowToItem);
}

/**
 * What other rooms use of these things: for each how many, and the room that uses most. A room wears one look
 * at a time, so its hungriest look counts.
 */
export function usedElsewhere(
  db: StudioDatabase,
  roomId: string,
  itemIds: readonly string[],
): Map<string, { room: string; count: number }> {
  const rows = statement(
    db,
    `WITH wanted AS (SELECT value AS item_id FROM json_each(@ids))
     SELECT item_id, name, max(used) AS used FROM (
       SELECT u.item_id, r.id AS room_id, r.name, u.look_id, sum(u.used) AS used FROM (
         SELECT item_id, room_id, look_id, 1 AS used FROM placement WHERE item_id IN wanted
         UNION ALL SELECT item_id, room_id, look_id, 1 FROM hanging WHERE item_id IN wanted
         UNION ALL SELECT print_item_id, room_id, look_id, 1 FROM hanging WHERE print_item_id IN wanted
         UNION ALL SELECT item_id, room_id, look_id, coalesce(panels, 2) FROM dressing WHERE item_id IN wanted
         UNION ALL SELECT sheer_item_id, room_id, look_id, coalesce(sheer_panels, 2) FROM dressing WHERE sheer_item_id IN wanted
       ) AS u JOIN room AS r ON r.id = u.room_id WHERE u.room_id <> @roomId GROUP BY u.item_id, r.id, u.look_id
     ) GROUP BY item_id, room_id ORDER BY used DESC, name`,
  ).all({ roomId, ids: JSON.stringify(itemIds) }) as { item_id: string; name: string; used: number }[];
  const found = new Map<string, { room: string; count: number }>();
  for (const r of rows)
    found.set(r.item_id, {
      room: found.get(r.item_id)?.room ?? r.name,
      count: (found.get(r.item_id)?.count ?? 0) + r.used,
    });
  return found;
}

export const loadItem = (db: StudioDatabase, id: string): Item | undefined => {
  const row = statement(db, 'SELECT * FROM item WHERE id = ?').get(id) as Row | undefined;
  return row && rowToItem(row);
};

export const deleteItem = (db: StudioDatabase, id: string): void => deleteRow(db, TABLES.item, { id });

/** Rooms that speak of a thing: used in a look, or found there. */
export const roomsWithItem = (db: StudioDatabase, id: string): { id: string; name: string }[] =>
  statement(
    db,
    `SELECT DISTINCT r.id, r.name FROM room AS r WHERE r.id IN (
     SELECT room_id FROM dressing WHERE item_id = @id UNION SELECT room_id FROM dressing WHERE sheer_item_id = @id UNION SELECT room_id FROM hanging WHERE item_id = @id UNION SELECT room_id FROM hanging WHERE print_item_id = @id UNION SELECT room_id FROM placement WHERE item_id = @id UNION SELECT room_id FROM found WHERE item_id = @id
   ) ORDER BY r.seq`,
  ).all({ id }) as { id: string; name: string }[];

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
const USES = `SELECT u.item_id AS itemId, u.room_id AS roomId, r.name AS roomName, u.look_id AS lookId, l.name AS lookName, l.season, sum(u.used) AS count FROM (
    SELECT item_id, room_id, look_id, 1 AS used FROM placement UNION ALL SELECT item_id, room_id, look_id, 1 FROM hanging UNION ALL SELECT print_item_id, room_id, look_id, 1 FROM hanging WHERE print_item_id IS NOT NULL UNION ALL SELECT item_id, room_id, look_id, coalesce(panels, 2) FROM dressing WHERE item_id IS NOT NULL UNION ALL SELECT sheer_item_id, room_id, look_id, coalesce(sheer_panels, 2) FROM dressing WHERE sheer_item_id IS NOT NULL
  ) AS u JOIN room AS r ON r.id = u.room_id JOIN look AS l ON l.room_id = u.room_id AND l.id = u.look_id`;
export const loadUses = (db: StudioDatabase): ItemUse[] =>
  statement(db, `${USES} GROUP BY u.item_id, u.room_id, u.look_id`).all() as ItemUse[];
export const usesOfItem = (db: StudioDatabase, id: string): ItemUse[] =>
  statement(db, `${USES} WHERE u.item_id = ? GROUP BY u.room_id, u.look_id ORDER BY r.seq`).all(
    id,
  ) as ItemUse[];

/** Pillows of every look, with what fills them: for counting inserts. */
export type PillowUse = {
  itemId: string;
  roomId: string;
  lookId: string;
  season: Season | null;
  fill: 'feather' | 'polyester' | 'foam';
  unit: 'in' | 'ft-in' | 'cm';
};
export const loadPillowUses = (db: StudioDatabase): PillowUse[] =>
  statement(
    db,
    `SELECT p.item_id AS itemId, p.room_id AS roomId, p.look_id AS lookId, l.season, p.fill, r.unit FROM placement AS p JOIN look AS l ON l.room_id = p.room_id AND l.id = p.look_id JOIN room AS r ON r.id = p.room_id WHERE p.placed_as = 'pillow'`,
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
] as const;
export const indexText = (db: StudioDatabase): string =>
  statement(
    db,
    `SELECT json_group_array(json_array(id, name, kind, count, set_of, width_mm, height_mm, depth_mm, json(colours_json), pattern_kind, pattern_repeat_mm, texture, json(season_json), state, tags_on, return_by, place_id, room_id, whereabouts, photo_id, colour_from, seen, price))
   FROM item`,
  )
    .pluck()
    .get() as string;
