import type { Mm } from '../base/units';
import type { Hanging, Piece } from '../model/types';
import { lowestOver, overheadOf, underCrown } from '../room/ceiling';
import { isBed, isLamp, isRestedOn } from '../room/kinds';
import type { OnWall } from '../room/place';
import { acrossOf, type HangingPlace } from '../stages/walls/planHanging';
import { wallById, type RoomContext } from './context';

/** Furniture whose back is farther from the wall than this does not stand behind or under a picture. */
export const NEAR_WALL: Mm = 450;

type Hung = Pick<Hanging, 'wallId' | 'overPieceId' | 'xMm'> & { widthMm: Mm };

/** What a hung piece of some width finds on its wall. */
export function hangingPlaceOf(context: RoomContext, hung: Hung): HangingPlace {
  const { file, walls, rules } = context;
  const wall = wallById(walls, hung.wallId);
  const over = pieceBelow(context, hung.overPieceId);
  const middle = hung.xMm ?? acrossOf({ over, wallLengthMm: wall.lengthMm }, rules);
  const { flags } = file.home;
  const edge = overheadOf(file.room, wall, walls);
  const lowest = (of: typeof edge): Mm =>
    lowestOver(
      of,
      Math.max(0, middle - hung.widthMm / 2),
      Math.min(wall.lengthMm, middle + hung.widthMm / 2),
    );
  const wallHighMm = lowest(edge);
  const ceilingMm = lowest(underCrown(file.room, edge));
  return {
    holes: file.room.holes.filter((hole) => hole.wallId === hung.wallId),
    stairs: file.fittings.filter((f) => f.kind === 'stairs' && f.wallId === hung.wallId),
    childrenOrPets: flags.childrenAges.length > 0 || flags.pets,
    wallLengthMm: wall.lengthMm,
    wallHighMm,
    ceilingMm,
    ceilingBy: ceilingMm < wallHighMm ? 'crown' : 'ceiling',
    over,
    openings: openingsOn(context, hung.wallId),
    fittings: fittingsOn(context, hung.wallId),
    furniture: furnitureAt(context, hung.wallId),
  };
}

function pieceBelow({ file, places }: RoomContext, id: string | null): HangingPlace['over'] {
  const piece = file.pieces.find((p) => p.id === id);
  const on = piece && places.get(piece.id);
  if (!piece || !on) return null;
  return {
    id: piece.id,
    name: piece.name,
    isBed: isBed(piece),
    isSeat: piece.seat !== null,
    xMm: on.xMm,
    widthMm: on.widthMm,
    topMm: piece.bottomMm + piece.heightMm,
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
    .map((f) => ({
      id: f.id,
      name: f.name,
      electric: f.kind === 'socket' || f.kind === 'switch' || f.kind === 'tv',
      stairs: f.kind === 'stairs',
      shelf: f.kind === 'shelf',
      box: { xMm: f.xMm, yMm: f.bottomMm, widthMm: f.widthMm, heightMm: f.heightMm },
    }));

function furnitureAt({ file, places }: RoomContext, wallId: string): HangingPlace['furniture'] {
  const near = (on: OnWall | undefined): on is OnWall => on?.wallId === wallId && on.nearMm < NEAR_WALL;
  const isFurniture = (p: Piece) => p.kind !== 'rug' && p.kind !== 'plant' && !isLamp(p);
  return file.pieces.filter(isFurniture).flatMap((p) => {
    const on = places.get(p.id);
    if (!near(on)) return [];
    return [
      {
        id: p.id,
        name: p.name,
        restedOn: isRestedOn(p),
        box: { xMm: on.xMm, yMm: p.bottomMm, widthMm: on.widthMm, heightMm: p.heightMm },
      },
    ];
  });
}
