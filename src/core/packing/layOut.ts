import type { Mm } from '../base/units';
import { placesBeside, unevenGaps } from './beside';
import { EPSILON_MM } from './facing';
import {
  boundsOf,
  isHoleUsed,
  nailsOf,
  shifted,
  standsAt,
  type Bounds,
  type Frame,
  type GalleryAsk,
  type Place,
  type Put,
} from './frames';

type Zone = NonNullable<GalleryAsk['zone']>;

/** How finely a first free place is looked for, mm. */
const SEEK_MM: Mm = 60;
/** What each gap that is nearly the others' adds to the cost of a place. */
const UNEVEN_COST = 0.025;
/** Shares of the way to where the whole is to stand that are tried, across and up. */
const SHARES_OF_WAY = [1, 0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3, 0.2, 0.1, 0];

/** One layout after another of the same frames, for different orders of them. */
export class LayOut {
  /** Pinned frames and things in the way stand still, so each frame is held to the zone as it is put. */
  readonly #fixed: boolean;
  readonly #firstPlaces: readonly Place[];

  constructor(
    private readonly ask: GalleryAsk,
    /** Width to height that the outline tends to. */
    private readonly ratio: number,
    private readonly random: () => number,
  ) {
    this.#fixed = ask.pinned.length > 0 || ask.blocked.length > 0;
    this.#firstPlaces = ask.blocked.length > 0 && ask.zone ? nearMiddle(ask.zone) : [];
  }

  /**
   * Each frame in its turn to the place beside those that hang which keeps the outline small, near its ratio,
   * and heavy things low and in the middle; `loose` strays from the best place. Null when one does not fit.
   */
  build(order: readonly Frame[], loose: number): Put[] | null {
    const placed: Put[] = this.ask.pinned.map((p) => ({ ...p }));
    for (const frame of order) {
      const place = this.#bestPlace(frame, placed, loose);
      if (!place) return null;
      placed.push({ ...frame, ...place });
    }
    return this.ask.pinned.length > 0 || placed.length === 0 ? placed : this.#broughtToStand(placed);
  }

  #bestPlace(frame: Frame, placed: readonly Put[], loose: number): Place | null {
    const { ask } = this;
    const bounds = boundsOf(placed);
    const middleMm = placed.length > 0 ? placed.reduce((s, q) => s + q.xMm, 0) / placed.length : 0;
    let best: Place | null = null;
    let bestCost = Infinity;
    // what a place costs is known at once; whether it is free is only asked where it would be the best so far
    const consider = (xMm: Mm, yMm: Mm): void => {
      const outline = outlineWith(bounds, frame, xMm, yMm);
      const strays = loose > 0 ? 1 + loose * this.random() : 1;
      const cost = this.#costOf(outline, xMm - middleMm, yMm) * strays;
      if (cost >= bestCost - EPSILON_MM || !this.#canHang(frame, xMm, yMm, placed, outline)) return;
      const sized = { widthMm: frame.widthMm, heightMm: frame.heightMm, xMm, yMm };
      const full = cost * (1 + UNEVEN_COST * unevenGaps(placed, sized, ask.gapMm));
      if (full >= bestCost - EPSILON_MM) return;
      best = { xMm, yMm };
      bestCost = full;
    };
    if (placed.length > 0) {
      placesBeside(frame, placed, ask.gapMm, consider);
      return best;
    }
    consider(0, this.#firstHeight(frame.heightMm / 2));
    // something stands in the middle: the first goes to the free place that is nearest to it
    for (let i = 0; best === null && i < this.#firstPlaces.length; i++) {
      const { xMm, yMm } = this.#firstPlaces[i] as Place;
      consider(xMm, yMm);
    }
    return best;
  }

  #firstHeight(halfMm: Mm): Mm {
    const { stands, zone } = this.ask;
    if (!this.#fixed || !stands || !zone) return 0;
    return Math.max(halfMm - zone.heightMm / 2, Math.min(zone.heightMm / 2 - halfMm, stands.wishYMm));
  }

  #costOf({ widthMm, heightMm }: Outline, fromMiddleMm: Mm, yMm: Mm): number {
    const { ratio } = this;
    return (
      Math.max(widthMm, heightMm * ratio) * (1 + 0.15 * Math.abs(Math.log(widthMm / heightMm / ratio))) +
      0.12 * Math.abs(fromMiddleMm) +
      0.04 * Math.max(0, yMm)
    );
  }

  /** Whether a frame can hang at a place: within the zone, a gap from all others, over nothing in the way. */
  #canHang(frame: Frame, xMm: Mm, yMm: Mm, placed: readonly Put[], outline: Outline): boolean {
    const { zone, gapMm } = this.ask;
    if (!this.#fixed && zone && isLarger(outline, zone)) return false;
    for (const q of placed)
      if (
        Math.abs(xMm - q.xMm) < frame.widthMm / 2 + q.widthMm / 2 + gapMm - EPSILON_MM &&
        Math.abs(yMm - q.yMm) < frame.heightMm / 2 + q.heightMm / 2 + gapMm - EPSILON_MM
      )
        return false;
    return !this.#fixed || this.#isFree([{ ...frame, xMm, yMm }]);
  }

  /**
   * The whole brought to where it is to stand, or else to the middle of its zone, unless something is in the
   * way there.
   */
  #broughtToStand(placed: Put[]): Put[] | null {
    const b = boundsOf(placed);
    const toMiddle = { xMm: -(b.left + b.right) / 2, yMm: -(b.bottom + b.top) / 2 };
    const wanted = {
      xMm: toMiddle.xMm,
      yMm: this.ask.stands ? this.#lowerEdge(b.top - b.bottom) - b.bottom : toMiddle.yMm,
    };
    for (const way of [...waysTowards(wanted, this.#fixed ? SHARES_OF_WAY : [1]), toMiddle]) {
      const moved = shifted(placed, way);
      if (this.#isFree(moved)) return this.#toHoles(moved);
    }
    return placed.every((p) => this.#isInZone(p)) ? this.#toHoles(placed) : null;
  }

  /** Lower edge of a whole of this height where it is to stand. */
  #lowerEdge(height: Mm): Mm {
    const { stands, zone } = this.ask;
    if (!stands) return -height / 2;
    const bottom = standsAt(stands, height);
    return zone ? Math.max(-zone.heightMm / 2, Math.min(zone.heightMm / 2 - height, bottom)) : bottom;
  }

  /** The whole shifted a little so that as many nails as can be meet holes that are there. */
  #toHoles(placed: Put[]): Put[] {
    const { holes, holeReachMm } = this.ask;
    const nails = nailsOf(placed);
    const met = (way: Place): number => holes.filter((h) => isHoleUsed(h, nails, way)).length;
    const metNow = met({ xMm: 0, yMm: 0 });
    const best = holes
      .flatMap((h) => nails.map((n) => ({ xMm: h.xMm - n.xMm, yMm: h.yMm - n.yMm })))
      .map((way) => ({ way, met: met(way), far: Math.hypot(way.xMm, way.yMm) }))
      .filter((w) => w.far <= holeReachMm && w.met > metNow)
      .sort((a, c) => c.met - a.met || a.far - c.far)
      .find((w) => this.#isFree(shifted(placed, w.way)));
    return best ? shifted(placed, best.way) : placed;
  }

  #isFree(placed: readonly Put[]): boolean {
    return placed.every((p) => this.#isInZone(p) && this.#isClear(p));
  }

  #isInZone(p: Put): boolean {
    const { zone } = this.ask;
    return (
      !zone ||
      (Math.abs(p.xMm) + p.widthMm / 2 <= zone.widthMm / 2 + EPSILON_MM &&
        Math.abs(p.yMm) + p.heightMm / 2 <= zone.heightMm / 2 + EPSILON_MM)
    );
  }

  #isClear(p: Put): boolean {
    return this.ask.blocked.every(
      (b) =>
        p.xMm + p.widthMm / 2 <= b.xMm + EPSILON_MM ||
        p.xMm - p.widthMm / 2 >= b.xMm + b.widthMm - EPSILON_MM ||
        p.yMm + p.heightMm / 2 <= b.yMm + EPSILON_MM ||
        p.yMm - p.heightMm / 2 >= b.yMm + b.heightMm - EPSILON_MM,
    );
  }
}

type Outline = { widthMm: Mm; heightMm: Mm };

const outlineWith = (b: Bounds, frame: Frame, xMm: Mm, yMm: Mm): Outline => ({
  widthMm: Math.max(b.right, xMm + frame.widthMm / 2) - Math.min(b.left, xMm - frame.widthMm / 2),
  heightMm: Math.max(b.top, yMm + frame.heightMm / 2) - Math.min(b.bottom, yMm - frame.heightMm / 2),
});

const isLarger = (outline: Outline, zone: Zone): boolean =>
  outline.widthMm > zone.widthMm + EPSILON_MM || outline.heightMm > zone.heightMm + EPSILON_MM;

/** Parts of a way, the one that leaves least of it first. */
const waysTowards = (wanted: Place, shares: readonly number[]): Place[] =>
  shares
    .flatMap((x) =>
      shares.map((y) => ({
        xMm: wanted.xMm * x,
        yMm: wanted.yMm * y,
        left: Math.hypot(wanted.xMm * (1 - x), wanted.yMm * (1 - y)),
      })),
    )
    .sort((a, c) => a.left - c.left)
    .map(({ xMm, yMm }) => ({ xMm, yMm }));

/** Places over a zone, from its middle outwards. */
function nearMiddle(zone: Zone): Place[] {
  const found: Place[] = [];
  for (let xMm = -zone.widthMm / 2; xMm <= zone.widthMm / 2; xMm += SEEK_MM)
    for (let yMm = -zone.heightMm / 2; yMm <= zone.heightMm / 2; yMm += SEEK_MM) found.push({ xMm, yMm });
  return found.sort((a, b) => Math.hypot(a.xMm, a.yMm) - Math.hypot(b.xMm, b.yMm));
}
