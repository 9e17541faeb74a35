import { describe, expect, it } from 'vitest';
import { inches, item } from '../../../tests/helpers/rooms';
import { seededRandom } from '../base/random';
import { insertNeeds, type InsertUse } from './insert';
import { InsertStock } from './insertStock';

const use = (n: number, fill: InsertUse['fill'] = 'feather', round = false): InsertUse => ({
  widthMm: inches(n),
  heightMm: inches(n),
  round,
  fill,
});
const owned = (n: number, count: number) =>
  item({
    id: `insert-${n}`,
    kind: 'insert',
    fill: 'feather',
    widthMm: inches(n),
    heightMm: inches(n),
    count,
  });

describe('what is left of the inserts', () => {
  it('asks for nothing while there are enough', () => {
    expect(new InsertStock([use(20)], [owned(20, 3)]).missing([use(20), use(20)])).toEqual([]);
  });
  it('counts what the other seats take first', () => {
    const [need] = new InsertStock([use(20), use(20)], [owned(20, 3)]).missing([use(20), use(20)]);
    expect(need).toMatchObject({ need: 4, have: 3, buy: 1 });
  });
  it('leaves out what the other seats lack without these', () => {
    const stock = new InsertStock([use(20), use(20)], [owned(20, 1)]);
    expect(stock.countMissing([use(20)])).toBe(1);
    expect(stock.countMissing([])).toBe(0);
  });
  it('tells fills and shapes apart, and takes a side within a quarter of an inch as the same', () => {
    const stock = new InsertStock([], [owned(20, 2)]);
    expect(stock.countMissing([use(20, 'polyester'), use(20, 'feather', true), use(20.2), use(20.2)])).toBe(
      2,
    );
  });
  it('gives the same answer however often it is asked, and the one that counting all of them gives', () => {
    const random = seededRandom(11);
    const draw = (n: number) => Math.floor(random() * n);
    const some = (most: number) =>
      Array.from({ length: draw(most + 1) }, () => use(16 + 2 * draw(4), draw(2) ? 'feather' : 'polyester'));
    for (let i = 0; i < 300; i++) {
      const [taken, stash] = [some(6), [owned(16, draw(4)), owned(20, draw(3)), owned(22, draw(2))]];
      const stock = new InsertStock(taken, stash);
      stock.countMissing(some(4));
      const uses = some(6);
      const bought = (all: InsertUse[]) => insertNeeds(all, stash).reduce((n, need) => n + need.buy, 0);
      const expected = bought([...taken, ...uses]) - bought(taken);
      expect(stock.countMissing(uses)).toBe(expected);
      expect(stock.missing(uses).reduce((n, need) => n + need.buy, 0)).toBe(expected);
    }
  });
});
