import { describe, expect, it } from 'vitest';
import { askedWords, matchOf } from './fold';

describe('looking for a name', () => {
  it.each([
    ['harbour  window ', 'Harbour window', 0],
    ['har', 'Harbour window', 1],
    ['harbour win', 'Harbour window', 1],
    ['window', 'Harbour window', 2],
    ['window harbour', 'Harbour window', 2],
    ['arb', 'Harbour window', 3],
    ['north', 'Harbour window', 3],
    ['south', 'Harbour window', null],
    ['', 'Harbour window', 1],
    ['ete', 'Été', 0],
    ['ÉTÉ', 'ete', 0],
    ['loft', 'Sofa (Loft)', 2],
  ] as const)('%j in %j', (typed, name, match) => {
    expect(matchOf(askedWords(typed), name, 'north wall')).toBe(match);
  });
});
