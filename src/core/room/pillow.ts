import { inches, type Mm } from '../base/units';
import type { RuleBook } from '../rules/book';

/** A cover lying flat: a rectangle, or a disc as wide as it is high. */
export type FlatCover = { widthMm: Mm; heightMm: Mm; round?: boolean };
type Size = { widthMm: Mm; heightMm: Mm };

/** Size that a cover takes up when it is filled, turned on its side or not. */
export function takenSize(cover: Size, turned: boolean, rules: RuleBook): Size {
  const k = rules.number('seats.useWidth');
  return turned
    ? { widthMm: cover.heightMm * k, heightMm: cover.widthMm * k }
    : { widthMm: cover.widthMm * k, heightMm: cover.heightMm * k };
}

/** How far a filled pillow stands out: what its cover holds, spread over the size it takes up. */
export const pillowThickness = (cover: FlatCover, rules: RuleBook): Mm => {
  const k = rules.number('seats.useWidth');
  const facesMm2 = cover.widthMm * k * cover.heightMm * k * (cover.round ? Math.PI / 4 : 1);
  return mostVolume(cover) / facesMm2;
};

/** The most that a cover can hold, mm³. */
export const mostVolume = ({ widthMm, heightMm, round }: FlatCover): number =>
  round ? mylarBalloon(Math.min(widthMm, heightMm)).volumeMm3 : paperBagVolume(widthMm, heightMm);

/**
 * The most that two flat rectangles sewn together can hold, mm³; w is the shorter side:
 * V = w³ (h/(πw) − 0.142 (1 − 10^(−h/w))) (A. Robin, "Paper bag problem", Mathematics Today, 2004).
 */
export function paperBagVolume(widthMm: Mm, heightMm: Mm): number {
  const w = Math.min(widthMm, heightMm);
  const h = Math.max(widthMm, heightMm);
  return w ** 3 * (h / (Math.PI * w) - 0.142 * (1 - 10 ** (-h / w)));
}

/** ∫ dx ÷ √(1 − x⁴) from 0 to 1, a quarter of the lemniscate: how many inflated radii make a flat one. */
const FLAT_PER_INFLATED = 1.3110287771461;
/** A full balloon is so many of its inflated radii thick: ½ B(¾, ½). */
const THICK_PER_INFLATED = 1.1981402347356;

/**
 * Two flat discs sewn together and filled as full as they go: how wide and thick they then are, and what they hold, mm³:
 * V = ⅔ π a r², a the flat radius, r the inflated one (W. Paulsen, "What is the shape of a Mylar balloon?", American
 * Mathematical Monthly 101, 1994).
 */
export function mylarBalloon(flatWidthMm: Mm): { widthMm: Mm; thickMm: Mm; volumeMm3: number } {
  const flatRadius = flatWidthMm / 2;
  const radius = flatRadius / FLAT_PER_INFLATED;
  return {
    widthMm: 2 * radius,
    thickMm: THICK_PER_INFLATED * radius,
    volumeMm3: (2 / 3) * Math.PI * flatRadius * radius ** 2,
  };
}

/** An insert by its size, shape and filling. */
export type InsertKind = { widthMm: Mm; heightMm: Mm; round?: boolean; fill: string };
/** Sides that differ by less are the same size. */
const SAME_SIDE: Mm = inches(1 / 4);
const short = ({ widthMm, heightMm }: Size): Mm => Math.min(widthMm, heightMm);
const long = ({ widthMm, heightMm }: Size): Mm => Math.max(widthMm, heightMm);

/** Sizes are the same when their sides differ by less than a quarter of an inch, lying either way. */
export const sameSize = (a: Size, b: Size): boolean =>
  Math.abs(short(a) - short(b)) < SAME_SIDE && Math.abs(long(a) - long(b)) < SAME_SIDE;

/** Inserts of one filling, shape and size. */
export const sameInsert = (a: InsertKind, b: InsertKind): boolean =>
  a.fill === b.fill && Boolean(a.round) === Boolean(b.round) && sameSize(a, b);

/** A lumbar pillow is so much wider than it is high. */
const LUMBAR = 1.2;
/** Whether a cover, as it stands, is a lumbar: plainly wider than it is high. */
export const isLumbar = ({ widthMm, heightMm }: Size): boolean => widthMm >= LUMBAR * heightMm;
