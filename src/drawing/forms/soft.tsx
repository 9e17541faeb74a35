import { pillowPath } from '../../ui/drawing/cloth';
import { FlatCloth } from './cloth';
import { EDGE, type DrawForm } from './drawn';

// Soft things on furniture.

export const pillow: DrawForm = (d) => {
  const outline = pillowPath(d.x, d.y, d.w, d.h);
  return (
    <g>
      <FlatCloth drawn={d} />
      <defs>
        <radialGradient id={`g${d.id}`} cx="0.42" cy="0.36" r="0.8">
          <stop offset="0" stopColor="#fff" stopOpacity="0.2" />
          <stop offset="0.6" stopColor="#000" stopOpacity="0" />
          <stop offset="1" stopColor="#000" stopOpacity="0.26" />
        </radialGradient>
      </defs>
      <path d={outline} fill={d.fill} stroke={EDGE} strokeWidth="0.8" />
      {!d.plain && <path d={outline} fill={`url(#g${d.id})`} />}
    </g>
  );
};

/** Tassels along the lower edge of a throw. */
const TASSELS = 9;

export const throwOver: DrawForm = (d) => {
  const { x, y, w, h } = d;
  return (
    <g>
      <FlatCloth drawn={d} />
      <path d={`M${x} ${y}h${w}v${h}h-${w}z`} fill={d.fill} stroke={EDGE} strokeWidth="0.6" />
      {!d.plain && (
        <path
          d={Array.from({ length: TASSELS }, (_, i) => `M${x + ((i + 0.5) * w) / TASSELS} ${y + h}v4`).join(
            '',
          )}
          stroke={d.base}
          strokeWidth="1.2"
        />
      )}
    </g>
  );
};

export const cushion: DrawForm = (d) => (
  <g>
    <FlatCloth drawn={d} />
    <rect
      x={d.x}
      y={d.y}
      width={d.w}
      height={d.h}
      rx={Math.min(7, d.w / 6, d.h / 4)}
      fill={d.fill}
      stroke={EDGE}
      strokeWidth="0.8"
    />
  </g>
);
