'use client';
import { useMemo, useState } from 'react';
import { placesOnPlan, roomAnswers, seenAt, tiesInRoom, type SeenAt } from '../../core/plan/roomTies';
import type { Point } from '../../core/geometry/plane';
import type { Ties } from '../../core/spread/ties';
import { useRoom } from '../shell/room/RoomContext';

/** What every textile of a room answers, and the one whose lines are drawn. */
export type RoomTies = {
  ties: readonly Ties[];
  chosen: Ties | null;
  /** Which one lines are drawn from. */
  choose: (id: string | null) => void;
  /** Where things are on the walls, and on the plan; of what is drawn there. */
  onWalls: ReadonlyMap<string, SeenAt>;
  onPlan: ReadonlyMap<string, Point>;
};

export function useTies(): RoomTies {
  const { arranged, look, plan, rules } = useRoom();
  const [chosenId, choose] = useState<string | null>(null);
  const ties = useMemo(
    () => tiesInRoom(roomAnswers({ look, plan, pieces: arranged.pieces, items: arranged.items }), rules),
    [look, plan, arranged, rules],
  );
  const onWalls = useMemo(() => seenAt(plan.elevations, look), [plan, look]);
  const onPlan = useMemo(() => placesOnPlan(plan, arranged.pieces, onWalls), [plan, arranged, onWalls]);
  return { ties, chosen: ties.find((one) => one.id === chosenId) ?? null, choose, onWalls, onPlan };
}
