/**
 * The stash as a table for spreadsheets: one row a thing, under the header that docs/stash-table.md
 * describes.
 */
import { elementAt } from '../../base/list';
import { formatLength } from '../../base/length';
import { newItem } from '../../model/defaults';
import { itemKindSchema, itemSchema } from '../../model/schema';
import type { Item } from '../../model/types';
import { oversizedSide } from '../itemSize';
import type { CellIssue, Column, TableContext } from './cells';
import { COLUMNS, TITLES, withCell } from './columns';

export type TableRead = {
  added: Item[];
  changed: { before: Item; after: Item; columns: string[] }[];
  same: number;
  issues: CellIssue[];
  rows: number;
};
export type ReadTable = { add: (cells: readonly string[], row: number) => void; finish: () => TableRead };

/**
 * Reads a table row by row. A row whose id is known changes that thing in the columns that the table has; any
 * other row is new. A row with a cell that cannot be read is refused whole, with row, column and what would
 * be read.
 */
export function readTable(
  header: readonly string[],
  known: ReadonlyMap<string, Item>,
  context: TableContext,
  newId: () => string,
): ReadTable | CellIssue {
  const titles = header.map(titleOf);
  const issue = headerIssue(header, titles);
  if (issue) return issue;
  const table: Table = { titles, columns: titles.map((t) => COLUMNS.find((c) => c.title === t)), context };
  const result: TableRead = { added: [], changed: [], same: 0, issues: [], rows: 0 };
  const met = new Set<string>();
  const add = (cells: readonly string[], number: number) => {
    if (cells.every((c) => c.trim() === '')) return;
    result.rows++;
    const id = cellOf(table, cells, 'id').trim();
    const previous = id ? known.get(id) : undefined;
    const row: Row = { number, cells, previous };
    const twice = id !== '' && met.has(id) ? [issueOf(row, 'id', { code: 'same-id', came: id })] : [];
    met.add(id);
    const { item, issues } = readRow(table, row, previous ?? newItem({ ...BLANK, id: id || newId() }));
    if (twice.length + issues.length > 0) result.issues.push(...twice, ...issues);
    else if (previous) noteChange(result, previous, item, context);
    else result.added.push(item);
  };
  return { add, finish: () => result };
}

const BLANK = { name: '', kind: 'object' } as const;

const titleOf = (heading: string): string =>
  heading
    .trim()
    .toLowerCase()
    .replace(/^\ufeff/, '')
    .replace(/[ -]+/g, '_');

/** Why a table cannot be read at all. */
function headerIssue(header: readonly string[], titles: readonly string[]): CellIssue | undefined {
  const whole = (code: CellIssue['code'], column: string, expected: string): CellIssue => ({
    row: 1,
    column,
    code,
    came: column || header.join(', ').slice(0, 80),
    expected,
  });
  if (!titles.includes('name') && !titles.includes('id'))
    return whole('no-header', '', 'name, kind, count, width, height …');
  const unknown = titles.findIndex((t) => t !== '' && !TITLES.includes(t));
  if (unknown >= 0) return whole('unknown-column', elementAt(header, unknown), TITLES.join(', '));
  const twice = titles.findIndex((t, i) => t !== '' && titles.indexOf(t) < i);
  return twice >= 0 ? whole('column-twice', elementAt(header, twice), '') : undefined;
}

/** The table's columns by their place; undefined where a heading is empty. */
type Table = {
  titles: readonly string[];
  columns: readonly (Column | undefined)[];
  context: TableContext;
};
type Row = { number: number; cells: readonly string[]; previous: Item | undefined };

const cellOf = ({ titles }: Table, cells: readonly string[], title: string): string =>
  cells[titles.indexOf(title)] ?? '';

type Problem = { code: CellIssue['code']; came: string; expected?: string };
const issueOf = (row: Row, column: string, { code, came, expected = '' }: Problem): CellIssue => ({
  row: row.number,
  column,
  code,
  came: came.slice(0, 80),
  expected,
});

/** What a new thing cannot do without, and what would be read there. */
const NEEDED: Record<string, string> = { name: 'Sail check', kind: itemKindSchema.options.join(', ') };

/** A row's cells put into a thing, one after the other, and what is wrong with them. */
function readRow(table: Table, row: Row, begun: Item): { item: Item; issues: CellIssue[] } {
  const issues: CellIssue[] = [];
  let item = begun;
  table.columns.forEach((column, i) => {
    if (!column || column.title === 'id') return;
    const came = row.cells[i] ?? '';
    if (came.trim() === '' && (!row.previous || !column.isClearable)) return;
    const read = column.read(came, table.context);
    if ('code' in read) issues.push(issueOf(row, column.title, { ...read, came }));
    else item = withCell(item, column, read.value);
  });
  if (!row.previous) issues.push(...missingCells(table, row));
  if (issues.length === 0) issues.push(...wholeIssues(table, row, item));
  return { item, issues };
}

function missingCells(table: Table, row: Row): CellIssue[] {
  return Object.entries(NEEDED)
    .filter(([title]) => cellOf(table, row.cells, title).trim() === '')
    .map(([title, expected]) => issueOf(row, title, { code: 'needed', came: '', expected }));
}

/** What no single cell shows: the thing as a whole, checked as everywhere else. */
function wholeIssues(table: Table, row: Row, item: Item): CellIssue[] {
  const checked = itemSchema.safeParse(item);
  const issue = checked.error?.issues[0] ?? oversized(item, table, row);
  if (!issue) return [];
  const field = String(issue.path[0] ?? '');
  const column = COLUMNS.find((c) => c.field === field)?.title ?? field;
  const came = cellOf(table, row.cells, column);
  return [issueOf(row, column, { code: 'refused', came, expected: issue.message })];
}

function oversized(item: Item, { context }: Table, { previous }: Row) {
  const side = oversizedSide(item, previous);
  return side && { path: [side.field], message: `at most ${formatLength(side.longestMm, context.unit)}` };
}

function noteChange(result: TableRead, previous: Item, item: Item, context: TableContext): void {
  const differing = COLUMNS.filter((c) => c.write(previous, context) !== c.write(item, context));
  if (differing.length === 0) result.same++;
  else result.changed.push({ before: previous, after: item, columns: differing.map((c) => c.title) });
}
