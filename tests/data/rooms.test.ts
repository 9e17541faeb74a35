import { expect, test } from 'vitest';
import fc from 'fast-check';
import type { RoomFile, Season } from '../../src/core/model/types';
import {
  countItems,
  findItems,
  itemsByIds,
  loadWornLooks,
  saveItem,
  usesElsewhere,
} from '../../src/data/itemRepository';
import { usedElsewhere } from '../../src/core/stash/need';
import { saveHome } from '../../src/data/homeRepository';
import { loadRules } from '../../src/data/ownRuleRepository';
import { savePlace } from '../../src/data/placeRepository';
import { nextEntry } from '../../src/data/journal';
import { insertRoom } from '../../src/data/roomRepository';
import { insertRow, saveRows, statement } from '../../src/data/rows';
import { loadStudio, studioName } from '../../src/data/studioRepository';
import { TABLES } from '../../src/data/tables';
import {
  bareRoom,
  demoStudio,
  dressing,
  fittingOf,
  hanging,
  item,
  opening,
  piece,
  placement,
} from '../helpers/rooms';

import { act, back, db, put, reopen, room } from '../helpers/acts';

test('the demo studio comes back as it went in', () => {
  const demo = demoStudio();
  put(demo);
  expect(loadStudio(db)).toEqual(demo);
  expect([studioName(db), countItems(db)]).toEqual([demo.name, demo.items.length]);
  reopen();
  expect(loadStudio(db)).toEqual(demo);
});

test('a room file speaks of the things that its looks use and of the inserts for them, and of no others', () => {
  put(demoStudio());
  const file = room('long-room');
  const used = new Set(
    file.looks.flatMap((l) => [
      ...l.dressings.flatMap((d) => d.itemId ?? []),
      ...l.hangings.map((h) => h.itemId),
      ...l.placements.map((p) => p.itemId),
      ...l.brought.map((row) => row.itemId),
    ]),
  );
  for (const f of file.clear.found) used.add(f.itemId);
  const fills = ['insert', 'casing'];
  expect(new Set(file.items.filter((i) => !fills.includes(i.kind)).map((i) => i.id))).toEqual(used);
  expect(file.items.filter((i) => fills.includes(i.kind))).toEqual(
    demoStudio().items.filter((i) => fills.includes(i.kind)),
  );
  expect(used.size).toBeGreaterThan(10);
});

test('numbers of any crumb, and every empty field, come back the same', () => {
  const base = bareRoom();
  const full: RoomFile = {
    ...base,
    openings: [
      opening({
        opens: 'in',
        hinge: 'both',
        handleMm: 60.3,
        revealMm: 0.1,
        sillDepthMm: 75,
        overlooked: true,
        hazy: true,
      }),
      opening({ id: 'o2', kind: 'door', underMm: 19.05, dropsMm: null }),
    ],
    fittings: [fittingOf({ kind: 'fireplace', mantel: { widthMm: 1500, depthMm: 220.5, topMm: 1320 } })],
    home: {
      ...base.home,
      flags: {
        childrenAges: [0.5, 6],
        pets: true,
        featherFree: true,
        woolFree: true,
        scentFree: true,
        rented: true,
        wheelchair: true,
      },
    },
    room: {
      ...base.room,
      slopes: [{ wallId: 'n', lowMm: 1500, runMm: 900.5 }],
      beams: [{ id: 'b', name: 'Beam', wallId: 'w', fromWallMm: 1000, widthMm: 200, undersideMm: 2200 }],
      standpoints: [{ id: 's', name: 'Door', kind: 'door', xMm: 100, yMm: 200, eyeMm: 1600 }],
      seesRoomIds: ['elsewhere'],
      childsRoom: true,
      wallPhotos: [
        {
          wallId: 'n',
          photoId: 'ph',
          corners: [
            { x: 0.1, y: 0.1 },
            { x: 0.9, y: 0.12 },
            { x: 0.88, y: 0.9 },
            { x: 0.1, y: 0.95 },
          ],
          xMm: -20,
          bottomMm: 5,
          widthMm: 3000,
          heightMm: 2000,
          opacity: 0.4,
        },
      ],
      readings: [{ about: 'o1', field: 'widthMm', guess: true, secondMm: 1219 }],
    },
    clear: {
      found: [{ id: 'f', itemId: 'i2', wallId: 'n', verdict: 'away', toRoomId: 'elsewhere', placeId: 'box' }],
      irritations: [{ id: 'x', wallId: null, text: 'Too dark', doneIn: 'windows' }],
      tasks: [
        {
          id: 't',
          kind: 'paint',
          text: 'Trim',
          itemId: 'i2',
          waitMinutes: 1440,
          startedAt: '2026-04-22T10:00:00.000Z',
          done: true,
        },
      ],
      beforePhotos: [{ photoId: 'ph', wallId: 'e' }],
    },
    places: [
      {
        id: 'box',
        name: 'Box',
        kind: 'box',
        roomId: null,
        widthMm: 600,
        depthMm: 400,
        heightMm: 300.5,
        note: 'winter',
      },
    ],
    pieces: [
      piece({ bed: { mattressMm: 600, thickMm: null, headboardMm: 800, footboardMm: 0 }, chairs: 4 }),
      piece({ id: 'p2', kind: 'bookcase', seat: null, shelvesMm: [100, 420.5] }),
    ],
    items: [
      item(),
      item({
        id: 'i2',
        season: ['winter', 'spring'],
        setOf: 2,
        back: {
          colours: [{ l: 30, a: 1, b: 2, share: 1 }],
          pattern: { kind: 'stripe', repeatMm: 40 },
          texture: 'velvet',
        },
        sheen: 'satin',
        fibre: 'wool',
        care: ['hand', 'zipped'],
        defects: 'a pull',
        defectsLit: 'a seam',
        poisonous: true,
        scented: true,
        state: 'ordered',
        source: 'A shop',
        boughtOn: '2026-04-01',
        dueOn: '2026-04-09',
        returnBy: '2026-05-01',
        seasonsServed: 3,
        placeId: 'box',
        roomId: 'room',
        photoId: 'ph',
        colourFrom: 'corrected',
        seen: false,
        rawColours: [{ l: 40, a: 1, b: 9, share: 1 }],
        relied: [{ l: 41, a: 1, b: 9, share: 1 }],
        spectrum: Array.from({ length: 31 }, (_, i) => i / 31),
      }),
    ],
    looks: [
      {
        ...base.looks[0]!,
        season: 'winter',
        sheetTaken: 'abc',
        approvedWallIds: ['n'],
        rodLineMm: 2000.5,
        plannedShares: [0.6, 0.3, 0.1],
        dressings: [
          dressing({
            itemId: 'i1',
            route: { kind: 'takeUp', stockMm: 2743.2 },
            fullness: 2.1,
            panels: 3,
            rodHeightMm: 0.1 + 0.2,
          }),
        ],
        hangings: [
          hanging({ overPieceId: 'p1' }),
          hanging({
            id: 'h2',
            hanger: { kind: 'wire', hooks: 2, ringDropMm: 1, ringsApartMm: 2, wireMm: 3, hooksApartMm: null },
          }),
        ],
        placements: [placement({ lie: 'proppedSide' })],
      },
    ],
  };
  saveHome(db, full.home);
  for (const p of full.places) savePlace(db, p);
  for (const i of full.items) saveItem(db, i);
  insertRoom(db, full);
  expect(room('room')).toEqual(full);
  let [index, seen] = [0, 0];
  fc.assert(
    fc.property(
      fc.double({ min: 0.001, max: 99_999, noNaN: true }),
      fc.double({ min: -90_000, max: 90_000, noNaN: true }),
      (rodHeightMm, xMm) => {
        index++;
        const previous = room('room');
        const look = previous.looks[0]!;
        const changed = act(
          'room',
          { do: 'putDressing', lookId: look.id, dressing: { ...look.dressings[0]!, rodHeightMm } },
          {
            do: 'putPlacement',
            lookId: look.id,
            placement: { ...look.placements[0]!, xMm: xMm === 0 ? 0 : xMm },
          },
        );
        expect([changed.looks[0]!.dressings[0]!.rodHeightMm, changed.looks[0]!.placements[0]!.xMm]).toEqual([
          rodHeightMm,
          xMm === 0 ? 0 : xMm,
        ]);
        if (JSON.stringify(changed) !== JSON.stringify(previous)) {
          back('room');
          expect(room('room')).toEqual(previous);
          back('room', 'redo');
          seen++;
        }
        expect(room('room')).toEqual(changed);
      },
    ),
    { numRuns: 60, seed: 7 },
  );
  expect([index, seen]).toEqual([60, seen > 50 ? seen : -1]);
});

test('only the rows that differ are written', () => {
  put(demoStudio());
  const previous = room('long-room');
  const changed = previous.openings[0]!;
  act('long-room', { do: 'putOpening', opening: { ...changed, sillMm: changed.sillMm + 1 } });
  const entry = nextEntry(db, 'long-room', 'undo')!;
  expect(statement(db, 'SELECT table_name FROM journal_step WHERE entry = ?').pluck().all(entry.seq)).toEqual(
    ['opening'],
  );
});

test('a forgotten field is not written as nothing', () => {
  expect(() => insertRow(db, TABLES.home, { id: 'h', name: undefined as unknown as string })).toThrow(
    'home.name is undefined; text, a number or null was expected',
  );
  expect(() => saveItem(db, item({ widthMm: NaN }))).toThrow('item.width_mm is NaN');
  saveRows(db, TABLES.ownRule, [], [{ rule_id: 'a', value_json: '1', school: null }]);
  expect(loadRules(db)).toEqual([{ ruleId: 'a', value: 1 }]);
});

test('the stash is found by kind and by words in any order, whatever signs they hold', () => {
  for (const i of [
    item({ id: 'a', name: 'Blue 100% linen' }),
    item({ id: 'b', name: 'Linen blue_stripe', kind: 'throw' }),
    item({ id: 'c', name: 'Oak bowl', kind: 'object', texture: 'hard', whereabouts: 'Blue box' }),
  ])
    saveItem(db, i);
  const ids = (kinds: string[], words: string) => findItems(db, kinds, words, { limit: 50 }).map((i) => i.id);
  expect([
    ids([], 'blue'),
    ids([], 'LINEN  blue'),
    ids(['cover'], 'blue'),
    ids([], '100%'),
    ids([], 'blue_'),
    ids([], "'; DROP TABLE item; --"),
  ]).toEqual([['a', 'b', 'c'], ['a', 'b'], ['a'], ['a'], ['b'], []]);
  expect(findItems(db, [], '', { limit: 2 }).length).toBe(2);
  expect(itemsByIds(db, ['c', 'none', 'a']).map((i) => i.id)).toEqual(['a', 'c']);
});

test('what other rooms use: a room wears one look at a time, so its hungriest counts; two rooms add up', () => {
  const base = bareRoom();
  const look = (id: string, many: number) => ({
    ...base.looks[0]!,
    id,
    placements: Array.from({ length: many }, (_, i) => placement({ id: `x${i}` })),
  });
  const make = (id: string, name: string, looks: RoomFile['looks']): RoomFile => ({
    ...base,
    room: { ...base.room, id, name },
    openings: [opening()],
    pieces: [piece()],
    looks,
  });
  saveHome(db, base.home);
  saveItem(db, item());
  saveItem(db, item({ id: 'panel', kind: 'panel' }));
  insertRoom(db, make('a', 'Attic', [look('l1', 2), look('l2', 3)]));
  insertRoom(
    db,
    make('b', 'Bay', [{ ...look('l1', 1), dressings: [dressing({ itemId: 'panel', panels: 4 })] }]),
  );
  insertRoom(db, make('c', 'Cabin', [look('l1', 1)]));
  const elsewhere = (roomId: string, season: Season | null, ...ids: string[]) =>
    usedElsewhere(usesElsewhere(db, roomId, ids), loadWornLooks(db), season);
  expect(Object.fromEntries(elsewhere('c', null, 'i1', 'panel'))).toEqual({
    i1: { room: 'Attic', count: 4 },
    panel: { room: 'Bay', count: 4 },
  });
  expect(elsewhere('a', null, 'i1').get('i1')).toEqual({ room: 'Bay', count: 2 });
  // what another room uses in winter is free in summer
  insertRoom(
    db,
    make('d', 'Den', [
      { ...look('w', 5), season: 'winter' },
      { ...look('s', 0), season: 'summer' },
    ]),
  );
  expect(elsewhere('c', 'winter', 'i1').get('i1')).toEqual({ room: 'Den', count: 9 });
  expect(elsewhere('c', 'summer', 'i1').get('i1')).toEqual({ room: 'Attic', count: 4 });
});
