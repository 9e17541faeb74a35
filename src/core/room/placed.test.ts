import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  fittingOf,
  inches,
  inchRules,
  item,
  piece,
  placement,
  toIn,
  onSeat,
  standing,
} from '../../../tests/helpers/rooms';
import type { Fitting, Item, Piece, Placement, RoomFile } from '../model/types';
import { planLook } from '../plan/planLook';
import { placeThings, seenAgainst } from './placed';
import { spotsOfRoom } from './spots/roomSpots';
import { wallsOf } from './walls';

const rules = inchRules();
const vase = item({ id: 'v', kind: 'vase', widthMm: inches(6), heightMm: inches(10), depthMm: inches(6) });
const cover = item({ id: 'c', widthMm: inches(18), heightMm: inches(18) });
const on = (xIn: number, more: Partial<Placement> = {}): Placement =>
  placement({ id: 'x', itemId: 'v', ...standing('p1'), xMm: inches(xIn), ...more });
const sofa = (xIn: number, yIn: number, turnDeg: number): Piece =>
  piece({ xMm: inches(xIn), yMm: inches(yIn), turnDeg, widthMm: inches(90), depthMm: inches(40) });
const bench = (xIn: number, yIn: number, turnDeg: number): Piece =>
  piece({
    kind: 'console',
    seat: null,
    xMm: inches(xIn),
    yMm: inches(yIn),
    turnDeg,
    widthMm: inches(48),
    depthMm: inches(14),
    heightMm: inches(31),
  });

function place(
  put: Placement,
  things: { pieces?: Piece[]; fittings?: Fitting[] },
  items: Item[] = [vase, cover],
) {
  const walls = wallsOf(bareRoom(inches(210), inches(190)).room);
  const { pieces = [], fittings = [] } = things;
  const spots = spotsOfRoom({ pieces, fittings, openings: [], walls });
  const byId = new Map(pieces.map((p) => [p.id, p]));
  return placeThings([put], { spots, pieces: byId, items: new Map(items.map((i) => [i.id, i])), rules })
    .things[0];
}
const onPlan = (placed: ReturnType<typeof place>) => placed && [toIn(placed.at.xMm), toIn(placed.at.yMm)];

describe('where a thing on furniture stands in the room', () => {
  it('along the seat from the seat’s own left end, however the seat is turned', () => {
    // 60 of a seat of 72 is 24 from its middle
    const pillow = on(60, { ...onSeat('p1'), itemId: 'c' });
    expect(onPlan(place(pillow, { pieces: [sofa(100, 80, 0)] }))).toEqual([124, 80]);
    expect(onPlan(place(pillow, { pieces: [sofa(100, 80, 90)] }))).toEqual([100, 104]);
    expect(onPlan(place(pillow, { pieces: [sofa(100, 80, 180)] }))).toEqual([76, 80]);
    expect(onPlan(place(pillow, { pieces: [sofa(100, 80, 270)] }))).toEqual([100, 56]);
    const [x, y] = onPlan(place(pillow, { pieces: [sofa(100, 80, 30)] }))!;
    expect(x).toBeCloseTo(100 + 24 * Math.cos(Math.PI / 6), 6);
    expect(y).toBeCloseTo(80 + 24 * Math.sin(Math.PI / 6), 6);
  });
  it('along a top from its left end, at the height of the top', () => {
    const placed = place(on(40), { pieces: [bench(120, 60, 90)] });
    expect(onPlan(placed)).toEqual([120, 76]);
    expect(toIn(placed!.at.zMm)).toBe(31);
    expect(placed!.at.turnDeg).toBe(90);
    const shelf = { ...bench(120, 60, 0), bottomMm: inches(20), heightMm: inches(2) };
    expect(toIn(place(on(40), { pieces: [shelf] })!.at.zMm)).toBe(22);
  });
  it('on a seat at the seat, on a bed on the mattress, a throw over the back', () => {
    const seat = sofa(100, 80, 0);
    expect(toIn(place(on(36, standing('p1', 'seat')), { pieces: [seat] })!.at.zMm)).toBe(18);
    const bed = {
      ...bench(100, 80, 0),
      bed: { mattressMm: inches(24), thickMm: null, headboardMm: inches(40), footboardMm: 0 },
    };
    expect(toIn(place(on(24, standing('p1', 'mattress')), { pieces: [bed] })!.at.zMm)).toBe(24);
    const plaid = item({ id: 't', kind: 'throw', widthMm: inches(48), heightMm: inches(58) });
    const over = place(
      on(50, { spot: { of: 'p1', part: 'seat' }, lie: 'overBack', itemId: 't' }),
      { pieces: [seat] },
      [plaid],
    )!;
    // 14 of its 58 in hang behind and 16 in front of the back; the other 28 lie on the back and the seat
    expect(onPlan(over)).toEqual([114, 60 + 28 / 2]);
    expect(toIn(over.at.widthMm)).toBe(16);
    expect(toIn(over.at.zMm)).toBe(18);
  });
  it('on a mantel of any wall, in the middle of its depth', () => {
    const mantel = { widthMm: inches(50), depthMm: inches(8), topMm: inches(52) };
    const fire = (wallId: string) =>
      fittingOf({ id: 'fire', kind: 'fireplace', wallId, xMm: inches(60), widthMm: inches(40), mantel });
    // its left end is at 55 along the wall, the vase 30 further
    const at = (wallId: string) => place(on(30, standing('fire', 'mantel')), { fittings: [fire(wallId)] })!;
    expect(onPlan(at('n'))).toEqual([85, 4]);
    expect(onPlan(at('e'))).toEqual([206, 85]);
    expect(onPlan(at('s'))).toEqual([125, 186]);
    expect(onPlan(at('w'))).toEqual([4, 105]);
    expect(toIn(at('s').at.zMm)).toBe(52);
  });
  it('spread over a seat as over a board of its size, as over a mattress', () => {
    const quilt = item({
      id: 'q',
      kind: 'bedding',
      bedding: 'spread',
      widthMm: inches(90),
      heightMm: inches(96),
    });
    const over = (pieces: Piece[], part: string) =>
      place(on(36, { spot: { of: 'p1', part }, lie: 'made', itemId: 'q' }), { pieces }, [quilt])!;
    const onSofa = over([sofa(100, 80, 0)], 'seat');
    // a seat of 72 in: 9 in hang down on both sides
    expect(onSofa.legsMm!.map(toIn)).toEqual([9, 9]);
    const bed = {
      ...bench(100, 80, 0),
      bed: { mattressMm: inches(24), thickMm: inches(9), headboardMm: inches(40), footboardMm: 0 },
    };
    expect(over([bed], 'mattress').legsMm!.map(toIn)).toEqual([21, 21]);
  });
  it('nowhere, when what it is on is gone or has no top', () => {
    expect(place(on(10, standing('gone')), { pieces: [bench(60, 60, 0)] })).toBeUndefined();
    expect(place(on(10, standing('f1', 'mantel')), { fittings: [fittingOf()] })).toBeUndefined();
  });
  it('a depth that nobody measured is the width, but of what is flat', () => {
    const depth = (more: Partial<Item>) =>
      toIn(place(on(24), { pieces: [bench(60, 60, 0)] }, [{ ...vase, depthMm: 0, ...more }])!.at.depthMm);
    expect(depth({})).toBe(6);
    expect(depth({ kind: 'frame' })).toBeLessThan(1.01);
    expect(depth({ depthMm: inches(3) })).toBe(3);
  });
});

describe('how a thing is seen against a wall', () => {
  const walls = wallsOf(bareRoom(inches(210), inches(190)).room);
  const at = place(on(40), { pieces: [bench(120, 60, 0)] }, [{ ...vase, depthMm: inches(2) }])!.at;
  const against = (id: string) => {
    const { xMm, widthMm, awayMm, nearMm } = seenAgainst(
      walls.find((w) => w.id === id)!,
      at,
    );
    return [xMm, widthMm, awayMm, nearMm].map(toIn);
  };
  it('from all four sides: at its place along each wall, as wide as it is from there', () => {
    // the vase stands at (136, 60), 6 wide to the north and 2 wide to the east
    expect(against('n')).toEqual([133, 6, 60, 59]);
    expect(against('s')).toEqual([71, 6, 130, 129]);
    expect(against('e')).toEqual([59, 2, 74, 71]);
    expect(against('w')).toEqual([129, 2, 136, 133]);
  });
});

describe('a thing on furniture in the drawing of a wall', () => {
  const file = (more: Piece, put: Placement): RoomFile => {
    const base = bareRoom(inches(210), inches(190));
    return {
      ...base,
      pieces: [more],
      items: [vase, cover],
      looks: [{ ...base.looks[0]!, placements: [put] }],
    };
  };
  const drawn = (room: RoomFile) => {
    const plan = planLook(room, { lookId: 'look' });
    const on = plan.elevations.find((e) => e.shapes.some((s) => s.about === 'x'))!;
    const shape = on.shapes.find((s) => s.about === 'x')!;
    const patch = plan.spread.families.flatMap((f) => f.spread.places).find((p) => p.about.includes('x'))!;
    return { wallId: on.wallId, middle: toIn(shape.box.xMm + shape.box.widthMm / 2), patch };
  };
  it('is mirrored where the piece is seen from behind', () => {
    // its back is to the south, and the north wall is near
    const { wallId, middle, patch } = drawn(file(bench(100, 12, 180), on(40)));
    expect([wallId, middle]).toEqual(['n', 84]);
    expect([toIn(patch.at.xMm), toIn(patch.at.yMm)]).toEqual([84, 12]);
  });
  it('of a floating piece stands where the piece is', () => {
    const { patch } = drawn(file(bench(100, 90, 45), on(40)));
    expect(patch.at.xMm).toBeCloseTo(inches(100 + 16 * Math.SQRT1_2), 6);
    expect(patch.at.yMm).toBeCloseTo(inches(90 + 16 * Math.SQRT1_2), 6);
  });
});
