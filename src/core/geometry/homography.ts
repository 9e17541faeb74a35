/** A photo of a flat thing, straightened by its four corners. */
export type Px = { x: number; y: number };
/** Four corners from the top left, clockwise. */
export type Four = readonly [Px, Px, Px, Px];
/** A projective map of the plane: nine numbers, row by row. */
export type Homography = readonly number[];

/**
 * The projective map that takes one quadrilateral's corners to another's; undefined when three corners lie in
 * a line.
 */
export function homography(from: Four, to: Four): Homography | undefined {
  // eight equations for eight unknowns, the ninth is 1
  const rows = from.flatMap((p, i) => {
    const q = to[i]!;
    return [
      [p.x, p.y, 1, 0, 0, 0, -q.x * p.x, -q.x * p.y, q.x],
      [0, 0, 0, p.x, p.y, 1, -q.y * p.x, -q.y * p.y, q.y],
    ];
  });
  for (let c = 0; c < 8; c++) {
    let pivot = c;
    for (let r = c + 1; r < 8; r++) if (Math.abs(rows[r]![c]!) > Math.abs(rows[pivot]![c]!)) pivot = r;
    if (Math.abs(rows[pivot]![c]!) < 1e-10) return undefined;
    [rows[c], rows[pivot]] = [rows[pivot]!, rows[c]!];
    for (let r = 0; r < 8; r++) {
      if (r === c) continue;
      const factor = rows[r]![c]! / rows[c]![c]!;
      for (let k = c; k < 9; k++) rows[r]![k]! -= factor * rows[c]![k]!;
    }
  }
  return [...rows.map((r, i) => r[8]! / r[i]!), 1];
}

export function project(h: Homography, p: Px): Px {
  const w = h[6]! * p.x + h[7]! * p.y + h[8]!;
  return { x: (h[0]! * p.x + h[1]! * p.y + h[2]!) / w, y: (h[3]! * p.x + h[4]! * p.y + h[5]!) / w };
}

/**
 * Width over height of the flat rectangle whose photo has these corners: from the perspective alone, for a
 * camera with square pixels looking through the middle of the picture (Zhang and He, Digital Signal
 * Processing 17, 2007). Seen square on there is no perspective to tell by, and the corners' own proportions
 * are it.
 */
export function aspectOf(corners: Four, widthPx: number, heightPx: number): number {
  const [m1, m2, m4, m3] = corners.map((c) => [c.x - widthPx / 2, c.y - heightPx / 2, 1]) as [
    number[],
    number[],
    number[],
    number[],
  ];
  const cross = (a: number[], b: number[]) => [
    a[1]! * b[2]! - a[2]! * b[1]!,
    a[2]! * b[0]! - a[0]! * b[2]!,
    a[0]! * b[1]! - a[1]! * b[0]!,
  ];
  const dot = (a: number[], b: number[]) => a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]!;
  const length = (a: Px, b: Px) => Math.hypot(a.x - b.x, a.y - b.y);
  const flat =
    (length(corners[0], corners[1]) + length(corners[3], corners[2])) /
    (length(corners[0], corners[3]) + length(corners[1], corners[2]));
  const k2 = dot(cross(m1, m4), m3) / dot(cross(m2, m4), m3);
  const k3 = dot(cross(m1, m4), m2) / dot(cross(m3, m4), m2);
  const n2 = m2.map((v, i) => k2 * v - m1[i]!);
  const n3 = m3.map((v, i) => k3 * v - m1[i]!);
  if (Math.abs(n2[2]!) < 1e-3 || Math.abs(n3[2]!) < 1e-3) return flat;
  const f2 = -(n2[0]! * n3[0]! + n2[1]! * n3[1]!) / (n2[2]! * n3[2]!);
  if (!(f2 > 0)) return flat;
  const size = (n: number[]) => (n[0]! * n[0]! + n[1]! * n[1]!) / f2 + n[2]! * n[2]!;
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
  const out = new Uint8ClampedArray(4 * width * height);
  const { data } = picture;
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const p = project(h, { x: x + 0.5, y: y + 0.5 });
      const [u, v] = [p.x - 0.5, p.y - 0.5];
      const [i, j] = [Math.floor(u), Math.floor(v)];
      if (i < -1 || j < -1 || i >= picture.width || j >= picture.height) continue;
      const [a, b] = [u - i, v - j];
      const at = (ix: number, iy: number) =>
        4 *
        (Math.min(picture.height - 1, Math.max(0, iy)) * picture.width +
          Math.min(picture.width - 1, Math.max(0, ix)));
      const [p00, p10, p01, p11] = [at(i, j), at(i + 1, j), at(i, j + 1), at(i + 1, j + 1)];
      for (let k = 0; k < 4; k++)
        out[4 * (y * width + x) + k] =
          (1 - b) * ((1 - a) * data[p00 + k]! + a * data[p10 + k]!) +
          b * ((1 - a) * data[p01 + k]! + a * data[p11 + k]!);
    }
  return out;
}
