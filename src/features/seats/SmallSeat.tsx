import { useId, type ReactNode } from 'react';
import { first } from '../../core/base/list';
import type { Piece, Seat } from '../../core/model/types';
import { takenSize } from '../../core/room/pillow';
import { isDraped } from '../../core/room/throws';
import type { RuleBook } from '../../core/rules/book';
import type { Placed } from '../../core/stages/seats/compose/ask';
import { Cloth, pillowPath } from '../../ui/drawing/cloth';
import type { Paint } from '../shell/paint';
import type { StashRow } from '../shell/useStash';

const EDGE = 8;

/** The scale at which the widest of some seats fills a width. */
export const scaleFor = (pieces: readonly Piece[], width: number): number =>
  (width - 2 * EDGE) / Math.max(1, ...pieces.map((p) => p.widthMm));

const tallestOf = (placed: readonly Placed[], rows: ReadonlyMap<string, StashRow>, rules: RuleBook): number =>
  Math.max(
    0,
    ...placed.flatMap((p) => {
      const item = rows.get(p.itemId);
      return item && !isDraped(p.lie) ? [takenSize(item, p.lie === 'proppedSide', rules).heightMm] : [];
    }),
  );

/** A seat with some pillows on it, small and to scale, front hiding back. */
export function SmallSeat({
  placed,
  piece,
  rows,
  paint,
  rules,
  width,
  perMm,
}: {
  placed: readonly Placed[];
  piece: Piece & { seat: Seat };
  rows: ReadonlyMap<string, StashRow>;
  paint: Paint;
  rules: RuleBook;
  width: number;
  /** The scale: seats that are shown together have the same. */
  perMm: number;
}): ReactNode {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '');
  const highMm = Math.max(piece.heightMm, piece.seat.heightMm + tallestOf(placed, rows, rules));
  const height = highMm * perMm + EDGE;
  const left = (width - piece.widthMm * perMm) / 2;
  const seatAt = left + ((piece.widthMm - piece.seat.widthMm) / 2) * perMm;
  const floor = height - 2;
  const top = floor - piece.seat.heightMm * perMm;
  const fill = paint(first(piece.colours));
  const inOrder = placed.map((p, i) => ({ p, i })).sort((a, b) => depthOf(a.p) - depthOf(b.p));
  const arm = (piece.widthMm - piece.seat.widthMm) / 2;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      aria-hidden="true"
      className="block bg-well"
    >
      <rect
        x={left}
        y={floor - piece.heightMm * perMm}
        width={piece.widthMm * perMm}
        height={piece.heightMm * perMm}
        rx="3"
        fill={fill}
        stroke="#0004"
        strokeWidth="0.7"
      />
      {inOrder.map(({ p, i }) => {
        const item = rows.get(p.itemId);
        if (!item) return null;
        const isThrow = isDraped(p.lie);
        const use = isThrow
          ? {
              widthMm: Math.min(item.widthMm, item.heightMm) / 3,
              heightMm: piece.heightMm - piece.seat.heightMm,
            }
          : takenSize(item, p.lie === 'proppedSide', rules);
        const [w, h] = [use.widthMm * perMm, use.heightMm * perMm];
        const [x, y] = [seatAt + p.xMm * perMm - w / 2, top - h];
        const cloth = `${id}x${i}`;
        return (
          <g key={i}>
            <defs>
              <Cloth
                id={cloth}
                kind={item.pattern.kind}
                repeat={item.pattern.repeatMm * perMm}
                colours={item.colours.map((k) => ({ hex: paint(k), share: k.share }))}
                centre={{ x: x + w / 2, y: y + h / 2 }}
              />
            </defs>
            <path
              d={isThrow ? `M${x} ${y}h${w}v${h}h-${w}z` : pillowPath(x, y, w, h, { round: item.round })}
              fill={`url(#${cloth})`}
              stroke="#0006"
              strokeWidth="0.7"
            />
          </g>
        );
      })}
      <rect
        x={left}
        y={top}
        width={piece.widthMm * perMm}
        height={floor - top}
        rx="3"
        fill={fill}
        stroke="#0004"
        strokeWidth="0.7"
      />
      {arm > 0 &&
        [left, left + (piece.widthMm - arm) * perMm].map((x) => (
          <rect
            key={x}
            x={x}
            y={top - ARM_UP * perMm}
            width={arm * perMm}
            height={floor - top + ARM_UP * perMm}
            rx="3"
            fill={fill}
            stroke="#0004"
            strokeWidth="0.7"
          />
        ))}
    </svg>
  );
}

/** Arms rise so far above the seat in a small picture, mm. */
const ARM_UP = 170;
/** Throws lie behind every pillow. */
const depthOf = (p: Placed): number => (isDraped(p.lie) ? -1 : p.row);
