import type { Dressing, Item, Lining } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { clothWeight, guess, type Weight } from '../../room/weight';
import type { LayerChoice } from './layerPlan';

function liningGsm(lining: Lining, rules: RuleBook): number {
  if (lining === 'none') return 0;
  return rules.number(lining === 'interlining' ? 'windows.interliningGsm' : 'windows.liningGsm');
}

/** Textures that a sheer of unknown weight is taken to be a voile in. */
const VOILES: ReadonlySet<Item['texture']> = new Set(['smooth', 'linen', 'embroidered']);

/** Cloth and its lining, g/m²; a guess where no cloth is chosen or it was never weighed. */
export function layerWeight(
  cloth: Item | undefined,
  { lining, isSheer }: Pick<LayerChoice, 'lining' | 'isSheer'>,
  rules: RuleBook,
): Weight {
  const { gsm, guessedBy } = unlinedWeight(cloth, isSheer, rules);
  return { gsm: gsm + liningGsm(lining, rules), guessedBy };
}

/** The cloth alone. A sheer that was never weighed is a voile, unless it feels like something heavier. */
export function unlinedWeight(cloth: Item | undefined, isSheer: boolean, rules: RuleBook): Weight {
  if (!cloth) return guess(isSheer ? 'weights.voile' : 'weights.curtain', rules);
  const weight = clothWeight(cloth, rules);
  const isVoile = isSheer && weight.guessedBy !== null && VOILES.has(cloth.texture);
  return isVoile ? guess('weights.voile', rules) : weight;
}

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
  isSheer: false,
  decorative: d.decorative && !shower,
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
  pinMm: s.pinMm,
  landing: s.landing,
  panels: s.panels,
  lining: 'none',
  route: s.route,
  clothWidthMm: s.making.clothWidthMm,
  repeatMm: s.making.repeatMm,
  halfDrop: s.making.halfDrop,
  isSheer: true,
  decorative: false,
  fullness: s.fullness ?? rules.number('windows.sheerFullness'),
  flatWidthMm: rules.number('windows.stockFlatWidth'),
  stock: rules.list('windows.stockLengths'),
});
