import { findOne } from '../base/list';
import type { Mm } from '../base/units';
import { overlapLength } from '../geometry/plane';
import type { Fitting, Piece, RoomFile } from '../model/types';
import { lowestOver, overheadAt, overheadOf } from '../room/ceiling';
import { topOfFitting } from '../room/fittingTop';
import { hasTop } from '../room/kinds';
import { isNearWall, placeOnWall, type OnWall } from '../room/place';
import { wallsOf, type Wall } from '../room/walls';
import type { RuleBook } from '../rules/book';

/** Where something can go, and how large it may be: depth null where it does not matter. */
export type Spot = {
  id: string;
  of: string;
  what: 'shelf' | 'top' | 'mantel' | 'over' | 'seat' | 'wall';
  n: number;
  widthMm: Mm;
  heightMm: Mm;
  depthMm: Mm | null;
};

/** Thickness of a bookcase's own boards. */
const BOARD: Mm = 20;
/** Furniture farther from its wall than this has no wall over it. */
const AT_WALL: Mm = 900;

/** How high one can go under what is fixed to a wall above a top: a shelf, or a screen with what is kept free under it. */
function lowestAbove(
  fittings: readonly Fitting[],
  top: { wallId: string; xMm: Mm; widthMm: Mm; topMm: Mm },
  rules: RuleBook,
): Mm {
  const isOver = (f: Fitting) =>
    (f.kind === 'tv' || f.kind === 'shelf') &&
    f.wallId === top.wallId &&
    f.bottomMm >= top.topMm &&
    overlapLength(f.xMm, f.xMm + f.widthMm, top.xMm, top.xMm + top.widthMm) > 1;
  const ends = fittings
    .filter(isOver)
    .map((f) => f.bottomMm - (f.kind === 'tv' ? rules.number('walls.belowScreen') : 0));
  return Math.min(Infinity, ...ends);
}

type File = Pick<RoomFile, 'room' | 'openings' | 'fittings' | 'pieces'>;
type Walled = { file: File; walls: readonly Wall[]; rules: RuleBook };

/**
 * The spots of a room: bays of bookcases, tops up to what is overhead, mantels, the wall over furniture, seats up to their
 * backs, walls.
 */
export function spotsOf(file: File, rules: RuleBook): Spot[] {
  const room = { file, walls: wallsOf(file.room), rules };
  return [
    ...file.pieces.flatMap((p) => spotsOfPiece(p, room)),
    ...file.fittings.flatMap((f) => spotsOfFitting(f, room)),
  ];
}

function spotsOfPiece(p: Piece, { file, walls, rules }: Walled): Spot[] {
  const onWall = placeOnWall(p, walls);
  const topMm = p.bottomMm + p.heightMm;
  const isUnder = isNearWall(onWall, onWall.wallId);
  const fixedMm = isUnder ? lowestAbove(file.fittings, { ...onWall, topMm }, rules) : Infinity;
  const freeMm = Math.min(overheadAt(file.room, p, walls), fixedMm) - topMm;
  const spot = (what: Spot['what'], more: Partial<Spot>): Spot => ({
    id: `${p.id}/${what}`,
    of: p.name,
    what,
    n: 0,
    widthMm: p.widthMm,
    heightMm: freeMm,
    depthMm: p.depthMm,
    ...more,
  });
  const bays =
    p.kind !== 'bookcase'
      ? []
      : p.shelvesMm.map((shelfMm, i) =>
          spot('shelf', {
            id: `${p.id}/shelf${i}`,
            n: i + 1,
            widthMm: Math.max(1, p.widthMm - 2 * BOARD),
            heightMm: Math.max(0, (p.shelvesMm[i + 1] ?? p.heightMm) - BOARD - shelfMm),
          }),
        );
  const isTop = (p.kind === 'bookcase' || hasTop(p)) && freeMm > 0;
  return [
    ...bays,
    ...(isTop ? [spot('top', {})] : []),
    ...(p.seat && !p.bed
      ? [
          spot('seat', {
            widthMm: p.seat.widthMm,
            heightMm: Math.max(p.heightMm - p.seat.heightMm + 50, 300),
            depthMm: null,
          }),
        ]
      : []),
    ...spotOver(p, onWall, { file, walls, rules }),
  ];
}

/** The wall over a piece. */
function spotOver(p: Piece, onWall: OnWall, { file, walls }: Walled): Spot[] {
  const wall = findOne(walls, (w) => w.id === onWall.wallId);
  const edge = overheadOf(file.room, wall, walls);
  const [from, to] = [Math.max(0, onWall.xMm), Math.min(wall.lengthMm, onWall.xMm + onWall.widthMm)];
  const heightMm = lowestOver(edge, from, to) - p.bottomMm - p.heightMm;
  if (p.kind === 'rug' || onWall.nearMm >= AT_WALL || heightMm <= 200 || p.widthMm <= 500) return [];
  const { widthMm } = onWall;
  return [{ id: `${p.id}/over`, of: p.name, what: 'over', n: 0, widthMm, heightMm, depthMm: null }];
}

function spotsOfFitting(f: Fitting, { file, rules }: Walled): Spot[] {
  const above = lowestAbove(file.fittings, { wallId: f.wallId, ...topOfFitting(f) }, rules);
  const freeOver = (topMm: Mm) => Math.max(0, Math.min(file.room.ceilingMm, above) - topMm);
  const spots: Spot[] = [];
  if (f.mantel) {
    const { widthMm, depthMm, topMm } = f.mantel;
    const heightMm = freeOver(topMm);
    spots.push({ id: `${f.id}/mantel`, of: f.name, what: 'mantel', n: 0, widthMm, heightMm, depthMm });
  }
  if (f.kind === 'shelf') {
    const { widthMm, depthMm } = f;
    const heightMm = freeOver(f.bottomMm + f.heightMm);
    spots.push({ id: `${f.id}/top`, of: f.name, what: 'top', n: 0, widthMm, heightMm, depthMm });
  }
  return spots;
}
