import type { Mm } from '../base/units';
import {
  alongSegment,
  alongWay,
  distance,
  distanceToSegment,
  turnedCorners,
  turnedOval,
  wayOf,
  type Point,
} from '../geometry/plane';
import type { Piece } from '../model/types';
import { pointOnWall, type Wall } from './walls';

/**
 * A piece in front of its wall: its span there, and how far its middle and its nearest edge are from the
 * wall.
 */
export type OnWall = { wallId: string; xMm: Mm; widthMm: Mm; depthMm: Mm; nearMm: Mm };

/** What something takes of the floor: a piece, or a thing on one. */
export type Outlined = Pick<Piece, 'xMm' | 'yMm' | 'widthMm' | 'depthMm' | 'turnDeg'> & { round?: boolean };

export const footprint = (piece: Outlined): Point[] =>
  (piece.round ? turnedOval : turnedCorners)(piece, piece.widthMm, piece.depthMm, piece.turnDeg);

/** Furniture whose back is farther from the wall than this does not stand behind or under a picture. */
export const NEAR_WALL: Mm = 450;

/** Whether a piece stands at a wall, near enough to be under what hangs there. */
export const isNearWall = (onWall: OnWall | undefined, wallId: string): onWall is OnWall =>
  onWall?.wallId === wallId && onWall.nearMm < NEAR_WALL;

/** A wall that a piece does not turn its back to counts as this much farther away. */
const BACK_TURNED: Mm = 1200;

/**
 * The wall a piece is seen against (nearest, and rather the one at its back) and its span on it.
 * Every piece belongs to exactly one wall, so that nothing is counted twice.
 */
export function placeOnWall(piece: Outlined, walls: readonly Wall[]): OnWall {
  const corners = footprint(piece);
  const faces = ((piece.turnDeg % 360) + 360) % 360;
  const ranked = walls.map((wall) => {
    const nearMm = Math.min(...corners.map((c) => distanceToSegment(c, wall.from, wall.to)));
    const turned = Math.abs(((wall.facingDeg - faces + 540) % 360) - 180);
    return { wall, nearMm, turned, score: nearMm + (turned > 46 ? BACK_TURNED : 0) };
  });
  // of two walls that are equally near at a corner, the one that its back is turned to
  const { wall, nearMm } = ranked.reduce((best, r) => {
    if (Math.abs(r.score - best.score) > 1e-6) return r.score < best.score ? r : best;
    if (Math.abs(r.turned - best.turned) > 1e-6) return r.turned < best.turned ? r : best;
    return isRather(r.wall, best.wall) ? r : best;
  });
  const positions = corners.map(
    (c) =>
      ((c.xMm - wall.from.xMm) * (wall.to.xMm - wall.from.xMm) +
        (c.yMm - wall.from.yMm) * (wall.to.yMm - wall.from.yMm)) /
      wall.lengthMm,
  );
  const fromMm = Math.min(...positions);
  return {
    wallId: wall.id,
    xMm: fromMm,
    widthMm: Math.max(...positions) - fromMm,
    depthMm: alongWay(wall.from, piece, wayOf(wall.facingDeg + 180)),
    nearMm,
  };
}

/** Of two walls that are equally near the longer one, and always the same, however the room is listed or turned. */
const isRather = (a: Wall, b: Wall): boolean =>
  Math.abs(a.lengthMm - b.lengthMm) > 1e-6 ? a.lengthMm > b.lengthMm : a.id < b.id;

/**
 * Distance round the room, clockwise from the first corner, of the wall point nearest to a place: of the walls on which it is
 * seen where that is known, else of all.
 */
export function perimeterPosition(
  place: Point,
  walls: readonly Wall[],
  seenOn: ReadonlySet<string> = new Set(),
): Mm {
  let start = 0;
  let best: { apart: Mm; atMm: Mm; wall: Wall } | undefined;
  for (const wall of walls) {
    const t = alongSegment(place, wall.from, wall.to);
    const apart = distance(place, pointOnWall(wall, t * wall.lengthMm));
    const startMm = start;
    start += wall.lengthMm;
    if (seenOn.size > 0 && !seenOn.has(wall.id)) continue;
    const isTie = best !== undefined && Math.abs(apart - best.apart) <= 1e-6;
    if (!best || (isTie ? isRather(wall, best.wall) : apart < best.apart))
      best = { apart, atMm: startMm + t * wall.lengthMm, wall };
  }
  return best?.atMm ?? 0;
}
