import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  fittingOf,
  inches,
  inchRules,
  item,
  opening,
  piece,
  placement,
  standing,
  toIn,
} from '../../../../tests/helpers/rooms';
import type { Fitting, Item, Opening, Piece, Placement } from '../../model/types';
import { liesOn } from '../lies';
import { placeThings, type PlacedThing } from '../placed';
import { wallsOf } from '../walls';
import { putOn } from './putOn';
import { spotsOfRoom } from './roomSpots';
import { addressOf, type Spot } from './spot';
import { stayWhereItWas } from './stayWhereItWas';

const rules = inchRules();
const walls = wallsOf(bareRoom(inches(210), inches(190)).room);
type Built = { pieces?: Piece[]; fittings?: Fitting[]; openings?: Opening[] };
const spotsIn = ({ pieces = [], fittings = [], openings = [] }: Built): Spot[] =>
  spotsOfRoom({ pieces, fittings, openings, walls });
const chest = piece({
  id: 'chest',
  kind: 'chest',
  seat: null,
  xMm: inches(60),
  yMm: inches(20),
  turnDeg: 0,
  widthMm: inches(48),
  depthMm: inches(18),
  heightMm: inches(30),
});
const inInches = ({ widthMm, depthMm, zMm, clearMm }: Spot) =>
  [widthMm, depthMm, zMm, clearMm].map((mm) => (mm === null ? null : Math.round(toIn(mm) * 100) / 100));
const thing = (id: string, kind: Item['kind'], [w, h, d]: readonly [number, number, number]): Item =>
  item({ id, kind, name: id, widthMm: inches(w), heightMm: inches(h), depthMm: inches(d) });
const things = [
  thing('tray', 'tray', [18, 2, 12]),
  thing('vase', 'vase', [6, 10, 6]),
  thing('stem', 'stem', [8, 20, 8]),
  thing('book', 'book', [1.5, 9, 6]),
  thing('dome', 'dome', [10, 14, 10]),
];
const items = new Map(things.map((i) => [i.id, i]));
const place = (placements: Placement[], built: Built = { pieces: [chest] }): PlacedThing[] => {
  const pieces = new Map((built.pieces ?? []).map((p) => [p.id, p]));
  return [...placeThings(placements, { spots: spotsIn(built), pieces, items, rules }).things];
};
const put = (
  id: string,
  itemId: string,
  of: string,
  part: string,
  more: Partial<Placement> = {},
): Placement => placement({ id, itemId, xMm: inches(9), ...standing(of, part), ...more });

describe('the spots of a room', () => {
  it('a chest has its top, a sofa its seat, a lamp nothing to put things on', () => {
    const sofa = piece({ id: 'sofa' });
    const lamp = piece({ id: 'lamp', kind: 'floorLamp', seat: null });
    const offered = spotsIn({ pieces: [chest, sofa, lamp] }).filter((s) => s.kind !== 'perch');
    expect(offered.map(addressOf)).toEqual(['chest/top', 'sofa/seat']);
    expect(inInches(offered[0]!)).toEqual([48, 18, 30, null]);
  });
  it('a bookcase has a bay over each board, up to the next one less its thickness, in whatever order they were typed', () => {
    const shelvesMm = [inches(26), inches(2), inches(14)];
    const spots = spotsIn({ pieces: [{ ...chest, kind: 'bookcase', heightMm: inches(40), shelvesMm }] });
    expect(spots.map((s) => s.part)).toEqual(['top', 'bay1', 'bay2', 'bay3']);
    const board = 20 / 25.4;
    for (const [bay, z, clear] of [
      [1, 2, 12 - board],
      [2, 14, 12 - board],
      [3, 26, 14 - board],
    ] as const) {
      expect(toIn(spots[bay]!.zMm)).toBeCloseTo(z, 6);
      expect(toIn(spots[bay]!.clearMm!)).toBeCloseTo(clear, 6);
      expect(toIn(spots[bay]!.widthMm)).toBeCloseTo(48 - 2 * board, 6);
    }
  });
  it('a table has its lower shelves, a mantel its board, a shelf its top, a window its sill with the reveal', () => {
    const table = { ...chest, id: 't', kind: 'coffeeTable' as const, shelvesMm: [inches(6)] };
    const fire = fittingOf({
      id: 'fire',
      kind: 'fireplace',
      mantel: { widthMm: inches(60), depthMm: inches(8), topMm: inches(50) },
    });
    const shelf = fittingOf({ id: 'board', kind: 'shelf', bottomMm: inches(60), heightMm: inches(1) });
    const window = opening({ id: 'w', sillMm: inches(31), revealMm: inches(4), sillDepthMm: inches(3) });
    const spots = spotsIn({ pieces: [table], fittings: [fire, shelf], openings: [window] });
    const at = (address: string) => inInches(spots.find((s) => addressOf(s) === address)!);
    expect(spots.map(addressOf)).toEqual([
      't/top',
      't/lower1',
      'fire/mantel',
      'fire/hearth',
      'board/top',
      'w/sill',
    ]);
    expect(at('fire/mantel').slice(0, 3)).toEqual([60, 8, 50]);
    expect(at('board/top')[2]).toBe(61);
    expect(at('w/sill').slice(1, 3)).toEqual([7, 31]);
  });
  it('a door and a window without a sill have none', () => {
    const door = opening({ id: 'd', kind: 'door', sillMm: 0, sillDepthMm: inches(3) });
    expect(spotsIn({ openings: [door, opening({ sillDepthMm: 0, revealMm: 0 })] })).toEqual([]);
  });
});

describe('things on and in things', () => {
  it('stems stand in a vase on a tray on a chest, each at its own height', () => {
    const placed = place([
      put('s', 'stem', 'v', 'mouth', { xMm: inches(3) }),
      put('v', 'vase', 't', 'top', { xMm: inches(4) }),
      put('t', 'tray', 'chest', 'top', { xMm: inches(20) }),
    ]);
    expect(placed.map((p) => [p.placement.id, p.carriers, p.on.id, p.on.name])).toEqual([
      ['s', ['v', 't'], 'chest', 'vase'],
      ['v', ['t'], 'chest', 'tray'],
      ['t', [], 'chest', chest.name],
    ]);
    const [stem, vase, tray] = placed as [PlacedThing, PlacedThing, PlacedThing];
    expect(toIn(tray.at.zMm)).toBe(30);
    // on the tray's floor, a rim's thickness up; in the vase another
    expect(vase.at.zMm - tray.at.zMm).toBeCloseTo(10, 6);
    expect(stem.at.zMm - vase.at.zMm).toBeCloseTo(10, 6);
    expect(placed.every((p) => addressOf(p.base) === 'chest/top')).toBe(true);
  });
  it('a tray leans on its edge, its face to the front; other things on their foot', () => {
    const leaning = (itemId: string) =>
      place([put('t', itemId, 'chest', 'top', { xMm: inches(24), lie: 'leaning' })])[0]!.at;
    const [sin, cos] = [Math.sin((10 * Math.PI) / 180), Math.cos((10 * Math.PI) / 180)];
    const sizeIn = (itemId: string) => {
      const { widthMm, heightMm, depthMm } = leaning(itemId);
      return [widthMm, heightMm, depthMm].map(toIn);
    };
    sizeIn('tray').forEach((n, i) => expect(n).toBeCloseTo([18, 12 * cos, 12 * sin + 2 * cos][i]!, 6));
    sizeIn('book').forEach((n, i) => expect(n).toBeCloseTo([1.5, 9 * cos, 9 * sin + 6 * cos][i]!, 6));
  });
  it('what is carried goes along with what carries it', () => {
    const at = (xIn: number) =>
      place([
        put('v', 'vase', 't', 'top', { xMm: inches(4) }),
        put('t', 'tray', 'chest', 'top', { xMm: inches(xIn) }),
      ]).map((p) => p.at.xMm);
    const [before, after] = [at(20), at(27)];
    after.forEach((xMm, i) => expect(toIn(xMm - before[i]!)).toBeCloseTo(7, 6));
  });
  it('turned with its carrier, a quarter round', () => {
    const at = (turnDeg: number) =>
      place([
        put('v', 'vase', 't', 'top', { xMm: inches(4) }),
        put('t', 'tray', 'chest', 'top', { xMm: inches(24), turnDeg }),
      ])[0]!.at;
    const [still, turned] = [at(0), at(90)];
    // left of the middle before, towards the back after
    expect(toIn(still.xMm - inches(60))).toBeLessThan(-4);
    expect(toIn(turned.xMm - inches(60))).toBeCloseTo(0, 6);
    expect(turned.yMm).toBeLessThan(still.yMm - 100);
    expect(turned.turnDeg).toBe(90);
  });
  it('a stack of books is as high as its count, and carries what stands on it', () => {
    const placed = place([
      put('b', 'book', 'chest', 'top', { lie: 'flat', count: 3 }),
      put('v', 'vase', 'b', 'top', { xMm: inches(4) }),
    ]);
    expect(toIn(placed[0]!.at.heightMm)).toBeCloseTo(4.5, 6);
    expect(toIn(placed[1]!.at.zMm)).toBeCloseTo(34.5, 6);
  });
  it('shows its other face where that is turned up, and its front where it has no other', () => {
    const blue = [{ l: 40, a: 0, b: -30, share: 1 }];
    const reversible = thing('r', 'book', [1.5, 9, 6]);
    const back = {
      colours: blue,
      pattern: { kind: 'stripe' as const, repeatMm: 40 },
      texture: 'linen' as const,
    };
    const given = new Map([
      ['r', { ...reversible, back }],
      ['book', items.get('book')!],
    ]);
    const shown = placeThings(
      [
        put('a', 'r', 'chest', 'top'),
        put('b', 'r', 'chest', 'top', { face: 'back' }),
        put('c', 'book', 'chest', 'top', { face: 'back' }),
      ],
      { spots: spotsIn({ pieces: [chest] }), pieces: new Map(), items: given, rules },
    ).things.map((p) => [p.item.id, p.item.colours, p.item.pattern.kind]);
    expect(shown).toEqual([
      ['r', reversible.colours, 'solid'],
      ['r', blue, 'stripe'],
      ['book', reversible.colours, 'solid'],
    ]);
  });
  it('a dome holds what is lower than it is inside', () => {
    const [dome] = place([put('d', 'dome', 'chest', 'top')]);
    expect(dome!.at.heightMm).toBeCloseTo(inches(14), 6);
  });
  it('in a circle, on what is gone, or in a part that it lacks: nowhere, and nothing else is lost', () => {
    const placed = place([
      put('a', 'tray', 'b', 'top'),
      put('b', 'tray', 'a', 'top'),
      put('c', 'vase', 'gone', 'top'),
      put('d', 'vase', 'e', 'mouth'),
      put('e', 'tray', 'chest', 'top'),
    ]);
    expect(placed.map((p) => p.placement.id)).toEqual(['e']);
  });
  it('stand where they do however the list is ordered', () => {
    const all = [
      put('s', 'stem', 'v', 'mouth'),
      put('v', 'vase', 't', 'top'),
      put('t', 'tray', 'chest', 'top'),
      put('b', 'book', 'chest', 'top', { lie: 'flat' }),
    ];
    const whereIn = (order: readonly Placement[]) =>
      place([...order])
        .map((p) => [p.placement.id, p.at] as const)
        .sort(([a], [b]) => (a < b ? -1 : 1));
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: 4 }), (order) => {
        expect(whereIn(order)).toEqual(whereIn(all));
      }),
    );
  });
});

describe('what stays when its carrier is taken away', () => {
  const anyThing = fc.record({
    xIn: fc.double({ min: 4, max: 44, noNaN: true }),
    turnDeg: fc.constantFrom(0, 30, 90, 180, 270),
    onIt: fc.double({ min: 0, max: 18, noNaN: true }),
    chestTurn: fc.constantFrom(0, 90, 180, 270, 45),
  });
  it('stands in the same place of the room, however carrier and chest are turned', () => {
    fc.assert(
      fc.property(anyThing, ({ xIn, turnDeg, onIt, chestTurn }) => {
        const built = { pieces: [{ ...chest, turnDeg: chestTurn }] };
        const [vase, tray] = place(
          [
            put('v', 'vase', 't', 'top', { xMm: inches(onIt) }),
            put('t', 'tray', 'chest', 'top', { xMm: inches(xIn), turnDeg }),
          ],
          built,
        ) as [PlacedThing, PlacedThing];
        const stays = stayWhereItWas(vase, tray.spot);
        expect(stays.spot).toEqual({ of: 'chest', part: 'top' });
        const [now] = place([stays], built) as [PlacedThing];
        // past the ends of the chest it is brought back to them
        const isPast = stays.xMm === 0 || stays.xMm === tray.spot.widthMm;
        if (!isPast) {
          expect(now.at.xMm).toBeCloseTo(vase.at.xMm, 6);
          expect(now.at.yMm).toBeCloseTo(vase.at.yMm, 6);
        }
        expect(((now.at.turnDeg - vase.at.turnDeg) % 360) + 0).toBeCloseTo(0, 6);
      }),
    );
  });
});

describe('a thing put on a spot', () => {
  const top = spotsIn({ pieces: [chest] })[0]!;
  const onTop = (id: string, xIn: number) => put(id, 'vase', 'chest', 'top', { xMm: inches(xIn) });
  const xOf = (here: Placement[], at: number | null = null) =>
    toIn(putOn(things[1]!, at, { spot: top, here: place(here), rules }).xMm);
  it('goes to the middle of what is free', () => {
    expect(xOf([])).toBe(24);
    expect(xOf([onTop('a', 24)])).toBeCloseTo(10.5, 6);
    expect(xOf([onTop('a', 10), onTop('b', 24)])).toBeCloseTo(37.5, 6);
  });
  it('goes to the middle of the whole where it fits nowhere, for the finding to say so', () => {
    expect(
      xOf([onTop('a', 5), onTop('b', 13), onTop('c', 21), onTop('d', 29), onTop('e', 37), onTop('f', 44)]),
    ).toBe(24);
  });
  it('goes where it was let go, within the ends', () => {
    expect(xOf([], inches(7))).toBe(7);
    expect(xOf([], inches(-9))).toBe(0);
    expect(xOf([], inches(99))).toBe(48);
  });
  it('lies as its kind does there: a throw is folded where there is no back', () => {
    const lieOf = (kind: Item['kind'], spot: Spot) =>
      putOn(thing('x', kind, [20, 20, 0]), null, { spot, here: [], rules }).lie;
    const seat = spotsIn({ pieces: [piece({ id: 'sofa' })] })[0]!;
    expect([lieOf('throw', top), lieOf('throw', seat), lieOf('cover', top), lieOf('cover', seat)]).toEqual([
      'folded',
      'overBack',
      'flat',
      'propped',
    ]);
  });
  it('leans only where there is a back, and lies flat only where there is none', () => {
    expect(liesOn('cover', 'seat')).toEqual(['propped', 'proppedSide']);
    expect(liesOn('cover', 'top')).toEqual(['flat']);
    expect(liesOn('throw', 'mattress')).toEqual(['acrossFoot', 'overBack', 'folded']);
    expect(liesOn('throw', 'arm')).toEqual(['overArm', 'folded']);
    expect(liesOn('throw', 'bay')).toEqual(['folded']);
    expect(liesOn('book', 'seat')).toEqual(liesOn('book', 'top'));
    expect(liesOn('vase', 'sill')).toEqual(['standing', 'side', 'overturned']);
  });
  it('a pillow goes in front of those that it covers', () => {
    const seat = spotsIn({ pieces: [piece({ id: 'sofa' })] })[0]!;
    const cover = thing('c', 'cover', [20, 20, 0]);
    const here = (rows: number[]): PlacedThing[] =>
      rows.map((row, i) => {
        const at = placement({ id: `r${i}`, itemId: 'c', xMm: inches(30), row });
        return { placement: { ...at, spot: { of: 'sofa', part: 'seat' }, lie: 'propped' } } as PlacedThing;
      });
    const rowAt = (xIn: number, rows: number[]) =>
      putOn(cover, inches(xIn), { spot: seat, here: here(rows), rules }).row;
    expect([rowAt(30, []), rowAt(30, [0]), rowAt(34, [0, 1]), rowAt(60, [0, 1])]).toEqual([0, 1, 2, 0]);
  });
});
