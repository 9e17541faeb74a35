'use client';
import { useSearchParams } from 'next/navigation';
import type { ReactNode } from 'react';
import type { OpenRoom } from './openRoom';
import { RoomState } from './RoomState';
import { useSaving } from './useSaving';

/** Holds one open room for all its stages: they come and go, this stays. */
export function RoomProvider({ opened, children }: { opened: OpenRoom; children: ReactNode }): ReactNode {
  const saving = useSaving(opened);
  const search = useSearchParams();
  return (
    <RoomState
      kept={saving}
      firstLook={search.get('look')}
      firstWall={search.get('wall')}
      firstAsked={search.get('why')}
      inAddress
    >
      {children}
    </RoomState>
  );
}
