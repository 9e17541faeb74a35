'use client';
import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { clamp } from '../../core/base/units';
import type { Px } from '../../core/geometry/homography';
import { ARROWS } from '../../ui/arrows';
import { useDrag } from '../../ui/useDrag';

/** A point on a photo, in shares of its sides, that is dragged or moved by the arrow keys. */
export type PhotoPoint = { key: string; p: Px; name: string; isRound: boolean };

type Props = {
  src: string;
  alt: string;
  points: readonly PhotoPoint[];
  /** Keys of the points that are joined to an outline, and of the two that are joined by a line. */
  outline: readonly string[];
  line?: readonly [string, string];
  onMove: (key: string, p: Px) => void;
  /** Pressed on the photo itself. */
  onPress?: (p: Px) => void;
  onSize?: (widthPx: number, heightPx: number) => void;
};

const POINT = 'absolute h-6 w-6 -translate-x-1/2 -translate-y-1/2 touch-none border-2 border-ink bg-white/80';
const movedBy = (p: Px, dx: number, dy: number): Px => ({
  x: clamp(p.x + dx, 0, 1),
  y: clamp(p.y + dy, 0, 1),
});
const percent = (n: number): number => n * 100;

/** A photo with points on it, by pointer and by keys. */
export function PointsOnPhoto({
  src,
  alt,
  points: given,
  outline,
  line,
  onMove,
  onPress,
  onSize,
}: Props): ReactNode {
  const box = useRef<HTMLDivElement>(null);
  const [held, setHeld] = useState<{ key: string; p: Px } | null>(null);
  const pointAt = (x: number, y: number): Px => {
    const r = box.current!.getBoundingClientRect();
    return { x: clamp((x - r.left) / r.width, 0, 1), y: clamp((y - r.top) / r.height, 0, 1) };
  };
  // a point goes as far as the hand, wherever in it that took hold; a press alone moves nothing
  const bind = useDrag(
    ({ args, xy: [x, y], initial: [fromX, fromY], last, tap }) => {
      const key = args[0] as string;
      const from = given.find((point) => point.key === key)?.p;
      setHeld(null);
      if (!from || tap) return;
      const { width, height } = box.current!.getBoundingClientRect();
      const p = movedBy(from, (x - fromX) / width, (y - fromY) / height);
      if (last) onMove(key, p);
      else setHeld({ key, p });
    },
    { filterTaps: true, pointer: { touch: true } },
  );
  const points = given.map((x) => (held?.key === x.key ? { ...x, p: held.p } : x));
  const at = (key: string): Px => points.find((x) => x.key === key)?.p ?? { x: 0, y: 0 };
  const corners = outline
    .map(at)
    .map((p) => `${percent(p.x)},${percent(p.y)}`)
    .join(' ');
  const ends = line?.map(at);
  const nudge = (e: KeyboardEvent, key: string, p: Px) => {
    const step = e.shiftKey ? 0.02 : 0.002;
    const [stepX, stepY] = ARROWS[e.key] ?? [0, 0];
    const [dx, dy] = [stepX * step, stepY * step];
    if (dx === 0 && dy === 0) return;
    e.preventDefault();
    onMove(key, movedBy(p, dx, dy));
  };
  return (
    <div ref={box} className="relative select-none">
      <img
        src={src}
        alt={alt}
        className={`block w-full ${onPress ? 'cursor-crosshair' : ''}`}
        draggable={false}
        onClick={(e) => onPress?.(pointAt(e.clientX, e.clientY))}
        onLoad={(e) => onSize?.(e.currentTarget.naturalWidth, e.currentTarget.naturalHeight)}
      />
      <svg
        viewBox="0 0 100 100"
        preserveAspectRatio="none"
        className="pointer-events-none absolute inset-0 h-full w-full"
        aria-hidden="true"
      >
        <polygon
          points={corners}
          fill="none"
          stroke="#fff"
          strokeWidth="0.9"
          vectorEffect="non-scaling-stroke"
        />
        <polygon
          points={corners}
          fill="none"
          stroke="#141414"
          strokeWidth="1.4"
          strokeDasharray="4 3"
          vectorEffect="non-scaling-stroke"
        />
        {ends?.[0] && ends[1] && (
          <line
            x1={percent(ends[0].x)}
            y1={percent(ends[0].y)}
            x2={percent(ends[1].x)}
            y2={percent(ends[1].y)}
            stroke="#141414"
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          />
        )}
      </svg>
      {points.map(({ key, p, name, isRound }) => (
        <button
          key={key}
          type="button"
          {...bind(key)}
          aria-label={name}
          onKeyDown={(e) => nudge(e, key, p)}
          className={`${POINT} ${isRound ? 'rounded-full' : ''}`}
          style={{ left: `${percent(p.x)}%`, top: `${percent(p.y)}%` }}
        />
      ))}
    </div>
  );
}
