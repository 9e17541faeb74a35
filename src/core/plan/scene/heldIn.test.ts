import { describe, expect, it } from 'vitest';
import { bareRoom, inches, item, piece, placement, toIn } from '../../../../tests/helpers/rooms';
import type { Item } from '../../model/types';
import { planLook } from '../planLook';

const TABLE = piece({
  id: 'table',
  kind: 'table',
  xMm: inches(84),
  yMm: inches(20),
  heightMm: inches(30),
  seat: null,
});
const on = (of: string, part: string) => ({ of, part });
const BASKET = item({
  id: 'b',
  kind: 'basket',
  widthMm: inches(16),
  heightMm: inches(12),
  depthMm: inches(12),
});
const THROW = item({ id: 't', kind: 'throw', widthMm: inches(50), heightMm: inches(60) });

/** One thing on a table, with another in it, under these ids. */
function holding(outer: Item, inner: Item, part: string, ids: [string, string] = ['outer', 'inner']) {
  const base = bareRoom(inches(168), inches(144));
  const placements = [
    placement({ id: ids[0], itemId: outer.id, lie: 'standing', spot: on('table', 'top'), xMm: inches(20) }),
    placement({
      id: ids[1],
      itemId: inner.id,
      lie: inner.kind === 'throw' ? 'folded' : 'standing',
      spot: on(ids[0], part),
      xMm: outer.widthMm / 2,
    }),
  ];
  const file = {
    ...base,
    pieces: [TABLE],
    items: [outer, inner],
    looks: [{ ...base.looks[0]!, placements }],
  };
  const plan = planLook(file, { lookId: 'look' });
  const order = plan.elevations.flatMap((e) => e.shapes.map((s) => s.about)).filter((id) => ids.includes(id));
  return { thing: plan.placed.find((t) => t.placement.id === ids[1])!, isInFront: order.at(-1) === ids[1] };
}

describe('what is in something', () => {
  it('is drawn behind its rim, whatever it is called', () => {
    const stems = item({ id: 's', kind: 'stem', widthMm: inches(8), heightMm: inches(24) });
    const vase = item({ id: 'v', kind: 'vase', widthMm: inches(6), heightMm: inches(10) });
    const pot = item({ id: 'p', kind: 'pot', widthMm: inches(6), heightMm: inches(6) });
    const plant = item({ id: 'f', kind: 'plant', widthMm: inches(8), heightMm: inches(12) });
    for (const ids of [
      ['a', 'z'],
      ['z', 'a'],
    ] as [string, string][]) {
      expect(holding(BASKET, THROW, 'inside', ids).isInFront).toBe(false);
      expect(holding(vase, stems, 'mouth', ids).isInFront).toBe(false);
      expect(holding(pot, plant, 'inside', ids).isInFront).toBe(false);
    }
  });
  it('under glass is seen, and what stands on something is in front of it', () => {
    const lantern = item({ id: 'l', kind: 'lantern', widthMm: inches(8), heightMm: inches(15) });
    const candle = item({ id: 'c', kind: 'candle', widthMm: inches(3), heightMm: inches(6) });
    const tray = item({
      id: 'y',
      kind: 'tray',
      widthMm: inches(16),
      heightMm: inches(2),
      depthMm: inches(10),
    });
    for (const ids of [
      ['a', 'z'],
      ['z', 'a'],
    ] as [string, string][]) {
      expect(holding(lantern, candle, 'inside', ids).isInFront).toBe(true);
      expect(holding(tray, candle, 'top', ids).isInFront).toBe(true);
    }
  });
  it('gives way where it is cloth: as wide and deep as the basket, and out over its rim with what is left', () => {
    const { at } = holding(BASKET, THROW, 'inside').thing;
    const inside = [16, 12].map((n) => n - 20 / 25.4);
    // folded in thirds and four along it is 15 × 16⅔ in and 60 mm high; loose it takes twice that
    const volume = 2 * 15 * (50 / 3) * (60 / 25.4);
    expect(toIn(at.widthMm)).toBeCloseTo(15, 6);
    expect(toIn(at.depthMm)).toBeCloseTo(inside[1]!, 6);
    expect(toIn(at.heightMm)).toBeCloseTo(volume / (15 * inside[1]!), 6);
    const small = { ...BASKET, widthMm: inches(8) };
    expect(toIn(holding(small, THROW, 'inside').thing.at.widthMm)).toBeCloseTo(8 - 20 / 25.4, 6);
    expect(holding(small, THROW, 'inside').thing.at.heightMm).toBeGreaterThan(BASKET.heightMm);
  });
  it('on a tray nothing gives way', () => {
    const tray = item({
      id: 'y',
      kind: 'tray',
      widthMm: inches(10),
      heightMm: inches(2),
      depthMm: inches(10),
    });
    expect(toIn(holding(tray, THROW, 'top').thing.at.widthMm)).toBeCloseTo(15, 6);
  });
});
