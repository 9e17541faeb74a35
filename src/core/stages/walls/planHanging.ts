import type { Mm } from '../../base/units';
import { overlapLength, type Box } from '../../geometry/plane';
import type { Hanging, Item } from '../../model/types';
import { massOf, type Mass } from '../../room/mass';
import { treadUnder } from '../../room/stairs';
import type { RuleBook } from '../../rules/book';
import { fixingOf } from './fixing';
import type { HangingPlace, HangingPlan, InGroup } from './hangingPlan';
import { chooseHeight, eyeLevel, gapRule, type HeightFacts, type HeightPlan } from './height';
import { markedNails, planHoles } from './holes';
import { judgeHanging } from './judgeHanging';
import { acrossOf, topsOut } from './overhead';
import { shiftAllowed } from './shiftAllowed';
import { planNails, type NailPlan } from './wire';

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
  const facts: HeightFacts = {
    heightMm: item.heightMm,
    overPiece,
    given: hanging,
    ceilingMm: overhead.mm,
    floorMm: treadUnder(place.stairs, xMm),
  };
  const height = heightOf({ hanging, facts, inGroup, footMm }, rules);
  const seenMm = hanging.leans ? risenBy(item.heightMm, footMm) : item.heightMm;
  const box: Box = {
    xMm: xMm - item.widthMm / 2,
    yMm: height.centreMm - seenMm / 2,
    widthMm: item.widthMm,
    heightMm: seenMm,
  };
  const nailed = nailsOf({ hanging, item, place, box, height, facts, inGroup }, rules);
  const hanged: Omit<HangingPlan, 'findings'> = {
    hangingId: hanging.id,
    itemId: item.id,
    name: item.name,
    wallId: hanging.wallId,
    xMm,
    centreMm: height.centreMm,
    widthMm: item.widthMm,
    heightMm: seenMm,
    topMm: box.yMm + box.heightMm,
    bottomMm: box.yMm,
    gapMm: height.gapMm,
    overName: overPiece?.name ?? null,
    widthShare: overPiece && !inGroup ? item.widthMm / overPiece.widthMm : null,
    nails: nailed.nails,
    nailDropMm: nailed.nailDropMm,
    hooksApartMm: nailed.hooksApartMm,
    holes: nailed.holes,
    ...heldBy({ hanging, item, place, box, hooks: nailed.nails.length }, rules),
    groupId: inGroup?.groupId ?? null,
    leans: hanging.leans,
    footMm,
    rulesUsed: {
      height: overPiece ? gapRule(overPiece.isBed) : 'walls.centre',
      width: 'walls.widthShare',
      hooks: 'walls.hookSpread',
    },
  };
  const judged = { plan: hanged, height: { plan: height, facts }, box, overhead, place, item };
  const { hanger } = hanging;
  const findings = judgeHanging(
    { ...judged, hanger, nailProblem: nailed.problem, grouped: inGroup !== null },
    rules,
  );
  return { ...hanged, findings };
}

type OnWall = { hanging: Hanging; item: Item; place: HangingPlace; box: Box };
type Nailed = Pick<HangingPlan, 'nails' | 'nailDropMm' | 'hooksApartMm' | 'holes'> &
  Pick<NailPlan, 'problem'>;

/** Its nails, and the holes of the wall that they use or could. What leans has none. */
function nailsOf(
  {
    hanging,
    item,
    place,
    box,
    height,
    facts,
    inGroup,
  }: OnWall & { height: HeightPlan; facts: HeightFacts; inGroup: InGroup | null },
  rules: RuleBook,
): Nailed {
  const nail = planNails(item, hanging.hanger, rules);
  const xMm = box.xMm + box.widthMm / 2;
  const heightMm = box.yMm + box.heightMm - nail.dropMm;
  const onFrame = hanging.leans ? [] : nail.offsetsMm.map((offset) => ({ xMm: xMm + offset, heightMm }));
  const [left, right] = onFrame;
  const judged = { height, facts, aim: eyeLevel(facts.floorMm, rules), schools: [] };
  return {
    nails: markedNails(onFrame, place.holes),
    nailDropMm: nail.dropMm,
    hooksApartMm: left && right ? right.xMm - left.xMm : 0,
    problem: nail.problem,
    holes: planHoles({
      holes: place.holes,
      nails: onFrame,
      boxes: [box],
      // what its group places is moved with the group
      reachMm: inGroup || hanging.leans ? -1 : rules.number('walls.holeReach'),
      allows: shiftAllowed({ judged, boxes: [box], nails: onFrame, place }, rules),
    }),
  };
}

/** What it weighs and what holds it. */
function heldBy(
  { hanging, item, place, box, hooks }: OnWall & { hooks: number },
  rules: RuleBook,
): Pick<HangingPlan, 'massG' | 'massGuessedBy' | 'fixing' | 'twoPoints'> {
  const mass = massOf(item, rules);
  const twoPoints = isHeavy(mass, item, rules) || isOverPeople(place, box);
  const held = { hanger: hanging.hanger.kind, massG: mass.g, hooks, twoPoints };
  return {
    massG: mass.g,
    massGuessedBy: mass.guessedBy,
    fixing: fixingOf(held, place.wallsOf, rules),
    twoPoints,
  };
}

type HeightContext = { hanging: Hanging; facts: HeightFacts; inGroup: InGroup | null; footMm: Mm };

/** Where the group puts it, as high as it stands when it leans, or by the rules. */
function heightOf({ hanging, facts, inGroup, footMm }: HeightContext, rules: RuleBook): HeightPlan {
  if (inGroup) return { centreMm: inGroup.centreMm, gapMm: null };
  if (!hanging.leans) return chooseHeight(facts, rules);
  const standsOnMm = facts.overPiece?.topMm ?? 0;
  return { centreMm: standsOnMm + risenBy(facts.heightMm, footMm) / 2, gapMm: null };
}

/** How high a leaning piece reaches over what it stands on. */
const risenBy = (heightMm: Mm, footMm: Mm): Mm => Math.sqrt(Math.max(0, heightMm ** 2 - footMm ** 2));

/** By its weight; a mirror that nobody weighed is taken to be. */
const isHeavy = ({ g, guessedBy }: Mass, { kind }: Item, rules: RuleBook): boolean =>
  g > rules.number('walls.heavyFrom') || (kind === 'mirror' && guessedBy !== null);

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
