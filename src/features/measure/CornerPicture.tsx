'use client';
import { elementAt } from '../../core/base/list';
import { useTranslations } from 'next-intl';
import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { clamp } from '../../core/base/units';
import type { Px } from '../../core/geometry/homography';
import type { WallPhoto } from '../../core/model/types';
import { ARROWS } from '../../ui/arrows';
import { photoAddress } from './WallPhotoLayer';
import { useDrag } from '../../ui/useDrag';

type CornerProps = {
  photo: WallPhoto;
  known: readonly [Px, Px];
  onCorner: (i: number, p: Px) => void;
  onKnown: (i: number, p: Px) => void;
  onSize: (w: number, h: number) => void;
};

/** The photo with its four corners, and the two ends of the known length, to be dragged. */
export function CornerPicture({ photo, known, onCorner, onKnown, onSize }: CornerProps): ReactNode {
  const t = useTranslations('measure');
  const box = useRef<HTMLDivElement>(null);
  const [held, setHeld] = useState<{ key: string; p: Px } | null>(null);
  const pixelAt = (x: number, y: number): Px => {
    const r = box.current!.getBoundingClientRect();
    return {
      x: clamp((x - r.left) / r.width, 0, 1),
      y: clamp((y - r.top) / r.height, 0, 1),
    };
  };
  const commit = (key: string, p: Px) => {
    const [kind, i] = key.split(':') as [string, string];
    if (kind === 'corner') onCorner(Number(i), p);
    else onKnown(Number(i), p);
  };
  const bind = useDrag(
    ({ args, xy: [x, y], last }) => {
      const key = args[0] as string;
      const p = pixelAt(x, y);
      setHeld(last ? null : { key, p });
      if (last) commit(key, p);
    },
    { pointer: { touch: true } },
  );
  const points = [
    ...photo.corners.map((p, i) => ({ key: `corner:${i}`, p, name: t('photo.corner', { n: i + 1 }) })),
    ...known.map((p, i) => ({ key: `known:${i}`, p, name: t('photo.end', { n: i + 1 }) })),
  ].map((x) => (held?.key === x.key ? { ...x, p: held.p } : x));
  const percent = (n: number) => n * 100;
  const outline = points
    .slice(0, 4)
    .map(({ p }) => `${percent(p.x)},${percent(p.y)}`)
    .join(' ');
  const nudge = (e: KeyboardEvent, key: string, p: Px) => {
    const step = e.shiftKey ? 0.02 : 0.002;
    const [stepX, stepY] = ARROWS[e.key] ?? [0, 0];
    const [dx, dy] = [stepX * step, stepY * step];
    if (dx === 0 && dy === 0) return;
    e.preventDefault();
    commit(key, { x: clamp(p.x + dx, 0, 1), y: clamp(p.y + dy, 0, 1) });
  };
  return (
    <div ref={box} className="relative select-none">
      <img
        src={photoAddress(photo.photoId)}
        alt={t('photo.under')}
        className="block w-full"
        draggable={false}
        onLoad={(e) => onSize(e.currentTarget.naturalWidth, e.currentTarget.naturalHeight)}
      />
      <svg
        viewBox="0 0 100 100"
        preserveAspectRatio="none"
        className="pointer-events-none absolute inset-0 h-full w-full"
        aria-hidden="true"
      >
        <polygon
          points={outline}
          fill="none"
          stroke="#fff"
          strokeWidth="0.9"
          vectorEffect="non-scaling-stroke"
        />
        <polygon
          points={outline}
          fill="none"
          stroke="#141414"
          strokeWidth="1.4"
          strokeDasharray="4 3"
          vectorEffect="non-scaling-stroke"
        />
        <line
          x1={percent(elementAt(points, 4).p.x)}
          y1={percent(elementAt(points, 4).p.y)}
          x2={percent(elementAt(points, 5).p.x)}
          y2={percent(elementAt(points, 5).p.y)}
          stroke="#141414"
          strokeWidth="2"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      {points.map(({ key, p, name }) => (
        <button
          key={key}
          type="button"
          {...bind(key)}
          aria-label={name}
          onKeyDown={(e) => nudge(e, key, p)}
          className={`absolute h-5 w-5 -translate-x-1/2 -translate-y-1/2 touch-none border-2 border-ink bg-white/80 ${key.startsWith('corner') ? 'rounded-full' : ''}`}
          style={{ left: `${percent(p.x)}%`, top: `${percent(p.y)}%` }}
        />
      ))}
    </div>
  );
}
