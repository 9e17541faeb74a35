'use client';
import type { ReactNode } from 'react';
import { formatBareLength } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import type { FloorLine, FloorPath } from '../../core/stages/floor/planFloor';
import type { Scale } from '../../ui/drawing/scale';
import { SvgWords } from '../../ui/Words';
import { LABEL_HIGH, lineLabels } from './lineLabels';

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
  const labelled = lineLabels(lines, scale, (l) => formatBareLength(l.mm, unit));
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
      {labelled.map(({ from, to }, i) => (
        <g key={i}>
          <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke="#f5f5f5" strokeWidth="4" />
          <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke="#141414" strokeWidth="1.6" />
          {[from, to].map(({ x, y }, k) => (
            <circle key={k} cx={x} cy={y} r="2.6" fill="#141414" />
          ))}
        </g>
      ))}
      {labelled.map(({ label, at, width }, i) => (
        <g key={i}>
          <rect
            x={at.x - width / 2}
            y={at.y - LABEL_HIGH / 2}
            width={width}
            height={LABEL_HIGH}
            rx="2"
            fill="#f5f5f5"
            stroke="#141414"
            strokeWidth="0.7"
          />
          <path d={`M${at.x - width / 2 + 8.5} ${at.y - 4.6}l4.6 8.4h-9.2z`} fill="#8a5200" />
          <text x={at.x + 6} y={at.y + 4.2} textAnchor="middle" fontSize="12" fontWeight="600" fill="#141414">
            <SvgWords>{label}</SvgWords>
          </text>
        </g>
      ))}
    </g>
  );
}
