import type { Mm } from '../base/units';
import { alongWay, step, wayOf } from '../geometry/plane';
import type { Piece } from '../model/types';
import { footprint } from './place';
import type { Wall } from './walls';

/** Furniture that has a back, and stands with it to a wall. */
const WITH_BACK: ReadonlySet<Piece['kind']> = new Set([
  'sofa',
  'armchair',
  'wingChair',
  'windowSeat',
  'bed',
  'cot',
  'bedside',
  'chest',
  'console',
  'bookcase',
  'desk',
]);

/** Walls within this of each other's turn are one direction. */
const SAME_DEG = 1;

const turnApart = (a: number, b: number): number => Math.abs(((((a - b) % 360) + 540) % 360) - 180);

/**
 * A piece that was brought to a wall with another side, turned so that its back is to that wall and touches it.
 * Null where it has no back, is near no wall, or has its back to one already.
 */
export function backToWall(piece: Piece, walls: readonly Wall[], withinMm: Mm): Piece | null {
  if (!WITH_BACK.has(piece.kind)) return null;
  const near = walls
    .map((wall) => ({ wall, gapMm: gapTo(piece, wall) }))
    .filter(({ gapMm }) => Math.abs(gapMm) <= withinMm)
    .sort((a, b) => Math.abs(a.gapMm) - Math.abs(b.gapMm));
  const [nearest] = near;
  if (!nearest || near.some(({ wall }) => turnApart(wall.facingDeg, piece.turnDeg) <= SAME_DEG)) return null;
  const { wall } = nearest;
  const outward = wayOf(wall.facingDeg);
  const toWallMm = alongWay(piece, wall.from, outward);
  const turnDeg = ((wall.facingDeg % 360) + 360) % 360;
  return { ...piece, turnDeg, ...step(piece, outward, toWallMm - piece.depthMm / 2) };
}

/** From the piece's nearest corner to a wall that it is in front of; endless where it is not. */
function gapTo(piece: Piece, wall: Wall): Mm {
  const corners = footprint(piece);
  const sideways = wayOf(wall.facingDeg + 90);
  const along = corners.map((corner) => alongWay(wall.from, corner, sideways));
  if (Math.max(...along) < 0 || Math.min(...along) > wall.lengthMm) return Infinity;
  const outward = wayOf(wall.facingDeg);
  return Math.min(...corners.map((corner) => alongWay(corner, wall.from, outward)));
}
