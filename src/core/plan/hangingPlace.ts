import type { Hanging, Piece, RoomFile } from '../model/types';
import type { Mm } from '../base/units';
import { lowestOver, overheadOf, underCrown } from '../room/ceiling';
import { isBed, isLamp, isRestedOn } from '../room/kinds';
import type { OnWall } from '../room/place';
import type { Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';
import { acrossOf, type HangingPlace } from '../stages/walls/planHanging';

/** Furniture whose back is farther from the wall than this does not stand behind or under a picture. */
export const NEAR_WALL: Mm = 450;

/** What a hung piece finds on its wall. */
export function hangingPlaceOf(
  h: Pick<Hanging, 'wallId' | 'overPieceId' | 'xMm'>,
  widthMm: Mm,
  file: RoomFile,
  walls: readonly Wall[],
  places: ReadonlyMap<string, OnWall>,
  rules: RuleBook,
): HangingPlace {
  const wall = walls.find((w) => w.id === h.wallId)!;
  const on = (p: Piece) => places.get(p.id)!;
  const over = file.pieces.find((p) => p.id === h.overPieceId);
  const below = over
    ? {
        id: over.id,
        name: over.name,
        isBed: isBed(over),
        isSeat: over.seat !== null,
        xMm: on(over).xMm,
        widthMm: on(over).widthMm,
        topMm: over.bottomMm + over.heightMm,
      }
    : null;
  const middle = h.xMm ?? acrossOf({ over: below, wallLengthMm: wall.lengthMm }, rules);
  const { flags } = file.home;
  const edge = overheadOf(file.room, wall, walls);
  const [wallHighMm, ceilingMm] = [edge, underCrown(file.room, edge)].map((e) =>
    lowestOver(e, Math.max(0, middle - widthMm / 2), Math.min(wall.lengthMm, middle + widthMm / 2)),
  ) as [Mm, Mm];
  return {
    holes: file.room.holes.filter((x) => x.wallId === h.wallId),
    stairs: file.fittings.filter((f) => f.kind === 'stairs' && f.wallId === h.wallId),
    childrenOrPets: flags.childrenAges.length > 0 || flags.pets,
    wallLengthMm: wall.lengthMm,
    wallHighMm,
    ceilingMm,
    ceilingBy: ceilingMm < wallHighMm ? 'crown' : 'ceiling',
    over: below,
    openings: file.openings
      .filter((o) => o.wallId === h.wallId)
      .map((o) => ({
        id: o.id,
        name: o.name,
        box: {
          xMm: o.xMm - o.trimMm,
          yMm: o.sillMm,
          widthMm: o.widthMm + 2 * o.trimMm,
          heightMm: o.heightMm + o.trimMm,
        },
      })),
    fittings: file.fittings
      .filter((f) => f.wallId === h.wallId)
      .map((f) => ({
        id: f.id,
        name: f.name,
        electric: f.kind === 'socket' || f.kind === 'switch' || f.kind === 'tv',
        stairs: f.kind === 'stairs',
        shelf: f.kind === 'shelf',
        box: { xMm: f.xMm, yMm: f.bottomMm, widthMm: f.widthMm, heightMm: f.heightMm },
      })),
    furniture: file.pieces
      .filter(
        (p) =>
          p.kind !== 'rug' &&
          !isLamp(p) &&
          p.kind !== 'plant' &&
          on(p).wallId === h.wallId &&
          on(p).nearMm < NEAR_WALL,
      )
      .map((p) => ({
        id: p.id,
        name: p.name,
        restedOn: isRestedOn(p),
        box: { xMm: on(p).xMm, yMm: p.bottomMm, widthMm: on(p).widthMm, heightMm: p.heightMm },
      })),
  };
}
