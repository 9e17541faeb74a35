import type { ReactNode } from 'react';
import type { Drawn } from './drawn';

/** What is not owned yet is drawn pale, in a dashed outline. */
export function Wished({
  drawn: { x, y, w, h },
  children,
}: {
  drawn: Drawn;
  children: ReactNode;
}): ReactNode {
  return (
    <g>
      <g opacity="0.45">{children}</g>
      <rect x={x} y={y} width={w} height={h} fill="none" stroke="#141414" strokeDasharray="5 3" />
    </g>
  );
}
