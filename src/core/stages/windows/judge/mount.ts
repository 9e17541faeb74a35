import type { Finding } from '../../../model/finding';
import { finding, openingsOf, type WindowCase, type WindowJudge } from './windowCase';

/** What the mount asks for: leaves that can be screwed into, a deep enough reveal, room for the brackets. */
export const judgeMount: WindowJudge = (w) => {
  if (w.dressing.mount === 'leaf') return judgeLeaf(w);
  if (w.inReveal) return w.target.shower ? [] : judgeReveal(w);
  return judgeBrackets(w);
};

const judgeLeaf = (w: WindowCase): Finding[] => [
  finding(w, 'leaf-screws', 'caution', { rented: w.place.rented ? 'yes' : 'no' }, 'windows.leafStile'),
];

function judgeReveal(w: WindowCase): Finding[] {
  const openings = openingsOf(w);
  const leastMm = w.rules.number('windows.insideReveal');
  const depthMm = Math.min(...openings.map((o) => o.revealMm));
  const findings: Finding[] = [];
  if (depthMm < leastMm - 0.5) {
    const facts = { depthMm, leastMm, known: depthMm > 0 ? 'yes' : 'no' };
    findings.push(finding(w, 'reveal-too-shallow', 'caution', facts, 'windows.insideReveal'));
  }
  if (openings.some((o) => o.opens === 'in')) findings.push(finding(w, 'inside-rod-meets-sash', 'caution'));
  return findings;
}

function judgeBrackets(w: WindowCase): Finding[] {
  const { brackets, stackPerSideMm: stackMm } = w.layer;
  const rule = 'windows.bracketExtension';
  const findings = [...judgeSide(w, 'left'), ...judgeSide(w, 'right')];
  if (brackets.widenedByMm > 1) {
    const clears = w.glassCoveredMm > 1 ? 'no' : 'yes';
    const facts = { byMm: brackets.widenedByMm, stackMm, clears };
    findings.push(finding(w, 'bracket-widened-for-stack', 'ok', facts, rule));
  }
  return findings;
}

function judgeSide(w: WindowCase, side: 'left' | 'right'): Finding[] {
  const { brackets } = w.layer;
  const left = side === 'left';
  const heldMm = left ? brackets.heldLeftByMm : brackets.heldRightByMm;
  const reachMm = left ? brackets.leftMm : brackets.rightMm;
  const roomMm = left ? w.room.leftMm : w.room.rightMm;
  const wallMm = left ? w.place.toWallMm.leftMm : w.place.toWallMm.rightMm;
  const neighbour = w.room.by[side] ?? w.place.endsAt[side];
  if (reachMm > wallMm + 0.5) {
    const facts = { side, byMm: reachMm - wallMm, neighbour: 'wall' };
    return [finding(w, 'bracket-past-the-wall', 'stop', facts, 'windows.bracketExtension')];
  }
  // a finial that fills the corner can be done with, a thing cannot
  const sparedMm = neighbour === 'wall' ? w.rules.number('windows.cornerClearance') : 0;
  if (reachMm > roomMm + sparedMm + 0.5) {
    const facts = { side, byMm: reachMm - roomMm, neighbour };
    return [finding(w, 'bracket-past-the-wall', 'stop', facts, 'windows.bracketExtension')];
  }
  if (heldMm <= 1) return [];
  const facts = { side, byMm: heldMm, reachMm, neighbour };
  return [finding(w, 'bracket-held-by-neighbour', 'yielded', facts, 'windows.bracketExtension')];
}
