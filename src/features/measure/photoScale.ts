import type { Mm } from '../../core/base/units';
import { aspectOf, homography, project, type Four, type Px } from '../../core/geometry/homography';
import type { WallPhoto } from '../../core/model/types';

/** No photo shows more of a wall than this. */
const MOST_MM: Mm = 100_000;

/**
 * The size of a straightened photo on its wall, from one length on it that is known; its proportions come
 * from the perspective. Null where the corners or the ends of the length are in one line.
 */
export function photoScale(
  corners: WallPhoto['corners'],
  known: readonly [Px, Px],
  knownMm: Mm,
  size: { widthPx: number; heightPx: number },
): { widthMm: Mm; heightMm: Mm } | null {
  const inPixels = ({ x, y }: Px): Px => ({ x: x * size.widthPx, y: y * size.heightPx });
  const px = corners.map(inPixels) as unknown as Four;
  const aspect = aspectOf(px, size.widthPx, size.heightPx);
  const flat = homography(px, [
    { x: 0, y: 0 },
    { x: aspect, y: 0 },
    { x: aspect, y: 1 },
    { x: 0, y: 1 },
  ]);
  if (!flat) return null;
  const [a, b] = known.map((end) => project(flat, inPixels(end))) as [Px, Px];
  const apart = Math.hypot(a.x - b.x, a.y - b.y);
  const heightMm = knownMm / apart;
  if (apart < 1e-6 || heightMm > MOST_MM || heightMm * aspect > MOST_MM) return null;
  return { heightMm, widthMm: heightMm * aspect };
}
