import { inches, type Mm } from '../../base/units';
import type { RoomFile } from '../../model/types';
import { overheadOf, type OverheadPoint } from '../../room/ceiling';
import type { Shape } from '../../room/shape';
import type { Wall } from '../../room/walls';
import { box, shape } from './shapes';

const SKIRTING: Mm = inches(5);
const TRIM = { about: 'trim', name: '' };

/** The wall itself with its skirting, up to doors, and its crown along the level ceiling. */
export function shellShapes(
  { room, openings }: Pick<RoomFile, 'room' | 'openings'>,
  wall: Wall,
  walls: readonly Wall[],
): Shape[] {
  const skirtingMm = Math.min(SKIRTING, room.ceilingMm / 10);
  const trim = { colours: room.trimFinish.colours, fixed: true };
  return [
    shape({ about: 'wall', name: '' }, 'wall', box(0, 0, wall.lengthMm, room.ceilingMm), -2, {
      colours: room.wallFinish.colours,
      pattern: room.wallFinish.pattern,
      fixed: true,
    }),
    ...betweenDoors(openings, wall).map(([fromMm, toMm], i) =>
      shape(TRIM, 'skirting', box(fromMm, 0, toMm - fromMm, skirtingMm), -1, {
        ...trim,
        part: `skirting${i}`,
      }),
    ),
    ...levelRuns(room, overheadOf(room, wall, walls)).map(([fromMm, toMm], i) =>
      shape(TRIM, 'skirting', box(fromMm, room.ceilingMm - room.crownMm, toMm - fromMm, room.crownMm), -1, {
        ...trim,
        part: `crown${i}`,
      }),
    ),
  ];
}

type Run = readonly [from: Mm, to: Mm];

/** Stretches of a wall's foot that no opening down to the floor interrupts. */
function betweenDoors(openings: RoomFile['openings'], wall: Wall): Run[] {
  const doors = openings
    .filter((o) => o.wallId === wall.id && o.sillMm < SKIRTING)
    .map((o): Run => [o.xMm - o.trimMm, o.xMm + o.widthMm + o.trimMm])
    .sort((a, b) => a[0] - b[0]);
  const runs: Run[] = [];
  let reached = 0;
  for (const [fromMm, toMm] of [...doors, [wall.lengthMm, wall.lengthMm] as const]) {
    if (fromMm > reached) runs.push([reached, fromMm]);
    reached = Math.max(reached, toMm);
  }
  return runs;
}

/** Where a crown runs: from level point to level point of the wall's upper edge. */
function levelRuns(room: RoomFile['room'], edge: readonly OverheadPoint[]): Run[] {
  if (room.crownMm <= 0) return [];
  const level = (p: OverheadPoint | undefined) => p !== undefined && p.heightMm > room.ceilingMm - 1;
  return edge.flatMap((b, i) => {
    const a = edge[i - 1];
    return a && level(a) && level(b) && b.xMm - a.xMm > 1 ? [[a.xMm, b.xMm] as const] : [];
  });
}
