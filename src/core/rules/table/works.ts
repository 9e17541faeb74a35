import { length, plain, type RuleRow } from '../row';

export const WORK_RULES = {
  'works.cover': plain('CP', 'coverage', 11),
  'works.spare': plain('CP', 'ratio', 0.1),
  'works.betweenCoats': plain('CP', 'hours', 4),
  'works.judgeAfter': plain('CP', 'hours', 24),
  'works.stripTrim': length('CP', 2, 5),
  'works.turnIn': length('CP', 2.5, 6.5),
  'works.holesApart': length('DEF', 5 / 16, 0.8),
} as const satisfies Record<string, RuleRow>;
