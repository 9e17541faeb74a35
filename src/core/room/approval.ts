import { applyChange, type Change } from '../model/change';
import type { Look, RoomFile } from '../model/types';
import { placeOnWall } from './place';
import { wallsOf, type Wall } from './walls';

/** A change that is kept: applied, and with it walls are approved no longer where what was approved has changed. */
export const applyKept = (file: RoomFile, change: Change): RoomFile =>
  withoutLapsedApprovals(file, applyChange(file, change));

/** What is to be seen on a wall in one look: what hangs there, what stands there, and what lies on it. */
function seenOnWall(file: RoomFile, look: Look, wallId: string, walls: readonly Wall[]): unknown[] {
  const isHere = (thing: { wallId: string }) => thing.wallId === wallId;
  const things = [
    ...file.openings.filter(isHere),
    ...file.fittings.filter(isHere),
    ...file.pieces.filter((p) => isHere(placeOnWall(p, walls))),
  ];
  const ids = new Set(things.map((thing) => thing.id));
  return [
    things,
    look.dressings.filter((d) => ids.has(d.openingId)),
    look.hangings.filter(isHere),
    look.groups.filter(isHere),
    standingOn(look.placements, ids),
  ];
}

/** What stands on the things with these ids, with all that it carries. */
function standingOn(placements: Look['placements'], ids: ReadonlySet<string>): Look['placements'] {
  const carrying = new Set(ids);
  let known = -1;
  while (carrying.size > known) {
    known = carrying.size;
    for (const p of placements) if (carrying.has(p.spot.of)) carrying.add(p.id);
  }
  return placements.filter((p) => carrying.has(p.spot.of));
}

const IN_ROOM = ['openings', 'fittings', 'pieces'] as const;
const IN_LOOK = ['dressings', 'hangings', 'groups', 'placements'] as const;

/**
 * The file after a change, with walls approved no longer where what was approved has changed. A wall that is approved
 * by the change itself stays so.
 */
function withoutLapsedApprovals(before: RoomFile, after: RoomFile): RoomFile {
  const looks = after.looks.map((look) => {
    const old = before.looks.find((l) => l.id === look.id);
    const isSame =
      !old ||
      (before.room.walls === after.room.walls &&
        IN_ROOM.every((list) => before[list] === after[list]) &&
        IN_LOOK.every((list) => old[list] === look[list]));
    if (look.approvedWallIds.length === 0 || isSame) return look;
    const [wallsBefore, wallsAfter] = [wallsOf(before.room), wallsOf(after.room)];
    const approvedWallIds = look.approvedWallIds.filter(
      (id) =>
        JSON.stringify(seenOnWall(before, old, id, wallsBefore)) ===
        JSON.stringify(seenOnWall(after, look, id, wallsAfter)),
    );
    return approvedWallIds.length === look.approvedWallIds.length ? look : { ...look, approvedWallIds };
  });
  return looks.every((look, i) => look === after.looks[i]) ? after : { ...after, looks };
}
