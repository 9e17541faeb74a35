'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import { gapsRound, type SnapBox, type SnapGuide } from '../../core/stages/walls/snap';
import { TAKEN, type Answer } from '../../ui/Field';
import { Dimension } from '../../ui/drawing/Dimension';
import type { Scale } from '../../ui/drawing/scale';
import { SvgWords } from '../../ui/Words';

/** While a piece is dragged: the lines that it came to rest on, each with its rule's name. */
export function SnapGuides({
  guides,
  scale,
  unit,
}: {
  guides: readonly SnapGuide[];
  scale: Scale;
  unit: LengthUnit;
}): ReactNode {
  const t = useTranslations('walls');
  return (
    <g pointerEvents="none">
      {guides.map((g, i) => {
        const [x1, y1, x2, y2] = [
          scale.x(g.from.xMm),
          scale.y(g.from.heightMm),
          scale.x(g.to.xMm),
          scale.y(g.to.heightMm),
        ];
        const words = t(`snap.${g.why}`, { of: g.of, by: formatLength(g.byMm, unit) });
        const width = words.length * 5.9 + 14;
        // the words stand on the ceiling's line over the piece, one above the other where two rules apply,
        // clear of what is dragged
        const x = Math.min(scale.width - width - 4, Math.max(4, (x1 + x2) / 2 - width / 2));
        const y = 17 + i * 20;
        return (
          <g key={`${g.why}${i}`}>
            <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="#141414" strokeWidth="1.3" strokeDasharray="5 3" />
            {g.why === 'hole' && (
              <circle cx={x1} cy={y1} r="7" fill="none" stroke="#141414" strokeWidth="1.5" />
            )}
            <rect x={x} y={y - 12} width={width} height="18" rx="2" fill="#141414" />
            <text
              x={x + width / 2}
              y={y + 1.2}
              textAnchor="middle"
              fontSize="12"
              fontWeight="600"
              fill="#f5f5f5"
            >
              <SvgWords>{words}</SvgWords>
            </text>
          </g>
        );
      })}
    </g>
  );
}

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
