import { length, plain, type RuleRow } from '../row';

export const SURFACE_RULES = {
  'surfaces.belowPicture': length('CP', 1, 2.5),
  'surfaces.offEdge': length('DEF', 0.5, 1.5),
  'surfaces.floorArea': length('DEF', 24, 60),
  'surfaces.guestBagWidth': length('DEF', 20, 50),
  'surfaces.guestBagDepth': length('DEF', 14, 35),
  'surfaces.stairClear': length('PUB', 36, 91.5),
  'surfaces.talkTop': length('DEF', 16, 40),
  'surfaces.underEyes': length('DEF', 5, 12),
  'surfaces.filledFull': plain('DEF', 'ratio', 0.85),
  'surfaces.filledUsual': plain('DEF', 'ratio', 0.7),
  'surfaces.filledSpare': plain('DEF', 'ratio', 0.4),
  'surfaces.overHeads': plain('DEF', 'gram', 1000),
  'surfaces.overHeadsFrom': length('DEF', 48, 120),
} as const satisfies Record<string, RuleRow>;
