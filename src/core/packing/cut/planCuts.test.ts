import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isOn, nextOnRepeat } from './places';
import { overlaps, type Anchor, type Cloth, type CutPlan, type CutPiece } from './cloth';
import { leftovers } from './leftovers';
import { planCuts, USUAL_BUDGET } from './planCuts';

const ANYWHERE: Anchor = { kind: 'anywhere' };
const piece = (id: string, widthMm: number, heightMm: number, more: Partial<CutPiece> = {}): CutPiece => ({
  id,
  widthMm,
  heightMm,
  mayTurn: false,
  anchor: ANYWHERE,
  ...more,
});
const roll = (widthMm: number): Cloth => ({ widthMm, lengthMm: null, flaws: [] });
const cloth = (widthMm: number, lengthMm: number, flaws: Cloth['flaws'] = []): Cloth => ({
  widthMm,
  lengthMm,
  flaws,
});

/** Nothing overlaps, all is on the cloth and off its flaws, and the grain is kept. */
function holds(plan: CutPlan, pieces: readonly CutPiece[], on: Cloth): void {
  for (const [i, cut] of plan.cuts.entries()) {
    expect(isOn(cut, on)).toBe(true);
    for (const other of [...plan.cuts.slice(i + 1), ...on.flaws]) expect(overlaps(cut, other)).toBe(false);
    const from = pieces.find((p) => p.id === cut.id)!;
    const [w, h] = cut.isTurned ? [from.heightMm, from.widthMm] : [from.widthMm, from.heightMm];
    expect([cut.widthMm, cut.heightMm]).toEqual([w, h]);
    if (cut.isTurned) expect(from.mayTurn).toBe(true);
  }
  expect([...plan.cuts.map((c) => c.id), ...plan.unplaced].sort()).toEqual(pieces.map((p) => p.id).sort());
}

/** The least length on whole millimetres: every piece in every place, one after the other. */
function leastLength(pieces: readonly CutPiece[], widthMm: number): number {
  const high = pieces.reduce((n, p) => n + Math.max(p.heightMm, p.mayTurn ? p.widthMm : 0), 0);
  let best = high;
  const put = (
    i: number,
    boxes: { xMm: number; yMm: number; widthMm: number; heightMm: number }[],
    used: number,
  ): void => {
    if (used >= best) return;
    const next = pieces[i];
    if (!next) {
      best = used;
      return;
    }
    const ways = [[next.widthMm, next.heightMm], ...(next.mayTurn ? [[next.heightMm, next.widthMm]] : [])];
    for (const [w = 0, h = 0] of ways)
      for (let y = 0; y + h <= best; y++)
        for (let x = 0; x + w <= widthMm; x++) {
          const box = { xMm: x, yMm: y, widthMm: w, heightMm: h };
          if (boxes.every((b) => !overlaps(b, box))) put(i + 1, [...boxes, box], Math.max(used, y + h));
        }
  };
  put(0, [], 0);
  return best;
}

const small = fc.integer({ min: 1, max: 4 });
const anyPieces = (max: number) =>
  fc
    .array(fc.record({ w: small, h: small, mayTurn: fc.boolean() }), { minLength: 1, maxLength: max })
    .map((rows) => rows.map(({ w, h, mayTurn }, i) => piece(`p${i}`, w, h, { mayTurn })));

describe('a cutting plan', () => {
  it('takes the least length there is, for a few pieces', () => {
    fc.assert(
      fc.property(anyPieces(4), fc.integer({ min: 4, max: 6 }), (pieces, widthMm) => {
        const plan = planCuts(pieces, roll(widthMm));
        holds(plan, pieces, roll(widthMm));
        expect(plan.unplaced).toEqual([]);
        expect(plan.lengthMm).toBeCloseTo(leastLength(pieces, widthMm), 6);
      }),
      { numRuns: 60 },
    );
  });
  it('keeps the grain, overlaps nothing and stays off flaws, whatever is cut', () => {
    const side = fc.integer({ min: 100, max: 900 });
    fc.assert(
      fc.property(
        fc.array(fc.record({ w: side, h: side, mayTurn: fc.boolean() }), { minLength: 1, maxLength: 14 }),
        fc.option(fc.integer({ min: 300, max: 4000 }), { nil: null }),
        fc.array(fc.record({ xMm: fc.nat(1400), yMm: fc.nat(2000), widthMm: side, heightMm: side }), {
          maxLength: 2,
        }),
        (rows, lengthMm, flaws) => {
          const pieces = rows.map(({ w, h, mayTurn }, i) => piece(`p${i}`, w, h, { mayTurn }));
          const on = { widthMm: 1400, lengthMm, flaws };
          const plan = planCuts(pieces, on, { ...USUAL_BUDGET, exactUpTo: 3, tries: 20 });
          holds(plan, pieces, on);
          if (lengthMm === null) expect(plan.unplaced).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('gives the same plan for the same seed', () => {
    const pieces = Array.from({ length: 12 }, (_, i) =>
      piece(`p${i}`, 300 + 40 * (i % 5), 250 + 70 * (i % 4)),
    );
    expect(planCuts(pieces, roll(1400))).toEqual(planCuts(pieces, roll(1400)));
  });
  it('four covers with their backs from a cloth one and a half metres wide (by hand: three across, three rows)', () => {
    // 20 in covers with half an inch of seam on each side: 21 in = 533.4 mm; 1500 mm takes two across, so four rows
    const squares = Array.from({ length: 8 }, (_, i) => piece(`c${i}`, 533.4, 533.4));
    expect(planCuts(squares, roll(1500)).lengthMm).toBeCloseTo(4 * 533.4, 6);
    // 66 in wide takes three across
    expect(planCuts(squares, roll(1676.4)).lengthMm).toBeCloseTo(3 * 533.4, 6);
  });
  it('where not all have a place, the most cloth is used', () => {
    const pieces = [piece('large', 600, 600), piece('tall', 300, 900), piece('small', 300, 300)];
    const plan = planCuts(pieces, cloth(900, 600));
    expect(plan.cuts.map((c) => c.id).sort()).toEqual(['large', 'small']);
    expect(plan.unplaced).toEqual(['tall']);
    expect(planCuts([], cloth(900, 600))).toEqual({ cuts: [], unplaced: [], lengthMm: 0, usedShare: 0 });
    expect(planCuts([piece('wide', 1000, 10)], cloth(900, 600)).unplaced).toEqual(['wide']);
  });
});

describe('patterns', () => {
  it('a repeat brings each piece to its next middle, across and along', () => {
    const anchor: Anchor = { kind: 'repeat', acrossMm: 300, alongMm: 400, middle: { xMm: 150, yMm: 200 } };
    const pieces = ['a', 'b', 'c'].map((id) => piece(id, 280, 350, { anchor }));
    const plan = planCuts(pieces, roll(700));
    expect(plan.cuts.map((c) => [c.xMm + 140, c.yMm + 175]).sort()).toEqual([
      [150, 200],
      [150, 600],
      [450, 200],
    ]);
  });
  it('a piece larger than the repeat takes the one after', () => {
    const anchor: Anchor = { kind: 'repeat', acrossMm: null, alongMm: 400, middle: { xMm: 0, yMm: 200 } };
    const pieces = ['a', 'b'].map((id) => piece(id, 600, 500, { anchor }));
    // its middle can't be at 200: that would begin 50 before the cut end
    expect(planCuts(pieces, roll(700)).cuts.map((c) => c.yMm + 250)).toEqual([600, 1400]);
  });
  it('motifs are cut in the middle, each once', () => {
    const anchor: Anchor = {
      kind: 'motifs',
      middles: [
        { xMm: 300, yMm: 300 },
        { xMm: 900, yMm: 300 },
        { xMm: 50, yMm: 900 },
      ],
    };
    const pieces = ['a', 'b', 'c'].map((id) => piece(id, 400, 400, { anchor }));
    const plan = planCuts(pieces, cloth(1200, 1200));
    // the third motif is too near the selvedge
    expect(plan.cuts.map((c) => c.xMm + 200).sort((a, b) => a - b)).toEqual([300, 900]);
    expect(plan.unplaced).toHaveLength(1);
  });
  it('borders lie on their own side, and the rest between them', () => {
    const left = piece('left', 300, 800, { anchor: { kind: 'border', side: 'left' } });
    const right = piece('right', 300, 800, { anchor: { kind: 'border', side: 'right' } });
    const plan = planCuts([piece('middle', 600, 800), left, right], cloth(1200, 800));
    expect(plan.cuts.map((c) => [c.id, c.xMm]).sort()).toEqual([
      ['left', 0],
      ['middle', 300],
      ['right', 900],
    ]);
  });
  it.each([
    [0, 100, 400, 100],
    [101, 100, 400, 500],
    [100, 100, 400, 100],
    [90, 500, 400, 100],
    [50, 20, 0, 50],
  ])('from a stop at %d the pattern at %d, every %d, comes at %d', (stop, pattern, repeat, at) => {
    expect(nextOnRepeat(stop, pattern, repeat)).toBeCloseTo(at, 6);
  });
});

describe('what is left', () => {
  const keep = { leastMm: 100, most: 5 };
  it('in rectangles, the largest first, none over another or over a piece', () => {
    const on = cloth(1000, 1000);
    const plan = planCuts([piece('a', 600, 600)], on);
    expect(leftovers(plan, on, keep)).toEqual([
      { xMm: 0, yMm: 600, widthMm: 1000, heightMm: 400 },
      { xMm: 600, yMm: 0, widthMm: 400, heightMm: 600 },
    ]);
  });
  it('without scraps, and nothing of a cloth that is used up', () => {
    const on = cloth(1000, 640);
    const plan = planCuts([piece('a', 950, 600)], on);
    expect(leftovers(plan, on, keep)).toEqual([]);
    expect(leftovers(planCuts([piece('a', 1000, 300)], roll(1000)), roll(1000), keep)).toEqual([]);
  });
  it('makes up the cloth together with the pieces and the scraps', () => {
    fc.assert(
      fc.property(anyPieces(4), (pieces) => {
        const on = cloth(6, 8);
        const plan = planCuts(pieces, on);
        const left = leftovers(plan, on, { leastMm: 0.5, most: 99 });
        const area = (boxes: readonly { widthMm: number; heightMm: number }[]) =>
          boxes.reduce((n, b) => n + b.widthMm * b.heightMm, 0);
        expect(area(left) + area(plan.cuts)).toBeCloseTo(48, 6);
        for (const [i, a] of left.entries())
          for (const b of [...left.slice(i + 1), ...plan.cuts]) expect(overlaps(a, b)).toBe(false);
      }),
      { numRuns: 40 },
    );
  });
});
