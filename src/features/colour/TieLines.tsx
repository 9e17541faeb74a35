'use client';
import { useMemo, type ReactNode } from 'react';
import { seenAt, type SeenAt } from '../../core/plan/roomTies';
import type { Ties } from '../../core/spread/ties';
import { useRoom } from '../shell/room/RoomContext';

/** Lines from a textile to everything that it answers, over the unrolled walls. */
export function TieLines({
  tied: { id, tied },
  at,
}: {
  tied: Ties;
  at: (seen: SeenAt) => { x: number; y: number };
}): ReactNode {
  const { elevations } = useRoom().plan;
  const places = useMemo(() => seenAt(elevations), [elevations]);
  const own = places.get(id);
  if (!own) return null;
  const from = at(own);
  const ends = tied.flatMap((other) => {
    const place = places.get(other.id);
    return place ? [{ id: other.id, ...at(place) }] : [];
  });
  return (
    <g pointerEvents="none" fill="none" stroke="#141414">
      {ends.map(({ id: to, x, y }) => (
        <g key={to}>
          <path d={`M${from.x} ${from.y}L${x} ${y}`} stroke="#f5f5f5" strokeWidth="3.4" />
          <path d={`M${from.x} ${from.y}L${x} ${y}`} strokeWidth="1.3" />
          <circle cx={x} cy={y} r="4" fill="#f5f5f5" strokeWidth="1.3" />
        </g>
      ))}
      <circle cx={from.x} cy={from.y} r="6" fill="#141414" stroke="#f5f5f5" strokeWidth="1.5" />
    </g>
  );
}
