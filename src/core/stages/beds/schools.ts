import { HAIR_MM } from '../../base/tolerance';
import type { Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

/** Which shares of a bed's width a row may cover; on a bed for one a single big square will do. */
export function rowShares(
  bedWidthMm: Mm,
  rules: RuleBook,
): { leastShare: number; mostShare: number; rule: RuleId } {
  const isForOne = bedWidthMm < rules.number('beds.forTwoFrom') - HAIR_MM;
  const rule = isForOne ? 'beds.rowLeastForOne' : 'beds.rowLeast';
  return { leastShare: rules.number(rule), mostShare: rules.number('beds.rowMost'), rule };
}

const MOST = {
  spare: 'beds.mostSpare',
  layered: 'beds.mostLayered',
  heaped: 'beds.mostHeaped',
} as const satisfies Record<string, RuleId>;

/** How many loose pieces a bed may have, by the studio's school. */
export function mostLoose(rules: RuleBook): { most: number; rule: RuleId; school: string } {
  const school = rules.school('beds.looseSchool');
  const rule = MOST[school as keyof typeof MOST];
  return { most: rules.number(rule), rule, school };
}
