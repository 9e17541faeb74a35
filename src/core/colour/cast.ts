/** The cast of a photo, judged by a white card in it and removed. Linear sRGB throughout, 0 to 1. */
export type Linear = readonly [number, number, number];
type Matrix = readonly [Linear, Linear, Linear];

/** sRGB to XYZ (IEC 61966-2-1), and Bradford's cone responses (Lam 1985; ICC.1:2010, annex E). */
const TO_XYZ: Matrix = [
  [0.4124564, 0.3575761, 0.1804375],
  [0.2126729, 0.7151522, 0.072175],
  [0.0193339, 0.119192, 0.9503041],
];
const BRADFORD: Matrix = [
  [0.8951, 0.2664, -0.1614],
  [-0.7502, 1.7135, 0.0367],
  [0.0389, -0.0685, 1.0296],
];

const times = (m: Matrix, v: Linear): Linear =>
  [0, 1, 2].map((r) => m[r]![0] * v[0] + m[r]![1] * v[1] + m[r]![2] * v[2]) as unknown as Linear;
const product = (a: Matrix, b: Matrix): Matrix =>
  [0, 1, 2].map((r) =>
    [0, 1, 2].map((c) => a[r]![0] * b[0][c]! + a[r]![1] * b[1][c]! + a[r]![2] * b[2][c]!),
  ) as unknown as Matrix;
function inverse(m: Matrix): Matrix {
  const [[a, b, c], [d, e, f], [g, h, i]] = m;
  const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  return [
    [e * i - f * h, c * h - b * i, b * f - c * e],
    [f * g - d * i, a * i - c * g, c * d - a * f],
    [d * h - e * g, b * g - a * h, a * e - b * d],
  ].map((r) => r.map((v) => v / det)) as unknown as Matrix;
}

const CONES = product(BRADFORD, TO_XYZ);
const BACK = inverse(CONES);

export type Cast = {
  apply: (rgb: Linear) => Linear;
  /** How much each cone is scaled, red to blue. */ gains: Linear;
};
export type CastIssue = 'too-dark' | 'clipped' | 'not-a-card';

/** A card darker than this is lost in noise; brighter than this its colour is cut off. */
const DARK = 0.02;
const CLIPPED = 0.995;
/** A card's cones are never as unequal as this under any lamp: what was tapped is something else. */
const MOST_CAST = 6;

/**
 * The correction that makes the tapped card neutral at its known reflectance (0 to 1): von Kries scaling in
 * Bradford's cone space. Fails when the card is too dark, its brightest channel is cut off, or it is no
 * neutral card at all.
 */
export function castFromCard(card: Linear, reflectance: number): Cast | CastIssue {
  if (Math.max(...card) < DARK) return 'too-dark';
  if (Math.max(...card) > CLIPPED) return 'clipped';
  const seen = times(CONES, card);
  const wanted = times(CONES, [reflectance, reflectance, reflectance]);
  if (seen.some((v) => v <= 1e-4)) return 'not-a-card';
  const gains = [0, 1, 2].map((k) => wanted[k]! / seen[k]!) as unknown as Linear;
  if (Math.max(...gains) / Math.min(...gains) > MOST_CAST) return 'not-a-card';
  const matrix = product(
    BACK,
    product(
      [
        [gains[0], 0, 0],
        [0, gains[1], 0],
        [0, 0, gains[2]],
      ],
      CONES,
    ),
  );
  return { gains, apply: (rgb) => times(matrix, rgb) };
}

/** sRGB's curve and its inverse (IEC 61966-2-1). */
export const toLinear = (v: number): number => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
export const fromLinear = (v: number): number =>
  v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055;

const WHITE = { x: 0.95047, z: 1.08883 } as const;
const labCurve = (t: number): number => (t > 216 / 24389 ? Math.cbrt(t) : (t * 24389) / 3132 + 16 / 116);

/**
 * Lab (D65) of linear sRGB, written out for whole pictures: the colour library is asked for single colours.
 */
export function labOfLinear([r, g, b]: Linear): { l: number; a: number; b: number } {
  const [x, y, z] = times(TO_XYZ, [r, g, b]);
  const [fx, fy, fz] = [labCurve(x / WHITE.x), labCurve(y), labCurve(z / WHITE.z)];
  return { l: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) };
}
