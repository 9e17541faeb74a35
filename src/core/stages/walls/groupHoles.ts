import type { Mm } from '../../base/units';
import type { Box } from '../../geometry/plane';
import type { HangingGroup } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { GroupMember } from './groupPlan';
import type { HangingPlace, InGroup } from './hangingPlan';
import { bestUse, planHoles, type HolePlan, type OnHoles } from './holes';
import { shiftAllowed, type Hung } from './shiftAllowed';
import { planNails } from './wire';

/** A group's frames where they were laid out, and the whole's height. */
export type LaidOnWall = {
  group: HangingGroup;
  members: readonly GroupMember[];
  inPlace: ReadonlyMap<string, InGroup>;
  place: HangingPlace;
  judged: Hung['judged'];
};

/** A coordinate that was typed stays as it was typed. */
const TYPED_STAYS: Mm = 0.01;

function onHoles(laid: LaidOnWall, rules: RuleBook): OnHoles {
  const { members, inPlace, place, judged } = laid;
  const placed = members.flatMap(({ hanging, item }) => {
    const at = inPlace.get(hanging.id);
    return at && !hanging.leans ? [{ hanging, item, at }] : [];
  });
  const boxes = placed.map(({ item, at }): Box => ({
    xMm: at.xMm - item.widthMm / 2,
    yMm: at.centreMm - item.heightMm / 2,
    widthMm: item.widthMm,
    heightMm: item.heightMm,
  }));
  const nails = placed.flatMap(({ hanging, item, at }) => {
    const { dropMm, offsetsMm } = planNails(item, hanging.hanger, rules);
    const heightMm = at.centreMm + item.heightMm / 2 - dropMm;
    return offsetsMm.map((offset) => ({ xMm: at.xMm + offset, heightMm }));
  });
  return {
    holes: place.holes,
    nails,
    boxes,
    reachMm: rules.number('walls.holeReach'),
    allows: shiftAllowed({ judged, boxes, nails, place }, rules),
  };
}

/** The holes that the group's nails fall on, and the shift of the whole that would use one. */
export const groupHoles = (laid: LaidOnWall, rules: RuleBook): HolePlan => planHoles(onHoles(laid, rules));

/** How far a group that is to use the wall's holes moves as a whole, along what nobody typed. */
export function shiftOntoHoles(laid: LaidOnWall, rules: RuleBook): { dxMm: Mm; dyMm: Mm } {
  const { group } = laid;
  const still = { dxMm: 0, dyMm: 0 };
  if (!group.reuseHoles || laid.place.holes.length === 0) return still;
  const keepsX = group.xMm !== null;
  const keepsHeight = group.centreMm !== null || group.aboveMm !== null;
  const hung = onHoles(laid, rules);
  const allows = (dxMm: Mm, dyMm: Mm): boolean =>
    !(keepsX && Math.abs(dxMm) > TYPED_STAYS) &&
    !(keepsHeight && Math.abs(dyMm) > TYPED_STAYS) &&
    hung.allows(dxMm, dyMm);
  return bestUse({ ...hung, allows }) ?? still;
}
