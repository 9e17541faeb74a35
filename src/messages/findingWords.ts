import { formatLength, formatSize, plainUnit } from '../core/base/length';
import { formatMoney } from '../core/base/money';
import type { LengthUnit } from '../core/base/units';
import type { Finding, FindingCode, FindingFacts } from '../core/model/finding';

const PERCENT = new Set(['share', 'leastShare', 'mostShare', 'actual', 'planned', 'pull']);
const ONE_DECIMAL = new Set(['fullness', 'gives', 'deltaE']);
export type Facts = Record<string, string | number>;

export const massWords = (grams: number, unit: LengthUnit): string =>
  unit === 'cm' ? `${(grams / 1000).toFixed(1)} kg` : `${(grams / 453.59237).toFixed(1)} lb`;

const LITRES_PER_GALLON = 3.785411784;
const roundedUp = (n: number, digits: number): string =>
  (Math.ceil(n * 10 ** digits - 1e-9) / 10 ** digits).toFixed(digits);

/** Litres as one buys them, never too little; where people measure in inches, US gallons as well. */
export function litresWords(litres: number, unit: LengthUnit): string {
  const metric = `${roundedUp(litres, 1)} l`;
  return unit === 'cm' ? metric : `${metric} (${roundedUp(litres / LITRES_PER_GALLON, 2)} gal)`;
}

/** A rod's sag, finer than the tape's marks. */
export const sagWords = (mm: number, unit: LengthUnit): string =>
  unit === 'cm' ? `${mm.toFixed(1)} mm` : `${(mm / 25.4).toFixed(2)} in`;

const conjunction = new Intl.ListFormat('en-GB');

/** Names as they are said: “chair, sofa and lamp”. */
export const listWords = (names: Iterable<string>): string => conjunction.format(names);

/**
 * Amounts of a finding as words: …Mm lengths in the room's unit under the name without Mm, shares as per
 * cent.
 */
export function factWords(facts: FindingFacts, unit: LengthUnit): Facts {
  return Object.fromEntries(
    Object.entries(facts).map(([key, value]) => {
      if (typeof value === 'string') return [key, value];
      if (typeof value !== 'number') return [key, listWords(value)];
      // a sag is less than a mark of the tape
      if (key === 'sagMm') return ['sag', sagWords(value, unit)];
      if (key.endsWith('Mm')) return [key.slice(0, -2), lengthWords(value, unit)];
      if (key.endsWith('Cost')) return [key, formatMoney(value, String(facts.currency))];
      if (key.endsWith('Litres')) return [key.slice(0, -6), litresWords(value, unit)];
      if (key.endsWith('G')) return [key.slice(0, -1), massWords(value, unit)];
      if (PERCENT.has(key)) return [key, `${(value * 100).toFixed(value < 0.1 ? 1 : 0)}%`];
      return [key, ONE_DECIMAL.has(key) ? value.toFixed(1) : value];
    }),
  );
}

/** In centimetres a few millimetres are told as such: half a centimetre is more than a hem gives. */
const lengthWords = (mm: number, unit: LengthUnit): string =>
  unit === 'cm' && Math.abs(mm) < 10 ? `${Math.round(mm) / 10} cm` : formatLength(mm, unit);

export type ShellThing = 'wall' | 'trim' | 'floor';

/** What is called in the room's own words: families, its shell, and the parts of what is in it. */
export type Names = {
  family: (id: string) => string;
  shell: (thing: ShellThing) => string;
  part: (of: { kind: string; name: string; n: number }) => string;
  wall: (id: string) => string;
};

/** Findings whose lengths are of cloth, which nobody measures in feet. */
const OF_CLOTH: ReadonlySet<FindingCode> = new Set<FindingCode>([
  'owned-panel-short',
  'shower-too-narrow',
  'pleats-cloth-off',
  'throw-falls',
  'throw-past-edge',
  'cover-on-floor',
  'cover-hangs-good',
  'cover-short',
  'skirt-drags',
  'skirt-short',
  'pocket-unknown',
  'pocket-short',
  'pocket-good',
  'duvet-cover-off',
  'fitted-size-off',
  'cloth-falls-well',
  'cloth-too-short',
  'cloth-too-long',
  'cloth-on-floor',
  'cloth-corners-on-floor',
  'runner-hangs-little',
  'runner-stops-short',
  'sheet-past-roll',
]);

/** What a finding's sentence needs, with families and the room's shell under their names. */
export function findingArguments(finding: Finding, unit: LengthUnit, name: Names): Facts {
  const facts = factWords(finding.by, OF_CLOTH.has(finding.code) ? plainUnit(unit) : unit);
  if (typeof facts.family === 'string') facts.family = name.family(facts.family);
  if (typeof facts.wallId === 'string') facts.name = name.wall(facts.wallId);
  if (typeof facts.onKind === 'string')
    facts.on = name.part({ kind: facts.onKind, name: String(facts.on), n: Number(facts.onNumber) });
  for (const [key, kind] of [
    ['one', 'oneKind'],
    ['other', 'otherKind'],
  ] as const) {
    if (facts[key] === '' && ['wall', 'trim', 'floor'].includes(String(facts[kind])))
      facts[key] = name.shell(facts[kind] as ShellThing);
  }
  for (const [size, w, h] of [
    ['size', 'widthMm', 'heightMm'],
    ['nearSize', 'nearWidthMm', 'nearHeightMm'],
  ] as const) {
    const [width, height] = [finding.by[w], finding.by[h]];
    if (typeof width === 'number' && typeof height === 'number')
      facts[size] = formatSize(width, height, unit);
  }
  if (typeof facts.need === 'number' && typeof facts.have === 'number') facts.short = facts.need - facts.have;
  return facts;
}

const disjunction = new Intl.ListFormat('en-GB', { type: 'disjunction' });

/** Any of several: “with the shop or with a pillow unlocked”. */
export const eitherWords = (words: Iterable<string>): string => disjunction.format(words);

export const asSentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

type Say = { (key: string, values?: Facts): string; has: (key: string) => boolean };
/**
 * A finding in words: its reason, then its advice. What only holds needs no advice; what is advice already
 * says it once.
 */
export function sayFinding(t: unknown, code: FindingCode, facts: Facts): string {
  const say = t as Say;
  return [`findings.${code}`, `advice.${code}`]
    .filter((key, i) => i === 0 || say.has(key))
    .map((key) => asSentence(say(key, facts)))
    .join(' ');
}
