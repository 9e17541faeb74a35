import { describe, expect, it } from 'vitest';
import { demoRoom } from '../../../tests/helpers/rooms';
import { checkOwnRule } from '../rules/ownRule';
import { roomFileSchema } from './schema';
import type { RoomFile } from './types';
import { upgradeRoomFile } from './upgrade';

/** The same room as a file of version 3, which knew neither draws nor cords nor how a sheer is made. */
function asVersion3(file: RoomFile): unknown {
  return {
    ...file,
    rideau: 3,
    openings: file.openings.map(({ blindCord: _blind, ...o }) => o),
    looks: file.looks.map((look) => ({
      ...look,
      dressings: look.dressings.map(({ draw: _draw, decorative: _side, cord: _cord, sheer, ...d }) => {
        if (!sheer) return { ...d, sheer };
        const { pinMm: _pin, route: _route, making: _making, ...rest } = sheer;
        return { ...d, sheer: rest };
      }),
    })),
  };
}

describe('a room file of version 3', () => {
  it.each(['long-room', 'lookout'])('comes out meaning the same: %s', (id) => {
    const file = demoRoom(id);
    expect(file.looks.some((l) => l.dressings.length > 0)).toBe(true);
    expect(roomFileSchema.parse(upgradeRoomFile(asVersion3(file)))).toEqual(file);
  });
  it('is read though an own rule has a length that cannot be, which is left out', () => {
    const file = demoRoom('long-room');
    const rules = [
      { ruleId: 'windows.return', value: -20 },
      { ruleId: 'windows.takeDownGrommet', value: -40 },
      { ruleId: 'walls.gapRange', value: [-5, 40] },
      { ruleId: 'windows.hem', value: 90 },
    ];
    const read = roomFileSchema.parse(upgradeRoomFile({ ...(asVersion3(file) as object), rules }));
    expect(read.rules.map((r) => r.ruleId)).toEqual(['windows.takeDownGrommet', 'windows.hem']);
  });
  it('of this version with such a rule is refused', () => {
    const own = { ruleId: 'windows.return', value: -20 };
    const file = { ...demoRoom('long-room'), rules: [own] };
    expect(upgradeRoomFile(file)).toBe(file);
    expect(checkOwnRule(own)?.code).toBe('out-of-bounds');
  });
});
