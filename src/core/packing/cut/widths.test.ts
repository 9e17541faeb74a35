import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { overlaps, type Cloth, type CutPiece } from './cloth';
import { planCuts } from './planCuts';
import { cutWidths } from './widths';

const width = (id: string, heightMm: number, more: Partial<CutPiece> = {}): CutPiece => ({
  id,
  widthMm: 1400,
  heightMm,
  mayTurn: false,
  anchor: { kind: 'anywhere' },
  ...more,
});
const endless: Cloth = { widthMm: 1400, lengthMm: null, flaws: [] };

describe('widths cut one after the other', () => {
  it('lie in their order, each where its pattern begins again', () => {
    const onRepeat = { kind: 'repeat', acrossMm: null, alongMm: 300, middle: { xMm: 0, yMm: 500 } } as const;
    const { cuts, lengthMm } = cutWidths(
      ['a', 'b', 'c'].map((id) => width(id, 1000, { anchor: onRepeat })),
      endless,
    );
    expect(cuts.map(({ id, yMm }) => [id, yMm])).toEqual([
      ['a', 0],
      ['b', 1200],
      ['c', 2400],
    ]);
    expect(lengthMm).toBe(3400);
  });
  it('pass over a flaw, and end where the cloth ends', () => {
    const torn = { ...endless, lengthMm: 3500, flaws: [{ xMm: 200, yMm: 1500, widthMm: 10, heightMm: 10 }] };
    const plan = cutWidths([width('a', 1000), width('b', 1000), width('c', 1000)], torn);
    expect(plan.cuts.map(({ yMm }) => yMm)).toEqual([0, 1510]);
    expect(plan.unplaced).toEqual(['c']);
  });
  it('take the length that a search finds, and never overlap', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 100, max: 3000 }), { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 0, max: 700 }),
        (heights, repeat) => {
          const pieces = heights.map((mm, i) => {
            const middle = { xMm: 0, yMm: mm / 2 };
            const anchor = { kind: 'repeat', acrossMm: null, alongMm: repeat, middle } as const;
            return width(String(i), mm, repeat > 0 ? { anchor } : {});
          });
          const plan = cutWidths(pieces, endless);
          expect(plan.unplaced).toEqual([]);
          expect(plan.cuts.some((a, i) => plan.cuts.slice(i + 1).some((b) => overlaps(a, b)))).toBe(false);
          // without a pattern there is nothing to gain by another order
          const searched = planCuts(pieces, endless, { exactUpTo: 5, tries: 1, seed: 1 });
          expect(searched.lengthMm).toBeLessThanOrEqual(plan.lengthMm + 1e-6);
          if (repeat === 0) expect(searched.lengthMm).toBeCloseTo(plan.lengthMm, 6);
        },
      ),
      { numRuns: 60 },
    );
  });
});
