import { describe, expect, it } from 'vitest';
import type { Item, Placement } from '../../model/types';
import { pastEdge } from './edges';
import type { Spot } from './spot';

const top = (more: Partial<Spot> = {}): Spot => ({
  of: 'table',
  part: 'top',
  kind: 'top',
  name: 'Table',
  partsOfKind: 1,
  root: 'table',
  middle: { xMm: 1000, yMm: 1000 },
  turnDeg: 0,
  zMm: 600,
  widthMm: 800,
  depthMm: 800,
  round: true,
  clearMm: null,
  ...more,
});
const at = (
  kind: Item['kind'],
  [x, y]: readonly [number, number],
  sizeMm: number,
  more: Partial<Placement> = {},
) => ({
  item: { kind, round: false },
  placement: { lie: 'standing' as const, ...more },
  at: {
    xMm: 1000 + x,
    yMm: 1000 + y,
    zMm: 600,
    turnDeg: 0,
    widthMm: sizeMm,
    depthMm: sizeMm,
    heightMm: 100,
  },
});

describe('the edge of a round top', () => {
  it('is passed by corners where the sides of a square one are not', () => {
    const basket = at('basket', [250, 250], 100);
    // its outer corner is 300 out both ways: 424 from the middle of a top of 400
    expect(pastEdge(top(), basket).byMm).toBeCloseTo(Math.hypot(300, 300) - 400, 6);
    expect(pastEdge(top({ round: false }), basket).byMm).toBe(-100);
    expect(pastEdge(top(), basket).isMiddleOff).toBe(false);
  });
  it('is passed by a vase as far as its own round goes', () => {
    const vase = at('vase', [200, 200], 100);
    expect(pastEdge(top(), vase).byMm).toBeCloseTo(Math.hypot(200, 200) + 50 - 400, 0);
    // lying on its side it has corners
    const lying = at('vase', [250, 250], 100, { lie: 'side' });
    expect(pastEdge(top(), lying).byMm).toBeCloseTo(Math.hypot(300, 300) - 400, 6);
  });
  it('is the same whichever way the table is turned, and lets go of what has its middle past it', () => {
    for (const turnDeg of [0, 90, 137]) {
      expect(pastEdge(top({ turnDeg }), at('vase', [0, 300], 100)).byMm).toBeCloseTo(-50, 0);
      expect(pastEdge(top({ turnDeg }), at('vase', [290, 290], 20)).isMiddleOff).toBe(true);
    }
    expect(pastEdge(top(), at('vase', [0, 0], 100)).byMm).toBeCloseTo(50 - 400, 0);
  });
  it('is not passed by what has its middle right on it, wherever the table stands', () => {
    const square = top({ round: false });
    const { x, y } = { x: square.widthMm / 2, y: square.depthMm / 2 };
    for (const on of [
      [x, 0],
      [-x, 0],
      [0, y],
      [0, -y],
    ] as const) {
      const past = (mm: number) =>
        pastEdge(square, at('basket', [on[0] * (1 + mm / x), on[1] * (1 + mm / y)], 100)).isMiddleOff;
      expect([past(1e-9), past(0.1)], String(on)).toEqual([false, true]);
    }
  });
  it('is further out along an oval than across it', () => {
    const oval = top({ widthMm: 1200, depthMm: 600 });
    expect(pastEdge(oval, at('candle', [560, 0], 60)).byMm).toBeCloseTo(-10, 0);
    expect(pastEdge(oval, at('candle', [0, 280], 60)).byMm).toBeCloseTo(10, 0);
    // and turned by a quarter the other way about
    expect(pastEdge({ ...oval, turnDeg: 90 }, at('candle', [0, 560], 60)).byMm).toBeCloseTo(-10, 0);
  });
});
