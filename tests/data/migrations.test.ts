import Database from 'better-sqlite3';
import { copyFileSync, existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { CannotMigrate, migrate, readMigrations } from '../../src/data/migrate';
import { DATABASE_FILE, openDatabase, type StudioDatabase } from '../../src/data/open';
import { roomFileSchema } from '../../src/core/model/schema';
import { nextEntry, replay } from '../../src/data/journal';
import { saveHome } from '../../src/data/homeRepository';
import { insertRoom, loadRoom, loadRoomFile, saveRoom } from '../../src/data/roomRepository';
import { saveItem } from '../../src/data/itemRepository';
import { ALL_TABLES } from '../../src/data/tables';
import { MIGRATIONS, NOON, scratchStudio } from '../helpers/database';
import { demoRoom } from '../helpers/rooms';

let studio: ReturnType<typeof scratchStudio>;
let steps: string;
beforeEach(() => {
  studio = scratchStudio();
  steps = path.join(studio.folder, 'steps');
  mkdirSync(steps);
  for (const f of readdirSync(MIGRATIONS)) copyFileSync(path.join(MIGRATIONS, f), path.join(steps, f));
});
afterEach(() => studio.remove());

/** The number that the next step would have. */
const NEXT = readdirSync(MIGRATIONS).length + 1;

const file = () => path.join(studio.folder, DATABASE_FILE);
const open = () => openDatabase(studio.folder, steps, NOON).close();
const problem = (work: () => unknown) => {
  try {
    work();
  } catch (e) {
    if (e instanceof CannotMigrate) return { ...e.problem, message: e.message };
    throw e;
  }
  return undefined;
};

test('an empty folder becomes a studio; opening it again takes no step twice', () => {
  open();
  open();
  const db = new Database(file(), { readonly: true });
  expect(db.prepare('SELECT number, file, taken_at FROM migration').all()).toEqual(
    readdirSync(MIGRATIONS).map((f, i) => ({ number: i + 1, file: f, taken_at: NOON })),
  );
  expect(db.prepare('SELECT name FROM studio').pluck().get()).toBe('My studio');
  db.close();
});

test('every table is strict, and refers by foreign keys that are kept', () => {
  const db = studio.open();
  const strict = db
    .prepare(
      "SELECT name, strict FROM pragma_table_list WHERE schema = 'main' AND type = 'table' AND name NOT LIKE 'sqlite_%'",
    )
    .all() as { name: string; strict: number }[];
  expect(strict.length).toBeGreaterThan(ALL_TABLES.length);
  expect(strict.filter((t) => t.strict === 0)).toEqual([]);
  expect([db.pragma('foreign_keys', { simple: true }), db.pragma('journal_mode', { simple: true })]).toEqual([
    1,
    'wal',
  ]);
  expect(() => db.prepare("INSERT INTO wall VALUES ('none', 'w', 0, '', 0, 0, NULL)").run()).toThrow(
    /FOREIGN KEY/,
  );
  expect(() => db.prepare("INSERT INTO home VALUES (NULL, 'h', '', '[]', 0, 0, 0, 0, 0, 0)").run()).toThrow(
    /CHECK/,
  );
});

test('the key that the code names is the key that the table has', () => {
  const db = studio.open();
  for (const table of ALL_TABLES) {
    const unique = (db.pragma(`index_list(${table.name})`) as { name: string; unique: number }[])
      .filter((i) => i.unique === 1)
      .map((i) => (db.pragma(`index_info(${i.name})`) as { name: string }[]).map((c) => c.name));
    expect(unique, table.name).toContainEqual([...table.key]);
  }
});

test('a database from a newer version is refused and left as it is', () => {
  open();
  const db = new Database(file());
  db.prepare('INSERT INTO migration VALUES (?, ?, ?, ?)').run(NEXT, 'later.sql', 'x', NOON);
  db.close();
  const previous = readFileSync(file());
  expect(problem(open)).toMatchObject({
    code: 'newer',
    number: NEXT,
    known: NEXT - 1,
    message: expect.stringContaining('The data was not changed.'),
  });
  expect(readFileSync(file()).equals(previous)).toBe(true);
});

test('an edited step, a gap, a number twice and a bad name are refused', () => {
  open();
  writeFileSync(
    path.join(steps, '0001_studio.sql'),
    `${readFileSync(path.join(steps, '0001_studio.sql'), 'utf8')}\n-- later thought`,
  );
  expect(problem(open)).toMatchObject({ code: 'edited', number: 1 });
  const gap = `00${NEXT + 11}_gap.sql`;
  writeFileSync(path.join(steps, gap), 'SELECT 1;');
  expect(problem(() => readMigrations(steps))).toMatchObject({ code: 'gap', expected: NEXT, file: gap });
  writeFileSync(path.join(steps, '0001_again.sql'), 'SELECT 1;');
  expect(problem(() => readMigrations(steps))).toMatchObject({
    code: 'twice',
    number: 1,
    files: ['0001_again.sql', '0001_studio.sql'],
  });
  writeFileSync(path.join(steps, '00_x.sql'), '');
  expect(problem(() => readMigrations(steps))).toMatchObject({ code: 'unnamed', file: '00_x.sql' });
});

test('a step that fails half way leaves nothing behind, and is taken once it is mended', () => {
  open();
  const second = path.join(steps, `${String(NEXT).padStart(4, '0')}_half.sql`);
  writeFileSync(second, 'CREATE TABLE half (x INTEGER) STRICT; INSERT INTO nowhere VALUES (1);');
  expect(open).toThrow(/nowhere/);
  writeFileSync(second, 'CREATE TABLE half (x INTEGER) STRICT;');
  open();
  const db = new Database(file(), { readonly: true });
  expect(db.prepare('SELECT max(number) FROM migration').pluck().get()).toBe(NEXT);
  db.close();
});

test('a database of something else, and a file that is none, are not touched', () => {
  const other = new Database(file());
  other.exec('CREATE TABLE recipes (x)');
  other.close();
  expect(problem(open)).toMatchObject({ code: 'not-a-studio' });
  const check = new Database(file(), { readonly: true });
  expect(check.prepare('SELECT name FROM sqlite_master').pluck().all()).toEqual(['recipes']);
  check.close();
  writeFileSync(file(), 'not a database at all, but long enough to be looked at as if it were one');
  expect(open).toThrow(/not a database/);
  expect(existsSync(`${file()}-wal`)).toBe(false);
});

/** Every row of a studio into one of an older version, without what that had no table or column for. */
function copyRows(source: StudioDatabase, target: StudioDatabase): void {
  target.transaction(() => {
    for (const { name } of ALL_TABLES) {
      const columnsOf = (db: StudioDatabase) =>
        (db.pragma(`table_info(${name})`) as { name: string }[]).map((c) => c.name);
      const [columns, present] = [columnsOf(target), columnsOf(source)];
      // things on furniture were written otherwise; rooms that are copied have none
      if (columns.length === 0 || columns.some((c) => !present.includes(c))) continue;
      const insert = target.prepare(
        `INSERT INTO ${name} (${columns.join(', ')}) VALUES (${columns.map((c) => `@${c}`).join(', ')})`,
      );
      for (const row of source.prepare(`SELECT ${columns.join(', ')} FROM ${name}`).all()) insert.run(row);
    }
  })();
}

test('a studio with dressed windows from before curtains on leaves keeps every one of them as it was, and takes one', () => {
  const previous = path.join(studio.folder, 'before');
  mkdirSync(previous);
  for (const f of readdirSync(MIGRATIONS).filter((x) => x < '0004'))
    copyFileSync(path.join(MIGRATIONS, f), path.join(previous, f));
  const furnished = demoRoom('lookout');
  // shelves of a bookcase, the gap under a chair and round tables came later
  const room = {
    ...furnished,
    pieces: furnished.pieces.map((p) => ({ ...p, gapMm: null, round: false })),
    looks: furnished.looks.map((l) => ({ ...l, placements: [] })),
  };
  const presentFolder = path.join(studio.folder, 'present');
  mkdirSync(presentFolder);
  const present = openDatabase(presentFolder, MIGRATIONS, NOON);
  present.transaction(() => {
    saveHome(present, room.home);
    for (const i of room.items) saveItem(present, { ...i, placeId: null, roomId: null, photoId: null });
    insertRoom(present, room);
  })();
  const body = loadRoom(present, 'lookout');
  const old = new Database(file());
  migrate(old, readMigrations(previous), NOON);
  copyRows(present, old);
  present.close();
  old.close();
  const db = openDatabase(studio.folder, steps, NOON);
  expect(loadRoom(db, 'lookout')).toEqual(body);
  const was = loadRoomFile(db, 'lookout')!;
  expect(was.looks.flatMap((l) => l.dressings).length).toBeGreaterThan(1);
  const look = was.looks[0]!;
  const leaf = {
    ...was,
    looks: [
      {
        ...look,
        dressings: look.dressings.map((d) =>
          d.openingId === 'balcony-door' ? { ...d, mount: 'leaf' as const } : d,
        ),
      },
      ...was.looks.slice(1),
    ],
  };
  db.transaction(() => saveRoom(db, was, leaf))();
  expect(
    loadRoomFile(db, 'lookout')!.looks[0]!.dressings.find((d) => d.openingId === 'balcony-door')!.mount,
  ).toBe('leaf');
  expect(() => db.prepare("UPDATE dressing SET mount = 'floor'").run()).toThrow(/CHECK/);
  db.close();
});

test('a studio of version 1 with all its rooms is carried over, and what undo kept of it can still be put back', () => {
  const first = path.join(studio.folder, 'first');
  mkdirSync(first);
  copyFileSync(path.join(MIGRATIONS, '0001_studio.sql'), path.join(first, '0001_studio.sql'));
  const old = new Database(file());
  migrate(old, readMigrations(first), NOON);
  // written as the first version wrote it: a room with a dressed window, a thing on a seat, and a picture
  old.exec(`
    INSERT INTO home VALUES (1, 'h', 'Home', '[4]', 1, 0, 0, 1);
    INSERT INTO item VALUES (1, 'i', 'Cover', 'cover', 2, 508, 508, 0, '[{"l":50,"a":1,"b":2,"share":1}]', 'solid', 0,
      'linen', 200, 300, 'none', 0, 1, 1000, 0, '[]', 'box', '');
    INSERT INTO room VALUES (1, 'r', 'h', 'Room', 'in', 2400,
      '{"colours":[{"l":90,"a":0,"b":3,"share":1}],"pattern":{"kind":"solid","repeatMm":0}}',
      '{"colours":[{"l":60,"a":5,"b":15,"share":1}],"pattern":{"kind":"solid","repeatMm":0}}',
      '{"colours":[{"l":96,"a":0,"b":1,"share":1}],"pattern":{"kind":"solid","repeatMm":0}}', 'note');
    INSERT INTO wall VALUES ('r', 'n', 0, '', 0, 0), ('r', 'e', 1, '', 4000, 0), ('r', 's', 2, '', 4000, 3000), ('r',
      'w', 3, '', 0, 3000);
    INSERT INTO opening VALUES ('r', 'o', 0, 'Window', 'window', 'n', 500, 1000, 800, 1200, 70, 2000, 2001, 2002);
    INSERT INTO fitting VALUES ('r', 'f', 0, 'Stove', 'stove', 'w', 100, 700, 0, 800, 500, '[{"l":20,"a":0,"b":0,"share":1}]');
    INSERT INTO piece VALUES ('r', 'p', 0, 'Sofa', 'sofa', 2000, 2400, 180, 2000, 900, 860, 0, 1700, 450, 550, 3, 2,
      '[{"l":60,"a":0,"b":8,"share":1}]', 'solid', 0);
    INSERT INTO look VALUES ('r', 'l', 0, 'Look', 'summer', 0, NULL, NULL, NULL);
    INSERT INTO dressing VALUES ('r', 'l', 'd', 0, 'o', NULL, 'ringClip', 'kiss', NULL, NULL, NULL, NULL, NULL, NULL,
      NULL, 'open');
    INSERT INTO hanging VALUES ('r', 'l', 'g', 0, 'i', 's', 'p', NULL, 1500, NULL, '{"kind":"sawtooth","dropMm":20}');
    INSERT INTO placement VALUES ('r', 'l', 'x', 0, 'i', 'p', 'pillow', 300, 0, 'feather', 0);`);
  old.exec(`
    INSERT INTO journal_entry VALUES (1, 'r', '{"code":"removePlacement","name":"Cover"}', '2026-01-01T00:00:00Z', 0);
    INSERT INTO journal_step (entry, table_name, before_json, after_json) SELECT 1, 'placement',
      json_object('room_id', room_id, 'look_id', look_id, 'id', id, 'position', position, 'item_id', item_id,
      'piece_id', piece_id, 'placed_as', placed_as, 'x_mm', x_mm, 'layer', layer, 'fill', fill, 'turned', turned),
      NULL FROM placement;
    INSERT INTO journal_step (entry, table_name, before_json, after_json) SELECT 1, 'fitting', json_object('room_id',
      room_id, 'id', id, 'position', position, 'name', name, 'kind', kind, 'wall_id', wall_id, 'x_mm', x_mm,
      'width_mm', width_mm, 'bottom_mm', bottom_mm, 'height_mm', height_mm, 'depth_mm', depth_mm, 'colours_json',
      colours_json), NULL FROM fitting;
    DELETE FROM placement; DELETE FROM fitting;`);
  old.close();
  const db = openDatabase(studio.folder, MIGRATIONS, NOON);
  expect(db.pragma('foreign_key_check')).toEqual([]);
  const room = loadRoomFile(db, 'r')!;
  expect(roomFileSchema.safeParse(room).error).toBeUndefined();
  expect(room.openings[0]).toMatchObject({
    id: 'o',
    opens: 'fixed',
    dropsMm: { left: 2000, middle: 2001, right: 2002 },
  });
  expect([
    room.fittings.length,
    room.pieces[0]!.seat!.armHeightMm,
    room.looks[0]!.dressings.length,
    room.looks[0]!.hangings.length,
    room.looks[0]!.placements.length,
  ]).toEqual([0, 0, 1, 1, 0]);
  db.transaction(() => replay(db, nextEntry(db, 'r', 'undo')!, 'undo')).immediate();
  expect(loadRoomFile(db, 'r')!.looks[0]!.placements).toMatchObject([
    {
      id: 'x',
      spot: { of: 'p', part: 'seat' },
      lie: 'propped',
      row: 0,
      fill: 'feather',
      count: 1,
      layer: 'season',
    },
  ]);
  expect(loadRoomFile(db, 'r')!.fittings).toMatchObject([{ id: 'f', mantel: null }]);
  db.close();
});

test('what lay on furniture lies on its spot, in the room and in what undo kept, and lost its name where a piece has it', () => {
  const old = new Database(file());
  migrate(
    old,
    readMigrations(steps).filter((s) => s.number < 11),
    NOON,
  );
  const folder = path.join(studio.folder, 'built');
  mkdirSync(folder);
  const present = openDatabase(folder, MIGRATIONS, NOON);
  const room = { ...demoRoom('long-room'), looks: demoRoom('long-room').looks.slice(0, 1) };
  present.transaction(() => {
    saveHome(present, room.home);
    for (const i of room.items) saveItem(present, { ...i, placeId: null, roomId: null, photoId: null });
    insertRoom(present, { ...room, looks: room.looks.map((l) => ({ ...l, placements: [] })) });
  })();
  copyRows(present, old);
  present.close();
  const put = old.prepare(
    "INSERT INTO placement VALUES ('long-room', 'as-found', ?, ?, 'lantern', ?, ?, 300, 2, 'foam', ?)",
  );
  put.run('a', 0, 'chest', 'object', 0);
  put.run('b', 1, 'stove', 'object', 0);
  put.run('c', 2, 'long-sofa', 'pillow', 1);
  put.run('chest', 3, 'long-sofa', 'throw', 0);
  old.exec(`
    INSERT INTO journal_entry VALUES (1, 'long-room', '{"code":"putPlacement","name":"Lantern"}', '2026-01-01T00:00:00Z', 0);
    INSERT INTO journal_step (entry, table_name, before_json, after_json) SELECT 1, 'placement',
      json_object('room_id', room_id, 'look_id', look_id, 'id', id, 'position', position, 'item_id', item_id,
      'piece_id', 'coffee-table', 'placed_as', placed_as, 'x_mm', 200.0, 'layer', layer, 'fill', fill, 'turned',
      turned), json_object('room_id', room_id, 'look_id', look_id, 'id', id, 'position', position, 'item_id', item_id,
      'piece_id', piece_id, 'placed_as', placed_as, 'x_mm', x_mm, 'layer', layer, 'fill', fill, 'turned',
      turned) FROM placement WHERE id = 'a';`);
  old.close();
  const db = openDatabase(studio.folder, steps, NOON);
  const placed = () => loadRoomFile(db, 'long-room')!.looks[0]!.placements;
  expect(placed().map((p) => [p.id, `${p.spot.of}/${p.spot.part}`, p.lie, p.row, p.fill])).toEqual([
    ['a', 'chest/top', 'standing', 2, null],
    ['b', 'stove/mantel', 'standing', 2, null],
    ['c', 'long-sofa/seat', 'proppedSide', 2, 'foam'],
    ['chest-on', 'long-sofa/seat', 'overBack', 2, null],
  ]);
  expect(roomFileSchema.safeParse(loadRoomFile(db, 'long-room')).error).toBeUndefined();
  db.transaction(() => replay(db, nextEntry(db, 'long-room', 'undo')!, 'undo')).immediate();
  expect(placed()[0]).toMatchObject({ id: 'a', spot: { of: 'coffee-table', part: 'top' }, xMm: 200 });
  db.transaction(() => replay(db, nextEntry(db, 'long-room', 'redo')!, 'redo')).immediate();
  expect(placed()[0]).toMatchObject({ id: 'a', spot: { of: 'chest', part: 'top' }, xMm: 300 });
  db.close();
});

test('own rules that cannot be are dropped on the way to the present step, and take-downs are not', () => {
  const db = new Database(file());
  const before = readMigrations(steps).filter((s) => s.number < 6);
  migrate(db, before, NOON);
  const put = db.prepare('INSERT INTO own_rule (rule_id, value_json, school) VALUES (?, ?, ?)');
  put.run('windows.return', '-20', null);
  put.run('walls.gapRange', '[-5, 40]', null);
  put.run('windows.takeDownGrommet', '-40', null);
  put.run('windows.hem', '90', null);
  put.run('windows.rodLine', null, 'each');
  migrate(db, readMigrations(steps), NOON);
  expect(db.prepare('SELECT rule_id FROM own_rule ORDER BY rule_id').pluck().all()).toEqual([
    'windows.hem',
    'windows.rodLine',
    'windows.takeDownGrommet',
  ]);
  db.close();
});
