import { clamp, type Mm } from '../base/units';
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

type Stair = Pick<Fitting, 'xMm' | 'widthMm' | 'bottomMm' | 'heightMm' | 'rises'>;

/** Height of a stair's treads, on the line of their noses, at a place along its wall; beyond its ends as at the ends. */
export function treadAt(stair: Stair, xMm: Mm): Mm {
  const share = clamp((xMm - stair.xMm) / stair.widthMm, 0, 1);
  return stair.bottomMm + stair.heightMm * (stair.rises === 'right' ? share : 1 - share);
}

/** What people stand on at a place along a wall: the tread of a stair there, or the floor. */
export const treadUnder = (stairs: readonly Stair[], xMm: Mm): Mm =>
  stairs
    .filter((stair) => xMm >= stair.xMm && xMm <= stair.xMm + stair.widthMm)
    .reduce((highest, stair) => Math.max(highest, treadAt(stair, xMm)), 0);
