import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inches, inchRules, toIn } from '../../../../tests/helpers/rooms';
import { gapsRound, snapHanging, type SnapBox, type SnapPlace } from './snap';

const rules = inchRules();

describe('a dragged piece', () => {
  const box = (more: Partial<SnapBox> = {}): SnapBox => ({
    id: 'me',
    name: 'Me',
    xMm: inches(80),
    centreMm: inches(59.6),
    widthMm: inches(20),
    heightMm: inches(16),
    ...more,
  });
  const place = (more: Partial<SnapPlace> = {}): SnapPlace => ({
    wallLengthMm: inches(200),
    overPiece: null,
    others: [],
    quarterMm: null,
    axes: [],
    holes: [],
    nails: [],
    ...more,
  });
  const whys = (b: SnapBox, p: SnapPlace) => snapHanging(b, p, rules).guides.map((g) => g.why);
  it('goes to the centre height, to the gap over furniture, to its middle, each by its name', () => {
    expect(snapHanging(box(), place(), rules)).toMatchObject({
      centreMm: inches(60),
      guides: [{ why: 'centre' }],
    });
    const overPiece = { name: 'Sofa', isBed: false, xMm: inches(40), widthMm: inches(81), topMm: inches(34) };
    expect(whys(box({ centreMm: inches(34 + 6 + 8.3) }), place({ overPiece }))).toEqual(['axis', 'gap']);
  });
  it('keeps the group’s gap to a neighbour and shares its centre', () => {
    const other: SnapBox = {
      ...box(),
      id: 'o',
      name: 'Other',
      xMm: inches(57),
      centreMm: inches(70),
      heightMm: inches(24),
    };
    const s = snapHanging(
      box({ centreMm: inches(69.5), xMm: inches(79.9) }),
      place({ others: [other] }),
      rules,
    );
    expect([toIn(s.xMm), toIn(s.centreMm), s.guides.map((g) => g.why)]).toEqual([
      79.5,
      70,
      ['groupGap', 'neighbourCentre'],
    ]);
  });
  it('between one above and one below it finds equal gaps, of any heights', () => {
    const boxAt = (id: string, centreIn: number, heightIn: number): SnapBox => ({
      ...box(),
      id,
      name: id,
      centreMm: inches(centreIn),
      heightMm: inches(heightIn),
    });
    // from 30 + 5 up to 80 − 7: the middle of what is free is 54
    const others = [boxAt('low', 30, 10), boxAt('high', 80, 14)];
    const near = snapHanging(box({ centreMm: inches(54.6) }), place({ others }), rules);
    expect(toIn(near.centreMm)).toBe(54);
    const guide = near.guides.find((g) => g.why === 'equalGaps');
    expect(guide?.of).toBe('low, high');
    expect(toIn(guide?.byMm ?? 0)).toBe(11);
    // too far off to be drawn there, and nothing to halve without one of the two
    expect(toIn(snapHanging(box({ centreMm: inches(56.5) }), place({ others }), rules).centreMm)).not.toBe(
      54,
    );
    const alone = snapHanging(box({ centreMm: inches(54.6) }), place({ others: [others[0]!] }), rules);
    expect(alone.guides.map((g) => g.why)).not.toContain('equalGaps');
    // where there is no room between them it does not squeeze in
    const tight = [boxAt('low', 46, 10), boxAt('high', 62, 14)];
    const whysOf = snapHanging(box({ centreMm: inches(53.2) }), place({ others: tight }), rules).guides;
    expect(whysOf.map((g) => g.why)).not.toContain('equalGaps');
  });
  it('between two neighbours it finds equal gaps', () => {
    const boxAt = (id: string, x: number): SnapBox => ({ ...box(), id, xMm: inches(x), widthMm: inches(10) });
    const s = snapHanging(
      box({ xMm: inches(80.4) }),
      place({ others: [boxAt('l', 40), boxAt('r', 120)] }),
      rules,
    );
    expect(toIn(s.xMm)).toBe(80);
    expect(s.guides.map((g) => g.why)).toContain('equalGaps');
  });
  it('across a screen it finds the distance of the piece on the other side', () => {
    const other: SnapBox = {
      ...box(),
      id: 'o',
      name: 'Other',
      xMm: inches(40),
      widthMm: inches(14),
      centreMm: inches(60),
    };
    const axes = [{ name: 'Screen', xMm: inches(68), flanked: true }];
    const s = snapHanging(box({ xMm: inches(99.6) }), place({ others: [other], axes }), rules);
    // 28 to its middle less 7 leave 21; 21 and half of 20 on this side
    expect([toIn(s.xMm), s.guides[0]!.why, toIn(s.guides[0]!.byMm)]).toEqual([99, 'mirrored', 21]);
    // drawn from the near edge of the one to the near edge of the other
    const { from, to } = s.guides[0]!;
    expect([toIn(from.xMm), toIn(to.xMm)]).toEqual([47, 89]);
    expect(whys(box({ xMm: inches(101) }), place({ others: [other], axes }))).not.toContain('mirrored');
  });
  it('a nail falls into a hole that is near', () => {
    const s = snapHanging(
      box(),
      place({ holes: [{ xMm: inches(80.2), heightMm: inches(66) }], nails: [{ dxMm: 0, dyMm: inches(6) }] }),
      rules,
    );
    expect([toIn(s.xMm), toIn(s.centreMm), s.guides[0]!.why]).toEqual([80.2, 60, 'hole']);
  });
  it('is left alone where no rule is near, and never moved further than the rule reaches', () => {
    expect(whys(box({ centreMm: inches(80) }), place())).toEqual([]);
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 4500 }), fc.integer({ min: 300, max: 2300 }), (x, y) => {
        const s = snapHanging(
          box({ xMm: x, centreMm: y }),
          place({
            overPiece: { name: 'Bed', isBed: true, xMm: 900, widthMm: 1500, topMm: 1100 },
            others: [{ ...box(), id: 'o', xMm: 3000 }],
          }),
          rules,
        );
        expect(Math.abs(s.xMm - x)).toBeLessThanOrEqual(inches(1) + 1e-6);
        expect(Math.abs(s.centreMm - y)).toBeLessThanOrEqual(inches(1) + 1e-6);
      }),
    );
  });
  it('tells the gap to what faces it on each side', () => {
    const boxAt = (id: string, x: number, y: number): SnapBox => ({
      ...box(),
      id,
      xMm: inches(x),
      centreMm: inches(y),
      widthMm: inches(10),
      heightMm: inches(10),
    });
    expect(
      gapsRound(box({ centreMm: inches(60) }), [
        boxAt('l', 50, 60),
        boxAt('far', 30, 60),
        boxAt('u', 80, 80),
      ]).map((g) => [g.side, toIn(g.gapMm), g.other.id]),
    ).toEqual([
      ['left', 15, 'l'],
      ['up', 7, 'u'],
    ]);
  });
});
