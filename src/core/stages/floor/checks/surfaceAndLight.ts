import { feet, type Mm } from '../../../base/units';
import { apart, step, wayOf, type Point } from '../../../geometry/plane';
import type { Piece } from '../../../model/types';
import { hasTop, isLamp, sits, standsOut } from '../../../room/kinds';
import { footprint } from '../../../room/place';
import type { RuleBook } from '../../../rules/book';
import { EPSILON_MM, floorFinding, type FloorContext, type FloorFinding } from '../context';
import { SOFA_TABLES } from './sofaTable';

/** A top higher than this is no place for a glass. */
const HIGHEST_TOP: Mm = 1000;
/** A distance longer than this is not drawn. */
const LONGEST_LINE: Mm = feet(12);

type Thing = { name: string; shape: readonly Point[]; reachMm: Mm };
type Want = {
  code: 'seat-without-surface' | 'seat-without-light';
  rule: 'floor.surfaceReach' | 'floor.lightReach';
};

/** Seats on which somebody has no place for a glass, or no lamp, in reach. */
export function checkSurfaceAndLight(context: FloorContext): FloorFinding[] {
  const { file, rules, shapeOf, fittingShapeOf } = context;
  const served = file.pieces.filter(
    (p) => sits(p) && p.kind !== 'ottoman' && (p.seat?.wantedSitters ?? 1) > 0,
  );
  const reachMm = rules.number('floor.surfaceReach');
  const tops: Thing[] = [
    ...file.pieces
      .filter((p) => hasTop(p) && p.heightMm <= HIGHEST_TOP)
      .map((p) => ({ name: p.name, shape: shapeOf(p), reachMm: tableReach(p, rules) })),
    ...file.fittings
      .filter((f) => f.kind === 'shelf' && standsOut(f))
      .map((f) => ({ name: f.name, shape: fittingShapeOf(f), reachMm })),
  ];
  const lamps: Thing[] = file.pieces
    .filter(isLamp)
    .map((p) => ({ name: p.name, shape: shapeOf(p), reachMm: rules.number('floor.lightReach') }));
  return served.flatMap((seat) => [
    ...checkReach(context, seat, tops, { code: 'seat-without-surface', rule: 'floor.surfaceReach' }),
    ...checkReach(context, seat, lamps, { code: 'seat-without-light', rule: 'floor.lightReach' }),
  ]);
}

/** A table as far from the sofa as its own rule wants it is in reach. */
function tableReach(table: Piece, rules: RuleBook): Mm {
  const reachMm = rules.number('floor.surfaceReach');
  if (!SOFA_TABLES.has(table.kind)) return reachMm;
  const farMm =
    rules.school('floor.sofaTableSchool') === 'atLeast'
      ? rules.number('floor.sofaTableLeast')
      : Math.max(rules.range('floor.sofaTable')[1], rules.range('floor.sofaTableAlone')[1]);
  return Math.max(reachMm, farMm);
}

/** As many as are wanted on a seat have to have it, each from where they sit. */
function checkReach(
  { rules }: FloorContext,
  seat: Piece,
  things: readonly Thing[],
  { code, rule }: Want,
): FloorFinding[] {
  const sitters = sitterShapes(seat).map((sitter) => {
    const [nearest] = things
      .map((thing) => ({ thing, gap: apart(sitter, thing.shape) }))
      .sort((a, b) => nearer(a, b, a.gap.mm - a.thing.reachMm, b.gap.mm - b.thing.reachMm));
    return nearest;
  });
  const isServed = (nearest: (typeof sitters)[number]) =>
    nearest !== undefined && nearest.gap.mm <= nearest.thing.reachMm + EPSILON_MM;
  const served = sitters.filter(isServed).length;
  const wanted = Math.min(sitters.length, seat.seat?.wantedSitters ?? 1);
  if (served >= wanted) return [];
  const [nearest] = sitters
    .flatMap((n) => (n && !isServed(n) ? [n] : []))
    .sort((a, b) => nearer(a, b, a.gap.mm, b.gap.mm));
  const byMm = nearest?.gap.mm ?? 0;
  const line = nearest && byMm < LONGEST_LINE ? nearest.gap : undefined;
  const facts = {
    seat: seat.name,
    wantMm: nearest?.thing.reachMm ?? rules.number(rule),
    other: nearest?.thing.name ?? 'none',
    byMm,
    served,
    wanted,
  };
  return [floorFinding(code, 'caution', [seat.id], facts, { rule, line })];
}

/** Of two lamps on both sides of a bed neither is nearer: always the same is named. */
function nearer(a: { thing: Thing }, b: { thing: Thing }, oneMm: Mm, otherMm: Mm): number {
  if (Math.abs(oneMm - otherMm) > EPSILON_MM) return oneMm - otherMm;
  return a.thing.name < b.thing.name ? -1 : 1;
}

/** What each who sits on a piece takes of it; those at the ends with the arms. */
function sitterShapes(piece: Piece): Point[][] {
  const { seat, widthMm } = piece;
  if (!seat || seat.seats === 1) return [footprint(piece)];
  const along = wayOf(piece.turnDeg + 90);
  const edgeOf = (i: number): Mm => {
    if (i === 0) return -widthMm / 2;
    return i === seat.seats ? widthMm / 2 : (i / seat.seats - 0.5) * seat.widthMm;
  };
  return Array.from({ length: seat.seats }, (_, i) => {
    const [from, to] = [edgeOf(i), edgeOf(i + 1)];
    return footprint({ ...piece, ...step(piece, along, (from + to) / 2), widthMm: to - from });
  });
}
