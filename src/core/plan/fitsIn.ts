import { findOne } from '../base/list';
import { inches, type Mm } from '../base/units';
import type { Piece, RoomFile } from '../model/types';
import { lowestOver, overheadOf } from '../room/ceiling';
import { NEAR_WALL, type OnWall } from '../room/place';
import { addressOf, type Spot } from '../room/spots/spot';
import type { Plan } from './planLook';
import { isHungFrom } from '../room/spots/parts';

/** Where something can go, and how large it may be: depth null where it does not matter. */
export type FitsIn = {
  id: string;
  /** A part of something, by what names it; or the wall over a piece. */
  where: Pick<Spot, 'kind' | 'part' | 'name' | 'partsOfKind'> | { kind: 'over'; name: string };
  widthMm: Mm;
  heightMm: Mm;
  depthMm: Mm | null;
};

/** A pillow may stand so far over the back that it leans on, and is this high on a low one. */
const OVER_BACK: Mm = 50;
const LOW_BACK: Mm = 300;
/** A wall over furniture with less than this is none. */
const LEAST_HEIGHT: Mm = inches(8);
const LEAST_WIDTH: Mm = inches(20);

/** Every place of a room as one look has it: surfaces as they are planned, seats up to their backs, the wall over furniture. */
export function fitsIn(file: Pick<RoomFile, 'room' | 'pieces'>, plan: Plan): FitsIn[] {
  return [
    ...plan.surfaces.map(({ spot, tallestMm }): FitsIn => ({
      id: addressOf(spot),
      where: spot,
      widthMm: spot.widthMm,
      heightMm: tallestMm,
      depthMm: isHungFrom(spot.kind) ? null : spot.depthMm,
    })),
    ...plan.spots.filter((spot) => spot.kind === 'seat').flatMap((spot) => onSeat(spot, file.pieces)),
    ...file.pieces.flatMap((piece) => over(piece, file.room, plan)),
  ];
}

function onSeat(spot: Spot, pieces: readonly Piece[]): FitsIn[] {
  const piece = pieces.find((p) => p.id === spot.of);
  if (!piece) return [];
  const heightMm = Math.max(piece.heightMm - spot.zMm + OVER_BACK, LOW_BACK);
  return [{ id: addressOf(spot), where: spot, widthMm: spot.widthMm, heightMm, depthMm: null }];
}

/** The wall over a piece that stands at it. */
function over(piece: Piece, room: RoomFile['room'], { walls, places }: Plan): FitsIn[] {
  const place: OnWall | undefined = places.get(piece.id);
  if (!place || piece.kind === 'rug' || place.nearMm >= NEAR_WALL) return [];
  const wall = findOne(walls, (w) => w.id === place.wallId);
  const [fromMm, toMm] = [Math.max(0, place.xMm), Math.min(wall.lengthMm, place.xMm + place.widthMm)];
  const heightMm = lowestOver(overheadOf(room, wall, walls), fromMm, toMm) - piece.bottomMm - piece.heightMm;
  if (heightMm < LEAST_HEIGHT || place.widthMm < LEAST_WIDTH) return [];
  return [
    {
      id: `${piece.id}/over`,
      where: { kind: 'over', name: piece.name },
      widthMm: place.widthMm,
      heightMm,
      depthMm: null,
    },
  ];
}
