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
  centre,
}: {
  id: string;
  kind: ClothKind;
  repeat: number;
  colours: readonly ClothColour[];
  /** Where the middle of a repeat lies; left out: wherever it falls. */
  centre?: { x: number; y: number };
}): ReactNode {
  const base = first(colours).hex;
  const other = colours[1]?.hex ?? base;
  const size = Math.max(kind === 'texture' ? 2.4 : 1.2, repeat);
  const shareOther = colours[1] ? colours[1].share / (first(colours).share + colours[1].share) : 0.5;
  return (
    <pattern
      id={id}
      patternUnits="userSpaceOnUse"
      width={size}
      height={size}
      {...(centre ? { x: centre.x - size / 2, y: centre.y - size / 2 } : {})}
    >
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
export function pillowPath(
  x: number,
  y: number,
  w: number,
  h: number,
  { chopped = false, round = false }: { chopped?: boolean; round?: boolean } = {},
): string {
  if (round) return roundPillow(x, y, w, h, chopped);
  const inX = w * 0.045;
  const inY = h * 0.045;
  const dent = chopped ? h * CHOP : 0;
  return `M${x} ${y}Q${x + w / 2} ${y + inY * 2 + dent} ${x + w} ${y}Q${x + w - inX * 2} ${y + h / 2} ${x + w} ${y + h}Q${x + w / 2} ${y + h - inY} ${x} ${y + h}Q${x + inX * 2} ${y + h / 2} ${x} ${y}Z`;
}

/** How deep the hand goes into the top of a chopped pillow, as a share of its height. */
const CHOP = 0.34;

const roundPillow = (x: number, y: number, w: number, h: number, chopped: boolean): string => {
  const [rx, ry] = [w / 2, h / 2];
  if (!chopped) return `M${x} ${y + ry}a${rx} ${ry} 0 1 1 ${w} 0a${rx} ${ry} 0 1 1 -${w} 0z`;
  const half = `a${rx} ${ry} 0 0 1 ${rx * 0.6} -${ry * 0.8}`;
  return `M${x} ${y + ry}${half}q${rx * 0.4} ${h * CHOP} ${rx * 0.8} 0a${rx} ${ry} 0 0 1 ${rx * 0.6} ${ry * 0.8}a${rx} ${ry} 0 1 1 -${w} 0z`;
};

/** Outline of a hanging panel: straight sides, hem in as many waves as there are folds. */
export function panelPath(x: number, y: number, w: number, h: number, folds: number): string {
  const each = w / folds;
  const wave = Math.min(2.4, each * 0.3);
  let d = `M${x} ${y}H${x + w}V${y + h - wave}`;
  for (let i = folds; i > 0; i--)
    d += `Q${x + (i - 0.5) * each} ${y + h + wave} ${x + (i - 1) * each} ${y + h - wave}`;
  return `${d}Z`;
}
