import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoRoom, inches, inchRules, item, placement, toIn } from '../../../../../tests/helpers/rooms';
import {
  sofa,
  chair,
  alone,
  free,
  square,
  asked,
  itemsOn,
  colour,
} from '../../../../../tests/helpers/compose';
import { FLAGS } from '../../../model/defaults';
import type { Item, Piece, Placement, Seat } from '../../../model/types';
import type { InsertUse } from '../../../textiles/insert';
import { planSeat } from '../planSeat';
import { ROLES, type ComposeAsk, type Composition } from './ask';
import { composed, composeSeats, differs, FULL } from './composeSeats';
import { usableCovers } from './coverFacts';
import { InsertStock } from '../../../textiles/insertStock';
import { BARE, scoreSeat, scoreTogether, type Dressed } from './score';
import { frameOf, setOut } from './setOut';
import { groupsOf, schoolsFor } from './slots';

const rules = inchRules();
const oneSided = inchRules([{ ruleId: 'seats.endsSchool', school: 'oneSided' }]);
/** What a composition's seats look like to the judge of seats. */
const findingsOf = (c: Composition, ask: ComposeAsk) =>
  c.seats.flatMap((s) => {
    const seat = ask.seats.find((a) => a.piece.id === s.pieceId)!;
    const placements = s.placed.map((p, i) =>
      placement({ ...p, id: `p${i}`, spot: { of: s.pieceId, part: 'seat' } }),
    );
    return planSeat(seat.piece, { ...ask, placements }, rules).findings;
  });
const SIZES = [
  'front-larger-than-back',
  'step-too-small',
  'back-too-tall',
  'bench-pillow-tall',
  'pillow-off-the-seat',
  'insert-none-fits',
  'ends-differ',
  'too-many-bold',
  'feather-in-feather-free',
  'unwashable-with-children',
];

const anyCovers = fc
  .array(
    fc.record({
      w: fc.integer({ min: 10, max: 28 }),
      h: fc.integer({ min: 10, max: 28 }),
      n: fc.integer({ min: 0, max: 3 }),
      hue: fc.constantFrom([45, 38, 30], [45, 0, -40], [80, 0, 4]),
      repeat: fc.constantFrom(0, 1, 2.2, 6),
      washable: fc.boolean(),
      isForSale: fc.boolean(),
    }),
    { minLength: 1, maxLength: 5 },
  )
  .map((rows) =>
    rows.map(({ w, h, n, hue, repeat, washable, isForSale }, i) => ({
      ...free(`c${i}`, [w, h], n, {
        ...colour(hue[0]!, hue[1]!, hue[2]!),
        pattern: { kind: repeat > 0 ? 'stripe' : 'solid', repeatMm: inches(repeat) },
        washable,
      }),
      isForSale,
    })),
  );

/** The best score there is: every cover in every place of every school on every seat. */
function byBruteForce(ask: ComposeAsk): number {
  const covers = usableCovers(ask, rules);
  const seats = ask.seats.map((seat) => [
    { frame: frameOf(seat, 'spare', [], []), covers: [], pillows: [], score: BARE },
    ...schoolsFor(seat.piece.seat, ask.school, rules).flatMap((school) => {
      const groups = groupsOf(school, seat.piece.seat);
      const frame = frameOf(seat, school, groups, []);
      let tuples: (typeof covers)[] = [[]];
      for (const group of groups) {
        // a place for squares takes others only where no square could stand there at all
        const could = covers.filter(
          (c) =>
            c.free >= group.slots.length &&
            c.use.widthMm <= seat.piece.seat.widthMm &&
            c.use.heightMm <= seat.piece.heightMm - seat.piece.seat.heightMm + inches(2) + 0.5,
        );
        const shaped = group.shape ? could.filter((c) => c.shape === group.shape) : [];
        tuples = tuples.flatMap((t) => (shaped.length > 0 ? shaped : could).map((c) => [...t, c]));
      }
      return tuples.flatMap((chosen): Dressed[] => {
        const pillows = setOut(frame, chosen, rules);
        return pillows
          ? [{ frame, covers: chosen, pillows, score: scoreSeat(pillows, frame, ask, rules) }]
          : [];
      });
    }),
  ]);
  let best = -Infinity;
  const tryFrom = (i: number, dressed: readonly Dressed[]): void => {
    const list = seats[i];
    if (!list) {
      const used = new Map<string, number>();
      for (const { cover } of dressed.flatMap((d) => d.pillows))
        used.set(cover.item.id, (used.get(cover.item.id) ?? 0) + 1);
      if (used.size === 0) return;
      const enough = covers.every((c) => (used.get(c.item.id) ?? 0) <= c.free);
      if (enough) best = Math.max(best, scoreTogether(dressed, new InsertStock([], []), rules));
      return;
    }
    for (const next of list) tryFrom(i + 1, [...dressed, next]);
  };
  tryFrom(0, []);
  return best;
}

describe('composing seats from the stash', () => {
  it('finds the best there is, where there are few covers', () => {
    fc.assert(
      fc.property(anyCovers, fc.boolean(), fc.subarray([...ROLES]), (covers, two, wantedRoles) => {
        const seats = two ? [alone(sofa), alone(chair('a'))] : [alone(sofa)];
        const ask = asked(covers, { seats, wantedRoles });
        const found = composed(ask, rules);
        const best = byBruteForce(ask);
        if (best > -Infinity) expect(found[0]!.score).toBeCloseTo(best, 9);
        else expect(found).toEqual([]);
      }),
      { numRuns: 120 },
    );
  });
  it('breaks no rule of sizes, of counts or of the household', () => {
    fc.assert(
      fc.property(anyCovers, fc.boolean(), fc.integer({ min: 20, max: 90 }), (covers, rough, wide) => {
        const narrow = { ...sofa, widthMm: inches(wide + 12), seat: { ...sofa.seat, widthMm: inches(wide) } };
        const ask = asked(covers, {
          seats: [alone(narrow), alone(chair('a')), alone(chair('b'))],
          flags: { ...FLAGS, pets: rough, featherFree: rough },
        });
        for (const c of composed(ask, rules)) {
          const codes = findingsOf(c, ask).map((f) => f.code);
          expect(codes.filter((code) => SIZES.includes(code))).toEqual([]);
          const used = c.seats.flatMap((s) => s.placed.map((p) => p.itemId));
          for (const cover of covers)
            expect(used.filter((id) => id === cover.id).length).toBeLessThanOrEqual(cover.free);
        }
      }),
      { numRuns: 120 },
    );
  });
  it('gives the same answer for the same seed, in whatever order the covers come', () => {
    const covers = [square('a', 22), square('b', 20, 4), square('c', 18), free('l', [20, 12], 1)];
    const answer = composed(asked(covers), rules);
    expect(composed(asked([...covers].reverse()), rules)).toEqual(answer);
    expect(answer.length).toBeGreaterThan(1);
  });
  it('reports how far it is, with the best so far', () => {
    const ask = asked([square('a', 20, 4), square('b', 16, 4)], { seats: [alone(sofa), alone(chair('x'))] });
    const steps = [...composeSeats(ask, rules)];
    expect(steps.map((s) => [s.done, s.of])).toEqual([
      [0, 3],
      [1, 3],
      [2, 3],
    ]);
    expect(steps.every((s) => s.best !== null)).toBe(true);
  });
  it('beyond what can be tried it still finds as good an answer as the whole search does', () => {
    const covers = Array.from({ length: 9 }, (_, i) =>
      square(`c${i}`, 12 + 2 * (i % 6), 3, colour(30 + 5 * i, i % 2 ? 30 : -20, 10)),
    );
    const ask = asked(covers, { seats: [alone(sofa), alone(chair('a')), alone(chair('b'))] });
    const whole = composed(ask, rules, { ...FULL, all: 1e9, together: 1e9 })[0]!.score;
    expect(composed(ask, rules, { ...FULL, all: 20, perBack: 3, together: 300 })[0]!.score).toBeCloseTo(
      whole,
      6,
    );
  });
});

describe('the schools', () => {
  it('two and one: squares at the ends and a lumbar between', () => {
    const ask = asked([square('sq', 20, 4), free('lu', [20, 12], 4)], { school: 'twoPlusOne' });
    expect(itemsOn(composed(ask, rules)[0]!)).toEqual(['sq', 'sq', 'lu']);
  });
  it('layered: ends alike in both rows, a smaller one in front', () => {
    const covers = [24, 22, 20, 18, 16].map((n) => square(`c${n}`, n));
    for (const c of composed(asked(covers, { school: 'layered' }), rules)) {
      const [a, b, d, e, middle] = c.seats[0]!.placed;
      expect([a!.itemId, d!.itemId]).toEqual([b!.itemId, e!.itemId]);
      expect(Number(a!.itemId.slice(1))).toBeGreaterThan(Number(d!.itemId.slice(1)));
      expect(Number(d!.itemId.slice(1))).toBeGreaterThan(Number(middle!.itemId.slice(1)));
    }
  });
  it('one-sided, where the studio wants it: two squares at one end, a lumbar and a throw at the other', () => {
    const tied = free('rust', [50, 60], 1, { kind: 'throw', ...colour(45, 38, 30) });
    const other = free('blue', [50, 60], 2, { kind: 'throw', ...colour(45, 0, -60) });
    const covers = [square('large', 20, 1), square('small', 18, 1), free('lu', [20, 12], 1)];
    const [best, ...more] = composed(asked(covers, { throws: [other, tied] }), oneSided);
    expect([best!.seats[0]!.school, more]).toEqual(['oneSided', []]);
    expect(best!.seats[0]!.placed.map((p) => [p.itemId, p.lie, p.row])).toEqual([
      ['large', 'propped', 0],
      ['small', 'propped', 1],
      ['lu', 'propped', 0],
      ['rust', 'overBack', 0],
    ]);
    const [large, small, lu, thrown] = best!.seats[0]!.placed.map((p) => p.xMm);
    expect(large).toBeLessThan(small!);
    expect(lu).toBeGreaterThan(sofa.seat.widthMm / 2);
    expect(thrown).toBe(lu);
    // a throw that is elsewhere is not taken; without one the pillows stay
    const [without] = composed(asked(covers, { throws: [{ ...tied, free: 0 }] }), oneSided);
    expect(without!.seats[0]!.placed).toHaveLength(3);
    expect(composed(asked(covers), rules).map((c) => c.seats[0]!.school)).not.toContain('oneSided');
  });
});

describe('what may be used', () => {
  it('nothing that was let go, is only wished for, is not free, or that no insert fits', () => {
    const good = square('good', 20);
    const covers = [
      square('gone', 20, 4, { state: 'gone' }),
      square('used', 20, 0),
      square('odd', 36, 4),
      square('wish', 20, 4, { wish: { count: 1, widthMm: [1, 2], heightMm: [1, 2], mostPrice: null } }),
      good,
    ];
    expect(new Set(composed(asked(covers), rules).flatMap((c) => itemsOn(c)))).toEqual(new Set(['good']));
    expect(composed(asked([]), rules)).toEqual([]);
  });
  it('what is owned before what a shop has, though that is nearer to the room', () => {
    const owned = square('owned', 20, 2, colour(60, -5, 5));
    const shop = { ...square('shop', 20, 2, colour(45, 38, 30)), isForSale: true };
    const [best] = composed(asked([owned, shop], { school: 'spare', roomColours: [] }), rules);
    expect(itemsOn(best!)).toEqual(['owned', 'owned']);
    const [onlyShop] = composed(asked([shop], { school: 'spare' }), rules);
    expect(onlyShop!.forSale).toEqual([{ itemId: 'shop', count: 2 }]);
  });
  it('the colours that are wanted come first', () => {
    const covers = [square('rust', 20, 2, colour(45, 38, 30)), square('blue', 20, 2, colour(40, 0, -40))];
    const best = (wantedColours: ComposeAsk['wantedColours']) =>
      itemsOn(composed(asked(covers, { school: 'spare', roomColours: [], wantedColours }), rules)[0]!)[0];
    expect([best([{ l: 45, a: 38, b: 30 }]), best([{ l: 40, a: 0, b: -40 }])]).toEqual(['rust', 'blue']);
  });
  it('says which inserts are missing, beside what other seats take, and fills with what is owned', () => {
    const insert = (fill: Item['fill'], count: number) =>
      item({ id: fill, kind: 'insert', fill, widthMm: inches(22), heightMm: inches(22), count });
    const spare = (inserts: Item[], insertsTaken: InsertUse[] = []) => {
      const covers = [square('sq', 20)];
      const items = new Map([...covers, ...inserts].map((i) => [i.id, i]));
      return composed(asked(covers, { items, insertsTaken, school: 'spare' }), rules)[0]!;
    };
    const taken = [{ widthMm: inches(22), heightMm: inches(22), round: false, fill: 'feather' as const }];
    expect(spare([insert('feather', 2)]).inserts).toEqual([]);
    expect(spare([insert('feather', 1)]).inserts.map((m) => m.buy)).toEqual([1]);
    expect(spare([]).inserts.map((m) => [m.buy, toIn(m.widthMm), m.fill])).toEqual([[2, 22, 'feather']]);
    expect(spare([insert('feather', 2)], taken).inserts.map((m) => m.buy)).toEqual([1]);
    const polyester = spare([insert('polyester', 2)]);
    expect(polyester.seats[0]!.placed.map((p) => p.fill)).toEqual(['polyester', 'polyester']);
    expect(polyester.inserts).toEqual([]);
  });
});

describe('locked pillows', () => {
  const locked = (itemId: string, xIn: number, more: Partial<Placement> = {}) =>
    placement({ id: `at${xIn}`, itemId, xMm: inches(xIn), locked: true, ...more });
  it('stay where they are, and their pair takes the same cover', () => {
    const covers = [square('a', 20, 1), square('b', 20, 4)];
    const kept = { ...alone(sofa), locked: [locked('a', 9)] };
    const [best] = composed(asked(covers, { seats: [kept], school: 'spare' }), rules);
    expect(best!.seats[0]!.placed.map((p) => [p.itemId, p.lockedId])).toEqual([
      ['a', 'at9'],
      ['a', null],
    ]);
    expect(best!.seats[0]!.placed[0]!.xMm).toBe(inches(9));
    // without another of its cover there is nothing to match it with
    const none = asked([square('b', 20, 4)], { seats: [kept], school: 'spare' });
    const items = new Map([...none.items, ['a', square('a', 20, 0) as Item] as const]);
    expect(composed({ ...none, items }, rules)).toEqual([]);
  });
  it('all stay, and where they take every place of the school nothing is offered', () => {
    const covers = [square('a', 20, 4)];
    const kept = { ...alone(sofa), locked: [locked('a', 9), locked('a', 63)] };
    expect(composed(asked(covers, { seats: [kept], school: 'spare' }), rules)).toEqual([]);
    const more = [...covers, free('lu', [20, 12], 1)];
    const [best] = composed(asked(more, { seats: [kept], school: 'twoPlusOne' }), rules);
    expect(best!.seats[0]!.placed.map((p) => [p.itemId, p.lockedId])).toEqual([
      ['a', 'at9'],
      ['a', 'at63'],
      ['lu', null],
    ]);
  });
});

describe('in the demo', () => {
  it('offers arrangements that differ plainly', () => {
    const room = demoRoom('long-room');
    const seats = room.pieces.filter((p): p is Piece & { seat: Seat } => p.seat !== null).slice(0, 3);
    const covers = room.items
      .filter((i) => i.kind === 'cover')
      .map((i) => ({ ...i, free: i.count, isForSale: false }));
    const ask = asked(covers, { seats: seats.map(alone), items: new Map(room.items.map((i) => [i.id, i])) });
    const found = composed(ask, rules);
    expect(found.length).toBeGreaterThan(3);
    expect(found.some((c) => differs(c, found[0]!))).toBe(true);
    expect(differs(found[0]!, found[0]!)).toBe(false);
  });
});
