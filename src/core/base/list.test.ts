import { expect, test } from 'vitest';
import { dot, elementAt, findOne, first, last, ring } from './list';

test('an element that has to be there is given, or its absence is reported with place and length', () => {
  expect([first([7, 8]), last([7, 8]), elementAt([7, 8], 1)]).toEqual([7, 8, 8]);
  expect(() => first([])).toThrow('There is no element 0 in a list of 0.');
  expect(() => elementAt([1, 2], 2)).toThrow('There is no element 2 in a list of 2.');
  expect(() => elementAt([1, 2], -1)).toThrow('There is no element -1 in a list of 2.');
  expect(elementAt([0, null], 0)).toBe(0);
});

test('the one that has to be there is found, or its absence is reported', () => {
  expect(findOne([{ id: 'a' }, { id: 'b' }], (x) => x.id === 'b')).toEqual({ id: 'b' });
  expect(() => findOne(['a', 'b'], (x) => x === 'c')).toThrow('None of 2 is the one that is looked for.');
});

test('a ring has as many edges as elements and closes', () => {
  expect(ring(['a', 'b', 'c'])).toEqual([
    ['a', 'b'],
    ['b', 'c'],
    ['c', 'a'],
  ]);
  expect(ring(['a'])).toEqual([['a', 'a']]);
  expect(ring([])).toEqual([]);
});

test('the dot product of perpendicular lists is zero', () => {
  expect(dot([1, 2, 3], [4, 5, 6])).toBe(32);
  expect(dot([3, 4], [-4, 3])).toBe(0);
  expect(dot(new Float64Array([0.5, 2]), [4, 1])).toBe(4);
});
