'use client';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { SnapGuide } from '../../core/stages/walls/snap';
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
