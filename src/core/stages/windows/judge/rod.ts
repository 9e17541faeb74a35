import { cableNear } from '../../../room/cables';
import type { Mm } from '../../../base/units';
import type { Finding } from '../../../model/finding';
import { finding, openingsOf, type WindowCase, type WindowJudge } from './windowCase';

/** The rod itself: its make and heading, how it sags, where its brackets can be fixed. */
export const judgeRod: WindowJudge = (w) => [
  ...judgeHeading(w),
  ...(w.dressing.rod.make === 'tension' ? judgeTension(w) : judgeBracketed(w)),
];

function judgeHeading(w: WindowCase): Finding[] {
  const { heading, rod } = w.dressing;
  const onTrack = rod.make === 'track';
  if (heading === 'wave' && !onTrack) return [finding(w, 'heading-needs-track', 'stop')];
  const runsOnTrack = heading === 'wave' || heading === 'pinchPleat';
  return onTrack && !runsOnTrack ? [finding(w, 'heading-not-on-track', 'stop', { heading })] : [];
}

function judgeTension(w: WindowCase): Finding[] {
  const { rules, load } = w;
  const mostMm = rules.number('windows.tensionMost');
  const mostG = rules.number('windows.tensionLoad');
  const { coveredMm } = w.layer.brackets;
  const findings: Finding[] = [];
  if (!w.inReveal || w.dressing.mount === 'leaf')
    findings.push(finding(w, 'tension-needs-two-sides', 'stop'));
  if (coveredMm > mostMm) {
    const facts = { byMm: coveredMm - mostMm, mostMm };
    findings.push(finding(w, 'tension-too-long', 'caution', facts, 'windows.tensionMost'));
  }
  if (load.clothG > mostG) {
    const facts = { massG: load.clothG, mostG };
    findings.push(finding(w, 'tension-too-heavy', 'caution', facts, 'windows.tensionLoad'));
  }
  return findings;
}

const judgeBracketed = (w: WindowCase): Finding[] => [
  ...judgeSag(w),
  ...judgeLintel(w),
  ...judgeCables(w),
  ...(w.place.rented ? [judgeRented(w)] : []),
];

function judgeSag(w: WindowCase): Finding[] {
  const { sagMm, sagMostMm, spanMm, supports } = w.load;
  const rule = 'windows.sagMost';
  if (sagMm > sagMostMm + 0.01) return [finding(w, 'rod-sags', 'caution', { sagMm, spanMm }, rule)];
  if (supports <= 2) return [];
  return [finding(w, 'centre-brackets', 'ok', { count: supports - 2, sagMm, spanMm }, rule)];
}

/** Screws near the upper edge of a lintel find nothing to hold. */
function judgeLintel(w: WindowCase): Finding[] {
  const { rules, dressing, inReveal } = w;
  const lintelMm = rules.number('windows.lintel');
  const headMm = Math.max(...openingsOf(w).map((o) => o.sillMm + o.heightMm));
  const byMm = Math.abs(w.layer.rodHeightMm - (headMm + lintelMm));
  if (inReveal || dressing.mount !== 'wall' || byMm >= rules.number('windows.bracketTop')) return [];
  return [finding(w, 'bracket-by-lintel-edge', 'caution', { byMm, lintelMm }, 'windows.bracketTop')];
}

/** Brackets over or beside a socket or switch, where its cable may run. */
function judgeCables(w: WindowCase): Finding[] {
  if (w.dressing.mount !== 'wall') return [];
  const live = cableNear(bracketsAlong(w), w.place.electric, w.rules.number('walls.cableBand'));
  if (!live) return [];
  return [finding(w, 'bracket-cable-zone', 'caution', { other: live.name }, 'walls.cableBand')];
}

/** The brackets along the rod. */
const bracketsAlong = ({ bracketsAt, target }: WindowCase): { xMm: Mm; heightMm: Mm }[] =>
  bracketsAt.flatMap((b) => {
    const part = target.span.parts.find((p) => p.wallId === b.wallId);
    return part ? [{ xMm: b.xMm + part.offMm, heightMm: b.heightMm }] : [];
  });

/** In a rented home: whether a tension rod would do. */
function judgeRented(w: WindowCase): Finding {
  const { rules, layer, load } = w;
  const fits =
    layer.brackets.coveredMm <= rules.number('windows.tensionMost') &&
    load.clothG <= rules.number('windows.tensionLoad');
  const facts = { length: fits ? 'fits' : 'not' };
  return finding(w, 'rented-tension', 'caution', facts, 'windows.tensionMost');
}
