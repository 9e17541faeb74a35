import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  cm,
  dressing,
  inches,
  inchRules,
  opening,
  toIn,
  linenPanel,
} from '../../../../tests/helpers/rooms';
import type { Dressing, Heading, Opening, RoomFile } from '../../model/types';
import { planLook } from '../../plan/planLook';
import { solveRoom } from '../../plan/solveRoom';
import { pinGives, takeDownMm } from './landing';
import { lightOf, passes } from './light';

const rules = inchRules();
const room = (openings: Opening[], dressings: Dressing[], more: Partial<RoomFile> = {}): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(108));
  return { ...base, openings, ...more, looks: [{ ...base.looks[0]!, dressings }] };
};
const only = (o: Partial<Opening> = {}, d: Partial<Dressing> = {}, more: Partial<RoomFile> = {}) =>
  planLook(room([opening(o)], [dressing(d)], more), { lookId: 'look' }).windows[0]!;

describe('headings and their take-down', () => {
  it.each<[Heading, number]>([
    ['rodPocket', 0],
    ['backTab', -1],
    ['grommet', -1.5],
    ['ringClip', 1.5],
    ['pinchPleat', 1.25],
    ['wave', 0.5],
  ])('%s hangs %d in under the rod', (heading, expected) =>
    expect(toIn(takeDownMm(heading, null, rules))).toBe(expected),
  );
  it('a pin set lower raises the pleat, and only as far as the buckram goes', () => {
    expect(toIn(takeDownMm('pinchPleat', inches(1.5), rules))).toBe(0.25);
    expect(toIn(takeDownMm('pinchPleat', inches(9), rules))).toBe(0);
    expect(pinGives('pinchPleat', null, rules)).toEqual({
      lowerMm: inches(0.25),
      raiseMm: expect.closeTo(inches(1.25), 6),
    });
    expect(pinGives('ringClip', null, rules)).toEqual({ lowerMm: 0, raiseMm: 0 });
  });
  it('a panel an inch too long is raised by its pins', () => {
    const w = only(
      {},
      { heading: 'pinchPleat', itemId: 'panel' },
      { items: [linenPanel({ heightMm: inches(104.75) })] },
    );
    expect(toIn(w.finishedLengthMm)).toBe(103.75);
    expect(w.routes.find((r) => r.kind === 'pins')).toMatchObject({ stockMm: inches(104.75), hems: 0 });
  });
});

describe('light', () => {
  it('what is known of a cloth comes before its weight; a lining keeps what is left', () => {
    expect(
      [
        passes(60, 'none', null, rules),
        passes(60, 'none', 0.45, rules),
        passes(250, 'lining', null, rules),
        passes(250, 'blackout', null, rules),
      ].map((n) => Math.round(n * 1000) / 1000),
    ).toEqual([0.6, 0.45, 0.048, 0.01]);
  });
  it('shares stay between nothing and all, and more cloth never gives more light', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(share, share, share, (covered, pass, thin) => {
        const main = { coveredOpen: covered / 3, coveredDrawn: covered, pass, drawn: 'open' as const };
        const one = lightOf(main, null, rules);
        const two = lightOf(main, { coveredOpen: 0, coveredDrawn: 1, pass: thin, drawn: 'closed' }, rules);
        for (const n of [one.open, one.drawn, one.now, two.now, two.drawn])
          expect(n >= 0 && n <= 1).toBe(true);
        expect(two.drawn).toBeLessThanOrEqual(one.drawn + 1e-9);
        expect(one.drawn).toBeLessThanOrEqual(one.open + 1e-9);
      }),
    );
  });
});

describe('input that nobody designed for', () => {
  it('a room of 40 windows is planned and solved', () => {
    const many = Array.from({ length: 40 }, (_, i) =>
      opening({ id: `o${i}`, xMm: inches(2 + i * 4), widthMm: inches(2), trimMm: 0 }),
    );
    const file = room(
      many,
      many.map((o, i) => dressing({ id: `d${i}`, openingId: o.id })),
    );
    expect(planLook(file, { lookId: 'look' }).windows).toHaveLength(40);
    expect(
      solveRoom(file, 'look', 'all', { owned: [linenPanel({ count: 500 })], shops: [] }).length,
    ).toBeGreaterThan(0);
  });
  it('no windows, no solution', () =>
    expect(solveRoom(bareRoom(), 'look', 'all', { owned: [linenPanel()], shops: [] })).toEqual([]));
  it('a 198 cm ceiling over a low window still lands', () => {
    const base = bareRoom(cm(400), cm(300), cm(198), 'cm');
    const file = {
      ...base,
      openings: [
        opening({
          xMm: cm(100),
          widthMm: cm(120),
          sillMm: cm(60),
          heightMm: cm(120),
          trimMm: cm(5),
          dropsMm: { left: cm(180), middle: cm(181), right: cm(182.5) },
        }),
      ],
      looks: [{ ...base.looks[0]!, dressings: [dressing()] }],
    };
    const w = planLook(file, { lookId: 'look' }).windows[0]!;
    expect(w.rodHeightMm).toBeLessThan(cm(198));
    expect(w.panelPlans.every((p) => p.finishedLengthMm > 0)).toBe(true);
  });
});
