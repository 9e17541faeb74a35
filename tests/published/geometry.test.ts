import { describe, expect, it } from 'vitest';
import { paperBagVolume } from '../../src/core/room/pillow';
import { wireRise } from '../../src/core/stages/walls/wire';

describe('the paper bag problem (A. Robin, Mathematics Today, 2004)', () => {
  it('a square bag of side 1 holds about 0.19', () => {
    // worked by hand: 1/π − 0.142 × (1 − 0.1) = 0.31831 − 0.1278 = 0.19051
    expect(paperBagVolume(1, 1)).toBeCloseTo(0.19051, 5);
  });
  it('a long tube tends to a cylinder: w = 1, h = 100 → 100 ÷ π − 0.142 × (1 − 10⁻¹⁰⁰)', () => {
    expect(paperBagVolume(1, 100)).toBeCloseTo(100 / Math.PI - 0.142, 6);
  });
  it('does not mind which side is given first, and grows with the cube', () => {
    expect(paperBagVolume(3, 2)).toBe(paperBagVolume(2, 3));
    expect(paperBagVolume(20, 20) / paperBagVolume(10, 10)).toBeCloseTo(8, 9);
  });
});

describe('a wire between two rings (plane geometry)', () => {
  it('one hook: the 3-4-5 triangle', () => {
    // rings 8 apart, wire 10: half the wire is 5, half the rings 4, the rise is 3
    expect(wireRise(10, 8, 0)).toBeCloseTo(3, 9);
  });
  it('two hooks: what is left beside the hooks makes the triangle', () => {
    // rings 12 apart, hooks 4 apart, wire 14: sides (14 − 4) ÷ 2 = 5 and (12 − 4) ÷ 2 = 4
    expect(wireRise(14, 12, 4)).toBeCloseTo(3, 9);
  });
  it('a wire as long as the rings are apart does not rise; a shorter one cannot be', () => {
    expect(wireRise(8, 8, 0)).toBe(0);
    expect(wireRise(7, 8, 0)).toBeNaN();
  });
  it('an independent walk along the wire gives its length again', () => {
    for (const [wire, rings, hooks] of [
      [46, 40, 0],
      [46, 40, 14],
      [1200, 1100, 500],
    ] as const) {
      const rise = wireRise(wire, rings, hooks);
      expect(2 * Math.hypot((rings - hooks) / 2, rise) + hooks).toBeCloseTo(wire, 9);
    }
  });
});
