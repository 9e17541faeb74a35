import { beforeEach, expect, test } from 'vitest';
import { ownStudio } from '../helpers/ownStudio';
import { restoreStudio } from '../helpers/restore';
import { demoStudio } from '../helpers/rooms';

ownStudio('find');
const { findInStudio } = await import('../../src/server/find');
const { stashHead } = await import('../../src/server/stash/stash');
const { homePage } = await import('../../src/server/homePage');
const rooms = await import('../../src/server/rooms');

beforeEach(async () => {
  await restoreStudio(demoStudio());
});

const empty = { rideauStudio: 1, name: 'My studio', rules: [], homes: [], items: [], rooms: [] };

test('rooms, looks, things and places are found by words in any order', () => {
  expect(findInStudio('sail landing').rooms.map((r) => r.id)).toEqual(['landing']);
  expect(findInStudio('blue long').looks.map((l) => `${l.roomName}: ${l.name}`)).toEqual([
    'Long Room: Early summer, blue',
  ]);
  expect(findInStudio('linen tanbark').things.map((i) => i.name)).toContain('Tanbark linen');
  expect(findInStudio('linen press').places.map((p) => p.name)).toEqual(['Linen press']);
  expect(findInStudio('no such thing')).toMatchObject({ rooms: [], looks: [], things: [], places: [] });
});

test('before a word is typed there are the rooms, the newest first; an empty studio has none', async () => {
  const file = rooms.exportRoom('landing')!;
  const { revision } = rooms.roomState('landing');
  rooms.changeRoom('landing', revision, [{ do: 'setRoom', room: { ...file.room, name: 'Stair head' } }]);
  const { rooms: found, things, roomId } = findInStudio('  ');
  expect(found[0]).toMatchObject({ id: 'landing', name: 'Stair head' });
  expect([found.length, things.length, roomId]).toEqual([demoStudio().rooms.length, 0, 'landing']);
  await restoreStudio(empty);
  expect(findInStudio('')).toMatchObject({ rooms: [], roomId: null });
});

test('a new room and the stash begin in the unit of the room that was changed last', async () => {
  expect([homePage(4).unit, stashHead().unit]).toEqual(['in', 'in']);
  const file = rooms.exportRoom('landing')!;
  const { revision } = rooms.roomState('landing');
  rooms.changeRoom('landing', revision, [{ do: 'setRoom', room: { ...file.room, unit: 'cm' } }]);
  expect([homePage(4).unit, stashHead().unit]).toEqual(['cm', 'cm']);
  await restoreStudio(empty);
  expect([homePage(4).unit, stashHead().unit]).toEqual(['in', 'in']);
});
