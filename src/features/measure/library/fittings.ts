import { FITTING } from '../../../core/model/defaults';
import type { Fitting, RoomFile, Swatch } from '../../../core/model/types';
import { wallsOf } from '../../../core/room/walls';
import { checkFitting } from '../../../core/stages/measure/check';
import { onWall } from './onWall';
import type { NewThing } from './newThing';
import { grey, iron, one, size, white, type Usual } from './usual';

/** Width, height above the floor, height, depth, colour. */
const FITTING_SIZES: Record<Fitting['kind'], readonly [Usual, Usual, Usual, Usual, Swatch[]]> = {
  fireplace: [[48, 120], [0, 0], [42, 105], [8, 20], one(34, 2, 4)],
  radiator: [[36, 90], [5, 12], [22, 55], [4, 10], white],
  heater: [[18, 45], [0, 0], [16, 40], [8, 20], white],
  stove: [[28, 70], [0, 0], [32, 80], [20, 50], iron],
  socket: [[5, 15], [12, 30], [3.5, 8.5], [0.5, 1], white],
  switch: [[3.5, 8.5], [44, 110], [4.5, 8.5], [0.5, 1], white],
  vent: [[14, 35], [84, 215], [6, 15], [0.5, 1], white],
  tv: [[48, 120], [30, 75], [28, 70], [3, 7], iron],
  shelf: [[36, 90], [54, 135], [1.5, 4], [10, 25], grey],
  pictureRail: [[400, 1000], [80, 205], [2, 5], [1, 2.5], white],
  beam: [[400, 1000], [88, 225], [8, 20], [8, 20], one(40, 8, 18)],
  basin: [[24, 60], [30, 75], [8, 20], [18, 45], white],
  stairs: [[110, 280], [0, 0], [96, 244], [36, 90], one(50, 8, 18)],
  tub: [[60, 170], [0, 0], [22, 56], [30, 75], white],
  counter: [[60, 150], [0, 0], [36, 90], [25, 62], one(72, 3, 12)],
  hob: [[24, 60], [36, 90], [1, 2], [20, 52], iron],
  fridge: [[24, 60], [0, 0], [68, 175], [26, 65], white],
  wallCabinet: [[36, 90], [54, 140], [30, 75], [13, 33], white],
  openShelf: [[36, 90], [54, 140], [1.5, 4], [10, 25], grey],
  cistern: [[16, 40], [16, 40], [16, 40], [8, 20], white],
  hookRail: [[30, 75], [66, 168], [4, 10], [2, 5], one(60, 6, 16)],
  toilet: [[15, 38], [0, 0], [30, 76], [27, 68], white],
};

/** A new fitting where the wall has room; undefined when it has none. */
export function newFitting(
  kind: Fitting['kind'],
  { id, name, wallId }: NewThing,
  file: RoomFile,
): Fitting | undefined {
  const { unit, ceilingMm } = file.room;
  const [width, bottom, height, depth, colours] = FITTING_SIZES[kind];
  const [w, heightMm] = [size(unit, width), size(unit, height)];
  const wall = wallsOf(file.room).find((x) => x.id === wallId);
  // rails and beams run along the whole wall
  const widthMm = kind === 'pictureRail' || kind === 'beam' ? Math.min(w, wall?.lengthMm ?? w) : w;
  const mantel =
    kind === 'fireplace'
      ? {
          widthMm: size(unit, [60, 150]),
          depthMm: size(unit, [9, 23]),
          topMm: Math.min(size(unit, [52, 132]), ceilingMm),
        }
      : null;
  return onWall(
    {
      ...FITTING,
      id,
      name,
      kind,
      wallId,
      xMm: 0,
      widthMm,
      bottomMm: Math.max(0, Math.min(size(unit, bottom), ceilingMm - heightMm)),
      heightMm,
      depthMm: size(unit, depth),
      mantel,
      colours,
    },
    file,
    (f) => checkFitting(f, file).length > 0,
  );
}
