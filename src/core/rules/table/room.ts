import { inches } from '../../base/units';
import { length, span, school, type RuleRow } from '../row';

export const ROOM_RULES = {
  // measure
  'measure.dropsApart': length('DEF', 2, 5),
  'measure.lowCeiling': length('DEF', 78, 198),
  'measure.closing': length('DEF', 1 / 8, 0.5),
  // floor
  'floor.walkway': length('CP', 30, 76),
  'floor.wheelchair': { shape: 'number', unit: 'length', mark: 'PUB', value: inches(36), cmValue: 915 },
  'floor.wheelchairDoor': { shape: 'number', unit: 'length', mark: 'PUB', value: inches(32), cmValue: 815 },
  'floor.leafThickness': length('CP', 1.75, 4.5),
  'floor.sideways': length('DEF', 8, 20),
  'floor.reach': length('DEF', 30, 76),
  'floor.reachOver': length('DEF', 48, 122),
  'floor.talk': length('CP', 96, 240),
  'floor.surfaceReach': length('DEF', 18, 45),
  'floor.lightReach': length('DEF', 48, 120),
  'floor.sofaTableSchool': school('CP', 'atLeast', 'reach'),
  'floor.sofaTable': span('CP', 14, 18, 35, 45),
  'floor.sofaTableAlone': span('CP', 16, 18, 40, 45),
  'floor.sofaTableLeast': length('CP', 18, 45),
  'floor.rugTuck': span('CP', 10, 18, 25, 45),
  'floor.layerBorder': span('CP', 8, 18, 20, 45),
  'floor.layerEven': length('DEF', 2, 5),
  'floor.underDoor': length('DEF', 1 / 8, 0.5),
  'floor.ventClear': length('DEF', 6, 15),
  'floor.toiletClear': length('DEF', 12, 30),
  'floor.bedPassage': length('CP', 24, 60),
  'floor.bedForTwo': length('DEF', 54, 135),
} as const satisfies Record<string, RuleRow>;
