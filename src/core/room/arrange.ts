import { clamp, inches, type Mm } from '../base/units';
import { PIECE, SEAT } from '../model/defaults';
import type { Brought, Item, ItemKind, Look, Moved, Piece, PieceKind, RoomFile } from '../model/types';
import { mayBeRound } from './kinds';
import { depthOf } from './lies';
import { builtAfter } from './works';

/** What each kind of the stash is when it stands on the floor; what is not listed does not stand there for itself. */
export const STANDS_AS: Partial<Record<ItemKind, PieceKind>> = {
  rug: 'rug',
  chair: 'armchair',
  stool: 'ottoman',
  bench: 'bench',
  smallTable: 'sideTable',
  floorLamp: 'floorLamp',
  plant: 'plant',
  mirror: 'mirror',
  standingScreen: 'standingScreen',
  ladder: 'ladder',
  basketStand: 'basketStand',
  plantStand: 'plantStand',
};

export const standsOnFloor = (kind: ItemKind): boolean => STANDS_AS[kind] !== undefined;

/** A seat that nobody measured: as wide and deep as its chair leaves it beside arms and back, at the usual height. */
type UsualSeat = { widthShare: number; depthShare: number };
const SEATS: Partial<Record<ItemKind, UsualSeat>> = {
  chair: { widthShare: 0.7, depthShare: 0.65 },
  stool: { widthShare: 1, depthShare: 1 },
  bench: { widthShare: 1, depthShare: 1 },
};
/** Common practice: 17 to 19 in. */
const SEAT_HEIGHT: Mm = inches(18);
/** Common practice: 20 to 24 in of a bench for each who sits there. */
const SITTER: Mm = inches(22);

function seatOf(item: Item): Piece['seat'] {
  const usual = SEATS[item.kind];
  if (!usual) return null;
  const widthMm = item.widthMm * usual.widthShare;
  const seats = item.kind === 'bench' ? clamp(Math.floor(widthMm / SITTER), 1, 12) : 1;
  return {
    ...SEAT,
    widthMm,
    depthMm: depthOf(item) * usual.depthShare,
    heightMm: Math.min(item.heightMm, SEAT_HEIGHT),
    seats,
    wantedSitters: 0,
  };
}

/** A thing of the stash as it stands on the floor; null when its kind does not. The height of a rug is its depth there. */
export function pieceOf(
  item: Item,
  { id, xMm, yMm, turnDeg }: Pick<Brought, 'id' | 'xMm' | 'yMm' | 'turnDeg'>,
): Piece | null {
  const kind = STANDS_AS[item.kind];
  if (!kind) return null;
  const isFlat = kind === 'rug';
  return {
    ...PIECE,
    id,
    name: item.name,
    kind,
    xMm,
    yMm,
    turnDeg,
    widthMm: item.widthMm,
    depthMm: isFlat ? item.heightMm : depthOf(item),
    heightMm: isFlat ? Math.max(item.depthMm, RUG_PILE) : item.heightMm,
    round: item.round && mayBeRound({ kind }),
    bottomMm: 0,
    seat: seatOf(item),
    colours: item.colours,
    pattern: item.pattern,
  };
}
/** A rug that nobody measured is this high: half an inch of pile. */
const RUG_PILE: Mm = inches(0.5);

type Arrangement = Pick<Look, 'moved' | 'brought' | 'cushionsOut'>;
type Given = { pieces: Piece[]; items: readonly Item[]; look: Arrangement };

const isSamePiece = (a: Piece, b: Piece): boolean =>
  (Object.keys(a) as (keyof Piece)[]).every((key) => key === 'seat' || a[key] === b[key]) &&
  isSameSeat(a.seat, b.seat);

const isSameSeat = (a: Piece['seat'], b: Piece['seat']): boolean =>
  a === b ||
  (a !== null && b !== null && (Object.keys(a) as (keyof typeof a)[]).every((key) => a[key] === b[key]));

/** The same object as before where a piece is as it was, so that what was worked out of it is kept. */
const kept = (piece: Piece, before: ReadonlyMap<string, Piece>): Piece => {
  const known = before.get(piece.id);
  return known && isSamePiece(known, piece) ? known : piece;
};

const asMoved = (piece: Piece, moved: Moved | undefined): Piece | null => {
  if (!moved) return piece;
  const { xMm, yMm, turnDeg } = moved;
  return moved.isOut ? null : { ...piece, xMm, yMm, turnDeg };
};

/** A seat without the loose cushions that the look takes out of it. */
const withoutCushions = (piece: Piece, count: number): Piece =>
  piece.seat && count > 0
    ? {
        ...piece,
        seat: { ...piece.seat, looseCushions: Math.max(0, piece.seat.looseCushions - count) },
      }
    : piece;

/**
 * The furniture of one look: the room's own as the look moves it, without what it takes out of the room or out of a seat,
 * and what it brings in from the stash. A room that a look leaves as it is keeps its list.
 */
export function arrangePieces({ pieces, items, look }: Given, previous: Piece[] = []): Piece[] {
  if (look.moved.length + look.brought.length + look.cushionsOut.length === 0) return pieces;
  const cushions = new Map(look.cushionsOut.map((row) => [row.of, row.count]));
  const moves = new Map(look.moved.map((m) => [m.id, m]));
  const before = new Map(previous.map((p) => [p.id, p]));
  const itemById = new Map(items.map((item) => [item.id, item]));
  const own = pieces.flatMap((piece) => {
    const stands = asMoved(piece, moves.get(piece.id));
    return stands ? [withoutCushions(stands, cushions.get(piece.id) ?? 0)] : [];
  });
  const brought = look.brought.flatMap((row) => {
    const item = itemById.get(row.itemId);
    return (item && pieceOf(item, row)) ?? [];
  });
  const arranged = [...own, ...brought].map((piece) => kept(piece, before));
  const isSame = arranged.length === previous.length && arranged.every((p, i) => p === previous[i]);
  return isSame ? previous : arranged;
}

/** The home on the days of a look: children who visit count as those who live there. */
export function homeOnTheDay(home: RoomFile['home'], { brief }: Pick<Look, 'brief'>): RoomFile['home'] {
  if (brief.visitorAges.length === 0) return home;
  const childrenAges = [...home.flags.childrenAges, ...brief.visitorAges];
  return { ...home, flags: { ...home.flags, childrenAges } };
}

/** The room as one look works on it and arranges it. */
export function inLook(file: RoomFile, look: Look): RoomFile {
  const built = builtAfter(file, look);
  const pieces = arrangePieces({ pieces: built.pieces, items: built.items, look });
  const home = homeOnTheDay(file.home, look);
  return pieces === built.pieces && home === file.home ? built : { ...built, pieces, home };
}
