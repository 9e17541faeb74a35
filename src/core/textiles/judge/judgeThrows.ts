import { elementAt } from '../../base/list';
import { HAIR_MM } from '../../base/tolerance';
import type { Finding } from '../../model/finding';
import type { ThrowPlan } from '../textilesOn';
import { finding, type LaidCase } from './laidCase';

/** Where both ends of each throw fall; one that lies on the floor is tripped over, and what has nothing under it slips. */
export const judgeThrows = (seat: LaidCase): Finding[] => [
  ...seat.throws.flatMap((t) => judgePast(seat, t)),
  ...judgeEnds(seat),
];

function judgePast(seat: LaidCase, { item, path, past, fold, placementId }: ThrowPlan): Finding[] {
  if (!past) return [];
  const facts = { throw: item.name, bandMm: path.bandMm, ...past, fold };
  return [finding(seat, 'throw-past-edge', 'caution', facts, { about: [placementId] })];
}

const judgeEnds = (seat: LaidCase): Finding[] =>
  seat.throws.flatMap((t) => {
    const about = [t.placementId];
    const [first, last] = t.path.ends;
    const drags = [first, last].filter((end) => end.dragsMm > HAIR_MM);
    if (drags.length > 0) {
      const { part, dragsMm } = elementAt(
        [...drags].sort((a, b) => b.dragsMm - a.dragsMm),
        0,
      );
      const facts = { throw: t.item.name, part, byMm: dragsMm, fold: t.fold };
      return [finding(seat, 'throw-drags', 'caution', facts, { rule: 'throws.clearFloor', about })];
    }
    return [finding(seat, 'throw-falls', 'ok', fallOf(t), { rule: 'throws.hangsBehind', about })];
  });

/** A throw's band and where its two ends are: on which part, how much of it is on that, how far it stops short. */
function fallOf({ item, lie, path }: ThrowPlan) {
  const [first, last] = path.ends;
  return {
    throw: item.name,
    lie,
    bandMm: path.bandMm,
    firstPart: first.part,
    firstMm: path.onParts[first.part] ?? 0,
    lastPart: last.part,
    lastMm: path.onParts[last.part] ?? 0,
    shortMm: last.shortMm,
  };
}
