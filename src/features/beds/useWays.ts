'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { PlannedWay } from '../../core/plan/beds/threeWays';
import { startWays, type WaysMaker } from '../../workers/ways/client';
import { useRoom } from '../shell/room/RoomContext';
import type { StashRow } from '../shell/useStash';

/**
 * Three ways to make a bed, worked out beside the page: once the stash is there, and again when it is asked for. What is
 * changed by hand meanwhile does not shuffle what is offered.
 */
export function useWays(
  bedId: string,
  stash: readonly StashRow[] | null,
): { ways: readonly PlannedWay[] | null; isRunning: boolean; again: () => void } {
  const { file, look } = useRoom();
  const maker = useRef<WaysMaker | null>(null);
  const [ways, setWays] = useState<readonly PlannedWay[] | null>(null);
  const [isRunning, setRunning] = useState(false);
  const latest = useRef({ file, look, stash });
  useEffect(() => {
    latest.current = { file, look, stash };
  });
  useEffect(
    () => () => {
      maker.current?.close();
      maker.current = null;
    },
    [],
  );
  const turn = useRef(0);
  const again = useCallback(() => {
    const now = latest.current;
    if (!now.stash) return;
    const mine = ++turn.current;
    maker.current?.close();
    maker.current = startWays();
    setRunning(true);
    const candidates = now.stash.map((row) => ({ ...row, elsewhere: row.elsewhere?.count ?? 0 }));
    maker.current
      .make({ file: now.file, lookId: now.look.id, bedId, stash: candidates })
      .catch((): PlannedWay[] => [])
      .then((found) => {
        if (mine !== turn.current) return;
        setWays(found);
        setRunning(false);
      })
      .catch(() => undefined);
  }, [bedId]);
  const isThere = stash !== null;
  useEffect(() => {
    if (isThere) queueMicrotask(again);
  }, [isThere, again, look.id]);
  return { ways, isRunning, again };
}
