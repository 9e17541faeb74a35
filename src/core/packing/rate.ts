import type { Mm } from '../base/units';
import { facing } from './facing';
import {
  boundsOf,
  isHoleUsed,
  nailsOf,
  standsAt,
  type GalleryAsk,
  type GalleryLayout,
  type Place,
  type Put,
} from './frames';

/** How near to where it is to stand a whole is settled. */
const SETTLED_MM: Mm = 1e-3;

/** A hole this far within a frame's edge is hidden behind it. */
const HIDDEN_MM: Mm = 5;

/**
 * A finished layout with how good it is, less is better; parts are shares, so that none depends on the size of
 * the whole.
 */
export function rate(placed: readonly Put[], ask: GalleryAsk, ratio: number): GalleryLayout {
  const b = boundsOf(placed);
  const [widthMm, heightMm] = [b.right - b.left, b.top - b.bottom];
  const middle = { xMm: (b.left + b.right) / 2, yMm: (b.bottom + b.top) / 2 };
  const filled = placed.reduce((s, p) => s + p.widthMm * p.heightMm, 0) / (widthMm * heightMm);
  const { balance, low, central } = weigh(placed, middle, widthMm, heightMm);
  const { excess, uneven } = gapsOf(placed, ask.gapMm);
  const holes = holesOf(placed, ask.holes);
  const offMm = ask.stands ? Math.hypot(middle.xMm, b.bottom - standsAt(ask.stands, heightMm)) : null;
  const free = ask.pinned.length === 0;
  // how far from where it is to stand something in the way keeps it
  const kept = offMm !== null && free ? Math.min(1, offMm / Math.max(1, heightMm)) : 0;
  const score =
    1.2 * kept +
    1.1 * Math.abs(Math.log(widthMm / heightMm / ratio)) +
    1.6 * (1 - filled) +
    1.4 * balance +
    0.5 * Math.max(-0.2, low) +
    0.35 * central +
    0.35 * excess +
    0.75 * uneven +
    0.4 * linesOf(placed) -
    0.8 * holes.share;
  return {
    at: new Map(placed.map((p) => [p.id, { xMm: p.xMm, yMm: p.yMm }])),
    widthMm,
    heightMm,
    score,
    holesUsed: holes.used,
    holesHidden: holes.hidden,
    filled,
    balance,
    settled: offMm !== null && free && offMm < SETTLED_MM,
  };
}

/** How far the weight is aside, low and from the middle across, as shares of half the whole. */
function weigh(
  placed: readonly Put[],
  middle: Place,
  widthMm: Mm,
  heightMm: Mm,
): { balance: number; low: number; central: number } {
  const heft = (p: Put): number => p.widthMm * p.heightMm * (0.4 + 0.6 * p.weight);
  const whole = placed.reduce((s, p) => s + heft(p), 0);
  const [acrossMm, upMm] = [whole * Math.max(1, widthMm / 2), whole * Math.max(1, heightMm / 2)];
  return {
    balance: Math.abs(placed.reduce((s, p) => s + heft(p) * (p.xMm - middle.xMm), 0)) / acrossMm,
    low: placed.reduce((s, p) => s + heft(p) * (p.yMm - middle.yMm), 0) / upMm,
    central: placed.reduce((s, p) => s + heft(p) * Math.abs(p.xMm - middle.xMm), 0) / acrossMm,
  };
}

/**
 * How much wider than asked its gaps are, and how many are nearly as asked: such a one is seen as a mistake, a
 * hole in the outline is not.
 */
function gapsOf(placed: readonly Put[], gapMm: Mm): { excess: number; uneven: number } {
  const gaps = facing(placed);
  const frames = Math.max(1, placed.length);
  const asked = Math.max(1, gapMm);
  return {
    excess: gaps.reduce((s, d) => s + Math.min(3, (d - gapMm) / asked), 0) / frames,
    uneven: gaps.filter((d) => d > gapMm + 1 && d < 4 * asked).length / frames,
  };
}

/** Lines that the frames' edges make, as a share of all edges: fewer is calmer. */
function linesOf(placed: readonly Put[]): number {
  const lines = placed.flatMap((p) => [
    `x${Math.round(p.xMm - p.widthMm / 2)}`,
    `X${Math.round(p.xMm + p.widthMm / 2)}`,
    `y${Math.round(p.yMm - p.heightMm / 2)}`,
    `Y${Math.round(p.yMm + p.heightMm / 2)}`,
  ]);
  return new Set(lines).size / Math.max(1, 4 * placed.length);
}

function holesOf(
  placed: readonly Put[],
  holes: readonly Place[],
): { used: number; hidden: number; share: number } {
  const nails = nailsOf(placed);
  const isBehind = (h: Place): boolean =>
    placed.some(
      (p) =>
        Math.abs(h.xMm - p.xMm) < p.widthMm / 2 - HIDDEN_MM &&
        Math.abs(h.yMm - p.yMm) < p.heightMm / 2 - HIDDEN_MM,
    );
  const left = holes.filter((h) => !isHoleUsed(h, nails));
  const used = holes.length - left.length;
  const hidden = left.filter(isBehind).length;
  return { used, hidden, share: holes.length > 0 ? (used + 0.7 * hidden) / holes.length : 0 };
}
