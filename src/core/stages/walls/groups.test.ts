import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  cm,
  fittingOf,
  hanging,
  inches,
  inchRules,
  item,
  piece,
  toIn,
} from '../../../../tests/helpers/rooms';
import { applyChange } from '../../model/change';
import { GROUP } from '../../model/defaults';
import type { Hanging, HangingGroup, Item, RoomFile } from '../../model/types';
import { planLook } from '../../plan/planLook';
import { layOut, outlineOf, usualColumns, type LayoutAsk, type Sized } from './layout';
import { planMat, planPixels } from './prints';
import { gapsRound, snapHanging, type SnapBox, type SnapPlace } from './snap';
import { hookClass } from './wire';

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
const grouped = (
  sizes: [number, number][],
  g: Partial<HangingGroup> = {},
  more: Partial<RoomFile> = {},
  ceilingIn = 96,
): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(ceilingIn));
  return {
    ...base,
    items: sizes.map(([w, h], i) => art(`f${i}`, w, h)),
    ...more,
    looks: [
      {
        ...base.looks[0]!,
        groups: [{ ...GROUP, id: 'group', name: 'Group', wallId: 'n', kind: 'row', ...g }],
        hangings: sizes.map((_, i) => hanging({ id: `h${i}`, itemId: `f${i}`, groupId: 'group' })),
      },
    ],
  };
};
const planOf = (file: RoomFile) => planLook(file, { lookId: 'look' });

describe('the height of a whole put by hand', () => {
  const said = (centreIn: number) =>
    planOf(
      grouped(
        [
          [16, 12],
          [16, 12],
          [16, 12],
        ],
        { centreMm: inches(centreIn) },
        {},
        108,
      ),
    )
      .groups[0]!.findings.filter((f) => f.code.startsWith('centre-'))
      .map((f) => [f.code, f.level]);
  it('is right by either school, and told outside the band', () => {
    expect(said(60)).toEqual([['centre-as-wished', 'ok']]);
    expect(said(67.5)).toEqual([['centre-as-wished', 'ok']]);
    expect(said(71)).toEqual([['centre-yielded', 'caution']]);
  });
});

describe('under a slope', () => {
  const base = bareRoom(inches(168), inches(144), inches(96));
  const eaves = { room: { ...base.room, slopes: [{ wallId: 'e', lowMm: inches(36), runMm: inches(60) }] } };
  const row = (g: Partial<HangingGroup>) =>
    planOf(
      grouped(
        [
          [16, 12],
          [16, 12],
        ],
        g,
        eaves,
      ),
    );
  it('a whole takes its height from what is over its own width', () => {
    // its right end is 138 in along, 30 in from the low wall: 66 in high there, 4 in of it kept clear
    expect(toIn(row({ xMm: inches(120.75) }).groups[0]!.topMm)).toBeCloseTo(62, 1);
    expect(toIn(row({ xMm: inches(60) }).groups[0]!.centreMm)).toBe(60);
  });
  it('each of its pieces is held to the ceiling over itself', () => {
    const of = (x: number) =>
      row({ xMm: inches(x), centreMm: inches(60) }).hangings.map((h) =>
        h.findings.some((f) => f.code === 'picture-over-ceiling'),
      );
    expect(of(135)).toEqual([false, true]);
    expect(of(60)).toEqual([false, false]);
  });
});

describe('over who sleeps or sits', () => {
  const base = bareRoom(inches(168), inches(144), inches(96));
  const bed = (xIn: number) => ({
    pieces: [
      piece({
        id: 'bed',
        name: 'Bed',
        kind: 'bed',
        seat: null,
        bed: { mattressMm: inches(22), headboardMm: inches(40), footboardMm: 0 },
        xMm: inches(xIn),
        yMm: inches(40),
        widthMm: inches(62),
        depthMm: inches(80),
        heightMm: inches(40),
      }),
    ],
  });
  const two = (more: Partial<RoomFile>, g: Partial<HangingGroup> | null) => {
    const file = grouped(
      [
        [16, 12],
        [16, 12],
      ],
      g ?? {},
      more,
    );
    const hung = g
      ? file
      : {
          ...file,
          looks: [
            {
              ...file.looks[0]!,
              groups: [],
              hangings: file.looks[0]!.hangings.map((h, i) => ({
                ...h,
                groupId: null,
                xMm: inches(70 + 20 * i),
              })),
            },
          ],
        };
    return planOf(hung).hangings.map((h) => [
      h.twoPoints,
      h.findings.find((f) => f.code === 'two-points')?.by.why,
    ]);
  };
  it('every piece of a group over a bed wants two points, and so does one that merely hangs there', () => {
    expect(two(bed(84), { overPieceId: 'bed' })).toEqual([
      [true, 'over'],
      [true, 'over'],
    ]);
    expect(two(bed(84), null)).toEqual([
      [true, 'over'],
      [true, 'over'],
    ]);
    // the bed's left side is 81 in along: the first piece ends at 78
    expect(two(bed(112), null)).toEqual([
      [false, undefined],
      [true, 'over'],
    ]);
    expect(two({ room: base.room }, null)).toEqual([
      [false, undefined],
      [false, undefined],
    ]);
  });
});

describe('under a crown', () => {
  const base = bareRoom(inches(168), inches(144), inches(96));
  const crown = (mm: number) => ({ room: { ...base.room, crownMm: mm } });
  it('the clear space is kept under it, and it is what is named; the wall is as high as before', () => {
    const tall = (mm: number) =>
      planOf(
        grouped(
          [
            [16, 70],
            [16, 70],
          ],
          {},
          crown(mm),
        ),
      );
    expect([tall(0), tall(inches(6))].map((p) => toIn(p.groups[0]!.topMm))).toEqual([92, 86]);
    expect(tall(inches(6)).groups[0]!.findings.find((f) => f.code === 'ceiling-yielded')!.by).toMatchObject({
      other: 'crown',
    });
    expect([tall(0), tall(inches(6))].map((p) => toIn(p.groups[0]!.schools.quarterMm))).toEqual([60, 60]);
    const into = planOf(
      grouped(
        [
          [16, 12],
          [16, 12],
        ],
        { centreMm: inches(86) },
        crown(inches(6)),
      ),
    ).hangings[0]!.findings.find((f) => f.code === 'picture-over-ceiling')!;
    expect([toIn(Number(into.by.byMm)), into.by.what]).toEqual([2, 'crown']);
  });
  it('is drawn along the level ceiling in the colour of the trim, and seen as such', () => {
    const drawn = (more: Partial<RoomFile['room']>) =>
      planLook({ ...base, room: { ...base.room, crownMm: inches(6), ...more } }, { lookId: 'look' })
        .elevations[0]!.shapes.filter((s) => s.key.startsWith('trim:crown'))
        .map((s) => [toIn(s.box.xMm), toIn(s.box.yMm), toIn(s.box.widthMm), toIn(s.box.heightMm)]);
    expect(drawn({})).toEqual([[0, 90, 168, 6]]);
    expect(drawn({ slopes: [{ wallId: 'e', lowMm: inches(36), runMm: inches(60) }] })).toEqual([
      [0, 90, 108, 6],
    ]);
    expect(drawn({ crownMm: 0 })).toEqual([]);
  });
});

describe('layouts by their order', () => {
  const ask = (more: Partial<LayoutAsk>): LayoutAsk => ({
    kind: 'row',
    hinge: 'centres',
    gapMm: 60,
    columns: null,
    pitchDeg: 30,
    apartMm: null,
    ...more,
  });
  const size = fc.record({
    widthMm: fc.integer({ min: 50, max: 900 }),
    heightMm: fc.integer({ min: 50, max: 900 }),
  });
  const sized = fc
    .array(size, { minLength: 1, maxLength: 16 })
    .map((all): Sized[] => all.map((s, i) => ({ id: `p${i}`, ...s })));
  it('never lie over one another, and the outline’s middle is at nought', () => {
    fc.assert(
      fc.property(
        sized,
        fc.constantFrom(
          'row' as const,
          'column' as const,
          'grid' as const,
          'stair' as const,
          'hinged' as const,
        ),
        fc.constantFrom('tops' as const, 'centres' as const, 'bottoms' as const, 'line' as const),
        (pieces, kind, hinge) => {
          const at = layOut(pieces, ask({ kind, hinge }));
          const o = outlineOf(pieces, at);
          expect([o.leftMm + o.rightMm, o.bottomMm + o.topMm].every((n) => Math.abs(n) < 1e-6)).toBe(true);
          pieces.forEach((p, i) =>
            pieces.slice(i + 1).forEach((q) => {
              const [a, b] = [at.get(p.id)!, at.get(q.id)!];
              expect(
                Math.max(
                  Math.abs(a.dxMm - b.dxMm) - (p.widthMm + q.widthMm) / 2,
                  Math.abs(a.dyMm - b.dyMm) - (p.heightMm + q.heightMm) / 2,
                ),
              ).toBeGreaterThanOrEqual(60 - 1e-6);
            }),
          );
        },
      ),
    );
  });
  it('a row keeps equal gaps; hinged pieces share their tops, middles or bottoms', () => {
    fc.assert(
      fc.property(
        sized,
        fc.constantFrom('tops' as const, 'centres' as const, 'bottoms' as const),
        (pieces, hinge) => {
          const at = layOut(pieces, ask({ kind: 'hinged', hinge }));
          pieces
            .slice(1)
            .forEach((p, i) =>
              expect(
                at.get(p.id)!.dxMm - p.widthMm / 2 - at.get(pieces[i]!.id)!.dxMm - pieces[i]!.widthMm / 2,
              ).toBeCloseTo(60, 6),
            );
          const line = pieces.map(
            (p) => at.get(p.id)!.dyMm + ({ tops: 1, centres: 0, bottoms: -1 }[hinge] * p.heightMm) / 2,
          );
          for (const l of line) expect(l).toBeCloseTo(line[0]!, 6);
        },
      ),
    );
  });
  it('a stair rises with its pitch', () => {
    const pieces = [0, 1, 2].map((i) => ({ id: `p${i}`, widthMm: 200, heightMm: 300 }));
    const at = layOut(pieces, ask({ kind: 'stair', pitchDeg: 37 }));
    expect((at.get('p2')!.dyMm - at.get('p0')!.dyMm) / (at.get('p2')!.dxMm - at.get('p0')!.dxMm)).toBeCloseTo(
      Math.tan((37 * Math.PI) / 180),
      9,
    );
  });
  it('pairs are as far from the axis on both sides, at one height', () => {
    const at = layOut(
      [
        { id: 'a', widthMm: 300, heightMm: 400 },
        { id: 'b', widthMm: 200, heightMm: 500 },
      ],
      ask({ kind: 'pair', apartMm: 700 }),
    );
    expect([at.get('a')!.dxMm + 150, at.get('b')!.dxMm - 100]).toEqual([-700, 700]);
    expect(at.get('a')!.dyMm).toBe(at.get('b')!.dyMm);
  });
  it('grids are as square as their count allows', () =>
    expect([1, 2, 4, 5, 6, 9, 12].map(usualColumns)).toEqual([1, 2, 2, 3, 3, 3, 4]));
});

describe('a group as a whole', () => {
  it('obeys the furniture’s width share together, and hangs over it by its gap', () => {
    const plan = planOf(
      grouped(
        [
          [16, 20],
          [16, 20],
          [16, 20],
        ],
        { overPieceId: 'p1' },
        { pieces: [piece()] },
      ),
    );
    const g = plan.groups[0]!;
    expect(toIn(g.widthMm)).toBe(53);
    expect(g.widthShare).toBeCloseTo(53 / 84, 6);
    expect(plan.findings.map((f) => f.code)).toEqual(
      expect.arrayContaining(['width-share-good', 'group-gaps-even']),
    );
    expect(toIn(g.aboveMm!)).toBeGreaterThanOrEqual(6);
    // its pieces are not judged one by one
    expect(plan.findings.filter((f) => f.code === 'width-share-off')).toEqual([]);
  });
  it.each([
    [96, 60, 60],
    [108, 60, 67.5],
    [120, 60, 75],
  ])('on a %d in wall the schools say %d and %d', (ceiling, single, quarter) => {
    const of = (school: string) =>
      planOf({
        ...grouped(
          [
            [16, 20],
            [16, 20],
          ],
          {},
          {},
          ceiling,
        ),
        rules: [{ ruleId: 'walls.gallerySchool', school }],
      }).groups[0]!;
    expect(toIn(of('asSingle').centreMm)).toBe(single);
    expect(toIn(of('quarter').centreMm)).toBe(quarter);
    expect(of('asSingle').schools.part).toBe(quarter - single > 2);
  });
  it('follows when its furniture moves, and when a piece is exchanged for a larger one', () => {
    const file = grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { overPieceId: 'p1' },
      { pieces: [piece()] },
    );
    const before = planOf(file);
    const moved = planOf(applyChange(file, { do: 'putPiece', piece: piece({ xMm: inches(94) }) }));
    for (const h of before.hangings)
      expect(toIn(moved.hangings.find((x) => x.hangingId === h.hangingId)!.xMm - h.xMm)).toBeCloseTo(10, 6);
    const larger = planOf({
      ...file,
      items: file.items.map((i) => (i.id === 'f0' ? { ...i, widthMm: inches(24) } : i)),
    });
    expect(larger.groups[0]!.gapsMm.map(toIn)).toEqual([2.5]);
  });
  it('flanks a screen: same height, same distance from its middle', () => {
    const tv = fittingOf({
      id: 'tv',
      kind: 'tv',
      xMm: inches(60),
      widthMm: inches(48),
      bottomMm: inches(36),
      heightMm: inches(28),
    });
    const plan = planOf(
      grouped(
        [
          [12, 16],
          [12, 16],
        ],
        { kind: 'pair', axisId: 'tv' },
        { fittings: [tv] },
      ),
    );
    const [a, b] = plan.hangings as [(typeof plan.hangings)[0], (typeof plan.hangings)[0]];
    expect(toIn(a.centreMm)).toBe(50);
    expect(a.centreMm).toBe(b.centreMm);
    expect(toIn(84 * 25.4 - a.xMm)).toBeCloseTo(toIn(b.xMm - 84 * 25.4), 6);
  });
  it('takes its pitch from the stair on its wall, down to the left where that goes so', () => {
    const stair = fittingOf({
      id: 's',
      kind: 'stairs',
      rises: 'left',
      xMm: inches(20),
      widthMm: inches(120),
      bottomMm: 0,
      heightMm: inches(90),
    });
    const plan = planOf(
      grouped(
        [
          [10, 10],
          [10, 10],
          [10, 10],
        ],
        { kind: 'stair' },
        { fittings: [stair] },
        200,
      ),
    );
    const [a, , c] = plan.hangings;
    expect((c!.centreMm - a!.centreMm) / (c!.xMm - a!.xMm)).toBeCloseTo(-0.75, 6);
  });
  it('taken apart, its pieces stay; removed furniture leaves it on the wall', () => {
    const file = grouped(
      [
        [16, 20],
        [16, 20],
      ],
      { overPieceId: 'p1' },
      { pieces: [piece()] },
    );
    expect(
      applyChange(file, { do: 'removeGroup', lookId: 'look', id: 'group' }).looks[0]!.hangings.map(
        (h) => h.groupId,
      ),
    ).toEqual([null, null]);
    expect(applyChange(file, { do: 'removePiece', id: 'p1' }).looks[0]!.groups[0]!.overPieceId).toBeNull();
  });
  it('a grid says how many places stay empty, and that an odd one has no middle line', () => {
    const counted = (count: number, columns: number | null) =>
      planOf(
        grouped(
          Array.from({ length: count }, () => [8, 8] as [number, number]),
          { kind: 'grid', columns },
        ),
      ).groups[0]!.findings.find((f) => f.code === 'group-count')?.by.holes;
    expect(
      [
        [4, null],
        [6, null],
        [9, null],
        [10, 4],
        [5, null],
        [3, 7],
      ].map(([n, c]) => counted(n!, c ?? null)),
    ).toEqual([undefined, undefined, 0, 2, 1, 0]);
  });
  it('an empty group, one of a piece, and sixty pieces are planned', () => {
    for (const n of [0, 1, 60])
      expect(
        planOf(
          grouped(
            Array.from({ length: n }, () => [6, 8]),
            { kind: 'grid' },
            {},
            300,
          ),
        ).groups[0]!.members.size,
      ).toBe(n);
  });
});

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
    over: null,
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
    const over = { name: 'Sofa', isBed: false, xMm: inches(40), widthMm: inches(81), topMm: inches(34) };
    expect(whys(box({ centreMm: inches(34 + 6 + 8.3) }), place({ over }))).toEqual(['axis', 'gap']);
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
  it('between two neighbours it finds equal gaps', () => {
    const at = (id: string, x: number): SnapBox => ({ ...box(), id, xMm: inches(x), widthMm: inches(10) });
    const s = snapHanging(box({ xMm: inches(80.4) }), place({ others: [at('l', 40), at('r', 120)] }), rules);
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
            over: { name: 'Bed', isBed: true, xMm: 900, widthMm: 1500, topMm: 1100 },
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
    const at = (id: string, x: number, y: number): SnapBox => ({
      ...box(),
      id,
      xMm: inches(x),
      centreMm: inches(y),
      widthMm: inches(10),
      heightMm: inches(10),
    });
    expect(
      gapsRound(box({ centreMm: inches(60) }), [at('l', 50, 60), at('far', 30, 60), at('u', 80, 80)]).map(
        (g) => [g.side, toIn(g.gapMm), g.other.id],
      ),
    ).toEqual([
      ['left', 15, 'l'],
      ['up', 7, 'u'],
    ]);
  });
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
    const after = one({ xMm: h.xMm + h.holes.shift!.dxMm, centreMm: h.centreMm + h.holes.shift!.dyMm }, {}, [
      hole,
    ]);
    expect(after.holes.used).toEqual(['hole']);
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
