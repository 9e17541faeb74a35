import type { Mm } from '../base/units';
import type { Box } from '../geometry/plane';
import type { Fitting } from '../model/types';

/** A stair is met as steps of this width. */
const STEP: Mm = 80;

/** What a stair along a wall takes of it, in steps under its line; on the wall's own coordinates. */
export function stairSteps(
  stair: Pick<Fitting, 'xMm' | 'widthMm' | 'bottomMm' | 'heightMm' | 'rises'>,
): Box[] {
  const steps = Math.max(1, Math.ceil(stair.widthMm / STEP));
  const stepHeight = (k: number): Mm =>
    (stair.heightMm * (stair.rises === 'right' ? k + 1 : steps - k)) / steps;
  return Array.from({ length: steps }, (_, k) => ({
    xMm: stair.xMm + (stair.widthMm * k) / steps,
    widthMm: stair.widthMm / steps,
    yMm: stair.bottomMm,
    heightMm: stepHeight(k),
  }));
}
