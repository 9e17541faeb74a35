import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { art, grouped } from '../../../tests/helpers/grouped';
import { codes, findings, fitting, hung, plan } from '../../../tests/helpers/hung';
import type { Fitting, HangingGroup, RoomFile } from '../model/types';
import { bareRoom, inches, item, piece, toIn } from '../../../tests/helpers/rooms';
import { stripPages, stripsOf } from './stripTemplate';
import { templateOf } from './templates';

describe('holes', () => {
  const holes = (...places: [number, number][]) =>
    places.map(([x, y], i) => ({ id: `hole${i}`, wallId: 'n', xMm: inches(x), heightMm: inches(y) }));
  const withHoles = (file: RoomFile, ...places: [number, number][]): RoomFile => ({
    ...file,
    room: { ...file.room, holes: holes(...places) },
  });
  it('an offered shift lands: the mark is then the hole’s own place', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 140, noNaN: true }),
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.double({ min: -2, max: 2, noNaN: true }),
        (x, dx, dy) => {
          const bare = hung([art('f0', 16, 20)], [{ xMm: inches(x) }]);
          const nail = plan(bare).hangings[0]!.nails[0]!;
          const file = withHoles(bare, [toIn(nail.xMm) + dx, toIn(nail.heightMm) + dy]);
          const { shift } = plan(file).hangings[0]!.holes;
          if (!shift) return;
          const look = file.looks[0]!;
          const h = plan(file).hangings[0]!;
          const moved = { ...look.hangings[0]!, xMm: h.xMm + shift.dxMm, centreMm: h.centreMm + shift.dyMm };
          const then = plan({ ...file, looks: [{ ...look, hangings: [moved] }] }).hangings[0]!;
          expect(then.holes.used).toEqual(['hole0']);
          expect(then.nails[0]).toEqual({
            xMm: file.room.holes[0]!.xMm,
            heightMm: file.room.holes[0]!.heightMm,
          });
          const open = (p: typeof h) =>
            p.findings.filter((f) => f.level === 'caution' || f.level === 'stop').length;
          expect(open(then)).toBeLessThanOrEqual(open(h));
        },
      ),
      { numRuns: 60 },
    );
  });
  it('none is offered that takes the centre out of the band, or the piece into another', () => {
    const single = hung([art('f0', 16, 20)], [{ xMm: inches(84), centreMm: inches(62) }]);
    const nail = plan(single).hangings[0]!.nails[0]!;
    const up = withHoles(single, [toIn(nail.xMm), toIn(nail.heightMm) + 1]);
    expect(plan(up).hangings[0]!.holes.shift).toBeNull();
    const down = withHoles(single, [toIn(nail.xMm), toIn(nail.heightMm) - 1]);
    expect(plan(down).hangings[0]!.holes.shift).toMatchObject({ uses: true });
    const two = hung([art('f0', 16, 20), art('f1', 16, 20)], [{ xMm: inches(84) }, { xMm: inches(101) }]);
    const second = plan(two).hangings[0]!.nails[0]!;
    const aside = withHoles(two, [toIn(second.xMm) + 2, toIn(second.heightMm)]);
    expect(plan(aside).hangings[0]!.holes.shift).toBeNull();
  });
  const kinds: HangingGroup['kind'][] = ['row', 'column', 'grid', 'hinged', 'pair', 'stair'];
  it.each(kinds)('a %s that is to use the wall’s holes moves as a whole', (kind) => {
    const sizes: [number, number][] = [
      [12, 10],
      [12, 10],
      [12, 10],
      [12, 10],
    ];
    const free = grouped(sizes, { kind }, {}, 120);
    const before = plan(free).hangings;
    const nail = before[1]!.nails[0]!;
    const there: [number, number] = [toIn(nail.xMm) + 1.25, toIn(nail.heightMm) + 0.75];
    const file = withHoles(grouped(sizes, { kind, reuseHoles: true }, {}, 120), there);
    const after = plan(file);
    expect(after.groups[0]!.holes.used).toEqual(['hole0']);
    after.hangings.forEach((h, i) => {
      expect(toIn(h.xMm - before[i]!.xMm)).toBeCloseTo(1.25, 4);
      expect(toIn(h.centreMm - before[i]!.centreMm)).toBeCloseTo(0.75, 4);
    });
    expect(after.hangings[1]!.nails[0]).toEqual({ xMm: inches(there[0]), heightMm: inches(there[1]) });
  });
  it('a group that is not to use them is offered the shift, as a whole', () => {
    const sizes: [number, number][] = [
      [12, 10],
      [12, 10],
    ];
    const bare = grouped(sizes);
    const nail = plan(bare).hangings[1]!.nails[0]!;
    const file = withHoles(bare, [toIn(nail.xMm) - 1, toIn(nail.heightMm)]);
    expect(plan(file).groups[0]!.holes.shift).toEqual({
      dxMm: expect.closeTo(-inches(1), 4),
      dyMm: expect.closeTo(0, 4),
      uses: true,
    });
    expect(plan(file).hangings.every((h) => h.holes.shift === null)).toBe(true);
    expect(codes(file, 'group')).toContain('hole-could-be-used');
  });
  it('what was typed stays', () => {
    const sizes: [number, number][] = [[12, 10]];
    const bare = grouped(sizes, { centreMm: inches(60) });
    const nail = plan(bare).hangings[0]!.nails[0]!;
    const file = withHoles(grouped(sizes, { centreMm: inches(60), reuseHoles: true }), [
      toIn(nail.xMm) + 1,
      toIn(nail.heightMm) + 1,
    ]);
    expect(toIn(plan(file).groups[0]!.centreMm)).toBe(60);
    expect(plan(file).groups[0]!.holes.used).toEqual([]);
  });
});

describe('over a tank', () => {
  const tank = (shelfIn: number, school?: string, tankIn = 34) =>
    ({
      ...bareRoom(inches(168), inches(144), inches(96)),
      rules: school ? [{ ruleId: 'walls.overTankSchool', school }] : [],
      fittings: [
        fitting('toilet', { xMm: inches(60), widthMm: inches(16), heightMm: inches(tankIn) }),
        fitting('shelf', {
          xMm: inches(58),
          widthMm: inches(20),
          bottomMm: inches(shelfIn),
          heightMm: inches(1),
        }),
      ],
    }) satisfies RoomFile;
  const told = (file: RoomFile) => findings(file, 'shelf').find((f) => f.code.startsWith('shelf-over-tank'))!;
  it('is measured to the lower edge, by the school, and told too high as too low', () => {
    expect(told(tank(58)).code).toBe('shelf-over-tank');
    expect(told(tank(57))).toMatchObject({ code: 'shelf-over-tank-off', by: { direction: 'low' } });
    expect(told(tank(59))).toMatchObject({ code: 'shelf-over-tank-off', by: { direction: 'high' } });
    expect(told(tank(54, 'floor')).code).toBe('shelf-over-tank');
    expect(told(tank(39, 'tankBottom')).code).toBe('shelf-over-tank');
    expect(told(tank(58, 'floor')).code).toBe('shelf-over-tank-off');
  });
  it('keeps all three readings', () => {
    const { by } = told(tank(58));
    expect([by.tankTopMm, by.floorMm, by.tankBottomMm].map((mm) => toIn(Number(mm)))).toEqual([58, 54, 39]);
    expect(by.part).toBe('yes');
  });
});

describe('cables', () => {
  const socket = (id: string, xIn: number, heightIn = 12): Fitting =>
    fitting('socket', {
      id,
      xMm: inches(xIn),
      widthMm: inches(3),
      bottomMm: inches(heightIn),
      heightMm: inches(4),
    });
  const near = (xIn: number, nailIn: number) =>
    codes(
      hung([art('f0', 10, 8)], [{ xMm: inches(xIn), centreMm: inches(nailIn - 3) }], {
        fittings: [socket('a', 20, 60), socket('b', 120, 60)],
      }),
      'h0',
    ).includes('cable-zone');
  it('run up from a socket, and across from one to the next at their height', () => {
    expect(near(21, 80)).toBe(true);
    expect(near(70, 62)).toBe(true);
    // 60 to 64 in, six to each side
    expect([near(70, 53.5), near(70, 54.5), near(70, 69.5), near(70, 70.5)]).toEqual([
      false,
      true,
      true,
      false,
    ]);
    expect(near(140, 62)).toBe(false);
  });
});

describe('seats, screens and prints', () => {
  const seat = (id: string, xIn: number, yIn: number) =>
    piece({
      id,
      name: id,
      kind: 'armchair',
      seat: null,
      xMm: inches(xIn),
      yMm: inches(yIn),
      widthMm: inches(30),
      depthMm: inches(30),
    });
  const tv = fitting('tv', {
    wallId: 'n',
    xMm: inches(60),
    widthMm: inches(48),
    bottomMm: inches(56),
    heightMm: inches(28),
  });
  const told = (...pieces: ReturnType<typeof seat>[]) =>
    findings({ ...bareRoom(inches(168), inches(144), inches(96)), pieces, fittings: [tv] }, 'tv').filter(
      (f) => f.code.startsWith('tv-'),
    );
  it('every seat is judged for the screen, not the nearest alone', () => {
    // the middle is 28 in over the seated eye: 15° from 104.5 in on
    expect(told(seat('far', 84, 120)).map((f) => f.code)).toEqual(['tv-height-good']);
    expect(
      told(seat('far', 84, 120), seat('near', 84, 60), seat('side', 150, 40)).map((f) => [f.code, f.by.seat]),
    ).toEqual([
      ['tv-too-high', 'near'],
      ['tv-too-high', 'side'],
    ]);
  });
  const print = {
    itemId: null,
    sheetWidthMm: inches(10),
    sheetHeightMm: inches(8),
    pxWide: 2000,
    pxHigh: 1600,
  };
  const dots = (yIn: number) => {
    const file = hung([art('f0', 16, 14)], [{ xMm: inches(84), print }], {
      pieces: [seat('chair', 84, yIn)],
    });
    return findings(file, 'h0').find((f) => f.code.startsWith('print-pixels'))!;
  };
  it('a print that somebody sits close to needs the finer dots', () => {
    // 200 dots to the inch: enough across a room, not close by
    expect(dots(120)).toMatchObject({ code: 'print-pixels-good', rule: 'walls.dpiRoom' });
    expect(dots(40)).toMatchObject({ code: 'print-pixels-short', rule: 'walls.dpiClose', by: { want: 300 } });
  });
  it('the two schools of a gallery’s height are told over furniture too', () => {
    const file = grouped(
      [
        [16, 12],
        [16, 12],
        [16, 12],
      ],
      { overPieceId: 'p1' },
      { pieces: [piece()] },
      120,
    );
    expect(codes(file, 'group')).toContain('group-schools-part');
    expect(plan(file).groups[0]!.schools.part).toBe(true);
  });
});

describe('the strip template', () => {
  const file = grouped(
    [
      [36, 24],
      [12, 16],
      [20, 20],
    ],
    { kind: 'row' },
  );
  const template = templateOf(file, file.looks[0]!, plan(file), { groupId: 'group' })!;
  const strips = stripsOf(template);
  it('has every corner, centre and nail, where they are on the wall', () => {
    const marks = strips.flatMap((s) => s.marks);
    for (const h of plan(file).hangings) {
      const has = (kind: string, xMm: number, heightMm: number) =>
        marks.some((m) => m.kind === kind && Math.hypot(m.wallXMm - xMm, m.wallHeightMm - heightMm) < 0.01);
      for (const side of [-0.5, 0.5])
        for (const edge of [h.topMm, h.bottomMm])
          expect(has('corner', h.xMm + side * h.widthMm, edge)).toBe(true);
      expect(has('centre', h.xMm, h.centreMm)).toBe(true);
      for (const nail of h.nails) expect(has('nail', nail.xMm, nail.heightMm)).toBe(true);
    }
  });
  it('has a strip for each gap, as long as the gap', () => {
    expect(strips.filter((s) => s.kind === 'between').map((s) => [s.along, toIn(s.lengthMm)])).toEqual([
      ['across', 2.5],
      ['across', 2.5],
    ]);
  });
  it('is cut so that every mark is on a piece, and the pieces overlap', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 400 }), fc.integer({ min: 1, max: 8 }), (lengthMm, perPage) => {
        const pages = stripPages(strips, { lengthMm, strips: perPage }, 12);
        const pieces = pages.flat();
        expect(pages.every((page) => page.length <= perPage)).toBe(true);
        for (const strip of strips) {
          const parts = pieces.filter((p) => p.strip === strip);
          expect(parts[0]!.fromMm).toBe(0);
          expect(parts.at(-1)!.toMm).toBeCloseTo(strip.lengthMm, 6);
          for (const mark of strip.marks)
            expect(parts.some((p) => mark.atMm >= p.fromMm - 0.01 && mark.atMm <= p.toMm + 0.01)).toBe(true);
          parts.slice(1).forEach((p, i) => expect(parts[i]!.toMm - p.fromMm).toBeGreaterThanOrEqual(11.99));
        }
      }),
    );
  });
});

describe('panels', () => {
  it('rest a week, on the wall and in the list of what has to be done', () => {
    const file = hung(
      [item({ id: 'f0', kind: 'wallPanel', widthMm: inches(20), heightMm: inches(20) })],
      [{}],
    );
    expect(findings(file, 'h0').find((f) => f.code === 'panels-acclimatise')!.by.days).toBe(7);
  });
});
