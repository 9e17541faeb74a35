import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFurnishedRoom, furnishedRoomOf } from '../../../../tests/helpers/anyRoom';
import { sofaAt } from '../../../../tests/helpers/floor';
import { bareRoom, fittingOf, inches, inchRules, opening, toIn } from '../../../../tests/helpers/rooms';
import { isSome, sharedPart } from '../../geometry/convex';
import { insidePolygon, polygonArea, type Point } from '../../geometry/plane';
import type { Fitting, Opening, Piece, Room } from '../../model/types';
import { planLook } from '../../plan/planLook';
import { stands } from '../kinds';
import { footprint } from '../place';
import { wallsOf } from '../walls';
import { floorSpots } from './floorSpots';
import { freeFloor } from './freeFloor';
import { addressOf, type Spot } from './spot';

const rules = inchRules();
/** 210 in along the north and south walls, 190 in along the others. */
const bare = bareRoom(inches(210), inches(190));
type Given = { room?: Room; pieces?: Piece[]; fittings?: Fitting[]; openings?: Opening[] };
const spotsIn = ({ room = bare.room, pieces = [], fittings = [], openings = [] }: Given): Spot[] =>
  floorSpots({ room, pieces, fittings, openings, walls: wallsOf(room), rules });
const sizes = (spots: Spot[]) =>
  Object.fromEntries(
    spots.map((s) => [addressOf(s), [Math.round(toIn(s.widthMm)), Math.round(toIn(s.depthMm))]]),
  );

describe('the corners of a room', () => {
  it('an empty room has one at the left end of each wall, called by where it lies', () => {
    const spots = spotsIn({});
    expect(spots.map((s) => [addressOf(s), s.name])).toEqual([
      ['n/corner', 'north-west'],
      ['e/corner', 'north-east'],
      ['s/corner', 'south-east'],
      ['w/corner', 'south-west'],
    ]);
    for (const s of spots) expect([toIn(s.widthMm), toIn(s.depthMm), s.zMm]).toEqual([24, 24, 0]);
  });
  it('what stands there cuts it short on the side that leaves more, or takes all of it', () => {
    const box = (x: number, y: number, w: number, d: number) =>
      sofaAt(x, y, 0, { id: 'box', kind: 'chest', seat: null, widthMm: inches(w), depthMm: inches(d) });
    expect(sizes(spotsIn({ pieces: [box(30, 10, 30, 20)] }))['n/corner']).toEqual([15, 24]);
    expect(sizes(spotsIn({ pieces: [box(10, 30, 20, 20)] }))['n/corner']).toEqual([24, 20]);
    expect(sizes(spotsIn({ pieces: [box(10, 10, 20, 20)] }))).not.toHaveProperty('n/corner');
    // a rug and what hangs high take no floor
    expect(sizes(spotsIn({ pieces: [{ ...box(10, 10, 20, 20), kind: 'rug' }] }))['n/corner']).toEqual([
      24, 24,
    ]);
    expect(
      sizes(spotsIn({ pieces: [{ ...box(10, 10, 20, 20), bottomMm: inches(40) }] }))['n/corner'],
    ).toEqual([24, 24]);
  });
  it('of just six inches are as good wherever the room lies on the paper', () => {
    fc.assert(
      fc.property(fc.double({ min: -9000, max: 9000, noNaN: true }), (byMm) => {
        const move = <T extends Point>(p: T): T => ({ ...p, xMm: p.xMm + byMm, yMm: p.yMm - byMm / 3 });
        const room = { ...bare.room, walls: bare.room.walls.map(move) };
        const chest = sofaAt(0, 0, 0, { kind: 'chest', seat: null, widthMm: 500, depthMm: 900 });
        const isOffered = (freeMm: number) =>
          'n/corner' in sizes(spotsIn({ room, pieces: [move({ ...chest, xMm: freeMm + 250, yMm: 450 })] }));
        return isOffered(inches(6)) && !isOffered(inches(6) - 1);
      }),
    );
  });
  it.each(['n', 'e', 's', 'w'])(
    'a door at the left end of wall %s, and its leaf, keep theirs free',
    (wallId) => {
      const door = (xIn: number) =>
        opening({
          id: 'door',
          kind: 'door',
          wallId,
          xMm: inches(xIn),
          widthMm: inches(32),
          sillMm: 0,
          opens: 'out',
        });
      expect(sizes(spotsIn({ openings: [door(4)] }))).not.toHaveProperty(`${wallId}/corner`);
      expect(sizes(spotsIn({ openings: [door(10)] }))[`${wallId}/corner`]).toEqual([10, 24]);
      expect(sizes(spotsIn({ openings: [door(30)] }))[`${wallId}/corner`]).toEqual([24, 24]);
      // hinged on its left, the leaf stands open in front of the corner
      const leaf = { ...door(10), opens: 'in' as const, hinge: 'left' as const };
      expect(sizes(spotsIn({ openings: [leaf] }))[`${wallId}/corner`]).toEqual([10, 24]);
      // a window's sill is over it
      expect(sizes(spotsIn({ openings: [opening({ wallId, xMm: inches(4) })] }))[`${wallId}/corner`]).toEqual(
        [24, 24],
      );
    },
  );
  it('a radiator and a chimney breast take theirs, a picture light does not', () => {
    const at = (kind: Fitting['kind'], bottomIn: number, depthIn: number) =>
      fittingOf({
        id: 'f',
        kind,
        wallId: 'n',
        xMm: inches(12),
        bottomMm: inches(bottomIn),
        widthMm: inches(40),
        heightMm: inches(20),
        depthMm: inches(depthIn),
      });
    expect(sizes(spotsIn({ fittings: [at('radiator', 4, 5)] }))['n/corner']).toEqual([12, 24]);
    expect(sizes(spotsIn({ fittings: [at('shelf', 60, 8)] }))['n/corner']).toEqual([24, 24]);
  });
  it('corners that stand into the room and blunt ones are none', () => {
    const at = (points: readonly (readonly [number, number])[]): Room => ({
      ...bare.room,
      walls: points.map(([x, y], i) => ({
        ...bare.room.walls[0]!,
        id: `w${i}`,
        xMm: inches(x),
        yMm: inches(y),
      })),
    });
    const ell = at([
      [0, 0],
      [200, 0],
      [200, 80],
      [100, 80],
      [100, 160],
      [0, 160],
    ]);
    expect(spotsIn({ room: ell }).map((s) => s.of)).toEqual(['w0', 'w1', 'w2', 'w4', 'w5']);
    const bay = at([
      [0, 0],
      [40, -40],
      [120, -40],
      [160, 0],
      [160, 160],
      [0, 160],
    ]);
    expect(spotsIn({ room: bay }).map((s) => s.of)).toEqual(['w4', 'w5']);
  });
  it('a corner that is not quite square begins where the other wall leaves room', () => {
    const leaning: Room = {
      ...bare.room,
      walls: bare.room.walls.map((c) => (c.id === 'w' ? { ...c, xMm: inches(20) } : c)),
    };
    const [corner] = spotsIn({ room: leaning }).filter((s) => s.of === 'n');
    const outline = leaning.walls;
    for (const p of footprint({ ...corner!.middle, ...corner! }))
      expect(insidePolygon(p, outline, 1)).toBe(true);
  });
});

describe('beside and under furniture', () => {
  it.each([0, 30, 90, 180, 270])(
    'a sofa that stands free, turned by %s°, has floor on both sides',
    (turnDeg) => {
      const spots = spotsIn({ pieces: [sofaAt(105, 95, turnDeg)] }).filter((s) => s.kind === 'beside');
      expect(sizes(spots)).toEqual({ 'sofa/beside1': [24, 36], 'sofa/beside2': [24, 36] });
      for (const s of spots) {
        const apart = Math.hypot(s.middle.xMm - inches(105), s.middle.yMm - inches(95));
        expect(toIn(apart)).toBeCloseTo(40 + 12, 3);
      }
    },
  );
  it('a wall or a table next to it leaves less; too little is no place', () => {
    expect(sizes(spotsIn({ pieces: [sofaAt(55, 20)] }))['sofa/beside1']).toEqual([15, 36]);
    expect(sizes(spotsIn({ pieces: [sofaAt(44, 20)] }))).not.toHaveProperty('sofa/beside1');
    const table = sofaAt(158, 20, 0, { id: 'table', kind: 'sideTable', seat: null, widthMm: inches(20) });
    const sized = sizes(spotsIn({ pieces: [sofaAt(100, 20), table] }));
    expect(sized['sofa/beside2']).toEqual([8, 36]);
    expect(sized['sofa/beside1']).toEqual([24, 36]);
  });
  it('under a seat only where the gap was measured; under a table up to its lower shelf', () => {
    const under = (p: Piece) => spotsIn({ pieces: [p] }).find((s) => s.kind === 'under')?.clearMm;
    expect(under(sofaAt(105, 95, 0, { gapMm: null }))).toBeUndefined();
    expect(under(sofaAt(105, 95, 0, { gapMm: inches(8) }))).toBe(inches(8));
    const console_ = { kind: 'console', seat: null, heightMm: inches(30) } as const;
    expect(under(sofaAt(105, 95, 0, { ...console_, shelvesMm: [] }))).toBeCloseTo(inches(30) - 20, 6);
    expect(under(sofaAt(105, 95, 0, { ...console_, shelvesMm: [inches(20), inches(10)] }))).toBeCloseTo(
      inches(10) - 20,
      6,
    );
    expect(under(sofaAt(105, 95, 0, { ...console_, kind: 'chest' }))).toBeUndefined();
  });
});

describe('in any furnished room', () => {
  it('floor that is offered lies in the room, and nothing that stands there is in it', () => {
    let offered = 0;
    fc.assert(
      fc.property(anyFurnishedRoom, (drawn) => {
        const file = furnishedRoomOf(drawn);
        const { spots } = planLook(file, { lookId: file.looks[0]!.id });
        for (const spot of spots.filter(({ kind }) => kind === 'beside' || kind === 'corner')) {
          const area = footprint({ ...spot.middle, ...spot });
          for (const corner of area) expect(insidePolygon(corner, file.room.walls, 2)).toBe(true);
          for (const p of file.pieces.filter(stands)) {
            // a sliver along an edge is what walls and tapes are out by
            const shared = sharedPart(area, footprint(p));
            expect(isSome(shared) ? Math.abs(polygonArea(shared)) : 0, p.id).toBeLessThan(4000);
          }
          offered++;
        }
      }),
      { numRuns: 150 },
    );
    expect(offered).toBeGreaterThan(100);
  });
});

describe('the largest free rectangle', () => {
  const frame = { from: { xMm: 0, yMm: 0 }, along: { xMm: 1, yMm: 0 }, out: { xMm: 0, yMm: 1 } };
  const most = { widthMm: 600, depthMm: 600 };
  const boxes = fc.array(
    fc.record({
      x: fc.integer({ min: -300, max: 700 }),
      y: fc.integer({ min: -300, max: 700 }),
      s: fc.integer({ min: 20, max: 400 }),
    }),
    { maxLength: 5 },
  );
  const outlineOf = ({ x, y, s }: { x: number; y: number; s: number }): Point[] => [
    { xMm: x, yMm: y },
    { xMm: x + s, yMm: y },
    { xMm: x + s, yMm: y + s },
    { xMm: x, yMm: y + s },
  ];
  it('shares nothing with any obstacle, is as large as can be, in whatever order they come', () => {
    fc.assert(
      fc.property(boxes, (list) => {
        const found = freeFloor(frame, most, list.map(outlineOf));
        expect(freeFloor(frame, most, list.map(outlineOf).reverse())).toEqual(found);
        const isFree = (w: number, d: number) =>
          list.every(({ x, y, s }) => x >= w - 2 || y >= d - 2 || x + s <= 2 || y + s <= 2);
        if (Math.min(found.widthMm, found.depthMm) > 4)
          expect(isFree(found.widthMm, found.depthMm)).toBe(true);
        // every rectangle of a 20 mm grid that is free is no larger
        for (let w = 20; w <= 600; w += 20)
          for (let d = 20; d <= 600; d += 20)
            if (list.every(({ x, y, s }) => x >= w || y >= d || x + s <= 0 || y + s <= 0))
              expect(found.widthMm * found.depthMm).toBeGreaterThanOrEqual(w * d - 1300);
      }),
      { numRuns: 300 },
    );
  });
});
