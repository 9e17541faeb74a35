import type { ReactNode } from 'react';
import { panelPath } from '../../ui/drawing/cloth';
import { ClothAt } from './cloth';
import { EDGE, type Drawn, type DrawForm } from './drawn';
import { PanelHeading } from './heading';

/**
 * Folds narrower than this, in units of the drawing, run together into folds that are not there; the cloth
 * then only darkens as folded cloth does.
 */
const LEAST_FOLD = 2.2;
/** Flat cloth in one fold, where nothing says how full the panel is. */
const CLOTH_PER_FOLD_MM = 127;
const FOLDS_UNKNOWN = 8;

export const curtain: DrawForm = (d) => {
  const folds = Math.max(1, d.shape.folds ?? FOLDS_UNKNOWN);
  const outline = panelPath(d.x, d.y, d.w, d.h, folds);
  const deepEnough = d.w / folds >= LEAST_FOLD;
  return (
    <g>
      <ClothAt drawn={d} repeat={foldedRepeat(d, folds)} />
      <FoldShading drawn={d} each={d.w / folds} />
      <path
        d={outline}
        fill={d.fill}
        fillOpacity={d.shape.seeThrough ? 1 - 0.7 * d.shape.seeThrough : 1}
        stroke={EDGE}
        strokeWidth="0.6"
      />
      {!d.plain && deepEnough && <path d={outline} fill={`url(#f${d.id})`} />}
      {!d.plain && !deepEnough && <path d={outline} fill="#000" fillOpacity="0.1" />}
      {!d.plain && <PanelHeading drawn={d} folds={folds} />}
    </g>
  );
};

/** A repeat as wide as it looks once the cloth is gathered from flat to the panel's width. */
function foldedRepeat({ shape, w, perMm }: Drawn, folds: number): number {
  const flat = Math.max(w, folds * CLOTH_PER_FOLD_MM * perMm);
  return Math.max(1.2, (shape.pattern.repeatMm * perMm * w) / flat);
}

/** Dark in each hollow, light on each fold, as often as the panel has folds. */
function FoldShading({ drawn: d, each }: { drawn: Drawn; each: number }): ReactNode {
  return (
    <defs>
      <linearGradient
        id={`f${d.id}`}
        gradientUnits="userSpaceOnUse"
        x1={d.x}
        x2={d.x + each}
        y1="0"
        y2="0"
        spreadMethod="repeat"
      >
        <stop offset="0" stopColor="#000" stopOpacity="0.3" />
        <stop offset="0.38" stopColor="#fff" stopOpacity="0.16" />
        <stop offset="0.72" stopColor="#000" stopOpacity="0.05" />
        <stop offset="1" stopColor="#000" stopOpacity="0.3" />
      </linearGradient>
    </defs>
  );
}

/** Room that a finial takes at the end of its rod, in units of the drawing. */
const FINIAL = 5;

export const rod: DrawForm = ({ shape, x, y, w, h, base, perMm }) => {
  const r = Math.max(2.4, 32 * perMm);
  const high = Math.max(2, h);
  const left = shape.finials?.startsWith('left') ?? false;
  const right = shape.finials?.endsWith('right') ?? false;
  return (
    <g fill={base}>
      <rect
        x={left ? x + FINIAL : x}
        y={y}
        width={Math.max(0, w - (left ? FINIAL : 0) - (right ? FINIAL : 0))}
        height={high}
        rx={left || right ? 1 : 0}
      />
      {left && <circle cx={x + 3} cy={y + high / 2} r={r} />}
      {right && <circle cx={x + w - 3} cy={y + high / 2} r={r} />}
    </g>
  );
};
