import type { Mm } from '../../../base/units';
import { overlapLength } from '../../../geometry/plane';
import type { Finding } from '../../../model/finding';
import type { PanelPlan } from '../layerPlan';
import type { ThingAtWall } from '../windowPlan';
import { finding, type WindowCase, type WindowJudge } from './windowCase';

/** Heat and air near the curtain: heaters, radiators behind it, vents under it. */
export const judgeAround: WindowJudge = (w) => [
  ...judgeThings(w),
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

/** Things that the cloth comes down on, drawn back or across the window. */
function judgeThings(w: WindowCase): Finding[] {
  if (w.inReveal) return [];
  const met = new Map<string, Finding>();
  for (const thing of w.place.things.filter((t) => !t.hasOwnFinding)) {
    const where = meetsCloth(w, thing);
    const facts = { thing: thing.name, where: where ?? '' };
    if (where && !met.has(thing.id))
      met.set(thing.id, finding(w, 'cloth-meets', 'caution', facts, 'windows.return'));
  }
  return [...met.values()];
}

/** Whether a thing is where the open curtain hangs, or only where the drawn one does. */
function meetsCloth({ layer }: WindowCase, thing: ThingAtWall): 'open' | 'drawn' | undefined {
  const shares = (p: PanelPlan, fromMm: Mm, toMm: Mm) =>
    overlapLength(fromMm, toMm, thing.fromMm, thing.toMm) > 1 &&
    overlapLength(p.bottomMm, layer.rodHeightMm, thing.bottomMm, thing.topMm) > 1;
  if (layer.panelPlans.some((p) => shares(p, p.stackFromMm, p.stackToMm))) return 'open';
  return layer.panelPlans.some((p) => shares(p, p.fromMm, p.toMm)) ? 'drawn' : undefined;
}

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
