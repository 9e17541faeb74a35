import { describe, expect, it } from 'vitest';
import { demoRoom, inches } from '../../../../tests/helpers/rooms';
import { applyChange, type Change } from '../../../core/model/change';
import type { RoomFile } from '../../../core/model/types';
import { createLocalRoom } from './localRoom';
import type { Refused } from '../aside';
import type { Outbox } from './outbox';
import { createSaver, type Doors } from './saver';

const start = demoRoom('long-room');
const move = (id: string, x: number): Change => ({
  do: 'putOpening',
  opening: { ...start.openings.find((o) => o.id === id)!, xMm: inches(x) },
});
const xOf = (file: RoomFile, id = 'harbour-window') =>
  Math.round(file.openings.find((o) => o.id === id)!.xMm / 25.4);
const settle = () => new Promise((r) => setTimeout(r, 5));

/** A studio on the other side: takes changes at its revision, refuses stale ones, can be down. */
function studio() {
  const s = {
    file: start,
    revision: 1,
    down: false,
    outbox: null as Outbox | null,
    told: [] as number[],
    later: [] as (() => void)[],
    refuse: false,
    full: false,
    losesAnswer: false,
    written: new Map<string, number>(),
    aside: [] as Refused[],
    ids: 0,
    left: [] as Outbox[],
    replays: [] as string[],
    before: start,
  };
  const state = () => ({ revision: s.revision, undo: { code: 'putOpening', name: 'theirs' }, redo: null });
  const doors: Doors = {
    change: async (base, { id, changes }) => {
      await Promise.resolve();
      if (s.down) throw new Error('down');
      if (s.full) return { ok: false, issues: [{ code: 'disk-full' }] };
      const already = s.written.get(id);
      if (already !== undefined) return { ok: true, value: { ...state(), revision: already } };
      if (s.refuse) return { ok: false, issues: [{ code: 'refused', issues: [{ message: 'no' }] }] };
      if (base !== s.revision)
        return { ok: false, issues: [{ code: 'stale', since: [{ code: 'putOpening', name: 'theirs' }] }] };
      s.before = s.file;
      s.file = changes.reduce(applyChange, s.file);
      s.revision++;
      s.written.set(id, s.revision);
      if (s.losesAnswer) throw new Error('no answer');
      return { ok: true, value: state() };
    },
    setAside: (change) => s.aside.push(change),
    newId: () => `batch-${++s.ids}`,
    replay: async (way) => {
      await Promise.resolve();
      s.replays.push(way);
      s.file = s.before;
      s.revision++;
      return { ok: true, value: { ...state(), label: { code: 'putOpening', name: 'x' }, file: s.file } };
    },
    open: async () => ({ ...state(), file: s.file }),
    state: async () => state(),
    leftOutbox: async () => {
      const first = s.left[0];
      return first
        ? {
            ...first,
            taken: () => {
              s.left = s.left.slice(1);
            },
          }
        : null;
    },
    writeOutbox: (o) => {
      s.outbox = o && structuredClone(o);
    },
    tell: (r) => s.told.push(r),
    later: (w) => s.later.push(w),
  };
  const elsewhere = (c: Change) => {
    s.file = applyChange(s.file, c);
    s.revision++;
  };
  return { s, doors, elsewhere, open: () => createSaver({ ...state(), file: s.file }, doors) };
}

describe('saving as it is made', () => {
  it('shows at once, keeps until confirmed, sends in order', async () => {
    const { s, open } = studio();
    const saver = open();
    saver.change([move('harbour-window', 20)]);
    saver.change([move('galley-window', 110)]);
    expect(xOf(saver.snapshot().file)).toBe(20);
    expect(s.outbox!.batches.length).toBe(2);
    await settle();
    expect([
      xOf(s.file),
      xOf(s.file, 'galley-window'),
      s.outbox,
      saver.snapshot().saving.state,
      s.told,
    ]).toEqual([20, 110, null, 'saved', [2, 3]]);
  });
  it('a killed studio loses nothing: it is said, kept and sent again', async () => {
    const { s, open } = studio();
    const saver = open();
    s.down = true;
    saver.change([move('harbour-window', 20)]);
    await settle();
    expect([saver.snapshot().saving.state, s.outbox!.batches.length, xOf(s.file)]).toEqual(['unsent', 1, 34]);
    saver.change([move('harbour-window', 21)]);
    s.down = false;
    s.later.forEach((w) => w());
    await settle();
    expect([xOf(s.file), saver.snapshot().saving.state, s.outbox]).toEqual([21, 'saved', null]);
  });
  it('an answer that was lost is no conflict: the batch is known when it is sent again', async () => {
    const { s, open } = studio();
    const saver = open();
    s.losesAnswer = true;
    saver.change([move('harbour-window', 20)]);
    await settle();
    expect([saver.snapshot().saving.state, xOf(s.file), s.revision]).toEqual(['unsent', 20, 2]);
    s.losesAnswer = false;
    saver.change([move('harbour-window', 22)]);
    s.later.forEach((w) => w());
    await settle();
    expect([xOf(s.file), saver.snapshot().saving.state, s.revision, s.outbox]).toEqual([
      22,
      'saved',
      3,
      null,
    ]);
  });
  it('a full disk is said; the change stays and is sent again', async () => {
    const { s, open } = studio();
    const saver = open();
    s.full = true;
    saver.change([move('harbour-window', 20)]);
    await settle();
    expect([saver.snapshot().saving.state, s.outbox!.batches.length, s.aside]).toEqual(['diskFull', 1, []]);
    s.full = false;
    s.later.forEach((w) => w());
    await settle();
    expect([xOf(s.file), saver.snapshot().saving.state]).toEqual([20, 'saved']);
  });
  it('what is refused is set aside with its reason, and what follows it is sent', async () => {
    const { s, open } = studio();
    const saver = open();
    s.refuse = true;
    const refused = move('harbour-window', 20);
    saver.change([refused]);
    await settle();
    s.refuse = false;
    saver.change([move('galley-window', 112)]);
    await settle();
    expect(s.aside).toMatchObject([{ why: 'no', changes: [refused] }]);
    expect([xOf(s.file), xOf(s.file, 'galley-window'), s.outbox]).toEqual([34, 112, null]);
  });
  it('a crashed tab: the next one finds what was left and sends it', async () => {
    const { s, open } = studio();
    s.left = [{ baseRevision: 1, batches: [{ id: 'left', changes: [move('harbour-window', 25)] }] }];
    const saver = open();
    await saver.wake();
    expect([xOf(saver.snapshot().file), xOf(s.file), s.outbox, s.left]).toEqual([25, 25, null, []]);
  });
  it('two crashed tabs: the first goes in, the second is asked about, and neither is lost', async () => {
    const { s, open } = studio();
    s.left = [
      { baseRevision: 1, batches: [{ id: 'left', changes: [move('harbour-window', 25)] }] },
      { baseRevision: 1, batches: [{ id: 'left-2', changes: [move('galley-window', 112)] }] },
    ];
    const saver = open();
    await saver.wake();
    expect([xOf(s.file), saver.snapshot().saving.state, s.outbox!.batches.length, s.left]).toEqual([
      25,
      'stale',
      1,
      [],
    ]);
    await saver.takeFresh('on-top');
    await settle();
    expect([xOf(s.file), xOf(s.file, 'galley-window'), s.outbox]).toEqual([25, 112, null]);
  });
  it('what a crashed tab left goes before what is made here meanwhile', async () => {
    const { s, open } = studio();
    s.left = [{ baseRevision: 1, batches: [{ id: 'left', changes: [move('harbour-window', 25)] }] }];
    s.down = true;
    const saver = open();
    saver.change([move('harbour-window', 30)]);
    await settle();
    await saver.wake();
    expect([s.outbox!.batches.length, s.left, xOf(saver.snapshot().file)]).toEqual([2, [], 30]);
    s.down = false;
    s.later.forEach((w) => w());
    await settle();
    expect([xOf(s.file), s.outbox]).toEqual([30, null]);
  });
  it('what the studio refuses is said and the drawing goes back to what is kept', async () => {
    const { s, open } = studio();
    const saver = open();
    s.refuse = true;
    saver.change([move('harbour-window', 20)]);
    await settle();
    expect([saver.snapshot().saving, xOf(saver.snapshot().file)]).toEqual([
      { state: 'refused', why: 'no' },
      34,
    ]);
  });
});

describe('a second tab', () => {
  it('that is out of date is told, and its change goes on top when wanted', async () => {
    const { s, elsewhere, open } = studio();
    const saver = open();
    elsewhere(move('galley-window', 112));
    saver.change([move('harbour-window', 20)]);
    await settle();
    expect(saver.snapshot().saving).toMatchObject({ state: 'stale', mine: 1, since: [{ name: 'theirs' }] });
    expect([xOf(s.file), s.outbox!.batches.length]).toEqual([34, 1]);
    saver.change([move('harbour-window', 22)]);
    expect(saver.snapshot().saving).toMatchObject({ mine: 2 });
    await saver.takeFresh('on-top');
    await settle();
    expect([xOf(s.file), xOf(s.file, 'galley-window'), saver.snapshot().saving.state]).toEqual([
      22,
      112,
      'saved',
    ]);
  });
  it('may leave its own out', async () => {
    const { s, elsewhere, open } = studio();
    const saver = open();
    elsewhere(move('galley-window', 112));
    saver.change([move('harbour-window', 20)]);
    await settle();
    await saver.takeFresh('out');
    expect([xOf(saver.snapshot().file), xOf(saver.snapshot().file, 'galley-window'), s.outbox]).toEqual([
      34,
      112,
      null,
    ]);
  });
  it('hears of a write at once, and does not mind its own', async () => {
    const { elsewhere, open } = studio();
    const saver = open();
    await saver.heard(1);
    expect(saver.snapshot().saving.state).toBe('saved');
    elsewhere(move('galley-window', 112));
    await saver.heard(2);
    expect(saver.snapshot().saving).toMatchObject({ state: 'stale', mine: 0 });
  });
  it('a page brought back by the back button takes the newer room', async () => {
    const { elsewhere, open } = studio();
    const saver = open();
    elsewhere(move('galley-window', 112));
    await saver.wake();
    expect(xOf(saver.snapshot().file, 'galley-window')).toBe(112);
  });
  it('undo waits while something is unsent', async () => {
    const { s, open } = studio();
    const saver = open();
    s.down = true;
    saver.change([move('harbour-window', 20)]);
    await settle();
    void saver.replay('undo');
    await settle();
    expect([xOf(saver.snapshot().file), s.replays]).toEqual([20, []]);
    s.down = false;
    s.later.forEach((w) => w());
    await settle();
    expect([s.replays, xOf(saver.snapshot().file), saver.snapshot().saving.state, s.outbox]).toEqual([
      ['undo'],
      34,
      'saved',
      null,
    ]);
  });
  it('undo right after a change takes that change back, and what is changed after it stays on top', async () => {
    const { s, open } = studio();
    const saver = open();
    saver.change([move('harbour-window', 20)]);
    const undone = saver.replay('undo');
    saver.change([move('galley-window', 112)]);
    await undone;
    expect(xOf(saver.snapshot().file, 'galley-window')).toBe(112);
    await settle();
    expect([
      s.replays,
      xOf(s.file),
      xOf(s.file, 'galley-window'),
      saver.snapshot().saving.state,
      s.outbox,
    ]).toEqual([['undo'], 34, 112, 'saved', null]);
    expect(saver.snapshot().file).toEqual(s.file);
  });
  it('undo is given up when the change it was meant for is refused', async () => {
    const { s, open } = studio();
    const saver = open();
    s.refuse = true;
    saver.change([move('harbour-window', 20)]);
    await saver.replay('undo');
    await settle();
    expect([s.replays, saver.snapshot().saving.state]).toEqual([[], 'refused']);
  });
});

describe('a room that stands only here', () => {
  it('is kept, undone and redone, and survives something unreadable', async () => {
    let kept: string | null = null;
    const make = () =>
      createLocalRoom(() => start, {
        read: () => kept,
        write: (t) => {
          kept = t;
        },
      });
    const room = make();
    room.change([move('harbour-window', 20)]);
    await room.replay('undo');
    expect(xOf(room.snapshot().file)).toBe(34);
    await room.replay('redo');
    const again = make();
    again.wake();
    expect(xOf(again.snapshot().file)).toBe(20);
    kept = '{ broken';
    const third = make();
    third.wake();
    expect(xOf(third.snapshot().file)).toBe(34);
  });
});
