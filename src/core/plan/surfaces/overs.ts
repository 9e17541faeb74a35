import { elementAt } from '../../base/list';
import type { Mm } from '../../base/units';
import { overlapLength } from '../../geometry/plane';
import type { Fitting } from '../../model/types';
import { overheadAt } from '../../room/ceiling';
import { footprint, NEAR_WALL } from '../../room/place';
import { seenAgainst, type Standing } from '../../room/placed';
import type { Wall } from '../../room/walls';
import type { HangingPlan } from '../../stages/walls/planHanging';
import type { Over } from '../../stages/surfaces/over';
import type { RoomContext } from '../context';
import { isSameRow } from '../keep';

type Context = RoomContext<'fittings'> & { hangings: readonly HangingPlan[] };
/** Something on a wall that holds down what is under it: its stretch of the wall, and how far out it reaches. */
export type OnWallOver = Over & { fromMm: Mm; toMm: Mm; outMm: Mm };

/** What holds down what is under it, by wall. */
export type Overs = ReadonlyMap<string, readonly OnWallOver[]>;

/** Of a wall the same list for as long as nothing of it changes, however often what hangs there is worked out. */
export function oversOf(context: Context, previous?: Overs): Overs {
  const overs = new Map(
    context.walls.map((wall) => {
      const now = oversOfWall(context, wall);
      const before = previous?.get(wall.id);
      return [wall.id, before && sameRows(now, before) ? before : now];
    }),
  );
  const isSame = previous?.size === overs.size && [...overs].every(([id, list]) => list === previous.get(id));
  return isSame ? previous : overs;
}

const sameRows = (now: readonly OnWallOver[], previous: readonly OnWallOver[]): boolean =>
  previous.length === now.length && now.every((over, i) => isSameRow(over, elementAt(previous, i)));

/** What only touches is not under it. */
const TOUCH: Mm = 1;
const HOLDS_DOWN: Partial<Record<Fitting['kind'], Over['kind']>> = {
  tv: 'screen',
  shelf: 'shelf',
  openShelf: 'shelf',
  wallCabinet: 'shelf',
};

/** Everything on a wall that something under it is held down by: screens, shelves, pictures. */
function oversOfWall({ file, hangings, rules }: Context, wall: Wall): OnWallOver[] {
  const fixed = file.fittings.flatMap((f): OnWallOver[] => {
    const kind = HOLDS_DOWN[f.kind];
    if (!kind || f.wallId !== wall.id) return [];
    const stretch = {
      about: f.id,
      name: f.name,
      kind,
      fromMm: f.xMm,
      toMm: f.xMm + f.widthMm,
      bottomMm: f.bottomMm,
    };
    return kind === 'screen'
      ? [
          {
            ...stretch,
            outMm: NEAR_WALL,
            keepMm: rules.number('walls.belowScreen'),
            rule: 'walls.belowScreen',
          },
        ]
      : [{ ...stretch, outMm: f.depthMm, keepMm: 0, rule: null }];
  });
  const hung = hangings
    .filter((h) => h.wallId === wall.id && !h.leans)
    .map((h): OnWallOver => ({
      about: h.hangingId,
      name: h.name,
      kind: 'picture',
      fromMm: h.xMm - h.widthMm / 2,
      toMm: h.xMm + h.widthMm / 2,
      outMm: NEAR_WALL,
      bottomMm: h.bottomMm,
      keepMm: rules.number('surfaces.belowPicture'),
      rule: 'surfaces.belowPicture',
    }));
  return [...fixed, ...hung];
}

/** What holds down something that stands so: the lowest of what is over it on its wall and of the ceiling. */
export function lowestOver(
  context: RoomContext<'room'>,
  wall: Wall | undefined,
  overs: readonly OnWallOver[],
  at: Standing,
): Over {
  const seen = wall && seenAgainst(wall, at);
  const above = overs.filter(
    (over) =>
      seen !== undefined &&
      overlapLength(over.fromMm, over.toMm, seen.xMm, seen.xMm + seen.widthMm) > TOUCH &&
      seen.nearMm < over.outMm - TOUCH &&
      over.bottomMm > at.zMm + TOUCH,
  );
  return above.reduce<Over>(
    (low, over) => (over.bottomMm - over.keepMm < low.bottomMm - low.keepMm ? over : low),
    ceilingOver(context, at),
  );
}

function ceilingOver({ file, walls }: RoomContext<'room'>, at: Standing): Over {
  const points = [at, ...footprint(at)];
  const bottomMm = Math.min(...points.map((point) => overheadAt(file.room, point, walls)));
  return { about: 'room', name: '', kind: 'ceiling', bottomMm, keepMm: 0, rule: null };
}
