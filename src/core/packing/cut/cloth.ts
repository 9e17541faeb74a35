import type { Mm } from '../../base/units';
import type { Box, Point } from '../../geometry/plane';

/**
 * Where a piece has to lie so that its pattern is right: anywhere; with its middle on the repeat (so far across and along,
 * and by whole repeats from there); with its middle on one of some motifs; with a side on the cloth's own border.
 */
export type Anchor =
  | { kind: 'anywhere' }
  | { kind: 'repeat'; acrossMm: Mm | null; alongMm: Mm | null; middle: Point }
  | { kind: 'motifs'; middles: readonly Point[] }
  | { kind: 'border'; side: 'left' | 'right' };

/** A piece to be cut, seams included: so wide across the cloth and so high along its grain. */
export type CutPiece = {
  id: string;
  widthMm: Mm;
  heightMm: Mm;
  /** Cloth without a direction may be cut either way; nothing else is turned off its grain. */
  mayTurn: boolean;
  anchor: Anchor;
};

/** A cloth: across from its left selvedge, along from its cut end; without a length it is as long as is needed. */
export type Cloth = {
  widthMm: Mm;
  lengthMm: Mm | null;
  /** Places that can't be used: stains, worn patches, holes. */
  flaws: readonly Box[];
};

/** A piece on the cloth, by its corner nearest the cut end and the left selvedge. */
export type Cut = Box & { id: string; isTurned: boolean };

export type CutPlan = {
  cuts: Cut[];
  /** Pieces for which the cloth has no place. */
  unplaced: string[];
  /** How much of the length is used, and which share of that stretch is in pieces. */
  lengthMm: Mm;
  usedShare: number;
};

/** Edges that are nearer than this touch: a thread. */
export const THREAD: Mm = 0.01;

/** Whether two boxes share more than an edge. */
export const overlaps = (a: Box, b: Box): boolean =>
  a.xMm < b.xMm + b.widthMm - THREAD &&
  b.xMm < a.xMm + a.widthMm - THREAD &&
  a.yMm < b.yMm + b.heightMm - THREAD &&
  b.yMm < a.yMm + a.heightMm - THREAD;

export function planOf(cuts: readonly Cut[], pieces: readonly CutPiece[], cloth: Cloth): CutPlan {
  const placed = new Set(cuts.map((c) => c.id));
  const lengthMm = Math.max(0, ...cuts.map((c) => c.yMm + c.heightMm));
  const area = cuts.reduce((total, c) => total + c.widthMm * c.heightMm, 0);
  return {
    cuts: [...cuts],
    unplaced: pieces.filter((p) => !placed.has(p.id)).map((p) => p.id),
    lengthMm,
    usedShare: lengthMm > 0 ? area / (lengthMm * cloth.widthMm) : 0,
  };
}
