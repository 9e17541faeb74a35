'use client';
import type { ReactNode } from 'react';
import { formatBareLength } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { FloorLine, FloorPath } from '../../core/stages/floor/planFloor';
import type { Scale } from '../../ui/drawing/scale';
import { SvgWords } from '../../ui/Words';

/** Where the floor's checks fail, with the distance drawn, and the path that is too narrow there. */
export function FloorLines({
  lines,
  paths,
  scale,
  unit,
}: {
  lines: readonly FloorLine[];
  paths: readonly FloorPath[];
  scale: Scale;
  unit: LengthUnit;
}): ReactNode {
  return (
    <g pointerEvents="none" aria-hidden="true">
      {paths.map(({ points }, i) => {
        const d = `M${points.map((p) => `${scale.x(p.xMm)} ${scale.y(p.yMm)}`).join('L')}`;
        return (
          <g key={`path ${i}`} fill="none" strokeLinejoin="round" strokeLinecap="round">
            <path d={d} stroke="#f5f5f5" strokeWidth="5" />
            <path d={d} stroke="#141414" strokeWidth="1.4" strokeDasharray="1 5" />
          </g>
        );
      })}
      {lines.map((l, i) => {
        const [x1, y1, x2, y2] = [
          scale.x(l.from.xMm),
          scale.y(l.from.yMm),
          scale.x(l.to.xMm),
          scale.y(l.to.yMm),
        ];
        const label = formatBareLength(l.mm, unit);
        const width = Math.max(20, label.replace(/ ?\d+\u2044\d+/g, 'ab').length * 6.2 + 18);
        const [cx, cy] = [(x1 + x2) / 2, (y1 + y2) / 2];
        return (
          <g key={i}>
            <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="#f5f5f5" strokeWidth="4" />
            <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="#141414" strokeWidth="1.6" />
            {[
              [x1, y1],
              [x2, y2],
            ].map(([x, y], k) => (
              <circle key={k} cx={x} cy={y} r="2.6" fill="#141414" />
            ))}
            <rect
              x={cx - width / 2}
              y={cy - 8.5}
              width={width}
              height="17"
              rx="2"
              fill="#f5f5f5"
              stroke="#141414"
              strokeWidth="0.7"
            />
            <path d={`M${cx - width / 2 + 8.5} ${cy - 4.6}l4.6 8.4h-9.2z`} fill="#8a5200" />
            <text x={cx + 6} y={cy + 4.2} textAnchor="middle" fontSize="12" fontWeight="600" fill="#141414">
              <SvgWords>{label}</SvgWords>
            </text>
          </g>
        );
      })}
    </g>
  );
}
