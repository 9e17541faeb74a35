import { describe, expect, it } from 'vitest';
import { beginAhead, takeAhead, typeAhead } from './typedAhead';

describe('letters typed before the search is there', () => {
  it('are kept from the key that opens it until its field takes them', () => {
    expect(typeAhead('a', 0)).toBe(false);
    beginAhead(0);
    expect(['l', 'i', 'n'].map((key, n) => typeAhead(key, n))).toEqual([true, true, true]);
    // keys that are no letters do what they do
    expect(typeAhead('Escape', 5)).toBe(false);
    expect(takeAhead()).toBe('lin');
    expect(takeAhead()).toBe('');
    expect(typeAhead('x', 6)).toBe(false);
  });

  it('are the page’s again where the field does not come', () => {
    beginAhead(1000);
    expect(typeAhead('g', 6000)).toBe(true);
    expect(typeAhead('g', 6001)).toBe(false);
    expect(takeAhead()).toBe('g');
  });
});
