import Color from 'colorjs.io';
import { describe, expect, it } from 'vitest';
import { labOfLinear } from '../../src/core/colour/cast';
import { seededRandom } from '../../src/core/base/random';
import { deltaE00, hexOfLab, labOfHex } from '../../src/core/colour/spaces';

/**
 * Sharma, Wu, Dalal, "The CIEDE2000 color-difference formula", Color Res. Appl. 30 (2005), table 1: all 34
 * pairs.
 * Typed from memory of the published table; the second library below checks the formula on its own.
 */
const PAIRS: readonly (readonly [number, number, number, number, number, number, number])[] = [
  [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
  [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
  [50, 2.8361, -74.02, 50, 0, -82.7485, 3.4412],
  [50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0],
  [50, -1.1848, -84.8006, 50, 0, -82.7485, 1.0],
  [50, -0.9009, -85.5211, 50, 0, -82.7485, 1.0],
  [50, 0, 0, 50, -1, 2, 2.3669],
  [50, -1, 2, 50, 0, 0, 2.3669],
  [50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.001, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195],
  [50, 2.49, -0.001, 50, -2.49, 0.0012, 7.2195],
  [50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.001, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.0011, -2.49, 4.7461],
  [50, 2.5, 0, 50, 0, -2.5, 4.3065],
  [50, 2.5, 0, 73, 25, -18, 27.1492],
  [50, 2.5, 0, 61, -5, 29, 22.8977],
  [50, 2.5, 0, 56, -27, -3, 31.903],
  [50, 2.5, 0, 58, 24, 15, 19.4535],
  [50, 2.5, 0, 50, 3.1736, 0.5854, 1.0],
  [50, 2.5, 0, 50, 3.2972, 0, 1.0],
  [50, 2.5, 0, 50, 1.8634, 0.5757, 1.0],
  [50, 2.5, 0, 50, 3.2592, 0.335, 1.0],
  [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
  [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.263],
  [61.2901, 3.7196, -5.3901, 61.4292, 2.248, -4.962, 1.8731],
  [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
  [22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
  [36.4612, 47.858, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
  [90.8027, -2.0831, 1.441, 91.1528, -1.6435, 0.0447, 1.4441],
  [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
  [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
  [2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082],
];

describe('CIEDE2000', () => {
  it('has all 34 pairs', () => expect(PAIRS.length).toBe(34));
  it.each(PAIRS)('%d %d %d against %d %d %d is %d', (...pair) => {
    const [l1, a1, b1, l2, a2, b2, expected] = pair;
    const [p, q] = [
      { l: l1, a: a1, b: b1 },
      { l: l2, a: a2, b: b2 },
    ];
    expect(deltaE00(p, q)).toBeCloseTo(expected, 4);
    expect(deltaE00(q, p)).toBeCloseTo(expected, 4);
  });
  it('agrees with a second library on 10,000 random pairs', () => {
    const random = seededRandom(2005);
    const some = () => ({ l: random() * 100, a: random() * 200 - 100, b: random() * 200 - 100 });
    let worst = 0;
    for (let i = 0; i < 10_000; i++) {
      const [p, q] = [some(), some()];
      const theirs = new Color('lab', [p.l, p.a, p.b]).deltaE(new Color('lab', [q.l, q.a, q.b]), '2000');
      worst = Math.max(worst, Math.abs(theirs - deltaE00(p, q)));
    }
    expect(worst).toBeLessThan(1e-6);
  });
});

describe('sRGB (IEC 61966-2-1)', () => {
  // D65 Lab of the primaries and of mid grey as commonly tabulated, to two decimals
  it.each([
    ['#ff0000', 53.24, 80.09, 67.2],
    ['#00ff00', 87.73, -86.18, 83.18],
    ['#0000ff', 32.3, 79.19, -107.86],
    ['#ffffff', 100, 0, 0],
    ['#777777', 50.03, 0, 0],
    ['#000000', 0, 0, 0],
  ])('%s', (hex, l, a, b) => {
    const lab = labOfHex(hex)!;
    expect(Math.abs(lab.l - l)).toBeLessThan(0.06);
    expect(Math.abs(lab.a - a)).toBeLessThan(0.12);
    expect(Math.abs(lab.b - b)).toBeLessThan(0.12);
  });
  it('agrees with a second library on 2,000 random colours', () => {
    const random = seededRandom(61966);
    for (let i = 0; i < 2000; i++) {
      const hex = `#${Math.floor(random() * 0x1000000)
        .toString(16)
        .padStart(6, '0')}`;
      const [l, a, b] = new Color(hex).to('lab-d65').coords as [number, number, number];
      const ours = labOfHex(hex)!;
      expect(Math.hypot(ours.l - l, ours.a - a, ours.b - b)).toBeLessThan(0.02);
      expect(hexOfLab(ours)).toBe(hex);
    }
  });
});

describe('Lab of linear sRGB, as whole pictures take it', () => {
  it('agrees with the second library over the cube, down to the darkest', () => {
    const levels = [0, 0.0005, 0.001, 0.003, 0.008, 0.0089, 0.02, 0.1, 0.35, 0.7, 1];
    let dark = 0;
    for (const r of levels)
      for (const g of levels)
        for (const b of levels) {
          const [l, a, bb] = new Color('srgb-linear', [r, g, b]).to('lab-d65').coords as [
            number,
            number,
            number,
          ];
          const ours = labOfLinear([r, g, b]);
          expect(Math.hypot(ours.l - l, ours.a - a, ours.b - bb)).toBeLessThan(0.05);
          if (l < 8) dark++;
        }
    // L* of 8 is where the curve turns into a line (CIE 15:2004)
    expect(dark).toBeGreaterThan(50);
  });
});
