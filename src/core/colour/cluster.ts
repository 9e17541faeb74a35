import { seededRandom } from '../base/random';
import { deltaE00, type Lab } from './spaces';

/**
 * Groups of like colours, the largest first: each its mean and its share of the pixels; inertia is the sum of
 * squared Lab distances.
 */
export type Clusters = { centres: (Lab & { share: number })[]; inertia: number };
export type ClusterOptions = { count: number; restarts: number; seed: number; mostSteps?: number };

/** Pixels are Lab triples laid end to end. */
const apart = (pixels: Float32Array, i: number, centre: Float64Array, c: number): number => {
  const [dl, da, db] = [
    pixels[3 * i]! - centre[3 * c]!,
    pixels[3 * i + 1]! - centre[3 * c + 1]!,
    pixels[3 * i + 2]! - centre[3 * c + 2]!,
  ];
  return dl * dl + da * da + db * db;
};

/**
 * k-means in Lab: Lloyd's algorithm from k-means++ seeds (Arthur and Vassilvitskii, SODA 2007), the best of
 * several restarts; the same pixels and seed give the same answer. Fewer groups than asked come back when
 * there are fewer colours.
 */
export function clusterColours(
  pixels: Float32Array,
  { count, restarts, seed, mostSteps = 60 }: ClusterOptions,
): Clusters {
  const n = Math.floor(pixels.length / 3);
  if (n === 0 || count < 1) return { centres: [], inertia: 0 };
  const random = seededRandom(seed);
  let best: { centres: Float64Array; sizes: Float64Array; inertia: number } | undefined;
  for (let r = 0; r < Math.max(1, restarts); r++) {
    const run = lloyd(pixels, n, seeds(pixels, n, Math.min(count, n), random), mostSteps);
    if (!best || run.inertia < best.inertia) best = run;
  }
  const { centres, sizes, inertia } = best!;
  const groups = Array.from(sizes, (size, c) => ({
    l: centres[3 * c]!,
    a: centres[3 * c + 1]!,
    b: centres[3 * c + 2]!,
    share: size / n,
  })).filter((g) => g.share > 0);
  return { centres: groups.sort((p, q) => q.share - p.share || p.l - q.l), inertia };
}

function seeds(pixels: Float32Array, n: number, count: number, random: () => number): Float64Array {
  const centres = new Float64Array(3 * count);
  const take = (c: number, i: number) => {
    for (let k = 0; k < 3; k++) centres[3 * c + k] = pixels[3 * i + k]!;
  };
  take(0, Math.min(n - 1, Math.floor(random() * n)));
  const nearest = new Float64Array(n).fill(Infinity);
  for (let c = 1; c < count; c++) {
    let total = 0;
    for (let i = 0; i < n; i++) {
      nearest[i] = Math.min(nearest[i]!, apart(pixels, i, centres, c - 1));
      total += nearest[i]!;
    }
    let left = random() * total;
    let pick = n - 1;
    for (let i = 0; i < n; i++) {
      left -= nearest[i]!;
      if (left <= 0) {
        pick = i;
        break;
      }
    }
    take(c, pick);
  }
  return centres;
}

function lloyd(
  pixels: Float32Array,
  n: number,
  start: Float64Array,
  mostSteps: number,
): { centres: Float64Array; sizes: Float64Array; inertia: number } {
  const k = start.length / 3;
  const centres = Float64Array.from(start);
  const owner = new Int32Array(n).fill(-1);
  let sizes = new Float64Array(k);
  let inertia = 0;
  for (let stepNo = 0; stepNo < mostSteps; stepNo++) {
    let moved = 0;
    inertia = 0;
    sizes = new Float64Array(k);
    const sums = new Float64Array(3 * k);
    for (let i = 0; i < n; i++) {
      let nearest = 0;
      let least = Infinity;
      for (let c = 0; c < k; c++) {
        const d = apart(pixels, i, centres, c);
        if (d < least) {
          least = d;
          nearest = c;
        }
      }
      if (owner[i] !== nearest) {
        owner[i] = nearest;
        moved++;
      }
      inertia += least;
      sizes[nearest]!++;
      for (let q = 0; q < 3; q++) sums[3 * nearest + q]! += pixels[3 * i + q]!;
    }
    if (moved === 0) break;
    for (let c = 0; c < k; c++)
      if (sizes[c]! > 0) for (let q = 0; q < 3; q++) centres[3 * c + q] = sums[3 * c + q]! / sizes[c]!;
  }
  return { centres, sizes, inertia };
}

/**
 * Groups that read as one colour (ΔE00 under apartFrom) taken together, and those too small to be seen
 * dropped; shares add up to 1.
 */
export function settleClusters(
  found: Clusters,
  apartFrom: number,
  leastShare: number,
): (Lab & { share: number })[] {
  const merged: (Lab & { share: number })[] = [];
  for (const c of found.centres) {
    const same = merged.find((m) => deltaE00(m, c) < apartFrom);
    if (!same) {
      merged.push({ ...c });
      continue;
    }
    const total = same.share + c.share;
    for (const k of ['l', 'a', 'b'] as const) same[k] = (same[k] * same.share + c[k] * c.share) / total;
    same.share = total;
  }
  const kept = merged.filter((m) => m.share >= leastShare);
  const sum = kept.reduce((s, m) => s + m.share, 0) || 1;
  return kept.map((m) => ({ ...m, share: m.share / sum })).sort((p, q) => q.share - p.share);
}
