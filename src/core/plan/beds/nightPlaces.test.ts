import { describe, expect, it } from 'vitest';
import { onBed, queen } from '../../../../tests/helpers/findingCases/beds';
import { box, room } from '../../../../tests/helpers/findingCases/given';
import { inches, item, placement, standing } from '../../../../tests/helpers/rooms';
import { isOpen } from '../../model/finding';
import type { Item, Look, Piece, Placement, RoomFile } from '../../model/types';
import { ruleBook, type OwnRule } from '../../rules/book';
import { planLook } from '../planLook';
import { nightOffers } from './nightPlaces';

const square: Item = item({ id: 'square', widthMm: inches(26), heightMm: inches(26), count: 12 });
/** A bed with so many big squares, each 22.88 in when it is filled. */
const roomOf = (
  count: number,
  pieces: readonly Piece[],
  {
    night = [],
    placements = [],
    items = [],
  }: { night?: Look['night']; placements?: Placement[]; items?: Item[] } = {},
): RoomFile =>
  room({
    pieces: [queen(), ...pieces],
    items: [square, ...items],
    placements: [
      ...Array.from({ length: count }, (_, i) =>
        onBed(`s${i}`, 'square', { xMm: inches(12 + 5 * i), row: i }),
      ),
      ...placements,
    ],
    night,
  });
const chest = (wideIn: number, more: Partial<Piece> = {}): Piece =>
  box('chest', [140, 130], [wideIn, 18], { heightMm: inches(30), ...more });
const onChest = [{ of: 'bed', whereabouts: '', spot: { of: 'chest', part: 'top' } }];

const nightOf = (file: RoomFile, own: OwnRule[] = []) =>
  planLook({ ...file, rules: own }, { lookId: 'look' }).nights[0]!;
const codes = (file: RoomFile) =>
  planLook(file, { lookId: 'look' })
    .findings.filter(({ code }) => code.startsWith('night') || code === 'bed-lifted-off')
    .map(({ code, by }) => [code, by.where ?? '']);
function offers(file: RoomFile): string[] {
  const { beds, spots, placed } = planLook(file, { lookId: 'look' });
  const at = { spots, placed, pieces: file.pieces, rules: ruleBook([], 'in') };
  return nightOffers(beds[0]!, queen(), at).map(({ of, part }) => `${of}/${part}`);
}

describe('where pillows go for the night', () => {
  it('three lie on each other, and stacks beside each other', () => {
    // 23 in hold one stack, 46 two
    for (const [wide, count, fits] of [
      [23, 3, 3],
      [23, 4, 3],
      [46, 6, 6],
      [46, 7, 6],
      [22, 3, 0],
    ] as const)
      expect([wide, nightOf(roomOf(count, [chest(wide)], { night: onChest })).fits]).toEqual([wide, fits]);
  });
  it('as many as the studio says', () => {
    const file = roomOf(4, [chest(23)], { night: onChest });
    expect(nightOf(file, [{ ruleId: 'beds.nightStack', value: 4 }]).fits).toBe(4);
  });
  it('lie a quarter past the front of what is shallow, and on nothing that is shallower', () => {
    const onDepth = (deepIn: number) =>
      nightOf(roomOf(1, [chest(60, { depthMm: inches(deepIn) })], { night: onChest })).fits;
    expect([onDepth(17.2), onDepth(17)]).toEqual([1, 0]);
  });
  it('beside what stands there, in whichever stretch is long enough', () => {
    const vase = item({
      id: 'vase',
      kind: 'vase',
      widthMm: inches(6),
      depthMm: inches(6),
      heightMm: inches(10),
    });
    const withVase = (xIn: number) =>
      nightOf(
        roomOf(1, [chest(40)], {
          night: onChest,
          items: [vase],
          placements: [placement({ id: 'v', itemId: 'vase', xMm: inches(xIn), ...standing('chest') })],
        }),
      ).fits;
    // 17 in free on both sides; 31 on one
    expect([withVase(20), withVase(6)]).toEqual([0, 1]);
    const lamp = box('lamp', [140, 130], [10, 10], {
      kind: 'tableLamp',
      bottomMm: inches(30),
      heightMm: inches(20),
    });
    expect(nightOf(roomOf(1, [chest(40), lamp], { night: onChest })).fits).toBe(0);
  });
  it('under a shelf only as many as its height has room for', () => {
    const shelf = chest(30, { kind: 'bookcase', shelvesMm: [inches(2), inches(14)], heightMm: inches(60) });
    const inBay = (n: number) => [{ of: 'bed', whereabouts: '', spot: { of: 'chest', part: `bay${n}` } }];
    expect(nightOf(roomOf(3, [shelf], { night: inBay(2) })).fits).toBe(3);
    // a foot less the board: one of 8 to 11 in lies there
    expect(nightOf(roomOf(3, [shelf], { night: inBay(1) })).fits).toBe(1);
  });
  it('what two beds put on one chest shares it', () => {
    const other = { ...queen(), id: 'bed2', xMm: inches(84), yMm: inches(140) };
    const file = roomOf(3, [other, chest(23)], {
      night: [...onChest, { ...onChest[0]!, of: 'bed2' }],
      placements: [onBed('t', 'square', { spot: { of: 'bed2', part: 'mattress' } })],
    });
    expect(planLook(file, { lookId: 'look' }).nights.map(({ count, fits }) => [count, fits])).toEqual([
      [3, 3],
      [1, 0],
    ]);
  });
  it('is told: nowhere, too small, well, or in words that nobody can measure', () => {
    expect(codes(roomOf(3, [chest(23)]))).toEqual([['night-no-place', '']]);
    expect(codes(roomOf(4, [chest(23)], { night: onChest }))).toEqual([['night-place-small', 'chest']]);
    expect(codes(roomOf(3, [chest(23)], { night: onChest }))).toEqual([['bed-lifted-off', 'chest']]);
    const words = [{ of: 'bed', whereabouts: ' Landing ' }];
    expect(codes(roomOf(3, [], { night: words }))).toEqual([['bed-lifted-off', 'Landing']]);
    // what it lay on is no longer there
    expect(codes(roomOf(3, [], { night: onChest }))).toEqual([['night-no-place', '']]);
    expect(codes(roomOf(0, [chest(20)], { night: onChest }))).toEqual([]);
  });
  it('on a round top has the square within it', () => {
    const round = (acrossIn: number) =>
      chest(acrossIn, { kind: 'sideTable', depthMm: inches(acrossIn), round: true });
    // 22.88 in are 32.4 times √½
    expect(nightOf(roomOf(1, [round(33)], { night: onChest })).fits).toBe(1);
    expect(nightOf(roomOf(1, [round(32)], { night: onChest })).fits).toBe(0);
  });
});

describe('places offered for the night', () => {
  it('have room for all of it, nearest first, and are never the bed nor out of reach', () => {
    const far = chest(46);
    const near = box('near', [84, 100], [46, 18], { heightMm: inches(18) });
    const small = box('small', [20, 130], [20, 18], { heightMm: inches(20) });
    const tall = box('tall', [20, 130], [46, 18], { heightMm: inches(70) });
    expect(offers(roomOf(4, [far, near, small, tall]))).toEqual(['near/top', 'chest/top']);
  });
  it('once taken bring no finding that was not there', () => {
    const file = roomOf(4, [chest(46), box('near', [84, 100], [46, 18], { heightMm: inches(18) })]);
    for (const address of offers(file)) {
      const [of = '', part = ''] = address.split('/');
      const taken = {
        ...file,
        looks: file.looks.map((l) => ({ ...l, night: [{ of: 'bed', whereabouts: '', spot: { of, part } }] })),
      };
      const open = planLook(taken, { lookId: 'look' }).findings.filter(
        (f) => isOpen(f) && f.code.startsWith('night'),
      );
      expect(open).toEqual([]);
    }
  });
});
