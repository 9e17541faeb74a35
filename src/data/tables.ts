import { NOUN_NAMES, NOUNS, type NounName } from '../core/model/nouns';
import { snake, type Table } from './rows';

const table = (name: string, ...key: string[]): Table => ({ name, key });

/** A noun's table has its name, but for a word that SQL keeps for itself. Its key follows from where its list is. */
const OTHER_NAMES: Partial<Record<NounName, string>> = { group: 'hanging_group' };
function tableOfNoun(noun: NounName): Table {
  const name = OTHER_NAMES[noun] ?? snake(noun);
  return NOUNS[noun].where === 'look'
    ? table(name, 'room_id', 'look_id', 'id')
    : table(name, 'room_id', 'id');
}
export const NOUN_TABLES = Object.fromEntries(NOUN_NAMES.map((noun) => [noun, tableOfNoun(noun)])) as {
  [N in NounName]: Table;
};

export const TABLES = {
  ownRule: table('own_rule', 'rule_id'),
  home: table('home', 'id'),
  storagePlace: table('storage_place', 'id'),
  item: table('item', 'id'),
  room: table('room', 'id'),
  wall: table('wall', 'room_id', 'id'),
  look: table('look', 'room_id', 'id'),
} as const;

const nounTables = (inLook: boolean): Table[] =>
  NOUN_NAMES.filter((noun) => (NOUNS[noun].where === 'look') === inLook).map((noun) => NOUN_TABLES[noun]);
const { look, ...beforeLooks } = TABLES;

/** Every table that undo takes back, a table before those that refer to it. */
export const ALL_TABLES: readonly Table[] = [
  ...Object.values(beforeLooks),
  ...nounTables(false),
  look,
  ...nounTables(true),
];

/** The tables whose rows belong to one room, those that refer to others first: the order in which to delete. */
export const ROOM_TABLES: readonly Table[] = ALL_TABLES.filter((t) => t.key[0] === 'room_id').reverse();
