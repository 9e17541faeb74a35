import { describe, expect, it } from 'vitest';
import { readBegun } from './useBegunRoom';

const BEGUN = {
  name: 'Attic',
  home: null,
  unit: 'cm',
  legs: [{ lengthMm: 4000, turnDeg: 90 }],
  ceilingMm: 2400,
};

describe('a room that is being begun', () => {
  it('comes back as it was kept', () => {
    expect(readBegun(JSON.stringify(BEGUN))).toEqual(BEGUN);
    expect(readBegun(JSON.stringify({ ...BEGUN, home: 'Sail Loft' }))?.home).toBe('Sail Loft');
  });

  it.each([
    ['nothing', null],
    ['half a text', '{"name":"Att'],
    ['something else', '[1, 2]'],
    ['no name', JSON.stringify({ ...BEGUN, name: undefined })],
    ['a home that is no text', JSON.stringify({ ...BEGUN, home: 3 })],
    ['a unit that is none', JSON.stringify({ ...BEGUN, unit: 'ell' })],
    ['walls that are no list', JSON.stringify({ ...BEGUN, legs: 'four' })],
    ['a wall without a length', JSON.stringify({ ...BEGUN, legs: [{ turnDeg: 90 }] })],
    ['a wall without a turn', JSON.stringify({ ...BEGUN, legs: [{ lengthMm: 90 }] })],
    ['no ceiling', JSON.stringify({ ...BEGUN, ceilingMm: null })],
  ])('is begun anew from %s', (_what, text) => {
    expect(readBegun(text)).toBeUndefined();
  });
});
