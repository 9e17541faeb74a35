import { describe, expect, it } from 'vitest';
import { dressing, inches, inchRules, item, opening, toIn } from '../../../../tests/helpers/rooms';
import { place, plan } from '../../../../tests/helpers/windowPlan';
import type { Dressing } from '../../model/types';
import { placeBrackets, usualEnds } from './panels';

const panel = (widthIn: number, clothGsm = 300) =>
  item({ kind: 'panel', widthMm: inches(widthIn), heightMm: inches(108), clothGsm });
const wide = (d: Partial<Dressing>, cloth = panel(50)) => plan(opening(), dressing(d), place(), cloth);

describe('a single draw', () => {
  it('stacks all its panels at its own side, which alone is widened for them', () => {
    const left = wide({ draw: 'left' });
    const right = wide({ draw: 'right' });
    expect(left.stackRightMm).toBe(0);
    expect(toIn(left.stackLeftMm)).toBeCloseTo((left.panels * 50) / 5.5, 6);
    expect(toIn(left.extensionRightMm)).toBe(7);
    expect(left.extensionLeftMm + inches(3)).toBeGreaterThanOrEqual(left.stackLeftMm - 1e-6);
    // the other way round it is the same in the mirror
    expect([right.stackLeftMm, right.stackRightMm]).toEqual([0, left.stackLeftMm]);
    expect([right.extensionRightMm, right.extensionLeftMm]).toEqual([
      left.extensionLeftMm,
      left.extensionRightMm,
    ]);
    expect(left.panelPlans[0]!.stackFromMm).toBeCloseTo(
      left.span.parts[0]!.opening.xMm - inches(3) - left.extensionLeftMm,
      6,
    );
    expect(right.panelPlans.at(-1)!.stackToMm).toBeGreaterThan(right.panelPlans.at(-1)!.stackFromMm);
  });
  it('hangs all its cloth by one end, where a pair hangs half', () => {
    const one = wide({ draw: 'left', panels: 2 });
    const pair = wide({ draw: 'pair', panels: 2 });
    const cloth = one.rod.load.clothG;
    expect(one.rod.load.endForceN - pair.rod.load.endForceN).toBeGreaterThan((cloth / 1000 / 2) * 9 - 1);
    expect(one.overlapMm).toBe(0);
    expect(pair.overlapMm).toBe(inches(3));
  });
});

describe('odd counts', () => {
  it('each side stacks its own panels', () => {
    const three = wide({ panels: 3 });
    expect(toIn(three.stackLeftMm)).toBeCloseTo((2 * 50) / 5.5, 6);
    expect(toIn(three.stackRightMm)).toBeCloseTo(50 / 5.5, 6);
    expect(three.panelPlans.map((p) => p.side)).toEqual(['left', 'left', 'right']);
    const [first, second, third] = three.panelPlans.map((p) => p.stackToMm - p.stackFromMm);
    expect(first).toBeCloseTo(second!, 6);
    expect(third).toBeCloseTo(first!, 6);
  });
});

describe('pleats by the panel', () => {
  const pleats = (panels: number, draw: 'pair' | 'left' | 'right' = 'pair') => {
    const w = wide(
      { heading: 'pinchPleat', panels, draw, fullness: 2.4, route: { kind: 'made', stockMm: null } },
      panel(54),
    );
    return {
      w,
      of: (n: number) => w.making.pleated.find((p) => p.numbers.includes(n))!,
    };
  };
  const edges = (p: { marks: { flatFromMm: number; flatToMm: number }[] }, flatMm: number) => [
    toIn(p.marks[0]!.flatFromMm),
    toIn(flatMm - p.marks.at(-1)!.flatToMm),
  ];
  it('a pair of two: half the overlap, then the return', () => {
    const { w, of } = pleats(2);
    expect(edges(of(1), w.flatWidthMm)).toEqual([expect.closeTo(1.5, 5), expect.closeTo(3.5, 5)]);
    expect(of(1).numbers).toEqual([1, 2]);
  });
  it('one panel alone has a return at both ends', () => {
    const { w, of } = pleats(1, 'left');
    expect(edges(of(1), w.flatWidthMm)).toEqual([expect.closeTo(3.5, 5), expect.closeTo(3.5, 5)]);
  });
  it('of three, the outer ones have their return, and where two sides meet there is half the overlap', () => {
    const { w, of } = pleats(3);
    expect(edges(of(1), w.flatWidthMm)).toEqual([expect.closeTo(0, 5), expect.closeTo(3.5, 5)]);
    expect(edges(of(2), w.flatWidthMm)).toEqual([expect.closeTo(1.5, 5), expect.closeTo(0, 5)]);
    expect(edges(of(3), w.flatWidthMm)).toEqual([expect.closeTo(1.5, 5), expect.closeTo(3.5, 5)]);
  });
  it('of four to one side, those between have neither', () => {
    const { w, of } = pleats(4, 'right');
    expect(edges(of(2), w.flatWidthMm)).toEqual([expect.closeTo(0, 5), expect.closeTo(0, 5)]);
    expect(of(2).numbers).toEqual([2, 3]);
    expect(edges(of(1), w.flatWidthMm)[0]).toBeCloseTo(3.5, 5);
    expect(edges(of(4), w.flatWidthMm)[1]).toBeCloseTo(3.5, 5);
    expect(w.rings).toBe(w.making.pleated.reduce((n, p) => n + p.numbers.length * p.pleats, 0));
  });
});

describe('side panels that are never drawn', () => {
  it('are one a side, hang where they stack, and are not found wanting', () => {
    const w = wide({ decorative: true, drawn: 'closed' });
    expect(w.panels).toBe(2);
    expect(w.panelPlans.map((p) => [p.fromMm, p.toMm])).toEqual(
      w.panelPlans.map((p) => [p.stackFromMm, p.stackToMm]),
    );
    const codes = w.findings.map((f) => f.code);
    expect(codes).toContain('side-panels');
    expect(codes).not.toContain('fullness-low');
    expect(w.light.drawn).toBeCloseTo(w.light.open, 9);
  });
  it('are as many as is typed, or as the studio has them', () => {
    expect(wide({ decorative: true, panels: 6 }).panels).toBe(6);
    const two = inchRules([{ ruleId: 'windows.sidePanels', value: 2 }]);
    expect(plan(opening(), dressing({ decorative: true }), place(), panel(50), two).panels).toBe(4);
    expect(wide({ decorative: true, draw: 'right' }).panelPlans.map((p) => p.side)).toEqual(['single']);
  });
});

describe('one side held', () => {
  const held = (school: 'even' | 'freeSide', leftIn: number) => {
    const rules = inchRules([{ ruleId: 'windows.heldSide', school }]);
    return placeBrackets(
      {
        outerMm: inches(54),
        trims: { leftMm: inches(3), rightMm: inches(3) },
        roomMm: { leftMm: inches(leftIn), rightMm: inches(60) },
        given: { leftMm: null, rightMm: null },
        ends: usualEnds(rules),
      },
      { flatWidthMm: inches(50), clothGsm: 300 },
      { fullness: 2.5, panels: 6 },
      rules,
    );
  };
  it('by the usual school both sides stay even', () => {
    const { count, leftMm, rightMm } = held('even', 8);
    expect([count.onLeft, count.onRight]).toEqual([3, 3]);
    expect([toIn(leftMm), toIn(rightMm)]).toEqual([8, 8]);
  });
  it('by the other the free side takes what the held one cannot clear', () => {
    const { count, leftMm, rightMm } = held('freeSide', 8);
    // 11 in of wall and trim clear one panel of 9.09
    expect([count.onLeft, count.onRight]).toEqual([1, 5]);
    expect(toIn(leftMm)).toBe(7);
    expect(rightMm + inches(3)).toBeGreaterThanOrEqual(count.stackRightMm - 1e-6);
    expect(held('freeSide', 60).count).toMatchObject({ onLeft: 3, onRight: 3 });
  });
});

describe('cloth that was never weighed', () => {
  it('is guessed by its texture, and said to be, where a weighed one is not', () => {
    const velvet = plan(opening(), dressing(), place(), { ...panel(50, 0), texture: 'velvet' });
    const weighed = plan(opening(), dressing(), place(), { ...panel(50, 350), texture: 'velvet' });
    expect([velvet.gsmGuessed, velvet.layerGsm, weighed.gsmGuessed]).toEqual([true, 350, false]);
    expect(velvet.stackPerSideMm).toBeCloseTo(weighed.stackPerSideMm, 6);
    expect(velvet.rod.load.clothG).toBeCloseTo(weighed.rod.load.clothG, 6);
    expect(velvet.findings.find((f) => f.code === 'cloth-weight-guessed')?.rule).toBe('weights.velvet');
  });
});
