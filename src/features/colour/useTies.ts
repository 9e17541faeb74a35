'use client';
import { useMemo, useState } from 'react';
import { roomAnswers, tiesInRoom } from '../../core/plan/roomTies';
import type { Ties } from '../../core/spread/ties';
import { useRoom } from '../shell/room/RoomContext';

/** What every textile of the room answers, and the one whose lines are drawn. */
export function useTies(): {
  ties: readonly Ties[];
  chosen: Ties | null;
  choose: (id: string | null) => void;
} {
  const { arranged, look, plan, rules } = useRoom();
  const [chosenId, choose] = useState<string | null>(null);
  const ties = useMemo(
    () => tiesInRoom(roomAnswers({ look, plan, pieces: arranged.pieces, items: arranged.items }), rules),
    [look, plan, arranged, rules],
  );
  return { ties, chosen: ties.find((one) => one.id === chosenId) ?? null, choose };
}
