import { describe, expect, test } from 'vitest';
import { inches, inchRules } from '../../../tests/helpers/rooms';
import { FLAGS } from '../model/defaults';
import { fittingCautions, type FittingFacts } from './cautions';

const rules = inchRules();
const NOTHING: FittingFacts = { rods: [], nails: [] };
const rod = (heightIn: number, lengthIn = 48, name = 'Rod') => ({
  name,
  heightMm: inches(heightIn),
  lengthMm: inches(lengthIn),
});
const nail = (heightIn: number) => ({ name: 'Nail', heightMm: inches(heightIn) });
const found = (facts: Partial<FittingFacts>, rented = false) =>
  fittingCautions({ ...NOTHING, ...facts }, { ...FLAGS, rented }, rules);
const codes = (facts: Partial<FittingFacts>, rented = false) => found(facts, rented).map((f) => f.code);

describe('a day on which nothing is drilled', () => {
  test('has no cautions, whoever owns the walls', () => {
    expect(codes({})).toEqual([]);
    expect(codes({}, true)).toEqual([]);
  });
});

describe('a ladder', () => {
  test('is needed above the rule’s height, by a rod or by a nail, and not at it', () => {
    expect(codes({ rods: [rod(78)] })).not.toContain('ladder');
    expect(codes({ rods: [rod(78.1)] })).toContain('ladder');
    expect(codes({ nails: [nail(78)] })).not.toContain('ladder');
    expect(codes({ nails: [nail(79)] })).toContain('ladder');
  });
  test('goes as high as the highest of them', () => {
    const [ladder] = found({ rods: [rod(90), rod(84)], nails: [nail(101)] });
    expect(ladder).toMatchObject({
      code: 'ladder',
      rule: 'safety.ladderFrom',
      by: { heightMm: inches(101) },
    });
  });
});

describe('a second pair of hands', () => {
  test('is asked for with rods longer than the rule, each by its name', () => {
    expect(codes({ rods: [rod(70, 72)] })).not.toContain('two-people-rod');
    const long = found({ rods: [rod(70, 73, 'Bay'), rod(70, 40, 'Galley'), rod(70, 90, 'Stair')] });
    expect(long.find((f) => f.code === 'two-people-rod')?.by).toEqual({ names: ['Bay', 'Stair'] });
  });
  test('is not asked for by nails, however many', () => {
    expect(codes({ nails: [nail(60), nail(60)] })).not.toContain('two-people-rod');
  });
});

describe('drilling', () => {
  const ALWAYS = ['detector-before-drilling', 'rating-of-fixings', 'old-walls'];
  test('one rod or one nail is enough for its cautions', () => {
    expect(codes({ rods: [rod(60)] })).toEqual(ALWAYS);
    expect(codes({ nails: [nail(60)] })).toEqual(ALWAYS);
  });
  test('in a rented home the owner is asked too', () => {
    expect(codes({ nails: [nail(60)] }, true)).toEqual([...ALWAYS, 'rented-no-drill']);
  });
  test('all are cautions of the fitting day and about nothing in particular', () => {
    for (const f of found({ rods: [rod(99, 99)] }, true))
      expect([f.level, f.stage, f.about]).toEqual(['caution', 'fitting', []]);
  });
});
