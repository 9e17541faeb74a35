/**
 * Frames of any size hung as one: every frame exactly one gap from a neighbour, none nearer to any other, all
 * in their zone.
 * Places are middles, x to the right and y up, from the middle of the zone, mm. The same seed gives the same
 * answer.
 */
import type { Mm } from '../base/units';
import { seededRandom } from '../base/random';
import type { Box } from '../geometry/plane';

/** weight: how heavy it looks, 0 to 1, from its colours; nails: where they are from the frame's middle. */
export type Frame = {
  id: string;
  widthMm: Mm;
  heightMm: Mm;
  weight: number;
  nails: readonly { dxMm: Mm; dyMm: Mm }[];
};
export type Place = { xMm: Mm; yMm: Mm };
export type GalleryAsk = {
  frames: readonly Frame[];
  /** Frames that stay where they are. */
  pinned: readonly (Frame & Place)[];
  gapMm: Mm;
  zone: { widthMm: Mm; heightMm: Mm } | null;
  /**
   * Where the finished whole stands: its middle at the wish, its lower edge between low and high; null in the
   * middle of its zone.
   */
  stands: { wishYMm: Mm; lowMm: Mm; highMm: Mm } | null;
  /** What may not be hung over: boxes by their lower left corner. */
  blocked: readonly Box[];
  /** Width to height of the outline; null takes it from the zone, or three to two. */
  ratio: number | null;
  /** Holes that are in the wall already; empty when they are not asked to be used. */
  holes: readonly Place[];
  /** How far the whole may be shifted for a hole's sake. */
  holeReachMm: Mm;
  seed: number;
  /** Layouts tried; null: as many as fit the number of frames. */
  rounds: number | null;
};
export type GalleryLayout = {
  at: ReadonlyMap<string, Place>;
  widthMm: Mm;
  heightMm: Mm;
  score: number;
  holesUsed: number;
  /** Behind a frame, and no nail in them. */ holesHidden: number;
  filled: number;
  balance: number;
  /** It stands where `stands` wants it, in the middle across. */ settled: boolean;
};
export type GalleryProgress = { done: number; of: number; best: GalleryLayout | null };

type Put = Frame & Place;
const EPS = 1e-6;

/** How many layouts are tried for so many frames: each costs about the cube of their number. */
export const usualRounds = (frames: number): number =>
  Math.max(30, Math.min(500, Math.round(300_000 / Math.max(1, frames) ** 2.35)));

/**
 * Tries layouts one after another and tells the best so far after each; at the end the best few that differ
 * from one another. Empty when not all frames fit.
 */
export function* searchGallery(ask: GalleryAsk, wanted = 5): Generator<GalleryProgress, GalleryLayout[]> {
  const rounds = ask.rounds ?? usualRounds(ask.frames.length + ask.pinned.length);
  const random = seededRandom(ask.seed);
  const ratio = ask.ratio ?? (ask.zone ? ask.zone.widthMm / ask.zone.heightMm : 1.5);
  const bySize = [...ask.frames].sort(
    (a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm || (a.id < b.id ? -1 : 1),
  );
  const seek = ask.blocked.length > 0 && ask.zone ? nearMiddle(ask.zone) : [];
  const pool: { layout: GalleryLayout; order: Frame[] }[] = [];
  const size = Math.sqrt(
    ask.frames.reduce((sum, f) => sum + f.widthMm * f.heightMm, 0) / Math.max(1, ask.frames.length),
  );
  for (let round = 0; round < rounds; round++) {
    const parent =
      pool.length > 0 && round > rounds * 0.35
        ? pool[Math.floor(random() * Math.min(4, pool.length))]!
        : null;
    const begun = () => (round === 0 ? bySize : shuffledNear(bySize, random));
    const order = parent ? swapped(parent.order, random) : begun();
    const placed = build(order, round === 0 ? 0 : random() * 0.5);
    if (placed) keep(placed, order);
    yield { done: round + 1, of: rounds, best: pool[0]?.layout ?? null };
  }
  // first those that differ plainly; where there are too few of them, those that differ at all
  const picked: GalleryLayout[] = [];
  for (const least of [0.75, 0.3])
    for (const { layout } of pool) {
      if (picked.length < wanted && picked.every((p) => apartness(p, layout, size) > least))
        picked.push(layout);
    }
  return picked.sort((a, b) => a.score - b.score);

  function keep(placed: readonly Put[], order: Frame[]): void {
    const layout = rate(placed, ask, ratio);
    const near = pool.findIndex((p) => apartness(p.layout, layout, size) < 0.12);
    if (near >= 0) {
      if (pool[near]!.layout.score <= layout.score) return;
      pool.splice(near, 1);
    }
    const at = pool.findIndex((p) => p.layout.score > layout.score);
    pool.splice(at < 0 ? pool.length : at, 0, { layout, order });
    if (pool.length > 24) pool.pop();
  }

  /**
   * One layout: each frame in its turn to the place beside those that hang which keeps the outline small,
   * near its ratio, and heavy things low and in the middle.
   */
  function build(order: readonly Frame[], loose: number): Put[] | null {
    const placed: Put[] = ask.pinned.map((p) => ({ ...p }));
    const fixed = ask.pinned.length > 0 || ask.blocked.length > 0;
    for (const frame of order) {
      const b = bounds(placed);
      const middle = placed.length > 0 ? placed.reduce((s, q) => s + q.xMm, 0) / placed.length : 0;
      let [bestX, bestY, bestCost] = [0, 0, Infinity];
      const [hw, hh] = [frame.widthMm / 2, frame.heightMm / 2];
      // what a place costs is known at once; whether it is free is only asked where it would be the best so
      // far
      const consider = (x: Mm, y: Mm) => {
        const width = Math.max(b.right, x + hw) - Math.min(b.left, x - hw);
        const height = Math.max(b.top, y + hh) - Math.min(b.bottom, y - hh);
        const cost =
          (Math.max(width, height * ratio) * (1 + 0.15 * Math.abs(Math.log(width / height / ratio))) +
            0.12 * Math.abs(x - middle) +
            0.04 * Math.max(0, y)) *
          (loose > 0 ? 1 + loose * random() : 1);
        if (cost >= bestCost - EPS) return;
        if (!fixed && ask.zone && (width > ask.zone.widthMm + EPS || height > ask.zone.heightMm + EPS))
          return;
        for (const q of placed)
          if (
            Math.abs(x - q.xMm) < hw + q.widthMm / 2 + ask.gapMm - EPS &&
            Math.abs(y - q.yMm) < hh + q.heightMm / 2 + ask.gapMm - EPS
          )
            return;
        if (fixed) {
          const p = { ...frame, xMm: x, yMm: y };
          if (!inside(p) || !clear(p)) return;
        }
        const full = cost * (1 + UNEVEN * unevenTo(placed, x, y, frame, ask.gapMm));
        if (full >= bestCost - EPS) return;
        [bestX, bestY, bestCost] = [x, y, full];
      };
      if (placed.length === 0) {
        consider(
          0,
          fixed && ask.stands && ask.zone
            ? Math.max(hh - ask.zone.heightMm / 2, Math.min(ask.zone.heightMm / 2 - hh, ask.stands.wishYMm))
            : 0,
        );
        // something stands in the middle: the first goes to the free place that is nearest to it
        for (let i = 0; bestCost === Infinity && i < seek.length; i++) consider(seek[i]!.xMm, seek[i]!.yMm);
      } else candidates(frame, placed, ask.gapMm, consider);
      if (bestCost === Infinity) return null;
      placed.push({ ...frame, xMm: bestX, yMm: bestY });
    }
    if (ask.pinned.length > 0 || placed.length === 0) return placed;
    // the whole is brought to where it is to stand, or else to the middle of its zone, unless something is in
    // the way there
    const b = bounds(placed);
    const middle = { xMm: -(b.left + b.right) / 2, yMm: -(b.bottom + b.top) / 2 };
    const by = { xMm: middle.xMm, yMm: ask.stands ? standing(b.top - b.bottom) - b.bottom : middle.yMm };
    const steps = fixed ? AS_FAR : [1];
    const ways = steps
      .flatMap((x) =>
        steps.map((y) => ({
          xMm: by.xMm * x,
          yMm: by.yMm * y,
          left: Math.hypot(by.xMm * (1 - x), by.yMm * (1 - y)),
        })),
      )
      .sort((a, c) => a.left - c.left);
    for (const way of [...ways, middle]) {
      const moved = shifted(placed, way);
      if (free(moved)) return toHoles(moved);
    }
    return placed.every(inside) ? toHoles(placed) : null;
  }
  /** Lower edge of a whole of this height where it is to stand. */
  function standing(height: Mm): Mm {
    if (!ask.stands) return -height / 2;
    const bottom = standsAt(ask.stands, height);
    return ask.zone
      ? Math.max(-ask.zone.heightMm / 2, Math.min(ask.zone.heightMm / 2 - height, bottom))
      : bottom;
  }
  /** The whole shifted a little so that as many nails as can be meet holes that are there. */
  function toHoles(placed: Put[]): Put[] {
    const nails = placed.flatMap((p) => p.nails.map((n) => ({ xMm: p.xMm + n.dxMm, yMm: p.yMm + n.dyMm })));
    const ways = ask.holes
      .flatMap((h) => nails.map((n) => ({ xMm: h.xMm - n.xMm, yMm: h.yMm - n.yMm })))
      .filter((s) => Math.hypot(s.xMm, s.yMm) <= ask.holeReachMm);
    const met = (s: Place) =>
      ask.holes.filter((h) => nails.some((n) => Math.hypot(n.xMm + s.xMm - h.xMm, n.yMm + s.yMm - h.yMm) < 2))
        .length;
    const stays = met({ xMm: 0, yMm: 0 });
    const best = ways
      .map((s) => ({ s, met: met(s), far: Math.hypot(s.xMm, s.yMm) }))
      .filter((w) => w.met > stays)
      .sort((a, c) => c.met - a.met || a.far - c.far)
      .find((w) => free(shifted(placed, w.s)));
    return best ? shifted(placed, best.s) : placed;
  }
  function free(placed: readonly Put[]): boolean {
    return placed.every((p) => inside(p) && clear(p));
  }
  function inside(p: Put): boolean {
    return (
      !ask.zone ||
      (Math.abs(p.xMm) + p.widthMm / 2 <= ask.zone.widthMm / 2 + EPS &&
        Math.abs(p.yMm) + p.heightMm / 2 <= ask.zone.heightMm / 2 + EPS)
    );
  }
  function clear(p: Put): boolean {
    return ask.blocked.every(
      (b) =>
        p.xMm + p.widthMm / 2 <= b.xMm + EPS ||
        p.xMm - p.widthMm / 2 >= b.xMm + b.widthMm - EPS ||
        p.yMm + p.heightMm / 2 <= b.yMm + EPS ||
        p.yMm - p.heightMm / 2 >= b.yMm + b.heightMm - EPS,
    );
  }
}

/** Shares of the way to where the whole is to stand that are tried, across and up. */
const AS_FAR = [1, 0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3, 0.2, 0.1, 0];
const standsAt = (s: NonNullable<GalleryAsk['stands']>, height: Mm): Mm =>
  Math.max(s.lowMm, Math.min(s.highMm, s.wishYMm - height / 2));
const shifted = (placed: readonly Put[], by: Place): Put[] =>
  placed.map((p) => ({ ...p, xMm: p.xMm + by.xMm, yMm: p.yMm + by.yMm }));

/** Places over a zone, from its middle outwards. */
function nearMiddle(zone: { widthMm: Mm; heightMm: Mm }): Place[] {
  const found: Place[] = [];
  for (let xMm = -zone.widthMm / 2; xMm <= zone.widthMm / 2; xMm += SEEK)
    for (let yMm = -zone.heightMm / 2; yMm <= zone.heightMm / 2; yMm += SEEK) found.push({ xMm, yMm });
  return found.sort((a, b) => Math.hypot(a.xMm, a.yMm) - Math.hypot(b.xMm, b.yMm));
}

/** The whole search at once. */
export function solveGallery(ask: GalleryAsk, wanted = 5): GalleryLayout[] {
  const search = searchGallery(ask, wanted);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}

/**
 * Places at exactly one gap from something that hangs: with edges or middles in line, or in the corner
 * between two.
 */
function candidates(f: Frame, placed: readonly Put[], gap: Mm, consider: (xMm: Mm, yMm: Mm) => void): void {
  for (const p of placed) {
    const beside = (p.widthMm + f.widthMm) / 2 + gap;
    const above = (p.heightMm + f.heightMm) / 2 + gap;
    const [rise, shift] = [(p.heightMm - f.heightMm) / 2, (p.widthMm - f.widthMm) / 2];
    for (let k = -1; k <= 1; k++) {
      consider(p.xMm + beside, p.yMm + k * rise);
      consider(p.xMm - beside, p.yMm + k * rise);
      consider(p.xMm + k * shift, p.yMm + above);
      consider(p.xMm + k * shift, p.yMm - above);
    }
    // also where it would touch a second one, as long as it still faces the first
    for (const q of placed) {
      if (q === p) continue;
      for (let side = -1; side <= 1; side += 2) {
        const y = q.yMm + side * ((q.heightMm + f.heightMm) / 2 + gap);
        if (Math.abs(y - p.yMm) < (p.heightMm + f.heightMm) / 2 - 1) {
          consider(p.xMm + beside, y);
          consider(p.xMm - beside, y);
        }
        const x = q.xMm + side * ((q.widthMm + f.widthMm) / 2 + gap);
        if (Math.abs(x - p.xMm) < (p.widthMm + f.widthMm) / 2 - 1) {
          consider(x, p.yMm + above);
          consider(x, p.yMm - above);
        }
      }
    }
  }
}

/** How finely a first free place is looked for, mm. */
const SEEK: Mm = 60;
/** What each gap that is nearly the others' adds to the cost of a place. */
const UNEVEN = 0.025;
/** Frames that a frame at this place would face across more than the gap, yet not far. */
function unevenTo(placed: readonly Put[], x: Mm, y: Mm, f: Frame, gap: Mm): number {
  let count = 0;
  for (const q of placed) {
    const dx = Math.abs(x - q.xMm) - (f.widthMm + q.widthMm) / 2;
    const dy = Math.abs(y - q.yMm) - (f.heightMm + q.heightMm) / 2;
    const beside = dy < -1 && dx >= 0 ? dx : 0;
    const apart = dx < -1 && dy >= 0 ? dy : beside;
    if (apart > gap + 1 && apart < 4 * gap) count++;
  }
  return count;
}

function bounds(placed: readonly Put[]): { left: Mm; right: Mm; bottom: Mm; top: Mm } {
  let [left, right, bottom, top] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const p of placed) {
    left = Math.min(left, p.xMm - p.widthMm / 2);
    right = Math.max(right, p.xMm + p.widthMm / 2);
    bottom = Math.min(bottom, p.yMm - p.heightMm / 2);
    top = Math.max(top, p.yMm + p.heightMm / 2);
  }
  return { left, right, bottom, top };
}

/**
 * How good a finished layout is, less is better; parts are shares, so that none depends on the size of the
 * whole.
 */
function rate(placed: readonly Put[], ask: GalleryAsk, ratio: number): GalleryLayout {
  const b = bounds(placed);
  const [width, height] = [b.right - b.left, b.top - b.bottom];
  const [cx, cy] = [(b.left + b.right) / 2, (b.bottom + b.top) / 2];
  const area = placed.reduce((s, p) => s + p.widthMm * p.heightMm, 0);
  const filled = area / (width * height);
  const heft = (p: Put) => p.widthMm * p.heightMm * (0.4 + 0.6 * p.weight);
  const whole = placed.reduce((s, p) => s + heft(p), 0);
  const balance =
    Math.abs(placed.reduce((s, p) => s + heft(p) * (p.xMm - cx), 0)) / (whole * Math.max(1, width / 2));
  const low = placed.reduce((s, p) => s + heft(p) * (p.yMm - cy), 0) / (whole * Math.max(1, height / 2));
  const central =
    placed.reduce((s, p) => s + heft(p) * Math.abs(p.xMm - cx), 0) / (whole * Math.max(1, width / 2));
  const gaps = facing(placed);
  const excess =
    gaps.reduce((s, d) => s + Math.min(3, (d - ask.gapMm) / Math.max(1, ask.gapMm)), 0) /
    Math.max(1, placed.length);
  // a gap that is nearly the others' is seen as a mistake; a hole in the outline is not
  const uneven =
    gaps.filter((d) => d > ask.gapMm + 1 && d < 4 * Math.max(1, ask.gapMm)).length /
    Math.max(1, placed.length);
  const lines =
    new Set(
      placed.flatMap((p) => [
        `x${Math.round(p.xMm - p.widthMm / 2)}`,
        `X${Math.round(p.xMm + p.widthMm / 2)}`,
        `y${Math.round(p.yMm - p.heightMm / 2)}`,
        `Y${Math.round(p.yMm + p.heightMm / 2)}`,
      ]),
    ).size / Math.max(1, 4 * placed.length);
  const nails = placed.flatMap((p) => p.nails.map((n) => ({ xMm: p.xMm + n.dxMm, yMm: p.yMm + n.dyMm })));
  const used = (h: Place) => nails.some((n) => Math.hypot(n.xMm - h.xMm, n.yMm - h.yMm) < 2);
  const behind = (h: Place) =>
    placed.some(
      (p) => Math.abs(h.xMm - p.xMm) < p.widthMm / 2 - 5 && Math.abs(h.yMm - p.yMm) < p.heightMm / 2 - 5,
    );
  const holesUsed = ask.holes.filter(used).length;
  const holesHidden = ask.holes.filter((h) => !used(h) && behind(h)).length;
  const holes = ask.holes.length > 0 ? (holesUsed + 0.7 * holesHidden) / ask.holes.length : 0;
  // how far from where it is to stand something in the way keeps it
  const kept =
    ask.stands && ask.pinned.length === 0
      ? Math.min(1, Math.hypot(cx, b.bottom - standsAt(ask.stands, height)) / Math.max(1, height))
      : 0;
  const score =
    1.2 * kept +
    1.1 * Math.abs(Math.log(width / height / ratio)) +
    1.6 * (1 - filled) +
    1.4 * balance +
    0.5 * Math.max(-0.2, low) +
    0.35 * central +
    0.35 * excess +
    0.75 * uneven +
    0.4 * lines -
    0.8 * holes;
  return {
    at: new Map(placed.map((p) => [p.id, { xMm: p.xMm, yMm: p.yMm }])),
    widthMm: width,
    heightMm: height,
    score,
    holesUsed,
    holesHidden,
    filled,
    balance,
    settled:
      ask.stands !== null &&
      ask.pinned.length === 0 &&
      Math.abs(cx) < 1e-3 &&
      Math.abs(b.bottom - standsAt(ask.stands, height)) < 1e-3,
  };
}

type Sized = { widthMm: Mm; heightMm: Mm } & Place;
/** Distances between frames that face each other with nothing between them, mm. */
export function facing(placed: readonly Sized[]): Mm[] {
  const found: Mm[] = [];
  placed.forEach((p, i) => {
    for (let j = i + 1; j < placed.length; j++) {
      const q = placed[j]!;
      const [dx, dy] = [
        Math.abs(p.xMm - q.xMm) - (p.widthMm + q.widthMm) / 2,
        Math.abs(p.yMm - q.yMm) - (p.heightMm + q.heightMm) / 2,
      ];
      if (dx >= 0 === dy >= 0) continue;
      const along = dx >= 0;
      const between = placed.some((r) => r !== p && r !== q && liesBetween(p, q, r, along));
      if (!between) found.push(along ? dx : dy);
    }
  });
  return found;
}
function liesBetween(p: Sized, q: Sized, r: Sized, along: boolean): boolean {
  const [a, b] = along
    ? [p.xMm < q.xMm ? p : q, p.xMm < q.xMm ? q : p]
    : [p.yMm < q.yMm ? p : q, p.yMm < q.yMm ? q : p];
  const pos = (s: Sized) => (along ? s.xMm : s.yMm);
  const half = (s: Sized) => (along ? s.widthMm : s.heightMm) / 2;
  const across = (s: Sized) => (along ? s.yMm : s.xMm);
  const wide = (s: Sized) => (along ? s.heightMm : s.widthMm) / 2;
  if (pos(r) - half(r) < pos(a) + half(a) - EPS || pos(r) + half(r) > pos(b) - half(b) + EPS) return false;
  const [low, high] = [
    Math.max(across(a) - wide(a), across(b) - wide(b)),
    Math.min(across(a) + wide(a), across(b) + wide(b)),
  ];
  return across(r) - wide(r) < high - EPS && across(r) + wide(r) > low + EPS;
}

/** How far two layouts differ: the mean way of a frame from the one to the other, in sizes of a frame. */
function apartness(a: GalleryLayout, b: GalleryLayout, size: Mm): number {
  let sum = 0;
  for (const [id, p] of a.at) {
    const q = b.at.get(id)!;
    sum += Math.hypot(p.xMm - q.xMm, p.yMm - q.yMm);
  }
  return sum / Math.max(1, a.at.size) / Math.max(1, size);
}
function swapped(order: readonly Frame[], random: () => number): Frame[] {
  const next = [...order];
  for (let n = 1 + Math.floor(random() * 3); n > 0 && next.length > 1; n--) {
    const [i, j] = [Math.floor(random() * next.length), Math.floor(random() * next.length)];
    [next[i], next[j]] = [next[j]!, next[i]!];
  }
  return next;
}
/** Large ones first, but not strictly. */
const shuffledNear = (order: readonly Frame[], random: () => number): Frame[] =>
  order
    .map((f, i) => ({ f, key: i + (random() - 0.5) * order.length * 0.7 }))
    .sort((a, b) => a.key - b.key)
    .map((x) => x.f);
