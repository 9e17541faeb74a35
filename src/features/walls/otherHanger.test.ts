import { describe, expect, it } from 'vitest';
import { inches } from '../../core/base/units';
import type { Hanger, Item } from '../../core/model/types';
import { choiceOf, HANGERS, otherHanger } from './otherHanger';

const frame = { widthMm: inches(20), heightMm: inches(30) } as Item;
const wire: Hanger = {
  kind: 'wire',
  hooks: 2,
  ringDropMm: 90,
  ringsApartMm: 400,
  wireMm: 430,
  hooksApartMm: 150,
};

describe('another hanger for the same frame', () => {
  it.each(HANGERS)('is what was chosen: %s', (choice) => {
    expect(choiceOf(otherHanger(choice, frame, wire))).toBe(choice);
  });

  it('keeps a wire’s own measures between one hook and two', () => {
    expect(otherHanger('wire1', frame, wire)).toEqual({ ...wire, hooks: 1 });
  });

  it('takes the rings’ drop over to D-rings, and usual measures otherwise', () => {
    expect(otherHanger('dRings', frame, wire)).toMatchObject({
      dropMm: 90,
      ringsApartMm: expect.closeTo(inches(16), 6) as number,
    });
    const sawtooth: Hanger = { kind: 'sawtooth', dropMm: 19 };
    expect(otherHanger('dRings', frame, sawtooth)).toMatchObject({ dropMm: inches(6) });
    expect(otherHanger('wire2', frame, sawtooth)).toMatchObject({ ringDropMm: inches(6), hooks: 2 });
    // a low frame has its rings in its upper third
    expect(otherHanger('dRings', { ...frame, heightMm: inches(9) }, sawtooth)).toMatchObject({
      dropMm: expect.closeTo(inches(3), 6) as number,
    });
  });
});
