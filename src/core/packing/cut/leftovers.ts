import type { Mm } from '../../base/units';
import type { Box } from '../../geometry/plane';
import { overlaps, type Cloth, type CutPlan } from './cloth';

/** Smaller scraps are not kept. */
export type Keep = { leastMm: Mm; most: number };

/**
 * What is left of a cloth beside its cuts, as rectangles that do not overlap: the largest first, up to as many as are asked
 * for. Of a cloth without a length it is what lies beside the pieces.
 */
export function leftovers(plan: CutPlan, cloth: Cloth, { leastMm, most }: Keep): Box[] {
  const lengthMm = cloth.lengthMm ?? plan.lengthMm;
  const taken: Box[] = [...plan.cuts, ...cloth.flaws];
  const found: Box[] = [];
  while (found.length < most) {
    const largest = largestFree(taken, { widthMm: cloth.widthMm, heightMm: lengthMm }, leastMm);
    if (!largest) break;
    found.push(largest);
    taken.push(largest);
  }
  return found;
}

/** The largest rectangle that is free of all others, no side shorter than asked. */
function largestFree(
  taken: readonly Box[],
  { widthMm, heightMm }: Pick<Box, 'widthMm' | 'heightMm'>,
  leastMm: Mm,
): Box | null {
  const xs = marks([0, widthMm, ...taken.flatMap((b) => [b.xMm, b.xMm + b.widthMm])], widthMm);
  const ys = marks([0, heightMm, ...taken.flatMap((b) => [b.yMm, b.yMm + b.heightMm])], heightMm);
  let best: Box | null = null;
  for (const [i, xMm] of xs.entries())
    for (const right of xs.slice(i + 1)) {
      const inStrip = taken.filter((b) => overlaps(b, { xMm, yMm: 0, widthMm: right - xMm, heightMm }));
      for (const free of freeAlong(inStrip, ys, heightMm)) {
        const box = { xMm, widthMm: right - xMm, ...free };
        if (Math.min(box.widthMm, box.heightMm) < leastMm) continue;
        if (!best || box.widthMm * box.heightMm > best.widthMm * best.heightMm) best = box;
      }
    }
  return best;
}

/** The free stretches along a strip of cloth. */
function freeAlong(
  inStrip: readonly Box[],
  ys: readonly Mm[],
  heightMm: Mm,
): Pick<Box, 'yMm' | 'heightMm'>[] {
  const stops = [...inStrip].sort((a, b) => a.yMm - b.yMm);
  const free: Pick<Box, 'yMm' | 'heightMm'>[] = [];
  let fromMm = ys[0] ?? 0;
  for (const stop of stops) {
    if (stop.yMm > fromMm) free.push({ yMm: fromMm, heightMm: stop.yMm - fromMm });
    fromMm = Math.max(fromMm, stop.yMm + stop.heightMm);
  }
  if (heightMm > fromMm) free.push({ yMm: fromMm, heightMm: heightMm - fromMm });
  return free;
}

const marks = (values: readonly Mm[], mostMm: Mm): Mm[] =>
  [...new Set(values.filter((v) => v >= 0 && v <= mostMm))].sort((a, b) => a - b);
