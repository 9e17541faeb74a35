import { describe, expect, it } from 'vitest';
import { ByColour } from './byColour';

describe('values by colour', () => {
  it('are one for equal colours, and in the order in which they came', () => {
    const by = new ByColour<{ name: string }>();
    const named = (l: number, a: number, b: number, name: string) =>
      by.of({ l, a, b }, () => ({ name })).name;
    expect([named(50, 1, 2, 'x'), named(40, 1, 2, 'y'), named(50, 1, 3, 'z'), named(50, 2, 2, 'w')]).toEqual([
      'x',
      'y',
      'z',
      'w',
    ]);
    expect([named(50, 1, 3, 'again'), named(50, 1, 2, 'again')]).toEqual(['z', 'x']);
    expect(by.values.map(({ name }) => name)).toEqual(['x', 'y', 'z', 'w']);
  });
});
