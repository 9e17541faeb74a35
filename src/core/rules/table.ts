import type { LengthUnit } from '../base/units';
import type { RuleRow, RuleValue } from './row';
import { WINDOW_RULES } from './table/windows';
import { ECHO_RULES } from './table/echo';
import { WALL_RULES } from './table/walls';
import { SEAT_RULES } from './table/seats';
import { CUTTING_RULES } from './table/cutting';
import { BED_RULES } from './table/beds';
import { SURFACE_RULES } from './table/surfaces';
import { SPREAD_RULES } from './table/spread';
import { ROOM_RULES } from './table/room';
import { STUDIO_RULES } from './table/studio';
import { WORK_RULES } from './table/works';
import { WEIGHT_RULES } from './table/weights';

export { CURRENCIES } from './table/studio';
export type { RuleMark, RuleRow, RuleUnit, RuleValue } from './row';

/** Every rule of the trade that the product goes by. */
export const RULE_TABLE = {
  ...WINDOW_RULES,
  ...ECHO_RULES,
  ...WALL_RULES,
  ...SEAT_RULES,
  ...BED_RULES,
  ...CUTTING_RULES,
  ...SURFACE_RULES,
  ...WORK_RULES,
  ...SPREAD_RULES,
  ...ROOM_RULES,
  ...STUDIO_RULES,
  ...WEIGHT_RULES,
} as const satisfies Record<string, RuleRow>;

export type RuleId = keyof typeof RULE_TABLE;
export const RULE_IDS = Object.keys(RULE_TABLE) as RuleId[];

export const defaultValue = (id: RuleId, unit: LengthUnit): RuleValue => {
  const row: RuleRow = RULE_TABLE[id];
  return (unit === 'cm' ? row.cmValue : undefined) ?? row.value ?? 0;
};
