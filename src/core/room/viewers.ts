import { insidePolygon, type Point } from '../geometry/plane';
import type { Piece, Room } from '../model/types';
import type { RuleBook } from '../rules/book';
import type { Place3 } from '../geometry/space';
import { sits } from './kinds';
import { footprint } from './place';

/** Somebody who looks at the room: at a place that was marked, or on a piece that people sit on. */
export type Viewer = {
  id: string;
  name: string;
  by: 'stand' | 'piece';
  isSeated: boolean;
  /** Where the eye is, in the middle of the piece; and of each who sits there. */
  eye: Place3;
  eyes: Place3[];
};
type Watched = { room: Pick<Room, 'standpoints'>; pieces: readonly Piece[] };

/**
 * Everybody who looks: the places that were marked, and every seat without one of its own. All who sit have their eyes
 * at one height, the rule's, unless one was typed for a place.
 */
export function viewersOf({ room, pieces }: Watched, rules: RuleBook): Viewer[] {
  const marked = room.standpoints.map((s): Viewer => {
    const eye = { xMm: s.xMm, yMm: s.yMm, zMm: s.eyeMm };
    return { id: s.id, name: s.name, by: 'stand', isSeated: s.kind === 'seat', eye, eyes: [eye] };
  });
  const isMarked = (piece: Piece) =>
    room.standpoints.some((s) => s.kind === 'seat' && insidePolygon(s, footprint(piece)));
  const zMm = rules.number('walls.seatedEye');
  const seats = pieces
    .filter((p) => sits(p) && p.kind !== 'ottoman' && !isMarked(p))
    .map((p): Viewer => ({
      id: p.id,
      name: p.name,
      by: 'piece',
      isSeated: true,
      eye: { xMm: p.xMm, yMm: p.yMm, zMm },
      eyes: sittersOn(p).map((at) => ({ ...at, zMm })),
    }));
  return [...marked, ...seats];
}

/** Where people sit along a piece, each in the middle of a seat. */
function sittersOn({ xMm, yMm, turnDeg, seat }: Piece): Point[] {
  if (!seat) return [{ xMm, yMm }];
  const turn = (turnDeg * Math.PI) / 180;
  return Array.from({ length: seat.seats }, (_, i) => {
    const along = ((i + 0.5) / seat.seats - 0.5) * seat.widthMm;
    return { xMm: xMm + along * Math.cos(turn), yMm: yMm + along * Math.sin(turn) };
  });
}
