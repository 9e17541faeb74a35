import type { Mm } from '../base/units';
import { apart, crossing, type Point } from '../geometry/plane';
import type { Finding } from '../model/finding';
import type { Item } from '../model/types';
import { isGlazed, isLamp } from '../room/kinds';
import { pointOnWall } from '../room/walls';
import type { GroupPlan } from '../stages/walls/planGroup';
import type { HangingPlan } from '../stages/walls/planHanging';
import type { RoomContext } from './context';

/** A lamp farther from the wall than this does not stand before what hangs on it. */
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

/**
 * What each mirror does for the room: it carries a window's light on from opposite or beside it, doubles a
 * lamp before it,
 * opens a corner, best as a row or a column of three. One that does none of these is told. A group of mirrors
 * is one mirror.
 */
export function judgeMirrors(context: Context): Finding[] {
  const { file, hangings, groups, items, walls, places, rules } = context;
  const reach = rules.number('walls.neighbourReach');
  const wallOf = new Map(walls.map((w) => [w.id, w]));
  const isMirror = (h: HangingPlan) => items.get(h.itemId)!.kind === 'mirror';
  const whole = (g: GroupPlan) => {
    const of = hangings.filter((h) => h.groupId === g.groupId);
    return of.length > 0 && of.every(isMirror);
  };
  const asOne = groups.filter(whole);
  const spans: Span[] = [
    ...asOne.map((g) => ({
      about: g.groupId,
      name: g.name,
      wallId: g.wallId,
      fromMm: g.xMm - g.widthMm / 2,
      toMm: g.xMm + g.widthMm / 2,
      three: g.members.size >= 3 && (g.kind === 'row' || g.kind === 'column'),
    })),
    ...hangings
      .filter((h) => isMirror(h) && !asOne.some((g) => g.groupId === h.groupId))
      .map((h) => ({
        about: h.hangingId,
        name: h.name,
        wallId: h.wallId,
        fromMm: h.xMm - h.widthMm / 2,
        toMm: h.xMm + h.widthMm / 2,
        three: false,
      })),
  ];
  return spans.map((s): Finding => {
    const does = doesOf(s);
    return does
      ? {
          code: 'mirror-does',
          level: 'ok',
          stage: 'walls',
          about: [s.about],
          ...(does.how === 'beside' || does.how === 'corner' || does.how === 'three'
            ? { rule: 'walls.neighbourReach' as const }
            : {}),
          by: { piece: s.name, ...does },
        }
      : {
          code: 'mirror-idle',
          level: 'yielded',
          stage: 'walls',
          rule: 'walls.neighbourReach',
          about: [s.about],
          by: { piece: s.name },
        };
  });

  function doesOf(s: Span): Does | null {
    const wall = wallOf.get(s.wallId)!;
    const glass: [Point, Point] = [pointOnWall(wall, s.fromMm), pointOnWall(wall, s.toMm)];
    const windows = file.openings
      .filter((o) => isGlazed(o) && wallOf.has(o.wallId))
      .map((o) => {
        const on = wallOf.get(o.wallId)!;
        return {
          o,
          on,
          ends: [pointOnWall(on, o.xMm), pointOnWall(on, o.xMm + o.widthMm)] as [Point, Point],
        };
      });
    const [ux, uy] = [
      (wall.to.xMm - wall.from.xMm) / wall.lengthMm,
      (wall.to.yMm - wall.from.yMm) / wall.lengthMm,
    ];
    const along = (p: Point) => (p.xMm - wall.from.xMm) * ux + (p.yMm - wall.from.yMm) * uy;
    const opposite = windows.find(({ on, ends: [a, b] }) => {
      const facing = ((on.to.xMm - on.from.xMm) * ux + (on.to.yMm - on.from.yMm) * uy) / on.lengthMm;
      const [from, to] = [
        Math.max(s.fromMm, Math.min(along(a), along(b))),
        Math.min(s.toMm, Math.max(along(a), along(b))),
      ];
      if (facing >= FACES || to <= from) return false;
      // straight across from where they face each other: before the glass, and no other wall between
      const t = ((from + to) / 2 - along(a)) / (along(b) - along(a));
      const [here, there]: [Point, Point] = [
        pointOnWall(wall, (from + to) / 2),
        { xMm: a.xMm + t * (b.xMm - a.xMm), yMm: a.yMm + t * (b.yMm - a.yMm) },
      ];
      const inFront = (there.yMm - here.yMm) * ux - (there.xMm - here.xMm) * uy > 1;
      return (
        inFront &&
        !walls.some(
          (w) => w.id !== wall.id && w.id !== on.id && crossing(here, there, w.from, w.to) !== undefined,
        )
      );
    });
    if (opposite) return { how: 'opposite', other: opposite.o.name };
    const beside = windows.map((w) => ({ w, mm: apart(glass, w.ends).mm })).sort((a, b) => a.mm - b.mm)[0];
    if (beside && beside.mm <= reach) return { how: 'beside', other: beside.w.o.name };
    const lamp = file.pieces.find((p) => {
      const on = places.get(p.id);
      return (
        on !== undefined &&
        isLamp(p) &&
        on.wallId === s.wallId &&
        on.depthMm < BEFORE_WALL &&
        on.xMm < s.toMm &&
        on.xMm + on.widthMm > s.fromMm
      );
    });
    if (lamp) return { how: 'lamp', other: lamp.name };
    return Math.min(s.fromMm, wall.lengthMm - s.toMm) <= reach
      ? { how: s.three ? 'three' : 'corner', other: '' }
      : null;
  }
}
