'use client';
import { nanoid } from 'nanoid';
import type { MouseEvent, ReactNode } from 'react';
import { clamp, toMark } from '../../core/base/units';
import { lowestOver } from '../../core/room/ceiling';
import type { Elevation } from '../../core/room/shape';
import type { Scale } from '../../ui/drawing/scale';
import { useRoom } from '../shell/room/RoomContext';

/** The holes that are in the wall already; while they are being marked, a press adds one. */
export function HoleLayer({
  elevation: { wallId, lengthMm, edge },
  scale,
  marking,
}: {
  elevation: Elevation;
  scale: Scale;
  marking: boolean;
}): ReactNode {
  const { file, change } = useRoom();
  const { room } = file;
  const add = (e: MouseEvent<SVGRectElement>) => {
    const svg = e.currentTarget.ownerSVGElement!;
    const drawn = svg.getBoundingClientRect();
    const perPixel = svg.viewBox.baseVal.width / drawn.width;
    const x = (e.clientX - drawn.left) * perPixel;
    const y = (e.clientY - drawn.top) * perPixel;
    // on the wall, whatever the rounding says
    const xMm = clamp(toMark((x - scale.x(0)) / scale.perMm, room.unit), 0, lengthMm);
    const heightMm = clamp(toMark((scale.y(0) - y) / scale.perMm, room.unit), 0, lowestOver(edge, xMm, xMm));
    const hole = { id: nanoid(8), wallId, xMm, heightMm };
    change([{ do: 'setRoom', room: { ...room, holes: [...room.holes, hole] } }]);
  };
  return (
    <>
      {room.holes
        .filter((h) => h.wallId === wallId)
        .map((h) => (
          <circle
            key={h.id}
            cx={scale.x(h.xMm)}
            cy={scale.y(h.heightMm)}
            r="3"
            fill="#f5f5f5"
            stroke="#141414"
            strokeWidth="1.2"
            pointerEvents="none"
          />
        ))}
      {marking && (
        <rect
          x={scale.x(0)}
          y={scale.y(room.ceilingMm)}
          width={lengthMm * scale.perMm}
          height={room.ceilingMm * scale.perMm}
          fill="#fff"
          fillOpacity="0.01"
          style={{ cursor: 'crosshair' }}
          onClick={add}
        />
      )}
    </>
  );
}
