'use client';
import { nanoid } from 'nanoid';
import { useState, type ReactNode } from 'react';
import type { Point } from '../../core/geometry/plane';
import { walkOfOutline, type Leg } from '../../core/room/survey';
import { OutlineForm } from '../shell/outline/OutlineForm';
import { useRoom } from '../shell/room/RoomContext';
import { useCommit } from '../shell/useCommit';

/** The room's outline as a walk round it, and the names of its walls. */
export function RoomOutline(): ReactNode {
  const { file, change, rules } = useRoom();
  const commit = useCommit();
  const { room } = file;
  const kept = walkOfOutline(room);
  // the walk being edited, until the room's own outline is another one
  const [edited, setEdited] = useState<{ of: string; legs: Leg[] } | null>(null);
  const outlineKey = JSON.stringify(kept);
  const legs = edited?.of === outlineKey ? edited.legs : kept.legs;
  const setOutline = (corners: Point[]): string | null => {
    const walls = corners.map((c, i) => ({ id: room.walls[i]?.id ?? nanoid(8), name: room.walls[i]?.name ?? '', ...c }));
    const answer = commit({ do: 'setRoom', room: { ...room, walls } }, 'room');
    if (!answer.took && answer.keep) answer.keep();
    return answer.took || answer.keep ? null : answer.message;
  };
  return (
    <OutlineForm legs={legs} startDeg={kept.startDeg} start={{ xMm: room.walls[0]!.xMm, yMm: room.walls[0]!.yMm }} onLegs={(next) => setEdited({ of: outlineKey, legs: next })} unit={room.unit} toleranceMm={rules.number('measure.closing')} draftKey={`${room.id}-outline`} onSet={setOutline}
      names={room.walls.map((w) => w.name)} onName={(i, name) => { if (room.walls[i]) change([{ do: 'setRoom', room: { ...room, walls: room.walls.map((w, k) => (k === i ? { ...w, name } : w)) } }]); }} />
  );
}
