import { describe, expect, it } from 'vitest';
import { demoRoom } from '../../../tests/helpers/rooms';
import { planLook } from '../../core/plan/planLook';
import type { OwnRule } from '../../core/rules/book';
import { planDifferences } from './planDifferences';

const file = demoRoom('long-room');
const lookId = file.looks[1]!.id;
const planned = (rules: readonly OwnRule[]) => planLook(file, { lookId, rules });
const previous = planned(file.rules);

describe('what a rule would change', () => {
  it('is nothing when it stays as it is', () => {
    expect(planDifferences(previous, planned(file.rules))).toEqual({ amounts: [], come: [], gone: [] });
  });
  it('is told by amount: a lower centre moves every piece on bare wall, and its nail as far', () => {
    const changed = planned([...file.rules, { ruleId: 'walls.centre', value: 1400 }]);
    const { amounts } = planDifferences(previous, changed);
    const centres = amounts.filter((a) => a.what === 'centre');
    const nails = amounts.filter((a) => a.what === 'nail');
    expect(centres.length).toBeGreaterThan(0);
    expect(nails.map((n) => n.name)).toEqual(centres.map((c) => c.name));
    centres.forEach((c, i) => {
      expect(c.isLength).toBe(true);
      // a nail stands at a mark of the tape
      const moved = (nails[i]?.to ?? NaN) - (nails[i]?.from ?? NaN);
      expect(Math.abs(moved - (c.to - c.from))).toBeLessThan(3.2);
    });
    for (const a of amounts) expect(a.from).not.toBe(a.to);
  });
  it('is counted where it is a number of things', () => {
    const changed = planned([...file.rules, { ruleId: 'windows.fullness', value: 4 }]);
    const panels = planDifferences(previous, changed).amounts.filter((a) => a.what === 'panels');
    expect(panels.length).toBeGreaterThan(0);
    for (const p of panels) expect(p).toMatchObject({ isLength: false });
    expect(panels.every((p) => Number.isInteger(p.to) && p.to > p.from)).toBe(true);
  });
  it('names the findings that come, and back again those that go', () => {
    const changed = planned([...file.rules, { ruleId: 'floor.walkway', value: 2400 }]);
    const there = planDifferences(previous, changed);
    const back = planDifferences(changed, previous);
    expect(there.come.length).toBeGreaterThan(0);
    expect(back.gone).toEqual(there.come);
    expect(back.come).toEqual(there.gone);
    expect([...there.come, ...there.gone].every((f) => f.level !== 'ok')).toBe(true);
  });
});
