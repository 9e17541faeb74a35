import type { Mm } from '../base/units';
import { overlapLength, type Box } from '../geometry/plane';

/** A socket, a switch or a screen on a wall: where a cable ends. */
export type Live = { name: string; box: Box };
type Spot = { xMm: Mm; heightMm: Mm };

/**
 * What is live near to where something is fixed: a cable may run straight up and down from a fitting, and across from
 * one to the next at the height of either. `bandMm` is kept on each side of it.
 */
export function cableNear(spots: readonly Spot[], live: readonly Live[], bandMm: Mm): Live | undefined {
  const isNear = (at: Mm, from: Mm, length: Mm) =>
    overlapLength(at - bandMm, at + bandMm, from, from + length) > 0;
  const upFrom = live.find(({ box }) => spots.some(({ xMm }) => isNear(xMm, box.xMm, box.widthMm)));
  if (upFrom) return upFrom;
  return live.find((one) =>
    live.some((other) => {
      if (other === one) return false;
      const fromMm = Math.min(middleOf(one), middleOf(other));
      const toMm = Math.max(middleOf(one), middleOf(other));
      return spots.some(
        ({ xMm, heightMm }) => xMm > fromMm && xMm < toMm && isNear(heightMm, one.box.yMm, one.box.heightMm),
      );
    }),
  );
}

const middleOf = ({ box }: Live): Mm => box.xMm + box.widthMm / 2;
