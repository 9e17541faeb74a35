/** What a curtain does to daylight and to being seen. Shares 0 to 1. */
import type { Dressing, Lining } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';

/** The rule that says how much light a cloth of a weight lets through. */
export function passRule(clothGsm: number, rules: RuleBook): RuleId {
  if (clothGsm < rules.number('windows.sheerBelowGsm')) return 'windows.passSheer';
  if (clothGsm < rules.number('windows.lightBelowGsm')) return 'windows.passLight';
  if (clothGsm < rules.number('windows.mediumBelowGsm')) return 'windows.passMedium';
  return 'windows.passHeavy';
}

/** Share of the light that one layer lets through: as known, or by the weight of its cloth and its lining. */
export function passes(
  clothGsm: number,
  lining: Lining,
  known: Dressing['lightShare'],
  rules: RuleBook,
): number {
  if (known !== null) return known;
  if (lining === 'blackout') return rules.number('windows.passBlackout');
  const passed = rules.number(passRule(clothGsm, rules));
  return lining === 'none' ? passed : passed * rules.number('windows.passLining');
}

export type Privacy = 'hidden' | 'seen';
export type LightPlan = {
  /**
   * Share of the daylight of the bare window that comes in with the curtains open, with only the sheer
   * across, and with all drawn.
   */
  open: number;
  sheerOnly: number | null;
  drawn: number;
  /** Can one be seen from outside: by day and by lamp, with the sheer across, and with all drawn. */
  sheerByDay: Privacy | null;
  sheerByLamp: Privacy | null;
  drawnByDay: Privacy;
  drawnByLamp: Privacy;
  /** As it now hangs. */
  now: number;
  nowByDay: Privacy;
  nowByLamp: Privacy;
};

export type LayerLight = {
  coveredOpen: number;
  coveredDrawn: number;
  pass: number;
  drawn: 'open' | 'closed';
};

/**
 * Light and privacy of a curtain and the sheer behind it. covered…: share of the glass that the layer hangs
 * in front of when open and when drawn.
 */
export function lightOf(main: LayerLight, sheer: LayerLight | null, rules: RuleBook): LightPlan {
  const passing = (covered: number, pass: number) => 1 - covered + covered * pass;
  const layer = (l: LayerLight, drawn: 'open' | 'closed') =>
    passing(drawn === 'closed' ? l.coveredDrawn : l.coveredOpen, l.pass);
  const both = (a: 'open' | 'closed', b: 'open' | 'closed') => layer(main, a) * (sheer ? layer(sheer, b) : 1);
  const hides = (pass: number, rule: RuleId): Privacy => (pass < rules.number(rule) ? 'hidden' : 'seen');
  // what hides is the cloth where it hangs; a gap in it does not
  const whole = (l: LayerLight) => (l.coveredDrawn > 0.98 ? l.pass : 1);
  const drawnPass = Math.min(1, whole(main) * (sheer ? whole(sheer) : 1));
  const nowPass =
    (main.drawn === 'closed' ? whole(main) : 1) * (sheer?.drawn === 'closed' ? whole(sheer) : 1);
  return {
    open: both('open', 'open'),
    sheerOnly: sheer ? both('open', 'closed') : null,
    drawn: both('closed', 'closed'),
    sheerByDay: sheer ? hides(whole(sheer), 'windows.hidesByDay') : null,
    sheerByLamp: sheer ? hides(whole(sheer), 'windows.hidesByLamp') : null,
    drawnByDay: hides(drawnPass, 'windows.hidesByDay'),
    drawnByLamp: hides(drawnPass, 'windows.hidesByLamp'),
    now: both(main.drawn, sheer?.drawn ?? 'open'),
    nowByDay: hides(nowPass, 'windows.hidesByDay'),
    nowByLamp: hides(nowPass, 'windows.hidesByLamp'),
  };
}
