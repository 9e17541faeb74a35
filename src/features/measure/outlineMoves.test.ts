import { describe, expect, it } from 'vitest';
import type { Room } from '../../core/model/types';
import { moveCorner, moveWall } from './outlineMoves';

// a room of 4 m by 3 m, clockwise from its north-west corner
const corners = [
  [0, 0],
  [4000, 0],
  [4000, 3000],
  [0, 3000],
] as const;
const room = {
  unit: 'cm',
  walls: corners.map(([xMm, yMm], i) => ({ id: `w${i}`, name: '', xMm, yMm })),
} as unknown as Room;
const places = (walls: Room['walls']) => walls.map((c) => [Math.round(c.xMm), Math.round(c.yMm)]);

describe('moving an outline', () => {
  it('drags a corner as far as the hand goes, up being towards the north', () => {
    expect(places(moveCorner(room, 2, 500, 400, true))[2]).toEqual([4500, 2600]);
    expect(places(moveCorner(room, 2, 500, 400, true)).filter((_, i) => i !== 2)).toEqual([
      [0, 0],
      [4000, 0],
      [0, 3000],
    ]);
  });

  it('draws it plumb and level with its neighbours where it comes near, and not by keys', () => {
    expect(places(moveCorner(room, 2, 40, -500, true))[2]).toEqual([4000, 3500]);
    expect(places(moveCorner(room, 2, 40, -500, false))[2]).toEqual([4040, 3500]);
    expect(places(moveCorner(room, 2, 500, 59, true))[2]).toEqual([4500, 3000]);
    expect(places(moveCorner(room, 2, 500, 61, true))[2]).toEqual([4500, 2939]);
  });

  it.each([
    { wall: 0, dx: 0, dy: 300, moved: [0, 1], amount: [0, -300] },
    { wall: 1, dx: 300, dy: 0, moved: [1, 2], amount: [300, 0] },
    { wall: 2, dx: 0, dy: -300, moved: [2, 3], amount: [0, 300] },
    { wall: 3, dx: -300, dy: 0, moved: [3, 0], amount: [-300, 0] },
  ])('pushes wall $wall square to itself, both its ends by as much', ({ wall, dx, dy, moved, amount }) => {
    const next = places(moveWall(room, wall, dx, dy));
    next.forEach(([x, y], i) => {
      const [fromX, fromY] = corners[i]!;
      expect([x! - fromX, y! - fromY]).toEqual(moved.includes(i) ? amount : [0, 0]);
    });
    // what of a drag goes along the wall does nothing
    expect(places(moveWall(room, wall, dx === 0 ? 700 : dx, dy === 0 ? 700 : dy))).toEqual(next);
  });
});
