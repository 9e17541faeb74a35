import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatFineLength, typedFineLength } from './fineLength';
import {
  formatBareLength,
  formatBareSize,
  formatLength,
  formatSize,
  formatPlainLength,
  formatBarePlainLength,
  parseLength,
  plainUnit,
  typedLength,
} from './length';
import {
  cm,
  feet,
  inches,
  markStep,
  plannedAbove,
  plannedBelow,
  toMark,
  toPlanned,
  type LengthUnit,
} from './units';

const mm = (text: string, unit: LengthUnit = 'in') => {
  const r = parseLength(text, unit);
  return r.ok ? Math.round(r.value * 1e6) / 1e6 : r.issues[0]!;
};
const issueAt = (text: string, unit: LengthUnit = 'in') => {
  const r = parseLength(text, unit);
  return r.ok ? 'read' : `${r.issues[0]!.code}@${r.issues[0]!.at}`;
};
const rounded = (n: number) => Math.round(n * 1e6) / 1e6;

describe('lengths as they are spoken', () => {
  it.each<[string, LengthUnit, number]>([
    ['8\' 3 1/2"', 'in', feet(8) + inches(3.5)],
    ["8' 3 1/2", 'in', feet(8) + inches(3.5)],
    ['8ft 3.5', 'in', feet(8) + inches(3.5)],
    ['8′3½″', 'cm', feet(8) + inches(3.5)],
    ["8'", 'in', feet(8)],
    ['8 feet 3 inches', 'in', feet(8) + inches(3)],
    ['99 1/2', 'in', inches(99.5)],
    ['99½ in', 'cm', inches(99.5)],
    ['99½', 'in', inches(99.5)],
    ['99-1/2', 'in', inches(99.5)],
    ['3/8', 'in', inches(0.375)],
    ['⅝', 'in', inches(0.625)],
    ['99 1⁄2', 'in', inches(99.5)],
    ["12''", 'cm', inches(12)],
    ['251.5 cm', 'in', cm(251.5)],
    ['251,5', 'cm', cm(251.5)],
    ['2.5 m', 'in', 2500],
    ['2,5 m', 'in', 2500],
    ['2 515 mm', 'in', 2515],
    ['2\u202f515 mm', 'in', 2515],
    ['2 m 51', 'cm', 2510],
    ['2m 51.5cm', 'in', 2515],
    ['252', 'cm', 2520],
    ['252', 'in', inches(252)],
    ['252', 'ft-in', inches(252)],
    ['.5', 'in', inches(0.5)],
    ['-1/2', 'in', inches(-0.5)],
    ['  84 ', 'in', inches(84)],
  ])('%j in a %s room', (text, unit, expected) => {
    expect(mm(text, unit)).toBe(rounded(expected));
  });

  it.each([
    ['', 'empty@0'],
    ['   ', 'empty@0'],
    ['tall', 'not-a-length@0'],
    ["8' x", 'not-a-length@3'],
    ['99 1/0', 'zero-denominator@5'],
    ["8' 14", 'inches-past-a-foot@3'],
    ['12 34', 'not-a-length@3'],
    ['84 in 2 ft', 'not-a-length@6'],
    ['1 2 3', 'not-a-length@2'],
    ['84..5', 'not-a-length@2'],
    ['9e9', 'not-a-length@1'],
    ['200 m', 'too-long@0'],
    ['2 515 in', 'not-a-length@0'],
    ['84 yd', 'not-a-length@3'],
    ['NaN', 'not-a-length@0'],
    ['∞', 'not-a-length@0'],
  ])('%j is refused with its place: %s', (text, expected) => {
    expect(issueAt(text)).toBe(expected);
  });

  it('keeps what came', () => {
    const r = parseLength("8' x", 'in');
    expect(!r.ok && r.issues[0]!.came).toBe("8' x");
  });
});

describe('lengths as they are shown', () => {
  it.each<[number, LengthUnit, string]>([
    [inches(103.5), 'in', '103 1⁄2 in'],
    [inches(0.375), 'in', '3⁄8 in'],
    [inches(99), 'in', '99 in'],
    [feet(8) + inches(3.5), 'ft-in', '8′ 3 1⁄2″'],
    [feet(9), 'ft-in', '9′'],
    [inches(35.875), 'ft-in', '35 7⁄8 in'],
    [feet(3), 'ft-in', '3′'],
    [inches(47.99), 'ft-in', '4′'],
    [2515, 'cm', '251.5 cm'],
    [2517, 'cm', '251.5 cm'],
    [2520, 'cm', '252 cm'],
    [inches(-0.5), 'in', '−1⁄2 in'],
    [0, 'in', '0 in'],
    [-0.1, 'cm', '0 cm'],
  ])('%d mm in %s', (length, unit, shown) => {
    expect(formatLength(length, unit)).toBe(shown);
  });

  it('is read back to the same mark, whatever the length and unit', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -80_000, max: 80_000 }),
        fc.constantFrom<LengthUnit>('in', 'ft-in', 'cm'),
        (tenths, unit) => {
          const length = toMark(tenths / 8, unit);
          for (const text of [typedLength(length, unit), formatLength(length, unit)]) {
            const back = parseLength(text, unit);
            expect(back.ok && Math.abs(back.value - length) < 1e-6, `${text} of ${length}`).toBe(true);
          }
        },
      ),
    );
  });

  it('never reads nonsense as a number: what is read shows as a number again', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 12 }), (text) => {
        const r = parseLength(text, 'in');
        if (r.ok) expect(Number.isFinite(r.value)).toBe(true);
        else expect(r.issues[0]!.at).toBeLessThanOrEqual(text.length);
      }),
    );
  });
  it('shows no unit when bare', () => expect(formatBareLength(inches(7), 'in')).toBe('7'));
});

describe('lengths between the marks of the tape', () => {
  it('are shown as they are where a rule has them', () => {
    expect([formatFineLength(12, 'cm'), formatFineLength(3, 'cm'), formatFineLength(25, 'cm')]).toEqual([
      '1.2 cm',
      '0.3 cm',
      '2.5 cm',
    ]);
    expect([formatFineLength(inches(0.05), 'in'), formatFineLength(inches(2.5), 'in')]).toEqual([
      '0.05 in',
      formatLength(inches(2.5), 'in'),
    ]);
  });
  it('come back as they were typed', () => {
    for (const [mm, unit] of [
      [12, 'cm'],
      [inches(0.05), 'in'],
      [inches(101.375), 'ft-in'],
    ] as const) {
      const read = parseLength(typedFineLength(mm, unit), unit);
      expect(read.ok && read.value).toBeCloseTo(mm, 6);
    }
  });
});

describe('marks', () => {
  it('are an eighth of an inch or half a centimetre', () => {
    expect([markStep('in'), markStep('ft-in'), markStep('cm')]).toEqual([3.175, 3.175, 5]);
  });
  it('are finer for what is worked out in centimetres', () => {
    expect([toPlanned(2517.4, 'cm'), toPlanned(2517.6, 'cm')]).toEqual([2517, 2518]);
    expect(rounded(toPlanned(inches(8.06), 'in'))).toBe(rounded(inches(8)));
  });
  it('round to, below and above', () => {
    expect(
      [
        toMark(2517, 'cm'),
        plannedBelow(2519.9, 'cm'),
        plannedAbove(2511.2, 'cm'),
        plannedBelow(inches(105), 'in'),
      ].map((n) => rounded(n)),
    ).toEqual([2515, 2519, 2512, rounded(inches(105))]);
  });
});

describe('sizes of cloth, frames and lamps', () => {
  it('are in plain inches, also where rooms are in feet and inches', () => {
    expect(formatSize(inches(36), inches(14.5), 'ft-in')).toBe('36 × 14 1⁄2 in');
    expect(formatSize(inches(50), inches(60), 'in')).toBe('50 × 60 in');
    expect(formatBareSize(inches(108), inches(42), 'ft-in')).toBe('108 × 42');
    expect(formatPlainLength(inches(91.5), 'ft-in')).toBe('91 1⁄2 in');
    expect(formatBarePlainLength(inches(91.5), 'ft-in')).toBe('91 1⁄2');
    expect(plainUnit('ft-in')).toBe('in');
  });
  it('or in centimetres', () => {
    expect(formatSize(505, 1200, 'cm')).toBe('50.5 × 120 cm');
    expect(plainUnit('cm')).toBe('cm');
  });
});
