import { boxesOverlap } from '../../geometry/plane';
import type { Finding } from '../../model/finding';
import type { RuleBook } from '../../rules/book';
import type { HangingPlan } from './planHanging';

/** Pieces of one wall against each other: no overlap; near neighbours share their centre height (common practice). */
export function judgeNeighbours(plans: readonly HangingPlan[], rules: RuleBook): Finding[] {
  const findings: Finding[] = [];
  const boxOf = (p: HangingPlan) => ({ xMm: p.xMm - p.widthMm / 2, yMm: p.bottomMm, widthMm: p.widthMm, heightMm: p.heightMm });
  plans.forEach((p, i) => {
    for (const q of plans.slice(i + 1)) {
      if (p.wallId !== q.wallId) continue;
      const about = [p.hangingId, q.hangingId];
      const apart = Math.abs(p.xMm - q.xMm) - (p.widthMm + q.widthMm) / 2;
      const off = Math.abs(p.centreMm - q.centreMm);
      if (boxesOverlap(boxOf(p), boxOf(q))) findings.push({ code: 'pictures-overlap', level: 'stop', stage: 'walls', about, by: { piece: p.name, other: q.name } });
      else if (!p.leans && !q.leans && (p.groupId === null || p.groupId !== q.groupId) && apart > 0 && apart < rules.number('walls.neighbourReach') && off > rules.number('fitting.levelTolerance')) findings.push({ code: 'neighbour-centres-differ', level: 'caution', stage: 'walls', about, rule: 'walls.neighbourReach', by: { piece: p.name, other: q.name, byMm: off } });
    }
  });
  return findings;
}
