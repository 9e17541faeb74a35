import { describe, expect, test } from 'vitest';
import { inches, inchRules, toIn } from '../../../../tests/helpers/rooms';
import { countPanels, packingRule, placeBrackets, usualEnds, type BracketPlace, type Ends } from './panels';

const rules = inchRules();
const cloth = { flatWidthMm: inches(40), clothGsm: 220 };
const PAIR: Ends = { returnMm: inches(3.5), overlapMm: inches(3), draw: 'pair' };
const SINGLE: Ends = { returnMm: inches(3.5), overlapMm: 0, draw: 'left' };
const count = (coveredIn: number, fullness: number, ends = PAIR, panels: number | null = null) =>
  countPanels(inches(coveredIn), cloth, { fullness, panels }, ends, rules);

describe('how many panels', () => {
  test('as much cloth as fullness, returns and overlap want, and not a thread more', () => {
    // (75 × 2 + 10) ÷ 40 = 4 exactly
    expect(count(75, 2).panels).toBe(4);
    expect(count(75.1, 2).panels).toBe(6);
    expect(count(74, 2).panels).toBe(4);
  });
  test('a pair has an even number and two at least; a single draw has what it needs', () => {
    expect([count(10, 1).panels, count(10, 1, SINGLE).panels]).toEqual([2, 1]);
    expect([count(56, 2).panels, count(56, 2, SINGLE).panels]).toEqual([4, 3]);
  });
  test('a number that was typed is kept, odd or few, and its fullness is told', () => {
    const typed = count(75, 2, PAIR, 3);
    expect(typed.panels).toBe(3);
    expect(typed.fullness).toBeCloseTo((120 - 10) / 75, 9);
    expect(count(75, 2, PAIR, 1).fullness).toBeCloseTo(30 / 75, 9);
  });
  test('cloth that does not even go round the ends gives no fullness, never less than none', () => {
    const narrow = countPanels(
      inches(75),
      { flatWidthMm: inches(8), clothGsm: 220 },
      { fullness: 2, panels: 1 },
      PAIR,
      rules,
    );
    expect(narrow.fullness).toBe(0);
  });
  test('drawn back, each side takes half the cloth over what its weight packs into', () => {
    expect(toIn(count(75, 2).stackPerSideMm)).toBeCloseTo((4 * 40) / 2 / 5.5, 4);
    expect(toIn(count(75, 2, SINGLE).stackPerSideMm)).toBeCloseTo((4 * 40) / 5.5, 4);
    // a single panel of a pair goes to one side
    expect(toIn(count(75, 2, PAIR, 1).stackPerSideMm)).toBeCloseTo(40 / 5.5, 4);
  });
  test('lighter cloth packs smaller, each class up to its limit', () => {
    expect([99, 100, 199, 200, 399, 400].map((gsm) => packingRule(gsm, rules))).toEqual([
      'windows.packingSheer',
      'windows.packingLight',
      'windows.packingLight',
      'windows.packingMedium',
      'windows.packingMedium',
      'windows.packingHeavy',
    ]);
  });
  test('the studio’s school says whether a pair or a single draw is usual', () => {
    expect(usualEnds(rules)).toMatchObject({ draw: 'pair', overlapMm: inches(3) });
    const single = inchRules([{ ruleId: 'windows.panelDraw', school: 'single' }]);
    expect(usualEnds(single)).toMatchObject({ draw: 'left', overlapMm: 0 });
  });
});

describe('where the brackets go', () => {
  const place = (more: Partial<BracketPlace> = {}): BracketPlace => ({
    outerMm: inches(54),
    trims: { leftMm: inches(3), rightMm: inches(3) },
    roomMm: { leftMm: inches(40), rightMm: inches(40) },
    given: { leftMm: null, rightMm: null },
    ends: PAIR,
    ...more,
  });
  const put = (more: Partial<BracketPlace> = {}) => {
    const plan = placeBrackets(place(more), cloth, { fullness: 2, panels: null }, rules);
    return {
      left: toIn(plan.leftMm),
      right: toIn(plan.rightMm),
      widened: toIn(plan.widenedByMm),
      heldLeft: toIn(plan.heldLeftByMm),
      heldRight: toIn(plan.heldRightByMm),
      stack: toIn(plan.count.stackPerSideMm),
      covered: toIn(plan.coveredMm),
    };
  };
  test('as far past the trim as the open stack needs, both sides alike', () => {
    const found = put();
    expect(found.left).toBe(found.right);
    expect(found.left).toBeGreaterThanOrEqual(7);
    expect(found.left + 3).toBeGreaterThanOrEqual(found.stack);
    expect(found.covered).toBeCloseTo(54 + 2 * found.left, 6);
    expect(found.widened).toBeCloseTo(found.left - 7, 6);
  });
  test('where one side has less room, the other does not reach further than the rule or that', () => {
    const found = put({ roomMm: { leftMm: inches(9), rightMm: inches(40) } });
    expect([found.left, found.right]).toEqual([9, 9]);
    const tight = put({ roomMm: { leftMm: inches(4), rightMm: inches(40) } });
    expect([tight.left, tight.right]).toEqual([4, 7]);
    expect([tight.heldLeft, tight.heldRight]).toEqual([3, 0]);
  });
  test('past no wall: where there is less than none, it stays at the trim', () => {
    expect(put({ roomMm: { leftMm: inches(-2), rightMm: inches(40) } }).left).toBe(0);
  });
  test('a reach that was typed is kept and held by nobody, the other side follows the rule', () => {
    const found = put({ given: { leftMm: inches(2), rightMm: null } });
    expect(found.left).toBe(2);
    expect(found.heldLeft).toBe(0);
    expect(found.right).toBeGreaterThanOrEqual(7);
    const both = put({ given: { leftMm: inches(2), rightMm: inches(30) } });
    expect([both.left, both.right, both.covered]).toEqual([2, 30, 86]);
  });
});
