import { describe, expect, it } from 'vitest';
import { shortLines, totalCost, type BuyKind, type BuyLine, type Use } from './buying';
import { costByPart } from './buyingParts';

const line = (kind: BuyKind, cost: number | null): BuyLine => ({
  kind,
  name: kind,
  count: 1,
  widthMm: null,
  heightMm: null,
  cost,
  need: 1,
  have: 0,
});

describe('the cost of a look by its parts', () => {
  it('puts hardware with its rods and hems with their curtains, dearest first', () => {
    const lines = [line('rod', 2500), line('rings', 900), line('hems', 6000), line('cover', 3200)];
    expect(costByPart(lines)).toEqual([
      { part: 'curtains', cost: 6000 },
      { part: 'rods', cost: 3400 },
      { part: 'pillows', cost: 3200 },
    ]);
    expect(costByPart(lines).reduce((sum, { cost }) => sum + cost, 0)).toBe(totalCost(lines));
  });

  it('leaves out what has no price', () => {
    expect(costByPart([line('insert', null), line('piece', 100)])).toEqual([{ part: 'pieces', cost: 100 }]);
    expect(costByPart([])).toEqual([]);
  });
});

describe('what is short', () => {
  const use = (more: Partial<Use>): Use => ({
    itemId: 'i',
    name: 'Cover',
    kind: 'cover',
    widthMm: 500,
    heightMm: 500,
    price: 1200,
    need: 5,
    have: 2,
    setOf: 1,
    ...more,
  });
  it('is bought by the set that it is sold in, and paid for by the piece', () => {
    expect(shortLines([use({ setOf: 2 })])).toMatchObject([{ count: 4, cost: 4800, need: 5, have: 2 }]);
    expect(shortLines([use({})])).toMatchObject([{ count: 3, cost: 3600 }]);
  });
  it('has no cost where its price is not known, and one cent is a price', () => {
    expect(shortLines([use({ price: 0 }), use({ price: 1 })]).map((l) => l.cost)).toEqual([null, 3]);
  });
  it('is nothing where there are as many as are needed', () => {
    expect(shortLines([use({ have: 5 }), use({ have: 6 })])).toEqual([]);
  });
});
