import type { Mm } from '../../base/units';

/**
 * The most that two flat rectangles sewn together can hold, mm³; w is the shorter side:
 * V = w³ (h/(πw) − 0.142 (1 − 10^(−h/w))) (A. Robin, "Paper bag problem", Mathematics Today, 2004).
 */
export function paperBagVolume(widthMm: Mm, heightMm: Mm): number {
  const w = Math.min(widthMm, heightMm);
  const h = Math.max(widthMm, heightMm);
  return w ** 3 * (h / (Math.PI * w) - 0.142 * (1 - 10 ** (-h / w)));
}
