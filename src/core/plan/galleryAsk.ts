import { first } from '../base/list';
import type { Mm } from '../base/units';
import type { Box } from '../geometry/plane';
import type { Finish, Hanging, HangingGroup, Item, Look, RoomFile } from '../model/types';
import type { Frame, GalleryAsk } from '../packing/frames';
import { overheadOf, underCrown } from '../room/ceiling';
import { placeOnWall } from '../room/place';
import type { Wall } from '../room/walls';
import { finishOfWall } from '../room/works';
import type { RuleBook } from '../rules/book';
import { gapRule } from '../stages/walls/height';
import type { GroupPlan } from '../stages/walls/planGroup';
import type { HangingPlan } from '../stages/walls/planHanging';
import { obstaclesOn } from './obstacles';
import { overThing, type OverThing } from '../room/overThing';
import type { Plan } from './planLook';

/** How much of its outline a gallery fills, its gaps counted in. */
const USUAL_FILL = 0.85;
/** Width to height of a gallery that hangs over nothing. */
const USUAL_RATIO = 1.5;

/**
 * How dark and strong a piece looks, 0 to 1: its mean distance from the wall's own colour, full at 60 of
 * lightness and chroma.
 */
export function visualWeight(item: Pick<Item, 'colours'>, wall: { l: number; a: number; b: number }): number {
  const whole = item.colours.reduce((s, c) => s + c.share, 0);
  return Math.min(
    1,
    item.colours.reduce(
      (s, c) => s + (c.share / whole) * Math.hypot(c.l - wall.l, c.a - wall.a, c.b - wall.b),
      0,
    ) / 60,
  );
}

type Member = { hanging: Hanging; item: Item; plan: HangingPlan };

/** What a group is asked for in: the room in its look, as it is planned. */
export type GalleryRoom = { file: RoomFile; look: Look; plan: Plan; rules: RuleBook };

/** What a group is arranged with: its pieces, its wall, and what stands under it. */
type Case = GalleryRoom & {
  group: HangingGroup;
  groupPlan: GroupPlan;
  wall: Wall;
  members: readonly Member[];
  /** The furniture that the group hangs over. */
  overPiece: OverThing | null;
  gapMm: Mm;
  clearMm: Mm;
};

/**
 * The question to the search for a free group: its frames, what is pinned, where it may hang and what is in
 * the way there. Without a zone of its own it may take the wall from what stands under it to the clear space
 * under the ceiling, and stands by the rules of height. Places are from the middle of its zone. Throws when
 * the group's wall is not in the room.
 */
export function galleryAskOf(
  group: HangingGroup,
  groupPlan: GroupPlan,
  room: GalleryRoom,
): { ask: GalleryAsk; middle: { xMm: Mm; centreMm: Mm } } {
  const gallery = caseOf(group, groupPlan, room);
  const { file, rules, wall, members } = gallery;
  const zone = zoneOf(gallery);
  const middle = { xMm: zone.xMm + zone.widthMm / 2, centreMm: zone.yMm + zone.heightMm / 2 };
  const frame = frameOn(finishOfWall(file.room, wall.id));
  return {
    middle,
    ask: {
      frames: members.filter((m) => !m.hanging.pinned).map(frame),
      pinned: members
        .filter((m) => m.hanging.pinned)
        .map((m) => ({
          ...frame(m),
          xMm: m.plan.xMm - middle.xMm,
          yMm: m.plan.centreMm - middle.centreMm,
        })),
      gapMm: gallery.gapMm,
      zone: { widthMm: Math.max(0, zone.widthMm), heightMm: Math.max(0, zone.heightMm) },
      stands: group.zone ? null : standsOf(gallery, middle.centreMm),
      blocked: inTheWay(gallery, zone, middle),
      ratio: group.ratio ?? (group.zone ? null : shareRatio(gallery)),
      holes: group.reuseHoles
        ? file.room.holes
            .filter((h) => h.wallId === wall.id)
            .map((h) => ({ xMm: h.xMm - middle.xMm, yMm: h.heightMm - middle.centreMm }))
        : [],
      holeReachMm: rules.number('walls.holeReach'),
      seed: group.seed,
      rounds: null,
    },
  };
}

function caseOf(group: HangingGroup, groupPlan: GroupPlan, room: GalleryRoom): Case {
  const { file, look, plan, rules } = room;
  const wall = plan.walls.find((w) => w.id === group.wallId);
  if (!wall) throw new Error(`no wall ${group.wallId} in this room`);
  const members = look.hangings
    .filter((h) => h.groupId === group.id)
    .flatMap((hanging) => {
      const item = file.items.find((i) => i.id === hanging.itemId);
      const planned = plan.hangings.find((p) => p.hangingId === hanging.id);
      return item && planned ? [{ hanging, item, plan: planned }] : [];
    });
  const places = new Map(file.pieces.map((p) => [p.id, placeOnWall(p, plan.walls)]));
  return {
    ...room,
    group,
    groupPlan,
    wall,
    members,
    overPiece: overThing({ file, places }, group.overPieceId, wall.id),
    gapMm: group.gapMm ?? rules.number('walls.gap'),
    clearMm: rules.number('walls.clearAbove'),
  };
}

const frameOn =
  (wall: Finish) =>
  ({ hanging, item, plan }: Member): Frame => ({
    id: hanging.id,
    widthMm: item.widthMm,
    heightMm: item.heightMm,
    weight: visualWeight(item, first(wall.colours)),
    nails: plan.nails.map((n) => ({ dxMm: n.xMm - plan.xMm, dyMm: n.heightMm - plan.centreMm })),
  });

/** Lowest that a group may reach: the gap over its furniture, unless the gap is what gives way. */
function lowestOf({ overPiece, group, rules }: Case): Mm {
  if (!overPiece) return 0;
  const [low] = rules.range(gapRule(overPiece.isBed));
  return overPiece.topMm + (rules.school('walls.yields') === 'gap' ? 0 : (group.aboveMm ?? low));
}

/** Where a group may hang: its own zone, or as much of the wall as lies the same to both sides of it. */
function zoneOf(gallery: Case): Box {
  const { group, groupPlan, wall, file, plan, clearMm } = gallery;
  if (group.zone) {
    const { xMm, bottomMm, widthMm, heightMm } = group.zone;
    return { xMm, yMm: bottomMm, widthMm, heightMm };
  }
  const edge = underCrown(file.room, overheadOf(file.room, wall, plan.walls));
  const highest = Math.max(...edge.map((p) => p.heightMm)) - clearMm;
  const lowest = lowestOf(gallery);
  const reachMm = Math.min(groupPlan.xMm, wall.lengthMm - groupPlan.xMm);
  return {
    xMm: groupPlan.xMm - reachMm,
    yMm: lowest,
    widthMm: 2 * reachMm,
    heightMm: highest - lowest,
  };
}

/** Boxes within the zone that nothing of the group may cover, from the zone's middle. */
function inTheWay(gallery: Case, zone: Box, middle: { xMm: Mm; centreMm: Mm }): Box[] {
  const { group, wall, file, plan, rules, members, gapMm, clearMm } = gallery;
  const own = new Set(members.map((m) => m.hanging.id));
  const obstacles = obstaclesOn(
    wall,
    { file, plan, rules },
    { overPieceId: group.overPieceId, clearMm: group.zone ? 0 : clearMm, gapMm, own: (id) => own.has(id) },
  );
  return obstacles
    .filter(
      (b) =>
        b.xMm < zone.xMm + zone.widthMm - 1 &&
        b.xMm + b.widthMm > zone.xMm + 1 &&
        b.yMm < zone.yMm + zone.heightMm - 1 &&
        b.yMm + b.heightMm > zone.yMm + 1,
    )
    .map(({ xMm, yMm, widthMm, heightMm }) => ({
      xMm: xMm - middle.xMm,
      yMm: yMm - middle.centreMm,
      widthMm,
      heightMm,
    }));
}

/** Width to height of a whole that is to be two thirds to three quarters as wide as its furniture. */
function shareRatio({ overPiece, members, gapMm, rules }: Case): number {
  const cloth = members.reduce((s, { item }) => s + (item.widthMm + gapMm) * (item.heightMm + gapMm), 0);
  if (!overPiece || cloth <= 0) return USUAL_RATIO;
  const [narrow, wide] = rules.range('walls.widthShare');
  const widthMm = ((narrow + wide) / 2) * overPiece.widthMm;
  return Math.min(4, Math.max(0.4, (USUAL_FILL * widthMm ** 2) / cloth));
}

/** The height that the whole is to stand at, from the middle of its zone, and what it keeps to. */
function standsOf(gallery: Case, middleMm: Mm): NonNullable<GalleryAsk['stands']> {
  const { group, groupPlan, overPiece, rules } = gallery;
  const byHand = group.centreMm !== null;
  const wishYMm = (byHand ? groupPlan.centreMm : groupPlan.wishMm) - middleMm;
  if (byHand || !overPiece) return { wishYMm, lowMm: -Infinity, highMm: Infinity };
  const [, high] = rules.range(gapRule(overPiece.isBed));
  const gapYields = rules.school('walls.yields') === 'gap';
  return {
    wishYMm,
    lowMm: lowestOf(gallery) - middleMm,
    highMm: gapYields ? Infinity : overPiece.topMm + (group.aboveMm ?? high) - middleMm,
  };
}
