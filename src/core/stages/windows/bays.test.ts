import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bareRoom, demoRoom, dressing, inches, opening, toIn } from '../../../../tests/helpers/rooms';
import { applyChange } from '../../model/change';
import { SHEER } from '../../model/defaults';
import type { Dressing, Opening, RoomFile } from '../../model/types';
import { planLook } from '../../plan/planLook';
import { bentSpan, insideAngle, turnsBeforeMm } from './span';
const room = (openings: Opening[], dressings: Dressing[], more: Partial<RoomFile> = {}): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(108));
  return { ...base, openings, ...more, looks: [{ ...base.looks[0]!, dressings }] };
};
const only = (o: Partial<Opening> = {}, d: Partial<Dressing> = {}, more: Partial<RoomFile> = {}) =>
  planLook(room([opening(o)], [dressing(d)], more), { lookId: 'look' }).windows[0]!;
const codes = (w: { findings: readonly { code: string }[] }) => w.findings.map((f) => f.code);

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
          const alongMm = 750 + b.offMm - 750;
          expect(alongMm).toBeCloseTo(1500 - 2 * (standOff / Math.tan((angle * Math.PI) / 360)), 6);
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
