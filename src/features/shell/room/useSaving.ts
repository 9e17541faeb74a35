'use client';
import { nanoid } from 'nanoid';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { changeRoomAction, openRoomAction, replayRoomAction, roomStateAction } from '../../../actions/room';
import type { OpenRoom } from './openRoom';
import { browserStore } from '../pageOutbox';
import { createOutbox } from './outbox';
import { createSaver } from './saver';

const RETRY_MS = 2500;

/** The saver of an open room, with the real doors. */
export function useSaving(opened: OpenRoom) {
  const roomId = opened.file.room.id;
  const [saver] = useState(() => {
    // begun in the browser only, when there is first something to keep or to look for
    let begun: ReturnType<typeof createOutbox> | null = null;
    const outbox = () => (begun ??= createOutbox(roomId, nanoid(8), browserStore));
    return createSaver(opened, {
      change: (base, batch) => changeRoomAction(roomId, base, batch),
      replay: (way) => replayRoomAction(roomId, way),
      open: () => openRoomAction(roomId),
      state: () => roomStateAction(roomId),
      leftOutbox: () => outbox().left(),
      writeOutbox: (kept) => outbox().write(kept),
      setAside: (refused) => void import('../aside').then((m) => m.setRoomAside(roomId, refused)),
      newId: () => nanoid(12),
      tell: (revision) => {
        const port = new BroadcastChannel(`rideau:${roomId}`);
        port.postMessage({ revision });
        port.close();
      },
      later: (work) => {
        setTimeout(work, RETRY_MS);
      },
    });
  });
  const snapshot = useSyncExternalStore(saver.subscribe, saver.snapshot, saver.snapshot);
  useEffect(() => {
    void saver.wake();
    const port = new BroadcastChannel(`rideau:${roomId}`);
    port.onmessage = (message: MessageEvent<{ revision: number }>) => {
      void saver.heard(message.data.revision);
    };
    return () => port.close();
  }, [saver, roomId]);
  return { ...snapshot, change: saver.change, replay: saver.replay, takeFresh: saver.takeFresh };
}
