import { elementAt } from '../core/base/list';
import { createHash } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import type { StudioDatabase } from './rows';

export type Migration = { number: number; file: string; hash: string; sql: string };
export type MigrationProblem =
  | { code: 'gap'; expected: number; file: string }
  | { code: 'twice'; number: number; files: string[] }
  | { code: 'unnamed'; file: string }
  | { code: 'edited'; number: number; file: string }
  | { code: 'newer'; number: number; known: number }
  | { code: 'not-a-studio' };

const SENTENCES: { [C in MigrationProblem['code']]: (p: Extract<MigrationProblem, { code: C }>) => string } =
  {
    gap: (p) => `A step is missing before ${p.file}: number ${p.expected} was expected.`,
    twice: (p) => `Two steps have the number ${p.number}: ${p.files.join(' and ')}.`,
    unnamed: (p) => `${p.file} is not named as a step; 0001_name.sql was expected.`,
    edited: (p) =>
      `${p.file} was edited after this studio had taken step ${p.number}; put the file back as it was.`,
    newer: (p) =>
      `This studio was written by a newer Rideau (step ${p.number}; this one knows ${p.known}). Start the newer one, or name another folder with RIDEAU_DATA.`,
    'not-a-studio': () =>
      'This is a database, but not a Rideau studio. Name another folder with RIDEAU_DATA.',
  };

/** Stops the start; the database is as it was. */
export class CannotMigrate extends Error {
  constructor(readonly problem: MigrationProblem) {
    super(
      `${(SENTENCES[problem.code] as (p: MigrationProblem) => string)(problem)} The data was not changed.`,
    );
  }
}

/** The numbered steps of a folder, from 1 without a gap. */
export function readMigrations(folder: string): Migration[] {
  const files = readdirSync(folder)
    .filter((f) => f.endsWith('.sql'))
    .sort();
  const steps = files.map((file): Migration => {
    const number = Number(/^(\d{4})_[a-z0-9_]+\.sql$/.exec(file)?.[1] ?? NaN);
    if (Number.isNaN(number)) throw new CannotMigrate({ code: 'unnamed', file });
    const sql = readFileSync(path.join(folder, file), 'utf8');
    return { number, file, hash: createHash('sha256').update(sql).digest('hex'), sql };
  });
  steps.forEach((step, i) => {
    const previous = steps[i - 1];
    if (previous?.number === step.number)
      throw new CannotMigrate({ code: 'twice', number: step.number, files: [previous.file, step.file] });
    if (step.number !== i + 1) throw new CannotMigrate({ code: 'gap', expected: i + 1, file: step.file });
  });
  return steps;
}

/** Applies the migrations that the database doesn't have yet, each in a transaction of its own. */
export function migrate(db: StudioDatabase, steps: readonly Migration[], now: string): void {
  const tables = db.prepare("SELECT name FROM sqlite_master WHERE type = 'table'").pluck().all() as string[];
  if (tables.length > 0 && !tables.includes('migration')) throw new CannotMigrate({ code: 'not-a-studio' });
  const taken =
    tables.length === 0
      ? []
      : (db.prepare('SELECT number, hash FROM migration ORDER BY number').all() as {
          number: number;
          hash: string;
        }[]);
  const newest = taken[taken.length - 1]?.number ?? 0;
  if (newest > steps.length) throw new CannotMigrate({ code: 'newer', number: newest, known: steps.length });
  for (const t of taken) {
    const step = elementAt(steps, t.number - 1);
    if (step.hash !== t.hash) throw new CannotMigrate({ code: 'edited', number: t.number, file: step.file });
  }
  for (const step of steps.slice(taken.length)) {
    db.transaction(() => {
      if (step.number === 1)
        db.exec(
          `CREATE TABLE migration (
            number INTEGER PRIMARY KEY, file TEXT NOT NULL, hash TEXT NOT NULL, taken_at TEXT NOT NULL) STRICT`,
        );
      db.exec(step.sql);
      // a step may rebuild a table under its old name, which would look to the database like losing what
      // refers to it
      if ((db.pragma('foreign_key_check') as unknown[]).length > 0)
        throw new Error(`${step.file} leaves rows that refer to nothing`);
      db.prepare('INSERT INTO migration (number, file, hash, taken_at) VALUES (?, ?, ?, ?)').run(
        step.number,
        step.file,
        step.hash,
        now,
      );
    }).immediate();
  }
}
