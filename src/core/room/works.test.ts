import { describe, expect, it } from 'vitest';
import { box, room, type Given } from '../../../tests/helpers/findingCases/given';
import { fittingOf, inches, item, placement, standing } from '../../../tests/helpers/rooms';
import { applyChange, type Change } from '../model/change';
import { WORK } from '../model/defaults';
import type { Look, Piece, RoomFile, Work } from '../model/types';
import { planLook } from '../plan/planLook';
import { checkRoomFile } from '../stages/measure/check';
import { inLook } from './arrange';
import { bookWork } from './bookWork';
import { finishOfWall, pieceAfter } from './works';

const BLUE = [{ l: 40, a: -4, b: -28, share: 1 }];
const RED = [{ l: 40, a: 50, b: 30, share: 1 }];
const chest: Piece = box('chest', [64, 9], [48, 18], { heightMm: inches(30) });
const pot = item({ id: 'pot', name: 'Pot', kind: 'pot', count: 5, heightMm: 120, spectrum: null });
const work = (more: Partial<Work> = {}, after: Partial<Work['after']> = { colours: BLUE }): Work => ({
  ...WORK,
  id: 'w',
  act: 'paint',
  on: 'walls',
  ...more,
  after: { ...WORK.after, ...after },
});
const onPot = { on: 'item', itemId: 'pot' } as const;
const onChest = { on: 'piece', of: 'chest' } as const;
/** A room of two looks; the works are those of the first. */
function worked(works: Work[], given: Given = {}): RoomFile {
  const file = room({
    pieces: [chest],
    items: [pot],
    placements: [placement({ id: 'p', itemId: 'pot', count: 2, ...standing('chest') })],
    works,
    ...given,
  });
  return { ...file, looks: [file.looks[0]!, { ...file.looks[0]!, id: 'other', works: [] }] };
}
const lookOf = (file: RoomFile, id = 'look'): Look => file.looks.find((l) => l.id === id)!;
const after = (file: RoomFile, changes: readonly Change[]): RoomFile => changes.reduce(applyChange, file);
const firstColour = (file: RoomFile, about: string, wallId: string, lookId = 'look') =>
  planLook(file, { lookId })
    .elevations.find((e) => e.wallId === wallId)!
    .shapes.find((s) => s.about === about)!.colours[0];

describe('a look with works', () => {
  it('is drawn, counted and planned with what is there afterwards; the other look is as it was', () => {
    const file = worked([work(onChest), work({ id: 'v', on: 'wall', of: 'n' }, { colours: RED })]);
    expect(firstColour(file, 'chest', 'n')).toEqual(BLUE[0]);
    expect(firstColour(file, 'wall', 'n')).toEqual(RED[0]);
    expect(firstColour(file, 'wall', 'e')).toEqual(file.room.wallFinish.colours[0]);
    expect(firstColour(file, 'chest', 'n', 'other')).toEqual(chest.colours[0]);
    expect(firstColour(file, 'wall', 'n', 'other')).toEqual(file.room.wallFinish.colours[0]);
    const seen = planLook(file, { lookId: 'look' }).spread.families.some((f) => f.seed.a === 50);
    expect(seen).toBe(true);
  });
  it.each(['n', 'e', 's', 'w'])('paints the wall %s alone', (wallId) => {
    const file = worked([work({ on: 'wall', of: wallId })]);
    for (const other of ['n', 'e', 's', 'w'])
      expect(firstColour(file, 'wall', other)!.b === -28).toBe(other === wallId);
  });
  it('paints a wall that has a finish of its own with the others', () => {
    const file = worked([work()]);
    const own = { colours: RED, pattern: { kind: 'stripe', repeatMm: 50 } } as const;
    const walls = file.room.walls.map((w) =>
      w.id === 'n' ? { ...w, finish: { ...own, colours: [...own.colours] } } : w,
    );
    const striped = { ...file, room: { ...file.room, walls } };
    expect(finishOfWall(striped.room, 'n').pattern.kind).toBe('stripe');
    expect(finishOfWall(inLook(striped, lookOf(striped)).room, 'n')).toEqual({
      colours: BLUE,
      pattern: { kind: 'solid', repeatMm: 0 },
    });
  });
  it('does works one after the other', () => {
    const file = worked([work(onChest), work({ id: 'v', ...onChest }, { colours: RED })]);
    expect(firstColour(file, 'chest', 'n')).toEqual(RED[0]);
  });
  it('is planned with a thing that is cut down', () => {
    const file = worked([work({ ...onPot, act: 'cutDown' }, { heightMm: 60 })]);
    const topOf = (lookId: string) => planLook(file, { lookId }).placed[0]!.at.heightMm;
    expect([topOf('look'), topOf('other')]).toEqual([60, 120]);
  });
  it('takes the seat and the shelves of furniture down with its legs', () => {
    const bookcase = { ...chest, heightMm: 1000, shelvesMm: [50, 400, 700], gapMm: 80 };
    const cut = pieceAfter(bookcase, [work({ ...onChest, act: 'cutDown' }, { heightMm: 900 })]);
    expect(cut).toMatchObject({ heightMm: 900, shelvesMm: [300, 600], gapMm: 0 });
    const painted = pieceAfter(bookcase, [work(onChest, { heightMm: 900 })]);
    expect(painted.shelvesMm).toEqual([50, 400, 700]);
  });
  it('keeps a pattern that is not covered', () => {
    const striped = { ...chest, pattern: { kind: 'stripe', repeatMm: 30 } } as const;
    expect(pieceAfter(striped, [work(onChest)]).pattern.kind).toBe('solid');
    expect(pieceAfter(striped, [work({ ...onChest, act: 'wax' })]).pattern.kind).toBe('stripe');
  });
  it('is not done again once it is done', () => {
    const file = worked([work({ ...onChest, doneOn: '2026-05-01' })]);
    expect(firstColour(file, 'chest', 'n')).toEqual(chest.colours[0]);
    expect(planLook(file, { lookId: 'look' }).sheet.steps.some((s) => s.kind === 'work')).toBe(false);
  });
});

describe('a work that was done', () => {
  const book = (file: RoomFile, count = 5) =>
    after(
      file,
      bookWork(file, lookOf(file), lookOf(file).works[0]!, {
        doneOn: '2026-05-01',
        count,
        newItem: { id: 'pot-2', name: 'Pot, painted' },
      }),
    );
  it('is in the thing, in every look', () => {
    const done = book(worked([work(onChest)]));
    expect(done.pieces[0]!.colours).toEqual(BLUE);
    expect(lookOf(done).works[0]!.doneOn).toBe('2026-05-01');
    expect(firstColour(done, 'chest', 'n', 'other')).toEqual(BLUE[0]);
  });
  it.each(['n', 'e', 's', 'w'])('on the wall %s is in the room', (wallId) => {
    const done = book(worked([work({ on: 'wall', of: wallId })]));
    expect(firstColour(done, 'wall', wallId, 'other')).toEqual(BLUE[0]);
  });
  it('on the trim, the floor or all walls is in the room', () => {
    expect(book(worked([work({ on: 'trim' })])).room.trimFinish.colours).toEqual(BLUE);
    expect(book(worked([work({ on: 'floor' })])).room.floorFinish.colours).toEqual(BLUE);
    expect(book(worked([work()])).room.wallFinish.colours).toEqual(BLUE);
  });
  it('on what is built in is in that', () => {
    const stove = fittingOf({ id: 'stove', wallId: 's' });
    const done = book(worked([work({ on: 'fitting', of: 'stove' })], { fittings: [stove] }));
    expect(done.fittings[0]!.colours).toEqual(BLUE);
  });
  it('is in all of a thing when all were done', () => {
    const done = book(worked([work(onPot)]));
    expect(done.items.map((i) => [i.id, i.count, i.colours[0]!.b])).toEqual([['pot', 5, -28]]);
  });
  it('makes those that were done a thing of their own, which this look uses', () => {
    const done = book(worked([work(onPot)]), 2);
    expect(done.items.map((i) => [i.id, i.count, i.colours[0]!.b])).toEqual([
      ['pot', 3, pot.colours[0]!.b],
      ['pot-2', 2, -28],
    ]);
    expect(lookOf(done).placements[0]!.itemId).toBe('pot-2');
    expect(lookOf(done, 'other').placements[0]!.itemId).toBe('pot');
    expect(lookOf(done).works[0]!).toMatchObject({ itemId: 'pot-2', doneOn: '2026-05-01' });
    expect(checkRoomFile(done)).toEqual([]);
  });
  it('is done in the looks that planned the same', () => {
    const file = worked([work(onChest)]);
    const both = {
      ...file,
      looks: file.looks.map((l) => ({ ...l, works: [work({ ...onChest, id: l.id })] })),
    };
    const done = book(both);
    expect(done.looks.map((l) => l.works[0]!.doneOn)).toEqual(['2026-05-01', '2026-05-01']);
  });
  it('says nothing of the colour that was measured before', () => {
    const read = { ...pot, spectrum: Array.from({ length: 31 }, () => 0.5), colourFrom: 'reader' } as const;
    const done = book(worked([work(onPot)], { items: [{ ...read, spectrum: [...read.spectrum] }] }));
    expect(done.items[0]!).toMatchObject({ spectrum: null, colourFrom: 'typed' });
  });
});

describe('what a work is done on', () => {
  it.each([
    ['a wall that is not there', { on: 'wall', of: 'x' }],
    ['no wall at all', { on: 'wall' }],
    ['a piece by the id of a wall', { on: 'piece', of: 'n' }],
    ['a thing that is not there', { on: 'item', itemId: 'x' }],
    ['no thing', { on: 'item' }],
    ['the trim and a thing', { on: 'trim', itemId: 'pot' }],
    ['all walls and one', { on: 'walls', of: 'n' }],
  ] as const)('is refused when it is %s', (_, more) => {
    expect(checkRoomFile(worked([work(more)])).length).toBeGreaterThan(0);
  });
  it('goes with the piece that is removed', () => {
    const file = worked([work(onChest), work({ id: 'v', on: 'trim' })]);
    const gone = applyChange(file, { do: 'removePiece', id: 'chest' });
    expect(lookOf(gone).works.map((w) => w.id)).toEqual(['v']);
  });
});
