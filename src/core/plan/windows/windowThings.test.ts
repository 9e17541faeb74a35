/** Windows in a whole room: what stands beside them, ways of the stash, sheets and lists. */
import { describe, expect, it } from 'vitest';
import { dressing, inches, opening, toIn, linenPanel } from '../../../../tests/helpers/rooms';
import { box, fitting, room, win } from '../../../../tests/helpers/findingCases/given';
import { applyChange } from '../../model/change';
import { SHEER } from '../../model/defaults';
import type { Dressing, Item, RoomFile } from '../../model/types';
import { planLook } from '../planLook';
import { stashWays } from './stashWays';

const planOf = (file: RoomFile) => planLook(file, { lookId: 'look' });
const codes = (file: RoomFile) => planOf(file).findings.map((f) => f.code);
const panel = (more: Partial<Item> = {}) => linenPanel({ count: 4, price: 5000, ...more });

describe('things beside a window', () => {
  const beside = (kind: 'tv' | 'shelf' | 'fireplace' | 'stairs', bottomIn: number, highIn: number) =>
    planOf(win({}, {}, { fittings: [fitting(kind, 'n', [116, bottomIn], [20, highIn])] })).windows[0]!;
  it('a screen, a hearth and a stair hold the stack, from hem to finial', () => {
    expect(toIn(beside('tv', 40, 24).extensionRightMm)).toBeLessThanOrEqual(5);
    expect(toIn(beside('fireplace', 0, 46).extensionRightMm)).toBeLessThanOrEqual(5);
    expect(toIn(beside('stairs', 0, 60).extensionRightMm)).toBeLessThanOrEqual(5);
  });
  it('a shelf above the rod does not', () => {
    expect(toIn(beside('shelf', 95, 1).extensionRightMm)).toBeGreaterThanOrEqual(7);
    expect(toIn(beside('shelf', 60, 1).extensionRightMm)).toBeLessThanOrEqual(5);
  });
  it('a tall bookcase holds it, a low chest is told, and one away from the wall is neither', () => {
    const with_ = (heightIn: number, yIn: number) =>
      win({}, {}, { pieces: [box('chest', [130, yIn], [30, 16], { heightMm: inches(heightIn) })] });
    expect(toIn(planOf(with_(75, 8)).windows[0]!.extensionRightMm)).toBeLessThanOrEqual(4.01);
    expect(codes(with_(30, 8))).toContain('cloth-meets');
    expect(codes(with_(30, 20))).not.toContain('cloth-meets');
  });
  it('a rod typed longer than its wall is a stop, one that runs into a bookcase too', () => {
    const past = win({ xMm: inches(20) }, { extensionLeftMm: inches(20) });
    expect(planOf(past).findings.find((f) => f.code === 'bracket-past-the-wall')).toMatchObject({
      level: 'stop',
      by: { neighbour: 'wall', byMm: expect.closeTo(inches(3), 3) },
    });
    const into = win(
      {},
      { extensionRightMm: inches(20) },
      { pieces: [box('Bookcase', [135, 8], [30, 16], { heightMm: inches(90) })] },
    );
    expect(planOf(into).findings.find((f) => f.code === 'bracket-past-the-wall')?.by.neighbour).toBe(
      'Bookcase',
    );
  });
});

describe('a bay', () => {
  it('sags, carries and is held by the real distances between its supports', () => {
    const o = (id: string, wallId: string, xIn: number, wIn: number) =>
      opening({ id, name: id, wallId, xMm: inches(xIn), widthMm: inches(wIn) });
    const base = room({ ceilingIn: 108 });
    const file: RoomFile = {
      ...base,
      room: {
        ...base.room,
        walls: [
          { id: 'a', name: '', xMm: 0, yMm: inches(30) },
          { id: 'b', name: '', xMm: inches(30), yMm: 0 },
          { id: 'c', name: '', xMm: inches(150), yMm: 0 },
          { id: 'd', name: '', xMm: inches(180), yMm: inches(30) },
          { id: 'e', name: '', xMm: inches(180), yMm: inches(150) },
          { id: 'f', name: '', xMm: 0, yMm: inches(150) },
        ],
      },
      openings: [o('l', 'a', 12, 18), o('m', 'b', 20, 80), o('r', 'c', 12, 18)],
      looks: [
        {
          ...base.looks[0]!,
          dressings: [
            dressing({ id: 'dl', openingId: 'l', joinsNext: true }),
            dressing({ id: 'dm', openingId: 'm', joinsNext: true }),
            dressing({ id: 'dr', openingId: 'r' }),
          ],
        },
      ],
    };
    const w = planOf(file).windows[0]!;
    const at = w.bracketsAt.map((b) => b.xMm + (w.span.parts.find((p) => p.wallId === b.wallId)?.offMm ?? 0));
    const spans = at.slice(1).map((mm, i) => mm - at[i]!);
    expect(w.rod.load.spanMm).toBeCloseTo(Math.max(...spans), 3);
    expect(w.rod.load.supports).toBe(at.length);
    // the wide middle is held between its bends, the short legs are not
    expect(at.length).toBeGreaterThan(4);
    expect(w.rod.load.sagMm).toBeLessThanOrEqual(w.rod.load.sagMostMm + 1e-6);
  });
});

describe('ways of the stash', () => {
  const file = (d: Partial<Dressing>, items: Item[]) =>
    win({}, { itemId: 'panel', ...d }, { items, ceilingIn: 106 });
  it('owned panels are among the ways though a bought length comes nearer', () => {
    const w = planOf(file({}, [panel()])).windows[0]!;
    expect(w.routes.find((r) => r.kind === 'takeUp' && r.stockMm === inches(108))).toMatchObject({
      buy: 0,
      cost: 6000,
    });
    expect(w.routes[0]!.buy).toBe(0);
    expect(w.routesLeftOut).toBeGreaterThan(0);
  });
  it('other kinds are offered with what is free of them, and are taken as they were told', () => {
    const other = panel({ id: 'other', name: 'Sailcloth', count: 6, heightMm: inches(110) });
    const all = file({}, [panel(), other]);
    const asked = { file: all, look: all.looks[0]!, windows: planOf(all).windows };
    const ways = stashWays(asked, all.looks[0]!.dressings[0]!, [panel(), other]);
    // as it is it pools; taken up it lands as wanted
    expect(ways.map((w) => [w.item.id, w.free, w.route.kind, w.route.buy])).toEqual([
      ['other', 6, 'otherLanding', 0],
      ['other', 6, 'takeUp', 0],
    ]);
    const lent = stashWays(asked, all.looks[0]!.dressings[0]!, [
      { ...other, elsewhere: { room: 'Bedroom', count: 6 } },
    ]);
    expect(lent).toEqual([]);
    const way = ways.at(-1);
    const taken = applyChange(all, {
      do: 'putDressing',
      lookId: 'look',
      dressing: {
        ...all.looks[0]!.dressings[0]!,
        itemId: 'other',
        route: { kind: way!.route.kind, stockMm: way!.route.stockMm },
      },
    });
    expect(planOf(taken).windows[0]!.chosenRoute).toMatchObject({ kind: 'takeUp', cost: way!.route.cost });
  });
});

describe('longer rings and moved pins', () => {
  const at = (heading: 'ringClip' | 'pinchPleat', lengthIn: number, kind: 'longerRings' | 'pins') =>
    planOf(
      win(
        {},
        {
          heading,
          itemId: 'panel',
          rodHeightMm: inches(93),
          route: { kind, stockMm: inches(lengthIn) },
        },
        { items: [panel({ heightMm: inches(lengthIn), count: 8 })] },
      ),
    );
  it('rings: the cloth hangs lower by what they gain, as long as it was bought, and they are charged once', () => {
    const { windows, sheet } = at('ringClip', 90.5, 'longerRings');
    const w = windows[0]!;
    expect(w.chosenRoute).toMatchObject({
      kind: 'longerRings',
      gainMm: expect.closeTo(inches(1), 6),
      cost: 0,
    });
    expect([toIn(w.takeDownMm), toIn(w.finishedLengthMm), toIn(w.ringDropMm!)]).toEqual([2.5, 90.5, 2.5]);
    const rings = sheet.buy.filter((b) => b.kind === 'rings');
    expect(rings).toHaveLength(1);
    expect(toIn(rings[0]!.widthMm!)).toBe(2.5);
    expect(sheet.steps.find((s) => s.kind === 'curtain')?.ringDropMm).toBeCloseTo(inches(2.5), 6);
  });
  it('pins: their place in the pleat is told on the sheet', () => {
    const { windows, sheet } = at('pinchPleat', 91.5, 'pins');
    const w = windows[0]!;
    expect(w.chosenRoute?.kind).toBe('pins');
    // ring's eye 1¾, pins at ½: 1¼; the panel is ¼ short of 91¾ and is let down by it
    expect([toIn(w.takeDownMm), toIn(w.pinPlaceMm!)]).toEqual([1.5, 0.25]);
    expect(w.rodHeightMm - w.takeDownMm - w.finishedLengthMm).toBeCloseTo(0, 6);
    expect(sheet.steps.find((s) => s.kind === 'curtain')?.pinPlaceMm).toBeCloseTo(inches(0.25), 6);
  });
});

describe('a sheer and a shower', () => {
  it('a sheer has ways, a making and a price of its own', () => {
    const sheer = { ...SHEER, route: { kind: 'made' as const, stockMm: null } };
    const { windows, sheet } = planOf(win({}, { sheer }));
    const layer = windows[0]!.sheer!;
    expect(layer.routes.length).toBeGreaterThan(2);
    expect(layer.chosenRoute?.kind).toBe('made');
    expect(sheet.buy.find((b) => b.kind === 'sheerCloth')).toMatchObject({
      count: layer.making.widths,
      cost: layer.chosenRoute!.cost,
    });
    const [bought] = layer.routes.filter((r) => r.kind === 'takeUp');
    const taken = planOf(
      win({}, { sheer: { ...SHEER, route: { kind: bought!.kind, stockMm: bought!.stockMm } } }),
    );
    expect(taken.sheet.buy.find((b) => b.kind === 'sheers')?.cost).toBe(bought!.cost);
    expect(taken.sheet.buy.find((b) => b.kind === 'sheerHems')?.count).toBe(taken.windows[0]!.sheer!.panels);
  });
  it('a shower has its liner on the list; shown, its curtain comes down to the floor', () => {
    const tub = { ...fitting('tub', 'n', [10, 0], [60, 22]), id: 'tub' };
    const shower = (school: 'used' | 'shown') =>
      planOf(
        room({
          fittings: [tub],
          rules: [{ ruleId: 'windows.showerSchool', school }],
          dressings: [
            dressing({
              openingId: 'tub',
              landing: 'kiss',
              rod: { make: 'tension', outerMm: null },
              rodHeightMm: inches(80),
            }),
          ],
        }),
      );
    const used = shower('used');
    expect(used.sheet.buy.find((b) => b.kind === 'liner')).toMatchObject({ count: 1, cost: 1200 });
    expect(used.sheet.steps.find((s) => s.kind === 'curtain')?.liner).toBe(true);
    expect(
      toIn(shower('shown').windows[0]!.finishedLengthMm - used.windows[0]!.finishedLengthMm),
    ).toBeCloseTo(2, 6);
    expect(codes({ ...room({}), ...win() })).not.toContain('shower-hem');
  });
});

describe('cloth that was never weighed', () => {
  it('of a sheer is told as what it is planned with', () => {
    const voile = panel({ id: 'voile', name: 'Voile', clothGsm: 0, texture: 'smooth', fibre: 'polyester' });
    const { windows } = planOf(win({}, { sheer: { ...SHEER, itemId: 'voile' } }, { items: [voile] }));
    const told = windows[0]!.findings.find((f) => f.code === 'cloth-weight-guessed');
    expect(told).toMatchObject({ by: { gsm: windows[0]!.sheer!.clothGsm }, rule: 'weights.voile' });
    // not hung, it is nothing to be told of
    const leaf = win({}, { sheer: { ...SHEER, itemId: 'voile' }, mount: 'inside' }, { items: [voile] });
    expect(codes(leaf)).not.toContain('cloth-weight-guessed');
  });
});

describe('a track on the ceiling', () => {
  const track = { mount: 'ceiling', rod: { make: 'track', outerMm: null }, heading: 'wave' } as const;
  it('is right before a window up to the ceiling, and a stop where a slope comes down over the glass', () => {
    const high = win({ heightMm: inches(66) }, track);
    expect(codes(high)).not.toContain('rod-below-frame');
    const base = win({ heightMm: inches(60) }, track);
    const sloped = {
      ...base,
      room: { ...base.room, slopes: [{ wallId: 'n', lowMm: inches(60), runMm: inches(40) }] },
    };
    expect(planOf(sloped).findings.find((f) => f.code === 'rod-below-frame')?.level).toBe('stop');
  });
});

describe('in centimetres', () => {
  it('a kiss kisses, and a length is worked out to the millimetre', () => {
    const base = win({ dropsMm: { left: 1983, middle: 1983, right: 1983 } }, { rodHeightMm: 2216.6 });
    const w = planOf({ ...base, room: { ...base.room, unit: 'cm' } }).windows[0]!;
    for (const p of w.panelPlans)
      expect(Math.abs(w.rodHeightMm - w.takeDownMm - p.finishedLengthMm - p.floorHighMm)).toBeLessThanOrEqual(
        0.5,
      );
  });
});
