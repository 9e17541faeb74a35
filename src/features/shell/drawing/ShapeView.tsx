'use client';
import { memo, useId, type ReactNode } from 'react';
import { sameShape, UNDYED, type Shape } from '../../../core/room/shape';
import type { Lab } from '../../../core/colour/spaces';
import { Cloth, panelPath, pillowPath } from '../../../ui/drawing/cloth';
import { sameScale, type Scale } from '../../../ui/drawing/scale';

type Props = {
  shape: Shape;
  scale: Scale;
  paint: (colour: Lab) => string;
  lampLit: boolean;
  plain?: boolean;
};

const EDGE = '#00000055';
/**
 * Folds narrower than this, in units of the drawing, run together into folds that are not there; the cloth
 * then only darkens as folded cloth does.
 */
const LEAST_FOLD = 2.2;

/**
 * One shape of an elevation, drawn from its own numbers: cloth at true scale, folds counted, pillows drawn in
 * at the edges. Drawn anew only when those numbers change: a plan is worked out for every frame of a drag,
 * and most of a room stands still.
 */
export const ShapeView = memo(DrawnShape, drawsTheSame);

function DrawnShape({ shape: s, scale, paint, lampLit, plain = false }: Props): ReactNode {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const x = scale.x(s.box.xMm);
  const y = scale.y(s.box.yMm + s.box.heightMm);
  const w = s.box.widthMm * scale.perMm;
  const h = s.box.heightMm * scale.perMm;
  if (w <= 0 || h <= 0) return null;
  const colours = s.colours.map((c) => ({ hex: paint(c), share: c.share }));
  const base = colours[0]?.hex ?? (s.form === 'curtain' ? paint(UNDYED) : '#dfe8ee');
  const patterned = !plain && colours.length > 0 && s.pattern.kind !== 'solid' && s.form !== 'picture';
  const fill = patterned ? `url(#c${id})` : base;
  const defs = patterned && (
    <defs>
      <Cloth
        id={`c${id}`}
        kind={s.pattern.kind}
        repeat={s.pattern.repeatMm * scale.perMm}
        colours={colours}
      />
    </defs>
  );
  switch (s.form) {
    case 'wall':
      return (
        <>
          {defs}
          <rect x={x} y={y} width={w} height={h} fill={fill} />
        </>
      );
    case 'skirting':
      return <rect x={x} y={y} width={w} height={h} fill={base} stroke={EDGE} strokeWidth="0.4" />;
    case 'frame':
    case 'door':
      return <rect x={x} y={y} width={w} height={h} fill={base} stroke={EDGE} strokeWidth="0.7" />;
    case 'pane':
      return (
        <g>
          <rect
            x={x}
            y={y}
            width={w}
            height={h}
            fill={isGlass(s) ? glassOf(lampLit) : '#c4c4c4'}
            stroke={EDGE}
            strokeWidth="0.5"
          />
          {isGlass(s) && !plain && (
            <path
              d={`M${x + w / 2} ${y}v${h}M${x} ${y + h / 2}h${w}`}
              stroke="#f3f3f1"
              strokeWidth={Math.max(1, 38 * scale.perMm)}
            />
          )}
        </g>
      );
    case 'curtain': {
      const folds = Math.max(1, s.folds ?? 8);
      const each = w / folds;
      return (
        <g>
          <defs>
            {patterned && (
              <Cloth
                id={`c${id}`}
                kind={s.pattern.kind}
                repeat={Math.max(
                  1.2,
                  (s.pattern.repeatMm * scale.perMm * w) / Math.max(w, folds * 127 * scale.perMm),
                )}
                colours={colours}
              />
            )}
            <linearGradient
              id={`f${id}`}
              gradientUnits="userSpaceOnUse"
              x1={x}
              x2={x + each}
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
          <path
            d={panelPath(x, y, w, h, folds)}
            fill={fill}
            fillOpacity={s.seeThrough ? 1 - 0.7 * s.seeThrough : 1}
            stroke={EDGE}
            strokeWidth="0.6"
          />
          {!plain &&
            (each >= LEAST_FOLD ? (
              <path d={panelPath(x, y, w, h, folds)} fill={`url(#f${id})`} />
            ) : (
              <path d={panelPath(x, y, w, h, folds)} fill="#000" fillOpacity="0.1" />
            ))}
          {!plain && <Heading shape={s} x={x} y={y} w={w} folds={folds} perMm={scale.perMm} />}
        </g>
      );
    }
    case 'stairs':
      return (
        <path
          d={stairsPath(x, y, w, h, Math.max(2, Math.round(s.box.heightMm / 185)), s.rises === 'left')}
          fill={base}
          stroke={EDGE}
          strokeWidth="0.8"
        />
      );
    case 'rod': {
      const r = Math.max(2.4, 32 * scale.perMm);
      const middle = y + Math.max(2, h) / 2;
      const [left, right] = [s.finials?.startsWith('left') ?? false, s.finials?.endsWith('right') ?? false];
      return (
        <g fill={base}>
          <rect
            x={left ? x + 5 : x}
            y={y}
            width={Math.max(0, w - (left ? 5 : 0) - (right ? 5 : 0))}
            height={Math.max(2, h)}
            rx={left || right ? 1 : 0}
          />
          {left && <circle cx={x + 3} cy={middle} r={r} />}
          {right && <circle cx={x + w - 3} cy={middle} r={r} />}
        </g>
      );
    }
    case 'pillow':
      return (
        <g>
          {defs}
          <defs>
            <radialGradient id={`g${id}`} cx="0.42" cy="0.36" r="0.8">
              <stop offset="0" stopColor="#fff" stopOpacity="0.2" />
              <stop offset="0.6" stopColor="#000" stopOpacity="0" />
              <stop offset="1" stopColor="#000" stopOpacity="0.26" />
            </radialGradient>
          </defs>
          <path d={pillowPath(x, y, w, h)} fill={fill} stroke={EDGE} strokeWidth="0.8" />
          {!plain && <path d={pillowPath(x, y, w, h)} fill={`url(#g${id})`} />}
        </g>
      );
    case 'throw':
      return (
        <g>
          {defs}
          <path d={`M${x} ${y}h${w}v${h}h-${w}z`} fill={fill} stroke={EDGE} strokeWidth="0.6" />
          {!plain && (
            <path
              d={Array.from({ length: 9 }, (_, i) => `M${x + ((i + 0.5) * w) / 9} ${y + h}v4`).join('')}
              stroke={base}
              strokeWidth="1.2"
            />
          )}
        </g>
      );
    case 'cushion':
      return (
        <g>
          {defs}
          <rect
            x={x}
            y={y}
            width={w}
            height={h}
            rx={Math.min(7, w / 6, h / 4)}
            fill={fill}
            stroke={EDGE}
            strokeWidth="0.8"
          />
        </g>
      );
    case 'shade':
      return (
        <g>
          <path
            d={`M${x + w * 0.17} ${y}h${w * 0.66}l${w * 0.17} ${h}h-${w}z`}
            fill={base}
            stroke={EDGE}
            strokeWidth="0.6"
          />
          {lampLit && !plain && (
            <path
              d={`M${x + w * 0.17} ${y}h${w * 0.66}l${w * 0.17} ${h}h-${w}z`}
              fill="#ffd98a"
              fillOpacity="0.55"
            />
          )}
        </g>
      );
    case 'lampBase':
      return (
        <path
          d={
            h > w * 3
              ? `M${x + w * 0.3} ${y}h${w * 0.4}v${h * 0.96}h${w * 0.6}v${h * 0.04}h-${w * 1.6}v-${h * 0.04}h${w * 0.6}z`
              : `M${x + w * 0.3} ${y}h${w * 0.4}q${w * 0.6} ${h * 0.5} ${w * 0.1} ${h}h-${w * 0.6}q-${w * 0.5} -${h * 0.5} ${w * 0.1} -${h}z`
          }
          fill={base}
        />
      );
    case 'leg':
      return <path d={`M${x} ${y}h${w}l-${w * 0.2} ${h}h-${w * 0.6}z`} fill={base} />;
    case 'picture':
      return s.heading === 'mirror' ? (
        <g>
          <rect x={x} y={y} width={w} height={h} fill={base} stroke="#00000088" strokeWidth="0.8" />
          <rect
            x={x + w * 0.06}
            y={y + w * 0.06}
            width={Math.max(0, w * 0.88)}
            height={Math.max(0, h - w * 0.12)}
            fill={lampLit ? '#6d747a' : '#cfd9de'}
            stroke={EDGE}
            strokeWidth="0.5"
          />
          {!plain && (
            <path
              d={`M${x + w * 0.2} ${y + h * 0.62}L${x + w * 0.56} ${y + h * 0.2}M${x + w * 0.34} ${y + h * 0.72}L${x + w * 0.62} ${y + h * 0.4}`}
              stroke="#ffffff"
              strokeOpacity="0.7"
              strokeWidth="1.2"
            />
          )}
        </g>
      ) : (
        <g>
          <rect
            x={x}
            y={y}
            width={w}
            height={h}
            fill={colours[colours.length - 1]!.hex}
            stroke="#00000088"
            strokeWidth="0.8"
          />
          <rect
            x={x + w * 0.055}
            y={y + w * 0.055}
            width={Math.max(0, w * 0.89)}
            height={Math.max(0, h - w * 0.11)}
            fill={base}
          />
          {!plain && colours.length > 1 && (
            <path
              d={`M${x + w * 0.055} ${y + h * 0.72}q${w * 0.25} -${h * 0.2} ${w * 0.47} -${h * 0.05}t${w * 0.42} -${h * 0.04}V${y + h - w * 0.055}h-${w * 0.89}z`}
              fill={colours[1]!.hex}
            />
          )}
        </g>
      );
    case 'fire':
      return (
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
    case 'radiator':
      return (
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
    case 'socket':
      return (
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
    case 'foliage':
      return (
        <g fill={base}>
          {Array.from({ length: 7 }, (_, i) => (
            <ellipse
              key={i}
              cx={x + w / 2 + (i - 3) * w * 0.12}
              cy={y + h * 0.5}
              rx={w * 0.09}
              ry={h * 0.5}
              transform={`rotate(${(i - 3) * 15} ${x + w / 2} ${y + h})`}
            />
          ))}
        </g>
      );
    case 'vase':
      return (
        <path
          d={
            h > w * 0.7
              ? `M${x + w * 0.34} ${y}h${w * 0.32}l-${w * 0.04} ${h * 0.2}q${w * 0.6} ${h * 0.4} ${w * 0.06} ${h * 0.8}h-${w * 0.36}q-${w * 0.54} -${h * 0.4} ${w * 0.06} -${h * 0.8}z`
              : `M${x} ${y}h${w}q-${w * 0.1} ${h} -${w * 0.3} ${h}h-${w * 0.4}q-${w * 0.2} 0 -${w * 0.3} -${h}z`
          }
          fill={base}
          stroke={EDGE}
          strokeWidth="0.5"
        />
      );
    case 'box':
      return (
        <g>
          {defs}
          <rect x={x} y={y} width={w} height={h} fill={fill} stroke={EDGE} strokeWidth="0.8" rx="1" />
        </g>
      );
    default:
      return unknownForm(s.form);
  }
}

/** Folds nearer than this, in units of the drawing, would run their rings together. */
const LEAST_RING = 4.5;

/**
 * How the panel hangs on its rod: rings, eyelets, pleats, a gathered pocket, a wave under its track; as many
 * as it has.
 */
function Heading({
  shape: s,
  x,
  y,
  w,
  folds,
  perMm,
}: {
  shape: Shape;
  x: number;
  y: number;
  w: number;
  folds: number;
  perMm: number;
}): ReactNode {
  const each = w / folds;
  // rings too near to be told apart are drawn as far apart as can be seen
  const step = Math.max(1, Math.ceil(LEAST_RING / each));
  const at = Array.from({ length: Math.floor(folds / step) + 1 }, (_, i) => x + Math.min(w, i * step * each));
  const rodY = y - (s.rodMm ?? 0) * perMm;
  const r = Math.max(1.6, 22 * perMm);
  switch (s.heading) {
    case 'ringClip':
    case 'pinchPleat':
      return (
        <g fill="none" stroke="#2b2b2c" strokeWidth={Math.max(0.7, 5 * perMm)}>
          {at.map((cx) => (
            <g key={cx}>
              <circle cx={cx} cy={rodY} r={r} />
              {rodY + r < y && <path d={`M${cx} ${rodY + r}V${y}`} />}
            </g>
          ))}
          {s.heading === 'pinchPleat' && (
            <path
              d={at
                .map(
                  (cx) => `M${cx} ${y}l-${each * 0.28} ${90 * perMm}M${cx} ${y}l${each * 0.28} ${90 * perMm}`,
                )
                .join('')}
              strokeOpacity="0.5"
              strokeWidth="0.6"
            />
          )}
        </g>
      );
    case 'grommet':
      return (
        <g fill="none" stroke="#2b2b2c" strokeWidth={Math.max(0.8, 8 * perMm)}>
          {at.slice(0, -1).map((cx) => (
            <ellipse
              key={cx}
              cx={cx + (each * step) / 2}
              cy={rodY}
              rx={Math.min(r, each * step * 0.3)}
              ry={r}
            />
          ))}
        </g>
      );
    case 'rodPocket':
    case 'backTab':
      return (
        <path
          d={Array.from(
            { length: folds * 2 },
            (_, i) => `M${x + ((i + 0.5) * each) / 2} ${y}v${Math.max(6, 110 * perMm)}`,
          ).join('')}
          stroke="#000"
          strokeOpacity="0.22"
          strokeWidth="0.6"
        />
      );
    case 'wave':
      return (
        <path
          d={`M${x} ${y}${Array.from({ length: folds }, () => `q${each / 2} ${Math.min(6, 40 * perMm)} ${each} 0`).join('')}`}
          fill="none"
          stroke="#00000088"
          strokeWidth="0.8"
        />
      );
    default:
      return null;
  }
}

/** Stairs along a wall, step by step to the side they go up to. */
function stairsPath(x: number, y: number, w: number, h: number, steps: number, toLeft: boolean): string {
  const [tread, riser] = [w / steps, h / steps];
  const start = toLeft ? `M${x + w} ${y + h}` : `M${x} ${y + h}`;
  return `${start}${Array.from({ length: steps }, () => `v-${riser}h${toLeft ? -tread : tread}`).join('')}V${y + h}Z`;
}

/** A pane is glass, or an arch through which the next room is seen. */
const isGlass = (s: Shape): boolean => s.key.endsWith('glass');

function drawsTheSame(a: Props, b: Props): boolean {
  return (
    a.paint === b.paint &&
    a.lampLit === b.lampLit &&
    a.plain === b.plain &&
    sameShape(a.shape, b.shape) &&
    sameScale(a.scale, b.scale)
  );
}

const unknownForm = (form: never): never => {
  throw new Error(`no drawing for ${String(form)}`);
};

/** What is seen through glass: daylight, or the dark outside a lit room. */
const glassOf = (lampLit: boolean): string => (lampLit ? '#39424d' : '#dde7ee');
