import { describe, expect, it } from 'vitest';
import { demoRoom } from '../../../../tests/helpers/rooms';
import { planLook } from '../../../core/plan/planLook';
import { roomThings } from './roomThings';

describe('what of a room has a name', () => {
  const file = demoRoom('long-room');
  const look = file.looks.find((l) => l.id === 'early-summer')!;
  const plan = planLook(file, { lookId: look.id });
  const things = roomThings(file, look, plan);
  const named = (name: string) => things.find((thing) => thing.name.startsWith(name));

  it('is worked on in its stage', () => {
    expect(named('Harbour window')?.stage).toBe('windows');
    expect(named('Regatta')?.stage).toBe('walls');
    expect(named('Long sofa')?.stage).toBe('seats');
    expect(named('Landing door')?.stage).toBe('measure');
  });

  it('is all that stands, hangs and lies there, on walls that are there', () => {
    const walls = new Set(plan.walls.map((w) => w.id));
    for (const thing of things) expect(walls).toContain(thing.wallId);
    for (const { id } of [
      ...file.openings,
      ...file.fittings,
      ...file.pieces,
      ...look.hangings,
      ...look.placements,
    ])
      expect(things.map((thing) => thing.id)).toContain(id);
  });
});
