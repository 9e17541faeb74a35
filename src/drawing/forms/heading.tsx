import type { ReactNode } from 'react';
import type { Shape } from '../../core/room/shape';
import type { Drawn } from './drawn';

/** A panel's top edge as its heading is drawn, in units of the drawing. */
type Top = {
  x: number;
  y: number;
  w: number;
  perMm: number;
  folds: number;
  /** Width of one fold. */
  each: number;
  /** Where rings, eyelets or pleats sit along the panel, and how far apart. */
  xs: readonly number[];
  apart: number;
  /** Height of the rod's middle, and the radius of a ring on it. */
  rodY: number;
  ring: number;
};

type Heading = NonNullable<Shape['heading']>;

/** Folds nearer than this, in units of the drawing, would run their rings together. */
const LEAST_RING = 4.5;
const METAL = '#2b2b2c';

/**
 * How the panel hangs on its rod: rings, eyelets, pleats, a gathered pocket, a wave under its track; as many
 * as it has.
 */
export function PanelHeading({ drawn, folds }: { drawn: Drawn; folds: number }): ReactNode {
  const { heading } = drawn.shape;
  return (heading && HEADINGS[heading]?.(topOf(drawn, folds))) ?? null;
}

function topOf({ shape, x, y, w, perMm }: Drawn, folds: number): Top {
  const each = w / folds;
  // rings too near to be told apart are drawn as far apart as can be seen
  const step = Math.max(1, Math.ceil(LEAST_RING / each));
  const xs = Array.from({ length: Math.floor(folds / step) + 1 }, (_, i) => x + Math.min(w, i * step * each));
  const rodY = y - (shape.rodMm ?? 0) * perMm;
  return { x, y, w, perMm, folds, each, xs, apart: each * step, rodY, ring: Math.max(1.6, 22 * perMm) };
}

const rings = ({ xs, y, rodY, ring, perMm }: Top): ReactNode => (
  <g fill="none" stroke={METAL} strokeWidth={Math.max(0.7, 5 * perMm)}>
    {xs.map((cx) => (
      <g key={cx}>
        <circle cx={cx} cy={rodY} r={ring} />
        {rodY + ring < y && <path d={`M${cx} ${rodY + ring}V${y}`} />}
      </g>
    ))}
  </g>
);

function pleats(top: Top): ReactNode {
  const { xs, y, each, perMm } = top;
  const tail = 90 * perMm;
  const aside = each * 0.28;
  return (
    <>
      {rings(top)}
      <path
        d={xs.map((cx) => `M${cx} ${y}l-${aside} ${tail}M${cx} ${y}l${aside} ${tail}`).join('')}
        fill="none"
        stroke={METAL}
        strokeOpacity="0.5"
        strokeWidth="0.6"
      />
    </>
  );
}

const eyelets = ({ xs, apart, rodY, ring, perMm }: Top): ReactNode => (
  <g fill="none" stroke={METAL} strokeWidth={Math.max(0.8, 8 * perMm)}>
    {xs.slice(0, -1).map((cx) => (
      <ellipse key={cx} cx={cx + apart / 2} cy={rodY} rx={Math.min(ring, apart * 0.3)} ry={ring} />
    ))}
  </g>
);

function gathers({ x, y, folds, each, perMm }: Top): ReactNode {
  const tail = Math.max(6, 110 * perMm);
  const gather = (_: unknown, i: number): string => `M${x + ((i + 0.5) * each) / 2} ${y}v${tail}`;
  return (
    <path
      d={Array.from({ length: folds * 2 }, gather).join('')}
      stroke="#000"
      strokeOpacity="0.22"
      strokeWidth="0.6"
    />
  );
}

const wave = ({ x, y, folds, each, perMm }: Top): ReactNode => (
  <path
    d={`M${x} ${y}${`q${each / 2} ${Math.min(6, 40 * perMm)} ${each} 0`.repeat(folds)}`}
    fill="none"
    stroke="#00000088"
    strokeWidth="0.8"
  />
);

/** Headings that show in front; a hidden tab or a hem shows nothing of its own. */
const HEADINGS: Partial<Record<Heading, (top: Top) => ReactNode>> = {
  ringClip: rings,
  pinchPleat: pleats,
  grommet: eyelets,
  rodPocket: gathers,
  backTab: gathers,
  wave,
};
