import { elementAt } from '../../base/list';
import { inches, type Deg, type Mm } from '../../base/units';
import { insidePolygon, step, wayOf, type Point } from '../../geometry/plane';
import type { Piece, PieceKind, Room } from '../../model/types';
import type { RuleBook } from '../../rules/book';
import { isBed, isWay, sits, stands, standsOut } from '../kinds';
import { footprint } from '../place';
import { cornerName } from '../cornerName';
import { swingsOf } from '../swing';
import { floorInFrontOf } from '../walls';
import { freeFloor } from './freeFloor';
import { BOARD, type Built } from './roomSpots';
import type { Spot } from './spot';

type Given = Built & { room: Pick<Room, 'walls'>; rules: RuleBook };
/** What stands on the floor, by the id of what it is, and what is kept free. */
type Taken = { id: string; shape: readonly Point[] };

/** Less floor than this is no place for anything. */
const NARROW: Mm = inches(6);
/** Less than a tape reads: floor of just so much is enough, wherever in the room it is reckoned. */
const CRUMB: Mm = 0.1;
/** Corners of a room that lie on its walls count as in it. */
const PLAY: Mm = 1;
/** Two walls at about a right angle make a corner that things are put into. */
const SQUARE: { from: Deg; to: Deg } = { from: 80, to: 100 };
/** Tables that are open underneath. */
const OPEN_BELOW: ReadonlySet<PieceKind> = new Set([
  'table',
  'coffeeTable',
  'sideTable',
  'console',
  'desk',
  'diningTable',
  'dressingTable',
]);

/** Places on the floor itself: beside seats and beds, under what is open underneath, and in the corners of the room. */
export function floorSpots(given: Given): Spot[] {
  const taken = takenFloor(given);
  const free = [
    ...given.pieces.flatMap((piece) => besidePiece(piece, taken, given)),
    ...given.walls.flatMap((_, i) => cornerAt(i, taken, given)),
  ];
  // a piece may stand past a wall while it is being measured
  const isInRoom = ({ middle, ...size }: Spot): boolean =>
    footprint({ ...middle, ...size }).every((corner) => insidePolygon(corner, given.room.walls, PLAY));
  return [...free.filter(isInRoom), ...given.pieces.flatMap(underPiece)];
}

/** Everything that takes up floor: furniture, what is built in, walls, and the floor that doors need. */
function takenFloor({ pieces, fittings, openings, walls, rules }: Given): Taken[] {
  const onWall = <T extends { wallId: string }>(rows: readonly T[]) =>
    rows.flatMap((row) => {
      const wall = walls.find((w) => w.id === row.wallId);
      return wall ? [{ row, wall }] : [];
    });
  const areaMm = rules.number('surfaces.floorArea');
  return [
    ...pieces.filter(stands).map((piece) => ({ id: piece.id, shape: footprint(piece) })),
    ...onWall(fittings.filter(standsOut)).map(({ row, wall }) => ({
      id: row.id,
      shape: floorInFrontOf(wall, row, row.depthMm),
    })),
    ...walls.map(({ id, from, to }) => ({ id, shape: [from, to] })),
    ...onWall(openings.filter(isWay)).flatMap(({ row, wall }) => [
      { id: row.id, shape: floorInFrontOf(wall, row, areaMm) },
      ...swingsOf(row, wall)
        .filter((swing) => swing.inwards)
        .map((swing) => ({ id: row.id, shape: swing.sweeps })),
    ]),
  ];
}

const isRoomFor = ({ widthMm, depthMm }: { widthMm: Mm; depthMm: Mm }): boolean =>
  widthMm >= NARROW - CRUMB && depthMm >= NARROW - CRUMB;

const shapesBut = (id: string, taken: readonly Taken[]) =>
  taken.filter((t) => t.id !== id).map(({ shape }) => shape);

/** The floor left and right of a seat or a bed, as one faces it, from its back as far as it is deep. */
function besidePiece(piece: Piece, taken: readonly Taken[], { rules }: Given): Spot[] {
  if (!stands(piece) || !(sits(piece) || isBed(piece))) return [];
  const most = { widthMm: rules.number('surfaces.floorArea'), depthMm: piece.depthMm };
  const out = wayOf(piece.turnDeg + 180);
  const backMiddle = step(piece, wayOf(piece.turnDeg), piece.depthMm / 2);
  return [-1, 1].flatMap((side, i): Spot[] => {
    const along = wayOf(piece.turnDeg + 90 * side);
    const from = step(backMiddle, along, piece.widthMm / 2);
    const area = freeFloor({ from, along, out }, most, shapesBut(piece.id, taken));
    if (!isRoomFor(area)) return [];
    return [
      {
        ...onFloor(piece, area),
        part: `beside${i + 1}`,
        kind: 'beside',
        partsOfKind: 2,
        middle: step(step(from, along, area.widthMm / 2), out, area.depthMm / 2),
        turnDeg: piece.turnDeg,
        clearMm: null,
      },
    ];
  });
}

/** The floor under a seat or a bed whose gap was measured, and under a table, up to its lowest shelf. */
function underPiece(piece: Piece): Spot[] {
  if (!stands(piece)) return [];
  const clearMm = OPEN_BELOW.has(piece.kind)
    ? piece.bottomMm + Math.min(piece.heightMm, ...piece.shelvesMm) - BOARD
    : (piece.gapMm ?? 0);
  if (clearMm <= 0 || !isRoomFor(piece)) return [];
  const { xMm, yMm, turnDeg } = piece;
  return [
    {
      ...onFloor(piece, piece),
      part: 'under',
      kind: 'under',
      partsOfKind: 1,
      middle: { xMm, yMm },
      turnDeg,
      clearMm,
    },
  ];
}

type Area = { widthMm: Mm; depthMm: Mm; round?: boolean };
const onFloor = (host: { id: string; name: string }, { widthMm, depthMm, round = false }: Area) => ({
  of: host.id,
  root: host.id,
  name: host.name,
  zMm: 0,
  widthMm,
  depthMm,
  round,
});

/** The corner at the left end of a wall, as one faces it. It is called by where it lies in the room. */
function cornerAt(index: number, taken: readonly Taken[], { room, walls, rules }: Given): Spot[] {
  const wall = elementAt(walls, index);
  const before = elementAt(walls, (index + walls.length - 1) % walls.length);
  const turnDeg = (wall.facingDeg - before.facingDeg + 360) % 360;
  if (turnDeg < SQUARE.from || turnDeg > SQUARE.to) return [];
  const areaMm = rules.number('surfaces.floorArea');
  const [along, out] = [wayOf(wall.facingDeg + 90), wayOf(wall.facingDeg + 180)];
  // past a right angle the other wall comes closer the further out one is
  const leftMm = turnDeg > 90 ? areaMm * Math.tan(((turnDeg - 90) * Math.PI) / 180) : 0;
  const from = step(wall.from, along, leftMm);
  const others = taken.filter(({ id }) => id !== wall.id && id !== before.id);
  // a corner goes no further than its two walls do
  const most = {
    widthMm: Math.min(areaMm, wall.lengthMm - leftMm),
    depthMm: Math.min(areaMm, before.lengthMm),
  };
  const area = freeFloor(
    { from, along, out },
    most,
    others.map(({ shape }) => shape),
  );
  if (!isRoomFor(area)) return [];
  return [
    {
      ...onFloor({ id: wall.id, name: cornerName(room.walls, index) }, area),
      part: 'corner',
      kind: 'corner',
      partsOfKind: 1,
      middle: step(step(from, along, area.widthMm / 2), out, area.depthMm / 2),
      turnDeg: wall.facingDeg,
      clearMm: null,
    },
  ];
}
