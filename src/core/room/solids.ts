import type { Mm } from '../base/units';
import { step, wayOf } from '../geometry/plane';
import type { Fitting, Piece } from '../model/types';
import { BACK_OF_SEAT, isLamp } from './kinds';
import { isObject } from './lies';
import { footprint } from './place';
import type { PlacedThing } from './placed';
import type { Solid } from './reflect';
import { floorInFrontOf, type Wall } from './walls';

/** What is narrower than this hides nothing to speak of. */
const THIN: Mm = 100;

/** What stands or hangs in a room and hides what is behind it. Rugs lie flat, lamps are thin. */
export const solidsIn = (
  pieces: readonly Piece[],
  fittings: readonly Fitting[],
  walls: readonly Wall[],
): Solid[] => [...pieces.flatMap(solidsOfPiece), ...fittings.flatMap((f) => solidOfFitting(f, walls))];

/** What stands on furniture and hides what is behind it; the same list for as long as nothing of it moves. */
export function solidsOnTops(
  placed: readonly PlacedThing[],
  previous: readonly Solid[] = [],
): readonly Solid[] {
  const solids = placed
    .filter(({ placement, at }) => isObject(placement) && at.widthMm >= THIN)
    .map(({ placement, at }): Solid => ({
      id: placement.id,
      outline: footprint(at),
      bottomMm: at.zMm,
      topMm: at.zMm + at.heightMm,
    }));
  const isSame = solids.length === previous.length && solids.every((s, i) => isSameSolid(s, previous[i]));
  return isSame ? previous : solids;
}

const isSameSolid = (a: Solid, b: Solid | undefined): boolean =>
  b !== undefined &&
  a.id === b.id &&
  a.bottomMm === b.bottomMm &&
  a.topMm === b.topMm &&
  a.outline.length === b.outline.length &&
  a.outline.every(({ xMm, yMm }, i) => b.outline[i]?.xMm === xMm && b.outline[i]?.yMm === yMm);

function solidsOfPiece(p: Piece): Solid[] {
  if (p.kind === 'rug' || isLamp(p)) return [];
  const topMm = p.bottomMm + p.heightMm;
  const outline = footprint(p);
  if (!p.seat || p.seat.heightMm >= p.heightMm) return [{ id: p.id, outline, bottomMm: p.bottomMm, topMm }];
  // one looks over the seat of a sofa, not over its back
  const depthMm = Math.min(BACK_OF_SEAT, p.depthMm);
  const back = step(p, wayOf(p.turnDeg), (p.depthMm - depthMm) / 2);
  return [
    { id: p.id, outline, bottomMm: p.bottomMm, topMm: p.bottomMm + p.seat.heightMm },
    { id: p.id, outline: footprint({ ...p, ...back, depthMm }), bottomMm: p.bottomMm, topMm },
  ];
}

/** Fittings that stand out from their wall; stairs are open. */
function solidOfFitting(f: Fitting, walls: readonly Wall[]): Solid[] {
  const wall = walls.find((w) => w.id === f.wallId);
  if (!wall || f.depthMm <= 0 || f.kind === 'stairs' || f.kind === 'tv') return [];
  const outline = floorInFrontOf(wall, f, f.depthMm);
  return [{ id: f.id, outline, bottomMm: f.bottomMm, topMm: f.bottomMm + f.heightMm }];
}
