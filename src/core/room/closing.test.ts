import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { closingReadings, corrected, outlineFromWalk, type Leg } from './survey';

const TOLERANCE = 12;
const right = (lengthMm: number): Leg => ({ lengthMm, turnDeg: 90 });

describe('readings that close a walk', () => {
  it('are both walls of that direction in a square room, and each of them closes it', () => {
    const legs = [right(4000), right(3000), right(4050), right(3000)];
    const { closes, readings } = closingReadings(legs, TOLERANCE);
    expect(closes).toBe(true);
    expect(readings.map((r) => [r.leg, Math.round(r.to)])).toEqual([
      [2, 4000],
      [0, 4050],
    ]);
  });
  it('are none where two directions are off; then the nearest are told as such', () => {
    const { closes, readings } = closingReadings(
      [right(4000), right(3000), right(4100), right(3200)],
      TOLERANCE,
    );
    expect(closes).toBe(false);
    expect(readings.every((r) => r.leftMm > TOLERANCE)).toBe(true);
  });
  it('are a turn where the turns do not come round', () => {
    const legs = [right(4000), { lengthMm: 3000, turnDeg: 60 }, right(4000), right(3000)];
    const { closes, readings } = closingReadings(legs, TOLERANCE);
    expect(closes).toBe(true);
    expect(readings).toMatchObject([{ what: 'turn', leg: 1, to: 90 }]);
  });
  it('make an outline whichever is taken, and the one misread is among them, in any L-shaped room', () => {
    const mm = (min: number, max: number) => fc.integer({ min, max });
    const anyEll = fc.record({
      wideMm: mm(2000, 6000),
      deepMm: mm(2000, 6000),
      cutWideMm: mm(300, 1500),
      cutDeepMm: mm(300, 1500),
      which: mm(0, 5),
      offMm: mm(20, 900),
      startDeg: mm(0, 359),
    });
    let several = 0;
    fc.assert(
      fc.property(anyEll, ({ wideMm, deepMm, cutWideMm, cutDeepMm, which, offMm, startDeg }) => {
        const legs: Leg[] = [
          right(wideMm),
          right(deepMm - cutDeepMm),
          { lengthMm: cutWideMm, turnDeg: -90 },
          right(cutDeepMm),
          right(wideMm - cutWideMm),
          right(deepMm),
        ];
        const misread = legs.map((l, i) => (i === which ? { ...l, lengthMm: l.lengthMm + offMm } : l));
        const { closes, readings } = closingReadings(misread, TOLERANCE, startDeg);
        expect(closes).toBe(true);
        for (const r of readings)
          expect(outlineFromWalk(corrected(misread, r), TOLERANCE, startDeg).ok).toBe(true);
        const meant = readings.find((r) => r.leg === which);
        expect(meant?.to).toBeCloseTo(legs[which]!.lengthMm, 3);
        if (readings.length > 1) several++;
      }),
      { seed: 7, numRuns: 300 },
    );
    expect(several).toBeGreaterThan(100);
  });
});
