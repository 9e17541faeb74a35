import type { Mm } from '../base/units';
import type { Hanging, Piece } from '../model/types';
import { lowestOver, overheadOf, underCrown } from '../room/ceiling';
import { boxesOfFitting } from '../room/fittingTop';
import { isLamp, isRestedOn } from '../room/kinds';
import type { OnWall } from '../room/place';
import { acrossOf, type HangingPlace } from '../stages/walls/planHanging';
import { wallById, type RoomContext } from './context';
import { overThing } from './overThing';

/** Furniture whose back is farther from the wall than this does not stand behind or under a picture. */
export const NEAR_WALL: Mm = 450;

type Hung = Pick<Hanging, 'wallId' | 'overPieceId' | 'xMm'> & { widthMm: Mm };

/** What a hung piece of some width finds on its wall. */
export function hangingPlaceOf(context: RoomContext, hung: Hung): HangingPlace {
  const { file, walls, rules } = context;
  const wall = wallById(walls, hung.wallId);
  const overPiece = overThing(context, hung.overPieceId, hung.wallId);
  const middle = hung.xMm ?? acrossOf({ overPiece, wallLengthMm: wall.lengthMm }, rules);
  const { flags } = file.home;
  const edge = overheadOf(file.room, wall, walls);
  const lowest = (edges: typeof edge): Mm =>
    lowestOver(
      edges,
      Math.max(0, middle - hung.widthMm / 2),
      Math.min(wall.lengthMm, middle + hung.widthMm / 2),
    );
  const wallHighMm = lowest(edge);
  const ceilingMm = lowest(underCrown(file.room, edge));
  return {
    holes: file.room.holes.filter((hole) => hole.wallId === hung.wallId),
    stairs: file.fittings.filter((f) => f.kind === 'stairs' && f.wallId === hung.wallId),
    wallsOf: file.room.wallsOf,
    childrenOrPets: flags.childrenAges.length > 0 || flags.pets,
    wallLengthMm: wall.lengthMm,
    wallHighMm,
    ceilingMm,
    ceilingBy: ceilingMm < wallHighMm ? 'crown' : 'ceiling',
    overPiece,
    openings: openingsOn(context, hung.wallId),
    fittings: fittingsOn(context, hung.wallId),
    furniture: furnitureAt(context, hung.wallId),
  };
}

const openingsOn = ({ file }: RoomContext, wallId: string): HangingPlace['openings'] =>
  file.openings
    .filter((o) => o.wallId === wallId)
    .map((o) => ({
      id: o.id,
      name: o.name,
      box: {
        xMm: o.xMm - o.trimMm,
        yMm: o.sillMm,
        widthMm: o.widthMm + 2 * o.trimMm,
        heightMm: o.heightMm + o.trimMm,
      },
    }));

const fittingsOn = ({ file }: RoomContext, wallId: string): HangingPlace['fittings'] =>
  file.fittings
    .filter((f) => f.wallId === wallId)
    .flatMap((f) =>
      boxesOfFitting(f).map((box) => ({
        id: f.id,
        name: f.name,
        electric: f.kind === 'socket' || f.kind === 'switch' || f.kind === 'tv',
        stairs: f.kind === 'stairs',
        shelf: f.kind === 'shelf',
        box,
      })),
    );

function furnitureAt({ file, places }: RoomContext, wallId: string): HangingPlace['furniture'] {
  const isNear = (onWall: OnWall | undefined): onWall is OnWall =>
    onWall?.wallId === wallId && onWall.nearMm < NEAR_WALL;
  const isFurniture = (p: Piece) => p.kind !== 'rug' && p.kind !== 'plant' && !isLamp(p);
  return file.pieces.filter(isFurniture).flatMap((p) => {
    const onWall = places.get(p.id);
    if (!isNear(onWall)) return [];
    return [
      {
        id: p.id,
        name: p.name,
        restedOn: isRestedOn(p),
        box: { xMm: onWall.xMm, yMm: p.bottomMm, widthMm: onWall.widthMm, heightMm: p.heightMm },
      },
    ];
  });
}
