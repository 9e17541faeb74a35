import { describe, expect, it } from 'vitest';
import { cmRules, inchRules, inches } from '../../../tests/helpers/rooms';
import { newItem } from '../model/defaults';
import type { Item } from '../model/types';
import {
  EVERYTHING,
  filterStash,
  fitsIn,
  freeIn,
  prepare,
  repeatScale,
  UNUSED,
  type StashEntry,
  type StashFilter,
} from './entry';

const rules = inchRules();

describe('finding things', () => {
  const entry = (more: Partial<Item> & { used?: StashEntry['used'] } = {}) =>
    prepare({
      ...newItem({
        id: 'x',
        name: 'Sail check',
        kind: 'cover',
        widthMm: inches(20),
        heightMm: inches(12),
        texture: 'linen',
        colours: [{ l: 45, a: 38, b: 30, share: 1, name: 'Tanbark' }],
        ...more,
      }),
      used: more.used ?? UNUSED,
    });
  const finds = (filter: Partial<StashFilter>, more: Parameters<typeof entry>[0] = {}) =>
    filterStash([entry(more)], { ...EVERYTHING, ...filter }, rules).length === 1;
  it('by words in any order, kind, texture, place, season and what is free', () => {
    expect([finds({ words: 'check sail' }), finds({ words: 'tanb' }), finds({ words: 'sail blue' })]).toEqual(
      [true, true, false],
    );
    expect([
      finds({ kinds: ['cover'] }),
      finds({ kinds: ['throw'] }),
      finds({ texture: 'linen' }),
      finds({ texture: 'fur' }),
    ]).toEqual([true, false, true, false]);
    expect([
      finds({ placeId: '' }),
      finds({ placeId: 'box' }),
      finds({ placeId: 'box' }, { placeId: 'box' }),
    ]).toEqual([true, false, true]);
    expect([finds({ season: 'winter' }), finds({ season: 'winter' }, { season: ['summer'] })]).toEqual([
      true,
      false,
    ]);
    const used = { spring: 0, summer: 2, autumn: 0, winter: 0, any: 2 };
    expect([
      finds({ freeIn: 'summer' }, { count: 2, used }),
      finds({ freeIn: 'winter' }, { count: 2, used }),
      freeIn({ count: 3, used }, 'any'),
    ]).toEqual([false, true, 1]);
  });
  it('by colour family: another shade of the hue passes, another hue and a neutral do not', () => {
    expect([
      finds({ family: { l: 62, a: 25, b: 20 } }),
      finds({ family: { l: 45, a: -30, b: 20 } }),
      finds({ family: { l: 45, a: 1, b: 1 } }),
    ]).toEqual([true, false, false]);
    expect(finds({ family: { l: 90, a: 0, b: 3 } }, { colours: [{ l: 92, a: 0, b: 4, share: 1 }] })).toBe(
      true,
    );
  });
  it('by what fits: textiles may lie the other way round, art may not', () => {
    const spot = { widthMm: inches(12), heightMm: inches(20), depthMm: null };
    expect([
      fitsIn(entry(), spot),
      fitsIn(entry({ kind: 'art' }), spot),
      fitsIn(entry({ depthMm: 300 }), { ...spot, depthMm: 200 }),
    ]).toEqual([true, false, false]);
  });
  it('by the scale of its pattern, in inches and centimetres', () => {
    const scale = (repeatMm: number, kind: Item['pattern']['kind'] = 'check', book = rules) =>
      repeatScale({ kind, repeatMm }, book);
    expect([
      scale(inches(1.9)),
      scale(inches(2)),
      scale(inches(8)),
      scale(inches(8.1)),
      scale(300, 'solid'),
    ]).toEqual(['small', 'medium', 'medium', 'large', 'plain']);
    expect([scale(49, 'check', cmRules()), scale(201, 'check', cmRules())]).toEqual(['small', 'large']);
  });
  it('let go is not shown unless it is asked for', () => {
    expect([
      finds({}, { state: 'gone' }),
      finds({ state: 'gone' }, { state: 'gone' }),
      finds({ state: 'unseen' }, { seen: false }),
    ]).toEqual([false, true, true]);
  });
});
