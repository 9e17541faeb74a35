import { elementAt } from '../base/list';
import { clipBy, isSome } from '../geometry/convex';
import type { Point } from '../geometry/plane';
import { cutSolid, inFrontOf, inRoom, mirroredIn, seenOn, shadowOn, type Place3 } from '../geometry/space';
import type { OverheadPoint } from './ceiling';
import {
  cutOut,
  IN_PLANE,
  isBetweenHeights,
  paneOf,
  surfaceOf,
  viewOver,
  type Glass,
  type Hiding,
  type Pane,
  type Seen,
} from './reflect';
import type { Wall } from './walls';

/** A part of a wall that is seen in a glass: its corners along the wall and above the floor. Convex. */
export type Patch = { wallId: string; corners: Point[] };
/**
 * The parts of the walls that an eye sees in a glass, between floor and ceiling, without what corners and furniture
 * hide. Nothing where it does not see the glass.
 */
export function patchesIn(glass: Glass, eye: Place3, room: Seen): Patch[] {
  const own = room.walls.find((w) => w.id === glass.wallId);
  if (!own) return [];
  const pane = paneOf(glass, own);
  const hiding = room.hiding.filter(({ wallId }) => wallId !== own.id);
  const pieces = seenOfGlass(pane, eye, hiding);
  if (pieces.length === 0) return [];
  const looking = { pane, image: mirroredIn(pane.surface, eye), hiding, room };
  return room.walls
    .filter((wall) => wall.id !== own.id)
    .flatMap((wall) =>
      pieces
        .flatMap((piece) => seenOfWall(wall, piece, looking))
        .map((corners) => ({ wallId: wall.id, corners })),
    );
}

/** What an eye sees of a glass, in pieces from its lower left corner; nothing from behind it or in its plane. */
function seenOfGlass(
  { surface, widthMm, heightMm }: Pane,
  eye: Place3,
  hiding: readonly Hiding[],
): Point[][] {
  if (inFrontOf(surface, eye) < IN_PLANE) return [];
  const whole: Point[] = [
    { xMm: 0, yMm: 0 },
    { xMm: widthMm, yMm: 0 },
    { xMm: widthMm, yMm: heightMm },
    { xMm: 0, yMm: heightMm },
  ];
  const view = viewOver(eye, [inRoom(surface, whole[0]!), inRoom(surface, whole[1]!)]);
  const covers = hiding
    .filter(
      isBetweenHeights(
        eye,
        [0, heightMm].map((yMm) => inRoom(surface, { xMm: 0, yMm }).zMm),
      ),
    )
    .filter(({ corners }) => view.meets(corners))
    .map(({ corners }) => shadowOn(surface, eye, corners));
  return cutOut([whole], covers);
}

type Looking = { pane: Pane; image: Place3; hiding: readonly Hiding[]; room: Seen };

/** What is seen of one wall through a piece of the glass. */
function seenOfWall(wall: Wall, piece: readonly Point[], { pane, image, hiding, room }: Looking): Point[][] {
  const surface = surfaceOf(wall);
  const eyeMm = inFrontOf(surface, image);
  const depthOf = (p: Point) => inFrontOf(surface, inRoom(pane.surface, p));
  // the part of the glass through which a ray comes to this wall's face
  const through = clipBy(
    clipBy(piece, (p) => depthOf(p) - IN_PLANE),
    (p) => eyeMm - IN_PLANE - depthOf(p),
  );
  if (!isSome(through)) return [];
  const ends = through.map((p) => inRoom(pane.surface, p));
  const onWall = ends.map((p) => seenOn(surface, image, p));
  const within = betweenFloorAndCeiling(onWall, wall, room.tops.get(wall.id) ?? []);
  if (within.length === 0) return [];
  const view = viewOver(image, ends);
  const covers = hiding
    .filter(
      isBetweenHeights(
        image,
        within.flat().map((p) => p.yMm),
      ),
    )
    .filter(({ wallId, corners }) => wallId !== wall.id && view.meets(corners))
    // only what is in front of the glass is mirrored
    .map(({ corners }) => cutSolid(corners, (p) => inFrontOf(pane.surface, p) - IN_PLANE))
    .map((corners) => (corners.length < 3 ? [] : shadowOn(surface, image, corners)));
  return cutOut(within, covers).filter(isSome);
}

/** The part of a picture on a wall's plane that is on the wall: along its length, over the floor, under what is above. */
function betweenFloorAndCeiling(
  picture: readonly Point[],
  wall: Wall,
  top: readonly OverheadPoint[],
): Point[][] {
  const overFloor = clipBy(picture, (p) => p.yMm);
  return top.slice(1).flatMap((end, i) => {
    const start = elementAt(top, i);
    const wide = Math.min(end.xMm, wall.lengthMm) - start.xMm;
    if (wide <= 0 || overFloor.length === 0) return [];
    const slope = (end.heightMm - start.heightMm) / (end.xMm - start.xMm);
    const column = clipBy(
      clipBy(overFloor, (p) => p.xMm - start.xMm),
      (p) => start.xMm + wide - p.xMm,
    );
    const part = clipBy(column, (p) => start.heightMm + slope * (p.xMm - start.xMm) - p.yMm);
    return isSome(part) ? [part] : [];
  });
}
