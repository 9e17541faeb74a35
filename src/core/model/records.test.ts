import { describe, expect, it } from 'vitest';
import { dressing, hanging } from '../../../tests/helpers/rooms';
import { room } from '../../../tests/helpers/findingCases/given';
import { applyChange, type Change } from './change';
import { headOfLook } from './nouns';
import { dressCopy } from './dressCopy';
import { recordDressedBy } from './records';

const base = room({});
const first = base.looks[0]!;
const record = {
  ...first,
  id: 'found',
  name: 'As found',
  isRecord: true,
  dressings: [dressing({ id: 'old' })],
};
const file = { ...base, looks: [record, { ...first, id: 'june', name: 'June', order: 1 }] };
const named = (n: number) => (n === 1 ? 'New look' : `New look ${n}`);
const COPY = { from: 'found', id: 'copy', isBegun: false, named };
const dresses = (...changes: Change[]) => recordDressedBy(file, changes)?.id;
const done = (...changes: Change[]) => dressCopy(file, changes, COPY).reduce(applyChange, file);
const copyOf = (...changes: Change[]) => {
  expect(dresses(...changes)).toBe('found');
  return done(...changes).looks.find((l) => l.id === 'copy')!;
};

describe('a look that is a record', () => {
  it('stays as it is when it is dressed; a copy that is none is dressed', () => {
    const put: Change = { do: 'putDressing', lookId: 'found', dressing: dressing({ id: 'new' }) };
    const after = done(put);
    expect(after.looks.slice(0, 2)).toEqual(file.looks);
    expect(after.looks[2]).toMatchObject({ id: 'copy', name: 'New look', order: 2 });
    expect(after.looks[2]!.isRecord).toBeUndefined();
    expect(after.looks[2]!.dressings.map((d) => d.id)).toEqual(['old', 'new']);
  });
  it('stays when something is taken out of it, and when its rod line is moved', () => {
    expect(copyOf({ do: 'removeDressing', lookId: 'found', id: 'old' }).dressings).toEqual([]);
    const moved: Change = { do: 'putLook', look: { ...headOfLook(record), rodLineMm: 2400 } };
    expect(copyOf(moved)).toMatchObject({ name: 'New look', rodLineMm: 2400, order: 2 });
    expect(copyOf(moved).isRecord).toBeFalsy();
    expect(copyOf(moved).dressings).toEqual(record.dressings);
  });
  it('goes along whole with a batch of many changes', () => {
    const put: Change = { do: 'putHanging', lookId: 'found', hanging: hanging({ id: 'h' }) };
    const home: Change = { do: 'setRoom', room: { ...file.room, name: 'Attic' } };
    expect(done(home, put).room.name).toBe('Attic');
    expect(copyOf(home, put).hangings.map((h) => h.id)).toEqual(['h']);
  });
  it('is itself renamed, approved, taken along and opened for changing', () => {
    for (const more of [
      { name: 'In March' },
      { approvedWallIds: ['n'] },
      { sheetTaken: 'x' },
      { isRecord: false },
      { plannedShares: record.plannedShares },
    ])
      expect(dresses({ do: 'putLook', look: { ...headOfLook(record), ...more } })).toBeUndefined();
  });
  it('has nothing to do with other looks, nor with the room', () => {
    expect(dresses({ do: 'putDressing', lookId: 'june', dressing: dressing({}) })).toBeUndefined();
    expect(dresses({ do: 'setRoom', room: file.room })).toBeUndefined();
    const opened = { ...file, looks: [{ ...record, isRecord: false }] };
    const put: Change = { do: 'putDressing', lookId: 'found', dressing: dressing({}) };
    expect(recordDressedBy(opened, [put])).toBeUndefined();
  });
  it('is copied once for all that comes before the copy is shown, and once more under another name', () => {
    const put = (id: string): Change => ({ do: 'putDressing', lookId: 'found', dressing: dressing({ id }) });
    const first = done(put('one'));
    const next = dressCopy(file, [put('two')], { ...COPY, isBegun: true }).reduce(applyChange, first);
    expect(next.looks.map((l) => [l.id, l.dressings.map((d) => d.id)])).toEqual([
      ['found', ['old']],
      ['june', []],
      ['copy', ['old', 'one', 'two']],
    ]);
    const again = dressCopy(first, [put('three')], { ...COPY, id: 'second' }).reduce(applyChange, first);
    expect(again.looks.at(-1)).toMatchObject({ id: 'second', name: 'New look 2', order: 3 });
  });
  it('is copied as a look that is none', () => {
    const copied = applyChange(file, { do: 'copyLook', from: 'found', id: 'x', name: 'X' });
    expect(copied.looks[2]!.isRecord).toBeUndefined();
  });
});
