import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  boxesOverlap,
  distanceToSegment,
  insidePolygon,
  overlapLength,
  polygonArea,
  polygonCentre,
  apart,
  turnedCorners,
  turnedOval,
} from './plane';
import { overlapDepth } from './convex';
import { seenOf, visibleAreas, type Seen } from './visible';

const p = (xMm: number, yMm: number) => ({ xMm, yMm });
const box = (xMm: number, yMm: number, widthMm: number, heightMm: number) => ({
  xMm,
  yMm,
  widthMm,
  heightMm,
});
const L = [p(0, 0), p(300, 0), p(300, 150), p(190, 150), p(190, 280), p(0, 280)];

describe('outlines', () => {
  it('area is positive walked clockwise on the plan', () => {
    expect(polygonArea(L)).toBe(300 * 150 + 190 * 130);
    expect(polygonArea([...L].reverse())).toBeLessThan(0);
  });
  it('centre of a rectangle', () =>
    expect(polygonCentre([p(0, 0), p(40, 0), p(40, 20), p(0, 20)])).toEqual(p(20, 10)));
  it.each([
    [p(10, 10), true],
    [p(299, 149), true],
    [p(250, 200), false],
    [p(300, 70), true],
    [p(300.4, 70), true],
    [p(302, 70), false],
    [p(-1, 5), false],
  ])('%j inside the L: %s', (point, inside) => {
    expect(insidePolygon(point, L)).toBe(inside);
  });
  it('a turned rectangle keeps its size, and a right angle swaps it', () => {
    const c = turnedCorners(p(100, 100), 40, 20, 90);
    expect(Math.max(...c.map((q) => q.xMm)) - Math.min(...c.map((q) => q.xMm))).toBeCloseTo(20, 9);
    expect(Math.max(...c.map((q) => q.yMm)) - Math.min(...c.map((q) => q.yMm))).toBeCloseTo(40, 9);
  });
  it('distance to a wall, past its end too', () => {
    expect(distanceToSegment(p(5, 5), p(0, 0), p(10, 0))).toBe(5);
    expect(distanceToSegment(p(13, 4), p(0, 0), p(10, 0))).toBe(5);
    expect(distanceToSegment(p(3, 4), p(0, 0), p(0, 0))).toBe(5);
  });
  it('touching is not overlapping', () => {
    expect(boxesOverlap(box(0, 0, 10, 10), box(10, 0, 10, 10))).toBe(false);
    expect(boxesOverlap(box(0, 0, 10, 10), box(9, 9, 10, 10))).toBe(true);
    expect(overlapLength(0, 5, 7, 9)).toBe(0);
  });
});

describe('round outlines', () => {
  it('are as wide and deep as the thing, to half a hundredth at their corners, and hold its area', () => {
    const round = turnedOval(p(500, 300), 800, 400, 0);
    const [xs, ys] = [round.map((q) => q.xMm), round.map((q) => q.yMm)];
    expect([Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)].map(Math.round)).toEqual([
      100, 900, 100, 500,
    ]);
    expect(polygonArea(round) / (Math.PI * 400 * 200)).toBeCloseTo(1.003, 2);
    for (const q of round) {
      const times = Math.hypot((q.xMm - 500) / 400, (q.yMm - 300) / 200);
      expect(times).toBeGreaterThan(1);
      expect(times).toBeLessThan(1.005);
    }
  });
  it('turn as boxes do', () => {
    const [oval, box] = [turnedOval, turnedCorners].map((outline) => outline(p(0, 0), 900, 300, 90));
    expect(Math.max(...oval!.map((q) => q.yMm))).toBeCloseTo(Math.max(...box!.map((q) => q.yMm)), 6);
    expect(Math.max(...oval!.map((q) => q.xMm))).toBeCloseTo(150, 6);
  });
  it('leave more room at their corners', () => {
    const corner = [p(500, 500), p(600, 500), p(600, 600), p(500, 600)];
    expect(apart(turnedOval(p(0, 0), 800, 800, 0), corner).mm).toBeCloseTo(Math.hypot(500, 500) - 400, 0);
  });
});

describe('how deep two outlines are in each other', () => {
  const square = (x: number, y: number, turnDeg = 0) => turnedCorners(p(x, y), 100, 100, turnDeg);
  it.each([
    ['apart', square(0, 0), square(150, 0), 0],
    ['touching', square(0, 0), square(100, 0), 0],
    ['side by side', square(0, 0), square(90, 20), 10],
    ['one in the other', square(0, 0), turnedCorners(p(0, 0), 20, 20, 0), 60],
    ['apart across a corner', square(0, 0), square(115, 115, 45), 0],
    ['with a corner in a side', square(0, 0), square(110, 0, 45), 50 + 50 * Math.SQRT2 - 110],
  ])('%s', (_, one, other, mm) => {
    expect(overlapDepth(one, other)).toBeCloseTo(mm, 6);
    expect(overlapDepth(other, one)).toBeCloseTo(mm, 6);
  });
});

describe('what is visible', () => {
  const frame = box(0, 0, 100, 100);
  it('the front hides the back', () => {
    expect(visibleAreas([box(0, 0, 100, 100), box(20, 20, 30, 30), box(30, 30, 10, 10)], { frame })).toEqual([
      10_000 - 900,
      900 - 100,
      100,
    ]);
  });
  it('what lies outside the wall is cut off', () =>
    expect(visibleAreas([box(-50, -50, 100, 100)], { frame })).toEqual([2500]));
  it('nothing gives nothing', () => expect(visibleAreas([], { frame })).toEqual([]));
  it('agrees with counting points, whatever is laid over what', () => {
    const some = fc.array(
      fc.tuple(
        fc.integer({ min: -5, max: 20 }),
        fc.integer({ min: -5, max: 20 }),
        fc.integer({ min: 1, max: 15 }),
        fc.integer({ min: 1, max: 15 }),
      ),
      { minLength: 1, maxLength: 8 },
    );
    fc.assert(
      fc.property(some, (rows) => {
        const boxes = rows.map(([x, y, w, h]) => box(x, y, w, h));
        const counted = boxes.map(() => 0);
        for (let x = 0; x < 20; x++)
          for (let y = 0; y < 20; y++) {
            const top = boxes.findLastIndex(
              (b) => b.xMm <= x && x + 1 <= b.xMm + b.widthMm && b.yMm <= y && y + 1 <= b.yMm + b.heightMm,
            );
            if (top >= 0) counted[top]!++;
          }
        expect(visibleAreas(boxes, { frame: box(0, 0, 20, 20) })).toEqual(counted);
      }),
    );
  });
  it('is to the last bit the same from what was seen before, whatever has moved, under a slope too', () => {
    const place = fc.tuple(
      fc.double({ min: -5, max: 90, noNaN: true }),
      fc.double({ min: -5, max: 90, noNaN: true }),
      fc.double({ min: 0.5, max: 40, noNaN: true }),
      fc.double({ min: 0.5, max: 40, noNaN: true }),
    );
    const some = fc.array(place, { minLength: 1, maxLength: 12 });
    const moves = fc.array(fc.tuple(fc.nat(11), place), { maxLength: 4 });
    const edge = [
      { xMm: 0, heightMm: 70 },
      { xMm: 40, heightMm: 100 },
      { xMm: 100, heightMm: 60 },
    ];
    const sheet = { frame, under: { edge, ends: (k: number) => k % 3 !== 0 } };
    let kept = 0;
    fc.assert(
      fc.property(some, moves, (rows, moved) => {
        const boxes = rows.map(([x, y, w, h]) => box(x, y, w, h));
        let seen: Seen = seenOf(boxes, sheet);
        for (const [k, [x, y, w, h]] of moved) {
          const next = seen.boxes.map((b, i) => (i === k ? box(x, y, w, h) : b));
          const then = seenOf(next, sheet, seen);
          expect(then.areas).toEqual(seenOf(next, sheet).areas);
          kept += then.columns.filter((column) => seen.columns.includes(column)).length;
          seen = then;
        }
        // one more than before: nothing is taken over
        const more = [...seen.boxes, box(10, 10, 5, 5)];
        expect(seenOf(more, sheet, seen).areas).toEqual(seenOf(more, sheet).areas);
      }),
    );
    expect(kept).toBeGreaterThan(0);
  });
});
