/** What a layer's ways to its length are found from. */
import type { RuleBook } from '../../rules/book';
import type { HungPanels } from './hems';
import { pinGives } from './landing';
import type { LayerContext } from './layerContext';
import type { LayerChoice } from './layerPlan';
import type { MakingPlan } from './made';
import { stockPrice, type RouteFacts } from './routes';

export function routeFacts(context: LayerContext, bought: HungPanels, making: MakingPlan): RouteFacts {
  const { choice, place, brackets, rules } = context;
  return {
    rodMm: place.rodMm,
    rodLowMm: place.rodLowMm,
    rodHighMm: place.rodHighMm,
    takeDownMm: context.takeDownMm,
    landing: choice.landing,
    landingMm: context.landMm,
    drops: bought.drops,
    panels: brackets.count.panels,
    making,
    mayLie: place.mayLie,
    pins: pinGives(choice.heading, choice.pinMm, rules),
    ringsGrow: choice.heading === 'ringClip' || choice.heading === 'pinchPleat',
    lengths: lengthsOf(choice, rules),
  };
}

/** Lengths that are owned, then those that shops keep. */
function lengthsOf({ cloth, stock }: LayerChoice, rules: RuleBook): RouteFacts['lengths'] {
  const setOf = rules.number('windows.panelsSoldIn');
  const shop = stock.map((mm) => ({ mm, owned: 0, priceEach: stockPrice(mm, rules), setOf }));
  if (cloth?.kind !== 'panel') return shop;
  const owned = { mm: cloth.heightMm, owned: cloth.count, priceEach: cloth.price, setOf: cloth.setOf };
  return [owned, ...shop.filter((s) => Math.abs(s.mm - owned.mm) >= 1)];
}
