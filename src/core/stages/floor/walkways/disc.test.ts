/** Ways across the floor against a disc that is rolled over a fine grid. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bareRoom, inches, inchRules, opening, piece } from '../../../../../tests/helpers/rooms';
import { boundsOf, insidePolygon, type Point } from '../../../geometry/plane';
import type { Opening, Piece, RoomFile } from '../../../model/types';
import { isWay } from '../../../room/kinds';
import { footprint } from '../../../room/place';
import { pointOnWall, wallsOf } from '../../../room/walls';
import { planWholeFloor } from '../planFloor';
import { cutRoomFloor } from '../walkwayChecks';

const rules = inchRules();
const WANT = inches(30);
const REACH = inches(30);
const STEP = 25;
/** A disc that is wider or narrower by this than a way is not asked about: the grid is no finer. */
const PLAY = 2 * STEP;

const nearestOf = ({ xMm, yMm }: Point, shape: readonly Point[]): Point => {
  let [best, found] = [Infinity, { xMm, yMm }];
  for (let i = 0; i < shape.length; i++) {
    const [a, b] = [shape[i]!, shape[(i + 1) % shape.length]!];
    const [dx, dy] = [b.xMm - a.xMm, b.yMm - a.yMm];
    const t = ((xMm - a.xMm) * dx + (yMm - a.yMm) * dy) / (dx * dx + dy * dy || 1);
    const k = Math.min(1, Math.max(0, t));
    const [x, y] = [a.xMm + k * dx, a.yMm + k * dy];
    const far = Math.hypot(xMm - x, yMm - y);
    if (far < best) [best, found] = [far, { xMm: x, yMm: y }];
  }
  return found;
};
const farFrom = (p: Point, shape: readonly Point[]): number => {
  const near = nearestOf(p, shape);
  return Math.hypot(p.xMm - near.xMm, p.yMm - near.yMm);
};
const isIn = ({ xMm, yMm }: Point, shape: readonly Point[]): boolean => {
  let inside = false;
  for (let i = 0; i < shape.length; i++) {
    const [a, b] = [shape[i]!, shape[(i + 1) % shape.length]!];
    if (a.yMm > yMm !== b.yMm > yMm && xMm < a.xMm + ((yMm - a.yMm) / (b.yMm - a.yMm)) * (b.xMm - a.xMm))
      inside = !inside;
  }
  return inside;
};
const WAYS = [-1, 0, 1].flatMap((dx) => [-1, 0, 1].map((dy) => [dx, dy] as const));

type Cells = Uint8Array;
/** Somebody slim, and somebody stout. */
const LEAST = inches(8);
const BODIES = [150, 240];

/** The floor as a fine grid: how wide a disc has room at each place of it. */
function fine(file: RoomFile) {
  const walls = wallsOf(file.room);
  const { obstacles } = cutRoomFloor(file, file.openings.filter(isWay), walls, rules);
  const nx = Math.ceil(Math.max(...file.room.walls.map((w) => w.xMm)) / STEP);
  const ny = Math.ceil(Math.max(...file.room.walls.map((w) => w.yMm)) / STEP);
  const at = (k: number): Point => ({ xMm: ((k % nx) + 0.5) * STEP, yMm: (Math.floor(k / nx) + 0.5) * STEP });
  const count = nx * ny;
  const wide = new Float64Array(count);
  for (let k = 0; k < count; k++) if (isIn(at(k), file.room.walls)) wide[k] = 2 * WANT;
  for (const { shape, wall } of obstacles) {
    const box = boundsOf(shape);
    const cell = (mm: number, n: number) => Math.min(n, Math.max(0, Math.round(mm / STEP)));
    const [right, low] = [cell(box.xMm + box.widthMm + WANT, nx), cell(box.yMm + box.heightMm + WANT, ny)];
    for (let y = cell(box.yMm - WANT, ny); y < low; y++)
      for (let x = cell(box.xMm - WANT, nx); x < right; x++) {
        const k = y * nx + x;
        if (wide[k] === 0) continue;
        wide[k] = !wall && isIn(at(k), shape) ? 0 : Math.min(wide[k]!, 2 * farFrom(at(k), shape));
      }
  }
  const flood = (from: Cells, passes: (k: number) => boolean): Cells => {
    const seen = new Uint8Array(count);
    const queue: number[] = [];
    from.forEach((is, k) => {
      if (is && passes(k)) queue.push(k);
    });
    for (const k of queue) seen[k] = 1;
    for (let k = queue.pop(); k !== undefined; k = queue.pop())
      for (const [dx, dy] of WAYS) {
        const [x, y] = [(k % nx) + dx, Math.floor(k / nx) + dy];
        const next = y * nx + x;
        if (x < 0 || y < 0 || x >= nx || y >= ny || seen[next] || !passes(next)) continue;
        seen[next] = 1;
        queue.push(next);
      }
    return seen;
  };
  /** Whether one can put a hand to the nearest point of a shape: nothing is met before it. */
  const touches = (p: Point, shape: readonly Point[]): boolean => {
    const end = nearestOf(p, shape);
    const [dx, dy] = [end.xMm - p.xMm, end.yMm - p.yMm];
    const steps = Math.ceil(Math.hypot(dx, dy) / 5);
    for (let s = 0; s < steps; s++) {
      const q = { xMm: p.xMm + (s / steps) * dx, yMm: p.yMm + (s / steps) * dy };
      if (!isIn(q, file.room.walls)) return false;
      if (obstacles.some((o) => !o.wall && o.shape.length > 2 && isIn(q, o.shape))) return false;
    }
    return true;
  };
  /** From where a shape is reached by people of some widths who go sideways up to it. */
  const zones = (shape: readonly Point[], reachMm: number): Cells[] => {
    const away = wide.map((w, k) => (w > 0 ? farFrom(at(k), shape) : Infinity));
    const beside = away.map((mm, k) => (mm < Math.max(...BODIES) && touches(at(k), shape) ? mm : Infinity));
    return BODIES.map((body) =>
      flood(
        Uint8Array.from(beside, (mm) => (mm < body ? 1 : 0)),
        (k) => wide[k]! >= body && away[k]! <= reachMm,
      ),
    );
  };
  const rolls = (from: Cells, to: Cells, disc: number): boolean =>
    flood(from, (k) => wide[k]! >= disc).some((is, k) => is === 1 && to[k] === 1);
  return { zones, rolls };
}

const chest = (more: Partial<Piece>): Piece => piece({ kind: 'chest', seat: null, heightMm: 900, ...more });
const anyBox = fc.record({
  xMm: fc.integer({ min: 300, max: 4700 }),
  yMm: fc.integer({ min: 300, max: 3700 }),
  widthMm: fc.integer({ min: 300, max: 2200 }),
  depthMm: fc.integer({ min: 250, max: 1100 }),
  turnDeg: fc.oneof(fc.constantFrom(0, 90, 180, 270), fc.integer({ min: 0, max: 359 })),
});
const anyFloor = fc.record({
  corner: fc.option(fc.tuple(fc.integer({ min: 800, max: 2500 }), fc.integer({ min: 800, max: 2000 })), {
    nil: null,
  }),
  door: fc.record({ wallId: fc.constantFrom('s', 'w'), xMm: fc.integer({ min: 100, max: 2800 }) }),
  seat: anyBox,
  boxes: fc.array(anyBox, { minLength: 2, maxLength: 8 }),
});
type AnyFloor = Parameters<Parameters<typeof anyFloor.map>[0]>[0];

/** A room of 5 × 4 m, or an L, with a door, a chair and other furniture. */
function floorOf({ corner, door, seat, boxes }: AnyFloor): RoomFile {
  const base = bareRoom(5000, 4000);
  const c = (id: string, xMm: number, yMm: number) => ({ id, name: '', xMm, yMm });
  const walls = corner
    ? [
        c('n', 0, 0),
        c('i', 5000 - corner[0], 0),
        c('j', 5000 - corner[0], corner[1]),
        c('e', 5000, corner[1]),
        c('s', 5000, 4000),
        c('w', 0, 4000),
      ]
    : base.room.walls;
  const way: Opening = opening({
    ...door,
    id: 'door',
    kind: 'door',
    name: 'Door',
    widthMm: 900,
    sillMm: 0,
    dropsMm: null,
  });
  return {
    ...base,
    room: { ...base.room, walls },
    openings: [way],
    pieces: [
      piece({ ...seat, id: 'seat', name: 'Chair', kind: 'armchair', widthMm: 700, depthMm: 700 }),
      ...boxes.map((b, i) => chest({ ...b, id: `b${i}`, name: `Chest ${i}` })),
    ],
  };
}

const files = fc
  .sample(anyFloor, { numRuns: 400, seed: 23 })
  .map(floorOf)
  .filter(({ room, pieces }) => insidePolygon(pieces[0]!, room.walls))
  .slice(0, 300);
const walk = (file: RoomFile) => {
  const { findings } = planWholeFloor(file, wallsOf(file.room), rules);
  const narrow = findings.find((f) => f.code === 'walkway-narrow');
  if (findings.some((f) => f.code === 'no-way-to')) return 0;
  return narrow ? (narrow.by.byMm as number) : WANT;
};

const lineOf = (file: RoomFile, door: Opening): Point[] => {
  const wall = wallsOf(file.room).find((w) => w.id === door.wallId)!;
  return [pointOnWall(wall, door.xMm), pointOnWall(wall, door.xMm + door.widthMm)];
};

/** Whether a disc gets from the door to the chair, for somebody slim and for somebody stout. */
function rolling(file: RoomFile) {
  const { zones, rolls } = fine(file);
  const from = zones(lineOf(file, file.openings[0]!), 370);
  const to = zones(footprint(file.pieces[0]!), REACH);
  return {
    surely: (disc: number) => BODIES.every((_, i) => rolls(from[i]!, to[i]!, disc)),
    perhaps: (disc: number) => BODIES.some((_, i) => rolls(from[i]!, to[i]!, disc)),
  };
}

describe('ways across 300 floors drawn at random', () => {
  it('are as wide as the widest disc that rolls from the door to the chair', { timeout: 300_000 }, () => {
    const verdicts = { wide: 0, narrow: 0, none: 0 };
    const disagreements: string[] = [];
    files.forEach((file, n) => {
      const told = walk(file);
      const rolls = rolling(file);
      const isTooWide = told < WANT && rolls.surely(Math.max(told, LEAST) + PLAY);
      const isTooNarrow = told > LEAST + PLAY && !rolls.perhaps(told - PLAY);
      if (isTooWide || isTooNarrow) disagreements.push(`${n}: ${told} ${isTooWide ? 'wider' : 'narrower'}`);
      if (told >= WANT) verdicts.wide++;
      else verdicts[told > 0 ? 'narrow' : 'none']++;
    });
    expect(disagreements).toEqual([]);
    expect(Math.min(verdicts.wide, verdicts.narrow, verdicts.none)).toBeGreaterThan(20);
  });
  it('are the same with furniture turned onto itself and lists reversed', { timeout: 60_000 }, () => {
    const facts = (file: RoomFile) =>
      planWholeFloor(file, wallsOf(file.room), rules)
        .findings.filter((f) => f.code === 'walkway-narrow' || f.code === 'no-way-to')
        .map(({ code, by, about }) => [code, about, by.one, by.other, Number(by.byMm ?? 0)] as const);
    const turned = (file: RoomFile): RoomFile => ({
      ...file,
      pieces: file.pieces.map((p) => ({ ...p, turnDeg: (p.turnDeg + 180) % 360 })).reverse(),
    });
    for (const file of files) {
      const [was, now] = [facts(file), facts(turned(file))];
      expect(now.map((f) => f.slice(0, 4))).toEqual(was.map((f) => f.slice(0, 4)));
      now.forEach((f, i) => expect(f[4]).toBeCloseTo(was[i]![4], 0));
    }
  });
});
