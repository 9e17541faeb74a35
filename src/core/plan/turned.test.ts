import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFurnishedRoom, furnishedRoomOf } from '../../../tests/helpers/anyRoom';
import { difference, laid, measures, WAYS } from '../../../tests/helpers/turnedRoom';
import type { RoomFile } from '../model/types';
import { wallsOf } from '../room/walls';
import { planLook, type Plan } from './planLook';

const placesOf = (plan: Plan) =>
  plan.placed.map(({ at: { xMm, yMm, zMm, turnDeg, widthMm, depthMm, heightMm } }) => ({
    on: { xMm, yMm },
    zMm,
    size: { widthMm, depthMm, heightMm },
    turnDeg,
  }));

describe.each(WAYS)('a room $name', (way) => {
  const rooms = fc.sample(anyFurnishedRoom, { numRuns: 60, seed: 7 }).map(furnishedRoomOf);
  const plans = rooms.map((file) => {
    const lookId = file.looks[0]?.id ?? '';
    return { was: planLook(file, { lookId }), now: planLook(laid(file, way), { lookId }) };
  });
  it('has its walls turned, and nothing else', () => {
    const [room] = rooms as [RoomFile];
    const [one, other] = [wallsOf(room.room), wallsOf(laid(room, way).room)];
    other.forEach((wall, i) => {
      expect(wall.lengthMm).toBeCloseTo(one[i]?.lengthMm ?? NaN, 6);
      expect((wall.facingDeg + 360) % 360).toBeCloseTo(
        ((one[i]?.facingDeg ?? NaN) + 90 * way.quarters) % 360,
        6,
      );
    });
  });
  it('is judged the same', () => {
    let findings = 0;
    for (const { was, now } of plans) {
      expect(difference(was.findings, now.findings, way.quarters)).toBeNull();
      findings += was.findings.length;
    }
    expect(findings).toBeGreaterThan(1500);
  });
  it('has the same heights, lengths, holes, seats, shapes and sheet', () => {
    for (const { was, now } of plans)
      expect(difference(measures(was), measures(now), way.quarters)).toBeNull();
  });
  it('has the things on its furniture where they were', () => {
    let things = 0;
    for (const { was, now } of plans) {
      const before = placesOf(was).map((p) => ({
        ...p,
        on: way.map(p.on),
        turnDeg: (p.turnDeg + 90 * way.quarters) % 360,
      }));
      const after = placesOf(now).map((p) => ({ ...p, turnDeg: (p.turnDeg + 360) % 360 }));
      expect(difference(before, after, 0)).toBeNull();
      things += after.length;
    }
    expect(things).toBeGreaterThan(50);
  });
});
