import { isMatch } from 'date-fns';
import { parseLength, twoReadingsOf } from '../../base/length';
import type { LengthUnit, Mm } from '../../base/units';
import type { Item, StoragePlace } from '../../model/types';

export type CellIssue = {
  row: number;
  column: string;
  code:
    | 'unknown-column'
    | 'column-twice'
    | 'needed'
    | 'not-a-length'
    | 'not-a-number'
    | 'two-readings'
    | 'not-one-of'
    | 'not-a-colour'
    | 'not-a-date'
    | 'not-yes-or-no'
    | 'unknown-place'
    | 'which-place'
    | 'same-id'
    | 'refused'
    | 'no-header';
  came: string;
  expected: string;
};

/** `words`: what the pages call the values of a column, in small letters. */
export type TableContext = {
  unit: LengthUnit;
  places: readonly StoragePlace[];
  words?: Readonly<Record<string, Readonly<Record<string, string>>>>;
};
export type Read<T> = { value: T } | { code: CellIssue['code']; expected: string };
export type Column<K extends keyof Item = keyof Item> = {
  title: string;
  write: (item: Item, context: TableContext) => string;
  read: (text: string, context: TableContext) => Read<Item[K]> | Read<Partial<Item>>;
  field: K | 'pattern';
  isClearable?: boolean;
};

export const value = <T>(v: T): Read<T> => ({ value: v });
export const bad = (
  code: CellIssue['code'],
  expected: string,
): { code: CellIssue['code']; expected: string } => ({
  code,
  expected,
});
export const decimals = (n: number): string => String(Number(n.toFixed(4)));

export const text = <K extends keyof Item>(title: string, field: K, most: number): Column => ({
  title,
  field,
  write: (i) => String(i[field] ?? ''),
  read: (t) => (t.length <= most ? value(t) : bad('refused', `at most ${most} letters`)) as Read<Item[K]>,
});
export const length = <K extends keyof Item>(title: string, field: K): Column => ({
  title,
  field,
  write: (i) => `${decimals(i[field] as Mm)} mm`,
  read: (t, c) => readLength(t, c, '20 in, 50 cm, 508 mm') as Read<Item[K]>,
});
/** A length from 0 on, or why it is none. */
export function readLength(text: string, { unit }: TableContext, example: string): Read<Mm> {
  const read = parseLength(text, unit);
  if (read.ok) return read.value >= 0 ? value(read.value) : bad('not-a-length', example);
  const [{ readings }] = read.issues;
  return readings ? bad('two-readings', readings.join(' or ')) : bad('not-a-length', example);
}
export const amount = <K extends keyof Item>(title: string, field: K, scale = 1): Column => ({
  title,
  field,
  write: (i) => decimals((i[field] as number) / scale),
  read: (t) => {
    const readings = twoReadingsOf(t.trim());
    if (readings) return bad('two-readings', readings.join(' or '));
    const n = Number(t.replace(',', '.'));
    return (
      t.trim() !== '' && Number.isFinite(n) && n >= 0
        ? value(scale === 1 ? n : Math.round(n * scale))
        : bad('not-a-number', scale === 100 ? '32.50' : '4')
    ) as Read<Item[K]>;
  },
});
export const oneOf = <K extends keyof Item>(title: string, field: K, options: readonly string[]): Column => ({
  title,
  field,
  write: (i) => String(i[field]),
  read: (t, { words }) => {
    const came = t.trim().toLowerCase();
    const found =
      options.find((o) => o.toLowerCase() === came) ??
      options.find((o) => [came, came.replace(/s$/, '')].includes(words?.[title]?.[o] ?? ''));
    return (found !== undefined ? value(found) : bad('not-one-of', options.join(', '))) as Read<Item[K]>;
  },
});
function readYesNo(text: string): Read<boolean> {
  if (/^(yes|y|true|1|x)$/i.test(text.trim())) return value(true);
  return /^(no|n|false|0|)$/i.test(text.trim()) ? value(false) : bad('not-yes-or-no', 'yes, no');
}
export const yesNo = <K extends keyof Item>(title: string, field: K): Column => ({
  title,
  field,
  write: (i) => (i[field] ? 'yes' : 'no'),
  read: (t) => readYesNo(t) as Read<Item[K]>,
});
export const many = <K extends keyof Item>(title: string, field: K, options: readonly string[]): Column => ({
  title,
  field,
  write: (i) => (i[field] as readonly string[]).join(' '),
  read: (t) => {
    const words = t.split(/[\s,;]+/).filter(Boolean);
    const found = words.map((w) => options.find((o) => o.toLowerCase() === w.toLowerCase()));
    return (
      found.every((f) => f !== undefined) ? value([...new Set(found)]) : bad('not-one-of', options.join(', '))
    ) as Read<Item[K]>;
  },
});
function readDate(day: string): Read<string | null> {
  if (day === '') return value(null);
  const isDate = /^\d{4}-\d{2}-\d{2}$/.test(day) && isMatch(day, 'yyyy-MM-dd');
  return isDate ? value(day) : bad('not-a-date', '2026-04-30');
}
export const date = <K extends keyof Item>(title: string, field: K): Column => ({
  title,
  field,
  write: (i) => String(i[field] ?? ''),
  read: (t) => {
    return readDate(t.trim()) as Read<Item[K]>;
  },
});
