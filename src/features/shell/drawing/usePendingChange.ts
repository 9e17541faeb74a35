'use client';
import { useMemo, useRef } from 'react';
import type { Change } from '../../../core/model/change';
import { useRoom } from '../room/RoomContext';

/**
 * A change while it is dragged. It is idle until `begin`; each `hold` shows the change as it would be, in
 * place of the one held so far; `release` keeps the last one as a single step of undo. A drag that comes back
 * to where it began holds nothing, and leaves no step.
 */
export type PendingChange = {
  begin: () => void;
  hold: (change: Change | null) => void;
  release: () => void;
};

export function usePendingChange(): PendingChange {
  const { preview, change } = useRoom();
  const held = useRef<Change | null>(null);
  return useMemo(
    () => ({
      begin: () => {
        held.current = null;
      },
      hold: (next) => {
        held.current = next;
        preview(next && [next]);
      },
      release: () => {
        preview(null);
        if (held.current) change([held.current]);
        held.current = null;
      },
    }),
    [preview, change],
  );
}
