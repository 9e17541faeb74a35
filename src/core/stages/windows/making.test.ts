import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  dressing,
  fittingOf,
  inches,
  inchRules,
  opening,
  toIn,
} from '../../../../tests/helpers/rooms';
import { applyChange } from '../../model/change';
import type { Dressing, Opening, RoomFile } from '../../model/types';
import type { CutPiece } from '../../packing/cut/cloth';
import { planCuts } from '../../packing/cut/planCuts';
import { planLook } from '../../plan/planLook';
import { carry, holdRods, sagMost, sagOf, sectionOf, supportsAt } from './beam';
import { planMaking, planPleats, toRepeats, type MakingFacts } from './made';

const rules = inchRules();
const room = (openings: Opening[], dressings: Dressing[], more: Partial<RoomFile> = {}): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(108));
  return { ...base, openings, ...more, looks: [{ ...base.looks[0]!, dressings }] };
};
const only = (o: Partial<Opening> = {}, d: Partial<Dressing> = {}, more: Partial<RoomFile> = {}) =>
  planLook(room([opening(o)], [dressing(d)], more), { lookId: 'look' }).windows[0]!;

describe('made to measure', () => {
  const facts = (more: Partial<MakingFacts> = {}): MakingFacts => ({
    makeUpWidthMm: inches(164),
    finishedMm: inches(100),
    panels: 2,
    coveredEachMm: inches(36),
    edges: [1, 2].map(() => ({ leadingMm: inches(1.5), trailingMm: inches(3.5) })),
    heading: 'pinchPleat',
    lining: 'none',
    clothWidthMm: null,
    repeatMm: 0,
    halfDrop: false,
    ...more,
  });
  it('widths, cut and total by hand: ⌈164 ÷ 52⌉ = 4 widths of 100 + 8 + 8', () => {
    const m = planMaking(facts(), rules);
    expect([m.widths, toIn(m.cutMm), toIn(m.totalMm)]).toEqual([4, 116, 464]);
  });
  it('a repeat of 25 makes 125 of 116; a half drop takes half a repeat more for every other width', () => {
    const whole = planMaking(facts({ repeatMm: inches(25) }), rules);
    expect([toIn(whole.cutMm), toIn(whole.wasteMm), toIn(whole.totalMm)]).toEqual([125, 9, 500]);
    const half = planMaking(facts({ repeatMm: inches(25), halfDrop: true }), rules);
    expect([toIn(half.totalMm), half.cuts.map((c) => toIn(c.toMm - c.fromMm))]).toEqual([
      525,
      [125, 125, 125, 125],
    ]);
    // one, two that drop by 12½, one: each begins in its own phase of the pattern
    expect(half.cuts.map((c) => [toIn(c.fromMm), c.drops])).toEqual([
      [0, false],
      [137.5, true],
      [262.5, true],
      [400, false],
    ]);
  });
  it('takes the length that a search in any order finds for the same widths on the same cloth', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 300 }),
        fc.integer({ min: 24, max: 140 }),
        fc.integer({ min: 0, max: 36 }),
        fc.boolean(),
        (wide, long, repeat, halfDrop) => {
          const [makeUpWidthMm, finishedMm, repeatMm] = [inches(wide), inches(long), inches(repeat)];
          const wanted = facts({ makeUpWidthMm, finishedMm, repeatMm, halfDrop });
          const { cuts, cutMm, totalMm } = planMaking(wanted, rules);
          const middles = [0, inches(repeat) / 2].map((mm) => ({ xMm: 0, yMm: cutMm / 2 + mm }));
          const pieces = cuts.map(({ drops }, i): CutPiece => ({
            id: String(i),
            widthMm: inches(54),
            heightMm: cutMm,
            mayTurn: false,
            anchor:
              repeat > 0
                ? { kind: 'repeat', acrossMm: null, alongMm: repeatMm, middle: middles[Number(drops)]! }
                : { kind: 'anywhere' },
          }));
          const cloth = { widthMm: inches(54), lengthMm: null, flaws: [] };
          const plan = planCuts(pieces, cloth, { exactUpTo: 3, tries: 5, seed: 1 });
          expect(plan.unplaced).toEqual([]);
          // half a repeat is reckoned for each width that drops, so that they can be cut as they are sewn; a search that
          // cuts all of those last passes over it once
          const dropping = cuts.filter(({ drops }) => drops).length;
          const sparedMm = (Math.max(0, dropping - 1) * inches(repeat)) / 2;
          expect(plan.lengthMm).toBeGreaterThanOrEqual(totalMm - sparedMm - 1e-6);
          expect(plan.lengthMm).toBeLessThanOrEqual(totalMm + 1e-6);
          if (dropping < 2) expect(plan.lengthMm).toBeCloseTo(totalMm, 6);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('separate buckram takes less cloth, a lining ends above the hem', () => {
    expect(
      toIn(planMaking(facts(), inchRules([{ ruleId: 'windows.header', school: 'buckram' }])).cutMm),
    ).toBe(108.5);
    expect(toIn(planMaking(facts({ lining: 'lining' }), rules).liningCutMm)).toBe(105);
  });
  it('pleats by hand: F 41, W 98 → round(36 ÷ 4) + 1 = 10, 5.7 in each', () => {
    const p = planPleats(inches(41), inches(98), { leadingMm: inches(1.5), trailingMm: inches(3.5) }, rules)!;
    expect([p.pleats, p.spaces, toIn(p.clothPerPleatMm), p.good]).toEqual([10, 9, 5.7, true]);
    // the marking-out closes: half the overlap, ten pleats, nine spaces, the return
    expect(toIn(p.marks[9]!.flatToMm) + 3.5).toBeCloseTo(98, 6);
    expect(toIn(p.marks[9]!.atMm) + 3.5).toBeCloseTo(41, 6);
  });
  it('cuts follow one another from the start of the roll, whole repeats, whatever is asked', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 400 }),
        fc.integer({ min: 24, max: 140 }),
        fc.integer({ min: 0, max: 36 }),
        fc.boolean(),
        fc.integer({ min: 1, max: 8 }),
        (wide, long, repeat, halfDrop, panels) => {
          const m = planMaking(
            facts({
              makeUpWidthMm: inches(wide),
              finishedMm: inches(long),
              repeatMm: inches(repeat),
              halfDrop,
              panels,
            }),
            rules,
          );
          expect(m.cuts[0]!.fromMm).toBe(0);
          m.cuts.slice(1).forEach((c, i) => {
            const turns = c.drops !== m.cuts[i]!.drops;
            expect(c.fromMm).toBeCloseTo(m.cuts[i]!.toMm + (turns ? inches(repeat) / 2 : 0), 6);
          });
          const dropping = halfDrop && repeat > 0 ? Math.floor(m.widths / 2) : 0;
          expect(m.cuts.filter((c) => c.drops)).toHaveLength(dropping);
          expect(m.totalMm).toBeCloseTo(m.widths * m.cutMm + (dropping * inches(repeat)) / 2, 6);
          for (const c of m.cuts.filter(() => repeat > 0)) {
            const phase = (c.fromMm / inches(repeat) - (c.drops ? 0.5 : 0)) % 1;
            expect(Math.min(phase, 1 - phase)).toBeLessThan(1e-6);
          }
          expect(m.cuts[m.cuts.length - 1]!.toMm).toBeCloseTo(m.totalMm, 6);
          expect(m.cutMm).toBeGreaterThanOrEqual(inches(long) - 1e-6);
          if (repeat > 0)
            expect(Math.abs(m.cutMm / inches(repeat) - Math.round(m.cutMm / inches(repeat)))).toBeLessThan(
              1e-6,
            );
          expect(m.widths * inches(52)).toBeGreaterThanOrEqual(inches(wide) - 1e-6);
        },
      ),
    );
    expect(toRepeats(inches(50), inches(25))).toBe(inches(50));
  });
  it('once it is chosen, the other ways still cost what they cost before', () => {
    const prices = (made: boolean) =>
      only({}, made ? { route: { kind: 'made', stockMm: null } } : {}).routes.map((r) => [
        r.kind,
        r.stockMm,
        r.cost,
        r.hems,
      ]);
    expect(prices(true)).toEqual(prices(false));
    expect(prices(false).length).toBeGreaterThan(3);
  });
  it('chosen, it hangs as one panel a side, as wide as its widths', () => {
    const w = only({}, { route: { kind: 'made', stockMm: null } });
    expect([w.panels, w.chosenRoute?.kind]).toEqual([2, 'made']);
    expect(w.flatWidthMm).toBeCloseTo(w.making.flatHemmedMm, 6);
    expect(w.fullness).toBeGreaterThan(1.5);
  });
});

describe('the rod as a beam', () => {
  it('as many supports as keep the sag small, and not one more', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('tube' as const, 'telescoping' as const, 'wood' as const, 'track' as const),
        fc.integer({ min: 20, max: 240 }),
        fc.integer({ min: 0, max: 12_000 }),
        (make, long, clothG) => {
          const section = sectionOf(make, null, rules);
          const rod = { lengthMm: inches(long), bendsMm: [], clothG, endClothG: clothG / 2 };
          const load = carry(section, rod, holdRods(section, [rod], rules), rules);
          expect(load.sagMm).toBeLessThanOrEqual(sagMost(load.spanMm, rules) + 1e-6);
          if (load.supports > 2) {
            const span = inches(long) / (load.supports - 2);
            const sag = load.sagMm * (span / load.spanMm) ** 4;
            expect(sag).toBeGreaterThan(sagMost(span, rules));
          }
        },
      ),
    );
  });
  it('a sliding rod bends as its inner tube, a thicker one less', () => {
    expect(sectionOf('telescoping', null, rules).inertiaMm4).toBeLessThan(
      sectionOf('tube', inches(0.875), rules).inertiaMm4,
    );
    expect(
      sectionOf('wood', inches(2), rules).inertiaMm4 / sectionOf('wood', inches(1), rules).inertiaMm4,
    ).toBeCloseTo(16, 6);
  });
  it('a bend has a bracket of its own; what is left over goes to the longest leg', () => {
    expect(supportsAt(1000, 3, [])).toEqual([0, 500, 1000]);
    expect(supportsAt(1000, 5, [200])).toEqual(
      [0, 200, 200 + 800 / 3, 200 + 1600 / 3, 1000].map((n) => expect.closeTo(n, 6)),
    );
  });
  it('what the ends carry adds up to cloth and rod', () => {
    const held = (endClothG: number) =>
      carry(
        sectionOf('tube', null, rules),
        { lengthMm: 1000, bendsMm: [], clothG: 2000, endClothG },
        [0, 1000],
        rules,
      );
    const load = held(1000);
    expect(2 * load.endForceN).toBeCloseTo(((2000 + load.rodG) / 1000) * 9.80665, 6);
    // a single draw hangs all its cloth by one end
    expect(held(2000).endForceN - load.endForceN).toBeCloseTo(9.80665, 6);
  });
  it('between two supports the widest stretch sags, and a bracket carries half of both beside it', () => {
    const section = sectionOf('tube', null, rules);
    const rod = { lengthMm: 3000, bendsMm: [500], clothG: 3000, endClothG: 1500 };
    const load = carry(section, rod, [0, 500, 3000], rules);
    expect(load.spanMm).toBe(2500);
    const perMetre = ((3000 + load.rodG) / 1000 / 3) * 9.80665;
    expect(load.centreForceN).toBeCloseTo(perMetre * 1.5, 6);
    expect(load.sagMm).toBeCloseTo(sagOf(perMetre, 2500, section.modulusGPa, section.inertiaMm4), 9);
  });
  it('the rod of a double one that needs more brackets sets them for both', () => {
    const section = sectionOf('telescoping', null, rules);
    const rod = (clothG: number) => ({ lengthMm: inches(90), bendsMm: [], clothG, endClothG: clothG / 2 });
    const heavy = holdRods(section, [rod(6000)], rules);
    expect(heavy.length).toBeGreaterThan(2);
    expect(holdRods(section, [rod(0), rod(6000)], rules)).toEqual(heavy);
    expect(holdRods(section, [rod(6000), rod(0)], rules)).toEqual(heavy);
  });
});

describe('a shower curtain', () => {
  const tub = fittingOf({
    id: 'tub',
    name: 'Tub',
    kind: 'tub',
    xMm: inches(6),
    widthMm: inches(60),
    bottomMm: 0,
    heightMm: inches(22),
    depthMm: inches(30),
  });
  const shower = (ceilingIn: number, d: Partial<Dressing> = {}) => {
    const base = bareRoom(inches(72), inches(96), inches(ceilingIn));
    return planLook(
      {
        ...base,
        fittings: [tub],
        looks: [
          {
            ...base.looks[0]!,
            dressings: [
              dressing({ openingId: 'tub', landing: 'clear', rod: { make: 'tension', outerMm: null }, ...d }),
            ],
          },
        ],
      },
      { lookId: 'look' },
    ).windows[0]!;
  };
  it('hangs near the ceiling and 2 in off the floor: under 8 ft a 96 is taken up, or an 84 hangs lower', () => {
    const w = shower(96);
    expect([toIn(w.rodHeightMm), toIn(w.finishedLengthMm), toIn(w.bracketToBracketMm)]).toEqual([
      93, 89.5, 60,
    ]);
    expect(w.routes.find((r) => r.kind === 'takeUp')).toMatchObject({ stockMm: inches(96) });
    // no way lays its hem on a wet floor, nor one in a reveal on the sill
    expect(
      [...w.routes, ...only({}, { mount: 'inside', heading: 'rodPocket' }).routes].some(
        (r) => r.kind === 'otherLanding',
      ),
    ).toBe(false);
    expect(w.routes.find((r) => r.kind === 'asItIs')).toMatchObject({
      stockMm: inches(84),
      rodMm: expect.closeTo(inches(87.5), 6),
    });
  });
  it('goes when its tub goes', () => {
    const base = bareRoom();
    const file = {
      ...base,
      fittings: [tub],
      looks: [{ ...base.looks[0]!, dressings: [dressing({ openingId: 'tub' })] }],
    };
    expect(applyChange(file, { do: 'removeFitting', id: 'tub' }).looks[0]!.dressings).toEqual([]);
  });
});
