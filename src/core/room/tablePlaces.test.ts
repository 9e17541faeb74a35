import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inches } from '../base/units';
import { edgeOf, mostPlaces, placesAt, TABLE_SIDES, type TableSide } from './tablePlaces';

const rules = { edgeMm: inches(24), endFromMm: inches(30) };
const top = (wIn: number, dIn: number, round = false) => ({
  widthMm: inches(wIn),
  depthMm: inches(dIn),
  round,
});
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
            const isAcross = side === 'front' || side === 'back';
            here.forEach(({ at, edgeMm }, i) =>
              expect(isAcross ? at.xMm : at.yMm).toBeCloseTo((i + 0.5) * edgeMm, 6),
            );
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

describe('places at a round table', () => {
  const round = top(60, 60, true);
  it('are as many as its edge has room for: 60 in across are 188 in round', () => {
    expect(mostPlaces(round, TABLE_SIDES, rules)).toBe(7);
    expect(mostPlaces(round, TABLE_SIDES, { ...rules, edgeMm: inches(30) })).toBe(6);
    // an end that is too short for a table with corners is none here
    expect(mostPlaces(top(24, 24, true), TABLE_SIDES, rules)).toBe(3);
  });
  it('begin at the front and go round, each looking to the middle', () => {
    const places = placesAt(4, round, TABLE_SIDES, rules);
    expect(places.map(({ side }) => side)).toEqual(['front', 'right', 'back', 'left']);
    expect(places.map(({ looksDeg }) => Math.round(looksDeg) % 360)).toEqual([0, 270, 180, 90]);
    expect(places[1]!.at.xMm).toBeCloseTo(inches(60), 0);
    expect(places[1]!.at.yMm).toBeCloseTo(inches(30), 0);
    const [one, two] = placesAt(2, round, TABLE_SIDES, rules);
    expect([one!.side, two!.side]).toEqual(['front', 'back']);
  });
  it('leave out the quarters that stand at a wall, and go on past the front', () => {
    const noBack = placesAt(5, round, ['front', 'left', 'right'], rules);
    expect(noBack.map(({ side }) => side)).toEqual(['left', 'left', 'front', 'right', 'right']);
    expect(mostPlaces(round, ['front', 'left', 'right'], rules)).toBe(5);
    expect(mostPlaces(round, ['front'], rules)).toBe(1);
    expect(placesAt(3, round, ['left', 'right'], rules)).toHaveLength(3);
    expect(placesAt(3, round, [], rules)).toEqual([]);
  });
  it('at an oval table have the same stretch of its edge each, and look square to it', () => {
    const oval = top(96, 48, true);
    const places = placesAt(8, oval, TABLE_SIDES, rules);
    const reach = places.map(({ at }) =>
      Math.hypot((at.xMm - inches(48)) / inches(48), (at.yMm - inches(24)) / inches(24)),
    );
    reach.forEach((r) => expect(r).toBeCloseTo(1, 3));
    // Ramanujan's second approximation of an ellipse's perimeter (1914; from memory)
    const h = ((96 - 48) / (96 + 48)) ** 2;
    const roundMm = inches((Math.PI * (96 + 48)) / 2) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
    expect(places[0]!.edgeMm * 8).toBeCloseTo(roundMm, -1);
    expect(mostPlaces(oval, TABLE_SIDES, rules)).toBe(Math.floor(roundMm / inches(24)));
    const [, second] = places;
    expect(second!.looksDeg).toBeGreaterThan(270);
    expect(second!.looksDeg).toBeLessThan(360);
  });
});
