import type { Deg, Mm } from '../base/units';
import { pastOval, step, turnedCorners, turnedOval, wayOf, type Point } from '../geometry/plane';
import type { Item } from '../model/types';
import { matIn, type TableTop } from './tableLinen';
import type { TablePlace } from './tablePlaces';

type Top = Pick<TableTop, 'widthMm' | 'depthMm' | 'round'>;
type Mat = Pick<Item, 'kind' | 'widthMm' | 'heightMm' | 'round'>;

/** What lies flat at a place, in the table's own frame: from its left end and from its back edge. */
export type LyingMat = {
  middle: Point;
  wideMm: Mm;
  deepMm: Mm;
  looksDeg: Deg;
  round: boolean;
  outline: readonly Point[];
};

/** A mat or a napkin at its place: so far in from the edge, at a round table with its outer corners too. Lengths in mm. */
export function matAt(place: TablePlace, mat: Mat, top: Top, inMm: Mm): LyingMat {
  const { wideMm, deepMm } = matIn(mat);
  const { looksDeg } = place;
  const round = mat.round && mat.kind === 'placemat';
  const edgeMm = top.round && !round ? inFromRound(place, wideMm, top, inMm) : inMm;
  const middle = inFrom(place, edgeMm + deepMm / 2);
  const outline = (round ? turnedOval : turnedCorners)(middle, wideMm, deepMm, looksDeg);
  return { middle, wideMm, deepMm, looksDeg, round, outline };
}

const inFrom = ({ at, looksDeg }: TablePlace, mm: Mm): Point => step(at, wayOf(looksDeg), mm);

/** Halvings of a length, down to a hair. */
const HALVINGS = 24;

/** How far in from a round edge a mat begins, so that its outer corners are as far in as they have to be. */
function inFromRound(place: TablePlace, wideMm: Mm, { widthMm, depthMm }: Top, inMm: Mm): Mm {
  const [wideInMm, deepInMm] = [Math.max(1, widthMm - 2 * inMm), Math.max(1, depthMm - 2 * inMm)];
  const isOn = ({ xMm, yMm }: Point) =>
    pastOval({ xMm: xMm - widthMm / 2, yMm: yMm - depthMm / 2 }, wideInMm, deepInMm) <= 0;
  const isInAt = (mm: Mm) =>
    [-1, 1].every((side) => isOn(step(inFrom(place, mm), wayOf(place.looksDeg + 90), (side * wideMm) / 2)));
  let [low, high] = [inMm, Math.min(widthMm, depthMm) / 2];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (isInAt(middle)) high = middle;
    else low = middle;
  }
  return high;
}
