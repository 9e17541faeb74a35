import type { Mm } from '../base/units';
import type { Box } from '../geometry/plane';
import type { HangingGroup, Item, RoomFile } from '../model/types';
import type { Frame, GalleryAsk } from '../packing/frames';
import { overheadOf, underCrown } from '../room/ceiling';
import type { RuleBook } from '../rules/book';
import { gapRule } from '../stages/walls/height';
import type { GroupPlan } from '../stages/walls/planGroup';
import { obstaclesOn, standingAt } from './obstacles';
import type { Plan } from './planLook';

/** How much of its outline a gallery fills, its gaps counted in. */
const USUAL_FILL = 0.85;

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

/**
 * The question to the search for a free group: its frames, what is pinned, where it may hang and what is in
 * the way there.
 * Without a zone of its own it may take the wall from what stands under it to the clear space under the
 * ceiling, and stands by the rules of height.
 * Places are from the middle of its zone.
 */
export function galleryAskOf(
  group: HangingGroup,
  groupPlan: GroupPlan,
  file: RoomFile,
  plan: Plan,
  rules: RuleBook,
  lookId: string,
): { ask: GalleryAsk; middle: { xMm: Mm; centreMm: Mm } } {
  const look = file.looks.find((l) => l.id === lookId)!;
  const wall = plan.walls.find((w) => w.id === group.wallId)!;
  const members = look.hangings
    .filter((h) => h.groupId === group.id)
    .flatMap((h) => {
      const item = file.items.find((i) => i.id === h.itemId);
      const p = plan.hangings.find((x) => x.hangingId === h.id);
      return item && p ? [{ h, item, p }] : [];
    });
  const frame = ({ h, item, p }: (typeof members)[number]): Frame => ({
    id: h.id,
    widthMm: item.widthMm,
    heightMm: item.heightMm,
    weight: visualWeight(item, file.room.wallFinish.colours[0]!),
    nails: p.nails.map((n) => ({ dxMm: n.xMm - p.xMm, dyMm: n.heightMm - p.centreMm })),
  });
  const clearMm = rules.number('walls.clearAbove');
  const gapMm = group.gapMm ?? rules.number('walls.gap');
  const standing = standingAt(wall, group.overPieceId, file, plan);
  const over = standing.find(({ p }) => p.id === group.overPieceId);
  const overTop = over ? over.p.bottomMm + over.p.heightMm : 0;
  const edge = underCrown(file.room, overheadOf(file.room, wall, plan.walls));
  const [low, high] = over ? rules.range(gapRule(over.p.bed !== null)) : [0, Infinity];
  const lowest = over ? overTop + (rules.school('walls.yields') === 'gap' ? 0 : (group.aboveMm ?? low)) : 0;
  const highest = Math.max(...edge.map((p) => p.heightMm)) - clearMm;
  const across = Math.min(groupPlan.xMm, wall.lengthMm - groupPlan.xMm);
  const zone: Box = group.zone
    ? {
        xMm: group.zone.xMm,
        yMm: group.zone.bottomMm,
        widthMm: group.zone.widthMm,
        heightMm: group.zone.heightMm,
      }
    : { xMm: groupPlan.xMm - across, yMm: lowest, widthMm: 2 * across, heightMm: highest - lowest };
  const middle = { xMm: zone.xMm + zone.widthMm / 2, centreMm: zone.yMm + zone.heightMm / 2 };

  const own = new Set(members.map((m) => m.h.id));
  const blocked = obstaclesOn(
    wall,
    { file, plan, rules },
    { overPieceId: group.overPieceId, clearMm: group.zone ? 0 : clearMm, gapMm, own: (id) => own.has(id) },
  )
    .filter(
      (b) =>
        b.xMm < zone.xMm + zone.widthMm - 1 &&
        b.xMm + b.widthMm > zone.xMm + 1 &&
        b.yMm < zone.yMm + zone.heightMm - 1 &&
        b.yMm + b.heightMm > zone.yMm + 1,
    )
    .map((b): Box => ({
      xMm: b.xMm - middle.xMm,
      yMm: b.yMm - middle.centreMm,
      widthMm: b.widthMm,
      heightMm: b.heightMm,
    }));

  // over furniture the whole is to be two thirds to three quarters as wide
  const [narrow, wide] = rules.range('walls.widthShare');
  const cloth = members.reduce((s, { item }) => s + (item.widthMm + gapMm) * (item.heightMm + gapMm), 0);
  const byShare =
    over && cloth > 0
      ? Math.min(4, Math.max(0.4, (USUAL_FILL * (((narrow + wide) / 2) * over.on.widthMm) ** 2) / cloth))
      : 1.5;
  const byHand = group.centreMm !== null;
  const stands = group.zone
    ? null
    : {
        wishYMm: (byHand ? groupPlan.centreMm : groupPlan.wishMm) - middle.centreMm,
        lowMm: byHand || !over ? -Infinity : lowest - middle.centreMm,
        highMm:
          byHand || !over || rules.school('walls.yields') === 'gap'
            ? Infinity
            : overTop + (group.aboveMm ?? high) - middle.centreMm,
      };
  return {
    middle,
    ask: {
      frames: members.filter((m) => !m.h.pinned).map(frame),
      pinned: members
        .filter((m) => m.h.pinned)
        .map((m) => ({ ...frame(m), xMm: m.p.xMm - middle.xMm, yMm: m.p.centreMm - middle.centreMm })),
      gapMm,
      zone: { widthMm: Math.max(0, zone.widthMm), heightMm: Math.max(0, zone.heightMm) },
      stands,
      blocked,
      ratio: group.ratio ?? (group.zone ? null : byShare),
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
