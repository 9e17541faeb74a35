'use client';
import type { ReactNode } from 'react';
import type { Standpoint } from '../../core/model/types';
import type { Scale } from '../../ui/drawing/scale';
import { useRoom } from '../shell/room/RoomContext';

/** Standpoints on the plan. */
export function StandMarks({
  scale,
  markProps,
}: {
  scale: Scale;
  markProps?: (s: Standpoint) => React.SVGProps<SVGGElement>;
}): ReactNode {
  const { file, picked } = useRoom();
  return (
    <g>
      {file.room.standpoints.map((s) => {
        const [x, y] = [scale.x(s.xMm), scale.y(s.yMm)];
        return (
          <g key={s.id} {...markProps?.(s)}>
            <circle
              cx={x}
              cy={y}
              r={markProps ? 10 : 5}
              fill="#f5f5f5"
              fillOpacity="0.9"
              stroke="#141414"
              strokeWidth={picked === s.id ? 2.6 : 1.2}
            />
            <circle cx={x} cy={y} r={markProps ? 3.2 : 1.8} fill="#141414" />
            {markProps && (
              <text
                x={x}
                y={y - 14}
                textAnchor="middle"
                fontSize="12"
                fontWeight="500"
                stroke="#f5f5f5"
                strokeWidth="3"
                paintOrder="stroke"
              >
                {s.name}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
