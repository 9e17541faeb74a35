import type { ReactNode } from 'react';
import type { Mm } from '../../../core/base/units';
import type { PillowPlan } from '../../../core/textiles/pillows';
import type { Scale } from '../../../ui/drawing/scale';

/** Between a pillow and the line round it, in units of the drawing. */
const OFF = 3;

/** The outline of the picked pillow of a seat or a bed whose left end and top are there. */
export function PickedPillow({
  pillow: p,
  leftMm,
  topMm,
  scale,
}: {
  pillow: PillowPlan;
  leftMm: Mm;
  topMm: Mm;
  scale: Scale;
}): ReactNode {
  return (
    <rect
      x={scale.x(leftMm + p.xMm - p.useWidthMm / 2) - OFF}
      y={scale.y(topMm + p.useHeightMm) - OFF}
      width={p.useWidthMm * scale.perMm + 2 * OFF}
      height={p.useHeightMm * scale.perMm + 2 * OFF}
      fill="none"
      stroke="#141414"
      strokeWidth="2"
      pointerEvents="none"
    />
  );
}
