import Database from 'better-sqlite3';
import { copyFileSync, existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { CannotMigrate, readMigrations } from '../../src/data/migrate';
import { DATABASE_FILE, openDatabase } from '../../src/data/open';
import { ALL_TABLES } from '../../src/data/tables';
import { MIGRATIONS, NOON, scratchStudio } from '../helpers/database';

let studio: ReturnType<typeof scratchStudio>;
let steps: string;
beforeEach(() => {
  studio = scratchStudio();
  steps = path.join(studio.folder, 'steps');
  mkdirSync(steps);
  for (const f of readdirSync(MIGRATIONS)) copyFileSync(path.join(MIGRATIONS, f), path.join(steps, f));
});
afterEach(() => studio.remove());

const file = () => path.join(studio.folder, DATABASE_FILE);
const open = () => openDatabase(studio.folder, steps, NOON).close();
const problem = (work: () => unknown) => { try { work(); } catch (e) { if (e instanceof CannotMigrate) return { ...e.problem, message: e.message }; throw e; } return undefined; };

test('an empty folder becomes a studio; opening it again takes no step twice', () => {
  open();
  open();
  const db = new Database(file(), { readonly: true });
  expect(db.prepare('SELECT number, file, taken_at FROM migration').all()).toEqual([{ number: 1, file: '0001_studio.sql', taken_at: NOON }]);
  expect(db.prepare('SELECT name FROM studio').pluck().get()).toBe('My studio');
  db.close();
});

test('every table is strict, and refers by foreign keys that are kept', () => {
  const db = studio.open();
  const strict = db.prepare("SELECT name, strict FROM pragma_table_list WHERE schema = 'main' AND type = 'table' AND name NOT LIKE 'sqlite_%'").all() as { name: string; strict: number }[];
  expect(strict.length).toBeGreaterThan(ALL_TABLES.length);
  expect(strict.filter((t) => t.strict === 0)).toEqual([]);
  expect([db.pragma('foreign_keys', { simple: true }), db.pragma('journal_mode', { simple: true })]).toEqual([1, 'wal']);
  expect(() => db.prepare("INSERT INTO wall VALUES ('none', 'w', 0, '', 0, 0)").run()).toThrow(/FOREIGN KEY/);
  expect(() => db.prepare("INSERT INTO home VALUES (NULL, 'h', '', '[]', 0, 0, 0, 0)").run()).toThrow(/CHECK/);
});

test('the key that the code names is the key that the table has', () => {
  const db = studio.open();
  for (const table of ALL_TABLES) {
    const unique = (db.pragma(`index_list(${table.name})`) as { name: string; unique: number }[]).filter((i) => i.unique === 1).map((i) => (db.pragma(`index_info(${i.name})`) as { name: string }[]).map((c) => c.name));
    expect(unique, table.name).toContainEqual([...table.key]);
  }
});

test('a database from a newer version is refused and left as it is', () => {
  open();
  const db = new Database(file());
  db.prepare('INSERT INTO migration VALUES (2, ?, ?, ?)').run('0002_later.sql', 'x', NOON);
  db.close();
  const before = readFileSync(file());
  expect(problem(open)).toMatchObject({ code: 'newer', number: 2, known: 1, message: expect.stringContaining('The data was not changed.') });
  expect(readFileSync(file()).equals(before)).toBe(true);
});

test('an edited step, a gap, a number twice and a bad name are refused', () => {
  open();
  writeFileSync(path.join(steps, '0001_studio.sql'), `${readFileSync(path.join(steps, '0001_studio.sql'), 'utf8')}\n-- later thought`);
  expect(problem(open)).toMatchObject({ code: 'edited', number: 1 });
  writeFileSync(path.join(steps, '0003_gap.sql'), 'SELECT 1;');
  expect(problem(() => readMigrations(steps))).toMatchObject({ code: 'gap', expected: 2, file: '0003_gap.sql' });
  writeFileSync(path.join(steps, '0001_again.sql'), 'SELECT 1;');
  expect(problem(() => readMigrations(steps))).toMatchObject({ code: 'twice', number: 1, files: ['0001_again.sql', '0001_studio.sql'] });
  writeFileSync(path.join(steps, '00_x.sql'), '');
  expect(problem(() => readMigrations(steps))).toMatchObject({ code: 'unnamed', file: '00_x.sql' });
});

test('a step that fails half way leaves nothing behind, and is taken once it is mended', () => {
  open();
  const second = path.join(steps, '0002_half.sql');
  writeFileSync(second, 'CREATE TABLE half (x INTEGER) STRICT; INSERT INTO nowhere VALUES (1);');
  expect(open).toThrow(/nowhere/);
  writeFileSync(second, 'CREATE TABLE half (x INTEGER) STRICT;');
  open();
  const db = new Database(file(), { readonly: true });
  expect(db.prepare('SELECT max(number) FROM migration').pluck().get()).toBe(2);
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
