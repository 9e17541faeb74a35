import { describe, expect, it } from 'vitest';
import { cm, cmRules, inches, inchRules, item, toIn } from '../../../tests/helpers/rooms';
import type { Item } from '../model/types';
import { casingNeeds, needsCasing } from './casing';
import { chooseInsert, insertsFor, waysToFill } from './insert';
import { countYear, yearOfInserts, type CoverUse } from './yearOfInserts';

const rules = inchRules();
const size = (w: number, h: number, round = false) => ({ widthMm: inches(w), heightMm: inches(h), round });
const insert = (w: number, h: number, more: Partial<Item> = {}): Item =>
  item({ id: `in${w}${h}`, kind: 'insert', fill: 'feather', ...size(w, h), count: 1, ...more });

describe('what is owned and not in any shop', () => {
  it('fills a cover that it fits, rather than the nearest in stock', () => {
    const odd = insert(21, 21);
    expect(toIn(chooseInsert(size(19, 19), 'feather', rules).insert!.widthMm)).toBe(22);
    expect(toIn(chooseInsert(size(19, 19), 'feather', rules, { owned: [odd] }).insert!.widthMm)).toBe(21);
    for (const other of [
      insert(21, 21, { fill: 'polyester' }),
      insert(21, 21, { state: 'gone' }),
      insert(21, 21, { round: true }),
    ])
      expect(toIn(chooseInsert(size(19, 19), 'feather', rules, { owned: [other] }).insert!.widthMm)).toBe(22);
  });
  it('fills what nothing in stock does', () => {
    expect(chooseInsert(size(36, 31), 'feather', rules).insert).toBeNull();
    const made = insert(38, 33);
    expect(chooseInsert(size(36, 31), 'feather', rules, { owned: [made] }).insert).toMatchObject(
      size(33, 38),
    );
  });
});

describe('the sizes that a school allows', () => {
  const sides = (school: 'light' | 'full' | 'veryFull', n = 18) =>
    insertsFor(size(n, n), 'feather', rules, { school }).map((s) => toIn(s.widthMm));
  it('the nearest first, up to the next fuller school', () => {
    expect(sides('light')).toEqual([18, 20]);
    expect(sides('full')).toEqual([20, 22]);
    expect(sides('veryFull')).toEqual([22]);
  });
  it('a large cover takes its own step, unless it is lightly filled', () => {
    const over = (school: 'light' | 'full') =>
      toIn(
        chooseInsert(
          size(26, 26),
          'polyester',
          inchRules([{ ruleId: 'seats.polyesterOver', value: inches(1) }]),
          { school },
        ).wanted.widthMm,
      ) - 26;
    expect([over('light'), over('full')]).toEqual([0, 2]);
  });
  it('a sham takes the sleeping pillow that it is nearly the size of, a big square only its own', () => {
    const filling = (cover: { widthMm: number; heightMm: number }, owned: Item[] = []) => {
      const { insert: found } = chooseInsert(cover, 'feather', cmRules(), { owned });
      return found && [found.widthMm, found.heightMm];
    };
    expect(filling(size(30, 20))).toEqual([cm(50), cm(75)]);
    expect(filling(size(30, 20), [insert(20, 30)])).toEqual([inches(20), inches(30)]);
    expect(filling({ widthMm: cm(52.05), heightMm: cm(75) })).toEqual([cm(50), cm(75)]);
    expect(filling({ widthMm: cm(52.1), heightMm: cm(75) })).toBeNull();
    expect(filling({ widthMm: cm(65), heightMm: cm(65) })).toEqual([cm(65), cm(65)]);
    expect(filling({ widthMm: cm(66), heightMm: cm(66) })).toBeNull();
  });
  it('in centimetres by the metric rules', () => {
    const fifty = { widthMm: cm(50), heightMm: cm(50) };
    const metric = (school: 'light' | 'full' | 'veryFull') =>
      chooseInsert(fifty, 'feather', cmRules(), { school }).insert!.widthMm;
    expect([metric('light'), metric('full'), metric('veryFull')]).toEqual([cm(50), cm(55), cm(60)]);
  });
});

it('every way to fill a cover, and none where nothing does', () => {
  const ways = waysToFill(size(20, 20), rules).map((w) => [w.fill, w.school, toIn(w.insert.widthMm)]);
  expect(ways).toHaveLength(9);
  expect(ways).toContainEqual(['feather', 'veryFull', 24]);
  expect(waysToFill(size(36, 31), rules)).toEqual([]);
});

describe('inner casings', () => {
  it.each([
    ['linen', 'feather', undefined, true],
    ['velvet', 'feather', undefined, false],
    ['linen', 'polyester', undefined, false],
    ['velvet', 'feather', 'every', true],
    ['linen', 'feather', 'none', false],
  ] as const)('%s with %s, school %s: %s', (texture, fill, school, needed) => {
    const book = inchRules(school ? [{ ruleId: 'seats.casingSchool', school }] : []);
    expect(needsCasing({ texture }, fill, book)).toBe(needed);
  });
  it('are counted by the size of the insert that goes into them', () => {
    const owned = [item({ id: 'case', kind: 'casing', ...size(22, 22), count: 1 })];
    const needs = casingNeeds([size(22, 22), size(22, 22), size(20, 20)], owned);
    expect(needs.map((n) => [toIn(n.widthMm), n.need, n.have, n.buy])).toEqual([
      [22, 2, 1, 1],
      [20, 1, 0, 1],
    ]);
  });
});

describe('the inserts of a year', () => {
  const out = (lookId: string, cover: Item, more: Partial<CoverUse> = {}): CoverUse => ({
    cover,
    fill: 'feather',
    featherFree: false,
    roomId: 'r',
    lookId,
    rules,
    ...more,
  });
  const looks = [
    { roomId: 'r', lookId: 'w', season: 'winter' as const },
    { roomId: 'r', lookId: 's', season: 'summer' as const },
  ];
  const cover = (id: string, n: number, more: Partial<Item> = {}) =>
    item({ id, name: id, texture: 'velvet', ...size(n, n), ...more });
  it('winter and summer covers share what fits both; what nobody needs is spare', () => {
    const year = yearOfInserts(
      [out('w', cover('Claret', 20)), out('s', cover('Lichen', 18)), out('s', cover('Mist', 18))],
      looks,
      [insert(22, 22, { count: 1 }), insert(16, 16, { count: 3 })],
    );
    expect(year.lines.map((l) => [toIn(l.widthMm), l.owned, l.kept, l.buy])).toEqual([
      [16, 3, 0, 0],
      [20, 0, 0, 1],
      [22, 1, 1, 0],
    ]);
    expect(countYear(year.lines)).toEqual({ needed: 2, buy: 1, spare: 3 });
    expect(year.lines[2]!.covers).toEqual(['Claret', 'Lichen', 'Mist']);
  });
  it('a cover whose filling nobody chose takes whichever is owned; a home without feathers only polyester', () => {
    const bought = (featherFree: boolean, owned: Item[]) =>
      yearOfInserts([out('w', cover('a', 20), { fill: null, featherFree })], looks, owned).lines.filter(
        (l) => l.buy > 0,
      );
    expect(bought(false, [insert(22, 22, { fill: 'polyester' })])).toEqual([]);
    expect(bought(true, [insert(22, 22)]).map((l) => l.fill)).toEqual(['polyester']);
  });
  it('casings for loose weaves, and covers that nothing fills, by name', () => {
    const year = yearOfInserts(
      [
        out('w', cover('Tweed', 20, { texture: 'tweed' })),
        out('w', cover('Odd', 36, { heightMm: inches(31) })),
      ],
      looks,
      [],
    );
    expect(year.casings.map((c) => [toIn(c.widthMm), c.buy])).toEqual([[22, 1]]);
    expect(year.unfilled).toEqual(['Odd']);
  });
  it('what was let go or is only wished for is not owned', () => {
    const wish = { count: 1, widthMm: [500, 600], heightMm: [500, 600], mostPrice: null } as Item['wish'];
    const year = yearOfInserts([out('w', cover('a', 20))], looks, [
      insert(22, 22, { state: 'gone' }),
      insert(22, 22, { id: 'x', wish }),
    ]);
    expect(countYear(year.lines)).toEqual({ needed: 1, buy: 1, spare: 0 });
  });
});
