import { describe, expect, it } from 'vitest';
import { item } from '../../../tests/helpers/rooms';
import { ITEM_KINDS } from '../model/values/item';
import { longestSide, oversizedSide } from './itemSize';

describe('how large a thing can be', () => {
  it.each(ITEM_KINDS)('a %s of its longest side, and no more, on each of its sides', (kind) => {
    const mm = longestSide(kind);
    const most = item({ id: 'a', kind, widthMm: mm, heightMm: mm, depthMm: mm });
    expect(oversizedSide(most)).toBeUndefined();
    for (const field of ['widthMm', 'heightMm', 'depthMm'] as const)
      expect(oversizedSide({ ...most, [field]: mm + 0.1 })).toEqual({
        field,
        cameMm: mm + 0.1,
        longestMm: mm,
      });
  });
  it('a frame of ten metres is no frame; the largest that are framed are', () => {
    expect(oversizedSide(item({ id: 'a', kind: 'frame', widthMm: 10_000 }))).toMatchObject({
      field: 'widthMm',
    });
    expect(oversizedSide(item({ id: 'a', kind: 'art', widthMm: 3000, heightMm: 2000 }))).toBeUndefined();
  });
  it('one that was so large before may be changed otherwise, but not made larger or something else', () => {
    const old = item({ id: 'a', kind: 'frame', widthMm: 10_000 });
    expect(oversizedSide({ ...old, name: 'Other' }, old)).toBeUndefined();
    expect(oversizedSide({ ...old, widthMm: 11_000 }, old)).toMatchObject({ field: 'widthMm' });
    expect(oversizedSide({ ...old, kind: 'mirror' }, old)).toMatchObject({ field: 'widthMm' });
  });
});
