'use client';
import { useEffect, useRef, useState } from 'react';
import type { RoomFile } from '../../../core/model/types';
import { planLook, type Plan } from '../../../core/plan/planLook';

/** Plans by room file and look, kept as long as the file is. */
type Known = WeakMap<RoomFile, Map<string, Plan>>;

/**
 * The plan of a look, worked out once for each state of the room. While nothing else is to be done the other
 * looks are worked out too, so that a tab changes at once.
 */
export function useLookPlans(): {
  planOf: (file: RoomFile, lookId: string) => Plan;
  ahead: (file: RoomFile) => void;
} {
  const [plans] = useState(() => {
    const known: Known = new WeakMap();
    // parts of the last plan that read the same objects are reused
    let previous: Plan | undefined;
    return (file: RoomFile, lookId: string): Plan => {
      let ofFile = known.get(file);
      if (!ofFile) known.set(file, (ofFile = new Map()));
      let plan = ofFile.get(lookId);
      if (!plan) {
        ofFile.set(lookId, (plan = planLook(file, { lookId, previous })));
        previous = plan;
      }
      return plan;
    };
  });
  const waiting = useRef<number | null>(null);
  const [ahead] = useState(() => (file: RoomFile) => {
    if (typeof window.requestIdleCallback !== 'function') return;
    if (waiting.current !== null) window.cancelIdleCallback(waiting.current);
    const looks = file.looks.map((l) => l.id);
    const next = () => {
      const id = looks.pop();
      waiting.current = null;
      if (id === undefined) return;
      plans(file, id);
      waiting.current = window.requestIdleCallback(next);
    };
    waiting.current = window.requestIdleCallback(next);
  });
  useEffect(
    () => () => {
      if (waiting.current !== null) window.cancelIdleCallback(waiting.current);
    },
    [],
  );
  return { planOf: plans, ahead };
}
