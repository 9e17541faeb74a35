import * as module from 'color-space/spaces/wavelength.js';
import { describe, expect, it } from 'vitest';
import { lightSource } from '../../src/core/colour/light';
import { FIRST_NM, OBSERVER_X, OBSERVER_Y, OBSERVER_Z, STEP_NM } from '../../src/core/colour/spectra';

const wavelengths = module as unknown as { CMF: unknown };
const xy = (kelvin: number) => {
  const { x, y, z } = lightSource(kelvin).white;
  return [x / (x + y + z), y / (x + y + z)] as const;
};

describe('CIE 1931 2° observer', () => {
  it('agrees with a second table at every band that both have', () => {
    const theirs = new Map(
      (wavelengths.CMF as [number, number, number, number][]).map(([nm, x, y, z]) => [nm, [x, y, z]]),
    );
    let seen = 0;
    OBSERVER_X.forEach((x, i) => {
      const row = theirs.get(FIRST_NM + i * STEP_NM);
      if (!row) return;
      seen++;
      [x, OBSERVER_Y[i]!, OBSERVER_Z[i]!].forEach((v, k) => expect(Math.abs(v - row[k]!)).toBeLessThan(2e-5));
    });
    expect(seen).toBe(33);
  });
});

describe('light sources by their white points', () => {
  // CIE 015: chromaticities of illuminants for the 2° observer
  it.each([
    ['D65', 6504, 0.3127, 0.329],
    ['D50', 5003, 0.3457, 0.3585],
    ['D55', 5503, 0.3324, 0.3474],
    ['D75', 7504, 0.299, 0.3149],
  ])('%s', (_name, kelvin, x, y) => {
    expect(Math.abs(xy(kelvin)[0] - x)).toBeLessThan(0.0012);
    expect(Math.abs(xy(kelvin)[1] - y)).toBeLessThan(0.0012);
  });
  it('illuminant A is a Planck radiator of 2856 K (c₂ = 1.4388 × 10⁻²)', () => {
    expect(Math.abs(xy(2856)[0] - 0.4476)).toBeLessThan(0.001);
    expect(Math.abs(xy(2856)[1] - 0.4074)).toBeLessThan(0.001);
  });
});
