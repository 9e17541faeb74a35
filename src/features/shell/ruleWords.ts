import { formatFineLength } from '../../core/base/fineLength';
import { formatMoney } from '../../core/base/money';
import type { LengthUnit } from '../../core/base/units';
import type { RuleBook } from '../../core/rules/book';
import { CURRENCIES, type RuleId, type RuleRow, type RuleValue } from '../../core/rules/table';

type Currency = (typeof CURRENCIES)[number];
export type SchoolKey =
  | 'high'
  | 'twoThirds'
  | 'overFrame'
  | 'shared'
  | 'each'
  | 'eachPanel'
  | 'oneLength'
  | 'pair'
  | 'single'
  | 'cost'
  | 'fit'
  | 'work'
  | 'centre'
  | 'gap'
  | Currency;

/** Shares that are said as fractions, as one says them: two thirds, never 0.667. */
const FRACTIONS: readonly (readonly [share: number, sign: string])[] = [
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
];
const ratioWords = (v: number): string =>
  FRACTIONS.find(([share]) => Math.abs(share - v) < 1e-9)?.[1] ?? String(Number(v.toFixed(3)));

/** A rule's value as it is read, with its unit. */
export function valueWords(
  value: RuleValue,
  row: RuleRow,
  written: { unit: LengthUnit; currency: string; suffix: string },
): string {
  const { unit, currency, suffix } = written;
  const one = (v: number) => {
    if (row.unit === 'length') return formatFineLength(v, unit);
    if (row.unit === 'ratio') return ratioWords(v);
    if (row.unit === 'area') return `${(v / 1e6).toFixed(2)}`;
    return row.unit === 'money' ? formatMoney(v, currency) : String(Number(v.toFixed(3)));
  };
  const words = [value]
    .flat()
    .map(one)
    .join(row.shape === 'range' ? ' – ' : ', ');
  return suffix && row.unit !== 'length' ? `${words} ${suffix}` : words;
}

/** What a rule holds in this studio. */
export const valueOf = (id: RuleId, { shape }: RuleRow, rules: RuleBook): RuleValue => {
  if (shape === 'number') return rules.number(id);
  return shape === 'range' ? rules.range(id) : rules.list(id);
};
