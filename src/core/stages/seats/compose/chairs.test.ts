import { describe, expect, it } from 'vitest';
import { alone, asked, chair, colour, itemsOn, sofa, square } from '../../../../../tests/helpers/compose';
import { inches, inchRules, placement } from '../../../../../tests/helpers/rooms';
import type { ComposeAsk, Free, SeatAsk } from './ask';
import { composed } from './composeSeats';

const rules = inchRules();

describe('chairs that are dressed', () => {
  it('a pair of chairs wears the same cover, and repeats the sofa', () => {
    const covers = [square('a', 16, 4), square('b', 16, 1), square('c', 16, 1)];
    const seats = [alone(sofa), alone(chair('x')), alone(chair('y'))];
    const [best] = composed(asked(covers, { seats, school: 'spare' }), rules);
    expect([itemsOn(best!, 1), itemsOn(best!, 2)]).toEqual([['a'], ['a']]);
    expect(itemsOn(best!)).toEqual(['a', 'a']);
    expect(best!.reasons.map((r) => r.code)).toContain('chairsRepeat');
  });
  const pairIn = (covers: Free[], more: Partial<ComposeAsk> = {}, by = rules) =>
    composed(asked(covers, { seats: [alone(sofa), alone(chair('x')), alone(chair('y'))], ...more }), by).map(
      (c) => [itemsOn(c, 1), itemsOn(c, 2)].map((ids) => ids.join(' ')),
    );
  it('a pair of chairs never wears different covers, though both are better tied to the room', () => {
    const rust = colour(45, 38, 30);
    const covers = [
      square('a', 16, 1, rust),
      square('b', 16, 1, rust),
      square('c', 18, 2, colour(60, -20, 5)),
    ];
    // the two that look the same are a match, though they are two things
    expect(pairIn(covers)[0]).toEqual(['a', 'b']);
    const apart = [
      square('a', 16, 1, rust),
      square('b', 18, 1, rust),
      square('c', 18, 2, colour(60, -20, 5)),
    ];
    const found = pairIn(apart);
    expect(found.length).toBeGreaterThan(0);
    for (const [left, right] of found) expect(left === right || left === '' || right === '').toBe(true);
    const kin = inchRules([{ ruleId: 'seats.chairsSchool', school: 'sameFamily' }]);
    expect(pairIn(apart, {}, kin)[0]!.every((id) => id !== '')).toBe(true);
  });
  it('chairs of two sizes are no pair, and one whose pair is not dressed takes the same first', () => {
    const covers = [square('a', 16, 1), square('b', 15, 1)];
    const wide = { ...chair('y'), widthMm: inches(34) };
    const seats = [alone(chair('x')), alone(wide)];
    const [best] = composed(asked(covers, { seats }), rules);
    expect([itemsOn(best!), itemsOn(best!, 1)].flat().sort()).toEqual(['a', 'b']);
    const beside = [square('b', 15, 1)];
    const one = (more: Partial<SeatAsk>) =>
      itemsOn(composed(asked(covers, { seats: [{ ...alone(chair('x')), ...more }] }), rules)[0]!);
    expect([one({}), one({ beside })]).toEqual([['a'], ['b']]);
  });
  it('what is locked on a pair stays, though it differs', () => {
    const covers = [square('a', 16, 2), square('b', 18, 2), square('c', 20, 2)];
    const kept = (id: string, itemId: string) => ({
      ...alone(chair(id)),
      locked: [placement({ id: `kept ${id}`, itemId, locked: true, xMm: inches(12) })],
    });
    const seats = [alone(sofa), kept('x', 'a'), kept('y', 'b')];
    expect(pairIn(covers, { seats })[0]).toEqual(['a', 'b']);
  });
});
