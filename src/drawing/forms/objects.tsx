import type { ReactNode } from 'react';
import type { Form } from '../../core/room/shape';
import { EDGE, type DrawForm, type Drawn } from './drawn';

// What stands on surfaces, by its kind and in its own size. It is loaded when the first of it is drawn.

const INK = '#2b2b2b';
const second = (d: Drawn): string => d.colours[1]?.hex ?? d.base;
const edged = (path: string, fill: string, key?: string) => (
  <path key={key} d={path} fill={fill} stroke={EDGE} strokeWidth="0.6" />
);

/** Anything that has no form of its own. */
const thing: DrawForm = ({ x, y, w, h, base }) => {
  const r = Math.min(w, h) * 0.22;
  return <rect x={x} y={y} width={w} height={h} rx={r} fill={base} stroke={EDGE} strokeWidth="0.6" />;
};

const bowl: DrawForm = ({ x, y, w, h, base }) =>
  edged(
    `M${x} ${y}h${w}q-${w * 0.08} ${h} -${w * 0.32} ${h}h-${w * 0.36}q-${w * 0.24} 0 -${w * 0.32} -${h}z`,
    base,
  );

const pot: DrawForm = ({ x, y, w, h, base }) =>
  edged(
    `M${x} ${y}h${w}v${h * 0.16}h-${w * 0.06}l-${w * 0.1} ${h * 0.84}h-${w * 0.68}l-${w * 0.1} -${h * 0.84}h-${w * 0.06}z`,
    base,
  );

/** A shallow rim, seen from the side. */
const tray: DrawForm = ({ x, y, w, h, base }) => {
  const rim = Math.min(w * 0.04, h);
  const hollow = `l${w * 0.02} ${h * 0.7}h${w * 0.88}l${w * 0.02} -${h * 0.7}`;
  return edged(`M${x} ${y}h${rim}${hollow}h${rim}l-${w * 0.03} ${h}h-${w * 0.94}z`, base);
};

const basket: DrawForm = (d) => {
  const { x, y, w, h, base } = d;
  const rows = [0.25, 0.5, 0.75].map((share) => `M${x + w * 0.05} ${y + h * share}h${w * 0.9}`).join('');
  return (
    <g>
      {edged(`M${x} ${y}h${w}l-${w * 0.08} ${h}h-${w * 0.84}z`, base)}
      {!d.plain && <path d={rows} stroke={EDGE} strokeWidth="1" />}
    </g>
  );
};

/** A stick of wax and its wick. */
const candle: DrawForm = ({ x, y, w, h, base }) => (
  <g>
    {edged(`M${x} ${y + h * 0.06}h${w}v${h * 0.94}h-${w}z`, base)}
    <path d={`M${x + w / 2} ${y}v${h * 0.07}`} stroke={INK} strokeWidth="1" />
  </g>
);

const candlestick: DrawForm = ({ x, y, w, h, base }) => {
  const cup = `M${x + w * 0.3} ${y}h${w * 0.4}v${h * 0.08}h-${w * 0.1}`;
  const foot = `v${h * 0.8}h${w * 0.4}v${h * 0.12}h-${w}v-${h * 0.12}h${w * 0.4}`;
  return edged(`${cup}${foot}v-${h * 0.8}h-${w * 0.1}z`, base);
};

/** A roof, four posts and glass between them. */
const lantern: DrawForm = ({ x, y, w, h, base }) => (
  <g>
    {edged(`M${x + w / 2} ${y}l${w / 2} ${h * 0.2}h-${w}z`, base)}
    <rect
      x={x}
      y={y + h * 0.2}
      width={w}
      height={h * 0.8}
      fill="#ffffff30"
      stroke={base}
      strokeWidth={Math.max(1, w * 0.08)}
    />
  </g>
);

const dome: DrawForm = ({ x, y, w, h, base }) => (
  <g>
    <path
      d={`M${x + w * 0.06} ${y + h * 0.94}v-${h * 0.55}a${w * 0.44} ${h * 0.39} 0 0 1 ${w * 0.88} 0v${h * 0.55}z`}
      fill="#ffffff38"
      stroke={INK}
      strokeWidth="0.7"
    />
    {edged(`M${x} ${y + h * 0.94}h${w}v${h * 0.06}h-${w}z`, base)}
  </g>
);

const numbers = (d: Drawn): number[] => Array.from({ length: Math.max(1, d.shape.many ?? 1) }, (_, i) => i);
const inTurn = (d: Drawn, i: number): string => (i % 2 ? second(d) : d.base);

/** Books that stand: their spines, not all of a height. */
const books: DrawForm = (d) => {
  const each = d.w / numbers(d).length;
  return (
    <g>
      {numbers(d).map((i) => {
        const lower = (i % 3) * d.h * 0.05;
        return edged(
          `M${d.x + i * each} ${d.y + lower}h${each}v${d.h - lower}h-${each}z`,
          inTurn(d, i),
          String(i),
        );
      })}
    </g>
  );
};

/** Books that lie on each other, not all of a length. */
const stack: DrawForm = (d) => {
  const each = d.h / numbers(d).length;
  return (
    <g>
      {numbers(d).map((i) => {
        const shorter = (i % 3) * d.w * 0.04;
        return edged(
          `M${d.x + shorter} ${d.y + i * each}h${d.w - 2 * shorter}v${each}h-${d.w - 2 * shorter}z`,
          inTurn(d, i),
          String(i),
        );
      })}
    </g>
  );
};

const STEMS = 5;
/** Stems that part upwards, with leaves or heads along their upper half. */
const stems: DrawForm = ({ x, y, w, h, base, colours }) => (
  <g>
    {Array.from({ length: STEMS }, (_, i) => {
      const top = x + (w * (i + 0.5)) / STEMS;
      const highest = y + h * 0.12 * Math.abs(i - (STEMS - 1) / 2);
      return (
        <g key={i}>
          <path
            d={`M${x + w / 2} ${y + h}Q${x + w / 2} ${y + h * 0.5} ${top} ${highest}`}
            fill="none"
            stroke={base}
            strokeWidth="1.4"
          />
          {[0.05, 0.2, 0.35].map((share) => (
            <ellipse
              key={share}
              cx={top + (x + w / 2 - top) * share}
              cy={highest + h * share}
              rx={w * 0.07}
              ry={w * 0.045}
              fill={colours[1]?.hex ?? base}
            />
          ))}
        </g>
      );
    })}
  </g>
);

const LEAVES = 12;
const garland: DrawForm = ({ x, y, w, h, base }) => (
  <g fill={base}>
    {Array.from({ length: LEAVES }, (_, i) => (
      <ellipse
        key={i}
        cx={x + ((i + 0.5) * w) / LEAVES}
        cy={y + h * (0.4 + 0.2 * (i % 2))}
        rx={(w / LEAVES) * 0.7}
        ry={h * 0.4}
        transform={`rotate(${i % 2 ? 20 : -20} ${x + ((i + 0.5) * w) / LEAVES} ${y + h / 2})`}
      />
    ))}
  </g>
);

/** Cloth in folds. */
const folded: DrawForm = (d) => (
  <g>
    <rect x={d.x} y={d.y} width={d.w} height={d.h} rx={Math.min(4, d.h / 3)} fill={d.base} stroke={EDGE} />
    <path d={[0.33, 0.66].map((share) => `M${d.x} ${d.y + d.h * share}h${d.w}`).join('')} stroke={EDGE} />
  </g>
);

export const OBJECT_FORMS = {
  thing,
  bowl,
  pot,
  tray,
  basket,
  candle,
  candlestick,
  lantern,
  dome,
  books,
  stack,
  stems,
  garland,
  folded,
} satisfies Partial<Record<Form, DrawForm>>;

export type ObjectFormName = keyof typeof OBJECT_FORMS;

/** One of them, as a component. */
export const ObjectForm = ({ drawn }: { drawn: Drawn }): ReactNode =>
  OBJECT_FORMS[drawn.shape.form as ObjectFormName](drawn);
