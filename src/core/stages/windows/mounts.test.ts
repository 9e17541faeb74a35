import { describe, expect, it } from 'vitest';
import { bareRoom, dressing, fittingOf, inches, opening, toIn } from '../../../../tests/helpers/rooms';
import type { Dressing, Opening, RoomFile } from '../../model/types';
import { planLook } from '../../plan/planLook';
const room = (openings: Opening[], dressings: Dressing[], more: Partial<RoomFile> = {}): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(108));
  return { ...base, openings, ...more, looks: [{ ...base.looks[0]!, dressings }] };
};
const only = (o: Partial<Opening> = {}, d: Partial<Dressing> = {}, more: Partial<RoomFile> = {}) =>
  planLook(room([opening(o)], [dressing(d)], more), { lookId: 'look' }).windows[0]!;

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
        const onLeaf = (i: number) =>
          w.panelPlans.filter(
            (p) => p.fromMm >= w.leaves![i]!.fromMm - 0.01 && p.toMm <= w.leaves![i]!.toMm + 0.01,
          ).length;
        expect([onLeaf(0), onLeaf(1), w.panels]).toEqual([
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
