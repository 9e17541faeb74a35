/** Alcoves, chimney breasts and bays: a stretch of a wall set back or out. */
import { elementAt } from '../base/list';
import { fail, ok, type Result } from '../base/result';
import type { Deg, Mm } from '../base/units';
import { step, wayOf, type Point } from '../geometry/plane';
import type { Hanging, HangingGroup, Room, RoomFile, WallCorner } from '../model/types';
import { firstCrossing, pointOnWall, wallsOf, type Wall } from './walls';

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
/** Ids for the new walls: left side, front, right side, and the rest of the wall. */
export type BumpIds = { left: string; front: string; right: string; rest: string };

/** Marks closer than this are the same. */
const SAME_MM: Mm = 0.5;
/** Narrowest front of a bump. */
const LEAST_FRONT_MM: Mm = 10;

/**
 * The room with a bump in a wall. The wall keeps its id up to the bump; what stood after it moves to the rest
 * of the wall, what stood within to the bump's front. Fails when the mouth is past the wall, the sides meet
 * before the front, or something on the wall would be cut in two.
 */
export function withBump(file: RoomFile, bump: Bump, ids: BumpIds): Result<RoomFile, BumpIssue> {
  const walls = wallsOf(file.room);
  const index = walls.findIndex((w) => w.id === bump.wallId);
  const wall = walls[index];
  if (!wall) return fail<BumpIssue>({ code: 'wall-missing' });
  const problem = shapeProblem(bump, wall);
  if (problem) return fail(problem);
  const cut = cutOf(file.room, index, wall, bump, ids);
  const corners = cornersWith(file.room.walls, cut);
  if (firstCrossing(corners) !== undefined) return fail<BumpIssue>({ code: 'walls-cross' });
  const moved = moveAlong(file, cut);
  if (moved.blockedBy !== undefined) return fail<BumpIssue>({ code: 'in-the-way', name: moved.blockedBy });
  return ok({ ...moved.file, room: { ...file.room, walls: corners } });
}

/** How much a splayed side takes of the mouth's width. */
const insetOf = ({ depthMm, splayDeg }: Bump): Mm => Math.abs(depthMm) / slopeOf(splayDeg);
const slopeOf = (splayDeg: Deg): number => Math.tan((Math.min(90, splayDeg) * Math.PI) / 180);

function shapeProblem(bump: Bump, wall: Wall): BumpIssue | undefined {
  const end = bump.xMm + bump.widthMm;
  if (bump.xMm < -SAME_MM || bump.widthMm <= 0 || end > wall.lengthMm + SAME_MM)
    return { code: 'past-the-wall', roomMm: Math.max(0, wall.lengthMm - Math.max(0, bump.xMm)) };
  if (bump.widthMm - 2 * insetOf(bump) < LEAST_FRONT_MM || bump.depthMm === 0)
    return { code: 'no-front', atMostMm: ((bump.widthMm - LEAST_FRONT_MM) / 2) * slopeOf(bump.splayDeg) };
  return undefined;
}

/** How a bump cuts its wall. */
type Cut = {
  bump: Bump;
  wall: Wall;
  index: number;
  endMm: Mm;
  insetMm: Mm;
  /** It begins at the wall's start; it ends at the wall's end. */
  starts: boolean;
  ends: boolean;
  /** A square breast in a corner has no side of its own there: the next wall ends, or begins, at its front. */
  flushStart: boolean;
  flushEnd: boolean;
  corner: WallCorner;
  nextId: string;
  ids: { left: string; front: string; right: string; rest: string };
};

function cutOf(room: Room, index: number, wall: Wall, bump: Bump, ids: BumpIds): Cut {
  const endMm = bump.xMm + bump.widthMm;
  const starts = bump.xMm < SAME_MM;
  const ends = endMm > wall.lengthMm - SAME_MM;
  const squareBreast = bump.depthMm < 0 && bump.splayDeg >= 90;
  const corner = elementAt(room.walls, index);
  return {
    bump,
    wall,
    index,
    endMm,
    insetMm: insetOf(bump),
    starts,
    ends,
    flushStart: starts && squareBreast,
    flushEnd: ends && squareBreast,
    corner,
    nextId: elementAt(room.walls, (index + 1) % room.walls.length).id,
    // a bump at the wall's very start takes its place; the wall's own id goes on with the rest of it
    ids: {
      ...ids,
      front: starts && ends ? corner.id : ids.front,
      rest: starts ? corner.id : ids.rest,
    },
  };
}

function cornersWith(walls: Room['walls'], cut: Cut): Room['walls'] {
  const { bump, wall, index, endMm, insetMm, starts, ends, corner, ids } = cut;
  const outward = wayOf(wall.facingDeg);
  const place = (xMm: Mm, depthMm: Mm): Point => step(pointOnWall(wall, xMm), outward, depthMm);
  const fresh = [
    ...(starts ? [] : [corner]),
    ...(cut.flushStart ? [] : [{ id: ids.left, name: '', ...place(bump.xMm, 0) }]),
    {
      id: ids.front,
      name: starts && ends ? corner.name : '',
      ...place(bump.xMm + insetMm, bump.depthMm),
    },
    ...(cut.flushEnd ? [] : [{ id: ids.right, name: '', ...place(endMm - insetMm, bump.depthMm) }]),
    ...(ends ? [] : [{ id: ids.rest, name: starts ? corner.name : '', ...place(endMm, 0) }]),
  ];
  const others = walls.map((c) =>
    cut.flushEnd && c.id === cut.nextId ? { ...c, ...place(endMm, bump.depthMm) } : c,
  );
  return [...others.slice(0, index), ...fresh, ...others.slice(index + 1)];
}

type OnWall = { wallId: string; xMm: Mm };
/** Where a stretch of the wall comes to stand; undefined where the bump would cut it in two. */
function standsAt({ bump, endMm, insetMm, corner, ids }: Cut, xMm: Mm, widthMm: Mm): OnWall | undefined {
  const end = xMm + widthMm;
  if (end <= bump.xMm + SAME_MM) return { wallId: corner.id, xMm };
  if (xMm >= endMm - SAME_MM) return { wallId: ids.rest, xMm: xMm - endMm };
  const isWithin = xMm >= bump.xMm + insetMm - SAME_MM && end <= endMm - insetMm + SAME_MM;
  return isWithin ? { wallId: ids.front, xMm: xMm - bump.xMm - insetMm } : undefined;
}

/** What is on the walls, moved to where it stands beside the bump, and the first that is in its way. */
function moveAlong(file: RoomFile, cut: Cut): { file: RoomFile; blockedBy: string | undefined } {
  const { bump, wall } = cut;
  let blockedBy: string | undefined;
  const placed = (name: string, xMm: Mm, widthMm: Mm): OnWall => {
    const stands = standsAt(cut, xMm, widthMm);
    if (!stands) blockedBy ??= name;
    return stands ?? { wallId: cut.corner.id, xMm };
  };
  const shift = <T extends OnWall & { name: string; widthMm: Mm }>(rows: readonly T[]): T[] =>
    rows.map((row) => {
      if (cut.flushEnd && row.wallId === cut.nextId) {
        if (row.xMm < -bump.depthMm - SAME_MM) blockedBy ??= row.name;
        return { ...row, xMm: row.xMm + bump.depthMm };
      }
      return row.wallId === wall.id ? { ...row, ...placed(row.name, row.xMm, row.widthMm) } : row;
    });
  const items = new Map(file.items.map((i) => [i.id, i]));
  const hang = (hanging: Hanging): Hanging => {
    if (hanging.wallId !== wall.id) return hanging;
    if (hanging.xMm === null) return cut.starts && cut.ends ? { ...hanging, wallId: cut.ids.front } : hanging;
    const { name = '', widthMm = 0 } = items.get(hanging.itemId) ?? {};
    const stands = placed(name, hanging.xMm - widthMm / 2, widthMm);
    return { ...hanging, wallId: stands.wallId, xMm: stands.xMm + widthMm / 2 };
  };
  const regroup = (group: HangingGroup): HangingGroup => {
    if (group.wallId !== wall.id) return group;
    if (group.xMm === null) return cut.starts && cut.ends ? { ...group, wallId: cut.ids.front } : group;
    return { ...group, ...placed(group.name, group.xMm, 0) };
  };
  const openings = shift(file.openings);
  const fittings = shift(file.fittings);
  const looks = file.looks.map((look) => {
    const groups = look.groups.map(regroup);
    // what hangs in a group goes where the group goes
    const wallOf = new Map(groups.map((group) => [group.id, group.wallId]));
    const hangings = look.hangings.map((hanging) => {
      const groupWallId = wallOf.get(hanging.groupId ?? '');
      return groupWallId === undefined ? hang(hanging) : { ...hanging, wallId: groupWallId };
    });
    return { ...look, groups, hangings };
  });
  return { file: { ...file, openings, fittings, looks }, blockedBy };
}

/**
 * The outline with a corner taken out, so that its two walls become one; undefined when fewer than three
 * would be left.
 */
export const withoutCorner = (corners: Room['walls'], id: string): Room['walls'] | undefined =>
  corners.length > 3 ? corners.filter((c) => c.id !== id) : undefined;
