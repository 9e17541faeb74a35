import { describe, expect, test } from 'vitest';
import { planHoles } from './holes';

const box = { xMm: 1000, yMm: 1000, widthMm: 600, heightMm: 400 };
const hole = (id: string, xMm: number, heightMm: number) => ({ id, xMm, heightMm });
const nail = { xMm: 1300, heightMm: 1350 };
const plan = (holes: ReturnType<typeof hole>[], nails = [nail], reachMm = 100) =>
  planHoles({ holes, nails, boxes: [box], reachMm, allows: () => true });

describe('holes that are in the wall already', () => {
  test('a nail goes into one that is nearer than two millimetres, any way', () => {
    for (const [dx, dy] of [
      [1.9, 0],
      [0, -1.9],
      [-1.3, 1.3],
    ] as const)
      expect(plan([hole('a', 1300 + dx, 1350 + dy)])).toMatchObject({ used: ['a'], shift: null });
    expect(plan([hole('a', 1302.1, 1350)]).used).toEqual([]);
  });
  test('one behind the piece is hidden, a centimetre inside each edge', () => {
    const inside = [
      hole('w', 1011, 1200),
      hole('e', 1589, 1200),
      hole('s', 1300, 1011),
      hole('n', 1200, 1389),
    ];
    expect(plan(inside).hidden).toEqual(['w', 'e', 's', 'n']);
    const edges = [
      hole('w', 1009, 1200),
      hole('e', 1591, 1200),
      hole('s', 1300, 1009),
      hole('n', 1200, 1391),
    ];
    expect(plan(edges).hidden).toEqual([]);
  });
  test('one that a nail uses is not hidden too', () => {
    expect(plan([hole('a', 1300, 1350)])).toEqual({ used: ['a'], hidden: [], shift: null });
  });
});

describe('the least shift that makes something of a hole', () => {
  test('takes the nearest nail to it', () => {
    const nails = [
      { xMm: 1200, heightMm: 1350 },
      { xMm: 1400, heightMm: 1350 },
    ];
    expect(plan([hole('a', 1430, 1340)], nails).shift).toEqual({ dxMm: 30, dyMm: -10, uses: true });
  });
  test('rather uses one farther off than hides one that is near', () => {
    const holes = [hole('beside', 1595, 1200), hole('near', 1340, 1350)];
    expect(plan(holes).shift).toEqual({ dxMm: 40, dyMm: 0, uses: true });
  });
  test('hides one outside by the shorter way, where no nail reaches it', () => {
    expect(plan([hole('left', 980, 1200)]).shift).toEqual({ dxMm: -30, dyMm: 0, uses: false });
    expect(plan([hole('right', 1640, 1200)]).shift).toEqual({ dxMm: 50, dyMm: 0, uses: false });
    expect(plan([hole('corner', 980, 1440)]).shift).toEqual({ dxMm: -30, dyMm: 50, uses: false });
  });
  test('leaves alone what is farther than the rule’s reach, and has none where a hole is used already', () => {
    expect(plan([hole('far', 1300, 1451)]).shift).toEqual({ dxMm: 0, dyMm: 61, uses: false });
    expect(plan([hole('far', 1300, 1501)], [nail], 100).shift).toBeNull();
    expect(plan([hole('used', 1300, 1350), hole('near', 1310, 1350)]).shift).toBeNull();
    expect(plan([])).toEqual({ used: [], hidden: [], shift: null });
  });
});
