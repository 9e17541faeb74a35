import { HAIR_MM } from '../../../base/tolerance';
import { feet, type Mm } from '../../../base/units';
import { sharedPart } from '../../../geometry/convex';
import { alongWay, step, wayBetween, wayOf, type Point } from '../../../geometry/plane';
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
type Side = 'left' | 'right' | 'foot';
/** What stands at the foot of a bed and belongs to it. */
const AT_FOOT: ReadonlySet<Piece['kind']> = new Set(['bench', 'ottoman', 'chest']);
const FOOT_REACH: Mm = 300;

/** Room to get in and out of bed: on both sides of one for two, and round its foot from one to the other. */
export const checkBeds = (context: FloorContext): FloorFinding[] =>
  context.file.pieces.filter((p) => p.kind === 'bed').flatMap((bed) => checkBed(context, bed));

function checkBed(context: FloorContext, bed: Piece): FloorFinding[] {
  const { rules } = context;
  const wantMm = rules.number('floor.bedPassage');
  const rule = 'floor.bedPassage';
  const isFree = (side: Line) => side.mm >= wantMm - EPSILON_MM;
  const forTwo = bed.widthMm >= rules.number('floor.bedForTwo');
  const sides = [...sidesOf(context, bed), ...(forTwo ? [footOf(context, bed)] : [])];
  const free = sides.filter(isFree).length;
  if (free === sides.length || (!forTwo && free === 1))
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

/** What stands round a bed, and the walls. */
const inTheWayOf = (
  { file, walls }: FloorContext,
  isCounted: (piece: Piece) => boolean,
): (readonly Point[])[] => [
  ...obstaclesOf({ ...file, pieces: file.pieces.filter(isCounted) }, walls).map((o) => o.shape),
  ...walls.map((w) => [w.from, w.to]),
];

/** The clear floor on both sides of a bed, from below the bedsides down to the foot. */
function sidesOf(context: FloorContext, bed: Piece): (Line & { side: Side })[] {
  const isBedside = (p: Piece) => BEDSIDES.has(p.kind) && p.widthMm < WIDEST_BEDSIDE;
  const inTheWay = inTheWayOf(context, (p) => p !== bed && !isBedside(p));
  const foot = frontOf(bed);
  return SIDES.map(([side, turn]) => {
    const way = wayOf(bed.turnDeg + turn);
    const edge = step(foot, way, bed.widthMm / 2);
    const start = step(edge, frontWay(bed), -bed.depthMm * BELOW_BEDSIDES);
    return { side, ...clearBeyond([start, edge], way, inTheWay) };
  });
}

/** The clear floor beyond the foot of a bed, or beyond the bench that stands there. */
function footOf(context: FloorContext, bed: Piece): Line & { side: Side } {
  const [foot, way] = [frontOf(bed), frontWay(bed)];
  const acrossWay = wayOf(bed.turnDeg + 90);
  const edgeAt = (awayMm: Mm): [Point, Point] => {
    const middle = step(foot, way, awayMm);
    return [step(middle, acrossWay, -bed.widthMm / 2), step(middle, acrossWay, bed.widthMm / 2)];
  };
  const strip = stripBeyond(edgeAt(0), way, FOOT_REACH);
  const benches = context.file.pieces.filter(
    (p) => AT_FOOT.has(p.kind) && sharedPart(context.shapeOf(p), strip).length > 2,
  );
  const benchMm = Math.max(
    0,
    ...benches.flatMap((p) => context.shapeOf(p).map((corner) => alongWay(foot, corner, way))),
  );
  const inTheWay = inTheWayOf(context, (p) => p !== bed && !benches.includes(p));
  return { side: 'foot', ...clearBeyond(edgeAt(benchMm), way, inTheWay) };
}

/** The clear floor beyond an edge, straight out, to the first thing or wall; not what only passes by its ends. */
function clearBeyond(
  [a, b]: readonly [Point, Point],
  way: Point,
  things: readonly (readonly Point[])[],
): Line {
  const along = wayBetween(a, b);
  const strip = stripBeyond([step(a, along, HAIR_MM), step(b, along, -HAIR_MM)], way, FAR);
  let best = { mm: FAR, at: a };
  for (const point of things.flatMap((thing) => sharedPart(thing, strip))) {
    const mm = alongWay(a, point, way);
    if (mm > -1 && mm < best.mm) best = { mm: Math.max(0, mm), at: point };
  }
  return { mm: best.mm, from: step(best.at, way, -best.mm), to: best.at };
}

const stripBeyond = ([a, b]: readonly [Point, Point], way: Point, longMm: Mm): Point[] =>
  clockwise([a, b, step(b, way, longMm), step(a, way, longMm)]);

type Strip = [Point, Point, Point, Point];

function clockwise(strip: Strip): Point[] {
  const [a, b, c] = strip;
  const turn = (b.xMm - a.xMm) * (c.yMm - b.yMm) - (b.yMm - a.yMm) * (c.xMm - b.xMm);
  return turn > 0 ? strip : [...strip].reverse();
}
