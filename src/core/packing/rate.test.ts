import { describe, expect, test } from 'vitest';
import type { GalleryAsk, Put } from './frames';
import { rate } from './rate';

const ask = (more: Partial<GalleryAsk> = {}): GalleryAsk => ({
  frames: [],
  pinned: [],
  gapMm: 50,
  zone: null,
  stands: null,
  blocked: [],
  ratio: 1.5,
  holes: [],
  holeReachMm: 0,
  seed: 1,
  rounds: 1,
  ...more,
});
const frame = (id: string, xMm: number, yMm: number, more: Partial<Put> = {}): Put => ({
  id,
  widthMm: 400,
  heightMm: 300,
  weight: 0.5,
  nails: [{ dxMm: 0, dyMm: 100 }],
  xMm,
  yMm,
  ...more,
});
const pair = [frame('a', -225, 0), frame('b', 225, 0)];
const score = (placed: Put[], more: Partial<GalleryAsk> = {}) => rate(placed, ask(more), 1.5).score;

describe('a finished layout', () => {
  test('has the size of the box around it, and fills so much of that', () => {
    const layout = rate(pair, ask(), 1.5);
    expect([layout.widthMm, layout.heightMm]).toEqual([850, 300]);
    expect(layout.filled).toBeCloseTo(800 / 850, 9);
  });
  test('is balanced where its weight is alike on both sides', () => {
    expect(rate(pair, ask(), 1.5).balance).toBeCloseTo(0, 9);
  });
  test('a heavier frame at one end pulls it: its moment over the whole at half the width', () => {
    const heavy = [frame('a', -225, 0, { weight: 1 }), frame('b', 225, 0, { weight: 0 })];
    // hefts 1 and 0.4 at ±225, the whole 1.4 at 425
    expect(rate(heavy, ask(), 1.5).balance).toBeCloseTo((0.6 * 225) / (1.4 * 425), 9);
    expect(score(heavy)).toBeGreaterThan(score(pair));
  });
  test('the same layout the other way round is as good', () => {
    const one = [frame('a', -225, 40, { heightMm: 380 }), frame('b', 225, 0, { weight: 0.9 })];
    const other = one.map((f) => ({ ...f, xMm: -f.xMm }));
    expect(score(other)).toBeCloseTo(score(one), 9);
  });
  test('weight belongs rather low than high', () => {
    const low = [frame('a', 0, 0, { weight: 1 }), frame('b', 0, 350, { weight: 0 })];
    const high = [frame('a', 0, 0, { weight: 0 }), frame('b', 0, 350, { weight: 1 })];
    expect(score(high)).toBeGreaterThan(score(low));
  });
  test('a shape nearer to what was asked is better', () => {
    const tall = [frame('a', 0, -175), frame('b', 0, 175)];
    expect(score(pair)).toBeLessThan(score(tall));
    expect(rate(tall, ask(), 0.6).score).toBeLessThan(rate(pair, ask(), 0.6).score);
  });
  test('a gap that is nearly as asked is worse than one that is as asked', () => {
    const off = [frame('a', -225, 0), frame('b', 235, 0)];
    expect(score(off)).toBeGreaterThan(score(pair));
  });
});

describe('holes in the wall', () => {
  test('are counted as used where a nail falls on one, as hidden behind a frame', () => {
    const holes = [
      { xMm: -225, yMm: 100 },
      { xMm: 225, yMm: -100 },
      { xMm: 0, yMm: 0 },
    ];
    const layout = rate(pair, ask({ holes }), 1.5);
    expect([layout.holesUsed, layout.holesHidden]).toEqual([1, 1]);
    expect(layout.score).toBeLessThan(score(pair));
  });
  test('one just inside the edge is not hidden', () => {
    const at = (xMm: number) => rate(pair, ask({ holes: [{ xMm, yMm: -50 }] }), 1.5).holesHidden;
    expect([at(-421), at(-419), at(-29), at(-31)]).toEqual([0, 1, 0, 1]);
  });
});

describe('where the whole is to stand', () => {
  const stands = { wishYMm: 0, lowMm: -1000, highMm: 1000 };
  test('it is settled in the middle across at its height, and not a step beside it', () => {
    expect(rate(pair, ask({ stands }), 1.5).settled).toBe(true);
    const beside = pair.map((f) => ({ ...f, xMm: f.xMm + 1 }));
    expect(rate(beside, ask({ stands }), 1.5).settled).toBe(false);
    expect(score(beside, { stands })).toBeGreaterThan(score(pair, { stands }));
  });
  test('without a place to stand, or with frames that stay, that is not asked', () => {
    expect(rate(pair, ask(), 1.5).settled).toBe(false);
    const pinned = [frame('a', -225, 0)];
    const beside = pair.map((f) => ({ ...f, xMm: f.xMm + 300 }));
    expect(score(beside, { stands, pinned })).toBeCloseTo(score(pair, { stands, pinned }), 9);
  });
});
