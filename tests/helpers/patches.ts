import { clipBy } from '../../src/core/geometry/convex';
import { polygonArea, type Box } from '../../src/core/geometry/plane';
import type { Patch } from '../../src/core/room/mirrorPatches';

/** How much of a box on a wall some patches show, mm². */
export const mirrorPatchesArea = (patches: readonly Patch[], wallId: string, box: Box): number =>
  patches
    .filter((patch) => patch.wallId === wallId)
    .reduce((sum, { corners }) => {
      const left = clipBy(corners, (p) => p.xMm - box.xMm);
      const right = clipBy(left, (p) => box.xMm + box.widthMm - p.xMm);
      const low = clipBy(right, (p) => p.yMm - box.yMm);
      const part = clipBy(low, (p) => box.yMm + box.heightMm - p.yMm);
      return sum + Math.abs(polygonArea(part));
    }, 0);
