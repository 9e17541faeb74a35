import type { Mm } from '../base/units';
import type { Box } from '../geometry/plane';
import type { HangingGroup, Item, RoomFile } from '../model/types';
import type { Frame, GalleryAsk } from '../packing/gallery';
import { isFlanked, isLamp } from '../room/kinds';
import { placeOnWall } from '../room/place';
import type { RuleBook } from '../rules/book';
import type { GroupPlan } from '../stages/walls/planGroup';
import type { HangingPlan } from '../stages/walls/planHanging';
import type { SnapBox, SnapPlace } from '../stages/walls/snap';
import type { Plan } from './planLook';

export const boxOfHanging = (h: HangingPlan): SnapBox => ({ id: h.hangingId, name: h.name, xMm: h.xMm, centreMm: h.centreMm, widthMm: h.widthMm, heightMm: h.heightMm });

export const boxOfGroup = (g: GroupPlan): SnapBox => ({ id: g.groupId, name: g.name, xMm: g.xMm, centreMm: g.centreMm, widthMm: g.widthMm, heightMm: g.heightMm });

/** What a dragged piece may be drawn to on its wall. */
export const snapPlaceOf = (h: HangingPlan, overPieceId: string | null, file: RoomFile, plan: Plan): SnapPlace =>
  ({ ...placeFor(h.wallId, (id) => id === h.hangingId, overPieceId, file, plan), quarterMm: null, nails: h.nails.map((n) => ({ dxMm: n.xMm - h.xMm, dyMm: n.heightMm - h.centreMm })) });

/** What a group dragged as a whole may be drawn to: its middle and its outline stand for it, its nails do not. */
export const snapPlaceOfGroup = (g: GroupPlan, overPieceId: string | null, file: RoomFile, plan: Plan): SnapPlace =>
  ({ ...placeFor(g.wallId, (id) => g.members.has(id), overPieceId, file, plan), quarterMm: g.schools.quarterMm, nails: [] });

function placeFor(wallId: string, own: (hangingId: string) => boolean, overPieceId: string | null, file: RoomFile, plan: Plan): Omit<SnapPlace, 'quarterMm' | 'nails'> {
  const wall = plan.walls.find((w) => w.id === wallId)!;
  const standing = file.pieces.filter((p) => p.kind !== 'rug' && !isLamp(p)).map((p) => ({ p, on: placeOnWall(p, plan.walls) })).filter(({ on }) => on.wallId === wallId);
  const over = standing.find(({ p }) => p.id === overPieceId);
  return {
    wallLengthMm: wall.lengthMm,
    over: over ? { name: over.p.name, isBed: over.p.bed !== null, xMm: over.on.xMm, widthMm: over.on.widthMm, topMm: over.p.bottomMm + over.p.heightMm } : null,
    others: plan.hangings.filter((x) => x.wallId === wallId && !own(x.hangingId)).map(boxOfHanging),
    axes: [
      ...standing.filter(({ p }) => p.id !== overPieceId).map(({ p, on }) => ({ name: p.name, xMm: on.xMm + on.widthMm / 2 })),
      ...file.openings.filter((o) => o.wallId === wallId).map((o) => ({ name: o.name, xMm: o.xMm + o.widthMm / 2 })), ...file.fittings.filter((f) => f.wallId === wallId).map((f) => ({ name: f.name, xMm: f.xMm + f.widthMm / 2, flanked: isFlanked(f) })),
    ],
    holes: file.room.holes.filter((x) => x.wallId === wallId),
  };
}

/** How dark and strong a piece looks, 0 to 1: its mean distance from the wall's own colour, full at 60 of lightness and chroma. */
export function visualWeight(item: Pick<Item, 'colours'>, wall: { l: number; a: number; b: number }): number {
  const whole = item.colours.reduce((s, c) => s + c.share, 0);
  return Math.min(1, item.colours.reduce((s, c) => s + (c.share / whole) * Math.hypot(c.l - wall.l, c.a - wall.a, c.b - wall.b), 0) / 60);
}

/** The question to the search for a free group: its frames, what is pinned, where it may hang. Places are from the middle of its zone. */
export function galleryAskOf(group: HangingGroup, groupPlan: GroupPlan, file: RoomFile, plan: Plan, rules: RuleBook, lookId: string): { ask: GalleryAsk; middle: { xMm: Mm; centreMm: Mm } } {
  const look = file.looks.find((l) => l.id === lookId)!;
  const wall = plan.walls.find((w) => w.id === group.wallId)!;
  const middle = group.zone ? { xMm: group.zone.xMm + group.zone.widthMm / 2, centreMm: group.zone.bottomMm + group.zone.heightMm / 2 } : { xMm: groupPlan.xMm, centreMm: groupPlan.centreMm };
  const members = look.hangings.filter((h) => h.groupId === group.id).flatMap((h) => { const item = file.items.find((i) => i.id === h.itemId); const p = plan.hangings.find((x) => x.hangingId === h.id); return item && p ? [{ h, item, p }] : []; });
  const frame = ({ h, item, p }: (typeof members)[number]): Frame => ({ id: h.id, widthMm: item.widthMm, heightMm: item.heightMm, weight: visualWeight(item, file.room.wallFinish.colours[0]!), nails: p.nails.map((n) => ({ dxMm: n.xMm - p.xMm, dyMm: n.heightMm - p.centreMm })) });
  const onWall = (b: Box): Box => ({ ...b, xMm: b.xMm - middle.xMm, yMm: b.yMm - middle.centreMm });
  const keep = rules.number('walls.clearAbove') / 2;
  const gapMm = group.gapMm ?? rules.number('walls.gap');
  const own = new Set(members.map((m) => m.h.id));
  // openings, things on the wall, and what hangs there besides
  const blocked = [
    ...file.openings.filter((o) => o.wallId === group.wallId).map((o) => onWall({ xMm: o.xMm - o.trimMm - keep, yMm: o.sillMm - keep, widthMm: o.widthMm + 2 * (o.trimMm + keep), heightMm: o.heightMm + o.trimMm + 2 * keep })),
    ...file.fittings.filter((f) => f.wallId === group.wallId && f.kind !== 'stairs').map((f) => onWall({ xMm: f.xMm - keep, yMm: f.bottomMm - keep, widthMm: f.widthMm + 2 * keep, heightMm: f.heightMm + 2 * keep })),
    ...plan.hangings.filter((h) => h.wallId === group.wallId && !own.has(h.hangingId)).map((h) => onWall({ xMm: h.xMm - h.widthMm / 2 - gapMm, yMm: h.bottomMm - gapMm, widthMm: h.widthMm + 2 * gapMm, heightMm: h.heightMm + 2 * gapMm })),
  ];
  const whole = { widthMm: 2 * Math.min(middle.xMm, wall.lengthMm - middle.xMm), heightMm: 2 * Math.min(middle.centreMm, file.room.ceilingMm - middle.centreMm) };
  return {
    middle,
    ask: {
      frames: members.filter((m) => !m.h.pinned).map(frame), pinned: members.filter((m) => m.h.pinned).map((m) => ({ ...frame(m), xMm: m.p.xMm - middle.xMm, yMm: m.p.centreMm - middle.centreMm })),
      gapMm, zone: group.zone ? { widthMm: group.zone.widthMm, heightMm: group.zone.heightMm } : whole.widthMm > 0 && whole.heightMm > 0 ? whole : null, blocked, ratio: group.ratio ?? (group.zone ? null : 1.5),
      holes: group.reuseHoles ? file.room.holes.filter((h) => h.wallId === group.wallId).map((h) => ({ xMm: h.xMm - middle.xMm, yMm: h.heightMm - middle.centreMm })) : [], seed: group.seed, rounds: null,
    },
  };
}
