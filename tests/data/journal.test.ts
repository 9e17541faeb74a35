import { expect, test } from 'vitest';
import { countItems, saveItem } from '../../src/data/itemRepository';
import { dropEmptyHomes, loadHomes, saveHome } from '../../src/data/homeRepository';
import { loadRules } from '../../src/data/ownRuleRepository';
import { inEntry, JournalConflict, lastEntries, nextEntry } from '../../src/data/journal';
import {
  bumpRevision,
  deleteRoom,
  insertRoom,
  loadRevision,
  loadRoomFile,
  loadRoomHeads,
} from '../../src/data/roomRepository';
import { statement } from '../../src/data/rows';
import { NOON } from '../helpers/database';
import { bareRoom, demoStudio, item, opening } from '../helpers/rooms';

import { act, back, db, put, room } from '../helpers/acts';

test('undo takes acts back one by one to the start, redo does them again to the end', () => {
  put(demoStudio());
  const start = room('long-room');
  const [look, other] = [start.looks[1]!, start.looks[0]!];
  const states = [start];
  states.push(act('long-room', { do: 'copyLook', from: look.id, id: 'copy', name: 'Copy' }));
  states.push(act('long-room', { do: 'removeOpening', id: look.dressings[0]!.openingId }));
  states.push(act('long-room', { do: 'removePiece', id: look.placements[0]!.spot.of }));
  states.push(
    act(
      'long-room',
      {
        do: 'setRoom',
        room: {
          ...start.room,
          ceilingMm: 2500,
          walls: start.room.walls.map((w, i) => (i === 0 ? { ...w, name: 'Sea wall' } : w)),
        },
      },
      { do: 'setHome', home: { ...start.home, name: 'Loft' } },
    ),
  );
  states.push(act('long-room', { do: 'setRule', rule: { ruleId: 'measure.dropsApart', value: 30 } }));
  states.push(act('long-room', { do: 'removeLook', id: other.id }));
  expect(lastEntries(db, 'long-room', 2).map((e) => e.label.code)).toEqual(['setRule', 'removeLook']);
  for (let i = states.length - 2; i >= 0; i--) {
    back('long-room');
    expect(room('long-room'), `undo to ${i}`).toEqual(states[i]);
  }
  expect(nextEntry(db, 'long-room', 'undo')).toBeUndefined();
  for (let i = 1; i < states.length; i++) {
    back('long-room', 'redo');
    expect(room('long-room'), `redo to ${i}`).toEqual(states[i]);
  }
  expect(nextEntry(db, 'long-room', 'redo')).toBeUndefined();
});

test('a new act ends what could be done again; one that changes nothing leaves no trace', () => {
  put(demoStudio());
  const { room: r } = room('landing');
  act('landing', { do: 'setRoom', room: { ...r, name: 'Stair head' } });
  back('landing');
  act('landing', { do: 'setRoom', room: r });
  expect(nextEntry(db, 'landing', 'redo')?.label.code).toBe('setRoom');
  act('landing', { do: 'setRoom', room: { ...r, name: 'Top' } });
  expect(nextEntry(db, 'landing', 'redo')).toBeUndefined();
  expect(statement(db, 'SELECT count(*) FROM journal_entry').pluck().get()).toBe(1);
});

test('each room has an undo of its own; a rule that another room has changed since stands in the way', () => {
  put(demoStudio());
  act('landing', { do: 'setRule', rule: { ruleId: 'measure.dropsApart', value: 30 } });
  act('long-room', { do: 'setRule', rule: { ruleId: 'measure.dropsApart', value: 40 } });
  expect(() => back('landing')).toThrow(JournalConflict);
  expect(loadRules(db).find((r) => r.ruleId === 'measure.dropsApart')?.value).toBe(40);
  back('long-room');
  back('landing');
  expect(loadRules(db)).toEqual(demoStudio().rules);
});

test('a removed room comes back whole, and can still be undone further', () => {
  put(demoStudio());
  const renamed = act('landing', { do: 'setRoom', room: { ...room('landing').room, name: 'Stair head' } });
  db.transaction(() =>
    inEntry(db, null, { code: 'removeRoom' }, NOON, () => {
      deleteRoom(db, 'landing');
      dropEmptyHomes(db);
    }),
  )();
  expect(loadRoomFile(db, 'landing')).toBeUndefined();
  back(null);
  expect(room('landing')).toEqual(renamed);
  back('landing');
  expect(room('landing').room.name).toBe('Landing');
});

test('a room made and then dressed is not unmade by undo, and nothing is half undone', () => {
  const file = { ...bareRoom(), items: [item()] };
  db.transaction(() =>
    inEntry(db, null, { code: 'importRoom' }, NOON, () => {
      saveHome(db, file.home);
      saveItem(db, file.items[0]!);
      insertRoom(db, file);
    }),
  )();
  act('room', { do: 'putOpening', opening: opening() });
  const previous = room('room');
  expect(() => back(null)).toThrow(JournalConflict);
  expect(room('room')).toEqual(previous);
  back('room');
  back(null);
  expect([loadRoomFile(db, 'room'), loadHomes(db), countItems(db)]).toEqual([undefined, [], 0]);
});

test('the journal keeps the last five hundred acts of a room', () => {
  put(demoStudio());
  const { room: r } = room('landing');
  for (let i = 0; i < 505; i++) act('landing', { do: 'setRoom', room: { ...r, note: String(i) } });
  expect(statement(db, 'SELECT count(*) FROM journal_entry').pluck().get()).toBe(500);
  expect(statement(db, 'SELECT count(*) FROM journal_step').pluck().get()).toBe(500);
});

test('rooms are listed by what was changed last; revisions count on', () => {
  put(demoStudio());
  bumpRevision(db, 'landing', '2026-05-02T00:00:00.000Z');
  expect(loadRoomHeads(db).map((h) => h.id)).toEqual([
    'landing',
    ...demoStudio()
      .rooms.map((r) => r.room.id)
      .filter((id) => id !== 'landing'),
  ]);
  expect([loadRevision(db, 'landing').revision, loadRevision(db, 'none').revision]).toEqual([2, 0]);
  put(demoStudio());
  expect(loadRevision(db, 'landing').revision).toBe(3);
});
