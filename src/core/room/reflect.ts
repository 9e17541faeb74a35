/**
 * What a mirror shows and what glares in glass: the eye is reflected in the plane of the glass, and looks
 * from there through it. Lengths in mm.
 */
import { elementAt } from '../base/list';
import { clamp, type Mm } from '../base/units';
import { crossing, type Point } from '../geometry/plane';
import { pointOnWall, type Wall } from './walls';

/** A place in the room: on the plan, and above the floor. */
export type Place3 = Point & { zMm: Mm };
/** An upright glass on a wall: its middle along it, its lower and upper edge. */
export type Glass = { wallId: string; xMm: Mm; widthMm: Mm; bottomMm: Mm; topMm: Mm };
/**
 * The part of a wall that is seen in a glass: from one upright edge to the other, with where its lower and
 * upper edge run.
 */
export type Patch = {
  wallId: string;
  fromXMm: Mm;
  toXMm: Mm;
  fromBottomMm: Mm;
  fromTopMm: Mm;
  toBottomMm: Mm;
  toTopMm: Mm;
};

const wayAlong = (wall: Wall): Point => ({
  xMm: (wall.to.xMm - wall.from.xMm) / wall.lengthMm,
  yMm: (wall.to.yMm - wall.from.yMm) / wall.lengthMm,
});
/** Into the room; corners run clockwise on the plan. */
const wayIn = (wall: Wall): Point => {
  const u = wayAlong(wall);
  return { xMm: -u.yMm, yMm: u.xMm };
};

/** How far a place is in front of a wall's plane; negative behind it. */
export const distanceInFront = (wall: Wall, p: Point): Mm => {
  const n = wayIn(wall);
  return (p.xMm - wall.from.xMm) * n.xMm + (p.yMm - wall.from.yMm) * n.yMm;
};

/** A place reflected in a wall's plane. */
export function mirrored(wall: Wall, p: Point): Point {
  const n = wayIn(wall);
  const d = distanceInFront(wall, p);
  return { xMm: p.xMm - 2 * d * n.xMm, yMm: p.yMm - 2 * d * n.yMm };
}

/**
 * The parts of the walls that an eye sees in a glass. Between the directions to the edges of the glass and to
 * the room's corners the ray meets one wall; on a flat wall the picture of an upright rectangle has straight
 * edges, so its ends say all. Furniture is not in the way. Empty when the eye is behind the glass or in its
 * plane.
 */
export function patchesIn(glass: Glass, eye: Place3, walls: readonly Wall[]): Patch[] {
  const wall = walls.find((w) => w.id === glass.wallId);
  if (!wall || distanceInFront(wall, eye) < 1) return [];
  const image = mirrored(wall, eye);
  const [left, right] = [
    pointOnWall(wall, glass.xMm - glass.widthMm / 2),
    pointOnWall(wall, glass.xMm + glass.widthMm / 2),
  ];
  const u = wayAlong(wall);
  // where along the glass's wall a direction crosses its plane
  const hitAt = (p: Point): Mm | undefined => {
    const dp = distanceInFront(wall, p);
    if (dp < 1) return undefined;
    const df = distanceInFront(wall, image);
    const t = -df / (dp - df);
    return (
      (image.xMm + t * (p.xMm - image.xMm) - wall.from.xMm) * u.xMm +
      (image.yMm + t * (p.yMm - image.yMm) - wall.from.yMm) * u.yMm
    );
  };
  const [a, b] = [glass.xMm - glass.widthMm / 2, glass.xMm + glass.widthMm / 2];
  const stops = [
    a,
    b,
    ...walls.flatMap((w) => {
      const x = hitAt(w.from);
      return x !== undefined && x > a + 1e-6 && x < b - 1e-6 ? [x] : [];
    }),
  ].sort((p, q) => p - q);
  const patches: Patch[] = [];
  for (let i = 0; i + 1 < stops.length; i++) {
    const [x0, x1] = [elementAt(stops, i), elementAt(stops, i + 1)];
    if (x1 - x0 < 1e-3) continue;
    const hit = firstWall((x0 + x1) / 2);
    if (!hit) continue;
    const [h0, h1] = [onto(hit, x0), onto(hit, x1)];
    if (!h0 || !h1) continue;
    // seen in the glass from left to right, a wall in front of it runs from right to left
    const [p, q] = h0.xMm < h1.xMm ? [h0, h1] : [h1, h0];
    const z = (edge: Mm, t: number) => eye.zMm + (edge - eye.zMm) * t;
    patches.push({
      wallId: hit.id,
      fromXMm: clamp(p.xMm, 0, hit.lengthMm),
      toXMm: clamp(q.xMm, 0, hit.lengthMm),
      fromBottomMm: z(glass.bottomMm, p.t),
      fromTopMm: z(glass.topMm, p.t),
      toBottomMm: z(glass.bottomMm, q.t),
      toTopMm: z(glass.topMm, q.t),
    });
  }
  return patches.filter((p) => p.toXMm - p.fromXMm > 1);

  function rayThrough(x: Mm): { crossing: Point } {
    return {
      crossing: {
        xMm: left.xMm + ((x - a) / (b - a)) * (right.xMm - left.xMm),
        yMm: left.yMm + ((x - a) / (b - a)) * (right.yMm - left.yMm),
      },
    };
  }
  /**
   * Where the ray through a place of the glass meets a wall's line: how far along the wall, and how many
   * times as far as the glass.
   */
  function onto(w: Wall, x: Mm): { xMm: Mm; t: number } | undefined {
    const { crossing } = rayThrough(x);
    const [rx, ry] = [crossing.xMm - image.xMm, crossing.yMm - image.yMm];
    const v = wayAlong(w);
    const cross = rx * v.yMm - ry * v.xMm;
    if (Math.abs(cross) < 1e-9) return undefined;
    const [dx, dy] = [w.from.xMm - image.xMm, w.from.yMm - image.yMm];
    return { t: (dx * v.yMm - dy * v.xMm) / cross, xMm: (dx * ry - dy * rx) / cross };
  }
  function firstWall(x: Mm): Wall | undefined {
    let best: { wall: Wall; t: number } | undefined;
    for (const w of walls) {
      if (w.id === glass.wallId) continue;
      const hit = onto(w, x);
      if (
        hit &&
        hit.t > 1 + 1e-6 &&
        hit.xMm > -1e-6 &&
        hit.xMm < w.lengthMm + 1e-6 &&
        (!best || hit.t < best.t)
      )
        best = { wall: w, t: hit.t };
    }
    return best?.wall;
  }
}

/**
 * Where in the glass an eye sees a thing: along the wall and above the floor; undefined when it does not, or
 * a wall is between.
 */
export function glintIn(
  glass: Glass,
  eye: Place3,
  thing: Place3,
  walls: readonly Wall[],
): { xMm: Mm; zMm: Mm } | undefined {
  const wall = walls.find((w) => w.id === glass.wallId);
  if (!wall) return undefined;
  const [de, dt] = [distanceInFront(wall, eye), distanceInFront(wall, thing)];
  if (de < 1 || dt < 1) return undefined;
  const image = mirrored(wall, eye);
  const t = de / (de + dt);
  const hit: Point = {
    xMm: image.xMm + t * (thing.xMm - image.xMm),
    yMm: image.yMm + t * (thing.yMm - image.yMm),
  };
  const u = wayAlong(wall);
  const xMm = (hit.xMm - wall.from.xMm) * u.xMm + (hit.yMm - wall.from.yMm) * u.yMm;
  const zMm = eye.zMm + t * (thing.zMm - eye.zMm);
  if (Math.abs(xMm - glass.xMm) > glass.widthMm / 2 || zMm < glass.bottomMm || zMm > glass.topMm)
    return undefined;
  const blocked = (p: Point) =>
    walls.some((w) => w.id !== glass.wallId && crossing(p, hit, w.from, w.to) !== undefined);
  return blocked(eye) || blocked(thing) ? undefined : { xMm, zMm };
}

/** Does a patch show part of an upright box on its wall? */
export function showsBox(patch: Patch, box: { xMm: Mm; yMm: Mm; widthMm: Mm; heightMm: Mm }): boolean {
  const [x0, x1] = [Math.max(patch.fromXMm, box.xMm), Math.min(patch.toXMm, box.xMm + box.widthMm)];
  if (x1 - x0 < 1) return false;
  const wide = Math.max(1, patch.toXMm - patch.fromXMm);
  const edge = (startMm: Mm, endMm: Mm, x: Mm) => startMm + ((x - patch.fromXMm) / wide) * (endMm - startMm);
  const low = Math.min(
    edge(patch.fromBottomMm, patch.toBottomMm, x0),
    edge(patch.fromBottomMm, patch.toBottomMm, x1),
  );
  const high = Math.max(edge(patch.fromTopMm, patch.toTopMm, x0), edge(patch.fromTopMm, patch.toTopMm, x1));
  return Math.min(high, box.yMm + box.heightMm) - Math.max(low, box.yMm) > 1;
}
