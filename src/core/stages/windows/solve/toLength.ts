import type { Mm, Money } from '../../../base/units';
import type { Landing, RouteKind } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import { hemsOver } from '../hems';
import { landingMm, pinGives } from '../landing';
import type { WindowPlan } from '../windowPlan';
import type { Fit } from './solution';

/** How a panel gets to the window's length, and what that takes. */
export type ToLength = { kind: RouteKind; hems: number; cost: Money; minutes: number };

const EPSILON = 1e-6;

/** Finished lengths of a window's panels at another height and with another landing. */
export function hemsAt(plan: WindowPlan, rodMm: Mm, landing: Landing | null, rules: RuleBook): Mm[] {
  const own = plan.hemOn === 'apron' || plan.hemOn === 'leaf' || plan.shower || landing === null;
  return hemsOver(
    plan.panelPlans.map((p) => p.floorHighMm),
    rodMm - plan.takeDownMm,
    own ? plan.landingMm : landingMm(landing, rules),
    rules,
  ).hemsMm;
}

/** Panels against the lengths that are wanted: how much the longest and the shortest is over. */
type Over = { least: Mm; most: Mm };

/** How a product gets to a window's length at a height, and what that takes; undefined when it can't. */
export function toLength(
  fit: Fit,
  rodMm: Mm,
  landing: Landing | null,
  rules: RuleBook,
): ToLength | undefined {
  const { plan, product } = fit;
  const hems = hemsAt(plan, rodMm, landing, rules);
  const { lengthMm } = product;
  if (hems.some((h) => h <= 0)) return undefined;
  if (lengthMm === null)
    return { kind: 'made', hems: 0, cost: plan.making.cost, minutes: plan.making.minutes };
  const overMm: Over = { least: lengthMm - Math.max(...hems), most: lengthMm - Math.min(...hems) };
  const give = rules.number('windows.pinGive') + EPSILON;
  if (overMm.least >= -give && overMm.most <= give) return { kind: 'asItIs', hems: 0, cost: 0, minutes: 0 };
  if (overMm.most - overMm.least <= give) {
    const hung = byPins(fit, overMm, rules) ?? byRings(fit, overMm, rules);
    if (hung) return hung;
  }
  return overMm.least < -give ? letDown(fit, overMm, rules) : takeUp(fit, overMm, lengthMm, rules);
}

const ringMinutes = (panels: number, rules: RuleBook): number =>
  panels * rules.number('windows.minutesPerPanelOfRings');

function byPins({ plan, window }: Fit, { least, most }: Over, rules: RuleBook): ToLength | undefined {
  const pins = pinGives(window.dressing.heading, window.dressing.pinMm, rules);
  if (-least > pins.lowerMm + EPSILON || most > pins.raiseMm + EPSILON) return undefined;
  return { kind: 'pins', hems: 0, cost: 0, minutes: ringMinutes(plan.panels, rules) };
}

function byRings({ plan, window }: Fit, { least, most }: Over, rules: RuleBook): ToLength | undefined {
  const { heading } = window.dressing;
  const [, longestMm] = rules.range('windows.longerRings');
  const ringed = heading === 'ringClip' || heading === 'pinchPleat';
  if (!ringed || most >= 0 || -least > longestMm + EPSILON) return undefined;
  return {
    kind: 'longerRings',
    hems: 0,
    cost: plan.rings * rules.number('windows.ringPrice'),
    minutes: ringMinutes(plan.panels, rules),
  };
}

function letDown({ plan }: Fit, { least }: Over, rules: RuleBook): ToLength | undefined {
  const inHems = 2 * (rules.number('windows.stockHem') - rules.number('windows.leastHem'));
  if (-least > inHems + EPSILON) return undefined;
  return sewn('letDown', plan.panels, rules.number('windows.minutesPerLetDown'), rules);
}

function takeUp({ plan }: Fit, { least, most }: Over, lengthMm: Mm, rules: RuleBook): ToLength | undefined {
  const cutMm = least + 2 * rules.number('windows.stockHem') - 2 * rules.number('windows.hem');
  if (cutMm < -EPSILON || most > lengthMm / 2) return undefined;
  return sewn('takeUp', plan.panels, rules.number('windows.minutesPerHem'), rules);
}

const sewn = (kind: RouteKind, panels: number, minutesEach: number, rules: RuleBook): ToLength => ({
  kind,
  hems: panels,
  cost: panels * rules.number('windows.hemWorkPrice'),
  minutes: panels * minutesEach,
});
