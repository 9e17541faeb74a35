import { describe, expect, it } from 'vitest';
import { bareRoom, opening, piece } from '../../../tests/helpers/rooms';
import { snapPiece } from './snap';
import { wallsOf } from './walls';

const file = bareRoom(4000, 3000);
const walls = wallsOf(file.room);
const centre = { xMm: 2000, yMm: 1500 };
const box = (id: string, x: number, y: number, w = 600, d = 400, turnDeg = 0) =>
  piece({ id, kind: 'chest', seat: null, xMm: x, yMm: y, widthMm: w, depthMm: d, turnDeg });
const snap = (
  p: ReturnType<typeof box>,
  others = [] as ReturnType<typeof box>[],
  openings = [] as ReturnType<typeof opening>[],
) => {
  const s = snapPiece(p, others, openings, walls, centre, 50);
  return [
    Math.round(s.piece.xMm * 10) / 10,
    Math.round(s.piece.yMm * 10) / 10,
    s.guides.map((g) => g.why).sort(),
  ];
};

describe('a dragged piece', () => {
  it('goes flush to a wall near its edge, and to a corner in both ways', () => {
    expect(snap(box('p', 1000, 230))).toEqual([1000, 200, ['wall']]);
    expect(snap(box('p', 330, 170))).toEqual([300, 200, ['wall', 'wall']]);
  });
  it('comes to the middle of the room, of another piece, of a window', () => {
    expect(snap(box('p', 2030, 900))[0]).toBe(2000);
    expect(snap(box('p', 1240, 900), [box('q', 1200, 2400)])[0]).toBe(1200);
    expect(snap(box('p', 3140, 900), [], [opening({ wallId: 'n', xMm: 2900, widthMm: 400 })])[0]).toBe(3100);
  });
  it('stands with equal gaps between its neighbours', () => {
    expect(snap(box('p', 1420, 700), [box('a', 500, 700, 400), box('b', 2300, 700, 400)])).toEqual([
      1400,
      700,
      ['centre', 'gaps', 'gaps'],
    ]);
  });
  it('is left alone in the open, and turned askew it keeps from walls', () => {
    expect(snap(box('p', 1100, 800))).toEqual([1100, 800, []]);
    expect(snap(box('p', 1100, 330, 600, 400, 30))[2]).toEqual([]);
  });
});
