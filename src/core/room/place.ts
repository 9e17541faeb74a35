import type { Mm } from '../base/units';
import {
  alongSegment,
  alongWay,
  distance,
  distanceToSegment,
  overlapLength,
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
/** One that it is not in front of is farther away than any other. */
const NOT_BEFORE: Mm = 1_000_000;

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
    const span = spanOn(wall, corners);
    const depthMm = alongWay(wall.from, piece, wayOf(wall.facingDeg + 180));
    // past an inner corner a piece is not in front of the wall that ends there, however near that is
    const isBefore = depthMm > 0 && overlapLength(span.xMm, span.xMm + span.widthMm, 0, wall.lengthMm) > 0;
    const score = nearMm + (turned > 46 ? BACK_TURNED : 0) + (isBefore ? 0 : NOT_BEFORE);
    return { wall, nearMm, turned, depthMm, span, score };
  });
  // of two walls that are equally near at a corner, the one that its back is turned to
  const { wall, nearMm, depthMm, span } = ranked.reduce((best, r) => {
    if (Math.abs(r.score - best.score) > 1e-6) return r.score < best.score ? r : best;
    if (Math.abs(r.turned - best.turned) > 1e-6) return r.turned < best.turned ? r : best;
    return isRather(r.wall, best.wall) ? r : best;
  });
  return { wallId: wall.id, ...span, depthMm, nearMm };
}

/** An outline's extent along a wall, from the wall's left end. */
function spanOn({ from, to, lengthMm }: Wall, corners: readonly Point[]): { xMm: Mm; widthMm: Mm } {
  const positions = corners.map(
    (c) => ((c.xMm - from.xMm) * (to.xMm - from.xMm) + (c.yMm - from.yMm) * (to.yMm - from.yMm)) / lengthMm,
  );
  const xMm = Math.min(...positions);
  return { xMm, widthMm: Math.max(...positions) - xMm };
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
