import type { Mm } from '../../base/units';
import type { Heading, Landing } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

export const landingRule: Record<Exclude<Landing, 'kiss'>, RuleId> = { clear: 'windows.landingClear', break: 'windows.landingBreak', pool: 'windows.landingPool' };

/** Landing measured up from the floor at that place: clear is positive, kiss 0, break and pool lie on the floor (negative). */
export function landingMm(landing: Landing, rules: RuleBook): Mm {
  switch (landing) {
    case 'clear': return rules.number('windows.landingClear');
    case 'kiss': return 0;
    case 'break': return -rules.number('windows.landingBreak');
    case 'pool': return -rules.number('windows.landingPool');
  }
}

const takeDownRules: Record<Heading, RuleId> = { rodPocket: 'windows.takeDownRodPocket', grommet: 'windows.takeDownGrommet', ringClip: 'windows.takeDownRingClip', pinchPleat: 'windows.takeDownPinchPleat' };
export const takeDownRule = (heading: Heading): RuleId => takeDownRules[heading];

/** What a hem that lies `overMm` beyond the floor (negative: hangs above it) is called; undefined when it is none of them. */
export function nameLanding(overMm: Mm, rules: RuleBook): { landing: Landing; offMm: Mm } | undefined {
  const give = rules.number('windows.pinGive') + 1e-6;
  if (Math.abs(overMm) <= give) return { landing: 'kiss', offMm: overMm };
  const clear = rules.number('windows.landingClear');
  if (overMm < 0) return -overMm <= clear + give ? { landing: 'clear', offMm: overMm + clear } : undefined;
  const [poolFrom, poolTo] = rules.range('windows.poolRange');
  const breaks = rules.number('windows.landingBreak');
  if (overMm <= (breaks + poolFrom) / 2 + give) return { landing: 'break', offMm: overMm - breaks };
  if (overMm <= poolTo + breaks + give) return { landing: 'pool', offMm: overMm - rules.number('windows.landingPool') };
  return undefined;
}
