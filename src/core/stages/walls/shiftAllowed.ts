import type { Mm } from '../../base/units';
import { boxesOverlap, type Box } from '../../geometry/plane';
import { treadAt } from '../../room/stairs';
import type { RuleBook } from '../../rules/book';
import type { HangingPlace } from './hangingPlan';
import { heightVerdict, type HeightCase } from './height';

/** What hangs as one, as it was planned: its height and its frames. */
export type Hung = {
  judged: Omit<HeightCase, 'over' | 'overhead' | 'rule'>;
  boxes: readonly Box[];
  place: HangingPlace;
};

/**
 * Whether it may hang so much farther to the right and higher: its height is judged no worse there, and it runs into
 * nothing that it is clear of where it is.
 */
export function shiftAllowed(hung: Hung, rules: RuleBook): (dxMm: Mm, dyMm: Mm) => boolean {
  // asked for only where there is a hole near by
  let now: { met: Set<string>; off: [Mm, Mm, Mm] } | undefined;
  return (dxMm, dyMm) => {
    now ??= { met: metBy(hung.boxes, hung.place), off: offAt(hung, 0, rules) };
    const { met, off } = now;
    const boxes = hung.boxes.map((b) => ({ ...b, xMm: b.xMm + dxMm, yMm: b.yMm + dyMm }));
    const isNoWorse = offAt(hung, dyMm, rules).every((mm, i) => mm <= (off[i] ?? 0));
    return isNoWorse && [...metBy(boxes, hung.place)].every((id) => met.has(id));
  };
}

/** By how much gap, centre and clear space are missed, moved up by so much. */
function offAt({ judged }: Hung, dyMm: Mm, rules: RuleBook): [Mm, Mm, Mm] {
  const { height, facts } = judged;
  const centreMm = height.centreMm + dyMm;
  const verdict = heightVerdict({ ...judged, height: { ...height, centreMm } }, rules);
  const leftMm = facts.ceilingMm - centreMm - facts.heightMm / 2;
  const shortMm = Math.max(0, rules.number('walls.clearAbove') - leftMm);
  return [Math.abs(verdict.gapOffMm), Math.abs(verdict.centreOffMm), shortMm < 0.5 ? 0 : shortMm];
}

/** What the frames of a whole run into on their wall. */
function metBy(boxes: readonly Box[], place: HangingPlace): Set<string> {
  const isPast = (b: Box) => b.xMm < -0.5 || b.xMm + b.widthMm > place.wallLengthMm + 0.5;
  const inStair = (b: Box, stair: HangingPlace['stairs'][number]) =>
    b.xMm + b.widthMm > stair.xMm &&
    b.xMm < stair.xMm + stair.widthMm &&
    Math.max(treadAt(stair, b.xMm), treadAt(stair, b.xMm + b.widthMm)) > b.yMm + 0.5;
  const things = [...place.openings, ...place.fittings.filter((f) => !f.stairs), ...place.furniture];
  const met = things
    .filter(({ id }) => id !== place.overPiece?.id)
    .filter(({ box }) => boxes.some((b) => boxesOverlap(b, box)))
    .map(({ id }) => id);
  return new Set([
    ...met,
    ...(boxes.some(isPast) ? ['wall'] : []),
    ...place.stairs.filter((stair) => boxes.some((b) => inStair(b, stair))).map(({ name }) => name),
  ]);
}
