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

/** The rules that lengths are reached by, looked up once for all that is tried. */
export type LengthRules = {
  giveMm: Mm;
  hemMm: Mm;
  stockHemMm: Mm;
  leastHemMm: Mm;
  longestRingsMm: Mm;
  hemPrice: Money;
  hemMinutes: number;
  letDownMinutes: number;
  ringMinutes: number;
};
export const lengthRules = (rules: RuleBook): LengthRules => ({
  giveMm: rules.number('windows.pinGive') + EPSILON,
  hemMm: rules.number('windows.hem'),
  stockHemMm: rules.number('windows.stockHem'),
  leastHemMm: rules.number('windows.leastHem'),
  longestRingsMm: rules.range('windows.longerRings')[1],
  hemPrice: rules.number('windows.hemWorkPrice'),
  hemMinutes: rules.number('windows.minutesPerHem'),
  letDownMinutes: rules.number('windows.minutesPerLetDown'),
  ringMinutes: rules.number('windows.minutesPerPanelOfRings'),
});

/** Of the usual rings and pins, whichever are chosen now. */
export const usualTakeDownMm = ({ takeDownMm, loweredMm }: WindowPlan): Mm => takeDownMm - loweredMm;

/** The longest and the shortest hem of a window at another height and with another landing. */
export type Hems = { longestMm: Mm; shortestMm: Mm };

export function hemsAt(plan: WindowPlan, rodMm: Mm, landing: Landing | null, rules: RuleBook): Hems {
  const own = plan.hemOn === 'apron' || plan.hemOn === 'leaf' || plan.shower || landing === null;
  const floorsMm = plan.panelPlans.map((p) => p.floorHighMm);
  const ends = [Math.max(...floorsMm), Math.min(...floorsMm)];
  const landMm = own ? plan.landingMm : landingMm(landing, rules);
  const { hemsMm } = hemsOver(ends, rodMm - usualTakeDownMm(plan), landMm, rules);
  return { longestMm: Math.max(...hemsMm), shortestMm: Math.min(...hemsMm) };
}

/** Panels against the lengths that are wanted: how much the longest and the shortest is over. */
type Over = { least: Mm; most: Mm };

/** What a product at a window is brought to its length from. */
export type Panels = {
  lengthMm: Mm | null;
  panels: number;
  /** What it takes where it is made. */
  made: ToLength;
  /** How far its pins lower and raise it, and whether its rings can be longer. */
  pins: { lowerMm: Mm; raiseMm: Mm };
  ringed: boolean;
};

export function panelsOf({ plan, product, window }: Fit, rules: RuleBook): Panels {
  const { heading, pinMm } = window.dressing;
  const { cost, minutes } = plan.making;
  return {
    lengthMm: product.lengthMm,
    panels: plan.panels,
    made: { kind: 'made', hems: 0, cost, minutes },
    pins: heading === 'pinchPleat' ? pinGives(heading, pinMm, rules) : NO_PINS,
    ringed: heading === 'ringClip' || heading === 'pinchPleat',
  };
}
const NO_PINS = { lowerMm: -Infinity, raiseMm: -Infinity };

/** How a product gets to hems of a length, and what that takes; undefined when it can't. */
export function toLength(
  { lengthMm, panels, made, pins, ringed }: Panels,
  { longestMm, shortestMm }: Hems,
  by: LengthRules,
): ToLength | undefined {
  if (shortestMm <= 0) return undefined;
  if (lengthMm === null) return made;
  const overMm: Over = { least: lengthMm - longestMm, most: lengthMm - shortestMm };
  if (overMm.least >= -by.giveMm && overMm.most <= by.giveMm) return AS_IT_IS;
  if (overMm.most - overMm.least <= by.giveMm) {
    if (-overMm.least <= pins.lowerMm + EPSILON && overMm.most <= pins.raiseMm + EPSILON)
      return rehung('pins', panels, by);
    if (ringed && overMm.most < 0 && -overMm.least <= by.longestRingsMm + EPSILON)
      return rehung('longerRings', panels, by);
  }
  return overMm.least < -by.giveMm ? letDown(panels, overMm, by) : takeUp(panels, overMm, lengthMm, by);
}

const AS_IT_IS: ToLength = { kind: 'asItIs', hems: 0, cost: 0, minutes: 0 };

const rehung = (kind: RouteKind, panels: number, by: LengthRules): ToLength => ({
  kind,
  hems: 0,
  cost: 0,
  minutes: panels * by.ringMinutes,
});

function letDown(panels: number, { least }: Over, by: LengthRules): ToLength | undefined {
  const inHems = 2 * (by.stockHemMm - by.leastHemMm);
  if (-least > inHems + EPSILON) return undefined;
  return sewn('letDown', panels, by.letDownMinutes, by);
}

function takeUp(panels: number, { least, most }: Over, lengthMm: Mm, by: LengthRules): ToLength | undefined {
  const cutMm = least + 2 * by.stockHemMm - 2 * by.hemMm;
  if (cutMm < -EPSILON || most > lengthMm / 2) return undefined;
  return sewn('takeUp', panels, by.hemMinutes, by);
}

const sewn = (kind: RouteKind, panels: number, minutesEach: number, by: LengthRules): ToLength => ({
  kind,
  hems: panels,
  cost: panels * by.hemPrice,
  minutes: panels * minutesEach,
});
