import { seededRandom } from '../base/random';
import { castFromCard, labOfLinear, toLinear, type Cast, type CastIssue, type Linear } from './cast';
import { clusterColours, settleClusters } from './cluster';
import type { Lab } from './spaces';

/** RGBA bytes of a picture, row by row. */
export type Picture = { width: number; height: number; data: Uint8ClampedArray | Uint8Array };
/** A region on a picture, in shares of its sides. */
export type Region = { x: number; y: number; width: number; height: number };

export type SampleOptions = {
  regions: readonly Region[];
  card: Region | null;
  cardReflectance: number;
  count: number;
  seed: number;
  restarts?: number;
  mostPixels?: number;
};
export type Sample = {
  colours: (Lab & { share: number })[];
  raw: (Lab & { share: number })[];
  corrected: boolean;
  cardIssue: CastIssue | null;
  pixels: number;
};

const LINEAR = Float64Array.from({ length: 256 }, (_, v) => toLinear(v / 255));
/**
 * Colours of one cloth nearer than this read as one, and a share smaller than this is thread ends and shadow.
 */
const SAME_CLOTH = 5;
const LEAST_SHARE = 0.02;

const bounds = (r: Region, p: Picture): [number, number, number, number] => {
  const [x0, y0] = [Math.max(0, Math.floor(r.x * p.width)), Math.max(0, Math.floor(r.y * p.height))];
  return [
    x0,
    y0,
    Math.min(p.width, Math.max(x0 + 1, Math.ceil((r.x + r.width) * p.width))),
    Math.min(p.height, Math.max(y0 + 1, Math.ceil((r.y + r.height) * p.height))),
  ];
};

/** Mean of a region in linear light; what is see-through does not count. */
export function meanOf(picture: Picture, region: Region): Linear | null {
  const [x0, y0, x1, y1] = bounds(region, picture);
  const sum = [0, 0, 0];
  let n = 0;
  for (let y = y0; y < y1; y++)
    for (let x = x0; x < x1; x++) {
      const i = 4 * (y * picture.width + x);
      if (picture.data[i + 3]! < 128) continue;
      n++;
      for (let k = 0; k < 3; k++) sum[k]! += LINEAR[picture.data[i + k]!]!;
    }
  return n === 0 ? null : [sum[0]! / n, sum[1]! / n, sum[2]! / n];
}

/**
 * The colours of the marked regions with their shares: pixels drawn at random under the seed (no more than
 * mostPixels), the cast taken out when a card was tapped, k-means in Lab, groups that read as one taken
 * together. Corrected and as they came, side by side.
 */
export function sampleColours(picture: Picture, options: SampleOptions): Sample {
  const { regions, card, cardReflectance, count, seed, restarts = 4, mostPixels = 12_000 } = options;
  const random = seededRandom(seed);
  const areas = regions.map((r) => bounds(r, picture));
  const sizes = areas.map(([x0, y0, x1, y1]) => Math.max(0, x1 - x0) * Math.max(0, y1 - y0));
  const total = sizes.reduce((s, n) => s + n, 0);
  const wanted = Math.min(total, mostPixels);
  const cardMean = card && meanOf(picture, card);
  const noCard: CastIssue | null = card ? 'not-a-card' : null;
  const cast: Cast | CastIssue | null = cardMean ? castFromCard(cardMean, cardReflectance) : noCard;
  const corrected = cast !== null && typeof cast !== 'string';
  const [raw, mended] = [new Float32Array(3 * wanted), new Float32Array(3 * wanted)];
  let n = 0;
  const take = (index: number) => {
    let rest = index;
    const which = sizes.findIndex((s) => {
      if (rest < s) return true;
      rest -= s;
      return false;
    });
    const [x0, y0, x1] = areas[which]!;
    const wide = x1 - x0;
    const i = 4 * ((y0 + Math.floor(rest / wide)) * picture.width + x0 + (rest % wide));
    if (picture.data[i + 3]! < 128) return;
    const rgb: Linear = [
      LINEAR[picture.data[i]!]!,
      LINEAR[picture.data[i + 1]!]!,
      LINEAR[picture.data[i + 2]!]!,
    ];
    const put = (target: Float32Array, c: Linear) => {
      const lab = labOfLinear(c);
      target[3 * n] = lab.l;
      target[3 * n + 1] = lab.a;
      target[3 * n + 2] = lab.b;
    };
    put(raw, rgb);
    if (corrected) put(mended, cast.apply(rgb).map((v) => Math.max(0, v)) as unknown as Linear);
    n++;
  };
  if (wanted === total) for (let i = 0; i < total; i++) take(i);
  // one from each of as many equal stretches, so that no region is left out by chance
  else
    for (let i = 0; i < wanted; i++) take(Math.min(total - 1, Math.floor(((i + random()) * total) / wanted)));
  const groups = (pixels: Float32Array) =>
    settleClusters(
      clusterColours(pixels.subarray(0, 3 * n), { count, restarts, seed }),
      SAME_CLOTH,
      LEAST_SHARE,
    );
  const plain = groups(raw);
  return {
    colours: corrected ? groups(mended) : plain,
    raw: plain,
    corrected,
    cardIssue: typeof cast === 'string' ? cast : null,
    pixels: n,
  };
}
