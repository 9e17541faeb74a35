/** Frames of sizes in inches that hang as one group. */
import { GROUP } from '../../src/core/model/defaults';
import type { HangingGroup, Item, RoomFile } from '../../src/core/model/types';
import { planLook } from '../../src/core/plan/planLook';
import { bareRoom, hanging, inches, item } from './rooms';

export const art = (id: string, w: number, h: number, more: Partial<Item> = {}): Item =>
  item({
    id,
    name: id,
    kind: 'art',
    widthMm: inches(w),
    heightMm: inches(h),
    massG: 1500,
    count: 3,
    ...more,
  });
export const grouped = (
  sizes: [number, number][],
  g: Partial<HangingGroup> = {},
  more: Partial<RoomFile> = {},
  ceilingIn = 96,
): RoomFile => {
  const base = bareRoom(inches(168), inches(144), inches(ceilingIn));
  return {
    ...base,
    items: sizes.map(([w, h], i) => art(`f${i}`, w, h)),
    ...more,
    looks: [
      {
        ...base.looks[0]!,
        groups: [{ ...GROUP, id: 'group', name: 'Group', wallId: 'n', kind: 'row', ...g }],
        hangings: sizes.map((_, i) => hanging({ id: `h${i}`, itemId: `f${i}`, groupId: 'group' })),
      },
    ],
  };
};
export const planOf = (file: RoomFile) => planLook(file, { lookId: 'look' });
