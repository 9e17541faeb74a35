import { toPlanned, type Mm } from '../../base/units';
import { overlapLength, type Box } from '../../geometry/plane';
import type { Hanging, Item } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import type { HangingPlace, HangingPlan, InGroup } from './hangingPlan';
import { chooseHeight, gapRule, settledAt, type HeightPlan } from './height';
import { planHoles } from './holes';
import { judgeHanging } from './judgeHanging';
import { acrossOf, topsOut, type Overhead } from './overhead';
import { hookClass, planNails } from './wire';

export type { HangingPlace, HangingPlan, InGroup } from './hangingPlan';
export { acrossOf } from './overhead';

/** One piece hung: centre, gap, share of the furniture's width, nails, and what to look out for. */
export function planHanging(
  hanging: Hanging,
  item: Item,
  place: HangingPlace,
  rules: RuleBook,
  inGroup: InGroup | null = null,
): HangingPlan {
  const { overPiece } = place;
  const xMm = inGroup?.xMm ?? hanging.xMm ?? acrossOf(place, rules);
  const overhead = topsOut(place, xMm, item.widthMm, rules.number('walls.centre'));
  // what leans stands with its foot out from the wall
  const footMm = hanging.leans ? item.heightMm * rules.number('walls.leanFoot') : 0;
  const height = heightOf({ hanging, item, place, inGroup, overhead, footMm }, rules);
  const box: Box = {
    xMm: xMm - item.widthMm / 2,
    yMm: height.centreMm - item.heightMm / 2,
    widthMm: item.widthMm,
    heightMm: item.heightMm,
  };
  const topMm = box.yMm + box.heightMm;
  const nail = planNails(item, hanging.hanger, rules);
  const nails = nail.offsetsMm.map((offset) => ({
    xMm: xMm + offset,
    heightMm: toPlanned(topMm - nail.dropMm, rules.unit),
  }));
  const hanged: Omit<HangingPlan, 'findings'> = {
    hangingId: hanging.id,
    itemId: item.id,
    name: item.name,
    wallId: hanging.wallId,
    xMm,
    centreMm: height.centreMm,
    widthMm: item.widthMm,
    heightMm: item.heightMm,
    topMm,
    bottomMm: box.yMm,
    gapMm: height.gapMm,
    yielded: height.yielded,
    yieldedByMm: height.byMm,
    widthShare: overPiece && !inGroup ? item.widthMm / overPiece.widthMm : null,
    nails,
    nailDropMm: nail.dropMm,
    hooksApartMm: nails[0] && nails[1] ? nails[1].xMm - nails[0].xMm : 0,
    massG: item.massG,
    twoPoints: item.massG > rules.number('walls.heavyFrom') || isOverPeople(place, box),
    groupId: inGroup?.groupId ?? null,
    leans: hanging.leans,
    footMm,
    hookClassG: hookClass(item.massG, nails.length, rules) ?? null,
    holes: planHoles(place.holes, nails, box, rules.number('walls.holeReach')),
    rulesUsed: {
      height: overPiece ? gapRule(overPiece.isBed) : 'walls.centre',
      width: 'walls.widthShare',
      hooks: 'walls.hookSpread',
    },
  };
  const findings = judgeHanging(
    {
      plan: hanged,
      height,
      box,
      overhead,
      place,
      item,
      nailProblem: nail.problem,
      grouped: inGroup !== null,
    },
    rules,
  );
  return { ...hanged, findings };
}

type HeightContext = {
  hanging: Hanging;
  item: Item;
  place: HangingPlace;
  inGroup: InGroup | null;
  overhead: Overhead;
  footMm: Mm;
};

/** Where the group puts it, as high as it stands when it leans, or by the rules. */
function heightOf(context: HeightContext, rules: RuleBook): HeightPlan {
  const { hanging, item, place, inGroup, overhead, footMm } = context;
  const { overPiece } = place;
  if (inGroup) return settledAt(inGroup.centreMm);
  if (hanging.leans) {
    const risesMm = Math.sqrt(Math.max(0, item.heightMm ** 2 - footMm ** 2));
    return settledAt((overPiece?.topMm ?? 0) + risesMm / 2);
  }
  return chooseHeight({ heightMm: item.heightMm, overPiece, given: hanging, ceilingMm: overhead.mm }, rules);
}

/** It could fall on whoever sits or lies under it, whatever it was hung for. */
function isOverPeople({ overPiece, furniture }: HangingPlace, box: Box): boolean {
  if (overPiece && (overPiece.isBed || overPiece.isSeat)) return true;
  return furniture.some(
    (f) =>
      f.restedOn &&
      overlapLength(box.xMm, box.xMm + box.widthMm, f.box.xMm, f.box.xMm + f.box.widthMm) > 1 &&
      f.box.yMm + f.box.heightMm < box.yMm + box.heightMm,
  );
}
