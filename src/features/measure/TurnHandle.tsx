import type { ReactNode, SVGProps } from 'react';
import { wayOf } from '../../core/geometry/plane';
import type { Piece } from '../../core/model/types';
import type { Scale } from '../../ui/drawing/scale';

/** A knob in front of the picked piece, to turn it by. */
export function TurnHandle({
  piece: p,
  scale,
  props,
}: {
  piece: Piece;
  scale: Scale;
  props: SVGProps<SVGGElement>;
}): ReactNode {
  const front = wayOf(p.turnDeg + 180);
  const [x0, y0] = [
    scale.x(p.xMm + (front.xMm * p.depthMm) / 2),
    scale.y(p.yMm + (front.yMm * p.depthMm) / 2),
  ];
  const [x, y] = [x0 + front.xMm * 17, y0 + front.yMm * 17];
  return (
    <g {...props}>
      <line x1={x0} y1={y0} x2={x} y2={y} stroke="#141414" />
      <circle cx={x} cy={y} r="6" fill="#f5f5f5" stroke="#141414" strokeWidth="1.4" />
    </g>
  );
}
