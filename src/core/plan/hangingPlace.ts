import type { Mm } from '../base/units';
import type { Hanging, Piece } from '../model/types';
import { lowestOver, overheadOf, underCrown, type OverheadPoint } from '../room/ceiling';
import { boxesOfFitting } from '../room/fittingTop';
import { isLamp, isRestedOn } from '../room/kinds';
import { isNearWall } from '../room/place';
import { acrossOf, type HangingPlace } from '../stages/walls/planHanging';
import { wallById, type RoomContext } from './context';
import { overThing } from '../room/overThing';

type Hung = Pick<Hanging, 'wallId' | 'overPieceId' | 'xMm'> & { widthMm: Mm };

/** What is on a wall, whatever hangs there. */
export type OnOneWall = Pick<
  HangingPlace,
  'holes' | 'stairs' | 'openings' | 'fittings' | 'furniture' | 'wallLengthMm' | 'childrenOrPets' | 'wallsOf'
> & {
  /** The wall's upper edge, and that under the crown. */
  edge: readonly OverheadPoint[];
  freeEdge: readonly OverheadPoint[];
};

export function onOneWall(context: RoomContext, wallId: string): OnOneWall {
  const { file, walls } = context;
  const { flags } = file.home;
  const wall = wallById(walls, wallId);
  const edge = overheadOf(file.room, wall, walls);
  return {
    edge,
    freeEdge: underCrown(file.room, edge),
    holes: file.room.holes.filter((hole) => hole.wallId === wallId),
    stairs: file.fittings.filter((f) => f.kind === 'stairs' && f.wallId === wallId),
    wallsOf: file.room.wallsOf,
    childrenOrPets: flags.childrenAges.length > 0 || flags.pets,
    wallLengthMm: wall.lengthMm,
    openings: openingsOn(context, wallId),
    fittings: fittingsOn(context, wallId),
    furniture: furnitureAt(context, wallId),
  };
}

/** What a hung piece of some width finds on its wall. */
export function hangingPlaceOf(
  context: RoomContext,
  hung: Hung,
  onWall: OnOneWall = onOneWall(context, hung.wallId),
): HangingPlace {
  const { edge, freeEdge, ...there } = onWall;
  const { wallLengthMm } = there;
  const overPiece = overThing(context, hung.overPieceId, hung.wallId);
  const middle = hung.xMm ?? acrossOf({ overPiece, wallLengthMm }, context.rules);
  const lowest = (points: readonly OverheadPoint[]): Mm =>
    lowestOver(
      points,
      Math.max(0, middle - hung.widthMm / 2),
      Math.min(wallLengthMm, middle + hung.widthMm / 2),
    );
  const wallHighMm = lowest(edge);
  const ceilingMm = lowest(freeEdge);
  return {
    ...there,
    wallHighMm,
    ceilingMm,
    ceilingBy: ceilingMm < wallHighMm ? 'crown' : 'ceiling',
    overPiece,
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
  const isFurniture = (p: Piece) => p.kind !== 'rug' && p.kind !== 'plant' && !isLamp(p);
  return file.pieces.filter(isFurniture).flatMap((p) => {
    const onWall = places.get(p.id);
    if (!isNearWall(onWall, wallId)) return [];
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
