import type { Mm } from '../base/units';
import type { Frame, Put } from './frames';

/**
 * Places at exactly one gap from something that hangs: with edges or middles in line, or in the corner
 * between two.
 */
export function placesBeside(
  f: Frame,
  placed: readonly Put[],
  gap: Mm,
  consider: (xMm: Mm, yMm: Mm) => void,
): void {
  for (const p of placed) {
    const besideMm = (p.widthMm + f.widthMm) / 2 + gap;
    const aboveMm = (p.heightMm + f.heightMm) / 2 + gap;
    const [rise, shift] = [(p.heightMm - f.heightMm) / 2, (p.widthMm - f.widthMm) / 2];
    for (let k = -1; k <= 1; k++) {
      consider(p.xMm + besideMm, p.yMm + k * rise);
      consider(p.xMm - besideMm, p.yMm + k * rise);
      consider(p.xMm + k * shift, p.yMm + aboveMm);
      consider(p.xMm + k * shift, p.yMm - aboveMm);
    }
    // also where it would touch a second one, as long as it still faces the first
    for (const q of placed) {
      if (q === p) continue;
      for (let side = -1; side <= 1; side += 2) {
        const y = q.yMm + side * ((q.heightMm + f.heightMm) / 2 + gap);
        if (Math.abs(y - p.yMm) < (p.heightMm + f.heightMm) / 2 - 1) {
          consider(p.xMm + besideMm, y);
          consider(p.xMm - besideMm, y);
        }
        const x = q.xMm + side * ((q.widthMm + f.widthMm) / 2 + gap);
        if (Math.abs(x - p.xMm) < (p.widthMm + f.widthMm) / 2 - 1) {
          consider(x, p.yMm + aboveMm);
          consider(x, p.yMm - aboveMm);
        }
      }
    }
  }
}

type Sized = Pick<Put, 'widthMm' | 'heightMm' | 'xMm' | 'yMm'>;

/** Frames that a frame at this place would face across more than the gap, yet not far. */
export function unevenGaps(placed: readonly Put[], frame: Sized, gap: Mm): number {
  let count = 0;
  for (const q of placed) {
    const dx = Math.abs(frame.xMm - q.xMm) - (frame.widthMm + q.widthMm) / 2;
    const dy = Math.abs(frame.yMm - q.yMm) - (frame.heightMm + q.heightMm) / 2;
    const besideMm = dy < -1 && dx >= 0 ? dx : 0;
    const apart = dx < -1 && dy >= 0 ? dy : besideMm;
    if (apart > gap + 1 && apart < 4 * gap) count++;
  }
  return count;
}
