/**
 * Looking into glass: the eye is mirrored in the plane of the glass, and looks from there through what it sees of it.
 * Walls and furniture are in the way, of the glass and of what it shows. Lengths in mm.
 */
import { elementAt } from '../base/list';
import type { Mm } from '../base/units';
import { without } from '../geometry/convex';
import { crossing, type Box, type Point } from '../geometry/plane';
import { inFrontOf, mirroredIn, place3, type Place3, type Surface } from '../geometry/space';
import type { OverheadPoint } from './ceiling';
import { pointOnWall, type Wall } from './walls';

export type { Place3 } from '../geometry/space';

/**
 * A glass on a wall: its middle along it, its lower and upper edge, and how far its lower edge stands out where it
 * leans.
 */
export type Glass = { wallId: string; xMm: Mm; widthMm: Mm; bottomMm: Mm; topMm: Mm; footMm: Mm };
/** Something upright that hides what is behind it: its outline on the plan, its lower and upper end. */
export type Solid = { id: string; outline: readonly Point[]; bottomMm: Mm; topMm: Mm };
/** What hides things in a room, as corners of convex solids; walls by their ids, which are never in their own way. */
export type Hiding = {
  wallId: string | null;
  solidId: string | null;
  corners: Place3[];
  bottomMm: Mm;
  topMm: Mm;
};

/** A room as it is looked at: its walls, the upper edge of each, and what stands in it. */
export type Seen = {
  walls: readonly Wall[];
  tops: ReadonlyMap<string, readonly OverheadPoint[]>;
  solids: readonly Solid[];
  /** What hides things in it. */
  hiding: readonly Hiding[];
};
/** Below and above anything that is looked at. */
const DEEP: Mm = -1000;
const HIGH: Mm = 100_000;
/** What is nearer than this to a plane is in it. */
export const IN_PLANE: Mm = 1;

export const surfaceOf = (wall: Wall): Surface => {
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
export type Pane = { surface: Surface; widthMm: Mm; heightMm: Mm };

export function paneOf(glass: Glass, wall: Wall): Pane {
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

/** Whether a room turns outwards only, so that none of its walls is in the way of another. */
const isConvex = (walls: readonly Wall[]): boolean =>
  walls.every((wall, i) => {
    const next = elementAt(walls, (i + 1) % walls.length);
    return distanceInFront(wall, next.to) >= -IN_PLANE;
  });

/** A room to be looked at. */
export function roomSeen({ walls, tops, solids }: Omit<Seen, 'hiding'>): Seen {
  const hiding = [
    ...(isConvex(walls) ? [] : walls).map((wall) => ({
      wallId: wall.id,
      solidId: null,
      corners: solidOf(wall),
      bottomMm: DEEP,
      topMm: HIGH,
    })),
    ...solids.map((solid) => ({
      wallId: null,
      solidId: solid.id,
      corners: cornersOf(solid),
      bottomMm: solid.bottomMm,
      topMm: solid.topMm,
    })),
  ];
  return { walls, tops, solids, hiding };
}

/** A room with less in the way: without the solids of these ids. */
export const clearedOf = (room: Seen, ids: ReadonlySet<string>): Seen =>
  ids.size === 0
    ? room
    : {
        ...room,
        solids: room.solids.filter(({ id }) => !ids.has(id)),
        hiding: room.hiding.filter(({ solidId }) => solidId === null || !ids.has(solidId)),
      };

export const cutOut = (pieces: readonly Point[][], covers: readonly Point[][]): Point[][] =>
  covers.reduce<Point[][]>(
    (left, cover) => (left.length === 0 ? left : left.flatMap((piece) => without(piece, cover))),
    [...pieces],
  );

/** What reaches to a height that a ray from an eye to places of these heights runs at. */
export function isBetweenHeights(eye: Place3, heightsMm: readonly Mm[]): (hiding: Hiding) => boolean {
  const lowMm = Math.min(eye.zMm, ...heightsMm);
  const highMm = Math.max(eye.zMm, ...heightsMm);
  return ({ bottomMm, topMm }) => topMm > lowMm && bottomMm < highMm;
}

/** Whether something lies in the wedge on the plan that an eye looks through, however far. */
export function viewOver(
  eye: Point,
  through: readonly Point[],
): { meets: (corners: readonly Point[]) => boolean } {
  const ways = through.map((p) => ({ xMm: p.xMm - eye.xMm, yMm: p.yMm - eye.yMm }));
  const cross = (a: Point, b: Point) => a.xMm * b.yMm - a.yMm * b.xMm;
  const some = elementAt(ways, 0);
  const first = ways.reduce((low, way) => (cross(low, way) < 0 ? way : low), some);
  const last = ways.reduce((high, way) => (cross(high, way) > 0 ? way : high), some);
  const [midX, midY] = [first.xMm + last.xMm, first.yMm + last.yMm];
  const meets = (corners: readonly Point[]): boolean => {
    let [ahead, right, left] = [false, false, false];
    for (const { xMm, yMm } of corners) {
      const [x, y] = [xMm - eye.xMm, yMm - eye.yMm];
      ahead ||= x * midX + y * midY > 0;
      right ||= first.xMm * y - first.yMm * x >= 0;
      left ||= last.xMm * y - last.yMm * x <= 0;
      if (ahead && right && left) return true;
    }
    return false;
  };
  return { meets };
}

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

/** The plane of a glass, and which part of it the glass is. */
export function planeOf(glass: Glass, walls: readonly Wall[]): { surface: Surface; part: Box } | undefined {
  const wall = walls.find((w) => w.id === glass.wallId);
  if (!wall) return undefined;
  if (glass.footMm > 0) {
    const { surface, widthMm, heightMm } = paneOf(glass, wall);
    return { surface, part: { xMm: 0, yMm: 0, widthMm, heightMm } };
  }
  const { xMm, widthMm, bottomMm, topMm } = glass;
  return {
    surface: surfaceOf(wall),
    part: { xMm: xMm - widthMm / 2, yMm: bottomMm, widthMm, heightMm: topMm - bottomMm },
  };
}
