import type { Mm } from '../base/units';
import type { Finding, FindingCode, FindingFacts } from '../model/finding';
import type { HomeFlags } from '../model/types';
import type { RuleBook } from '../rules/book';
import type { RuleId } from '../rules/table';

export type FittingFacts = {
  rods: readonly { name: string; heightMm: Mm; lengthMm: Mm }[];
  nails: readonly { name: string; heightMm: Mm }[];
};

/**
 * The cautions that a fitting day brings with it; each says what to do and defers to label, local code and
 * licensed trade.
 */
export function fittingCautions(facts: FittingFacts, flags: HomeFlags, rules: RuleBook): Finding[] {
  const found: Finding[] = [];
  const find = (code: FindingCode, given: FindingFacts, rule?: RuleId) =>
    found.push({ code, level: 'caution', stage: 'fitting', about: [], by: given, ...(rule ? { rule } : {}) });
  const high = [...facts.rods, ...facts.nails].filter((m) => m.heightMm > rules.number('safety.ladderFrom'));
  if (high.length > 0)
    find('ladder', { heightMm: Math.max(...high.map((m) => m.heightMm)) }, 'safety.ladderFrom');
  const long = facts.rods.filter((r) => r.lengthMm > rules.number('safety.twoPeopleRod'));
  if (long.length > 0) find('two-people-rod', { names: long.map((r) => r.name) }, 'safety.twoPeopleRod');
  if (facts.rods.length + facts.nails.length > 0) {
    find('detector-before-drilling', {});
    find('rating-of-fixings', {});
    find('old-walls', {});
    if (flags.rented) find('rented-no-drill', {});
  }
  return found;
}
