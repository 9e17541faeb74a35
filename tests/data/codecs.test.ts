import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { z } from 'zod';
import {
  describeNoun,
  itemIdsOf,
  LOOK_LISTS,
  mapIdAt,
  NOUN_NAMES,
  NOUNS,
  valueAt,
  type AnyRow,
} from '../../src/core/model/nouns';
import * as s from '../../src/core/model/schema';
import { OddColumn, type Codec } from '../../src/data/codec';
import {
  HOME_ROWS,
  ITEM_ROWS,
  LOOK_ROWS,
  NOUN_ROWS,
  PLACE_ROWS,
  ROOM_ROWS,
  RULE_ROWS,
  WALL_ROWS,
} from '../../src/data/codecs';
import type { StudioDatabase } from '../../src/data/open';
import { ALL_TABLES } from '../../src/data/tables';
import { anyValueOf } from '../helpers/anyValue';
import { scratchStudio } from '../helpers/database';

let studio: ReturnType<typeof scratchStudio>;
let db: StudioDatabase;
beforeEach(() => {
  studio = scratchStudio();
  db = studio.open();
});
afterEach(() => studio.remove());

/** Columns that say where a row stands, which its noun does not hold. */
const PLACES = new Set(['seq', 'room_id', 'look_id', 'position', 'home_id', 'before_photos_json']);

type Any = { name: string; codec: Codec<object>; schema: z.ZodType };
const any = (name: string, codec: unknown, schema: z.ZodType): Any => ({
  name,
  codec: codec as Codec<object>,
  schema,
});
const ALL: Any[] = [
  ...NOUN_NAMES.map((noun) => any(noun, NOUN_ROWS[noun], s.NOUN_SCHEMAS[noun])),
  any('rule', RULE_ROWS, s.ownRuleSchema),
  any('home', HOME_ROWS, s.homeSchema),
  any('place', PLACE_ROWS, s.placeSchema),
  any('item', ITEM_ROWS, s.itemSchema),
  any('wall', WALL_ROWS, s.wallSchema),
  any('room', ROOM_ROWS, s.roomSchema.omit({ walls: true })),
  any(
    'look',
    LOOK_ROWS,
    s.lookSchema.omit(Object.fromEntries(LOOK_LISTS.map((list) => [list, true])) as { dressings: true }),
  ),
];

/** The one that leaves the least open: a part that is absent needs no columns. */
const openIn = (value: object): number => Object.values(value).filter((field) => field === null).length;
const fullest = (values: readonly unknown[]): object =>
  (values as object[]).reduce((best, value) => (openIn(value) < openIn(best) ? value : best));

describe.each(ALL)('a row of $name', ({ codec, schema }) => {
  it('comes back as it went in, whatever the schema allows', () => {
    fc.assert(
      fc.property(anyValueOf(schema), (value) => {
        expect(schema.safeParse(value).success).toBe(true);
        expect(codec.fromRow(codec.toRow(value as object))).toEqual(value);
      }),
      { numRuns: 60, seed: 5 },
    );
  });
  it('has a column for every field, and the table has no other', () => {
    const columns = (db.pragma(`table_info(${codec.table.name})`) as { name: string }[]).map((c) => c.name);
    const own = columns.filter((c) => !PLACES.has(c) || codec.columns.includes(c));
    expect([...codec.columns].sort()).toEqual(own.sort());
  });
  it('is refused by table and column when a column is missing or odd', () => {
    const row = codec.toRow(fullest(fc.sample(anyValueOf(schema), { numRuns: 40, seed: 9 })));
    for (const column of codec.columns) {
      const { [column]: _gone, ...rest } = row;
      if (row[column] === null) continue;
      expect(() => codec.fromRow(rest), column).toThrow(OddColumn);
      expect(() => codec.fromRow({ ...row, [column]: {} as never }), column).toThrow(
        `${codec.table.name}.${column} is`,
      );
    }
  });
});

it('the tables stand in an order in which each refers only to those before it', () => {
  const names = ALL_TABLES.map((t) => t.name);
  for (const [i, name] of names.entries()) {
    const refers = db.pragma(`foreign_key_list(${name})`) as { table: string }[];
    for (const { table } of refers) expect(names.indexOf(table), `${name} → ${table}`).toBeLessThan(i);
  }
  expect(new Set(names).size).toBe(names.length);
});

it('the view of item use knows every place where a noun uses an item', () => {
  const wanted: string[] = [];
  db.pragma('foreign_keys = OFF');
  for (const noun of NOUN_NAMES) {
    const { items } = describeNoun(noun);
    const isUsing = (row: AnyRow) => items.every((path) => typeof valueAt(row, path) === 'string');
    const sample = fc.sample(anyValueOf(s.NOUN_SCHEMAS[noun]), { numRuns: 100, seed: 3 }) as AnyRow[];
    const row = items.reduce(
      (r, path) => mapIdAt(r, path, () => `${noun} ${path}`),
      sample.find(isUsing) as AnyRow,
    );
    expect(itemIdsOf(noun, row)).toEqual(items.map((path) => `${noun} ${path}`));
    wanted.push(...itemIdsOf(noun, row));
    const place = { room_id: 'r', position: 0, ...(NOUNS[noun].where === 'look' ? { look_id: 'l' } : {}) };
    const columns: Record<string, unknown> = {
      ...place,
      ...(NOUN_ROWS[noun] as unknown as Codec<AnyRow>).toRow(row),
    };
    const names = Object.keys(columns);
    db.prepare(
      `INSERT INTO ${NOUN_ROWS[noun].table.name} (${names.join(', ')}) VALUES (${names.map((n) => `@${n}`).join(', ')})`,
    ).run(columns);
  }
  const used = db.prepare('SELECT item_id FROM item_use').pluck().all();
  expect(used.sort()).toEqual(wanted.sort());
});
