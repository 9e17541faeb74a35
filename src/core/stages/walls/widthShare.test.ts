import { describe, expect, it } from 'vitest';
import { inchRules } from '../../../../tests/helpers/rooms';
import { judgeWidthShare } from './widthShare';

const rules = inchRules();
const [least, most] = rules.range('walls.widthShareAccepted');
const judged = (share: number) => {
  const { code, by } = judgeWidthShare(share, { name: 'Sofa', widthMm: 2000 }, rules);
  return [code, by.direction];
};

describe('the share of the furniture’s width', () => {
  it('is good up to both ends of the rule, also by what reckoning leaves', () => {
    for (const off of [0, 1e-12, -1e-12]) {
      expect(judged(least + off)).toEqual(['width-share-good', 'narrow']);
      expect(judged(most + off)).toEqual(['width-share-good', 'wide']);
    }
  });
  it('is off past either end, and says to which side', () => {
    expect(judged(least - 0.001)).toEqual(['width-share-off', 'narrow']);
    expect(judged(most + 0.001)).toEqual(['width-share-off', 'wide']);
  });
});
