'use client';
import { findOne } from '../../core/base/list';
import type { ReactNode } from 'react';
import type { SheetPart } from '../../core/plan/sheetParts';
import { fitScale } from '../../ui/drawing/scale';
import { AboveEdge } from '../shell/drawing/AboveEdge';
import { ShapeView } from '../shell/drawing/ShapeView';
import { useRoom } from '../shell/room/RoomContext';
import { usePaint } from '../shell/usePaint';

const DRAWN = { width: 300, height: 168 };

/** A wall in small, with the line that everything is measured from and where each step's marks are. */
export function SheetDrawing({ part }: { part: SheetPart }): ReactNode {
  const { plan, file } = useRoom();
  const paint = usePaint();
  const e = findOne(plan.elevations, (x) => x.wallId === part.wallId);
  const scale = fitScale({ widthMm: e.lengthMm, heightMm: e.ceilingMm }, DRAWN, 4);
  const lineY = scale.y(plan.sheet.levelLineMm);
  return (
    <svg
      viewBox={`0 0 ${DRAWN.width} ${DRAWN.height}`}
      className="w-full max-w-[300px] self-start"
      aria-hidden="true"
    >
      {e.shapes.map((s) => (
        <ShapeView key={s.key} shape={s} scale={scale} paint={paint} lampLit={false} />
      ))}
      <AboveEdge elevation={e} scale={scale} fill="#f5f5f5" line={false} />
      <rect
        x={scale.x(0)}
        y={scale.y(e.ceilingMm)}
        width={e.lengthMm * scale.perMm}
        height={e.ceilingMm * scale.perMm}
        fill="none"
        stroke="#141414"
        strokeWidth="0.8"
      />
      {plan.sheet.levelLineMm < file.room.ceilingMm && (
        <line
          x1={scale.x(0)}
          x2={scale.x(e.lengthMm)}
          y1={lineY}
          y2={lineY}
          stroke="#141414"
          strokeDasharray="5 3"
        />
      )}
      {part.marks.map(({ mark, number }, i) => (
        <g key={i}>
          <circle
            cx={scale.x(mark.xMm)}
            cy={scale.y(mark.heightMm)}
            r="6.5"
            fill="#f5f5f5"
            stroke="#141414"
          />
          <text
            x={scale.x(mark.xMm)}
            y={scale.y(mark.heightMm) + 3.6}
            fontSize="9.5"
            fontWeight="600"
            textAnchor="middle"
          >
            {number}
          </text>
        </g>
      ))}
    </svg>
  );
}
