/**
 * What a mirror shows and what glares in glass: the eye is mirrored in the plane of the glass, and looks from there
 * through what it sees of it. Walls and furniture are in the way, of the glass and of what it shows. Lengths in mm.
 */
import { elementAt } from '../base/list';
import type { Mm } from '../base/units';
import { clipBy, isSome, without } from '../geometry/convex';
import { crossing, type Box, type Point } from '../geometry/plane';
import {
  cutSolid,
  inFrontOf,
  inRoom,
  mirroredIn,
  place3,
  seenOn,
  shadowOn,
  type Place3,
  type Surface,
} from '../geometry/space';
import type { OverheadPoint } from './ceiling';
import { pointOnWall, type Wall } from './walls';

export type { Place3 } from '../geometry/space';

/**
 * A glass on a wall: its middle along it, its lower and upper edge, and how far its lower edge stands out where it
 * leans.
 */
export type Glass = { wallId: string; xMm: Mm; widthMm: Mm; bottomMm: Mm; topMm: Mm; footMm: Mm };
/** A part of a wall that is seen in a glass: its corners along the wall and above the floor. Convex. */
export type Patch = { wallId: string; corners: Point[] };
/** Something upright that hides what is behind it: its outline on the plan, its lower and upper end. */
export type Solid = { id: string; outline: readonly Point[]; bottomMm: Mm; topMm: Mm };
/** A room as it is looked at: its walls, the upper edge of each, and what stands in it. */
export type Seen = {
  walls: readonly Wall[];
  tops: ReadonlyMap<string, readonly OverheadPoint[]>;
  solids: readonly Solid[];
};

/** Below and above anything that is looked at. */
const DEEP: Mm = -1000;
const HIGH: Mm = 100_000;
/** What is nearer than this to a plane is in it. */
const IN_PLANE: Mm = 1;

const surfaceOf = (wall: Wall): Surface => {
  const along = place3(
    (wall.to.xMm - wall.from.xMm) / wall.lengthMm,
    (wall.to.yMm - wall.from.yMm) / wall.lengthMm,
    0,
  );
  return {
    origin: place3(wall.from.xMm, wall.from.yMm, 0),
    along,
    up: place3(0, 0, 1),
    // into the room; corners run clockwise on the plan
    faces: place3(-along.yMm, along.xMm, 0),
  };
};

/** How far a place is in front of a wall's plane; negative behind it. */
export const distanceInFront = (wall: Wall, p: Point): Mm => inFrontOf(surfaceOf(wall), { ...p, zMm: 0 });

/** A place reflected in a wall's plane. */
export function mirrored(wall: Wall, p: Point): Point {
  const { xMm, yMm } = mirroredIn(surfaceOf(wall), { ...p, zMm: 0 });
  return { xMm, yMm };
}

/** A glass as it stands: from its lower left corner, up to where it touches the wall. */
type Pane = { surface: Surface; widthMm: Mm; heightMm: Mm };

function paneOf(glass: Glass, wall: Wall): Pane {
  const flat = surfaceOf(wall);
  const left = pointOnWall(wall, glass.xMm - glass.widthMm / 2);
  const risesMm = glass.topMm - glass.bottomMm;
  const heightMm = Math.hypot(risesMm, glass.footMm);
  const [sine, cosine] = heightMm > 0 ? [glass.footMm / heightMm, risesMm / heightMm] : [0, 1];
  const { along, faces } = flat;
  return {
    widthMm: glass.widthMm,
    heightMm,
    surface: {
      origin: place3(
        left.xMm + faces.xMm * glass.footMm,
        left.yMm + faces.yMm * glass.footMm,
        glass.bottomMm,
      ),
      along,
      up: place3(-faces.xMm * sine, -faces.yMm * sine, cosine),
      // tilted back, it faces up a little
      faces: place3(faces.xMm * cosine, faces.yMm * cosine, sine),
    },
  };
}

const cornersOf = ({ outline, bottomMm, topMm }: Omit<Solid, 'id'>): Place3[] =>
  outline.flatMap((p) => [place3(p.xMm, p.yMm, bottomMm), place3(p.xMm, p.yMm, topMm)]);

const solidOf = (wall: Wall): Place3[] =>
  cornersOf({ outline: [wall.from, wall.to], bottomMm: DEEP, topMm: HIGH });

/** What hides things in a room, as corners of convex solids; walls by their ids, which are never in their own way. */
type Hiding = { wallId: string | null; corners: Place3[] };

const hidingIn = ({ walls, solids }: Seen, glassWallId: string): Hiding[] => [
  ...walls
    .filter((wall) => wall.id !== glassWallId)
    .map((wall) => ({ wallId: wall.id, corners: solidOf(wall) })),
  ...solids.map((solid) => ({ wallId: null, corners: cornersOf(solid) })),
];

const cutOut = (pieces: readonly Point[][], covers: readonly Point[][]): Point[][] =>
  covers.reduce<Point[][]>(
    (left, cover) => (left.length === 0 ? left : left.flatMap((piece) => without(piece, cover))),
    [...pieces],
  );

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
    .filter(({ corners }) => view.meets(corners))
    .map(({ corners }) => shadowOn(surface, eye, corners));
  return cutOut([whole], covers);
}

/** Whether something lies in the wedge on the plan that an eye looks through, however far. */
function viewOver(eye: Point, through: readonly Point[]): { meets: (corners: readonly Point[]) => boolean } {
  const ways = through.map((p) => ({ xMm: p.xMm - eye.xMm, yMm: p.yMm - eye.yMm }));
  const cross = (a: Point, b: Point) => a.xMm * b.yMm - a.yMm * b.xMm;
  const middle = ways.reduce((m, w) => ({ xMm: m.xMm + w.xMm, yMm: m.yMm + w.yMm }), { xMm: 0, yMm: 0 });
  const [first, last] = ways.reduce<[Point, Point]>(
    ([low, high], way) => [cross(low, way) < 0 ? way : low, cross(high, way) > 0 ? way : high],
    [ways[0] ?? middle, ways[0] ?? middle],
  );
  return {
    meets: (corners) => {
      const from = corners.map((p) => ({ xMm: p.xMm - eye.xMm, yMm: p.yMm - eye.yMm }));
      const isAhead = from.some((p) => p.xMm * middle.xMm + p.yMm * middle.yMm > 0);
      return isAhead && !from.every((p) => cross(first, p) < 0) && !from.every((p) => cross(last, p) > 0);
    },
  };
}

/**
 * The parts of the walls that an eye sees in a glass, between floor and ceiling, without what corners and furniture
 * hide. Empty when it does not see the glass.
 */
export function patchesIn(glass: Glass, eye: Place3, room: Seen): Patch[] {
  const own = room.walls.find((w) => w.id === glass.wallId);
  if (!own) return [];
  const pane = paneOf(glass, own);
  const hiding = hidingIn(room, own.id);
  const pieces = seenOfGlass(pane, eye, hiding);
  if (pieces.length === 0) return [];
  const image = mirroredIn(pane.surface, eye);
  // only what is in front of the glass is mirrored
  const before = hiding.flatMap(({ wallId, corners }) => {
    const part = cutSolid(corners, (p) => inFrontOf(pane.surface, p) - IN_PLANE);
    return part.length < 3 ? [] : [{ wallId, corners: part }];
  });
  return room.walls
    .filter((wall) => wall.id !== own.id)
    .flatMap((wall) =>
      pieces
        .flatMap((piece) => seenOfWall(wall, piece, { pane, image, hiding: before, room }))
        .map((corners) => ({ wallId: wall.id, corners })),
    );
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
    .filter(({ wallId, corners }) => wallId !== wall.id && view.meets(corners))
    .map(({ corners }) => shadowOn(surface, image, corners));
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

/** Whether an eye sees a small thing in a glass. */
export function glintIn(glass: Glass, eye: Place3, thing: Place3, room: Seen): boolean {
  const own = room.walls.find((w) => w.id === glass.wallId);
  if (!own) return false;
  const pane = paneOf(glass, own);
  if (inFrontOf(pane.surface, thing) < IN_PLANE || inFrontOf(pane.surface, eye) < IN_PLANE) return false;
  const hit = seenOn(pane.surface, thing, mirroredIn(pane.surface, eye));
  const inside = (pieces: readonly Point[][]) => pieces.some((piece) => isInside(piece, hit));
  if (!inside(seenOfGlass(pane, eye, hidingIn(room, own.id)))) return false;
  return canSee(inRoom(pane.surface, hit), thing, { ...room, walls: room.walls.filter((w) => w !== own) });
}

const isInside = (piece: readonly Point[], { xMm, yMm }: Point): boolean => {
  const turn = (a: Point, b: Point) => (b.xMm - a.xMm) * (yMm - a.yMm) - (b.yMm - a.yMm) * (xMm - a.xMm);
  const turns = piece.map((a, i) => turn(a, elementAt(piece, (i + 1) % piece.length)));
  return turns.every((t) => t >= -1e-6) || turns.every((t) => t <= 1e-6);
};

/** Whether nothing stands between two places. */
export function canSee(from: Place3, to: Place3, { walls, solids }: Pick<Seen, 'walls' | 'solids'>): boolean {
  if (walls.some((wall) => crossing(from, to, wall.from, wall.to) !== undefined)) return false;
  return !solids.some((solid) => isBetween(solid, from, to));
}

/** Whether a straight line from one place to another runs through an upright solid. */
function isBetween({ outline, bottomMm, topMm }: Solid, from: Place3, to: Place3): boolean {
  let [start, end] = [0, 1];
  const keepWhere = (atStart: number, atEnd: number) => {
    if (atStart < 0 && atEnd < 0) [start, end] = [1, 0];
    if (atStart < 0 && atEnd >= 0) start = Math.max(start, atStart / (atStart - atEnd));
    if (atStart >= 0 && atEnd < 0) end = Math.min(end, atStart / (atStart - atEnd));
  };
  keepWhere(from.zMm - bottomMm, to.zMm - bottomMm);
  keepWhere(topMm - from.zMm, topMm - to.zMm);
  outline.forEach((a, i) => {
    const b = elementAt(outline, (i + 1) % outline.length);
    const side = (p: Point) => (b.xMm - a.xMm) * (p.yMm - a.yMm) - (b.yMm - a.yMm) * (p.xMm - a.xMm);
    keepWhere(side(from), side(to));
  });
  return end - start > 1e-6;
}

/** Does a patch show part of an upright box on its wall? */
export function showsBox({ corners }: Patch, { xMm, yMm, widthMm, heightMm }: Box): boolean {
  const keeps = [
    (p: Point) => p.xMm - xMm,
    (p: Point) => xMm + widthMm - p.xMm,
    (p: Point) => p.yMm - yMm,
    (p: Point) => yMm + heightMm - p.yMm,
  ];
  return isSome(keeps.reduce<Point[]>((part, keep) => clipBy(part, keep), [...corners]));
}
