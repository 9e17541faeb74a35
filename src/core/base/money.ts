import type { Money } from './units';

const formatters = new Map<string, Intl.NumberFormat>();

/** An amount of money with its currency (ISO 4217), as it is written in English: "$24.50", "€24.50". */
export function formatMoney(amount: Money, currency: string): string {
  let formatter = formatters.get(currency);
  if (!formatter) {
    formatter = new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' });
    formatters.set(currency, formatter);
  }
  return formatter.format(amount / 100);
}
