import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFurnishedRoom, furnishedRoomOf } from '../../../../tests/helpers/anyRoom';
import { bareRoom, demoRoom, inches, item, piece, placement } from '../../../../tests/helpers/rooms';
import { isPropped } from '../../room/lies';
import type { Item, RoomFile } from '../../model/types';
import { differs } from '../../stages/seats/compose/composeSeats';
import { planLook } from '../planLook';
import { composeInLook, placementsOf, roomWith, type Candidate, type LookAsk } from './composeInLook';

const candidate = (i: Item, more: Partial<Candidate> = {}): Candidate => ({
  ...i,
  elsewhere: 0,
  inShop: null,
  ...more,
});
const askFor = (file: RoomFile, covers: readonly Candidate[], more: Partial<LookAsk> = {}): LookAsk => ({
  file,
  lookId: file.looks[0]!.id,
  seatIds: file.pieces.map((p) => p.id),
  school: null,
  covers,
  throws: [],
  wantedColours: [],
  wantedRoles: [],
  seed: 7,
  ...more,
});
function proposed(ask: LookAsk) {
  const run = composeInLook(ask);
  for (;;) {
    const step = run.next();
    if (step.done) return step.value;
  }
}
const cover = (id: string, n: number, count: number, more: Partial<Item> = {}) =>
  item({ id, name: id, widthMm: inches(n), heightMm: inches(n), count, ...more });
const BLUE = [{ l: 40, a: 0, b: -40, share: 1 }];
const withSofa = (items: Item[], placements: RoomFile['looks'][number]['placements'] = []): RoomFile => {
  const base = bareRoom(inches(168), inches(144));
  return { ...base, pieces: [piece()], items, looks: [{ ...base.looks[0]!, placements }] };
};

describe('other ways of dressing the seats of a look', () => {
  it('offers at most five that differ plainly, each as it would be planned', () => {
    const file = demoRoom('long-room');
    const look = file.looks.find((l) => l.id === 'early-summer')!;
    const covers = file.items.filter((i) => i.kind === 'cover').map((i) => candidate(i));
    const ask = askFor(file, covers, { lookId: look.id, seatIds: ['long-sofa'] });
    const found = proposed(ask);
    expect(found.length).toBeGreaterThan(1);
    expect(found.length).toBeLessThanOrEqual(5);
    for (const [i, one] of found.entries())
      for (const other of found.slice(i + 1)) expect(differs(one, other)).toBe(true);
    expect(found.some((p) => p.effects.length > 0)).toBe(true);
  });
  it('counts what stays in the look and in other rooms as not free', () => {
    const file = withSofa([cover('a', 20, 3)]);
    const two = (elsewhere: number) =>
      proposed(askFor(file, [candidate(file.items[0]!, { elsewhere })])).length;
    expect([two(0), two(1), two(2)]).toEqual([1, 1, 0]);
  });
  it('locked pillows stay, and what is locked is not offered again', () => {
    const locked = placement({ id: 'kept', itemId: 'a', xMm: inches(9), locked: true });
    const file = withSofa([cover('a', 20, 2)], [locked]);
    const [best] = proposed(askFor(file, [candidate(file.items[0]!)], { school: 'spare' }));
    expect(best!.seats[0]!.placed.map((p) => p.lockedId)).toEqual(['kept', null]);
    const taken = roomWith(best!, askFor(file, [candidate(file.items[0]!)]));
    expect(taken.looks[0]!.placements.map((p) => p.id)).toContain('kept');
    expect(placementsOf(best!, (n) => `n${n}`)).toHaveLength(1);
  });
  it('what a shop has is offered when asked for, and comes with what it costs', () => {
    const file = withSofa([]);
    const wish = { count: 1, widthMm: [500, 520], heightMm: [500, 520], mostPrice: null } as Item['wish'];
    const shop = candidate(cover('shop-a', 20, 0, { wish }), { inShop: 4 });
    const [best] = proposed(askFor(file, [shop], { school: 'spare' }));
    expect(best!.forSale).toEqual([{ itemId: 'shop-a', count: 2 }]);
  });
  it('a room without the seat that is asked for, and an empty stash, have nothing to offer', () => {
    expect(proposed(askFor(withSofa([]), [], { seatIds: ['gone'] }))).toEqual([]);
    expect(proposed(askFor(withSofa([]), []))).toEqual([]);
  });
  it('may be one-sided where that is asked for, with the ends as they were meant', () => {
    const file = withSofa([
      cover('a', 20, 1),
      cover('b', 16, 1),
      cover('lu', 20, 1, { heightMm: inches(12) }),
    ]);
    const covers = file.items.map((i) => candidate(i));
    const ask = askFor(file, covers, { school: 'oneSided' });
    const [best] = proposed(ask);
    expect(best!.seats[0]!.school).toBe('oneSided');
    const codes = planLook(roomWith(best!, ask), ask).findings.map((f) => f.code);
    expect([codes.includes('ends-differ'), codes.includes('ends-one-sided')]).toEqual([false, true]);
  });
  it('brings up nothing again that the look has now', () => {
    const wool = cover('wool', 20, 2, { fibre: 'wool' });
    const on = (xIn: number) =>
      placement({ id: `at${xIn}`, itemId: 'wool', xMm: inches(xIn), spot: { of: 'p1', part: 'seat' } });
    const file = withSofa([wool, cover('cotton', 20, 2)], [on(10), on(62)]);
    const home = { ...file.home, flags: { ...file.home.flags, woolFree: true } };
    const ask = askFor(
      { ...file, home },
      file.items.map((i) => candidate(i)),
      { school: 'spare' },
    );
    const used = proposed(ask).flatMap((p) => p.seats.flatMap((s) => s.placed.map((x) => x.itemId)));
    expect(new Set(used)).toEqual(new Set(['cotton']));
  });
  it('says of one chair that it would not match the other of its pair, unless both are dressed', () => {
    const armchair = (id: string, xIn: number) =>
      piece({
        id,
        name: id,
        kind: 'armchair',
        widthMm: inches(30),
        xMm: inches(xIn),
        seat: { ...piece().seat!, widthMm: inches(22), seats: 1, wantedSitters: 1 },
      });
    const spot = { of: 'right', part: 'seat' };
    const placed = [placement({ id: 'there', itemId: 'a', xMm: inches(11), spot })];
    const base = withSofa([cover('a', 18, 2), cover('b', 18, 2, { colours: BLUE })], placed);
    const file = { ...base, pieces: [armchair('left', 40), armchair('right', 110)] };
    const covers = file.items.map((i) => candidate(i));
    const unlike = (seatIds: string[]) =>
      proposed(askFor(file, covers, { seatIds })).map((p) => [p.seats[0]!.placed[0]!.itemId, p.unlike]);
    expect(unlike(['left'])).toEqual([
      ['a', []],
      ['b', ['right']],
    ]);
    expect(unlike(['left', 'right']).every(([, chairs]) => chairs!.length === 0)).toBe(true);
  });
  it('in any room nothing that is offered brings up a stop, or more covers than there are', () => {
    fc.assert(
      fc.property(
        anyFurnishedRoom,
        fc.array(fc.tuple(fc.integer({ min: 12, max: 26 }), fc.integer({ min: 0, max: 4 })), {
          maxLength: 5,
        }),
        (drawn, sizes) => {
          const file = furnishedRoomOf(drawn);
          const look = file.looks[0]!;
          const covers = sizes.map(([n, count], i) => candidate(cover(`new${i}`, n, count)));
          const ask = askFor(file, covers, { lookId: look.id });
          const stops = (f: RoomFile) =>
            planLook(f, { lookId: look.id })
              .findings.filter((x) => x.level === 'stop' || x.code === 'cover-bought-short')
              .map((x) => JSON.stringify([x.code, x.by]));
          // without the pillows that go there may be fewer short, and that many stay so
          const stays = look.placements.filter((p) => !isPropped(p));
          const bare = { ...file, looks: [{ ...look, placements: stays }, ...file.looks.slice(1)] };
          const known = new Set([...stops(file), ...stops(bare)]);
          for (const proposal of proposed(ask).slice(0, 2))
            expect(stops(roomWith(proposal, ask)).filter((s) => !known.has(s))).toEqual([]);
        },
      ),
      { numRuns: 25 },
    );
  });
});
