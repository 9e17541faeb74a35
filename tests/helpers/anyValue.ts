/** Values drawn at random from what a schema allows. */
import fc from 'fast-check';
import { z } from 'zod';

type Any = fc.Arbitrary<unknown>;

export function anyValueOf(schema: z.ZodType): Any {
  if (schema instanceof z.ZodNullable)
    return fc.option(anyValueOf(schema.unwrap() as z.ZodType), { nil: null });
  if (schema instanceof z.ZodOptional)
    return fc.option(anyValueOf(schema.unwrap() as z.ZodType), { nil: undefined });
  if (schema instanceof z.ZodBoolean) return fc.boolean();
  if (schema instanceof z.ZodEnum) return fc.constantFrom(...schema.options);
  if (schema instanceof z.ZodLiteral) return fc.constantFrom(...schema.values);
  if (schema instanceof z.ZodNumber) return anyNumber(schema);
  if (schema instanceof z.ZodObject) return anyObject(schema);
  if (schema instanceof z.ZodTuple)
    return fc.tuple(...schema.def.items.map((item) => anyValueOf(item as z.ZodType)));
  if (schema instanceof z.ZodArray) return anyList(schema);
  if (schema instanceof z.ZodUnion || schema instanceof z.ZodDiscriminatedUnion)
    return fc.oneof(...schema.options.map((option) => anyValueOf(option as z.ZodType)));
  return anyText(schema);
}

function anyNumber(schema: z.ZodNumber): Any {
  const min = Number.isFinite(schema.minValue) ? (schema.minValue as number) : -1e6;
  const max = Number.isFinite(schema.maxValue) ? (schema.maxValue as number) : 1e6;
  if (schema.isInt) return fc.integer({ min: Math.ceil(min), max: Math.floor(max) });
  // JSON has no negative zero
  return fc
    .double({ min, max, noNaN: true })
    .map((n) => n + 0)
    .filter((n) => schema.safeParse(n).success);
}

function anyObject(schema: z.ZodObject): Any {
  const fields = Object.entries(schema.shape).map(([name, field]) => [name, anyValueOf(field as z.ZodType)]);
  return fc
    .record(Object.fromEntries(fields) as Record<string, Any>)
    .map((value) => Object.fromEntries(Object.entries(value).filter(([, v]) => v !== undefined)));
}

/** A short list of as many values as the schema wants at least. */
function anyList(schema: z.ZodArray): Any {
  const one = anyValueOf(schema.element as z.ZodType);
  return fc
    .array(one, { minLength: 1, maxLength: 4 })
    .chain((list) => {
      const wanted = [list, [], Array.from({ length: 31 }, (_, i) => list[i % list.length])];
      return fc.constantFrom(...wanted.filter((l) => schema.safeParse(l).success), list);
    })
    .filter((list) => schema.safeParse(list).success);
}

const TEXTS = [
  'a',
  'id-7',
  'bay2',
  'Ünïcode Łódź',
  '2026-05-01',
  '2026-05-01T09:30:00Z',
  'QUJD',
  'it\'s; -- "quoted"',
  'floor',
];

function anyText(schema: z.ZodType): Any {
  const allowed = TEXTS.filter((text) => schema.safeParse(text).success);
  return fc.constantFrom(...allowed);
}
