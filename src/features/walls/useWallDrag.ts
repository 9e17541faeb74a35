'use client';
import { useRef, useState } from 'react';
import { clamp } from '../../core/base/units';
import type { Change } from '../../core/model/change';
import type { Hanging, HangingGroup } from '../../core/model/types';
import { boxOfGroup, boxOfHanging, snapPlaceOf, snapPlaceOfGroup } from '../../core/plan/snapPlace';
import type { Wall } from '../../core/room/walls';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import type { HangingPlan } from '../../core/stages/walls/planHanging';
import { snapHanging, type SnapGuide, type SnapPlace } from '../../core/stages/walls/snap';
import { useDrawingDrag } from '../shell/drawing/useDrag';
import { useRoom } from '../shell/room/RoomContext';
import { useWallActs } from './useWallActs';

type HeldPiece = { kind: 'piece'; hanging: Hanging; plan: HangingPlan; place: SnapPlace };
type HeldGroup = {
  kind: 'group';
  group: HangingGroup;
  plan: GroupPlan;
  place: SnapPlace;
  stand: { xMm: number; centreMm: number };
};
type Dragged = { changes: Change[]; guides: readonly SnapGuide[] };

/**
 * Dragging a piece or a group over its wall: what it snaps to is shown, and its place is kept when it is
 * dropped.
 */
export function useWallDrag(wall: Wall) {
  const { file, arranged, look, plan, rules, pick, preview, change } = useRoom();
  const acts = useWallActs();
  const [guides, setGuides] = useState<readonly SnapGuide[]>([]);
  const held = useRef<HeldPiece | HeldGroup | null>(null);

  const groupMoved = (start: HeldGroup, dx: number, dy: number, free: boolean): Dragged => {
    const box = boxOfGroup(start.plan);
    const moved = { ...box, xMm: box.xMm + dx, centreMm: box.centreMm + dy };
    const snapped = free ? { ...moved, guides: [] } : snapHanging(moved, start.place, rules);
    const acrossMm = dx === 0 ? 0 : snapped.xMm - box.xMm;
    const upMm = dy === 0 ? 0 : snapped.centreMm - box.centreMm;
    return { changes: acts.moveGroup(start.group, acrossMm, upMm, start.stand), guides: snapped.guides };
  };
  const pieceMoved = (start: HeldPiece, dx: number, dy: number, free: boolean): Dragged => {
    const xMm = clamp(start.plan.xMm + dx, 0, wall.lengthMm);
    const centreMm = start.hanging.leans
      ? start.plan.centreMm
      : clamp(start.plan.centreMm + dy, 0, file.room.ceilingMm);
    if (free) return { changes: acts.moveTo(start.hanging, start.plan, xMm, centreMm), guides: [] };
    const snapped = snapHanging({ ...boxOfHanging(start.plan), xMm, centreMm }, start.place, rules);
    const upMm = start.hanging.leans || dy === 0 ? start.plan.centreMm : snapped.centreMm;
    return {
      changes: acts.moveTo(start.hanging, start.plan, dx === 0 ? start.plan.xMm : snapped.xMm, upMm),
      guides: snapped.guides,
    };
  };
  /** Where a drag has come to: free with Alt, else where the nearest rules put it. */
  const dragged = (start: HeldPiece | HeldGroup, dx: number, dy: number, free: boolean): Dragged =>
    start.kind === 'group' ? groupMoved(start, dx, dy, free) : pieceMoved(start, dx, dy, free);

  const takeHold = (id: string): HeldPiece | HeldGroup | null => {
    const piece = plan.hangings.find((h) => h.hangingId === id);
    const hanging = look.hangings.find((h) => h.id === id);
    if (piece && hanging) {
      const place = snapPlaceOf(piece, hanging.overPieceId, arranged, plan);
      return { kind: 'piece', hanging, plan: piece, place };
    }
    const whole = plan.groups.find((g) => g.groupId === id);
    const group = look.groups.find((g) => g.id === id);
    if (!whole || !group) return null;
    const place = snapPlaceOfGroup(whole, group.overPieceId, arranged, plan);
    return { kind: 'group', group, plan: whole, place, stand: acts.standOf(group) };
  };
  const drag = useDrawingDrag(file.room.unit, {
    start: (id) => {
      held.current = takeHold(id);
      pick(id);
    },
    move: (_id, dx, dy, free) => {
      if (!held.current || (dx === 0 && dy === 0)) return;
      const now = dragged(held.current, dx, dy, free);
      setGuides(now.guides);
      preview(now.changes);
    },
    end: (_id, dx, dy, moved, free) => {
      preview(null);
      setGuides([]);
      if (moved && held.current) change(dragged(held.current, dx, dy, free).changes);
    },
  });
  return { drag, guides };
}
