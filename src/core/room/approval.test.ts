import { describe, expect, it } from 'vitest';
import { bareRoom, hanging, inches, piece, placement, onSeat } from '../../../tests/helpers/rooms';
import { art } from '../../../tests/helpers/grouped';
import type { Change } from '../model/change';
import { headOfLook } from '../model/nouns';
import type { RoomFile } from '../model/types';
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
  ])('is so no longer after %s', (_, change, left) => {
    expect(after(change)).toEqual(left);
  });
});
