import { findOne } from '../../../core/base/list';
import type { Mm } from '../../../core/base/units';
import type { Piece } from '../../../core/model/types';
import type { Plan } from '../../../core/plan/planLook';
import { frontView } from '../../../core/plan/scene/scene';
import { placeOnWall } from '../../../core/room/place';
import type { Elevation } from '../../../core/room/shape';

/** A piece turned by more than this does not stand with its back to its wall. */
const BACKED_DEG = 0.5;
/** Wall that is shown beside and over a piece that stands free. */
const AROUND: Mm = 2000;

/**
 * A seat or a bed as somebody in front of it sees it: before its wall where its back is to it, else on its own. What stands in
 * front of it would hide it and is left out.
 */
export function pieceView(
  piece: Piece,
  { walls, elevations, placed }: Plan,
): { xMm: Mm; widthMm: Mm; elevation: Elevation } {
  const { wallId, xMm, widthMm, depthMm } = placeOnWall(piece, walls);
  const elevation = findOne(elevations, (e) => e.wallId === wallId);
  const wall = findOne(walls, (w) => w.id === wallId);
  const turned = Math.abs(((((wall.facingDeg - piece.turnDeg) % 360) + 540) % 360) - 180);
  if (turned <= BACKED_DEG) {
    const own = new Set([piece.id, ...placed.filter((p) => p.on.id === piece.id).map((p) => p.placement.id)]);
    const shapes = elevation.shapes.filter((s) => own.has(s.about) || s.depthMm < depthMm);
    return { xMm, widthMm, elevation: { ...elevation, shapes } };
  }
  const ground = elevation.shapes
    .filter((s) => s.about === 'wall')
    .map((s) => ({
      ...s,
      box: { ...s.box, xMm: -AROUND, widthMm: piece.widthMm + 2 * AROUND },
    }));
  return {
    xMm: 0,
    widthMm: piece.widthMm,
    elevation: { ...elevation, shapes: [...ground, ...frontView(piece, placed)] },
  };
}
