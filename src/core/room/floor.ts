import type { Mm } from '../base/units';
import type { Opening } from '../model/types';

/** Floor height under a window at a place along the wall; 0 is the room's datum, below it is negative. */
export type FloorLine = { atMm: (xMm: Mm) => Mm; measured: boolean };

/**
 * The floor under an opening from its three drops (frame top to floor at the frame's left, middle and right):
 * straight between the readings, level beyond them. Without drops the floor is taken as level at the datum.
 */
export function floorLine(
  opening: Pick<Opening, 'xMm' | 'widthMm' | 'sillMm' | 'heightMm' | 'dropsMm'>,
): FloorLine {
  const drops = opening.dropsMm;
  if (!drops) return { atMm: () => 0, measured: false };
  const top = opening.sillMm + opening.heightMm;
  const floors = [top - drops.left, top - drops.middle, top - drops.right] as const;
  return {
    measured: true,
    atMm: (xMm) => {
      const t = Math.min(2, Math.max(0, ((xMm - opening.xMm) / opening.widthMm) * 2));
      return t <= 1 ? floors[0] + t * (floors[1] - floors[0]) : floors[1] + (t - 1) * (floors[2] - floors[1]);
    },
  };
}

/**
 * Highest and lowest floor under a stretch of wall; the line is straight between readings, so ends and
 * readings suffice.
 */
export function floorUnder(
  floor: FloorLine,
  opening: Pick<Opening, 'xMm' | 'widthMm'>,
  fromMm: Mm,
  toMm: Mm,
): { highMm: Mm; lowMm: Mm } {
  const readings = [opening.xMm, opening.xMm + opening.widthMm / 2, opening.xMm + opening.widthMm].filter(
    (x) => x > fromMm && x < toMm,
  );
  const heights = [fromMm, ...readings, toMm].map((x) => floor.atMm(x));
  return { highMm: Math.max(...heights), lowMm: Math.min(...heights) };
}
