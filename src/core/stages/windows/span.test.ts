import { describe, expect, test } from 'vitest';
import { bareRoom, inches, opening, toIn } from '../../../../tests/helpers/rooms';
import { wallsOf } from '../../room/walls';
import { bentSpan, floorOf, glassOf, glassUnder, onWalls, outerOf, straightSpan } from './span';

const walls = wallsOf(bareRoom().room);
const wallOf = (id: string) => walls.find((w) => w.id === id)!;
const at = (wallId: string, xIn: number, dropsIn: [number, number, number] | null, widthIn = 36) => {
  const [left = 0, middle = 0, right = 0] = dropsIn ?? [];
  return {
    wall: wallOf(wallId),
    opening: opening({
      id: `${wallId}${xIn}`,
      wallId,
      xMm: inches(xIn),
      widthMm: inches(widthIn),
      trimMm: inches(2),
      dropsMm: dropsIn && { left: inches(left), middle: inches(middle), right: inches(right) },
    }),
  };
};
// the frame's top is 78 in: a drop of 79 is a floor one inch below the datum
const left = at('n', 20, [78, 78.5, 79]);
const right = at('n', 100, [80, 79, 78]);

describe('two windows of one wall under one rod', () => {
  const span = bentSpan([left, right], inches(4));

  test('between them each is in charge of its half: the floor is that of the nearer window', () => {
    // half way from 56 to 100 is 78; beyond its frame a window's floor stays level
    const floor = (fromIn: number, toIn_: number) => {
      const { highMm, lowMm } = floorOf(span, inches(fromIn), inches(toIn_));
      return [toIn(highMm) + 0, toIn(lowMm) + 0];
    };
    expect(floor(60, 70)).toEqual([-1, -1]);
    expect(floor(80, 95)).toEqual([-2, -2]);
    expect(floor(70, 90)).toEqual([-1, -2]);
    expect(floor(20, 56)).toEqual([0, -1]);
    expect(floor(100, 136)).toEqual([0, -2]);
    expect(floor(10, 150)).toEqual([0, -2]);
  });

  test('it counts as measured only where both are', () => {
    expect(floorOf(span, inches(60), inches(70)).measured).toBe(true);
    const half = bentSpan([left, at('n', 100, null)], inches(4));
    expect(floorOf(half, inches(60), inches(70)).measured).toBe(false);
  });

  test('its glass and its outer edges are those of both', () => {
    const outer = outerOf(span);
    expect([toIn(outer.leftMm), toIn(outer.rightMm)]).toEqual([18, 138]);
    expect(glassOf(span).map((g) => [toIn(g.fromMm), toIn(g.toMm)])).toEqual([
      [20, 56],
      [100, 136],
    ]);
    const stretch = [{ fromMm: inches(50), toMm: inches(110) }];
    expect(toIn(glassUnder(span, stretch))).toBe(16);
    expect(glassUnder(span, [])).toBe(0);
  });

  test('the wall that they share is reported once', () => {
    expect(onWalls(span, inches(18), inches(138))).toEqual([
      { wallId: 'n', fromXMm: inches(18), toXMm: inches(138) },
    ]);
  });
});

test('a single window hangs by itself: along the rod is along its wall', () => {
  const span = straightSpan(right.opening);
  expect(toIn(floorOf(span, inches(100), inches(118)).highMm)).toBe(-1);
  expect(toIn(floorOf(span, inches(100), inches(118)).lowMm)).toBe(-2);
  expect(onWalls(span, inches(100), inches(118))).toEqual([
    { wallId: 'n', fromXMm: inches(100), toXMm: inches(118) },
  ]);
});

test('round a corner each wall has its own stretch, and the rod turns its stand-off before the corner', () => {
  const span = bentSpan([at('n', 120, [78, 78, 78]), at('e', 20, [79, 79, 79])], inches(4));
  const turnMm = inches(168 - 4);
  const stretches = onWalls(span, inches(118), turnMm + inches(50));
  expect(stretches.map((s) => s.wallId)).toEqual(['n', 'e']);
  expect(toIn(stretches[0]!.toXMm)).toBeCloseTo(164, 6);
  expect(toIn(stretches[1]!.fromXMm)).toBeCloseTo(4, 6);
  expect(span.bendsDeg[0]).toBeCloseTo(90, 6);
  expect(toIn(floorOf(span, turnMm + inches(10), turnMm + inches(20)).highMm)).toBe(-1);
  expect(toIn(floorOf(span, inches(120), inches(130)).highMm)).toBe(0);
});
