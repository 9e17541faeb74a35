/**
 * Undo and redo. While an act is under way, triggers of this connection write down every row before and
 * after.
 */
import { ALL_TABLES } from './tables';
import {
  deleteRow,
  insertRow,
  statement,
  updateRow,
  type Row,
  type StudioDatabase,
  type Table,
} from './rows';

/**
 * What was done, as data: the kind of change and the name of what it changed; of one field, which, and what a length
 * became; how many other things changed with it.
 */
export type Label = { code: string; name?: string; field?: string; mm?: number; more?: number };
export type Entry = { seq: number; label: Label };
export type Way = 'undo' | 'redo';

/** The rows are no longer as the act left them, so it can't be undone. */
export class JournalConflict extends Error {}

/** How many acts of one room can be undone. */
const KEPT = 500;

/** Creates the triggers. They belong to the connection, so a migration never sees them. */
export function watchRows(db: StudioDatabase): void {
  db.exec('CREATE TEMP TABLE journal_now (entry INTEGER NOT NULL)');
  for (const table of ALL_TABLES) {
    const columns = db.pragma(`table_info(${table.name})`) as { name: string }[];
    const row = (side: 'OLD' | 'NEW') =>
      `json_object(${columns.map((c) => `'${c.name}', ${side}.${c.name}`).join(', ')})`;
    const trigger = (act: string, previous: string, next: string) =>
      db.exec(
        `CREATE TEMP TRIGGER journal_${table.name}_${act} AFTER ${act} ON main.${table.name}
       WHEN EXISTS (SELECT 1 FROM journal_now) BEGIN
         INSERT INTO journal_step (entry, table_name, before_json, after_json)
         SELECT entry, '${table.name}', ${previous}, ${next} FROM journal_now;
       END`,
      );
    trigger('INSERT', 'NULL', row('NEW'));
    trigger('UPDATE', row('OLD'), row('NEW'));
    trigger('DELETE', row('OLD'), 'NULL');
  }
}

/**
 * Runs work as one act that can be undone; what could be redone is dropped. An act that changes nothing
 * leaves no entry. Call inside a transaction.
 */
export function inEntry(
  db: StudioDatabase,
  roomId: string | null,
  label: Label,
  now: string,
  work: () => void,
): void {
  const entry = statement(
    db,
    'INSERT INTO journal_entry (room_id, label_json, done_at) VALUES (?, ?, ?)',
  ).run(roomId, JSON.stringify(label), now).lastInsertRowid;
  statement(db, 'INSERT INTO journal_now (entry) VALUES (?)').run(entry);
  try {
    work();
  } finally {
    statement(db, 'DELETE FROM journal_now').run();
  }
  if (statement(db, 'SELECT count(*) FROM journal_step WHERE entry = ?').pluck().get(entry) === 0) {
    statement(db, 'DELETE FROM journal_entry WHERE seq = ?').run(entry);
    return;
  }
  statement(db, 'DELETE FROM journal_entry WHERE room_id IS ? AND undone = 1').run(roomId);
  statement(
    db,
    `DELETE FROM journal_entry WHERE room_id IS ? AND seq <= (
      SELECT seq FROM journal_entry WHERE room_id IS ? ORDER BY seq DESC LIMIT 1 OFFSET ?)`,
  ).run(roomId, roomId, KEPT);
}

const entryOf = (row: unknown): Entry | undefined => {
  const r = row as { seq: number; label_json: string } | undefined;
  return r && { seq: r.seq, label: JSON.parse(r.label_json) as Label };
};

/** The act that undo or redo would apply to; a room's own, or with null the studio's. */
export const nextEntry = (db: StudioDatabase, roomId: string | null, way: Way): Entry | undefined =>
  entryOf(
    way === 'undo'
      ? statement(
          db,
          'SELECT seq, label_json FROM journal_entry WHERE room_id IS ? AND undone = 0 ORDER BY seq DESC LIMIT 1',
        ).get(roomId)
      : statement(
          db,
          'SELECT seq, label_json FROM journal_entry WHERE room_id IS ? AND undone = 1 ORDER BY seq LIMIT 1',
        ).get(roomId),
  );

/** The last acts on a room, oldest first. */
export const lastEntries = (db: StudioDatabase, roomId: string, count: number): Entry[] =>
  statement(
    db,
    'SELECT seq, label_json FROM journal_entry WHERE room_id = ? AND undone = 0 ORDER BY seq DESC LIMIT ?',
  )
    .all(roomId, count)
    .map((r) => entryOf(r)!)
    .reverse();

type Step = { table_name: string; before_json: string | null; after_json: string | null };

/**
 * Undoes or redoes an act. Throws JournalConflict when a row is not as the act left it. Call inside a
 * transaction.
 */
export function replay(db: StudioDatabase, entry: Entry, way: Way): void {
  const steps = statement(
    db,
    'SELECT table_name, before_json, after_json FROM journal_step WHERE entry = ? ORDER BY seq',
  ).all(entry.seq) as Step[];
  for (const step of way === 'undo' ? steps.reverse() : steps) {
    const table = ALL_TABLES.find((t) => t.name === step.table_name);
    if (!table) throw new Error(`the journal speaks of a table ${step.table_name}`);
    const [current, target] =
      way === 'undo' ? [step.after_json, step.before_json] : [step.before_json, step.after_json];
    putRow(db, table, current && (JSON.parse(current) as Row), target && (JSON.parse(target) as Row));
  }
  // what was made since may hang on a row that is now gone; better said now than at the end of the
  // transaction
  if ((db.pragma('foreign_key_check') as unknown[]).length > 0) throw new JournalConflict();
  statement(db, 'UPDATE journal_entry SET undone = ? WHERE seq = ?').run(way === 'undo' ? 1 : 0, entry.seq);
}

/** Brings one row from one state to the other, if it is in the first; null is no row. */
function putRow(db: StudioDatabase, table: Table, current: Row | null | '', target: Row | null | ''): void {
  const key = (current || target) as Row;
  const now = statement(
    db,
    `SELECT * FROM ${table.name} WHERE ${table.key.map((k) => `${k} = @${k}`).join(' AND ')}`,
  ).get(Object.fromEntries(table.key.map((k) => [k, key[k]!]))) as Row | undefined;
  const asLeft = current
    ? now !== undefined && Object.keys(current).every((c) => now[c] === current[c])
    : now === undefined;
  if (!asLeft) throw new JournalConflict();
  if (!target) deleteRow(db, table, key);
  else if (!current) insertRow(db, table, target);
  else updateRow(db, table, target);
}
