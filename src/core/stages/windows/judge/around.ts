import type { Mm } from '../../../base/units';
import { overlapLength } from '../../../geometry/plane';
import type { Finding } from '../../../model/finding';
import { finding, type WindowCase, type WindowJudge } from './windowCase';

/** Heat and air near the curtain: heaters, radiators behind it, vents under it. */
export const judgeAround: WindowJudge = (w) => [
  ...judgeHeaters(w),
  ...w.place.radiators
    .filter((r) => hangsOver(w, r.xMm, r.widthMm, r.topMm))
    .map((r) =>
      finding(w, 'curtain-on-radiator', 'caution', { radiator: r.name }, 'safety.radiatorClearance'),
    ),
  ...w.place.vents
    .filter((v) => v.bottomMm < w.layer.rodHeightMm && hangsOver(w, v.xMm, v.widthMm, v.topMm))
    .map((v) => finding(w, 'curtain-over-vent', 'caution', { vent: v.name }, 'floor.ventClear')),
];

function judgeHeaters(w: WindowCase): Finding[] {
  const rule = 'safety.heaterDistance';
  const apartMm = w.rules.number(rule);
  return w.place.heaters
    .map((h) => ({ heater: h.name, distanceMm: h.distanceMm(w.layer.leftMm, w.layer.rightMm) }))
    .filter(({ distanceMm }) => distanceMm < apartMm)
    .map((heater) => finding(w, 'curtain-by-heater', 'caution', { ...heater, apartMm }, rule));
}

const hangsOver = ({ layer }: WindowCase, xMm: Mm, widthMm: Mm, topMm: Mm): boolean =>
  layer.panelPlans.some((p) => overlapLength(p.fromMm, p.toMm, xMm, xMm + widthMm) > 0 && p.bottomMm < topMm);
