import { parse, stringify } from 'devalue';
import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import { anyFurnishedRoom, furnishedRoomOf } from '../../../../tests/helpers/anyRoom';
import { bareRoom, demoRoom, demoStudio } from '../../../../tests/helpers/rooms';
import type { RoomFile } from '../../../core/model/types';
import { planLook, type Plan } from '../../../core/plan/planLook';
import { KnownPlans } from './knownPlans';

const file = demoRoom('long-room');
const [one, other] = file.looks.map((look) => look.id);
const planned = (room: RoomFile, lookId: string): Plan => ({
  ...planLook(room, { lookId }),
  memories: new Map(),
});

describe('plans that came with the page', () => {
  it('are shown while the planner has not come; what did not come is not known', () => {
    const plan = planned(file, one!);
    const plans = new KnownPlans({ file, plans: [plan] });
    expect(plans.planOf(null, file, one!)).toBe(plan);
    expect(plans.planOf(null, file, other!)).toBeNull();
    expect(plans.planOf(null, { ...file }, one!)).toBeNull();
  });
  it('stay what is shown once it has come, as long as the room is the same', () => {
    const plan = planned(file, one!);
    const plans = new KnownPlans({ file, plans: [plan] });
    plans.prime(planLook, file, one!);
    expect(plans.planOf(planLook, file, one!)).toBe(plan);
    expect(plans.planOf(planLook, file, other!)?.lookId).toBe(other);
  });
  it('are primed once, so that a change finds again what it does not touch', () => {
    const planner = vi.fn(planLook);
    const plans = new KnownPlans({ file, plans: [planned(file, one!)] });
    plans.prime(planner, file, one!);
    plans.prime(planner, file, one!);
    expect(planner).toHaveBeenCalledTimes(1);
    const changed = { ...file, clear: { ...file.clear, tasks: [] } };
    const plan = plans.planOf(planner, changed, one!);
    expect(plan?.surfaces).toBe(planner.mock.results[0]!.value.surfaces);
    expect(plans.planOf(planner, changed, one!)).toBe(plan);
    expect(planner).toHaveBeenCalledTimes(2);
  });
});

describe('a plan that goes through the page as text', () => {
  const throughText = (room: RoomFile, lookId: string) =>
    parse(stringify({ room, plan: planned(room, lookId) })) as { room: RoomFile; plan: Plan };
  it('is the plan that is worked out, of every room of the Sail Loft', () => {
    for (const { room: head } of demoStudio().rooms) {
      const room = demoRoom(head.id);
      for (const look of room.looks) {
        const sent = throughText(room, look.id);
        expect(sent.plan).toEqual(planned(room, look.id));
        expect(sent.room).toEqual(room);
      }
    }
  });
  it('is so of any room, and shares with the room what it shared', () => {
    fc.assert(
      fc.property(anyFurnishedRoom, (drawn) => {
        const room = furnishedRoomOf(drawn);
        const sent = throughText(room, room.looks[0]!.id);
        expect(sent.plan).toEqual(planned(room, room.looks[0]!.id));
        for (const { item } of sent.plan.placed)
          if (room.items.includes(item)) expect(sent.room.items).toContain(item);
      }),
      { numRuns: 60 },
    );
    expect(throughText(bareRoom(), bareRoom().looks[0]!.id).plan.spots).toHaveLength(4);
  });
});
