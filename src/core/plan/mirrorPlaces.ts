import type { Mm } from '../base/units';
import { apart, crossing, type Point } from '../geometry/plane';
import type { Finding } from '../model/finding';
import type { Item, Opening } from '../model/types';
import { isGlazed, isLamp } from '../room/kinds';
import { pointOnWall, type Wall } from '../room/walls';
import type { GroupPlan } from '../stages/walls/planGroup';
import type { HangingPlan } from '../stages/walls/planHanging';
import { wallById, type RoomContext } from './context';

/** A lamp farther from the wall than this does not stand in front of what hangs on it. */
const BEFORE_WALL: Mm = 900;
/** Cosine between two walls' directions from which on they face each other. */
const FACES = -0.7;

type Span = { about: string; name: string; wallId: string; fromMm: Mm; toMm: Mm; three: boolean };
type Context = RoomContext<'openings' | 'pieces'> & {
  hangings: readonly HangingPlan[];
  groups: readonly GroupPlan[];
  items: ReadonlyMap<string, Item>;
};
type Does = { how: 'opposite' | 'beside' | 'three' | 'lamp' | 'corner'; other: string };

type Window = { opening: Opening; wall: Wall; ends: [Point, Point] };

/**
 * What each mirror does for the room: it carries a window's light on from opposite or beside it, doubles a
 * lamp in front of it, opens a corner, best as a row or a column of three. One that does none of these is
 * reported. A group of mirrors is one mirror.
 */
export const judgeMirrors = (context: Context): Finding[] =>
  mirrorsOf(context).map((mirror): Finding => {
    const does = doesOf(context, mirror);
    const finding = { stage: 'walls', about: [mirror.about] } as const;
    const rule = 'walls.neighbourReach';
    if (!does) return { ...finding, code: 'mirror-idle', level: 'yielded', rule, by: { piece: mirror.name } };
    const byReach = does.how !== 'opposite' && does.how !== 'lamp';
    return {
      ...finding,
      code: 'mirror-does',
      level: 'ok',
      ...(byReach ? { rule } : {}),
      by: { piece: mirror.name, ...does },
    };
  });

/** Groups that are all mirrors, and mirrors that hang alone. */
function mirrorsOf({ hangings, groups, items }: Context): Span[] {
  const isMirror = (h: HangingPlan) => items.get(h.itemId)?.kind === 'mirror';
  const asOne = groups.filter((group) => {
    const members = hangings.filter((h) => h.groupId === group.groupId);
    return members.length > 0 && members.every(isMirror);
  });
  const alone = hangings.filter((h) => isMirror(h) && !asOne.some((g) => g.groupId === h.groupId));
  const inLine = ({ members, kind }: GroupPlan) => members.size >= 3 && (kind === 'row' || kind === 'column');
  return [
    ...asOne.map((g) => ({ ...spanOf(g), about: g.groupId, three: inLine(g) })),
    ...alone.map((h) => ({ ...spanOf(h), about: h.hangingId, three: false })),
  ];
}

const spanOf = ({ name, wallId, xMm, widthMm }: { name: string; wallId: string; xMm: Mm; widthMm: Mm }) => ({
  name,
  wallId,
  fromMm: xMm - widthMm / 2,
  toMm: xMm + widthMm / 2,
});

function doesOf(context: Context, mirror: Span): Does | null {
  const { walls, rules } = context;
  const wall = wallById(walls, mirror.wallId);
  const windows = windowsOf(context);
  const reach = rules.number('walls.neighbourReach');
  const opposite = windows.find((w) => isOpposite(w, mirror, wall, walls));
  if (opposite) return { how: 'opposite', other: opposite.opening.name };
  const glass: [Point, Point] = [pointOnWall(wall, mirror.fromMm), pointOnWall(wall, mirror.toMm)];
  const besideWindows = windows
    .map((w) => ({ name: w.opening.name, mm: apart(glass, w.ends).mm }))
    .sort((a, b) => a.mm - b.mm)[0];
  if (besideWindows && besideWindows.mm <= reach) return { how: 'beside', other: besideWindows.name };
  const lamp = lampInFront(context, mirror);
  if (lamp) return { how: 'lamp', other: lamp };
  const toCorner = Math.min(mirror.fromMm, wall.lengthMm - mirror.toMm);
  return toCorner <= reach ? { how: mirror.three ? 'three' : 'corner', other: '' } : null;
}

const windowsOf = ({ file, walls }: Context): Window[] =>
  file.openings.filter(isGlazed).flatMap((opening): Window[] => {
    const wall = walls.find((w) => w.id === opening.wallId);
    if (!wall) return [];
    const ends: [Point, Point] = [
      pointOnWall(wall, opening.xMm),
      pointOnWall(wall, opening.xMm + opening.widthMm),
    ];
    return [{ opening, wall, ends }];
  });

/** Straight across from where they face each other: in front of the glass, and no other wall between. */
function isOpposite(
  { wall: other, ends }: Window,
  mirror: Span,
  wall: Wall,
  walls: readonly Wall[],
): boolean {
  const [a, b] = ends;
  const ux = (wall.to.xMm - wall.from.xMm) / wall.lengthMm;
  const uy = (wall.to.yMm - wall.from.yMm) / wall.lengthMm;
  const alongWall = (p: Point) => (p.xMm - wall.from.xMm) * ux + (p.yMm - wall.from.yMm) * uy;
  const facing =
    ((other.to.xMm - other.from.xMm) * ux + (other.to.yMm - other.from.yMm) * uy) / other.lengthMm;
  const startMm = Math.max(mirror.fromMm, Math.min(alongWall(a), alongWall(b)));
  const endMm = Math.min(mirror.toMm, Math.max(alongWall(a), alongWall(b)));
  if (facing >= FACES || endMm <= startMm) return false;
  const middle = (startMm + endMm) / 2;
  const share = (middle - alongWall(a)) / (alongWall(b) - alongWall(a));
  const here = pointOnWall(wall, middle);
  const there = { xMm: a.xMm + share * (b.xMm - a.xMm), yMm: a.yMm + share * (b.yMm - a.yMm) };
  const inFront = (there.yMm - here.yMm) * ux - (there.xMm - here.xMm) * uy > 1;
  const isBlocked = walls.some(
    (w) => w.id !== wall.id && w.id !== other.id && crossing(here, there, w.from, w.to) !== undefined,
  );
  return inFront && !isBlocked;
}

const lampInFront = ({ file, places }: Context, mirror: Span): string | undefined =>
  file.pieces.filter(isLamp).find((lamp) => {
    const onWall = places.get(lamp.id);
    return (
      onWall?.wallId === mirror.wallId &&
      onWall.depthMm < BEFORE_WALL &&
      onWall.xMm < mirror.toMm &&
      onWall.xMm + onWall.widthMm > mirror.fromMm
    );
  })?.name;
