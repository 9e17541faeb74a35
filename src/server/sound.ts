import 'server-only';
import { LIMITS } from '../core/model/limits';
import { roomFileSchema } from '../core/model/schema';
import type { RoomFile } from '../core/model/types';
import { checkRoomFile } from '../core/stages/measure/check';
import { countPhotos } from '../data/photoRepository';
import { countRows } from '../data/rows';
import { TABLES } from '../data/tables';
import { measureIssues, schemaIssues, type DoorIssue } from './issues';
import { studioDatabase } from './studio';

/** What a room would be refused for as a file, and so as a change or in a backup. */
export function roomIssues(file: RoomFile): DoorIssue[] {
  const read = roomFileSchema.safeParse(file);
  if (!read.success) return schemaIssues(read.error);
  return measureIssues(checkRoomFile(file).filter((issue) => issue.level === 'refuse'));
}

const sameIssue = (issue: DoorIssue): string => `${issue.code}/${issue.message}`;

/** What a room would be refused for that it would not have been before; what was so already stands in nobody's way. */
export function newRoomIssues(previous: RoomFile, next: RoomFile): DoorIssue[] {
  const idIssues = changedIds(previous, next);
  if (idIssues.length > 0) return idIssues;
  const issues = roomIssues(next);
  if (issues.length === 0) return issues;
  const old = new Set(roomIssues(previous).map(sameIssue));
  return issues.filter((issue) => !old.has(sameIssue(issue)));
}

/** A room and its home keep their ids: what refers to them would be left behind. */
function changedIds(previous: RoomFile, next: RoomFile): DoorIssue[] {
  return (['room', 'home'] as const)
    .filter((part) => previous[part].id !== next[part].id)
    .map((part) => ({
      path: [part, 'id'],
      code: 'id-changed',
      message: `the id of a ${part} stays as it is: ${previous[part].id}, came ${next[part].id}`,
    }));
}

/** Which of the studio's lists holds more than a backup may; called within the transaction that filled it. */
export function fullStudio(): DoorIssue[] {
  const db = studioDatabase();
  const counts = {
    homes: countRows(db, TABLES.home),
    rooms: countRows(db, TABLES.room),
    places: countRows(db, TABLES.storagePlace),
    items: countRows(db, TABLES.item),
    rules: countRows(db, TABLES.ownRule),
    photos: countPhotos(db),
  };
  return Object.entries(counts).flatMap(([list, count]) => {
    const most = LIMITS.studio[list as keyof typeof counts];
    return count > most
      ? [{ path: [list], code: 'too-many', message: `a studio has at most ${most} ${list}` }]
      : [];
  });
}
