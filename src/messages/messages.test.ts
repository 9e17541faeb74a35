import { createTranslator } from 'next-intl';
import { describe, expect, it } from 'vitest';
import { FINDING_CASES } from '../../tests/helpers/findingCases';
import { cmRules, demoRoom, demoStudio } from '../../tests/helpers/rooms';
import type { LengthUnit } from '../core/base/units';
import type { Change } from '../core/model/change';
import type { Finding, FindingCode, Level, StageName } from '../core/model/finding';
import { planLook } from '../core/plan/planLook';
import { RULE_IDS, RULE_TABLE, type RuleRow } from '../core/rules/table';
import type { MeasureCode } from '../core/stages/measure/check';
import words from './en.json';
import rules from './en.rules.json';
import { factWords, findingArguments, litresWords, massWords, sayFinding } from './findingWords';

const messages = { ...words, rules };
const strict = (e: unknown): never => {
  throw e;
};
const say = createTranslator({ locale: 'en', messages, timeZone: 'UTC', onError: strict }) as unknown as (
  key: string,
  values?: Record<string, string | number>,
) => string;

// the compiler holds these tables to the closed sets: a code without its sentence, or a sentence without its
// code, does not build
const findingWords: Record<FindingCode, string> = words.findings;
const measureWords: Record<MeasureCode, string> = words.measureIssues;
const stageWords: Record<StageName, string> = words.stages;
const levelWords: Record<Level, string> = words.levels;
const actWords: Record<Change['do'], string> = words.acts;

const leaves = (value: unknown, path: string[] = []): [string, string][] =>
  typeof value === 'string'
    ? [[path.join('.'), value]]
    : Object.entries(value as object).flatMap(([k, v]) => leaves(v, [...path, k]));
/** Something for every argument that a message names: 2 is a number, a word, and the "other" of a choice. */
const anyArguments = (text: string) =>
  Object.fromEntries([...text.matchAll(/\{\s*(\w+)/g)].map(([, name]) => [name!, 2]));
const ODD = /[{}]|undefined|NaN|null|\[object|Infinity/;

describe('the words', () => {
  it('hold every code, and none besides', () => {
    expect(Object.keys(findingWords).sort()).toEqual(Object.keys(FINDING_CASES).sort());
    for (const table of [measureWords, stageWords, levelWords, actWords])
      expect(Object.values(table).every((w) => w.trim() !== '')).toBe(true);
  });
  // a rule's name holds full stops, which the translator reads as a path: those are asked for by their own
  // table below
  it('can all be said', () => {
    const all = leaves(words).filter(([, text]) => !text.includes('<'));
    expect(all.length).toBeGreaterThan(600);
    for (const [key, text] of all) expect(say(key, anyArguments(text)), key).not.toMatch(ODD);
  });
  it('speak as a stylist would: no exclamation marks, no program’s words', () => {
    for (const [key, text] of [...leaves(words), ...leaves(rules)]) {
      expect(text, key).not.toMatch(/!|\b(click here|oops|please|invalid|error occurred|submit|success)\b/i);
      expect(text, key).not.toMatch(/ {2}|\.\.\.|'s\b/);
    }
  });
  it('give every rule a name, a reason and a source, and every school a name', () => {
    const table = rules as unknown as Record<
      string,
      Record<string, { name: string; reason: string; source?: string }>
    >;
    for (const id of RULE_IDS) {
      const [stage, key] = id.split('.') as [string, string];
      const row = table[stage]?.[key];
      expect(row?.name, id).toBeTruthy();
      expect(row?.reason, id).toBeTruthy();
      expect(
        (RULE_TABLE[id] as RuleRow).mark === 'PUB' ? row?.source : words.why[RULE_TABLE[id].mark],
        id,
      ).toBeTruthy();
      for (const school of (RULE_TABLE[id] as RuleRow).schools ?? [])
        expect((words.schools as Record<string, unknown>)[school], `${id} ${school}`).toBeTruthy();
    }
  });
});

const names = {
  family: (id: string) => `family ${id}`,
  shell: (thing: string) => `the ${thing}`,
  part: ({ kind, name, n }: { kind: string; name: string; n: number }) => `${kind} ${n} ${name}`,
  wall: (id: string) => `wall ${id}`,
};
const sentence = (f: Finding, unit: LengthUnit) => sayFinding(say, f.code, findingArguments(f, unit, names));
/** Cautions that are nothing but advice. */
const ADVICE_ALONE: FindingCode[] = [
  'bleach-alone',
  'keep-dry',
  'hems-differ',
  'ladder',
  'two-people-rod',
  'rating-of-fixings',
  'rented-no-drill',
  'old-walls',
];

describe('the sentences of findings', () => {
  it('give a reason, and an advice wherever something gives way or does not hold', () => {
    const advice = words.advice as Partial<Record<FindingCode, string>>;
    for (const code of Object.keys(advice)) expect(Object.keys(FINDING_CASES)).toContain(code);
    for (const code of Object.keys(FINDING_CASES) as FindingCode[]) {
      const finding = planLook(FINDING_CASES[code].shows, { lookId: 'look' }).findings.find(
        (f) => f.code === code,
      )!;
      if (finding.level === 'ok' || ADVICE_ALONE.includes(code)) continue;
      expect(advice[code], code).toBeTruthy();
      const said = sentence(finding, 'in');
      expect(said.split(/[.] /).length, code).toBeGreaterThan(1);
    }
  });
  it.each(['in', 'ft-in', 'cm'] as const)('of every kind, in %s', (unit) => {
    for (const code of Object.keys(FINDING_CASES) as FindingCode[]) {
      const finding = planLook(FINDING_CASES[code].shows, { lookId: 'look' }).findings.find(
        (f) => f.code === code,
      )!;
      const words = sentence(finding, unit);
      expect(words, code).not.toMatch(ODD);
      expect(words, code).toMatch(/^[A-Z0-9].*[.]$|^.*\d$/s);
      if (unit === 'cm') expect(words, code).not.toMatch(/\d in\b/);
    }
  });
  it('of the demo, every look of every room', () => {
    let said = 0;
    for (const { room, looks } of demoStudio().rooms)
      for (const look of looks)
        for (const f of planLook(demoRoom(room.id), { lookId: look.id }).findings) {
          expect(sentence(f, room.unit), f.code).not.toMatch(ODD);
          said++;
        }
    expect(said).toBeGreaterThan(60);
  });
  it('are those that a stylist would say', () => {
    const f = (code: FindingCode) =>
      planLook(FINDING_CASES[code].shows, { lookId: 'look' }).findings.find((x) => x.code === code)!;
    expect(sentence(f('set-short'), 'in')).toBe(
      'Linen panel: you need 4 panels and have 3. Buy more, or hang fewer.',
    );
    expect(sentence(f('rod-above-ceiling'), 'in').replace(/\s/gu, ' ')).toBe(
      'A rod at 96 1⁄8 in is above the ceiling (96 in). Lower it.',
    );
    expect(sentence(f('owned-panel-short'), 'cm')).toBe(
      'Linen panel is 213.5 cm long, 19 cm too short, and its hem can’t make that up. Lower the rod, use longer rings, or sew a band on.',
    );
  });
});

describe('lengths of cloth', () => {
  it.each(['owned-panel-short', 'cover-short', 'cloth-on-floor', 'throw-falls'] as const)(
    'are in plain inches where rooms are in feet: %s',
    (code) => {
      const finding = planLook(FINDING_CASES[code].shows, { lookId: 'look' }).findings.find(
        (f) => f.code === code,
      )!;
      expect(sentence(finding, 'ft-in')).toBe(sentence(finding, 'in'));
    },
  );
  it('stay in feet where they are the room’s', () => {
    const rod = planLook(FINDING_CASES['rod-above-ceiling'].shows, { lookId: 'look' }).findings.find(
      (f) => f.code === 'rod-above-ceiling',
    )!;
    expect(sentence(rod, 'ft-in')).toContain('8′');
  });
});

it('an insert that nothing fits is read the same way round as its cover', () => {
  const room = FINDING_CASES['insert-none-fits'].shows;
  const said = (widthMm: number, heightMm: number) => {
    const items = room.items.map((i) => (i.kind === 'cover' ? { ...i, widthMm, heightMm } : i));
    const found = planLook({ ...room, items }, { lookId: 'look' }).findings;
    return sentence(
      found.find((f) => f.code === 'insert-none-fits')!,
      'in',
    );
  };
  expect(said(48 * 25.4, 14 * 25.4)).toContain('it needs 50 × 16 in');
  expect(said(14 * 25.4, 48 * 25.4)).toContain('it needs 16 × 50 in');
});

describe('amounts as words', () => {
  it('says litres and gallons as one buys them, never too little', () => {
    expect(litresWords(0.62, 'ft-in')).toBe('0.7 l (0.17 gal)');
    // a US gallon is 231 cubic inches (NIST Handbook 44, appendix C)
    expect(litresWords((231 * 25.4 ** 3) / 1e6, 'in')).toBe('3.8 l (1.00 gal)');
    expect(litresWords(0.7, 'cm')).toBe('0.7 l');
  });
  it('lengths in the room’s unit, shares as per cent, masses in the unit’s own', () => {
    expect(
      factWords(
        {
          gapMm: 203.2,
          share: 0.345,
          leastShare: 0.03,
          fullness: 2,
          deltaE: 3.14159,
          massG: 4535.9237,
          count: 3,
          name: 'x',
        },
        'in',
      ),
    ).toEqual({
      gap: '8 in',
      share: '35%',
      leastShare: '3.0%',
      fullness: '2.0',
      deltaE: '3.1',
      mass: '10.0 lb',
      count: 3,
      name: 'x',
    });
    expect([massWords(4500, 'cm'), massWords(453.59237, 'ft-in')]).toEqual(['4.5 kg', '1.0 lb']);
    expect(cmRules().unit).toBe('cm');
  });
  it('names as one says them', () => {
    const said = (...names: string[]) => factWords({ names }, 'in').names;
    expect([said('Sofa'), said('Sofa', 'Lamp'), said('Sofa', 'Chair, left', 'Lamp')]).toEqual([
      'Sofa',
      'Sofa and Lamp',
      'Sofa, Chair, left and Lamp',
    ]);
  });
});
