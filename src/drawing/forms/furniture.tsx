import { FlatCloth } from './cloth';
import { EDGE, type DrawForm } from './drawn';

// Furniture, lamps, and what stands on them.

export const box: DrawForm = (d) => (
  <g>
    <FlatCloth drawn={d} />
    <rect x={d.x} y={d.y} width={d.w} height={d.h} fill={d.fill} stroke={EDGE} strokeWidth="0.8" rx="1" />
  </g>
);

export const leg: DrawForm = ({ x, y, w, h, base }) => (
  <path d={`M${x} ${y}h${w}l-${w * 0.2} ${h}h-${w * 0.6}z`} fill={base} stroke={EDGE} strokeWidth="0.4" />
);

export const shade: DrawForm = ({ x, y, w, h, base, lampLit, plain }) => {
  const outline = `M${x + w * 0.17} ${y}h${w * 0.66}l${w * 0.17} ${h}h-${w}z`;
  return (
    <g>
      <path d={outline} fill={base} stroke={EDGE} strokeWidth="0.6" />
      {lampLit && !plain && <path d={outline} fill="#ffd98a" fillOpacity="0.55" />}
    </g>
  );
};

/** A tall base is a pole on its foot, a low one a turned body. */
export const lampBase: DrawForm = ({ x, y, w, h, base }) => {
  const start = `M${x + w * 0.3} ${y}h${w * 0.4}`;
  const pole = `v${h * 0.96}h${w * 0.6}v${h * 0.04}h-${w * 1.6}v-${h * 0.04}h${w * 0.6}z`;
  const body = `q${w * 0.6} ${h * 0.5} ${w * 0.1} ${h}h-${w * 0.6}q-${w * 0.5} -${h * 0.5} ${w * 0.1} -${h}z`;
  return <path d={start + (h > w * 3 ? pole : body)} fill={base} stroke={EDGE} strokeWidth="0.6" />;
};

const LEAVES = 7;

export const foliage: DrawForm = ({ x, y, w, h, base }) => (
  <g fill={base} stroke={EDGE} strokeWidth="0.3">
    {Array.from({ length: LEAVES }, (_, i) => i - (LEAVES - 1) / 2).map((fromMiddle) => (
      <ellipse
        key={fromMiddle}
        cx={x + w / 2 + fromMiddle * w * 0.12}
        cy={y + h * 0.5}
        rx={w * 0.09}
        ry={h * 0.5}
        transform={`rotate(${fromMiddle * 15} ${x + w / 2} ${y + h})`}
      />
    ))}
  </g>
);

/** A vase with a neck, or a bowl where it is wider than high. */
export const vase: DrawForm = ({ x, y, w, h, base }) => {
  const necked =
    `M${x + w * 0.34} ${y}h${w * 0.32}l-${w * 0.04} ${h * 0.2}q${w * 0.6} ${h * 0.4} ${w * 0.06} ${h * 0.8}` +
    `h-${w * 0.36}q-${w * 0.54} -${h * 0.4} ${w * 0.06} -${h * 0.8}z`;
  const bowl = `M${x} ${y}h${w}q-${w * 0.1} ${h} -${w * 0.3} ${h}h-${w * 0.4}q-${w * 0.2} 0 -${w * 0.3} -${h}z`;
  return <path d={h > w * 0.7 ? necked : bowl} fill={base} stroke={EDGE} strokeWidth="0.5" />;
};
