import { FLAGS } from '../../model/defaults';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  cm,
  cmRules,
  inches,
  inchRules,
  item,
  piece,
  placement,
  toIn,
} from '../../../../tests/helpers/rooms';
import type { HomeFlags, Item, Piece, Placement, Seat } from '../../model/types';
import { chooseInsert, insertNeeds, stockInserts } from '../../textiles/insert';
import { planSeat, type SeatGiven } from './planSeat';
import { freeSpans } from './sitters';

const rules = inchRules();
const flags: HomeFlags = FLAGS;
const sofa = piece() as Piece & { seat: Seat };
const plan = (placed: Placement[], items: Item[], f = flags, p = sofa) =>
  planSeat(p, given(placed, items, f), rules);
const given = (placements: Placement[], items: Item[], f = flags): SeatGiven => ({
  placements,
  items: new Map(items.map((i) => [i.id, i])),
  flags: f,
  purpose: 'everyday',
  cushionsOut: [],
});
const codes = (s: ReturnType<typeof plan>) => s.findings.map((f) => f.code);
const size = (w: number, h: number) => ({ widthMm: inches(w), heightMm: inches(h) });

describe('cover to insert', () => {
  it.each<[number, number, 'feather' | 'polyester' | 'foam', number[] | null]>([
    [16, 16, 'feather', [18, 18]],
    [20, 20, 'feather', [22, 22]],
    [22, 22, 'feather', [24, 24]],
    [20, 20, 'polyester', [22, 22]],
    [18, 18, 'foam', [18, 18]],
    [20, 12, 'feather', [14, 22]],
    [12, 20, 'feather', [14, 22]],
    [26, 26, 'feather', [28, 28]],
    [36, 14, 'feather', null],
    [14, 20, 'feather', [16, 22]],
    [12, 18, 'feather', [14, 20]],
    [18, 18, 'polyester', [20, 20]],
    [26, 16, 'polyester', null],
    [26, 16, 'feather', [20, 30]],
    [24, 16, 'feather', [20, 26]],
    [15, 15, 'feather', [18, 18]],
    [15, 15, 'polyester', [16, 16]],
    [19, 19, 'foam', null],
    [40, 40, 'feather', null],
  ])('%d × %d in %s takes %j', (w, h, fill, expected) => {
    const { insert } = chooseInsert(size(w, h), fill, rules);
    expect(insert && [toIn(insert.widthMm), toIn(insert.heightMm)]).toEqual(expected);
  });
  it('says what was wanted and what is nearest when nothing fits', () => {
    const c = chooseInsert(size(36, 14), 'feather', rules);
    expect([toIn(c.wanted.widthMm), toIn(c.wanted.heightMm), toIn(c.nearest.heightMm)]).toEqual([16, 38, 36]);
  });
  it('uses metric stock in a metric room', () => {
    const { insert } = chooseInsert({ widthMm: cm(50), heightMm: cm(50) }, 'feather', cmRules());
    expect(insert).toEqual({ widthMm: cm(55), heightMm: cm(55), round: false });
  });
  it('is fuller the larger the insert', () => {
    expect(chooseInsert(size(20, 20), 'feather', rules).plumpness).toBeCloseTo((22 / 20) ** 3, 6);
  });
  it('never picks a size that is not in stock', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 8, max: 40 }),
        fc.integer({ min: 8, max: 40 }),
        fc.constantFrom('feather' as const, 'polyester' as const, 'foam' as const),
        (w, h, fill) => {
          const { insert } = chooseInsert(size(w, h), fill, rules);
          if (insert)
            expect(
              stockInserts(rules).some(
                (s) =>
                  Math.min(s.widthMm, s.heightMm) === insert.widthMm &&
                  Math.max(s.widthMm, s.heightMm) === insert.heightMm,
              ),
            ).toBe(true);
        },
      ),
    );
  });
  it('counts need against have by size and fill', () => {
    const uses = [1, 2, 3].map(() => ({ ...size(22, 22), round: false, fill: 'feather' as const }));
    expect(
      insertNeeds(
        [...uses, { ...size(20, 20), round: false, fill: 'polyester' }],
        [item({ kind: 'insert', fill: 'feather', widthMm: inches(22), heightMm: inches(22), count: 2 })],
      ),
    ).toMatchObject([
      { need: 3, have: 2, buy: 1 },
      { need: 1, have: 0, buy: 1 },
    ]);
  });
});

describe('room to sit', () => {
  it('is what the pillows leave, counted by the sitter', () => {
    expect(freeSpans([], inches(72), inches(24))).toMatchObject([{ sitters: 3 }]);
    expect(
      freeSpans(
        [
          { xMm: inches(10), useWidthMm: inches(20) },
          { xMm: inches(62), useWidthMm: inches(20) },
        ],
        inches(72),
        inches(24),
      ).map((s) => [toIn(s.fromMm), toIn(s.toMm), s.sitters]),
    ).toEqual([[20, 52, 1]]);
  });
  it('overlapping pillows take their union', () => {
    expect(
      freeSpans(
        [
          { xMm: inches(10), useWidthMm: inches(20) },
          { xMm: inches(16), useWidthMm: inches(20) },
        ],
        inches(72),
        inches(24),
      ).map((s) => toIn(s.fromMm)),
    ).toEqual([26]);
  });
  it('one can sit in front of a thin pillow on a deep chair', () => {
    const chair = piece({
      kind: 'armchair',
      widthMm: inches(32),
      seat: {
        widthMm: inches(22),
        heightMm: inches(18),
        depthMm: inches(24),
        seats: 1,
        wantedSitters: 1,
        armHeightMm: 0,
        looseCushions: 0,
      },
    }) as Piece & { seat: Seat };
    const thin = plan(
      [placement({ xMm: inches(11) })],
      [item({ widthMm: inches(16), heightMm: inches(16) })],
      flags,
      chair,
    );
    expect([thin.canSit, codes(thin)]).toEqual([1, expect.arrayContaining(['seat-room-good'])]);
    const shallow = plan([placement({ xMm: inches(11) })], [item()], flags, {
      ...chair,
      seat: { ...chair.seat, depthMm: inches(18) },
    });
    expect(codes(shallow)).toContain('seat-room-short');
  });
});

describe('room to sit in front of pillows', () => {
  const deep = (depthIn: number) =>
    piece({ seat: { ...sofa.seat, depthMm: inches(depthIn) } }) as Piece & { seat: Seat };
  const small = item({ id: 's', widthMm: inches(16), heightMm: inches(16) });
  const thick = planSeat(sofa, given([placement({ itemId: 's' })], [small]), rules).pillows[0]!.thicknessMm;
  it('is judged where two overlap between their middles, not at their middles alone', () => {
    // alone each leaves enough; together they don't, over 4 in in the middle
    const depth = 18 + toIn(thick) * 1.5;
    const put = (id: string, x: number) => placement({ id, itemId: 's', xMm: inches(x) });
    const width = 16 * 0.88;
    const apart = plan([put('a', 20), put('b', 20 + width)], [small], flags, deep(depth));
    expect(apart.free.map((f) => toIn(f.toMm - f.fromMm))).toEqual([72]);
    const over = plan([put('a', 20), put('b', 20 + width - 4)], [small], flags, deep(depth));
    expect(over.free.map((f) => toIn(f.toMm - f.fromMm))).toEqual([
      expect.closeTo(20 + width / 2 - 4, 6),
      expect.closeTo(72 - 20 - width / 2, 6),
    ]);
    expect(toIn(over.depthLeftMm)).toBeCloseTo(depth - 2 * toIn(thick), 6);
    expect(toIn(apart.depthLeftMm)).toBeCloseTo(depth - toIn(thick), 6);
  });
  it('is free under a small pillow that stands before a large one’s edge', () => {
    const big = item({ id: 'b', widthMm: inches(26), heightMm: inches(26) });
    const plans = plan(
      [
        placement({ id: 'x', itemId: 'b', xMm: inches(36) }),
        placement({ id: 'y', itemId: 's', xMm: inches(36), row: 1 }),
      ],
      [big, small],
    );
    // all that the large one takes, whatever stands before it
    expect(plans.free.map((f) => toIn(f.fromMm))).toEqual([0, expect.closeTo(36 + 13 * 0.88, 6)]);
  });
});

describe('a turned oblong', () => {
  it('is judged as it stands', () => {
    const square = item({ id: 'sq', widthMm: inches(20), heightMm: inches(20) });
    const oblong = item({ id: 'ob', widthMm: inches(22), heightMm: inches(14) });
    const both = (turned: boolean) =>
      plan(
        [
          placement({ id: 'back', itemId: 'sq', xMm: inches(30) }),
          placement({
            id: 'front',
            itemId: 'ob',
            xMm: inches(30),
            row: 1,
            lie: turned ? 'proppedSide' : 'propped',
          }),
        ],
        [square, oblong],
      );
    expect(codes(both(false))).toContain('steps-good');
    expect(codes(both(true))).toContain('front-larger-than-back');
    expect(toIn(both(true).pillows[1]!.cover.heightMm)).toBe(22);
  });
});

describe('composing', () => {
  const covers = [
    item({ id: 'big', name: 'Big', widthMm: inches(22), heightMm: inches(22) }),
    item({ id: 'mid', name: 'Mid' }),
    item({ id: 'small', name: 'Small', widthMm: inches(18), heightMm: inches(18) }),
  ];
  it('large to small is good', () => {
    expect(
      codes(
        plan(
          [placement({ itemId: 'big' }), placement({ id: 'x2', itemId: 'mid', xMm: inches(18), row: 1 })],
          covers,
        ),
      ),
    ).toContain('steps-good');
  });
  it('a front one that is larger, or hardly smaller, is said', () => {
    expect(
      codes(plan([placement({ itemId: 'mid' }), placement({ id: 'x2', itemId: 'big', row: 1 })], covers)),
    ).toContain('front-larger-than-back');
    expect(
      codes(plan([placement({ itemId: 'mid' }), placement({ id: 'x2', itemId: 'mid', row: 1 })], covers)),
    ).toContain('step-too-small');
  });
  it('ends alike, feather-free homes, pillows over the end, backs too tall', () => {
    const ends = (right: string) =>
      codes(
        plan(
          [placement({ itemId: 'big' }), placement({ id: 'x2', itemId: right, xMm: inches(60) })],
          [...covers, item({ id: 'blue', colours: [{ l: 40, a: 0, b: -30, share: 1 }] })],
        ),
      );
    expect(ends('big')).toContain('ends-match');
    expect(ends('blue')).toContain('ends-differ');
    expect(codes(plan([placement({ itemId: 'mid' })], covers, { ...flags, featherFree: true }))).toContain(
      'feather-in-feather-free',
    );
    expect(codes(plan([placement({ itemId: 'mid', xMm: 0 })], covers))).toContain('pillow-off-the-seat');
    expect(
      codes(
        plan(
          [placement({ itemId: 'tall' })],
          [item({ id: 'tall', widthMm: inches(26), heightMm: inches(26) })],
        ),
      ),
    ).toContain('back-too-tall');
  });
  it('too many bold patterns, unwashable with children', () => {
    const bold = ['a', 'b', 'c'].map((id) => item({ id, pattern: { kind: 'check', repeatMm: inches(6) } }));
    expect(
      codes(
        plan(
          bold.map((b, i) => placement({ id: b.id, itemId: b.id, xMm: inches(12 + 22 * i) })),
          bold,
        ),
      ),
    ).toContain('too-many-bold');
    expect(
      codes(plan([placement()], [item({ washable: false })], { ...flags, childrenAges: [4] })),
    ).toContain('unwashable-with-children');
  });
  it('a stark white throw where people sit, by the school that uses it; never a white cushion', () => {
    const white = item({ colours: [{ l: 97, a: 0, b: 1, share: 1 }] });
    const grey = item({ colours: [{ l: 80, a: 0, b: 1, share: 1 }] });
    const thrown = placement({ lie: 'overBack' });
    expect(codes(plan([thrown], [white]))).toContain('white-on-a-seat');
    expect(codes(plan([thrown], [grey]))).not.toContain('white-on-a-seat');
    expect(codes(plan([placement()], [white]))).not.toContain('white-on-a-seat');
    const shown = inchRules([{ ruleId: 'seats.whiteSchool', school: 'show' }]);
    const { findings } = planSeat(sofa, given([thrown], [white]), shown);
    expect(findings.map((f) => f.code)).not.toContain('white-on-a-seat');
  });
});

describe('many pillows', () => {
  it('each is judged against the one right behind it, so three hundred give no more than three hundred steps', () => {
    const items = Array.from({ length: 300 }, (_, i) =>
      item({
        id: `i${i}`,
        name: `Cover ${i}`,
        widthMm: inches(14 + (i % 12)),
        heightMm: inches(14 + (i % 12)),
      }),
    );
    const found = plan(
      items.map((x, i) =>
        placement({ id: `p${i}`, itemId: x.id, xMm: inches(5 + ((i * 7) % 62)), row: i % 6 }),
      ),
      items,
    ).findings.filter((f) => f.code === 'front-larger-than-back' || f.code === 'step-too-small');
    expect(found.length).toBeGreaterThan(20);
    expect(found.length).toBeLessThanOrEqual(300);
    expect(new Set(found.map((f) => f.about[0])).size).toBe(found.length);
  });
  it('what is true of many in the same words is said once, about all of them', () => {
    const rows = Array.from({ length: 300 }, (_, i) =>
      placement({ id: `p${i}`, xMm: inches(4 + (i % 60)), row: 0 }),
    );
    const found = plan(rows, [item({ washable: false })], {
      ...flags,
      childrenAges: [4],
      featherFree: true,
    }).findings;
    for (const code of ['unwashable-with-children', 'feather-in-feather-free'])
      expect(found.filter((f) => f.code === code).map((f) => f.about.length)).toEqual([300]);
  });
  it('a small one in front of a middle one is not held against the large one behind both', () => {
    const rows = [
      item({ id: 'a', widthMm: inches(24), heightMm: inches(24) }),
      item({ id: 'b', widthMm: inches(20), heightMm: inches(20) }),
      item({ id: 'c', widthMm: inches(19), heightMm: inches(19) }),
    ];
    const found = plan(
      rows.map((x, row) => placement({ id: x.id, itemId: x.id, xMm: inches(36), row })),
      rows,
    ).findings.filter((f) => f.code === 'step-too-small');
    expect(found.map((f) => f.about)).toEqual([['c', 'b']]);
  });
});
