import type { Mm } from '../../../base/units';
import type { Finding } from '../../../model/finding';
import { pools } from '../landing';
import type { WindowPlace } from '../windowPlan';
import { finding, openingsOf, type WindowCase, type WindowJudge } from './windowCase';

/** A pooled hem nearer than this to where people pass is walked on. */
const PASSING: Mm = 450;

/** Where a hem lies down: on a sill, under wheels, in a doorway, in the way. */
export const judgeHem: WindowJudge = (w) => {
  const { target, hemOn, layer, place, rules } = w;
  const showerRule = 'windows.showerClear';
  if (target.shower && rules.school('windows.showerSchool') === 'used')
    return [finding(w, 'shower-hem', 'ok', { clearMm: rules.number(showerRule) }, showerRule)];
  const pooled = pools(layer.landing);
  const lies = pooled || layer.landing === 'break';
  const findings: Finding[] = [];
  if (hemOn === 'sill' && lies) findings.push(finding(w, 'pool-on-sill', 'caution'));
  if (hemOn !== 'floor' || !lies) return findings;
  if (place.wheelchair && pooled)
    findings.push(finding(w, 'pool-on-wheels', 'caution', {}, 'windows.landingPool'));
  if (openingsOf(w).some((o) => o.kind === 'frenchDoor'))
    findings.push(finding(w, 'hem-in-doorway', 'caution'));
  return pooled ? [...findings, ...judgeWays(w)] : findings;
};

const judgeWays = (w: WindowCase): Finding[] =>
  w.place.ways
    .map((way) => ({ way, distanceMm: nearestHem(w, way) }))
    .filter(({ distanceMm }) => distanceMm < PASSING)
    .map(({ way, distanceMm }) => {
      const facts = { way: way.name, distanceMm, stairs: way.stairs ? 'yes' : 'no' };
      return finding(w, 'pool-by-way', 'caution', facts, 'windows.landingPool');
    });

function nearestHem({ layer, dressing }: WindowCase, way: WindowPlace['ways'][number]): Mm {
  const closed = dressing.drawn === 'closed';
  return Math.min(
    ...layer.panelPlans.flatMap((p) => [
      way.distanceMm(p.stackFromMm, p.stackToMm),
      closed ? way.distanceMm(p.fromMm, p.toMm) : Infinity,
    ]),
  );
}
