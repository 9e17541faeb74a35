import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bedding, onBed, queen } from '../../../../tests/helpers/findingCases/beds';
import { bareRoom, cm, demoRoom, inches, item } from '../../../../tests/helpers/rooms';
import { isOpen } from '../../model/finding';
import type { Item, Piece, RoomFile } from '../../model/types';
import { chromaOf } from '../../colour/spaces';
import { planLook } from '../planLook';
import { threeWays, type BedCandidate, type PlannedWay } from './threeWays';

const COLOURS = [
  { l: 90, a: 0, b: 5, share: 1 },
  { l: 30, a: 4, b: 8, share: 1 },
  { l: 50, a: 50, b: 35, share: 1 },
  { l: 55, a: -5, b: -30, share: 1 },
  { l: 70, a: 2, b: 12, share: 1 },
];
const cover = (id: string, sideIn: number, more: Partial<Item> = {}): Item =>
  item({ id, name: id, widthMm: inches(sideIn), heightMm: inches(sideIn), count: 6, ...more });

const roomWith = (piece: Piece, items: Item[] = [], season: 'summer' | 'winter' | null = null): RoomFile => {
  const base = bareRoom(inches(168), inches(160));
  const look = { ...base.looks[0]!, season, night: [{ of: 'bed', whereabouts: 'Chest' }] };
  return { ...base, pieces: [piece], items, looks: [look] };
};
const ways = (file: RoomFile, stash: Item[], elsewhere = 0): PlannedWay[] =>
  threeWays({ file, lookId: 'look', bedId: 'bed', stash: stash.map((i) => ({ ...i, elsewhere })) });

/** The room with a bed made up in one of the ways. */
function taken(file: RoomFile, stash: Item[], { put }: PlannedWay): RoomFile {
  const known = new Set(file.items.map((i) => i.id));
  const placements = put.map((p, n) => ({ ...p, id: `way-${n}` }));
  return {
    ...file,
    items: [...file.items, ...stash.filter((i) => !known.has(i.id))],
    looks: file.looks.map((l) => ({ ...l, placements })),
  };
}

const anyStash = fc
  .array(
    fc.record({
      kind: fc.constantFrom('cover', 'cover', 'cover', 'throw', 'bedding' as const),
      as: fc.constantFrom('spread', 'duvet', 'duvetCover' as const),
      size: fc.constantFrom([26, 26], [24, 24], [20, 30], [20, 26], [20, 20], [18, 18], [16, 16], [22, 14]),
      large: fc.constantFrom([90, 96], [108, 100], [68, 88], [120, 110], [50, 60], [140, 80]),
      colour: fc.constantFrom(...COLOURS),
      pattern: fc.constantFrom('solid', 'stripe', 'check' as const),
      repeatIn: fc.constantFrom(0, 1, 5),
      texture: fc.constantFrom('linen', 'velvet', 'knit', 'smooth' as const),
      count: fc.integer({ min: 0, max: 4 }),
      tog: fc.constantFrom(null, 2, 4.5, 10.5),
    }),
    { maxLength: 24 },
  )
  .map((rows) =>
    rows.map(({ kind, as, size, large, colour, pattern, repeatIn, texture, count, tog }, n): Item => {
      const [w, h] = (kind === 'cover' ? size : large) as [number, number];
      return item({
        id: `i${n}`,
        name: `Item ${n}`,
        kind: kind as Item['kind'],
        bedding: kind === 'bedding' ? as : null,
        widthMm: inches(w),
        heightMm: inches(h),
        colours: [colour],
        pattern: { kind: pattern, repeatMm: inches(repeatIn) },
        texture,
        count,
        tog: kind === 'bedding' ? tog : null,
      });
    }),
  );
const anyBed = fc
  .record({ widthIn: fc.constantFrom(38, 53, 60, 76), turned: fc.constantFrom(0, 90, 180, 270) })
  .map(({ widthIn, turned }) =>
    queen({ widthMm: inches(widthIn), turnDeg: turned, xMm: inches(84), yMm: inches(80) }),
  );

const FULL: Item[] = [
  cover('white-square', 26, { colours: [COLOURS[0]!] }),
  cover('brown-square', 26, { colours: [COLOURS[1]!], texture: 'tweed' }),
  cover('white-sham', 20, { widthMm: inches(30), colours: [COLOURS[0]!] }),
  cover('brown-sham', 20, { widthMm: inches(30), colours: [COLOURS[1]!], texture: 'velvet' }),
  cover('red-18', 18, { colours: [COLOURS[2]!] }),
  cover('sand-18', 18, { colours: [COLOURS[4]!], texture: 'knit' }),
  cover('red-lumbar', 14, { widthMm: inches(22), colours: [COLOURS[2]!] }),
  cover('sand-lumbar', 14, { widthMm: inches(22), colours: [COLOURS[4]!], texture: 'boucle' }),
  bedding('white-cover', 'duvetCover', [90, 96], { colours: [COLOURS[0]!] }),
  bedding('duvet', 'duvet', [88, 94], { tog: 10.5, colours: [COLOURS[0]!] }),
  bedding('brown-blanket', 'spread', [92, 98], { colours: [COLOURS[1]!], texture: 'tweed', tog: 5 }),
  item({ id: 'red-throw', kind: 'throw', widthMm: inches(50), heightMm: inches(60), colours: [COLOURS[2]!] }),
  item({
    id: 'sand-throw',
    kind: 'throw',
    widthMm: inches(50),
    heightMm: inches(60),
    colours: [COLOURS[4]!],
    texture: 'knit',
  }),
];
const idsOf = (way: PlannedWay) => [...new Set(way.put.map((p) => p.itemId))];

describe('three ways to make one bed', () => {
  it('from a full stash are three that differ: an accent on neutral, neutral with textures, dark and thick', () => {
    const [accent, neutral, heavy] = ways(roomWith(queen(), [], 'winter'), FULL);
    expect([accent?.way, neutral?.way, heavy?.way]).toEqual(['accent', 'neutral', 'heavy']);
    expect(idsOf(accent!)).toEqual(
      expect.arrayContaining(['white-square', 'white-cover', 'duvet', 'red-18', 'red-lumbar', 'red-throw']),
    );
    const strong = (way: PlannedWay) =>
      FULL.filter((i) => idsOf(way).includes(i.id) && chromaOf(i.colours[0]!) > 20).map((i) => i.id);
    expect(strong(neutral!)).toEqual([]);
    expect(idsOf(heavy!)).toEqual(expect.arrayContaining(['brown-square', 'brown-sham', 'brown-blanket']));
  });
  it('on a single bed in centimetres have rows as wide as it', () => {
    const base = roomWith(queen({ widthMm: cm(90), depthMm: cm(200), yMm: cm(110) }));
    const file = { ...base, room: { ...base.room, unit: 'cm' as const } };
    const stash = [cover('square', 0, { widthMm: cm(65), heightMm: cm(65) })];
    const made = ways(file, stash);
    expect(made.map((w) => w.bed.tiers.map((t) => t.pillows.length))).toEqual([[1], [1], [1]]);
  });
  it('say what they lack, and are none where nothing does', () => {
    const made = ways(roomWith(queen()), [cover('square', 26)]);
    expect(made.map((w) => w.lacks)).toEqual(
      Array.from({ length: 3 }, () => ['cover', 'shams', 'accents', 'front', 'foot']),
    );
    expect(ways(roomWith(queen()), [])).toEqual([]);
    expect(ways(roomWith(queen({ kind: 'cot' })), FULL)).toEqual([]);
  });
  it('leave what is locked, and sheets under the cover, and use nothing that another room has out', () => {
    const sheet = bedding('sheet', 'fitted', [60, 80], { pocketMm: inches(16) });
    const file = roomWith(queen(), [sheet, ...FULL]);
    const placements = [
      onBed('s', 'sheet', { lie: 'made' }),
      onBed('l', 'red-lumbar', { locked: true, row: 5 }),
    ];
    const dressed = { ...file, looks: [{ ...file.looks[0]!, placements }] };
    const [accent] = ways(dressed, [sheet, ...FULL]);
    expect(accent?.bed.covers.map((c) => c.item.id)).toContain('sheet');
    expect(accent?.bed.pillows.map((p) => p.placementId)).toContain('l');
    expect(ways(file, FULL, 6)).toEqual([]);
  });
  it('keep to the school of loose pieces', () => {
    for (const [school, most] of [
      ['spare', 3],
      ['layered', 8],
      ['heaped', 12],
    ] as const) {
      const file = { ...roomWith(queen()), rules: [{ ruleId: 'beds.looseSchool', school }] };
      for (const way of ways(file, FULL)) expect(way.bed.toLiftOff).toBeLessThanOrEqual(most);
    }
  });
  it('from any stash, on any bed, taken as offered: no more than is owned, and no stop that was not there', () => {
    let offered = 0;
    fc.assert(
      fc.property(anyBed, anyStash, fc.constantFrom('summer', 'winter', null), (bed, stash, season) => {
        const file = roomWith(bed, [], season);
        for (const way of ways(file, stash)) {
          offered++;
          const room = taken(file, stash, way);
          const plan = planLook(room, { lookId: 'look' });
          const open = plan.findings.filter((f) => f.stage === 'beds' && isOpen(f) && f.level === 'stop');
          expect(open.map((f) => f.code)).toEqual([]);
          for (const i of stash)
            expect(way.put.filter((p) => p.itemId === i.id).length).toBeLessThanOrEqual(i.count);
          expect(plan.findings.map((f) => f.code)).not.toContain('cover-short');
          expect(plan.findings.map((f) => f.code)).not.toContain('bed-too-much');
          expect(plan.beds[0]?.toLiftOff).toBe(way.bed.toLiftOff);
        }
      }),
      { numRuns: 60, seed: 5 },
    );
    expect(offered).toBeGreaterThan(60);
  });
  it('of the bed of the demo are three', () => {
    const file = demoRoom('harbour-bedroom');
    const stash: BedCandidate[] = file.items.map((i) => ({ ...i, elsewhere: 0 }));
    const made = threeWays({ file, lookId: 'summer', bedId: 'bed', stash });
    expect(made.map((w) => w.way)).toEqual(['accent', 'neutral', 'heavy']);
    expect(new Set(made.map((w) => JSON.stringify(idsOf(w)))).size).toBe(3);
  });
});
