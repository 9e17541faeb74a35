import { describe, expect, it } from 'vitest';
import { defaultValue, RULE_TABLE, type RuleId } from '../../core/rules/table';
import { valueWords } from './ruleWords';

const written = { unit: 'in', currency: 'EUR', suffix: '' } as const;
const words = (id: RuleId) => valueWords(defaultValue(id, 'in'), RULE_TABLE[id], written);

describe('what a rule holds', () => {
  it('is said in fractions where it is a share that has one', () => {
    expect(words('walls.widthShare')).toBe('⅔ – ¾');
    expect(words('windows.frameToCeilingShare')).toBe('⅔');
    expect(valueWords([0.6, 0.3, 0.1], RULE_TABLE['spread.planned'], written)).toBe('0.6, 0.3, 0.1');
  });
  it('stays a number where a fraction would only nearly say it', () => {
    const row = RULE_TABLE['windows.frameToCeilingShare'];
    expect(valueWords(0.667, row, written)).toBe('0.667');
    expect(valueWords(0.26, row, written)).toBe('0.26');
  });
});
