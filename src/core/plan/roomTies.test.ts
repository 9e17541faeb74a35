import { describe, expect, it } from 'vitest';
import {
  bareRoom,
  dressing,
  hanging,
  inches,
  inchRules,
  item,
  onSeat,
  opening,
  piece,
  placement,
} from '../../../tests/helpers/rooms';
import type { Item, RoomFile } from '../model/types';
import { planLook } from './planLook';
import { placesOnPlan, roomAnswers, seenAt, tiesInRoom } from './roomTies';

const RED = [{ l: 45, a: 60, b: 40, share: 1 }];
const BLUE = [{ l: 45, a: 5, b: -50, share: 1 }];
const roomWith = (items: Item[]): RoomFile => {
  const base = bareRoom(inches(168), inches(144));
  return {
    ...base,
    pieces: [piece({ colours: [{ l: 60, a: -40, b: 30, share: 1 }] })],
    openings: [opening({ wallId: 'e', xMm: inches(40) })],
    items,
    looks: [
      {
        ...base.looks[0]!,
        placements: [placement({ id: 'pillow', itemId: 'pillow', ...onSeat('p1'), xMm: inches(20) })],
        dressings: [dressing({ itemId: 'panel' })],
        hangings: [hanging({ itemId: 'art', wallId: 's', xMm: inches(60) })],
      },
    ],
  };
};
const cover = (more: Partial<Item>) =>
  item({ id: 'pillow', name: 'Pillow', colours: RED, texture: 'smooth', ...more });
const panel = item({
  id: 'panel',
  name: 'Panel',
  kind: 'panel',
  widthMm: inches(50),
  heightMm: inches(84),
  colours: BLUE,
  texture: 'linen',
});
const picture = item({
  id: 'art',
  name: 'Picture',
  kind: 'art',
  colours: RED,
  texture: 'hard',
  metal: 'brass',
});
const tiesOfRoom = (file: RoomFile, only?: string) => {
  const plan = planLook(file, { lookId: 'look' });
  const { pieces, items } = file;
  return tiesInRoom(roomAnswers({ look: file.looks[0]!, plan, pieces, items }), inchRules(), only);
};

describe('what the textiles of a room answer', () => {
  it('is what hangs, stands and lies in it; pictures answer and are no textile', () => {
    const ties = tiesOfRoom(roomWith([cover({}), panel, picture]));
    expect(ties.map(({ id, tied }) => [id, tied.map((t) => t.name)])).toEqual([
      ['pillow', ['Picture']],
      ['d1', []],
    ]);
    expect(
      tiesOfRoom(roomWith([cover({ metal: 'brass', colours: BLUE }), panel, picture]), 'pillow')[0]?.tied,
    ).toEqual([
      { id: 'd1', name: 'Panel', by: ['family'] },
      { id: 'h1', name: 'Picture', by: ['metal'] },
    ]);
  });
  it('is found on the walls and on the plan', () => {
    const file = roomWith([cover({}), panel, picture]);
    const plan = planLook(file, { lookId: 'look' });
    const seen = seenAt(plan.elevations, file.looks[0]!);
    expect([seen.get('h1')?.wallId, seen.get('pillow')?.wallId, seen.get('d1')?.wallId]).toEqual([
      's',
      'n',
      'e',
    ]);
    const places = placesOnPlan(plan, file.pieces, seen);
    expect(places.get('pillow')).toMatchObject({ xMm: plan.placed[0]!.at.xMm });
    // the picture on the south wall, 60 in from its right-hand end
    expect(places.get('h1')?.yMm).toBeCloseTo(inches(144), 6);
    expect(places.get('d1')?.xMm).toBeCloseTo(inches(168), 6);
    expect(places.get('d1-sheer')).toEqual(places.get('d1'));
  });
});
