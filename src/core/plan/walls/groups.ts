import type { Mm } from '../../base/units';
import type { HangingGroup, Item, Look } from '../../model/types';
import { lowestOver, overheadOf, underCrown } from '../../room/ceiling';
import { planGroup, type GroupPlan } from '../../stages/walls/planGroup';
import { wallById, type RoomContext } from '../context';
import { hangingPlaceOf } from '../hangingPlace';

type Context = RoomContext & { items: ReadonlyMap<string, Item>; look: Pick<Look, 'hangings' | 'groups'> };

/** The look's groups of pieces, each laid out on its wall. */
export function planGroups(context: Context): GroupPlan[] {
  const { file, walls, rules, look } = context;
  return look.groups
    .filter((group) => walls.some((w) => w.id === group.wallId))
    .map((group) => {
      const stair = file.fittings.find((f) => f.kind === 'stairs' && f.wallId === group.wallId);
      const place = hangingPlaceOf(context, { ...group, widthMm: 0 });
      const edge = underCrown(file.room, overheadOf(file.room, wallById(walls, group.wallId), context.walls));
      return planGroup(
        group,
        membersOf(context, group),
        {
          place,
          overhead: (fromMm, toMm) => lowestOver(edge, fromMm, toMm),
          axis: axisOf(context, group),
          stair: stair ?? null,
        },
        rules,
      );
    });
}

function membersOf({ items, look }: Context, { id, wallId }: HangingGroup) {
  return look.hangings.flatMap((hanging) => {
    const item = items.get(hanging.itemId);
    const here = hanging.groupId === id && hanging.wallId === wallId;
    return here && item ? [{ hanging, item }] : [];
  });
}

type Axis = { name: string; xMm: Mm; widthMm: Mm; centreMm: Mm | null };

/**
 * What a group is centred on: a fitting of its wall, or a piece that stands there. Beside a screen a pair shares
 * its height; beside anything else it hangs at eye level.
 */
function axisOf({ file, places }: Context, group: HangingGroup): Axis | null {
  const fitting = file.fittings.find((f) => f.id === group.axisId && f.wallId === group.wallId);
  if (fitting)
    return {
      name: fitting.name,
      xMm: fitting.xMm + fitting.widthMm / 2,
      widthMm: fitting.widthMm,
      centreMm: fitting.kind === 'tv' ? fitting.bottomMm + fitting.heightMm / 2 : null,
    };
  const piece = file.pieces.find((p) => p.id === group.axisId);
  const onWall = piece && places.get(piece.id);
  if (!piece || onWall?.wallId !== group.wallId) return null;
  return {
    name: piece.name,
    xMm: onWall.xMm + onWall.widthMm / 2,
    widthMm: onWall.widthMm,
    centreMm: null,
  };
}
