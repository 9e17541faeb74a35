'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { RoomFile } from '../../../core/model/types';
import { KnownPlans, type Planner, type PlanOf, type SentPlans } from './knownPlans';

const AGAIN_MS = 1500;

/** The planner, which is fetched once the page is awake; null until it is there. */
export function useComingPlanner(): Planner | null {
  const [planner, setPlanner] = useState<Planner | null>(null);
  useEffect(() => {
    let isGone = false;
    let waiting: ReturnType<typeof setTimeout> | undefined;
    const fetchIt = () => {
      import('../../../core/plan/planLook').then(
        (m) => {
          if (!isGone) setPlanner(() => m.planLook);
        },
        // the studio is away: what is typed is kept meanwhile, and shown once this has come
        () => {
          if (!isGone) waiting = setTimeout(fetchIt, AGAIN_MS);
        },
      );
    };
    fetchIt();
    return () => {
      isGone = true;
      clearTimeout(waiting);
    };
  }, []);
  return planner;
}

/**
 * The plan of a look, worked out once for each state of the room. While nothing else is to be done the other
 * looks are worked out too, so that a tab changes at once.
 */
export function useLookPlans(
  planner: Planner | null,
  sent: SentPlans | undefined,
): { planOf: PlanOf; ahead: (file: RoomFile, lookId: string) => void } {
  const [plans] = useState(() => new KnownPlans(sent));
  const planOf = useCallback<PlanOf>((file, lookId) => plans.planOf(planner, file, lookId), [plans, planner]);
  const waiting = useRef<number | null>(null);
  const ahead = useCallback(
    (file: RoomFile, lookId: string) => {
      if (!planner || typeof window.requestIdleCallback !== 'function') return;
      if (waiting.current !== null) window.cancelIdleCallback(waiting.current);
      const looks = file.looks.map((l) => l.id);
      const next = () => {
        plans.prime(planner, file, lookId);
        const id = looks.pop();
        waiting.current = null;
        if (id === undefined) return;
        plans.planOf(planner, file, id);
        waiting.current = window.requestIdleCallback(next);
      };
      waiting.current = window.requestIdleCallback(next);
    },
    [plans, planner],
  );
  useEffect(
    () => () => {
      if (waiting.current !== null) window.cancelIdleCallback(waiting.current);
    },
    [],
  );
  return { planOf, ahead };
}
