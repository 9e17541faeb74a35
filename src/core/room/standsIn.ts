import { inches, type Mm } from '../base/units';
import { insidePolygon, nearestOnEdges } from '../geometry/plane';
import type { Room } from '../model/types';
import { overheadAt } from './ceiling';
import { footprint, type Outlined } from './place';

/** Walls are not straight: a piece may stand this far in one. */
export const WALL_PLAY: Mm = inches(0.5);
/** Exactly as high as the room is not too high, nor is a millimetre more. */
export const HEIGHT_PLAY: Mm = 1;

/** How far a piece stands past the walls of its room; 0 while all its corners are within them, but for what is tolerated. */
export function pastWallsMm(piece: Outlined, { walls }: Pick<Room, 'walls'>, toleranceMm: Mm): Mm {
  const outside = footprint(piece).filter((corner) => !insidePolygon(corner, walls, toleranceMm));
  return Math.max(0, ...outside.map((corner) => nearestOnEdges(corner, walls).mm));
}

/** The lowest of what is over a piece: as high all over, its corners and its middle decide. */
export function overheadOver(piece: Outlined, room: Room): Mm {
  if (room.slopes.length + room.beams.length === 0) return room.ceilingMm;
  return Math.min(...[piece, ...footprint(piece)].map((corner) => overheadAt(room, corner)));
}
