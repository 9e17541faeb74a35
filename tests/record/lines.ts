/** A plan in lines that two versions can be compared by. */
import { createHash } from 'node:crypto';

/** Numbers to a thousandth of a millimetre, keys in order: what does not matter does not show. */
function plain(value: unknown): unknown {
  if (typeof value === 'number')
    return Number.isFinite(value) ? Math.round(value * 1000) / 1000 + 0 : `${value}`;
  if (value instanceof Map) return [...value].map(([k, v]) => [k as unknown, plain(v)]);
  if (Array.isArray(value)) return value.map(plain);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).filter(([, v]) => v !== undefined && typeof v !== 'function');
  return Object.fromEntries(entries.sort(([a], [b]) => (a < b ? -1 : 1)).map(([k, v]) => [k, plain(v)]));
}

const checksum = (value: unknown): string =>
  createHash('sha1').update(JSON.stringify(value)).digest('hex').slice(0, 8);

const isScalar = (value: unknown): boolean => typeof value !== 'object' || value === null;

/** Its plain values in words, and a checksum over everything in it. */
function lineOf(label: string, value: unknown): string {
  const known = plain(value);
  if (isScalar(known)) return `${label} ${String(known)}`;
  const scalars = Object.entries(known as object).filter(([, v]) => isScalar(v));
  return [`${label} ${checksum(known)}`, ...scalars.map(([k, v]) => `${k} ${String(v)}`)].join(', ');
}

/** One line for each thing in a list, or for the value as a whole. */
export const linesOf = (label: string, value: unknown): string[] =>
  Array.isArray(value) || value instanceof Map
    ? [...value].map((v, i) => lineOf(`${label} ${i}`, v))
    : [lineOf(label, value)];
