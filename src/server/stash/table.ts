import 'server-only';
import { elementAt } from '../../core/base/list';
import { nanoid } from 'nanoid';
import Papa from 'papaparse';
import type { LengthUnit } from '../../core/base/units';
import type { CellIssue } from '../../core/stash/table/cells';
import { itemToCells, TITLES } from '../../core/stash/table/columns';
import { FORMULA, fromText } from '../../core/stash/table/formula';
import { readTable, type TableRead } from '../../core/stash/table/readTable';
import words from '../../messages/en.json';
import { inEntry } from '../../data/journal';
import { loadItems, saveItem } from '../../data/itemRepository';
import { loadPlaces } from '../../data/placeRepository';
import { ok } from '../../core/base/result';
import { inOneGo } from '../inOneGo';
import { now, studioDatabase } from '../studio';

/** The stash as CSV (RFC 4180) under the documented header. */
export function stashCsv(): string {
  const db = studioDatabase();
  const context = { unit: 'in' as const, places: loadPlaces(db) };
  // a cell that a spreadsheet would run as a formula is written as text; reading removes the mark again
  return `\ufeff${Papa.unparse(
    {
      fields: [...TITLES],
      data: loadItems(db).map((i) => {
        const cells = itemToCells(i, context);
        return TITLES.map((t) => cells[t] ?? '');
      }),
    },
    { newline: '\r\n', escapeFormulae: FORMULA },
  )}\r\n`;
}

export type ImportStep =
  | { step: 'reading'; rows: number; of: number }
  | {
      step: 'read';
      added: string[];
      changed: { name: string; columns: string[] }[];
      same: number;
      issues: CellIssue[];
      rows: number;
      addedCount: number;
      changedCount: number;
      issueCount: number;
    }
  | { step: 'writing'; rows: number; of: number }
  | { step: 'written'; added: number; changed: number }
  | { step: 'refused'; why: string };

const small = (words: Record<string, string>): Record<string, string> =>
  Object.fromEntries(Object.entries(words).map(([value, word]) => [value, word.toLowerCase()]));
/** A table may say what the pages say: "Pillow cover" for a cover. */
const WORDS = {
  kind: small(words.stash.kinds),
  texture: small(words.stash.textures),
  state: small(words.stash.states),
  sheen: small(words.stash.sheens),
};

const EVERY = 250;
const SHOWN = 200;

/**
 * Reads a table (comma, semicolon or tab), reports what would be added, changed and refused; writes what
 * can be taken only when asked, as one act.
 */
export async function* importTable(
  text: string,
  unit: LengthUnit,
  write: boolean,
): AsyncGenerator<ImportStep> {
  const db = studioDatabase();
  const rows = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), {
    delimiter: '',
    delimitersToGuess: [',', '\t', ';'],
    skipEmptyLines: 'greedy',
  }).data;
  const known = new Map(loadItems(db).map((i) => [i.id, i]));
  const none = (issues: CellIssue[]): ImportStep => ({
    step: 'read',
    added: [],
    changed: [],
    same: 0,
    issues,
    rows: 0,
    addedCount: 0,
    changedCount: 0,
    issueCount: issues.length,
  });
  const header = rows[0];
  if (!header) {
    yield none([
      { row: 1, column: '', code: 'no-header', came: '', expected: 'name, kind, count, width, height …' },
    ]);
    return;
  }
  const table = readTable(header, known, { unit, places: loadPlaces(db), words: WORDS }, () => nanoid(12));
  if ('code' in table) {
    yield none([table]);
    return;
  }
  for (let i = 1; i < rows.length; i++) {
    table.add(elementAt(rows, i).map(fromText), i + 1);
    if (i % EVERY === 0) {
      yield { step: 'reading', rows: i, of: rows.length - 1 };
      await breath();
    }
  }
  const read: TableRead = table.finish();
  yield {
    step: 'read',
    added: read.added.slice(0, SHOWN).map((i) => i.name),
    changed: read.changed.slice(0, SHOWN).map((c) => ({ name: c.after.name, columns: c.columns })),
    same: read.same,
    issues: read.issues.slice(0, SHOWN),
    rows: read.rows,
    addedCount: read.added.length,
    changedCount: read.changed.length,
    issueCount: read.issues.length,
  };
  if (!write || read.added.length + read.changed.length === 0) return;
  const items = [...read.added, ...read.changed.map((c) => c.after)];
  const written = inOneGo(() => {
    inEntry(db, null, { code: 'importItems', name: String(items.length) }, now(), () => {
      for (const item of items) saveItem(db, item);
    });
    return ok({ added: read.added.length, changed: read.changed.length });
  });
  yield written.ok
    ? { step: 'written', ...written.value }
    : { step: 'refused', why: written.issues[0].message };
}

/** Lets other requests through between two batches. */
const breath = () =>
  new Promise<void>((done) => {
    setImmediate(done);
  });
