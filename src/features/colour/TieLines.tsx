import type { ReactNode } from 'react';
import type { Ties } from '../../core/spread/ties';

type At = { x: number; y: number };

/** Lines from a textile to everything that it answers, in a drawing that says where each of them is. */
export function TieLines({
  tied: { id, tied },
  at,
}: {
  tied: Ties;
  at: (id: string) => At | undefined;
}): ReactNode {
  const from = at(id);
  if (!from) return null;
  const ends = tied.flatMap((other) => {
    const place = at(other.id);
    return place ? [{ id: other.id, ...place }] : [];
  });
  return (
    <g data-ties={id} pointerEvents="none" fill="none" stroke="#141414">
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
