'use client';
import { useTranslations } from 'next-intl';
import { nanoid } from 'nanoid';
import { formatLength } from '../../core/base/length';
import { inches } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import { GROUP, HANGING } from '../../core/model/defaults';
import type { Hanging, HangingGroup, Item } from '../../core/model/types';
import type { GalleryLayout } from '../../core/packing/frames';
import { groupTaken } from '../../core/stages/walls/layout';
import { usualColumns } from '../../core/stages/walls/layout';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { TAKEN, type Answer } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';

/** A wire of usual measures for a frame. */
export const usualHanger = (item: Pick<Item, 'widthMm' | 'heightMm'>): Hanging['hanger'] => ({
  kind: 'wire',
  hooks: 2,
  ringDropMm: Math.min(item.heightMm / 3, inches(6)),
  ringsApartMm: item.widthMm * 0.8,
  wireMm: item.widthMm * 0.84,
  hooksApartMm: null,
});

/**
 * What can be done to what hangs on a wall, as changes: a piece is moved, a group put together, arranged,
 * moved as a whole.
 */
export function useWallActs() {
  const t = useTranslations('walls');
  const { file, look, plan, rules, change, pick } = useRoom();
  const put = (hanging: Hanging): Change => ({ do: 'putHanging', lookId: look.id, hanging });
  const putGroup = (group: HangingGroup): Change => ({ do: 'putGroup', lookId: look.id, group });
  const membersOf = (groupId: string) => look.hangings.filter((h) => h.groupId === groupId);
  const groupOf = (id: string | null) => look.groups.find((g) => g.id === id);

  /**
   * Every piece of the group where it now hangs, told from the group's middle, so that one can be moved
   * without the others.
   */
  function freeze(group: HangingGroup): {
    from: { xMm: number; centreMm: number };
    changes: Change[];
    places: Map<string, { dxMm: number; dyMm: number }>;
  } {
    const g = plan.groups.find((x) => x.groupId === group.id)!;
    const { from } = g;
    const members = membersOf(group.id);
    const places = new Map(
      members.flatMap((h) => {
        const at = g.members.get(h.id);
        return at ? [[h.id, { dxMm: at.xMm - from.xMm, dyMm: at.centreMm - from.centreMm }] as const] : [];
      }),
    );
    const frozen = members.every((h) => h.groupAt !== null) && group.xMm !== null && group.centreMm !== null;
    const changes: Change[] = frozen
      ? []
      : [
          putGroup({ ...group, xMm: from.xMm, centreMm: from.centreMm, aboveMm: null }),
          ...members
            .filter((h) => h.groupAt === null)
            .map((h) => put({ ...h, groupAt: places.get(h.id) ?? { dxMm: 0, dyMm: 0 } })),
        ];
    return { from, changes, places };
  }

  /** A piece moved to a middle on its wall; in a group only it moves. */
  function moveTo(hanging: Hanging, h: HangingPlan, xMm: number, centreMm: number): Change[] {
    const group = groupOf(hanging.groupId);
    if (group) {
      const { from, changes } = freeze(group);
      return [
        ...changes,
        put({ ...hanging, groupAt: { dxMm: xMm - from.xMm, dyMm: centreMm - from.centreMm } }),
      ];
    }
    const up = !hanging.leans && Math.abs(centreMm - h.centreMm) > 0.01;
    return [put({ ...hanging, xMm, ...(up ? { centreMm, gapMm: null } : {}) })];
  }

  /** The whole group moved by so much. */
  function moveGroup(
    group: HangingGroup,
    dxMm: number,
    dyMm: number,
    from: { xMm: number; centreMm: number },
  ): Change[] {
    return [
      putGroup({
        ...group,
        xMm: from.xMm + dxMm,
        ...(Math.abs(dyMm) > 0.01 ? { centreMm: Math.max(0, from.centreMm + dyMm), aboveMm: null } : {}),
      }),
    ];
  }
  /**
   * Where a group's own x and centre stand for it now: its outline's middle, or the point its pieces are told
   * from.
   */
  function standOf(group: HangingGroup): { xMm: number; centreMm: number } {
    const g = plan.groups.find((x) => x.groupId === group.id)!;
    const moved = membersOf(group.id).some((h) => h.groupAt !== null);
    return {
      xMm: moved || group.kind === 'pair' ? g.from.xMm : g.xMm,
      centreMm: moved ? g.from.centreMm : g.centreMm,
    };
  }

  return {
    put,
    putGroup,
    membersOf,
    groupOf,
    moveTo,
    moveGroup,
    standOf,
    /** On the wall where it is free, and over what stands there. */
    hang: (item: Item, wallId: string): void => {
      const id = nanoid(8);
      // what finds the place comes when it is first wanted; without an answer the rule's own place does
      void import('../../core/plan/obstacles')
        .then(({ startOn }) => startOn(wallId, item, look, { file, plan, rules }))
        .catch(() => ({}))
        .then((at) => {
          change([
            { do: 'putItem', item },
            put({ ...HANGING, id, itemId: item.id, wallId, hanger: usualHanger(item), ...at }),
          ]);
          pick(id);
        });
    },
    newGroup: (wallId: string, name: string): void => {
      const id = nanoid(8);
      change([putGroup({ ...GROUP, id, name, wallId, kind: 'row' })]);
      pick(id);
    },
    /** Into the group, at the end of its order. */
    addTo: (group: HangingGroup, item: Item): void =>
      change([
        { do: 'putItem', item },
        put({
          ...HANGING,
          id: nanoid(8),
          itemId: item.id,
          wallId: group.wallId,
          hanger: usualHanger(item),
          groupId: group.id,
        }),
      ]),
    /** Apart: every piece stays where it hangs, on its own. */
    takeApart: (group: HangingGroup): void => {
      const g = plan.groups.find((x) => x.groupId === group.id);
      change([
        ...membersOf(group.id).map((h) =>
          put({
            ...h,
            groupId: null,
            groupAt: null,
            xMm: g?.members.get(h.id)?.xMm ?? null,
            centreMm: Math.max(0, g?.members.get(h.id)?.centreMm ?? 0),
            gapMm: null,
          }),
        ),
        { do: 'removeGroup', lookId: look.id, id: group.id },
      ]);
      pick(null);
    },
    leave: (hanging: Hanging, h: HangingPlan): void =>
      change([
        put({
          ...hanging,
          groupId: null,
          groupAt: null,
          xMm: h.xMm,
          centreMm: Math.max(0, h.centreMm),
          gapMm: null,
        }),
      ]),
    /** Another kind, gap or order lays it out afresh: pieces put by hand go back into line. */
    relay: (group: HangingGroup, patch: Partial<HangingGroup>): void => {
      const afresh =
        'kind' in patch ||
        'hinge' in patch ||
        'columns' in patch ||
        'pitchDeg' in patch ||
        'apartMm' in patch ||
        'axisId' in patch ||
        'overPieceId' in patch ||
        'gapMm' in patch;
      const free = (patch.kind ?? group.kind) === 'free';
      change([
        putGroup({ ...group, ...patch, ...(afresh && !free ? { xMm: null, centreMm: null } : {}) }),
        ...(afresh && !free
          ? membersOf(group.id)
              .filter((h) => h.groupAt !== null)
              .map((h) => put({ ...h, groupAt: null }))
          : []),
      ]);
    },
    /**
     * Another width of the whole: the gaps across it give, or a pair moves from its axis; undefined where no
     * gap runs across all of it.
     */
    widen: (group: HangingGroup, g: GroupPlan): ((mm: number) => Answer) | undefined => {
      const count = g.members.size;
      const across = gapsAcross(group, count);
      const apart = group.kind === 'pair' && count > 1 && g.apartMm !== null ? g.apartMm : null;
      if (membersOf(group.id).some((h) => h.groupAt !== null) || (across < 1 && apart === null))
        return undefined;
      return (mm) => {
        const by = (mm - g.widthMm) / (apart === null ? across : 2);
        const least = g.widthMm - (apart ?? g.gapMm) * (apart === null ? across : 2);
        if ((apart ?? g.gapMm) + by < 0)
          return { took: false, message: t('tooNarrow', { least: formatLength(least, file.room.unit) }) };
        change([
          putGroup({ ...group, ...(apart === null ? { gapMm: g.gapMm + by } : { apartMm: apart + by }) }),
        ]);
        return TAKEN;
      };
    },
    /** The group in another order: its hangings are put back in the order that is wished. */
    reorder: (group: HangingGroup, ids: readonly string[]): void => {
      const members = membersOf(group.id);
      // the order of a group is that of its hangings: what moves behind is taken off and hung again
      const wished = ids.flatMap((id) => members.find((h) => h.id === id) ?? []);
      const first = wished.findIndex((h, i) => members[i]!.id !== h.id);
      if (first < 0) return;
      change([
        ...wished.slice(first).map((h): Change => ({ do: 'removeHanging', lookId: look.id, id: h.id })),
        ...wished.slice(first).map((h) => put({ ...h, groupAt: null })),
      ]);
    },
    /** A layout that was found; where it stands by the rules it goes on standing by them. */
    arrange: (
      group: HangingGroup,
      middle: { xMm: number; centreMm: number },
      layout: Pick<GalleryLayout, 'at' | 'settled'>,
    ): void =>
      change([
        putGroup(groupTaken(group, middle, layout)),
        ...membersOf(group.id).flatMap((h) => {
          const p = layout.at.get(h.id);
          return p ? [put({ ...h, groupAt: { dxMm: p.xMm, dyMm: p.yMm } })] : [];
        }),
      ]),
    file,
  };
}

/** How many gaps a group has across; none where they do not follow from its order. */
function gapsAcross(group: HangingGroup, count: number): number {
  const inRow =
    group.kind === 'row' || group.kind === 'stair' || (group.kind === 'hinged' && group.hinge !== 'line');
  if (inRow) return count - 1;
  return group.kind === 'grid' ? Math.min(count, group.columns ?? usualColumns(count)) - 1 : 0;
}
