'use client';
import { findOne } from '../../core/base/list';
import { tubOpening } from '../../core/plan/windows/dressed';
import { isGlazed } from '../../core/room/kinds';
import { useRoom } from '../shell/room/RoomContext';
import { useStageWall } from '../shell/useStageWall';
import { unroll } from './unroll';

/** What can be dressed in the room, which of it is picked, and the wall or walls on which that is shown. */
export function useWindowPicked() {
  const { file, look, plan, picked } = useRoom();
  // windows and French doors, and tubs with their shower curtain
  const windows = [
    ...file.openings.filter(isGlazed),
    ...file.fittings.filter((f) => f.kind === 'tub').map(tubOpening),
  ];
  const planOf = (openingId: string) =>
    plan.windows.find((w) => w.openingId === openingId || w.openingIds.includes(openingId));
  const dressed = windows.filter((o) => planOf(o.id));
  const chosenWall = useStageWall([...dressed, ...windows].map((o) => o.wallId));
  const isPicked = (openingId: string) =>
    openingId === picked || look.dressings.some((d) => d.id === picked && d.openingId === openingId);
  const current =
    windows.find((o) => isPicked(o.id)) ??
    dressed.find((o) => o.wallId === chosenWall) ??
    windows.find((o) => o.wallId === chosenWall);
  const windowPlan = current && planOf(current.id);
  const shownWall = current?.wallId ?? chosenWall;
  const wall = findOne(plan.walls, (w) => w.id === shownWall);
  // a rod that goes round corners is shown with all its walls, unrolled
  const rodWalls = windowPlan?.rodOn.map((r) => r.wallId) ?? [];
  const round = rodWalls.length > 1 ? unroll(plan.elevations, rodWalls) : null;
  const shownWalls = round ? [...round.offsets.keys()] : [shownWall];
  return {
    windows,
    current,
    isTub: file.fittings.some((f) => f.id === current?.id),
    windowPlan,
    dressing: look.dressings.find((d) => d.id === windowPlan?.dressingId),
    wall,
    round,
    elevation: round?.elevation ?? findOne(plan.elevations, (e) => e.wallId === shownWall),
    undressed: windows.filter((o) => shownWalls.includes(o.wallId) && !planOf(o.id)),
  };
}
export type WindowPicked = ReturnType<typeof useWindowPicked>;
