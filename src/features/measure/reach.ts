import type { Mm } from '../../core/base/units';

export type Offset = { dxMm: Mm; dyMm: Mm };

/**
 * As far towards a wanted offset as the room lets a thing go, in whole marks from the offset it has reached
 * so far:
 * it stops at what stops it, and slides along.
 */
export function reach(start: Offset, target: Offset, markMm: Mm, sound: (offset: Offset) => boolean): Offset {
  if (sound(target)) return target;
  const dxMm = furthest(start.dxMm, target.dxMm, markMm, (dx) => sound({ dxMm: dx, dyMm: start.dyMm }));
  return { dxMm, dyMm: furthest(start.dyMm, target.dyMm, markMm, (dy) => sound({ dxMm, dyMm: dy })) };
}

function furthest(start: Mm, target: Mm, markMm: Mm, sound: (offset: Mm) => boolean): Mm {
  if (start === target || sound(target)) return target;
  const way = Math.sign(target - start) * markMm;
  let [good, bad] = [0, Math.ceil(Math.abs(target - start) / markMm)];
  while (bad - good > 1) {
    const middle = Math.floor((good + bad) / 2);
    if (sound(start + way * middle)) good = middle;
    else bad = middle;
  }
  return start + way * good;
}
