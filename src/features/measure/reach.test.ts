import { describe, expect, it } from 'vitest';
import { reach, type Offset } from './reach';

const MARK = 25.4 / 8;
const START: Offset = { dxMm: 0, dyMm: 0 };
const marks = (n: number) => n * MARK;
/** Free as far as so many marks to the right and down. */
const inside = (right: number, y: number) => (place: Offset) =>
  place.dxMm <= marks(right) + 1e-6 && place.dyMm <= marks(y) + 1e-6;

describe('how far a thing can be dragged', () => {
  it('goes where it is wanted when the room lets it', () => {
    expect(reach(START, { dxMm: 300, dyMm: -40 }, MARK, inside(200, 200))).toEqual({ dxMm: 300, dyMm: -40 });
  });
  it.each([1, 7, 61, 500])(
    'stops at the wall, to the mark, however far the hand has gone: %i marks',
    (free) => {
      for (const hand of [1, 2, 3.5, 90])
        expect(
          reach(START, { dxMm: marks(free) + hand * 100, dyMm: 0 }, MARK, inside(free, 0)).dxMm,
        ).toBeCloseTo(marks(free), 6);
    },
  );
  it('slides along what stops it', () => {
    const got = reach(START, { dxMm: 900, dyMm: marks(20) }, MARK, inside(10, 300));
    expect([got.dxMm / MARK, got.dyMm / MARK].map(Math.round)).toEqual([10, 20]);
  });
  it('stays where nothing is free, and comes back from there', () => {
    expect(reach(START, { dxMm: 50, dyMm: 50 }, MARK, inside(0, 0))).toEqual(START);
    expect(reach({ dxMm: marks(10), dyMm: 0 }, { dxMm: -80, dyMm: 0 }, MARK, inside(10, 0))).toEqual({
      dxMm: -80,
      dyMm: 0,
    });
  });
});
