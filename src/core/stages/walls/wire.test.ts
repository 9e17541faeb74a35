import { describe, expect, test } from 'vitest';
import { inches, inchRules, toIn } from '../../../../tests/helpers/rooms';
import type { Hanger } from '../../model/types';
import { hookClass } from './fixing';
import { planNails } from './wire';

const rules = inchRules();
type Wire = Extract<Hanger, { kind: 'wire' }>;
const wire = (more: Partial<Wire> = {}): Wire => ({
  kind: 'wire',
  hooks: 2,
  ringDropMm: inches(6),
  ringsApartMm: inches(20),
  wireMm: inches(22),
  hooksApartMm: null,
  ...more,
});
const nails = (hanger: Hanger, widthIn = 24) => {
  const plan = planNails({ widthMm: inches(widthIn), heightMm: inches(18) }, hanger, rules);
  return { drop: toIn(plan.dropMm), offsets: plan.offsetsMm.map(toIn), problem: plan.problem };
};

describe('where nails go on a frame', () => {
  test('one in the middle for a sawtooth, as far down as it is', () => {
    expect(nails({ kind: 'sawtooth', dropMm: inches(1) })).toEqual({ drop: 1, offsets: [0] });
  });
  test('one at each ring, and at each end of a cleat', () => {
    expect(nails({ kind: 'dRings', dropMm: inches(3), ringsApartMm: inches(16) }).offsets).toEqual([-8, 8]);
    expect(nails({ kind: 'cleat', dropMm: inches(2), widthMm: inches(12) }).offsets).toEqual([-6, 6]);
  });
  test('rings and cleats may be as wide as the frame, not wider', () => {
    const rings = (apartIn: number) =>
      nails({ kind: 'dRings', dropMm: inches(3), ringsApartMm: inches(apartIn) }).problem;
    const cleat = (widthIn: number) =>
      nails({ kind: 'cleat', dropMm: inches(2), widthMm: inches(widthIn) }).problem;
    expect([rings(24), rings(24.1)]).toEqual([undefined, 'hooks-too-wide']);
    expect([cleat(24), cleat(24.1)]).toEqual([undefined, 'hooks-too-wide']);
  });
  test('one hook pulls the wire into a triangle: rings 20 apart, wire 22, so it rises √(11² − 10²)', () => {
    const plan = nails(wire({ hooks: 1 }));
    expect(plan.offsets).toEqual([0]);
    expect(plan.drop).toBeCloseTo(6 - Math.sqrt(21), 4);
    expect(plan.problem).toBeUndefined();
  });
  test('two hooks stand at five twelfths of the width, or at nine tenths of the rings where those are near', () => {
    expect(nails(wire(), 24).offsets).toEqual([-5, 5]);
    expect(nails(wire({ ringsApartMm: inches(8), wireMm: inches(9) }), 24).offsets[1]).toBeCloseTo(3.6, 6);
  });
  test('a typed distance of the hooks is kept, up to the rings', () => {
    expect(nails(wire({ hooksApartMm: inches(14) })).offsets).toEqual([-7, 7]);
    expect(nails(wire({ hooksApartMm: inches(20) })).problem).toBe('hooks-too-wide');
    expect(nails(wire({ hooks: 1, hooksApartMm: inches(30) })).problem).toBeUndefined();
  });
  test('a wire shorter than the rings are apart cannot be; one as long does not rise', () => {
    expect(nails(wire({ wireMm: inches(19.9) })).problem).toBe('wire-too-short');
    expect(nails(wire({ hooks: 1, wireMm: inches(20) }))).toMatchObject({ drop: 6, problem: undefined });
  });
  test('a hook that would stand above the frame is reported', () => {
    // wire 26: rises √(13² − 10²) = 8.3, more than the 6 that the rings are down
    expect(nails(wire({ hooks: 1, wireMm: inches(26) })).problem).toBe('hook-above-frame');
    expect(nails(wire({ hooks: 1, wireMm: inches(23) })).problem).toBeUndefined();
  });
});

describe('the class of a hook', () => {
  test('is the smallest that holds its share, to the gram', () => {
    expect(hookClass(4536, 1, rules)).toBe(4536);
    expect(hookClass(4537, 1, rules)).toBe(9072);
    expect(hookClass(9072, 2, rules)).toBe(4536);
    expect(hookClass(9074, 2, rules)).toBe(9072);
    expect(hookClass(90_718, 2, rules)).toBe(45_359);
  });
  test('is found in classes that the studio lists in any order', () => {
    const own = inchRules([{ ruleId: 'walls.hookClasses', value: [9000, 3000, 6000] }]);
    expect([2000, 3001, 6001].map((massG) => hookClass(massG, 1, own))).toEqual([3000, 6000, 9000]);
  });
  test('there is none for what is too heavy; no hooks count as one', () => {
    expect(hookClass(45_360, 1, rules)).toBeUndefined();
    expect(hookClass(4000, 0, rules)).toBe(4536);
  });
});
