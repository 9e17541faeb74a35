import { cm, inches } from '../../base/units';
import { length, plain, school, span, type RuleRow } from '../row';

export const SEAT_RULES = {
  // seats
  'seats.featherOver': length('CP', 2, 5),
  'seats.polyesterOver': length('CP', 1, 2.5),
  'seats.polyesterMost': length('CP', 2, 5),
  'seats.foamOver': length('CP', 0, 0),
  'seats.largeCoverFrom': length('CP', 24, 60),
  'seats.largeCoverOver': span('CP', 2, 4, 5, 10),
  'seats.insertTolerance': length('DEF', 0.75, 2),
  'seats.stockSquares': {
    shape: 'list',
    unit: 'length',
    mark: 'CP',
    value: [16, 18, 20, 22, 24, 26, 27, 28].map(inches),
    cmValue: [40, 45, 50, 55, 60, 65].map(cm),
  },
  'seats.stockOblongs': {
    shape: 'list',
    unit: 'length',
    mark: 'CP',
    value: [12, 16, 12, 20, 14, 20, 14, 22, 14, 36, 16, 22, 16, 26, 20, 26, 20, 30, 20, 36].map(inches),
    cmValue: [30, 50, 35, 55, 40, 60, 40, 65, 45, 65, 50, 70, 50, 75, 50, 90].map(cm),
  },
  'seats.useWidth': plain('DEF', 'ratio', 0.88),
  'seats.perSitter': length('CP', 24, 60),
  'seats.depthLeft': length('CP', 18, 45),
  'seats.stepDown': length('CP', 2, 5),
  'seats.overBack': length('DEF', 2, 5),
  'seats.benchPillow': length('DEF', 14, 35),
  'seats.endsSchool': school('CP', 'mirror', 'oneSided'),
  'seats.boldPatterns': plain('CP', 'count', 2),
  'seats.boldRepeat': length('DEF', 2, 5),
  'seats.matchDeltaE': plain('DEF', 'deltaE', 2),
  'seats.inFrontFrom': plain('DEF', 'ratio', 0.15),
  'seats.offSeat': plain('DEF', 'ratio', 0.25),
  'seats.whiteSchool': school('CP', 'use', 'show'),
  'seats.starkFrom': plain('DEF', 'lightness', 93),
  'seats.starkTint': plain('DEF', 'deltaE', 4),
} as const satisfies Record<string, RuleRow>;
