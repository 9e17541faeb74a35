import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  cm,
  demoRoom,
  dressing,
  fittingOf,
  inches,
  inchRules,
  item,
  opening,
  toIn,
} from '../../../../tests/helpers/rooms';
import { applyChange } from '../../model/change';
import { SHEER } from '../../model/defaults';
import type { Dressing, Heading, Item, Opening, RoomFile } from '../../model/types';
import { planLook } from '../../plan/planLook';
import { solutionChanges, solveRoom } from '../../plan/solveRoom';
import { carry, sagMost, sectionOf, supportsAt } from './beam';
import { pinGives, takeDownMm } from './landing';
import { lightOf, passes } from './light';
import { planMaking, planPleats, toRepeats, type MakingFacts } from './made';
import { bentSpan, insideAngle, turnsBeforeMm } from './span';

const rules = inchRules();
const room = (openings: Opening[], dressings: Dressing[], more: Partial<RoomFile> = {}): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(108));
  return { ...base, openings, ...more, looks: [{ ...base.looks[0]!, dressings }] };
};
const only = (o: Partial<Opening> = {}, d: Partial<Dressing> = {}, more: Partial<RoomFile> = {}) =>
  planLook(room([opening(o)], [dressing(d)], more), { lookId: 'look' }).windows[0]!;
const codes = (w: { findings: readonly { code: string }[] }) => w.findings.map((f) => f.code);
const panel = (more: Partial<Item> = {}) =>
  item({
    id: 'panel',
    name: 'Linen panel',
    kind: 'panel',
    widthMm: inches(54),
    heightMm: inches(108),
    clothGsm: 190,
    count: 8,
    price: 4000,
    ...more,
  });

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
      { items: [panel({ heightMm: inches(104.75) })] },
    );
    expect(toIn(w.finishedLengthMm)).toBe(103.75);
    expect(w.routes.find((r) => r.kind === 'pins')).toMatchObject({ stockMm: inches(104.75), hems: 0 });
  });
});

describe('where the rod is fixed', () => {
  it('inside the reveal: from side to side, an inch under the head, to the sill', () => {
    const w = only(
      { revealMm: inches(4) },
      { mount: 'inside', heading: 'rodPocket', rod: { make: 'tension', outerMm: null } },
    );
    expect([
      toIn(w.rodHeightMm),
      toIn(w.bracketToBracketMm),
      toIn(w.finishedLengthMm),
      w.hemOn,
      w.brackets,
      w.finials,
    ]).toEqual([77, 48, 47, 'sill', 0, 0]);
  });
  it('café: half way up, one layer over the lower half', () => {
    const w = only(
      { revealMm: inches(4) },
      { mount: 'cafe', heading: 'rodPocket', rod: { make: 'tension', outerMm: null }, drawn: 'closed' },
    );
    expect([toIn(w.rodHeightMm), toIn(w.finishedLengthMm)]).toEqual([54, 24]);
    expect(w.light.drawn).toBeCloseTo(1 - 0.5 * (1 - 0.12), 6);
  });
  it('on the ceiling itself, before a crown that the wall rod keeps below', () => {
    const crowned = { room: { ...bareRoom(inches(168), inches(144), inches(108)).room, crownMm: inches(4) } };
    expect(toIn(only({}, { mount: 'ceiling' }, crowned).rodHeightMm)).toBe(107.5);
    expect(toIn(only({}, {}, crowned).rodHeightMm)).toBe(101);
  });
  describe('on the leaves of a French door', () => {
    const door = {
      kind: 'frenchDoor' as const,
      opens: 'in' as const,
      hinge: 'both' as const,
      xMm: inches(40),
      widthMm: inches(60),
      sillMm: 0,
      heightMm: inches(80),
    };
    const leaf = {
      mount: 'leaf' as const,
      heading: 'rodPocket' as const,
      rod: { make: 'tube' as const, outerMm: null },
    };
    it('a rod on each leaf an inch past its glass, and one below: 30 less twice 3', () => {
      const w = only(door, leaf);
      expect(w.leaves!.map((l) => [toIn(l.fromMm), toIn(l.toMm)])).toEqual([
        [43, 67],
        [73, 97],
      ]);
      expect([
        toIn(w.rodHeightMm),
        toIn(w.lowerRodMm!),
        toIn(w.bracketToBracketMm),
        w.rod.count,
        w.brackets,
      ]).toEqual([77, 8, 24, 4, 8]);
      // rod to rod, and what stands over each of them
      expect(toIn(w.finishedLengthMm)).toBe(77 - 8 - 2 * toIn(w.takeDownMm));
      expect(
        w.panelPlans.map((p) => [toIn(p.fromMm), toIn(p.toMm), toIn(p.stackFromMm), toIn(p.stackToMm)]),
      ).toEqual([
        [43, 67, 43, 67],
        [73, 97, 73, 97],
      ]);
      expect(w.fullness).toBeCloseTo((2 * 54) / 48, 6);
      expect(w.light.open).toBeCloseTo(w.passes.main, 9);
    });
    it('one leaf has one rod; a heading without a pocket hangs free to just below the glass', () => {
      const one = only({ ...door, widthMm: inches(32), hinge: 'left' }, { ...leaf, heading: 'ringClip' });
      expect([one.leaves!.length, one.rod.count, one.lowerRodMm, one.brackets]).toEqual([1, 1, null, 2]);
      expect(toIn(one.finishedLengthMm)).toBe(77 - 8 - toIn(one.takeDownMm));
      const casement = only({ opens: 'in', hinge: 'both' }, leaf);
      expect([toIn(casement.rodHeightMm), toIn(casement.lowerRodMm!)]).toEqual([75, 33]);
    });
    it('every leaf has as many panels as the other, whatever is typed', () => {
      for (const panels of [1, 2, 3, 5, 8]) {
        const w = only(door, { ...leaf, panels });
        const on = (i: number) =>
          w.panelPlans.filter(
            (p) => p.fromMm >= w.leaves![i]!.fromMm - 0.01 && p.toMm <= w.leaves![i]!.toMm + 0.01,
          ).length;
        expect([on(0), on(1), w.panels]).toEqual([
          Math.ceil(panels / 2),
          Math.ceil(panels / 2),
          2 * Math.ceil(panels / 2),
        ]);
      }
    });
    it('a pocket below takes the cloth of a pocket, not of a hem', () => {
      const made = only(
        door,
        { ...leaf, route: { kind: 'made', stockMm: null } },
        { rules: [{ ruleId: 'windows.headingAllowance', value: inches(5) }] },
      );
      expect(toIn(made.making.cutMm)).toBe(toIn(made.finishedLengthMm) + 10);
      expect(made.making.letDownMm).toBe(0);
    });
    it('what is bought: a rod for each, brackets at both heights on the sheet', () => {
      const p = planLook(room([opening(door)], [dressing(leaf)]), { lookId: 'look' });
      expect(
        p.sheet.buy
          .filter((b) => b.kind === 'rod' || b.kind === 'brackets')
          .map((b) => [b.count, b.widthMm === null ? null : toIn(b.widthMm)]),
      ).toEqual([
        [4, 24],
        [8, null],
      ]);
      expect(
        p.sheet.steps
          .find((s) => s.kind === 'rod')!
          .marks.map((m) => [m.label, toIn(m.xMm), toIn(m.heightMm)]),
      ).toEqual(
        [43, 73].flatMap((x) =>
          [77, 8].flatMap((h) => [
            ['bracketLeft', x, h],
            ['bracketRight', x + 24, h],
          ]),
        ),
      );
    });
    it('is drawn as its leaves, each with its glass and its rods', () => {
      const p = planLook(room([opening(door)], [dressing(leaf)]), { lookId: 'look' });
      const drawn = (end: RegExp) =>
        p.elevations[0]!.shapes.filter((s) => end.test(s.key)).map((s) => [
          toIn(s.box.xMm),
          toIn(s.box.yMm),
          toIn(s.box.widthMm),
        ]);
      expect(drawn(/leaf\dglass$/)).toEqual([
        [44, 9, 22],
        [74, 9, 22],
      ]);
      expect(drawn(/:(rod1?|lowerRod\d)$/i).map(([x, , w]) => [x, w])).toEqual([
        [43, 24],
        [43, 24],
        [73, 24],
        [73, 24],
      ]);
    });
    it('a narrow leaf and a wide stile still end before one another', () => {
      const w = only({ ...door, widthMm: inches(10) }, leaf);
      expect(w.leaves!.every((l) => l.toMm > l.fromMm)).toBe(true);
      expect(w.fullness).toBeGreaterThan(0);
    });
  });
  it('to the sill and below it', () => {
    expect(toIn(only({}, { hemAt: 'sill' }).finishedLengthMm)).toBe(105 - 1.5 - 30);
    expect(toIn(only({}, { hemAt: 'apron' }).finishedLengthMm)).toBe(105 - 1.5 - (30 - 3 - 4));
  });
  it.each([
    ['shelf', 94],
    ['vent', 94],
    ['beam', 94],
  ] as const)('a %s over the window holds the rod under it', (kind, bottom) => {
    const w = only(
      {},
      {},
      {
        fittings: [
          fittingOf({
            kind,
            xMm: inches(60),
            widthMm: inches(40),
            bottomMm: inches(bottom),
            heightMm: inches(6),
          }),
        ],
      },
    );
    expect(toIn(w.rodHeightMm)).toBeLessThanOrEqual(bottom - 1.5);
    expect(toIn(w.rodHeightMm)).toBeGreaterThan(78);
  });
  it('a beam that crosses the rod sets its height, and is named', () => {
    const base = bareRoom(inches(168), inches(144), inches(108));
    const file = room([opening()], [dressing()], {
      room: {
        ...base.room,
        beams: [
          {
            id: 'b',
            name: 'Tie beam',
            wallId: 'n',
            fromWallMm: 0,
            widthMm: inches(8),
            undersideMm: inches(100),
          },
        ],
      },
    });
    const w = planLook(file, { lookId: 'look' }).windows[0]!;
    expect(toIn(w.rodHeightMm)).toBe(97);
    expect(w.findings.find((f) => f.code === 'rod-follows')?.by).toEqual({
      window: 'Window',
      what: 'Tie beam',
      ceilingMm: inches(100),
      belowMm: expect.closeTo(inches(3), 6),
    });
  });
  it('a slope that only the bracket would reach ends the rod before it, and leaves its height', () => {
    const base = bareRoom(inches(168), inches(144), inches(108));
    const file = room([opening({ xMm: inches(20) })], [dressing()], {
      room: { ...base.room, slopes: [{ wallId: 'w', lowMm: inches(80), runMm: inches(16) }] },
    });
    const w = planLook(file, { lookId: 'look' }).windows[0]!;
    expect(toIn(w.rodHeightMm)).toBe(105);
    // the slope is 106½ up where the rod and its clearance meet it
    const meets = ((106.5 - 80) / (108 - 80)) * 16;
    expect(toIn(w.bracketLeftXMm)).toBeGreaterThanOrEqual(meets - 1e-3);
    expect(toIn(w.bracketLeftXMm)).toBeLessThan(meets + 0.2);
    expect(w.findings.find((f) => f.code === 'bracket-held-by-neighbour')?.by).toMatchObject({
      side: 'left',
      neighbour: 'slope',
    });
  });
});

describe('bays and corners', () => {
  it('a rod that stands off a 90° corner turns its own stand-off before it, and passes a corner that juts out', () => {
    expect(turnsBeforeMm(100, 90)).toBeCloseTo(100, 9);
    expect(turnsBeforeMm(100, 180)).toBeCloseTo(0, 9);
    expect(turnsBeforeMm(100, 270)).toBeCloseTo(-100, 9);
    expect(insideAngle({ facingDeg: 0 }, { facingDeg: 90 })).toBe(90);
    expect(insideAngle({ facingDeg: 315 }, { facingDeg: 0 })).toBe(135);
    expect(insideAngle({ facingDeg: 0 }, { facingDeg: 315 })).toBe(225);
  });
  it('its length is that of the walls less twice what it saves at each corner (offset polygon)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 170, noNaN: true }),
        fc.double({ min: 40, max: 120, noNaN: true }),
        (angle, standOff) => {
          const wall = (id: string, facingDeg: number) => ({ id, facingDeg, lengthMm: 1500 }) as never;
          const o = (id: string, wallId: string) =>
            opening({ id, wallId, xMm: 300, widthMm: 900, trimMm: 50 });
          const span = bentSpan(
            [
              { opening: o('a', 'a'), wall: wall('a', 0) },
              { opening: o('b', 'b'), wall: wall('b', 180 - angle) },
            ],
            standOff,
          );
          const [a, b] = [span.parts[0]!, span.parts[1]!];
          // from the middle of the first wall to the middle of the second, along the offset line
          const along = 750 + b.offMm - 750;
          expect(along).toBeCloseTo(1500 - 2 * (standOff / Math.tan((angle * Math.PI) / 360)), 6);
          // the bend lies at equal distance from both walls: its two readings are the same point
          expect(a.toXMm + a.offMm).toBeCloseTo(b.fromXMm + b.offMm, 6);
        },
      ),
    );
  });
  it('the demo bay hangs under one rod, whose panels cover all of it without a gap', () => {
    const file = demoRoom('lookout');
    const plan = planLook(file, { lookId: 'summer' });
    const bay = plan.windows[0]!;
    expect(bay.openingIds).toEqual(['bay-left', 'bay-front', 'bay-right']);
    expect(bay.rodOn.map((r) => r.wallId)).toEqual(['b1', 'b2', 'b3']);
    expect(bay.rodOn.reduce((sum, r) => sum + r.toXMm - r.fromXMm, 0)).toBeCloseTo(bay.bracketToBracketMm, 3);
    expect(bay.rod.bends).toBe(2);
    expect(bay.bracketsAt.length).toBeGreaterThanOrEqual(4);
    const drawn = bay.panelPlans.flatMap((p) => p.drawnOn.map((d) => d.toXMm - d.fromXMm));
    expect(drawn.reduce((a, b) => a + b, 0)).toBeCloseTo(bay.bracketToBracketMm, 3);
    // all three dressings count as dressed, the panels once
    expect(plan.stages.windows).toMatchObject({ done: 4, of: 4 });
    expect(plan.sheet.steps.filter((s) => s.kind === 'rod').map((s) => s.about)).toEqual([
      'bay-left',
      'balcony-door',
    ]);
    // taken off the rod, each has its own again
    const d = file.looks[0]!.dressings[0]!;
    const apart = planLook(
      applyChange(file, { do: 'putDressing', lookId: 'summer', dressing: { ...d, joinsNext: false } }),
      { lookId: 'summer' },
    );
    expect(apart.windows.map((w) => w.openingIds.length)).toEqual([1, 2, 1]);
  });
  it('rods of their own in a corner end before they would meet', () => {
    const north = opening({ id: 'n1', wallId: 'n', xMm: inches(150), widthMm: inches(10), trimMm: 0 });
    const east = opening({ id: 'e1', wallId: 'e', xMm: inches(8), widthMm: inches(10), trimMm: 0 });
    const plan = planLook(
      room([north, east], [dressing({ id: 'dn', openingId: 'n1' }), dressing({ id: 'de', openingId: 'e1' })]),
      { lookId: 'look' },
    );
    expect(toIn(168 * 25.4 - plan.windows[0]!.bracketRightXMm)).toBeGreaterThanOrEqual(3.5 - 1e-6);
    expect(toIn(plan.windows[1]!.bracketLeftXMm)).toBeGreaterThanOrEqual(3.5 - 1e-6);
  });
  it('a ring of rods round the whole room still ends', () => {
    const four = (['n', 'e', 's', 'w'] as const).map((wallId, i) =>
      opening({ id: `o${i}`, wallId, xMm: inches(50), widthMm: inches(30) }),
    );
    const plan = planLook(
      room(
        four,
        four.map((o, i) => dressing({ id: `d${i}`, openingId: o.id, joinsNext: true })),
      ),
      { lookId: 'look' },
    );
    expect(plan.windows.flatMap((w) => w.openingIds).sort()).toEqual(['o0', 'o1', 'o2', 'o3']);
  });
});

describe('a double rod', () => {
  const both = (drawn: 'open' | 'closed') =>
    only({ hazy: true, overlooked: true }, { drawn, sheer: { ...SHEER, itemId: null } });
  it('hangs a sheer behind, fuller, with its own length; both count on the sheet', () => {
    const w = both('open');
    expect(w.sheer!.fullness).toBeGreaterThanOrEqual(2.4);
    expect(toIn(w.sheer!.finishedLengthMm)).toBe(104.5);
    expect(w.finials).toBe(4);
    const file = room([opening()], [dressing({ sheer: SHEER })]);
    const sheet = planLook(file, { lookId: 'look' }).sheet;
    expect(sheet.buy.find((b) => b.kind === 'rod')!.count).toBe(2);
    expect(sheet.steps.map((s) => s.kind)).toContain('sheer');
  });
  it('lets light through by day and hides nothing by lamp until the curtain is drawn', () => {
    expect([both('open').light.nowByDay, both('open').light.nowByLamp]).toEqual(['hidden', 'seen']);
    expect(both('closed').light.nowByLamp).toBe('hidden');
    expect(both('open').light.sheerOnly!).toBeCloseTo(0.6 * both('open').light.open, 1);
    expect(codes(both('open'))).toEqual(expect.arrayContaining(['hazy-hidden', 'seen-by-lamp']));
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

describe('made to measure', () => {
  const facts = (more: Partial<MakingFacts> = {}): MakingFacts => ({
    makeUpWidthMm: inches(164),
    finishedMm: inches(100),
    panels: 2,
    panelFinishedMm: inches(41),
    returnMm: inches(3.5),
    overlapMm: inches(3),
    heading: 'pinchPleat',
    lining: 'none',
    clothWidthMm: null,
    repeatMm: 0,
    halfDrop: false,
    ...more,
  });
  it('widths, cut and total by hand: ⌈164 ÷ 52⌉ = 4 widths of 100 + 8 + 8', () => {
    const m = planMaking(facts(), rules);
    expect([m.widths, toIn(m.cutMm), toIn(m.totalMm)]).toEqual([4, 116, 464]);
  });
  it('a repeat of 25 makes 125 of 116; a half drop takes half a repeat more for every other width', () => {
    const whole = planMaking(facts({ repeatMm: inches(25) }), rules);
    expect([toIn(whole.cutMm), toIn(whole.wasteMm), toIn(whole.totalMm)]).toEqual([125, 9, 500]);
    const half = planMaking(facts({ repeatMm: inches(25), halfDrop: true }), rules);
    expect([toIn(half.totalMm), half.cuts.map((c) => toIn(c.toMm - c.fromMm))]).toEqual([
      525,
      [125, 137.5, 125, 137.5],
    ]);
  });
  it('separate buckram takes less cloth, a lining ends above the hem', () => {
    expect(
      toIn(planMaking(facts(), inchRules([{ ruleId: 'windows.header', school: 'buckram' }])).cutMm),
    ).toBe(108.5);
    expect(toIn(planMaking(facts({ lining: 'lining' }), rules).liningCutMm)).toBe(105);
  });
  it('pleats by hand: F 41, W 98 → round(36 ÷ 4) + 1 = 10, 5.7 in each', () => {
    const p = planPleats(inches(41), inches(98), inches(3.5), inches(3), rules)!;
    expect([p.pleats, p.spaces, toIn(p.clothPerPleatMm), p.good]).toEqual([10, 9, 5.7, true]);
    // the marking-out closes: half the overlap, ten pleats, nine spaces, the return
    expect(toIn(p.marks[9]!.flatToMm) + 3.5).toBeCloseTo(98, 6);
    expect(toIn(p.marks[9]!.atMm) + 3.5).toBeCloseTo(41, 6);
  });
  it('cuts follow one another from the start of the roll, whole repeats, whatever is asked', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 400 }),
        fc.integer({ min: 24, max: 140 }),
        fc.integer({ min: 0, max: 36 }),
        fc.boolean(),
        fc.integer({ min: 1, max: 8 }),
        (wide, long, repeat, halfDrop, panels) => {
          const m = planMaking(
            facts({
              makeUpWidthMm: inches(wide),
              finishedMm: inches(long),
              repeatMm: inches(repeat),
              halfDrop,
              panels,
            }),
            rules,
          );
          expect(m.cuts[0]!.fromMm).toBe(0);
          m.cuts.slice(1).forEach((c, i) => expect(c.fromMm).toBeCloseTo(m.cuts[i]!.toMm, 6));
          expect(m.cuts[m.cuts.length - 1]!.toMm).toBeCloseTo(m.totalMm, 6);
          expect(m.cutMm).toBeGreaterThanOrEqual(inches(long) - 1e-6);
          if (repeat > 0)
            expect(Math.abs(m.cutMm / inches(repeat) - Math.round(m.cutMm / inches(repeat)))).toBeLessThan(
              1e-6,
            );
          expect(m.widths * inches(52)).toBeGreaterThanOrEqual(inches(wide) - 1e-6);
        },
      ),
    );
    expect(toRepeats(inches(50), inches(25))).toBe(inches(50));
  });
  it('once it is chosen, the other ways still cost what they cost before', () => {
    const prices = (made: boolean) =>
      only({}, made ? { route: { kind: 'made', stockMm: null } } : {}).routes.map((r) => [
        r.kind,
        r.stockMm,
        r.cost,
        r.hems,
      ]);
    expect(prices(true)).toEqual(prices(false));
    expect(prices(false).length).toBeGreaterThan(3);
  });
  it('chosen, it hangs as one panel a side, as wide as its widths', () => {
    const w = only({}, { route: { kind: 'made', stockMm: null } });
    expect([w.panels, w.chosenRoute?.kind]).toEqual([2, 'made']);
    expect(w.flatWidthMm).toBeCloseTo(w.making.flatHemmedMm, 6);
    expect(w.fullness).toBeGreaterThan(1.5);
  });
});

describe('the rod as a beam', () => {
  it('as many supports as keep the sag small, and not one more', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('tube' as const, 'telescoping' as const, 'wood' as const, 'track' as const),
        fc.integer({ min: 20, max: 240 }),
        fc.integer({ min: 0, max: 12_000 }),
        (make, long, clothG) => {
          const section = sectionOf(make, null, rules);
          const load = carry(section, inches(long), clothG, rules);
          expect(load.sagMm).toBeLessThanOrEqual(sagMost(load.spanMm, rules) + 1e-6);
          if (load.supports > 2) {
            const span = inches(long) / (load.supports - 2);
            const sag = load.sagMm * (span / load.spanMm) ** 4;
            expect(sag).toBeGreaterThan(sagMost(span, rules));
          }
        },
      ),
    );
  });
  it('a sliding rod bends as its inner tube, a thicker one less', () => {
    expect(sectionOf('telescoping', null, rules).inertiaMm4).toBeLessThan(
      sectionOf('tube', inches(0.875), rules).inertiaMm4,
    );
    expect(
      sectionOf('wood', inches(2), rules).inertiaMm4 / sectionOf('wood', inches(1), rules).inertiaMm4,
    ).toBeCloseTo(16, 6);
  });
  it('a bend has a bracket of its own; what is left over goes to the longest leg', () => {
    expect(supportsAt(1000, 3, [])).toEqual([0, 500, 1000]);
    expect(supportsAt(1000, 5, [200])).toEqual(
      [0, 200, 200 + 800 / 3, 200 + 1600 / 3, 1000].map((n) => expect.closeTo(n, 6)),
    );
  });
  it('what the ends carry adds up to cloth and rod', () => {
    const load = carry(sectionOf('tube', null, rules), 1000, 2000, rules);
    expect(2 * load.endForceN).toBeCloseTo(((2000 + load.rodG) / 1000) * 9.80665, 6);
  });
});

describe('a shower curtain', () => {
  const tub = fittingOf({
    id: 'tub',
    name: 'Tub',
    kind: 'tub',
    xMm: inches(6),
    widthMm: inches(60),
    bottomMm: 0,
    heightMm: inches(22),
    depthMm: inches(30),
  });
  const shower = (ceilingIn: number, d: Partial<Dressing> = {}) => {
    const base = bareRoom(inches(72), inches(96), inches(ceilingIn));
    return planLook(
      {
        ...base,
        fittings: [tub],
        looks: [
          {
            ...base.looks[0]!,
            dressings: [
              dressing({ openingId: 'tub', landing: 'clear', rod: { make: 'tension', outerMm: null }, ...d }),
            ],
          },
        ],
      },
      { lookId: 'look' },
    ).windows[0]!;
  };
  it('hangs near the ceiling and 2 in off the floor: under 8 ft a 96 is taken up, or an 84 hangs lower', () => {
    const w = shower(96);
    expect([toIn(w.rodHeightMm), toIn(w.finishedLengthMm), toIn(w.bracketToBracketMm)]).toEqual([
      93, 89.5, 60,
    ]);
    expect(w.routes.find((r) => r.kind === 'takeUp')).toMatchObject({ stockMm: inches(96) });
    // no way lays its hem on a wet floor, nor one in a reveal on the sill
    expect(
      [...w.routes, ...only({}, { mount: 'inside', heading: 'rodPocket' }).routes].some(
        (r) => r.kind === 'otherLanding',
      ),
    ).toBe(false);
    expect(w.routes.find((r) => r.kind === 'asItIs')).toMatchObject({
      stockMm: inches(84),
      rodMm: expect.closeTo(inches(87.5), 6),
    });
  });
  it('goes when its tub goes', () => {
    const base = bareRoom();
    const file = {
      ...base,
      fittings: [tub],
      looks: [{ ...base.looks[0]!, dressings: [dressing({ openingId: 'tub' })] }],
    };
    expect(applyChange(file, { do: 'removeFitting', id: 'tub' }).looks[0]!.dressings).toEqual([]);
  });
});

describe('all windows together', () => {
  const two = (second: Partial<Opening>, d: Partial<Dressing> = {}) =>
    room(
      [
        opening({ id: 'a', xMm: inches(25), widthMm: inches(30) }),
        opening({ id: 'b', xMm: inches(110), widthMm: inches(30), ...second }),
      ],
      [dressing({ id: 'da', openingId: 'a', ...d }), dressing({ id: 'db', openingId: 'b', ...d })],
    );
  it('takes the owned set that does for both on one line, taken up, and says that nothing is given up', () => {
    const s = solveRoom(two({}), 'look', 'all', { owned: [panel()], shops: [] });
    expect(s[0]).toMatchObject({ oneRodMm: inches(105), buy: 0, givesUp: [] });
    expect(s[0]!.shares.map((x) => [x.itemId, x.kind])).toEqual([
      ['panel', 'takeUp'],
      ['panel', 'takeUp'],
    ]);
    expect(s.length).toBe(3);
    expect(
      new Set(
        s.map((x) => `${x.shares[0]!.itemId}${x.shares[0]!.stockMm}${x.givesUp.map((g) => g.want).join()}`),
      ).size,
    ).toBe(3);
  });
  it('a set too small is told, unless a shop has the rest', () => {
    const few = panel({ count: 3, heightMm: inches(103.5) });
    const short = solveRoom(
      { ...two({}), rules: [{ ruleId: 'windows.stockLengths', value: [inches(63)] }] },
      'look',
      'all',
      { owned: [few], shops: [] },
    ).find((s) => s.shares[0]!.itemId === 'panel');
    expect(short?.givesUp.find((g) => g.want === 'stock')?.by).toBe(5);
    const had = solveRoom(two({}), 'look', 'all', {
      owned: [few],
      shops: [{ name: 'linen panel', stock: 6, price: 3000, leadDays: 4 }],
    })[0]!;
    expect(had).toMatchObject({ givesUp: [], buy: 5, cost: 15_000, leadDays: 4 });
  });
  it('panels that hang in another room are left there, or borrowed and said so', () => {
    const file = { ...two({}), rules: [{ ruleId: 'windows.stockLengths' as const, value: [inches(63)] }] };
    const away = {
      ...panel({ count: 10, heightMm: inches(103.5) }),
      elsewhere: { room: 'Bedroom', count: 6 },
    };
    const s = solveRoom(file, 'look', 'all', { owned: [away], shops: [] }).filter(
      (x) => x.shares[0]!.itemId === 'panel',
    );
    expect(s.map((x) => x.givesUp.map((g) => [g.want, g.by, g.room]))).toEqual([
      [['ownRoom', 4, 'Bedroom']],
      [['stock', 4, undefined]],
    ]);
    expect(s.map((x) => [x.buy, x.cost])).toEqual([
      [0, 0],
      [4, 4 * away.price],
    ]);
    // enough is left here: nothing is borrowed
    const enough = solveRoom(file, 'look', 'all', { owned: [{ ...away, count: 14 }], shops: [] })[0]!;
    expect(enough).toMatchObject({ givesUp: [], buy: 0 });
  });
  it('when nothing satisfies all, the best three differ and each says what it gives up', () => {
    // one frame so high that no line under this ceiling suits both schools, and one length only
    const file = {
      ...two({ sillMm: inches(40), heightMm: inches(60) }),
      rules: [
        { ruleId: 'windows.stockLengths', value: [inches(84)] },
        { ruleId: 'windows.stockHem', value: inches(2) },
      ],
    };
    const s = solveRoom(file, 'look', 'all', { owned: [], shops: [] });
    expect(s.length).toBe(3);
    expect(s.every((x) => x.givesUp.length > 0)).toBe(true);
    expect(s.map((x) => x.givesUp.map((g) => g.want))).toEqual([
      ['ready'],
      ['landing', 'ready'],
      ['height', 'ready'],
    ]);
    // with cloth enough for a hem below the sill, the floor can be what gives way: both aprons end 4 in under
    // a trim of 3
    const short = { ...file, rules: [{ ruleId: 'windows.stockLengths' as const, value: [inches(90)] }] };
    const ends = solveRoom(short, 'look', 'all', { owned: [], shops: [] }).find((x) =>
      x.givesUp.some((g) => g.want === 'floor'),
    )!;
    expect(ends.shares.map((x) => [x.stockMm, x.kind, x.hemAt])).toEqual([
      [inches(90), 'takeUp', 'apron'],
      [inches(90), 'takeUp', 'apron'],
    ]);
    expect(ends.givesUp[0]!.by).toBeCloseTo(inches(40 - 3 - 4), 3);
    const look = short.looks[0]!;
    const after = planLook(solutionChanges(short, look, ends, []).reduce(applyChange, short), {
      lookId: 'look',
    });
    expect(after.windows.map((w) => [w.hemOn, w.chosenRoute?.kind])).toEqual([
      ['apron', 'takeUp'],
      ['apron', 'takeUp'],
    ]);
  });
  it('some of the windows are dressed together, and the others are left as they hang', () => {
    const base = room(
      [
        opening({ id: 'a', xMm: inches(10), widthMm: inches(30) }),
        opening({ id: 'b', xMm: inches(70), widthMm: inches(30) }),
        opening({ id: 'c', wallId: 's', xMm: inches(70), widthMm: inches(30) }),
      ],
      ['a', 'b', 'c'].map((id) => dressing({ id: `d${id}`, openingId: id })),
    );
    const file = {
      ...base,
      rules: [
        { ruleId: 'windows.stockLengths' as const, value: [inches(98)] },
        { ruleId: 'windows.stockHem' as const, value: inches(2) },
      ],
    };
    const s = solveRoom(file, 'look', 'da dc', { owned: [], shops: [] });
    expect(s.map((x) => x.shares.map((y) => y.dressingId))).toEqual(s.map(() => ['da', 'dc']));
    const lower = s.find((x) => x.givesUp.some((g) => g.want === 'height'))!;
    const before = planLook(file, { lookId: 'look' }).windows.find((w) => w.dressingId === 'db')!;
    const after = planLook(solutionChanges(file, file.looks[0]!, lower, []).reduce(applyChange, file), {
      lookId: 'look',
    });
    expect(after.windows.find((w) => w.dressingId === 'db')).toMatchObject({
      rodHeightMm: before.rodHeightMm,
      finishedLengthMm: before.finishedLengthMm,
      chosenRoute: null,
    });
    expect(
      after.windows.filter((w) => w.dressingId !== 'db').map((w) => [w.rodHeightMm, w.chosenRoute?.stockMm]),
    ).toEqual([
      [lower.oneRodMm, inches(98)],
      [lower.oneRodMm, inches(98)],
    ]);
  });
  it('a shop that sells only pairs: as many as are bought, at what they cost, on the list too', () => {
    const pairs = panel({ count: 3, setOf: 2, heightMm: inches(103.5) });
    const s = solveRoom(two({}), 'look', 'all', {
      owned: [pairs],
      shops: [{ name: 'linen panel', stock: 6, price: 3000, leadDays: 4 }],
    }).find((x) => x.shares[0]!.itemId === 'panel')!;
    expect([s.panels, s.owned, s.buy, s.cost]).toEqual([8, 3, 6, 18_000]);
    const file = { ...two({ xMm: inches(90) }, { itemId: 'panel' }), items: [pairs] };
    expect(planLook(file, { lookId: 'look' }).sheet.buy.find((b) => b.kind === 'panelShort')).toMatchObject({
      need: 8,
      have: 3,
      count: 6,
      cost: 6 * 4000,
    });
    const stock = planLook(
      {
        ...room([opening({})], [dressing({ panels: 3 })]),
        rules: [{ ruleId: 'windows.panelsSoldIn', value: 2 }],
      },
      { lookId: 'look' },
    );
    expect(stock.sheet.buy.find((b) => b.kind === 'panels')!.count).toBe(4);
  });
  it('a count that was typed stays typed, and what it costs is what was told', () => {
    const file = room(
      [opening({ id: 'a', xMm: inches(25), widthMm: inches(30) })],
      [dressing({ id: 'da', openingId: 'a', panels: 6 })],
    );
    const s = solveRoom(file, 'look', 'all', { owned: [panel({ count: 2 })], shops: [] })[0]!;
    expect(s).toMatchObject({ panels: 6 });
    const after = planLook(
      solutionChanges(file, file.looks[0]!, s, [panel({ count: 2 })]).reduce(applyChange, file),
      { lookId: 'look' },
    );
    expect([after.windows[0]!.panels, after.windows[0]!.chosenRoute?.kind]).toEqual([6, s.shares[0]!.kind]);
  });
  it('a slope that leaves more room at another height: as many panels as then hang', () => {
    const base = room(
      [
        opening({
          id: 'a',
          xMm: inches(16),
          widthMm: inches(22),
          sillMm: inches(10),
          heightMm: inches(30),
          dropsMm: { left: inches(40), middle: inches(40), right: inches(40.75) },
        }),
      ],
      [dressing({ id: 'da', openingId: 'a', fullness: 2.9 })],
    );
    const file = {
      ...base,
      room: {
        ...base.room,
        ceilingMm: inches(75),
        slopes: [{ wallId: 'w', lowMm: inches(32), runMm: inches(12) }],
      },
    };
    const all = solveRoom(file, 'look', 'all', { owned: [], shops: [] });
    expect(all.length).toBeGreaterThan(0);
    for (const s of all) {
      const w = planLook(solutionChanges(file, file.looks[0]!, s, []).reduce(applyChange, file), {
        lookId: 'look',
      }).windows[0]!;
      expect([w.panels, w.chosenRoute?.kind, w.rodHeightMm]).toEqual([
        s.panels,
        s.shares[0]!.kind,
        expect.closeTo(s.shares[0]!.rodMm, 3),
      ]);
    }
  });
  it('where one hem lies on the floor, one that ends on a sill keeps its landing', () => {
    const base = two({});
    const file = {
      ...base,
      rules: [
        { ruleId: 'windows.stockLengths' as const, value: [inches(106.5)] },
        { ruleId: 'windows.stockHem' as const, value: inches(2) },
      ],
      looks: [
        {
          ...base.looks[0]!,
          dressings: base.looks[0]!.dressings.map((d, i) => (i === 1 ? { ...d, hemAt: 'sill' as const } : d)),
        },
      ],
    };
    const lies = solveRoom(file, 'look', 'all', { owned: [], shops: [] }).find(
      (s) => s.givesUp.map((g) => g.want).join() === 'landing',
    )!;
    expect(lies.shares.map((x) => [x.landing, x.kind, x.stockMm])).toEqual([
      ['pool', 'asItIs', inches(106.5)],
      ['kiss', 'takeUp', inches(106.5)],
    ]);
    const look = file.looks[0]!;
    const after = planLook(solutionChanges(file, look, lies, []).reduce(applyChange, file), {
      lookId: 'look',
    });
    expect(after.windows.map((w) => [w.landing, w.finishedLengthMm])).toEqual([
      ['pool', inches(106.5)],
      ['kiss', inches(73.5)],
    ]);
  });
  it.each([
    ['early-summer', 'long-room'],
    ['as-found', 'long-room'],
    ['summer', 'lookout'],
  ])('what is taken hangs as told: %s in %s', (lookId, roomId) => {
    const file = demoRoom(roomId);
    const look = file.looks.find((l) => l.id === lookId)!;
    const owned = file.items.filter((i) => i.kind === 'panel');
    for (const s of solveRoom(file, lookId, 'all', { owned: owned, shops: [] })) {
      const after = planLook(solutionChanges(file, look, s, owned).reduce(applyChange, file), { lookId });
      for (const share of s.shares) {
        const w = after.windows.find((x) => x.dressingId === share.dressingId)!;
        expect(w.rodHeightMm).toBeCloseTo(share.rodMm, 3);
        expect(w.chosenRoute?.kind, `${share.window} ${share.kind} ${share.stockMm}`).toBe(share.kind);
        expect(w.chosenRoute?.stockMm ?? null).toBe(share.stockMm);
      }
    }
  });
  it('the same question has the same answer, on any ceiling, in both unit systems', () => {
    fc.assert(
      fc.property(fc.integer({ min: 88, max: 144 }), fc.boolean(), (ceiling, metric) => {
        const base = two({});
        const file = {
          ...base,
          room: {
            ...base.room,
            ceilingMm: inches(ceiling),
            unit: metric ? ('cm' as const) : ('in' as const),
          },
        };
        const [a, b] = [
          solveRoom(file, 'look', 'all', { owned: [panel()], shops: [] }),
          solveRoom(file, 'look', 'all', { owned: [panel()], shops: [] }),
        ];
        expect(a).toEqual(b);
        for (const s of a) for (const x of s.shares) expect(x.rodMm).toBeLessThanOrEqual(inches(ceiling));
      }),
      { numRuns: 12 },
    );
  });
});

describe('panels on loan, and sets', () => {
  it('panels of another room are told, with where they are', () => {
    const file = room([opening()], [dressing({ itemId: 'panel' })], {
      items: [panel({ roomId: 'attic', whereabouts: 'Attic shelf' })],
    });
    expect(
      planLook(file, { lookId: 'look' }).findings.find((f) => f.code === 'panels-borrowed')?.by,
    ).toMatchObject({ where: 'Attic shelf', item: 'Linen panel' });
  });
  it('a sheer and a curtain of one kind are counted together', () => {
    const file = room([opening()], [dressing({ itemId: 'panel', sheer: { ...SHEER, itemId: 'panel' } })], {
      items: [panel({ count: 5 })],
    });
    expect(
      planLook(file, { lookId: 'look' }).findings.find((f) => f.code === 'set-short')?.by.need,
    ).toBeGreaterThan(5);
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
      solveRoom(file, 'look', 'all', { owned: [panel({ count: 500 })], shops: [] }).length,
    ).toBeGreaterThan(0);
  });
  it('no windows, no solution', () =>
    expect(solveRoom(bareRoom(), 'look', 'all', { owned: [panel()], shops: [] })).toEqual([]));
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
