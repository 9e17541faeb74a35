import type { Deg, Mm } from '../base/units';
import { alongWay, step, wayOf, type Point } from '../geometry/plane';
import type { Place3 } from '../geometry/space';
import type { Fitting, Item, ItemKind, Piece, Placement } from '../model/types';
import type { RuleBook } from '../rules/book';
import { topOfFitting } from './fittingTop';
import { BACK_OF_SEAT } from './kinds';
import { pillowThickness, takenSize } from './pillow';
import { pointOnWall, type Wall } from './walls';

/**
 * A thing as it stands in the room: the middle of its foot, how it is turned, and its size in its own directions. Turned
 * by 0 its back is to the north.
 */
export type Standing = Place3 & { turnDeg: Deg; widthMm: Mm; depthMm: Mm; heightMm: Mm };
/** What a look puts on a piece or on a mantel, with where it stands. */
export type PlacedThing = {
  placement: Placement;
  item: Item;
  /** What it is on, and how high that is where the thing stands. */
  on: { id: string; name: string; topMm: Mm };
  at: Standing;
};

type Room = {
  pieces: readonly Piece[];
  fittings: readonly Fitting[];
  walls: readonly Wall[];
};
/** What things are put on: its middle, its width and its height; things are counted along it from its left end. */
type Top = { id: string; name: string; middle: Point; turnDeg: Deg; widthMm: Mm; topMm: Mm; heightMm: Mm };

const FLAT: Mm = 25;
const FLAT_KINDS: ReadonlySet<ItemKind> = new Set(['art', 'mirror', 'frame', 'wallPanel']);
/** A throw folded in thirds over the back hangs down by this share of it. */
const THROW_HANGS = 0.62;
const OVER_THE_BACK: Mm = 15;

/** Where everything stands that a look puts on furniture and on mantels. What is on nothing stands nowhere. */
export function placeThings(
  room: Room,
  placements: readonly Placement[],
  items: ReadonlyMap<string, Item>,
  rules: RuleBook,
): PlacedThing[] {
  const tops = new Map<string, Top>();
  for (const fitting of room.fittings) {
    const top = topOfMantel(fitting, room.walls);
    if (top) tops.set(fitting.id, top);
  }
  for (const piece of room.pieces) tops.set(piece.id, topOfPiece(piece));
  return placements.flatMap((placement): PlacedThing[] => {
    const item = items.get(placement.itemId);
    const top = tops.get(placement.pieceId);
    if (!item || !top) return [];
    const { id, name, topMm } = top;
    return [{ placement, item, on: { id, name, topMm }, at: standingOn(top, placement, item, rules) }];
  });
}

/** Along the seat, the mattress or the top of a piece. */
function topOfPiece(piece: Piece): Top {
  const { id, name, xMm, yMm, turnDeg, seat, bed } = piece;
  return {
    id,
    name,
    middle: { xMm, yMm },
    turnDeg,
    widthMm: seat?.widthMm ?? piece.widthMm,
    topMm: seat?.heightMm ?? bed?.mattressMm ?? piece.bottomMm + piece.heightMm,
    heightMm: piece.bottomMm + piece.heightMm,
  };
}

function topOfMantel(fitting: Fitting, walls: readonly Wall[]): Top | undefined {
  const wall = walls.find((w) => w.id === fitting.wallId);
  if (!wall || !fitting.mantel) return undefined;
  const { xMm, widthMm, topMm } = topOfFitting(fitting);
  const intoRoom = wayOf(wall.facingDeg + 180);
  return {
    id: fitting.id,
    name: fitting.name,
    middle: step(pointOnWall(wall, xMm + widthMm / 2), intoRoom, fitting.mantel.depthMm / 2),
    turnDeg: wall.facingDeg,
    widthMm,
    topMm,
    heightMm: topMm,
  };
}

function standingOn(top: Top, placement: Placement, item: Item, rules: RuleBook): Standing {
  const fromMiddle = placement.xMm - top.widthMm / 2;
  const at = step(top.middle, wayOf(top.turnDeg + 90), fromMiddle);
  return { ...at, turnDeg: top.turnDeg, ...SIZED[placement.as]({ top, placement, item, rules }) };
}

type Put = { top: Top; placement: Placement; item: Item; rules: RuleBook };

/** How large a thing is as it was put, and how high its foot is. */
const SIZED: Record<
  Placement['as'],
  (put: Put) => Pick<Standing, 'zMm' | 'widthMm' | 'depthMm' | 'heightMm'>
> = {
  pillow: ({ top, placement, item, rules }) => ({
    zMm: top.topMm,
    ...takenSize(item, placement.turned, rules),
    depthMm: pillowThickness(item, rules),
  }),
  throw: ({ top, item }) => {
    const hangsMm = Math.min(top.heightMm * THROW_HANGS, item.heightMm / 3);
    return {
      zMm: top.heightMm - hangsMm,
      widthMm: item.widthMm / 3,
      depthMm: BACK_OF_SEAT,
      heightMm: hangsMm + OVER_THE_BACK,
    };
  },
  object: ({ top, item }) => ({
    zMm: top.topMm,
    widthMm: item.widthMm,
    depthMm: depthOf(item),
    heightMm: item.heightMm,
  }),
};

/** A depth that nobody measured is the width, of what is not flat. */
function depthOf({ kind, widthMm, depthMm }: Item): Mm {
  if (depthMm > 0) return depthMm;
  return FLAT_KINDS.has(kind) ? Math.min(FLAT, widthMm) : widthMm;
}

/** A line that one faces to see things against it: where it begins at the left, and the way one looks. */
export type Facing = { from: Point; facingDeg: Deg };

/** Where a thing is seen along a wall that one faces, and how far its middle and its nearest side are from it. */
export function seenAgainst(facing: Facing, at: Standing): { xMm: Mm; widthMm: Mm; awayMm: Mm; nearMm: Mm } {
  const along = wayOf(facing.facingDeg + 90);
  const away = wayOf(facing.facingDeg + 180);
  const turn = wayOf(at.turnDeg - facing.facingDeg);
  const [cos, sin] = [Math.abs(turn.yMm), Math.abs(turn.xMm)];
  const widthMm = at.widthMm * cos + at.depthMm * sin;
  const awayMm = alongWay(facing.from, at, away);
  return {
    xMm: alongWay(facing.from, at, along) - widthMm / 2,
    widthMm,
    awayMm,
    nearMm: awayMm - (at.widthMm * sin + at.depthMm * cos) / 2,
  };
}
