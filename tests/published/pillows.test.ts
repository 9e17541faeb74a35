/** Inserts and covers against the paper bag problem, bounds of solid geometry and sizes of the trade. */
import { describe, expect, test } from 'vitest';
import { chooseInsert } from '../../src/core/textiles/insert';
import { paperBagVolume } from '../../src/core/room/pillow';
import { cm, cmRules, inches, inchRules, toIn } from '../helpers/rooms';

describe('what two sewn squares can hold', () => {
  // Robin 2004; the numerical optimum is reported as about 0.2055 of the cube of the side (from memory)
  test('less than the best that is known for a square, and within a tenth of it', () => {
    const square = paperBagVolume(1, 1);
    expect(square).toBeLessThan(0.2056);
    expect(square).toBeGreaterThan(0.9 * 0.2055);
  });
  test('less than the ball of the same surface: nothing holds more than a ball (isoperimetric inequality)', () => {
    for (const [w, h] of [
      [400, 400],
      [300, 500],
      [350, 900],
      [200, 2000],
    ] as const) {
      const surface = 2 * w * h;
      const ball = surface ** 1.5 / (6 * Math.sqrt(Math.PI));
      expect(paperBagVolume(w, h)).toBeLessThan(ball);
    }
  });
  test('less than the tube that its longer side makes: w²h ÷ π', () => {
    for (const h of [1, 1.5, 2, 4, 9]) expect(paperBagVolume(1, h)).toBeLessThan(h / Math.PI);
  });
  test('a bolster half as long again holds more than half as much again: its ends are less of it', () => {
    for (const h of [1, 1.5, 2, 3])
      expect(paperBagVolume(1, 1.5 * h) / paperBagVolume(1, h)).toBeGreaterThan(1.5);
  });
});

// common practice: feather two inches over the cover, polyester one, foam none; 5 cm over in metric sizes
describe('the insert for a cover (common practice)', () => {
  const rules = inchRules();
  const size = (w: number, h: number, fill: 'feather' | 'polyester' | 'foam') => {
    const { insert } = chooseInsert({ widthMm: inches(w), heightMm: inches(h) }, fill, rules);
    return insert && [toIn(insert.widthMm), toIn(insert.heightMm)];
  };
  test.each([
    [16, 18],
    [18, 20],
    [20, 22],
    [22, 24],
    [24, 26],
  ])('a %i in square takes a %i in feather insert', (cover, insert) => {
    expect(size(cover, cover, 'feather')).toEqual([insert, insert]);
  });
  test('foam fills its cover and is never pressed into a smaller one', () => {
    expect(size(20, 20, 'foam')).toEqual([20, 20]);
    expect(size(18, 18, 'foam')).toEqual([18, 18]);
  });
  test('the usual lumbar of 12 × 20 takes 14 × 22; a euro sham of 26 takes 28', () => {
    expect(size(12, 20, 'feather')).toEqual([14, 22]);
    expect(size(26, 26, 'feather')).toEqual([28, 28]);
  });
  test('a metric cover of 45 takes 50, one of 50 takes 55', () => {
    const metric = cmRules();
    for (const [cover, insert] of [
      [45, 50],
      [50, 55],
    ] as const) {
      const found = chooseInsert({ widthMm: cm(cover), heightMm: cm(cover) }, 'feather', metric).insert;
      expect(found?.widthMm).toBeCloseTo(cm(insert), 6);
    }
  });
});
