import { describe, expect, it } from 'vitest';
import { inchRules } from '../../../tests/helpers/rooms';
import { isUnanswered, tiesOf, type Answering } from './ties';

const rules = inchRules();
const RUST = { l: 45, a: 38, b: 30 };
const BLUE = { l: 45, a: 0, b: -40 };
const thing = (id: string, more: Partial<Answering> = {}): Answering => ({
  id,
  name: id,
  hostId: 'sofa',
  itemId: id,
  colours: [{ ...RUST, share: 1 }],
  texture: 'smooth',
  pattern: 'solid',
  ...more,
});
const tie = (textile: Answering, ...others: Answering[]) =>
  tiesOf([textile], [textile, ...others], rules)[0]!;

describe('what a textile answers', () => {
  it('a colour of its family, a shade of it too, and no other hue', () => {
    const pillow = thing('pillow');
    const shade = thing('vase', { colours: [{ l: 60, a: 34, b: 27, share: 1 }] });
    expect(tie(pillow, shade).family).toEqual(['vase']);
    expect(isUnanswered(tie(pillow, thing('jug', { colours: [{ ...BLUE, share: 1 }] })))).toBe(true);
    const trace = [
      { ...BLUE, share: 0.9 },
      { ...RUST, share: 0.1 },
    ];
    expect(isUnanswered(tie(pillow, thing('rug', { colours: trace })))).toBe(true);
  });
  it('whites that can hardly be told apart, not any white', () => {
    const white = (id: string, l: number) => thing(id, { colours: [{ l, a: 0, b: 2, share: 1 }] });
    expect(tie(white('a', 92), white('b', 91)).family).toEqual(['b']);
    expect(tie(white('a', 92), white('b', 40)).family).toEqual([]);
    expect(tie(white('a', 60), thing('b')).family).toEqual([]);
  });
  it('its texture and its pattern, where it has one', () => {
    const blue = [{ ...BLUE, share: 1 }];
    const knit = thing('knit', { texture: 'knit', pattern: 'stripe' });
    const found = tie(
      knit,
      thing('throw', { colours: blue, texture: 'knit' }),
      thing('rug', { colours: blue, pattern: 'stripe' }),
    );
    expect([found.family, found.texture, found.pattern]).toEqual([[], ['throw'], ['rug']]);
    const plain = thing('plain');
    expect(isUnanswered(tie(plain, thing('other', { colours: blue })))).toBe(true);
  });
  it('the same cover next to it is no answer, elsewhere it is', () => {
    const pillow = thing('left', { itemId: 'check' });
    expect(isUnanswered(tie(pillow, thing('right', { itemId: 'check' })))).toBe(true);
    expect(tie(pillow, thing('chair', { itemId: 'check', hostId: 'chair' })).family).toEqual(['chair']);
    // furniture without an item is never a pair
    expect(tie(thing('cushion', { itemId: null }), thing('sofa', { itemId: null })).family).toEqual(['sofa']);
  });
});
