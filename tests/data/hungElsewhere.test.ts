import { beforeEach, expect, test } from 'vitest';
import type { Change } from '../../src/core/model/change';
import { GROUP } from '../../src/core/model/defaults';
import { demoStudio } from '../helpers/rooms';
import { ownStudio } from '../helpers/ownStudio';
import { restoreStudio } from '../helpers/restore';

ownStudio('hung');
const rooms = await import('../../src/server/rooms');
const { importRoom } = await import('../../src/server/importRoom');

beforeEach(async () => {
  const filled = await restoreStudio(demoStudio());
  if (!filled.ok) throw new Error(JSON.stringify(filled.issues));
});

const revision = () => rooms.roomState('long-room').revision;
const room = () => rooms.exportRoom('long-room')!;
const change = (...changes: Change[]) => rooms.changeRoom('long-room', revision(), changes);
const refusedAs = (code: string) => ({
  ok: false,
  issues: [{ code: 'refused', issues: [expect.objectContaining({ code })] }],
});

/** A hung piece on its own wall, a wall that it is not on, and a fitting of each. */
function given() {
  const { looks, room: built, fittings } = room();
  const look = looks.find((l) => l.hangings.some((h) => h.groupId === null))!;
  const hanging = look.hangings.find((h) => h.groupId === null)!;
  const elsewhere = built.walls.find((w) => w.id !== hanging.wallId)!;
  const fitting = {
    ...fittings[0]!,
    kind: 'radiator' as const,
    mantel: null,
    xMm: 300,
    widthMm: 400,
    bottomMm: 0,
    heightMm: 500,
  };
  return {
    lookId: look.id,
    hanging,
    elsewhere: elsewhere.id,
    here: { ...fitting, id: 'warm-here', name: 'Warm here', wallId: hanging.wallId },
    there: { ...fitting, id: 'warm-there', name: 'Warm there', wallId: elsewhere.id },
  };
}

test('over a thing of its own wall, a fitting too, is taken and comes back from the database', () => {
  const { lookId, hanging, here } = given();
  const over = { ...hanging, overPieceId: here.id };
  expect(change({ do: 'putFitting', fitting: here }, { do: 'putHanging', lookId, hanging: over }).ok).toBe(
    true,
  );
  const kept = room()
    .looks.find((l) => l.id === lookId)!
    .hangings.find((h) => h.id === hanging.id)!;
  expect(kept.overPieceId).toBe('warm-here');
  // and goes with it when the fitting goes
  change({ do: 'removeFitting', id: here.id });
  expect(
    room()
      .looks.find((l) => l.id === lookId)!
      .hangings.find((h) => h.id === hanging.id)!.overPieceId,
  ).toBeNull();
});

test('over a thing of another wall is refused, with the reason', () => {
  const { lookId, hanging, there } = given();
  expect(change({ do: 'putFitting', fitting: there }).ok).toBe(true);
  const before = room();
  const over = { ...hanging, overPieceId: there.id };
  expect(change({ do: 'putHanging', lookId, hanging: over })).toMatchObject(refusedAs('over-elsewhere'));
  expect(room()).toEqual(before);
});

test('in a group of another wall is refused; the group and its pieces may move together', () => {
  const { lookId, hanging, elsewhere } = given();
  const group = { ...GROUP, id: 'elsewhere', name: 'Elsewhere', wallId: elsewhere, kind: 'row' as const };
  expect(change({ do: 'putGroup', lookId, group }).ok).toBe(true);
  const member = { ...hanging, groupId: group.id };
  expect(change({ do: 'putHanging', lookId, hanging: member })).toMatchObject(refusedAs('group-elsewhere'));
  const moved = { ...member, wallId: elsewhere, xMm: null, overPieceId: null };
  expect(change({ do: 'putHanging', lookId, hanging: moved }).ok).toBe(true);
});

test('furniture that is moved away from under a picture stands in nobody’s way, and the backup is taken back', async () => {
  const { lookId, hanging, here, elsewhere } = given();
  const over = { ...hanging, overPieceId: here.id };
  change({ do: 'putFitting', fitting: here }, { do: 'putHanging', lookId, hanging: over });
  expect(change({ do: 'putFitting', fitting: { ...here, wallId: elsewhere } }).ok).toBe(true);
  // what was so before is not refused when something else of the piece changes
  expect(change({ do: 'putHanging', lookId, hanging: { ...over, leans: !over.leans } }).ok).toBe(true);
  expect((await importRoom(room())).ok).toBe(true);
});
