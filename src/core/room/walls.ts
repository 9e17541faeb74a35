import { elementAt } from '../base/list';
import type { Deg, Mm } from '../base/units';
import { HAIR_MM } from '../base/tolerance';
import { alongWay, distance, polygonArea, step, wayBetween, wayOf, type Point } from '../geometry/plane';
import type { Room, WallCorner } from '../model/types';

export type Side = 'north' | 'east' | 'south' | 'west';

/** One wall seen from inside: it starts at its corner and runs to the next, left to right. */
export type Wall = {
  id: string;
  /** The stylist's own word, or '' when the side names it. */
  ownName: string;
  side: Side;
  /** 1, 2 … when several walls face the same way; 0 when the side is enough. */
  number: number;
  from: Point;
  to: Point;
  lengthMm: Mm;
  /** Direction in which someone facing the wall looks: 0 is north, clockwise. */
  facingDeg: Deg;
};

/** The walls of an outline whose corners run clockwise on the plan. */
export function wallsOf(room: Pick<Room, 'walls'>): Wall[] {
  const corners = room.walls;
  const bare = corners.map((corner, i) => {
    const next = elementAt(corners, (i + 1) % corners.length);
    const facingDeg =
      ((Math.atan2(next.yMm - corner.yMm, next.xMm - corner.xMm) * 180) / Math.PI + 360) % 360;
    const side = elementAt(['north', 'east', 'south', 'west'] as const, Math.round(facingDeg / 90) % 4);
    return {
      id: corner.id,
      ownName: corner.name,
      side,
      number: 0,
      from: point(corner),
      to: point(next),
      lengthMm: distance(corner, next),
      facingDeg,
    };
  });
  const counts = new Map<Side, number>();
  const twice = new Set(
    bare.filter((w) => bare.some((o) => o !== w && o.side === w.side)).map((w) => w.side),
  );
  return bare.map((w) => {
    if (!twice.has(w.side)) return w;
    counts.set(w.side, (counts.get(w.side) ?? 0) + 1);
    return { ...w, number: counts.get(w.side)! };
  });
}

const point = (c: WallCorner): Point => ({ xMm: c.xMm, yMm: c.yMm });

/** Where a distance along the wall from its left end lies on the plan. */
export const pointOnWall = (wall: Wall, xMm: Mm): Point => {
  const t = xMm / wall.lengthMm;
  return {
    xMm: wall.from.xMm + t * (wall.to.xMm - wall.from.xMm),
    yMm: wall.from.yMm + t * (wall.to.yMm - wall.from.yMm),
  };
};

/** The floor in front of a stretch of wall, so far into the room. */
export function floorInFrontOf(
  wall: Wall,
  { xMm, widthMm }: { xMm: Mm; widthMm: Mm },
  depthMm: Mm,
): [Point, Point, Point, Point] {
  const into = wayOf(wall.facingDeg + 180);
  const [left, right] = [pointOnWall(wall, xMm), pointOnWall(wall, xMm + widthMm)];
  return [left, right, step(right, into, depthMm), step(left, into, depthMm)];
}

/** First wall that meets one it should not; a corner where neighbours join does not count. */
export function firstCrossing(corners: readonly Point[]): number | undefined {
  const n = corners.length;
  for (let i = 0; i < n; i++) {
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue;
      if (
        segmentsMeet(
          elementAt(corners, i),
          elementAt(corners, i + 1),
          elementAt(corners, j),
          elementAt(corners, (j + 1) % n),
        )
      )
        return j;
    }
  }
  return undefined;
}

function segmentsMeet(a: Point, b: Point, c: Point, d: Point): boolean {
  const side = (p: Point, q: Point, r: Point) =>
    Math.sign(Math.round(((q.xMm - p.xMm) * (r.yMm - p.yMm) - (q.yMm - p.yMm) * (r.xMm - p.xMm)) * 1e3));
  const isWithin = (p: Point, q: Point, r: Point) =>
    Math.min(p.xMm, q.xMm) <= r.xMm &&
    r.xMm <= Math.max(p.xMm, q.xMm) &&
    Math.min(p.yMm, q.yMm) <= r.yMm &&
    r.yMm <= Math.max(p.yMm, q.yMm);
  const [s1, s2, s3, s4] = [side(a, b, c), side(a, b, d), side(c, d, a), side(c, d, b)];
  if (s1 !== s2 && s3 !== s4) return true;
  return (
    (s1 === 0 && isWithin(a, b, c)) ||
    (s2 === 0 && isWithin(a, b, d)) ||
    (s3 === 0 && isWithin(c, d, a)) ||
    (s4 === 0 && isWithin(c, d, b))
  );
}

export const runsClockwise = (room: Pick<Room, 'walls'>): boolean => polygonArea(room.walls) > 0;

const longestOf = (walls: readonly Wall[]): Wall =>
  walls.reduce((a, b) => (b.lengthMm > a.lengthMm + HAIR_MM ? b : a));

/** The least turn that sets a piece square to the longest wall: 0 in a room that lies square on the plan. */
export function squareTurn(walls: readonly Wall[]): Deg {
  const past = Math.round((longestOf(walls).facingDeg % 90) * TENTHS) / TENTHS;
  return past > 45 ? past + 270 : past;
}
/** Turns are kept to a tenth of a degree. */
const TENTHS = 10;

/**
 * How large a floor is, however it lies on the plan: its extent along its longest wall and across, mm; first the one that
 * runs more from west to east.
 */
export function floorSize(walls: readonly Wall[]): { acrossMm: Mm; downMm: Mm } {
  const longest = longestOf(walls);
  const along = wayBetween(longest.from, longest.to);
  const across = { xMm: -along.yMm, yMm: along.xMm };
  const extentMm = (way: Point) => {
    const ends = walls.map((wall) => alongWay({ xMm: 0, yMm: 0 }, wall.from, way));
    return Math.max(...ends) - Math.min(...ends);
  };
  const isFlat = Math.abs(along.xMm) >= Math.abs(along.yMm);
  const [acrossMm, downMm] = [extentMm(along), extentMm(across)];
  return isFlat ? { acrossMm, downMm } : { acrossMm: downMm, downMm: acrossMm };
}
