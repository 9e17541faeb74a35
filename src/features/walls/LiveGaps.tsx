'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { LengthUnit } from '../../core/base/units';
import { gapsRound, type SnapBox } from '../../core/stages/walls/snap';
import { TAKEN, type Answer } from '../../ui/Field';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';

/** Distances from a piece to what faces it on each side; each can be typed over. */
export function LiveGaps({
  box,
  others,
  extent,
  scale,
  unit,
  onMove,
}: {
  box: SnapBox;
  others: readonly SnapBox[];
  /** Further than this is no neighbour. */ extent: number;
  scale: Scale;
  unit: LengthUnit;
  onMove?: (xMm: number, centreMm: number) => void;
}): ReactNode {
  const t = useTranslations('walls');
  return (
    <g>
      {gapsRound(box, others)
        .filter((g) => g.gapMm <= extent && g.gapMm > 0.5)
        .map(({ side, gapMm, other }) => {
          const isAcross = side === 'left' || side === 'right';
          const sign = side === 'right' || side === 'up' ? 1 : -1;
          const mid = isAcross
            ? (Math.max(box.centreMm - box.heightMm / 2, other.centreMm - other.heightMm / 2) +
                Math.min(box.centreMm + box.heightMm / 2, other.centreMm + other.heightMm / 2)) /
              2
            : (Math.max(box.xMm - box.widthMm / 2, other.xMm - other.widthMm / 2) +
                Math.min(box.xMm + box.widthMm / 2, other.xMm + other.widthMm / 2)) /
              2;
          const edge = isAcross
            ? box.xMm + (sign * box.widthMm) / 2
            : box.centreMm + (sign * box.heightMm) / 2;
          const [x1, y1, x2, y2] = isAcross
            ? [scale.x(edge), scale.y(mid), scale.x(edge + sign * gapMm), scale.y(mid)]
            : [scale.x(mid), scale.y(edge), scale.x(mid), scale.y(edge + sign * gapMm)];
          const commit = (mm: number): Answer => {
            onMove!(
              isAcross ? box.xMm + sign * (gapMm - mm) : box.xMm,
              isAcross ? box.centreMm : box.centreMm + sign * (gapMm - mm),
            );
            return TAKEN;
          };
          return (
            <Dimension
              key={side}
              x1={x1}
              y1={y1}
              x2={x2}
              y2={y2}
              valueMm={gapMm}
              unit={unit}
              name={t('gapTo', { other: other.name })}
              onCommit={onMove ? commit : undefined}
            />
          );
        })}
    </g>
  );
}
