import type { Mm } from '../../../base/units';
import { apart } from '../../../geometry/plane';
import type { Piece } from '../../../model/types';
import { sits } from '../../../room/kinds';
import { EPSILON_MM, floorFinding, type FloorContext, type FloorFinding } from '../context';
import { bordersOf, liesOn, tuckOf } from '../rugs';

/** A rug farther from a piece than this does not belong to it. */
const RUG_REACH: Mm = 300;
const NO_RUG_WANTED: ReadonlySet<Piece['kind']> = new Set(['ottoman', 'bench', 'windowSeat']);
const area = (p: Piece): number => p.widthMm * p.depthMm;

/**
 * How rugs lie: under the front legs or under all, in layers, clear of the toilet, out of the way of wheels.
 */
export function checkRugs(context: FloorContext): FloorFinding[] {
  const rugs = context.file.pieces.filter((p) => p.kind === 'rug');
  return [
    ...rugs.flatMap((rug) => {
      const lower = rugs.filter((r) => liesOn(rug, r)).sort((a, b) => area(a) - area(b))[0];
      return lower ? [checkLayer(context, lower, rug)] : checkTuck(context, rug);
    }),
    ...checkToilet(context, rugs),
    ...checkWheels(context, rugs),
  ];
}

/** How far the rug reaches under the largest piece near it. */
function checkTuck({ file, rules }: FloorContext, rug: Piece): FloorFinding[] {
  const largest = file.pieces
    .filter((p) => (sits(p) || p.kind === 'bed') && !NO_RUG_WANTED.has(p.kind))
    .map((piece) => ({ piece, tuck: tuckOf(rug, piece) }))
    .filter(({ tuck }) => tuck.tuckMm > -RUG_REACH)
    .sort((a, b) => area(b.piece) - area(a.piece))[0];
  if (!largest) return [];
  const { piece, tuck } = largest;
  const [least, most] = rules.range('floor.rugTuck');
  const rule = 'floor.rugTuck';
  const facts = {
    rug: rug.name,
    piece: piece.name,
    byMm: Math.max(0, tuck.tuckMm),
    wantMm: least,
    wantToMm: most,
  };
  const about = [rug.id, piece.id];
  const isInRange = tuck.tuckMm >= least - EPSILON_MM && tuck.tuckMm <= most + EPSILON_MM;
  if (tuck.allLegs || isInRange)
    return [
      floorFinding('rug-tuck-good', 'ok', about, { ...facts, all: tuck.allLegs ? 'yes' : 'no' }, { rule }),
    ];
  // a bed may stand on as much of a rug as it likes
  if (piece.kind === 'bed' && tuck.tuckMm > most) return [];
  return [
    floorFinding(
      'rug-tuck-off',
      'caution',
      about,
      { ...facts, apart: tuck.tuckMm < 0 ? 'yes' : 'no', gapMm: Math.max(0, -tuck.tuckMm) },
      { rule, line: { from: tuck.from, to: tuck.to, mm: Math.abs(tuck.tuckMm) } },
    ),
  ];
}

/** What shows of a rug around another that lies on it. */
function checkLayer({ rules }: FloorContext, lower: Piece, upper: Piece): FloorFinding {
  const [least, most] = rules.range('floor.layerBorder');
  const borders = bordersOf(lower, upper);
  const narrow = borders.reduce((a, b) => (b.mm < a.mm ? b : a));
  const wide = borders.reduce((a, b) => (b.mm > a.mm ? b : a));
  const about = [upper.id, lower.id];
  const facts = {
    rug: upper.name,
    lower: lower.name,
    byMm: narrow.mm,
    wideMm: wide.mm,
    wantMm: least,
    wantToMm: most,
  };
  const tooNarrow = narrow.mm < least - EPSILON_MM;
  if (tooNarrow || wide.mm > most + EPSILON_MM) {
    const worst = tooNarrow ? narrow : wide;
    const line = { from: worst.from, to: worst.to, mm: Math.abs(worst.mm) };
    return floorFinding('layer-border-off', 'caution', about, facts, { rule: 'floor.layerBorder', line });
  }
  if (wide.mm - narrow.mm > rules.number('floor.layerEven') + EPSILON_MM)
    return floorFinding('layer-border-uneven', 'caution', about, facts, {
      rule: 'floor.layerEven',
      line: { from: wide.from, to: wide.to, mm: wide.mm },
    });
  return floorFinding('layer-border-good', 'ok', about, facts, { rule: 'floor.layerBorder' });
}

function checkToilet({ file, rules, shapeOf, fittingShapeOf }: FloorContext, rugs: readonly Piece[]) {
  const clearMm = rules.number('floor.toiletClear');
  const toilets = file.fittings.filter((f) => f.kind === 'toilet');
  return toilets.flatMap((toilet) =>
    rugs
      .filter((rug) => apart(fittingShapeOf(toilet), shapeOf(rug)).mm < clearMm)
      .map((rug) =>
        floorFinding(
          'rug-by-toilet',
          'caution',
          [rug.id, toilet.id],
          { rug: rug.name },
          { rule: 'floor.toiletClear' },
        ),
      ),
  );
}

function checkWheels({ file }: FloorContext, rugs: readonly Piece[]): FloorFinding[] {
  if (!file.home.flags.wheelchair || rugs.length === 0) return [];
  const names = rugs.map((r) => r.name);
  return [
    floorFinding(
      'rug-on-wheels',
      'caution',
      rugs.map((r) => r.id),
      { names },
    ),
  ];
}
