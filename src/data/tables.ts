import type { Table } from './rows';

const table = (name: string, ...key: string[]): Table => ({ name, key });

/** Every table that undo takes back, a table before those that refer to it. */
export const TABLES = {
  ownRule: table('own_rule', 'rule_id'),
  home: table('home', 'id'),
  storagePlace: table('storage_place', 'id'),
  item: table('item', 'id'),
  room: table('room', 'id'),
  wall: table('wall', 'room_id', 'id'),
  opening: table('opening', 'room_id', 'id'),
  fitting: table('fitting', 'room_id', 'id'),
  piece: table('piece', 'room_id', 'id'),
  look: table('look', 'room_id', 'id'),
  found: table('found', 'room_id', 'id'),
  irritation: table('irritation', 'room_id', 'id'),
  task: table('task', 'room_id', 'id'),
  dressing: table('dressing', 'room_id', 'look_id', 'id'),
  hanging: table('hanging', 'room_id', 'look_id', 'id'),
  group: table('hanging_group', 'room_id', 'look_id', 'id'),
  placement: table('placement', 'room_id', 'look_id', 'id'),
} as const;

export const ALL_TABLES: readonly Table[] = Object.values(TABLES);

/**
 * The tables whose rows belong to one room, those that refer to others first: the order in which to delete.
 */
export const ROOM_TABLES: readonly Table[] = ALL_TABLES.filter((t) => t.key[0] === 'room_id').reverse();
