import { describe, expect, it } from 'vitest';
import { bareRoom, inches, item, piece, placement, standing } from '../../../../tests/helpers/rooms';
import type { Item, Piece, Placement, RoomFile } from '../../model/types';
import type { LaidLinen } from '../../stages/surfaces/planTable';
import { planLook } from '../planLook';

/** A dining table, 72 × 36 in and 30 high, in the middle of a room of 168 × 144 in. */
const table = (more: Partial<Piece> = {}): Piece =>
  piece({
    id: 'table',
    name: 'Table',
    kind: 'diningTable',
    xMm: inches(84),
    yMm: inches(72),
    widthMm: inches(72),
    depthMm: inches(36),
    heightMm: inches(30),
    seat: null,
    ...more,
  });
const linen = (kind: Item['kind'], w: number, h: number): Item =>
  item({ id: kind, name: kind, kind, widthMm: inches(w), heightMm: inches(h), count: 20 });
const lay = (itemId: string, lie: Placement['lie'], more: Partial<Placement> = {}): Placement =>
  placement({ id: itemId, itemId, ...standing('table'), lie, ...more });
const roomWith = (pieces: Piece[], items: Item[] = [], placements: Placement[] = []): RoomFile => {
  const base = bareRoom(inches(168), inches(144));
  return { ...base, pieces, items, looks: [{ ...base.looks[0]!, placements }] };
};
const planned = (...args: Parameters<typeof roomWith>) => planLook(roomWith(...args), { lookId: 'look' });
const tableOf = (...args: Parameters<typeof roomWith>) =>
  planned(...args).surfaces.find(({ spot }) => spot.of === 'table' && spot.kind === 'top')!.table!;

const expectRunner = ({ runner }: LaidLinen, bandIn: number, overhangIn: number): void => {
  expect(runner!.bandMm).toBeCloseTo(inches(bandIn), 6);
  expect(runner!.overhangMm).toBeCloseTo(inches(overhangIn), 6);
};

describe('a table', () => {
  it('is sat at on the sides that the room leaves free, whatever way it is turned', () => {
    expect(tableOf([table()]).free).toEqual(['front', 'back', 'left', 'right']);
    expect(tableOf([table({ yMm: inches(18) })]).free).toEqual(['front', 'left', 'right']);
    expect(tableOf([table({ yMm: inches(126) })]).free).toEqual(['back', 'left', 'right']);
    // in the corner of the north and west walls, turned by 90°: its back to the east
    const turned = table({ turnDeg: 90, xMm: inches(18), yMm: inches(36) });
    expect(tableOf([turned]).free).toEqual(['back', 'right']);
    expect(tableOf([turned]).mostPlaces).toBe(4);
  });
  it('says so where mats are laid at a table that nobody can sit at', () => {
    const mats = linen('placemat', 18, 14);
    const boxedIn = table({ widthMm: inches(160), depthMm: inches(140), yMm: inches(72) });
    const plan = planned([boxedIn], [mats], [lay('placemat', 'atPlaces', { count: 2 })]);
    expect(plan.findings.find((f) => f.code === 'places-crowded')?.by).toMatchObject({ count: 2, most: 0 });
  });
  it('has the chairs that are counted at it and those that stand at it', () => {
    const chair = (id: string, yIn: number, more: Partial<Piece> = {}) =>
      piece({
        ...table(),
        id,
        kind: 'diningChair',
        yMm: inches(yIn),
        widthMm: inches(18),
        depthMm: inches(20),
        ...more,
      });
    const bench = chair('bench', 105, {
      kind: 'bench',
      seat: { ...piece().seat!, seats: 3 },
    });
    expect(tableOf([table({ chairs: 2 }), chair('near', 40), bench, chair('far', 10)]).chairs).toBe(6);
  });
  it('shows its cloth hanging down on every side that one looks at', () => {
    const plan = planned([table()], [linen('tablecloth', 92, 52)], [lay('tablecloth', 'overTable')]);
    const seen = plan.elevations.flatMap(({ wallId, shapes }) =>
      shapes
        .filter((s) => s.about === 'tablecloth')
        .map((s) => [wallId, s.faceMm, s.legLeftMm, s.legRightMm] as const),
    );
    // 10 in at the ends, 8 at the front and back
    for (const [wallId, face, left, right] of seen) {
      const isEnd = wallId === 'e' || wallId === 'w';
      expect(face).toBeCloseTo(inches(isEnd ? 10 : 8), 6);
      expect([left, right]).toEqual([right, right]);
      expect(left).toBeCloseTo(inches(isEnd ? 8 : 10), 6);
    }
    expect(seen.length).toBeGreaterThan(0);
    const at = plan.placed[0]!.at;
    expect(at.zMm).toBeCloseTo(inches(20), 6);
    expect(at.zMm + at.heightMm).toBeCloseTo(inches(30) + 4, 6);
  });
  it('keeps cloth in its middle, except a runner across, and a throw in thirds is one', () => {
    const shawl = linen('throw', 48, 84);
    const across = lay('throw', 'acrossTable', { xMm: inches(12), turnDeg: 30 });
    const [runner] = tableOf([table()], [shawl], [across]).laid;
    expectRunner(runner!, 16, 24);
    expect(runner!.thing.at.turnDeg).toBe(0);
    expect(runner!.thing.at.xMm).toBeCloseTo(inches(60), 6);
    const along = tableOf([table()], [shawl], [{ ...across, lie: 'alongTable', fold: 'halves' }]).laid[0]!;
    expectRunner(along, 24, 6);
    expect(along.thing.at.xMm).toBeCloseTo(inches(84), 6);
  });
  it('is laid beside what stands on it: cloth is in nobody’s way', () => {
    const vase = linen('vase', 8, 12);
    const codes = (placements: Placement[]) =>
      planned([table()], [vase, linen('tablecloth', 84, 48)], placements)
        .findings.filter((f) => f.stage === 'surfaces')
        .map((f) => f.code);
    expect(codes([lay('vase', 'standing', { xMm: inches(36) }), lay('tablecloth', 'overTable')])).toEqual([
      'surface-fits',
      'cloth-falls-well',
    ]);
  });
  it('bears a candle: its cloth lies flat below the flame, a throw folded beside it as before', () => {
    const candle = linen('candle', 3, 6);
    const near = (lie: Placement['lie'], kind: Item['kind'], more: Partial<Placement> = {}) =>
      planned(
        [table()],
        [candle, linen(kind, 60, 50)],
        [lay('candle', 'standing', { xMm: inches(36) }), lay(kind, lie, more)],
      ).findings.filter((f) => f.code === 'candle-near-cloth').length;
    expect([near('overTable', 'tablecloth'), near('alongTable', 'runner')]).toEqual([0, 0]);
    expect(near('acrossFoot', 'throw')).toBe(1);
  });
  it('is on the fitting sheet with what it is laid with, from below', () => {
    const { sheet } = planned(
      [table()],
      [linen('placemat', 18, 14), linen('tablecloth', 84, 48)],
      [lay('placemat', 'atPlaces', { count: 4 }), lay('tablecloth', 'overTable')],
    );
    expect(sheet.steps.find((s) => s.kind === 'surface')?.laid).toEqual([
      { name: 'tablecloth', count: 1 },
      { name: 'placemat', count: 4 },
    ]);
  });
});

describe('a ladder', () => {
  const ladder = table({ kind: 'ladder', heightMm: inches(72), depthMm: inches(4), widthMm: inches(18) });
  const hung = (rung: string, h: number) =>
    planned(
      [ladder],
      [linen('throw', 50, h)],
      [lay('throw', 'hanging', { spot: { of: 'table', part: rung } })],
    );
  it('has a throw over each of its rungs, which hangs by its middle', () => {
    const plan = hung('rung5', 60);
    // 54 in up, and the rung itself
    expect(plan.placed[0]!.at.heightMm).toBe(inches(30));
    expect(plan.placed[0]!.at.zMm).toBeCloseTo(inches(24) + 31.5, 6);
    expect(plan.spots.filter(({ kind }) => kind === 'rung')).toHaveLength(6);
    expect(plan.findings.filter(({ level }) => level === 'stop')).toEqual([]);
  });
  it('says so where a throw is too long for its rung', () => {
    const [finding] = hung('rung2', 60).findings.filter(({ level }) => level === 'stop');
    expect(finding).toMatchObject({ code: 'taller-than-spot', by: { over: 'floor' } });
    expect(finding!.by.byMm).toBeCloseTo(inches(12) - 31.5, 6);
  });
});

describe('a round table', () => {
  const round = (acrossIn: number, more: Partial<Piece> = {}) =>
    table({ widthMm: inches(acrossIn), depthMm: inches(acrossIn), round: true, ...more });
  const mats = linen('placemat', 16, 11);
  const codes = (...args: Parameters<typeof roomWith>) => planned(...args).findings.map(({ code }) => code);

  it('is sat at all round, but for the quarter at a wall', () => {
    expect(tableOf([round(60)]).mostPlaces).toBe(7);
    expect(tableOf([round(60, { yMm: inches(30) })]).mostPlaces).toBe(5);
    // whichever wall that is, and however the table is turned
    expect(tableOf([round(60, { xMm: inches(30), turnDeg: 90 })]).mostPlaces).toBe(5);
    expect(tableOf([round(60, { xMm: inches(138), turnDeg: 180 })]).mostPlaces).toBe(5);
  });
  it('has what there is less of at the first of its places', () => {
    const napkins = linen('napkin', 18, 18);
    const placements = [lay('placemat', 'atPlaces', { count: 5 }), lay('napkin', 'atPlaces', { count: 2 })];
    const { laid, settings } = tableOf([round(60)], [mats, napkins], placements);
    expect(settings).toBe(5);
    const [ofMats, ofNapkins] = ['placemat', 'napkin'].map(
      (kind) => laid.find(({ item: { kind: its } }) => its === kind)!.places,
    );
    expect(ofNapkins).toEqual(ofMats!.slice(0, 2));
  });
  it('is crowded by mats that one with corners has room for', () => {
    const six = [lay('placemat', 'atPlaces', { count: 6 })];
    expect(codes([round(44)], [mats], six)).toContain('mats-meet');
    expect(codes([round(60)], [mats], six)).not.toContain('mats-meet');
  });
  it('has mats over a runner only as far as it reaches', () => {
    const two = [
      lay('placemat', 'atPlaces', { count: 2 }),
      lay('runner', 'acrossTable', { xMm: inches(30) }),
    ];
    const runner = (longIn: number) => linen('runner', longIn, 12);
    expect(codes([round(60)], [mats, runner(70)], two)).toContain('mats-meet');
    expect(codes([round(60)], [mats, runner(30)], two)).not.toContain('mats-meet');
  });
  it('lets a square cloth hang down further at its corners', () => {
    const { laid } = tableOf([round(48)], [linen('tablecloth', 70, 70)], [lay('tablecloth', 'overTable')]);
    expect(laid[0]!.falls!.endMm).toBeCloseTo(inches(11), 6);
    expect(laid[0]!.falls!.lowestMm).toBeCloseTo(inches(Math.hypot(35, 35) - 24), 6);
  });
});
