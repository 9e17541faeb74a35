import { feet, type Mm } from '../../../base/units';
import { apart, type Point } from '../../../geometry/plane';
import type { Piece } from '../../../model/types';
import { hasTop, isLamp, sits, standsOut } from '../../../room/kinds';
import { EPSILON_MM, floorFinding, type FloorContext, type FloorFinding } from '../context';

/** A top higher than this is no place for a glass. */
const HIGHEST_TOP: Mm = 1000;
/** A distance longer than this is not drawn. */
const LONGEST_LINE: Mm = feet(12);

type Thing = { name: string; shape: readonly Point[] };
type Want = {
  code: 'seat-without-surface' | 'seat-without-light';
  rule: 'floor.surfaceReach' | 'floor.lightReach';
};

/** Seats without a place for a glass or a lamp in reach. */
export function checkSurfaceAndLight(context: FloorContext): FloorFinding[] {
  const { file, shapeOf, fittingShapeOf } = context;
  const served = file.pieces.filter(
    (p) => sits(p) && p.kind !== 'ottoman' && (p.seat?.wantedSitters ?? 1) > 0,
  );
  const tops: Thing[] = [
    ...file.pieces
      .filter((p) => hasTop(p) && p.heightMm <= HIGHEST_TOP)
      .map((p) => ({ name: p.name, shape: shapeOf(p) })),
    ...file.fittings
      .filter((f) => f.kind === 'shelf' && standsOut(f))
      .map((f) => ({ name: f.name, shape: fittingShapeOf(f) })),
  ];
  const lamps: Thing[] = file.pieces.filter(isLamp).map((p) => ({ name: p.name, shape: shapeOf(p) }));
  return served.flatMap((seat) => [
    ...checkReach(context, seat, tops, { code: 'seat-without-surface', rule: 'floor.surfaceReach' }),
    ...checkReach(context, seat, lamps, { code: 'seat-without-light', rule: 'floor.lightReach' }),
  ]);
}

function checkReach(
  { rules, shapeOf }: FloorContext,
  seat: Piece,
  things: readonly Thing[],
  { code, rule }: Want,
): FloorFinding[] {
  const wantMm = rules.number(rule);
  const nearest = things
    .map((thing) => ({ thing, gap: apart(shapeOf(seat), thing.shape) }))
    .sort((a, b) => a.gap.mm - b.gap.mm)[0];
  if (nearest && nearest.gap.mm <= wantMm + EPSILON_MM) return [];
  const byMm = nearest?.gap.mm ?? 0;
  const line = nearest && byMm < LONGEST_LINE ? nearest.gap : undefined;
  const facts = { seat: seat.name, wantMm, other: nearest?.thing.name ?? 'none', byMm };
  return [floorFinding(code, 'caution', [seat.id], facts, { rule, line })];
}
