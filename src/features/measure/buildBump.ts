import { elementAt } from '../../core/base/list';
import { nanoid } from 'nanoid';
import { cm, inches } from '../../core/base/units';
import type { Result } from '../../core/base/result';
import { applyChange, type Change } from '../../core/model/change';
import { OPENING } from '../../core/model/defaults';
import type { Opening, RoomFile } from '../../core/model/types';
import { withBump, type Bump, type BumpIssue } from '../../core/room/bump';
import { wallsOf, type Wall } from '../../core/room/walls';
import { guessesFor } from '../../core/stages/measure/readings';

export type BumpKind = 'bay' | 'alcove' | 'breast';

/** What differs between two lists of the same rows. */
const differing = <T>(next: readonly T[], previous: readonly T[]): T[] =>
  next.filter((row, i) => row !== previous[i]);

/** A window in each side of a bay that is wide enough for one, as far as its walls allow. */
function bayWindows(
  sides: readonly Wall[],
  room: RoomFile['room'],
  nameOf: (n: number) => string,
): Opening[] {
  const some = (inch: number, metric: number) => (room.unit === 'cm' ? cm(metric) : inches(inch));
  const marginMm = some(4, 10);
  return sides
    .map((wall, i) => ({ wall, name: nameOf(i + 1) }))
    .filter(({ wall }) => wall.lengthMm > some(16, 40))
    .map(({ wall, name }) => ({
      ...OPENING,
      id: nanoid(8),
      name,
      kind: 'window',
      wallId: wall.id,
      xMm: marginMm,
      widthMm: wall.lengthMm - 2 * marginMm,
      sillMm: Math.min(some(24, 60), room.ceilingMm * 0.3),
      heightMm: Math.min(some(54, 135), room.ceilingMm * 0.55),
      trimMm: Math.min(some(2, 5), marginMm - 1),
      opens: 'sash',
      dropsMm: null,
    }));
}

/** The changes that build a bay, an alcove or a chimney breast into a wall: one act, undone as one. */
export function buildBump(
  file: RoomFile,
  kind: BumpKind,
  bump: Bump,
  nameOf: (n: number) => string,
): Result<{ changes: Change[]; frontId: string }, BumpIssue> {
  const ids = { left: nanoid(8), front: nanoid(8), right: nanoid(8), rest: nanoid(8) };
  const depthMm = kind === 'breast' ? -bump.depthMm : bump.depthMm;
  const made = withBump(file, { ...bump, depthMm }, ids);
  if (!made.ok) return made;
  const next = made.value;
  // the walls and all that stands on them change in one act
  const changes: Change[] = [
    { do: 'setRoom', room: next.room },
    ...differing(next.openings, file.openings).map((opening): Change => ({ do: 'putOpening', opening })),
    ...differing(next.fittings, file.fittings).map((fitting): Change => ({ do: 'putFitting', fitting })),
    ...next.looks.flatMap((l, i) =>
      differing(l.hangings, elementAt(file.looks, i).hangings).map((hanging): Change => ({
        do: 'putHanging',
        lookId: l.id,
        hanging,
      })),
    ),
  ];
  const frontId = next.room.walls.some((w) => w.id === ids.front) ? ids.front : bump.wallId;
  if (kind === 'bay') {
    const ofBay = new Set([ids.left, frontId, ids.right]);
    const sides = wallsOf(next.room).filter((w) => ofBay.has(w.id));
    let now = changes.reduce(applyChange, file);
    for (const opening of bayWindows(sides, file.room, nameOf)) {
      const put: Change = { do: 'putOpening', opening };
      now = applyChange(now, put);
      changes.push(put, { do: 'markReadings', readings: guessesFor(now, opening.id) });
    }
  }
  return { ok: true, value: { changes, frontId } };
}
