'use client';
import { useTranslations } from 'next-intl';
import { useRef, useState } from 'react';
import { formatLength, formatPlainLength } from '../../core/base/length';
import { clamp } from '../../core/base/units';
import { overheadOfSpan } from '../../core/plan/windows/overhead';
import { rodBySchool } from '../../core/stages/windows/rod';
import { outerOf } from '../../core/stages/windows/span';
import type { WindowPlan } from '../../core/stages/windows/windowPlan';
import { useDrawingDrag } from '../shell/drawing/useDrag';
import { useRoom } from '../shell/room/RoomContext';
import type { WindowActs } from './useWindowActs';

/** A height at which a dragged rod stops, and why. */
export type RodStop = { rodMm: number; label: string };

const SCHOOLS = ['high', 'twoThirds', 'overFrame'] as const;
const LEAST_ROD_MM = 100;

/** Dragging a rod up and down: it stops at the schools' heights, and where a length on sale hangs as it is. */
export function useRodDrag(windowPlan: WindowPlan | undefined, acts: WindowActs) {
  const t = useTranslations('windows');
  const { file, plan, rules, preview } = useRoom();
  const { unit, ceilingMm } = file.room;
  const begun = useRef<{ rodMm: number; stops: readonly RodStop[] }>({ rodMm: 0, stops: [] });
  const [stop, setStop] = useState<RodStop | null>(null);

  const stopsOf = (w: WindowPlan): RodStop[] => {
    const height = (mm: number) => ({ at: formatLength(mm, unit) });
    const outer = outerOf(w.span);
    const frame = { fromMm: outer.leftMm, toMm: outer.rightMm, aboveMm: w.frameTopMm };
    const overhead = overheadOfSpan({ file, walls: plan.walls, places: plan.places }, w.span, frame);
    const facts = { frameTopMm: w.frameTopMm, ceilingMm: overhead.mm };
    const bySchool = SCHOOLS.map((school): RodStop => {
      const { rodMm } = rodBySchool(facts, rules, school);
      return { rodMm, label: t('snapSchool', { school, ...height(rodMm) }) };
    });
    const byLength = w.routes.flatMap(({ kind, stockMm, rodMm }): RodStop[] =>
      kind === 'asItIs' && stockMm !== null
        ? [{ rodMm, label: t('snapLength', { length: formatPlainLength(stockMm, unit), ...height(rodMm) }) }]
        : [],
    );
    return [...bySchool, ...byLength];
  };
  /** Where a dragged rod has come to; Alt lets go of the stops. */
  const reached = (dy: number, free: boolean): { rodMm: number; stop: RodStop | null } => {
    const rodMm = clamp(begun.current.rodMm + dy, LEAST_ROD_MM, ceilingMm);
    const distance = (s: RodStop) => Math.abs(s.rodMm - rodMm);
    const [nearest] = free
      ? []
      : begun.current.stops
          .filter((s) => distance(s) <= rules.number('walls.snapWithin'))
          .sort((a, b) => distance(a) - distance(b));
    return nearest ? { rodMm: nearest.rodMm, stop: nearest } : { rodMm, stop: null };
  };
  const drag = useDrawingDrag(unit, {
    start: () => {
      begun.current = { rodMm: windowPlan?.rodHeightMm ?? 0, stops: windowPlan ? stopsOf(windowPlan) : [] };
    },
    move: (_key, _dx, dy, free) => {
      const now = reached(dy, free);
      setStop(now.stop);
      preview(acts.rodChanges(now.rodMm));
    },
    end: (_key, _dx, dy, moved, free) => {
      preview(null);
      setStop(null);
      if (moved && dy !== 0) acts.setRod(reached(dy, free).rodMm);
    },
  });
  return { drag, stop };
}
