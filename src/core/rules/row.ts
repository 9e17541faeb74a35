import { cm, inches } from '../base/units';

/** CP common practice; PUB published; DEF our own definition. */
export type RuleMark = 'CP' | 'PUB' | 'DEF';
export type RuleUnit =
  | 'length'
  | 'area'
  | 'ratio'
  | 'count'
  | 'deltaE'
  | 'deg'
  | 'gram'
  | 'money'
  | 'lightness'
  | 'gigapascal'
  | 'density'
  | 'gsm'
  | 'coverage'
  | 'hours'
  | 'tog';
export type RuleValue = number | readonly number[];

/**
 * One rule of the trade. `range` holds [low, high]; `list` any number of values. `schools` names the values
 * that
 * stylists differ on; `value` is then the default school's. Words (name, reason, source) stand in messages
 * under the id.
 * `cmValue` is the round metric value that a room measured in centimetres uses.
 */
export type RuleRow = {
  shape: 'number' | 'range' | 'list' | 'school';
  unit: RuleUnit;
  mark: RuleMark;
  value?: RuleValue;
  cmValue?: RuleValue;
  schools?: readonly string[];
  school?: string;
};

export const length = (mark: RuleMark, value: number, cmValue?: number): RuleRow => ({
  shape: 'number',
  unit: 'length',
  mark,
  value: inches(value),
  ...(cmValue !== undefined ? { cmValue: cm(cmValue) } : {}),
});
export const span = (
  mark: RuleMark,
  low: number,
  high: number,
  cmLow?: number,
  cmHigh?: number,
): RuleRow => ({
  shape: 'range',
  unit: 'length',
  mark,
  value: [inches(low), inches(high)],
  ...(cmLow !== undefined && cmHigh !== undefined ? { cmValue: [cm(cmLow), cm(cmHigh)] } : {}),
});
export const plain = (mark: RuleMark, unit: RuleUnit, value: number): RuleRow => ({
  shape: 'number',
  unit,
  mark,
  value,
});
export const range = (mark: RuleMark, unit: RuleUnit, low: number, high: number): RuleRow => ({
  shape: 'range',
  unit,
  mark,
  value: [low, high],
});
export const school = (mark: RuleMark, first: string, ...others: string[]): RuleRow => ({
  shape: 'school',
  unit: 'count',
  mark,
  schools: [first, ...others],
  school: first,
});
