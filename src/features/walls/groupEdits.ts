import { findOne } from '../../core/base/list';
import type { Mm } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import type { Hanging, HangingGroup, Look } from '../../core/model/types';
import type { GalleryLayout } from '../../core/packing/frames';
import type { Plan } from '../../core/plan/planLook';
import { groupTaken, usualColumns } from '../../core/stages/walls/layout';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import type { HangingPlan } from '../../core/stages/walls/planHanging';

/** The look that is edited, with what was worked out of it. */
export type Walls = { look: Look; plan: Pick<Plan, 'groups'> };
type Middle = { xMm: Mm; centreMm: Mm };
/** A change of height or place smaller than this is none. */
const CRUMB_MM: Mm = 0.01;

export const putHanging = ({ look }: Walls, hanging: Hanging): Change => ({
  do: 'putHanging',
  lookId: look.id,
  hanging,
});
export const putGroup = ({ look }: Walls, group: HangingGroup): Change => ({
  do: 'putGroup',
  lookId: look.id,
  group,
});
export const membersOf = ({ look }: Walls, groupId: string): Hanging[] =>
  look.hangings.filter((h) => h.groupId === groupId);
export const groupOf = ({ look }: Walls, id: string | null): HangingGroup | undefined =>
  look.groups.find((g) => g.id === id);
const planOf = ({ plan }: Walls, groupId: string): GroupPlan =>
  findOne(plan.groups, (g) => g.groupId === groupId);

/**
 * The changes that keep every piece of a group where it now hangs, measured from the group's middle, so that
 * one can be moved without the others.
 */
function freeze(walls: Walls, group: HangingGroup): { middle: Middle; changes: Change[] } {
  const { middle, members: places } = planOf(walls, group.id);
  const members = membersOf(walls, group.id);
  const isFrozen = members.every((h) => h.groupAt !== null) && group.xMm !== null && group.centreMm !== null;
  if (isFrozen) return { middle, changes: [] };
  const offsetOf = (id: string) => {
    const place = places.get(id);
    return place
      ? { dxMm: place.xMm - middle.xMm, dyMm: place.centreMm - middle.centreMm }
      : { dxMm: 0, dyMm: 0 };
  };
  return {
    middle,
    changes: [
      putGroup(walls, { ...group, xMm: middle.xMm, centreMm: middle.centreMm, aboveMm: null }),
      ...members
        .filter((h) => h.groupAt === null)
        .map((h) => putHanging(walls, { ...h, groupAt: offsetOf(h.id) })),
    ],
  };
}

/** A piece moved to a middle on its wall; in a group only it moves. */
export function moveTo(walls: Walls, hanging: Hanging, h: HangingPlan, target: Middle): Change[] {
  const group = groupOf(walls, hanging.groupId);
  if (group) {
    const { middle, changes } = freeze(walls, group);
    const groupAt = { dxMm: target.xMm - middle.xMm, dyMm: target.centreMm - middle.centreMm };
    return [...changes, putHanging(walls, { ...hanging, groupAt })];
  }
  const isRaised = !hanging.leans && Math.abs(target.centreMm - h.centreMm) > CRUMB_MM;
  const height = isRaised ? { centreMm: target.centreMm, gapMm: null } : {};
  return [putHanging(walls, { ...hanging, xMm: target.xMm, ...height })];
}

/** The whole group moved by so much. */
export function moveGroup(
  walls: Walls,
  group: HangingGroup,
  offset: { dxMm: Mm; dyMm: Mm },
  middle: Middle,
): Change[] {
  const isRaised = Math.abs(offset.dyMm) > CRUMB_MM;
  const height = isRaised ? { centreMm: Math.max(0, middle.centreMm + offset.dyMm), aboveMm: null } : {};
  return [putGroup(walls, { ...group, xMm: middle.xMm + offset.dxMm, ...height })];
}

/**
 * What a group's own x and centre mean for it now: its outline's middle, or the point its pieces are measured
 * from.
 */
export function standOf(walls: Walls, group: HangingGroup): Middle {
  const g = planOf(walls, group.id);
  const isMoved = membersOf(walls, group.id).some((h) => h.groupAt !== null);
  return {
    xMm: isMoved || group.kind === 'pair' ? g.middle.xMm : g.xMm,
    centreMm: isMoved ? g.middle.centreMm : g.centreMm,
  };
}

const onItsOwn = (hanging: Hanging, place: Middle | undefined): Hanging => ({
  ...hanging,
  groupId: null,
  groupAt: null,
  xMm: place?.xMm ?? null,
  centreMm: Math.max(0, place?.centreMm ?? 0),
  gapMm: null,
});

/** Apart: every piece stays where it hangs, on its own. */
export function takeApart(walls: Walls, group: HangingGroup): Change[] {
  const places = walls.plan.groups.find((g) => g.groupId === group.id)?.members;
  return [
    ...membersOf(walls, group.id).map((h) => putHanging(walls, onItsOwn(h, places?.get(h.id)))),
    { do: 'removeGroup', lookId: walls.look.id, id: group.id },
  ];
}

/** One piece out of its group, where it hangs. */
export const leaveGroup = (walls: Walls, hanging: Hanging, h: HangingPlan): Change[] => [
  putHanging(walls, onItsOwn(hanging, h)),
];

/** What of a group sets its layout: another one lays it out from scratch. */
const LAYOUT: readonly (keyof HangingGroup)[] = [
  'kind',
  'hinge',
  'columns',
  'pitchDeg',
  'apartMm',
  'axisId',
  'overPieceId',
  'gapMm',
];

/** Another kind, gap or order lays it out from scratch: pieces put by hand go back into line. */
export function relay(walls: Walls, group: HangingGroup, patch: Partial<HangingGroup>): Change[] {
  const isFree = (patch.kind ?? group.kind) === 'free';
  const startsOver = !isFree && LAYOUT.some((field) => field in patch);
  const inLine = membersOf(walls, group.id)
    .filter((h) => h.groupAt !== null)
    .map((h) => putHanging(walls, { ...h, groupAt: null }));
  return startsOver
    ? [putGroup(walls, { ...group, ...patch, xMm: null, centreMm: null }), ...inLine]
    : [putGroup(walls, { ...group, ...patch })];
}

/** How many gaps a group has across; none where they do not follow from its order. */
function gapsAcross(group: HangingGroup, count: number): number {
  const inRow =
    group.kind === 'row' || group.kind === 'stair' || (group.kind === 'hinged' && group.hinge !== 'line');
  if (inRow) return count - 1;
  return group.kind === 'grid' ? Math.min(count, group.columns ?? usualColumns(count)) - 1 : 0;
}

/**
 * What the width of a whole group is made of: so many equal parts, each so wide now, with the field that sets
 * them. Null where no gap runs across all of it.
 */
export function widthParts(
  walls: Walls,
  group: HangingGroup,
  g: GroupPlan,
): { count: number; partMm: Mm; field: 'gapMm' | 'apartMm' } | null {
  if (membersOf(walls, group.id).some((h) => h.groupAt !== null)) return null;
  const count = g.members.size;
  if (group.kind === 'pair' && count > 1 && g.apartMm !== null)
    return { count: 2, partMm: g.apartMm, field: 'apartMm' };
  const columnGaps = gapsAcross(group, count);
  return columnGaps < 1 ? null : { count: columnGaps, partMm: g.gapMm, field: 'gapMm' };
}

/** The group in another order. The order of a group is that of its hangings: what moves back is hung again. */
export function reorder(walls: Walls, group: HangingGroup, ids: readonly string[]): Change[] {
  const members = membersOf(walls, group.id);
  const ordered = ids.flatMap((id) => members.find((h) => h.id === id) ?? []);
  const first = ordered.findIndex((h, i) => members[i]?.id !== h.id);
  if (first < 0) return [];
  const moved = ordered.slice(first);
  return [
    ...moved.map((h): Change => ({ do: 'removeHanging', lookId: walls.look.id, id: h.id })),
    ...moved.map((h) => putHanging(walls, { ...h, groupAt: null })),
  ];
}

/** A layout that was found; where the group stands by the rules it goes on standing by them. */
export function arrange(
  walls: Walls,
  group: HangingGroup,
  middle: Middle,
  layout: Pick<GalleryLayout, 'at' | 'settled'>,
): Change[] {
  return [
    putGroup(walls, groupTaken(group, middle, layout)),
    ...membersOf(walls, group.id).flatMap((h) => {
      const place = layout.at.get(h.id);
      return place ? [putHanging(walls, { ...h, groupAt: { dxMm: place.xMm, dyMm: place.yMm } })] : [];
    }),
  ];
}
