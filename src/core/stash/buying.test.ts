import { describe, expect, it } from 'vitest';
import { costByPart, totalCost, type BuyKind, type BuyLine } from './buying';

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
