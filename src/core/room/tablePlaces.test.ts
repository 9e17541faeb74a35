import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inches } from '../base/units';
import { edgeOf, mostPlaces, placesAt, TABLE_SIDES, type TableSide } from './tablePlaces';

const rules = { edgeMm: inches(24), endFromMm: inches(30) };
const top = (wIn: number, dIn: number) => ({ widthMm: inches(wIn), depthMm: inches(dIn) });
const sidesOf = (count: number, wIn: number, dIn: number, free: readonly TableSide[] = TABLE_SIDES) =>
  placesAt(count, top(wIn, dIn), free, rules).map(({ side }) => side);

describe('places at a table', () => {
  it('are across from each other along the long sides, then at the ends', () => {
    expect(sidesOf(2, 72, 36)).toEqual(['front', 'back']);
    expect(sidesOf(7, 72, 36)).toEqual(['front', 'front', 'front', 'back', 'back', 'back', 'left']);
    // the same table turned by 90°
    expect(sidesOf(2, 36, 72)).toEqual(['left', 'right']);
    expect(sidesOf(7, 36, 72).filter((side) => side === 'front')).toHaveLength(1);
  });
  it('are at an end only from a length on, and at a square table on all sides', () => {
    expect(mostPlaces(top(72, 29), TABLE_SIDES, rules)).toBe(6);
    expect(mostPlaces(top(72, 30), TABLE_SIDES, rules)).toBe(8);
    expect(mostPlaces(top(30, 30), TABLE_SIDES, rules)).toBe(4);
    expect(mostPlaces(top(28, 28), TABLE_SIDES, rules)).toBe(2);
  });
  it('are not where the table stands at a wall', () => {
    expect(mostPlaces(top(72, 36), ['front', 'left', 'right'], rules)).toBe(5);
    expect(mostPlaces(top(72, 36), [], rules)).toBe(0);
    expect(sidesOf(3, 72, 36, [])).toEqual([]);
    expect(new Set(sidesOf(5, 72, 36, ['front', 'left', 'right']))).toEqual(
      new Set(['front', 'left', 'right']),
    );
  });
  it('share the long sides evenly where there are too many', () => {
    expect(sidesOf(10, 72, 36).filter((side) => side === 'front')).toHaveLength(4);
    expect(placesAt(8, top(72, 36), ['front'], rules).map(({ edgeMm }) => edgeMm)).toEqual(
      Array<number>(8).fill(inches(9)),
    );
  });
  it('are as many as asked for, each with its own stretch of its side', () => {
    const lengths = fc.integer({ min: 12, max: 140 });
    fc.assert(
      fc.property(
        lengths,
        lengths,
        fc.integer({ min: 0, max: 30 }),
        fc.subarray([...TABLE_SIDES]),
        (w, d, count, free) => {
          const places = placesAt(count, top(w, d), free, rules);
          expect(places).toHaveLength(free.length === 0 ? 0 : count);
          for (const side of free) {
            const here = places.filter((p) => p.side === side);
            here.forEach((p, i) => expect(p.alongMm).toBeCloseTo((i + 0.5) * p.edgeMm, 6));
            expect(here.reduce((mm, p) => mm + p.edgeMm, 0)).toBeCloseTo(
              here.length === 0 ? 0 : edgeOf(side, top(w, d)),
              6,
            );
          }
          // nobody has less than they need while there is room for all
          if (count <= mostPlaces(top(w, d), free, rules))
            for (const { edgeMm } of places) expect(edgeMm).toBeGreaterThan(rules.edgeMm - 1);
        },
      ),
    );
  });
});
