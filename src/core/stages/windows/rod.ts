import { clamp, toPlanned, plannedBelow, type Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';

export type RodFacts = { frameTopMm: Mm; ceilingMm: Mm };

export const rodLimits = (
  { frameTopMm, ceilingMm }: RodFacts,
  rules: RuleBook,
): { lowMm: Mm; highMm: Mm } => {
  const highMm = plannedBelow(ceilingMm - rules.number('windows.rodClearance'), rules.unit);
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
  const rodMm = clamp(toPlanned(wish, rules.unit), lowMm, highMm);
  return { rodMm, heldByMm: Math.max(0, toPlanned(wish, rules.unit) - rodMm) };
}

/** Whether a rod at a height clears the window's frame and what is over it. */
export function holdsAt(facts: RodFacts, rodMm: Mm, rules: RuleBook): boolean {
  const { lowMm, highMm } = rodLimits(facts, rules);
  return rodMm >= lowMm - 0.5 && rodMm <= highMm + 0.5;
}

/**
 * One rod line over windows of different heads: the highest school height that every window's ceiling allows.
 * Where no height suits all of them, the line is that of as many as can share one, and of the higher of two.
 */
export function sharedRodLine(
  windows: readonly RodFacts[],
  rules: RuleBook,
  school = rules.school('windows.heightSchool'),
): Mm | undefined {
  const heads = windows.map((facts) => ({
    ...rodLimits(facts, rules),
    wishMm: rodBySchool(facts, rules, school).rodMm,
  }));
  const lines = heads
    .map(({ highMm }) => heads.filter((w) => w.lowMm <= highMm + 0.5 && w.highMm >= highMm - 0.5))
    .map((sharing) => ({
      sharing,
      rodMm: Math.min(Math.max(...sharing.map((w) => w.wishMm)), ...sharing.map((w) => w.highMm)),
    }));
  return lines.sort((a, b) => b.sharing.length - a.sharing.length || b.rodMm - a.rodMm)[0]?.rodMm;
}
