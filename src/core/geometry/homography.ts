import { dot, elementAt } from '../base/list';
import { solveLinear } from '../base/linear';

/** A photo of a flat thing, straightened by its four corners. */
export type Px = { x: number; y: number };
/** Four corners from the top left, clockwise. */
export type Four = readonly [Px, Px, Px, Px];
type Triple = readonly [number, number, number];
/** A projective map of the plane: three rows of a matrix. */
export type Homography = readonly [Triple, Triple, Triple];

/**
 * The projective map that takes one quadrilateral's corners to another's; undefined when three corners lie in
 * a line.
 */
export function homography(source: Four, target: Four): Homography | undefined {
  // eight equations for eight unknowns, the ninth is 1
  const equations = source.flatMap((p, i) => {
    const q = elementAt(target, i);
    return [
      [p.x, p.y, 1, 0, 0, 0, -q.x * p.x, -q.x * p.y, q.x],
      [0, 0, 0, p.x, p.y, 1, -q.y * p.x, -q.y * p.y, q.y],
    ].flat();
  });
  const solved = solveLinear(new Float64Array(equations), 8, 1e-10);
  if (!solved) return undefined;
  const [a, b, c, d, e, f, g, h] = solved as unknown as readonly [...Triple, ...Triple, number, number];
  return [
    [a, b, c],
    [d, e, f],
    [g, h, 1],
  ];
}

const along = ([a, b, c]: Triple, p: Px): number => a * p.x + b * p.y + c;

export function project([xs, ys, ws]: Homography, p: Px): Px {
  const w = along(ws, p);
  return { x: along(xs, p) / w, y: along(ys, p) / w };
}

const cross = ([ax, ay, az]: Triple, [bx, bY, bz]: Triple): Triple => [
  ay * bz - az * bY,
  az * bx - ax * bz,
  ax * bY - ay * bx,
];
/** k times one, less the other. */
const less = (k: number, [ax, ay, az]: Triple, [bx, bY, bz]: Triple): Triple => [
  k * ax - bx,
  k * ay - bY,
  k * az - bz,
];

/**
 * Width over height of the flat rectangle whose photo has these corners: from the perspective alone, for a
 * camera with square pixels looking through the middle of the picture (Zhang and He, Digital Signal
 * Processing 17, 2007). Seen square on there is no perspective to tell by, and the corners' own proportions
 * are it.
 */
export function aspectOf(corners: Four, widthPx: number, heightPx: number): number {
  const fromMiddle = (c: Px): Triple => [c.x - widthPx / 2, c.y - heightPx / 2, 1];
  const [topLeft, topRight, bottomRight, bottomLeft] = corners;
  const [m1, m2, m3, m4] = [topLeft, topRight, bottomLeft, bottomRight].map(fromMiddle) as [
    Triple,
    Triple,
    Triple,
    Triple,
  ];
  const length = (a: Px, b: Px) => Math.hypot(a.x - b.x, a.y - b.y);
  const flat =
    (length(topLeft, topRight) + length(bottomLeft, bottomRight)) /
    (length(topLeft, bottomLeft) + length(topRight, bottomRight));
  const n2 = less(dot(cross(m1, m4), m3) / dot(cross(m2, m4), m3), m2, m1);
  const n3 = less(dot(cross(m1, m4), m2) / dot(cross(m3, m4), m2), m3, m1);
  const [x2, y2, z2] = n2;
  const [x3, y3, z3] = n3;
  if (Math.abs(z2) < 1e-3 || Math.abs(z3) < 1e-3) return flat;
  const f2 = -(x2 * x3 + y2 * y3) / (z2 * z3);
  if (!(f2 > 0)) return flat;
  const size = ([x, y, z]: Triple) => (x * x + y * y) / f2 + z * z;
  return Math.sqrt(size(n2) / size(n3));
}

/** The picture within the four corners (in pixels), laid out flat at a size: bilinear, row by row, RGBA. */
export function straighten(
  picture: { width: number; height: number; data: Uint8ClampedArray },
  corners: Four,
  width: number,
  height: number,
): Uint8ClampedArray<ArrayBuffer> | undefined {
  const h = homography(
    [
      { x: 0, y: 0 },
      { x: width, y: 0 },
      { x: width, y: height },
      { x: 0, y: height },
    ],
    corners,
  );
  if (!h) return undefined;
  const pixels = new Uint8ClampedArray(4 * width * height);
  const { data } = picture;
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const p = project(h, { x: x + 0.5, y: y + 0.5 });
      const [u, v] = [p.x - 0.5, p.y - 0.5];
      const [i, j] = [Math.floor(u), Math.floor(v)];
      if (i < -1 || j < -1 || i >= picture.width || j >= picture.height) continue;
      const [a, b] = [u - i, v - j];
      const pixelAt = (ix: number, iy: number) =>
        4 *
        (Math.min(picture.height - 1, Math.max(0, iy)) * picture.width +
          Math.min(picture.width - 1, Math.max(0, ix)));
      const [p00, p10, p01, p11] = [
        pixelAt(i, j),
        pixelAt(i + 1, j),
        pixelAt(i, j + 1),
        pixelAt(i + 1, j + 1),
      ];
      for (let k = 0; k < 4; k++)
        pixels[4 * (y * width + x) + k] =
          (1 - b) * ((1 - a) * data[p00 + k]! + a * data[p10 + k]!) +
          b * ((1 - a) * data[p01 + k]! + a * data[p11 + k]!);
    }
  return pixels;
}
