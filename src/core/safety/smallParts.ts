import type { Mm } from '../base/units';

/**
 * The test cylinder of 16 CFR 1501.4: 1.25 in across; its floor is on a slant, 1 in deep on one side and 2.25
 * in on the other.
 */
export const CYLINDER = { acrossMm: 31.7, shallowMm: 25.4, deepMm: 57.1 } as const;

const STEP = Math.PI / 360;

/**
 * Does a block of these sides go wholly into the small-parts cylinder, however it is turned? Each side in
 * turn is held level across the slant; the other two are turned in the plane of the slant, half a degree at a
 * time, and the block is pushed to the deep side with its top at the rim.
 */
export function blockFits(widthMm: Mm, heightMm: Mm, depthMm: Mm): boolean {
  const { acrossMm, shallowMm, deepMm } = CYLINDER;
  const sides = [widthMm, heightMm, depthMm];
  const r = acrossMm / 2;
  const slope = (deepMm - shallowMm) / acrossMm;
  return [0, 1, 2].some((level) => {
    const thick = sides[level]!;
    if (thick >= acrossMm) return false;
    const half = Math.sqrt(r * r - (thick / 2) ** 2);
    const [a, b] = sides.filter((_, i) => i !== level) as [Mm, Mm];
    for (let turn = -Math.PI / 2; turn <= Math.PI / 2 + 1e-9; turn += STEP) {
      const [c, s] = [Math.cos(turn), Math.sin(turn)];
      const wide = (a * Math.abs(c) + b * Math.abs(s)) / 2;
      if (wide > half + 1e-9) continue;
      const high = (a * Math.abs(s) + b * Math.abs(c)) / 2;
      // how far the corner nearest to the floor reaches towards it
      const towards = (a / 2) * Math.abs(slope * c + s) + (b / 2) * Math.abs(c - slope * s);
      if (-high + slope * (half - wide) + shallowMm + slope * r - towards >= -1e-9) return true;
    }
    return false;
  });
}

/** A ball goes in when it is no wider than the cylinder: on the slant its top then stays under the rim. */
export const ballFits = (acrossMm: Mm): boolean =>
  acrossMm <= CYLINDER.acrossMm &&
  (acrossMm / 2) * (1 + Math.SQRT2) <= (CYLINDER.shallowMm + CYLINDER.deepMm) / 2;

/**
 * May a thing of this size pass for a small part? Its shape is not known, so it may be as round as its size
 * allows.
 */
export const mayBeSmallPart = (widthMm: Mm, heightMm: Mm, depthMm: Mm): boolean => {
  const deep = depthMm > 0 ? depthMm : Math.min(widthMm, heightMm);
  return blockFits(widthMm, heightMm, deep) || ballFits(Math.max(widthMm, heightMm, deep));
};
