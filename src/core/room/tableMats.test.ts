import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inches } from '../base/units';
import { overlapDepth } from '../geometry/convex';
import { matAt } from './tableMats';
import { mostPlaces, placesAt, TABLE_SIDES } from './tablePlaces';

const rules = { edgeMm: inches(24), endFromMm: inches(30) };
const top = (wIn: number, dIn: number, round: boolean) => ({
  widthMm: inches(wIn),
  depthMm: inches(dIn),
  round,
});
const mat = { kind: 'placemat', widthMm: inches(18), heightMm: inches(14), round: false } as const;
const IN = inches(1);
const matsOn = (
  count: number,
  table: ReturnType<typeof top>,
  more: Partial<typeof mat> | { round: true } = {},
) => placesAt(count, table, TABLE_SIDES, rules).map((place) => matAt(place, { ...mat, ...more }, table, IN));

describe('mats at their places', () => {
  it('lie an inch in from the edge that their diner sits at, on every side', () => {
    const table = top(72, 36, false);
    const places = placesAt(8, table, TABLE_SIDES, rules);
    const lying = places.map((place) => ({ side: place.side, ...matAt(place, mat, table, IN) }));
    const fromEdge = { front: (y: number) => inches(36) - y, back: (y: number) => y };
    for (const { side, outline } of lying) {
      const ys = outline.map((p) => p.yMm);
      const xs = outline.map((p) => p.xMm);
      if (side === 'front') expect(fromEdge.front(Math.max(...ys))).toBeCloseTo(IN, 6);
      if (side === 'back') expect(fromEdge.back(Math.min(...ys))).toBeCloseTo(IN, 6);
      if (side === 'left') expect(Math.min(...xs)).toBeCloseTo(IN, 6);
      if (side === 'right') expect(inches(72) - Math.max(...xs)).toBeCloseTo(IN, 6);
    }
  });
  it('at a round table have their outer corners an inch in, by hand: 60 in across', () => {
    const [front] = matsOn(4, top(60, 60, true));
    // √(29² − 9²) = 27.568 from the middle to its outer side
    const lowest = Math.max(...front!.outline.map((p) => p.yMm));
    expect(lowest / 25.4).toBeCloseTo(30 + Math.sqrt(29 ** 2 - 9 ** 2), 3);
    const reach = front!.outline.map((p) => Math.hypot(p.xMm - inches(30), p.yMm - inches(30)));
    expect(Math.max(...reach)).toBeCloseTo(inches(29), 1);
  });
  it('as rounds lie an inch in themselves', () => {
    const round = { kind: 'placemat', widthMm: inches(15), heightMm: inches(15), round: true } as const;
    const table = top(60, 60, true);
    const [front] = placesAt(4, table, TABLE_SIDES, rules).map((place) => matAt(place, round, table, IN));
    expect(Math.max(...front!.outline.map((p) => p.yMm)) / 25.4).toBeCloseTo(59, 2);
  });
  it('meet where a round table is too small for them, and stay on it', () => {
    const meet = (count: number, acrossIn: number) => {
      const mats = matsOn(count, top(acrossIn, acrossIn, true));
      return Math.max(
        0,
        ...mats.flatMap((a, i) => mats.slice(i + 1).map((b) => overlapDepth(a.outline, b.outline))),
      );
    };
    // five have their inner corners 13.57 × tan 36° = 9.86 in from the middle line between them, six 7.83: less than half a mat
    expect(meet(5, 60)).toBe(0);
    expect(meet(6, 60)).toBeGreaterThan(0);
    expect(meet(4, 36)).toBeGreaterThan(inches(1));
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 100 }), (across) => {
        const table = top(across, across, true);
        for (const { outline } of matsOn(mostPlaces(table, TABLE_SIDES, rules), table)) {
          const out = outline.map((p) =>
            Math.hypot(
              (p.xMm - table.widthMm / 2) / table.widthMm,
              (p.yMm - table.depthMm / 2) / table.depthMm,
            ),
          );
          expect(Math.max(...out)).toBeLessThan(0.5 + 1e-6);
        }
      }),
    );
  });
});
