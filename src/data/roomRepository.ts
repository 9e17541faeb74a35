import type { LengthUnit } from '../core/base/units';
import {
  NOUN_NAMES,
  NOUNS,
  rowsOfNoun,
  type AnyRow,
  type LookList,
  type NounName,
} from '../core/model/nouns';
import { ROOM_FILE_VERSION } from '../core/model/schema';
import type { Clear, Home, Look, Piece, Room, RoomFile, StudioFile } from '../core/model/types';
import type { Codec } from './codec';
import { BEFORE_PHOTOS, HOME_ROWS, LOOK_ROWS, NOUN_ROWS, ROOM_ROWS, WALL_ROWS } from './codecs';
import { loadHome } from './homeRepository';
import { itemsOfPage, itemsOfRoom } from './itemRepository';
import { loadRules } from './ownRuleRepository';
import { loadPlaces } from './placeRepository';
import { insertRow, saveRows, statement, type Row, type StudioDatabase, type Table } from './rows';
import { ROOM_TABLES, TABLES } from './tables';

/** A room as it is kept: without the studio's things and rules. */
export type RoomBody = StudioFile['rooms'][number];

const rowsInRoom = (db: StudioDatabase, table: Table, roomId: string): Row[] =>
  statement(db, `SELECT * FROM ${table.name} WHERE room_id = ? ORDER BY position, id`).all(roomId) as Row[];

const codecOfNoun = (noun: NounName): Codec<AnyRow> => NOUN_ROWS[noun] as unknown as Codec<AnyRow>;
const nounsWhere = (where: (typeof NOUNS)[NounName]['where']): NounName[] =>
  NOUN_NAMES.filter((noun) => NOUNS[noun].where === where);

/** The lists of one part of the file, by name. */
function loadLists(db: StudioDatabase, roomId: string, where: 'room' | 'clear'): Record<string, AnyRow[]> {
  return Object.fromEntries(
    nounsWhere(where).map((noun) => {
      const { table, fromRow } = codecOfNoun(noun);
      return [NOUNS[noun].list, rowsInRoom(db, table, roomId).map(fromRow)];
    }),
  );
}

function loadLooks(db: StudioDatabase, roomId: string): Look[] {
  const lists = nounsWhere('look').map((noun) => {
    const { table, fromRow } = codecOfNoun(noun);
    const rows = rowsInRoom(db, table, roomId).map((row) => ({ lookId: row.look_id, value: fromRow(row) }));
    return { list: NOUNS[noun].list, rows };
  });
  return rowsInRoom(db, TABLES.look, roomId).map((row): Look => {
    const head = LOOK_ROWS.fromRow(row);
    const own = lists.map(({ list, rows }) => [
      list,
      rows.filter((r) => r.lookId === head.id).map((r) => r.value),
    ]);
    return { ...head, ...(Object.fromEntries(own) as unknown as Pick<Look, LookList>) };
  });
}

export function loadRoom(db: StudioDatabase, roomId: string): RoomBody | undefined {
  const row = statement(db, 'SELECT * FROM room WHERE id = ?').get(roomId) as Row | undefined;
  if (!row) return undefined;
  const walls = rowsInRoom(db, TABLES.wall, roomId).map(WALL_ROWS.fromRow);
  const beforePhotos = BEFORE_PHOTOS.read(row, TABLES.room) as Clear['beforePhotos'];
  return {
    homeId: row.home_id as string,
    room: { ...ROOM_ROWS.fromRow(row), walls },
    ...(loadLists(db, roomId, 'room') as unknown as Pick<RoomBody, 'openings' | 'fittings' | 'pieces'>),
    clear: { ...(loadLists(db, roomId, 'clear') as unknown as Omit<Clear, 'beforePhotos'>), beforePhotos },
    looks: loadLooks(db, roomId),
  };
}

/**
 * The room with its home, the studio's rules, and the things that its looks use; for a page with its inserts
 * summed up.
 */
export function loadRoomFile(db: StudioDatabase, roomId: string, forPage = false): RoomFile | undefined {
  const body = loadRoom(db, roomId);
  if (!body) return undefined;
  const { homeId, looks, ...rest } = body;
  const home = loadHome(db, homeId);
  if (!home) throw new Error(`room ${roomId} is in a home ${homeId} that there is not`);
  return {
    rideau: ROOM_FILE_VERSION,
    rules: loadRules(db),
    home,
    ...rest,
    places: loadPlaces(db),
    items: (forPage ? itemsOfPage : itemsOfRoom)(db, roomId),
    looks,
  };
}

export type RoomHead = { id: string; name: string; homeName: string };

/** Every seat and bed of every room: what a box may go under. */
export const loadSeatsAndBeds = (db: StudioDatabase): { roomId: string; room: string; piece: Piece }[] =>
  (
    statement(
      db,
      `SELECT room.name AS room_name, piece.* FROM piece JOIN room ON room.id = piece.room_id
       WHERE piece.seat_width_mm IS NOT NULL OR piece.mattress_mm IS NOT NULL
       ORDER BY room.name, piece.position`,
    ).all() as Row[]
  ).map((row) => ({
    roomId: String(row.room_id),
    room: String(row.room_name),
    piece: NOUN_ROWS.piece.fromRow(row),
  }));

/** Every room by its names, the one changed last first. */
export const loadRoomHeads = (db: StudioDatabase): RoomHead[] =>
  statement(
    db,
    `SELECT r.id, r.name, h.name AS homeName FROM room AS r
     JOIN home AS h ON h.id = r.home_id LEFT JOIN room_revision AS v ON v.room_id = r.id
     ORDER BY v.changed_at DESC, r.seq`,
  ).all() as RoomHead[];

export type LookHead = { id: string; name: string; roomId: string; roomName: string };

/** Every look with its room, the newest-changed room first. */
export const loadLookHeads = (db: StudioDatabase): LookHead[] =>
  statement(
    db,
    `SELECT l.id, l.name, r.id AS roomId, r.name AS roomName FROM look AS l
     JOIN room AS r ON r.id = l.room_id LEFT JOIN room_revision AS v ON v.room_id = r.id
     ORDER BY v.changed_at DESC, r.seq, l.tab_order`,
  ).all() as LookHead[];

/** The unit of the room that was changed last; inches where there is none. */
export const usualUnit = (db: StudioDatabase): LengthUnit =>
  (statement(
    db,
    `SELECT r.unit FROM room AS r LEFT JOIN room_revision AS v ON v.room_id = r.id
     ORDER BY v.changed_at DESC, r.seq LIMIT 1`,
  )
    .pluck()
    .get() as LengthUnit | undefined) ?? 'in';

export const loadRoomsOfHome = (db: StudioDatabase, homeId: string): { id: string; name: string }[] =>
  statement(db, 'SELECT id, name FROM room WHERE home_id = ? ORDER BY seq').all(homeId) as {
    id: string;
    name: string;
  }[];

export const loadRoomIds = (db: StudioDatabase): string[] =>
  statement(db, 'SELECT id FROM room ORDER BY seq').pluck().all() as string[];

type Body = Pick<RoomFile, 'room' | 'openings' | 'fittings' | 'pieces' | 'clear' | 'looks'>;

function roomRow({ room, clear }: Body, homeId: string): Row {
  const { walls: _walls, ...own }: Room = room;
  return { ...ROOM_ROWS.toRow(own), home_id: homeId, ...BEFORE_PHOTOS.write(clear.beforePhotos) };
}

/** Rows of a list with the place of each: its room, its look where it has one, and its position. */
const placed = <T>(rows: readonly T[], toRow: (row: T) => Row, place: Row): Row[] =>
  rows.map((row, position) => ({ ...place, position, ...toRow(row) }));

/** A room's rows, table by table, a table before those that refer to it. */
function rowsOf(body: Body): [Table, Row[]][] {
  const place = { room_id: body.room.id };
  const file = body as unknown as RoomFile;
  const inRoom = (noun: NounName): [Table, Row[]] => {
    const { table, toRow } = codecOfNoun(noun);
    return [table, placed(rowsOfNoun(file, noun), toRow, place)];
  };
  const inLooks = (noun: NounName): [Table, Row[]] => {
    const { table, toRow } = codecOfNoun(noun);
    const rows = body.looks.flatMap((look) =>
      placed(rowsOfNoun(file, noun, look.id), toRow, { ...place, look_id: look.id }),
    );
    return [table, rows];
  };
  return [
    [TABLES.wall, placed(body.room.walls, WALL_ROWS.toRow, place)],
    ...[...nounsWhere('room'), ...nounsWhere('clear')].map(inRoom),
    [TABLES.look, placed(body.looks, LOOK_ROWS.toRow, place)],
    ...nounsWhere('look').map(inLooks),
  ];
}

/** Writes what differs between the room as it was loaded and as it is to be, its home included. */
export function saveRoom(db: StudioDatabase, previous: RoomFile, next: RoomFile): void {
  saveRows(db, TABLES.home, [HOME_ROWS.toRow(previous.home)], [HOME_ROWS.toRow(next.home)]);
  saveRows(db, TABLES.room, [roomRow(previous, previous.home.id)], [roomRow(next, next.home.id)]);
  const old = rowsOf(previous);
  rowsOf(next).forEach(([table, rows], i) => saveRows(db, table, old[i]?.[1] ?? [], rows));
}

export function insertRoom(db: StudioDatabase, file: Body & { home: Pick<Home, 'id'> }): void {
  insertRow(db, TABLES.room, roomRow(file, file.home.id));
  for (const [table, rows] of rowsOf(file)) for (const row of rows) insertRow(db, table, row);
}

/** Removes a room with all that is in it; its revision and journal stay, for when it is brought back. */
export function deleteRoom(db: StudioDatabase, roomId: string): void {
  for (const table of ROOM_TABLES) statement(db, `DELETE FROM ${table.name} WHERE room_id = ?`).run(roomId);
  statement(db, 'DELETE FROM room WHERE id = ?').run(roomId);
}

/** How often a room was changed, and when last; 0 for a room that never was. */
export function loadRevision(
  db: StudioDatabase,
  roomId: string,
): { revision: number; changedAt: string | null } {
  const found = statement(
    db,
    'SELECT revision, changed_at AS changedAt FROM room_revision WHERE room_id = ?',
  ).get(roomId) as { revision: number; changedAt: string } | undefined;
  return found ?? { revision: 0, changedAt: null };
}

export const bumpRevision = (db: StudioDatabase, roomId: string, now: string): void =>
  void statement(
    db,
    `INSERT INTO room_revision (room_id, revision, changed_at) VALUES (?, 1, ?)
     ON CONFLICT (room_id) DO UPDATE SET revision = revision + 1, changed_at = excluded.changed_at`,
  ).run(roomId, now);
