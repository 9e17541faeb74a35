import { last } from '../../base/list';
import type { Mm } from '../../base/units';
import { planOf, type Cloth, type Cut, type CutPlan, type CutPiece } from './cloth';
import { placesFor, waysToLie } from './places';

/**
 * Widths cut one after the other from a length of cloth, each in the first place after the one before where its pattern lies
 * right: no search, since nothing lies beside a whole width. Lengths in mm; what has no place is left out.
 */
export function cutWidths(pieces: readonly CutPiece[], cloth: Cloth): CutPlan {
  const cuts: Cut[] = [];
  for (const piece of pieces) {
    const before = cuts.length === 0 ? 0 : endOf(last(cuts));
    const rest = { ...cloth, flaws: [...cloth.flaws, takenUpTo(before, cloth)] };
    const places = waysToLie(piece).flatMap((lying) => placesFor(lying, rest, []));
    const [first] = places.sort((a, b) => a.yMm - b.yMm || a.xMm - b.xMm);
    if (first) cuts.push(first);
  }
  return planOf(cuts, pieces, cloth);
}

const endOf = ({ yMm, heightMm }: Cut): Mm => yMm + heightMm;
const takenUpTo = (mm: Mm, { widthMm }: Cloth) => ({ xMm: 0, yMm: 0, widthMm, heightMm: mm });
