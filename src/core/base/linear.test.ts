import fc from 'fast-check';
import { expect, test } from 'vitest';
import { solveLinear } from './linear';

test('two equations with two unknowns, also where the first pivot is zero', () => {
  // x + 2y = 5, 3x − y = 1
  expect([...solveLinear(new Float64Array([1, 2, 5, 3, -1, 1]), 2)!]).toEqual([1, 2]);
  // y = 4, 2x = 6
  expect([...solveLinear(new Float64Array([0, 1, 4, 2, 0, 6]), 2)!]).toEqual([3, 4]);
});

test('equations that say the same have no single solution', () => {
  expect(solveLinear(new Float64Array([1, 2, 5, 2, 4, 10]), 2)).toBeUndefined();
  expect(solveLinear(new Float64Array([1, 0, 1, 0, 1e-11, 1]), 2, 1e-10)).toBeUndefined();
});

test('what is found meets every equation', () => {
  const entry = fc.integer({ min: -50, max: 50 });
  fc.assert(
    fc.property(fc.array(entry, { minLength: 20, maxLength: 20 }), (numbers) => {
      const size = 4;
      const width = size + 1;
      const found = solveLinear(new Float64Array(numbers), size, 0.01);
      fc.pre(found !== undefined);
      for (let row = 0; row < size; row++) {
        let left = 0;
        for (let k = 0; k < size; k++) left += numbers[row * width + k]! * found![k]!;
        expect(left).toBeCloseTo(numbers[row * width + size]!, 4);
      }
    }),
  );
});
