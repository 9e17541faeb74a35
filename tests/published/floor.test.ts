/**
 * Shapes on the floor against a second geometry library (@flatten-js/core) and plane geometry, and clear widths
 * against the ADA Standards for Accessible Design (2010).
 */
import Flatten from '@flatten-js/core';
import { describe, expect, test } from 'vitest';
import { seededRandom } from '../../src/core/base/random';
import {
  apart,
  distanceToSegment,
  insidePolygon,
  polygonArea,
  polygonCentre,
  turnedCorners,
  type Point,
} from '../../src/core/geometry/plane';
import { bordersOf, sharedArea, tuckOf } from '../../src/core/stages/floor/rugs';
import { cutFloor } from '../../src/core/stages/floor/walkways/cutFloor';
import { narrowWays } from '../../src/core/stages/floor/walkways/narrowWays';
import { inchRules, inches, piece, toIn } from '../helpers/rooms';

const polygonOf = (corners: readonly Point[]) =>
  new Flatten.Polygon(corners.map((c) => Flatten.point(c.xMm, c.yMm)));
const random = seededRandom(403);
const between = (low: number, high: number) => low + random() * (high - low);
/** A rectangle of a size that furniture has, turned anyhow. */
const anyBox = (spreadMm: number): Point[] =>
  turnedCorners(
    { xMm: between(0, spreadMm), yMm: between(0, spreadMm) },
    between(300, 2400),
    between(250, 1400),
    between(0, 360),
  );
const pairs = Array.from({ length: 400 }, () => [anyBox(4500), anyBox(4500)] as const);

describe('against the second library, on 400 pairs of turned rectangles', () => {
  test('how far two things are apart', () => {
    let separate = 0;
    for (const [a, b] of pairs) {
      const [far] = polygonOf(a).distanceTo(polygonOf(b));
      const meet = Flatten.BooleanOperations.intersect(polygonOf(a), polygonOf(b)).faces.size > 0;
      expect(apart(a, b).mm).toBeCloseTo(meet ? 0 : far, 3);
      if (!meet) separate++;
    }
    expect(separate).toBeGreaterThan(100);
    expect(separate).toBeLessThan(380);
  });
  test('the points between which they are nearest are as far apart as is told', () => {
    for (const [a, b] of pairs) {
      const { mm, from, to } = apart(a, b);
      expect(Math.hypot(from.xMm - to.xMm, from.yMm - to.yMm)).toBeCloseTo(mm, 6);
    }
  });
  test('the area that they share', () => {
    for (const [a, b] of pairs) {
      const shared = Flatten.BooleanOperations.intersect(polygonOf(a), polygonOf(b)).area();
      expect(Math.abs(sharedArea(a, b) - shared)).toBeLessThan(1);
    }
  });
  test('areas, and which points lie inside', () => {
    for (const [a] of pairs) {
      expect(Math.abs(polygonArea(a))).toBeCloseTo(polygonOf(a).area(), 2);
      const point = { xMm: between(0, 4500), yMm: between(0, 4500) };
      const edge = polygonOf(a).distanceTo(Flatten.point(point.xMm, point.yMm))[0];
      if (edge > 1 || polygonOf(a).contains(Flatten.point(point.xMm, point.yMm)))
        expect(insidePolygon(point, a, 0)).toBe(polygonOf(a).contains(Flatten.point(point.xMm, point.yMm)));
    }
  });
  test('how far a point is from a wall', () => {
    for (let i = 0; i < 200; i++) {
      const [p, a, b] = [0, 1, 2].map(() => ({ xMm: between(0, 5000), yMm: between(0, 5000) })) as [
        Point,
        Point,
        Point,
      ];
      const wall = Flatten.segment(a.xMm, a.yMm, b.xMm, b.yMm);
      expect(distanceToSegment(p, a, b)).toBeCloseTo(Flatten.point(p.xMm, p.yMm).distanceTo(wall)[0], 6);
    }
  });
});

describe('plane geometry', () => {
  test('the centroid of a triangle is the mean of its corners; of an L it is that of its two parts', () => {
    const triangle = [
      { xMm: 0, yMm: 0 },
      { xMm: 900, yMm: 0 },
      { xMm: 300, yMm: 600 },
    ];
    expect(polygonCentre(triangle)).toEqual({ xMm: 400, yMm: 200 });
    // 2 × 1 with a 1 × 1 below its left half: (2 · (1, ½) + 1 · (½, 1½)) ÷ 3
    const l = [
      [0, 0],
      [2000, 0],
      [2000, 1000],
      [1000, 1000],
      [1000, 2000],
      [0, 2000],
    ].map(([xMm = 0, yMm = 0]) => ({ xMm, yMm }));
    const centre = polygonCentre(l);
    expect(centre.xMm).toBeCloseTo((2 * 1000 + 500) / 3, 6);
    expect(centre.yMm).toBeCloseTo((2 * 500 + 1500) / 3, 6);
  });
  test('a square turned by 45° is √2 times as wide', () => {
    const corners = turnedCorners({ xMm: 0, yMm: 0 }, 1000, 1000, 45);
    expect(Math.max(...corners.map((c) => c.xMm))).toBeCloseTo(1000 / Math.SQRT2, 6);
  });
  test('a rug 8 × 10 ft on one of 9 × 12 leaves 6 in at its sides and a foot at its ends', () => {
    const rug = (id: string, w: number, d: number) =>
      piece({ id, kind: 'rug', seat: null, xMm: 3000, yMm: 2000, widthMm: inches(w), depthMm: inches(d) });
    const borders = bordersOf(rug('low', 144, 108), rug('high', 120, 96));
    expect(borders.map((b) => [b.side, toIn(b.mm)])).toEqual([
      ['back', 6],
      ['right', 12],
      ['front', 6],
      ['left', 12],
    ]);
  });
  test('a sofa 36 in deep whose front is 12 in on a rug has it 12 in under', () => {
    const sofa = piece({ xMm: inches(100), yMm: inches(18), depthMm: inches(36), widthMm: inches(84) });
    const rug = piece({
      id: 'rug',
      kind: 'rug',
      seat: null,
      xMm: inches(100),
      yMm: inches(24 + 48),
      widthMm: inches(120),
      depthMm: inches(96),
    });
    expect(toIn(tuckOf(rug, sofa).tuckMm)).toBeCloseTo(12, 6);
    expect(tuckOf(rug, sofa).allLegs).toBe(false);
  });
});

describe('clear widths', () => {
  const rules = inchRules();
  // ADA 2010, 403.5.1: "the clear width of walking surfaces shall be 36 inches (915 mm) minimum"
  test('a wheelchair has the clear width of the standard', () => {
    expect(toIn(rules.number('floor.wheelchair'))).toBe(36);
  });
  test('a passage is as wide as a disc that just goes through: between two boxes, and past a corner', () => {
    const outline = [
      { xMm: 0, yMm: 0 },
      { xMm: 6000, yMm: 0 },
      { xMm: 6000, yMm: 3000 },
      { xMm: 0, yMm: 3000 },
    ];
    const walls = outline.map((from, i) => ({
      id: `w${i}`,
      name: `w${i}`,
      shape: [from, outline[(i + 1) % 4] as Point],
      wall: true,
      topMm: 2000,
    }));
    const block = (id: string, x: number, y: number, w: number, d: number) => ({
      id,
      name: id,
      wall: false,
      topMm: 2000,
      shape: turnedCorners({ xMm: x, yMm: y }, w, d, 0),
    });
    const aims = (xMm: number, id: string) => ({ id, name: id, shape: [{ xMm, yMm: 1500 }], reachMm: 100 });
    const narrowest = (gapMm: number, asideMm: number): number | null => {
      const top = block('top', 3000, (3000 - gapMm) / 4, 400, (3000 - gapMm) / 2);
      const low = block('low', 3000 + asideMm, 3000 - (3000 - gapMm) / 4, 400, (3000 - gapMm) / 2);
      const floor = cutFloor(outline, [...walls, top, low], { widthMm: 1200, sidewaysMm: 200 });
      const found = narrowWays(floor, [aims(500, 'door')], [aims(5500, 'seat')]);
      return found[0]?.gate?.mm ?? null;
    };
    expect(narrowest(800, 0)).toBeCloseTo(800, 6);
    // pulled apart by 1000 along the way, the corners are hypot(600, 800) from each other: 600 beyond 400 of width
    expect(narrowest(800, 1000)).toBeCloseTo(Math.hypot(600, 800), 6);
    expect(narrowest(1300, 0)).toBeNull();
  });
});
