import { describe, expect, it } from 'vitest';
import { bareRoom, hanging, inches, piece, placement, onSeat } from '../../../tests/helpers/rooms';
import { art } from '../../../tests/helpers/grouped';
import type { Change } from '../model/change';
import { BROUGHT, WORK } from '../model/defaults';
import { headOfLook } from '../model/nouns';
import type { RoomFile, Work } from '../model/types';
import { applyKept } from './approval';

const base = bareRoom(inches(168), inches(144), inches(96));
const sofa = piece({ xMm: inches(84), yMm: inches(19) });
const start: RoomFile = {
  ...base,
  items: [art('a', 20, 16), art('b', 20, 16)],
  pieces: [sofa],
  looks: [
    {
      ...base.looks[0]!,
      hangings: [
        hanging({ id: 'h', itemId: 'a', wallId: 'n' }),
        hanging({ id: 'i', itemId: 'b', wallId: 'e' }),
      ],
      placements: [placement({ id: 'p', itemId: 'a', ...onSeat(sofa.id) })],
    },
  ],
};
const look = start.looks[0]!;
const lookId = look.id;
const approved: RoomFile = applyKept(start, {
  do: 'putLook',
  look: { ...headOfLook(look), approvedWallIds: ['n', 'e'] },
});
const work = (more: Partial<Work>): Work => ({ ...WORK, id: 'w', act: 'paint', on: 'walls', ...more });
const after = (change: Change): string[] => applyKept(approved, change).looks[0]!.approvedWallIds;

describe('a wall that was approved', () => {
  it('is so until something of it changes', () => {
    expect(approved.looks[0]!.approvedWallIds).toEqual(['n', 'e']);
    expect(after({ do: 'setRoom', room: { ...start.room, note: 'x' } })).toEqual(['n', 'e']);
    expect(after({ do: 'moveItem', id: 'a', to: { tagsOn: false } })).toEqual(['n', 'e']);
  });
  it.each<[string, Change, string[]]>([
    ['a picture on it', { do: 'putHanging', lookId, hanging: { ...look.hangings[0]!, xMm: 700 } }, ['e']],
    [
      'a picture on another wall',
      { do: 'putHanging', lookId, hanging: { ...look.hangings[1]!, xMm: 700 } },
      ['n'],
    ],
    ['a picture taken down', { do: 'removeHanging', lookId, id: 'h' }, ['e']],
    [
      'a picture hung on both, one after the other',
      { do: 'putHanging', lookId, hanging: { ...look.hangings[0]!, wallId: 'e' } },
      [],
    ],
    [
      'a pillow on its sofa',
      { do: 'putPlacement', lookId, placement: { ...look.placements[0]!, xMm: 5 } },
      ['e'],
    ],
    ['the sofa in front of it', { do: 'putPiece', piece: { ...sofa, xMm: sofa.xMm + 10 } }, ['e']],
    ['a sofa taken away', { do: 'removePiece', id: sofa.id }, ['e']],
    ['paint on it', { do: 'putWork', lookId, work: work({ on: 'wall', of: 'n' }) }, ['e']],
    ['paint on another wall', { do: 'putWork', lookId, work: work({ on: 'wall', of: 'e' }) }, ['n']],
    ['paint on all walls', { do: 'putWork', lookId, work: work({}) }, []],
    ['paint on the floor', { do: 'putWork', lookId, work: work({ on: 'floor' }) }, ['n', 'e']],
    ['paint on its sofa', { do: 'putWork', lookId, work: work({ on: 'piece', of: sofa.id }) }, ['e']],
    ['paint on its picture', { do: 'putWork', lookId, work: work({ on: 'item', itemId: 'b' }) }, ['n']],
    [
      'a work on it that was done',
      { do: 'putWork', lookId, work: work({ on: 'wall', of: 'n', doneOn: '2026-05-01' }) },
      ['n', 'e'],
    ],
  ])('is so no longer after %s', (_, change, left) => {
    expect(after(change)).toEqual(left);
  });
});

describe('zones that were approved one by one', () => {
  const zones = ['floor', `on:${sofa.id}`, 'wall:n', 'wall:e'];
  const byZone: RoomFile = applyKept(start, {
    do: 'putLook',
    look: { ...headOfLook(look), approvedZones: zones },
  });
  const left = (change: Change): string[] => applyKept(byZone, change).looks[0]!.approvedZones;
  it.each<[string, Change, string[]]>([
    ['a note', { do: 'setRoom', room: { ...start.room, note: 'x' } }, zones],
    [
      'a pillow on the sofa',
      { do: 'putPlacement', lookId, placement: { ...look.placements[0]!, xMm: 5 } },
      ['floor', 'wall:n', 'wall:e'],
    ],
    [
      'a picture on the north wall',
      { do: 'putHanging', lookId, hanging: { ...look.hangings[0]!, xMm: 700 } },
      ['floor', `on:${sofa.id}`, 'wall:e'],
    ],
    [
      'the sofa moved for this look',
      {
        do: 'putMoved',
        lookId,
        moved: { id: sofa.id, isOut: false, xMm: sofa.xMm + 9, yMm: sofa.yMm, turnDeg: 0 },
      },
      ['wall:n', 'wall:e'],
    ],
    [
      'a picture of the stash that is no furniture',
      {
        do: 'putBrought',
        lookId,
        brought: { id: 'c', itemId: 'a', ...BROUGHT, xMm: 900, yMm: 2000, turnDeg: 0 },
      },
      zones,
    ],
    ['the sofa taken away', { do: 'removePiece', id: sofa.id }, ['wall:n', 'wall:e']],
  ])('are those that it leaves as they were: %s', (_, change, kept) => {
    expect(left(change)).toEqual(kept);
  });
});
