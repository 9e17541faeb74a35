'use client';
import { useSearchParams } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import type { RoomPage } from './openRoom';
import { RoomState } from './RoomState';
import { useComingPlanner } from './useLookPlans';
import { useSaving } from './useSaving';

/** Holds one open room for all its stages: they come and go, this stays. */
export function RoomProvider({ opened, plans, children }: RoomPage & { children: ReactNode }): ReactNode {
  const saving = useSaving(opened);
  const planner = useComingPlanner();
  const [sent] = useState(() => ({ file: opened.file, plans }));
  const search = useSearchParams();
  return (
    <RoomState
      kept={saving}
      planner={planner}
      sent={sent}
      firstLook={search.get('look')}
      firstWall={search.get('wall')}
      firstAsked={search.get('why')}
      inAddress
    >
      {children}
    </RoomState>
  );
}
