import { first } from '../../core/base/list';
import type { ReactNode } from 'react';

export type ClothColour = { hex: string; share: number };
export type ClothKind = 'solid' | 'stripe' | 'check' | 'floral' | 'motif' | 'texture';

/**
 * A cloth's own pattern at true scale, as an SVG pattern to fill with. Repeats too small to be seen are drawn
 * as their mixture.
 */
export function Cloth({
  id,
  kind,
  repeat,
  colours,
}: {
  id: string;
  kind: ClothKind;
  repeat: number;
  colours: readonly ClothColour[];
}): ReactNode {
  const base = first(colours).hex;
  const other = colours[1]?.hex ?? base;
  const size = Math.max(kind === 'texture' ? 2.4 : 1.2, repeat);
  const shareOther = colours[1] ? colours[1].share / (first(colours).share + colours[1].share) : 0.5;
  return (
    <pattern id={id} patternUnits="userSpaceOnUse" width={size} height={size}>
      <rect width={size} height={size} fill={base} />
      {kind === 'stripe' && (
        <rect x={size * 0.5 * (1 - shareOther)} width={size * shareOther} height={size} fill={other} />
      )}
      {kind === 'check' && (
        <>
          <rect width={size / 2} height={size} fill={other} fillOpacity="0.55" />
          <rect width={size} height={size / 2} fill={other} fillOpacity="0.55" />
        </>
      )}
      {kind === 'floral' &&
        [
          [0.28, 0.3],
          [0.74, 0.76],
        ].map(([x, y]) => (
          <g key={x} fill={other}>
            {[0, 72, 144, 216, 288].map((a) => (
              <circle
                key={a}
                cx={size * x! + size * 0.12 * Math.cos((a * Math.PI) / 180)}
                cy={size * y! + size * 0.12 * Math.sin((a * Math.PI) / 180)}
                r={size * 0.085}
              />
            ))}
          </g>
        ))}
      {kind === 'motif' && (
        <path
          d={`M${size * 0.5} ${size * 0.16}L${size * 0.82} ${size * 0.5}L${size * 0.5} ${size * 0.84}L${size * 0.18} ${size * 0.5}Z`}
          fill="none"
          stroke={other}
          strokeWidth={size * 0.1}
        />
      )}
      {kind === 'texture' && (
        <path
          d={`M0 0L${size} ${size}M${size} 0L0 ${size}`}
          stroke="#000"
          strokeOpacity="0.1"
          strokeWidth={size * 0.16}
        />
      )}
    </pattern>
  );
}

/** Outline of a filled pillow in a box: corners stand, edges draw in. */
export function pillowPath(x: number, y: number, w: number, h: number): string {
  const inX = w * 0.045;
  const inY = h * 0.045;
  return `M${x} ${y}Q${x + w / 2} ${y + inY * 2} ${x + w} ${y}Q${x + w - inX * 2} ${y + h / 2} ${x + w} ${y + h}Q${x + w / 2} ${y + h - inY} ${x} ${y + h}Q${x + inX * 2} ${y + h / 2} ${x} ${y}Z`;
}

/** Outline of a hanging panel: straight sides, hem in as many waves as there are folds. */
export function panelPath(x: number, y: number, w: number, h: number, folds: number): string {
  const each = w / folds;
  const wave = Math.min(2.4, each * 0.3);
  let d = `M${x} ${y}H${x + w}V${y + h - wave}`;
  for (let i = folds; i > 0; i--)
    d += `Q${x + (i - 0.5) * each} ${y + h + wave} ${x + (i - 1) * each} ${y + h - wave}`;
  return `${d}Z`;
}
