import type { Mm } from '../../base/units';
import { boxesOverlap, type Box } from '../../geometry/plane';
import { cableNear } from '../../room/cables';
import { treadAt } from '../../room/stairs';
import type { RuleBook } from '../../rules/book';
import type { HangingPlace } from './hangingPlan';
import { heightVerdict, type HeightCase } from './height';

/** What hangs as one, as it was planned: its height and its frames. */
export type Hung = {
  judged: Omit<HeightCase, 'over' | 'overhead' | 'rule'>;
  boxes: readonly Box[];
  nails: readonly { xMm: Mm; heightMm: Mm }[];
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
    now ??= { met: metBy(hung, { dxMm: 0, dyMm: 0 }, rules), off: offAt(hung, 0, rules) };
    const { met, off } = now;
    const isNoWorse = offAt(hung, dyMm, rules).every((mm, i) => mm <= (off[i] ?? 0));
    return isNoWorse && [...metBy(hung, { dxMm, dyMm }, rules)].every((id) => met.has(id));
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

/** What a whole that is moved by so much runs into on its wall, with its frames or, on a cable, with its nails. */
function metBy(
  { boxes: here, nails, place }: Hung,
  { dxMm, dyMm }: { dxMm: Mm; dyMm: Mm },
  rules: RuleBook,
): Set<string> {
  const boxes = here.map((b) => ({ ...b, xMm: b.xMm + dxMm, yMm: b.yMm + dyMm }));
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
  const live = cableNear(
    nails.map(({ xMm, heightMm }) => ({ xMm: xMm + dxMm, heightMm: heightMm + dyMm })),
    place.fittings.filter((f) => f.electric),
    rules.number('walls.cableBand'),
  );
  return new Set([
    ...met,
    ...(live ? ['cable'] : []),
    ...(boxes.some(isPast) ? ['wall'] : []),
    ...place.stairs.filter((stair) => boxes.some((b) => inStair(b, stair))).map(({ name }) => name),
  ]);
}
