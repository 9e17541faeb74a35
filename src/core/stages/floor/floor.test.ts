import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chestAt, floorCodes, floorOf } from '../../../../tests/helpers/floor';
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
import type { RoomFile } from '../../model/types';
import { bordersOf, tuckOf } from './rugs';
import { cutFloor } from './walkways/cutFloor';
import type { Obstacle } from './walkways/gates';
import { narrowWays } from './walkways/narrowWays';
import type { Aim } from './walkways/zones';

const box = chestAt;
const plan = floorOf;
const codes = floorCodes;

const WAY = { widthMm: 760, sidewaysMm: 200 };

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
        WAY,
      ),
      [aimAt('door', 2000, 2800)],
      [aimAt('seat', 2000, 200)],
    );
  it('the gap between two things is told to the millimetre, whatever the grid', () => {
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 759 }), (gap) => {
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
    for (const gap of [0, 60, 199]) expect(narrow(gap)[0]!.gate, `${gap}`).toBeNull();
  });
  it('without an entrance nothing is asked', () => {
    expect(narrowWays(cutFloor(outline, walls, WAY), [], [aimAt('seat', 1, 1)])).toEqual([]);
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
        cutFloor(outline, [...walls, turned], WAY),
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
  it('past a round table is wider than past one with corners', () => {
    const door = opening({
      id: 'd',
      kind: 'door',
      wallId: 's',
      xMm: 300,
      widthMm: 900,
      sillMm: 0,
      dropsMm: null,
    });
    const past = (round: boolean) => {
      const file = {
        ...bareRoom(4000, 3000, 2500, 'cm'),
        openings: [door],
        pieces: [
          box('a', [800, 2100], [1600, 200]),
          box('table', [2750, 1700], [1000, 1000], { kind: 'diningTable', round }),
          box('b', [3400, 1700], [1200, 100]),
          piece({ xMm: 2000, yMm: 460, widthMm: 2000, depthMm: 900 }),
        ],
      };
      return plan(file, cmRules()).findings.find((f) => f.code === 'walkway-narrow')!.by.byMm as number;
    };
    expect(past(false)).toBeCloseTo(650, 3);
    // from the corner of the chest to the circle, less half a hundredth of its half width
    expect(Math.abs(past(true) - (Math.hypot(1150, 300) - 500))).toBeLessThan(2.5);
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
      piece({ xMm: 2960, yMm: 460, widthMm: 2000, depthMm: 900 }),
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
