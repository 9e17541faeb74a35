import { describe, expect, it } from 'vitest';
import { inchRules } from '../../../tests/helpers/rooms';
import { alikeTies, isUnanswered, tieGroups, tiesOf, type Answering, type TieKind } from './ties';

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
  metal: null,
  ...more,
});
const tie = (textile: Answering, ...others: Answering[]) =>
  tiesOf([textile], [textile, ...others], rules)[0]!;
/** Names of what a textile is tied to by one of the kinds. */
const namesBy = (kind: TieKind, textile: Answering, ...others: Answering[]) =>
  tie(textile, ...others)
    .tied.filter(({ by }) => by.includes(kind))
    .map(({ name }) => name);

describe('what a textile answers', () => {
  it('a colour of its family, a shade of it too, and no other hue', () => {
    const pillow = thing('pillow');
    const shade = thing('vase', { colours: [{ l: 60, a: 34, b: 27, share: 1 }] });
    expect(namesBy('family', pillow, shade)).toEqual(['vase']);
    expect(isUnanswered(tie(pillow, thing('jug', { colours: [{ ...BLUE, share: 1 }] })))).toBe(true);
    const trace = [
      { ...BLUE, share: 0.9 },
      { ...RUST, share: 0.1 },
    ];
    expect(isUnanswered(tie(pillow, thing('rug', { colours: trace })))).toBe(true);
  });
  it('whites that can hardly be told apart, not any white', () => {
    const white = (id: string, l: number) => thing(id, { colours: [{ l, a: 0, b: 2, share: 1 }] });
    expect(namesBy('family', white('a', 92), white('b', 91))).toEqual(['b']);
    expect(namesBy('family', white('a', 92), white('b', 40))).toEqual([]);
    expect(namesBy('family', white('a', 60), thing('b'))).toEqual([]);
  });
  it('its texture and its pattern, where it has one', () => {
    const blue = [{ ...BLUE, share: 1 }];
    const knit = thing('knit', { texture: 'knit', pattern: 'stripe' });
    const found = tie(
      knit,
      thing('throw', { colours: blue, texture: 'knit' }),
      thing('rug', { colours: blue, pattern: 'stripe' }),
      thing('lamp', { colours: blue, metal: 'brass' }),
    );
    expect(found.tied.map(({ name, by }) => [name, by])).toEqual([
      ['throw', ['texture']],
      ['rug', ['pattern']],
    ]);
    const trimmed = { ...knit, metal: 'brass' as const };
    expect(namesBy('metal', trimmed, thing('lamp', { colours: blue, metal: 'brass' }))).toEqual(['lamp']);
    expect(namesBy('metal', trimmed, thing('lamp', { colours: blue, metal: 'steel' }))).toEqual([]);
    const plain = thing('plain');
    expect(isUnanswered(tie(plain, thing('other', { colours: blue })))).toBe(true);
  });
  it('the same cover next to it is no answer, elsewhere it is', () => {
    const pillow = thing('left', { itemId: 'check' });
    expect(isUnanswered(tie(pillow, thing('right', { itemId: 'check' })))).toBe(true);
    expect(namesBy('family', pillow, thing('chair', { itemId: 'check', hostId: 'chair' }))).toEqual([
      'chair',
    ]);
    // furniture without an item is never a pair
    expect(namesBy('family', thing('cushion', { itemId: null }), thing('sofa', { itemId: null }))).toEqual([
      'sofa',
    ]);
  });
  it('is said by kind, each name once', () => {
    const knit = thing('knit', { texture: 'knit' });
    const bed = { texture: 'knit', hostId: 'bed' } as const;
    const blue = [{ ...BLUE, share: 1 }];
    expect(
      tieGroups(
        tie(
          knit,
          thing('a', { ...bed, name: 'Throw', colours: blue }),
          thing('b', { ...bed, name: 'Throw' }),
          thing('c', { name: 'Vase' }),
        ),
      ),
    ).toEqual([
      { by: 'family', names: ['Throw', 'Vase'] },
      { by: 'texture', names: ['Throw'] },
    ]);
  });
  it('is its hue where it has one: what is white beside it is no answer', () => {
    const WHITE = { l: 94, a: 0, b: 3 };
    const striped = thing('striped', {
      colours: [
        { ...BLUE, share: 0.4 },
        { ...WHITE, share: 0.6 },
      ],
    });
    const white = thing('white', { colours: [{ ...WHITE, share: 1 }] });
    expect(isUnanswered(tie(striped, white))).toBe(true);
    expect(namesBy('family', white, striped)).toEqual(['striped']);
    // on a bed it is
    expect(tiesOf([striped], [striped, white], rules, 'few')[0]!.tied.map(({ by }) => by)).toEqual([
      ['family'],
    ]);
    expect(namesBy('family', striped, thing('jug', { colours: [{ ...BLUE, share: 1 }] }))).toEqual(['jug']);
  });
  it('is told once for several that answer the same', () => {
    const [one, two] = [thing('one', { name: 'Check' }), thing('two', { name: 'Check' })];
    const vase = thing('vase', { itemId: null });
    const ties = tiesOf([one, two], [one, two, vase], rules);
    expect(alikeTies(ties).map(({ ids }) => ids)).toEqual([['one', 'two']]);
    const other = tiesOf(
      [one, two],
      [one, two, vase, thing('knit', { name: 'Knit', texture: 'knit' })],
      rules,
    );
    expect(alikeTies([ties[0]!, other[1]!])).toHaveLength(2);
  });
});
