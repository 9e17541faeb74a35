import type { Mm } from '../../base/units';
import { apart, type Point } from '../../geometry/plane';
import type { Finding } from '../../model/finding';
import type { Fitting, Item, Look, Placement } from '../../model/types';
import { sits } from '../../room/kinds';
import { pointOnWall } from '../../room/walls';
import { wallById, type RoomContext } from '../context';
import { NEAR_WALL } from '../hangingPlace';

type Context = RoomContext<'room' | 'fittings' | 'pieces'> & {
  items: ReadonlyMap<string, Item>;
  look: Pick<Look, 'placements'>;
};

/** Nobody watches from nearer than this. */
const NEAREST_VIEWER: Mm = 600;

/** Every screen on a wall: what stands in front of it, and how far up one looks at it. */
export function judgeScreens(context: Context): Finding[] {
  const screens = context.file.fittings.filter(
    (f) => f.kind === 'tv' && context.walls.some((w) => w.id === f.wallId),
  );
  return screens.flatMap((tv) => [...judgeInFront(context, tv), ...judgeHeight(context, tv)]);
}

/** Things on furniture or a mantel under a screen that reach up in front of it. */
function judgeInFront(context: Context, tv: Fitting): Finding[] {
  const { look, items, rules } = context;
  const highestMm = tv.bottomMm - rules.number('walls.belowScreen');
  return look.placements.flatMap((placement): Finding[] => {
    const item = items.get(placement.itemId);
    const top = placement.as === 'object' ? topUnder(context, placement, tv) : null;
    if (!item || !top || top.heightMm > tv.bottomMm + 1) return [];
    const centreMm = top.leftMm + placement.xMm;
    const [left, right] = [centreMm - item.widthMm / 2, centreMm + item.widthMm / 2];
    const overlapMm = Math.min(right, tv.xMm + tv.widthMm) - Math.max(left, tv.xMm);
    const byMm = top.heightMm + item.heightMm - highestMm;
    if (byMm <= 1 || overlapMm <= 1) return [];
    return [
      {
        code: 'before-screen',
        level: 'caution',
        stage: 'walls',
        about: [placement.id, tv.id],
        rule: 'walls.belowScreen',
        by: { piece: item.name, other: tv.name, byMm, mostMm: Math.max(0, highestMm - top.heightMm) },
      },
    ];
  });
}

/**
 * The surface that a placed thing stands on, if that is at the screen's wall: its left end along the wall and
 * its height.
 */
function topUnder(
  { file, places }: Context,
  placement: Placement,
  tv: Fitting,
): { leftMm: Mm; heightMm: Mm } | null {
  const piece = file.pieces.find((p) => p.id === placement.pieceId);
  const onWall = piece && places.get(piece.id);
  if (piece && onWall && onWall.wallId === tv.wallId && onWall.nearMm < NEAR_WALL)
    return { leftMm: onWall.xMm, heightMm: piece.bottomMm + piece.heightMm };
  const fitting = file.fittings.find((f) => f.id === placement.pieceId && f.wallId === tv.wallId);
  if (!fitting?.mantel) return null;
  const { widthMm, topMm } = fitting.mantel;
  return { leftMm: fitting.xMm + (fitting.widthMm - widthMm) / 2, heightMm: topMm };
}

/** How far one tilts the head from the nearest seat. */
function judgeHeight(context: Context, tv: Fitting): Finding[] {
  const { walls, rules } = context;
  const screen = pointOnWall(wallById(walls, tv.wallId), tv.xMm + tv.widthMm / 2);
  const seat = viewersOf(context)
    .map((s) => ({ ...s, farMm: apart([s.at, s.at], [screen, screen]).mm }))
    .filter((s) => s.farMm > NEAREST_VIEWER)
    .sort((a, b) => a.farMm - b.farMm)[0];
  if (!seat) return [];
  const centreMm = tv.bottomMm + tv.heightMm / 2;
  const deg = (Math.atan2(centreMm - seat.eyeMm, seat.farMm) * 180) / Math.PI;
  const most = rules.number('walls.neck');
  return [
    {
      code: deg > most ? 'tv-too-high' : 'tv-height-good',
      level: deg > most ? 'caution' : 'ok',
      stage: 'walls',
      about: [tv.id],
      rule: 'walls.neck',
      by: {
        piece: tv.name,
        seat: seat.name,
        by: seat.by,
        deg: Math.round(Math.max(0, deg)),
        most,
        centreMm,
        eyeMm: seat.eyeMm,
        wantMm: seat.eyeMm + Math.tan((most * Math.PI) / 180) * seat.farMm,
      },
    },
  ];
}

type Viewer = { name: string; by: 'stand' | 'piece'; at: Point; eyeMm: Mm };

const viewersOf = ({ file, rules }: Context): Viewer[] => [
  ...file.room.standpoints
    .filter((s) => s.kind === 'seat')
    .map((s): Viewer => ({ name: s.name, by: 'stand', at: s, eyeMm: s.eyeMm })),
  ...file.pieces
    .filter((p) => sits(p) && p.kind !== 'ottoman')
    .map((p): Viewer => ({ name: p.name, by: 'piece', at: p, eyeMm: rules.number('walls.seatedEye') })),
];
