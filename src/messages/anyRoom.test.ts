import fc from 'fast-check';
import { createTranslator } from 'next-intl';
import { describe, expect, it } from 'vitest';
import { bareRoom, dressing, fittingOf, hanging, item, opening, piece } from '../../tests/helpers/rooms';
import { applyChange } from '../core/model/change';
import { GROUP, SHEER } from '../core/model/defaults';
import {
  groupKindSchema,
  headingSchema,
  landingSchema,
  liningSchema,
  mountSchema,
  rodMakeSchema,
} from '../core/model/schema';
import type { Dressing, Hanging, HangingGroup, Item, Opening, RoomFile } from '../core/model/types';
import { planLook } from '../core/plan/planLook';
import { solutionChanges, solveRoom } from '../core/plan/solveRoom';
import words from './en.json';
import rules from './en.rules.json';
import { findingArguments, sayFinding } from './findingWords';

const strict = (e: unknown): never => {
  throw e;
};
const translate = createTranslator({
  locale: 'en',
  messages: { ...words, rules },
  timeZone: 'UTC',
  onError: strict,
}) as unknown as ((key: string, values?: Record<string, string | number>) => string) & {
  has: (key: string) => boolean;
};
const say = Object.assign((key: string, values?: Record<string, string | number>) => translate(key, values), {
  has: translate.has,
});
const names = { family: (id: string) => `family ${id}`, shell: (thing: string) => `the ${thing}` };
const ODD = /[{}]|undefined|NaN|null|\[object|Infinity/;

/** RUNS=3000: to look for more, from another place each time. */
const RUNS = process.env.RUNS ? { numRuns: Number(process.env.RUNS) } : { numRuns: 60, seed: 26 };
const MINUTES = 600_000;
const mm = (min: number, max: number) => fc.integer({ min, max });
const orNull = <T>(a: fc.Arbitrary<T>) => fc.option(a, { nil: null });
const wallId = fc.constantFrom('n', 'e', 's', 'w');
const anyOpening = fc.record({
  kind: fc.constantFrom('window' as const, 'frenchDoor' as const, 'door' as const),
  wallId,
  xMm: mm(0, 2000),
  widthMm: mm(200, 1800),
  sillMm: mm(0, 1100),
  heightMm: mm(300, 1500),
  trimMm: mm(0, 120),
  revealMm: mm(0, 200),
  opens: fc.constantFrom('fixed' as const, 'sash' as const, 'in' as const, 'out' as const),
  hinge: fc.constantFrom('none' as const, 'left' as const, 'right' as const, 'both' as const),
  overlooked: fc.boolean(),
  hazy: fc.boolean(),
  drop: orNull(fc.tuple(mm(-40, 40), mm(-40, 40), mm(-40, 40))),
});
const anyDressing = fc.record({
  heading: fc.constantFrom(...headingSchema.options),
  landing: fc.constantFrom(...landingSchema.options),
  mount: fc.constantFrom(...mountSchema.options),
  hemAt: fc.constantFrom('floor' as const, 'sill' as const, 'apron' as const),
  make: fc.constantFrom(...rodMakeSchema.options),
  rodHeightMm: orNull(mm(100, 2600)),
  extensionLeftMm: orNull(mm(0, 600)),
  extensionRightMm: orNull(mm(0, 600)),
  fullness: orNull(mm(5, 40).map((n) => n / 10)),
  panels: orNull(mm(1, 9)),
  joinsNext: fc.boolean(),
  drawn: fc.constantFrom('open' as const, 'closed' as const),
  sheer: fc.boolean(),
  itemId: fc.constantFrom(null, 'panel'),
  lining: fc.constantFrom(...liningSchema.options),
  halfDrop: fc.boolean(),
  repeatMm: orNull(mm(0, 900)),
  made: fc.boolean(),
  pinMm: orNull(mm(0, 120)),
});
const anyHanging = fc.record({
  wallId,
  w: mm(60, 2200),
  h: mm(60, 2200),
  kind: fc.constantFrom('art' as const, 'mirror' as const, 'wallPanel' as const),
  glazed: fc.boolean(),
  massG: mm(50, 40_000),
  over: fc.boolean(),
  xMm: orNull(mm(-200, 4200)),
  centreMm: orNull(mm(0, 2600)),
  leans: fc.boolean(),
  grouped: fc.boolean(),
  gapMm: orNull(mm(0, 600)),
  hanger: fc.constantFrom('wire' as const, 'sawtooth' as const, 'dRings' as const, 'cleat' as const),
});
const anyGroup = fc.record({
  wallId,
  kind: fc.constantFrom(...groupKindSchema.options),
  hinge: fc.constantFrom('tops' as const, 'centres' as const, 'bottoms' as const, 'line' as const),
  over: fc.boolean(),
  xMm: orNull(mm(0, 4000)),
  centreMm: orNull(mm(0, 2600)),
  gapMm: orNull(mm(0, 300)),
  columns: orNull(mm(1, 5)),
  reuseHoles: fc.boolean(),
});
const anyFitting = fc.record({
  kind: fc.constantFrom(
    'tv' as const,
    'vent' as const,
    'shelf' as const,
    'radiator' as const,
    'heater' as const,
    'socket' as const,
    'stairs' as const,
    'toilet' as const,
    'tub' as const,
    'fireplace' as const,
  ),
  wallId,
  xMm: mm(0, 2500),
  widthMm: mm(60, 1500),
  bottomMm: mm(0, 1500),
  heightMm: mm(20, 1000),
  depthMm: mm(10, 700),
});
const anyRoom = fc.record({
  unit: fc.constantFrom('in' as const, 'cm' as const),
  ceilingMm: mm(1900, 3600),
  crownMm: mm(0, 150),
  slope: orNull(fc.record({ wallId, lowMm: mm(800, 1800), runMm: mm(300, 2500) })),
  beam: orNull(
    fc.record({ wallId, fromWallMm: mm(0, 2000), widthMm: mm(50, 400), undersideMm: mm(1700, 1890) }),
  ),
  rented: fc.boolean(),
  wheelchair: fc.boolean(),
  windows: fc.array(fc.tuple(anyOpening, anyDressing), { maxLength: 4 }),
  hangings: fc.array(anyHanging, { maxLength: 6 }),
  group: anyGroup,
  fittings: fc.array(anyFitting, { maxLength: 3 }),
  holes: fc.array(fc.tuple(wallId, mm(0, 3000), mm(300, 2200)), { maxLength: 3 }),
});

function roomOf(r: Parameters<Parameters<typeof anyRoom.map>[0]>[0]): RoomFile {
  const base = bareRoom(4000, 3000, r.ceilingMm, r.unit);
  const openings = r.windows.map(([o, _d], i): Opening => {
    const { drop, ...rest } = o;
    const sillMm = o.kind === 'window' ? o.sillMm : 0;
    const heightMm = Math.min(o.heightMm, r.ceilingMm - sillMm);
    const top = sillMm + heightMm;
    return opening({
      ...rest,
      id: `o${i}`,
      name: `Window ${i}`,
      sillMm,
      heightMm,
      dropsMm: drop && { left: top + drop[0], middle: top + drop[1], right: top + drop[2] },
    });
  });
  const dressings = r.windows.flatMap(([o, d], i): Dressing[] => {
    const { make, lining, halfDrop, repeatMm, made, sheer, ...rest } = d;
    return o.kind === 'door'
      ? []
      : [
          dressing({
            ...rest,
            id: `d${i}`,
            openingId: `o${i}`,
            rod: { make, outerMm: null },
            making: { clothWidthMm: null, repeatMm, halfDrop, lining },
            sheer: sheer ? SHEER : null,
            route: made ? { kind: 'made', stockMm: null } : null,
          }),
        ];
  });
  const tubs = r.fittings.flatMap((f, i): Dressing[] =>
    f.kind === 'tub'
      ? [dressing({ id: `t${i}`, openingId: `f${i}`, rod: { make: 'tension', outerMm: null } })]
      : [],
  );
  const group: HangingGroup = {
    ...GROUP,
    id: 'g',
    name: 'Group',
    wallId: r.group.wallId,
    kind: r.group.kind,
    hinge: r.group.hinge,
    overPieceId: r.group.over ? 'p1' : null,
    xMm: r.group.xMm,
    centreMm: r.group.centreMm,
    gapMm: r.group.gapMm,
    columns: r.group.columns,
    reuseHoles: r.group.reuseHoles,
  };
  const hangers: Record<string, Hanging['hanger']> = {
    wire: { kind: 'wire', hooks: 2, ringDropMm: 60, ringsApartMm: 300, wireMm: 340, hooksApartMm: null },
    sawtooth: { kind: 'sawtooth', dropMm: 20 },
    dRings: { kind: 'dRings', dropMm: 40, ringsApartMm: 250 },
    cleat: { kind: 'cleat', dropMm: 30, widthMm: 200 },
  };
  const hangings = r.hangings.map((h, i) =>
    hanging({
      id: `h${i}`,
      itemId: `i${i}`,
      wallId: h.grouped ? r.group.wallId : h.wallId,
      overPieceId: h.over ? 'p1' : null,
      xMm: h.xMm,
      centreMm: h.centreMm,
      gapMm: h.gapMm,
      leans: h.leans,
      hanger: hangers[h.hanger]!,
      groupId: h.grouped ? 'g' : null,
    }),
  );
  const pieces: Item[] = r.hangings.map((h, i) =>
    item({
      id: `i${i}`,
      name: `Piece ${i}`,
      kind: h.kind,
      widthMm: h.w,
      heightMm: h.h,
      massG: h.massG,
      glazed: h.glazed,
    }),
  );
  return {
    ...base,
    home: { ...base.home, flags: { ...base.home.flags, rented: r.rented, wheelchair: r.wheelchair } },
    room: {
      ...base.room,
      crownMm: r.crownMm,
      slopes: r.slope ? [r.slope] : [],
      beams: r.beam ? [{ id: 'b', name: 'Beam', ...r.beam }] : [],
      holes: r.holes.map(([wall, xMm, heightMm], i) => ({ id: `x${i}`, wallId: wall, xMm, heightMm })),
      standpoints: [{ id: 'door', name: 'Door', kind: 'door', xMm: 300, yMm: 2500, eyeMm: 1600 }],
    },
    openings,
    fittings: r.fittings.map((f, i) => fittingOf({ ...f, id: `f${i}`, name: `Fitting ${i}` })),
    pieces: [piece({ xMm: 2000, yMm: 500 })],
    items: [
      ...pieces,
      item({ id: 'panel', name: 'Linen panel', kind: 'panel', widthMm: 1300, heightMm: 2500, count: 5 }),
    ],
    looks: [
      {
        ...base.looks[0]!,
        dressings: [...dressings, ...tubs],
        hangings,
        groups: r.hangings.some((h) => h.grouped) ? [group] : [],
      },
    ],
  };
}

/** Every number in a value, with its way there. */
function numbersIn(value: unknown, way = ''): [string, number][] {
  if (typeof value === 'number') return [[way, value]];
  if (value instanceof Map) return [...value].flatMap(([k, v]) => numbersIn(v, `${way}/${String(k)}`));
  if (typeof value === 'object' && value !== null)
    return Object.entries(value).flatMap(([k, v]) => numbersIn(v, `${way}/${k}`));
  return [];
}

describe('any room that a file may hold', () => {
  it(
    'is planned in real numbers, its curtains close, and all that is found of it can be said',
    () => {
      fc.assert(
        fc.property(anyRoom, (r) => {
          const file = roomOf(r);
          const plan = planLook(file, { lookId: 'look' });
          // a span's ends are open where the rod does not turn
          const { windows, ...rest } = plan;
          expect(
            [...numbersIn(rest), ...windows.flatMap(({ span: _s, ...w }) => numbersIn(w, w.name))].filter(
              ([, n]) => !Number.isFinite(n),
            ),
          ).toEqual([]);
          for (const w of windows)
            for (const p of w.panelPlans) {
              expect(p.toMm - p.fromMm, `${w.name} ${w.mount}`).toBeGreaterThan(0);
              const end = w.rodHeightMm - w.takeDownMm - p.finishedLengthMm;
              // what lies on the floor ends on it
              expect(p.bottomMm, `${w.name} ${w.mount}`).toBeGreaterThanOrEqual(end - 0.01);
              if (p.bottomMm > end + 0.01) expect(p.bottomMm).toBeCloseTo(p.floorHighMm, 3);
            }
          for (const f of plan.findings)
            expect(sayFinding(say, f.code, findingArguments(f, r.unit, names)), f.code).not.toMatch(ODD);
        }),
        RUNS,
      );
    },
    MINUTES,
  );
  it(
    'what is typed of a piece is where it hangs, its nails are behind it, and what hangs in order does not overlap',
    () => {
      let nailed = 0;
      fc.assert(
        fc.property(anyRoom, (r) => {
          const file = roomOf(r);
          const plan = planLook(file, { lookId: 'look' });
          for (const h of plan.hangings) {
            const typed = file.looks[0]!.hangings.find((x) => x.id === h.hangingId)!;
            const codes = h.findings.map((f) => f.code);
            expect([h.topMm - h.bottomMm, h.topMm + h.bottomMm]).toEqual([
              expect.closeTo(h.heightMm, 6),
              expect.closeTo(2 * h.centreMm, 6),
            ]);
            if (!typed.groupId && !typed.leans) {
              if (typed.xMm !== null) expect(h.xMm).toBe(typed.xMm);
              if (typed.centreMm !== null)
                expect(h.centreMm, JSON.stringify(h.findings)).toBeCloseTo(typed.centreMm, 6);
              else if (typed.gapMm !== null && h.gapMm !== null) expect(h.gapMm).toBeCloseTo(typed.gapMm, 6);
            }
            for (const n of h.leans ? [] : h.nails) {
              nailed++;
              if (!codes.includes('hooks-too-wide'))
                expect(Math.abs(n.xMm - h.xMm), JSON.stringify(codes)).toBeLessThanOrEqual(h.widthMm / 2);
              if (!codes.includes('hook-above-frame'))
                expect(n.heightMm, JSON.stringify(codes)).toBeLessThanOrEqual(h.topMm + 2.6);
              expect(n.heightMm).toBeGreaterThanOrEqual(h.bottomMm - 0.01);
            }
          }
          const group = plan.groups[0];
          const members = group ? plan.hangings.filter((h) => h.groupId === group.groupId) : [];
          if (group && group.kind !== 'free')
            members.forEach((a, i) =>
              members
                .slice(i + 1)
                .forEach((b) =>
                  expect(
                    Math.max(
                      Math.abs(a.xMm - b.xMm) - (a.widthMm + b.widthMm) / 2,
                      Math.abs(a.centreMm - b.centreMm) - (a.heightMm + b.heightMm) / 2,
                    ),
                    group.kind,
                  ).toBeGreaterThanOrEqual(-0.01),
                ),
            );
        }),
        RUNS,
      );
      expect(nailed).toBeGreaterThan(60);
    },
    MINUTES,
  );
  it(
    'a way to the length that is chosen is the way in which it then hangs',
    () => {
      let chosen = 0;
      fc.assert(
        fc.property(anyRoom, (r) => {
          const file = roomOf(r);
          const look = file.looks[0]!;
          for (const w of planLook(file, { lookId: 'look' }).windows)
            for (const route of w.routes) {
              const d = look.dressings.find((x) => x.id === w.dressingId)!;
              const moved = route.kind === 'asItIs' && Math.abs(route.rodMm - w.rodHeightMm) > 0.5;
              const dressings = look.dressings.map((x) =>
                x.id === d.id
                  ? {
                      ...d,
                      route: { kind: route.kind, stockMm: route.stockMm },
                      ...(moved ? { rodHeightMm: route.rodMm } : {}),
                    }
                  : x,
              );
              const then = planLook(
                { ...file, looks: [{ ...look, dressings }] },
                { lookId: 'look' },
              ).windows.find((x) => x.dressingId === d.id)!;
              const told = `${w.name} ${w.mount} ${route.kind} ${route.stockMm}`;
              expect([then.chosenRoute?.kind, then.chosenRoute?.stockMm], told).toEqual([
                route.kind,
                route.stockMm,
              ]);
              if (route.kind === 'otherLanding') expect(then.landing, told).toBe(route.landing);
              // the longest panel hangs as long as was told, to the give of the pins
              const hangs = Math.max(...then.panelPlans.map((p) => p.finishedLengthMm));
              if (route.kind !== 'longerRings' && route.kind !== 'pins')
                expect(Math.abs(hangs - route.finishedMm), told).toBeLessThan(3.2 + 2.5);
              if (route.kind === 'made') expect(then.chosenRoute!.cost, told).toBe(route.cost);
              chosen++;
            }
        }),
        RUNS,
      );
      expect(chosen).toBeGreaterThan(40);
    },
    MINUTES,
  );
  it(
    'its windows are solved, and what is taken hangs as it was told',
    () => {
      let taken = 0;
      fc.assert(
        fc.property(anyRoom, (r) => {
          const file = roomOf(r);
          const owned = [file.items.find((i) => i.id === 'panel')!];
          for (const s of solveRoom(file, 'look', 'all', owned, [])) {
            expect(s.cost).toBeGreaterThanOrEqual(0);
            const after = planLook(
              solutionChanges(file, file.looks[0]!, s, owned).reduce(applyChange, file),
              { lookId: 'look' },
            );
            for (const x of s.shares) {
              expect(x.rodMm).toBeLessThanOrEqual(r.ceilingMm + 0.01);
              const w = after.windows.find((y) => y.dressingId === x.dressingId)!;
              expect(
                [w.rodHeightMm, w.chosenRoute?.kind, w.chosenRoute?.stockMm ?? null, w.panels],
                JSON.stringify(s.shares),
              ).toEqual([expect.closeTo(x.rodMm, 3), x.kind, x.stockMm, x.panels]);
              taken++;
            }
          }
        }),
        RUNS,
      );
      expect(taken).toBeGreaterThan(40);
    },
    MINUTES,
  );
});
