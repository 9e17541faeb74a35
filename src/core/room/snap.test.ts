import { describe, expect, it } from 'vitest';
import { bareRoom, opening, piece } from '../../../tests/helpers/rooms';
import type { Piece } from '../model/types';
import { snapPiece } from './snap';
import { wallsOf } from './walls';

const file = bareRoom(4000, 3000);
const walls = wallsOf(file.room);
const centre = { xMm: 2000, yMm: 1500 };
const box = (id: string, xMm: number, yMm: number, more: Partial<Piece> = {}) =>
  piece({ id, kind: 'chest', seat: null, xMm, yMm, widthMm: 600, depthMm: 400, turnDeg: 0, ...more });
const snap = (
  p: ReturnType<typeof box>,
  others = [] as ReturnType<typeof box>[],
  openings = [] as ReturnType<typeof opening>[],
) => {
  const s = snapPiece(p, { others, openings, walls, centre }, 50);
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
    expect(
      snap(box('p', 1420, 700), [
        box('a', 500, 700, { widthMm: 400 }),
        box('b', 2300, 700, { widthMm: 400 }),
      ]),
    ).toEqual([1400, 700, ['centre', 'gaps', 'gaps']]);
  });
  it('is left alone in the open, and turned askew it keeps from walls', () => {
    expect(snap(box('p', 1100, 800))).toEqual([1100, 800, []]);
    expect(snap(box('p', 1100, 330, { turnDeg: 30 }))[2]).toEqual([]);
  });
  it('takes a wall before a middle that is nearer, and a middle before gaps', () => {
    expect(snap(box('p', 1000, 230), [box('q', 2400, 220)])).toEqual([1000, 200, ['wall']]);
    const middles = [
      box('a', 500, 700, { widthMm: 400 }),
      box('b', 2300, 700, { widthMm: 400 }),
      box('c', 1430, 2400),
    ];
    expect(snap(box('p', 1420, 700), middles)[0]).toBe(1430);
  });
  it('is drawn from as far as asked, and no farther', () => {
    expect(snap(box('p', 1000, 250))).toEqual([1000, 200, ['wall']]);
    expect(snap(box('p', 1000, 251))).toEqual([1000, 251, []]);
  });
  it('keeps from gaps to what is not beside it, lies flat, or is on one side only', () => {
    const [a, b] = [box('a', 500, 700, { widthMm: 400 }), box('b', 2300, 700, { widthMm: 400 })];
    const gaps = (others: ReturnType<typeof box>[]) =>
      (snap(box('p', 1420, 700), others)[2] as string[]).filter((why) => why === 'gaps');
    expect(gaps([a, b])).toHaveLength(2);
    expect(gaps([a])).toEqual([]);
    expect(gaps([a, { ...b, yMm: 1101 }])).toEqual([]);
    expect(gaps([a, { ...b, yMm: 1099 }])).toHaveLength(2);
    expect(gaps([a, { ...b, kind: 'rug' }])).toEqual([]);
  });
  it('stands midway between the nearest of several neighbours', () => {
    const far = [box('x', 100, 700, { widthMm: 100 }), box('y', 3700, 700, { widthMm: 100 })];
    const close = [box('a', 500, 700, { widthMm: 400 }), box('b', 2300, 700, { widthMm: 400 })];
    expect(snap(box('p', 1420, 700), [...far, ...close])[0]).toBe(1400);
  });
  it('before a wall askew comes flush to it when it is turned its way', () => {
    const corners = [
      { id: 'a', name: '', xMm: 0, yMm: 0 },
      { id: 'b', name: '', xMm: 3000, yMm: 3000 },
      { id: 'c', name: '', xMm: 0, yMm: 3000 },
    ];
    const askew = wallsOf({ walls: corners });
    const facing = askew[0]!.facingDeg;
    const p = box('p', 1300, 1700, { turnDeg: facing });
    const room = { others: [], openings: [], walls: askew, centre: { xMm: 9000, yMm: 9000 } };
    const { piece: flush, guides } = snapPiece(p, room, 120);
    // half its depth from the diagonal
    expect(Math.abs(flush.xMm - flush.yMm) / Math.SQRT2).toBeCloseTo(200, 6);
    expect(guides.map((g) => g.why)).toEqual(['wall']);
  });
});
