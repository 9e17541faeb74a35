import type { Mm } from '../../core/base/units';

export type Offset = { dxMm: Mm; dyMm: Mm };

/**
 * As far towards a wanted offset as the room lets a thing go, in whole marks from the offset it has reached
 * so far:
 * it stops at what stops it, and slides along.
 */
export function reach(from: Offset, to: Offset, markMm: Mm, sound: (at: Offset) => boolean): Offset {
  if (sound(to)) return to;
  const dxMm = furthest(from.dxMm, to.dxMm, markMm, (dx) => sound({ dxMm: dx, dyMm: from.dyMm }));
  return { dxMm, dyMm: furthest(from.dyMm, to.dyMm, markMm, (dy) => sound({ dxMm, dyMm: dy })) };
}

function furthest(from: Mm, to: Mm, markMm: Mm, sound: (at: Mm) => boolean): Mm {
  if (from === to || sound(to)) return to;
  const way = Math.sign(to - from) * markMm;
  let [good, bad] = [0, Math.ceil(Math.abs(to - from) / markMm)];
  while (bad - good > 1) {
    const middle = Math.floor((good + bad) / 2);
    if (sound(from + way * middle)) good = middle;
    else bad = middle;
  }
  return from + way * good;
}
