import { expect, it } from 'vitest';
import { percentWords } from './percentWords';

it('a share is said in percent, finer where it is small, and never as nothing', () => {
  expect([0, 0.00004, 0.0005, 0.0123, 0.0994, 0.0999, 0.334, 1].map(percentWords)).toEqual([
    '0.0%',
    '<0.1%',
    '0.1%',
    '1.2%',
    '9.9%',
    '10%',
    '33%',
    '100%',
  ]);
});
