'use client';
import { first } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { useState, type RefObject } from 'react';
import type { Scale } from '../../ui/drawing/scale';
import { useStableCallback } from '../../ui/useStableCallback';
import { useRoom } from '../shell/room/RoomContext';
import type { BumpKind } from './buildBump';
import { BUMPS } from './kindLists';
import type { Side } from './MeasureWorksheet';

const adding = () => import('./adding');

/** Adding an opening, a fitting or a piece: by a press, or dragged in from its chip. */
export function useAddThing({
  box,
  drawn,
  onPlan,
  onSide,
}: {
  box: RefObject<HTMLDivElement | null>;
  /** The scale of the wall that is drawn. */ drawn: RefObject<Scale | null>;
  /** The piece went onto the plan, whatever was shown. */ onPlan: () => void;
  onSide: (side: Side | null) => void;
}) {
  const t = useTranslations();
  const { file, wallId, setWall, pick, change } = useRoom();
  const [problem, setProblem] = useState<string | null>(null);
  const isPlan = wallId === 'plan';
  /**
   * Adds a thing: where it was dropped, or where there is room for it. All its readings are guesses until
   * they are measured.
   */
  const addTo = async (kind: string, place?: { xMm: number; yMm: number }) => {
    if ((BUMPS as readonly string[]).includes(kind)) {
      pick(null);
      onSide({ kind: 'bump', bump: kind as BumpKind, wallId: isPlan ? first(file.room.walls).id : wallId });
      return;
    }
    const { addThing } = await adding();
    const added = addThing(kind, t(`measure.kinds.${kind as 'window'}`), { file, wallId, place });
    setProblem(added.says && t(`measure.${added.says}`));
    if (!added.changes) return;
    if (added.onPlan) {
      setWall('plan');
      onPlan();
    }
    change(added.changes);
    onSide(null);
    pick(added.id);
  };
  const addHere = useStableCallback((kind: string) => void addTo(kind));
  const dropHere = useStableCallback(async (kind: string, clientX: number, clientY: number) => {
    const place = (await adding()).whereDropped(
      box.current,
      isPlan ? 'plan' : drawn.current,
      file,
      clientX,
      clientY,
    );
    if (place) void addTo(kind, place);
  });
  return { addHere, dropHere, problem };
}
