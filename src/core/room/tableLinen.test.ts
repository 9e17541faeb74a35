import { describe, expect, it } from 'vitest';
import { inches } from '../base/units';
import { clothFalls } from './tableLinen';

const falls = (
  [w, h, isRound]: readonly [number, number, boolean?],
  [wide, deep, round = false]: readonly [number, number, boolean?],
) => {
  const cloth = { widthMm: inches(w), heightMm: inches(h), round: isRound ?? false };
  const { endMm, frontMm, lowestMm, bareCornerMm } = clothFalls(cloth, {
    widthMm: inches(wide),
    depthMm: inches(deep),
    round,
  });
  return [endMm, frontMm, lowestMm, bareCornerMm].map((mm) => Math.round((mm / 25.4) * 100) / 100);
};

describe('how a tablecloth falls, by hand', () => {
  it('its corners hang from the corners of the table', () => {
    expect(falls([84, 48], [60, 24])).toEqual([12, 12, 16.97, 0]);
    // where it stops short of an edge, its corner hangs as far as its side does
    expect(falls([84, 20], [60, 24])).toEqual([12, -2, 12, 0]);
  });
  it('a square one on a round table hangs lowest at its corners', () => {
    // half of 84√2 is 59.4, the table's edge 30 from the middle
    expect(falls([84, 84], [60, 60, true])).toEqual([12, 12, 29.4, 0]);
  });
  it('a round one on a round table hangs alike all round, and leaves no corners bare', () => {
    expect(falls([90, 90, true], [60, 60, true])).toEqual([15, 15, 15, 0]);
    expect(falls([80, 80, true], [60, 60])).toEqual([10, 10, 10, 2.43]);
  });
  it('on an oval table its corner is measured in its own direction', () => {
    // 60 × 102 on an oval of 36 × 78: the corner is 59.17 out, and the edge in its direction is
    // √(1 ÷ (0.862² ÷ 39² + 0.507² ÷ 18²))
    const [end, front, lowest] = falls([102, 60], [78, 36, true]);
    expect([end, front]).toEqual([12, 12]);
    const direction = Math.atan2(30, 51);
    const edge = 1 / Math.hypot(Math.cos(direction) / 39, Math.sin(direction) / 18);
    expect(lowest).toBeCloseTo(Math.hypot(51, 30) - edge, 2);
  });
});
