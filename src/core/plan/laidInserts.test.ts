import { describe, expect, it } from 'vitest';
import { bareRoom, inches, item, piece, placement, toIn } from '../../../tests/helpers/rooms';
import type { Item, RoomFile } from '../model/types';
import { planLook } from './planLook';

const cover = (id: string, more: Partial<Item> = {}) =>
  item({ id, name: id, widthMm: inches(16), heightMm: inches(16), texture: 'linen', ...more });
function planOf(items: Item[]) {
  const base = bareRoom(inches(168), inches(144));
  const placements = items
    .filter((i) => i.kind === 'cover')
    .map((i, n) => placement({ id: `p${n}`, itemId: i.id, xMm: inches(12 + 20 * n), fill: 'feather' }));
  const file: RoomFile = { ...base, pieces: [piece()], items, looks: [{ ...base.looks[0]!, placements }] };
  return planLook(file, { lookId: 'look' });
}
const bought = (items: Item[]) =>
  planOf(items).sheet.buy.map((b) => [b.kind, b.count, toIn(b.widthMm ?? 0), b.need, b.have]);

describe('what fills the pillows of a look is on the list to buy', () => {
  it('inserts and casings of each size, as far as none are owned', () => {
    expect(bought([cover('a'), cover('b')])).toEqual([
      ['casing', 2, 18, 2, 0],
      ['insert', 2, 18, 2, 0],
    ]);
    const owned = (kind: 'insert' | 'casing') =>
      item({ id: kind, kind, fill: 'feather', widthMm: inches(18), heightMm: inches(18), count: 1 });
    expect(bought([cover('a'), cover('b'), owned('insert'), owned('casing')])).toEqual([
      ['casing', 1, 18, 2, 1],
      ['insert', 1, 18, 2, 1],
    ]);
  });
  it('no casing under a tight weave; a round insert for a round cover', () => {
    expect(bought([cover('v', { texture: 'velvet', round: true })])).toEqual([['roundInsert', 1, 18, 1, 0]]);
  });
});
