import type { SquareMm } from '../../../base/units';
import type { Opening, Piece } from '../../../model/types';
import { isWay } from '../../../room/kinds';
import { swingsOf, type Swing } from '../../../room/swing';
import { EPSILON_MM, floorFinding, type FloorContext, type FloorFinding, type Line } from '../context';
import { sharedArea } from '../rugs';

/** Less than this of a swing does not count as in its way. */
const TOUCHES: SquareMm = 400;

/** Doors and sashes that open into the room: what stands in their way, and rugs they drag over. */
export const checkSwings = (context: FloorContext): FloorFinding[] =>
  context.file.openings.flatMap((opening) => {
    const wall = context.walls.find((w) => w.id === opening.wallId);
    if (!wall) return [];
    return swingsOf(opening, wall)
      .filter((swing) => swing.inwards)
      .flatMap((swing) => [
        ...checkBlocked(context, opening, swing),
        ...(isWay(opening) ? checkRugsUnder(context, opening, swing) : []),
      ]);
  });

const lineOf = (swing: Swing): Line => ({ from: swing.hinge, to: swing.open, mm: swing.widthMm });

function checkBlocked({ file, shapeOf }: FloorContext, o: Opening, swing: Swing): FloorFinding[] {
  const hit = file.pieces
    .filter((p) => p.kind !== 'rug')
    .filter((p) => p.bottomMm < o.sillMm + o.heightMm && p.bottomMm + p.heightMm > o.sillMm + 1)
    .map((piece) => ({ piece, area: sharedArea(shapeOf(piece), swing.sweeps) }))
    .filter(({ area }) => area > TOUCHES)
    .sort((a, b) => b.area - a.area)[0];
  if (!hit) return [];
  const facts = { opening: o.name, piece: hit.piece.name };
  return [floorFinding('swing-blocked', 'caution', [o.id, hit.piece.id], facts, { line: lineOf(swing) })];
}

const checkRugsUnder = (context: FloorContext, door: Opening, swing: Swing): FloorFinding[] =>
  context.file.pieces
    .filter((p) => p.kind === 'rug' && sharedArea(context.shapeOf(p), swing.sweeps) > TOUCHES)
    .flatMap((rug) => checkRugUnder(context, door, rug, swing));

function checkRugUnder({ rules }: FloorContext, door: Opening, rug: Piece, swing: Swing): FloorFinding[] {
  const about = [door.id, rug.id];
  const rule = 'floor.underDoor';
  const facts = { door: door.name, rug: rug.name, byMm: rug.heightMm };
  if (door.underMm === 0)
    return [floorFinding('door-over-rug-unmeasured', 'caution', about, facts, { rule })];
  const wantMm = rug.heightMm + rules.number(rule);
  if (door.underMm >= wantMm - EPSILON_MM) return [];
  return [
    floorFinding(
      'door-over-rug',
      'caution',
      about,
      { ...facts, haveMm: door.underMm, wantMm },
      { rule, line: lineOf(swing) },
    ),
  ];
}
