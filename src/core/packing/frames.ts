/**
 * Frames of any size hung as one: every frame exactly one gap from a neighbour, none nearer to any other, all
 * in their zone.
 * Places are middles, x to the right and y up, from the middle of the zone, mm. The same seed gives the same
 * answer.
 */
import type { Mm } from '../base/units';
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
   * Where the finished whole stands: its preferred middle, its lower edge between low and high; null in the
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

/** A frame with its place. */
export type Put = Frame & Place;

export type Bounds = { left: Mm; right: Mm; bottom: Mm; top: Mm };

export function boundsOf(placed: readonly Put[]): Bounds {
  let [left, right, bottom, top] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const p of placed) {
    left = Math.min(left, p.xMm - p.widthMm / 2);
    right = Math.max(right, p.xMm + p.widthMm / 2);
    bottom = Math.min(bottom, p.yMm - p.heightMm / 2);
    top = Math.max(top, p.yMm + p.heightMm / 2);
  }
  return { left, right, bottom, top };
}

export const shifted = (placed: readonly Put[], offset: Place): Put[] =>
  placed.map((p) => ({ ...p, xMm: p.xMm + offset.xMm, yMm: p.yMm + offset.yMm }));

/** Where the nails of hung frames are. */
export const nailsOf = (placed: readonly Put[]): Place[] =>
  placed.flatMap((p) => p.nails.map((n) => ({ xMm: p.xMm + n.dxMm, yMm: p.yMm + n.dyMm })));

/** A nail within this of a hole goes into it. */
const SAME_HOLE_MM: Mm = 2;
export const isHoleUsed = (
  hole: Place,
  nails: readonly Place[],
  offset: Place = { xMm: 0, yMm: 0 },
): boolean =>
  nails.some((n) => Math.hypot(n.xMm + offset.xMm - hole.xMm, n.yMm + offset.yMm - hole.yMm) < SAME_HOLE_MM);

/** Lower edge of a whole of this height, as near to the preferred one as its limits allow. */
export const standsAt = (s: NonNullable<GalleryAsk['stands']>, height: Mm): Mm =>
  Math.max(s.lowMm, Math.min(s.highMm, s.wishYMm - height / 2));
