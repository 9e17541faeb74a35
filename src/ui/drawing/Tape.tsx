import type { ReactNode } from 'react';
import { feet, type LengthUnit, type Mm } from '../../core/base/units';
import type { Scale } from './scale';

/** The tape along a wall's left edge, feet or half metres, and along its foot. */
export function Tape({
  scale,
  heightMm,
  lengthMm,
  leftMm = 0,
  unit,
}: {
  scale: Scale;
  heightMm: Mm;
  lengthMm: Mm;
  /** Where the drawing begins, that the tape stands left of it. */
  leftMm?: Mm;
  unit: LengthUnit;
}): ReactNode {
  const step = unit === 'cm' ? 500 : feet(1);
  const half = step / 2;
  const x = scale.x(leftMm) - 10;
  const ticks = Array.from({ length: Math.floor(heightMm / half) + 1 }, (_, i) => i * half);
  const marks = Array.from({ length: Math.floor(lengthMm / step) + 1 }, (_, i) => i * step);
  const label = (mm: Mm) => (unit === 'cm' ? String(Math.round(mm / 10)) : String(Math.round(mm / step)));
  return (
    <g aria-hidden="true" stroke="#141414" strokeWidth="1">
      {ticks.map((mm, i) => (
        <line key={mm} x1={x - (i % 2 ? 5 : 10)} x2={x} y1={scale.y(mm)} y2={scale.y(mm)} />
      ))}
      {ticks
        .filter((_, i) => i % 2 === 0)
        .map((mm) => (
          <text
            key={mm}
            x={x - 13}
            y={scale.y(mm) + 3.5}
            fontSize="10.5"
            textAnchor="end"
            stroke="none"
            fill="#3d3d3d"
          >
            {label(mm)}
          </text>
        ))}
      {marks.map((mm) => (
        <line
          key={mm}
          x1={scale.x(mm)}
          x2={scale.x(mm)}
          y1={scale.y(0) + 14}
          y2={scale.y(0) + 19}
          strokeWidth="0.8"
        />
      ))}
      {marks
        .filter((_, i) => i % (lengthMm / step > 24 ? 4 : 2) === 0)
        .map((mm) => (
          <text
            key={mm}
            x={scale.x(mm)}
            y={scale.y(0) + 30}
            fontSize="10"
            textAnchor="middle"
            stroke="none"
            fill="#3d3d3d"
          >
            {label(mm)}
          </text>
        ))}
    </g>
  );
}
