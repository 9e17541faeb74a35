'use client';
import type { ReactNode } from 'react';
import { boxOfHanging } from '../../core/plan/snapPlace';
import type { Scale } from '../../ui/drawing/scale';
import { useRoom } from '../shell/room/RoomContext';
import { GroupDimensions } from './GroupDimensions';
import { HangingDimensions } from './HangingDimensions';
import { LiveGaps } from './LiveGaps';
import { useWallActs } from './useWallActs';
import type { WallPicked } from './useWallPicked';

/** The measures of what is picked, each to be typed over. */
export function PickedDimensions({
  on: { here, pickedGroup, current, hanging },
  scale,
}: {
  on: WallPicked;
  scale: Scale;
}): ReactNode {
  const { file, rules, change } = useRoom();
  const acts = useWallActs();
  if (pickedGroup) {
    const { group, plan } = pickedGroup;
    return (
      <GroupDimensions
        plan={plan}
        scale={scale}
        onMove={(dx, dy) => change(acts.moveGroup(group, dx, dy, acts.standOf(group)))}
        onWidth={acts.widen(group, plan)}
      />
    );
  }
  if (!current || !hanging) return null;
  return (
    <>
      <HangingDimensions plan={current} hanging={hanging} scale={scale} />
      <LiveGaps
        box={boxOfHanging(current)}
        others={here.filter((h) => h !== current).map(boxOfHanging)}
        extent={rules.number('walls.neighbourReach')}
        scale={scale}
        unit={file.room.unit}
        onMove={(xMm, centreMm) => change(acts.moveTo(hanging, current, xMm, centreMm))}
      />
    </>
  );
}
