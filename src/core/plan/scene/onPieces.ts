import type { Mm } from '../../base/units';
import type { Item, Look, Piece, Placement } from '../../model/types';
import type { OnWall } from '../../room/place';
import type { Shape } from '../../room/shape';
import type { SeatPlan } from '../../stages/seats/planSeat';
import { pieceDepth } from './furniture';
import { objectShape } from './placed';
import { box, shape } from './shapes';

/** A thing on a piece of furniture, with what it needs to be drawn. */
type Placed = {
  placement: Placement;
  item: Item;
  piece: Piece;
  onWall: OnWall;
  seat: SeatPlan | undefined;
  depthMm: Mm;
};

/** What the look puts on a piece: pillows, throws and objects. */
export function shapesOnPiece(
  piece: Piece,
  onWall: OnWall,
  {
    look,
    items,
    seat,
  }: { look: Pick<Look, 'placements'>; items: ReadonlyMap<string, Item>; seat: SeatPlan | undefined },
): Shape[] {
  const depthMm = pieceDepth(piece, onWall) + 4;
  return look.placements
    .filter((placement) => placement.pieceId === piece.id)
    .flatMap((placement) => {
      const item = items.get(placement.itemId);
      return item ? DRAWN_AS[placement.as]({ placement, item, piece, onWall, seat, depthMm }) : [];
    });
}

const pillow = ({ placement, item, piece, onWall, seat, depthMm }: Placed): Shape[] => {
  const plan = seat?.pillows.find((p) => p.placementId === placement.id);
  if (!plan) return [];
  const seatLeft = onWall.xMm + (onWall.widthMm - (piece.seat?.widthMm ?? onWall.widthMm)) / 2;
  const left = seatLeft + plan.xMm - plan.useWidthMm / 2;
  return [
    shape(
      { about: placement.id, name: item.name },
      'pillow',
      box(left, piece.seat?.heightMm ?? piece.heightMm, plan.useWidthMm, plan.useHeightMm),
      depthMm + placement.layer,
      { colours: item.colours, pattern: item.pattern, soft: true },
    ),
  ];
};

/** A throw folded in thirds over the back. */
const throwOver = ({ placement, item, piece, onWall, depthMm }: Placed): Shape[] => {
  const band = item.widthMm / 3;
  const drop = Math.min(piece.heightMm * 0.62, item.heightMm / 3);
  return [
    shape(
      { about: placement.id, name: item.name },
      'throw',
      box(onWall.xMm + placement.xMm - band / 2, piece.heightMm - drop, band, drop + 15),
      depthMm + placement.layer,
      { colours: item.colours, pattern: item.pattern, soft: true },
    ),
  ];
};

const object = ({ placement, item, piece, onWall, depthMm }: Placed): Shape[] => [
  objectShape(placement, item, {
    xMm: onWall.xMm + placement.xMm,
    topMm: piece.bottomMm + piece.heightMm,
    depthMm,
  }),
];

const DRAWN_AS: Record<Placement['as'], (placed: Placed) => Shape[]> = { pillow, throw: throwOver, object };
