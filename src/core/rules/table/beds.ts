import { length, plain, school, type RuleRow } from '../row';

export const BED_RULES = {
  'beds.euroFrom': length('CP', 24, 60),
  'beds.rowLeast': plain('CP', 'ratio', 0.85),
  'beds.rowLeastForOne': plain('CP', 'ratio', 0.65),
  'beds.forTwoFrom': length('DEF', 48, 120),
  'beds.rowMost': plain('CP', 'ratio', 1.4),
  'beds.thickness': length('DEF', 12, 25),
  'beds.topper': length('DEF', 2, 5),
  'beds.dropBeyond': length('CP', 2, 5),
  'beds.tuck': length('DEF', 0, 0),
  'beds.skirtClear': length('CP', 0.5, 1),
  'beds.sheetUnder': length('CP', 2, 5),
  'beds.duvetFits': length('DEF', 3, 8),
  'beds.togSummer': plain('PUB', 'tog', 4.5),
  'beds.togBetween': plain('PUB', 'tog', 10.5),
  'beds.togWinter': plain('PUB', 'tog', 13.5),
  'beds.togNear': plain('DEF', 'tog', 3),
  'beds.looseSchool': school('CP', 'layered', 'spare', 'heaped'),
  'beds.mostSpare': plain('DEF', 'count', 3),
  'beds.mostLayered': plain('CP', 'count', 8),
  'beds.mostHeaped': plain('DEF', 'count', 12),
} as const satisfies Record<string, RuleRow>;
