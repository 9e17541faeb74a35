import type { Finding } from '../../../model/finding';
import { finding, lengthsOf, openingsOf, type WindowCase, type WindowJudge } from './windowCase';

/** The rod's height: under the ceiling, over the frame, on the room's line, by the studio's rule. */
export const judgeHeight: WindowJudge = (w) => [
  ...judgeLength(w),
  ...judgeCeiling(w),
  ...judgeLed(w),
  ...(w.inReveal || isOnCeiling(w) ? [] : judgeOverFrame(w)),
];

/**
 * A track on the ceiling stands in front of a window that goes up to it; one under a slope that comes down over
 * the glass does not.
 */
function isOnCeiling(w: WindowCase): boolean {
  if (w.dressing.mount !== 'ceiling' || w.rodFrom !== 'mount') return false;
  const headMm = Math.max(...openingsOf(w).map((o) => o.sillMm + o.heightMm));
  return headMm <= w.layer.rodHeightMm + w.rules.number('windows.ceilingTrack') + 1;
}

function judgeLength(w: WindowCase): Finding[] {
  const { positive, rodHeightMm } = w.layer;
  if (positive) return [];
  return [
    finding(w, 'length-not-positive', 'stop', { lengthMm: Math.min(...lengthsOf(w)), rodMm: rodHeightMm }),
  ];
}

function judgeCeiling(w: WindowCase): Finding[] {
  const { ceilingMm, ceilingBy: what, limits, bySchool, rodFrom, dressing, target } = w;
  const rodMm = w.layer.rodHeightMm;
  const rule = 'windows.rodClearance';
  const findings: Finding[] = [];
  if (rodMm > ceilingMm && dressing.mount !== 'ceiling')
    findings.push(finding(w, 'rod-above-ceiling', 'stop', { rodMm, ceilingMm, what }));
  else if (dressing.mount === 'wall' && rodMm > limits.highMm + 1) {
    const facts = { byMm: rodMm - limits.highMm, what };
    findings.push(finding(w, 'rod-held-under-ceiling', 'caution', facts, rule));
  }
  if (rodFrom === 'school' && bySchool.heldByMm > 0 && !target.shower)
    findings.push(finding(w, 'rod-held-under-ceiling', 'yielded', { byMm: bySchool.heldByMm, what }, rule));
  return findings;
}

/** What comes down lower than the ceiling, where that is what sets the height. */
function judgeLed(w: WindowCase): Finding[] {
  const { ceilingMm, ceilingBy: what, dressing, target, rodFrom } = w;
  if (!isLed(w) || what === 'ceiling' || dressing.mount !== 'wall' || target.shower) return [];
  const facts = { what, ceilingMm, belowMm: ceilingMm - w.layer.rodHeightMm };
  const rule = rodFrom === 'line' ? 'windows.rodClearance' : 'windows.heightSchool';
  return [finding(w, 'rod-follows', 'ok', facts, rule)];
}

function isLed({ rodFrom, bySchool, limits, layer, rules }: WindowCase): boolean {
  if (rodFrom === 'school')
    return rules.school('windows.heightSchool') !== 'overFrame' && bySchool.heldByMm === 0;
  return rodFrom === 'line' && Math.abs(layer.rodHeightMm - limits.highMm) < 1;
}

function judgeOverFrame(w: WindowCase): Finding[] {
  const { rules, rodFrom, bySchool, place, frameTopMm } = w;
  const rodMm = w.layer.rodHeightMm;
  if (rodMm < frameTopMm) return [finding(w, 'rod-below-frame', 'stop', { byMm: frameTopMm - rodMm })];
  const offLineMm = place.lineMm === undefined ? 0 : Math.abs(rodMm - place.lineMm);
  if (rodFrom === 'own' && place.lineMm !== undefined && offLineMm > rules.number('fitting.levelTolerance')) {
    const facts = { byMm: offLineMm, lineMm: place.lineMm };
    return [finding(w, 'rod-off-the-line', 'caution', facts, 'windows.rodLine')];
  }
  const byMm = bySchool.rodMm - rodMm;
  if (rodMm >= bySchool.rodMm - rules.number('windows.belowCeiling') || rodFrom === 'line') return [];
  const facts = { byMm, wishMm: bySchool.rodMm };
  return [finding(w, 'rod-below-the-rule', 'caution', facts, 'windows.heightSchool')];
}
