import { EDGE, type DrawForm } from './drawn';
import { FlatCloth } from './cloth';

// The shell of a room: its walls, what is built into them, and what is fixed to them.

/** A riser as stairs are usually built, when only their height is known. */
const RISER_MM = 185;

export const wall: DrawForm = (d) => (
  <>
    <FlatCloth drawn={d} />
    <rect x={d.x} y={d.y} width={d.w} height={d.h} fill={d.fill} />
  </>
);

export const skirting: DrawForm = ({ x, y, w, h, base }) => (
  <rect x={x} y={y} width={w} height={h} fill={base} stroke={EDGE} strokeWidth="0.4" />
);

export const frame: DrawForm = ({ x, y, w, h, base }) => (
  <rect x={x} y={y} width={w} height={h} fill={base} stroke={EDGE} strokeWidth="0.7" />
);

/** Glass with its bars, or an arch through which the next room is seen. */
export const pane: DrawForm = ({ shape, x, y, w, h, perMm, lampLit, plain }) => {
  const glass = shape.key.endsWith('glass');
  return (
    <g>
      <rect
        x={x}
        y={y}
        width={w}
        height={h}
        fill={glass ? seenThroughGlass(lampLit) : '#c4c4c4'}
        stroke={EDGE}
        strokeWidth="0.5"
      />
      {glass && !plain && (
        <path
          d={`M${x + w / 2} ${y}v${h}M${x} ${y + h / 2}h${w}`}
          stroke="#f3f3f1"
          strokeWidth={Math.max(1, 38 * perMm)}
        />
      )}
    </g>
  );
};

/** Daylight, or the dark outside a lit room. */
const seenThroughGlass = (lampLit: boolean): string => (lampLit ? '#39424d' : '#dde7ee');

/** Stairs along a wall, step by step to the side they go up to. */
export const stairs: DrawForm = ({ shape, x, y, w, h, base }) => {
  const steps = Math.max(2, Math.round(shape.box.heightMm / RISER_MM));
  const toLeft = shape.rises === 'left';
  const step = `v-${h / steps}h${(toLeft ? -w : w) / steps}`;
  return (
    <path
      d={`M${toLeft ? x + w : x} ${y + h}${step.repeat(steps)}V${y + h}Z`}
      fill={base}
      stroke={EDGE}
      strokeWidth="0.8"
    />
  );
};

export const radiator: DrawForm = ({ x, y, w, h, base, plain }) => (
  <g>
    <rect x={x} y={y} width={w} height={h} fill={base} stroke={EDGE} strokeWidth="0.7" rx="1" />
    {!plain && (
      <path
        d={Array.from(
          { length: Math.max(1, Math.floor(w / 6)) },
          (_, i) => `M${x + (i + 0.5) * 6} ${y + 2}v${Math.max(0, h - 4)}`,
        ).join('')}
        stroke="#00000030"
        strokeWidth="1"
      />
    )}
  </g>
);

export const socket: DrawForm = ({ x, y, w, h, base }) => (
  <rect
    x={x}
    y={y}
    width={Math.max(3, w)}
    height={Math.max(3, h)}
    fill={base}
    stroke="#000000aa"
    strokeWidth="0.7"
    rx="1"
  />
);

export const fire: DrawForm = ({ x, y, w, h, base, lampLit }) => (
  <g>
    <rect x={x} y={y} width={w} height={h} rx="2" fill={base} stroke={EDGE} />
    <rect
      x={x + w * 0.18}
      y={y + h * 0.3}
      width={w * 0.64}
      height={h * 0.42}
      fill={lampLit ? '#b9662f' : '#4a4a4a'}
      rx="1"
    />
  </g>
);
