import { EDGE, type DrawForm } from './drawn';

const FRAME_EDGE = '#00000088';
/** Width of a frame's moulding, as a share of the picture's width. */
const MOULDING = 0.055;
const MIRROR_MOULDING = 0.06;

export const picture: DrawForm = (d) => (d.shape.heading === 'mirror' ? mirror(d) : framed(d));

const mirror: DrawForm = ({ x, y, w, h, base, lampLit, plain }) => (
  <g>
    <rect x={x} y={y} width={w} height={h} fill={base} stroke={FRAME_EDGE} strokeWidth="0.8" />
    <rect
      x={x + w * MIRROR_MOULDING}
      y={y + w * MIRROR_MOULDING}
      width={Math.max(0, w * (1 - 2 * MIRROR_MOULDING))}
      height={Math.max(0, h - w * 2 * MIRROR_MOULDING)}
      fill={lampLit ? '#6d747a' : '#cfd9de'}
      stroke={EDGE}
      strokeWidth="0.5"
    />
    {!plain && (
      <path
        d={
          `M${x + w * 0.2} ${y + h * 0.62}L${x + w * 0.56} ${y + h * 0.2}` +
          `M${x + w * 0.34} ${y + h * 0.72}L${x + w * 0.62} ${y + h * 0.4}`
        }
        stroke="#ffffff"
        strokeOpacity="0.7"
        strokeWidth="1.2"
      />
    )}
  </g>
);

/** The frame has the last of a picture's colours; what is in it the first, with a swell of the second. */
const framed: DrawForm = ({ x, y, w, h, base, colours, plain }) => (
  <g>
    <rect
      x={x}
      y={y}
      width={w}
      height={h}
      fill={colours.at(-1)?.hex ?? base}
      stroke={FRAME_EDGE}
      strokeWidth="0.8"
    />
    <rect
      x={x + w * MOULDING}
      y={y + w * MOULDING}
      width={Math.max(0, w * (1 - 2 * MOULDING))}
      height={Math.max(0, h - w * 2 * MOULDING)}
      fill={base}
    />
    {!plain && colours[1] && (
      <path
        d={
          `M${x + w * MOULDING} ${y + h * 0.72}q${w * 0.25} -${h * 0.2} ${w * 0.47} -${h * 0.05}` +
          `t${w * 0.42} -${h * 0.04}V${y + h - w * MOULDING}h-${w * (1 - 2 * MOULDING)}z`
        }
        fill={colours[1].hex}
      />
    )}
  </g>
);
