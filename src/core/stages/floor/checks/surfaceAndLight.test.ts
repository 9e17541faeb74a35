import { describe, expect, it } from 'vitest';
import { chestAt, floorOf, sofaAt } from '../../../../../tests/helpers/floor';
import { bareRoom, inches } from '../../../../../tests/helpers/rooms';
import type { Piece } from '../../../model/types';

const room = bareRoom(inches(240), inches(200));
const lamp = (id: string, xIn: number, yIn: number): Piece =>
  chestAt(id, [inches(xIn), inches(yIn)], [300, 300], { kind: 'floorLamp' });
const sofa = sofaAt(120, 20, 0, { name: 'Sofa' });
const lampNamed = (pieces: Piece[]) =>
  floorOf({ ...room, pieces }).findings.find((f) => f.code === 'seat-without-light')?.by.other;

describe('a seat out of reach of two lamps', () => {
  it('is told of the nearer one', () => {
    const [near, far] = [lamp('near', 30, 150), lamp('afar', 215, 170)];
    expect(lampNamed([sofa, near, far])).toBe('near');
    expect(lampNamed([far, sofa, near])).toBe('near');
  });
  it('is told of the same one of two that are equally near, wherever the room lies and whichever is listed first', () => {
    const [left, right] = [lamp('left', 20, 170), lamp('right', 220, 170)];
    for (const byMm of [0, 437.3, -1234.567]) {
      const move = (p: Piece): Piece => ({ ...p, xMm: p.xMm + byMm });
      const walls = room.room.walls.map((w) => ({ ...w, xMm: w.xMm + byMm }));
      const named = (pieces: Piece[]) =>
        floorOf({ ...room, room: { ...room.room, walls }, pieces: pieces.map(move) }).findings.find(
          (f) => f.code === 'seat-without-light',
        )?.by.other;
      expect(named([sofa, left, right])).toBe('left');
      expect(named([right, left, sofa])).toBe('left');
    }
  });
});
