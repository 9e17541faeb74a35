import { apart } from '../../../geometry/plane';
import type { Fitting, Piece } from '../../../model/types';
import { sits, stands } from '../../../room/kinds';
import { EPSILON_MM, floorFinding, type FloorContext, type FloorFinding } from '../context';

/** Heaters with something that burns too near, radiators and vents that are covered. */
export const checkHeatAndAir = (context: FloorContext): FloorFinding[] =>
  context.file.fittings.flatMap((fitting) => {
    if (fitting.kind === 'heater') return checkHeater(context, fitting);
    return fitting.kind === 'vent' || fitting.kind === 'radiator' ? checkVent(context, fitting) : [];
  });

/** Pieces that stand in front of a fitting, at its height. */
const inFront = ({ file }: FloorContext, fitting: Fitting): Piece[] =>
  file.pieces.filter(
    (p) =>
      stands(p) &&
      p.kind !== 'lamp' &&
      p.kind !== 'floorLamp' &&
      p.heightMm > fitting.bottomMm &&
      p.bottomMm < fitting.bottomMm + fitting.heightMm,
  );

const isRestedOn = (p: Piece): boolean => sits(p) || p.kind === 'bed' || p.kind === 'cot';

function checkHeater(context: FloorContext, heater: Fitting): FloorFinding[] {
  const wantMm = context.rules.number('safety.heaterDistance');
  return inFront(context, heater)
    .filter(isRestedOn)
    .map((piece) => ({ piece, gap: apart(context.fittingShapeOf(heater), context.shapeOf(piece)) }))
    .filter(({ gap }) => gap.mm < wantMm - EPSILON_MM)
    .map(({ piece, gap }) =>
      floorFinding(
        'piece-by-heater',
        'caution',
        [piece.id, heater.id],
        { piece: piece.name, heater: heater.name, byMm: gap.mm, wantMm },
        { rule: 'safety.heaterDistance', line: gap },
      ),
    );
}

function checkVent(context: FloorContext, fitting: Fitting): FloorFinding[] {
  const wantMm = context.rules.number('floor.ventClear');
  return inFront(context, fitting)
    .map((piece) => ({ piece, gap: apart(context.fittingShapeOf(fitting), context.shapeOf(piece)) }))
    .filter(({ gap }) => gap.mm < wantMm - EPSILON_MM)
    .map(({ piece, gap }) =>
      floorFinding(
        'vent-covered',
        'caution',
        [piece.id, fitting.id],
        { piece: piece.name, fitting: fitting.name, byMm: gap.mm, wantMm },
        { rule: 'floor.ventClear', line: gap },
      ),
    );
}
