import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Point } from '../geometry/plane';
import { mirrorPatchesArea } from '../../../tests/helpers/patches';
import { mirrorPlane } from './mirrorPlane';
import { patchesIn } from './mirrorPatches';
import { planeOf, roomSeen, type Glass, type Place3, type Solid } from './reflect';
import { pointOnWall, wallsOf, type Wall } from './walls';

const CEILING = 2500;
const OUTLINES: Record<string, [number, number][]> = {
  square: [
    [0, 0],
    [5000, 0],
    [5000, 4000],
    [0, 4000],
  ],
  ell: [
    [0, 0],
    [6000, 0],
    [6000, 2600],
    [3300, 2600],
    [3300, 5200],
    [0, 5200],
  ],
};
const wallsOfOutline = (name: string): Wall[] =>
  wallsOf({ walls: OUTLINES[name]!.map(([xMm, yMm], i) => ({ id: `w${i}`, name: '', xMm, yMm })) });

/** A box that stands on the floor or hangs, turned about its middle; and whether a line runs through it. */
type Block = {
  xMm: number;
  yMm: number;
  wide: number;
  deep: number;
  turn: number;
  low: number;
  high: number;
};
const solidOf = ({ xMm, yMm, wide, deep, turn, low, high }: Block, i: number): Solid => {
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  const outline = [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([u, v]): Point => {
    const [x, y] = [(u! * wide) / 2, (v! * deep) / 2];
    return { xMm: xMm + x * c - y * s, yMm: yMm + x * s + y * c };
  });
  return { id: `s${i}`, outline, bottomMm: low, topMm: high };
};
/** In the block's own coordinates, slab by slab; nothing of the code that is checked. */
function runsThrough(b: Block, from: Place3, to: Place3): boolean {
  const own = (p: Place3): [number, number, number] => {
    const [x, y] = [p.xMm - b.xMm, p.yMm - b.yMm];
    return [
      x * Math.cos(b.turn) + y * Math.sin(b.turn),
      y * Math.cos(b.turn) - x * Math.sin(b.turn),
      p.zMm - (b.low + b.high) / 2,
    ];
  };
  const [p, q] = [own(from), own(to)];
  let [t0, t1] = [0, 1];
  [b.wide / 2, b.deep / 2, (b.high - b.low) / 2].forEach((half, i) => {
    const d = q[i]! - p[i]!;
    if (Math.abs(d) < 1e-9) {
      if (Math.abs(p[i]!) > half) t1 = -1;
      return;
    }
    const [a, e] = [(-half - p[i]!) / d, (half - p[i]!) / d];
    t0 = Math.max(t0, Math.min(a, e));
    t1 = Math.min(t1, Math.max(a, e));
  });
  return t0 < t1;
}
function crossesWall(walls: readonly Wall[], from: Place3, to: Place3): boolean {
  return walls.some((w) => {
    const side = (p: Point) =>
      (w.to.xMm - w.from.xMm) * (p.yMm - w.from.yMm) - (w.to.yMm - w.from.yMm) * (p.xMm - w.from.xMm);
    const other = (p: Point) =>
      (to.xMm - from.xMm) * (p.yMm - from.yMm) - (to.yMm - from.yMm) * (p.xMm - from.xMm);
    return side(from) * side(to) < 0 && other(w.from) * other(w.to) < 0;
  });
}

/**
 * Where on the glass an eye would see a place: by way of it the way between them is shortest. Off the glass, or so near to
 * its edge that it may be either.
 */
function hitOf(glass: Glass, wall: Wall, eye: Place3, place: Place3): Place3 | 'off' | 'edge' {
  const rises = glass.topMm - glass.bottomMm;
  const height = Math.hypot(rises, glass.footMm);
  const into = [
    -(wall.to.yMm - wall.from.yMm) / wall.lengthMm,
    (wall.to.xMm - wall.from.xMm) / wall.lengthMm,
  ];
  const at = (u: number, v: number): Place3 => {
    const foot = pointOnWall(wall, glass.xMm + u);
    const out = glass.footMm * (1 - v / height);
    return {
      xMm: foot.xMm + into[0]! * out,
      yMm: foot.yMm + into[1]! * out,
      zMm: glass.bottomMm + (v * rises) / height,
    };
  };
  const far = (a: Place3, b: Place3) => Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm, a.zMm - b.zMm);
  const way = (u: number, v: number) => far(eye, at(u, v)) + far(at(u, v), place);
  // downhill along each in turn, with ever smaller steps
  let [u, v, step] = [0, height / 2, 4096];
  while (step > 0.05) {
    const [from, best] = [way(u, v), { u, v }];
    let least = from;
    for (const [du, dv] of [
      [step, 0],
      [-step, 0],
      [0, step],
      [0, -step],
    ] as const)
      if (way(u + du, v + dv) < least) {
        least = way(u + du, v + dv);
        Object.assign(best, { u: u + du, v: v + dv });
      }
    if (least < from) [u, v] = [best.u, best.v];
    else step /= 2;
  }
  if (Math.abs(Math.abs(u) - glass.widthMm / 2) < 8 || Math.min(Math.abs(v), Math.abs(v - height)) < 8)
    return 'edge';
  return Math.abs(u) < glass.widthMm / 2 && v > 0 && v < height ? at(u, v) : 'off';
}

const anyBlock = fc.record({
  xMm: fc.double({ min: 600, max: 3000, noNaN: true }),
  yMm: fc.double({ min: 600, max: 3600, noNaN: true }),
  wide: fc.double({ min: 100, max: 1500, noNaN: true }),
  deep: fc.double({ min: 100, max: 900, noNaN: true }),
  turn: fc.double({ min: 0, max: 3, noNaN: true }),
  low: fc.constantFrom(0, 0, 0, 1200),
  high: fc.double({ min: 1250, max: 2200, noNaN: true }),
});
const anyView = fc.record({
  outline: fc.constantFrom('square', 'ell'),
  wall: fc.integer({ min: 0, max: 3 }),
  ex: fc.double({ min: 300, max: 3000, noNaN: true }),
  ey: fc.double({ min: 300, max: 3700, noNaN: true }),
  eye: fc.double({ min: 900, max: 1800, noNaN: true }),
  along: fc.double({ min: 0.25, max: 0.75, noNaN: true }),
  lean: fc.constantFrom(0, 0, 200),
  blocks: fc.array(anyBlock, { maxLength: 3 }),
  shown: fc.array(
    fc.record({
      wall: fc.integer({ min: 0, max: 5 }),
      along: fc.double({ min: 0.02, max: 0.98, noNaN: true }),
      up: fc.double({ min: 0.03, max: 0.97, noNaN: true }),
    }),
    { minLength: 6, maxLength: 6 },
  ),
});

describe('what is seen in a glass', () => {
  it('is what the shortest way by way of the glass reaches, with nothing between', () => {
    let [seen, hidden] = [0, 0];
    fc.assert(
      fc.property(anyView, (view) => {
        const walls = wallsOfOutline(view.outline);
        const wall = walls[view.wall]!;
        const eye = { xMm: view.ex, yMm: view.ey, zMm: view.eye };
        const glass: Glass = {
          wallId: wall.id,
          xMm: view.along * wall.lengthMm,
          widthMm: 900,
          bottomMm: view.lean > 0 ? 0 : 900,
          topMm: 1900,
          footMm: view.lean,
        };
        const blocks = view.blocks.filter((b) => !isIn(b, eye));
        const tops = new Map(
          walls.map((w) => [
            w.id,
            [
              { xMm: 0, heightMm: CEILING },
              { xMm: w.lengthMm, heightMm: CEILING },
            ],
          ]),
        );
        const room = roomSeen({ walls, tops, solids: blocks.map(solidOf) });
        const { surface, part } = planeOf(glass, walls)!;
        const plane = mirrorPlane(surface, wall.id, eye, room);
        const patches = patchesIn(glass, eye, room);
        for (const thing of view.shown) {
          const other = walls[thing.wall % walls.length]!;
          if (other.id === wall.id) continue;
          const box = {
            xMm: thing.along * other.lengthMm - 20,
            yMm: thing.up * CEILING - 20,
            widthMm: 40,
            heightMm: 40,
          };
          const corners = [
            [0, 0],
            [40, 0],
            [40, 40],
            [0, 40],
            [20, 20],
            [20, 0],
            [20, 40],
            [0, 20],
            [40, 20],
          ].map(([x, y]): Place3 => ({ ...pointOnWall(other, box.xMm + x!), zMm: box.yMm + y! }));
          const isSeen = (place: Place3): boolean | 'edge' => {
            const hit = hitOf(glass, wall, eye, place);
            if (behind(wall, glass, place) || behind(wall, glass, eye)) return false;
            if (hit === 'edge') return 'edge';
            if (hit === 'off') return false;
            return [
              [eye, hit],
              [hit, place],
            ].every(
              ([a, b]) =>
                !blocks.some((block) => runsThrough(block, a!, b!)) &&
                !crossesWall(
                  walls.filter((w) => w !== wall && w !== other),
                  a!,
                  b!,
                ),
            );
          };
          const faces = facesRoom(other, eye, glass, wall);
          const each = corners.map((place) => (faces ? isSeen(place) : false));
          // what is only partly seen may be either
          if (each.some((s) => s === 'edge' || s !== each[0])) continue;
          each[0] ? seen++ : hidden++;
          expect(plane.shows({ wallId: other.id, box }, null, part), JSON.stringify(box)).toBe(each[0]);
          expect(mirrorPatchesArea(patches, other.id, box) > 800, JSON.stringify(box)).toBe(each[0]);
        }
      }),
      { numRuns: 150, seed: 7, endOnFailure: true },
    );
    expect(seen).toBeGreaterThan(40);
    expect(hidden).toBeGreaterThan(200);
  });
});

const isIn = (b: Block, p: Place3): boolean =>
  runsThrough({ ...b, low: 0, high: 3000 }, p, { ...p, xMm: p.xMm + 1 });

/** Whether a place is behind the plane of the glass, or so near that it may be either. */
function behind(wall: Wall, glass: Glass, p: Place3): boolean {
  const into = [
    -(wall.to.yMm - wall.from.yMm) / wall.lengthMm,
    (wall.to.xMm - wall.from.xMm) / wall.lengthMm,
  ];
  const out = (p.xMm - wall.from.xMm) * into[0]! + (p.yMm - wall.from.yMm) * into[1]!;
  const planeAt = glass.footMm * (1 - (p.zMm - glass.bottomMm) / (glass.topMm - glass.bottomMm));
  return out - planeAt < 5;
}

/** A wall shows its face to where the mirrored eye looks from. */
function facesRoom(other: Wall, eye: Place3, glass: Glass, wall: Wall): boolean {
  const height = Math.hypot(glass.topMm - glass.bottomMm, glass.footMm);
  const [sine, cosine] = [glass.footMm / height, (glass.topMm - glass.bottomMm) / height];
  const into = [
    -(wall.to.yMm - wall.from.yMm) / wall.lengthMm,
    (wall.to.xMm - wall.from.xMm) / wall.lengthMm,
  ];
  const n = [into[0]! * cosine, into[1]! * cosine, sine];
  const d =
    (eye.xMm - wall.from.xMm) * n[0]! +
    (eye.yMm - wall.from.yMm) * n[1]! +
    (eye.zMm - glass.bottomMm) * n[2]! -
    glass.footMm * cosine;
  const image = [eye.xMm - 2 * d * n[0]!, eye.yMm - 2 * d * n[1]!];
  const side =
    (image[0]! - other.from.xMm) * -(other.to.yMm - other.from.yMm) +
    (image[1]! - other.from.yMm) * (other.to.xMm - other.from.xMm);
  return side / other.lengthMm > 5;
}
