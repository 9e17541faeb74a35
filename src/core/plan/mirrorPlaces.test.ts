import { describe, expect, it } from 'vitest';
import { bareRoom, hanging, inches, item, opening, piece } from '../../../tests/helpers/rooms';
import { GROUP } from '../model/defaults';
import type { Hanging, HangingGroup, Opening, Piece, RoomFile } from '../model/types';
import { planLook } from './planLook';

/** A room of 14 by 12 ft with mirrors of 20 by 30 in on its north wall. */
const room = (given: {
  hangings: Partial<Hanging>[];
  openings?: Partial<Opening>[];
  pieces?: Piece[];
  groups?: Partial<HangingGroup>[];
  turned?: boolean;
}): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(96));
  return {
    ...base,
    items: [
      item({
        id: 'mirror',
        name: 'Mirror',
        kind: 'mirror',
        widthMm: inches(20),
        heightMm: inches(30),
        count: 9,
      }),
    ],
    pieces: given.pieces ?? [],
    openings: (given.openings ?? []).map((o, i) =>
      opening({ id: `o${i}`, name: `Window ${i}`, widthMm: inches(36), dropsMm: null, ...o }),
    ),
    looks: [
      {
        ...base.looks[0]!,
        groups: (given.groups ?? []).map((g) => ({
          ...GROUP,
          kind: 'row',
          id: 'group',
          name: 'Three',
          wallId: 'n',
          ...g,
        })),
        hangings: given.hangings.map((h, i) => hanging({ id: `h${i}`, itemId: 'mirror', ...h })),
      },
    ],
  };
};
const does = (file: RoomFile) =>
  planLook(file, { lookId: 'look' })
    .findings.filter((f) => f.code === 'mirror-does' || f.code === 'mirror-idle')
    .map((f) => [f.about[0], f.code === 'mirror-idle' ? 'idle' : f.by.how, f.by.other ?? '']);

describe('what a mirror does', () => {
  it('carries on the light of a window that it faces, on whichever wall it hangs', () => {
    // south wall runs from the east: 66 in along it is under 84 in along the north wall
    expect(does(room({ hangings: [{}], openings: [{ wallId: 's', xMm: inches(66) }] }))).toEqual([
      ['h0', 'opposite', 'Window 0'],
    ]);
    expect(does(room({ hangings: [{}], openings: [{ wallId: 's', xMm: inches(6) }] }))).toEqual([
      ['h0', 'idle', ''],
    ]);
    expect(
      does(
        room({ hangings: [{ wallId: 'e', xMm: inches(72) }], openings: [{ wallId: 'w', xMm: inches(54) }] }),
      ),
    ).toEqual([['h0', 'opposite', 'Window 0']]);
  });
  it('not of one that lies behind its wall, nor of one beyond another wall', () => {
    // two wings with a court between them, open to the north; walls are named by their number
    const corners = [
      [0, 0],
      [60, 0],
      [60, 100],
      [140, 100],
      [140, 0],
      [200, 0],
      [200, 160],
      [0, 160],
    ] as const;
    const wings = (mirrorOn: string, windowOn: string, windowAt: number) => {
      const file = room({
        hangings: [{ wallId: mirrorOn, xMm: inches(50) }],
        openings: [{ wallId: windowOn, xMm: inches(windowAt) }],
      });
      return does({
        ...file,
        room: {
          ...file.room,
          walls: corners.map(([x, y], i) => ({ id: `w${i}`, name: '', xMm: inches(x), yMm: inches(y) })),
        },
      });
    };
    // from one wing’s court wall to the other’s: back to back
    expect(wings('w1', 'w3', 32)).toEqual([['h0', 'idle', '']]);
    // the outer walls face each other with both court walls between
    expect(wings('w5', 'w7', 92)).toEqual([['h0', 'idle', '']]);
    // within one wing
    expect(wings('w1', 'w7', 92)).toEqual([['h0', 'opposite', 'Window 0']]);
  });
  it('or of one within reach, on its own wall or round the corner', () => {
    expect(does(room({ hangings: [{}], openings: [{ wallId: 'n', xMm: inches(129) }] }))).toEqual([
      ['h0', 'beside', 'Window 0'],
    ]);
    expect(does(room({ hangings: [{}], openings: [{ wallId: 'n', xMm: inches(131) }] }))).toEqual([
      ['h0', 'idle', ''],
    ]);
    expect(
      does(room({ hangings: [{ xMm: inches(150) }], openings: [{ wallId: 'e', xMm: inches(10) }] })),
    ).toEqual([['h0', 'beside', 'Window 0']]);
  });
  it('doubles a lamp before it, not one across the room', () => {
    const lamp = (yIn: number) =>
      piece({
        id: 'lamp',
        name: 'Bedside lamp',
        kind: 'tableLamp',
        xMm: inches(84),
        yMm: inches(yIn),
        widthMm: inches(10),
        depthMm: inches(10),
        heightMm: inches(20),
        bottomMm: inches(24),
        seat: null,
      });
    expect(does(room({ hangings: [{}], pieces: [lamp(10)] }))).toEqual([['h0', 'lamp', 'Bedside lamp']]);
    expect(does(room({ hangings: [{}], pieces: [lamp(60)] }))).toEqual([['h0', 'idle', '']]);
  });
  it('opens a corner alone or as three, judged as one', () => {
    const three = (xMm: number) =>
      room({ hangings: [0, 1, 2].map(() => ({ groupId: 'group' })), groups: [{ kind: 'column', xMm }] });
    expect(does(three(inches(30)))).toEqual([['group', 'three', '']]);
    expect(does(three(inches(84)))).toEqual([['group', 'idle', '']]);
    expect(does(room({ hangings: [{ xMm: inches(30) }] }))).toEqual([['h0', 'corner', '']]);
  });
});
