import type { Mm } from '../../base/units';
import { sharedPart } from '../../geometry/convex';
import { alongWay, type Point } from '../../geometry/plane';

/** A rectangle of floor that is looked at: a corner of it, and the two ways that it goes from there. */
type Frame = { from: Point; along: Point; out: Point };
type Area = { widthMm: Mm; depthMm: Mm };

/** What only touches takes nothing. */
const TOUCH: Mm = 1;

/**
 * The largest rectangle of free floor in a frame's corner: no wider and no deeper than asked, cut short by whatever is in
 * it, along the frame's ways. It doesn't depend on the order of the obstacles. Of two that are as large the wider one.
 */
export function freeFloor(frame: Frame, most: Area, obstacles: readonly (readonly Point[])[]): Area {
  const taken = obstacles.flatMap((obstacle) => takenOf(frame, most, obstacle) ?? []);
  const widths = [most.widthMm, ...taken.map(({ alongMm }) => alongMm)];
  let best: Area = { widthMm: 0, depthMm: 0 };
  for (const widthMm of widths) {
    const inTheWay = taken.filter(({ alongMm }) => alongMm < widthMm - TOUCH);
    const depthMm = Math.min(most.depthMm, ...inTheWay.map(({ outMm }) => outMm));
    const gainMm2 = widthMm * depthMm - best.widthMm * best.depthMm;
    if (gainMm2 > TOUCH || (gainMm2 > -TOUCH && widthMm > best.widthMm)) best = { widthMm, depthMm };
  }
  return best;
}

/** From where on an obstacle takes up the rectangle, each way; undefined where it is not in it. */
function takenOf({ from, along, out }: Frame, most: Area, obstacle: readonly Point[]) {
  const corners = obstacle.map((p) => ({ xMm: alongWay(from, p, along), yMm: alongWay(from, p, out) }));
  const [a, b] = corners;
  const isLine = corners.length === 2 && a !== undefined && b !== undefined;
  const met = isLine ? within(a, b, most) : sharedPart(corners, inside(most));
  if (met.length === 0) return undefined;
  return {
    alongMm: Math.max(0, Math.min(...met.map((p) => p.xMm))),
    outMm: Math.max(0, Math.min(...met.map((p) => p.yMm))),
  };
}

/** The rectangle itself, without its rim, where things only touch it. */
function inside({ widthMm, depthMm }: Area): Point[] {
  const [right, front] = [widthMm - TOUCH, depthMm - TOUCH];
  return [
    { xMm: TOUCH, yMm: TOUCH },
    { xMm: right, yMm: TOUCH },
    { xMm: right, yMm: front },
    { xMm: TOUCH, yMm: front },
  ];
}

/** The ends of the part of a line that is inside of a rectangle from the origin (Liang and Barsky, ACM TOG 3, 1984). */
function within(a: Point, b: Point, { widthMm, depthMm }: Area): Point[] {
  const [dx, dy] = [b.xMm - a.xMm, b.yMm - a.yMm];
  let [first, last] = [0, 1];
  const sides = [
    [-dx, a.xMm - TOUCH],
    [dx, widthMm - TOUCH - a.xMm],
    [-dy, a.yMm - TOUCH],
    [dy, depthMm - TOUCH - a.yMm],
  ] as const;
  for (const [towards, room] of sides) {
    if (towards === 0 && room < 0) return [];
    if (towards < 0) first = Math.max(first, room / towards);
    if (towards > 0) last = Math.min(last, room / towards);
  }
  if (first > last) return [];
  return [first, last].map((t) => ({ xMm: a.xMm + t * dx, yMm: a.yMm + t * dy }));
}
