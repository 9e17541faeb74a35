import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  demoRoom,
  item,
  onSeat,
  piece,
  placement,
  standing,
  bareRoom,
  inches,
} from '../../../tests/helpers/rooms';
import { applyChange, type Change } from '../model/change';
import { WORK } from '../model/defaults';
import type { Look, RoomFile, Work } from '../model/types';
import { planLook } from './planLook';
import { whatChanged, type ChangedThing } from './whatChanged';

const side = (file: RoomFile, lookId: string) => ({
  file,
  look: file.looks.find((l) => l.id === lookId)!,
  plan: planLook(file, { lookId }),
});
const between = (file: RoomFile, from: string, to: string): ChangedThing[] =>
  whatChanged(side(file, from), side(file, to));
const said = (changes: readonly ChangedThing[]) => changes.map((c) => `${c.act} ${c.count} ${c.name}`).sort();

const base = bareRoom(inches(168), inches(144));
const [look] = base.looks as [Look];
const things = ['tray', 'vase', 'bowl'].map((id) =>
  item({ id, name: id, kind: id as 'tray', widthMm: 200, heightMm: 100, depthMm: 150, count: 4 }),
);
const chest = piece({
  id: 'chest',
  kind: 'chest',
  seat: null,
  xMm: inches(60),
  yMm: inches(20),
  widthMm: 1200,
});
const sofa = piece({ id: 'sofa', name: 'sofa', xMm: inches(60), yMm: inches(110), turnDeg: 180 });
const file: RoomFile = {
  ...base,
  pieces: [chest, sofa],
  items: [...things, item({ id: 'cover', name: 'cover', kind: 'cover', count: 4 })],
  looks: [
    {
      ...look,
      placements: [
        placement({ id: 't', itemId: 'tray', ...standing('chest'), xMm: 300 }),
        placement({ id: 'v', itemId: 'vase', ...standing('t'), xMm: 60 }),
        placement({ id: 'c', itemId: 'cover', ...onSeat('sofa'), xMm: 300 }),
      ],
    },
  ],
};
const copy: Change = { do: 'copyLook', from: 'look', id: 'b', name: 'B' };
const after = (...changes: Change[]): RoomFile => [copy, ...changes].reduce(applyChange, file);

describe('what changes between two looks', () => {
  it('is nothing between a look and its copy', () => {
    expect(between(after(), 'look', 'b')).toEqual([]);
  });
  it('is the tray, not what it carries along', () => {
    const moved = { ...placement({ id: 't', itemId: 'tray', ...standing('chest') }), xMm: 700 };
    expect(said(between(after({ do: 'putPlacement', lookId: 'b', placement: moved }), 'look', 'b'))).toEqual([
      'moved 1 tray',
    ]);
  });
  it('is a sofa that is moved or turned, not its pillows', () => {
    const moved = (xMm: number, turnDeg: number) =>
      between(
        after({
          do: 'putMoved',
          lookId: 'b',
          moved: { id: 'sofa', isOut: false, xMm, yMm: sofa.yMm, turnDeg },
        }),
        'look',
        'b',
      );
    expect(said(moved(sofa.xMm + 50, 180))).toEqual(['moved 1 sofa']);
    expect(said(moved(sofa.xMm, 90))).toEqual(['turned 1 sofa']);
    expect(said(moved(sofa.xMm, -180))).toEqual([]);
  });
  it('goes from one place to another, with the names of both', () => {
    const elsewhere = placement({ id: 'v', itemId: 'vase', ...standing('chest'), xMm: 900 });
    const [change] = between(after({ do: 'putPlacement', lookId: 'b', placement: elsewhere }), 'look', 'b');
    expect(change).toMatchObject({
      act: 'moved',
      from: { at: 'spot', name: 'tray' },
      to: { at: 'spot', name: chest.name },
    });
  });
  it('is what is painted, and what is left as it was the other way round', () => {
    const blue = { ...WORK.after, colours: [{ l: 40, a: -4, b: -28, share: 1 }] };
    const work: Work = { ...WORK, id: 'w', act: 'paint', on: 'piece', of: 'chest', after: blue };
    const painted = after({ do: 'putWork', lookId: 'b', work });
    const there = between(painted, 'look', 'b');
    expect(there).toMatchObject([
      { act: 'worked', name: chest.name, work: { act: 'paint', isUndone: false } },
    ]);
    expect(between(painted, 'b', 'look')).toMatchObject([{ act: 'worked', work: { isUndone: true } }]);
    const both = applyChange(painted, { do: 'putWork', lookId: 'look', work: { ...work, id: 'other' } });
    expect(between(both, 'look', 'b')).toEqual([]);
    const done = after({ do: 'putWork', lookId: 'b', work: { ...work, doneOn: '2026-05-01' } });
    expect(between(done, 'look', 'b')).toEqual([]);
  });
  it('tells three of a thing from two', () => {
    const more = { ...placement({ id: 'n', itemId: 'bowl', ...standing('chest'), xMm: 900 }), count: 3 };
    const file2 = after({ do: 'putPlacement', lookId: 'b', placement: more });
    expect(said(between(file2, 'look', 'b'))).toEqual(['in 3 bowl']);
    expect(said(between(file2, 'b', 'look'))).toEqual(['out 3 bowl']);
  });
  it('of the demo goes out where it goes in the other way round', () => {
    const room = demoRoom('long-room');
    const ids = room.looks.map((l) => l.id);
    const sides = new Map(ids.map((id) => [id, side(room, id)]));
    const turned = { in: 'out', out: 'in', moved: 'moved', turned: 'turned', worked: 'worked' } as const;
    fc.assert(
      fc.property(fc.constantFrom(...ids), fc.constantFrom(...ids), (a, b) => {
        const there = whatChanged(sides.get(a)!, sides.get(b)!);
        const back = whatChanged(sides.get(b)!, sides.get(a)!);
        expect(said(back)).toEqual(said(there.map((c) => ({ ...c, act: turned[c.act] }))));
        if (a === b) expect(there).toEqual([]);
      }),
      { numRuns: 12, seed: 3 },
    );
    const summer = between(room, 'early-summer', 'early-summer-blue');
    expect(said(summer)).toContain('out 1 Jute rug');
    expect(said(summer)).toContain('in 1 Cane chair');
    expect(said(summer)).toContain('moved 1 Harbour chair');
  });
});
