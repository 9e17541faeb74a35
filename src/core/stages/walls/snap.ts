/**
 * A piece dragged on a wall is drawn to the rules that are near, each with its name; one across and one up.
 * Lengths in mm.
 */
import type { Mm } from '../../base/units';
import type { RuleBook } from '../../rules/book';
import { acrossPulls } from './snapAcross';
import type { Pull, SnapBox, SnapPlace, Snapped } from './snapPlace';
import { upPulls } from './snapUp';

export type { SnapBox, SnapGuide, SnapPlace, Snapped, SnapWhy } from './snapPlace';

/** The piece where the nearest rule in reach puts it, across and up; a hole takes both at once. */
export function snapHanging(box: SnapBox, place: SnapPlace, rules: RuleBook): Snapped {
  const reachMm = rules.number('walls.snapWithin');
  const onHole = toHole(box, place, reachMm / 2);
  if (onHole) return onHole;
  const acrossPull = nearest(acrossPulls({ box, place }, rules), box.xMm, reachMm);
  const upPull = nearest(upPulls({ box, place }, rules), box.centreMm, reachMm);
  const xMm = acrossPull?.toMm ?? box.xMm;
  const centreMm = upPull?.toMm ?? box.centreMm;
  return { xMm, centreMm, guides: [acrossPull, upPull].flatMap((p) => (p ? [p.guide(xMm, centreMm)] : [])) };
}

function toHole(box: SnapBox, place: SnapPlace, reachMm: Mm): Snapped | undefined {
  for (const hole of place.holes)
    for (const nail of place.nails) {
      const [xMm, centreMm] = [hole.xMm - nail.dxMm, hole.heightMm - nail.dyMm];
      if (Math.hypot(xMm - box.xMm, centreMm - box.centreMm) > reachMm) continue;
      return { xMm, centreMm, guides: [{ why: 'hole', of: '', byMm: 0, from: hole, to: hole }] };
    }
  return undefined;
}

const nearest = (pulls: readonly Pull[], here: Mm, reachMm: Mm): Pull | undefined =>
  pulls
    .filter((p) => Math.abs(p.toMm - here) <= reachMm)
    .sort((a, b) => a.rank - b.rank || Math.abs(a.toMm - here) - Math.abs(b.toMm - here))[0];

/**
 * Room from a piece to what is next to it on each side, as long as they face each other; the live gaps of a
 * drag.
 */
export function gapsRound(
  box: SnapBox,
  others: readonly SnapBox[],
): { side: 'left' | 'right' | 'up' | 'down'; gapMm: Mm; other: SnapBox }[] {
  const found: { side: 'left' | 'right' | 'up' | 'down'; gapMm: Mm; other: SnapBox }[] = [];
  for (const o of others) {
    const [dx, dy] = [
      Math.abs(o.xMm - box.xMm) - (o.widthMm + box.widthMm) / 2,
      Math.abs(o.centreMm - box.centreMm) - (o.heightMm + box.heightMm) / 2,
    ];
    if (dx >= -0.01 && dy < 0)
      found.push({ side: o.xMm < box.xMm ? 'left' : 'right', gapMm: Math.max(0, dx), other: o });
    else if (dy >= -0.01 && dx < 0)
      found.push({ side: o.centreMm < box.centreMm ? 'down' : 'up', gapMm: Math.max(0, dy), other: o });
  }
  return (['left', 'right', 'up', 'down'] as const).flatMap((side) =>
    found
      .filter((f) => f.side === side)
      .sort((a, b) => a.gapMm - b.gapMm)
      .slice(0, 1),
  );
}
