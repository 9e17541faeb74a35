import { applyChange, listChange, type Change } from '../../model/change';
import type { Hanging, HangingGroup, RoomFile } from '../../model/types';
import { inLook } from '../../room/arrange';
import { overThing } from '../../room/overThing';
import { placeOnWall } from '../../room/place';
import { wallsOf } from '../../room/walls';
import { issuer, type MeasureIssue } from './issue';

type Row = Pick<Hanging, 'id' | 'wallId' | 'overPieceId'>;

/**
 * What hangs over a thing of another wall, or in a group of another wall, because of these changes. A room where
 * furniture was moved away from under a picture is sound; only hanging something so is refused.
 */
export function checkHung(file: RoomFile, changes: readonly Change[]): MeasureIssue[] {
  const next = changes.reduce(applyChange, file);
  return changes.flatMap((change) => {
    const act = listChange(change);
    if (act?.verb !== 'put' || (act.noun !== 'hanging' && act.noun !== 'group')) return [];
    const row = act.row as Hanging | HangingGroup;
    const before = elsewhereOf(file, act.lookId, row.id);
    return elsewhereOf(next, act.lookId, row.id).filter(
      (issue) => !before.some((b) => b.code === issue.code),
    );
  });
}

function elsewhereOf(file: RoomFile, lookId: string | undefined, id: string): MeasureIssue[] {
  const look = file.looks.find((l) => l.id === lookId);
  if (!look) return [];
  const hanging = look.hangings.find((h) => h.id === id);
  const row: Row | undefined = hanging ?? look.groups.find((g) => g.id === id);
  if (!row) return [];
  const { refuse } = issuer(id);
  const over = overElsewhere(inLook(file, look), row);
  const group = look.groups.find((g) => g.id === hanging?.groupId);
  return [
    ...(over === null ? [] : [refuse('over-elsewhere', 'overPieceId', { other: over })]),
    ...(group && group.wallId !== row.wallId
      ? [refuse('group-elsewhere', 'groupId', { other: group.name })]
      : []),
  ];
}

/** The name of what a row hangs over, where that is on another wall. */
function overElsewhere(file: RoomFile, { overPieceId, wallId }: Row): string | null {
  const thing = [...file.pieces, ...file.fittings].find((x) => x.id === overPieceId);
  if (!thing) return null;
  const walls = wallsOf(file.room);
  const places = new Map(file.pieces.map((p) => [p.id, placeOnWall(p, walls)]));
  return overThing({ file, places }, overPieceId, wallId) ? null : thing.name;
}
