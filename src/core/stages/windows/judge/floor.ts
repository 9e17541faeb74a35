import { toPlanned } from '../../../base/units';
import type { Finding } from '../../../model/finding';
import type { Landing } from '../../../model/types';
import type { RuleBook } from '../../../rules/book';
import { landingRule } from '../landing';
import { finding, lengthsOf, type WindowCase, type WindowJudge } from './windowCase';

/** The floor under the hems: level, hidden by how they land, or uneven. */
export const judgeFloor: WindowJudge = (w) => {
  if (w.hemOn !== 'floor' || w.target.shower) return [];
  const { layer, dressing, rules } = w;
  if (!layer.measured) return [finding(w, 'floor-not-measured', 'caution')];
  if (layer.unevenMm <= rules.number('windows.pinGive') + 0.1) {
    const facts = { byMm: layer.unevenMm, off: layer.unevenMm > 0.5 ? 'yes' : 'no' };
    return [finding(w, 'floor-level', 'ok', facts, 'windows.pinGive')];
  }
  if (layer.landingMm < 0 && layer.unevenMm <= -layer.landingMm + 1e-6) {
    const facts = { byMm: layer.unevenMm, landingMm: -layer.landingMm };
    const rule = landingRule[dressing.landing as Exclude<Landing, 'kiss'>] ?? 'windows.landingBreak';
    return [finding(w, 'floor-hidden-by-landing', 'ok', facts, rule)];
  }
  return [...judgeAlongPanel(w), ...judgeHems(w)];
};

/** A floor that drops under one panel. What the tape's marks do not show is not there to be seen. */
function judgeAlongPanel(w: WindowCase): Finding[] {
  const { alongPanelMm, unevenMm, landingMm } = w.layer;
  const giveMm = w.rules.number('windows.pinGive');
  if (toPlanned(alongPanelMm, w.rules.unit) <= giveMm + 0.1) return [];
  const code = landingMm === 0 ? 'kiss-over-uneven-floor' : 'clear-over-uneven-floor';
  return [finding(w, code, 'caution', { byMm: alongPanelMm, unevenMm, giveMm }, 'windows.pinGive')];
}

function judgeHems(w: WindowCase): Finding[] {
  const { layer, rules } = w;
  const hems = lengthsOf(w);
  const [shortestMm, longestMm] = [Math.min(...hems), Math.max(...hems)];
  if (longestMm - shortestMm > 0.5) {
    const [leftMm, rightMm] = [hems[0] ?? 0, hems.at(-1) ?? 0];
    const facts = { leftMm, rightMm, shortestMm, longestMm, panels: layer.panels };
    return [finding(w, 'hems-differ', 'caution', facts, 'windows.unevenFloor')];
  }
  // one length over a floor that drops: what shows at the low side, and what would hide it
  if (rules.school('windows.unevenFloor') !== 'advise') return [];
  const facts = {
    byMm: layer.unevenMm,
    breakMm: rules.number('windows.landingBreak'),
    hides: hidingLanding(layer.unevenMm, rules),
  };
  return [finding(w, 'one-length-shows-floor', 'caution', facts, 'windows.unevenFloor')];
}

function hidingLanding(unevenMm: number, rules: RuleBook): 'break' | 'pool' | 'none' {
  if (unevenMm <= rules.number('windows.landingBreak')) return 'break';
  return unevenMm <= rules.number('windows.landingPool') ? 'pool' : 'none';
}
