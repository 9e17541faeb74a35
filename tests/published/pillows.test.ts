/** Inserts and covers against the paper bag problem, bounds of solid geometry and sizes of the trade. */
import { describe, expect, test } from 'vitest';
import { chooseInsert } from '../../src/core/textiles/insert';
import { mostVolume, mylarBalloon, paperBagVolume } from '../../src/core/room/pillow';
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

describe('what two sewn discs can hold: the Mylar balloon', () => {
  // W. Paulsen, "What is the shape of a Mylar balloon?", American Mathematical Monthly 101 (1994): inflated radius 0.7627 of
  // the flat one, thickness 1.198 of the inflated radius (both to the figures printed there)
  const one = mylarBalloon(2);
  test('inflated radius and thickness as published', () => {
    expect(one.widthMm / 2).toBeCloseTo(0.7627, 3);
    expect(one.thickMm / (one.widthMm / 2)).toBeCloseTo(1.198, 3);
  });
  // z = ∫ t² ÷ √(r⁴ − t⁴) dt
  test('its volume is that of its own curve, turned about its axis, by Simpson’s rule', () => {
    const r = one.widthMm / 2;
    // t = r sin u takes the pole out of the integrand
    const height = (x: number) => {
      const from = Math.asin(x / r);
      const steps = 400;
      const h = (Math.PI / 2 - from) / steps;
      const f = (u: number) => (r * Math.sin(u) ** 2) / Math.sqrt(1 + Math.sin(u) ** 2);
      let total = f(from) + f(Math.PI / 2);
      for (let i = 1; i < steps; i++) total += f(from + i * h) * (i % 2 ? 4 : 2);
      return (total * h) / 3;
    };
    expect(2 * height(0)).toBeCloseTo(one.thickMm, 6);
    const rings = 2000;
    let volume = 0;
    for (let i = 0; i < rings; i++) {
      const x = ((i + 0.5) * r) / rings;
      volume += 2 * Math.PI * x * 2 * height(x) * (r / rings);
    }
    expect(one.volumeMm3).toBeCloseTo(volume, 4);
  });
  test('holds less than a ball of the same surface, and more than a square bag of the same area', () => {
    const area = Math.PI;
    const ball = (2 * area) ** 1.5 / (6 * Math.sqrt(Math.PI));
    expect(one.volumeMm3).toBeLessThan(ball);
    const side = Math.sqrt(area);
    expect(one.volumeMm3).toBeGreaterThan(paperBagVolume(side, side));
    expect(mostVolume({ widthMm: 2, heightMm: 2, round: true })).toBe(one.volumeMm3);
  });
});

// common practice: an insert of its own size fills lightly, two inches more fill it, four fill it very full
describe('the schools of fullness (common practice)', () => {
  const rules = inchRules();
  const sideOf = (
    cover: number,
    fill: 'feather' | 'polyester' | 'foam',
    school: 'light' | 'full' | 'veryFull',
  ) => {
    const { insert } = chooseInsert({ widthMm: inches(cover), heightMm: inches(cover) }, fill, rules, {
      school,
    });
    return insert && toIn(insert.widthMm);
  };
  test.each([
    [18, 'feather', [18, 20, 22]],
    [20, 'feather', [20, 22, 24]],
    [22, 'feather', [22, 24, 26]],
    [18, 'polyester', [18, 20, 20]],
    [20, 'foam', [20, 20, 20]],
  ] as const)('%d in, %s', (cover, fill, sides) => {
    expect((['light', 'full', 'veryFull'] as const).map((s) => sideOf(cover, fill, s))).toEqual(sides);
  });
  test('a round cover takes a round insert, and no square one', () => {
    const round = chooseInsert({ widthMm: inches(16), heightMm: inches(16), round: true }, 'feather', rules);
    expect([round.insert?.round, toIn(round.insert!.widthMm)]).toEqual([true, 18]);
    expect(
      chooseInsert({ widthMm: inches(26), heightMm: inches(26), round: true }, 'feather', rules).insert,
    ).toBeNull();
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
