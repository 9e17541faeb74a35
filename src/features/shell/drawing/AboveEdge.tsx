import type { ReactNode } from 'react';
import type { Elevation } from '../../../core/room/shape';
import type { Scale } from '../../../ui/drawing/scale';

/** What lies over a wall's upper edge, where a slope or a beam comes down: covered, and the edge drawn. */
export function AboveEdge({
  elevation,
  scale,
  fill,
  line = true,
}: {
  elevation: Elevation;
  scale: Scale;
  fill: string;
  line?: boolean;
}): ReactNode {
  const { edge, ceilingMm, lengthMm } = elevation;
  if (edge.every((p) => p.heightMm >= ceilingMm - 0.5)) return null;
  const points = edge.map((p) => `${scale.x(p.xMm)} ${scale.y(p.heightMm)}`).join('L');
  const topY = scale.y(ceilingMm) - 1;
  return (
    <g pointerEvents="none">
      <path d={`M${scale.x(0) - 1} ${topY}L${points}L${scale.x(lengthMm) + 1} ${topY}Z`} fill={fill} />
      {line && <path d={`M${points}`} fill="none" stroke="#141414" strokeWidth="0.8" />}
    </g>
  );
}
