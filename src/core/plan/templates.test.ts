import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bareRoom, hanging, inches, item, toIn } from '../../../tests/helpers/rooms';
import { planLook } from './planLook';
import { templateOf, tilesOf } from './templates';

describe('a template at full size', () => {
  it('cut into pages shows every point, and neighbours share their overlap', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 3000 }),
        fc.integer({ min: 50, max: 2500 }),
        fc.constantFrom(8, 10, 12.7),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (w, h, overlap, u, v) => {
          const page = { widthMm: 180, heightMm: 260 };
          const { columns, rows, tiles } = tilesOf(w, h, page, overlap, [{ xMm: w / 2, yMm: h - 19 }]);
          expect(tiles).toHaveLength(columns * rows);
          const [x, y] = [u * w, v * h];
          expect(
            tiles.some(
              (t) =>
                x >= t.xMm - 1e-6 &&
                x <= t.xMm + page.widthMm + 1e-6 &&
                y >= t.yMm - 1e-6 &&
                y <= t.yMm + page.heightMm + 1e-6,
            ),
          ).toBe(true);
          if (columns > 1) expect(tiles[0]!.xMm + page.widthMm - tiles[1]!.xMm).toBeCloseTo(overlap, 6);
          // not one column or row more than it takes
          expect((columns - 1) * (page.widthMm - overlap) + overlap).toBeLessThan(Math.max(w, overlap + 1));
        },
      ),
    );
  });
  it('puts a nail well inside a page where the pages leave room to shift', () => {
    const page = { widthMm: 180, heightMm: 260 };
    const inside = (points: { xMm: number; yMm: number }[]) =>
      Math.max(
        ...tilesOf(340, 300, page, 10, points).tiles.map((t) =>
          Math.min(175 - t.xMm, t.xMm + page.widthMm - 175),
        ),
      );
    expect(inside([])).toBeLessThan(8);
    expect(inside([{ xMm: 175, yMm: 280 }])).toBeGreaterThan(9);
  });
  it('has its nails where the wall has them', () => {
    const base = bareRoom();
    const file = {
      ...base,
      items: [item({ id: 'i1', kind: 'art', widthMm: inches(30), heightMm: inches(20) })],
      looks: [
        {
          ...base.looks[0]!,
          hangings: [
            hanging({
              xMm: inches(70),
              hanger: { kind: 'dRings', dropMm: inches(2), ringsApartMm: inches(20) },
            }),
          ],
        },
      ],
    };
    const plan = planLook(file, { lookId: 'look' });
    const t = templateOf(file, file.looks[0]!, plan, { hangingId: 'h1' })!;
    expect(t.frames[0]!.nails.map((n) => [toIn(n.xMm + t.wallXMm), toIn(n.yMm + t.wallBottomMm)])).toEqual([
      [60, 68],
      [80, 68],
    ]);
    expect(templateOf(file, file.looks[0]!, plan, { hangingId: 'none' })).toBeUndefined();
    expect(templateOf(file, file.looks[0]!, plan, { groupId: 'none' })).toBeUndefined();
  });
});
