/**
 * The stash as a table for spreadsheets: one row a thing, under the header that docs/stash-table.md
 * describes.
 */
import { isMatch } from 'date-fns';
import { parseLength } from '../base/length';
import type { LengthUnit, Mm } from '../base/units';
import { labOfHex } from '../colour/spaces';
import { newItem } from '../model/defaults';
import {
  careSchema,
  fibreSchema,
  itemKindSchema,
  itemSchema,
  seasonSchema,
  textureSchema,
} from '../model/schema';
import type { Item, StoragePlace, Swatch } from '../model/types';

export type CellIssue = {
  row: number;
  column: string;
  code:
    | 'unknown-column'
    | 'column-twice'
    | 'needed'
    | 'not-a-length'
    | 'not-a-number'
    | 'not-one-of'
    | 'not-a-colour'
    | 'not-a-date'
    | 'not-yes-or-no'
    | 'unknown-place'
    | 'same-id'
    | 'refused'
    | 'no-header';
  came: string;
  expected: string;
};

type Context = { unit: LengthUnit; places: readonly StoragePlace[] };
type Read<T> = { value: T } | { code: CellIssue['code']; expected: string };
type Column<K extends keyof Item = keyof Item> = {
  title: string;
  write: (item: Item, context: Context) => string;
  read: (text: string, context: Context) => Read<Item[K]> | Read<Partial<Item>>;
  field: K | 'pattern';
};

const value = <T>(v: T): Read<T> => ({ value: v });
const bad = (code: CellIssue['code'], expected: string): { code: CellIssue['code']; expected: string } => ({
  code,
  expected,
});
const decimals = (n: number): string => String(Number(n.toFixed(4)));

const text = <K extends keyof Item>(title: string, field: K, most: number): Column => ({
  title,
  field,
  write: (i) => String(i[field] ?? ''),
  read: (t) => (t.length <= most ? value(t) : bad('refused', `at most ${most} letters`)) as Read<Item[K]>,
});
const length = <K extends keyof Item>(title: string, field: K): Column => ({
  title,
  field,
  write: (i) => `${decimals(i[field] as Mm)} mm`,
  read: (t, c) => {
    const r = parseLength(t, c.unit);
    return (r.ok && r.value >= 0 ? value(r.value) : bad('not-a-length', '20 in, 50 cm, 508 mm')) as Read<
      Item[K]
    >;
  },
});
const amount = <K extends keyof Item>(title: string, field: K, scale = 1): Column => ({
  title,
  field,
  write: (i) => decimals((i[field] as number) / scale),
  read: (t) => {
    const n = Number(t.replace(',', '.'));
    return (
      t.trim() !== '' && Number.isFinite(n) && n >= 0
        ? value(scale === 1 ? n : Math.round(n * scale))
        : bad('not-a-number', scale === 100 ? '32.50' : '4')
    ) as Read<Item[K]>;
  },
});
const oneOf = <K extends keyof Item>(title: string, field: K, options: readonly string[]): Column => ({
  title,
  field,
  write: (i) => String(i[field]),
  read: (t) => {
    const found = options.find((o) => o.toLowerCase() === t.trim().toLowerCase());
    return (found !== undefined ? value(found) : bad('not-one-of', options.join(', '))) as Read<Item[K]>;
  },
});
function readYesNo(text: string): Read<boolean> {
  if (/^(yes|y|true|1|x)$/i.test(text.trim())) return value(true);
  return /^(no|n|false|0|)$/i.test(text.trim()) ? value(false) : bad('not-yes-or-no', 'yes, no');
}
const yesNo = <K extends keyof Item>(title: string, field: K): Column => ({
  title,
  field,
  write: (i) => (i[field] ? 'yes' : 'no'),
  read: (t) => readYesNo(t) as Read<Item[K]>,
});
const many = <K extends keyof Item>(title: string, field: K, options: readonly string[]): Column => ({
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
const date = <K extends keyof Item>(title: string, field: K): Column => ({
  title,
  field,
  write: (i) => String(i[field] ?? ''),
  read: (t) => {
    return readDate(t.trim()) as Read<Item[K]>;
  },
});

const writeColours = (colours: readonly Swatch[] | null): string =>
  (colours ?? [])
    .map(
      (c) =>
        `lab(${decimals(c.l)} ${decimals(c.a)} ${decimals(c.b)}) ${decimals(c.share * 100)}%${c.name ? ` ${c.name}` : ''}`,
    )
    .join('; ');
/** `#a3462f 60% Tanbark; lab(92 0 4) 40%`; shares may be left out. */
export function readColours(came: string): Swatch[] | undefined {
  const parts = came
    .split(';')
    .map((p) => p.trim())
    .filter(Boolean);
  if (parts.length === 0 || parts.length > 8) return undefined;
  const swatches = parts.map((part): Swatch | undefined => {
    const found =
      /^(#[0-9a-f]{3}(?:[0-9a-f]{3})?|lab\(\s*(-?[\d.]+)[ ,]+(-?[\d.]+)[ ,]+(-?[\d.]+)\s*\))(?:\s+([\d.]+)\s*%)?(?:\s+(.{1,60}))?$/i.exec(
        part,
      );
    if (!found) return undefined;
    const lab = found[1]!.startsWith('#')
      ? labOfHex(found[1]!)
      : { l: Number(found[2]), a: Number(found[3]), b: Number(found[4]) };
    if (!lab || !(lab.l >= 0 && lab.l <= 100 && Math.abs(lab.a) <= 128 && Math.abs(lab.b) <= 128))
      return undefined;
    return {
      ...lab,
      share: found[5] === undefined ? 1 / parts.length : Number(found[5]) / 100,
      ...(found[6] ? { name: found[6].trim() } : {}),
    };
  });
  if (swatches.some((s) => s === undefined || !(s.share > 0 && s.share <= 1))) return undefined;
  return swatches as Swatch[];
}
const colours = <K extends keyof Item>(title: string, field: K): Column => ({
  title,
  field,
  write: (i) => writeColours(i[field] as Swatch[] | null),
  read: (t) => {
    const c = readColours(t);
    return (c ? value(c) : bad('not-a-colour', '#a3462f 60% Tanbark; #e9e5da 40%')) as Read<Item[K]>;
  },
});

/**
 * Every column, in the order in which they are written. A table may hold any of them, in any order; name and
 * kind are needed for what is new.
 */
export const COLUMNS: readonly Column[] = [
  text('id', 'id', 64),
  text('name', 'name', 80),
  oneOf('kind', 'kind', itemKindSchema.options),
  amount('count', 'count'),
  amount('set_of', 'setOf'),
  length('width', 'widthMm'),
  length('height', 'heightMm'),
  length('depth', 'depthMm'),
  colours('colours', 'colours'),
  {
    title: 'pattern',
    field: 'pattern',
    write: (i) => i.pattern.kind,
    read: (t) => {
      const options = ['solid', 'stripe', 'check', 'floral', 'motif', 'texture'] as const;
      const kind = options.find((o) => o === t.trim().toLowerCase());
      return kind ? value({ pattern: { kind, repeatMm: -1 } }) : bad('not-one-of', options.join(', '));
    },
  },
  {
    title: 'repeat',
    field: 'pattern',
    write: (i) => `${decimals(i.pattern.repeatMm)} mm`,
    read: (t, c) => {
      const r = parseLength(t, c.unit);
      return r.ok && r.value >= 0
        ? value({ pattern: { kind: 'solid' as const, repeatMm: r.value } })
        : bad('not-a-length', '5 in, 12 cm');
    },
  },
  oneOf('texture', 'texture', textureSchema.options),
  {
    title: 'back_colours',
    field: 'back',
    write: (i) => writeColours(i.back?.colours ?? null),
    read: (t) => {
      if (t.trim() === '') return value({ back: null });
      const c = readColours(t);
      return c
        ? value({
            back: {
              colours: c,
              pattern: { kind: 'solid' as const, repeatMm: 0 },
              texture: 'smooth' as const,
            },
          })
        : bad('not-a-colour', '#a3462f');
    },
  },
  oneOf('sheen', 'sheen', ['matt', 'low', 'satin', 'gloss']),
  oneOf('fibre', 'fibre', fibreSchema.options),
  amount('cloth_gsm', 'clothGsm'),
  amount('mass_g', 'massG'),
  oneOf('fill', 'fill', ['feather', 'polyester', 'foam', 'none']),
  yesNo('glazed', 'glazed'),
  yesNo('washable', 'washable'),
  many('care', 'care', careSchema.options),
  text('defects', 'defects', 400),
  text('defects_lit', 'defectsLit', 400),
  yesNo('poisonous', 'poisonous'),
  yesNo('scented', 'scented'),
  oneOf('state', 'state', ['owned', 'ordered', 'gone']),
  amount('price', 'price', 100),
  text('source', 'source', 80),
  date('bought_on', 'boughtOn'),
  date('due_on', 'dueOn'),
  date('return_by', 'returnBy'),
  yesNo('tags_on', 'tagsOn'),
  many('season', 'season', seasonSchema.options),
  amount('seasons_served', 'seasonsServed'),
  {
    title: 'place',
    field: 'placeId',
    write: (i, c) => c.places.find((p) => p.id === i.placeId)?.name ?? '',
    read: (t, c) => {
      const name = t.trim().toLowerCase();
      if (name === '') return value({ placeId: null });
      const p = c.places.find((x) => x.name.toLowerCase() === name || x.id === t.trim());
      return p
        ? value({ placeId: p.id })
        : bad(
            'unknown-place',
            c.places
              .map((x) => x.name)
              .slice(0, 6)
              .join(', '),
          );
    },
  },
  text('whereabouts', 'whereabouts', 80),
  oneOf('colour_from', 'colourFrom', ['typed', 'photo', 'corrected', 'reader']),
  yesNo('seen', 'seen'),
  text('note', 'note', 2000),
];

export const TITLES: readonly string[] = COLUMNS.map((c) => c.title);

export const itemToCells = (item: Item, context: Context): Record<string, string> =>
  Object.fromEntries(COLUMNS.map((c) => [c.title, c.write(item, context)]));

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
  context: Context,
  newId: () => string,
): ReadTable | CellIssue {
  const titles = header.map((h) =>
    h
      .trim()
      .toLowerCase()
      .replace(/^\ufeff/, '')
      .replace(/[ -]+/g, '_'),
  );
  const columns = titles.map((t) => COLUMNS.find((c) => c.title === t));
  const unknown = titles.findIndex((t, i) => t !== '' && !columns[i]);
  if (!titles.includes('name') && !titles.includes('id'))
    return {
      row: 1,
      column: '',
      code: 'no-header',
      came: header.join(', ').slice(0, 80),
      expected: 'name, kind, count, width, height …',
    };
  if (unknown >= 0)
    return {
      row: 1,
      column: header[unknown]!,
      code: 'unknown-column',
      came: header[unknown]!,
      expected: TITLES.join(', '),
    };
  const twice = titles.findIndex((t, i) => t !== '' && titles.indexOf(t) < i);
  if (twice >= 0)
    return { row: 1, column: header[twice]!, code: 'column-twice', came: header[twice]!, expected: '' };
  const result: TableRead = { added: [], changed: [], same: 0, issues: [], rows: 0 };
  const met = new Set<string>();
  const add = (cells: readonly string[], row: number) => {
    if (cells.every((c) => c.trim() === '')) return;
    result.rows++;
    const idAt = titles.indexOf('id');
    const id = idAt >= 0 ? (cells[idAt] ?? '').trim() : '';
    const before = id ? known.get(id) : undefined;
    const issues: CellIssue[] = [];
    if (id && met.has(id)) issues.push({ row, column: 'id', code: 'same-id', came: id, expected: '' });
    if (id) met.add(id);
    let item: Item = before ?? newItem({ id: id || newId(), name: '', kind: 'object' });
    columns.forEach((column, k) => {
      if (!column || column.title === 'id') return;
      const came = cells[k] ?? '';
      if (came.trim() === '' && !before) {
        if (column.title === 'name' || column.title === 'kind')
          issues.push({
            row,
            column: column.title,
            code: 'needed',
            came,
            expected: column.title === 'kind' ? itemKindSchema.options.join(', ') : 'Sail check',
          });
        return;
      }
      if (
        came.trim() === '' &&
        column.title !== 'place' &&
        ![
          'defects',
          'defects_lit',
          'source',
          'whereabouts',
          'note',
          'care',
          'season',
          'back_colours',
          'bought_on',
          'due_on',
          'return_by',
        ].includes(column.title)
      )
        return;
      const read = column.read(came, context);
      if ('code' in read) {
        issues.push({
          row,
          column: column.title,
          code: read.code,
          came: came.slice(0, 80),
          expected: read.expected,
        });
        return;
      }
      item = merge(item, column, read.value as never);
    });
    if (!before && !titles.includes('kind'))
      issues.push({
        row,
        column: 'kind',
        code: 'needed',
        came: '',
        expected: itemKindSchema.options.join(', '),
      });
    if (issues.length === 0) {
      const checked = itemSchema.safeParse(item);
      if (!checked.success) {
        const i = checked.error.issues[0]!;
        const field = String(i.path[0] ?? '');
        const column = COLUMNS.find((c) => c.field === field)?.title ?? field;
        issues.push({
          row,
          column,
          code: 'refused',
          came: cells[titles.indexOf(column)] ?? '',
          expected: i.message,
        });
      }
    }
    if (issues.length > 0) {
      result.issues.push(...issues);
      return;
    }
    if (!before) {
      result.added.push(item);
      return;
    }
    const differing = COLUMNS.filter((c) => c.write(before, context) !== c.write(item, context)).map(
      (c) => c.title,
    );
    if (differing.length === 0) result.same++;
    else result.changed.push({ before, after: item, columns: differing });
  };
  return { add, finish: () => result };
}

/**
 * One cell into the thing: the two columns of a pattern and the other face's colours leave the rest of it as
 * it was.
 */
function merge(item: Item, column: Column, read: unknown): Item {
  if (column.title === 'pattern')
    return { ...item, pattern: { ...item.pattern, kind: (read as Pick<Item, 'pattern'>).pattern.kind } };
  if (column.title === 'repeat')
    return {
      ...item,
      pattern: { ...item.pattern, repeatMm: (read as Pick<Item, 'pattern'>).pattern.repeatMm },
    };
  if (column.title === 'back_colours') {
    const { back } = read as Pick<Item, 'back'>;
    return { ...item, back: back && item.back ? { ...item.back, colours: back.colours } : back };
  }
  if (column.title === 'place') return { ...item, ...(read as Pick<Item, 'placeId'>) };
  return { ...item, [column.field]: read };
}
