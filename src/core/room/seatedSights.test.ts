import { describe, expect, it } from 'vitest';
import { inches, inchRules, piece } from '../../../tests/helpers/rooms';
import { heightOver, passesOver, seatedSights } from './seatedSights';
import { viewersOf } from './viewers';

const rules = inchRules();
const sofa = piece({ id: 'sofa', name: 'Sofa', xMm: inches(84), yMm: inches(20) });
const chairAt = (yIn: number) =>
  piece({ id: 'chair', name: 'Chair', kind: 'armchair', xMm: inches(84), yMm: inches(yIn), turnDeg: 180 });
const sightsOf = (yIn: number) =>
  seatedSights(viewersOf({ room: { standpoints: [] }, pieces: [sofa, chairAt(yIn)] }, rules), rules);
const between = [inches(70), inches(98)].flatMap((xMm, i) =>
  (i === 0 ? [inches(55), inches(75)] : [inches(75), inches(55)]).map((yMm) => ({ xMm, yMm })),
);
const square = [between[0]!, between[3]!, between[2]!, between[1]!];

describe('who sits and looks at somebody', () => {
  it('is everybody on one seat and on another, as far as people talk, and nobody on the same', () => {
    const sights = sightsOf(100);
    expect(sights.length).toBeGreaterThan(1);
    expect(new Set(sights.map(({ one, other }) => `${one} ${other}`))).toEqual(new Set(['Sofa Chair']));
    expect(sightsOf(160)).toEqual([]);
  });
  it('looks over what is between them, not over what is beside', () => {
    const sights = sightsOf(100);
    expect(sights.some((sight) => passesOver(sight, square))).toBe(true);
    const beside = square.map(({ xMm, yMm }) => ({ xMm: xMm + inches(120), yMm }));
    expect(sights.some((sight) => passesOver(sight, beside))).toBe(false);
  });
  it('looks from the height of one eye to that of the other', () => {
    const from = { xMm: 0, yMm: 0, zMm: 1000 };
    const to = { xMm: 1000, yMm: 0, zMm: 1200 };
    expect(heightOver({ from, to }, { xMm: 250, yMm: 40 })).toBeCloseTo(1050, 6);
    expect(heightOver({ from, to }, { xMm: -50, yMm: 0 })).toBe(1000);
  });
});
