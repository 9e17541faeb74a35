import { findOne } from '../../core/base/list';
import { inches, type Mm } from '../../core/base/units';
import { alongWay, wayOf, type Box } from '../../core/geometry/plane';
import type { RoomFile } from '../../core/model/types';
import type { Plan } from '../../core/plan/planLook';
import { frontView } from '../../core/plan/scene/scene';
import { seenAgainst } from '../../core/room/placed';
import type { Elevation } from '../../core/room/shape';
import { middleOf, type Spot } from '../../core/room/spots/spot';
import type { SurfacePlan } from '../../core/stages/surfaces/planSurface';

/** Turned by more than this, a thing does not stand with its back to its wall. */
const BACKED_DEG = 0.5;
/** What is shown beside a surface, below it and at most above it. */
const BESIDE: Mm = inches(12);
const BELOW: Mm = inches(16);
const ABOVE: Mm = inches(44);
const LEAST: Mm = inches(20);
/** Wall that is shown beside and over what stands free. */
const AROUND: Mm = 2000;

export type SurfaceView = {
  elevation: Elevation;
  region: Box;
  /** Left end of the surface on the drawing. */
  leftMm: Mm;
  /** What the drawing is about; everything else only stands behind it. */
  own: ReadonlySet<string>;
};

/** A surface as somebody in front of it sees it: with its wall behind it, or on its own where it stands free. */
export function surfaceView(
  { spot, freeMm, under, things }: SurfacePlan,
  file: RoomFile,
  plan: Plan,
): SurfaceView {
  const seen = onItsWall(spot, plan) ?? onItsOwn(spot, file, plan);
  const highestMm = Math.max(0, ...things.map((t) => t.topMm - spot.zMm));
  const bottomMm = shownFrom(spot.zMm);
  // under a high ceiling only what stands there is shown, with some air
  const isOpen = under === null || (under !== 'board' && under.kind === 'ceiling');
  const wantedMm = isOpen ? Math.max(highestMm + inches(6), LEAST) : Math.max(freeMm, highestMm);
  const aboveMm = Math.min(wantedMm, ABOVE, isOpen ? freeMm : Infinity) + inches(6);
  const topMm = Math.min(Math.max(file.room.ceilingMm, spot.zMm + highestMm), spot.zMm + aboveMm);
  return {
    ...seen,
    region: {
      xMm: seen.leftMm - BESIDE,
      yMm: bottomMm,
      widthMm: spot.widthMm + 2 * BESIDE,
      heightMm: Math.max(inches(12), topMm - bottomMm),
    },
  };
}

/** A stretch below a surface; all of it down to the floor where no more would be left than that. */
const shownFrom = (zMm: Mm): Mm => (zMm - BELOW < BELOW ? 0 : zMm - BELOW);

/** What is nearer to the one who looks than the surface's front would hide it, and is left out. */
function onItsWall(spot: Spot, plan: Plan): Omit<SurfaceView, 'region'> | undefined {
  const host = plan.elevations.find((e) => e.wallId === spot.of || e.shapes.some((s) => s.about === spot.of));
  const wall = plan.walls.find((w) => w.id === host?.wallId);
  if (!host || !wall) return undefined;
  const turned = Math.abs(((((wall.facingDeg - spot.turnDeg) % 360) + 540) % 360) - 180);
  if (turned > BACKED_DEG) return undefined;
  const { turnDeg, widthMm, depthMm } = spot;
  const at = seenAgainst(wall, { ...middleOf(spot), turnDeg, widthMm, depthMm, heightMm: 0 });
  const own = ownOf(spot, plan);
  const shapes = host.shapes.filter((s) => own.has(s.about) || s.depthMm < at.awayMm + depthMm / 2);
  return { elevation: { ...host, shapes }, leftMm: at.xMm, own };
}

const ownOf = (spot: Spot, { placed }: Plan): ReadonlySet<string> =>
  new Set([spot.of, ...placed.filter((p) => p.on.id === spot.of).map((p) => p.placement.id)]);

function onItsOwn(spot: Spot, file: RoomFile, plan: Plan): Omit<SurfaceView, 'region'> {
  const elevation = findOne(plan.elevations, (e) => e.shapes.some((s) => s.about === 'wall'));
  const piece = file.pieces.find((p) => p.id === spot.of);
  const ground = elevation.shapes
    .filter((s) => s.about === 'wall')
    .map((s) => ({ ...s, box: { ...s.box, xMm: -AROUND, widthMm: spot.widthMm + 2 * AROUND } }));
  const front = piece ? frontView(piece, plan.placed) : [];
  // along the piece's front, which is drawn from its left end
  const along = wayOf(spot.turnDeg + 90);
  const leftMm = piece ? piece.widthMm / 2 + alongWay(piece, spot.middle, along) - spot.widthMm / 2 : 0;
  return { elevation: { ...elevation, shapes: [...ground, ...front] }, leftMm, own: ownOf(spot, plan) };
}
