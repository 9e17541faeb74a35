import type { Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { Look } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { rodBySchool, sharedRodLine, type RodFacts } from '../../stages/windows/rod';
import type { WindowPlan } from '../../stages/windows/windowPlan';
import type { RoomContext } from '../context';
import type { Dressed } from './dressed';
import { headOf } from './windowPlace';

/** The rod line shared by the room's windows; null when each keeps its own or there are none. */
export type RodLine = {
  lineMm: Mm | null;
  /** Where the highest of the windows would have its rod by the school, when the line was typed. */
  highestMm: Mm | null;
};

/** Rods on the wall share a line; one in a reveal, on the ceiling or over a tub keeps its own place. */
export const sharesLine = ({ dressing, target }: Dressed): boolean =>
  dressing.mount === 'wall' && !target.shower;

/** The line that the look was given, or the one that the school of height finds for all its windows. */
export function planRodLine(
  context: RoomContext & { dressed: readonly Dressed[]; look: Pick<Look, 'rodLineMm'> },
): RodLine {
  const { rules, look } = context;
  const heads = context.dressed.filter(sharesLine).map(({ target }) => headOf(context, target));
  if (rules.school('windows.rodLine') !== 'shared' || heads.length === 0)
    return { lineMm: null, highestMm: null };
  if (look.rodLineMm === null) return { lineMm: schoolLine(heads, rules), highestMm: null };
  return { lineMm: look.rodLineMm, highestMm: Math.max(...heads.map((h) => rodBySchool(h, rules).rodMm)) };
}

/** A single window has no line to share. */
export const schoolLine = (heads: readonly RodFacts[], rules: RuleBook): Mm | null =>
  heads.length > 1 ? (sharedRodLine(heads, rules) ?? null) : null;

/** A window on a line that was typed lower than the rule has its rod. */
export function judgeLine(window: WindowPlan, { lineMm, highestMm }: RodLine, rules: RuleBook): Finding[] {
  if (window.rodFrom !== 'line' || lineMm === null || highestMm === null) return [];
  const byMm = highestMm - lineMm;
  if (byMm <= rules.number('windows.belowCeiling')) return [];
  return [
    {
      code: 'rod-below-the-rule',
      level: 'caution',
      stage: 'windows',
      about: [window.openingId],
      rule: 'windows.heightSchool',
      by: { window: window.name, byMm, wishMm: highestMm },
    },
  ];
}
