import { STAGE_NAMES } from '../../src/core/model/finding';
import { beforeEach, expect, test } from 'vitest';
import type { Change } from '../../src/core/model/change';
import { inches } from '../../src/core/base/units';
import type { RoomFile } from '../../src/core/model/types';
import { planLook } from '../../src/core/plan/planLook';
import { demoRoom, demoStudio, piece, placement, onSeat } from '../helpers/rooms';
import { ownStudio } from '../helpers/ownStudio';
import { restoreStudio } from '../helpers/restore';

ownStudio('use');
const rooms = await import('../../src/server/rooms');
const home = await import('../../src/server/homePage');
const { findInStash } = await import('../../src/server/stash/findInStash');
const { publishedPlan } = await import('../../src/server/sheets/plan');
const { inOneGo } = await import('../../src/server/inOneGo');
const { studioDatabase } = await import('../../src/server/studio');

const empty = { rideauStudio: 1, name: 'My studio', rules: [], homes: [], items: [], rooms: [] };
const fill = async (studio: unknown = demoStudio()) => {
  const r = await restoreStudio(studio);
  if (!r.ok) throw new Error(JSON.stringify(r.issues));
  return r.value;
};
beforeEach(async () => {
  await fill();
});

/** A room as its page gets it: inserts of a size and filling that it does not place itself told as one. */
function summed(file: RoomFile): RoomFile {
  const placed = new Set([
    ...file.looks.flatMap((l) => l.placements.map((p) => p.itemId)),
    ...file.clear.found.map((f) => f.itemId),
  ]);
  const sums = new Map<string, number>();
  const items: RoomFile['items'] = [];
  for (const item of file.items) {
    const key =
      item.kind === 'insert' && !placed.has(item.id)
        ? `${item.widthMm}/${item.heightMm}/${item.fill}/${item.state}`
        : null;
    const index = key === null ? undefined : sums.get(key);
    if (index === undefined) {
      if (key !== null) sums.set(key, items.length);
      items.push(item);
    } else items[index] = { ...items[index]!, count: Math.min(10_000, items[index]!.count + item.count) };
  }
  return { ...file, items };
}

const revision = (id = 'long-room') => rooms.roomState(id).revision;
const move = (amount: number) => {
  const o = rooms.exportRoom('long-room')!.openings[0]!;
  return { do: 'putOpening' as const, opening: { ...o, sillMm: o.sillMm + amount } };
};

const setNote = (note: string): Change => ({
  do: 'setRoom',
  room: { ...rooms.exportRoom('landing')!.room, note },
});

test('a change is kept with its revision, its label, and what undo would take', () => {
  const previous = revision();
  const done = rooms.changeRoom('long-room', previous, [move(1)]);
  expect(done).toMatchObject({
    ok: true,
    value: { revision: previous + 1, undo: { code: 'putOpening', name: move(0).opening.name }, redo: null },
  });
});

test('a change made from an older room is refused, and told what was done since', () => {
  const old = revision();
  rooms.changeRoom('long-room', old, [move(1)]);
  const kept = rooms.exportRoom('long-room');
  const late = rooms.changeRoom('long-room', old, [move(5)]);
  expect(late).toMatchObject({
    ok: false,
    issues: [{ code: 'stale', revision: old + 1, since: [{ code: 'putOpening' }] }],
  });
  expect(rooms.exportRoom('long-room')).toEqual(kept);
});

test('a batch that is sent again because its answer was lost is no conflict, and is not made twice', () => {
  const old = revision();
  const first = rooms.changeRoom('long-room', old, [move(1)], 'batch-1');
  const kept = rooms.exportRoom('long-room');
  expect(rooms.changeRoom('long-room', old, [move(1)], 'batch-1')).toEqual(first);
  expect(rooms.exportRoom('long-room')).toEqual(kept);
  // another has changed the room since: what follows the batch is out of date, as it should be
  rooms.changeRoom('long-room', old + 1, [move(5)], 'theirs');
  expect(rooms.changeRoom('long-room', old, [move(1)], 'batch-1')).toMatchObject({
    ok: true,
    value: { revision: old + 1 },
  });
  expect(rooms.changeRoom('long-room', old + 1, [move(2)], 'batch-2')).toMatchObject({
    ok: false,
    issues: [{ code: 'stale', revision: old + 2 }],
  });
  // of another room it is another batch
  expect(rooms.changeRoom('landing', revision('landing'), [setNote('x')], 'batch-1').ok).toBe(true);
});

test('a full disk is said as such, and nothing of the change is kept', () => {
  const db = studioDatabase();
  const kept = rooms.exportRoom('long-room');
  const old = revision();
  const pages = db.pragma('page_count', { simple: true }) as number;
  db.pragma(`max_page_count = ${pages}`);
  const name = 'x'.repeat(80);
  const many = Array.from({ length: 250 }, (_, i): Change => ({
    do: 'putIrritation',
    irritation: { id: `i${i}`, wallId: null, text: name, doneIn: null },
  }));
  try {
    expect(rooms.changeRoom('long-room', old, many)).toEqual({ ok: false, issues: [{ code: 'disk-full' }] });
    expect([rooms.exportRoom('long-room'), revision()]).toEqual([kept, old]);
  } finally {
    db.pragma(`max_page_count = ${pages * 10}`);
  }
  expect(rooms.changeRoom('long-room', old, many).ok).toBe(true);
});

test('what the database refuses is refused with its place, not an error', () => {
  const result = inOneGo(() => {
    studioDatabase().exec('INSERT INTO home SELECT * FROM home LIMIT 1');
    return { ok: true as const, value: null };
  });
  expect(result).toMatchObject({ ok: false, issues: [{ path: ['home', 'seq'], code: 'cannot-be-kept' }] });
});

test('a change that cannot be is refused whole; one that was so before does not stand in the way', () => {
  const file = rooms.exportRoom('long-room')!;
  const wide = { ...file.openings[0]!, widthMm: 90_000 };
  const refused = rooms.changeRoom('long-room', revision(), [move(1), { do: 'putOpening', opening: wide }]);
  expect(refused).toMatchObject({
    ok: false,
    issues: [
      {
        code: 'refused',
        issues: expect.arrayContaining([
          expect.objectContaining({
            path: ['openings', 0, 'widthMm'],
            code: 'wider-than-wall',
            message: expect.stringContaining('came 90000 mm'),
          }),
        ]),
      },
    ],
  });
  expect(rooms.exportRoom('long-room')).toEqual(file);
  expect(rooms.changeRoom('none', 0, [move(1)])).toEqual({ ok: false, issues: [{ code: 'not-found' }] });
});

test('a thing of the stash that the room did not use yet comes along', () => {
  const file = rooms.exportRoom('landing')!;
  const thing = demoStudio().items.find((i) => i.kind === 'cover' && !file.items.some((x) => x.id === i.id))!;
  const withSeat = rooms.changeRoom('landing', revision('landing'), [
    {
      do: 'putPiece',
      piece: piece({
        id: 'bench',
        xMm: inches(40),
        yMm: inches(30),
        widthMm: inches(40),
        depthMm: inches(18),
        seat: {
          widthMm: inches(40),
          heightMm: inches(18),
          depthMm: inches(18),
          seats: 1,
          wantedSitters: 1,
          armHeightMm: 0,
          looseCushions: 0,
        },
      }),
    },
    {
      do: 'putPlacement',
      lookId: file.looks[0]!.id,
      placement: placement({ itemId: thing.id, ...onSeat('bench') }),
    },
  ]);
  expect(withSeat.ok, JSON.stringify(withSeat)).toBe(true);
  expect(rooms.exportRoom('landing')!.items).toContainEqual(thing);
});

test('inserts of one size and filling go to a page as one; those that the room places stay themselves', async () => {
  const studio = demoStudio();
  const insert = studio.items.find((i) => i.kind === 'insert')!;
  await fill({
    ...studio,
    items: [
      ...studio.items,
      { ...insert, id: 'more', count: 3 },
      { ...insert, id: 'ordered', count: 5, state: 'ordered' },
    ],
  });
  const page = rooms.openRoom('long-room')!.file;
  expect(page).toEqual(summed(rooms.exportRoom('long-room')!));
  expect(page.items.find((i) => i.id === insert.id)!.count).toBe(insert.count + 3);
  expect(page.items.find((i) => i.id === 'ordered')!.count).toBe(5);
});

test('undo and redo answer with the room as it then is; nothing left to undo is said', () => {
  const start = rooms.exportRoom('long-room')!;
  rooms.changeRoom('long-room', revision(), [move(1)]);
  const moved = rooms.exportRoom('long-room')!;
  expect(rooms.replayRoom('long-room', 'undo')).toMatchObject({
    ok: true,
    value: { file: summed(start), label: { code: 'putOpening' }, undo: null },
  });
  expect(rooms.replayRoom('long-room', 'undo')).toEqual({ ok: false, issues: [{ code: 'nothing-to-undo' }] });
  expect(rooms.replayRoom('long-room', 'redo')).toMatchObject({
    ok: true,
    value: { file: summed(moved), redo: null },
  });
});

test('home cards say what is next', () => {
  const page = home.homePage(20);
  expect(page.rooms.map((r) => r.name)).toEqual(demoStudio().rooms.map((r) => r.room.name));
  const card = page.rooms[0]!;
  expect(Object.keys(card.stages)).toEqual(STAGE_NAMES);
  expect(card.open).toBeGreaterThan(0);
});

test('a home card is kept, and follows what is changed in its room, its home and the stash', () => {
  const card = (id: string) => home.homePage(20).rooms.find((r) => r.id === id)!;
  const [first, other] = [card('long-room'), card('landing')];
  expect(card('long-room')).toBe(first);
  const file = rooms.exportRoom('long-room')!;
  const worn = file.looks.find((l) => l.season !== null)!;
  const item = file.items.find((i) => i.id === worn.placements[0]!.itemId)!;
  const changes: Change[] = [
    { do: 'putItem', item: { ...item, colours: [{ l: 20, a: 60, b: -60, share: 1 }] } },
    { do: 'setRoom', room: { ...file.room, name: 'Longer Room' } },
    { do: 'setHome', home: { ...file.home, name: 'Net Loft' } },
    { do: 'removePlacement', lookId: worn.id, id: worn.placements[0]!.id },
  ];
  for (const change of changes) {
    const previous = card('long-room');
    expect(rooms.changeRoom('long-room', rooms.openRoom('long-room')!.revision, [change]).ok).toBe(true);
    expect(card('long-room')).not.toEqual(previous);
  }
  expect(card('long-room')).toMatchObject({ name: 'Longer Room', homeName: 'Net Loft' });
  expect(card('landing')).toEqual({ ...other, homeName: 'Net Loft' });
});

test('inserts that are owned are not bought: the plan counts those of the stash', () => {
  const plan = publishedPlan({ file: rooms.exportRoom('long-room')!, lookId: 'early-summer' })!;
  const owned = (w: number, fill: string) =>
    demoStudio().items.find(
      (i) =>
        i.kind === 'insert' &&
        Math.abs(i.widthMm - inches(w)) < 1 &&
        Math.abs(i.heightMm - inches(w)) < 1 &&
        i.fill === fill,
    )!.count;
  const need = plan.sheet.inserts.find((i) => i.fill === 'feather' && Math.abs(i.widthMm - inches(24)) < 1)!;
  expect([need.have, need.buy]).toEqual([
    owned(24, 'feather'),
    Math.max(0, need.need - owned(24, 'feather')),
  ]);
  expect(plan.sheet.inserts).toEqual(
    planLook(demoRoom('long-room'), { lookId: 'early-summer' }).sheet.inserts,
  );
});

test('the stash says where else a thing is in use', () => {
  const rows = findInStash(['panel'], '', { roomId: 'landing', season: null });
  expect(rows.length).toBeGreaterThan(1);
  expect(rows.filter((r) => r.elsewhere?.room === 'Long Room').length).toBeGreaterThan(0);
  expect(rows.every((r) => r.kind === 'panel')).toBe(true);
});

test('an empty studio has no cards, no homes and nothing to undo', async () => {
  await fill(empty);
  expect(home.homePage(20)).toEqual({
    studio: 'My studio',
    rooms: [],
    others: [],
    items: 0,
    homes: [],
    unit: 'in',
    undo: null,
  });
  expect(rooms.replayRoom(null, 'undo').ok).toBe(false);
});

test('undo says what it takes back: one length with what it became, else whether it moved or changed', () => {
  const { undo } = rooms.roomState('long-room');
  expect(undo).toBeNull();
  const file = rooms.exportRoom('long-room')!;
  const look = file.looks.find((l) => l.dressings.length > 0 && l.hangings.length > 0)!;
  const [dressing, hanging, piece] = [look.dressings[0]!, look.hangings[0]!, file.pieces[0]!];
  const lookId = look.id;
  const said = (change: Change) => {
    const done = rooms.changeRoom('long-room', revision(), [change]);
    expect(done.ok, JSON.stringify(done)).toBe(true);
    return rooms.roomState('long-room').undo;
  };
  const window = [...file.openings, ...file.fittings].find((o) => o.id === dressing.openingId)!.name;
  expect(said({ do: 'putDressing', lookId, dressing: { ...dressing, rodHeightMm: 2517.775 } })).toEqual({
    code: 'putDressing',
    name: window,
    field: 'rodHeightMm',
    mm: 2517.775,
  });
  expect(said({ do: 'putHanging', lookId, hanging: { ...hanging, xMm: 901, centreMm: 1500 } })).toMatchObject(
    {
      code: 'moved',
    },
  );
  expect(said({ do: 'putPiece', piece: { ...piece, name: 'Other' } })).toEqual({
    code: 'changed',
    field: 'name',
    name: 'Other',
  });
  expect(said({ do: 'putPiece', piece: { ...piece, id: 'new', name: 'New' } })).toEqual({
    code: 'putPiece',
    name: 'New',
  });
});

test('a storage place that is made in a room is the studio’s, and is undone with what was put there', () => {
  const places = rooms.exportRoom('lookout')!.places;
  const place = { ...places[0]!, id: 'under-the-stairs', name: 'Cupboard under the stairs' };
  const { id } = rooms.exportRoom('long-room')!.items[0]!;
  const done = rooms.changeRoom('long-room', revision(), [
    { do: 'putPlace', place },
    { do: 'moveItem', id, to: { placeId: place.id } },
  ]);
  expect(done.ok).toBe(true);
  expect(rooms.exportRoom('lookout')!.places).toEqual([...places, place]);
  expect(rooms.exportRoom('long-room')!.items[0]!.placeId).toBe(place.id);
  expect(rooms.replayRoom('long-room', 'undo').ok).toBe(true);
  expect(rooms.exportRoom('lookout')!.places).toEqual(places);
  expect(rooms.exportRoom('long-room')!.items[0]!.placeId).not.toBe(place.id);
});

test('a change leaves the places alone that it does not speak of', () => {
  const { places } = rooms.exportRoom('long-room')!;
  const other = { ...places[0]!, name: 'Renamed meanwhile' };
  rooms.changeRoom('lookout', revision('lookout'), [{ do: 'putPlace', place: other }]);
  rooms.changeRoom('long-room', revision(), [move(1)]);
  expect(rooms.exportRoom('long-room')!.places[0]).toEqual(other);
});
