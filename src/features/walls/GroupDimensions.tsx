'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { GroupPlan } from '../../core/stages/walls/planGroup';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';
import { TAKEN, type Answer } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';

/**
 * Dimension lines of the whole: its width, its middle over the floor and from the left, its height over the
 * furniture.
 */
export function GroupDimensions({
  plan: g,
  scale,
  onMove,
  onWidth,
}: {
  plan: GroupPlan;
  scale: Scale;
  onMove: (dxMm: number, dyMm: number) => void;
  onWidth: ((mm: number) => Answer) | undefined;
}): ReactNode {
  const t = useTranslations('walls');
  const { file } = useRoom();
  const unit = file.room.unit;
  if (g.members.size === 0) return null;
  const [left, right] = [scale.x(g.xMm - g.widthMm / 2), scale.x(g.xMm + g.widthMm / 2)];
  const lineX = left - scale.x(0) > 46 ? left - 26 : Math.min(right + 26, scale.width - 24);
  // the number across stands aside where the upright's would be under it
  const crossed = Math.abs((scale.y(g.centreMm) + scale.y(0)) / 2 - scale.y(g.bottomMm) - 20) < 14;
  const meets = Math.abs((scale.x(0) + scale.x(g.xMm)) / 2 - lineX) < 48;
  return (
    <g>
      <Dimension
        x1={left}
        x2={right}
        y1={scale.y(g.topMm) - 18}
        y2={scale.y(g.topMm) - 18}
        valueMm={g.widthMm}
        unit={unit}
        name={t('whole')}
        onCommit={onWidth}
      />
      <Dimension
        x1={lineX}
        x2={lineX}
        y1={scale.y(g.centreMm)}
        y2={scale.y(0)}
        valueMm={g.centreMm}
        unit={unit}
        name={t('centre')}
        labelShare={crossed ? 0.75 : 0.5}
        onCommit={(mm) => {
          onMove(0, mm - g.centreMm);
          return TAKEN;
        }}
      />
      <Dimension
        x1={scale.x(0)}
        x2={scale.x(g.xMm)}
        y1={scale.y(g.bottomMm) + 20}
        y2={scale.y(g.bottomMm) + 20}
        valueMm={g.xMm}
        unit={unit}
        name={t('fromLeft')}
        labelShare={meets ? 0.25 : 0.5}
        onCommit={(mm) => {
          onMove(mm - g.xMm, 0);
          return TAKEN;
        }}
      />
      {g.aboveMm !== null && g.aboveMm > 1 && (
        <Dimension
          x1={scale.x(g.xMm)}
          x2={scale.x(g.xMm)}
          y1={scale.y(g.bottomMm)}
          y2={scale.y(g.bottomMm - g.aboveMm)}
          valueMm={g.aboveMm}
          unit={unit}
          name={t('gap', { over: '' })}
          onCommit={(mm) => {
            onMove(0, mm - g.aboveMm!);
            return TAKEN;
          }}
        />
      )}
    </g>
  );
}
