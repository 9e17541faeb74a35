import { expect, test } from 'vitest';
import { formatMoney } from './money';

test.each([
  [2450, 'USD', '$24.50'],
  [2450, 'EUR', '€24.50'],
  [2450, 'GBP', '£24.50'],
  [123456700, 'USD', '$1,234,567.00'],
  [0, 'EUR', '€0.00'],
  [5, 'GBP', '£0.05'],
])('%i hundredths in %s are written %s', (amount, currency, words) => {
  expect(formatMoney(amount, currency)).toBe(words);
});

test('a currency without a sign of its own is written by its code or short name, never left out', () => {
  for (const currency of ['CHF', 'SEK', 'NOK', 'DKK', 'PLN', 'CZK', 'CAD', 'AUD', 'NZD'])
    expect(formatMoney(100, currency)).toMatch(/^\D+1\.00$/u);
});
