import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyFurnishedRoom, anyRoom, furnishedRoomOf, roomOf } from '../../../tests/helpers/anyRoom';
import { demoStudio, demoRoom } from '../../../tests/helpers/rooms';
import type { RoomFile } from '../model/types';
import { planLook } from './planLook';

/** Where in a value a number is that JSON cannot say. */
function notFinite(value: unknown, path: string): string[] {
  if (typeof value === 'number') return Number.isFinite(value) ? [] : [`${path} is ${value}`];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, part]) => notFinite(part, `${path}.${key}`));
}

function oddNumbers(file: RoomFile): string[] {
  return file.looks.flatMap(({ id }) => {
    const { memories: _m, places: _p, ...plan } = planLook(file, { lookId: id });
    return notFinite(plan, id);
  });
}

describe('every number of a plan is one', () => {
  test.each(demoStudio().rooms.map(({ room }) => room.id))('of the demo’s %s', (id) => {
    expect(oddNumbers(demoRoom(id))).toEqual([]);
  });
  test('of rooms drawn at random', () => {
    fc.assert(
      fc.property(anyRoom, (drawn) => {
        expect(oddNumbers(roomOf(drawn))).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });
  test('of furnished rooms drawn at random', () => {
    fc.assert(
      fc.property(anyFurnishedRoom, (drawn) => {
        expect(oddNumbers(furnishedRoomOf(drawn))).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });
});
