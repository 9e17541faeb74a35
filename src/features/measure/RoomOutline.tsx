'use client';
import { first } from '../../core/base/list';
import { nanoid } from 'nanoid';
import { useMemo, type ReactNode } from 'react';
import type { Point } from '../../core/geometry/plane';
import { walkOfOutline, type Leg } from '../../core/room/survey';
import { useDraft } from '../../ui/drafts';
import { OutlineForm } from '../shell/outline/OutlineForm';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';
import { useWallName } from '../shell/useWords';

type Edited = { of: string; legs: Leg[] };

/** A walk kept as it was being edited, and the outline it began from; null when what is kept is not one. */
function readEdited(kept: string | null): Edited | null {
  try {
    const read = JSON.parse(kept ?? 'null') as Partial<Edited> | null;
    return typeof read?.of === 'string' &&
      Array.isArray(read.legs) &&
      read.legs.every((l) => Number.isFinite(l?.lengthMm) && Number.isFinite(l?.turnDeg))
      ? { of: read.of, legs: read.legs }
      : null;
  } catch {
    return null;
  }
}

/** The room's outline as a walk round it, and the names of its walls. */
export function RoomOutline(): ReactNode {
  const { file, plan, change, rules } = useRoom();
  const wallName = useWallName();
  const commit = useCommit();
  const { room } = file;
  const kept = walkOfOutline(room);
  // the walk being edited, until the room's own outline is another one
  const [draft, setDraft] = useDraft(`${room.id}-outline-walk`);
  const edited = useMemo(() => readEdited(draft), [draft]);
  const setEdited = (next: Edited) => setDraft(JSON.stringify(next));
  const outlineKey = JSON.stringify(kept);
  const legs = edited?.of === outlineKey ? edited.legs : kept.legs;
  const setOutline = (corners: Point[]): string | null => {
    const walls = corners.map((c, i) => ({
      id: room.walls[i]?.id ?? nanoid(8),
      name: room.walls[i]?.name ?? '',
      ...c,
    }));
    const answer = commit({ do: 'setRoom', room: { ...room, walls } }, 'room');
    if (!answer.took && answer.keep) answer.keep();
    if (!answer.took && !answer.keep) return answer.message;
    setDraft(null);
    return null;
  };
  return (
    <OutlineForm
      legs={legs}
      startDeg={kept.startDeg}
      start={{ xMm: first(room.walls).xMm, yMm: first(room.walls).yMm }}
      onLegs={(next) => setEdited({ of: outlineKey, legs: next })}
      unit={room.unit}
      toleranceMm={rules.number('measure.closing')}
      draftKey={`${room.id}-outline`}
      onSet={setOutline}
      names={room.walls.map((w) => w.name)}
      called={plan.walls.map((w) => wallName({ ...w, ownName: '' }))}
      onName={(i, name) => {
        if (room.walls[i])
          change([
            {
              do: 'setRoom',
              room: { ...room, walls: room.walls.map((w, k) => (k === i ? { ...w, name } : w)) },
            },
          ]);
      }}
    />
  );
}
