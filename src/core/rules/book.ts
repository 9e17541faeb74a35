import { elementAt, first } from '../base/list';
import type { LengthUnit } from '../base/units';
import { RULE_TABLE, defaultValue, type RuleId, type RuleRow, type RuleValue } from './table';

/** A studio's own value (number, range or list) or its school for one rule. */
export type OwnRule = { ruleId: string; value?: number | number[] | undefined; school?: string | undefined };

/** Looks a rule up by its id: the studio's own value first, else the default for the room's unit. */
export type RuleBook = {
  unit: LengthUnit;
  number: (id: RuleId) => number;
  range: (id: RuleId) => readonly [number, number];
  list: (id: RuleId) => readonly number[];
  school: (id: RuleId) => string;
  isOwn: (id: RuleId) => boolean;
};

export function ruleBook(own: readonly OwnRule[], unit: LengthUnit): RuleBook {
  const byId = new Map(own.map((o) => [o.ruleId, o]));
  // looked up once: the checks ask for the same few over and over
  const values = new Map<RuleId, RuleValue>();
  const value = (id: RuleId): RuleValue => {
    const known = values.get(id);
    if (known !== undefined) return known;
    const found = byId.get(id)?.value ?? defaultValue(id, unit);
    values.set(id, found);
    return found;
  };
  return {
    unit,
    number: (id) => {
      const v = value(id);
      return typeof v === 'number' ? v : first(v);
    },
    range: (id) => {
      const v = value(id);
      return typeof v === 'number' ? [v, v] : [first(v), elementAt(v, 1)];
    },
    list: (id) => {
      const v = value(id);
      return typeof v === 'number' ? [v] : v;
    },
    school: (id) => byId.get(id)?.school ?? (RULE_TABLE[id] as RuleRow).school ?? '',
    isOwn: (id) => byId.has(id),
  };
}
