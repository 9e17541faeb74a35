import { elementAt } from '../base/list';
import type { Mm } from '../base/units';
import { hullOf } from './convex';
import type { Point } from './plane';

/** A place in the room: on the plan, and above the floor. */
export type Place3 = Point & { zMm: Mm };

/** An upright or tilted surface: a corner, its ways along and up, and the way that it faces. All ways are of length 1. */
export type Surface = { origin: Place3; along: Place3; up: Place3; faces: Place3 };

export const place3 = (xMm: Mm, yMm: Mm, zMm: Mm): Place3 => ({ xMm, yMm, zMm });
export const minus = (a: Place3, b: Place3): Place3 => place3(a.xMm - b.xMm, a.yMm - b.yMm, a.zMm - b.zMm);
export const dot = (a: Place3, b: Place3): number => a.xMm * b.xMm + a.yMm * b.yMm + a.zMm * b.zMm;
export const towards = (a: Place3, b: Place3, t: number): Place3 =>
  place3(a.xMm + t * (b.xMm - a.xMm), a.yMm + t * (b.yMm - a.yMm), a.zMm + t * (b.zMm - a.zMm));

/** How far a place is in front of a surface; negative behind it. */
export const inFrontOf = (surface: Surface, p: Place3): Mm => dot(minus(p, surface.origin), surface.faces);

/** A place mirrored in a surface. */
export function mirroredIn(surface: Surface, p: Place3): Place3 {
  const d = 2 * inFrontOf(surface, p);
  const { faces } = surface;
  return place3(p.xMm - d * faces.xMm, p.yMm - d * faces.yMm, p.zMm - d * faces.zMm);
}

/** A place of a surface in its own coordinates, along and up from its corner. */
export const ontoSurface = (surface: Surface, p: Place3): Point => {
  const way = minus(p, surface.origin);
  return { xMm: dot(way, surface.along), yMm: dot(way, surface.up) };
};

/** The place in the room of a point of a surface. */
export const inRoom = ({ origin, along, up }: Surface, { xMm, yMm }: Point): Place3 =>
  place3(
    origin.xMm + xMm * along.xMm + yMm * up.xMm,
    origin.yMm + xMm * along.yMm + yMm * up.yMm,
    origin.zMm + xMm * along.zMm + yMm * up.zMm,
  );

/** Corners of the part of a convex solid where a linear measure is not negative. */
export function cutSolid(corners: readonly Place3[], keep: (p: Place3) => number): Place3[] {
  const kept = corners.map(keep);
  if (kept.every((k) => k >= 0)) return [...corners];
  if (kept.every((k) => k < 0)) return [];
  const part = corners.filter((_, i) => elementAt(kept, i) >= 0);
  corners.forEach((p, i) => {
    for (let j = i + 1; j < corners.length; j++) {
      const [kp, kq] = [elementAt(kept, i), elementAt(kept, j)];
      if (kp * kq < 0) part.push(towards(p, elementAt(corners, j), kp / (kp - kq)));
    }
  });
  return part;
}

/** Nearer than this to the eye nothing is looked at. */
const NEAR: Mm = 1;

/** Where the ray from an eye through a place meets a surface, in its own coordinates. */
export function seenOn(surface: Surface, eye: Place3, p: Place3): Point {
  const depth = inFrontOf(surface, eye);
  return ontoSurface(surface, towards(eye, p, depth / (depth - inFrontOf(surface, p))));
}

/** What a convex solid hides of a surface from an eye in front of it; empty where it is not between them. */
export function shadowOn(surface: Surface, eye: Place3, solid: readonly Place3[]): Point[] {
  const depth = inFrontOf(surface, eye);
  const before = cutSolid(solid, (p) => depth - NEAR - inFrontOf(surface, p));
  const between = cutSolid(before, (p) => inFrontOf(surface, p));
  return between.length < 3 ? [] : hullOf(between.map((p) => seenOn(surface, eye, p)));
}
