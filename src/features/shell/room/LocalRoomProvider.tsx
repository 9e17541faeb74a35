'use client';
import type { ReactNode } from 'react';
import type { RoomFile } from '../../../core/model/types';
import { planLook } from '../../../core/plan/planLook';
import { RoomState } from './RoomState';
import { useLocalRoom } from './useLocalRoom';

/** A room that stands only in this browser until it is kept, for the quick answers. */
export function LocalRoomProvider({
  storageKey,
  begin,
  children,
}: {
  storageKey: string;
  begin: () => RoomFile;
  children: ReactNode;
}): ReactNode {
  const kept = useLocalRoom(storageKey, begin);
  return (
    <RoomState kept={kept} planner={planLook} firstLook={null} firstWall={null}>
      {children}
    </RoomState>
  );
}
