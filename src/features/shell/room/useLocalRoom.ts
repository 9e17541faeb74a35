'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import type { RoomFile } from '../../../core/model/types';
import { createLocalRoom } from './localRoom';

const KEY = 'rideau:quick:';

export function useLocalRoom(storageKey: string, begin: () => RoomFile) {
  const [room] = useState(() =>
    createLocalRoom(begin, {
      read: () => {
        try {
          return window.localStorage.getItem(KEY + storageKey);
        } catch {
          return null;
        }
      },
      write: (text) => {
        try {
          window.localStorage.setItem(KEY + storageKey, text);
        } catch {
          /* it stands until the page is left */
        }
      },
    }),
  );
  const snapshot = useSyncExternalStore(room.subscribe, room.snapshot, room.snapshot);
  useEffect(() => room.wake(), [room]);
  return { ...snapshot, change: room.change, replay: room.replay, takeFresh: room.takeFresh };
}
