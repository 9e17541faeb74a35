'use client';
import { useMemo } from 'react';
import { makePaint, type Paint } from './paint';
import { useRoom } from './room/RoomContext';

/**
 * Steps of the slider, evenly spaced to the eye (in mired), so that each colour is worked out once for each.
 */
export const LIGHT_STEPS: readonly number[] = [2700, 3000, 3400, 4000, 4600, 5500, 6504];

/** The colour to draw with: seen by the chosen light, and changed by the way of looking. */
export function usePaint(): Paint {
  const { kelvin, view, familyId, plan } = useRoom();
  // the family's colours as text: a new plan with the same colours reuses what is known
  const family = JSON.stringify(
    plan.spread.families.find((f) => f.id === familyId)?.shades.map(({ l, a, b }) => ({ l, a, b })) ?? null,
  );
  return useMemo(
    () =>
      makePaint(
        kelvin,
        view,
        (JSON.parse(family) as { l: number; a: number; b: number }[] | null) ?? undefined,
      ),
    [kelvin, view, family],
  );
}
