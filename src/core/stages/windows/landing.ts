import { clamp, type Mm } from '../../base/units';
import type { Heading, Landing } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

export const landingRule: Record<Exclude<Landing, 'kiss'>, RuleId> = {
  clear: 'windows.landingClear',
  break: 'windows.landingBreak',
  pool: 'windows.landingPool',
  fullPool: 'windows.landingFullPool',
};

/** Does a hem that lands so lie down in folds, where feet and wheels catch it? */
export const pools = (landing: Landing): boolean => landing === 'pool' || landing === 'fullPool';

/**
 * Landing measured up from the floor at that place: clear is positive, kiss 0, break and pools lie on the
 * floor (negative).
 */
export function landingMm(landing: Landing, rules: RuleBook): Mm {
  if (landing === 'kiss') return 0;
  const depthMm = rules.number(landingRule[landing]);
  return landing === 'clear' ? depthMm : -depthMm;
}

const takeDownRules: Record<Heading, RuleId> = {
  rodPocket: 'windows.takeDownRodPocket',
  backTab: 'windows.takeDownBackTab',
  grommet: 'windows.takeDownGrommet',
  ringClip: 'windows.takeDownRingClip',
  pinchPleat: 'windows.pin',
  wave: 'windows.takeDownWave',
};
export const takeDownRule = (heading: Heading): RuleId => takeDownRules[heading];

/** Where the pin sits under the heading: the given place, kept in the range that the buckram allows. */
export const pinMm = (given: Mm | null, rules: RuleBook): Mm => {
  const [low, high] = rules.range('windows.pinRange');
  return clamp(given ?? rules.number('windows.pin'), low, high);
};

/**
 * Rod centre to the top of the panel, mm; negative where the heading stands above the rod. Pleats hang by the
 * ring's eye less the pin's place.
 */
export const takeDownMm = (heading: Heading, pin: Mm | null, rules: RuleBook): Mm =>
  heading === 'pinchPleat'
    ? rules.number('windows.ringDrop') - pinMm(pin, rules)
    : rules.number(takeDownRules[heading]);

/** How far the pins can lower and raise a pleated panel from where it hangs; nothing for other headings. */
export function pinGives(heading: Heading, pin: Mm | null, rules: RuleBook): { lowerMm: Mm; raiseMm: Mm } {
  if (heading !== 'pinchPleat') return { lowerMm: 0, raiseMm: 0 };
  const [low, high] = rules.range('windows.pinRange');
  const pinPlaceMm = pinMm(pin, rules);
  return { lowerMm: pinPlaceMm - low, raiseMm: high - pinPlaceMm };
}

/**
 * What a hem that lies `overMm` beyond the floor (negative: hangs above it) is called; undefined when it is
 * none of them.
 */
export function nameLanding(overMm: Mm, rules: RuleBook): { landing: Landing; offMm: Mm } | undefined {
  const give = rules.number('windows.pinGive') + 1e-6;
  if (Math.abs(overMm) <= give) return { landing: 'kiss', offMm: overMm };
  const clear = rules.number('windows.landingClear');
  if (overMm < 0) return -overMm <= clear + give ? { landing: 'clear', offMm: overMm + clear } : undefined;
  const [poolFrom, poolTo] = rules.range('windows.poolRange');
  const breaks = rules.number('windows.landingBreak');
  if (overMm <= (breaks + poolFrom) / 2 + give) return { landing: 'break', offMm: overMm - breaks };
  if (overMm <= poolTo + breaks + give)
    return { landing: 'pool', offMm: overMm - rules.number('windows.landingPool') };
  const full = rules.number('windows.landingFullPool');
  return overMm >= full - breaks - give && overMm <= full + 2 * poolTo
    ? { landing: 'fullPool', offMm: overMm - full }
    : undefined;
}
