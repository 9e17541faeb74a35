import { first } from '../../../core/base/list';
import type { LengthUnit, Mm } from '../../../core/base/units';
import { sharedPart } from '../../../core/geometry/convex';
import { insidePolygon, polygonCentre, type Point } from '../../../core/geometry/plane';
import { PIECE, SEAT } from '../../../core/model/defaults';
import type { Piece, RoomFile, Swatch } from '../../../core/model/types';
import { footprint } from '../../../core/room/place';
import { squareTurn, wallsOf } from '../../../core/room/walls';
import { checkPiece } from '../../../core/stages/measure/check';
import type { NewThing } from './newThing';
import { SIZES, type UsualPiece } from './pieceSizes';
import { one, plain, size, type Usual } from './usual';

const colourOf = (kind: Piece['kind']): Swatch[] => {
  if (kind === 'plant') return one(42, -14, 18);
  return kind === 'mirror' ? one(52, 3, 12) : one(68, 3, 14);
};

/** A piece of one of its kind's usual sizes, in its place and with its name. */
export function inSize(p: Piece, usual: UsualPiece, unit: LengthUnit): Piece {
  const s = (u: Usual) => size(unit, u);
  return {
    ...p,
    widthMm: s(usual.w),
    depthMm: s(usual.d),
    heightMm: s(usual.h),
    round: usual.round ?? false,
    bottomMm: usual.at ? s(usual.at) : p.bottomMm,
    seat: usual.seat
      ? {
          ...SEAT,
          widthMm: s(usual.seat[0]),
          heightMm: s(usual.seat[1]),
          depthMm: s(usual.seat[2]),
          seats: usual.seat[3],
          wantedSitters: p.seat?.wantedSitters ?? (usual.bed ? 0 : Math.max(1, usual.seat[3] - 1)),
          armHeightMm: s(usual.seat[4]),
          looseCushions: usual.cushions ?? 0,
        }
      : null,
    bed: usual.bed
      ? {
          mattressMm: s(usual.bed[0]),
          thickMm: null,
          headboardMm: s(usual.bed[1]),
          footboardMm: s(usual.bed[2]),
        }
      : null,
    shelvesMm: (usual.shelves ?? []).map(s),
    chairs: usual.chairs ?? 0,
  };
}

/** A new piece of usual size, at the room's centre or wherever it fits and stands free. */
export function newPiece(
  kind: Piece['kind'],
  { id, name }: Pick<NewThing, 'id' | 'name'>,
  file: RoomFile,
): Piece | undefined {
  const { unit, ceilingMm } = file.room;
  const own = { id, name, kind, colours: colourOf(kind), pattern: plain };
  const usual = inSize({ ...PIECE, ...NOWHERE, ...own }, first(SIZES[kind]), unit);
  for (const share of [1, 0.75, 0.5]) {
    const found = whereFree(scaled(usual, share, ceilingMm), file);
    if (found) return found;
  }
  return undefined;
}

/**
 * A piece square to the walls, at the room's centre or wherever it fits and stands free; undefined where it fits
 * nowhere.
 */
export function whereFree(piece: Piece, file: RoomFile): Piece | undefined {
  const turnDeg = squareTurn(wallsOf(file.room));
  const there = spotsIn(file)
    .map((spot) => ({ ...piece, ...spot, turnDeg }))
    .filter((p) => fits(p, file));
  return there.find((p) => standsFree(p, file)) ?? there[0];
}

/** A piece before it has its size and its place. */
const NOWHERE = {
  xMm: 0,
  yMm: 0,
  turnDeg: 0,
  widthMm: 1,
  depthMm: 1,
  heightMm: 1,
  bottomMm: 0,
  seat: null,
} as const;

/** Places that are tried in a room: its centre, then a grid over it. */
const GRID = 11;
function spotsIn({ room: { walls } }: RoomFile): Point[] {
  const xs = walls.map((w) => w.xMm);
  const ys = walls.map((w) => w.yMm);
  const positionAlong = (values: readonly number[], step: number) => {
    const least = Math.min(...values);
    return least + ((step + 0.5) * (Math.max(...values) - least)) / GRID;
  };
  const grid = Array.from({ length: GRID * GRID }, (_, i) => ({
    xMm: positionAlong(xs, i % GRID),
    yMm: positionAlong(ys, Math.floor(i / GRID)),
  }));
  return [polygonCentre(walls), ...grid];
}

const scaled = (piece: Piece, share: number, ceilingMm: Mm): Piece => ({
  ...piece,
  widthMm: piece.widthMm * share,
  depthMm: piece.depthMm * share,
  heightMm: Math.min(piece.heightMm, ceilingMm - piece.bottomMm),
  seat: piece.seat && {
    ...piece.seat,
    widthMm: piece.seat.widthMm * share,
    depthMm: piece.seat.depthMm * share,
  },
});

const fits = (piece: Piece, file: RoomFile): boolean =>
  footprint(piece).every((corner) => insidePolygon(corner, file.room.walls)) &&
  checkPiece(piece, file).length === 0;

/** What two outlines share is a part of the floor from three corners on. */
const CORNERS_OF_A_PART = 3;

/** A rug lies under other things, a lamp stands on them; everything else has its floor to itself. */
const standsFree = (piece: Piece, { pieces }: RoomFile): boolean =>
  piece.kind === 'rug' ||
  piece.kind === 'tableLamp' ||
  pieces.every(
    (other) =>
      other.kind === 'rug' || sharedPart(footprint(piece), footprint(other)).length < CORNERS_OF_A_PART,
  );
