import type { Mm } from '../../base/units';
import { distance } from '../../geometry/plane';
import type { Finding } from '../../model/finding';
import type { Fitting } from '../../model/types';
import { canSee, distanceInFront } from '../../room/reflect';
import { viewersOf, type Viewer } from '../../room/viewers';
import { pointOnWall } from '../../room/walls';
import { wallById, type RoomContext } from '../context';

type Context = RoomContext<'room' | 'fittings' | 'pieces'>;

/** Nobody watches from nearer than this. */
const NEAREST_VIEWER: Mm = 600;

/** Every screen on a wall: how far up one looks at it. */
export function judgeScreens(context: Context): Finding[] {
  const screens = context.file.fittings.filter(
    (f) => f.kind === 'tv' && context.walls.some((w) => w.id === f.wallId),
  );
  return screens.flatMap((tv) => judgeHeight(context, tv));
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
