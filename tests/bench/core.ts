/** What is timed in Node and in Chromium alike: the whole plan of one room, and what it is compared with. */
import Color from 'colorjs.io';
import type { Piece, Placement, RoomFile } from '../../src/core/model/types';
import { applyChange } from '../../src/core/model/change';
import { GROUP, HANGING, newItem, PIECE, PLACEMENT } from '../../src/core/model/defaults';
import { deltaE00 } from '../../src/core/colour/spaces';
import { kmeans } from 'ml-kmeans';
import potpack from 'potpack';
import { clusterColours } from '../../src/core/colour/cluster';
import { facing } from '../../src/core/packing/facing';
import type { Frame } from '../../src/core/packing/frames';
import { solveGallery } from '../../src/core/packing/gallery';
import { solveRoom } from '../../src/core/plan/solveRoom';
import { planLook } from '../../src/core/plan/planLook';
import { wallsOf } from '../../src/core/room/walls';
import { ruleBook } from '../../src/core/rules/book';
import { planWholeFloor } from '../../src/core/stages/floor/planFloor';
import { times } from './times';

export { timeComposer } from './composer';

/**
 * A plan of every look in turn, each time of a file that has just changed, as it is while something is
 * dragged.
 */
export function timePlans(file: RoomFile, rounds: number): number[] {
  const window = file.openings[0];
  const files = Array.from({ length: 8 }, (_, i) =>
    window ? applyChange(file, { do: 'putOpening', opening: { ...window, xMm: window.xMm + i } }) : file,
  );
  times(30, (i) => planLook(files[i % 8]!, { lookId: file.looks[i % file.looks.length]!.id }));
  return times(rounds, (i) => planLook(files[i % 8]!, { lookId: file.looks[i % file.looks.length]!.id }));
}

/** The plan of a look while a window is dragged: each builds on the one before, as on the page. */
export function timeDrag(file: RoomFile, rounds: number): number[] {
  const lookId = file.looks[0]!.id;
  const window = file.openings[0]!;
  let previous = planLook(file, { lookId });
  return times(rounds, (i) => {
    const opening = { ...window, xMm: window.xMm + (i % 8) };
    previous = planLook(applyChange(file, { do: 'putOpening', opening }), { lookId, previous });
  });
}

/** A room whose first look has a group of so many glazed frames on one wall, and nothing else on its walls. */
export function roomOfFrames(file: RoomFile, count: number, wallId: string): RoomFile {
  const look = file.looks[0]!;
  const frame = file.items.find((i) => i.kind === 'frame' || i.kind === 'art')!;
  const item = { ...frame, widthMm: 150, heightMm: 120, glazed: true, count };
  const group = {
    ...GROUP,
    id: 'frames',
    name: 'Frames',
    wallId,
    kind: 'grid' as const,
    columns: 12,
    xMm: 2500,
    centreMm: 1900,
  };
  const hanger = { kind: 'sawtooth' as const, dropMm: 20 };
  const hangings = Array.from({ length: count }, (_, i) => ({
    ...HANGING,
    id: `frame${i}`,
    itemId: item.id,
    wallId,
    hanger,
    groupId: group.id,
  }));
  const items = file.items.map((i) => (i.id === item.id ? item : i));
  return { ...file, items, looks: [{ ...look, groups: [group], hangings }] };
}

/** The plan of a look while a group of so many glazed frames is dragged along a wall with windows. */
export function timeFrames(file: RoomFile, count: number, rounds: number): number[] {
  const hung = roomOfFrames(file, count, file.room.walls[1]!.id);
  const look = hung.looks[0]!;
  const group = look.groups[0]!;
  let previous = planLook(hung, { lookId: look.id });
  return times(rounds, (i) => {
    const moved = { ...group, xMm: 2500 + (i % 40) * 3, centreMm: 1500 };
    previous = planLook({ ...hung, looks: [{ ...look, groups: [moved] }] }, { lookId: look.id, previous });
  });
}

/** The same file through JSON and back: a yardstick that is as fast or slow as the machine. */
export const timeJson = (file: RoomFile, rounds: number): number[] =>
  times(rounds, () => JSON.parse(JSON.stringify(file)));

const pairs = (n: number) =>
  Array.from(
    { length: n },
    (_, i) =>
      [
        { l: (i * 37) % 101, a: ((i * 53) % 200) - 100, b: ((i * 71) % 200) - 100 },
        { l: (i * 41) % 101, a: ((i * 59) % 200) - 100, b: ((i * 61) % 200) - 100 },
      ] as const,
  );

/** Ten thousand colour differences, ours and a reference library's. */
export function timeDifferences(rounds: number): { ours: number[]; reference: number[] } {
  const all = pairs(10_000);
  const colours = all.map((two) => two.map((c) => new Color('lab-d65', [c.l, c.a, c.b])));
  return {
    ours: times(rounds, () => all.forEach(([p, q]) => deltaE00(p, q))),
    reference: times(rounds, () => colours.forEach(([p, q]) => p!.deltaE(q!, '2000'))),
  };
}

/** The floor's checks alone, as they run for each frame in which a piece is dragged. */
export const timeFloors = (file: RoomFile, rounds: number): number[] => {
  const walls = wallsOf(file.room);
  const rules = ruleBook(file.rules, file.room.unit);
  return times(rounds, () => planWholeFloor(file, walls, rules));
};

/** Four groups of twelve thousand pixels, ours with four restarts and a reference library's with as many. */
export function timeClusters(rounds: number): { ours: number[]; reference: number[] } {
  const pixels = Array.from({ length: 12_000 }, (_, i) => [
    20 + ((i * 37) % 4) * 20 + ((i * 53) % 9),
    ((i * 71) % 4) * 15 - 30 + ((i * 31) % 7),
    ((i * 41) % 3) * 20 - 20 + ((i * 17) % 8),
  ]);
  const flat = Float32Array.from(pixels.flat());
  return {
    ours: times(rounds, () => clusterColours(flat, { count: 4, restarts: 4, seed: 1 })),
    reference: times(rounds, () => {
      for (let seed = 1; seed <= 4; seed++)
        kmeans(pixels, 4, { initialization: 'kmeans++', seed, maxIterations: 60 });
    }),
  };
}

const frames = (n: number): Frame[] =>
  Array.from({ length: n }, (_, i) => ({
    id: `f${i}`,
    widthMm: 200 + ((i * 37) % 9) * 45,
    heightMm: 200 + ((i * 53) % 7) * 60,
    weight: (i % 5) / 4,
    nails: [],
  }));
const GAP = 63.5;

/**
 * A gallery searched, and the same frames by a general rectangle packer: time, share of the outline that is
 * filled, and share of facing gaps that are the gap.
 */
export function timeGallery(n: number): {
  ms: number;
  filled: number;
  even: number;
  packerMs: number;
  packerFilled: number;
  packerEven: number;
} {
  const all = frames(n);
  const area = all.reduce((s, f) => s + f.widthMm * f.heightMm, 0);
  const even = (gaps: readonly number[]) =>
    gaps.filter((g) => Math.abs(g - GAP) < 1).length / Math.max(1, gaps.length);
  let start = performance.now();
  const best = solveGallery({
    frames: all,
    pinned: [],
    gapMm: GAP,
    zone: null,
    stands: null,
    blocked: [],
    ratio: null,
    holes: [],
    holeReachMm: 80,
    seed: 1,
    rounds: null,
  })[0]!;
  const ms = performance.now() - start;
  // the packer knows no gap: each frame is given half of it on every side
  const boxes = all.map((f) => ({ w: f.widthMm + GAP, h: f.heightMm + GAP, x: 0, y: 0 }));
  start = performance.now();
  const packed = potpack(boxes);
  const packerMs = performance.now() - start;
  return {
    ms,
    filled: best.filled,
    even: even(facing(all.map((f) => ({ ...f, ...best.at.get(f.id)! })))),
    packerMs,
    packerFilled: area / ((packed.w - GAP) * (packed.h - GAP)),
    packerEven: even(
      facing(
        boxes.map((b) => ({
          xMm: b.x + b.w / 2,
          yMm: b.y + b.h / 2,
          widthMm: b.w - GAP,
          heightMm: b.h - GAP,
        })),
      ),
    ),
  };
}

/** All windows of a look solved together, with as many kinds of panels as are given. */
export const timeSolve = (
  file: RoomFile,
  lookId: string,
  kinds: number,
  windows: number,
  rounds: number,
): number[] => {
  const panel = file.items.find((i) => i.kind === 'panel')!;
  const owned = Array.from({ length: kinds }, (_, i) => ({
    ...panel,
    id: `p${i}`,
    heightMm: 1600 + i * 9,
    count: 2 + (i % 8),
  }));
  const room = dressedWindows(file, lookId, windows);
  return times(rounds, () => solveRoom(room, lookId, 'all', { owned, shops: [] }));
};

/** The room with so many windows: those of the look over and over, each a little lower than the one before. */
function dressedWindows(file: RoomFile, lookId: string, count: number): RoomFile {
  const look = file.looks.find((l) => l.id === lookId)!;
  const windows = Array.from({ length: count }, (_, i) => {
    const dressing = look.dressings[i % look.dressings.length]!;
    const opening = file.openings.find((o) => o.id === dressing.openingId)!;
    const id = `window${i}`;
    return {
      opening: { ...opening, id, heightMm: opening.heightMm - 20 * i },
      dressing: { ...dressing, id: `dressing${i}`, openingId: id },
    };
  });
  return {
    ...file,
    openings: windows.map((w) => w.opening),
    looks: file.looks.map((l) => (l === look ? { ...l, dressings: windows.map((w) => w.dressing) } : l)),
  };
}

/** Bookcases along the north wall, so many things of many kinds on their shelves, some of them in and on others. */
export function roomOfThings(file: RoomFile, count: number): RoomFile {
  const look = file.looks[0]!;
  const perBay = 10;
  const bays = Math.ceil(count / perBay);
  const shelvesMm = [100, 450, 800, 1150, 1500];
  const cases = Array.from({ length: Math.ceil(bays / shelvesMm.length) }, (_, i): Piece => ({
    ...PIECE,
    id: `case${i}`,
    name: `Bookcase ${i}`,
    kind: 'bookcase',
    xMm: 450 + (i % 5) * 900,
    yMm: 150 + Math.floor(i / 5) * 600,
    turnDeg: 0,
    widthMm: 900,
    depthMm: 300,
    heightMm: 1900,
    bottomMm: 0,
    seat: null,
    shelvesMm,
    colours: [{ l: 40, a: 5, b: 10, share: 1 }],
    pattern: { kind: 'solid', repeatMm: 0 },
  }));
  const kinds = ['book', 'vase', 'candle', 'bowl', 'object', 'plant', 'basket', 'candlestick'] as const;
  const items = kinds.map((kind, i) =>
    newItem({
      id: `thing-${kind}`,
      name: kind,
      kind,
      count: 500,
      widthMm: 40 + i * 6,
      heightMm: 120,
      depthMm: 60,
    }),
  );
  const stem = newItem({
    id: 'thing-stem',
    name: 'stem',
    kind: 'stem',
    count: 500,
    widthMm: 60,
    heightMm: 250,
  });
  const placements = Array.from({ length: count }, (_, i): Placement => {
    const [bay, n] = [Math.floor(i / perBay), i % perBay];
    // every tenth is in the vase next to it
    if (n === 9)
      return {
        ...PLACEMENT,
        id: `t${i}`,
        itemId: stem.id,
        spot: { of: `t${i - 1}`, part: 'mouth' },
        xMm: 20,
      };
    const kind = n === 8 ? 'vase' : kinds[(i * 7) % kinds.length]!;
    const spot = {
      of: `case${Math.floor(bay / shelvesMm.length)}`,
      part: `bay${(bay % shelvesMm.length) + 1}`,
    };
    return { ...PLACEMENT, id: `t${i}`, itemId: `thing-${kind}`, spot, xMm: 50 + n * 92 };
  });
  return {
    ...file,
    pieces: [...file.pieces.filter((p) => p.kind === 'sofa'), ...cases],
    items: [...file.items, ...items, stem],
    looks: [{ ...look, placements }],
  };
}

/** The plan of a look with so many placed things while one of them is dragged along its shelf. */
export function timeThings(file: RoomFile, count: number, rounds: number): number[] {
  const full = roomOfThings(file, count);
  const look = full.looks[0]!;
  let previous = planLook(full, { lookId: look.id });
  return times(rounds, (i) => {
    // one thing after another, some of them hidden, is drawn along by the twenty
    const thing = look.placements[(3 + 37 * Math.floor(i / 20)) % count]!;
    const placement = { ...thing, xMm: thing.xMm + (i % 20) };
    previous = planLook(applyChange(full, { do: 'putPlacement', lookId: look.id, placement }), {
      lookId: look.id,
      previous,
    });
  });
}
