import { describe, expect, it } from 'vitest';
import { bareRoom, piece } from '../../../../tests/helpers/rooms';
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
  const walls = wallsOf(file.room);
  return { lines: besideWalls(walls, scale), walls, scale };
};
const middle = (l: { x1: number; y1: number; x2: number; y2: number }) =>
  [(l.x1 + l.x2) / 2, (l.y1 + l.y2) / 2] as const;

const L_ROOM: [number, number][] = [
  [0, 0],
  [5000, 0],
  [5000, 2000],
  [3000, 2000],
  [3000, 4000],
  [0, 4000],
];

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
      L_ROOM,
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
  it('are written beside what stands at an inner corner, not on it', () => {
    const { lines, walls, scale } = linesOf(L_ROOM);
    const inner = middle(lines[3]!);
    expect(inner[0]).toBeCloseTo(scale.x(3000) - 26, 6);
    const [xMm, yMm] = [scale.toMm(inner[0] - scale.x(0)), scale.toMm(inner[1] - scale.y(0))];
    const chair = piece({ kind: 'armchair', xMm, yMm, widthMm: 300, depthMm: 300 });
    const [x, y] = middle(besideWalls(walls, scale, [chair])[3]!);
    expect(y).toBeCloseTo(inner[1], 6);
    // the chair is 300 mm wide, the number 34
    expect(Math.abs(x - inner[0])).toBeGreaterThanOrEqual(17 + 150 * scale.perMm);
    expect(x).toBeLessThan(scale.x(3000));
    // no room for it anywhere within: outside, across the other line
    const sofa = { ...chair, widthMm: 3000, depthMm: 1900, xMm: xMm - 400 };
    expect(middle(besideWalls(walls, scale, [sofa])[3]!)[0]).toBeCloseTo(scale.x(3000) + 26, 6);
    // what lies flat is written over
    expect(middle(besideWalls(walls, scale, [{ ...chair, kind: 'rug' }])[3]!)).toEqual(inner);
  });
});
