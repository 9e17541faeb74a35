import { feet, type Mm } from '../../../base/units';
import { sharedPart } from '../../../geometry/convex';
import { alongWay, step, wayOf, type Point } from '../../../geometry/plane';
import type { Piece } from '../../../model/types';
import {
  EPSILON_MM,
  floorFinding,
  obstaclesOf,
  type FloorContext,
  type FloorFinding,
  type Line,
} from '../context';
import { frontOf, frontWay } from '../rugs';

const BEDSIDES: ReadonlySet<Piece['kind']> = new Set(['bedside', 'chest', 'sideTable', 'table']);
/** A wider one is not a bedside. */
const WIDEST_BEDSIDE: Mm = 800;
/** The side of a bed below its bedsides, as a share of its length. */
const BELOW_BEDSIDES = 0.72;
const FAR: Mm = feet(10);
const SIDES = [
  ['left', -90],
  ['right', 90],
] as const;

/** Room to get in and out of bed: on both sides of one for two. */
export const checkBeds = (context: FloorContext): FloorFinding[] =>
  context.file.pieces.filter((p) => p.kind === 'bed').flatMap((bed) => checkBed(context, bed));

function checkBed(context: FloorContext, bed: Piece): FloorFinding[] {
  const { rules } = context;
  const wantMm = rules.number('floor.bedPassage');
  const rule = 'floor.bedPassage';
  const sides = sidesOf(context, bed);
  const isFree = (side: Line) => side.mm >= wantMm - EPSILON_MM;
  const forTwo = bed.widthMm >= rules.number('floor.bedForTwo');
  const free = sides.filter(isFree).length;
  if (free === 2 || (!forTwo && free === 1))
    return [floorFinding('bed-passage-good', 'ok', [bed.id], { bed: bed.name, wantMm }, { rule })];
  return sides
    .filter((side) => !isFree(side))
    .map(({ side, ...line }) =>
      floorFinding(
        'bed-passage-narrow',
        'caution',
        [bed.id],
        { bed: bed.name, side, byMm: line.mm, wantMm },
        { rule, line },
      ),
    );
}

/** The clear floor on both sides of a bed, from below the bedsides down to the foot. */
function sidesOf(context: FloorContext, bed: Piece): (Line & { side: 'left' | 'right' })[] {
  const isBedside = (p: Piece) => BEDSIDES.has(p.kind) && p.widthMm < WIDEST_BEDSIDE;
  const inTheWay = [
    ...obstaclesOf(
      { ...context.file, pieces: context.file.pieces.filter((p) => p !== bed && !isBedside(p)) },
      context.walls,
    ).map((o) => o.shape),
    ...context.walls.map((w) => [w.from, w.to]),
  ];
  const foot = frontOf(bed);
  return SIDES.map(([side, turn]) => {
    const way = wayOf(bed.turnDeg + turn);
    const edge = step(foot, way, bed.widthMm / 2);
    const start = step(edge, frontWay(bed), -bed.depthMm * BELOW_BEDSIDES);
    return { side, ...clearBeyond([start, edge], way, inTheWay) };
  });
}

/** The clear floor beyond an edge, straight out, to the first thing or wall. */
function clearBeyond(
  [a, b]: readonly [Point, Point],
  way: Point,
  things: readonly (readonly Point[])[],
): Line {
  const strip = clockwise([a, b, step(b, way, FAR), step(a, way, FAR)]);
  let best = { mm: FAR, at: a };
  for (const point of things.flatMap((thing) => sharedPart(thing, strip))) {
    const mm = alongWay(a, point, way);
    if (mm > -1 && mm < best.mm) best = { mm: Math.max(0, mm), at: point };
  }
  return { mm: best.mm, from: step(best.at, way, -best.mm), to: best.at };
}

type Strip = [Point, Point, Point, Point];

function clockwise(strip: Strip): Point[] {
  const [a, b, c] = strip;
  const turn = (b.xMm - a.xMm) * (c.yMm - b.yMm) - (b.yMm - a.yMm) * (c.xMm - b.xMm);
  return turn > 0 ? strip : [...strip].reverse();
}
