import { cm, inches } from '../../base/units';
import { length, plain, range, type RuleRow } from '../row';

export const SPREAD_RULES = {
  // colour over the room
  'spread.neutralChroma': plain('DEF', 'ratio', 0.03),
  'spread.familyHue': plain('DEF', 'deg', 25),
  'spread.familyChroma': plain('DEF', 'ratio', 0.07),
  'spread.shadeApart': plain('DEF', 'deltaE', 12),
  'spread.placeReach': length('DEF', 24, 60),
  'spread.placesWanted': range('CP', 'count', 3, 7),
  'spread.heightBands': {
    shape: 'list',
    unit: 'length',
    mark: 'CP',
    value: [20, 48, 72].map(inches),
    cmValue: [50, 120, 180].map(cm),
  },
  'spread.bandsWanted': plain('CP', 'count', 2),
  'spread.pullNoticed': plain('DEF', 'ratio', 0.25),
  'spread.gapNoticed': plain('DEF', 'ratio', 0.5),
  'spread.accentShareMost': plain('DEF', 'ratio', 0.15),
  'spread.accentFamiliesMost': plain('DEF', 'count', 3),
  'spread.nearMiss': range('DEF', 'deltaE', 2, 6),
  'spread.nearMissArea': plain('DEF', 'area', 40_000),
  'spread.nearMissReach': length('DEF', 60, 150),
  'spread.whiteFrom': plain('DEF', 'lightness', 85),
  'spread.floorForeshortening': plain('DEF', 'ratio', 0.35),
  'spread.darkBelow': plain('DEF', 'lightness', 35),
  'spread.darkShareLeast': plain('DEF', 'ratio', 0.03),
  'spread.sharesOff': plain('DEF', 'ratio', 0.15),
  'spread.planned': { shape: 'list', unit: 'ratio', mark: 'CP', value: [0.6, 0.3, 0.1] },
} as const satisfies Record<string, RuleRow>;
