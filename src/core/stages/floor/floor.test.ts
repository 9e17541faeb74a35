import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  cmRules,
  demoRoom,
  inchRules,
  inches,
  opening,
  piece,
  toIn,
} from '../../../../tests/helpers/rooms';
import type { Piece, RoomFile } from '../../model/types';
import { wallsOf } from '../../room/walls';
import { planWholeFloor } from './planFloor';
import { bordersOf, tuckOf } from './rugs';
import { cutFloor } from './ways/cutFloor';
import type { Obstacle } from './ways/gates';
import { narrowWays } from './ways/ways';
import type { Aim } from './ways/zones';

const box = (
  id: string,
  [x, y]: readonly [number, number],
  [w, d]: readonly [number, number],
  more: Partial<Piece> = {},
): Piece =>
  piece({
    id,
    name: id,
    kind: 'chest',
    seat: null,
    xMm: x,
    yMm: y,
    widthMm: w,
    depthMm: d,
    heightMm: 500,
    ...more,
  });
const plan = (file: RoomFile, rules = inchRules()) => planWholeFloor(file, wallsOf(file.room), rules);
const codes = (file: RoomFile) => plan(file).findings.map((f) => f.code);

describe('ways across the floor', () => {
  const outline = [
    { xMm: 0, yMm: 0 },
    { xMm: 4000, yMm: 0 },
    { xMm: 4000, yMm: 3000 },
    { xMm: 0, yMm: 3000 },
  ];
  const rect = (id: string, x: number, y: number, w: number, d: number): Obstacle => ({
    id,
    name: id,
    wall: false,
    topMm: 2000,
    shape: [
      { xMm: x, yMm: y },
      { xMm: x + w, yMm: y },
      { xMm: x + w, yMm: y + d },
      { xMm: x, yMm: y + d },
    ],
  });
  const walls: Obstacle[] = outline.map((p, i) => ({
    id: `w${i}`,
    name: '',
    wall: true,
    topMm: 2000,
    shape: [p, outline[(i + 1) % 4]!],
  }));
  const aimAt = (id: string, x: number, y: number): Aim => ({
    id,
    name: id,
    shape: [
      { xMm: x, yMm: y },
      { xMm: x, yMm: y },
    ],
    reachMm: 200,
  });
  const narrow = (gapMm: number, other = 0) =>
    narrowWays(
      cutFloor(
        outline,
        [...walls, rect('a', 0, 1400, 1500, 200), rect('b', 1500 + gapMm, 1400, 2500 - gapMm - other, 200)],
        760,
      ),
      [aimAt('door', 2000, 2800)],
      [aimAt('seat', 2000, 200)],
    );
  it('the gap between two things is told to the millimetre, whatever the grid', () => {
    fc.assert(
      fc.property(fc.integer({ min: 120, max: 759 }), (gap) => {
        const [found] = narrow(gap);
        expect(found!.gate!.mm).toBeCloseTo(gap, 6);
        expect(found!.gate!.between).toEqual(['a', 'b']);
      }),
      { numRuns: 25 },
    );
  });
  it('wide enough is wide enough, to the millimetre', () => {
    expect(narrow(760)).toEqual([]);
    expect(narrow(759.5).length).toBe(1);
  });
  it('one goes by the wider of two ways', () => {
    expect(narrow(300, 900)).toEqual([]);
    expect(narrow(300, 500)[0]!.gate!.mm).toBeCloseTo(500, 6);
    expect(narrow(500, 300)[0]!.gate!.between).toEqual(['a', 'b']);
  });
  it('where nothing is left open there is no way', () => {
    expect(narrow(0)[0]!.gate).toBeNull();
  });
  it('without an entrance nothing is asked', () => {
    expect(narrowWays(cutFloor(outline, walls, 760), [], [aimAt('seat', 1, 1)])).toEqual([]);
  });
  it('a turned piece narrows the way by its nearest corner', () => {
    const turned: Obstacle = {
      id: 't',
      name: 't',
      wall: false,
      topMm: 2000,
      shape: [
        { xMm: 2000, yMm: 800 },
        { xMm: 3300, yMm: 1500 },
        { xMm: 2000, yMm: 2200 },
        { xMm: 700, yMm: 1500 },
      ],
    };
    expect(
      narrowWays(
        cutFloor(outline, [...walls, turned], 760),
        [aimAt('door', 2000, 2800)],
        [aimAt('seat', 2000, 200)],
      )[0]!.gate!.mm,
    ).toBeCloseTo(700, 6);
  });
});

describe('rugs', () => {
  it('the tuck is told for a turned sofa as for a straight one', () => {
    for (const turnDeg of [0, 90, 225]) {
      const sofa = piece({ xMm: 0, yMm: 0, turnDeg, widthMm: 2000, depthMm: 900 });
      const a = ((turnDeg + 180) * Math.PI) / 180;
      // a rug 1500 deep whose back edge lies 300 behind the sofa's front
      const wrong = 450 - 300 + 750;
      const rug = box('rug', [Math.sin(a) * wrong, -Math.cos(a) * wrong], [2600, 1500], {
        kind: 'rug',
        turnDeg,
      });
      expect(tuckOf(rug, sofa).tuckMm).toBeCloseTo(300, 3);
    }
  });
  it('borders of a layered rug, in the lower one’s own directions', () => {
    const lower = box('lower', [0, 0], [3000, 2000], { kind: 'rug', turnDeg: 30 });
    const upper = box('upper', [0, 0], [2400, 1600], { kind: 'rug', turnDeg: 30 });
    expect(bordersOf(lower, upper).map((b) => Math.round(b.mm))).toEqual([200, 300, 200, 300]);
  });
});

describe('the floor of a room', () => {
  it('of the demo: what is said is drawn, and each drawn distance is the one that is said', () => {
    const { findings, lines } = plan(demoRoom('long-room'));
    expect(lines.length).toBeGreaterThan(3);
    for (const line of lines) {
      expect(Math.hypot(line.from.xMm - line.to.xMm, line.from.yMm - line.to.yMm)).toBeCloseTo(line.mm, 3);
      expect(findings.some((f) => f.code === line.code)).toBe(true);
    }
    expect(toIn(findings.find((f) => f.code === 'rug-tuck-off')!.by.byMm as number)).toBe(9);
  });
  it('of an empty room and one with a single stool: nothing to say', () => {
    expect(codes(bareRoom())).toEqual([]);
    expect(codes({ ...bareRoom(), pieces: [box('stool', [2000, 1500], [300, 300])] })).toEqual([]);
  });
  it('in centimetres the metric rules hold, in a wheelchair’s home the wider way', () => {
    const door = opening({
      id: 'd',
      kind: 'door',
      wallId: 's',
      xMm: 1900,
      widthMm: 900,
      sillMm: 0,
      dropsMm: null,
    });
    const file = {
      ...bareRoom(4000, 3000, 2500, 'cm'),
      openings: [door],
      pieces: [
        box('a', [800, 2100], [1600, 200]),
        box('b', [3180, 2100], [1640, 200]),
        piece({ xMm: 2000, yMm: 460, widthMm: 2000, depthMm: 900 }),
      ],
    };
    // 2360 − 1600 = 760
    expect(plan(file, cmRules()).findings.map((f) => f.code)).toContain('walkways-good');
    const wheels = { ...file, home: { ...file.home, flags: { ...file.home.flags, wheelchair: true } } };
    expect(plan(wheels, cmRules()).findings.find((f) => f.code === 'walkway-narrow')).toMatchObject({
      by: { byMm: expect.closeTo(760, 3) as number, wantMm: 915 },
    });
  });
  it('what is worked out for one room is not taken for the next: a moved window, chest, door and wall are all seen', () => {
    const door = opening({
      id: 'd',
      kind: 'door',
      wallId: 's',
      xMm: 1500,
      widthMm: 900,
      sillMm: 0,
      dropsMm: null,
    });
    const room = bareRoom(4000, 3000, 2500, 'cm');
    // c and d shut off the north-west corner; a and b leave 720 between them
    const standing = [
      box('a', [800, 2100], [1600, 200]),
      box('b', [3140, 2100], [1640, 200]),
      box('c', [1600, 750], [200, 1500]),
      box('d', [750, 1400], [1500, 200]),
      piece({ xMm: 2900, yMm: 460, widthMm: 2000, depthMm: 900 }),
    ];
    const base = {
      ...room,
      openings: [door, opening({ id: 'v', wallId: 'n', xMm: 2500, widthMm: 500 })],
      pieces: standing,
    };
    const changes: RoomFile[] = [
      base,
      { ...base, openings: [door, { ...base.openings[1]!, xMm: 100 }] },
      { ...base, openings: [{ ...door, wallId: 'n', xMm: 300 }, base.openings[1]!] },
      {
        ...base,
        room: { ...base.room, walls: base.room.walls.map((w) => (w.xMm > 2000 ? { ...w, xMm: 4700 } : w)) },
      },
      { ...base, pieces: standing.map((p) => (p.id === 'b' ? { ...p, xMm: 3000 } : p)) },
      base,
    ];
    // a deep copy shares nothing with what was worked out before
    for (const file of changes) expect(plan(file)).toEqual(plan(structuredClone(file)));
    expect(new Set(changes.map((f) => JSON.stringify(plan(f)))).size).toBe(5);
  });
  it('three hundred things are still judged, and those that stand in each other’s place are said once', () => {
    const many = Array.from({ length: 300 }, (_, i) =>
      box(`p${i}`, [300 + (i % 20) * 180, 300 + Math.floor(i / 20) * 160], [170, 150]),
    );
    const { findings } = plan({
      ...bareRoom(4200, 3200, 2500),
      pieces: [...many, box('over', [385, 380], [170, 150])],
    });
    expect(
      findings.filter((f) => f.code === 'pieces-overlap').map((f) => [f.about.length, f.by.more]),
    ).toEqual([[5, 1]]);
    const two = [
      box('one', [1000, 500], [200, 200]),
      box('other', [1100, 500], [200, 200]),
      box('third', [3000, 500], [200, 200]),
      box('fourth', [3100, 550], [200, 200]),
    ];
    expect(
      plan({ ...bareRoom(4200, 3200, 2500), pieces: two })
        .findings.filter((f) => f.code === 'pieces-overlap')
        .map((f) => f.by.names),
    ).toEqual([
      ['one', 'other'],
      ['third', 'fourth'],
    ]);
  });
  it('a coffee table by the school that only asks for a least distance', () => {
    const file = {
      ...bareRoom(),
      pieces: [
        piece({ yMm: inches(20) }),
        box('t', [inches(84), inches(74)], [inches(40), inches(24)], {
          kind: 'coffeeTable',
          heightMm: inches(17),
        }),
      ],
    };
    expect(plan(file).findings.map((f) => f.code)).toContain('sofa-table-good');
    expect(
      plan(file, inchRules([{ ruleId: 'floor.sofaTableSchool', school: 'reach' }])).findings.map(
        (f) => f.code,
      ),
    ).toContain('sofa-table-far');
  });
});

describe('each who sits', () => {
  const sofa = (wantedSitters: number, turnDeg = 0): Piece => {
    const p = piece({ xMm: inches(84), yMm: inches(72), turnDeg });
    return { ...p, seat: p.seat && { ...p.seat, wantedSitters } };
  };
  const table = (x: number, y: number, id = 't') =>
    box(id, [inches(x), inches(y)], [inches(16), inches(16)], { kind: 'sideTable', heightMm: inches(22) });
  const surface = (pieces: Piece[]) =>
    plan({ ...bareRoom(), pieces }).findings.find((f) => f.code === 'seat-without-surface')?.by;
  it('needs a place for a glass of their own: one at the end serves one of three', () => {
    expect(surface([sofa(1), table(140, 72)])).toBeUndefined();
    expect(surface([sofa(2), table(140, 72)])).toMatchObject({ served: 1, wanted: 2 });
    expect(surface([sofa(2), table(140, 72), table(28, 72, 'u')])).toBeUndefined();
    expect(surface([sofa(3), table(140, 72), table(28, 72, 'u')])).toMatchObject({ served: 2, wanted: 3 });
    expect(surface([sofa(3)])).toMatchObject({ served: 0, wanted: 3, other: 'none' });
  });
  it('wherever the sofa looks', () => {
    expect(surface([sofa(2, 90), table(84, 128)])).toMatchObject({ served: 1, wanted: 2 });
    expect(surface([sofa(2, 90), table(84, 128), table(84, 16, 'u')])).toBeUndefined();
  });
  it('reaches a table that stands as far off as its own rule wants it', () => {
    const low = box('c', [inches(84), inches(72 + 18 + 22 + 8)], [inches(72), inches(16)], {
      kind: 'coffeeTable',
      heightMm: inches(17),
    });
    const own = [{ ruleId: 'floor.sofaTableLeast', value: inches(22) }];
    const found = plan({ ...bareRoom(), pieces: [sofa(3), low] }, inchRules(own)).findings;
    expect(found.map((f) => f.code)).not.toContain('seat-without-surface');
    expect(codes({ ...bareRoom(), pieces: [sofa(3), low] })).toContain('seat-without-surface');
  });
});

describe('a bed for two', () => {
  const bed = (footIn: number, widthIn = 60, turnDeg = 0): Piece => {
    const away = footIn + 40;
    const along =
      turnDeg === 0 ? { xMm: inches(84), yMm: inches(144 - away) } : { xMm: inches(away), yMm: inches(72) };
    return box('bed', [0, 0], [inches(widthIn), inches(80)], {
      kind: 'bed',
      ...along,
      turnDeg,
      bed: { mattressMm: inches(18), headboardMm: inches(18), footboardMm: 0 },
    });
  };
  const found = (pieces: Piece[]) =>
    plan({ ...bareRoom(), pieces }).findings.filter((f) => f.code.startsWith('bed-passage'));
  it('needs its foot passage too, on any wall', () => {
    expect(found([bed(24)]).map((f) => f.code)).toEqual(['bed-passage-good']);
    expect(found([bed(23)]).map((f) => [f.by.side, toIn(f.by.byMm as number)])).toEqual([['foot', 23]]);
    expect(found([bed(23, 60, 90)]).map((f) => [f.by.side, toIn(f.by.byMm as number)])).toEqual([
      ['foot', 23],
    ]);
    expect(found([bed(24, 60, 90)]).map((f) => f.code)).toEqual(['bed-passage-good']);
  });
  it('for one does without', () => {
    expect(found([bed(10, 38)]).map((f) => f.code)).toEqual(['bed-passage-good']);
  });
  it('is walked round beyond the bench at its foot', () => {
    const bench = box('bench', [inches(84), inches(144 - 40 + 2 + 8)], [inches(48), inches(16)], {
      kind: 'bench',
    });
    expect(found([bed(40), bench]).map((f) => [f.by.side, toIn(f.by.byMm as number)])).toEqual([
      ['foot', 22],
    ]);
    expect(found([bed(43), { ...bench, yMm: inches(144 - 43 + 2 + 8) }]).map((f) => f.code)).toEqual([
      'bed-passage-good',
    ]);
  });
});
