import type { Mm } from '../../base/units';
import { distance } from '../../geometry/plane';
import type { Finding } from '../../model/finding';
import type { Fitting, Item, Look, Placement } from '../../model/types';
import { canSee, distanceInFront } from '../../room/reflect';
import { viewersOf, type Viewer } from '../../room/viewers';
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

/** How far one tilts the head, from every seat that sees the screen; one finding where it is too far from none. */
function judgeHeight(context: Context, tv: Fitting): Finding[] {
  const most = context.rules.number('walls.neck');
  const watched = watchedFrom(context, tv);
  const tooFar = watched.filter(({ deg }) => deg > most);
  const [nearest] = [...watched].sort((a, b) => a.farMm - b.farMm);
  const told = tooFar.length > 0 || !nearest ? tooFar : [nearest];
  const centreMm = tv.bottomMm + tv.heightMm / 2;
  return told.map(({ viewer, farMm, deg }): Finding => ({
    code: deg > most ? 'tv-too-high' : 'tv-height-good',
    level: deg > most ? 'caution' : 'ok',
    stage: 'walls',
    about: [tv.id],
    rule: 'walls.neck',
    by: {
      piece: tv.name,
      seat: viewer.name,
      by: viewer.by,
      deg: Math.round(Math.max(0, deg)),
      most,
      centreMm,
      eyeMm: viewer.eye.zMm,
      wantMm: viewer.eye.zMm + Math.tan((most * Math.PI) / 180) * farMm,
    },
  }));
}

type Watching = { viewer: Viewer; farMm: Mm; deg: number };

/** Everybody who sits where the screen's middle is seen, not too near to it. */
function watchedFrom({ file, walls, rules }: Context, tv: Fitting): Watching[] {
  const centreMm = tv.bottomMm + tv.heightMm / 2;
  const wall = wallById(walls, tv.wallId);
  const screen = pointOnWall(wall, tv.xMm + tv.widthMm / 2);
  const between = walls.filter((w) => w.id !== wall.id);
  return viewersOf({ room: file.room, pieces: file.pieces }, rules)
    .filter(({ isSeated }) => isSeated)
    .map((viewer) => {
      const farMm = distance(viewer.eye, screen);
      return { viewer, farMm, deg: (Math.atan2(centreMm - viewer.eye.zMm, farMm) * 180) / Math.PI };
    })
    .filter(({ viewer, farMm }) => {
      const isSeen = canSee(viewer.eye, { ...screen, zMm: centreMm }, { walls: between, solids: [] });
      return isSeen && farMm > NEAREST_VIEWER && distanceInFront(wall, viewer.eye) > 0;
    });
}
