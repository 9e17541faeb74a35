import { createElement } from 'react';
import { describe, expect, it } from 'vitest';
import { showsSame } from './steady';

describe('what a control shows', () => {
  const props = (label: string) => ({ value: 'a', options: [{ value: 'a', label }, { value: 'b' }] });
  it('is the same when its lists say the same', () => {
    expect(showsSame(props('First'), props('First'))).toBe(true);
    expect(showsSame({ size: NaN }, { size: NaN })).toBe(true);
  });
  it('is not when a word, a number or the length of a list differs, or a field is missing', () => {
    expect(showsSame(props('First'), props('Second'))).toBe(false);
    expect(showsSame({ list: [1, 2] }, { list: [1, 3] })).toBe(false);
    expect(showsSame({ list: [1, 2] }, { list: [1, 2, 3] })).toBe(false);
    expect(showsSame({ list: [1, 2, 3] }, { list: [1, 2] })).toBe(false);
    expect(showsSame({ a: 1, b: 2 }, { a: 1 })).toBe(false);
    expect(showsSame({ a: 1 }, { a: 1, b: undefined })).toBe(false);
    expect(showsSame({ a: undefined }, { b: undefined })).toBe(false);
    expect(showsSame({ a: null }, { a: {} })).toBe(false);
  });
  it('is not for parts that were drawn anew, even of the same words', () => {
    const drawn = () => createElement('b', null, 'Word');
    const once = drawn();
    expect(showsSame({ children: drawn() }, { children: drawn() })).toBe(false);
    expect(showsSame({ children: once }, { children: once })).toBe(true);
  });
  it('is not for dates, maps and other objects that are not plain', () => {
    expect(showsSame({ at: new Map([[1, 2]]) }, { at: new Map([[1, 2]]) })).toBe(false);
  });
});
