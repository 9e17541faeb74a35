import { clipBy, hullOf, isSome } from '../geometry/convex';
import { boundsOf, boxesMeet, type Box, type Point } from '../geometry/plane';
import {
  cutSolid,
  inFrontOf,
  inRoom,
  mirroredIn,
  seenOn,
  shadowOn,
  type Place3,
  type Surface,
} from '../geometry/space';
import {
  canSee,
  cutOut,
  IN_PLANE,
  isBetweenHeights,
  surfaceOf,
  viewOver,
  type Hiding,
  type Seen,
} from './reflect';

/** Something flat on a wall that may be seen in a glass. */
export type Shown = { wallId: string; box: Box };

/**
 * A wall's whole plane, or that of a leaning glass, as if it were all mirror: where on it an eye sees things. One holds
 * for every upright glass of a wall. What was asked once is remembered.
 */
export type MirrorPlane = {
  /** Whether a part of it shows anything of what is on a wall. What has an id is worked out once. */
  shows: (thing: Shown, id: string | null, part: Box) => boolean;
  /** Whether a part of it shows a small thing. */
  showsPlace: (thing: Place3, part: Box) => boolean;
};

export function mirrorPlane(surface: Surface, wallId: string, eye: Place3, room: Seen): MirrorPlane {
  if (inFrontOf(surface, eye) < IN_PLANE) return { shows: () => false, showsPlace: () => false };
  const image = mirroredIn(surface, eye);
  const hiding = room.hiding.filter((h) => h.wallId !== wallId);
  const others = { solids: room.solids, walls: room.walls.filter((w) => w.id !== wallId) };
  const whole = new Map<string, Point[]>();
  const seen = new Map<string, Point[][]>();
  const wholeOf = (thing: Shown, id: string | null): Point[] =>
    remembered(whole, id, () => onMirror(thing, { surface, image, room }));
  const seenOf = (thing: Shown, id: string | null): Point[][] =>
    remembered(seen, id, () => unhidden(wholeOf(thing, id), thing, { surface, eye, image, room, hiding }));
  return {
    shows: (thing, id, part) => {
      const there = wholeOf(thing, id);
      if (there.length < 3 || !boxesMeet(boundsOf(there), part)) return false;
      return seenOf(thing, id).some((piece) => isSome(withinBox(piece, part)));
    },
    showsPlace: (thing, part) => {
      if (inFrontOf(surface, thing) < IN_PLANE) return false;
      const at = seenOn(surface, thing, image);
      const isOn =
        at.xMm >= part.xMm &&
        at.xMm <= part.xMm + part.widthMm &&
        at.yMm >= part.yMm &&
        at.yMm <= part.yMm + part.heightMm;
      const hit = isOn ? inRoom(surface, at) : undefined;
      return hit !== undefined && canSee(eye, hit, others) && canSee(hit, thing, others);
    },
  };
}

function remembered<T>(known: Map<string, T>, id: string | null, make: () => T): T {
  if (id === null) return make();
  const value = known.get(id) ?? make();
  known.set(id, value);
  return value;
}

type Mirroring = { surface: Surface; image: Place3; room: Seen };

/** Where a thing of a wall is on a mirror's plane, whatever stands between; empty where only its back would be seen. */
function onMirror({ wallId, box }: Shown, { surface, image, room }: Mirroring): Point[] {
  const wall = room.walls.find((w) => w.id === wallId);
  if (!wall) return [];
  const own = surfaceOf(wall);
  if (inFrontOf(own, image) < IN_PLANE) return [];
  const { xMm, yMm, widthMm, heightMm } = box;
  const corners: Point[] = [
    { xMm, yMm },
    { xMm: xMm + widthMm, yMm },
    { xMm: xMm + widthMm, yMm: yMm + heightMm },
    { xMm, yMm: yMm + heightMm },
  ];
  return clipBy(corners, (p) => inFrontOf(surface, inRoom(own, p)) - IN_PLANE).map((p) =>
    seenOn(surface, image, inRoom(own, p)),
  );
}

/** What of it is seen there: walls and furniture hide the mirror from the eye, and the thing from the mirror. */
function unhidden(
  there: readonly Point[],
  { wallId }: Shown,
  { surface, eye, image, room, hiding }: Mirroring & { eye: Place3; hiding: readonly Hiding[] },
): Point[][] {
  const wall = room.walls.find((w) => w.id === wallId);
  if (!wall || !isSome(there)) return [];
  const own = surfaceOf(wall);
  const ends = there.map((p) => inRoom(surface, p));
  const heights = ends.map((p) => p.zMm);
  const fromEye = viewOver(eye, ends);
  const fromImage = viewOver(image, ends);
  const beforeMirror = hiding
    .filter(isBetweenHeights(eye, heights))
    .filter(({ corners }) => fromEye.meets(corners))
    .map(({ corners }) => shadowOn(surface, eye, corners));
  const beforeThing = hiding
    .filter((h) => h.wallId !== wallId && fromImage.meets(h.corners))
    .map(({ corners }) =>
      cutSolid(
        cutSolid(corners, (p) => inFrontOf(surface, p) - IN_PLANE),
        (p) => inFrontOf(own, p) - IN_PLANE,
      ),
    )
    .map((corners) => hullOf(corners.map((p) => seenOn(surface, image, p))));
  return cutOut([[...there]], [...beforeMirror, ...beforeThing]).filter(isSome);
}

/** The part of a convex polygon within a box. */
function withinBox(polygon: readonly Point[], { xMm, yMm, widthMm, heightMm }: Box): Point[] {
  const keeps = [
    (p: Point) => p.xMm - xMm,
    (p: Point) => xMm + widthMm - p.xMm,
    (p: Point) => p.yMm - yMm,
    (p: Point) => yMm + heightMm - p.yMm,
  ];
  return keeps.reduce<Point[]>((part, keep) => clipBy(part, keep), [...polygon]);
}
