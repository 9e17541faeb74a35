import { PIECE } from '../model/defaults';
import type { Piece } from '../model/types';
import type { PlacedThing } from '../room/placed';
import { isOpenFloor } from '../room/spots/parts';

/** What stands on the floor by itself; what is under furniture is in nobody's way. */
export const isLoose = ({ spot }: PlacedThing): boolean => isOpenFloor(spot.kind);

/** A thing on the floor, for the checks of walkways and doors: something that one walks round. */
export const asPiece = ({ placement, item, at }: PlacedThing): Piece => ({
  ...PIECE,
  id: placement.id,
  name: item.name,
  kind: 'basketStand',
  xMm: at.xMm,
  yMm: at.yMm,
  turnDeg: at.turnDeg,
  widthMm: at.widthMm,
  depthMm: at.depthMm,
  heightMm: at.heightMm,
  bottomMm: at.zMm,
  seat: null,
  colours: item.colours,
  pattern: item.pattern,
});

const READ = ['name', 'xMm', 'yMm', 'turnDeg', 'widthMm', 'depthMm', 'heightMm', 'bottomMm'] as const;

/** Whether a thing stands on the floor as it did: what the checks read of it is the same. */
export const isSamePlace = (a: Piece, b: Piece | undefined): boolean =>
  b?.id === a.id && READ.every((field) => a[field] === b[field]);
