import type Database from 'better-sqlite3';

export type StudioDatabase = Database.Database;
export type Value = string | number | null;
export type Row = Record<string, Value>;

/** A field's name as a column's. */
export const snake = (field: string): string => field.replace(/[A-Z]/g, (c) => `_${c.toLowerCase()}`);

/** A table as the repositories write it: its key columns, in order. */
export type Table = { readonly name: string; readonly key: readonly string[] };

const prepared = new WeakMap<StudioDatabase, Map<string, Database.Statement>>();

/** The statement for this text, prepared once for each database. */
export function statement(db: StudioDatabase, sql: string): Database.Statement {
  let known = prepared.get(db);
  if (!known) prepared.set(db, (known = new Map()));
  let found = known.get(sql);
  if (!found) known.set(sql, (found = db.prepare(sql)));
  return found;
}

/** better-sqlite3 silently writes undefined as NULL; a forgotten field has to fail instead. */
function checked(table: Table, row: Row): Row {
  for (const [column, value] of Object.entries(row)) {
    if (value === undefined || (typeof value === 'number' && !Number.isFinite(value)))
      throw new Error(`${table.name}.${column} is ${value}; text, a number or null was expected`);
  }
  return row;
}

const whereKey = (table: Table) => table.key.map((k) => `${k} = @${k}`).join(' AND ');

export function insertRow(db: StudioDatabase, table: Table, row: Row): void {
  const columns = Object.keys(row);
  statement(
    db,
    `INSERT INTO ${table.name} (${columns.join(', ')}) VALUES (${columns.map((c) => `@${c}`).join(', ')})`,
  ).run(checked(table, row));
}

export function updateRow(db: StudioDatabase, table: Table, row: Row): void {
  const columns = Object.keys(row).filter((c) => !table.key.includes(c));
  statement(
    db,
    `UPDATE ${table.name} SET ${columns.map((c) => `${c} = @${c}`).join(', ')} WHERE ${whereKey(table)}`,
  ).run(checked(table, row));
}

export function deleteRow(db: StudioDatabase, table: Table, row: Row): void {
  statement(db, `DELETE FROM ${table.name} WHERE ${whereKey(table)}`).run(
    Object.fromEntries(table.key.map((k) => [k, row[k]!])),
  );
}

/** Writes the difference between two lists of a table's rows; rows that did not change are not touched. */
export function saveRows(
  db: StudioDatabase,
  table: Table,
  previous: readonly Row[],
  next: readonly Row[],
): void {
  const keyOf = (row: Row) => JSON.stringify(table.key.map((k) => row[k]));
  const had = new Map(previous.map((row) => [keyOf(row), row]));
  const kept = new Set(next.map(keyOf));
  for (const row of previous) if (!kept.has(keyOf(row))) deleteRow(db, table, row);
  for (const row of next) {
    const old = had.get(keyOf(row));
    if (!old) insertRow(db, table, row);
    else if (Object.keys(row).some((c) => row[c] !== old[c])) updateRow(db, table, row);
  }
}

export const countRows = (db: StudioDatabase, { name }: Table): number =>
  statement(db, `SELECT count(*) FROM ${name}`).pluck().get() as number;

/** A value that changes as soon as anything is written, through this handle or another. */
export const changesOf = (db: StudioDatabase): string =>
  `${statement(db, 'SELECT total_changes()').pluck().get() as number}/${db.pragma('data_version', { simple: true }) as number}`;
