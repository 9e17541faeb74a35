import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  demoRoom,
  fittingOf,
  hanging,
  inches,
  item,
  piece,
  toIn,
} from '../../../tests/helpers/rooms';
import type { RoomFile } from '../model/types';
import { fitsIn } from './fitsIn';
import { planLook } from './planLook';

const found = (file: RoomFile, lookId = file.looks[0]!.id) => fitsIn(file, planLook(file, { lookId }));
const heights = (file: RoomFile) => found(file).map(({ id, heightMm }) => [id, toIn(heightMm)]);
const chest = piece({
  id: 'c',
  kind: 'chest',
  seat: null,
  heightMm: inches(30),
  yMm: inches(9),
  depthMm: inches(18),
});

describe('what something fits in', () => {
  it('is every shelf of a bookcase, its top up to the ceiling, the wall over it', () => {
    const bookcase = piece({
      id: 'b',
      kind: 'bookcase',
      seat: null,
      heightMm: inches(72),
      shelvesMm: [inches(4), inches(20)],
      yMm: inches(7),
      depthMm: inches(12),
    });
    const ids = found({ ...bareRoom(), pieces: [bookcase] }).map(({ id }) => id);
    expect(ids).toEqual(expect.arrayContaining(['b/bay1', 'b/bay2', 'b/top', 'b/over']));
    // of an empty room only the corners of its floor
    expect(found(bareRoom()).map(({ where }) => where.kind)).toEqual([
      'corner',
      'corner',
      'corner',
      'corner',
    ]);
  });
  it('is a counter, a sill and hooks as they are planned', () => {
    const galley = found(demoRoom('galley')).map(({ where }) => where.kind);
    expect(galley).toEqual(expect.arrayContaining(['counter', 'top']));
    const bathroom = found(demoRoom('bathroom')).map(({ where }) => where.kind);
    expect(bathroom).toEqual(expect.arrayContaining(['sill', 'hook']));
  });
  it('is a seat up to its back, however deep the thing', () => {
    const sofa = found(demoRoom('long-room')).find(({ id }) => id === 'long-sofa/seat');
    expect(sofa).toMatchObject({ depthMm: null, where: { kind: 'seat', name: 'Long sofa' } });
  });
  it('ends under a shelf, and an inch below a screen and a picture', () => {
    const over = (kind: 'tv' | 'shelf' | 'vent') =>
      fittingOf({
        kind,
        wallId: 'n',
        xMm: inches(60),
        widthMm: inches(40),
        bottomMm: inches(50),
        heightMm: inches(20),
        depthMm: inches(10),
      });
    const topOf = (more: Partial<RoomFile>) =>
      heights({ ...bareRoom(), pieces: [chest], ...more }).find(([id]) => id === 'c/top')?.[1];
    expect(topOf({})).toBe(66);
    expect(topOf({ fittings: [over('shelf')] })).toBe(20);
    expect(topOf({ fittings: [over('tv')] })).toBe(19);
    expect(topOf({ fittings: [over('vent')] })).toBe(66);
    const base = bareRoom();
    const picture = item({ id: 'i1', kind: 'art', widthMm: inches(20), heightMm: inches(16) });
    const hung = hanging({ xMm: chest.xMm, centreMm: inches(60), overPieceId: null });
    const looks = [{ ...base.looks[0]!, hangings: [hung] }];
    expect(topOf({ items: [picture], looks })).toBe(60 - 8 - 30 - 1);
  });
});
