import { describe, expect, it } from 'vitest';
import { box, room, type Given } from '../../../tests/helpers/findingCases/given';
import { inches, item, placement, standing } from '../../../tests/helpers/rooms';
import type { Item } from '../model/types';
import { planLook } from './planLook';

const chest = box('chest', [64, 9], [48, 18], { heightMm: inches(30) });
const base = item({ id: 'base', name: 'Driftwood lamp', kind: 'lampBase', count: 2 });
const bulb = (count: number): Item => item({ id: 'bulb', name: 'Bulb', kind: 'bulb', count });
const bulbsFor = (given: Given) =>
  planLook(
    room({
      pieces: [chest],
      placements: [placement({ id: 'lamp', itemId: 'base', count: 2, ...standing('chest') })],
      ...given,
    }),
    { lookId: 'look' },
  ).sheet.buy.filter((line) => line.kind === 'bulb');

describe('a lamp base in which nobody has put a bulb', () => {
  it('has one proposed for each', () => {
    expect(bulbsFor({ items: [base] })).toMatchObject([
      { name: 'Driftwood lamp', count: 2, need: 2, have: 0 },
    ]);
  });
  it('takes those of the stash first', () => {
    expect(bulbsFor({ items: [base, bulb(1)] })).toMatchObject([{ count: 1, need: 2, have: 1 }]);
    expect(bulbsFor({ items: [base, bulb(2)] })).toEqual([]);
    expect(bulbsFor({ items: [base, { ...bulb(9), state: 'gone' }] })).toMatchObject([{ count: 2 }]);
  });
  it('needs none once one is in it, and leaves others those that are in use', () => {
    const lamp = placement({ id: 'lamp', itemId: 'base', ...standing('chest') });
    const lit = placement({ id: 'light', itemId: 'bulb', ...standing('lamp', 'bulb') });
    expect(bulbsFor({ items: [base, bulb(1)], placements: [lamp, lit] })).toEqual([]);
    const second = { ...lamp, id: 'second', xMm: inches(40) };
    expect(bulbsFor({ items: [base, bulb(1)], placements: [lamp, lit, second] })).toMatchObject([
      { count: 1 },
    ]);
  });
});
