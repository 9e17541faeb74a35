import { describe, expect, it } from 'vitest';
import { win } from '../../../../tests/helpers/findingCases/given';
import { inches, item } from '../../../../tests/helpers/rooms';
import type { Item } from '../../model/types';
import { planLook } from '../planLook';

const size = { widthMm: inches(50), heightMm: inches(96) };
const panel = (more: Partial<Item>): Item =>
  item({ id: 'sail', name: 'Sail panel', kind: 'panel', ...size, ...more });
const wished = panel({
  count: 0,
  wish: { count: 2, widthMm: [inches(40), inches(50)], heightMm: [inches(90), inches(96)], mostPrice: 4500 },
});
const planWith = (cloth: Item) =>
  planLook(win({}, { itemId: cloth.id, panels: 2 }, { items: [cloth] }), { lookId: 'look' });

describe('curtains that are only wished for', () => {
  it('are drawn as such, cloth by cloth; those that are owned are not', () => {
    const marks = (cloth: Item) =>
      planWith(cloth)
        .elevations.flatMap((e) => e.shapes)
        .filter((s) => s.form === 'curtain')
        .map((s) => s.wish ?? false);
    expect(marks(wished)).toEqual([true, true]);
    expect(marks(panel({ count: 2 }))).toEqual([false, false]);
  });
  it('are bought at the most that they may cost, and are open until they are there', () => {
    const { sheet, findings } = planWith(wished);
    expect(sheet.buy.filter((line) => line.name === 'Sail panel')).toEqual([
      expect.objectContaining({ count: 2, need: 2, have: 0, cost: 9000 }),
    ]);
    expect(findings.filter((f) => f.code === 'wish-open').map((f) => f.stage)).toEqual(['windows']);
  });
});
