import type { Fitting, Item, Piece, Placement } from '../../../src/core/model/types';
import { hanging, inches, item, piece, placement, standing } from '../rooms';
import type { FindingCases } from './case';
import { art, box, fitting, room, type Given } from './given';

/** A thing of a size in inches. */
const thing = (id: string, [w, h, d]: readonly [number, number, number], more: Partial<Item> = {}): Item =>
  item({
    id,
    name: `The ${id}`,
    kind: 'vase',
    widthMm: inches(w),
    heightMm: inches(h),
    depthMm: inches(d),
    ...more,
  });
const put = (itemId: string, xIn: number, more: Partial<Placement> = {}): Placement =>
  placement({ id: `x-${itemId}`, itemId, xMm: inches(xIn), ...standing('chest'), ...more });
/** A chest at the north wall, 48 in wide, 18 deep and 30 high, its left end 40 in along the wall. */
const chest = box('chest', [64, 9], [48, 18], { heightMm: inches(30) });
const onChest = (items: Item[], placements: Placement[], more: Given = {}) =>
  room({ pieces: [chest], items, placements, ...more });
const vase = (xIn: number, more: Partial<Placement> = {}) =>
  onChest([thing('vase', [6, 10, 6])], [put('vase', xIn, more)]);
/** Three boxes of a width side by side on the chest's 48 in. */
const row = (widthIn: number, more: Given = {}) =>
  onChest(
    ['a', 'b', 'c'].map((id) => thing(id, [widthIn, 8, 6])),
    ['a', 'b', 'c'].map((id, i) => put(id, 8 + i * 16)),
    more,
  );
/** A lantern 10 in deep at the wall, on the second step of a stair that is so wide. */
const onStairs = (wideIn: number) =>
  room({
    fittings: [{ ...fitting('stairs', 'n', [20, 0], [100, 75]), depthMm: inches(wideIn) }],
    items: [thing('lantern', [8, 14, 10])],
    placements: [
      placement({ id: 'p', itemId: 'lantern', xMm: inches(5), outMm: 0, ...standing('f', 'step2') }),
    ],
  });
/** A guest's room whose chest is 48 in wide: things on it leave so much of its left end free. */
const guestRoom = (freeIn: number, more: Given = {}) =>
  room({
    pieces: [chest, { ...box('bed', [64, 90], [60, 80]), kind: 'bed' }],
    items: [thing('box', [48 - freeIn, 10, 18])],
    placements: [put('box', freeIn + (48 - freeIn) / 2)],
    brief: { purpose: 'guests' },
    ...more,
  });
/** A thing on the hearth of a stove. */
const onHearth = (kind: Item['kind']) =>
  room({
    fittings: [{ ...fitting('stove', 'n', [60, 0], [30, 32]), depthMm: inches(20) }],
    items: [thing('x', [10, 10, 8], { kind })],
    placements: [placement({ id: 'p', itemId: 'x', xMm: inches(15), ...standing('f', 'hearth') })],
  });
/** A candle with so much between it and the shelf over it. */
const candleUnder = (gapIn: number) =>
  onChest([thing('candle', [3, 9, 3], { kind: 'candle' })], [put('candle', 24)], {
    fittings: [{ ...fitting('shelf', 'n', [40, 30 + 9 + gapIn], [48, 1]), depthMm: inches(16) }],
  });
/** A vase that is only wished for, and one that there is. */
const wished = (isWished: boolean) =>
  onChest(
    [
      thing('vase', [6, 10, 6], {
        count: isWished ? 0 : 1,
        wish: isWished ? { count: 1, widthMm: [100, 150], heightMm: [200, 250], mostPrice: 2500 } : null,
      }),
    ],
    [put('vase', 24)],
  );
const two = (apartIn: number) =>
  onChest([thing('vase', [6, 10, 6]), thing('jug', [6, 10, 6])], [put('vase', 12), put('jug', 12 + apartIn)]);
/** The chest with a picture over it, its lower edge 12 in above the top. */
const underPicture = (vaseIn: number) =>
  onChest([art(20, 16), thing('vase', [6, vaseIn, 6])], [put('vase', 24)], {
    hangings: [hanging({ xMm: inches(64), centreMm: inches(50), overPieceId: null })],
  });
const screenOver = (vaseIn: number) =>
  onChest([thing('vase', [5, vaseIn, 5])], [put('vase', 24)], {
    fittings: [{ ...fitting('tv', 'n', [44, 36], [40, 26]), depthMm: inches(2) }],
  });
/** A bookcase with shelves at 2 and 14 in: what stands on the lower has 12 in less the board. */
const bookcase: Piece = piece({
  ...chest,
  kind: 'bookcase',
  heightMm: inches(72),
  depthMm: inches(12),
  shelvesMm: [inches(2), inches(14), inches(26)],
});
const inBay = (highIn: number) =>
  room({
    pieces: [bookcase],
    items: [thing('vase', [6, highIn, 6])],
    placements: [put('vase', 20, { spot: { of: 'chest', part: 'bay1' } })],
  });
const behind = (kind: Fitting['kind'], xIn: number) =>
  onChest([thing('vase', [6, 10, 6])], [put('vase', xIn)], {
    fittings: [fitting(kind, 'n', [60, 32], [4, 4])],
  });
/** A table that chairs are only counted at. */
const talk = (highIn: number) =>
  room({
    pieces: [box('chest', [84, 70], [40, 24], { kind: 'diningTable', heightMm: inches(30), chairs: 4 })],
    items: [thing('vase', [6, highIn, 6])],
    placements: [put('vase', 20)],
  });
/** A coffee table between a sofa and a chair, with eyes at 42 in: what ends under 37 in is in nobody's way. */
const between = (highIn: number, xIn = 20) =>
  room({
    pieces: [
      piece({ id: 'sofa', yMm: inches(20), xMm: inches(84) }),
      piece({ id: 'chair', kind: 'armchair', yMm: inches(110), xMm: inches(84), turnDeg: 180 }),
      box('chest', [84, 70], [40, 24], { kind: 'coffeeTable', heightMm: inches(17) }),
    ],
    items: [thing('vase', [6, highIn, 6])],
    placements: [put('vase', xIn)],
  });
/** A shelf over the sofa. */
const overSofa = (massG: number) =>
  room({
    pieces: [piece({ id: 'sofa', yMm: inches(19), xMm: inches(84) })],
    fittings: [{ ...fitting('shelf', 'n', [60, 60], [48, 1]), id: 'chest', depthMm: inches(9) }],
    items: [thing('vase', [6, 10, 6], { massG })],
    placements: [put('vase', 20)],
  });

export const SURFACES_CASES = {
  'before-screen': { level: 'caution', shows: screenOver(5.5), not: screenOver(5) },
  'before-picture': { level: 'caution', shows: underPicture(11.5), not: underPicture(11) },
  'taller-than-spot': { level: 'stop', shows: inBay(12), not: inBay(11) },
  'past-the-edge': { level: 'caution', shows: vase(2), not: vase(3) },
  'falls-off': { level: 'stop', shows: vase(-1), not: vase(2) },
  'things-collide': { level: 'stop', shows: two(5), not: two(6) },
  'spot-takes-none': {
    level: 'caution',
    shows: onChest([thing('shade', [8, 8, 8], { kind: 'lampshade' })], [put('shade', 24)]),
    not: vase(24),
  },
  'surface-overfull': { level: 'caution', shows: row(11.5), not: row(11) },
  'step-narrowed': { level: 'caution', shows: onStairs(45), not: onStairs(46) },
  'no-room-for-bag': { level: 'caution', shows: guestRoom(19), not: guestRoom(20) },
  'wish-open': { level: 'caution', shows: wished(true), not: wished(false) },
  'burns-by-fire': { level: 'caution', shows: onHearth('basket'), not: onHearth('lantern') },
  'flame-under': { level: 'caution', shows: candleUnder(11.5), not: candleUnder(12) },
  'spot-gone': {
    level: 'stop',
    shows: vase(24, { spot: { of: 'chest', part: 'bay4' } }),
    not: vase(24),
  },
  'plug-behind-thing': { level: 'caution', shows: behind('socket', 22), not: behind('socket', 36) },
  'vent-behind-thing': { level: 'caution', shows: behind('vent', 22), not: behind('vent', 36) },
  'talk-blocked': { level: 'caution', shows: talk(17), not: talk(16) },
  'sight-blocked': { level: 'caution', shows: between(20.5), not: between(20) },
  'loose-over-heads': { level: 'caution', shows: overSofa(1200), not: overSofa(800) },
  'surface-fits': { level: 'ok', shows: vase(24), not: vase(2) },
} satisfies FindingCases;
