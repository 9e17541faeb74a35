import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  dressing,
  fittingOf,
  hanging,
  inches,
  inchRules,
  item,
  opening,
  piece,
  toIn,
} from '../../../tests/helpers/rooms';
import { boxesOverlap, type Box } from '../geometry/plane';
import { GROUP } from '../model/defaults';
import type { HangingGroup, RoomFile } from '../model/types';
import type { GalleryLayout } from '../packing/frames';
import { solveGallery } from '../packing/gallery';
import type { OwnRule } from '../rules/book';
import { groupTaken } from '../stages/walls/layout';
import { galleryAskOf } from './galleryAsk';
import { planLook } from './planLook';

const SIZES = [
  [11, 14],
  [8, 10],
  [16, 20],
  [12, 16],
  [8, 10],
  [14, 11],
  [18, 24],
  [12, 12],
  [10, 8],
] as const;
/** Nine frames as a free group on the north wall of a room of 14 by 12 ft. */
const room = (
  g: Partial<HangingGroup>,
  more: Partial<RoomFile> = {},
  rules: OwnRule[] = [],
  ceilingIn = 96,
): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(ceilingIn));
  return {
    ...base,
    ...more,
    room: { ...base.room, ...more.room },
    rules,
    items: SIZES.map(([w, h], i) =>
      item({
        id: `f${i}`,
        name: `Frame ${i}`,
        kind: 'art',
        widthMm: inches(w),
        heightMm: inches(h),
        massG: 1000,
      }),
    ),
    looks: [
      {
        ...base.looks[0]!,
        dressings: more.openings ? [dressing({})] : [],
        groups: [{ ...GROUP, id: 'group', name: 'Nine', wallId: 'n', kind: 'free', ...g }],
        hangings: SIZES.map((_, i) => hanging({ id: `h${i}`, itemId: `f${i}`, groupId: 'group' })),
      },
    ],
  };
};
const asked = (file: RoomFile, own: OwnRule[] = []) => {
  const plan = planLook(file, { lookId: 'look' });
  const look = file.looks[0]!;
  return galleryAskOf(look.groups[0]!, plan.groups[0]!, { file, look, plan, rules: inchRules(own) });
};
/** The look with a layout taken, as the page takes it. */
const taken = (
  file: RoomFile,
  middle: { xMm: number; centreMm: number },
  layout: GalleryLayout,
): RoomFile => {
  const look = file.looks[0]!;
  const g = look.groups[0]!;
  return {
    ...file,
    looks: [
      {
        ...look,
        groups: [groupTaken(g, middle, layout)],
        hangings: look.hangings.map((h) => ({
          ...h,
          groupAt: { dxMm: layout.at.get(h.id)!.xMm, dyMm: layout.at.get(h.id)!.yMm },
        })),
      },
    ],
  };
};
const solved = (file: RoomFile, own: OwnRule[] = []) => {
  const { ask, middle } = asked(file, own);
  const layouts = solveGallery({ ...ask, rounds: 60 });
  expect(layouts.length).toBeGreaterThan(0);
  return layouts.map((layout) => {
    const plan = planLook(taken(file, middle, layout), { lookId: 'look' });
    // taken, it hangs where it was found: no rule moves it afterwards
    for (const h of plan.hangings) {
      const place = layout.at.get(h.hangingId)!;
      expect(
        Math.hypot(h.xMm - middle.xMm - place.xMm, h.centreMm - middle.centreMm - place.yMm),
        h.name,
      ).toBeLessThan(2);
    }
    return { layout, middle, plan };
  });
};
const boxes = (plan: ReturnType<typeof planLook>): Box[] =>
  plan.hangings.map((h) => ({
    xMm: h.xMm - h.widthMm / 2,
    yMm: h.bottomMm,
    widthMm: h.widthMm,
    heightMm: h.heightMm,
  }));
const broken = (plan: ReturnType<typeof planLook>) =>
  plan.findings
    .filter(
      (f) =>
        f.stage === 'walls' &&
        (f.code.startsWith('picture-') || f.code === 'clear-above-short' || f.code === 'gap-yielded'),
    )
    .map((f) => f.code);

describe('where a gallery may hang', () => {
  it('over a sofa every layout keeps the gap in its band, and goes on standing by that rule', () => {
    const file = room({ overPieceId: 'p1' }, { pieces: [piece()] });
    for (const { layout, plan } of solved(file)) {
      const g = plan.groups[0]!;
      expect(layout.settled).toBe(true);
      expect(toIn(g.aboveMm!)).toBeGreaterThanOrEqual(6 - 1e-6);
      expect(toIn(g.aboveMm!)).toBeLessThanOrEqual(12 + 1e-6);
      expect(broken(plan)).toEqual([]);
    }
    // a sofa two inches higher takes the whole with it
    const { layout, middle } = solved(file)[0]!;
    const rise = (byIn: number) =>
      planLook(
        { ...taken(file, middle, layout), pieces: [piece({ heightMm: piece().heightMm + inches(byIn) })] },
        { lookId: 'look' },
      ).groups[0]!;
    expect(toIn(rise(6).bottomMm - rise(0).bottomMm)).toBeGreaterThan(0);
    expect(toIn(rise(6).aboveMm!)).toBeGreaterThanOrEqual(6 - 1e-6);
  });
  it('its outline comes near the share of the furniture’s width', () => {
    for (const w of [60, 84, 110]) {
      const best = solved(room({ overPieceId: 'p1' }, { pieces: [piece({ widthMm: inches(w) })] }))[0]!;
      expect(best.plan.groups[0]!.widthShare!, String(w)).toBeGreaterThan(0.55);
      expect(best.plan.groups[0]!.widthShare!, String(w)).toBeLessThan(0.9);
    }
  });
  it('on a bare wall its middle is at the height of its school', () => {
    for (const { plan } of solved(room({}))) expect(toIn(plan.groups[0]!.centreMm)).toBeCloseTo(60, 3);
    const quarter = [{ ruleId: 'walls.gallerySchool', school: 'quarter' }] as const;
    for (const { plan } of solved(room({}, {}, [...quarter], 108), [...quarter]))
      expect(toIn(plan.groups[0]!.centreMm)).toBeCloseTo(67.5, 3);
  });
  it('keeps under a slope and off a stair, a tall bookcase, a shelf, a window and its curtain', () => {
    const base = bareRoom(inches(168), inches(144), inches(96));
    const lower = room(
      { xMm: inches(112) },
      { room: { ...base.room, slopes: [{ wallId: 'e', lowMm: inches(30), runMm: inches(90) }] } },
    );
    for (const { plan } of solved(lower)) expect(broken(plan)).toEqual([]);
    const stair = room(
      { xMm: inches(60) },
      {
        fittings: [
          fittingOf({
            kind: 'stairs',
            wallId: 'n',
            xMm: 0,
            widthMm: inches(90),
            bottomMm: 0,
            heightMm: inches(75),
            rises: 'left',
          }),
        ],
      },
    );
    for (const { plan } of solved(stair)) expect(broken(plan)).toEqual([]);
    const bookcase = room(
      {},
      {
        pieces: [
          piece({
            kind: 'bookcase',
            seat: null,
            xMm: inches(60),
            yMm: inches(7),
            widthMm: inches(36),
            depthMm: inches(12),
            heightMm: inches(72),
          }),
        ],
      },
    );
    for (const { plan } of solved(bookcase)) expect(broken(plan)).toEqual([]);
    const window = room(
      { xMm: inches(60) },
      { openings: [opening({ xMm: inches(100), widthMm: inches(40) })] },
    );
    for (const { plan } of solved(window)) {
      expect(plan.windows).toHaveLength(1);
      expect(broken(plan)).toEqual([]);
    }
  });
  it('a zone of one’s own is kept to, whatever the rules say', () => {
    const zone = { xMm: inches(20), bottomMm: inches(10), widthMm: inches(110), heightMm: inches(80) };
    for (const { layout, plan } of solved(room({ zone }))) {
      expect(layout.settled).toBe(false);
      for (const b of boxes(plan))
        expect(
          boxesOverlap(b, {
            xMm: zone.xMm - 1,
            yMm: zone.bottomMm - 1,
            widthMm: zone.widthMm + 2,
            heightMm: zone.heightMm + 2,
          }) &&
            b.xMm >= zone.xMm - 1 &&
            b.xMm + b.widthMm <= zone.xMm + zone.widthMm + 1 &&
            b.yMm >= zone.bottomMm - 1 &&
            b.yMm + b.heightMm <= zone.bottomMm + zone.heightMm + 1,
        ).toBe(true);
    }
  });
  it('is shifted a little for holes that are there, when that is asked for', () => {
    const base = bareRoom();
    const bare = solved(room({}))[0]!;
    const nail = bare.plan.hangings[2]!.nails[0]!;
    const file = room(
      { reuseHoles: true },
      {
        room: {
          ...base.room,
          holes: [{ id: 'hole', wallId: 'n', xMm: nail.xMm + 30, heightMm: nail.heightMm - 25 }],
        },
      },
    );
    const best = solved(file)[0]!;
    expect(best.layout.holesUsed).toBe(1);
    expect(
      best.plan.hangings
        .flatMap((h) => h.nails)
        .some((n) => Math.hypot(n.xMm - nail.xMm - 30, n.heightMm - nail.heightMm + 25) < 3),
    ).toBe(true);
  });
});

describe('any wall', () => {
  it('takes a layout only where nothing is in its way, and it hangs there as it was found', () => {
    const mm = (min: number, max: number) => fc.integer({ min, max });
    const orNull = <T>(a: fc.Arbitrary<T>) => fc.option(a, { nil: null });
    const sizes = fc.array(fc.tuple(mm(120, 600), mm(120, 600)), { minLength: 2, maxLength: 8 });
    const any = fc.record({
      sizes,
      over: fc.boolean(),
      zone: orNull(
        fc.record({
          xMm: mm(0, 2000),
          bottomMm: mm(0, 900),
          widthMm: mm(500, 2200),
          heightMm: mm(500, 1700),
        }),
      ),
      xMm: orNull(mm(300, 4000)),
      centreMm: orNull(mm(900, 1900)),
      gapMm: orNull(mm(20, 150)),
      ceilingIn: mm(80, 120),
      crownMm: mm(0, 120),
      slope: orNull(fc.record({ lowMm: mm(900, 1900), runMm: mm(400, 2500) })),
      window: orNull(mm(0, 3000)),
      vent: orNull(fc.tuple(mm(0, 3500), mm(1200, 1900))),
      seed: mm(0, 99),
    });
    let found = 0;
    fc.assert(
      fc.property(any, (r) => {
        const base = bareRoom(inches(168), inches(144), inches(r.ceilingIn));
        const file: RoomFile = {
          ...base,
          room: { ...base.room, crownMm: r.crownMm, slopes: r.slope ? [{ wallId: 'e', ...r.slope }] : [] },
          pieces: [piece()],
          openings: r.window === null ? [] : [opening({ xMm: r.window })],
          fittings: r.vent
            ? [fittingOf({ kind: 'vent', xMm: r.vent[0], bottomMm: r.vent[1], widthMm: 300, heightMm: 150 })]
            : [],
          items: r.sizes.map(([widthMm, heightMm], i) =>
            item({ id: `f${i}`, name: `Frame ${i}`, kind: 'art', widthMm, heightMm, massG: 1000 }),
          ),
          looks: [
            {
              ...base.looks[0]!,
              groups: [
                {
                  ...GROUP,
                  id: 'group',
                  name: 'Some',
                  wallId: 'n',
                  kind: 'free',
                  overPieceId: r.over ? 'p1' : null,
                  zone: r.zone,
                  xMm: r.xMm,
                  centreMm: r.centreMm,
                  gapMm: r.gapMm,
                  seed: r.seed,
                },
              ],
              hangings: r.sizes.map((_, i) => hanging({ id: `h${i}`, itemId: `f${i}`, groupId: 'group' })),
            },
          ],
        };
        const { ask, middle } = asked(file);
        for (const layout of solveGallery({ ...ask, rounds: 20 })) {
          found++;
          const plan = planLook(taken(file, middle, layout), { lookId: 'look' });
          for (const h of plan.hangings) {
            const place = layout.at.get(h.hangingId)!;
            expect(
              Math.hypot(h.xMm - middle.xMm - place.xMm, h.centreMm - middle.centreMm - place.yMm),
              h.name,
            ).toBeLessThan(2);
          }
          const all = boxes(plan);
          all.forEach((a, i) => all.slice(i + 1).forEach((b) => expect(boxesOverlap(a, b)).toBe(false)));
          const wrong = plan.findings.filter(
            (f) =>
              f.stage === 'walls' &&
              f.code.startsWith('picture-') &&
              !(r.zone && f.code === 'picture-over-ceiling'),
          );
          expect(wrong.map((f) => [f.code, f.by])).toEqual([]);
        }
      }),
      process.env.RUNS ? { numRuns: Number(process.env.RUNS) } : { numRuns: 25, seed: 7 },
    );
    expect(found).toBeGreaterThan(20);
  }, 600_000);
});
