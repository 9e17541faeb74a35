import { inches } from '../../base/units';
import { length, plain, school, type RuleRow } from '../row';

/** Currencies that a studio can reckon in (ISO 4217); all have hundredths. */
export const CURRENCIES = [
  'USD',
  'EUR',
  'GBP',
  'CAD',
  'AUD',
  'NZD',
  'CHF',
  'SEK',
  'NOK',
  'DKK',
  'PLN',
  'CZK',
] as const;

export const STUDIO_RULES = {
  // stash
  'stash.compressFeather': plain('DEF', 'ratio', 0.35),
  'stash.compressPolyester': plain('DEF', 'ratio', 0.3),
  'stash.packed': plain('DEF', 'ratio', 0.85),
  'stash.returnWarn': { shape: 'list', unit: 'count', mark: 'DEF', value: [7, 3, 1] },
  'stash.arrivedSame': plain('DEF', 'deltaE', 2),
  'stash.partsBy': plain('DEF', 'deltaE', 2),
  'stash.currency': school('DEF', ...CURRENCIES),
  'stash.smallRepeat': length('DEF', 2, 5),
  'stash.largeRepeat': length('DEF', 8, 20),
  // fitting sheet, safety
  'fitting.levelLine': length('DEF', 60, 150),
  'fitting.levelTolerance': length('CP', 1 / 8, 0.3),
  'safety.heaterDistance': { shape: 'number', unit: 'length', mark: 'PUB', value: inches(36), cmValue: 914 },
  'safety.radiatorClearance': length('DEF', 4, 10),
  'safety.tipFrom': { shape: 'number', unit: 'length', mark: 'PUB', value: inches(27), cmValue: 686 },
  'safety.tipAge': plain('DEF', 'count', 6),
  'safety.pullAge': plain('DEF', 'count', 4),
  'safety.candleClear': { shape: 'number', unit: 'length', mark: 'PUB', value: inches(12), cmValue: 305 },
  'safety.reachUnderTwo': length('DEF', 30, 76),
  'safety.reachUnderThree': length('DEF', 40, 102),
  'safety.bedFromWindow': length('DEF', 24, 60),
  'safety.ladderFrom': length('DEF', 78, 200),
  'safety.twoPeopleRod': length('DEF', 72, 180),
} as const satisfies Record<string, RuleRow>;
