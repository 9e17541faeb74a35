import type { Hanging, Item, Look } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { judgeNeighbours } from '../../stages/walls/neighbours';
import type { GroupPlan } from '../../stages/walls/planGroup';
import { planHanging, type HangingPlan } from '../../stages/walls/planHanging';
import type { RoomContext } from '../context';
import { hangingPlaceOf, onOneWall } from '../hangingPlace';

type Context = RoomContext & {
  items: ReadonlyMap<string, Item>;
  groups: readonly GroupPlan[];
  look: Pick<Look, 'hangings'>;
};

/** Every piece that hangs, alone or where its group puts it. */
export function planHangings(context: Context): HangingPlan[] {
  const { look, items, walls, groups, rules } = context;
  const inGroups = new Map(groups.flatMap((g) => [...g.members]));
  const onWalls = new Map(walls.map((w) => [w.id, onOneWall(context, w.id)]));
  const planOne = (hanging: Hanging, offersShift: boolean): HangingPlan[] => {
    const item = items.get(hanging.itemId);
    if (!item || !walls.some((w) => w.id === hanging.wallId)) return [];
    const inGroup = inGroups.get(hanging.id) ?? null;
    const place = hangingPlaceOf(
      context,
      { ...hanging, xMm: inGroup?.xMm ?? hanging.xMm, widthMm: item.widthMm },
      onWalls.get(hanging.wallId),
    );
    const holes = offersShift ? place.holes : [];
    return [planHanging(hanging, item, { ...place, holes }, rules, inGroup)];
  };
  const plans = look.hangings.flatMap((hanging) => planOne(hanging, true));
  const badlyMoved = new Set(plans.filter((h) => isWorseMoved(h, plans, rules)).map((h) => h.hangingId));
  if (badlyMoved.size === 0) return plans;
  return look.hangings.flatMap((hanging) => planOne(hanging, !badlyMoved.has(hanging.id)));
}

/** Whether the shift that a piece offers would bring it into conflict with its neighbours. */
function isWorseMoved(h: HangingPlan, plans: readonly HangingPlan[], rules: RuleBook): boolean {
  const { shift } = h.holes;
  if (!shift) return false;
  const beside = plans.filter((p) => p.wallId === h.wallId);
  const moved: HangingPlan = {
    ...h,
    xMm: h.xMm + shift.dxMm,
    centreMm: h.centreMm + shift.dyMm,
    topMm: h.topMm + shift.dyMm,
    bottomMm: h.bottomMm + shift.dyMm,
  };
  const then = beside.map((p) => (p === h ? moved : p));
  return judgeNeighbours(then, rules).length > judgeNeighbours(beside, rules).length;
}
