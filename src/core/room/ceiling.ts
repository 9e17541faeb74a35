import { elementAt } from '../base/list';
import type { Mm, SquareMm } from '../base/units';
import { step, wayOf, type Point } from '../geometry/plane';
import type { Room } from '../model/types';
import { pointOnWall, wallsOf, type Wall } from './walls';

type Overhead = Pick<Room, 'walls' | 'ceilingMm' | 'slopes' | 'beams'>;

/** How far a point lies into the room from a wall's line; behind it is negative. */
const fromWall = (wall: Wall, p: Point): Mm => {
  const outward = wayOf(wall.facingDeg);
  return (wall.from.xMm - p.xMm) * outward.xMm + (wall.from.yMm - p.yMm) * outward.yMm;
};

/**
 * Height of what is overhead at a place on the plan: the ceiling, where it slopes, or the underside of a
 * dropped beam.
 */
export function overheadAt(room: Overhead, point: Point, walls: readonly Wall[] = wallsOf(room)): Mm {
  let height = room.ceilingMm;
  for (const slope of room.slopes) {
    const wall = walls.find((w) => w.id === slope.wallId);
    if (!wall) continue;
    const distanceMm = fromWall(wall, point);
    if (distanceMm >= -1 && distanceMm < slope.runMm)
      height = Math.min(
        height,
        slope.lowMm + ((room.ceilingMm - slope.lowMm) * Math.max(0, distanceMm)) / slope.runMm,
      );
  }
  for (const beam of room.beams) {
    const wall = walls.find((w) => w.id === beam.wallId);
    if (!wall) continue;
    const distanceMm = fromWall(wall, point);
    if (distanceMm >= beam.fromWallMm - 1e-6 && distanceMm <= beam.fromWallMm + beam.widthMm + 1e-6)
      height = Math.min(height, beam.undersideMm);
  }
  return height;
}

/** A point of the line in which a wall meets what is overhead. */
export type OverheadPoint = { xMm: Mm; heightMm: Mm };

/**
 * The upper edge of a wall from left to right: straight between the points; a beam makes two points at one
 * place.
 */
export function overheadOf(
  room: Overhead,
  wall: Wall,
  walls: readonly Wall[] = wallsOf(room),
): OverheadPoint[] {
  if (room.slopes.length === 0 && room.beams.length === 0)
    return [
      { xMm: 0, heightMm: room.ceilingMm },
      { xMm: wall.lengthMm, heightMm: room.ceilingMm },
    ];
  const cuts = new Set<Mm>([0, wall.lengthMm]);
  // where the wall's line comes so far into the room from another wall
  const cutAt = (other: Wall, intoMm: Mm) => {
    const [a, b] = [fromWall(other, wall.from), fromWall(other, wall.to)];
    if (Math.abs(b - a) < 1e-6) return;
    const x = ((intoMm - a) / (b - a)) * wall.lengthMm;
    if (x > 0 && x < wall.lengthMm) cuts.add(x);
  };
  const sloping = room.slopes.flatMap((s) => {
    const onWall = walls.find((w) => w.id === s.wallId);
    return onWall ? [{ s, onWall }] : [];
  });
  for (const { s, onWall } of sloping) {
    cutAt(onWall, 0);
    cutAt(onWall, s.runMm);
  }
  for (const b of room.beams) {
    const onWall = walls.find((w) => w.id === b.wallId);
    if (onWall) {
      cutAt(onWall, b.fromWallMm);
      cutAt(onWall, b.fromWallMm + b.widthMm);
    }
  }
  // where two slopes meet along this wall
  for (const one of sloping)
    for (const other of sloping) {
      if (one === other) continue;
      const gap = (x: Mm) => {
        const p = pointOnWall(wall, x);
        const h = (t: typeof one) =>
          t.s.lowMm + ((room.ceilingMm - t.s.lowMm) * fromWall(t.onWall, p)) / t.s.runMm;
        return h(one) - h(other);
      };
      const [a, b] = [gap(0), gap(wall.lengthMm)];
      if (a * b < 0) cuts.add((a / (a - b)) * wall.lengthMm);
    }
  const xs = [...cuts].sort((a, b) => a - b);
  const HAIR = 1e-5;
  // a touch into the room, so that the wall's own slope and beam count
  const inside = wayOf(wall.facingDeg + 180);
  const overheadAtX = (x: Mm) => overheadAt(room, step(pointOnWall(wall, x), inside, HAIR), walls);
  const points: OverheadPoint[] = [];
  xs.forEach((x, i) => {
    const [leftMm, rightMm] = [
      i > 0 ? overheadAtX(Math.max(0, x - HAIR)) : undefined,
      i < xs.length - 1 ? overheadAtX(Math.min(wall.lengthMm, x + HAIR)) : undefined,
    ];
    if (leftMm !== undefined) points.push({ xMm: x, heightMm: leftMm });
    if (rightMm !== undefined && (leftMm === undefined || Math.abs(rightMm - leftMm) > 1))
      points.push({ xMm: x, heightMm: rightMm });
  });
  return points;
}

/**
 * The upper edge of what is free of a wall: under the crown where the ceiling is level; a slope and a beam
 * have none.
 */
export function underCrown(
  room: Pick<Room, 'ceilingMm' | 'crownMm'>,
  edge: readonly OverheadPoint[],
): OverheadPoint[] {
  if (room.crownMm <= 0) return [...edge];
  const level = (p: OverheadPoint) => p.heightMm > room.ceilingMm - 1;
  return edge.slice(1).flatMap((b, i) => {
    const a = elementAt(edge, i);
    if (b.xMm === a.xMm) return [];
    return level(a) && level(b)
      ? [
          { ...a, heightMm: a.heightMm - room.crownMm },
          { ...b, heightMm: b.heightMm - room.crownMm },
        ]
      : [a, b];
  });
}

/** The lowest of a wall's upper edge over a stretch of it. */
export function lowestOver(edge: readonly OverheadPoint[], fromMm: Mm, toMm: Mm): Mm {
  let low = Infinity;
  for (let i = 0; i + 1 < edge.length; i++) {
    const [a, b] = [elementAt(edge, i), elementAt(edge, i + 1)];
    const [x1, x2] = [Math.max(fromMm, a.xMm), Math.min(toMm, b.xMm)];
    if (x1 > x2 || (x1 === x2 && fromMm !== toMm)) continue;
    const height = (x: Mm) =>
      b.xMm === a.xMm
        ? Math.min(a.heightMm, b.heightMm)
        : a.heightMm + ((x - a.xMm) / (b.xMm - a.xMm)) * (b.heightMm - a.heightMm);
    low = Math.min(low, height(x1), height(x2));
  }
  return low === Infinity ? Math.min(...edge.map((p) => p.heightMm)) : low;
}

/** Area of a wall under its upper edge. */
export const areaUnder = (edge: readonly OverheadPoint[]): SquareMm =>
  edge.reduce((sum, p, i) => {
    const q = edge[i + 1];
    return q ? sum + ((p.heightMm + q.heightMm) / 2) * (q.xMm - p.xMm) : sum;
  }, 0);
