import type { Item, Look } from '../../model/types';
import { overheadOf } from '../../room/ceiling';
import type { Elevation, Shape } from '../../room/shape';
import type { Wall } from '../../room/walls';
import type { SeatPlan } from '../../stages/seats/planSeat';
import type { HangingPlan } from '../../stages/walls/planHanging';
import type { WindowPlan } from '../../stages/windows/windowPlan';
import type { RoomContext } from '../context';
import { curtainShapes } from './curtains';
import { fittingShapes } from './fittings';
import { furnitureShapes } from './furniture';
import { shapesOnPiece } from './onPieces';
import { openingShapes } from './openings';
import { box, shape } from './shapes';
import { shellShapes } from './shell';

type Context = RoomContext<'room' | 'openings' | 'fittings' | 'pieces'> & {
  look: Pick<Look, 'dressings' | 'hangings' | 'placements'>;
  items: ReadonlyMap<string, Item>;
  windows: readonly WindowPlan[];
  hangings: readonly HangingPlan[];
  seats: readonly SeatPlan[];
};

/** Unrolls every wall of the room with all that stands and hangs on it, back to front. */
export function sceneOf(context: Context): Elevation[] {
  const { file, walls } = context;
  return walls.map((wall) => ({
    wallId: wall.id,
    lengthMm: wall.lengthMm,
    ceilingMm: file.room.ceilingMm,
    edge: overheadOf(file.room, wall, walls),
    shapes: [...shellShapes(file, wall, walls), ...backToFront(shapesAt(context, wall))],
  }));
}

function backToFront(shapes: readonly Shape[]): Shape[] {
  return shapes
    .map((s, order) => ({ s, order }))
    .sort((a, b) => a.s.depthMm - b.s.depthMm || a.order - b.order)
    .map(({ s }) => s);
}

function shapesAt(context: Context, wall: Wall): Shape[] {
  const { file, look, items, rules, windows, hangings } = context;
  const trim = file.room.trimFinish.colours;
  const here = (x: { wallId: string }) => x.wallId === wall.id;
  return [
    ...file.openings.filter(here).flatMap((o) => openingShapes(o, trim, rules)),
    ...file.fittings.filter(here).flatMap((f) => fittingShapes(f, look, items)),
    ...hangings.filter(here).flatMap((h) => hangingShapes(context, h)),
    ...windows.flatMap((window) => {
      const dressing = look.dressings.find((d) => d.id === window.dressingId);
      return dressing ? curtainShapes(window, dressing, wall, items) : [];
    }),
    ...file.pieces.flatMap((piece) => {
      const onWall = context.places.get(piece.id);
      if (piece.kind === 'rug' || onWall?.wallId !== wall.id) return [];
      const seat = context.seats.find((s) => s.pieceId === piece.id);
      return [...furnitureShapes(piece, onWall), ...shapesOnPiece(piece, onWall, { look, items, seat })];
    }),
  ];
}

/** What hangs on the wall. A print shows its own colours in whatever frame it is. */
function hangingShapes({ look, items }: Context, h: HangingPlan): Shape[] {
  const item = items.get(h.itemId);
  if (!item) return [];
  const print = look.hangings.find((x) => x.id === h.hangingId)?.print;
  const shown = items.get(print?.itemId ?? '') ?? item;
  return [
    shape(
      { about: h.hangingId, name: h.name },
      'picture',
      box(h.xMm - h.widthMm / 2, h.bottomMm, h.widthMm, h.heightMm),
      20,
      {
        colours: shown.colours,
        pattern: shown.pattern,
        ...(item.kind === 'mirror' ? { heading: 'mirror' } : {}),
      },
    ),
  ];
}
