import { describe, expect, it } from 'vitest';
import { art, grouped } from '../../../tests/helpers/grouped';
import { codes, fitting, hung, plan } from '../../../tests/helpers/hung';
import type { Fitting, Hanging, HangingGroup, Item, RoomFile } from '../model/types';
import { bareRoom, inches, toIn } from '../../../tests/helpers/rooms';

const fireplace = fitting('fireplace', {
  xMm: inches(60),
  widthMm: inches(48),
  bottomMm: 0,
  heightMm: inches(40),
  mantel: { widthMm: inches(60), depthMm: inches(8), topMm: inches(46) },
});

describe('beside and over a fireplace', () => {
  const pair = (fittings: Fitting[], axisId: string) =>
    plan(
      grouped(
        [
          [12, 16],
          [12, 16],
        ],
        { kind: 'pair', axisId },
        { fittings },
      ),
    ).groups[0]!;
  it('a pair hangs at eye level beside fire and stove, at the screen’s height beside a screen', () => {
    expect(toIn(pair([fireplace], 'fireplace').centreMm)).toBe(60);
    const stove = fitting('stove', { xMm: inches(70), widthMm: inches(24), heightMm: inches(30) });
    expect(toIn(pair([stove], 'stove').centreMm)).toBe(60);
    const tv = fitting('tv', {
      xMm: inches(60),
      widthMm: inches(48),
      bottomMm: inches(32),
      heightMm: inches(28),
    });
    expect(toIn(pair([tv], 'tv').centreMm)).toBe(46);
    expect(pair([fireplace], 'fireplace').findings.map((f) => f.code)).toContain('centre-as-wished');
  });
  const over = (h: Partial<Hanging>, heightIn = 20) =>
    hung([art('f0', 40, heightIn)], [{ overPieceId: 'fireplace', ...h }], { fittings: [fireplace] });
  it('a piece over the mantel takes its gap from the mantel’s top and its share from the mantel', () => {
    const { hangings } = plan(over({}));
    // 46 + 6 + 10 = 62: the least gap brings the centre into the band
    expect([toIn(hangings[0]!.gapMm!), toIn(hangings[0]!.centreMm)]).toEqual([6, 62]);
    expect(hangings[0]!.widthShare).toBeCloseTo(40 / 60, 6);
    expect(toIn(hangings[0]!.xMm)).toBe(84);
    expect(codes(over({}), 'h0')).toContain('centre-and-gap-agree');
    expect(codes(over({}), 'h0')).not.toContain('picture-over-fitting');
  });
  it('an overlap with the mantel is reported, by a piece over it or beside it', () => {
    expect(codes(over({ centreMm: inches(54) }), 'h0')).toContain('picture-into-furniture');
    const beside = hung([art('f0', 12, 20)], [{ xMm: inches(50), centreMm: inches(50) }], {
      fittings: [fireplace],
    });
    // the fireplace begins at 60, its mantel at 54
    expect(codes(beside, 'h0')).toContain('picture-over-fitting');
    const clear = hung([art('f0', 12, 20)], [{ xMm: inches(47), centreMm: inches(50) }], {
      fittings: [fireplace],
    });
    expect(codes(clear, 'h0')).not.toContain('picture-over-fitting');
  });
  it('a radiator’s top is hung over too', () => {
    const radiator = fitting('radiator', { xMm: inches(60), widthMm: inches(48), heightMm: inches(36) });
    const file = hung([art('f0', 30, 30)], [{ overPieceId: 'radiator' }], { fittings: [radiator] });
    expect(toIn(plan(file).hangings[0]!.gapMm!)).toBe(9);
  });
});

describe('on a stair', () => {
  const stairs = (rises: 'left' | 'right') =>
    fitting('stairs', { xMm: inches(24), widthMm: inches(120), heightMm: inches(72), rises });
  const gallery = (rises: 'left' | 'right', g: Partial<HangingGroup> = {}) =>
    plan(
      grouped(
        [
          [12, 12],
          [16, 20],
          [10, 14],
        ],
        { kind: 'stair', ...g },
        { fittings: [stairs(rises)] },
        170,
      ),
    );
  it.each(['left', 'right'] as const)(
    'every piece hangs 60 in over the tread below it, rising %s',
    (rises) => {
      const { hangings, groups } = gallery(rises);
      for (const h of hangings) {
        const along = (toIn(h.xMm) - 24) / 120;
        const tread = 72 * (rises === 'right' ? along : 1 - along);
        expect(toIn(h.centreMm) - tread).toBeCloseTo(60, 4);
      }
      expect(groups[0]!.findings.map((f) => f.code)).toContain('treads-good');
    },
  );
  it('past the stair it is measured from the floor before it, and from the landing behind it', () => {
    const { hangings } = gallery('right', { xMm: inches(24) });
    expect(Math.min(...hangings.map((h) => toIn(h.centreMm)))).toBeCloseTo(60, 4);
  });
  it('a pitch of one’s own is kept, and the pieces that come off eye level are reported', () => {
    const { groups } = gallery('right', { pitchDeg: 0 });
    expect(groups[0]!.findings.map((f) => f.code)).toContain('treads-off');
  });
  it('a single piece hangs over the tread below it', () => {
    const at = (xIn: number) =>
      plan({
        ...hung([art('f0', 16, 20)], [{ xMm: inches(xIn) }], { fittings: [stairs('right')] }),
        room: { ...bareRoom(inches(168), inches(144), inches(170)).room },
      }).hangings[0]!;
    expect(toIn(at(84).centreMm)).toBeCloseTo(60 + 36, 4);
    expect(toIn(at(12).centreMm)).toBe(60);
    expect(at(84).findings.map((f) => f.code)).toContain('centre-as-wished');
  });
});

describe('what was never weighed', () => {
  const heldBy = (more: Partial<Item>, h: Partial<Hanging> = {}) =>
    plan(hung([art('f0', 30, 24, { massG: 0, ...more })], [h])).hangings[0]!;
  const area = (30 * 24 * 25.4 ** 2) / 1e6;
  const round = (2 * (30 + 24) * 25.4) / 1000;
  it('is estimated from size, glass and frame, by rules', () => {
    expect(heldBy({}).massG).toBeCloseTo(area * 2500 + round * 600, 3);
    expect(heldBy({ glazed: true }).massG).toBeCloseTo(area * (5000 + 2500) + round * 600, 3);
    expect(heldBy({ kind: 'mirror' }).massG).toBeCloseTo(area * (10_000 + 2500) + round * 600, 3);
    expect(heldBy({ kind: 'wallPanel' }).massG).toBeCloseTo(area * 4000, 3);
  });
  it('is marked as an estimate, and a weighed one is not', () => {
    expect(heldBy({ glazed: true }).massGuessedBy).toBe('weights.pictureGlass');
    expect(heldBy({ glazed: true }).findings.map((f) => f.code)).toContain('mass-guessed');
    expect(heldBy({ massG: 4000 })).toMatchObject({ massG: 4000, massGuessedBy: null });
    expect(heldBy({ massG: 4000 }).findings.map((f) => f.code)).not.toContain('mass-guessed');
  });
  it('a mirror is taken to be heavy', () => {
    expect(heldBy({ kind: 'mirror', widthMm: inches(12), heightMm: inches(12) }).twoPoints).toBe(true);
    expect(heldBy({ kind: 'mirror', massG: 2000 }).twoPoints).toBe(false);
    expect(heldBy({}).twoPoints).toBe(false);
  });
});

describe('on the sheet and the list', () => {
  const wire = {
    kind: 'wire',
    hooks: 2,
    ringDropMm: inches(5),
    ringsApartMm: inches(20),
    wireMm: inches(21),
    hooksApartMm: null,
  } as const;
  const shelf = fitting('shelf', {
    xMm: inches(100),
    widthMm: inches(60),
    bottomMm: inches(50),
    heightMm: inches(1),
  });
  const file = (more: Partial<RoomFile> = {}): RoomFile => {
    const one = hung(
      [
        art('f0', 30, 24, { massG: 12_000 }),
        art('f1', 16, 20, { massG: 2000 }),
        art('f2', 24, 60, { kind: 'mirror', massG: 9000 }),
      ],
      [
        { hanger: wire, xMm: inches(30) },
        { hanger: { kind: 'cleat', dropMm: inches(2), widthMm: inches(10) }, xMm: inches(70) },
        { leans: true, wallId: 's', xMm: inches(60) },
      ],
      { fittings: [shelf] },
    );
    return { ...one, ...more };
  };
  const step = (about: string, of = file()) => plan(of).sheet.steps.find((s) => s.about === about)!;
  it('a picture has its hooks with their class, its anchors and its points', () => {
    expect(step('h0')).toMatchObject({
      twoPoints: true,
      massGuessed: false,
      fixing: { hanger: 'wire', hooks: 2, hookClassG: 9072, anchors: 2, anchorKind: 'anchor' },
    });
    expect(step('h1').fixing).toMatchObject({ hanger: 'cleat', hooks: 2, anchors: 2 });
  });
  it('what leans has no nails, and its top is marked', () => {
    expect(step('h2').marks.map((m) => m.label)).toEqual(['leanTop']);
    const foot = 6;
    expect(toIn(step('h2').marks[0]!.heightMm)).toBeCloseTo(Math.sqrt(60 ** 2 - foot ** 2), 4);
    expect(plan(file()).hangings[2]!.nails).toEqual([]);
  });
  it('a shelf has its brackets; the ones at its ends carry half a span', () => {
    const [board] = plan(file()).shelves;
    // 60 in at brackets no more than 24 apart: three spans, 30 kg a metre
    const loadG = 30_000 * 60 * 0.0254;
    expect(board!.brackets.map((b) => toIn(b.xMm))).toEqual([100, 120, 140, 160]);
    const shares = [1 / 6, 1 / 3, 1 / 3, 1 / 6];
    board!.brackets.forEach((b, i) => expect(b.loadG).toBeCloseTo(loadG * shares[i]!, 6));
    expect(step('shelf').marks.map((m) => toIn(m.heightMm))).toEqual([50, 50, 50, 50]);
  });
  it('two brackets carry half each', () => {
    const short = file({ fittings: [{ ...shelf, widthMm: inches(20) }] });
    const [board] = plan(short).shelves;
    expect(board!.brackets.map((b) => b.loadG / board!.loadG)).toEqual([0.5, 0.5]);
  });
  it('hooks are bought by class, brackets and anchors by count', () => {
    const lines = plan(file()).sheet.buy.map((b) => [b.kind, b.name, b.count, b.ratedG ?? null]);
    expect(lines).toContainEqual(['pictureHooks', 'weighed', 2, 9072]);
    expect(lines).toContainEqual(['hangers', 'wire', 1, null]);
    expect(lines).toContainEqual(['hangers', 'cleat', 1, null]);
    expect(lines).toContainEqual([
      'shelfBrackets',
      'The shelf',
      4,
      expect.closeTo((30_000 * 60 * 0.0254) / 3, 6),
    ]);
    expect(lines).toContainEqual(['anchors', 'anchor', 8, null]);
    const brick = plan({ ...file(), room: { ...file().room, wallsOf: 'brick' } }).sheet.buy;
    expect(brick.find((b) => b.kind === 'anchors')!.name).toBe('plug');
  });
  it('marks are measured down from the ceiling over each where the studio does so', () => {
    const rules = [{ ruleId: 'walls.datum', school: 'ceiling' }];
    const sloped = file({ rules });
    const room = { ...sloped.room, slopes: [{ wallId: 'w', lowMm: inches(60), runMm: inches(60) }] };
    const marks = step('h0', { ...sloped, room }).marks;
    for (const m of marks) {
      const overhead = Math.min(96, 60 + (36 * toIn(m.xMm)) / 60);
      expect(toIn(m.fromCeilingMm!)).toBeCloseTo(overhead - toIn(m.heightMm), 3);
    }
    expect(step('h0').marks.every((m) => m.fromCeilingMm === undefined)).toBe(true);
  });
});
