import { beforeEach, expect, test } from 'vitest';
import { mkdirSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { bareRoom, demoRoom, demoStudio, item, opening, piece, placement, standing } from '../helpers/rooms';
import { ownStudio } from '../helpers/ownStudio';
import { restoreStudio } from '../helpers/restore';

const folder = ownStudio('use');
mkdirSync(path.join(folder, 'restoring-left', 'half'), { recursive: true });
const rooms = await import('../../src/server/rooms');
const imports = await import('../../src/server/importRoom');
const home = await import('../../src/server/homePage');
const { backupStudio } = await import('../../src/server/studioFile');

const empty = { rideauStudio: 1, name: 'My studio', rules: [], homes: [], items: [], rooms: [] };
const fill = async (studio: unknown = demoStudio()) => {
  const r = await restoreStudio(studio);
  if (!r.ok) throw new Error(JSON.stringify(r.issues));
  return r.value;
};
beforeEach(async () => {
  await fill();
});

test('a room file comes in under its own ids, and the same file again under new ones', async () => {
  const file = demoRoom('long-room');
  expect(rooms.removeRoom('long-room')).toBe(true);
  expect(rooms.removeRoom('long-room')).toBe(false);
  const used = {
    ...file,
    items: file.items.filter(
      (i) =>
        ['insert', 'casing'].includes(i.kind) ||
        JSON.stringify([file.looks, file.clear]).includes(`"${i.id}"`),
    ),
  };
  expect(await imports.importRoom(used)).toEqual({ ok: true, value: { id: 'long-room', notes: [] } });
  expect(rooms.exportRoom('long-room')).toEqual(used);
  const again = await imports.importRoom(used);
  expect(again).toMatchObject({
    ok: true,
    value: { notes: [{ code: 'room-renumbered', from: 'long-room' }] },
  });
});

test('a thing of the same id but another kind keeps its own place; a rule of the studio stays the studio’s', async () => {
  const file = {
    ...bareRoom(),
    rules: [{ ruleId: 'measure.dropsApart', value: 60 }],
    pieces: [piece()],
    items: [item({ name: 'Theirs' })],
    looks: [{ ...bareRoom().looks[0]!, placements: [placement()] }],
  };
  await fill({
    ...empty,
    rules: [{ ruleId: 'measure.dropsApart', value: 40 }],
    items: [item({ name: 'Ours' })],
  });
  const came = await imports.importRoom(file);
  if (!came.ok) throw new Error(JSON.stringify(came.issues));
  const renamed = came.value.notes.find((n) => n.code === 'item-renumbered')!;
  expect(came.value.notes.map((n) => n.code).sort()).toEqual(['item-renumbered', 'rule-kept']);
  const kept = rooms.exportRoom(came.value.id)!;
  expect([kept.items.map((i) => [i.id, i.name]), kept.looks[0]!.placements[0]!.itemId, kept.rules]).toEqual([
    [[(renamed as { to: string }).to, 'Theirs']],
    (renamed as { to: string }).to,
    [{ ruleId: 'measure.dropsApart', value: 40 }],
  ]);
  expect(backupStudio().items.map((i) => i.name)).toEqual(['Ours', 'Theirs']);
});

test('foreign, newer and unsound room files are refused with where and why, and change nothing', async () => {
  const previous = backupStudio();
  const file = rooms.exportRoom('long-room')!;
  const codes = async (input: unknown) => {
    const r = await imports.importRoom(input);
    return r.ok ? [] : r.issues.map((i) => [i.path.join('.'), i.code]);
  };
  expect(await codes({ cats: 3 })).toEqual([['rideau', 'not-a-room-file']]);
  expect(await codes(null)).toEqual([['rideau', 'not-a-room-file']]);
  expect(await codes({ ...file, rideau: file.rideau + 1 })).toEqual([['rideau', 'newer-version']]);
  expect(await codes({ ...file, extra: 1 })).toEqual([['', 'unknown-field']]);
  expect(
    await codes({
      ...file,
      looks: [
        { ...file.looks[0], placements: [placement({ itemId: 'ghost', ...standing(file.pieces[0]!.id) })] },
      ],
    }),
  ).toEqual([['looks.0.placements.0.itemId', 'not-found']]);
  expect(await codes({ ...file, rules: [{ ruleId: 'no.such', value: 1 }] })).toEqual([
    ['rules.0', 'rule-refused'],
  ]);
  expect(
    (await codes({ ...file, openings: [...file.openings, file.openings[0]] })).map(([, c]) => c),
  ).toContain('same-id');
  expect(backupStudio()).toEqual(previous);
});

test('a room begun in a home of the studio joins it; one begun in none brings its own', async () => {
  const homes = () => home.homePage(20).homes.map((h) => h.name);
  await imports.beginRoom(
    { ...bareRoom(), room: { ...bareRoom().room, id: 'a' } },
    demoStudio().homes[0]!.id,
  );
  expect(homes()).toEqual(demoStudio().homes.map((h) => h.name));
  await imports.beginRoom({ ...bareRoom(), room: { ...bareRoom().room, id: 'b' } }, null);
  expect(homes()).toEqual([...demoStudio().homes.map((h) => h.name), 'Home']);
  expect(home.homePage(2)).toMatchObject({
    others: demoStudio().rooms.map(({ room }) => ({ name: room.name, homeName: 'Sail Loft' })),
    items: demoStudio().items.length,
  });
});

test('what a backup left that was not read to its end is cleared away', () => {
  expect(readdirSync(folder).filter((name) => name.startsWith('restoring-'))).toEqual([]);
});

const RULE = { ruleId: 'measure.dropsApart', value: 60 };

test('a room file that names a rule or a photo twice is refused, and nothing of it comes in', async () => {
  const previous = backupStudio();
  const photo = { id: 'p', widthPx: 1, heightPx: 1, webp: 'AAAA' };
  for (const [twice, path] of [
    [{ rules: [RULE, RULE] }, 'rules.1.ruleId'],
    [{ photos: [photo, photo] }, 'photos.1.id'],
  ] as const) {
    const r = await imports.importRoom({ ...bareRoom(), ...twice });
    expect(r.ok ? 'taken in' : `${r.issues[0]!.path.join('.')} ${r.issues[0]!.code}`).toBe(`${path} same-id`);
  }
  expect(backupStudio()).toEqual(previous);
});

test('a backup restores to the same studio and keeps a copy of what was; a damaged one changes nothing', async () => {
  const previous = backupStudio();
  rooms.removeRoom('landing');
  const bare = backupStudio();
  for (const [bad, path] of [
    [{ ...previous, homes: [] }, 'rooms.0.homeId'],
    [{ ...previous, rooms: [previous.rooms[0], previous.rooms[0]] }, 'rooms.1.room.id'],
    [
      { ...previous, rooms: [{ ...previous.rooms[0], openings: [opening({ wallId: 'ghost' })] }] },
      'rooms.0.openings.0.wallId',
    ],
    [{ ...previous, rooms: [], homes: [previous.homes[0], previous.homes[0]] }, 'homes.1.id'],
    [{ ...previous, rooms: [], items: [item(), item({ id: 'other' }), item()] }, 'items.2.id'],
    [{ ...previous, rooms: [], items: [], places: [previous.places[0], previous.places[0]] }, 'places.1.id'],
    [{ ...previous, rules: [RULE, RULE] }, 'rules.1.ruleId'],
    [{}, 'rideauStudio'],
    [{ ...previous, items: [{ id: 1 }] }, 'items.0.id'],
  ] as const) {
    const r = await restoreStudio(bad);
    expect(r.ok ? 'restored' : r.issues[0]!.path.join('.')).toBe(path);
    expect(backupStudio()).toEqual(bare);
  }
  const { keptAs } = await fill(previous);
  expect(backupStudio()).toEqual(previous);
  expect(readdirSync(folder)).toContain(keptAs);
  // for nobody else on the machine
  for (const name of readdirSync(folder).filter((file) => file.includes('.sqlite')))
    expect([name, statSync(path.join(folder, name)).mode & 0o777]).toEqual([name, 0o600]);
});
