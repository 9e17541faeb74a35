import type { Mm } from '../../base/units';
import { sharedPart } from '../../geometry/convex';
import { alongWay, apart, insidePolygon, polygonArea, step, wayOf, type Point } from '../../geometry/plane';
import type { Piece } from '../../model/types';
import { footprint } from '../../room/place';

/** The way a piece's front looks. */
export const frontWay = (p: Pick<Piece, 'turnDeg'>): Point => wayOf(p.turnDeg + 180);
/** The middle of a piece's front edge. */
export const frontOf = (p: Piece): Point => step(p, frontWay(p), p.depthMm / 2);

/**
 * How a rug lies under a piece: how far it goes under from the front, or that all of the piece stands on it.
 */
export type Tuck = { tuckMm: Mm; allLegs: boolean; from: Point; to: Point };

export function tuckOf(rug: Piece, piece: Piece): Tuck {
  const [carpet, body] = [footprint(rug), footprint(piece)];
  const way = frontWay(piece);
  const front = frontOf(piece);
  const allLegs = body.every((c) => insidePolygon(c, carpet, 1));
  const shared = sharedPart(carpet, body);
  if (shared.length < 3) {
    const gap = apart(carpet, body);
    return { tuckMm: -gap.mm, allLegs, from: gap.from, to: gap.to };
  }
  const underMm = Math.max(...shared.map((p) => -alongWay(front, p, way)));
  return { tuckMm: underMm, allLegs, from: front, to: step(front, way, -underMm) };
}

/** What is left of a lower rug on each side of the one that lies on it, in the lower one's own directions. */
export function bordersOf(
  lower: Piece,
  upper: Piece,
): { side: 'back' | 'right' | 'front' | 'left'; mm: Mm; from: Point; to: Point }[] {
  const corners = footprint(upper);
  return (
    [
      ['back', 0, lower.depthMm],
      ['right', 90, lower.widthMm],
      ['front', 180, lower.depthMm],
      ['left', 270, lower.widthMm],
    ] as const
  ).map(([side, turn, size]) => {
    const way = wayOf(lower.turnDeg + turn);
    const reach = corners.reduce((best, c) =>
      alongWay(lower, c, way) > alongWay(lower, best, way) + 1e-6 ? c : best,
    );
    const acrossWay = wayOf(lower.turnDeg + turn + 90);
    const middle = step(upper, way, alongWay(upper, reach, way));
    const origin = step(middle, acrossWay, 0);
    const mm = size / 2 - alongWay(lower, reach, way);
    return { side, mm, from: origin, to: step(origin, way, mm) };
  });
}

/** The rug that another lies on: larger, and with the other's middle on it. */
export const liesOn = (upper: Piece, lower: Piece): boolean =>
  upper !== lower &&
  upper.widthMm * upper.depthMm < lower.widthMm * lower.depthMm &&
  insidePolygon(upper, footprint(lower), 0);

export const sharedArea = (a: readonly Point[], b: readonly Point[]): number => {
  const part = sharedPart(a, b);
  return part.length < 3 ? 0 : Math.abs(polygonArea(part));
};
