'use client';
import { findOne } from '../../core/base/list';
import { useRoom } from '../shell/room/RoomContext';
import { useStageWall } from '../shell/useStageWall';

/** The wall that is shown, what hangs on it, and which of it is picked: a group, or else a piece. */
export function useWallPicked() {
  const { look, plan, picked } = useRoom();
  const shownWall = useStageWall(plan.hangings.map((h) => h.wallId));
  const here = plan.hangings.filter((h) => h.wallId === shownWall);
  const groups = plan.groups.filter((g) => g.wallId === shownWall);
  const groupPlan = groups.find((g) => g.groupId === picked);
  const group = look.groups.find((g) => g.id === groupPlan?.groupId);
  const current = group ? undefined : (here.find((h) => h.hangingId === picked) ?? here[0]);
  return {
    wall: findOne(plan.walls, (w) => w.id === shownWall),
    elevation: findOne(plan.elevations, (e) => e.wallId === shownWall),
    here,
    groups,
    pickedGroup: group && groupPlan ? { group, plan: groupPlan } : null,
    current,
    hanging: look.hangings.find((h) => h.id === current?.hangingId),
  };
}
export type WallPicked = ReturnType<typeof useWallPicked>;
