import { inches, type Mm } from '../base/units';
import type { RuleBook } from '../rules/book';

type Cover = { widthMm: Mm; heightMm: Mm };

/** Size that a cover takes up when it is filled, turned on its side or not. */
export function takenSize(cover: Cover, turned: boolean, rules: RuleBook): Cover {
  const k = rules.number('seats.useWidth');
  return turned
    ? { widthMm: cover.heightMm * k, heightMm: cover.widthMm * k }
    : { widthMm: cover.widthMm * k, heightMm: cover.heightMm * k };
}

/** How far a filled pillow stands out: what its cover holds, spread over the size it takes up. */
export const pillowThickness = (cover: Cover, rules: RuleBook): Mm => {
  const k = rules.number('seats.useWidth');
  return paperBagVolume(cover.widthMm, cover.heightMm) / (cover.widthMm * k * cover.heightMm * k);
};

/**
 * The most that two flat rectangles sewn together can hold, mm³; w is the shorter side:
 * V = w³ (h/(πw) − 0.142 (1 − 10^(−h/w))) (A. Robin, "Paper bag problem", Mathematics Today, 2004).
 */
export function paperBagVolume(widthMm: Mm, heightMm: Mm): number {
  const w = Math.min(widthMm, heightMm);
  const h = Math.max(widthMm, heightMm);
  return w ** 3 * (h / (Math.PI * w) - 0.142 * (1 - 10 ** (-h / w)));
}

type InsertSize = { widthMm: Mm; heightMm: Mm; fill: string };
/**
 * Inserts of one filling are the same when their sides differ by less than a quarter of an inch, lying either
 * way.
 */
export const sameInsert = (a: InsertSize, b: InsertSize): boolean => {
  const [nearMm, sides] = [
    inches(1 / 4),
    (x: InsertSize): [Mm, Mm] => [Math.min(x.widthMm, x.heightMm), Math.max(x.widthMm, x.heightMm)],
  ];
  const [[a0, a1], [b0, b1]] = [sides(a), sides(b)];
  return a.fill === b.fill && Math.abs(a0 - b0) < nearMm && Math.abs(a1 - b1) < nearMm;
};
