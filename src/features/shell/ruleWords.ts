import { formatLength } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { RuleBook } from '../../core/rules/book';
import type { RuleId, RuleRow, RuleValue } from '../../core/rules/table';

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
  | 'gap';

/** A rule's value as it is read, with its unit. */
export function valueWords(value: RuleValue, row: RuleRow, unit: LengthUnit, suffix: string): string {
  const one = (v: number) => {
    if (row.unit === 'length') return formatLength(v, unit);
    if (row.unit === 'area') return `${(v / 1e6).toFixed(2)}`;
    return row.unit === 'money' ? (v / 100).toFixed(2) : String(Number(v.toFixed(3)));
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
