import type { Mm } from '../../../base/units';
import type { Finding } from '../../../model/finding';
import type { Opening } from '../../../model/types';
import { finding, openingsOf, type WindowCase, type WindowJudge } from './windowCase';

/** A leaf swings free of a rod that is so far above it. */
const LEAF_CLEARANCE: Mm = 25;

/** Being seen from outside, an ugly view, and doors that open into rod or cloth. */
export const judgeLightAndDoors: WindowJudge = (w) =>
  w.target.shower ? [] : [...judgePrivacy(w), ...judgeSheer(w), ...judgeLeaves(w)];

function judgePrivacy(w: WindowCase): Finding[] {
  const { light, dressing } = w;
  const rule = 'windows.hidesByLamp';
  if (!openingsOf(w).some((o) => o.overlooked)) return [];
  if (light.nowByLamp !== 'seen') return [finding(w, 'hidden', 'ok', {}, rule)];
  if (light.drawnByLamp !== 'hidden')
    return [finding(w, 'never-hidden', 'caution', { day: light.drawnByDay }, rule)];
  const level = dressing.drawn === 'closed' ? 'caution' : 'yielded';
  return [finding(w, 'seen-by-lamp', level, { day: light.nowByDay }, rule)];
}

function judgeSheer(w: WindowCase): Finding[] {
  const { sheer, rules } = w;
  const findings: Finding[] = [];
  if (openingsOf(w).some((o) => o.hazy))
    findings.push(
      finding(w, sheer ? 'hazy-hidden' : 'hazy-shows', sheer ? 'ok' : 'yielded', {}, 'windows.passSheer'),
    );
  const least = rules.number('windows.leastFullness');
  if (sheer && sheer.fullness < least - 1e-6) {
    const facts = { fullness: sheer.fullness, least, panels: sheer.panels };
    findings.push(finding(w, 'fullness-low', 'caution', facts, 'windows.sheerFullness'));
  }
  return findings;
}

const judgeLeaves = (w: WindowCase): Finding[] =>
  w.dressing.mount === 'leaf'
    ? []
    : openingsOf(w)
        .filter((o) => o.kind === 'frenchDoor')
        .flatMap((door) => judgeDoor(w, door));

function judgeDoor(w: WindowCase, door: Opening): Finding[] {
  const clearMm = door.sillMm + door.heightMm + LEAF_CLEARANCE;
  const rodMm = w.layer.rodHeightMm;
  const findings: Finding[] = [];
  if (door.opens === 'in' && rodMm < clearMm)
    findings.push(finding(w, 'leaf-meets-rod', 'stop', { byMm: clearMm - rodMm }));
  if (door.opens !== 'fixed' && w.glassCoveredMm > 1) {
    const facts = { coveredMm: w.glassCoveredMm, way: door.opens === 'in' ? 'in' : 'out' };
    findings.push(finding(w, 'leaf-meets-stack', 'caution', facts, 'windows.bracketExtension'));
  }
  return findings;
}
