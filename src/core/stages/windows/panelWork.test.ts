import { describe, expect, it } from 'vitest';
import { dressing, inches, inchRules, opening, toIn } from '../../../../tests/helpers/rooms';
import { place, plan } from '../../../../tests/helpers/windowPlan';
import { formatLength } from '../../base/length';
import { panelWork } from './panelWork';

const rules = inchRules();
const falling = (by: number) =>
  opening({ dropsMm: { left: inches(78), middle: inches(78 + by / 2), right: inches(78 + by) } });
const windowOf = (by: number, kind: 'takeUp' | 'made' | 'letDown') => {
  const o = falling(by);
  const d = dressing({ landing: 'clear', panels: 2 });
  const free = plan(o, d, place());
  const route = free.routes.find((r) => r.kind === kind);
  return route
    ? plan(o, { ...d, route: { kind, stockMm: route.stockMm } }, place())
    : plan(o, { ...d, route: { kind, stockMm: null } }, place());
};

describe('the work on each panel', () => {
  it('there is none to tell where the floor is level', () => {
    expect(panelWork(windowOf(0, 'takeUp'), rules)).toEqual([]);
  });
  it('taken up: drop, bought, taken up, finished, each its own; bought less taken up is finished', () => {
    const window = windowOf(2, 'takeUp');
    expect(window.chosenRoute!.kind).toBe('takeUp');
    const panels = panelWork(window, rules);
    expect(panels.map((p) => [p.number, p.side])).toEqual([
      [1, 'left'],
      [2, 'right'],
    ]);
    const [left, right] = panels;
    // the floor falls to the right: the right panel hangs longer and is taken up by less
    expect(right!.finishedMm).toBeGreaterThan(left!.finishedMm);
    expect(right!.dropMm - left!.dropMm).toBeCloseTo(right!.finishedMm - left!.finishedMm, 6);
    for (const p of panels) {
      expect(p.boughtMm! - p.takeUpMm!).toBeCloseTo(p.finishedMm, 6);
      expect(p.takeUpMm!).toBeGreaterThanOrEqual(0);
      // the old double hem counts once, the new one is made of what is left
      const hems = 2 * (rules.number('windows.stockHem') - rules.number('windows.hem'));
      expect(p.cutMm!).toBeCloseTo(p.takeUpMm! + hems, 6);
      expect(p.dropMm - window.takeDownMm - window.landingMm).toBeCloseTo(p.finishedMm, 6);
    }
    // what the list of ways says of it: as much as the longest panel at least, as the shortest at most
    const { stockMm, finishedMm, shortestMm } = window.chosenRoute!;
    expect([stockMm! - finishedMm, stockMm! - shortestMm]).toEqual([
      Math.min(...panels.map((p) => p.takeUpMm!)),
      Math.max(...panels.map((p) => p.takeUpMm!)),
    ]);
  });
  it('made: every panel is cut to the longest, and none shorter than it needs', () => {
    const window = windowOf(1.5, 'made');
    const panels = panelWork(window, rules);
    expect(panels).toHaveLength(2);
    for (const p of panels) {
      expect([p.boughtMm, p.takeUpMm, p.cutMm]).toEqual([null, null, window.making.cutMm]);
      const allowances = window.making.hemAllowanceMm + window.making.headingAllowanceMm;
      expect(p.cutMm!).toBeGreaterThanOrEqual(p.finishedMm + allowances - 1e-6);
    }
    expect(toIn(panels[1]!.finishedMm - panels[0]!.finishedMm)).toBeGreaterThan(0.5);
  });
  it('a way says the same of itself whichever is chosen', () => {
    const tried = new Set<string>();
    for (let rod = 90; rod <= 102; rod += 1.5) {
      const o = opening();
      const d = dressing({ landing: 'clear', panels: 2, rodHeightMm: inches(rod) });
      const free = plan(o, d, place());
      const said = (routes: typeof free.routes) =>
        new Map(
          routes.map((r) => [
            `${r.kind}${r.stockMm}`,
            [r.landing, formatLength(r.landingMm, 'in'), formatLength(r.finishedMm, 'in'), r.cost],
          ]),
        );
      // ways that leave the rod where it is
      for (const { kind, stockMm, rodMm } of free.routes) {
        if (rodMm !== free.rodHeightMm) continue;
        tried.add(kind);
        const chosen = plan(o, { ...d, route: { kind, stockMm } }, place());
        expect(chosen.chosenRoute).toMatchObject({ kind, stockMm });
        const now = said(chosen.routes);
        for (const [key, words] of said(free.routes)) expect([key, now.get(key)]).toEqual([key, words]);
      }
    }
    expect([...tried].sort()).toEqual(['letDown', 'longerRings', 'made', 'otherLanding', 'takeUp']);
  });
});
