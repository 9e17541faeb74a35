/**
 * 16 CFR 1501.4: what fits wholly, in any orientation, in a cylinder 1.25 in across, 1 in deep on one side
 * and 2.25 in on the other. Dimensions quoted from memory; the shapes are worked by hand.
 */
import { describe, expect, it } from 'vitest';
import { ballFits, blockFits, CYLINDER, mayBeSmallPart } from '../../src/core/safety/smallParts';

describe('the small-parts cylinder', () => {
  it('is 1.25 in across, 1 in and 2.25 in deep', () => {
    for (const [mm, inch] of [
      [CYLINDER.acrossMm, 1.25],
      [CYLINDER.shallowMm, 1],
      [CYLINDER.deepMm, 2.25],
    ] as const)
      expect(Math.abs(mm - inch * 25.4)).toBeLessThan(0.06);
  });
  it.each([
    ['a marble of 16 mm', ballFits(16), true],
    ['a ball as wide as the cylinder', ballFits(31.7), true],
    ['a ball a hair wider', ballFits(31.8), false],
    ['a table-tennis ball', ballFits(40), false],
    ['a die of 16 mm', blockFits(16, 16, 16), true],
    // a square foot of side a needs a√2 across: 31.7/√2 = 22.4
    ['a cube of 22 mm', blockFits(22, 22, 22), true],
    ['a cube of 23 mm', blockFits(23, 23, 23), false],
    // a coin stands or lies: 31 mm across goes in upright or flat
    ['a coin of 30 × 30 × 2 mm', blockFits(2, 30, 30), true],
    // nothing longer than the longest line in it, from the deep foot to the rim across: √(31.7² + 57.1²) =
    // 65.3
    ['a thin stick of 57 mm', blockFits(57, 1, 1), true],
    ['a thin stick of 64 mm, leaning', blockFits(64, 0.4, 0.4), true],
    ['a thin stick of 66 mm', blockFits(66, 0.4, 0.4), false],
    ['a bud vase of 100 × 180 mm', mayBeSmallPart(100, 180, 100), false],
    ['a matchbox 53 × 36 × 15 mm', mayBeSmallPart(53, 36, 15), false],
    ['a shell of 25 mm', mayBeSmallPart(25, 25, 0), true],
  ])('%s', (_what, fits, expected) => {
    expect(fits).toBe(expected);
  });
  it('how a block is named does not matter', () => {
    for (const [a, b, c] of [
      [22, 30, 9],
      [31, 5, 40],
      [10, 20, 50],
    ] as const)
      expect(
        new Set([blockFits(a, b, c), blockFits(b, c, a), blockFits(c, a, b), blockFits(c, b, a)]).size,
      ).toBe(1);
  });
});
