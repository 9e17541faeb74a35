'use client';
import { elementAt, first } from '../../core/base/list';
import type { ReactNode } from 'react';
import { formatLength } from '../../core/base/length';
import type { LengthUnit } from '../../core/base/units';
import { distance, type Point } from '../../core/geometry/plane';
import { SvgWords } from '../../ui/Words';

const SIZE = 150;

/** The outline as it is being typed, small, with its lengths. */
export function OutlinePreview({
  corners,
  unit,
}: {
  corners: readonly Point[] | null;
  unit: LengthUnit;
}): ReactNode {
  if (!corners)
    return (
      <svg viewBox={`0 0 ${SIZE} ${SIZE}`} className="w-full bg-well" aria-hidden="true">
        <path d="M30 40H120V110H70" stroke="#141414" strokeDasharray="4 3" fill="none" />
      </svg>
    );
  const xs = corners.map((c) => c.xMm);
  const ys = corners.map((c) => c.yMm);
  const [x0, y0] = [Math.min(...xs), Math.min(...ys)];
  const perMm = (SIZE - 50) / Math.max(Math.max(...xs) - x0, Math.max(...ys) - y0);
  const onPicture = (c: Point) => [25 + (c.xMm - x0) * perMm, 28 + (c.yMm - y0) * perMm] as const;
  return (
    <svg viewBox={`0 0 ${SIZE} ${SIZE}`} className="w-full bg-well" aria-hidden="true">
      <path
        d={`M${corners.map((c) => onPicture(c).join(' ')).join('L')}Z`}
        fill="#f5f5f5"
        stroke="#141414"
        strokeWidth="2.5"
      />
      {corners.length === 4 && (
        <text x={25 + ((Math.max(...xs) - x0) * perMm) / 2} y="20" fontSize="11" textAnchor="middle">
          <SvgWords>
            {formatLength(distance(first(corners), elementAt(corners, 1)), unit === 'in' ? 'ft-in' : unit)}
          </SvgWords>
        </text>
      )}
      <text x="12" y="14" fontSize="10">
        N
      </text>
    </svg>
  );
}
