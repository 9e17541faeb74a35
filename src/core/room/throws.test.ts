import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inches, inchRules, piece, toIn } from '../../../tests/helpers/rooms';
import { sum } from '../base/units';
import type { Placement } from '../model/types';
import { pastEdge, throwBox, throwHostOf, throwPath, type Draped, type ThrowHost } from './throws';

const rules = inchRules();
/** Back 34 high and 4 deep, seat 18 high, 22 deep and 72 wide, arms 25 high and 6 wide. */
const HOST: ThrowHost = {
  seatTopMm: inches(18),
  seatWidthMm: inches(72),
  seatDepthMm: inches(22),
  backTopMm: inches(34),
  backDepthMm: inches(4),
  armTopMm: inches(25),
  armWidthMm: inches(6),
  depthMm: inches(36),
};
const BED: ThrowHost = { ...HOST, seatTopMm: inches(24), seatWidthMm: inches(60), backTopMm: inches(24) };
const cloth = (wIn: number, lIn: number) => ({ widthMm: inches(wIn), heightMm: inches(lIn) });
type More = Partial<Pick<Placement, 'fold' | 'hangsMm' | 'xMm'>>;
const put = (lie: Draped, more: More = {}) => ({ lie, fold: null, hangsMm: null, ...more });
const path = (lie: Draped, [wIn, lIn]: [number, number], more: More = {}, host = HOST) =>
  throwPath(cloth(wIn, lIn), put(lie, more), host, rules);
const inchesOn = (found: ReturnType<typeof path>) =>
  Object.fromEntries(
    Object.entries(found.onParts).map(([part, mm]) => [part, Math.round(toIn(mm) * 1e6) / 1e6]),
  );
const ends = (found: ReturnType<typeof path>) => found.ends.map((e) => [e.part, Math.round(toIn(e.shortMm))]);

describe('how wide a folded throw is', () => {
  it.each([
    ['overBack', null, 50 / 3],
    ['overBack', 'halves', 25],
    ['overBack', 'open', 50],
    ['acrossSeat', null, 25],
    ['corner', null, 20],
    ['corner', 'thirds', 50 / 3],
  ] as const)('%s, %s', (lie, fold, wide) => {
    expect(toIn(path(lie, [50, 60], { fold }).bandMm)).toBeCloseTo(wide, 6);
    // its long side is its length, whichever way it was measured
    expect(path(lie, [60, 50], { fold })).toEqual(path(lie, [50, 60], { fold }));
  });
});

describe('where the ends of a throw fall', () => {
  it('over the back: 14 in behind, over the back, down its front, over the seat', () => {
    const found = path('overBack', [50, 60]);
    expect(inchesOn(found)).toEqual({ behind: 14, top: 4, back: 16, seat: 22, front: 4 });
    expect(ends(found)).toEqual([
      ['behind', 20],
      ['front', 14],
    ]);
    expect(ends(path('overBack', [40, 48]))[1]).toEqual(['seat', 8]);
    // of a short one no more than a third hangs behind
    expect(inchesOn(path('overBack', [30, 36]))).toEqual({ behind: 12, top: 4, back: 16, seat: 4 });
  });
  it('as far down behind as was chosen, never further than it is long', () => {
    expect(inchesOn(path('overBack', [50, 60], { hangsMm: inches(30) }))).toEqual({
      behind: 30,
      top: 4,
      back: 16,
      seat: 10,
    });
    expect(inchesOn(path('overBack', [20, 30], { hangsMm: inches(90) }))).toEqual({ behind: 30 });
  });
  it('lies on the floor by what is longer than the way down', () => {
    const found = path('overBack', [50, 60], { hangsMm: inches(36) });
    expect(found.ends.map((e) => toIn(e.dragsMm))).toEqual([2, 0]);
    expect(path('overBack', [60, 90]).ends.map((e) => Math.round(toIn(e.dragsMm)))).toEqual([0, 16]);
    expect(toIn(path('acrossSeat', [50, 60], { hangsMm: 0 }).ends[1].dragsMm)).toBeCloseTo(20, 6);
  });
  it('over an arm: half each side, or as far outside as stays clear of the floor', () => {
    expect(inchesOn(path('overArm', [40, 40]))).toEqual({ outside: 17, arm: 6, inside: 7, seat: 10 });
    expect(inchesOn(path('overArm', [50, 60]))).toEqual({ outside: 23, arm: 6, inside: 7, seat: 24 });
  });
  it('across a seat: what would reach the floor is tucked in at the back', () => {
    expect(inchesOn(path('acrossSeat', [50, 60]))).toEqual({ tucked: 22, seat: 22, front: 16 });
    expect(inchesOn(path('acrossSeat', [25, 30]))).toEqual({ seat: 22, front: 8 });
    expect(ends(path('acrossSeat', [15, 20]))).toEqual([
      ['seat', 0],
      ['seat', 2],
    ]);
  });
  it('across a bed: the same overhang on both sides, or short of both', () => {
    expect(inchesOn(path('acrossFoot', [50, 90], {}, BED))).toEqual({ left: 15, bed: 60, right: 15 });
    expect(inchesOn(path('acrossFoot', [30, 40], {}, BED))).toEqual({ bed: 40 });
    expect(path('acrossFoot', [50, 120], {}, BED).ends.map((e) => toIn(e.dragsMm))).toEqual([6, 6]);
  });
  it('across a bed, moved sideways: one end hangs lower, the other less or not at all', () => {
    expect(inchesOn(path('acrossFoot', [50, 90], { xMm: inches(36) }, BED))).toEqual({
      left: 9,
      bed: 60,
      right: 21,
    });
    const aside = path('acrossFoot', [50, 60], { xMm: inches(42) }, BED);
    expect(inchesOn(aside)).toEqual({ bed: 48, right: 12 });
    const box = throwBox(aside, 'acrossFoot', BED);
    // from 12 in to the right edge of 60
    expect([toIn(box.middleMm!), box.legsMm!.map(toIn)]).toEqual([36, [0, 12]]);
    expect(
      toIn(throwBox(path('acrossFoot', [30, 40], { xMm: inches(25) }, BED), 'acrossFoot', BED).middleMm!),
    ).toBe(25);
  });
  it('all of it is somewhere: on its parts, or on the floor', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<Draped>('overBack', 'corner', 'acrossSeat', 'overArm', 'acrossFoot'),
        fc.integer({ min: 200, max: 4000 }),
        fc.option(fc.integer({ min: 0, max: 3000 }), { nil: null }),
        fc.tuple(...[1, 2, 3, 4].map(() => fc.integer({ min: 0, max: 1500 }))),
        (lie, lengthMm, hangsMm, [seat = 0, back = 0, arm = 0, wide = 0]) => {
          const host = {
            ...HOST,
            seatTopMm: seat,
            backTopMm: seat + back,
            armTopMm: seat + arm,
            seatWidthMm: wide,
          };
          const found = throwPath({ widthMm: 100, heightMm: lengthMm }, put(lie, { hangsMm }), host, rules);
          const lies = sum(Object.values(found.onParts)) + sum(found.ends.map((e) => e.dragsMm));
          expect(lies).toBeCloseTo(lengthMm, 6);
          const box = throwBox(found, lie, host);
          expect(box.zMm).toBeGreaterThanOrEqual(-1e-6);
          expect(Math.min(box.widthMm, box.depthMm, box.heightMm)).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});

describe('what a laid throw takes up', () => {
  const boxOf = (lie: Draped, size: [number, number], host = HOST) =>
    throwBox(path(lie, size, {}, host), lie, host);
  it('reaches down to where its front end is', () => {
    expect(toIn(boxOf('overBack', [50, 60]).zMm)).toBeCloseTo(14, 6);
    expect(toIn(boxOf('overBack', [40, 48]).zMm)).toBeCloseTo(18, 6);
    expect(toIn(boxOf('overBack', [20, 24]).zMm)).toBeCloseTo(34 - 12, 6);
    expect(toIn(boxOf('acrossSeat', [20, 30]).zMm)).toBeCloseTo(10, 6);
  });
  it('across an arm or a bed it hangs down on both sides', () => {
    expect(boxOf('overArm', [40, 40]).legsMm!.map(toIn)).toEqual([17, 7]);
    expect(boxOf('acrossFoot', [50, 90], BED).legsMm!.map(toIn)).toEqual([15, 15]);
    expect(toIn(boxOf('acrossFoot', [50, 90], BED).zMm)).toBeCloseTo(9, 6);
  });
  it('takes seats, arms and beds as they were measured', () => {
    const host = throwHostOf({ ...piece(), seat: { ...piece().seat!, armHeightMm: inches(25) } });
    expect(Object.values(host).map(toIn)).toEqual([18, 72, 22, 34, toIn(200), 25, 6, toIn(piece().depthMm)]);
    const bed = { mattressMm: inches(24), thickMm: null, headboardMm: inches(44), footboardMm: 0 };
    const onBed = throwHostOf({ ...piece(), seat: null, bed });
    expect([onBed.seatTopMm, onBed.seatWidthMm, onBed.backTopMm].map(toIn)).toEqual([24, 84, 44]);
  });
});

describe('what has nothing under it', () => {
  const past = (lie: Draped, bandIn: number, xIn: number) => {
    const found = pastEdge({ lie, xMm: inches(xIn) }, { bandMm: inches(bandIn) }, HOST);
    return found && [found.side, Math.round(toIn(found.byMm) * 1e6) / 1e6];
  };
  it.each(['overBack', 'corner', 'acrossSeat'] as const)(
    '%s: past the outside of an arm, on either side',
    (lie) => {
      // from 6 in left of the seat to 6 in right of it
      expect(past(lie, 20, 4)).toBeNull();
      expect(past(lie, 20, 3)).toEqual(['left', 1]);
      expect(past(lie, 20, 68)).toBeNull();
      expect(past(lie, 20, 70)).toEqual(['right', 2]);
      expect(past(lie, 90, 36)).toEqual(['both', 3]);
      expect(past(lie, 90, 37)).toEqual(['both', 4]);
    },
  );
  it('over an arm: a band wider than the arm is long; across a bed it lies lengthwise', () => {
    expect([past('overArm', 36, 0), past('overArm', 50, 0)]).toEqual([null, ['arm', 14]]);
    expect(past('acrossFoot', 500, 0)).toBeNull();
  });
});
