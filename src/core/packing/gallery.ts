import type { Mm } from '../base/units';
import { seededRandom } from '../base/random';
import type { Frame, GalleryAsk, GalleryLayout, GalleryProgress } from './frames';
import { LayOut } from './layOut';
import { rate } from './rate';

/** How many layouts are tried for so many frames: each costs about the cube of their number. */
export const usualRounds = (frames: number): number =>
  Math.max(30, Math.min(500, Math.round(300_000 / Math.max(1, frames) ** 2.35)));

/** Layouts kept, and how far two of them are apart at the least. */
const POOL_SIZE = 24;
const POOL_APART = 0.12;
/** After this share of the rounds new layouts are bred from the best so far. */
const FRESH_SHARE = 0.35;
const PARENTS = 4;
/** How far apart the layouts shown are: first those that differ plainly, then those that differ at all. */
const TOLD_APART = [0.75, 0.3];

/**
 * Tries layouts one after another and yields the best so far after each; at the end the best few that
 * differ from one another. Empty when not all frames fit.
 */
export function* searchGallery(ask: GalleryAsk, wanted = 5): Generator<GalleryProgress, GalleryLayout[]> {
  const rounds = ask.rounds ?? usualRounds(ask.frames.length + ask.pinned.length);
  const random = seededRandom(ask.seed);
  const ratio = ask.ratio ?? (ask.zone ? ask.zone.widthMm / ask.zone.heightMm : 1.5);
  const bySize = largestFirst(ask.frames);
  const layOut = new LayOut(ask, ratio, random);
  const pool = new Pool(ask.frames);
  for (let round = 0; round < rounds; round++) {
    const parent = round > rounds * FRESH_SHARE ? pool.parent(random) : null;
    const order = parent ? swapped(parent, random) : freshOrder(bySize, round, random);
    const placed = layOut.build(order, round === 0 ? 0 : random() * 0.5);
    if (placed) pool.add(rate(placed, ask, ratio), order);
    yield { done: round + 1, of: rounds, best: pool.best };
  }
  return pool.pick(wanted);
}

/** The whole search at once. */
export function solveGallery(ask: GalleryAsk, wanted = 5): GalleryLayout[] {
  const search = searchGallery(ask, wanted);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}

type Order = readonly Frame[];
type Entry = { layout: GalleryLayout; order: Order };

/** The best layouts so far that differ from one another, the best first. */
class Pool {
  readonly #entries: Entry[] = [];
  /** Side of a frame of mean size: the unit of distance between layouts. */
  readonly #size: Mm;

  constructor(frames: Order) {
    const area = frames.reduce((sum, f) => sum + f.widthMm * f.heightMm, 0);
    this.#size = Math.sqrt(area / Math.max(1, frames.length));
  }

  get best(): GalleryLayout | null {
    return this.#entries[0]?.layout ?? null;
  }

  /** The order of one of the best; null when nothing fitted yet. */
  parent(random: () => number): Order | null {
    if (this.#entries.length === 0) return null;
    return this.#entries[Math.floor(random() * Math.min(PARENTS, this.#entries.length))]?.order ?? null;
  }

  add(layout: GalleryLayout, order: Order): void {
    const entries = this.#entries;
    const similar = entries.findIndex((e) => this.#apart(e.layout, layout) < POOL_APART);
    if (similar >= 0) {
      if ((entries[similar] as Entry).layout.score <= layout.score) return;
      entries.splice(similar, 1);
    }
    const worse = entries.findIndex((e) => e.layout.score > layout.score);
    entries.splice(worse < 0 ? entries.length : worse, 0, { layout, order });
    if (entries.length > POOL_SIZE) entries.pop();
  }

  pick(wanted: number): GalleryLayout[] {
    const picked: GalleryLayout[] = [];
    for (const least of TOLD_APART)
      for (const { layout } of this.#entries)
        if (picked.length < wanted && picked.every((p) => this.#apart(p, layout) > least))
          picked.push(layout);
    return picked.sort((a, b) => a.score - b.score);
  }

  /** How far two layouts differ: the mean way of a frame from the one to the other, in sizes of a frame. */
  #apart(a: GalleryLayout, b: GalleryLayout): number {
    let sum = 0;
    for (const [id, p] of a.at) {
      const q = b.at.get(id) ?? p;
      sum += Math.hypot(p.xMm - q.xMm, p.yMm - q.yMm);
    }
    return sum / Math.max(1, a.at.size) / Math.max(1, this.#size);
  }
}

const largestFirst = (frames: Order): Frame[] =>
  [...frames].sort((a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm || (a.id < b.id ? -1 : 1));

/** Large ones first; strictly in the first round, then only about so. */
const freshOrder = (bySize: Order, round: number, random: () => number): Order =>
  round === 0
    ? bySize
    : bySize
        .map((frame, i) => ({ frame, key: i + (random() - 0.5) * bySize.length * 0.7 }))
        .sort((a, b) => a.key - b.key)
        .map((x) => x.frame);

function swapped(order: Order, random: () => number): Order {
  const next = [...order];
  for (let n = 1 + Math.floor(random() * 3); n > 0 && next.length > 1; n--) {
    const i = Math.floor(random() * next.length);
    const j = Math.floor(random() * next.length);
    [next[i], next[j]] = [next[j] as Frame, next[i] as Frame];
  }
  return next;
}
