import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dressing, inches, inchRules, opening, toIn } from '../../../../tests/helpers/rooms';
import type { Landing } from '../../model/types';
import { planMaking } from './made';
import { findRoutes, rankRoutes, type RouteFacts } from './routes';
import { place, plan } from '../../../../tests/helpers/windowPlan';

const rules = inchRules();

describe('every route closes: rod − take-down − landing − floor = length that hangs', () => {
  it('over ceilings, floors, landings and units', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 84, max: 144 }),
        fc.double({ min: -1.5, max: 1.5, noNaN: true }),
        fc.constantFrom<Landing>('clear', 'kiss', 'break', 'pool'),
        fc.constantFrom('ringClip' as const, 'grommet' as const, 'rodPocket' as const),
        (ceiling, fall, landing, heading) => {
          const o = opening({ dropsMm: { left: inches(78), middle: inches(78), right: inches(78 + fall) } });
          const w = plan(o, dressing({ landing, heading }), place({ ceilingMm: inches(ceiling) }));
          const highest = Math.max(...w.panelPlans.map((p) => p.floorHighMm));
          for (const p of w.panelPlans) {
            // the floor that closes the sum is the panel's own, or the highest where all panels are one
            // length
            const closes = w.rodHeightMm - w.takeDownMm - w.landingMm - p.finishedLengthMm;
            const miss = Math.min(Math.abs(closes - p.floorHighMm), Math.abs(closes - highest));
            expect(miss).toBeLessThanOrEqual(inches(1 / 16) + 1e-6);
          }
          const longest = Math.max(...w.panelPlans.map((p) => p.finishedLengthMm));
          for (const r of w.routes) {
            const takeDown = w.rodHeightMm - w.takeDownMm - w.landingMm;
            switch (r.kind) {
              case 'asItIs':
                expect(r.rodMm - w.rodHeightMm).toBeCloseTo(r.stockMm! - longest, 6);
                expect(r.rodMm).toBeLessThanOrEqual(inches(ceiling));
                break;
              case 'otherLanding':
                expect(r.landing).not.toBe(landing);
                expect(r.finishedMm).toBe(r.stockMm);
                break;
              case 'takeUp':
                expect(r.stockMm! - r.finishedMm).toBeGreaterThanOrEqual(-1e-6);
                expect(r.finishedMm).toBeCloseTo(longest, 6);
                break;
              case 'longerRings':
                expect(r.stockMm! + r.gainMm).toBeCloseTo(longest, 6);
                expect(r.gainMm).toBeLessThanOrEqual(inches(2) + 1e-6);
                break;
              case 'letDown':
                expect(r.stockMm! + r.gainMm).toBeCloseTo(r.finishedMm, 6);
                break;
              case 'made':
                expect(r.made!.cutMm).toBeGreaterThan(r.finishedMm);
                expect(r.made!.totalMm).toBeCloseTo(r.made!.widths * r.made!.cutMm, 6);
                break;
              case 'pins':
                expect(r.stockMm! + r.gainMm).toBeCloseTo(longest, 6);
            }
            expect(takeDown).toBeGreaterThan(0);
            expect(Number.isFinite(r.cost)).toBe(true);
          }
        },
      ),
      { numRuns: 150 },
    );
  });
});

describe('the five ways', () => {
  const facts = (finished: number, more: Partial<RouteFacts> = {}): RouteFacts => ({
    mayLie: true,
    rodMm: inches(105),
    rodLowMm: inches(80),
    rodHighMm: inches(106.5),
    takeDownMm: inches(1.5),
    landing: 'kiss',
    landingMm: 0,
    drops: [
      { rodToFloorMm: inches(finished + 1.5), finishedMm: inches(finished) },
      { rodToFloorMm: inches(finished + 1.5), finishedMm: inches(finished) },
    ],
    panels: 2,
    pins: { lowerMm: 0, raiseMm: 0 },
    ringsGrow: true,
    making: planMaking(
      {
        makeUpWidthMm: inches(140),
        finishedMm: inches(finished),
        panels: 2,
        coveredEachMm: inches(35),
        edges: [1, 2].map(() => ({ leadingMm: inches(1.5), trailingMm: inches(3.5) })),
        heading: 'ringClip',
        lining: 'none',
        clothWidthMm: null,
        repeatMm: 0,
        halfDrop: false,
      },
      rules,
    ),
    lengths: [95, 98, 102, 108].map((l) => ({ mm: inches(l), owned: 0, priceEach: l * 30, setOf: 1 })),
    ...more,
  });
  const waysOf = (f: RouteFacts) => findRoutes(f, rules).routes;
  const routeOf = (kind: string, r = waysOf(facts(103.5))) => r.find((x) => x.kind === kind)!;
  it('takes 108 up to 103½ with a new 4 in hem', () => {
    expect([
      toIn(routeOf('takeUp').stockMm!),
      toIn(routeOf('takeUp').finishedMm),
      routeOf('takeUp').hems,
    ]).toEqual([108, 103.5, 2]);
  });
  it('moves the rod for 102 as it is', () =>
    expect([toIn(routeOf('asItIs').stockMm!), toIn(routeOf('asItIs').rodMm)]).toEqual([102, 103.5]));
  it('lowers 102 by longer rings, by their gain and no more', () => {
    expect(toIn(routeOf('longerRings').gainMm)).toBe(1.5);
    expect(waysOf(facts(104.5)).some((r) => r.kind === 'longerRings' && r.stockMm === inches(102))).toBe(
      false,
    );
  });
  it('lets 102 down when rings do not reach, but not past its hem', () => {
    expect(routeOf('letDown', waysOf(facts(105))).gainMm).toBeCloseTo(inches(3), 6);
    expect(
      waysOf(facts(107, { lengths: [{ mm: inches(102), owned: 0, priceEach: 1, setOf: 1 }] })).some(
        (r) => r.kind === 'letDown',
      ),
    ).toBe(false);
  });
  it('lays nothing down on a sill or before a tub', () => {
    const ways = waysOf(facts(105.5, { mayLie: false }));
    expect(ways.some((r) => r.kind === 'otherLanding')).toBe(false);
    expect(ways.length).toBeGreaterThan(0);
  });
  it('names the other landing of a length', () =>
    expect(waysOf(facts(105.5)).find((r) => r.kind === 'otherLanding')).toMatchObject({
      landing: 'pool',
    }));
  it('makes it from widths of cloth with heading and hem', () => {
    expect(routeOf('made').made).toMatchObject({ widths: Math.ceil(140 / 52) });
    expect(toIn(routeOf('made').made!.cutMm)).toBeCloseTo(103.5 + 8 + 8, 6);
  });
  it('where only pairs are sold, what is left over is paid for too', () => {
    const cost = (owned: number, setOf: number) =>
      waysOf(facts(103.5, { panels: 3, lengths: [{ mm: inches(108), owned, priceEach: 5000, setOf }] })).find(
        (r) => r.kind === 'takeUp',
      )!.cost -
      3 * 1500;
    expect([cost(0, 1), cost(0, 2), cost(1, 2), cost(2, 2), cost(3, 2), cost(0, 4)]).toEqual([
      15_000, 20_000, 10_000, 10_000, 0, 20_000,
    ]);
  });
  it('what is owned costs nothing', () =>
    expect(
      waysOf(facts(103.5, { lengths: [{ mm: inches(108), owned: 2, priceEach: 5000, setOf: 1 }] })).find(
        (r) => r.kind === 'takeUp',
      )!.cost,
    ).toBe(2 * 1500));
  it('an eighth short of each other still offers one to take up', () => {
    const uneven = facts(102, {
      drops: [
        { rodToFloorMm: 0, finishedMm: inches(101.5) },
        { rodToFloorMm: 0, finishedMm: inches(102) },
      ],
    });
    expect(waysOf(uneven).find((r) => r.kind === 'takeUp')).toMatchObject({
      stockMm: inches(102),
    });
  });
  it('ranks by cost, fit or work', () => {
    const routes = waysOf(facts(103.5));
    const best = (way: string) => rankRoutes(routes, way)[0]!;
    expect(best('cost').cost).toBe(Math.min(...routes.map((r) => r.cost)));
    expect(best('fit').offMm).toBe(Math.min(...routes.map((r) => r.offMm)));
    expect(best('work').workMinutes).toBe(Math.min(...routes.map((r) => r.workMinutes)));
  });
});
