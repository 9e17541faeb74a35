import { ROOM_FILE_VERSION } from '../core/model/schema';
import type { Home, Look, Piece, RoomFile, StudioFile } from '../core/model/types';
import type { OwnRule } from '../core/rules/book';
import { itemsOfPage, itemsOfRoom } from './itemRepository';
import { loadPlaces } from './placeRepository';
import {
  dressingToRow,
  fittingToRow,
  foundToRow,
  groupToRow,
  hangingToRow,
  irritationToRow,
  rowToFound,
  rowToIrritation,
  rowToTask,
  taskToRow,
  homeToRow,
  lookToRow,
  openingToRow,
  pieceToRow,
  placementToRow,
  roomToRow,
  rowToDressing,
  rowToFitting,
  rowToGroup,
  rowToHanging,
  rowToHome,
  rowToLook,
  rowToOpening,
  rowToPiece,
  rowToPlacement,
  rowToRoom,
  rowToRule,
  rowToWall,
  ruleToRow,
  wallToRow,
} from './mappings';
import { insertRow, saveRows, statement, updateRow, type Row, type StudioDatabase, type Table } from './rows';
import { ROOM_TABLES, TABLES } from './tables';

/** A room as it is kept: without the studio's things and rules. */
export type RoomBody = StudioFile['rooms'][number];

const ofRoom = (db: StudioDatabase, table: Table, roomId: string): Row[] =>
  statement(db, `SELECT * FROM ${table.name} WHERE room_id = ? ORDER BY position, id`).all(roomId) as Row[];

export function loadRoom(db: StudioDatabase, roomId: string): RoomBody | undefined {
  const row = statement(db, 'SELECT * FROM room WHERE id = ?').get(roomId) as Row | undefined;
  if (!row) return undefined;
  const inLooks = <T>(table: Table, map: (r: Row) => T) => {
    const byLook = new Map<string, T[]>();
    for (const r of ofRoom(db, table, roomId))
      byLook.set(r.look_id as string, [...(byLook.get(r.look_id as string) ?? []), map(r)]);
    return (lookId: string) => byLook.get(lookId) ?? [];
  };
  const [dressings, hangings, groups, placements] = [
    inLooks(TABLES.dressing, rowToDressing),
    inLooks(TABLES.hanging, rowToHanging),
    inLooks(TABLES.group, rowToGroup),
    inLooks(TABLES.placement, rowToPlacement),
  ];
  const { room, beforePhotos } = rowToRoom(row, ofRoom(db, TABLES.wall, roomId).map(rowToWall));
  return {
    homeId: row.home_id as string,
    room,
    clear: {
      found: ofRoom(db, TABLES.found, roomId).map(rowToFound),
      irritations: ofRoom(db, TABLES.irritation, roomId).map(rowToIrritation),
      tasks: ofRoom(db, TABLES.task, roomId).map(rowToTask),
      beforePhotos,
    },
    openings: ofRoom(db, TABLES.opening, roomId).map(rowToOpening),
    fittings: ofRoom(db, TABLES.fitting, roomId).map(rowToFitting),
    pieces: ofRoom(db, TABLES.piece, roomId).map(rowToPiece),
    looks: ofRoom(db, TABLES.look, roomId).map((l) =>
      rowToLook(l, {
        dressings: dressings(l.id as string),
        hangings: hangings(l.id as string),
        groups: groups(l.id as string),
        placements: placements(l.id as string),
      }),
    ),
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
  return {
    rideau: ROOM_FILE_VERSION,
    rules: loadRules(db),
    home: loadHome(db, homeId)!,
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
      'SELECT room.name AS room_name, piece.* FROM piece JOIN room ON room.id = piece.room_id WHERE piece.seat_width_mm IS NOT NULL OR piece.mattress_mm IS NOT NULL ORDER BY room.name, piece.position',
    ).all() as Row[]
  ).map((r) => ({ roomId: String(r.room_id), room: String(r.room_name), piece: rowToPiece(r) }));

/** Every room by its names, the one changed last first. */
export const loadRoomHeads = (db: StudioDatabase): RoomHead[] =>
  statement(
    db,
    'SELECT r.id, r.name, h.name AS homeName FROM room AS r JOIN home AS h ON h.id = r.home_id LEFT JOIN room_revision AS v ON v.room_id = r.id ORDER BY v.changed_at DESC, r.seq',
  ).all() as RoomHead[];

export const loadRoomsOfHome = (db: StudioDatabase, homeId: string): { id: string; name: string }[] =>
  statement(db, 'SELECT id, name FROM room WHERE home_id = ? ORDER BY seq').all(homeId) as {
    id: string;
    name: string;
  }[];

export const loadRoomIds = (db: StudioDatabase): string[] =>
  statement(db, 'SELECT id FROM room ORDER BY seq').pluck().all() as string[];

type Lists = Pick<RoomFile, 'room' | 'openings' | 'fittings' | 'pieces' | 'clear' | 'looks'>;

const roomRow = (file: Lists, homeId: string): Row =>
  roomToRow({ room: file.room, beforePhotos: file.clear.beforePhotos }, homeId);

/** A room's rows, table by table, a table before those that refer to it. */
function rowsOf(file: Lists): [Table, Row[]][] {
  const room_id = file.room.id;
  const list = <T>(rows: readonly T[], map: (row: T, place: { room_id: string; position: number }) => Row) =>
    rows.map((r, position) => map(r, { room_id, position }));
  const inLooks = <T>(
    of: (look: Look) => readonly T[],
    map: (row: T, place: { room_id: string; look_id: string; position: number }) => Row,
  ) => file.looks.flatMap((l) => of(l).map((r, position) => map(r, { room_id, look_id: l.id, position })));
  return [
    [TABLES.wall, list(file.room.walls, wallToRow)],
    [TABLES.opening, list(file.openings, openingToRow)],
    [TABLES.fitting, list(file.fittings, fittingToRow)],
    [TABLES.piece, list(file.pieces, pieceToRow)],
    [TABLES.look, list(file.looks, lookToRow)],
    [TABLES.found, list(file.clear.found, foundToRow)],
    [TABLES.irritation, list(file.clear.irritations, irritationToRow)],
    [TABLES.task, list(file.clear.tasks, taskToRow)],
    [TABLES.dressing, inLooks((l) => l.dressings, dressingToRow)],
    [TABLES.hanging, inLooks((l) => l.hangings, hangingToRow)],
    [TABLES.group, inLooks((l) => l.groups, groupToRow)],
    [TABLES.placement, inLooks((l) => l.placements, placementToRow)],
  ];
}

/** Writes what differs between the room as it was loaded and as it is to be, its home included. */
export function saveRoom(db: StudioDatabase, before: RoomFile, after: RoomFile): void {
  saveRows(db, TABLES.home, [homeToRow(before.home)], [homeToRow(after.home)]);
  saveRows(db, TABLES.room, [roomRow(before, before.home.id)], [roomRow(after, after.home.id)]);
  const old = rowsOf(before);
  rowsOf(after).forEach(([table, rows], i) => saveRows(db, table, old[i]![1], rows));
}

export function insertRoom(db: StudioDatabase, file: Lists & { home: Pick<Home, 'id'> }): void {
  insertRow(db, TABLES.room, roomRow(file, file.home.id));
  for (const [table, rows] of rowsOf(file)) for (const row of rows) insertRow(db, table, row);
}

/** Removes a room with all that is in it; its revision and journal stay, for when it is brought back. */
export function deleteRoom(db: StudioDatabase, roomId: string): void {
  for (const table of ROOM_TABLES) statement(db, `DELETE FROM ${table.name} WHERE room_id = ?`).run(roomId);
  statement(db, 'DELETE FROM room WHERE id = ?').run(roomId);
}

export const loadHomes = (db: StudioDatabase): Home[] =>
  (statement(db, 'SELECT * FROM home ORDER BY seq').all() as Row[]).map(rowToHome);

export function loadHome(db: StudioDatabase, homeId: string): Home | undefined {
  const row = statement(db, 'SELECT * FROM home WHERE id = ?').get(homeId) as Row | undefined;
  return row && rowToHome(row);
}

export const saveHome = (db: StudioDatabase, home: Home): void =>
  (loadHome(db, home.id) ? updateRow : insertRow)(db, TABLES.home, homeToRow(home));

export const dropEmptyHomes = (db: StudioDatabase): void =>
  void statement(db, 'DELETE FROM home WHERE id NOT IN (SELECT home_id FROM room)').run();

export const loadRules = (db: StudioDatabase): OwnRule[] =>
  (statement(db, 'SELECT * FROM own_rule ORDER BY seq').all() as Row[]).map(rowToRule);

export const saveRules = (db: StudioDatabase, before: readonly OwnRule[], after: readonly OwnRule[]): void =>
  saveRows(db, TABLES.ownRule, before.map(ruleToRow), after.map(ruleToRow));

/** How often a room was changed, and when last; 0 for a room that never was. */
export const loadRevision = (
  db: StudioDatabase,
  roomId: string,
): { revision: number; changedAt: string | null } =>
  (statement(db, 'SELECT revision, changed_at AS changedAt FROM room_revision WHERE room_id = ?').get(
    roomId,
  ) as { revision: number; changedAt: string } | undefined) ?? { revision: 0, changedAt: null };

export const bumpRevision = (db: StudioDatabase, roomId: string, now: string): void =>
  void statement(
    db,
    'INSERT INTO room_revision (room_id, revision, changed_at) VALUES (?, 1, ?) ON CONFLICT (room_id) DO UPDATE SET revision = revision + 1, changed_at = excluded.changed_at',
  ).run(roomId, now);
