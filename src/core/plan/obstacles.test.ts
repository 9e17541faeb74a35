import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  dressing,
  hanging,
  inches,
  inchRules,
  item,
  opening,
  piece,
  toIn,
} from '../../../tests/helpers/rooms';
import type { RoomFile } from '../model/types';
import { startOn } from './obstacles';
import { planLook } from './planLook';

const art = (w: number, h: number) =>
  item({ id: 'art', kind: 'art', widthMm: inches(w), heightMm: inches(h) });
const start = (
  w: number,
  h: number,
  more: Partial<RoomFile> = {},
  look: Partial<RoomFile['looks'][number]> = {},
) => {
  const base = bareRoom(inches(168), inches(144), inches(96));
  const file: RoomFile = { ...base, ...more, items: [art(w, h)], looks: [{ ...base.looks[0]!, ...look }] };
  const started = startOn('n', art(w, h), file.looks[0]!, {
    file,
    plan: planLook(file, { lookId: 'look' }),
    rules: inchRules(),
  });
  return [started.xMm === null ? null : toIn(started.xMm), started.overPieceId];
};

describe('where a new piece is hung', () => {
  it('on a bare wall where the rule puts it', () => expect(start(30, 20)).toEqual([null, null]));
  it('beside a window and its curtain, in the widest stretch that is free', () => {
    const window = opening({ xMm: inches(50), widthMm: inches(40), trimMm: 0 });
    // 2 in are kept round the window: 92 to 168 is free
    expect(start(30, 20, { openings: [window] })).toEqual([130, null]);
    const dressed = start(30, 20, { openings: [window] }, { dressings: [dressing({})] });
    expect(dressed[0]).toBeGreaterThan(130);
  });
  it('over the sofa where that stands there, unless something hangs over it already', () => {
    expect(start(30, 20, { pieces: [piece()] })).toEqual([null, 'p1']);
    expect(start(30, 50, { pieces: [piece()] })).toEqual([null, 'p1']);
    const [x, findings_] = start(
      30,
      20,
      { pieces: [piece()] },
      { hangings: [hanging({ itemId: 'art', overPieceId: 'p1' })] },
    );
    expect(findings_).toBeNull();
    expect(x).not.toBeNull();
  });
  it('not before what is taller than its centre; and by the rule where nothing is free', () => {
    const bookcase = piece({
      kind: 'bookcase',
      seat: null,
      xMm: inches(90),
      yMm: inches(6),
      widthMm: inches(60),
      depthMm: inches(12),
      heightMm: inches(72),
    });
    expect(start(30, 20, { pieces: [bookcase] })).toEqual([29, null]);
    expect(start(160, 20, { pieces: [bookcase] })).toEqual([null, null]);
  });
});
