import { length, type RuleRow } from '../row';

export const CUTTING_RULES = {
  'cutting.seam': length('CP', 0.5, 1.5),
  'cutting.overlap': length('CP', 5, 12),
  'cutting.leastScrap': length('DEF', 6, 15),
  'cutting.plainWidth': length('CP', 54, 140),
} as const satisfies Record<string, RuleRow>;
