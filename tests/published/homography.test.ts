/**
 * Plane homographies against points projected by a pinhole camera that is worked out here, and the
 * proportions of Zhang and He (Digital Signal Processing 17, 2007).
 */
import { describe, expect, it } from 'vitest';
import {
  aspectOf,
  homography,
  project,
  straighten,
  type Four,
  type Px,
} from '../../src/core/geometry/homography';

/**
 * A camera of focal length f looking at a rectangle w × h, turned about its upright by yaw and tilted by
 * pitch, at a distance.
 */
type Pair = readonly [number, number];
function photograph([w, h]: Pair, f: number, [yawDeg, pitchDeg]: Pair, away: number) {
  const [y, p] = [(yawDeg * Math.PI) / 180, (pitchDeg * Math.PI) / 180];
  return (u: number, v: number): Px => {
    const [x0, y0] = [(u - 0.5) * w, (v - 0.5) * h];
    const [x1, z1] = [x0 * Math.cos(y), -x0 * Math.sin(y)];
    const [y2, z2] = [y0 * Math.cos(p) - z1 * Math.sin(p), y0 * Math.sin(p) + z1 * Math.cos(p)];
    return { x: 800 + (f * x1) / (z2 + away), y: 600 + (f * y2) / (z2 + away) };
  };
}
const corners = (shoot: (u: number, v: number) => Px): Four => [
  shoot(0, 0),
  shoot(1, 0),
  shoot(1, 1),
  shoot(0, 1),
];

describe('a photo straightened by its corners', () => {
  it.each([
    [4.8, 2.7, 900, 25, 10],
    [4.8, 2.7, 1600, -32, 15],
    [1, 2, 1200, 18, -20],
  ])(
    '%s × %s m through f = %s px, turned %s° and tilted %s°: every point lies where it was',
    (w, h, f, yaw, pitch) => {
      const shoot = photograph([w, h], f, [yaw, pitch], 7);
      const flat = homography(corners(shoot), [
        { x: 0, y: 0 },
        { x: w, y: 0 },
        { x: w, y: h },
        { x: 0, y: h },
      ])!;
      for (const [u, v] of [
        [0.5, 0.5],
        [0.2, 0.9],
        [0.75, 0.1],
      ] as const) {
        const p = project(flat, shoot(u, v));
        expect(Math.hypot(p.x - u * w, p.y - v * h)).toBeLessThan(1e-6);
      }
      expect(Math.abs(aspectOf(corners(shoot), 1600, 1200) / (w / h) - 1)).toBeLessThan(1e-6);
    },
  );
  it('seen square on, its own proportions are taken; corners in a line give nothing', () => {
    const shoot = photograph([3, 2], 1000, [0, 0], 8);
    expect(aspectOf(corners(shoot), 1600, 1200)).toBeCloseTo(1.5, 6);
    expect(
      homography(
        [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
          { x: 2, y: 0 },
          { x: 3, y: 0 },
        ],
        [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
          { x: 1, y: 1 },
          { x: 0, y: 1 },
        ],
      ),
    ).toBeUndefined();
  });
  it('pixels come out where they belong', () => {
    const [w, h] = [40, 30];
    const data = new Uint8ClampedArray(4 * w * h);
    for (let y = 0; y < h; y++)
      for (let x = 0; x < w; x++) data.set([x >= 20 ? 250 : 10, y >= 15 ? 250 : 10, 0, 255], 4 * (y * w + x));
    const result = straighten(
      { width: w, height: h, data },
      [
        { x: 0, y: 0 },
        { x: 40, y: 0 },
        { x: 40, y: 30 },
        { x: 0, y: 30 },
      ],
      20,
      20,
    )!;
    expect([result[4 * (2 * 20 + 2)], result[4 * (2 * 20 + 17)], result[4 * (17 * 20 + 2) + 1]]).toEqual([
      10, 250, 250,
    ]);
  });
});
