import { describe, expect, it } from 'vitest';
import { inchRules, piece } from '../../../tests/helpers/rooms';
import { newItem } from '../model/defaults';
import type { Item, StoragePlace } from '../model/types';
import { arrivalOf } from './arrived';
import { needAgainstHave, usedBySeason, usedElsewhere, type Use } from './need';
import { addDays, dayOf, daysBetween, returnOf } from './returns';
import { contentsOf, goesUnder, packedLitres } from './storage';
import { TABLE_LINEN } from '../model/values/item';

const rules = inchRules();

describe('need against have', () => {
  const use = (
    itemId: string,
    roomId: string,
    lookId: string,
    season: Use['season'],
    count: number,
  ): Use => ({ itemId, roomId, lookId, season, count });
  it('rooms add up, looks of one room do not; a look without a season is worn where the room has none of it', () => {
    const used = usedBySeason([
      use('a', 'r1', 'l1', 'summer', 3),
      use('a', 'r1', 'l2', 'summer', 2),
      use('a', 'r2', 'l', 'summer', 2),
      use('a', 'r3', 'found', null, 1),
      use('a', 'r1', 'found', null, 9),
    ]);
    expect(used.get('a')).toEqual({ spring: 10, summer: 6, autumn: 10, winter: 10, any: 10 });
  });
  it('a season’s look counts though nothing is in it yet: what the others use is free in that season', () => {
    const uses = [use('a', 'r1', 'found', null, 3), use('a', 'r2', 'l', 'winter', 1)];
    const looks = [
      ...uses,
      { roomId: 'r1', lookId: 'w', season: 'winter' as const },
      { roomId: 'r3', lookId: 'x', season: null },
    ];
    expect(usedBySeason(uses, looks).get('a')).toEqual({
      spring: 3,
      summer: 3,
      autumn: 3,
      winter: 1,
      any: 3,
    });
    expect(usedBySeason(uses).get('a')).toMatchObject({ winter: 4 });
    const named = uses.map((u) => ({ ...u, roomName: u.roomId === 'r1' ? 'Attic' : 'Bay' }));
    expect(usedElsewhere(named, looks, 'winter').get('a')).toEqual({ room: 'Bay', count: 1 });
    expect(usedElsewhere(named, looks, 'summer').get('a')).toEqual({ room: 'Attic', count: 3 });
    expect(usedElsewhere(named, looks, null).get('a')).toEqual({ room: 'Attic', count: 4 });
    expect(usedElsewhere(named.slice(1), looks, 'summer').size).toBe(0);
  });
  it('what is short is bought, what is on order is coming, and the cheapest shop that has enough comes first', () => {
    const items = new Map([
      ['a', newItem({ id: 'a', name: 'Sail check', kind: 'cover', count: 3 })],
      ['b', newItem({ id: 'b', name: 'New', kind: 'cover', count: 2, state: 'ordered' })],
    ]);
    const shop = (source: string, stock: number, price: number) => ({
      source,
      name: 'sail check',
      stock,
      price,
      leadDays: 3,
      returnDays: 14,
    });
    const lines = needAgainstHave(
      new Map([
        ['a', 4],
        ['b', 2],
        ['gone', 3],
      ]),
      new Map([['a', 1]]),
      items,
      [shop('dear', 9, 40), shop('cheap', 1, 20), shop('fair', 5, 30)],
    );
    expect(lines.map((l) => [l.itemId, l.need, l.owned, l.free, l.ordered, l.buy, l.shop?.source])).toEqual([
      ['a', 4, 3, 2, 0, 2, 'fair'],
      ['b', 2, 0, 0, 2, 0, undefined],
    ]);
  });
});

describe('inserts of the shops', () => {
  it('are told by size and filling, lying either way, whatever they are called; what is coming is not bought again', () => {
    const items = new Map([
      [
        'i',
        newItem({
          id: 'i',
          name: 'Wide one',
          kind: 'insert',
          count: 0,
          widthMm: 400,
          heightMm: 600,
          fill: 'feather',
        }),
      ],
    ]);
    const line = (name: string, widthMm: number, heightMm: number, fill: string) => ({
      source: name,
      name,
      insert: { widthMm, heightMm, fill },
      stock: 9,
      price: 10,
      leadDays: 1,
      returnDays: 1,
    });
    const shops = [
      line('polyester', 400, 600, 'polyester'),
      line('larger', 407, 600, 'feather'),
      line('turned', 600, 404, 'feather'),
    ];
    expect(needAgainstHave(new Map([['i', 3]]), new Map(), items, shops)).toMatchObject([
      { buy: 3, shop: { source: 'turned' } },
    ]);
    expect(needAgainstHave(new Map([['i', 3]]), new Map(), items, shops.slice(0, 2))).toMatchObject([
      { buy: 3, shop: null },
    ]);
    expect(needAgainstHave(new Map([['i', 3]]), new Map(), items, shops, new Map([['i', 2]]))).toMatchObject([
      { ordered: 2, buy: 1 },
    ]);
    // sold by the pair: whole pairs
    const paired = new Map([...items].map(([id, i]) => [id, { ...i, setOf: 2 }]));
    expect(needAgainstHave(new Map([['i', 3]]), new Map(), paired, shops)).toMatchObject([
      { need: 3, buy: 4 },
    ]);
  });
});

describe('returns', () => {
  const bought = { tagsOn: true, returnBy: '2026-05-10', state: 'owned' as const };
  it.each([
    ['2026-05-01', 'open', 9],
    ['2026-05-03', 'warn', 7],
    ['2026-05-09', 'warn', 1],
    ['2026-05-10', 'today', 0],
    ['2026-05-11', 'over', -1],
  ] as const)('on %s it is %s', (today, state, days) => {
    expect(returnOf(bought, today, rules.list('stash.returnWarn'))).toEqual({ state, days });
  });
  it('with the tags cut there is none; days run over months and leap years', () => {
    expect(returnOf({ ...bought, tagsOn: false }, '2026-05-01', [7]).state).toBe('none');
    expect(dayOf(new Date(2026, 4, 10, 21, 30).toISOString())).toBe('2026-05-10');
    expect([addDays('2028-02-28', 2), daysBetween('2026-12-30', '2027-01-02')]).toEqual(['2028-03-01', 3]);
  });
});

describe('storage', () => {
  const box: StoragePlace = {
    id: 'box',
    name: 'Box',
    kind: 'box',
    roomId: null,
    widthMm: 600,
    depthMm: 400,
    heightMm: 300,
    note: '',
  };
  it('feather and polyester are pressed, foam is not', () => {
    const insert = (fill: Item['fill']) =>
      packedLitres(
        newItem({ id: 'x', name: 'x', kind: 'insert', widthMm: 500, heightMm: 500, depthMm: 200, fill }),
        rules,
      );
    expect(
      [insert('feather'), insert('polyester'), insert('foam')].map((v) => Math.round(v * 10) / 10),
    ).toEqual([17.5, 15, 50]);
  });
  it('linen for a table lies flat like any cloth', () => {
    const cloth = (kind: Item['kind']) =>
      packedLitres(
        newItem({ id: 'x', name: 'x', kind, widthMm: 1400, heightMm: 2000, depthMm: 0, clothGsm: 230 }),
        rules,
      );
    for (const kind of TABLE_LINEN) expect(cloth(kind), kind).toBe(cloth('throw'));
    expect(cloth('tablecloth')).toBeLessThan(10);
  });
  it('holds 85 of 100 of its space, counts sets, and says what is too long', () => {
    const many = newItem({
      id: 'm',
      name: 'Inserts',
      kind: 'insert',
      count: 4,
      widthMm: 500,
      heightMm: 500,
      depthMm: 200,
      fill: 'feather',
      placeId: 'box',
    });
    // 72 l × 0.85 = 61.2 l; 4 × 17.5 = 70 l
    expect(contentsOf(box, [many], rules)).toMatchObject({
      holds: expect.closeTo(61.2, 6) as number,
      takes: expect.closeTo(70, 6) as number,
      fits: false,
      keepDry: ['Inserts'],
    });
    expect(contentsOf(box, [{ ...many, count: 3 }], rules).fits).toBe(true);
    expect(
      contentsOf(
        box,
        [
          newItem({
            id: 'r',
            name: 'Rod',
            kind: 'object',
            widthMm: 1200,
            heightMm: 30,
            depthMm: 30,
            placeId: 'box',
          }),
        ],
        rules,
      ),
    ).toMatchObject({ fits: false, tooLong: ['Rod'] });
    expect(contentsOf(box, [], rules)).toMatchObject({ takes: 0, fits: true });
  });
  it('goes under what leaves the height for it, turned or not, where that was measured', () => {
    const bed = piece({
      id: 'bed',
      name: 'Bed',
      kind: 'bed',
      seat: null,
      bed: { mattressMm: 520, thickMm: null, headboardMm: 900, footboardMm: 0 },
      widthMm: 1600,
      depthMm: 2000,
      gapMm: 220,
    });
    expect(goesUnder({ ...box, heightMm: 50 }, [{ ...bed, gapMm: null }])).toEqual([]);
    expect(goesUnder({ ...box, heightMm: 200 }, [bed])).toMatchObject([{ name: 'Bed', leftMm: 20 }]);
    expect(goesUnder({ ...box, heightMm: 230 }, [bed])).toEqual([]);
    expect(goesUnder({ ...box, widthMm: 1900, depthMm: 400, heightMm: 100 }, [bed]).length).toBe(1);
    expect(goesUnder({ ...box, widthMm: 2100, depthMm: 400, heightMm: 100 }, [bed]).length).toBe(0);
  });
});

describe('arrived', () => {
  it('says how it differs, the largest first, and when it does not', () => {
    expect(arrivalOf({ l: 50, a: 20, b: 10 }, { l: 50.5, a: 20, b: 10.3 }, rules)).toMatchObject({
      same: true,
      turns: [],
    });
    expect(arrivalOf({ l: 50, a: 0, b: 0 }, { l: 40, a: -4, b: 0 }, rules).turns).toEqual([
      'darker',
      'greener',
    ]);
    expect(arrivalOf({ l: 50, a: 20, b: 20 }, { l: 52, a: 26, b: 26 }, rules).turns).toEqual([
      'stronger',
      'lighter',
    ]);
    expect(arrivalOf({ l: 50, a: 0, b: -20 }, { l: 50, a: 0, b: -4 }, rules).turns).toEqual(['yellower']);
  });
});
