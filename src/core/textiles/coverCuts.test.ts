import { describe, expect, it } from 'vitest';
import { inches, toIn } from '../../../tests/helpers/rooms';
import { coverPieces, mostCovers, type WantedCover } from './coverCuts';

const ALLOWANCE = { seamMm: inches(0.5), overlapMm: inches(5) };
const cover = (n: number, more: Partial<WantedCover> = {}): WantedCover => ({
  id: 'c',
  widthMm: inches(n),
  heightMm: inches(n),
  closure: 'zip',
  front: { kind: 'anywhere' },
  hasPlainBack: false,
  mayTurn: false,
  ...more,
});
const cloth = (w: number, l: number) => ({ widthMm: inches(w), lengthMm: inches(l), flaws: [] });
const sizes = (pieces: readonly { widthMm: number; heightMm: number }[]) =>
  pieces.map((p) => [toIn(p.widthMm), toIn(p.heightMm)]);

describe('the pieces of a cover (common practice: half an inch of seam, five of overlap)', () => {
  it('a zipped one has two alike, an envelope a longer back', () => {
    expect(sizes(coverPieces([cover(20)], ALLOWANCE).good)).toEqual([
      [21, 21],
      [21, 21],
    ]);
    expect(sizes(coverPieces([cover(20, { closure: 'envelope' })], ALLOWANCE).good)).toEqual([
      [21, 21],
      [21, 26],
    ]);
  });
  it('a plain back leaves the good cloth for fronts', () => {
    const { good, plain } = coverPieces([cover(20, { hasPlainBack: true })], ALLOWANCE);
    expect([good.map((p) => p.id), plain.map((p) => p.id)]).toEqual([['c front'], ['c back']]);
  });
});

describe('how many covers a cloth yields (worked by hand)', () => {
  it('a panel of 54 × 84 in: two across and four rows of 21 in make eight pieces, four covers; with plain backs eight', () => {
    expect(mostCovers(cover(20), cloth(54, 84), ALLOWANCE).count).toBe(4);
    expect(mostCovers(cover(20, { hasPlainBack: true }), cloth(54, 84), ALLOWANCE).count).toBe(8);
    // an inch short of the fourth row
    expect(mostCovers(cover(20), cloth(54, 83), ALLOWANCE).count).toBe(3);
  });
  it('no more fronts than there are motifs', () => {
    const middles = [
      { xMm: inches(14), yMm: inches(14) },
      { xMm: inches(40), yMm: inches(14) },
    ];
    const { count, plan } = mostCovers(
      cover(20, { front: { kind: 'motifs', middles }, hasPlainBack: true }),
      cloth(54, 84),
      ALLOWANCE,
    );
    expect(count).toBe(2);
    expect(plan.cuts.map((c) => toIn(c.xMm + c.widthMm / 2)).sort((a, b) => a - b)).toEqual([14, 40]);
  });
  it('none from a cloth that is too small', () => {
    expect(mostCovers(cover(20), cloth(20, 84), ALLOWANCE)).toMatchObject({ count: 0, plan: { cuts: [] } });
  });
});
