import { describe, expect, it } from 'vitest';
import { bareRoom, fittingOf, hanging, inches, item, opening, toIn } from '../../../tests/helpers/rooms';
import { withBump, withoutCorner } from './bump';
import { withWallLength } from './wallLength';
import { areaUnder, lowestOver, overheadAt, overheadOf, underCrown } from './ceiling';
import { clearanceOf } from './clearance';
import { swingsOf } from './swing';
import { polygonArea } from '../geometry/plane';
import { firstCrossing, wallsOf } from './walls';

const file = bareRoom(4000, 3000, 2500);
const walls = wallsOf(file.room);
const [north, east] = [walls[0]!, walls[1]!];

describe('what is overhead', () => {
  const eaves = { ...file.room, slopes: [{ wallId: 'e', lowMm: 1200, runMm: 1300 }] };
  it('a slope rises straight from its wall to the full height', () => {
    expect(
      [0, 650, 1300, 2000].map((depthMm) => overheadAt(eaves, { xMm: 4000 - depthMm, yMm: 1500 })),
    ).toEqual([1200, 1850, 2500, 2500]);
    expect(overheadOf(eaves, north).map((p) => [Math.round(p.xMm), Math.round(p.heightMm)])).toEqual([
      [0, 2500],
      [2700, 2500],
      [4000, 1200],
    ]);
    expect(overheadOf(eaves, east).map((p) => Math.round(p.heightMm))).toEqual([1200, 1200]);
  });
  it('a crown takes from what is level, and not from a slope or a beam', () => {
    const free = (r: typeof eaves) => underCrown({ ...r, crownMm: 90 }, overheadOf(r, north));
    expect(free({ ...eaves, slopes: [] }).map((p) => [p.xMm, p.heightMm])).toEqual([
      [0, 2410],
      [4000, 2410],
    ]);
    expect(free(eaves).map((p) => [Math.round(p.xMm), Math.round(p.heightMm)])).toEqual([
      [0, 2410],
      [2700, 2410],
      [2700, 2500],
      [4000, 1200],
    ]);
    expect(lowestOver(free(eaves), 2700, 3000)).toBeCloseTo(2500 - 300, 3);
    const beamed = {
      ...file.room,
      crownMm: 90,
      beams: [{ id: 'b', name: 'Beam', wallId: 'e', fromWallMm: 1000, widthMm: 200, undersideMm: 2430 }],
    };
    expect([
      lowestOver(underCrown(beamed, overheadOf(beamed, north)), 0, 2700),
      lowestOver(underCrown(beamed, overheadOf(beamed, north)), 2850, 2950),
    ]).toEqual([2410, 2430]);
    expect(underCrown({ ...file.room, crownMm: 0 }, overheadOf(eaves, north))).toEqual(
      overheadOf(eaves, north),
    );
  });
  it('two slopes meet in a ridge', () => {
    const roof = {
      ...file.room,
      slopes: [
        { wallId: 'e', lowMm: 1000, runMm: 4000 },
        { wallId: 'w', lowMm: 1000, runMm: 4000 },
      ],
    };
    expect(overheadOf(roof, north).map((p) => [Math.round(p.xMm), Math.round(p.heightMm)])).toEqual([
      [0, 1000],
      [2000, 1750],
      [4000, 1000],
    ]);
    expect(Math.round(areaUnder(overheadOf(roof, north)))).toBe(4000 * 1375);
  });
  it('a beam across lowers the walls that it meets, and its own wall where it lies on it', () => {
    const beamed = {
      ...file.room,
      beams: [{ id: 'b', name: 'Beam', wallId: 'e', fromWallMm: 1000, widthMm: 200, undersideMm: 2200 }],
    };
    const edge = overheadOf(beamed, north);
    expect(lowestOver(edge, 0, 2700)).toBe(2500);
    expect(lowestOver(edge, 2700, 2900)).toBe(2200);
    expect(lowestOver(edge, 3100, 4000)).toBe(2500);
    expect(areaUnder(edge)).toBeCloseTo(4000 * 2500 - 200 * 300, -2);
    expect(
      lowestOver(overheadOf({ ...beamed, beams: [{ ...beamed.beams[0]!, fromWallMm: 0 }] }, east), 0, 3000),
    ).toBe(2200);
  });
});

describe('a bay, an alcove, a breast', () => {
  const ids = { left: 'L', front: 'F', right: 'R', rest: 'N2' };
  const full = {
    ...file,
    openings: [
      opening({ id: 'o1', wallId: 'n', xMm: 100, widthMm: 500 }),
      opening({ id: 'o2', wallId: 'n', xMm: 3200, widthMm: 500 }),
    ],
    fittings: [fittingOf({ xMm: 1900, widthMm: 200 })],
    items: [item({ id: 'i1', kind: 'art', widthMm: 300 })],
    looks: [{ ...file.looks[0]!, hangings: [hanging({ wallId: 'n', xMm: 3300 })] }],
  };
  it('a bay of 45° goes out, and what stood on the wall goes with its part', () => {
    const made = withBump(full, { wallId: 'n', xMm: 1000, widthMm: 2000, depthMm: 500, splayDeg: 45 }, ids);
    if (!made.ok) throw new Error(made.issues[0]!.code);
    const room = made.value.room;
    expect(room.walls.map((w) => [w.id, Math.round(w.xMm), Math.round(w.yMm)])).toEqual([
      ['n', 0, 0],
      ['L', 1000, 0],
      ['F', 1500, -500],
      ['R', 2500, -500],
      ['N2', 3000, 0],
      ['e', 4000, 0],
      ['s', 4000, 3000],
      ['w', 0, 3000],
    ]);
    expect(polygonArea(room.walls)).toBeCloseTo(4000 * 3000 + 500 * 1500, 3);
    expect(firstCrossing(room.walls)).toBeUndefined();
    expect(made.value.openings.map((o) => [o.id, o.wallId, o.xMm])).toEqual([
      ['o1', 'n', 100],
      ['o2', 'N2', 200],
    ]);
    expect(made.value.fittings.map((f) => [f.wallId, Math.round(f.xMm)])).toEqual([['F', 400]]);
    expect(made.value.looks[0]!.hangings.map((h) => [h.wallId, h.xMm])).toEqual([['N2', 300]]);
  });
  it('a breast comes in; one in a corner leaves no stub of wall', () => {
    const made = withBump(
      { ...file },
      { wallId: 'n', xMm: 0, widthMm: 1200, depthMm: -350, splayDeg: 90 },
      ids,
    );
    if (!made.ok) throw new Error(made.issues[0]!.code);
    expect(made.value.room.walls.map((w) => [Math.round(w.xMm), Math.round(w.yMm)])).toEqual([
      [0, 350],
      [1200, 350],
      [1200, 0],
      [4000, 0],
      [4000, 3000],
      [0, 3000],
    ]);
    expect(polygonArea(made.value.room.walls)).toBeCloseTo(4000 * 3000 - 350 * 1200, 3);
    const right = withBump(
      { ...file, fittings: [fittingOf({ wallId: 'e', xMm: 800 })] },
      { wallId: 'n', xMm: 2800, widthMm: 1200, depthMm: -350, splayDeg: 90 },
      ids,
    );
    if (!right.ok) throw new Error(right.issues[0]!.code);
    expect(right.value.room.walls.map((w) => [w.id, Math.round(w.xMm), Math.round(w.yMm)])).toEqual([
      ['n', 0, 0],
      ['L', 2800, 0],
      ['F', 2800, 350],
      ['e', 4000, 350],
      ['s', 4000, 3000],
      ['w', 0, 3000],
    ]);
    expect(right.value.fittings.map((f) => f.xMm)).toEqual([450]);
    const whole = withBump(file, { wallId: 'n', xMm: 0, widthMm: 4000, depthMm: -500, splayDeg: 90 }, ids);
    expect(
      whole.ok && whole.value.room.walls.map((w) => [w.id, Math.round(w.xMm), Math.round(w.yMm)]),
    ).toEqual([
      ['n', 0, 500],
      ['e', 4000, 500],
      ['s', 4000, 3000],
      ['w', 0, 3000],
    ]);
    // what hangs where the breast comes to stand is in the way
    expect(
      withBump(
        { ...file, fittings: [fittingOf({ wallId: 'e', xMm: 100 })] },
        { wallId: 'n', xMm: 2800, widthMm: 1200, depthMm: -350, splayDeg: 90 },
        ids,
      ),
    ).toMatchObject({ ok: false, issues: [{ code: 'in-the-way' }] });
  });
  it('is refused past the wall, without a front, and through a window', () => {
    const issue = (more: object) => {
      const r = withBump(
        full,
        { wallId: 'n', xMm: 1000, widthMm: 2000, depthMm: 500, splayDeg: 45, ...more },
        ids,
      );
      return r.ok ? 'ok' : r.issues[0]!.code;
    };
    expect([
      issue({ widthMm: 3100 }),
      issue({ depthMm: 1200 }),
      issue({ xMm: 400 }),
      issue({ wallId: 'none' }),
      issue({}),
    ]).toEqual(['past-the-wall', 'no-front', 'in-the-way', 'wall-missing', 'ok']);
  });
  it('a wall’s length typed over moves the walls that follow; a corner can go', () => {
    expect(withWallLength(file.room.walls, 0, 4200).map((c) => [c.xMm, c.yMm])).toEqual([
      [0, 0],
      [4200, 0],
      [4200, 3000],
      [0, 3000],
    ]);
    expect(withoutCorner(file.room.walls, 'e')!.map((c) => c.id)).toEqual(['n', 's', 'w']);
    expect(withoutCorner(file.room.walls.slice(0, 3), 'e')).toBeUndefined();
  });
});

describe('round an opening', () => {
  const o = opening({
    xMm: inches(60),
    widthMm: inches(48),
    sillMm: inches(30),
    heightMm: inches(48),
    trimMm: inches(3),
  });
  it('tells the room over it and beside it, and what is there', () => {
    const room = {
      ...bareRoom(),
      openings: [o, opening({ id: 'o2', name: 'Other', xMm: inches(130), widthMm: inches(20) })],
      fittings: [
        fittingOf({
          name: 'Rail',
          kind: 'pictureRail',
          xMm: 0,
          widthMm: inches(168),
          bottomMm: inches(88),
          heightMm: inches(2),
        }),
      ],
    };
    const c = clearanceOf(o, room, new Map());
    expect([toIn(c.headMm), c.headBy, toIn(c.leftMm), c.leftBy, toIn(c.rightMm), c.rightBy]).toEqual([
      7,
      'Rail',
      57,
      'wall',
      16,
      'Other',
    ]);
    const lower = clearanceOf(
      o,
      {
        ...room,
        fittings: [],
        room: { ...room.room, slopes: [{ wallId: 'n', lowMm: inches(85), runMm: inches(40) }] },
      },
      new Map(),
    );
    expect([toIn(lower.headMm), lower.headBy]).toEqual([4, 'ceiling']);
  });
  it('a leaf sweeps a quarter of a circle on the side that it opens to', () => {
    const leaf = swingsOf(
      { ...o, kind: 'door', opens: 'in', hinge: 'left', xMm: 1000, widthMm: 800 },
      north,
    )[0]!;
    expect([
      leaf.hinge,
      leaf.closed,
      { xMm: Math.round(leaf.open.xMm), yMm: Math.round(leaf.open.yMm) },
    ]).toEqual([
      { xMm: 1000, yMm: 0 },
      { xMm: 1800, yMm: 0 },
      { xMm: 1000, yMm: 800 },
    ]);
    for (const hinge of ['left', 'right'] as const)
      for (const opens of ['in', 'out'] as const) {
        const [s] = swingsOf({ ...o, opens, hinge, xMm: 1000, widthMm: 800 }, north);
        expect(polygonArea(s!.sweeps)).toBeGreaterThan(800 * 800 * 0.77);
        expect(Math.sign(s!.open.yMm)).toBe(opens === 'in' ? 1 : -1);
      }
    expect(
      swingsOf({ ...o, opens: 'in', hinge: 'both', widthMm: 1600 }, north).map((s) => s.widthMm),
    ).toEqual([800, 800]);
    expect(swingsOf({ ...o, opens: 'sash', hinge: 'none' }, north)).toEqual([]);
  });
});
