import type { Dressing, Item, Lining } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { LayerChoice } from './layerPlan';

function liningGsm(lining: Lining, rules: RuleBook): number {
  if (lining === 'none') return 0;
  return rules.number(lining === 'interlining' ? 'windows.interliningGsm' : 'windows.liningGsm');
}

/** Cloth and its lining, g/m². */
export const layerGsm = (
  cloth: Pick<Item, 'clothGsm'> | undefined,
  lining: Lining,
  rules: RuleBook,
): number => (cloth?.clothGsm ?? rules.number('windows.lightBelowGsm')) + liningGsm(lining, rules);

/** A dressing's curtain as a layer's choice. */
export const mainChoice = (
  d: Dressing,
  cloth: Item | undefined,
  shower: boolean,
  rules: RuleBook,
): LayerChoice => ({
  cloth,
  heading: d.heading,
  pinMm: d.pinMm,
  landing: d.landing,
  panels: d.panels,
  lining: d.making.lining,
  route: d.route,
  clothWidthMm: d.making.clothWidthMm,
  repeatMm: d.making.repeatMm,
  halfDrop: d.making.halfDrop,
  fullness: d.fullness ?? rules.number(shower ? 'windows.showerFullness' : 'windows.fullness'),
  flatWidthMm: rules.number(shower ? 'windows.showerFlatWidth' : 'windows.stockFlatWidth'),
  stock: rules.list(shower ? 'windows.showerStock' : 'windows.stockLengths'),
});

export const sheerChoice = (
  s: NonNullable<Dressing['sheer']>,
  cloth: Item | undefined,
  rules: RuleBook,
): LayerChoice => ({
  cloth,
  heading: s.heading,
  pinMm: null,
  landing: s.landing,
  panels: s.panels,
  lining: 'none',
  route: null,
  clothWidthMm: null,
  repeatMm: null,
  halfDrop: false,
  fullness: s.fullness ?? rules.number('windows.sheerFullness'),
  flatWidthMm: rules.number('windows.stockFlatWidth'),
  stock: rules.list('windows.stockLengths'),
  plainGsm: 60,
});
