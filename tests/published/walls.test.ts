/** Paper, glass and packing on walls, against the outside. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distanceToSegment, insidePolygon } from '../../src/core/geometry/plane';
import { mirrorPlane } from '../../src/core/room/mirrorPlane';
import { patchesIn, type Patch } from '../../src/core/room/mirrorPatches';
import { mirrored, planeOf, roomSeen, type Glass, type Seen } from '../../src/core/room/reflect';
import { pointOnWall, wallsOf, type Wall } from '../../src/core/room/walls';
import { isoSheets } from '../../src/core/stages/walls/prints';

describe('ISO 216', () => {
  // sizes in mm from the standard's tables; values from memory
  const A = [
    [841, 1189],
    [594, 841],
    [420, 594],
    [297, 420],
    [210, 297],
    [148, 210],
    [105, 148],
  ];
  const B = [
    [1000, 1414],
    [707, 1000],
    [500, 707],
    [353, 500],
    [250, 353],
    [176, 250],
    [125, 176],
  ];
  it.each([
    ['A', A],
    ['B', B],
  ] as const)('series %s', (series, table) =>
    expect(isoSheets(series).map((s) => [s.widthMm, s.heightMm])).toEqual(table),
  );
  it('A0 has a square metre, and sides as 1 to √2, to the millimetre', () => {
    const [a0] = isoSheets('A');
    expect((a0!.widthMm * a0!.heightMm) / 1e6).toBeCloseTo(1, 3);
    for (const s of isoSheets('A')) expect(s.heightMm / s.widthMm).toBeCloseTo(Math.SQRT2, 1);
  });
});

describe('reflection, by the law itself: a ray leaves a mirror as steep as it came, on the other side of the upright', () => {
  const outlines: [number, number][][] = [
    [
      [0, 0],
      [5000, 0],
      [5000, 4000],
      [0, 4000],
    ],
    [
      [0, 0],
      [3000, -600],
      [5200, 300],
      [5000, 4200],
      [400, 3900],
    ],
    [
      [0, 0],
      [6000, 0],
      [6000, 2500],
      [3500, 2500],
      [3500, 5000],
      [0, 5000],
    ],
  ];
  const CEILING = 2600;
  const bare = (walls: readonly Wall[]): Seen =>
    roomSeen({
      walls,
      tops: new Map(
        walls.map((w) => [
          w.id,
          [
            { xMm: 0, heightMm: CEILING },
            { xMm: w.lengthMm, heightMm: CEILING },
          ],
        ]),
      ),
      solids: [],
    });
  /**
   * Follows a ray from a place, one wall after another by their own equations; independent of the code it
   * checks.
   */
  const follow = (walls: readonly Wall[], origin: [number, number], way: [number, number], but: string) => {
    let best: { wall: Wall; along: number; far: number } | undefined;
    for (const w of walls) {
      if (w.id === but) continue;
      const [ex, ey] = [w.to.xMm - w.from.xMm, w.to.yMm - w.from.yMm];
      const det = way[0] * -ey + way[1] * ex;
      if (Math.abs(det) < 1e-9) continue;
      const far = ((w.from.xMm - origin[0]) * -ey + (w.from.yMm - origin[1]) * ex) / det;
      const s = (way[0] * (w.from.yMm - origin[1]) - way[1] * (w.from.xMm - origin[0])) / det;
      if (far > 1e-6 && s >= 0 && s <= 1 && (!best || far < best.far))
        best = { wall: w, along: s * w.lengthMm, far };
    }
    return best;
  };
  const given = fc.record({
    outline: fc.integer({ min: 0, max: 2 }),
    ex: fc.double({ min: 0.15, max: 0.45, noNaN: true }),
    ey: fc.double({ min: 0.3, max: 0.85, noNaN: true }),
    eye: fc.integer({ min: 900, max: 1800 }),
    at: fc.double({ min: 0.3, max: 0.7, noNaN: true }),
    across: fc.double({ min: 0.02, max: 0.98, noNaN: true }),
    up: fc.double({ min: 0.05, max: 0.95, noNaN: true }),
  });
  it('falls where the patch says', () => {
    let checked = 0;
    fc.assert(
      fc.property(given, (g) => {
        const walls = wallsOf({
          walls: outlines[g.outline]!.map(([xMm, yMm], i) => ({ id: `w${i}`, name: '', xMm, yMm })),
        });
        const wall = walls[0]!;
        const eye = { xMm: g.ex * 5000, yMm: g.ey * 4000, zMm: g.eye };
        const glass: Glass = {
          wallId: 'w0',
          xMm: g.at * wall.lengthMm,
          widthMm: 700,
          bottomMm: 1200,
          topMm: 1900,
          footMm: 0,
        };
        const x = glass.xMm + (g.across - 0.5) * glass.widthMm;
        const z = glass.bottomMm + g.up * (glass.topMm - glass.bottomMm);
        const hit = pointOnWall(wall, x);
        const u = [
          (wall.to.xMm - wall.from.xMm) / wall.lengthMm,
          (wall.to.yMm - wall.from.yMm) / wall.lengthMm,
        ] as const;
        const n = [-u[1], u[0]] as const;
        const [dx, dy, dz] = [hit.xMm - eye.xMm, hit.yMm - eye.yMm, z - eye.zMm];
        const inward = dx * n[0] + dy * n[1];
        // only rays that come from the front
        fc.pre(inward < -1);
        const outward: [number, number] = [dx - 2 * inward * n[0], dy - 2 * inward * n[1]];
        const met = follow(walls, [hit.xMm, hit.yMm], outward, 'w0');
        fc.pre(met !== undefined);
        const height = z + met!.far * dz;
        const at = { xMm: met!.along, yMm: height };
        const between = follow(walls, [eye.xMm, eye.yMm], [dx, dy], 'w0');
        const seesGlass = !between || between.far > 1;
        const isOnWall = height > 0 && height < CEILING;
        const patches = patchesIn(glass, eye, bare(walls)).filter((p) => p.wallId === met!.wall.id);
        const isDeepIn = ({ corners }: Patch) =>
          insidePolygon(at, corners, -1) &&
          corners.every((c, i) => distanceToSegment(at, c, corners[(i + 1) % corners.length]!) > 1);
        // on an edge, within a millimetre, it may be either
        const shown = patches.some(seesGlass && isOnWall ? (p) => insidePolygon(at, p.corners, 1) : isDeepIn);
        expect(shown, `${met!.wall.id} ${met!.along}`).toBe(seesGlass && isOnWall);
        checked++;
      }),
      { numRuns: 400 },
    );
    expect(checked).toBeGreaterThan(100);
  });
  it('a glint is seen where the two angles are the same, within the glass', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 500, max: 4500 }),
        fc.integer({ min: 400, max: 3800 }),
        fc.integer({ min: 500, max: 4500 }),
        fc.integer({ min: 400, max: 3800 }),
        fc.integer({ min: 600, max: 2200 }),
        (ex, ey, tx, ty, tz) => {
          const walls = wallsOf({
            walls: outlines[0]!.map(([xMm, yMm], i) => ({ id: `w${i}`, name: '', xMm, yMm })),
          });
          // the wall runs along y = 0: the slopes to the two places are each other's opposite there
          const hit = { xMm: (ex * ty + tx * ey) / (ey + ty), zMm: (1100 * ty + tz * ey) / (ey + ty) };
          const glintFrom = (offX: number, offZ: number) => {
            const { surface, part } = planeOf(
              {
                wallId: 'w0',
                xMm: hit.xMm + offX,
                widthMm: 100,
                bottomMm: hit.zMm + offZ - 50,
                topMm: hit.zMm + offZ + 50,
                footMm: 0,
              },
              walls,
            )!;
            const plane = mirrorPlane(surface, 'w0', { xMm: ex, yMm: ey, zMm: 1100 }, bare(walls));
            return plane.showsPlace({ xMm: tx, yMm: ty, zMm: tz }, part);
          };
          expect([glintFrom(0, 0), glintFrom(49, 49), glintFrom(51, 0), glintFrom(0, -51)]).toEqual([
            true,
            true,
            false,
            false,
          ]);
        },
      ),
    );
  });
  it('twice reflected is where it was', () => {
    const walls = wallsOf({
      walls: outlines[1]!.map(([xMm, yMm], i) => ({ id: `w${i}`, name: '', xMm, yMm })),
    });
    for (const w of walls) {
      const p = mirrored(w, mirrored(w, { xMm: 1234, yMm: 987 }));
      expect([p.xMm, p.yMm]).toEqual([expect.closeTo(1234, 6), expect.closeTo(987, 6)]);
    }
  });
});
