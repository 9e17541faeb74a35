/** Rows to the model's nouns and back, by the noun's own schema. */
import { z } from 'zod';
import { snake, type Row, type Table, type Value } from './rows';

/** A part of a noun that has columns of its own; null is kept as nulls throughout. */
type PartColumns = {
  /** Before the name of each of its columns. */
  prefix: string;
  /** Columns that are not the prefix and the field's name. */
  columns?: Record<string, string>;
  /** What stands in columns that can't be null when the whole part is. */
  absent?: Row;
};
/** What does not follow from the schema. Everything else is a column of its field's name. */
export type Exceptions = {
  columns?: Record<string, string>;
  /** Fields kept as JSON in one column. */
  json?: readonly string[];
  parts?: Record<string, PartColumns>;
  /** Fields that another table keeps, or that the caller adds. */
  elsewhere?: readonly string[];
  /** Fields kept in a way of their own. */
  own?: Record<string, Field>;
};

/** How one field is written to columns and read from them. */
export type Field = {
  columns: readonly string[];
  write: (value: unknown) => Row;
  read: (row: Row, table: Table) => unknown;
};
export type Codec<T> = {
  table: Table;
  columns: readonly string[];
  toRow: (value: T) => Row;
  fromRow: (row: Row) => T;
};

/** A row that can't be what was written: a column is missing, or holds what its field can't be. */
export class OddColumn extends Error {
  constructor(table: Table, column: string, value: unknown, expected: string) {
    super(
      `${table.name}.${column} is ${value === undefined ? 'missing' : JSON.stringify(value)}; ${expected} was expected`,
    );
  }
}

/** A codec for the rows of a table, from the schema of what they hold. */
export function codecOf<T extends object>(
  table: Table,
  schema: z.ZodObject,
  exceptions: Exceptions = {},
): Codec<T> {
  const names = Object.keys(schema.shape).filter((name) => !exceptions.elsewhere?.includes(name));
  const fields = names.map(
    (name) => [name, fieldOf(name, schema.shape[name] as z.ZodType, exceptions)] as const,
  );
  return {
    table,
    columns: fields.flatMap(([, field]) => field.columns),
    toRow: (value) =>
      Object.assign(
        {},
        ...fields.map(([name, field]) => field.write((value as Record<string, unknown>)[name])),
      ) as Row,
    fromRow: (row) => {
      const value: Record<string, unknown> = {};
      for (const [name, field] of fields) {
        const read = field.read(row, table);
        if (read !== undefined) value[name] = read;
      }
      return value as T;
    },
  };
}

function fieldOf(name: string, schema: z.ZodType, exceptions: Exceptions): Field {
  const own = exceptions.own?.[name];
  if (own) return own;
  const { inner, orNull, orLeftOut } = unwrapped(schema);
  const column = exceptions.columns?.[name];
  if (exceptions.json?.includes(name))
    return jsonField(column ?? `${snake(name)}_json`, schema, { orNull, orLeftOut });
  const part = exceptions.parts?.[name];
  if (part && inner instanceof z.ZodObject) return partField(inner, part, orNull);
  return plainField(column ?? snake(name), inner, { orNull, orLeftOut });
}

type Empty = { orNull: boolean; orLeftOut: boolean };

function unwrapped(schema: z.ZodType): Empty & { inner: z.ZodType } {
  if (schema instanceof z.ZodNullable) return { ...unwrapped(schema.unwrap() as z.ZodType), orNull: true };
  if (schema instanceof z.ZodOptional) return { ...unwrapped(schema.unwrap() as z.ZodType), orLeftOut: true };
  return { inner: schema, orNull: false, orLeftOut: false };
}

/** A column's kind, by what the field may be. */
function kindOf(column: string, schema: z.ZodType): 'text' | 'number' | 'bit' {
  if (schema instanceof z.ZodBoolean) return 'bit';
  if (schema instanceof z.ZodNumber) return 'number';
  if (schema instanceof z.ZodString || schema instanceof z.ZodEnum || schema instanceof z.ZodStringFormat)
    return 'text';
  throw new Error(`${column} is neither text, a number nor yes or no: name it among the exceptions`);
}

export function plainField(column: string, schema: z.ZodType, { orNull, orLeftOut }: Empty): Field {
  const kind = kindOf(column, schema);
  const words = schema instanceof z.ZodEnum ? new Set(schema.options) : undefined;
  const empty = orLeftOut ? undefined : null;
  const read = (value: Value | undefined, table: Table): unknown => {
    if (value === null && (orNull || orLeftOut)) return empty;
    if (kind === 'bit' && (value === 0 || value === 1)) return value === 1;
    if (kind === 'number' && typeof value === 'number') return value;
    if (kind === 'text' && typeof value === 'string' && (!words || words.has(value))) return value;
    throw new OddColumn(table, column, value, words ? [...words].join(', ') : kind);
  };
  const write = (value: unknown): Value => {
    if (value === undefined && orLeftOut) return null;
    return kind === 'bit' ? Number(value as boolean) : (value as Value);
  };
  return {
    columns: [column],
    write: (value) => ({ [column]: write(value) }),
    read: (row, table) => read(row[column], table),
  };
}

/** A field kept as JSON in one column. */
export function jsonField(column: string, schema: z.ZodType, { orNull, orLeftOut }: Empty): Field {
  const { inner } = unwrapped(schema);
  const isList = inner instanceof z.ZodArray || inner instanceof z.ZodTuple;
  return {
    columns: [column],
    write: (value) => ({ [column]: value === null || value === undefined ? null : JSON.stringify(value) }),
    read: (row, table) => {
      const text = row[column];
      if (text === null && (orNull || orLeftOut)) return orLeftOut ? undefined : null;
      if (typeof text !== 'string') throw new OddColumn(table, column, text, 'JSON');
      const value = jsonOf(text);
      if (value === undefined || (isList && !Array.isArray(value)))
        throw new OddColumn(table, column, text, isList ? 'a JSON list' : 'JSON');
      return value;
    },
  };
}

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

/** An object in columns of its own; it is null when a column is that can't be null by itself. */
function partField(
  schema: z.ZodObject,
  { prefix, columns = {}, absent = {} }: PartColumns,
  orNull: boolean,
): Field {
  const fields = Object.entries(schema.shape).map(([name, inner]) => {
    const column = columns[name] ?? `${prefix}${snake(name)}`;
    const empty = unwrapped(inner as z.ZodType);
    const json = empty.inner instanceof z.ZodArray || empty.inner instanceof z.ZodObject;
    const field = json
      ? jsonField(columns[name] ?? `${column}_json`, inner as z.ZodType, empty)
      : plainField(column, empty.inner, empty);
    return { name, field, orNull: empty.orNull };
  });
  const all = fields.flatMap(({ field }) => field.columns);
  const telling = (fields.find((f) => !f.orNull) ?? fields[0])?.field.columns[0] ?? '';
  const nothing: Row = { ...Object.fromEntries(all.map((column) => [column, null])), ...absent };
  return {
    columns: all,
    write: (value) =>
      value === null
        ? nothing
        : (Object.assign(
            {},
            ...fields.map(({ name, field }) => field.write((value as Record<string, unknown>)[name])),
          ) as Row),
    read: (row, table) => {
      if (orNull && row[telling] === null) return null;
      return Object.fromEntries(fields.map(({ name, field }) => [name, field.read(row, table)]));
    },
  };
}
