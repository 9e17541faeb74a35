import { findOne } from '../base/list';
import type { RoomFile } from '../model/types';
import { isFlanked, isLamp } from '../room/kinds';
import { placeOnWall } from '../room/place';
import type { GroupPlan } from '../stages/walls/planGroup';
import type { HangingPlan } from '../stages/walls/planHanging';
import type { SnapBox, SnapPlace } from '../stages/walls/snap';
import { overThing } from '../room/overThing';
import type { Plan } from './planLook';

export const boxOfHanging = (h: HangingPlan): SnapBox => ({
  id: h.hangingId,
  name: h.name,
  xMm: h.xMm,
  centreMm: h.centreMm,
  widthMm: h.widthMm,
  heightMm: h.heightMm,
});

export const boxOfGroup = (g: GroupPlan): SnapBox => ({
  id: g.groupId,
  name: g.name,
  xMm: g.xMm,
  centreMm: g.centreMm,
  widthMm: g.widthMm,
  heightMm: g.heightMm,
});

/** What a dragged piece may be drawn to on its wall. */
export const snapPlaceOf = (
  h: HangingPlan,
  overPieceId: string | null,
  file: RoomFile,
  plan: Plan,
): SnapPlace => ({
  ...placeFor(h.wallId, (id) => id === h.hangingId, overPieceId, file, plan),
  quarterMm: null,
  nails: h.nails.map((n) => ({ dxMm: n.xMm - h.xMm, dyMm: n.heightMm - h.centreMm })),
});

/**
 * What a group dragged as a whole may be drawn to: its middle and its outline stand for it, its nails do not.
 */
export const snapPlaceOfGroup = (
  g: GroupPlan,
  overPieceId: string | null,
  file: RoomFile,
  plan: Plan,
): SnapPlace => ({
  ...placeFor(g.wallId, (id) => g.members.has(id), overPieceId, file, plan),
  quarterMm: g.schools.quarterMm,
  nails: [],
});

function placeFor(
  wallId: string,
  own: (hangingId: string) => boolean,
  overPieceId: string | null,
  file: RoomFile,
  plan: Plan,
): Omit<SnapPlace, 'quarterMm' | 'nails'> {
  const wall = findOne(plan.walls, (w) => w.id === wallId);
  const places = new Map(file.pieces.map((p) => [p.id, placeOnWall(p, plan.walls)]));
  const standing = file.pieces
    .filter((p) => p.kind !== 'rug' && !isLamp(p))
    .flatMap((p) => {
      const onWall = places.get(p.id);
      return onWall?.wallId === wallId ? [{ p, onWall }] : [];
    });
  return {
    wallLengthMm: wall.lengthMm,
    overPiece: overThing({ file, places }, overPieceId, wallId),
    others: plan.hangings.filter((x) => x.wallId === wallId && !own(x.hangingId)).map(boxOfHanging),
    axes: [
      ...standing
        .filter(({ p }) => p.id !== overPieceId)
        .map(({ p, onWall }) => ({ name: p.name, xMm: onWall.xMm + onWall.widthMm / 2 })),
      ...file.openings
        .filter((o) => o.wallId === wallId)
        .map((o) => ({ name: o.name, xMm: o.xMm + o.widthMm / 2 })),
      ...file.fittings
        .filter((f) => f.wallId === wallId && f.id !== overPieceId)
        .map((f) => ({ name: f.name, xMm: f.xMm + f.widthMm / 2, flanked: isFlanked(f) })),
    ],
    holes: file.room.holes.filter((x) => x.wallId === wallId),
  };
}
