import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFurnishedRoom, furnishedRoomOf } from '../../../tests/helpers/anyRoom';
import { bareRoom, fittingOf, inches, item, piece, placement, standing } from '../../../tests/helpers/rooms';
import { insidePolygon, type Point } from '../geometry/plane';
import type { Piece, RoomFile, Swatch } from '../model/types';
import { planLook } from '../plan/planLook';
import { overheadAt } from '../room/ceiling';
import { footprint } from '../room/place';
import { pointOnWall, wallsOf } from '../room/walls';
import { ruleBook } from '../rules/book';
import { patchesOf, type Patch } from './patches';

const IN2 = 25.4 * 25.4;
const SEEN_FROM_ABOVE = 0.3;
const swatch = (l: number, a: number, b: number, share = 1): Swatch => ({ l, a, b, share });
const RED = swatch(45, 45, 30);
const GREEN = swatch(50, -35, 25);

function patches(file: RoomFile): readonly Patch[] {
  const plan = planLook(file, { lookId: 'look' });
  const rules = ruleBook([{ ruleId: 'spread.floorForeshortening', value: SEEN_FROM_ABOVE }], file.room.unit);
  return patchesOf(file, plan, rules);
}
/** Square inches that are seen of a thing. */
const seenOf = (file: RoomFile, about: string): number =>
  patches(file)
    .filter((p) => p.about === about)
    .reduce((all, p) => all + p.areaMm2 / IN2, 0);
const lyingOf = (file: RoomFile, about: string): number => seenOf(file, about) / SEEN_FROM_ABOVE;

const rug = (id: string, [w, d]: [number, number], more: Partial<Piece> = {}): Piece =>
  piece({
    id,
    name: id,
    kind: 'rug',
    seat: null,
    xMm: inches(90),
    yMm: inches(80),
    widthMm: inches(w),
    depthMm: inches(d),
    heightMm: 10,
    colours: [RED],
    ...more,
  });
const room = (pieces: Piece[], more: Partial<RoomFile> = {}): RoomFile => ({
  ...bareRoom(inches(180), inches(160)),
  pieces,
  ...more,
});

/** An L: the part to the north-east is missing, its inner corner is at (100, 70). */
const L_WALLS = (
  [
    ['a', 0, 0],
    ['b', 100, 0],
    ['c', 100, 70],
    ['d', 180, 70],
    ['e', 180, 160],
    ['f', 0, 160],
  ] as const
).map(([id, x, y]) => ({ id, name: '', xMm: inches(x), yMm: inches(y) }));

describe('how much of a rug is seen', () => {
  it('its own outline, however it is turned', () => {
    for (const turnDeg of [0, 17, 45, 90, 133])
      expect(lyingOf(room([rug('r', [60, 36], { turnDeg })]), 'r')).toBeCloseTo(2160, 4);
  });
  it('less what lies on it or stands on it, whichever comes first in the list', () => {
    const big = rug('big', [80, 60], { turnDeg: 20 });
    const small = rug('small', [40, 30], { turnDeg: 50 });
    const table = piece({ id: 't', kind: 'coffeeTable', seat: null, xMm: inches(90), yMm: inches(80) });
    const low = { ...table, widthMm: inches(20), depthMm: inches(12), turnDeg: 77 };
    for (const pieces of [
      [big, small, low],
      [low, small, big],
      [small, low, big],
    ]) {
      expect(lyingOf(room(pieces), 'big')).toBeCloseTo(4800 - 1200, 4);
      expect(lyingOf(room(pieces), 'small')).toBeCloseTo(1200 - 240, 4);
    }
  });
  it('only what is in the room, at an inner corner too', () => {
    const base = bareRoom(inches(180), inches(160));
    const file = room([rug('r', [40, 40], { xMm: inches(100), yMm: inches(70) })]);
    expect(lyingOf({ ...file, room: { ...base.room, walls: L_WALLS } }, 'r')).toBeCloseTo(1200, 4);
    // the same outline, begun at another corner
    const begun = [...L_WALLS.slice(4), ...L_WALLS.slice(0, 4)];
    expect(lyingOf({ ...file, room: { ...base.room, walls: begun } }, 'r')).toBeCloseTo(1200, 4);
  });
});

describe('how much of a wall is seen', () => {
  it('under a slope, what covers it is taken off the wall that is there', () => {
    const base = bareRoom(inches(180), inches(160), inches(96));
    // against the south wall the ceiling comes down from 96 to 40 over 70; the east wall loses a triangle
    const slopes = [{ wallId: 's', lowMm: inches(40), runMm: inches(70) }];
    const chest = fittingOf({
      kind: 'radiator',
      wallId: 'e',
      xMm: inches(100),
      widthMm: inches(30),
      bottomMm: inches(10),
      heightMm: inches(20),
    });
    const bare = { ...base, room: { ...base.room, slopes } };
    const skirting = 160 * 5;
    const east = 160 * 96 - (70 * 56) / 2 - skirting;
    const wallOn = (file: RoomFile) =>
      patches(file)
        .filter((p) => p.about === 'wall' && p.wallId === 'e')
        .reduce((all, p) => all + p.areaMm2 / IN2, 0);
    expect(wallOn(bare)).toBeCloseTo(east, 4);
    expect(wallOn({ ...bare, fittings: [chest] })).toBeCloseTo(east - 600, 4);
    // over the slope there is no wall to cover: of this one only what is below it counts
    const high = {
      ...chest,
      xMm: inches(130),
      widthMm: inches(30),
      bottomMm: inches(20),
      heightMm: inches(60),
    };
    // under it the wall is 64 high at 130, 40 at 160
    expect(wallOn({ ...bare, fittings: [high] })).toBeCloseTo(east - (30 * (44 + 20)) / 2, 4);
    expect(seenOf({ ...bare, fittings: [high] }, 'f1')).toBeCloseTo((30 * (44 + 20)) / 2, 4);
  });
});

describe('what has two colours', () => {
  const two = [swatch(45, 45, 30, 0.7), swatch(50, -35, 25, 0.3)];
  const sharesOf = (file: RoomFile, about: string): number[] => {
    const all = seenOf(file, about);
    return two.map(
      (c) =>
        patches(file)
          .filter((p) => p.about === about && p.colour.l === c.l)
          .reduce((sum, p) => sum + p.areaMm2 / IN2, 0) / all,
    );
  };
  it('shows both, by their shares: seats, storage, tables, lamps, rugs', () => {
    for (const kind of ['sofa', 'bookcase', 'coffeeTable', 'lamp', 'bed', 'rug'] as const) {
      const shares = sharesOf(room([piece({ id: 'p', kind, colours: two })]), 'p');
      expect(shares[0]).toBeCloseTo(0.7, 9);
      expect(shares[1]).toBeCloseTo(0.3, 9);
    }
  });
  it('so does a fireplace with its mantel', () => {
    const mantel = { widthMm: inches(50), depthMm: inches(8), topMm: inches(40) };
    const fire = fittingOf({ kind: 'fireplace', colours: two, mantel });
    expect(sharesOf(room([], { fittings: [fire] }), 'f1')[0]).toBeCloseTo(0.7, 9);
  });
  it('the glass of a mirror has no colour, its frame has', () => {
    const glass = piece({ id: 'm', kind: 'mirror', seat: null, colours: [RED] });
    const whole = 84 * 34;
    expect(seenOf(room([glass]), 'm')).toBeLessThan(whole / 2);
    expect(seenOf(room([glass]), 'm')).toBeGreaterThan(0);
  });
});

describe('at the inner corner of an L', () => {
  it('a table that reaches past the end of its wall keeps what stands on it', () => {
    const base = bareRoom(inches(180), inches(160));
    // its back is to the wall that begins at the inner corner; half of it stands past that
    const table = piece({
      id: 't',
      kind: 'console',
      seat: null,
      xMm: inches(100),
      yMm: inches(80),
      widthMm: inches(60),
      depthMm: inches(16),
      heightMm: inches(30),
    });
    const vase = item({ id: 'v', kind: 'vase', widthMm: inches(6), heightMm: inches(10), colours: [GREEN] });
    const file: RoomFile = {
      ...base,
      room: { ...base.room, walls: L_WALLS },
      pieces: [table],
      items: [vase],
      looks: [
        {
          ...base.looks[0]!,
          placements: [5, 40].map((x, i) =>
            placement({ id: `x${i}`, itemId: 'v', ...standing('t'), xMm: inches(x) }),
          ),
        },
      ],
    };
    expect(seenOf(file, 'x0')).toBeCloseTo(60, 6);
    expect(seenOf(file, 'x1')).toBeCloseTo(60, 6);
    const places = patches(file).filter((p) => p.about === 'x0');
    expect([places[0]!.at.xMm / 25.4, places[0]!.at.yMm / 25.4]).toEqual([
      expect.closeTo(75, 6),
      expect.closeTo(80, 6),
    ]);
  });
});

const rooms = fc.sample(anyFurnishedRoom, { numRuns: 90, seed: 5 }).map(furnishedRoomOf);

describe('what moves', () => {
  it('leaves the spread of colours as it is while it is hidden', () => {
    const file = bareRoom();
    const furnished = {
      ...file,
      pieces: [piece()],
      items: [
        item({ id: 'small', widthMm: inches(10), heightMm: inches(10) }),
        item({ id: 'large', widthMm: inches(24), heightMm: inches(24) }),
      ],
    };
    const behind = (xMm: number) => ({
      ...furnished,
      looks: [
        {
          ...file.looks[0]!,
          placements: [
            placement({ id: 'behind', itemId: 'small', xMm }),
            placement({ id: 'front', itemId: 'large', xMm: inches(36) }),
          ],
        },
      ],
    });
    const first = planLook(behind(inches(36)), { lookId: 'look' });
    const moved = planLook(behind(inches(37)), { lookId: 'look', previous: first });
    const out = planLook(behind(inches(10)), { lookId: 'look', previous: moved });
    expect(moved.elevations).not.toBe(first.elevations);
    expect(moved.spread).toBe(first.spread);
    expect(out.spread).not.toBe(first.spread);
  });
});

describe('in rooms drawn at random', () => {
  it('the floor and its rugs are what a fine grid over the plan counts', { timeout: 60_000 }, () => {
    const STEP = 40;
    let rugs = 0;
    for (const file of rooms) {
      const lying = file.pieces
        .filter((p) => p.kind === 'rug' || p.bottomMm === 0)
        .map((p) => ({ p, outline: footprint(p) }));
      const counted = new Map<string, number>();
      for (let xMm = STEP / 2; xMm < 4000; xMm += STEP)
        for (let yMm = STEP / 2; yMm < 3000; yMm += STEP) {
          const over = lying.filter(({ outline }) => insidePolygon({ xMm, yMm }, outline, 0));
          const isCovered = over.some(({ p }) => p.kind !== 'rug');
          const size = (x: (typeof over)[number]) => x.p.widthMm * x.p.depthMm;
          const top = [...over].sort((a, b) => size(a) - size(b))[0];
          const about = isCovered ? '' : (top?.p.id ?? 'floor');
          counted.set(about, (counted.get(about) ?? 0) + (STEP * STEP) / IN2);
        }
      for (const [about, area] of counted) {
        if (about === '') continue;
        rugs += about === 'floor' ? 0 : 1;
        expect(Math.abs(lyingOf(file, about) - area)).toBeLessThan(60 + area * 0.03);
      }
    }
    expect(rugs).toBeGreaterThan(5);
  });
  it('each wall is what a fine grid counts of it, under slopes and beams', { timeout: 60_000 }, () => {
    const STEP = 30;
    for (const file of rooms.slice(0, 20)) {
      const plan = planLook(file, { lookId: 'look' });
      const walls = wallsOf(file.room);
      for (const elevation of plan.elevations) {
        const wall = walls.find((w) => w.id === elevation.wallId)!;
        const into = (p: Point): Point => {
          const [dx, dy] = [
            (wall.to.xMm - wall.from.xMm) / wall.lengthMm,
            (wall.to.yMm - wall.from.yMm) / wall.lengthMm,
          ];
          return { xMm: p.xMm - dy * 1e-4, yMm: p.yMm + dx * 1e-4 };
        };
        let counted = 0;
        for (let x = STEP / 2; x < wall.lengthMm; x += STEP) {
          const high = overheadAt(file.room, into(pointOnWall(wall, x)), walls);
          for (let y = STEP / 2; y < file.room.ceilingMm; y += STEP) {
            const front = elevation.shapes.findLast(
              ({ box: b, stands }) =>
                x > b.xMm &&
                x < b.xMm + b.widthMm &&
                y > b.yMm &&
                y < b.yMm + b.heightMm &&
                (stands || y < high),
            );
            if (front?.about === 'wall') counted += STEP * STEP;
          }
        }
        const seen = patches(file)
          .filter((p) => p.about === 'wall' && p.wallId === wall.id)
          .reduce((all, p) => all + p.areaMm2, 0);
        expect(Math.abs(seen - counted)).toBeLessThan(wall.lengthMm * STEP * 2);
      }
    }
  });
  it('nothing depends on the order of a list, or on the first corner', { timeout: 60_000 }, () => {
    const turned = <T>(list: readonly T[], by: number): T[] => [...list.slice(by), ...list.slice(0, by)];
    const shuffled = (file: RoomFile): RoomFile => ({
      ...file,
      room: { ...file.room, walls: turned(file.room.walls, 2) },
      openings: [...file.openings].reverse(),
      fittings: [...file.fittings].reverse(),
      pieces: [...file.pieces].reverse(),
      items: [...file.items].reverse(),
      looks: file.looks.map((look) => ({
        ...look,
        hangings: [...look.hangings].reverse().map((h) => ({ ...h, groupId: null })),
        placements: [...look.placements].reverse(),
        dressings: [...look.dressings].reverse().map((d) => ({ ...d, joinsNext: false })),
        groups: [],
      })),
    });
    const numbers = (file: RoomFile) => {
      const { spread } = planLook(file, { lookId: 'look' });
      const { families, findings, ...rest } = spread;
      return {
        rest,
        families: families.map(({ spread: s, shades: _, ...f }) => ({
          ...f,
          places: s.places.map((p) => [p.at, p.zMm, p.weight, p.about]),
          gap: s.widestGap.lengthMm,
          pull: s.pull,
          heights: s.heights,
          soft: [s.soft, s.hard],
        })),
        findings: findings.map((f) => [f.code, f.about]),
      };
    };
    const rounded = (value: unknown): string =>
      JSON.stringify(value, (_, v: unknown) => (typeof v === 'number' ? Math.round(v * 100) / 100 + 0 : v));
    for (const file of rooms) {
      const plain = shuffled(shuffled(file));
      expect(rounded(numbers(shuffled(file)))).toBe(rounded(numbers(plain)));
    }
  });
});
