import { describe, expect, it } from 'vitest';
import { bareRoom, inches, piece } from '../../../../tests/helpers/rooms';
import { planLook } from '../planLook';
import { frontView } from './scene';

/** A square seat without a back, 26 in wide and so high. */
function pouf(heightIn: number) {
  const seat = {
    ...piece().seat!,
    widthMm: inches(26),
    heightMm: inches(heightIn),
    seats: 1,
    wantedSitters: 1,
  };
  const size = { widthMm: inches(26), depthMm: inches(26), heightMm: inches(heightIn) };
  const made = piece({ kind: 'ottoman', ...size, seat });
  const plan = planLook({ ...bareRoom(inches(168), inches(144)), pieces: [made] }, { lookId: 'look' });
  return { shapes: frontView(made, plan.placed), seat: plan.seats[0]! };
}

describe('a cushion on the floor', () => {
  it('has no legs and lies on the floor; an ottoman stands on its legs', () => {
    const drawn = (heightIn: number) => {
      const { shapes } = pouf(heightIn);
      const cloth = shapes.filter((s) => s.form === 'cushion');
      return [shapes.length - cloth.length, Math.min(...cloth.map((s) => s.box.yMm)) > 0];
    };
    expect([drawn(8), drawn(17)]).toEqual([
      [0, false],
      [2, true],
    ]);
  });
  it('is sat on', () => {
    expect(pouf(8).seat.canSit).toBe(1);
  });
});
