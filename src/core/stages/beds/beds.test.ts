import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bedding, onBed, queen } from '../../../../tests/helpers/findingCases/beds';
import { bareRoom, cm, inches, item, toIn } from '../../../../tests/helpers/rooms';
import type { Item, Look, Piece, Placement, RoomFile } from '../../model/types';
import { planLook } from '../../plan/planLook';

const cover = (id: string, [w, h]: readonly [number, number], more: Partial<Item> = {}) =>
  item({ id, name: id, widthMm: inches(w), heightMm: inches(h), count: 9, ...more });
const roomWith = (
  items: Item[],
  placements: Placement[],
  { piece = queen(), look = {} }: { piece?: Piece; look?: Partial<Look> } = {},
): RoomFile => {
  const base = bareRoom(inches(168), inches(144));
  return { ...base, pieces: [piece], items, looks: [{ ...base.looks[0]!, placements, ...look }] };
};
const planOf = (...given: Parameters<typeof roomWith>) => planLook(roomWith(...given), { lookId: 'look' });
const bedOf = (...given: Parameters<typeof roomWith>) => planOf(...given).beds[0]!;
const made = (id: string, row = 0) => onBed(id, id, { lie: 'made', row });

describe('tiers of a bed', () => {
  const SIZES: [string, readonly [number, number], string][] = [
    ['a big square', [26, 26], 'euro'],
    ['a square of 24 in', [24, 24], 'euro'],
    ['a standard sham', [26, 20], 'sham'],
    ['a queen sham', [30, 20], 'sham'],
    ['a king sham', [36, 20], 'sham'],
    ['a square of 20 in', [20, 20], 'accent'],
    ['a lumbar', [22, 14], 'accent'],
  ];
  it.each(SIZES)('%s of %j is %s', (_name, size, kind) => {
    const bed = bedOf([cover('c', size)], [onBed('p', 'c')]);
    expect(bed.tiers.map((t) => t.kind)).toEqual([kind]);
  });
  it('a sham that stands on its side is one still; one piece alone in the last row is the front', () => {
    const items = [cover('sham', [30, 20]), cover('small', [16, 16])];
    const bed = bedOf(items, [
      onBed('a', 'sham', { lie: 'proppedSide' }),
      onBed('b', 'small', { row: 1 }),
      onBed('c', 'small', { row: 2 }),
    ]);
    expect(bed.tiers.map((t) => t.kind)).toEqual(['sham', 'accent', 'front']);
  });
  // n × 26 ÷ mattress width, good from 0.85 to 1.4: king 3 (or 4), queen 3 (or 2), full 2 (common practice)
  it.each([
    [76, 3, 1.026],
    [76, 4, 1.368],
    [60, 3, 1.3],
    [60, 2, 0.867],
    [53, 2, 0.981],
  ])('on %d in, %d big squares cover %d', (widthIn, n, share) => {
    const placements = Array.from({ length: n }, (_, i) =>
      onBed(`p${i}`, 'c', { xMm: inches((widthIn * (i + 0.5)) / n) }),
    );
    const plan = planOf([cover('c', [26, 26])], placements, { piece: queen({ widthMm: inches(widthIn) }) });
    expect(plan.beds[0]?.tiers[0]?.coverage).toBeCloseTo(share, 3);
    expect(plan.findings.map((f) => f.code)).toContain('bed-row-good');
  });
  it('on a bed for one a single big square will do', () => {
    const one = (widthIn: number) =>
      planOf([cover('c', [26, 26])], [onBed('p', 'c', { xMm: inches(widthIn / 2) })], {
        piece: queen({ widthMm: inches(widthIn) }),
      }).findings.map((f) => f.code);
    expect(one(38)).toContain('bed-row-good');
    expect(one(48)).toContain('bed-row-off');
  });
  it('shams stay for the night; everything else comes off, and what lies across the foot', () => {
    const items = [cover('big', [26, 26]), cover('sham', [30, 20]), bedding('quilt', 'spread', [90, 96])];
    const placements = [
      onBed('a', 'big'),
      onBed('b', 'big', { xMm: inches(45) }),
      onBed('c', 'sham', { row: 1 }),
      onBed('d', 'quilt', { lie: 'acrossFoot' }),
    ];
    expect(bedOf(items, placements).toLiftOff).toBe(3);
  });
  it('each row stands in front of the one behind it', () => {
    const items = [cover('big', [26, 26]), cover('small', [16, 16])];
    const plan = planOf(items, [onBed('a', 'big'), onBed('b', 'small', { row: 1 })]);
    const [back, front] = plan.placed;
    const head = inches(42) - inches(40);
    expect(back!.at.yMm - back!.at.depthMm / 2).toBeCloseTo(head, 6);
    expect(front!.at.yMm - front!.at.depthMm / 2).toBeCloseTo(head + back!.at.depthMm, 6);
    expect(plan.beds[0]?.depthUsedMm).toBeCloseTo(back!.at.depthMm + front!.at.depthMm, 6);
  });
});

describe('what is spread over a bed', () => {
  // worked by hand: 90 × 96 in over a queen of 60 × 80 hangs (90 − 60) ÷ 2 = 15 at the sides, 96 − 80 = 16 at the foot
  it('hangs down by what is left of it', () => {
    const bed = bedOf([bedding('quilt', 'spread', [90, 96])], [made('quilt')]);
    expect(bed.covers.map((c) => [toIn(c.sideMm), toIn(c.footMm)])).toEqual([[15, 16]]);
    const tucked = planLook(
      {
        ...roomWith([bedding('quilt', 'spread', [90, 96])], [made('quilt')]),
        rules: [{ ruleId: 'beds.tuck', value: inches(6) }],
      },
      { lookId: 'look' },
    );
    expect(toIn(tucked.beds[0]!.covers[0]!.footMm)).toBe(10);
  });
  it('is drawn as it hangs: its lowest edge, its sides, its length over the foot', () => {
    const { placed, elevations } = planOf([bedding('quilt', 'spread', [90, 96])], [made('quilt')]);
    const [quilt] = placed;
    expect([toIn(quilt!.at.zMm), toIn(quilt!.footMm!), quilt!.legsMm!.map(toIn)]).toEqual([9, 16, [15, 15]]);
    const shape = elevations.find((e) => e.wallId === 'n')!.shapes.find((s) => s.about === 'quilt');
    expect([shape?.form, toIn(shape!.faceMm!), toIn(shape!.legLeftMm!)]).toEqual(['spread', 16, 15]);
  });
  it.each([
    [0, 'n'],
    [90, 'e'],
    [180, 's'],
    [270, 'w'],
  ])('shows its foot to who faces its head, turned by %d°', (turnDeg, wallId) => {
    const at = { n: [84, 42], e: [126, 72], s: [84, 102], w: [42, 72] }[wallId] as [number, number];
    const piece = queen({ turnDeg, xMm: inches(at[0]), yMm: inches(at[1]) });
    const plan = planOf([bedding('quilt', 'spread', [90, 96])], [made('quilt')], { piece });
    const shape = plan.elevations.find((e) => e.wallId === wallId)!.shapes.find((s) => s.about === 'quilt');
    expect(toIn(shape!.faceMm!)).toBe(16);
    expect(plan.beds[0]?.covers.map((c) => toIn(c.sideMm))).toEqual([15]);
  });
  it('lies in the middle and straight, wherever it was put', () => {
    const { placed } = planOf(
      [bedding('quilt', 'spread', [90, 96])],
      [onBed('quilt', 'quilt', { lie: 'made', xMm: inches(4), turnDeg: 30 })],
    );
    expect([toIn(placed[0]!.at.xMm), placed[0]!.at.turnDeg]).toEqual([84, 0]);
  });
  it('that is smaller than the bed lies at its foot and hangs nowhere', () => {
    const { placed, beds } = planOf([bedding('small', 'spread', [50, 70])], [made('small')]);
    expect([toIn(placed[0]!.at.widthMm), placed[0]!.legsMm]).toEqual([50, [0, 0]]);
    expect(placed[0]!.at.yMm + placed[0]!.at.depthMm / 2).toBeCloseTo(inches(82), 6);
    expect(toIn(beds[0]!.covers[0]!.sideMm)).toBe(-5);
  });
  it('lies on the floor where it is too long, and no further down', () => {
    const { placed, findings } = planOf([bedding('huge', 'spread', [120, 110])], [made('huge')]);
    expect(placed[0]!.at.zMm).toBe(0);
    expect(findings.find((f) => f.code === 'cover-on-floor')?.by.byMm).toBeCloseTo(inches(5), 6);
  });
  it('folded in thirds across the foot is a band: 88 ÷ 3, with (68 − 60) ÷ 2 over each side', () => {
    const bed = bedOf(
      [bedding('coverlet', 'spread', [68, 88])],
      [onBed('coverlet', 'coverlet', { lie: 'acrossFoot' })],
    );
    const { path } = bed.throws[0]!;
    expect([toIn(path.bandMm), toIn(path.onParts.left!), toIn(path.onParts.right!)]).toEqual([
      29.333333, 4, 4,
    ]);
  });
  it('lies higher on a topper, and so do the pillows; pocket and drops take it in', () => {
    const items = [
      bedding('topper', 'topper', [60, 80], { depthMm: inches(3) }),
      bedding('quilt', 'spread', [92, 98]),
      bedding('sheet', 'fitted', [60, 80], { pocketMm: inches(16.5) }),
      cover('c', [20, 20]),
    ];
    const plan = planOf(items, [made('quilt', 2), made('sheet', 1), made('topper'), onBed('p', 'c')]);
    expect(plan.beds[0]?.covers.map((c) => c.placementId)).toEqual(['topper', 'sheet', 'quilt']);
    expect(toIn(plan.beds[0]!.bed.topMm)).toBe(28);
    expect(toIn(plan.placed.find((t) => t.placement.id === 'p')!.at.zMm)).toBe(28);
    expect(toIn(plan.placed.find((t) => t.placement.id === 'topper')!.at.zMm)).toBe(25);
    expect(plan.findings.find((f) => f.code === 'pocket-short')?.by.wantMm).toBeCloseTo(inches(17), 6);
  });
  it('in centimetres and on a mattress that nobody measured, is judged by what is usual there', () => {
    const file = roomWith([bedding('quilt', 'spread', [90, 96])], [made('quilt')], {
      piece: queen({}, null),
    });
    const metric = { ...file, room: { ...file.room, unit: 'cm' as const } };
    expect(planLook(metric, { lookId: 'look' }).beds[0]!.bed.thickMm).toBeCloseTo(cm(25), 6);
    expect(planLook(file, { lookId: 'look' }).beds[0]!.bed.thickMm).toBeCloseTo(inches(12), 6);
  });
  it('covers a duvet in it from sight', () => {
    const items = [bedding('duvet', 'duvet', [88, 92]), bedding('cover', 'duvetCover', [90, 94])];
    const seen = (placements: Placement[]) =>
      planOf(items, placements).elevations.flatMap((e) => e.shapes.map((s) => s.about));
    expect(seen([made('duvet')])).toContain('duvet');
    expect(seen([made('duvet'), made('cover', 1)])).not.toContain('duvet');
  });
});

describe('how warm a bed is', () => {
  const warmth = (items: Item[], season: Look['season']) =>
    bedOf(
      items,
      items.map((i, n) => made(i.id, n)),
      { look: { season } },
    ).warmth;
  // the scale of BS 5335: 4.5 for summer, 10.5 between, 13.5 for winter (from memory)
  it.each([
    ['summer', 4.5],
    ['spring', 10.5],
    ['autumn', 10.5],
    ['winter', 13.5],
    [null, null],
  ] as const)('in %s about %s tog are wanted', (season, wanted) => {
    expect(warmth([], season).wanted).toBe(wanted);
  });
  it('adds up the layers over the whole bed; what nobody knows stays unknown', () => {
    const quilt = bedding('quilt', 'spread', [90, 96], { tog: 3 });
    const duvet = bedding('duvet', 'duvet', [90, 96], { tog: 10.5 });
    const wool = bedding('wool', 'spread', [90, 96]);
    expect(warmth([quilt, duvet], 'winter')).toMatchObject({ tog: 13.5, unknown: [] });
    expect(warmth([duvet, wool], 'winter')).toMatchObject({ tog: 10.5, unknown: ['wool'] });
    expect(warmth([bedding('case', 'duvetCover', [90, 96])], 'winter').unknown).toEqual([]);
    const folded = bedOf([quilt], [onBed('q', 'quilt', { lie: 'acrossFoot' })]);
    expect(folded.warmth.tog).toBe(0);
  });
});

describe('a bed whatever it is', () => {
  it('is planned as one where only its kind says so, and offers its mattress', () => {
    const piece = queen({ bed: null, seat: null, heightMm: inches(22) });
    const plan = planOf([bedding('quilt', 'spread', [90, 96])], [made('quilt')], { piece });
    expect(plan.spots.filter((s) => s.of === 'bed').map((s) => s.part)).toContain('mattress');
    expect(toIn(plan.beds[0]!.bed.topMm)).toBe(22);
    expect(plan.seats).toEqual([]);
  });
  it('never has a drop, a share or a length that is no number', () => {
    const sizes = fc.integer({ min: 1, max: 140 });
    fc.assert(
      fc.property(sizes, sizes, sizes, sizes, fc.integer({ min: 1, max: 60 }), (w, l, cw, cl, top) => {
        const piece = queen({
          widthMm: inches(w),
          depthMm: inches(l),
          bed: { mattressMm: inches(top), thickMm: null, headboardMm: 0, footboardMm: 0 },
        });
        const items = [bedding('quilt', 'spread', [cw, cl]), cover('c', [20, 20])];
        const plan = planOf(items, [made('quilt'), onBed('p', 'c')], { piece });
        const [bed] = plan.beds;
        const [quilt] = plan.placed;
        for (const n of [bed!.depthUsedMm, bed!.tiers[0]!.coverage, quilt!.at.heightMm, quilt!.at.widthMm])
          expect(Number.isFinite(n)).toBe(true);
        expect(quilt!.at.zMm).toBeGreaterThanOrEqual(0);
        expect(bed!.depthUsedMm).toBeLessThanOrEqual(inches(l));
      }),
      { numRuns: 100, seed: 3 },
    );
  });
});
