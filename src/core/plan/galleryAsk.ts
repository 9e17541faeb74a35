import type { Mm } from '../base/units';
import type { Box } from '../geometry/plane';
import type { HangingGroup, Item, RoomFile } from '../model/types';
import type { Frame, GalleryAsk } from '../packing/gallery';
import { overheadOf, type OverheadPoint } from '../room/ceiling';
import { isLamp } from '../room/kinds';
import { placeOnWall } from '../room/place';
import type { RuleBook } from '../rules/book';
import { gapRule } from '../stages/walls/height';
import type { GroupPlan } from '../stages/walls/planGroup';
import { curtainBoxes } from './curtainBoxes';
import type { Plan } from './planLook';

/** Slopes and stairs are met as steps of this width. */
const STEP: Mm = 80;
/** What is blocked above a ceiling reaches this far up. */
const FAR: Mm = 10_000;
/** Furniture farther from the wall than this does not stand under a picture. */
const NEAR_WALL: Mm = 900;
/** How much of its outline a gallery fills, its gaps counted in. */
const USUAL_FILL = 0.85;

/** How dark and strong a piece looks, 0 to 1: its mean distance from the wall's own colour, full at 60 of lightness and chroma. */
export function visualWeight(item: Pick<Item, 'colours'>, wall: { l: number; a: number; b: number }): number {
  const whole = item.colours.reduce((s, c) => s + c.share, 0);
  return Math.min(1, item.colours.reduce((s, c) => s + (c.share / whole) * Math.hypot(c.l - wall.l, c.a - wall.a, c.b - wall.b), 0) / 60);
}

/** What is over a wall's sloping edge, in steps, `clearMm` below it. */
function overSlope(edge: readonly OverheadPoint[], clearMm: Mm): Box[] {
  return edge.slice(1).flatMap((b, i) => {
    const a = edge[i]!;
    const level = Math.abs(a.heightMm - b.heightMm) < 1;
    const steps = level ? 1 : Math.max(1, Math.ceil((b.xMm - a.xMm) / STEP));
    const at = (k: number) => a.heightMm + ((b.heightMm - a.heightMm) * k) / steps;
    return Array.from({ length: steps }, (_, k): Box => ({ xMm: a.xMm + ((b.xMm - a.xMm) * k) / steps, widthMm: (b.xMm - a.xMm) / steps, yMm: Math.min(at(k), at(k + 1)) - clearMm, heightMm: FAR }));
  }).filter((b) => b.widthMm > 0);
}

/** What a stair along the wall takes, in steps under its line. */
function underStair(f: RoomFile['fittings'][number]): Box[] {
  const steps = Math.max(1, Math.ceil(f.widthMm / STEP));
  const up = (k: number) => (f.heightMm * (f.rises === 'right' ? k + 1 : steps - k)) / steps;
  return Array.from({ length: steps }, (_, k): Box => ({ xMm: f.xMm + (f.widthMm * k) / steps, widthMm: f.widthMm / steps, yMm: f.bottomMm, heightMm: up(k) }));
}

/**
 * The question to the search for a free group: its frames, what is pinned, where it may hang and what is in the way there.
 * Without a zone of its own it may take the wall from what stands under it to the clear space under the ceiling, and stands by the rules of height.
 * Places are from the middle of its zone.
 */
export function galleryAskOf(group: HangingGroup, groupPlan: GroupPlan, file: RoomFile, plan: Plan, rules: RuleBook, lookId: string): { ask: GalleryAsk; middle: { xMm: Mm; centreMm: Mm } } {
  const look = file.looks.find((l) => l.id === lookId)!;
  const wall = plan.walls.find((w) => w.id === group.wallId)!;
  const members = look.hangings.filter((h) => h.groupId === group.id).flatMap((h) => { const item = file.items.find((i) => i.id === h.itemId); const p = plan.hangings.find((x) => x.hangingId === h.id); return item && p ? [{ h, item, p }] : []; });
  const frame = ({ h, item, p }: (typeof members)[number]): Frame => ({ id: h.id, widthMm: item.widthMm, heightMm: item.heightMm, weight: visualWeight(item, file.room.wallFinish.colours[0]!), nails: p.nails.map((n) => ({ dxMm: n.xMm - p.xMm, dyMm: n.heightMm - p.centreMm })) });
  const clearMm = rules.number('walls.clearAbove');
  const gapMm = group.gapMm ?? rules.number('walls.gap');
  const standing = file.pieces.filter((p) => p.kind !== 'rug' && p.kind !== 'plant' && !isLamp(p)).map((p) => ({ p, on: placeOnWall(p, plan.walls) })).filter(({ p, on }) => on.wallId === wall.id && (on.depthMm < NEAR_WALL || p.id === group.overPieceId));
  const over = standing.find(({ p }) => p.id === group.overPieceId);
  const overTop = over ? over.p.bottomMm + over.p.heightMm : 0;
  const edge = overheadOf(file.room, wall, plan.walls);
  const [low, high] = over ? rules.range(gapRule(over.p.bed !== null)) : [0, Infinity];
  const lowest = over ? overTop + (rules.school('walls.yields') === 'gap' ? 0 : group.aboveMm ?? low) : 0;
  const highest = Math.max(...edge.map((p) => p.heightMm)) - clearMm;
  const across = Math.min(groupPlan.xMm, wall.lengthMm - groupPlan.xMm);
  const zone: Box = group.zone
    ? { xMm: group.zone.xMm, yMm: group.zone.bottomMm, widthMm: group.zone.widthMm, heightMm: group.zone.heightMm }
    : { xMm: groupPlan.xMm - across, yMm: lowest, widthMm: 2 * across, heightMm: highest - lowest };
  const middle = { xMm: zone.xMm + zone.widthMm / 2, centreMm: zone.yMm + zone.heightMm / 2 };

  const room = (b: Box, byMm: Mm): Box => ({ xMm: b.xMm - byMm, yMm: b.yMm - byMm, widthMm: b.widthMm + 2 * byMm, heightMm: b.heightMm + 2 * byMm });
  const keep = clearMm / 2;
  const own = new Set(members.map((m) => m.h.id));
  // openings and their curtains, things on the wall, furniture before it, a slope, a stair, and what hangs there besides
  const blocked = [
    ...file.openings.filter((o) => o.wallId === wall.id).map((o) => room({ xMm: o.xMm - o.trimMm, yMm: o.sillMm, widthMm: o.widthMm + 2 * o.trimMm, heightMm: o.heightMm + o.trimMm }, keep)),
    ...curtainBoxes(plan.windows, wall.id, rules),
    ...file.fittings.filter((f) => f.wallId === wall.id).flatMap((f) => (f.kind === 'stairs' ? underStair(f) : [room({ xMm: f.xMm, yMm: f.bottomMm, widthMm: f.widthMm, heightMm: f.heightMm }, keep)])),
    ...standing.map(({ p, on }): Box => room({ xMm: on.xMm, yMm: p.bottomMm, widthMm: on.widthMm, heightMm: p.heightMm }, p.id === group.overPieceId ? 0 : keep)),
    ...overSlope(edge, group.zone ? 0 : clearMm),
    ...plan.hangings.filter((h) => h.wallId === wall.id && !own.has(h.hangingId)).map((h) => room({ xMm: h.xMm - h.widthMm / 2, yMm: h.bottomMm, widthMm: h.widthMm, heightMm: h.heightMm }, gapMm)),
  ].filter((b) => b.xMm < zone.xMm + zone.widthMm - 1 && b.xMm + b.widthMm > zone.xMm + 1 && b.yMm < zone.yMm + zone.heightMm - 1 && b.yMm + b.heightMm > zone.yMm + 1)
    .map((b): Box => ({ xMm: b.xMm - middle.xMm, yMm: b.yMm - middle.centreMm, widthMm: b.widthMm, heightMm: b.heightMm }));

  // over furniture the whole is to be two thirds to three quarters as wide
  const [narrow, wide] = rules.range('walls.widthShare');
  const cloth = members.reduce((s, { item }) => s + (item.widthMm + gapMm) * (item.heightMm + gapMm), 0);
  const byShare = over && cloth > 0 ? Math.min(4, Math.max(0.4, (USUAL_FILL * (((narrow + wide) / 2) * over.on.widthMm) ** 2) / cloth)) : 1.5;
  const byHand = group.centreMm !== null;
  const stands = group.zone ? null : {
    wishYMm: (byHand ? groupPlan.centreMm : groupPlan.wishMm) - middle.centreMm,
    lowMm: byHand || !over ? -Infinity : lowest - middle.centreMm,
    highMm: byHand || !over || rules.school('walls.yields') === 'gap' ? Infinity : overTop + (group.aboveMm ?? high) - middle.centreMm,
  };
  return {
    middle,
    ask: {
      frames: members.filter((m) => !m.h.pinned).map(frame), pinned: members.filter((m) => m.h.pinned).map((m) => ({ ...frame(m), xMm: m.p.xMm - middle.xMm, yMm: m.p.centreMm - middle.centreMm })),
      gapMm, zone: { widthMm: Math.max(0, zone.widthMm), heightMm: Math.max(0, zone.heightMm) }, stands, blocked, ratio: group.ratio ?? (group.zone ? null : byShare),
      holes: group.reuseHoles ? file.room.holes.filter((h) => h.wallId === wall.id).map((h) => ({ xMm: h.xMm - middle.xMm, yMm: h.heightMm - middle.centreMm })) : [], holeReachMm: rules.number('walls.holeReach'), seed: group.seed, rounds: null,
    },
  };
}
