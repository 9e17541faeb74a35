import { describe, expect, it } from 'vitest';
import { inches, inchRules } from '../../../tests/helpers/rooms';
import { coverDifference, type SeenCover } from './coverDifference';

const rules = inchRules();
const RUST = { l: 45, a: 38, b: 30, share: 1 };
const CREAM = { l: 90, a: 1, b: 8, share: 0.4 };
const rust: SeenCover = {
  widthMm: inches(20),
  heightMm: inches(20),
  colours: [RUST],
  pattern: { kind: 'solid', repeatMm: 0 },
  texture: 'linen',
};
const striped: SeenCover = {
  ...rust,
  colours: [{ ...RUST, share: 0.6 }, CREAM],
  pattern: { kind: 'stripe', repeatMm: inches(2) },
};
const from = (a: SeenCover, more: Partial<SeenCover>) => coverDifference(a, { ...a, ...more }, rules);

describe('what tells two covers apart', () => {
  it('nothing, where they look the same', () => {
    expect(from(rust, {})).toBeNull();
    expect(from(striped, { colours: [CREAM, { ...RUST, share: 0.6 }] })).toBeNull();
    expect(from(rust, { widthMm: inches(20.5), colours: [{ ...RUST, l: 46 }] })).toBeNull();
    expect(from(striped, { pattern: { kind: 'stripe', repeatMm: inches(2.2) } })).toBeNull();
  });
  it.each<[string, SeenCover, Partial<SeenCover>]>([
    ['size', rust, { widthMm: inches(20.6) }],
    ['size', rust, { heightMm: inches(18) }],
    ['pattern', striped, { pattern: { kind: 'check', repeatMm: inches(2) } }],
    ['pattern', striped, { pattern: { kind: 'stripe', repeatMm: inches(2.5) } }],
    ['texture', rust, { texture: 'velvet' }],
    ['colour', rust, { colours: [{ ...RUST, l: 60 }] }],
    [
      'colour',
      striped,
      {
        colours: [
          { ...RUST, share: 0.6 },
          { ...CREAM, l: 60 },
        ],
      },
    ],
    [
      'colour',
      striped,
      {
        colours: [
          { ...RUST, share: 0.9 },
          { ...CREAM, share: 0.1 },
        ],
      },
    ],
    ['colour', striped, { colours: [RUST] }],
  ])('%s', (difference, cover, more) => {
    expect(from(cover, more)).toBe(difference);
  });
  it('a stripe and a plain of the same first colour do not match', () => {
    expect(coverDifference(striped, rust, rules)).toBe('pattern');
  });
});
