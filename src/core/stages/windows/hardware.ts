import type { Money } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import type { RuleId } from '../../rules/table';
import type { WindowPlan } from './windowPlan';

export type HardwareKind = 'rod' | 'brackets' | 'finials' | 'rings' | 'hooks';
export type Hardware = { kind: HardwareKind; count: number; cost: Money; priceRule: RuleId };

/** What a window needs besides cloth, each with its price by the studio's rules. Rods are priced by length. */
export function hardwareOf(window: WindowPlan, rules: RuleBook): Hardware[] {
  const { rod, brackets, finials, rings, hooks } = window;
  const rodMetres = (rod.count * window.bracketToBracketMm) / 1000;
  const line = (kind: HardwareKind, count: number, priceRule: RuleId, priced = count): Hardware => ({
    kind,
    count,
    cost: Math.round(rules.number(priceRule) * priced),
    priceRule,
  });
  return [
    line('rod', rod.count, 'windows.rodPricePerMetre', rodMetres),
    line('brackets', brackets, 'windows.bracketPrice'),
    line('finials', finials, 'windows.finialPrice'),
    line('rings', rings, 'windows.ringPrice'),
    line('hooks', hooks, 'windows.hookPrice'),
  ].filter(({ count }) => count > 0);
}
