import { describe, expect, it } from 'vitest';
import { findOne } from '../core/base/list';
import { headOfLook, type Change } from '../core/model/change';
import words from '../messages/en.json';
import { demoRoom } from '../../tests/helpers/rooms';
import { labelOf, SAID_FIELDS } from './changeLabel';

const file = demoRoom('long-room');
const look = findOne(file.looks, (l) => l.id === 'early-summer');
const dressing = findOne(look.dressings, (d) => d.openingId === 'harbour-window');
const pillow = findOne(look.placements, (p) => p.itemId === 'tanbark-20');
const dress = (patch: Partial<typeof dressing>): Change => ({
  do: 'putDressing',
  lookId: look.id,
  dressing: { ...dressing, ...patch },
});
const lay = (patch: Partial<typeof pillow>): Change => ({
  do: 'putPlacement',
  lookId: look.id,
  placement: { ...pillow, ...patch },
});

describe('the label of a change', () => {
  it('names the one length that changed, and what it became', () => {
    expect(labelOf([dress({ extensionLeftMm: 254 })], file)).toEqual({
      code: 'putDressing',
      name: 'Harbour window',
      field: 'extensionLeftMm',
      mm: 254,
    });
  });
  it('names the field that was meant, not what follows from it', () => {
    const chosen = dress({ route: { kind: 'made', stockMm: null }, landing: 'pool', rodHeightMm: 2600 });
    expect(labelOf([chosen], file)).toMatchObject({ code: 'changed', field: 'route' });
    expect(labelOf([dress({ landing: 'pool' })], file)).toMatchObject({ field: 'landing' });
    expect(labelOf([dress({ itemId: null, route: null })], file)).toMatchObject({ field: 'itemId' });
  });
  it('tells turned from moved', () => {
    expect(labelOf([lay({ turnDeg: 15 })], file)).toMatchObject({ code: 'changed', field: 'turnDeg' });
    const moved = labelOf([lay({ turnDeg: pillow.turnDeg + 15, xMm: pillow.xMm + 10 })], file);
    expect(moved).toEqual({ code: 'moved', name: 'Tanbark linen' });
  });
  it('says what of a look changed', () => {
    const approved: Change = { do: 'putLook', look: { ...headOfLook(look), approvedWallIds: ['w'] } };
    expect(labelOf([approved], file)).toEqual({
      code: 'changed',
      name: 'Early summer',
      field: 'approvedWallIds',
    });
  });
  it('counts the other things, each once, and none that only go along', () => {
    const along: Change = { do: 'moveItem', id: pillow.itemId, to: { placeId: null } };
    expect(labelOf([lay({ face: 'back' }), along], file)).not.toHaveProperty('more');
    const others = look.placements.filter((p) => p.id !== pillow.id).slice(0, 3);
    const off = others.map(({ id }): Change => ({ do: 'removePlacement', lookId: look.id, id }));
    expect(labelOf([lay({ face: 'back' }), lay({ row: 3 }), ...off], file)).toMatchObject({ more: 3 });
  });
  it('has words for every field', () => {
    expect(Object.keys(words.actsOf).sort()).toEqual([...SAID_FIELDS].sort());
  });
});
