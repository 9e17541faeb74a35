import { sameOr } from '../base/list';
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

/** What stands on furniture and hides what is behind it; null where it is too thin for that. */
export type SolidThings = ReadonlyMap<PlacedThing, Solid | null>;

/** Of a thing that stands as it did in the previous plan it is the same object. */
export function solidThings(placed: readonly PlacedThing[], previous?: SolidThings): SolidThings {
  const solids = new Map<PlacedThing, Solid | null>();
  for (const thing of placed) {
    const known = previous?.get(thing);
    solids.set(thing, known === undefined ? solidOfThing(thing) : known);
  }
  return solids;
}

const solidOfThing = ({ placement, at }: PlacedThing): Solid | null =>
  isObject(placement) && at.widthMm >= THIN
    ? { id: placement.id, outline: footprint(at), bottomMm: at.zMm, topMm: at.zMm + at.heightMm }
    : null;

/** The solids alone; the same list for as long as none of them moves. */
export const solidsOnTops = (things: SolidThings, previous?: readonly Solid[]): readonly Solid[] =>
  sameOr(
    previous,
    [...things.values()].filter((solid) => solid !== null),
  );

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
