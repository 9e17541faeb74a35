import type { Item, Look } from '../../model/types';
import type { GroupPlan } from '../../stages/walls/planGroup';
import { planHanging, type HangingPlan } from '../../stages/walls/planHanging';
import type { RoomContext } from '../context';
import { hangingPlaceOf } from '../hangingPlace';

type Context = RoomContext & {
  items: ReadonlyMap<string, Item>;
  groups: readonly GroupPlan[];
  look: Pick<Look, 'hangings'>;
};

/** Every piece that hangs, alone or where its group puts it. */
export function planHangings(context: Context): HangingPlan[] {
  const { look, items, walls, groups, rules } = context;
  const inGroups = new Map(groups.flatMap((g) => [...g.members]));
  return look.hangings.flatMap((hanging) => {
    const item = items.get(hanging.itemId);
    if (!item || !walls.some((w) => w.id === hanging.wallId)) return [];
    const inGroup = inGroups.get(hanging.id) ?? null;
    const place = hangingPlaceOf(context, {
      ...hanging,
      xMm: inGroup?.xMm ?? hanging.xMm,
      widthMm: item.widthMm,
    });
    return [planHanging(hanging, item, place, rules, inGroup)];
  });
}
