import { describe, expect, it } from 'vitest';
import { cm, inches, toIn } from '../../../tests/helpers/rooms';
import { foldedAtFoot, rowCoverage, sheetPocket, skirtDrop, spreadFall } from './bedCover';
import { mattressNamed, mattressSizes } from './mattress';

const QUEEN = {
  widthMm: inches(60),
  lengthMm: inches(80),
  thickMm: inches(12),
  topMm: inches(25),
  isFootClosed: false,
};
const spread = (w: number, l: number) => ({ widthMm: inches(w), lengthMm: inches(l) });
const fall = (w: number, l: number, tuck = 0) =>
  spreadFall(spread(w, l), QUEEN, { tuckMm: inches(tuck), beyondMm: inches(2) });

describe('mattresses by name', () => {
  // International Sleep Products Association, in inches (from memory)
  it.each([
    ['twin', 38, 75],
    ['twinXl', 38, 80],
    ['full', 53, 75],
    ['queen', 60, 80],
    ['king', 76, 80],
    ['californiaKing', 72, 84],
  ] as const)('%s is %d × %d in', (name, w, l) => {
    expect(mattressSizes('in').find((s) => s.name === name)).toMatchObject(spread(w, l));
    expect(mattressNamed(spread(w, l), 'in')).toBe(name);
  });
  it('an older full mattress, metric ones, and what has no name', () => {
    expect(mattressNamed(spread(54, 75), 'in')).toBe('full');
    expect(mattressNamed({ widthMm: cm(160), lengthMm: cm(200) }, 'cm')).toBe('double160');
    expect(mattressNamed({ widthMm: cm(140), lengthMm: cm(200) }, 'in')).toBe('double140');
    expect(mattressNamed(spread(45, 70), 'in')).toBeNull();
  });
});

describe('how a cover falls over a bed (worked by hand)', () => {
  it('a full/queen quilt of 90 × 94 on a queen: 15 in at each side, 14 at the foot', () => {
    const quilt = fall(90, 94);
    expect([toIn(quilt.sideMm), toIn(quilt.footMm)]).toEqual([15, 14]);
    expect([quilt.side, quilt.foot]).toEqual(['good', 'good']);
    expect(toIn(quilt.aboveFloorMm)).toBe(10);
  });
  it('just hides the mattress or just does not', () => {
    expect([fall(88, 94).side, fall(87.9, 94).side]).toEqual(['good', 'short']);
    expect([fall(90, 94).foot, fall(90, 94, 0.2).foot]).toEqual(['good', 'short']);
  });
  it('a king size reaches further, a bedspread to the floor', () => {
    expect(toIn(fall(108, 98).sideMm)).toBe(24);
    const spreadOut = fall(110, 105);
    expect([spreadOut.side, spreadOut.foot, toIn(spreadOut.onFloorMm)]).toEqual(['floor', 'floor', 0]);
    expect(toIn(fall(116, 105).onFloorMm)).toBeCloseTo(3, 6);
  });
  it('one that is smaller than the bed stops short of its edges', () => {
    const small = fall(50, 60);
    expect([toIn(small.sideMm), toIn(small.footMm)]).toEqual([-5, -20]);
    expect([small.side, small.foot, toIn(small.aboveFloorMm)]).toEqual(['short', 'short', 25]);
  });
  it('a board at the foot that rises over the mattress: what is over is tucked in there, and touches no floor', () => {
    const closed = { ...QUEEN, isFootClosed: true };
    const behind = (w: number, l: number) =>
      spreadFall(spread(w, l), closed, { tuckMm: 0, beyondMm: inches(2) });
    expect([
      behind(90, 120).foot,
      toIn(behind(90, 120).onFloorMm),
      toIn(behind(90, 120).aboveFloorMm),
    ]).toEqual(['good', 0, 10]);
    expect([behind(90, 80).foot, behind(90, 79).foot]).toEqual(['good', 'short']);
    expect(behind(90, 82).side).toBe('good');
  });
});

describe('the foot, the skirt, the sheet, a row of pillows', () => {
  it('a twin quilt of 68 × 88 in thirds: a band of 29⅓ in, 4 in over each side of a queen', () => {
    const folded = foldedAtFoot(spread(68, 88), QUEEN, 3);
    expect(toIn(folded.bandMm)).toBeCloseTo(29 + 1 / 3, 6);
    expect(toIn(folded.overhangMm)).toBe(4);
    expect(toIn(foldedAtFoot(spread(50, 60), QUEEN, 2).overhangMm)).toBe(-5);
    expect(toIn(foldedAtFoot(spread(50, 60), QUEEN, 0).bandMm)).toBe(60);
  });
  it('a skirt from the base nearly to the floor, a pocket over mattress and topper', () => {
    expect(toIn(skirtDrop(QUEEN, inches(0.5)))).toBe(12.5);
    expect(skirtDrop({ topMm: 200, thickMm: 250 }, 10)).toBe(0);
    expect(toIn(sheetPocket(inches(12), inches(2), inches(2)))).toBe(16);
  });
  it('three squares of 26 in on a king cover all of it', () => {
    expect(rowCoverage([26, 26, 26], 76)).toBeCloseTo(1.026, 3);
    expect(rowCoverage([], 76)).toBe(0);
  });
});
