import { describe, expect, it } from 'vitest';
import { item } from '../../../tests/helpers/rooms';
import { ruleBook } from '../rules/book';
import { massOf } from './mass';

const rules = ruleBook([], 'cm');
const size = { widthMm: 1300, heightMm: 1700, massG: 0 } as const;

describe('what a thing weighs', () => {
  it('is what the scales said', () => {
    expect(massOf(item({ kind: 'throw', ...size, massG: 900 }), rules)).toEqual({ g: 900, guessedBy: null });
  });
  it('of cloth is by its weave, weighed or guessed', () => {
    const throwOf = (clothGsm: number) =>
      massOf(item({ kind: 'throw', texture: 'knit', ...size, clothGsm }), rules);
    expect(throwOf(200)).toEqual({ g: 1.3 * 1.7 * 200, guessedBy: null });
    expect(throwOf(0)).toEqual({ g: 1.3 * 1.7 * 320, guessedBy: 'weights.knit' });
  });
  it('of a stem is by its length, not by its outline', () => {
    const stem = item({ kind: 'stem', widthMm: 100, heightMm: 500, massG: 0 });
    expect(massOf(stem, rules)).toEqual({ g: 30, guessedBy: 'weights.stem' });
  });
  it('of a mirror is its glass, the board behind it and its frame', () => {
    const mirror = item({ kind: 'mirror', widthMm: 500, heightMm: 800, massG: 0 });
    expect(massOf(mirror, rules)).toEqual({
      g: 0.4 * 10_000 + 0.4 * 2500 + 2.6 * 600,
      guessedBy: 'weights.mirrorGlass',
    });
  });
});
