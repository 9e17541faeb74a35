import type { Mm } from '../../base/units';
import { elementAt } from '../../base/list';
import { boxesOverlap } from '../../geometry/plane';
import type { Finding } from '../../model/finding';
import type { RuleBook } from '../../rules/book';
import type { HangingPlan } from './planHanging';

/** What pieces hang either side of: a screen, a fireplace. */
export type Axis = { name: string; wallId: string; xMm: Mm; widthMm: Mm };

/**
 * Pieces of one wall against each other: no overlap; near neighbours share their centre height, and two that
 * flank an axis their distance from it (common practice).
 */
export function judgeNeighbours(
  plans: readonly HangingPlan[],
  rules: RuleBook,
  axes: readonly Axis[] = [],
): Finding[] {
  const findings: Finding[] = [];
  const boxOf = (p: HangingPlan) => ({
    xMm: p.xMm - p.widthMm / 2,
    yMm: p.bottomMm,
    widthMm: p.widthMm,
    heightMm: p.heightMm,
  });
  const boxes = plans.map(boxOf);
  const reach = rules.number('walls.neighbourReach');
  const level = rules.number('fitting.levelTolerance');
  plans.forEach((p, i) => {
    for (let j = i + 1; j < plans.length; j++) {
      const q = elementAt(plans, j);
      if (p.wallId !== q.wallId) continue;
      const about = [p.hangingId, q.hangingId];
      const apart = Math.abs(p.xMm - q.xMm) - (p.widthMm + q.widthMm) / 2;
      const apartMm = Math.abs(p.centreMm - q.centreMm);
      if (boxesOverlap(elementAt(boxes, i), elementAt(boxes, j)))
        findings.push({
          code: 'pictures-overlap',
          level: 'stop',
          stage: 'walls',
          about,
          by: { piece: p.name, other: q.name },
        });
      else if (
        !p.leans &&
        !q.leans &&
        (p.groupId === null || p.groupId !== q.groupId) &&
        apart > 0 &&
        apart < reach &&
        apartMm > level
      )
        findings.push({
          code: 'neighbour-centres-differ',
          level: 'caution',
          stage: 'walls',
          about,
          rule: 'walls.neighbourReach',
          by: { piece: p.name, other: q.name, byMm: apartMm },
        });
    }
  });
  for (const axis of axes) {
    const flanking = plans
      .filter((p) => p.wallId === axis.wallId && !p.leans)
      .map((p) => ({ p, apartMm: Math.abs(p.xMm - axis.xMm) - p.widthMm / 2 }))
      .filter(({ apartMm }) => apartMm > 0 && apartMm - axis.widthMm / 2 < reach)
      .sort((a, b) => a.apartMm - b.apartMm);
    const [left, right] = [
      flanking.find(({ p }) => p.xMm < axis.xMm),
      flanking.find(({ p }) => p.xMm > axis.xMm),
    ];
    // two at quite other heights do not belong together
    if (
      !left ||
      !right ||
      Math.abs(left.p.centreMm - right.p.centreMm) > (left.p.heightMm + right.p.heightMm) / 4
    )
      continue;
    const byMm = Math.abs(left.apartMm - right.apartMm);
    if (byMm > level)
      findings.push({
        code: 'flanks-uneven',
        level: 'yielded',
        stage: 'walls',
        about: [left.p.hangingId, right.p.hangingId],
        rule: 'walls.neighbourReach',
        by: {
          axis: axis.name,
          piece: left.p.name,
          other: right.p.name,
          leftMm: left.apartMm,
          rightMm: right.apartMm,
          byMm,
        },
      });
  }
  return findings;
}
