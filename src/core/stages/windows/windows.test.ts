import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  cm,
  cmRules,
  dressing,
  inches,
  inchRules,
  item,
  opening,
  toIn,
} from '../../../../tests/helpers/rooms';
import type { Landing } from '../../model/types';
import { planLook } from '../../plan/planLook';
import { landingMm, nameLanding } from './landing';
import { countPanels, placeBrackets, usualEnds } from './panels';
import { rodBySchool, sharedRodLine } from './rod';
import { place, plan } from '../../../../tests/helpers/windowPlan';

const rules = inchRules();
const codes = (w: ReturnType<typeof plan>) => w.findings.map((f) => f.code);

describe('the rod', () => {
  it.each([
    ['high', 105],
    ['twoThirds', 78 + 20],
    ['overFrame', 83],
  ])('school %s', (school, expected) => {
    expect(
      toIn(
        rodBySchool(
          { frameTopMm: inches(78), ceilingMm: inches(108) },
          inchRules([{ ruleId: 'windows.heightSchool', school }]),
        ).rodMm,
      ),
    ).toBe(expected);
  });
  it('is held under a low ceiling, and says by how much', () => {
    const r = rodBySchool(
      { frameTopMm: inches(80), ceilingMm: inches(84) },
      inchRules([{ ruleId: 'windows.heightSchool', school: 'overFrame' }]),
    );
    expect([toIn(r.rodMm), toIn(r.heldByMm)]).toEqual([82.5, 2.5]);
  });
  it('a 7 ft ceiling still gives a rod over the frame', () => {
    const w = plan(
      opening({ sillMm: inches(30), heightMm: inches(46) }),
      dressing(),
      place({ ceilingMm: inches(84) }),
    );
    expect(toIn(w.rodHeightMm)).toBe(81);
    expect(w.rodHeightMm).toBeGreaterThan(w.frameTopMm);
  });
  it('a frame that the ceiling leaves no room over is found wanting, and a track on the ceiling is not', () => {
    const tall = opening({ sillMm: inches(2), heightMm: inches(81) });
    const p = place({ ceilingMm: inches(86) });
    expect(codes(plan(tall, dressing(), p))).toContain('rod-below-frame');
    const track = { mount: 'ceiling', rod: { make: 'track', outerMm: null }, heading: 'wave' } as const;
    expect(codes(plan(tall, dressing(track), p))).not.toContain('rod-below-frame');
    expect(codes(plan(tall, dressing({ ...track, rodHeightMm: inches(80) }), p))).toContain(
      'rod-below-frame',
    );
  });
  it('one line over different heads is the highest that all allow', () => {
    const line = sharedRodLine(
      [
        { frameTopMm: inches(81), ceilingMm: inches(108) },
        { frameTopMm: inches(76), ceilingMm: inches(108) },
      ],
      inchRules([{ ruleId: 'windows.heightSchool', school: 'overFrame' }]),
    )!;
    expect(toIn(line)).toBe(86);
    expect(sharedRodLine([], rules)).toBeUndefined();
  });
});

describe('panels, fullness, stack', () => {
  it('widens to the mark above, so that no glass stays covered by a crumb (cm)', () => {
    const w = plan(
      opening({
        xMm: cm(120),
        widthMm: cm(140),
        trimMm: cm(7),
        sillMm: cm(90),
        heightMm: cm(120),
        dropsMm: null,
      }),
      dressing(),
      place({ ceilingMm: cm(250), roomMm: { leftMm: cm(100), rightMm: cm(100) } }),
      item({ kind: 'panel', widthMm: cm(135), heightMm: cm(250), clothGsm: 220 }),
      cmRules(),
    );
    expect(w.glassCoveredMm).toBe(0);
    expect(w.extensionLeftMm % 1).toBeCloseTo(0, 6);
    expect(w.extensionLeftMm + cm(7)).toBeGreaterThanOrEqual(w.stackPerSideMm);
    expect(codes(w)).toContain('glass-clear');
  });
  it('counts ⌈(72 × 2 + 2 × 3½ + 3) ÷ 54⌉ = 3, so 4 for a pair', () => {
    const c = countPanels(
      inches(72),
      { flatWidthMm: inches(54), clothGsm: 250 },
      { fullness: 2, panels: null },
      usualEnds(rules),
      rules,
    );
    expect(c.panels).toBe(4);
    expect(c.fullness).toBeCloseTo((4 * 54 - 10) / 72, 9);
    expect(toIn(c.stackPerSideMm)).toBeCloseTo((2 * 54) / 5.5, 5);
  });
  it('a single draw may be odd and stacks on one side', () => {
    const c = countPanels(
      inches(72),
      { flatWidthMm: inches(54), clothGsm: 80 },
      { fullness: 2, panels: null },
      { ...usualEnds(rules), overlapMm: 0, draw: 'left' },
      rules,
    );
    expect(c.panels).toBe(3);
    expect(toIn(c.stackPerSideMm)).toBeCloseTo((3 * 54) / 9, 5);
  });
  it.each([
    [60, 9],
    [150, 7],
    [300, 5.5],
    [500, 4.5],
  ])('%d g/m² packs %d times', (clothGsm, packing) => {
    expect(
      toIn(
        countPanels(
          inches(60),
          { flatWidthMm: inches(50), clothGsm },
          { fullness: 2, panels: 2 },
          usualEnds(rules),
          rules,
        ).stackPerSideMm,
      ),
    ).toBeCloseTo(50 / packing, 5);
  });
  it('brackets widen together for the stack, and stop together where one side stops', () => {
    const cloth = { flatWidthMm: inches(54), clothGsm: 300 };
    const free = placeBrackets(
      {
        outerMm: inches(54),
        trims: { leftMm: inches(3), rightMm: inches(3) },
        roomMm: { leftMm: inches(60), rightMm: inches(60) },
        given: { leftMm: null, rightMm: null },
        ends: usualEnds(rules),
      },
      cloth,
      { fullness: 2, panels: null },
      rules,
    );
    expect(free.leftMm).toBeCloseTo(free.rightMm, 9);
    expect(free.leftMm + inches(3)).toBeGreaterThanOrEqual(free.count.stackPerSideMm - 1e-6);
    const held = placeBrackets(
      {
        outerMm: inches(54),
        trims: { leftMm: inches(3), rightMm: inches(3) },
        roomMm: { leftMm: inches(60), rightMm: inches(9) },
        given: { leftMm: null, rightMm: null },
        ends: usualEnds(rules),
      },
      cloth,
      { fullness: 2, panels: null },
      rules,
    );
    expect([toIn(held.leftMm), toIn(held.rightMm)]).toEqual([9, 9]);
  });
  it('a bracket by the corner is held, and the glass that stays covered is said', () => {
    const w = plan(
      opening(),
      dressing(),
      place({ roomMm: { leftMm: inches(2), rightMm: inches(40) } }),
      item({ kind: 'panel', widthMm: inches(54), heightMm: inches(108), clothGsm: 450 }),
    );
    expect(toIn(w.extensionLeftMm)).toBeCloseTo(2, 5);
    expect(codes(w)).toEqual(expect.arrayContaining(['bracket-held-by-neighbour', 'glass-covered']));
    expect(w.glassCoveredShare).toBeCloseTo(w.glassCoveredMm / w.glassWidthMm, 9);
  });
  it('too few panels look like a sheet', () =>
    expect(codes(plan(opening(), dressing({ panels: 1 })))).toContain('fullness-low'));
});

describe('landing', () => {
  it.each<[Landing, number]>([
    ['clear', 0.5],
    ['kiss', 0],
    ['break', -1],
    ['pool', -3],
  ])('%s is %d in', (landing, expected) => expect(toIn(landingMm(landing, rules))).toBe(expected));
  it.each([
    [0, 'kiss'],
    [0.125, 'kiss'],
    [-0.5, 'clear'],
    [1, 'break'],
    [2.5, 'pool'],
    [4, 'pool'],
    [9, 'fullPool'],
    [14, undefined],
    [-2, undefined],
  ])('%d in over the floor is %s', (overIn, name) =>
    expect(nameLanding(inches(overIn), rules)?.landing).toBe(name),
  );
});

describe('a floor that drops', () => {
  const sloped = (right: number) =>
    opening({ dropsMm: { left: inches(78), middle: inches(78 + right / 2), right: inches(78 + right) } });
  it('hems each panel to its own shortest drop', () => {
    const w = plan(sloped(1));
    expect([w.panelPlans[0]!, w.panelPlans[w.panels - 1]!].map((p) => toIn(p.finishedLengthMm))).toEqual([
      103.5, 104.375,
    ]);
    expect(codes(w)).toEqual(expect.arrayContaining(['hems-differ', 'kiss-over-uneven-floor']));
  });
  it('one length takes the shortest drop of all', () => {
    const w = plan(
      sloped(1),
      dressing(),
      place(),
      undefined,
      inchRules([{ ruleId: 'windows.unevenFloor', school: 'oneLength' }]),
    );
    expect(w.panelPlans.map((p) => toIn(p.finishedLengthMm))).toEqual(
      Array.from({ length: w.panels }, () => 103.5),
    );
  });
  it('a break hides up to its own size, and says so', () => {
    expect(codes(plan(sloped(0.75), dressing({ landing: 'break' })))).toContain('floor-hidden-by-landing');
    expect(codes(plan(sloped(2), dressing({ landing: 'break' })))).not.toContain('floor-hidden-by-landing');
  });
  it('an eighth is within the give of the hooks', () =>
    expect(codes(plan(sloped(0.125)))).toContain('floor-level'));
  it('unmeasured drops are said, not guessed away', () =>
    expect(codes(plan(opening({ dropsMm: null })))).toContain('floor-not-measured'));
});

describe('in centimetres', () => {
  it('uses round metric rules and half centimetre marks', () => {
    const file = bareRoom(cm(420), cm(360), cm(250), 'cm');
    const full = {
      ...file,
      openings: [
        opening({
          xMm: cm(140),
          widthMm: cm(120),
          sillMm: cm(80),
          heightMm: cm(130),
          trimMm: cm(6),
          dropsMm: null,
        }),
      ],
      looks: [{ ...file.looks[0]!, dressings: [dressing()] }],
    };
    const w = planLook(full, { lookId: 'look' }).windows[0]!;
    expect(w.rodHeightMm).toBeCloseTo(cm(242), 6);
    expect(w.finishedLengthMm).toBeCloseTo(cm(238), 6);
    expect(
      w.routes
        .filter((r) => r.stockMm !== null)
        .every((r) => cmRules().list('windows.stockLengths').includes(r.stockMm!)),
    ).toBe(true);
  });
});

describe('what cannot be', () => {
  it('a rod over the ceiling or under the frame is a stop', () => {
    expect(codes(plan(opening(), dressing({ rodHeightMm: inches(120) })))).toContain('rod-above-ceiling');
    expect(codes(plan(opening(), dressing({ rodHeightMm: inches(70) })))).toContain('rod-below-frame');
  });
  it('a rod at the floor gives no ways and no negative length in the drawing', () => {
    const w = plan(opening(), dressing({ rodHeightMm: inches(1) }));
    expect(codes(w)).toContain('length-not-positive');
    expect(w.routes).toEqual([]);
  });
  it('a pool with a wheelchair, a curtain over a radiator', () => {
    expect(codes(plan(opening(), dressing({ landing: 'pool' }), place({ wheelchair: true })))).toContain(
      'pool-on-wheels',
    );
    expect(
      codes(
        plan(
          opening(),
          dressing(),
          place({
            radiators: [{ id: 'r', name: 'R', xMm: inches(60), widthMm: inches(30), topMm: inches(24) }],
          }),
        ),
      ),
    ).toContain('curtain-on-radiator');
  });
});
