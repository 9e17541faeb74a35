import { elementAt } from '../../base/list';
import type { Mm } from '../../base/units';
import type { Fitting, Piece } from '../../model/types';
import { boxesOfFitting } from '../../room/fittingTop';
import { isLamp } from '../../room/kinds';
import { stairSteps } from '../../room/stairs';
import type { Span } from '../../stages/windows/span';
import type { ThingAtWall } from '../../stages/windows/windowPlan';
import type { RoomContext } from '../context';

type Context = RoomContext<'fittings' | 'pieces'>;

/** Fittings that rod and cloth run into. Radiators, heaters and vents have findings of their own. */
const IN_THE_WAY: ReadonlySet<Fitting['kind']> = new Set([
  'tv',
  'shelf',
  'beam',
  'fireplace',
  'stove',
  'stairs',
  'basin',
  'tub',
  'toilet',
]);
/** Fittings that a bracket cannot be fixed on, though cloth may hang before them. */
const AT_THE_BRACKET: ReadonlySet<Fitting['kind']> = new Set(['vent', 'radiator', 'heater']);

/** Furniture at least this share of the way up to the window's head ends the stack; over lower pieces it is told. */
const TALL_SHARE = 0.8;
/** Furniture and fittings along a rod that it or its cloth can meet, with the heights that they take. */
export function thingsAtWall(context: Context, span: Span): ThingAtWall[] {
  return [
    ...context.file.fittings.flatMap((f) => fittingAtWall(f, span)),
    ...context.file.pieces.flatMap((p) => pieceAtWall(p, context, span)),
  ];
}

function fittingAtWall(f: Fitting, span: Span): ThingAtWall[] {
  const holds = IN_THE_WAY.has(f.kind);
  const offMm = offsetOn(span, f.wallId);
  if (offMm === undefined || (!holds && !AT_THE_BRACKET.has(f.kind))) return [];
  const boxes = f.kind === 'stairs' ? stairSteps(f) : boxesOfFitting(f);
  return boxes.map((box) => ({
    id: f.id,
    name: f.name,
    fromMm: box.xMm + offMm,
    toMm: box.xMm + box.widthMm + offMm,
    bottomMm: box.yMm,
    topMm: box.yMm + box.heightMm,
    holds,
    hasOwnFinding: !holds,
  }));
}

/** A piece so near to the wall that cloth on the rod comes down on it. */
function pieceAtWall(p: Piece, { places, rules }: Context, span: Span): ThingAtWall[] {
  const onWall = places.get(p.id);
  const offMm = onWall && offsetOn(span, onWall.wallId);
  if (!onWall || offMm === undefined || p.kind === 'rug' || p.kind === 'plant' || isLamp(p)) return [];
  if (onWall.nearMm > rules.number('windows.return') + rules.number('windows.foldsOut')) return [];
  const { opening } = elementAt(span.parts, 0);
  const topMm = p.bottomMm + p.heightMm;
  return [
    {
      id: p.id,
      name: p.name,
      fromMm: onWall.xMm + offMm,
      toMm: onWall.xMm + onWall.widthMm + offMm,
      bottomMm: p.bottomMm,
      topMm,
      holds: topMm > (opening.sillMm + opening.heightMm) * TALL_SHARE,
      hasOwnFinding: false,
    },
  ];
}

const offsetOn = (span: Span, wallId: string): Mm | undefined =>
  span.parts.find((part) => part.wallId === wallId)?.offMm;
