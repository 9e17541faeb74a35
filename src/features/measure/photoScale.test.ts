import { describe, expect, it } from 'vitest';
import type { WallPhoto } from '../../core/model/types';
import { photoScale } from './photoScale';

const size = { widthPx: 1200, heightPx: 900 };
const whole: WallPhoto['corners'] = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
];

describe('a photo scaled by a known length', () => {
  it('taken square on, is as large as its pixels say', () => {
    // half of its height is known to be 1200 mm
    const ends = [
      { x: 0.5, y: 0.25 },
      { x: 0.5, y: 0.75 },
    ] as const;
    const scaled = photoScale(whole, ends, 1200, size)!;
    expect(scaled.heightMm).toBeCloseTo(2400, 6);
    expect(scaled.widthMm).toBeCloseTo(3200, 6);
  });

  it('grows with the length that is known', () => {
    const ends = [
      { x: 0, y: 0 },
      { x: 1, y: 0 },
    ] as const;
    expect(photoScale(whole, ends, 3200, size)!.widthMm).toBeCloseTo(3200, 6);
    expect(photoScale(whole, ends, 1600, size)!.widthMm).toBeCloseTo(1600, 6);
  });

  it('has no answer where the ends fall together, the corners are in one line, or it grows out of all bounds', () => {
    const same = { x: 0.3, y: 0.3 };
    expect(photoScale(whole, [same, same], 500, size)).toBeNull();
    const line = [0, 0.3, 0.6, 1].map((x) => ({ x, y: 0.5 })) as unknown as WallPhoto['corners'];
    expect(photoScale(line, [same, { x: 0.9, y: 0.9 }], 500, size)).toBeNull();
    expect(photoScale(whole, [same, { x: 0.301, y: 0.3 }], 90_000, size)).toBeNull();
  });
});
