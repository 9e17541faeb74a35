import { clamp, toMark, toMarkBelow, type Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';

export type RodFacts = { frameTopMm: Mm; ceilingMm: Mm };

export const rodLimits = (
  { frameTopMm, ceilingMm }: RodFacts,
  rules: RuleBook,
): { lowMm: Mm; highMm: Mm } => {
  const highMm = toMarkBelow(ceilingMm - rules.number('windows.rodClearance'), rules.unit);
  return { lowMm: Math.min(frameTopMm + rules.number('windows.leastOverFrame'), highMm), highMm };
};

function wishBySchool({ frameTopMm, ceilingMm }: RodFacts, rules: RuleBook, school: string): Mm {
  if (school === 'twoThirds')
    return frameTopMm + rules.number('windows.frameToCeilingShare') * (ceilingMm - frameTopMm);
  if (school === 'overFrame') return frameTopMm + rules.number('windows.overFrame');
  return ceilingMm - rules.number('windows.belowCeiling');
}

/**
 * Rod centre above the datum by the studio's school of height, held under the ceiling by bracket and finial.
 * `heldByMm` is what the ceiling took from the school's height (0 when nothing).
 */
export function rodBySchool(
  facts: RodFacts,
  rules: RuleBook,
  school = rules.school('windows.heightSchool'),
): { rodMm: Mm; heldByMm: Mm } {
  const wish = wishBySchool(facts, rules, school);
  const { lowMm, highMm } = rodLimits(facts, rules);
  const rodMm = clamp(toMark(wish, rules.unit), lowMm, highMm);
  return { rodMm, heldByMm: Math.max(0, toMark(wish, rules.unit) - rodMm) };
}

/**
 * One rod line over windows of different heads: the highest school height that every window's ceiling allows.
 */
export function sharedRodLine(
  windows: readonly RodFacts[],
  rules: RuleBook,
  school = rules.school('windows.heightSchool'),
): Mm | undefined {
  if (windows.length === 0) return undefined;
  const wish = Math.max(...windows.map((w) => rodBySchool(w, rules, school).rodMm));
  return Math.min(wish, ...windows.map((w) => rodLimits(w, rules).highMm));
}
