import { describe, expect, it } from 'vitest';
import { bareRoom, cm, hanging, inches, inchRules, item, toIn } from '../../../../tests/helpers/rooms';
import type { Hanging, Item, RoomFile } from '../../model/types';
import { planLook } from '../../plan/planLook';
import { planMat, planPixels } from './prints';
import { hookClass } from './fixing';

const rules = inchRules();
const art = (id: string, w: number, h: number, more: Partial<Item> = {}): Item =>
  item({
    id,
    name: id,
    kind: 'art',
    widthMm: inches(w),
    heightMm: inches(h),
    massG: 1500,
    count: 3,
    ...more,
  });

describe('nails and hooks', () => {
  it.each([
    [4000, 1, 10],
    [8000, 2, 10],
    [9500, 1, 30],
    [30_000, 2, 50],
  ])('%d g on %d take the %d lb class', (mass, hooks, lb) =>
    expect(Math.round(hookClass(mass, hooks, rules)! / 453.59237)).toBe(lb),
  );
  it('more than the largest class has none', () => expect(hookClass(60_000, 1, rules)).toBeUndefined());
  const one = (h: Partial<Hanging>, i: Partial<Item> = {}, holes: RoomFile['room']['holes'] = []) => {
    const base = bareRoom();
    return planLook(
      {
        ...base,
        room: { ...base.room, holes },
        items: [art('i1', 30, 20, i)],
        looks: [{ ...base.looks[0]!, hangings: [hanging(h)] }],
      },
      { lookId: 'look' },
    ).hangings[0]!;
  };
  it('a cleat is fixed at both its ends, level', () => {
    const h = one({ hanger: { kind: 'cleat', dropMm: inches(2), widthMm: inches(20) } });
    expect(h.nails.map((n) => [toIn(n.xMm), toIn(n.heightMm)])).toEqual([
      [74, 68],
      [94, 68],
    ]);
  });
  it('what leans stands on the floor with no nail’s height to keep, and asks to be fixed', () => {
    const h = one({ leans: true }, { heightMm: inches(70), widthMm: inches(30), kind: 'mirror' });
    expect([toIn(h.footMm), toIn(h.bottomMm) < 1]).toEqual([7, true]);
  });
  it('proposes the shift to a hole, and carrying it out uses it', () => {
    const hole = { id: 'hole', wallId: 'n', xMm: inches(85.5), heightMm: inches(67.5) };
    const h = one({}, {}, [hole]);
    expect(h.holes.shift).toMatchObject({ uses: true });
    const changed = one(
      { xMm: h.xMm + h.holes.shift!.dxMm, centreMm: h.centreMm + h.holes.shift!.dyMm },
      {},
      [hole],
    );
    expect(changed.holes.used).toEqual(['hole']);
  });
});

describe('prints', () => {
  it('the mat’s opening is a quarter inch smaller on each side, lying as the frame does', () => {
    const m = planMat(
      { widthMm: inches(11), heightMm: inches(14) },
      { widthMm: inches(20), heightMm: inches(16) },
      rules,
    );
    expect([toIn(m.openingWidthMm), toIn(m.openingHeightMm), m.lying, m.fits]).toEqual([
      13.5,
      10.5,
      true,
      true,
    ]);
    expect([toIn(m.sideMm), toIn(m.topMm)]).toEqual([3.25, 2.75]);
    expect([toIn(m.frameWidthMm), toIn(m.frameHeightMm)]).toEqual([18.5, 15.5]);
    expect(
      planMat(
        { widthMm: inches(24), heightMm: inches(36) },
        { widthMm: inches(20), heightMm: inches(16) },
        rules,
      ).fits,
    ).toBe(false);
  });
  it('16 × 20 at 150 wants 2400 × 3000; a smaller file is good up to its own size', () => {
    const p = planPixels({ widthMm: inches(16), heightMm: inches(20) }, { pxWide: 3000, pxHigh: 2000 }, 150);
    expect([p.needWide, p.needHigh, p.enough]).toEqual([2400, 3000, false]);
    expect([toIn(p.largestWidthMm), toIn(p.largestHeightMm)]).toEqual([expect.closeTo(13.333, 3), 20]);
    expect(
      planPixels({ widthMm: cm(21), heightMm: cm(29.7) }, { pxWide: 1241, pxHigh: 1755 }, 150).enough,
    ).toBe(true);
  });
});
