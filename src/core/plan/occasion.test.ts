import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  dressing,
  hanging,
  inches,
  item,
  onSeat,
  opening,
  piece,
  placement,
} from '../../../tests/helpers/rooms';
import { art } from '../../../tests/helpers/grouped';
import { BROUGHT } from '../model/defaults';
import { applyChange } from '../model/change';
import type { Look, RoomFile } from '../model/types';
import { occasionOf } from './occasion';
import { planLook } from './planLook';

const TABLE = piece({
  id: 'table',
  name: 'Table',
  kind: 'coffeeTable',
  seat: null,
  yMm: inches(90),
  heightMm: inches(18),
});
const tray = item({
  id: 'tray',
  name: 'Tray',
  kind: 'tray',
  widthMm: inches(20),
  heightMm: inches(2),
  depthMm: inches(14),
});
const bowl = item({
  id: 'bowl',
  name: 'Bowl',
  kind: 'bowl',
  widthMm: inches(6),
  heightMm: inches(4),
  depthMm: inches(6),
});
const chair = item({
  id: 'chair',
  name: 'Chair',
  kind: 'chair',
  widthMm: inches(22),
  heightMm: inches(32),
  depthMm: inches(22),
});
const fileWith = (look: Partial<Look>): RoomFile => {
  const base = bareRoom(inches(168), inches(144));
  return {
    ...base,
    pieces: [piece(), TABLE],
    openings: [opening()],
    items: [item(), tray, bowl, chair, art('art', 20, 16)],
    looks: [{ ...base.looks[0]!, ...look }],
  };
};
const taken = (file: RoomFile) => {
  const { takeOff, count } = occasionOf(file.looks[0]!, planLook(file, { lookId: 'look' }).placed);
  return { count, after: takeOff.reduce(applyChange, file) };
};

describe('the occasion of a look', () => {
  it('is taken off in one act: pillows, pictures, curtains and furniture that are there for it', () => {
    const file = fileWith({
      placements: [
        placement({ id: 'stays', layer: 'season', ...onSeat('p1') }),
        placement({ id: 'goes', layer: 'occasion', ...onSeat('p1') }),
      ],
      hangings: [
        hanging({ id: 'h', layer: 'occasion' }),
        hanging({ id: 'k', layer: 'permanent', xMm: inches(20) }),
      ],
      dressings: [dressing({ layer: 'occasion' })],
      brought: [
        {
          id: 'b',
          itemId: 'chair',
          ...BROUGHT,
          layer: 'occasion',
          xMm: inches(40),
          yMm: inches(110),
          turnDeg: 0,
        },
      ],
    });
    const { count, after } = taken(file);
    const look = after.looks[0]!;
    expect(count).toBe(4);
    expect(look.placements.map((p) => p.id)).toEqual(['stays']);
    expect(look.hangings.map((h) => h.id)).toEqual(['k']);
    expect([look.dressings, look.brought]).toEqual([[], []]);
  });
  it('leaves what stands on it where it was, on what is below', () => {
    const onTable = { spot: { of: 'table', part: 'top' }, lie: 'standing' as const };
    const file = fileWith({
      placements: [
        placement({
          id: 'tray',
          itemId: 'tray',
          layer: 'occasion',
          ...onTable,
          xMm: inches(30),
          turnDeg: 90,
        }),
        placement({
          id: 'bowl',
          itemId: 'bowl',
          layer: 'permanent',
          spot: { of: 'tray', part: 'top' },
          lie: 'standing',
          xMm: inches(5),
        }),
      ],
    });
    const was = planLook(file, { lookId: 'look' }).placed.find((t) => t.placement.id === 'bowl')!;
    const { after } = taken(file);
    const [bowlNow] = planLook(after, { lookId: 'look' }).placed;
    expect(after.looks[0]!.placements.map((p) => [p.id, p.spot.of])).toEqual([['bowl', 'table']]);
    expect(bowlNow!.at.xMm).toBeCloseTo(was.at.xMm, 6);
    expect(bowlNow!.at.yMm).toBeCloseTo(was.at.yMm, 6);
  });
  it('is nothing in a look without one', () => {
    expect(taken(fileWith({ placements: [placement({ id: 'p', ...onSeat('p1') })] })).count).toBe(0);
  });
});
