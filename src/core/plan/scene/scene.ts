import { elementAt, groupedBy, sameOr } from '../../base/list';
import type { Deg, Mm } from '../../base/units';
import { step, wayOf } from '../../geometry/plane';
import type { Item, Look, Piece } from '../../model/types';
import { isMade } from '../../room/made';
import type { OnWall } from '../../room/place';
import type { Facing, PlacedThing } from '../../room/placed';
import { keepElevations, type Elevation, type Shape } from '../../room/shape';
import type { Wall } from '../../room/walls';
import type { RoomContext } from '../context';
import type { BareWall } from './bareWalls';
import { bedSideShapes } from './bedSide';
import { fittingShapes } from './fittings';
import { furnitureShapes, pieceDepth } from './furniture';
import { placedShape } from './placed';

type Context = Pick<RoomContext<'room' | 'openings' | 'fittings' | 'pieces'>, 'file' | 'walls' | 'places'> & {
  look: Pick<Look, 'brought'>;
  items: ReadonlyMap<string, Item>;
  /** In the order of the walls. */
  bareWalls: readonly BareWall[];
  placed: readonly PlacedThing[];
};

/** What stands on a sill is drawn in front of the panes and behind the curtains. */
const SILL_DEPTH: Mm = 10;

/** What is on one host as it was drawn, shape by thing, and what it was drawn from. */
type DrawnHost = { things: readonly PlacedThing[]; facing: Facing; depthMm: Mm; shapes: readonly Shape[] };
/** Furniture as it was drawn, and what it was drawn from. */
type DrawnPiece = { onWall: OnWall; isWish: boolean; shapes: readonly Shape[] };
/** The unrolled walls, and the shapes of furniture and of what is on each host, which the next plan may keep. */
export type Scene = {
  elevations: Elevation[];
  hosts: ReadonlyMap<string, DrawnHost>;
  pieces: ReadonlyMap<Piece, DrawnPiece>;
};
type DrawHost = (hostId: string, facing: Facing, depthMm: Mm) => readonly Shape[];
type DrawPiece = (standing: Standing) => readonly Shape[];
/** How furniture is drawn, and what is on a host. */
type Things = { drawOn: DrawHost; drawPiece: DrawPiece };

/** Draws what is on a host, or keeps how each of its things was drawn before when it stands as it did. */
function drawingHosts(
  placed: OnHosts,
  drawn: Map<string, DrawnHost>,
  previous: Scene['hosts'] | undefined,
): DrawHost {
  return (hostId, facing, depthMm) => {
    const things = thingsOn(placed, hostId);
    const earlier = previous?.get(hostId);
    const known = earlier?.facing === facing && earlier.depthMm === depthMm ? earlier : undefined;
    const isSame = known !== undefined && sameOr(known.things, things) === known.things;
    const host = isSame
      ? known
      : { things, facing, depthMm, shapes: shapesOf(things, facing, depthMm, known) };
    drawn.set(hostId, host);
    return host.shapes;
  };
}

function shapesOf(
  things: readonly PlacedThing[],
  facing: Facing,
  depthMm: Mm,
  known: DrawnHost | undefined,
): readonly Shape[] {
  const before = new Map(known?.things.map((thing, i) => [thing, known.shapes[i]]));
  return things.map((thing) => before.get(thing) ?? placedShape(thing, facing, depthMm));
}

/** Draws a piece, or keeps how it was drawn before when it stands as it did. */
function drawingPieces(pieces: Map<Piece, DrawnPiece>, previous?: Scene['pieces']): DrawPiece {
  return ({ piece, onWall, isWish = false }) => {
    const known = previous?.get(piece);
    const drawn =
      known?.onWall === onWall && known.isWish === isWish
        ? known
        : { onWall, isWish, shapes: drawnPiece({ piece, onWall, isWish }) };
    pieces.set(piece, drawn);
    return drawn.shapes;
  };
}

/** Unrolls every wall of the room with all that stands and hangs on it, back to front. */
export function sceneOf(context: Context, previous?: Scene): Scene {
  const { file, walls } = context;
  const placed = byHost(context.placed);
  const hosts = new Map<string, DrawnHost>();
  const pieces = new Map<Piece, DrawnPiece>();
  const things: Things = {
    drawOn: drawingHosts(placed, hosts, previous?.hosts),
    drawPiece: drawingPieces(pieces, previous?.pieces),
  };
  const elevations = walls.map((wall, i) => {
    const bare = elementAt(context.bareWalls, i);
    return {
      wallId: wall.id,
      lengthMm: wall.lengthMm,
      ceilingMm: file.room.ceilingMm,
      edge: bare.edge,
      shapes: [...bare.shell, ...backToFront([...bare.shapes, ...standingAt(context, wall, placed, things)])],
    };
  });
  return { elevations: keepElevations(elevations, previous?.elevations ?? []), hosts, pieces };
}

/** Of things equally far from the wall it is always the same that is drawn first, whatever the order of the lists. */
function byName(a: string, b: string): number {
  if (a === b) return 0;
  return a < b ? -1 : 1;
}

function backToFront(shapes: readonly Shape[]): Shape[] {
  // of one thing the order stays: what is sorted by nothing else is left as it comes
  return [...shapes].sort((a, b) => a.depthMm - b.depthMm || byName(a.about, b.about));
}

/** Furniture and fittings at a wall, and what stands there, is laid there or hangs on a hook. */
function standingAt(context: Context, wall: Wall, placed: OnHosts, things: Things): Shape[] {
  const { file, look, items } = context;
  const here = (x: { wallId: string }) => x.wallId === wall.id;
  const wishes = new Set(look.brought.filter((row) => items.get(row.itemId)?.wish).map((row) => row.id));
  return [
    ...file.openings.filter(here).flatMap((o) => things.drawOn(o.id, wall, SILL_DEPTH)),
    ...things.drawOn(wall.id, wall, 0),
    ...file.fittings.filter(here).flatMap((f) => fittingShapes(f, wall, thingsOn(placed, f.id))),
    ...file.pieces.flatMap((piece) => {
      const onWall = context.places.get(piece.id);
      if (piece.kind === 'rug' || onWall?.wallId !== wall.id) return [];
      return pieceShapes({ piece, onWall, isWish: wishes.has(piece.id) }, wall, things);
    }),
  ];
}

type Standing = { piece: Piece; onWall: OnWall; isWish?: boolean };

const drawnPiece: DrawPiece = ({ piece, onWall, isWish }) =>
  furnitureShapes(piece, onWall).map((s): Shape => (isWish ? { ...s, wish: true } : s));

/** A piece of furniture with what is on it, as it is seen by somebody who faces a wall. */
const pieceShapes = (standing: Standing, facing: Facing, { drawOn, drawPiece }: Things): Shape[] => [
  ...drawPiece(standing),
  ...drawOn(standing.piece.id, facing, pieceDepth(standing.piece, standing.onWall)),
];

/** What is on each piece, fitting and opening, by its id. */
type OnHosts = ReadonlyMap<string, readonly PlacedThing[]>;

const byHost = (placed: readonly PlacedThing[]): OnHosts => groupedBy(placed, (thing) => thing.on.id);

/** What is on a host; a duvet in its cover is not seen. */
function thingsOn(hosts: OnHosts, id: string): readonly PlacedThing[] {
  const things = hosts.get(id) ?? [];
  const isMadeOf = ({ placement, item }: PlacedThing, bedding: string) =>
    isMade(placement.lie) && item.bedding === bedding;
  return things.some((thing) => isMadeOf(thing, 'duvetCover'))
    ? things.filter((thing) => !isMadeOf(thing, 'duvet'))
    : things;
}

/** Something a piece is faced from: its left end at 0, wherever it stands and however it is turned. */
function facingPiece(piece: Piece, lookDeg: Deg, { widthMm, depthMm }: { widthMm: Mm; depthMm: Mm }): Facing {
  const left = step(piece, wayOf(lookDeg + 270), widthMm / 2);
  return { from: step(left, wayOf(lookDeg), depthMm / 2), facingDeg: lookDeg };
}

/** A bed with what is on it from its side, its head on the left. */
export function bedSideView(piece: Piece, placed: readonly PlacedThing[]): Shape[] {
  const { widthMm, depthMm, turnDeg } = piece;
  const facing = facingPiece(piece, turnDeg + 90, { widthMm: depthMm, depthMm: widthMm });
  const things = thingsOn(byHost(placed), piece.id);
  return backToFront([
    ...bedSideShapes(piece),
    ...things.map((thing) => placedShape(thing, facing, widthMm / 2)),
  ]);
}

/** A piece with what is on it from its own front, its left end at 0, wherever it stands and however it is turned. */
export function frontView(piece: Piece, placed: readonly PlacedThing[]): Shape[] {
  const { widthMm, depthMm, turnDeg } = piece;
  const facing = facingPiece(piece, turnDeg, { widthMm, depthMm });
  const onWall = { wallId: '', xMm: 0, widthMm, depthMm: depthMm / 2, nearMm: 0 };
  const drawOn = drawingHosts(byHost(placed), new Map(), undefined);
  return backToFront(pieceShapes({ piece, onWall }, facing, { drawOn, drawPiece: drawnPiece }));
}
