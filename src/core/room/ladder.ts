import { inches, type Mm } from '../base/units';

/** How thick a rung is. */
export const RUNG: Mm = 31.5;
const APART: Mm = inches(12);
/** Parts are numbered with two digits. */
const MOST = 99;

/** The lower edges of a ladder's rungs above its foot: about a foot apart. */
export function rungsOf(heightMm: Mm): Mm[] {
  const count = Math.min(MOST, Math.max(1, Math.floor(heightMm / APART)));
  return Array.from({ length: count }, (_, i) => ((i + 0.5) * heightMm) / count);
}
