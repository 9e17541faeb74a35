import type { Mm } from '../../base/units';
import type { Finding } from '../../model/finding';
import type { Look } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { holdsAt, rodBySchool, sharedRodLine, type RodFacts } from '../../stages/windows/rod';
import type { WindowPlan } from '../../stages/windows/windowPlan';
import type { RoomContext } from '../context';
import type { Dressed } from './dressed';
import { headOf } from './windowPlace';

/** The rod line shared by the room's windows; null when each keeps its own or there are none. */
export type RodLine = {
  lineMm: Mm | null;
  /** Where the highest of the windows would have its rod by the school, when the line was typed. */
  highestMm: Mm | null;
  /** Dressings whose window can't hold the line, and keep a height of their own. */
  keepOwn: ReadonlySet<string>;
};
const NO_LINE: RodLine = { lineMm: null, highestMm: null, keepOwn: new Set() };

/** Rods on the wall share a line; one in a reveal, on the ceiling or over a tub keeps its own place. */
export const sharesLine = ({ dressing, target }: Dressed): boolean =>
  dressing.mount === 'wall' && !target.shower;

/** The line that the look was given, or the one that the school of height finds for all its windows. */
export function planRodLine(
  context: RoomContext & { dressed: readonly Dressed[]; look: Pick<Look, 'rodLineMm'> },
): RodLine {
  const { rules, look } = context;
  const windows = context.dressed
    .filter(sharesLine)
    .map(({ dressing, target }) => ({ id: dressing.id, head: headOf(context, target) }));
  const heads = windows.map((w) => w.head);
  if (rules.school('windows.rodLine') !== 'shared' || heads.length === 0) return NO_LINE;
  const typedMm = look.rodLineMm;
  const lineMm = typedMm ?? schoolLine(heads, rules);
  if (lineMm === null) return NO_LINE;
  const keepOwn = windows.filter((w) => !holdsAt(w.head, lineMm, rules)).map((w) => w.id);
  return {
    lineMm,
    highestMm: typedMm === null ? null : Math.max(...heads.map((h) => rodBySchool(h, rules).rodMm)),
    // a typed line that none of them can hold is kept, and found wanting
    keepOwn: new Set(keepOwn.length < windows.length ? keepOwn : []),
  };
}

/** A single window has no line to share. */
const schoolLine = (heads: readonly RodFacts[], rules: RuleBook): Mm | null =>
  heads.length > 1 ? (sharedRodLine(heads, rules) ?? null) : null;

/** A window on a line that was typed lower than the rule has its rod. */
export function judgeLine(window: WindowPlan, line: RodLine, rules: RuleBook): Finding[] {
  const { lineMm, highestMm } = line;
  if (lineMm !== null && window.rodFrom === 'school' && line.keepOwn.has(window.dressingId))
    return [splitFrom(lineMm, window)];
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

/** A window that can't hold the line of the others: its frame is above it, or something is over it. */
const splitFrom = (lineMm: Mm, { openingId, name, rodHeightMm }: WindowPlan): Finding => ({
  code: 'line-split',
  level: 'yielded',
  stage: 'windows',
  about: [openingId],
  rule: 'windows.rodLine',
  by: { window: name, lineMm, rodMm: rodHeightMm, why: lineMm > rodHeightMm ? 'over' : 'under' },
});
