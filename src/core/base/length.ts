import { elementAt } from './list';
import { fail, ok, type Result } from './result';
import { MM_PER_INCH, markStep, type LengthUnit, type Mm } from './units';

export type LengthIssue = {
  code: 'empty' | 'not-a-length' | 'zero-denominator' | 'inches-past-a-foot' | 'too-long' | 'two-readings';
  /** Where reading stopped: index into what came. */
  at: number;
  came: string;
  /** Both ways in which a number can be read. */
  readings?: [string, string];
};

/**
 * Both readings of a number with one comma before three figures, as `1,250`: the comma may group thousands or be the decimal
 * mark. Undefined for any other.
 */
export function twoReadingsOf(digits: string): [number, number] | undefined {
  if (!/^[1-9]\d{0,2},\d{3}$/.test(digits)) return undefined;
  return [Number(digits.replace(',', '.')), Number(digits.replace(',', ''))];
}

const NUMBER = String.raw`\d{1,3}(?:[ ]\d{3})+(?:[.,]\d+)?|\d+(?:[.,]\d+)?|[.,]\d+`;
const FRACTION = String.raw`(\d+)\s*[/⁄]\s*(\d+)`;
const GLYPHS: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};
const MM_OF: Record<string, Mm> = { mm: 1, cm: 10, m: 1000, in: MM_PER_INCH, ft: 12 * MM_PER_INCH };
const UNIT_WORDS: [RegExp, string][] = [
  [/^(?:millimet(?:re|er)s?|mm)(?![a-z])/i, 'mm'],
  [/^(?:centimet(?:re|er)s?|cms?)(?![a-z])/i, 'cm'],
  [/^(?:met(?:re|er)s?|m)(?![a-z])/i, 'm'],
  [/^(?:inch(?:es)?|in\.?)(?![a-z])/i, 'in'],
  [/^(?:''|["″”“])/, 'in'],
  [/^(?:feet|foot|ft\.?)(?![a-z])/i, 'ft'],
  [/^['′’‘]/, 'ft'],
];
/** Nothing in a room is longer than this; it catches a slipped decimal. */
const LONGEST_MM: Mm = 100_000;

/**
 * Reads a length as it stands on a tape note: `8' 3 1/2"`, `8ft 3.5`, `99½ in`, `251.5 cm`, `2 515 mm`, `2,5
 * m`.
 * A bare number takes the room's unit. Gives millimetres, or where reading stopped.
 * A comma is the decimal mark, but before three figures it may be either and is not read; a space may group thousands in
 * metric lengths only, because `99 1/2` is mixed.
 */
export function parseLength(came: string, unit: LengthUnit): Result<Mm, LengthIssue> {
  const bare = unit === 'cm' ? 'cm' : 'in';
  // every replacement keeps the length, so that positions stay those of what came
  const text = came.replace(/[\s\u00a0\u2009\u202f]/g, ' ').replace(/−/g, '-');
  const stop = (code: LengthIssue['code'], position: number, readings?: LengthIssue['readings']) =>
    fail<LengthIssue>({ code, at: position, came, ...(readings ? { readings } : {}) });
  let position = text.length - text.trimStart().length;
  const end = text.trimEnd().length;
  if (position >= end) return stop('empty', 0);

  const sign = text[position] === '-' ? -1 : 1;
  if (sign < 0) position = skipSpaces(text, position + 1);

  let totalMm = 0;
  let last: string | undefined;
  for (let parts = 0; position < end; parts++) {
    const part = readPart(text, position, { last, parts, bare, end });
    if ('code' in part) return stop(part.code, part.at, part.readings);
    totalMm += part.lengthMm;
    position = part.next;
    last = part.unit;
  }
  if (totalMm > LONGEST_MM) return stop('too-long', 0);
  return ok(sign * totalMm);
}

type Part = { lengthMm: Mm; unit: string; next: number };
/** Where in a length a part stands: after which unit, as which part, the unit of a bare number, the end. */
type Context = { last: string | undefined; parts: number; bare: string; end: number };

/** One quantity with its unit, or where reading stopped. */
function readPart(
  text: string,
  start: number,
  { last, parts, bare, end }: Context,
): Part | Omit<LengthIssue, 'came'> {
  const quantity = readQuantity(text, start);
  if (!quantity) return { code: 'not-a-length', at: start };
  if (quantity.zeroDenominatorAt !== undefined)
    return { code: 'zero-denominator', at: quantity.zeroDenominatorAt };
  const next = skipSpaces(text, quantity.end);
  const word = readUnit(text, next);
  const unit = word?.unit ?? NEXT_UNIT[last ?? ''] ?? bare;
  const problem = partProblem(quantity, unit, last, parts);
  if (problem) return { code: problem, at: start };
  if (!word && next < end) return { code: 'not-a-length', at: next };
  const readings = twoReadingsOf(text.slice(start, quantity.end));
  // what is longer than any room was not meant
  if (readings && readings[1] * MM_OF[unit]! <= LONGEST_MM)
    return {
      code: 'two-readings',
      at: start,
      readings: [`${readings[0]} ${unit}`, `${readings[1]} ${unit}`],
    };
  return {
    lengthMm: quantity.value * MM_OF[unit]!,
    unit,
    next: word ? skipSpaces(text, word.end) : next,
  };
}

/** What a bare number after a unit is in. */
const NEXT_UNIT: Record<string, string> = { ft: 'in', m: 'cm' };
/** What may follow a unit. */
const FOLLOWS: Record<string, readonly string[]> = { ft: ['in'], m: ['cm', 'mm'] };

/** What is wrong with one part of a length after another; undefined when nothing is. */
function partProblem(
  quantity: Quantity,
  unit: string,
  last: string | undefined,
  parts: number,
): LengthIssue['code'] | undefined {
  const follows = last === undefined ? parts === 0 : FOLLOWS[last]?.includes(unit);
  if (!follows || parts > 1) return 'not-a-length';
  if (quantity.grouped && (unit === 'in' || unit === 'ft')) return 'not-a-length';
  return last === 'ft' && quantity.value >= 12 ? 'inches-past-a-foot' : undefined;
}

const skipSpaces = (text: string, position: number): number => {
  while (text[position] === ' ') position++;
  return position;
};

function readUnit(text: string, position: number): { unit: string; end: number } | undefined {
  const rest = text.slice(position);
  for (const [pattern, unit] of UNIT_WORDS) {
    const found = pattern.exec(rest);
    if (found) return { unit, end: position + found[0].length };
  }
  return undefined;
}

type Quantity = { value: number; end: number; grouped: boolean; zeroDenominatorAt?: number };

/** A number, a fraction, or a whole number with a fraction. */
function readQuantity(text: string, position: number): Quantity | undefined {
  const fraction = readFraction(text, position);
  if (fraction) return { ...fraction, grouped: false };
  const found = new RegExp(`^(?:${NUMBER})`).exec(text.slice(position));
  if (!found) return undefined;
  const digits = found[0];
  const end = position + digits.length;
  const value = Number(digits.replace(/ /g, '').replace(',', '.'));
  const whole = /^\d+$/.test(digits);
  if (whole) {
    const next = text[end] === '-' ? end + 1 : skipSpaces(text, end);
    const more = readFraction(text, next);
    if (more && (more.zeroDenominatorAt !== undefined || more.value < 1)) {
      return {
        value: value + more.value,
        end: more.end,
        grouped: false,
        zeroDenominatorAt: more.zeroDenominatorAt,
      };
    }
  }
  return { value, end, grouped: digits.includes(' ') };
}

function readFraction(
  text: string,
  position: number,
): { value: number; end: number; zeroDenominatorAt?: number } | undefined {
  const glyph = GLYPHS[text[position] ?? ''];
  if (glyph) {
    const [n, d] = glyph.split('/').map(Number) as [number, number];
    return { value: n / d, end: position + 1 };
  }
  const found = new RegExp(`^${FRACTION}`).exec(text.slice(position));
  if (!found) return undefined;
  const denominator = Number(found[2]);
  const end = position + found[0].length;
  if (denominator === 0) return { value: 0, end, zeroDenominatorAt: end - elementAt(found, 2).length };
  return { value: Number(found[1]) / denominator, end };
}

/**
 * A length cut into what a screen sets: sign, feet (0 when none), whole number, eighths as a reduced
 * fraction, unit word.
 */
export type LengthParts = {
  sign: '' | '−';
  feet: number;
  whole: string;
  fraction?: [number, number];
  unit: 'in' | 'cm';
};

/** Inches to the nearest ⅛, feet and inches from 3 ft up where the unit says so, centimetres to 0.5. */
export function lengthParts(lengthMm: Mm, unit: LengthUnit): LengthParts {
  const steps = Math.round(Math.abs(lengthMm) / markStep(unit));
  const sign = lengthMm < 0 && steps > 0 ? '−' : '';
  if (unit === 'cm')
    return { sign, feet: 0, whole: steps % 2 ? (steps / 2).toFixed(1) : String(steps / 2), unit: 'cm' };
  const feet = unit === 'ft-in' && steps >= 36 * 8 ? Math.floor(steps / 96) : 0;
  const eighths = steps - feet * 96;
  const numerator = eighths % 8;
  const divisor = [4, 2, 1].find((n) => numerator % n === 0) ?? 1;
  return {
    sign,
    feet,
    whole: String(Math.floor(eighths / 8)),
    ...(numerator ? { fraction: [numerator / divisor, 8 / divisor] as [number, number] } : {}),
    unit: 'in',
  };
}

const FRACTION_SLASH = '\u2044';

/** Plain text of a length, unit left out: `103 1⁄2`, `8′ 3 1⁄2″`, `251.5`. */
export function formatBareLength(lengthMm: Mm, unit: LengthUnit): string {
  const p = lengthParts(lengthMm, unit);
  const fraction = p.fraction ? `${p.fraction[0]}${FRACTION_SLASH}${p.fraction[1]}` : '';
  const whole = fraction && p.whole === '0' ? '' : p.whole;
  const small = [whole, fraction].filter(Boolean).join(' ');
  return p.feet ? `${p.sign}${p.feet}′${small === '0' ? '' : ` ${small}″`}` : p.sign + small;
}

/** Plain text of a length with its unit: `103 1⁄2 in`, `8′ 3 1⁄2″`, `251.5 cm`. */
export function formatLength(lengthMm: Mm, unit: LengthUnit): string {
  const bare = formatBareLength(lengthMm, unit);
  return bare.includes('′') ? bare : `${bare} ${unit === 'cm' ? 'cm' : 'in'}`;
}

/** The unit that cloth, frames and lamps are measured in: plain inches where rooms are in feet and inches. */
export const plainUnit = (unit: LengthUnit): 'in' | 'cm' => (unit === 'cm' ? 'cm' : 'in');

/** Plain text of a length of cloth, a frame or a lamp: `91 1⁄2 in`, never `7′ 7 1⁄2″`. */
export const formatPlainLength = (lengthMm: Mm, unit: LengthUnit): string =>
  formatLength(lengthMm, plainUnit(unit));

/** The same with the unit left out: `91 1⁄2`. */
export const formatBarePlainLength = (lengthMm: Mm, unit: LengthUnit): string =>
  formatBareLength(lengthMm, plainUnit(unit));

/** Width and height of a thing in plain inches or centimetres, unit left out: `36 × 14`. */
export const formatBareSize = (widthMm: Mm, heightMm: Mm, unit: LengthUnit): string =>
  `${formatBarePlainLength(widthMm, unit)} × ${formatBarePlainLength(heightMm, unit)}`;

/** The same with the unit: `36 × 14 in`. */
export const formatSize = (widthMm: Mm, heightMm: Mm, unit: LengthUnit): string =>
  `${formatBareSize(widthMm, heightMm, unit)} ${plainUnit(unit)}`;

/** What is put back into a field for typing: ASCII that parseLength reads to the same mark. */
export function typedLength(lengthMm: Mm, unit: LengthUnit): string {
  return formatBareLength(lengthMm, unit)
    .replaceAll('\u2044', '/')
    .replaceAll('′', "'")
    .replaceAll('″', '')
    .replace('−', '-');
}
