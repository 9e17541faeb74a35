import type { RoomFile } from '../../model/types';
import { overheadOf } from '../../room/ceiling';
import { betweenDoors, levelRuns, skirtingOf } from '../../room/trim';
import { finishOfWall } from '../../room/works';
import type { Shape } from '../../room/shape';
import type { Wall } from '../../room/walls';
import { box, shape } from './shapes';

const TRIM = { about: 'trim', name: '' };

/** The wall itself with its skirting, up to doors, and its crown along the level ceiling. */
export function shellShapes(
  { room, openings }: Pick<RoomFile, 'room' | 'openings'>,
  wall: Wall,
  walls: readonly Wall[],
): Shape[] {
  const skirtingMm = skirtingOf(room);
  const finish = finishOfWall(room, wall.id);
  const trim = { colours: room.trimFinish.colours, fixed: true };
  return [
    shape({ about: 'wall', name: '' }, 'wall', box(0, 0, wall.lengthMm, room.ceilingMm), -2, {
      colours: finish.colours,
      pattern: finish.pattern,
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
