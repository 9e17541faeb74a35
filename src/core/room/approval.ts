import { applyChange, type Change } from '../model/change';
import type { Look, RoomFile } from '../model/types';
import { placeOnWall } from './place';
import { wallsOf, type Wall } from './walls';

/** A change that is kept: applied, and with it walls are approved no longer where what was approved has changed. */
export const applyKept = (file: RoomFile, change: Change): RoomFile =>
  withoutLapsedApprovals(file, applyChange(file, change));

/** What is to be seen on a wall in one look: what hangs there, what stands there, and what lies on it. */
function seenOnWall(file: RoomFile, look: Look, wallId: string, walls: readonly Wall[]): unknown[] {
  const openings = file.openings.filter((o) => o.wallId === wallId);
  const fittings = file.fittings.filter((f) => f.wallId === wallId);
  const pieces = file.pieces.filter((p) => placeOnWall(p, walls).wallId === wallId);
  const ids = new Set([...openings, ...fittings, ...pieces].map((thing) => thing.id));
  return [
    openings,
    fittings,
    pieces,
    look.dressings.filter((d) => ids.has(d.openingId)),
    look.hangings.filter((h) => h.wallId === wallId),
    look.groups.filter((g) => g.wallId === wallId),
    look.placements.filter((p) => ids.has(p.pieceId)),
  ];
}

/** Whether two files have the same of everything that can be seen on a wall of a look. */
const sameParts = (a: RoomFile, b: RoomFile, one: Look, other: Look): boolean =>
  a.room.walls === b.room.walls &&
  a.openings === b.openings &&
  a.fittings === b.fittings &&
  a.pieces === b.pieces &&
  one.dressings === other.dressings &&
  one.hangings === other.hangings &&
  one.groups === other.groups &&
  one.placements === other.placements;

/**
 * The file after a change, with walls approved no longer where what was approved has changed. A wall that is approved
 * by the change itself stays so.
 */
function withoutLapsedApprovals(before: RoomFile, after: RoomFile): RoomFile {
  const looks = after.looks.map((look) => {
    const old = before.looks.find((l) => l.id === look.id);
    if (look.approvedWallIds.length === 0 || !old || sameParts(before, after, old, look)) return look;
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
