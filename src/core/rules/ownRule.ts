/** What a studio may set a rule to. */
import type { OwnRule } from './book';
import { RULE_IDS, RULE_TABLE, type RuleId, type RuleRow } from './table';

export type OwnRuleIssue = {
  code: 'unknown-rule' | 'wrong-shape' | 'unknown-school' | 'range-turned' | 'not-a-number' | 'out-of-bounds';
  ruleId: string;
  came: string;
};

/** The bounds within which a rule still makes sense, by its unit. */
const BOUNDS: Record<RuleRow['unit'], readonly [number, number]> = {
  length: [0, 10_000],
  area: [0, 1e8],
  ratio: [0, 100],
  count: [0, 10_000],
  deltaE: [0, 100],
  deg: [0, 180],
  gram: [0, 1e6],
  money: [0, 1e8],
  lightness: [0, 100],
  gigapascal: [0.1, 2000],
  density: [10, 25_000],
  gsm: [0, 50_000],
  coverage: [0.1, 100],
  hours: [0, 2000],
  tog: [0, 60],
};

/** Take-downs are below nothing where a heading stands above its rod; no other length can be. */
const TAKE_DOWN: readonly [number, number] = [-1000, 10_000];

/** Lengths that others are divided by or that are repeated along something: they have to be above zero. */
const ABOVE_ZERO: readonly RuleId[] = [
  'windows.stockFlatWidth',
  'windows.clothWidth',
  'windows.ringSpacing',
  'windows.showerFlatWidth',
  'windows.pleatSpacing',
  'windows.rodTube',
  'windows.rodTelescoping',
  'windows.rodWood',
  'windows.rodTrack',
  'windows.rodTension',
  'windows.sagShare',
  'walls.shelfBracketApart',
  'walls.dpiClose',
  'walls.dpiRoom',
  'seats.perSitter',
  'spread.placeReach',
  'fitting.levelLine',
];

/** Lists whose values each have a meaning of their own by their place: so many there must be. */
const LEAST_VALUES: Partial<Record<RuleId, number>> = {
  'windows.rodTube': 2,
  'windows.rodTelescoping': 4,
  'windows.rodTrack': 2,
  'windows.rodTension': 4,
  ...Object.fromEntries(
    RULE_IDS.filter((id) => id.startsWith('echo.') && id !== 'echo.wished').map((id) => [id, 2]),
  ),
};

/** How many values a rule of a shape has; a list has any number. */
const VALUES_OF: Partial<Record<RuleRow['shape'], number>> = { number: 1, range: 2 };

/** Is this a value that the rule can take? Gives the coded issue, or undefined. */
export function checkOwnRule(own: OwnRule): OwnRuleIssue | undefined {
  const code = problemOf(own);
  const came = JSON.stringify(own.value ?? own.school ?? null);
  return code && { code, ruleId: own.ruleId, came };
}

function problemOf(own: OwnRule): OwnRuleIssue['code'] | undefined {
  const id = RULE_IDS.find((known) => known === own.ruleId);
  if (!id) return 'unknown-rule';
  const row: RuleRow = RULE_TABLE[id];
  if (row.shape === 'school') return row.schools?.includes(own.school ?? '') ? undefined : 'unknown-school';
  const values = own.value === undefined ? [] : [own.value].flat();
  return shapeProblem(own, row, values) ?? valueProblem(id, row, values);
}

function shapeProblem(
  own: OwnRule,
  row: RuleRow,
  values: readonly number[],
): OwnRuleIssue['code'] | undefined {
  const wanted = VALUES_OF[row.shape] ?? values.length;
  const isNumber = row.shape !== 'number' || typeof own.value === 'number';
  return values.length === 0 || values.length !== wanted || !isNumber ? 'wrong-shape' : undefined;
}

function valueProblem(id: RuleId, row: RuleRow, values: readonly number[]): OwnRuleIssue['code'] | undefined {
  if (!values.every(Number.isFinite)) return 'not-a-number';
  const [low, high] = id.startsWith('windows.takeDown') ? TAKE_DOWN : BOUNDS[row.unit];
  if (values.some((v) => v < low || v > high)) return 'out-of-bounds';
  if (isAboveZero(id, row) && values.some((v) => v <= 0)) return 'out-of-bounds';
  if (row.shape === 'list' && values.length < (LEAST_VALUES[id] ?? 0)) return 'wrong-shape';
  const [first, last] = values;
  const turned = row.shape === 'range' && first !== undefined && last !== undefined && first > last;
  return turned ? 'range-turned' : undefined;
}

/** Ratios, weights, stock lengths, and lengths that others are divided by. */
const isAboveZero = (id: RuleId, row: RuleRow): boolean =>
  (row.unit === 'ratio' && row.shape === 'number') ||
  row.unit === 'gsm' ||
  ABOVE_ZERO.includes(id) ||
  id.includes('stock');
