import { beforeEach, expect, test } from 'vitest';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { PDFDocument } from 'pdf-lib';
import { inches } from '../../src/core/base/units';
import { newItem } from '../../src/core/model/defaults';
import { studioFileSchema } from '../../src/core/model/schema';
import type { Item } from '../../src/core/model/types';
import { upgradeStudioFile } from '../../src/core/model/upgrade';
import { STUDIO_FILE_VERSION } from '../../src/core/model/version';
import { demoStudio } from '../helpers/rooms';
import { ownStudio } from '../helpers/ownStudio';
import { restoreStudio } from '../helpers/restore';

ownStudio('stash');
const stash = await import('../../src/server/stash/stash');
const { needLines } = await import('../../src/server/stash/need');
const { dropPlace, placeRows, putPlace } = await import('../../src/server/stash/places');
const { importTable, stashCsv } = await import('../../src/server/stash/table');
const { calendar } = await import('../../src/server/stash/calendar');
const { labelsPdf } = await import('../../src/server/stash/labels');
const { placeLabels } = await import('../../src/server/stash/places');
const rooms = await import('../../src/server/rooms');
const { studioDatabase } = await import('../../src/server/studio');
const { loadItem, loadItems } = await import('../../src/data/itemRepository');

beforeEach(async () => {
  const r = await restoreStudio(demoStudio());
  if (!r.ok) throw new Error(JSON.stringify(r.issues));
});

const all = (): Item[] => loadItems(studioDatabase());
const one = (id: string): Item => loadItem(studioDatabase(), id)!;
const steps = async (text: string, write: boolean) => {
  const got = [];
  for await (const s of importTable(text, 'in', write)) got.push(s);
  return got;
};
const red = (fields: Partial<Item> = {}) =>
  newItem({
    id: 'red',
    name: 'Red float',
    kind: 'object',
    widthMm: 100,
    heightMm: 100,
    colours: [{ l: 45, a: 50, b: 30, share: 1 }],
    ...fields,
  });

test('things are put in as one act; one that cannot be refuses them all, with its path', () => {
  const previous = all();
  expect(stash.putItems([red(), red({ id: 'green', name: 'Green float' })])).toEqual({
    ok: true,
    value: { ids: ['red', 'green'] },
  });
  expect(all().length).toBe(previous.length + 2);
  expect(rooms.replayRoom(null, 'undo').ok).toBe(true);
  expect(all()).toEqual(previous);
  rooms.replayRoom(null, 'redo');
  expect(one('green').name).toBe('Green float');
  expect(stash.putItems([red({ id: 'x' }), { ...red({ id: 'y' }), widthMm: -1 }])).toMatchObject({
    ok: false,
    issues: [{ path: [1, 'widthMm'] }],
  });
  expect(loadItem(studioDatabase(), 'x')).toBeUndefined();
});

test('things that are put in again because their answer was lost are there once, as they were changed since', () => {
  expect(stash.putNewItems([red()])).toEqual({ ok: true, value: { ids: ['red'] } });
  stash.saveChangedItem(red(), red({ note: 'mended' }));
  expect(stash.putNewItems([red()])).toEqual({ ok: true, value: { ids: ['red'] } });
  expect(one('red').note).toBe('mended');
  expect(stash.putNewItems([red(), red({ id: 'other' })]).ok).toBe(true);
  expect([one('red').note, one('other').name]).toEqual(['mended', 'Red float']);
  expect(stash.putNewItems([])).toMatchObject({ ok: false, issues: [{ code: 'nothing' }] });
});

test('a change to a thing that was changed meanwhile is refused, and what is there is given', () => {
  const previous = one('moss-20');
  expect(stash.saveChangedItem(previous, { ...previous, count: 9 }).ok).toBe(true);
  expect(stash.saveChangedItem(previous, { ...previous, count: 3 })).toMatchObject({
    ok: false,
    issues: [{ code: 'stale', item: { id: 'moss-20', count: 9 } }],
  });
  expect(one('moss-20').count).toBe(9);
});

test('what a room speaks of is not taken out, and the rooms are named; the rest is, and comes back', () => {
  expect(stash.removeItems(['sail-check-22'])).toMatchObject({
    ok: false,
    issues: [{ code: 'in-use', name: 'Sail check', rooms: ['Long Room'] }],
  });
  stash.putItems([red()]);
  expect(stash.removeItems(['red'])).toEqual({ ok: true, value: { count: 1 } });
  expect(loadItem(studioDatabase(), 'red')).toBeUndefined();
  rooms.replayRoom(null, 'undo');
  expect(one('red').name).toBe('Red float');
  expect(stash.removeItems(['nothing'])).toMatchObject({ ok: false, issues: [{ code: 'not-found' }] });
});

test('what arrives is owned, seen, and told apart from what was relied on; what relied on it is listed', () => {
  const ordered = all().find((i) => i.state === 'ordered')!;
  const relied = ordered.colours[0]!;
  const seen = [{ ...relied, l: relied.l - 8, b: relied.b + 6 }];
  const answer = stash.itemArrived(ordered.id, seen);
  expect(answer).toMatchObject({ ok: true, value: { arrival: { same: false } } });
  expect(one(ordered.id)).toMatchObject({
    state: 'owned',
    seen: true,
    tagsOn: true,
    dueOn: null,
    relied: ordered.colours,
    colours: seen,
  });
  rooms.replayRoom(null, 'undo');
  expect(one(ordered.id)).toEqual(ordered);
});

test('the table comes back as the same stash; changes are shown first, and undone in one', async () => {
  const csv = stashCsv();
  expect((await steps(csv, false)).at(-1)).toMatchObject({
    step: 'read',
    addedCount: 0,
    changedCount: 0,
    issueCount: 0,
    same: all().length,
  });
  const previous = all();
  const table =
    'id,name,kind,count,width,price\nmoss-20,Moss linen,cover,6,20 in,18.50\n,Net bag,basket,1,12 in,\n,Oar,object,one,60 in,\n';
  const preview = await steps(table, false);
  expect(preview.at(-1)).toMatchObject({
    step: 'read',
    added: ['Net bag'],
    addedCount: 1,
    changedCount: 1,
    issueCount: 1,
    issues: [{ row: 4, column: 'count', came: 'one', code: 'not-a-number' }],
  });
  expect(all()).toEqual(previous);
  expect((await steps(table, true)).at(-1)).toEqual({ step: 'written', added: 1, changed: 1 });
  expect([one('moss-20').count, one('moss-20').price, all().length]).toEqual([6, 1850, previous.length + 1]);
  rooms.replayRoom(null, 'undo');
  expect(all()).toEqual(previous);
});

test('a table says how far it has come; without header or rows nothing is written', async () => {
  const rows = Array.from({ length: 600 }, (_, i) => `Float ${i};object;${i % 5};4 in;4 in`);
  const got = await steps(`\ufeffname;kind;count;width;height\r\n${rows.join('\r\n')}`, true);
  expect(got.filter((s) => s.step === 'reading').map((s) => ('rows' in s ? s.rows : 0))).toEqual([250, 500]);
  expect(got.at(-1)).toEqual({ step: 'written', added: 600, changed: 0 });
  const previous = all();
  for (const text of ['', 'colour,size\nred,4', 'name,flavour\nA,B', 'name,kind\n'])
    expect(
      (await steps(text, true)).some((s) => s.step === 'written'),
      text,
    ).toBe(false);
  expect(all()).toEqual(previous);
});

test('what the looks need stands against what is there: inserts go with their covers, and the shop says what it has', () => {
  const season = needLines({ season: 'summer' });
  const check = season.find((l) => l.itemId === 'sail-check-22')!;
  // three are owned, four are on the sofa and the window seat
  expect(check).toMatchObject({ need: 4, owned: 3, buy: 1, shop: { enough: true } });
  const inserts = season.filter((l) => l.itemId.startsWith('insert '));
  expect(inserts.length).toBeGreaterThan(3);
  for (const l of season)
    expect([l.buy, l.buy === 0 && l.shop !== null], l.name).toEqual([
      Math.max(0, l.need - l.free - l.ordered),
      false,
    ]);
  // a second sofa of them in another look of the same room does not add up: a room wears one look at a time
  const file = rooms.exportRoom('long-room')!;
  expect(needLines({ roomId: 'long-room', lookId: file.looks[0]!.id }).every((l) => l.need > 0)).toBe(true);
  expect(needLines({ roomId: 'long-room', lookId: 'none' })).toEqual([]);
});

test('places say what they hold, whether it fits, and under which furniture of which room they go', () => {
  const rows = placeRows();
  const box = rows.find((r) => r.place.kind === 'underFurniture' || r.goesUnder.length > 0)!;
  expect(box.contents.holds).toBeGreaterThan(0);
  for (const u of box.goesUnder) expect(u.leftMm).toBeGreaterThanOrEqual(-0.5);
  putPlace({ ...box.place, heightMm: inches(30) });
  expect(placeRows().find((r) => r.place.id === box.place.id)!.goesUnder).toEqual([]);
  rooms.replayRoom(null, 'undo');
  expect(placeRows().find((r) => r.place.id === box.place.id)!.goesUnder).toEqual(box.goesUnder);
  expect(putPlace({ ...box.place, widthMm: 0 })).toMatchObject({
    ok: false,
    issues: [{ path: ['widthMm'] }],
  });
  // taking a place away leaves its things, nowhere in particular
  expect(dropPlace(box.place.id)).toBe(true);
  expect(all().some((i) => i.placeId === box.place.id)).toBe(false);
});

test('the calendar holds each last day with its warnings, and each wait that has begun', () => {
  stash.putItems([red({ tagsOn: true, returnBy: '2026-12-31' })]);
  const text = calendar([7, 3]);
  const event = text
    .split('BEGIN:VEVENT')
    .find((e) => e.includes('return-red@rideau'))!
    .replace(/\r\n[ \t]/g, '');
  expect(event).toContain('DTSTART;VALUE=DATE:20261231');
  expect(event.match(/BEGIN:VALARM/g)).toHaveLength(2);
  expect(event).toContain('TRIGGER:-P7D');
  const file = rooms.exportRoom('long-room')!;
  rooms.changeRoom('long-room', rooms.roomState('long-room').revision, [
    {
      do: 'putTask',
      task: {
        ...file.clear.tasks[0]!,
        id: 'dry',
        text: 'Rug dries',
        done: false,
        waitMinutes: 90,
        startedAt: '2026-11-25T22:45:00.000Z',
      },
    },
  ]);
  // an hour and a half later is the next day
  expect(calendar([7]).replace(/\r\n[ \t]/g, '')).toMatch(
    /DTSTART:20261126T001500Z[\s\S]*Rug dries: the wait is over|Rug dries: the wait is over[\s\S]*DTSTART:20261126T001500Z/,
  );
  stash.cutTags(['red']);
  expect(calendar([7])).not.toContain('return-red');
});

test('labels are printed on both papers, one a place', async () => {
  const places = placeRows();
  for (const [paper, size] of [
    ['a4', [595, 842]],
    ['letter', [612, 792]],
  ] as const) {
    const doc = await PDFDocument.load(await labelsPdf(placeLabels(null), paper));
    expect(doc.getPageCount()).toBe(Math.ceil(places.length / (paper === 'a4' ? 8 : 6)));
    expect([doc.getPage(0).getWidth(), doc.getPage(0).getHeight()].map(Math.round)).toEqual(size);
  }
  putPlace({
    ...places[0]!.place,
    name: 'Kist 北 — under the long, long window seat by the harbour door, second from the left',
  });
  expect(
    (await PDFDocument.load(await labelsPdf(placeLabels(places[0]!.place.id), 'a4'))).getPageCount(),
  ).toBe(1);
});

test('a backup of version 2 is read: rods and groups as usual, and rules that became others are carried over', () => {
  const old = JSON.parse(
    readFileSync(path.join(import.meta.dirname, '../fixtures/studio-version-2.json'), 'utf8'),
  ) as { rooms: { looks: { dressings: { id: string; landing: string }[] }[] }[] };
  const file = studioFileSchema.parse(upgradeStudioFile(old));
  expect(file.rooms[0]!.looks.flatMap((l) => l.dressings.map((d) => [d.id, d.landing]))).toEqual(
    old.rooms[0]!.looks.flatMap((l) => l.dressings.map((d) => [d.id, d.landing])),
  );
  expect(
    file.rooms[0]!.looks.every(
      (l) =>
        l.groups.length === 0 &&
        l.dressings.every((d) => d.mount === 'wall' && d.sheer === null) &&
        l.hangings.every((h) => h.groupId === null),
    ),
  ).toBe(true);
  // an own take-down of pleats becomes the pin that gives it; centre brackets are no longer a rule
  expect(file.rules).toEqual([
    { ruleId: 'windows.pin', value: expect.closeTo(44.45 - 25.4, 6) },
    { ruleId: 'walls.centre', value: 1480 },
  ]);
});

test('a backup of version 1 is read as the present one: nothing is lost, and nothing new is claimed', () => {
  const old = JSON.parse(
    readFileSync(path.join(import.meta.dirname, '../fixtures/studio-version-1.json'), 'utf8'),
  ) as { items: { id: string; name: string }[]; rooms: { openings: { id: string; widthMm: number }[] }[] };
  const read = studioFileSchema.safeParse(upgradeStudioFile(old));
  expect(read.success, JSON.stringify(read.error?.issues.slice(0, 3))).toBe(true);
  const file = read.data!;
  expect(file.items.map((i) => i.name)).toEqual(old.items.map((i) => i.name));
  expect(file.rooms.map((r) => r.openings.map((o) => o.widthMm))).toEqual(
    old.rooms.map((r) => r.openings.map((o) => o.widthMm)),
  );
  expect(
    file.rooms.every(
      (r) =>
        r.room.readings.length === 0 &&
        r.clear.found.length === 0 &&
        r.looks.every((l) => l.approvedWallIds.length === 0),
    ),
  ).toBe(true);
  // what is no such file is left to the schema
  for (const other of [null, 7, [], { rideauStudio: STUDIO_FILE_VERSION }])
    expect(upgradeStudioFile(other)).toBe(other);
});
