'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { RoomFile } from '../../../core/model/types';
import type { planLook, Plan } from '../../../core/plan/planLook';

export type Planner = typeof planLook;
/** Plans that came with the page, of its file. */
export type SentPlans = { file: RoomFile; plans: readonly Plan[] };
/** The plan of a look; null while the planner has not come and the plan didn't come with the page. */
export type PlanOf = (file: RoomFile, lookId: string) => Plan | null;

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

/** Plans by room file and look, kept as long as the file is; parts of the last one that read the same are reused. */
class KnownPlans {
  private readonly known = new WeakMap<RoomFile, Map<string, Plan>>();
  private previous: Plan | undefined;

  constructor(sent: SentPlans | undefined) {
    if (sent) this.known.set(sent.file, new Map(sent.plans.map((plan) => [plan.lookId, plan])));
  }

  planOf(planner: Planner | null, file: RoomFile, lookId: string): Plan | null {
    const known = this.known.get(file)?.get(lookId);
    if (known || !planner) return known ?? null;
    const plan = planner(file, { lookId, previous: this.previous });
    this.previous = plan;
    if (!this.known.has(file)) this.known.set(file, new Map());
    this.known.get(file)?.set(lookId, plan);
    return plan;
  }

  /** What came with the page has nothing to reuse: planned once here, the first change finds what it doesn't touch. */
  prime(planner: Planner, file: RoomFile, lookId: string): void {
    this.previous ??= planner(file, { lookId });
  }
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
