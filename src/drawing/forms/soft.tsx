import { pillowPath } from '../../ui/drawing/cloth';
import { CentredCloth, FlatCloth } from './cloth';
import { EDGE, type DrawForm, type Drawn } from './drawn';

// Soft things on furniture.

export const pillow: DrawForm = (d) => {
  const { chopped = false, round = false, zip } = d.shape;
  const outline = pillowPath(d.x, d.y, d.w, d.h, { chopped, round });
  return (
    <g>
      <CentredCloth drawn={d} />
      <defs>
        <radialGradient id={`g${d.id}`} cx="0.42" cy="0.36" r="0.8">
          <stop offset="0" stopColor="#fff" stopOpacity="0.2" />
          <stop offset="0.6" stopColor="#000" stopOpacity="0" />
          <stop offset="1" stopColor="#000" stopOpacity="0.26" />
        </radialGradient>
      </defs>
      <path d={outline} fill={d.fill} stroke={EDGE} strokeWidth="0.8" />
      {!d.plain && <path d={outline} fill={`url(#g${d.id})`} />}
      {zip && <path d={zipLine(d, zip)} stroke={EDGE} strokeWidth="1.6" strokeDasharray="1.5 1" />}
    </g>
  );
};

/** The teeth of a zip that is seen, just inside its edge. */
const zipLine = ({ x, y, w, h }: Drawn, zip: NonNullable<Drawn['shape']['zip']>): string => {
  const [inX, inY] = [w * 0.09, h * 0.09];
  const upright = `v${h - 2 * inY}`;
  const lines = {
    up: `M${x + inX} ${y + inY}h${w - 2 * inX}`,
    down: `M${x + inX} ${y + h - inY}h${w - 2 * inX}`,
    left: `M${x + inX} ${y + inY}${upright}`,
    right: `M${x + w - inX} ${y + inY}${upright}`,
  };
  return lines[zip];
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

/** A throw tossed over a corner: gathered at the top, its lower edge at a slant. */
export const tossed: DrawForm = (d) => {
  const { x, y, w, h } = d;
  const outline = [
    `M${x + w * 0.14} ${y}Q${x + w / 2} ${y - h * 0.02} ${x + w * 0.9} ${y}`,
    `L${x + w} ${y + h}L${x + w * 0.45} ${y + h * 0.86}L${x} ${y + h * 0.68}Z`,
  ];
  const folds = [0.3, 0.55, 0.78].map(
    (at) =>
      `M${x + w * at} ${y + h * 0.03}Q${x + w * (at - 0.1)} ${y + h / 2} ${x + w * (at + 0.06)} ${y + h * (0.74 + at / 4)}`,
  );
  return (
    <g>
      <FlatCloth drawn={d} />
      <path d={outline.join('')} fill={d.fill} stroke={EDGE} strokeWidth="0.6" />
      {!d.plain && <path d={folds.join('')} fill="none" stroke={EDGE} strokeWidth="0.8" />}
    </g>
  );
};

/** How thick folded cloth is drawn from its edge, at least; in units of the drawing. */
const LEAST_EDGE = 2.5;

/** A folded throw across an arm or a bed, seen from the end of its band: over the top and down both sides. */
export const across: DrawForm = (d) => {
  const { x, y, w, perMm, shape } = d;
  const thick = Math.max(LEAST_EDGE, ACROSS_MM * perMm);
  const [left, right] = [(shape.legLeftMm ?? 0) * perMm, (shape.legRightMm ?? 0) * perMm];
  return (
    <g>
      <FlatCloth drawn={d} />
      <path
        d={`M${x} ${y}h${w}v${thick + right}h-${thick}v-${right}h-${w - 2 * thick}v${left}h-${thick}z`}
        fill={d.fill}
        stroke={EDGE}
        strokeWidth="0.6"
      />
    </g>
  );
};
const ACROSS_MM = 15;

/** Bedding spread over a bed: over the top, down the side that one faces, and down the two others, seen from their edges. */
export const spread: DrawForm = (d) => {
  const { x, y, w, perMm, shape } = d;
  const thick = Math.max(LEAST_EDGE, ACROSS_MM * perMm);
  const [left, right, face] = [shape.legLeftMm ?? 0, shape.legRightMm ?? 0, shape.faceMm ?? 0].map(
    (mm) => mm * perMm,
  ) as [number, number, number];
  const edge = (mm: number) => Math.max(0, mm - face);
  const [leftLeg, rightLeg] = [edge(left), edge(right)];
  const faceEnd = y + thick + face;
  return (
    <g>
      <FlatCloth drawn={d} />
      <path
        d={`M${x} ${y}h${w}V${faceEnd + rightLeg}h-${thick}v-${rightLeg}h-${w - 2 * thick}v${leftLeg}h-${thick}z`}
        fill={d.fill}
        stroke={EDGE}
        strokeWidth="0.7"
      />
      {!d.plain && face > thick && (
        <path d={`M${x} ${faceEnd - thick}h${w}`} fill="none" stroke={EDGE} strokeWidth="0.6" />
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
