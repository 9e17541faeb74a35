import { findOne } from '../../core/base/list';
import { inches, type Mm } from '../../core/base/units';
import type { Box } from '../../core/geometry/plane';
import type { BedPiece } from '../../core/room/made';
import type { Plan } from '../../core/plan/planLook';
import { bedSideView } from '../../core/plan/scene/scene';
import { placeOnWall } from '../../core/room/place';
import type { Elevation } from '../../core/room/shape';
import { pieceView } from '../shell/drawing/pieceView';

/** Wall that is shown beside and over a bed: enough for both bedsides. */
const BESIDE: Mm = inches(30);
const AT_HEAD: Mm = inches(6);
const AT_FOOT: Mm = inches(14);
const OVER: Mm = inches(14);
const LEAST_HIGH: Mm = inches(52);

/** A bed seen from one side: where it begins, what is drawn, and which part of that is shown. */
export type BedView = { xMm: Mm; elevation: Elevation; region: Box };

const heightOf = (piece: BedPiece, ceilingMm: Mm): Mm =>
  Math.min(ceilingMm, Math.max(piece.heightMm + OVER, piece.bed.mattressMm + OVER * 2, LEAST_HIGH));

/** A bed from its foot, with the wall behind it and both bedsides. */
export function footView(piece: BedPiece, plan: Plan, ceilingMm: Mm): BedView {
  const { xMm, widthMm, elevation } = pieceView(piece, plan);
  return {
    xMm,
    elevation,
    region: {
      xMm: xMm - BESIDE,
      yMm: 0,
      widthMm: widthMm + 2 * BESIDE,
      heightMm: heightOf(piece, ceilingMm),
    },
  };
}

/** A bed from its side, its head on the left. */
export function sideView(piece: BedPiece, plan: Plan, ceilingMm: Mm): BedView {
  const { wallId } = placeOnWall(piece, plan.walls);
  const elevation = findOne(plan.elevations, (e) => e.wallId === wallId);
  const region = {
    xMm: -AT_HEAD,
    yMm: 0,
    widthMm: piece.depthMm + AT_HEAD + AT_FOOT,
    heightMm: heightOf(piece, ceilingMm),
  };
  const ground = elevation.shapes
    .filter((s) => s.about === 'wall')
    .map((s) => ({ ...s, box: { ...s.box, xMm: region.xMm, widthMm: region.widthMm } }));
  const shapes = [...ground, ...bedSideView(piece, plan.placed)];
  return { xMm: 0, elevation: { ...elevation, shapes }, region };
}
