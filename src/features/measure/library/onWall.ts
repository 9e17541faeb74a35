import type { Mm } from '../../../core/base/units';
import type { RoomFile } from '../../../core/model/types';
import { wallsOf } from '../../../core/room/walls';

/** Widths tried for a new thing until one fits its wall. */
const SHRINK = [1, 0.75, 0.5, 0.3, 0.15];
const STEPS = 24;

/** A thing on its wall where the wall has room for it, made smaller if need be; undefined where it has none. */
export function onWall<T extends { xMm: Mm; widthMm: Mm; wallId: string }>(
  thing: T,
  file: RoomFile,
  refused: (t: T) => boolean,
): T | undefined {
  const wall = wallsOf(file.room).find((w) => w.id === thing.wallId);
  if (!wall) return undefined;
  for (const share of SHRINK) {
    const widthMm = thing.widthMm * share;
    const room = wall.lengthMm - widthMm;
    if (room < 0) continue;
    // from the middle outwards
    for (let i = 0; i <= STEPS; i++) {
      const offset = (i % 2 ? 1 : -1) * Math.ceil(i / 2) * (room / STEPS);
      const candidate = { ...thing, widthMm, xMm: Math.min(Math.max(0, room / 2 + offset), room) };
      if (!refused(candidate)) return candidate;
    }
  }
  return undefined;
}
