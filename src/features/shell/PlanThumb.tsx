'use client';
import type { ReactNode } from 'react';
import { PlanShapes } from './drawing/PlanShapes';
import { useRoom } from './room/RoomContext';
import { usePaint } from './usePaint';
import { THUMB } from './WallPictures';

/** The plan, small, for the strip of walls. */
export function PlanThumb(): ReactNode {
  const { arranged, plan } = useRoom();
  const paint = usePaint();
  return (
    <PlanShapes
      file={arranged}
      placed={plan.placed}
      width={THUMB.width}
      height={THUMB.height}
      margin={5}
      paint={paint}
      plain
    />
  );
}
