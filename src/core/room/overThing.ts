import type { Mm } from '../base/units';
import type { Piece, RoomFile } from '../model/types';
import { canHangOver, topOfFitting } from './fittingTop';
import { isBed, isLamp } from './kinds';
import type { OnWall } from './place';

/** What a piece or a group hangs over: furniture at its wall, or a fitting with a top. */
export type OverThing = {
  id: string;
  name: string;
  isBed: boolean;
  isSeat: boolean;
  xMm: Mm;
  widthMm: Mm;
  topMm: Mm;
};
type Standing = { file: Pick<RoomFile, 'pieces' | 'fittings'>; places: ReadonlyMap<string, OnWall> };

const isHungOver = (p: Pick<Piece, 'kind'>): boolean => p.kind !== 'rug' && p.kind !== 'plant' && !isLamp(p);

/** What a hung piece of a wall may be told to hang over, as it stands there. */
export function overThingsAt({ file, places }: Standing, wallId: string): OverThing[] {
  return [
    ...file.pieces.filter(isHungOver).flatMap((piece) => overPieceAt(piece, places, wallId)),
    ...file.fittings
      .filter((f) => f.wallId === wallId && canHangOver(f))
      .map((f) => ({ id: f.id, name: f.name, isBed: false, isSeat: false, ...topOfFitting(f) })),
  ];
}

function overPieceAt(piece: Piece, places: Standing['places'], wallId: string): OverThing[] {
  const onWall = places.get(piece.id);
  if (onWall?.wallId !== wallId) return [];
  return [
    {
      id: piece.id,
      name: piece.name,
      isBed: isBed(piece),
      isSeat: piece.seat !== null,
      xMm: onWall.xMm,
      widthMm: onWall.widthMm,
      topMm: piece.bottomMm + piece.heightMm,
    },
  ];
}

/** What hangs over it is measured from: nothing where that has been moved to another wall. */
export function overThing(standing: Standing, id: string | null, wallId: string): OverThing | null {
  if (id === null) return null;
  const { file, places } = standing;
  const piece = file.pieces.find((p) => p.id === id);
  if (piece) return overPieceAt(piece, places, wallId)[0] ?? null;
  const fitting = file.fittings.find((f) => f.id === id && f.wallId === wallId);
  if (!fitting) return null;
  return { id, name: fitting.name, isBed: false, isSeat: false, ...topOfFitting(fitting) };
}
