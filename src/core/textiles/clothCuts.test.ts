import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cm, cmRules, inches, inchRules, item, toIn } from '../../../tests/helpers/rooms';
import { overlaps } from '../packing/cut/cloth';
import { cuttingOf, mostOf, piecesWanted, UNMARKED, type ClothMarks, type CoverToCut } from './clothCuts';

const cover = (more: Partial<CoverToCut> = {}): CoverToCut => ({
  id: 'a',
  widthMm: inches(16),
  heightMm: inches(16),
  count: 1,
  closure: 'zip',
  front: 'anywhere',
  hasPlainBack: false,
  ...more,
});
const cloth = ([w, l]: readonly [number, number], marks: Partial<ClothMarks>, repeatIn = 0) =>
  item({
    kind: 'panel',
    widthMm: inches(w),
    heightMm: inches(l),
    pattern: { kind: repeatIn > 0 ? 'motif' : 'solid', repeatMm: inches(repeatIn) },
    cloth: { ...UNMARKED, ...marks },
  });
const rules = inchRules();

describe('covers cut from one cloth', () => {
  // worked by hand: finished 16 in and ½ in of seam on each side make 17 × 17; an envelope's back 5 in longer, 22
  it('add seams, and the overlap of an envelope to the back', () => {
    const plan = cuttingOf(cloth([54, 84], { covers: [cover({ closure: 'envelope' })] }), rules);
    const sizes = plan.cuts.map((c) => [c.part, toIn(c.widthMm), toIn(c.heightMm)]);
    expect(sizes.sort()).toEqual([
      ['back', 17, 22],
      ['front', 17, 17],
    ]);
    expect([toIn(plan.lengthMm), plan.plain.count]).toEqual([22, 0]);
  });
  it('take their backs from plain cloth where that is wanted, three across 54 in', () => {
    const covers = [cover({ count: 3, hasPlainBack: true })];
    const plan = cuttingOf(cloth([54, 84], { covers }), rules);
    expect(plan.cuts.map((c) => c.part)).toEqual(['front', 'front', 'front']);
    expect([plan.plain.count, toIn(plan.plain.lengthMm), toIn(plan.lengthMm)]).toEqual([3, 17, 17]);
    expect(piecesWanted({ ...UNMARKED, covers })).toBe(3);
  });
  it('lie round motifs, each of which does for one', () => {
    const motifs = [12, 40].map((x) => ({ xMm: inches(x), yMm: inches(20) }));
    const covers = [cover({ count: 3, front: 'motif', hasPlainBack: true })];
    const plan = cuttingOf(cloth([54, 84], { motifs, covers }), rules);
    expect(plan.cuts.map((c) => [toIn(c.xMm + c.widthMm / 2), toIn(c.yMm + c.heightMm / 2)])).toEqual([
      [12, 20],
      [40, 20],
    ]);
    expect(plan.missing).toEqual([{ coverId: 'a', count: 1 }]);
    expect(plan.neededMm).toBeNull();
  });
  it('lie on the repeat, counted from the motif that was marked', () => {
    const motifs = [{ xMm: inches(7), yMm: inches(9) }];
    const covers = [cover({ count: 2, front: 'repeat', hasPlainBack: true })];
    for (const c of cuttingOf(cloth([54, 84], { motifs, covers }, 10), rules).cuts) {
      expect((toIn(c.xMm + c.widthMm / 2) - 7) % 10).toBeCloseTo(0, 5);
      expect((toIn(c.yMm + c.heightMm / 2) - 9) % 10).toBeCloseTo(0, 5);
    }
  });
  it('lie at a border, on either side', () => {
    const at = (front: CoverToCut['front']) =>
      cuttingOf(cloth([54, 84], { covers: [cover({ front, hasPlainBack: true })] }), rules).cuts[0]!;
    expect(toIn(at('leftBorder').xMm)).toBe(0);
    expect(toIn(at('rightBorder').xMm)).toBe(37);
  });
  // worked by hand: half of 16 in and ½ in of seam at both sides make 9 × 17
  it('are joined of two halves, each with its border at its outer side', () => {
    const covers = [cover({ front: 'bothBorders', count: 2, hasPlainBack: true })];
    const panel = cloth([54, 84], { covers });
    const plan = cuttingOf(panel, rules);
    const ends = (part: string, at: 'left' | 'right') =>
      plan.cuts.filter((c) => c.part === part).map((c) => toIn(at === 'left' ? c.xMm : c.xMm + c.widthMm));
    expect(plan.cuts.map((c) => [toIn(c.widthMm), toIn(c.heightMm)])).toEqual(Array(4).fill([9, 17]));
    expect([ends('left', 'left'), ends('right', 'right')]).toEqual([
      [0, 0],
      [54, 54],
    ]);
    expect([toIn(plan.lengthMm), piecesWanted(panel.cloth!)]).toEqual([34, 4]);
    // a cover misses one as soon as one half has no place
    const narrow = cuttingOf(cloth([17, 17], { covers: [cover({ ...covers[0]!, count: 1 })] }), rules);
    expect(narrow.missing).toEqual([{ coverId: 'a', count: 1 }]);
  });
  it('that find no place are named, with the length that all would take', () => {
    const plan = cuttingOf(cloth([34, 20], { covers: [cover({ count: 2 })] }), rules);
    expect(plan.missing).toEqual([{ coverId: 'a', count: 1 }]);
    expect(toIn(plan.neededMm!)).toBe(34);
    const wide = cuttingOf(cloth([10, 84], { covers: [cover()] }), rules);
    expect([wide.cuts, wide.neededMm]).toEqual([[], null]);
  });
  it('as many as there can be: eight fronts and backs of 21 in from 54 × 84', () => {
    const square = cover({ widthMm: inches(20), heightMm: inches(20) });
    expect(mostOf(square, cloth([54, 84], {}), rules)).toBe(4);
    expect(mostOf({ ...square, hasPlainBack: true }, cloth([54, 84], {}), rules)).toBe(8);
    expect(mostOf(square, cloth([15, 84], {}), rules)).toBe(0);
  });
  it('in centimetres have the seam of a room in centimetres', () => {
    const wanted = cover({ widthMm: cm(50), heightMm: cm(50) });
    const panel = { ...cloth([54, 84], { covers: [wanted] }), widthMm: cm(140), heightMm: cm(200) };
    expect(cuttingOf(panel, cmRules()).cuts[0]!.widthMm).toBeCloseTo(cm(53), 6);
  });
  it('leave stretches with letters, none in a piece or on a flaw', () => {
    const anyCover = fc.record({
      widthIn: fc.integer({ min: 8, max: 30 }),
      heightIn: fc.integer({ min: 8, max: 30 }),
      count: fc.integer({ min: 1, max: 3 }),
      closure: fc.constantFrom('zip', 'envelope' as const),
      front: fc.constantFrom('anywhere', 'motif', 'leftBorder', 'bothBorders', 'repeat' as const),
      hasPlainBack: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(anyCover, { maxLength: 3 }), fc.boolean(), (rows, hasGrain) => {
        const covers = rows.map(({ widthIn, heightIn, ...row }, n) =>
          cover({ ...row, id: `c${n}`, widthMm: inches(widthIn), heightMm: inches(heightIn) }),
        );
        const flaws = [{ xMm: inches(20), yMm: inches(30), widthMm: inches(5), heightMm: inches(4) }];
        const motifs = [{ xMm: inches(30), yMm: inches(15) }];
        const panel = cloth([54, 90], { covers, flaws, motifs, hasGrain }, 12);
        const plan = cuttingOf(panel, rules, { exactUpTo: 3, tries: 20, seed: 1 });
        const boxes = [...plan.cuts, ...plan.leftovers, ...flaws];
        for (const [i, a] of boxes.entries())
          for (const b of boxes.slice(i + 1)) expect(overlaps(a, b)).toBe(false);
        expect(plan.cuts.map((c) => c.number)).toEqual(plan.cuts.map((_, i) => i + 1));
        if (hasGrain) expect(plan.cuts.every((c) => !c.isTurned)).toBe(true);
        const missing = plan.missing.reduce((n, m) => n + m.count, 0);
        if (missing === 0) expect(plan.cuts.length).toBe(piecesWanted(panel.cloth!));
        else expect(plan.cuts.length).toBeLessThan(piecesWanted(panel.cloth!));
      }),
      { numRuns: 60, seed: 4 },
    );
  });
});
