import { describe, expect, it } from 'vitest';
import words from '../../messages/en.rules.json';
import { ruleBook } from './book';
import { checkOwnRule } from './ownRule';
import { RULE_GROUPS, relatedRules } from './related';
import { RULE_IDS, RULE_TABLE, defaultValue, type RuleRow } from './table';

type Words = Record<string, Record<string, { name: string; reason: string; source?: string }>>;

describe('the rule table', () => {
  it.each(RULE_IDS)('%s has a name, a reason and, when published, a source', (id) => {
    const [group, name] = id.split('.') as [string, string];
    const entry = (words as Words)[group]?.[name];
    expect(entry?.name.length).toBeGreaterThan(2);
    expect(entry?.reason.length).toBeGreaterThan(10);
    if ((RULE_TABLE[id] as RuleRow).mark === 'PUB') expect(entry?.source).toBeTruthy();
  });
  it('has no words for rules that are not there', () => {
    const ids = Object.entries(words as Words).flatMap(([g, rows]) =>
      Object.keys(rows).map((n) => `${g}.${n}`),
    );
    expect(ids.filter((id) => !RULE_IDS.includes(id as never))).toEqual([]);
  });
  it.each(RULE_IDS)('%s: what it comes with passes its own check, in both unit systems', (id) => {
    const row: RuleRow = RULE_TABLE[id];
    for (const unit of ['in', 'cm'] as const) {
      const value = defaultValue(id, unit);
      const own =
        row.shape === 'school'
          ? { ruleId: id, school: row.school }
          : { ruleId: id, value: typeof value === 'number' ? value : [...value] };
      const zeroByNature = row.shape !== 'school' && value === 0;
      if (!zeroByNature) expect(checkOwnRule(own)).toBeUndefined();
    }
  });
});

describe('own values', () => {
  it('come before the default, for one rule only', () => {
    const book = ruleBook([{ ruleId: 'walls.centre', value: 1448 }], 'in');
    expect([book.number('walls.centre'), book.isOwn('walls.centre'), book.isOwn('walls.clearAbove')]).toEqual(
      [1448, true, false],
    );
    expect(ruleBook([], 'cm').number('walls.centre')).toBe(1520);
    expect(ruleBook([{ ruleId: 'windows.rankBy', school: 'fit' }], 'in').school('windows.rankBy')).toBe(
      'fit',
    );
  });
  it.each([
    [{ ruleId: 'no.such', value: 1 }, 'unknown-rule'],
    [{ ruleId: 'walls.centre', value: [1, 2] }, 'wrong-shape'],
    [{ ruleId: 'walls.centre' }, 'wrong-shape'],
    [{ ruleId: 'walls.centreRange', value: [1600, 1400] }, 'range-turned'],
    [{ ruleId: 'walls.centreRange', value: [1600] }, 'wrong-shape'],
    [{ ruleId: 'windows.fullness', value: 0 }, 'out-of-bounds'],
    [{ ruleId: 'windows.return', value: -5 }, 'out-of-bounds'],
    [{ ruleId: 'windows.hem', value: -1 }, 'out-of-bounds'],
    [{ ruleId: 'walls.gapRange', value: [-20, 30] }, 'out-of-bounds'],
    [{ ruleId: 'windows.takeDownRingClip', value: -1200 }, 'out-of-bounds'],
    [{ ruleId: 'windows.fullness', value: Infinity }, 'not-a-number'],
    [{ ruleId: 'windows.heightSchool', school: 'low' }, 'unknown-school'],
    [{ ruleId: 'windows.clothWidth', value: 0 }, 'out-of-bounds'],
    [{ ruleId: 'windows.stockLengths', value: [0, 2000] }, 'out-of-bounds'],
    [{ ruleId: 'windows.stockLengths', value: [] }, 'wrong-shape'],
    [{ ruleId: 'walls.centre', value: 1e9 }, 'out-of-bounds'],
  ])('%j is refused: %s', (own, code) => expect(checkOwnRule(own)?.code).toBe(code));
});

describe('rules that make one number together', () => {
  it('every rule is in one group, so that each can be reached from the number that it makes', () => {
    expect(RULE_GROUPS.flat().toSorted()).toEqual([...RULE_IDS].toSorted());
  });
  it('are shown to whoever asks about one of them', () => {
    expect(relatedRules('windows.belowCeiling')).toContain('windows.heightSchool');
    for (const id of RULE_IDS) expect(relatedRules(id)).not.toContain(id);
  });
});
