import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bareRoom, demoRoom, inches, opening, piece, toIn } from '../../../tests/helpers/rooms';
import { floorLine, floorUnder } from './floor';
import { perimeterPosition, placeOnWall } from './place';
import { outlineFromWalk, walkOfOutline, type Leg } from './survey';
import { firstCrossing, floorSize, squareTurn, pointOnWall, runsClockwise, wallsOf } from './walls';

const legs = (...rows: [number, 'right' | 'left'][]): Leg[] =>
  rows.map(([lengthMm, turn]) => ({ lengthMm, turnDeg: turn === 'right' ? 90 : -90 }));
const L = legs(
  [3100, 'right'],
  [1500, 'right'],
  [1200, 'left'],
  [1300, 'right'],
  [1900, 'right'],
  [2800, 'right'],
);

/** An L of 7 by 6.5 m, whose lower part is 4 m wide. */
const CORNERS_OF_L = [
  ['n', 0, 0],
  ['e', 7000, 0],
  ['s1', 7000, 4000],
  ['e2', 4000, 4000],
  ['s2', 4000, 6500],
  ['w', 0, 6500],
] as const;

describe('walls', () => {
  it('are named by where one looks, and numbered when two face the same way', () => {
    expect(wallsOf(bareRoom().room).map((w) => w.side)).toEqual(['north', 'east', 'south', 'west']);
    expect(wallsOf(demoRoom('landing').room).map((w) => `${w.side}${w.number || ''}`)).toEqual([
      'north',
      'east1',
      'south1',
      'east2',
      'south2',
      'west',
    ]);
  });
  it('run left to right as seen from inside', () => {
    const [n, e, s] = wallsOf(bareRoom(1000, 600).room) as [
      ReturnType<typeof wallsOf>[0],
      ReturnType<typeof wallsOf>[0],
      ReturnType<typeof wallsOf>[0],
    ];
    expect(pointOnWall(n, 100)).toEqual({ xMm: 100, yMm: 0 });
    expect(pointOnWall(e, 100)).toEqual({ xMm: 1000, yMm: 100 });
    expect(pointOnWall(s, 100)).toEqual({ xMm: 900, yMm: 600 });
    expect(runsClockwise(bareRoom().room)).toBe(true);
  });
});

describe('the size of a floor', () => {
  const laid = (deg: number) => {
    const [sin, cos] = [Math.sin((deg * Math.PI) / 180), Math.cos((deg * Math.PI) / 180)];
    const walls = CORNERS_OF_L.map(([id, x, y]) => ({
      id,
      name: '',
      xMm: x * cos - y * sin,
      yMm: x * sin + y * cos,
    }));
    return wallsOf({ walls });
  };
  const turned = (deg: number) => {
    const { acrossMm, downMm } = floorSize(laid(deg));
    return [acrossMm, downMm].map(Math.round);
  };
  it('is measured along its walls, however the room lies', () => {
    expect([0, 20, 44, 180, 335].map(turned)).toEqual(Array.from({ length: 5 }, () => [7000, 6500]));
    expect([46, 90, 250].map(turned)).toEqual(Array.from({ length: 3 }, () => [6500, 7000]));
  });
  it('has a turn that sets things square to it', () => {
    expect([0, 20, 44, 46, 90, 180, 250, 335].map((deg) => squareTurn(laid(deg)))).toEqual([
      0, 20, 44, 316, 0, 0, 340, 335,
    ]);
  });
});

describe('a walk round the room', () => {
  it('closes over six corners and comes back as the same walk', () => {
    const read = outlineFromWalk(L, 3);
    expect(read.ok).toBe(true);
    const walls = read.ok ? read.value.map((c, i) => ({ id: `w${i}`, name: '', ...c })) : [];
    expect(walkOfOutline({ walls })).toEqual({ legs: L, startDeg: 0 });
  });
  it('tells by how much it does not meet, and where', () => {
    const wrong = outlineFromWalk(
      L.map((l, i) => (i === 0 ? { ...l, lengthMm: 3140 } : l)),
      3,
    );
    expect(wrong).toMatchObject({
      ok: false,
      issues: [{ code: 'does-not-close', mm: expect.closeTo(40, 6) as number, corner: 'north-west' }],
    });
  });
  it('refuses turns that do not bring one round, legs of nothing, walls that cross', () => {
    expect(outlineFromWalk(legs([1, 'right'], [1, 'right'], [1, 'right'], [1, 'left']), 1)).toMatchObject({
      issues: [{ code: 'turns-do-not-close', turnDeg: -180 }],
    });
    expect(outlineFromWalk(legs([1, 'right'], [0, 'right'], [1, 'right'], [1, 'right']), 1)).toMatchObject({
      issues: [{ code: 'leg-not-positive', leg: 1 }],
    });
    expect(outlineFromWalk(legs([5, 'right']), 1)).toMatchObject({ issues: [{ code: 'too-few-legs' }] });
    const crossed = legs(
      [400, 'right'],
      [300, 'right'],
      [200, 'right'],
      [400, 'left'],
      [100, 'left'],
      [200, 'right'],
      [300, 'right'],
      [100, 'right'],
    );
    expect(outlineFromWalk(crossed, 1).ok).toBe(false);
    expect(
      firstCrossing([
        { xMm: 0, yMm: 0 },
        { xMm: 10, yMm: 10 },
        { xMm: 10, yMm: 0 },
        { xMm: 0, yMm: 10 },
      ]),
    ).toBeDefined();
  });
  it('any rectangle closes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20_000 }), fc.integer({ min: 1, max: 20_000 }), (w, d) => {
        expect(outlineFromWalk(legs([w, 'right'], [d, 'right'], [w, 'right'], [d, 'right']), 1).ok).toBe(
          true,
        );
      }),
    );
  });
  it('an outline with slanting walls comes back from its own walk', () => {
    const walls = [
      { id: 'a', name: '', xMm: 0, yMm: 0 },
      { id: 'b', name: '', xMm: 1000, yMm: 400 },
      { id: 'c', name: '', xMm: 1000, yMm: 1000 },
      { id: 'd', name: '', xMm: 0, yMm: 1000 },
    ];
    const { legs: slanting, startDeg } = walkOfOutline({ walls });
    const again = outlineFromWalk(slanting, 1, startDeg);
    expect(again.ok && again.value.map((c) => [Math.round(c.xMm) + 0, Math.round(c.yMm) + 0])).toEqual([
      [0, 0],
      [1000, 400],
      [1000, 1000],
      [0, 1000],
    ]);
  });
});

describe('the floor under a window', () => {
  const o = opening({
    xMm: 1000,
    widthMm: 1000,
    dropsMm: { left: inches(78), middle: inches(78.5), right: inches(79.5) },
  });
  it('is straight between the readings and level beyond them', () => {
    const f = floorLine(o);
    expect([500, 1000, 1250, 1500, 1750, 2000, 2600].map((x) => toIn(f.atMm(x)))).toEqual([
      0, 0, -0.25, -0.5, -1, -1.5, -1.5,
    ]);
  });
  it('highest and lowest under a stretch see a hump in the middle', () => {
    const hump = { ...o, dropsMm: { left: inches(79), middle: inches(78), right: inches(79) } };
    const floorMm = floorUnder(floorLine(hump), hump, 1100, 1900);
    expect(toIn(floorMm.highMm)).toBe(0);
    expect(floorMm.lowMm).toBeLessThan(0);
  });
  it('unmeasured is level', () => expect(floorLine(opening({ dropsMm: null })).measured).toBe(false));
});

describe('pieces on walls', () => {
  const walls = wallsOf(bareRoom(inches(200), inches(160)).room);
  it.each([
    [0, 100, 20, 'n'],
    [90, 180, 80, 'e'],
    [180, 100, 140, 's'],
    [270, 20, 80, 'w'],
  ])('turned %d stands against %s', (turnDeg, x, y, wallId) => {
    expect(placeOnWall(piece({ turnDeg, xMm: inches(x), yMm: inches(y) }), walls).wallId).toBe(wallId);
  });
  it('spans its width, or its depth when seen from the side', () => {
    expect(toIn(placeOnWall(piece({ xMm: inches(100), yMm: inches(20) }), walls).widthMm)).toBe(84);
    expect(
      toIn(
        placeOnWall(piece({ xMm: inches(19), yMm: inches(80), turnDeg: 0, widthMm: inches(30) }), [walls[3]!])
          .widthMm,
      ),
    ).toBe(36);
  });
  it('past an inner corner: never against a wall that it is not in front of', () => {
    // the lower part of the L ends at x = 4 m, and the piece stands in the upper part, past that corner
    const inL = wallsOf({ walls: CORNERS_OF_L.map(([id, xMm, yMm]) => ({ id, name: '', xMm, yMm })) });
    const chair = (xMm: number, yMm: number) =>
      placeOnWall(piece({ xMm, yMm, widthMm: 600, depthMm: 600, turnDeg: 0 }), inL);
    expect(chair(3100, 2850).wallId).toBe('n');
    expect(chair(3500, 5000).wallId).toBe('e2');
    expect(chair(3650, 3650)).toMatchObject({ wallId: 'n', xMm: 3350, widthMm: 600, depthMm: 3650 });
    for (const [x, y] of [
      [3100, 2850],
      [4400, 3500],
      [3900, 3900],
      [500, 4200],
    ] as const) {
      const { wallId, xMm, widthMm, depthMm } = chair(x, y);
      const wall = inL.find((w) => w.id === wallId)!;
      expect(depthMm).toBeGreaterThan(0);
      expect([xMm < wall.lengthMm, xMm + widthMm > 0]).toEqual([true, true]);
    }
  });
  it('round the walls: clockwise from the first corner', () => {
    expect(toIn(perimeterPosition({ xMm: inches(50), yMm: inches(3) }, walls))).toBe(50);
    expect(toIn(perimeterPosition({ xMm: inches(199), yMm: inches(60) }, walls))).toBe(260);
    expect(toIn(perimeterPosition({ xMm: inches(1), yMm: inches(100) }, walls))).toBe(620);
  });
  it('round the walls: on the nearest of those that are asked for', () => {
    const inTheCorner = { xMm: inches(190), yMm: inches(20) };
    const on = (...ids: string[]) => toIn(perimeterPosition(inTheCorner, walls, new Set(ids)));
    expect(on()).toBe(220);
    expect(on('n')).toBe(190);
    expect(on('n', 's')).toBe(190);
    expect(on('w', 'e')).toBe(220);
  });
});
