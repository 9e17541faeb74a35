'use client';
import { useMemo } from 'react';
import { cm, feet, type LengthUnit, type Mm } from '../../core/base/units';
import type { Leg } from '../../core/room/survey';
import { useDraft } from '../../ui/drafts';
import { startLegs } from '../shell/outline/OutlineForm';

/** A room that is being begun: what its form holds. */
export type BegunRoom = { name: string; home: string | null; unit: LengthUnit; legs: Leg[]; ceilingMm: Mm };

const UNITS: readonly unknown[] = ['in', 'ft-in', 'cm'] satisfies LengthUnit[];
const usualCeiling = (unit: LengthUnit): Mm => (unit === 'cm' ? cm(250) : feet(8));
const startIn = (unit: LengthUnit): BegunRoom => ({
  name: '',
  home: null,
  unit,
  legs: startLegs(unit),
  ceilingMm: usualCeiling(unit),
});

const isLeg = (value: unknown): value is Leg => {
  const leg = value as Partial<Leg> | null;
  return Number.isFinite(leg?.lengthMm) && Number.isFinite(leg?.turnDeg);
};

/** What was kept of a room that is being begun; undefined for anything else. */
export function readBegun(text: string | null): BegunRoom | undefined {
  let kept: Partial<BegunRoom> | null;
  try {
    kept = JSON.parse(text ?? 'null') as Partial<BegunRoom> | null;
  } catch {
    return undefined;
  }
  const isWhole =
    typeof kept?.name === 'string' &&
    (kept.home === null || typeof kept.home === 'string') &&
    UNITS.includes(kept.unit) &&
    Array.isArray(kept.legs) &&
    kept.legs.every(isLeg) &&
    Number.isFinite(kept.ceilingMm);
  return isWhole ? (kept as BegunRoom) : undefined;
}

/** What is typed to begin a room, kept in this browser until the room is there; in the studio's unit until one is chosen. */
export function useBegunRoom(usualUnit: LengthUnit) {
  const [text, setText] = useDraft('begun-room');
  const begun = useMemo(() => readBegun(text) ?? startIn(usualUnit), [text, usualUnit]);
  const set = (patch: Partial<BegunRoom>) => setText(JSON.stringify({ ...begun, ...patch }));
  /** Between inches and centimetres the room begins anew, in numbers that are usual there. */
  const setUnit = (unit: LengthUnit) => {
    const isOther = (unit === 'cm') !== (begun.unit === 'cm');
    set({ unit, ...(isOther ? { legs: startLegs(unit), ceilingMm: usualCeiling(unit) } : {}) });
  };
  return { begun, set, setUnit, forget: () => setText(null) };
}
