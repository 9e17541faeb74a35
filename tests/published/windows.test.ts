/** Curtain rods, echo and lengths against figures from outside. */
import { describe, expect, it } from 'vitest';
import { inches } from '../../src/core/base/units';
import { reverberation } from '../../src/core/room/echo';
import { ruleBook } from '../../src/core/rules/book';
import { sagOf, sectionOf, tubeInertia } from '../../src/core/stages/windows/beam';
import { planPleats } from '../../src/core/stages/windows/made';
import { bentSpan } from '../../src/core/stages/windows/span';
import { opening } from '../helpers/rooms';

const rules = ruleBook([], 'in');

describe('second moment of area of round tubes', () => {
  // Properties of standard-weight pipe (schedule 40), as tabulated in the AISC Steel Construction Manual;
  // values from memory:
  // nominal size, outside diameter and wall in inches, I in inches to the fourth, weight in lb/ft
  it.each([
    ['1', 1.315, 0.133, 0.0873, 1.68],
    ['1¼', 1.66, 0.14, 0.195, 2.27],
    ['1½', 1.9, 0.145, 0.31, 2.72],
    ['2', 2.375, 0.154, 0.666, 3.65],
  ])('pipe %s', (_name, outer, wall, inertia, weight) => {
    expect(tubeInertia(inches(outer), inches(wall)) / 25.4 ** 4 / inertia).toBeCloseTo(1, 2);
    const section = sectionOf(
      'tube',
      inches(outer),
      ruleBook([{ ruleId: 'windows.rodTube', value: [inches(outer), inches(wall)] }], 'in'),
    );
    expect(((section.gramPerM / 453.59237) * 0.3048) / weight).toBeCloseTo(1, 2);
  });
});

describe('sag of a beam on two supports under an even load', () => {
  // 5 × 2000 × 4⁴ ÷ (384 × 200 × 10⁹ × 5.1 × 10⁻⁶) = 6.54 mm
  it('a worked case: 2 kN/m over 4 m, E 200 GPa, I 5.1 × 10⁶ mm⁴', () => {
    // the arithmetic of the standard table (Roark's Formulas for Stress and Strain, table of straight beams),
    // done by hand
    expect(sagOf(2000, 4000, 200, 5.1e6)).toBeCloseTo(6.536, 2);
  });
  it('agrees with the beam equation EI y″″ = w solved step by step', () => {
    // shooting along the beam with a fourth-order Runge–Kutta step; both ends rest, both moments are nil
    const [w, length, ei] = [37, 1.83, 200e9 * tubeInertia(25.4, 1.27) * 1e-12];
    const run = (slope: number, shear: number): [end: number, moment: number, middle: number] => {
      let y = [0, slope, 0, shear];
      const n = 400;
      const h = length / n;
      const f = (v: number[]) => [v[1]!, v[2]!, v[3]!, w / ei];
      const add = (a: number[], b: number[], k: number) => a.map((x, i) => x + k * b[i]!);
      let middle = 0;
      for (let i = 0; i < n; i++) {
        const k1 = f(y);
        const k2 = f(add(y, k1, h / 2));
        const k3 = f(add(y, k2, h / 2));
        const k4 = f(add(y, k3, h));
        y = y.map((x, j) => x + (h / 6) * (k1[j]! + 2 * k2[j]! + 2 * k3[j]! + k4[j]!));
        if (i === n / 2 - 1) middle = y[0]!;
      }
      return [y[0]!, y[2]!, middle];
    };
    // the ends are linear in the two unknown starts
    const zero = run(0, 0);
    const a = run(1, 0);
    const b = run(0, 1);
    const [a0, a1, b0, b1] = [a[0] - zero[0], a[1] - zero[1], b[0] - zero[0], b[1] - zero[1]];
    const det = a0 * b1 - b0 * a1;
    const slope = (-zero[0] * b1 + zero[1] * b0) / det;
    const shear = (-a0 * zero[1] + a1 * zero[0]) / det;
    expect(Math.abs(run(slope, shear)[2]) * 1000).toBeCloseTo(
      sagOf(w, length * 1000, 200, tubeInertia(25.4, 1.27)),
      4,
    );
  });
});

describe('reverberation', () => {
  // F. A. Everest and K. C. Pohlmann, Master Handbook of Acoustics, the untreated room of its worked example:
  // 23.3 × 16 × 10 ft, concrete floor 373 sq ft, walls and ceiling of ½ in gypsum board 1159 sq ft; figures
  // from memory
  const ft = 0.3048;
  const volume = 23.3 * 16 * 10 * ft ** 3;
  it.each([
    [125, 0.01, 0.29, 0.54],
    [250, 0.01, 0.1, 1.53],
    [500, 0.015, 0.05, 2.87],
    [1000, 0.02, 0.04, 3.39],
    [2000, 0.02, 0.07, 2.06],
    [4000, 0.02, 0.09, 1.63],
  ])('at %d Hz', (_hz, floor, board, seconds) => {
    expect(
      reverberation(volume, [
        { areaM2: 373 * ft * ft, coefficient: floor },
        { areaM2: 1159 * ft * ft, coefficient: board },
      ]),
    ).toBeCloseTo(seconds, 1);
  });
  it('the coefficients that come with the app are those of that example, for concrete and board', () => {
    expect([rules.list('echo.concrete'), rules.list('echo.plasterboard')]).toEqual([
      [0.015, 0.02],
      [0.05, 0.04],
    ]);
  });
  it('an open window of one square metre is one unit (Sabine)', () =>
    expect(reverberation(100, [{ areaM2: 1, coefficient: rules.list('echo.opening')[0]! }])).toBeCloseTo(
      16.1,
      6,
    ));
});

describe('making up', () => {
  it('a pair of pinch pleats over a 7 ft rod (common practice: four inches apart, four to six inches of cloth in each)', () => {
    // half of 84 in, return 3½, half of a 3 in overlap: 47 in finished; three widths of 54 for a panel,
    // hemmed
    const p = planPleats(
      inches(47),
      inches(105),
      { leadingMm: inches(1.5), trailingMm: inches(3.5) },
      rules,
    )!;
    expect([p.pleats, p.spaces]).toEqual([12, 11]);
    expect(p.clothPerPleatMm / 25.4).toBeCloseTo(58 / 12, 6);
    expect(p.good).toBe(true);
  });
});

describe('a rod round a bay', () => {
  it('of three sides at 135° that stands 90 mm off is shorter than its walls by 4 × 90 ÷ tan 67½° (plane geometry)', () => {
    const wall = (id: string, facingDeg: number, lengthMm: number) => ({ id, facingDeg, lengthMm }) as never;
    const o = (wallId: string) => opening({ id: wallId, wallId, xMm: 300, widthMm: 300, trimMm: 0 });
    const span = bentSpan(
      [
        { opening: o('a'), wall: wall('a', 315, 900) },
        { opening: o('b'), wall: wall('b', 0, 1500) },
        { opening: o('c'), wall: wall('c', 45, 900) },
      ],
      90,
    );
    expect(900 + span.parts[2]!.offMm).toBeCloseTo(3300 - (4 * 90) / Math.tan((67.5 * Math.PI) / 180), 6);
  });
});
