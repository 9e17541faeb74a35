/** Whatever the studio accepts, its own backup and room files are accepted too. */
import { beforeEach, expect, test } from 'vitest';
import fc from 'fast-check';
import { putKind, type Change } from '../../src/core/model/change';
import { GROUP } from '../../src/core/model/defaults';
import { LIMITS } from '../../src/core/model/limits';
import { NOUN_NAMES, NOUNS, rowsOfNoun, type NounName } from '../../src/core/model/nouns';
import { itemSchema, placeSchema } from '../../src/core/model/schema';
import type { RoomFile } from '../../src/core/model/types';
import { anyChange } from '../helpers/anyChange';
import { anyValueOf } from '../helpers/anyValue';
import { ownStudio } from '../helpers/ownStudio';
import { restoreStudio } from '../helpers/restore';
import { demoStudio } from '../helpers/rooms';

ownStudio('limits');
const rooms = await import('../../src/server/rooms');
const { importRoom } = await import('../../src/server/importRoom');
const { backupStudio } = await import('../../src/server/studioFile');
const { putItems } = await import('../../src/server/stash/stash');
const { putPlace } = await import('../../src/server/stash/places');

const ROOM = 'long-room';
/** A full studio is fifty thousand things. */
const LONG_MS = 300_000;

/** The demo with one room and what it uses. */
function oneRoom() {
  const studio = demoStudio();
  const kept = studio.rooms.filter(({ room }) => room.id === ROOM);
  const used = JSON.stringify(kept);
  return { ...studio, rooms: kept, items: studio.items.filter(({ id }) => used.includes(`"${id}"`)) };
}

beforeEach(async () => {
  expect((await restoreStudio(oneRoom())).ok).toBe(true);
});

const change = (changes: readonly Change[]) =>
  rooms.changeRoom(ROOM, rooms.roomState(ROOM).revision, changes);
const fileNow = (): RoomFile => rooms.exportRoom(ROOM)!;

/** The backup is taken by the same door, and gives the same studio; so is each room as a file. */
async function expectKept(): Promise<void> {
  const backup = backupStudio();
  const restored = await restoreStudio(backup);
  expect(restored.ok, JSON.stringify(restored)).toBe(true);
  // as text, since a full studio takes a minute to be walked through
  expect(JSON.stringify(backupStudio()) === JSON.stringify(backup)).toBe(true);
  const read = await importRoom(fileNow());
  expect(read.ok, JSON.stringify(read)).toBe(true);
  if (read.ok) rooms.removeRoom(read.value.id);
}

/** As many rows of a noun as are given, alike but for their ids. */
function rowsLike(noun: NounName, count: number): Change[] {
  const file = fileNow();
  const look = file.looks.find((l) => rowsOfNoun(file, noun, l.id).length > 0) ?? file.looks[0]!;
  const model = rowsOfNoun(file, noun, look.id)[0] ?? {
    ...GROUP,
    name: 'Three',
    kind: 'row',
    wallId: file.room.walls[0]!.id,
  };
  const inLook = NOUNS[noun].where === 'look' ? { lookId: look.id } : {};
  return Array.from(
    { length: count },
    (_, i) => ({ do: putKind(noun), ...inLook, [noun]: { ...model, id: `more-${i}` } }) as unknown as Change,
  );
}

const most = (noun: NounName): number => {
  const { where, list } = NOUNS[noun];
  return (LIMITS[where] as Record<string, number>)[list]!;
};
const heldNow = (noun: NounName, lookId: string | undefined): number =>
  rowsOfNoun(fileNow(), noun, lookId).length;

// a window is dressed once, a piece is moved once and no two openings may overlap: those can't be filled with rows that are alike
const ONCE: ReadonlySet<NounName> = new Set(['dressing', 'moved', 'opening']);
const FILLED = NOUN_NAMES.filter((noun) => !ONCE.has(noun));

test.each(FILLED)('a list of %s takes as many as a backup may hold, and refuses one more', async (noun) => {
  const rows = rowsLike(noun, most(noun) + 1);
  const lookId = 'lookId' in rows[0]! ? rows[0].lookId : undefined;
  const missing = most(noun) - heldNow(noun, lookId);
  const filled = change(rows.slice(0, missing));
  expect(filled.ok, JSON.stringify(filled)).toBe(true);
  expect(heldNow(noun, lookId)).toBe(most(noun));
  const past = change(rows.slice(missing, missing + 1));
  expect(past).toMatchObject({ ok: false, issues: [{ code: 'refused' }] });
  expect(heldNow(noun, lookId)).toBe(most(noun));
  await expectKept();
});

test.each(['holes', 'beams', 'standpoints', 'seesRoomIds', 'readings'] as const)(
  'a room’s %s fill up to the limit and no further',
  async (list) => {
    const { room } = fileNow();
    const { wallId } = { wallId: room.walls[0]!.id };
    const one = {
      holes: (i: number) => ({ id: `h${i}`, wallId, xMm: 100, heightMm: 100 }),
      beams: (i: number) => ({
        id: `b${i}`,
        name: 'Beam',
        wallId,
        fromWallMm: 100,
        widthMm: 100,
        undersideMm: 2000,
      }),
      standpoints: (i: number) => ({
        id: `s${i}`,
        name: 'Spot',
        kind: 'own' as const,
        xMm: room.walls[0]!.xMm + 500,
        yMm: room.walls[0]!.yMm + 500,
        eyeMm: 1200,
      }),
      seesRoomIds: (i: number) => `room-${i}`,
      readings: (i: number) => ({ about: `x${i}`, field: 'widthMm', guess: true, secondMm: null }),
    }[list];
    const full = Array.from({ length: LIMITS.room[list] }, (_, i) => one(i));
    const kept = change([{ do: 'setRoom', room: { ...room, [list]: full } }]);
    expect(kept.ok, JSON.stringify(kept)).toBe(true);
    const past = change([{ do: 'setRoom', room: { ...room, [list]: [...full, one(full.length)] } }]);
    expect(past.ok).toBe(false);
    await expectKept();
  },
);

test('looks up to the limit; the last one stays; rooms and homes keep their ids', async () => {
  const [head] = fileNow().looks;
  const copies = Array.from({ length: LIMITS.room.looks }, (_, i): Change => ({
    do: 'copyLook',
    from: head!.id,
    id: `copy-${i}`,
    name: `Copy ${i}`,
  }));
  const room = LIMITS.room.looks - fileNow().looks.length;
  expect(change(copies.slice(0, room)).ok).toBe(true);
  expect(change(copies.slice(room, room + 1)).ok).toBe(false);
  const removals = fileNow().looks.map((l): Change => ({ do: 'removeLook', id: l.id }));
  expect(change(removals)).toMatchObject({ ok: false, issues: [{ code: 'refused' }] });
  expect(change(removals.slice(1)).ok).toBe(true);
  const file = fileNow();
  expect(change([{ do: 'setRoom', room: { ...file.room, id: 'other' } }])).toMatchObject({
    ok: false,
    issues: [{ issues: [{ path: ['room', 'id'], code: 'id-changed' }] }],
  });
  expect(change([{ do: 'setHome', home: { ...file.home, id: 'other' } }])).toMatchObject({
    ok: false,
    issues: [{ issues: [{ path: ['home', 'id'], code: 'id-changed' }] }],
  });
  await expectKept();
});

test(
  'a studio’s places and things fill up to the limit and no further',
  async () => {
    const studio = oneRoom();
    const item = studio.items[0]!;
    const place = { kind: 'box' as const, roomId: null, widthMm: 400, depthMm: 300, heightMm: 300, note: '' };
    const more = <T>(row: T, count: number): (T & { id: string; name: string })[] =>
      Array.from({ length: count }, (_, i) => ({ ...row, id: `more-${i}`, name: `Number ${i}` }));
    const items = [...studio.items, ...more(item, LIMITS.studio.items - studio.items.length - 1)];
    expect(
      (await restoreStudio({ ...studio, items, places: more(place, LIMITS.studio.places - 1) })).ok,
    ).toBe(true);
    expect(putItems([{ ...item, id: 'the-last' }]).ok).toBe(true);
    expect(putItems([{ ...item, id: 'one-more' }])).toMatchObject({
      ok: false,
      issues: [{ path: ['items'], code: 'too-many' }],
    });
    expect(putPlace({ ...place, id: 'the-last', name: 'Box' }).ok).toBe(true);
    expect(putPlace({ ...place, id: 'one-more', name: 'Box' })).toMatchObject({
      ok: false,
      issues: [{ path: ['places'], code: 'too-many' }],
    });
    expect(backupStudio().items).toHaveLength(LIMITS.studio.items);
    await expectKept();
  },
  LONG_MS,
);

test(
  'random changes: what is accepted comes back from a backup as it was',
  async () => {
    let accepted = 0;
    await fc.assert(
      fc.asyncProperty(
        fc.array(anyChange(fileNow()), { minLength: 1, maxLength: 4 }),
        anyValueOf(itemSchema),
        anyValueOf(placeSchema),
        async (changes, item, place) => {
          for (const one of changes) if (change([one]).ok) accepted++;
          putItems([item]);
          putPlace(place);
          await expectKept();
        },
      ),
      { numRuns: 60, seed: 20261128, endOnFailure: true },
    );
    expect(accepted).toBeGreaterThan(20);
  },
  LONG_MS,
);
