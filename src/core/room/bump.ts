/** Alcoves, chimney breasts and bays: a stretch of a wall set back or out. */
import { fail, ok, type Result } from '../base/result';
import type { Deg, Mm } from '../base/units';
import { step, wayOf, type Point } from '../geometry/plane';
import type { Room, RoomFile } from '../model/types';
import { firstCrossing, pointOnWall, wallsOf } from './walls';

/**
 * Where along the wall it begins, how wide its mouth is, how deep: outwards is positive (alcove, bay), into
 * the room negative (breast). splayDeg is the angle of its sides to the wall: 90 square, 45 or 60 a bay.
 */
export type Bump = { wallId: string; xMm: Mm; widthMm: Mm; depthMm: Mm; splayDeg: Deg };
export type BumpIssue =
  | { code: 'wall-missing' }
  | { code: 'past-the-wall'; roomMm: Mm }
  | { code: 'no-front'; atMostMm: Mm }
  | { code: 'in-the-way'; name: string }
  | { code: 'walls-cross' };
/** Ids for the walls that come anew: left side, front, right side, and the rest of the wall. */
export type BumpIds = { left: string; front: string; right: string; rest: string };

/**
 * The room with a bump in a wall. The wall keeps its id up to the bump; what stood after it moves to the rest
 * of the wall,
 * what stood within to the bump's front. Fails when the mouth is past the wall, the sides meet before the
 * front, or
 * something on the wall would be cut in two.
 */
export function withBump(file: RoomFile, bump: Bump, ids: BumpIds): Result<RoomFile, BumpIssue> {
  const walls = wallsOf(file.room);
  const index = walls.findIndex((w) => w.id === bump.wallId);
  const wall = walls[index];
  if (!wall) return fail<BumpIssue>({ code: 'wall-missing' });
  const end = bump.xMm + bump.widthMm;
  if (bump.xMm < -0.5 || bump.widthMm <= 0 || end > wall.lengthMm + 0.5)
    return fail<BumpIssue>({
      code: 'past-the-wall',
      roomMm: Math.max(0, wall.lengthMm - Math.max(0, bump.xMm)),
    });
  const inset = Math.abs(bump.depthMm) / Math.tan((Math.min(90, bump.splayDeg) * Math.PI) / 180);
  const front = bump.widthMm - 2 * inset;
  if (front < 10 || bump.depthMm === 0)
    return fail<BumpIssue>({
      code: 'no-front',
      atMostMm: ((bump.widthMm - 10) / 2) * Math.tan((Math.min(90, bump.splayDeg) * Math.PI) / 180),
    });
  const out = wayOf(wall.facingDeg);
  const at = (x: Mm, depth: Mm): Point => step(pointOnWall(wall, x), out, depth);
  const starts = bump.xMm < 0.5;
  const ends = end > wall.lengthMm - 0.5;
  // a square breast in a corner has no side of its own there: the neighbouring wall ends, or begins, at its
  // front
  const flushStart = starts && bump.depthMm < 0 && bump.splayDeg >= 90;
  const flushEnd = ends && bump.depthMm < 0 && bump.splayDeg >= 90;
  const corner = (id: string, p: Point, name = '') => ({ id, name, ...p });
  const before = file.room.walls[index]!;
  const next = file.room.walls[(index + 1) % file.room.walls.length]!;
  const whole = starts && ends;
  const frontId = whole ? before.id : ids.front;
  const restId = starts ? before.id : ids.rest;
  const fresh = [
    // a bump at the wall's very start takes its place; the wall's own id goes on with the rest of it
    ...(starts ? [] : [before]),
    ...(flushStart ? [] : [corner(ids.left, at(bump.xMm, 0))]),
    corner(frontId, at(bump.xMm + inset, bump.depthMm), whole ? before.name : ''),
    ...(flushEnd ? [] : [corner(ids.right, at(end - inset, bump.depthMm))]),
    ...(ends ? [] : [corner(restId, at(end, 0), starts ? before.name : '')]),
  ];
  const others = file.room.walls.map((c) =>
    flushEnd && c.id === next.id ? { ...c, ...at(end, bump.depthMm) } : c,
  );
  const corners = [...others.slice(0, index), ...fresh, ...others.slice(index + 1)];
  if (firstCrossing(corners) !== undefined) return fail<BumpIssue>({ code: 'walls-cross' });
  let blocked: string | undefined;
  const moved = (name: string, x: Mm, w: Mm): { wallId: string; xMm: Mm } => {
    if (x + w <= bump.xMm + 0.5) return { wallId: before.id, xMm: x };
    if (x >= end - 0.5) return { wallId: restId, xMm: x - end };
    if (x >= bump.xMm + inset - 0.5 && x + w <= end - inset + 0.5)
      return { wallId: frontId, xMm: x - bump.xMm - inset };
    blocked ??= name;
    return { wallId: before.id, xMm: x };
  };
  const shift = <T extends { name: string; wallId: string; xMm: Mm; widthMm: Mm }>(rows: readonly T[]): T[] =>
    rows.map((r) => {
      if (flushEnd && r.wallId === next.id) {
        if (r.xMm < -bump.depthMm - 0.5) blocked ??= r.name;
        return { ...r, xMm: r.xMm + bump.depthMm };
      }
      return r.wallId === wall.id ? { ...r, ...moved(r.name, r.xMm, r.widthMm) } : r;
    });
  const items = new Map(file.items.map((i) => [i.id, i]));
  const openings = shift(file.openings);
  const fittings = shift(file.fittings);
  const looks = file.looks.map((l) => ({
    ...l,
    hangings: l.hangings.map((h) => {
      if (h.wallId !== wall.id) return h;
      const item = items.get(h.itemId);
      const width = item?.widthMm ?? 0;
      return h.xMm === null
        ? { ...h, wallId: whole ? frontId : h.wallId }
        : (() => {
            const to = moved(item?.name ?? '', h.xMm - width / 2, width);
            return { ...h, wallId: to.wallId, xMm: to.xMm + width / 2 };
          })();
    }),
  }));
  if (blocked !== undefined) return fail<BumpIssue>({ code: 'in-the-way', name: blocked });
  const room: Room = { ...file.room, walls: corners };
  return ok({ ...file, room, openings, fittings, looks });
}

/**
 * The outline with a corner taken out, so that its two walls become one; undefined when fewer than three
 * would be left.
 */
export const withoutCorner = (corners: Room['walls'], id: string): Room['walls'] | undefined =>
  corners.length > 3 ? corners.filter((c) => c.id !== id) : undefined;
