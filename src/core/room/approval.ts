import { applyChange, type Change } from '../model/change';
import type { Look, RoomFile, Work } from '../model/types';
import { arrangePieces } from './arrange';
import { placeOnWall } from './place';
import { wallsOf, type Wall } from './walls';
import { sameWork, worksToDo } from './works';
import { zoneNamed } from './zones';

/** A change that is kept: applied, and with it walls and zones are approved no longer where what was approved has changed. */
export const applyKept = (file: RoomFile, change: Change): RoomFile =>
  withoutLapsedApprovals(file, applyChange(file, change));

/** The room as one look shows it, with what approvals are compared by. */
type Seen = { file: RoomFile; look: Look; walls: readonly Wall[] };
const arrangedIn = ({ file, look }: Seen) => arrangePieces({ pieces: file.pieces, items: file.items, look });

/** What is to be seen on a wall in one look: what hangs there, what stands there, and what lies on it. */
function seenOnWall(seen: Seen, wallId: string): unknown[] {
  const { file, look, walls } = seen;
  const isHere = (thing: { wallId: string }) => thing.wallId === wallId;
  const things = [
    ...file.openings.filter(isHere),
    ...file.fittings.filter(isHere),
    ...arrangedIn(seen).filter((p) => isHere(placeOnWall(p, walls))),
  ];
  // a wall's own id stands for the corner at its left end
  const ids = new Set([wallId, ...things.map((thing) => thing.id)]);
  return [
    things,
    look.dressings.filter((d) => ids.has(d.openingId)),
    look.hangings.filter(isHere),
    look.groups.filter(isHere),
    standingOn(look.placements, ids),
    worksSeen(seen, { wallId, ids }),
  ];
}

/**
 * What was approved of a zone: how the furniture stands; what hangs on a wall and at its windows; a piece, a mantel or a
 * shelf with all that is on it.
 */
function seenInZone(seen: Seen, name: string): unknown[] {
  const { file, look } = seen;
  const zone = zoneNamed(name);
  const pieces = arrangedIn(seen);
  if (zone.of === 'floor')
    return [
      pieces,
      standingOn(look.placements, new Set(seen.walls.map((wall) => wall.id))),
      worksSeen(seen, { wallId: null, ids: new Set(pieces.map((p) => p.id)) }),
    ];
  if (zone.of === 'host') {
    const host = [...file.openings, ...file.fittings, ...pieces].find(({ id }) => id === zone.id);
    const ids = new Set([zone.id]);
    return [host ?? null, standingOn(look.placements, ids), worksSeen(seen, { wallId: null, ids })];
  }
  const isHere = (thing: { wallId: string }) => thing.wallId === zone.id;
  const built = [...file.openings.filter(isHere), ...file.fittings.filter(isHere)];
  const ids = new Set(built.map((thing) => thing.id));
  return [
    built,
    look.dressings.filter((d) => ids.has(d.openingId)),
    look.hangings.filter(isHere),
    look.groups.filter(isHere),
    worksSeen(seen, { wallId: zone.id, ids }),
  ];
}

/** Works that show on a wall, on furniture or on what is built in, and on the things of the stash that are there. */
function worksSeen(
  { look }: Seen,
  { wallId, ids }: { wallId: string | null; ids: ReadonlySet<string> },
): unknown[] {
  const items = new Set([
    ...standingOn(look.placements, ids).map((p) => p.itemId),
    ...look.brought.filter((row) => ids.has(row.id)).map((row) => row.itemId),
    ...look.dressings.filter((d) => ids.has(d.openingId)).flatMap((d) => [d.itemId, d.sheer?.itemId ?? null]),
    ...look.hangings.filter((h) => h.wallId === wallId).flatMap((h) => [h.itemId, h.print?.itemId ?? null]),
  ]);
  const isHere = ({ on, of, itemId }: Work): boolean => {
    if (on === 'item') return items.has(itemId);
    if (on === 'piece' || on === 'fitting') return of !== null && ids.has(of);
    if (on === 'floor') return wallId === null;
    return wallId !== null && (on !== 'wall' || of === wallId);
  };
  return worksToDo(look).filter(isHere).map(sameWork);
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
const IN_LOOK = [
  'moved',
  'brought',
  'dressings',
  'hangings',
  'groups',
  'placements',
  'works',
  'cushionsOut',
  'night',
] as const;

const isSameText = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * The file after a change, with walls and zones approved no longer where what was approved has changed. What is approved by
 * the change itself stays so.
 */
function withoutLapsedApprovals(before: RoomFile, after: RoomFile): RoomFile {
  const looks = after.looks.map((look) => {
    const old = before.looks.find((l) => l.id === look.id);
    const isSame =
      !old ||
      (before.room.walls === after.room.walls &&
        IN_ROOM.every((list) => before[list] === after[list]) &&
        IN_LOOK.every((list) => old[list] === look[list]));
    const { approvedWallIds, approvedZones } = look;
    if (isSame || approvedWallIds.length + approvedZones.length === 0) return look;
    const was = { file: before, look: old, walls: wallsOf(before.room) };
    const is = { file: after, look, walls: wallsOf(after.room) };
    const kept = {
      approvedWallIds: approvedWallIds.filter((id) => isSameText(seenOnWall(was, id), seenOnWall(is, id))),
      approvedZones: approvedZones.filter((zone) => isSameText(seenInZone(was, zone), seenInZone(is, zone))),
    };
    const isWhole =
      kept.approvedWallIds.length === approvedWallIds.length &&
      kept.approvedZones.length === approvedZones.length;
    return isWhole ? look : { ...look, ...kept };
  });
  return looks.every((look, i) => look === after.looks[i]) ? after : { ...after, looks };
}
