import type { Mm } from '../../base/units';
import { overlapLength } from '../../geometry/plane';
import type { Fitting } from '../../model/types';
import { lowestOver, overheadOf, underCrown } from '../../room/ceiling';
import type { Wall } from '../../room/walls';
import { onWalls, type Span } from '../../stages/windows/span';
import { wallById, type RoomContext } from '../context';

type Context = Omit<RoomContext<'room' | 'fittings' | 'pieces'>, 'rules'>;
/** Height of what is overhead, and what it is: a name, or one of ceiling, crown, slope. */
type Overhead = { mm: Mm; by: string };

/** Fittings on a wall that a rod cannot go through. */
const IN_THE_WAY: ReadonlySet<Fitting['kind']> = new Set([
  'tv',
  'shelf',
  'openShelf',
  'wallCabinet',
  'fridge',
  'vent',
  'beam',
]);

/**
 * Lowest thing over a stretch of the rod, whichever walls it hangs in front of. Only things above `aboveMm`
 * count.
 */
export const overheadOfSpan = (
  context: Context,
  span: Span,
  { fromMm, toMm, aboveMm }: { fromMm: Mm; toMm: Mm; aboveMm: Mm },
): Overhead =>
  onWalls(span, fromMm, toMm)
    .map((s) => overheadOn(context, wallById(context.walls, s.wallId), { ...s, aboveMm }))
    .reduce((a, b) => (b.mm < a.mm ? b : a), { mm: Infinity, by: 'ceiling' });

/**
 * Lowest of the ceiling itself, of slopes and beams over a stretch of the rod: what a track is fixed to, in
 * front of the crown.
 */
export const ceilingOfSpan = ({ file, walls }: Context, span: Span, fromMm: Mm, toMm: Mm): Mm =>
  Math.min(
    Infinity,
    ...onWalls(span, fromMm, toMm).map((s) => {
      const wall = wallById(walls, s.wallId);
      const edge = overheadOf(file.room, wall, walls);
      return lowestOver(edge, Math.max(0, s.fromXMm), Math.min(wall.lengthMm, s.toXMm));
    }),
  );

type Stretch = { fromXMm: Mm; toXMm: Mm; aboveMm: Mm };

/**
 * What comes down over a stretch of a wall: ceiling, slope or beam less the crown, or a thing on the wall
 * that hangs above a height.
 */
function overheadOn(context: Context, wall: Wall, stretch: Stretch): Overhead {
  const { fromXMm, toXMm, aboveMm } = stretch;
  return hangingThings(context, wall)
    .filter((thing) => thing.mm >= aboveMm - 1)
    .filter((thing) => overlapLength(thing.fromMm, thing.toMm, fromXMm, toXMm) > 1)
    .reduce<Overhead>(
      (low, { mm, by: cause }) => (mm < low.mm ? { mm, by: cause } : low),
      ceilingOn(context, wall, stretch),
    );
}

function ceilingOn({ file, walls }: Context, wall: Wall, { fromXMm, toXMm }: Stretch): Overhead {
  const edge = overheadOf(file.room, wall, walls);
  const lowest = (edges: typeof edge) =>
    lowestOver(edges, Math.max(0, fromXMm), Math.min(wall.lengthMm, toXMm));
  const [ceiling, crowned] = [lowest(edge), lowest(underCrown(file.room, edge))];
  if (crowned < ceiling) return { mm: crowned, by: 'crown' };
  if (ceiling >= file.room.ceilingMm - 1) return { mm: crowned, by: 'ceiling' };
  const beam = file.room.beams.find((b) => Math.abs(b.undersideMm - ceiling) < 0.5);
  return { mm: crowned, by: beam?.name ?? 'slope' };
}

function hangingThings({ file, places }: Context, wall: Wall) {
  const fittings = file.fittings.filter((f) => f.wallId === wall.id && IN_THE_WAY.has(f.kind));
  return [
    ...fittings.map((f) => ({ mm: f.bottomMm, fromMm: f.xMm, toMm: f.xMm + f.widthMm, by: f.name })),
    ...file.pieces.flatMap((p) => {
      const onWall = places.get(p.id);
      if (onWall?.wallId !== wall.id || p.bottomMm <= 0) return [];
      return [{ mm: p.bottomMm, fromMm: onWall.xMm, toMm: onWall.xMm + onWall.widthMm, by: p.name }];
    }),
  ];
}
