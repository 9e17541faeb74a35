'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { formatLength } from '../../core/base/length';
import { inches } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import { GROUP, HANGING } from '../../core/model/defaults';
import type { Hanging, HangingGroup, Item } from '../../core/model/types';
import type { GalleryLayout } from '../../core/packing/frames';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { TAKEN, type Answer } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import * as edits from './groupEdits';

/** A wire of usual measures for a frame. */
export const usualHanger = (item: Pick<Item, 'widthMm' | 'heightMm'>): Hanging['hanger'] => ({
  kind: 'wire',
  hooks: 2,
  ringDropMm: Math.min(item.heightMm / 3, inches(6)),
  ringsApartMm: item.widthMm * 0.8,
  wireMm: item.widthMm * 0.84,
  hooksApartMm: null,
});

type Middle = { xMm: number; centreMm: number };

/**
 * What can be done to what hangs on a wall: a piece is moved, a group put together, arranged, moved as a
 * whole. The changes themselves are worked out in `groupEdits`.
 */
export function useWallActs() {
  const t = useTranslations('walls');
  const { file, look, plan, rules, change, pick } = useRoom();
  const walls: edits.Walls = { look, plan };
  const changeAny = (changes: Change[]) => {
    if (changes.length > 0) change(changes);
  };
  return {
    membersOf: (groupId: string) => edits.membersOf(walls, groupId),
    groupOf: (id: string | null) => edits.groupOf(walls, id),
    moveTo: (hanging: Hanging, h: HangingPlan, xMm: number, centreMm: number) =>
      edits.moveTo(walls, hanging, h, { xMm, centreMm }),
    moveGroup: (group: HangingGroup, dxMm: number, dyMm: number, middle: Middle) =>
      edits.moveGroup(walls, group, { dxMm, dyMm }, middle),
    standOf: (group: HangingGroup) => edits.standOf(walls, group),
    /** On the wall where it is free, and over what stands there. */
    hang: (item: Item, wallId: string): void => {
      const id = nanoid(8);
      // what finds the place comes when it is first wanted; without an answer the rule's own place does
      void import('../../core/plan/obstacles')
        .then(({ startOn }) => startOn(wallId, item, look, { file, plan, rules }))
        .catch(() => ({}))
        .then((place) => {
          const hanger = usualHanger(item);
          change([
            { do: 'putItem', item },
            edits.putHanging(walls, { ...HANGING, id, itemId: item.id, wallId, hanger, ...place }),
          ]);
          pick(id);
        });
    },
    newGroup: (wallId: string, name: string): void => {
      const id = nanoid(8);
      change([edits.putGroup(walls, { ...GROUP, id, name, wallId, kind: 'row' })]);
      pick(id);
    },
    /** Into the group, at the end of its order. */
    addTo: ({ id: groupId, wallId }: HangingGroup, item: Item): void => {
      const hanger = usualHanger(item);
      change([
        { do: 'putItem', item },
        edits.putHanging(walls, { ...HANGING, id: nanoid(8), itemId: item.id, wallId, hanger, groupId }),
      ]);
    },
    takeApart: (group: HangingGroup): void => {
      change(edits.takeApart(walls, group));
      pick(null);
    },
    leave: (hanging: Hanging, h: HangingPlan): void => change(edits.leaveGroup(walls, hanging, h)),
    relay: (group: HangingGroup, patch: Partial<HangingGroup>): void =>
      change(edits.relay(walls, group, patch)),
    /** Typing another width of the whole; undefined where no gap runs across all of it. */
    widen: (group: HangingGroup, g: GroupPlan): ((mm: number) => Answer) | undefined => {
      const parts = edits.widthParts(walls, group, g);
      if (!parts) return undefined;
      const { count, partMm, field } = parts;
      return (mm) => {
        const nextMm = partMm + (mm - g.widthMm) / count;
        if (nextMm < 0) {
          const least = formatLength(g.widthMm - partMm * count, file.room.unit);
          return { took: false, message: t('tooNarrow', { least }) };
        }
        change([edits.putGroup(walls, { ...group, [field]: nextMm })]);
        return TAKEN;
      };
    },
    reorder: (group: HangingGroup, ids: readonly string[]): void =>
      changeAny(edits.reorder(walls, group, ids)),
    arrange: (group: HangingGroup, middle: Middle, layout: Pick<GalleryLayout, 'at' | 'settled'>): void =>
      change(edits.arrange(walls, group, middle, layout)),
  };
}
