import { elementAt, first } from '../base/list';
import type { Mm } from '../base/units';
import { step, wayOf, type Point } from '../geometry/plane';
import type { Opening } from '../model/types';
import { pointOnWall, type Wall } from './walls';

/**
 * One leaf or sash that swings: its hinge, its tip when closed and when open at a right angle, and what it
 * sweeps over.
 */
export type Swing = {
  hinge: Point;
  closed: Point;
  open: Point;
  sweeps: Point[];
  inwards: boolean;
  widthMm: Mm;
};

const PARTS = 8;

/**
 * The leaves of an opening that turn on hinges; none for fixed panes and sliding sashes. Left and right are
 * as seen from inside the room.
 */
export function swingsOf(o: Opening, wall: Wall): Swing[] {
  if ((o.opens !== 'in' && o.opens !== 'out') || o.hinge === 'none') return [];
  const inwards = o.opens === 'in';
  const widthMm = o.hinge === 'both' ? o.widthMm / 2 : o.widthMm;
  const side = wayOf(wall.facingDeg + (inwards ? 180 : 0));
  const alongWall = wayOf(wall.facingDeg + 90);
  const leaf = (left: boolean): Swing => {
    const hinge = pointOnWall(wall, left ? o.xMm : o.xMm + o.widthMm);
    const tip = (turn: number): Point =>
      step(
        step(hinge, alongWall, (left ? 1 : -1) * widthMm * Math.cos(turn)),
        side,
        widthMm * Math.sin(turn),
      );
    const arc = Array.from({ length: PARTS + 1 }, (_, i) => tip((i / PARTS) * (Math.PI / 2)));
    const sweeps = [hinge, ...arc];
    // clockwise on the plan, as polygons are
    return {
      hinge,
      closed: first(arc),
      open: elementAt(arc, PARTS),
      sweeps: left === inwards ? sweeps : [hinge, ...arc.reverse()],
      inwards,
      widthMm,
    };
  };
  return o.hinge === 'both' ? [leaf(true), leaf(false)] : [leaf(o.hinge === 'left')];
}
