'use client';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import { toMark } from '../../core/base/units';
import type { Piece } from '../../core/model/types';
import type { Scale } from '../../ui/drawing/scale';
import { useRoom } from '../shell/room/RoomContext';

/** How far the picked piece stands from the nearest walls. */
export function PieceDimensions({ piece: p, scale }: { piece: Piece; scale: Scale }): ReactNode {
  const { file } = useRoom();
  const square = p.turnDeg % 90 === 0;
  if (!square || p.kind === 'rug') return null;
  const [hw, hd] = p.turnDeg % 180 === 0 ? [p.widthMm / 2, p.depthMm / 2] : [p.depthMm / 2, p.widthMm / 2];
  const box = {
    w: Math.min(...file.room.walls.map((c) => c.xMm)),
    n: Math.min(...file.room.walls.map((c) => c.yMm)),
  };
  const lines = [
    { x1: box.w, x2: p.xMm - hw, y1: p.yMm, y2: p.yMm, mm: p.xMm - hw - box.w },
    { x1: p.xMm, x2: p.xMm, y1: box.n, y2: p.yMm - hd, mm: p.yMm - hd - box.n },
  ];
  return (
    <g pointerEvents="none" aria-hidden="true" stroke="#141414" strokeWidth="0.8">
      {lines
        .filter((l) => l.mm * scale.perMm > 26)
        .map((l, i) => (
          <g key={i}>
            <line
              x1={scale.x(l.x1)}
              y1={scale.y(l.y1)}
              x2={scale.x(l.x2)}
              y2={scale.y(l.y2)}
              strokeDasharray="2 2"
            />
            <text
              x={(scale.x(l.x1) + scale.x(l.x2)) / 2 + (i ? 4 : 0)}
              y={(scale.y(l.y1) + scale.y(l.y2)) / 2 - (i ? 0 : 4)}
              fontSize="12"
              fontWeight="500"
              textAnchor={i ? 'start' : 'middle'}
              fill="#141414"
              stroke="#f5f5f5"
              strokeWidth="3"
              paintOrder="stroke"
            >
              {formatLength(toMark(l.mm, file.room.unit), file.room.unit)}
            </text>
          </g>
        ))}
    </g>
  );
}
