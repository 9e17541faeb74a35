import { sum, type Mm } from '../../base/units';
import { apart, insidePolygon } from '../../geometry/plane';
import type { Piece, RoomFile } from '../../model/types';
import { footprint } from '../../room/place';
import { pointOn, type Spot } from '../../room/spots/spot';
import { edgeOf, TABLE_SIDES, type TableSide } from '../../room/tablePlaces';
import type { Seating } from '../../stages/surfaces/planTable';

/** Who sits at a table has their middle so far from its edge; there the room goes on. */
const SITS_OUT: Mm = 300;
/** A chair that stands no further from a table is one of its own. */
const AT_TABLE: Mm = 450;
const CHAIRS: ReadonlySet<Piece['kind']> = new Set(['diningChair', 'armchair', 'bench']);

/** Where people can sit at a top, and how many chairs are there: counted at it, or standing at it in the room. */
export function seatingAt(spot: Spot, { room, pieces }: Pick<RoomFile, 'room' | 'pieces'>): Seating {
  const table = pieces.find(({ id }) => id === spot.of);
  if (spot.kind !== 'top' || !table) return { free: [], chairs: 0 };
  const outline = footprint(table);
  const standing = pieces.filter((p) => CHAIRS.has(p.kind) && apart(footprint(p), outline).mm <= AT_TABLE);
  return {
    free: TABLE_SIDES.filter((side) => insidePolygon(before(side, spot), room.walls, 0)),
    chairs: table.chairs + sum(standing.map(({ seat }) => seat?.seats ?? 1)),
  };
}

/** Where somebody sits in the middle of a side. */
function before(side: TableSide, spot: Spot) {
  const { widthMm, depthMm } = spot;
  const half = edgeOf(side, spot) / 2;
  const AT = {
    front: [half, depthMm + SITS_OUT],
    back: [half, -SITS_OUT],
    left: [-SITS_OUT, half],
    right: [widthMm + SITS_OUT, half],
  } as const;
  return pointOn(spot, ...AT[side]);
}
