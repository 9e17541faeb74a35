import { describe, expect, it } from 'vitest';
import { bareRoom } from '../../../../tests/helpers/rooms';
import { wallsOf } from '../../../core/room/walls';
import { besideWalls } from './besideWalls';
import { PLAN, planScale } from './PlanShapes';

const linesOf = (corners: [number, number][]) => {
  const bare = bareRoom();
  const file = {
    ...bare,
    room: { ...bare.room, walls: corners.map(([xMm, yMm], i) => ({ id: `w${i}`, name: '', xMm, yMm })) },
  };
  const scale = planScale(file, PLAN.width, PLAN.height, PLAN.margin);
  return { lines: besideWalls(wallsOf(file.room), scale), scale };
};
const middle = (l: { x1: number; y1: number; x2: number; y2: number }) =>
  [(l.x1 + l.x2) / 2, (l.y1 + l.y2) / 2] as const;

describe('lengths beside their walls', () => {
  it('stand outside a plain room, all as far from their wall', () => {
    const { lines, scale } = linesOf([
      [0, 0],
      [4000, 0],
      [4000, 3000],
      [0, 3000],
    ]);
    expect(lines.map(middle)).toEqual(
      [
        [scale.x(2000), scale.y(0) - 26],
        [scale.x(4000) + 26, scale.y(1500)],
        [scale.x(2000), scale.y(3000) + 26],
        [scale.x(0) - 26, scale.y(1500)],
      ].map((p) => p.map((n) => expect.closeTo(n, 6) as number)),
    );
  });
  it('do not lie on one another in a chimney breast, nor cross at an inner corner', () => {
    for (const corners of [
      [
        [0, 0],
        [4200, 0],
        [4200, 4100],
        [2600, 4100],
        [2600, 3600],
        [1500, 3600],
        [1500, 4100],
        [0, 4100],
      ],
      [
        [0, 0],
        [5000, 0],
        [5000, 2000],
        [3000, 2000],
        [3000, 4000],
        [0, 4000],
      ],
    ] as [number, number][][]) {
      const { lines } = linesOf(corners);
      lines.forEach((a, i) =>
        lines.slice(i + 1).forEach((b) => {
          const [[ax, ay], [bx, bY]] = [middle(a), middle(b)];
          expect(Math.abs(ax - bx) >= 34 || Math.abs(ay - bY) >= 18).toBe(true);
          const level = (l: typeof a) => Math.abs(l.y1 - l.y2) < 1;
          if (level(a) === level(b)) return;
          const [flat, upright] = level(a) ? [a, b] : [b, a];
          const crosses =
            Math.min(flat.x1, flat.x2) < upright.x1 &&
            upright.x1 < Math.max(flat.x1, flat.x2) &&
            Math.min(upright.y1, upright.y2) < flat.y1 &&
            flat.y1 < Math.max(upright.y1, upright.y2);
          expect(crosses).toBe(false);
        }),
      );
    }
  });
});
