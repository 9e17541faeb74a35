'use client';
import { useTranslations } from 'next-intl';
import { useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import { clamp } from '../../core/base/units';
import type { Region } from '../../core/colour/sample';
import { ARROWS } from '../../ui/arrows';

type Point = { x: number; y: number };
/** Smaller than this is a tap, and a tap marks a small box about it. */
const TAP = 0.015;
const TAPPED = 0.06;

function regionOf(a: Point, b: Point): Region {
  if (Math.abs(a.x - b.x) < TAP && Math.abs(a.y - b.y) < TAP)
    return {
      x: Math.max(0, a.x - TAPPED / 2),
      y: Math.max(0, a.y - TAPPED / 2),
      width: TAPPED,
      height: TAPPED,
    };
  return {
    x: Math.min(a.x, b.x),
    y: Math.min(a.y, b.y),
    width: Math.abs(a.x - b.x),
    height: Math.abs(a.y - b.y),
  };
}

/**
 * The photo, on which cloth and card are marked by dragging a box, or by tapping for a small one; by keyboard
 * with the arrows.
 */
export function Marking({
  address,
  regions,
  card,
  tool,
  onRegion,
}: {
  address: string;
  regions: readonly Region[];
  card: Region | null;
  tool: 'cloth' | 'card';
  onRegion: (r: Region) => void;
}): ReactNode {
  const t = useTranslations('stash');
  const box = useRef<HTMLDivElement>(null);
  const [start, setFrom] = useState<Point | null>(null);
  const [end, setTo] = useState<Point | null>(null);
  const [cursor, setCursor] = useState({ x: 0.5, y: 0.5 });
  const pointOf = (e: PointerEvent) => {
    const r = box.current!.getBoundingClientRect();
    return {
      x: clamp((e.clientX - r.left) / r.width, 0, 1),
      y: clamp((e.clientY - r.top) / r.height, 0, 1),
    };
  };
  const onKeyDown = (e: KeyboardEvent) => {
    const step = e.shiftKey ? 0.1 : 0.02;
    const [stepX, stepY] = ARROWS[e.key] ?? [0, 0];
    const [dx, dy] = [stepX * step, stepY * step];
    if (dx !== 0 || dy !== 0) {
      e.preventDefault();
      setCursor((c) => ({
        x: clamp(c.x + dx, 0.03, 0.97),
        y: clamp(c.y + dy, 0.03, 0.97),
      }));
    }
    if (e.key === 'Enter' || e.key === ' ') {
      e.preventDefault();
      onRegion(regionOf(cursor, cursor));
    }
  };
  const style = (r: Region) => ({
    left: `${r.x * 100}%`,
    top: `${r.y * 100}%`,
    width: `${r.width * 100}%`,
    height: `${r.height * 100}%`,
  });
  const drawn = start && end ? regionOf(start, end) : null;
  return (
    <div
      ref={box}
      role="application"
      tabIndex={0}
      aria-label={t(tool === 'cloth' ? 'pc.markClothLabel' : 'pc.markCardLabel')}
      onKeyDown={onKeyDown}
      className="group relative cursor-crosshair touch-none select-none"
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        setFrom(pointOf(e));
        setTo(pointOf(e));
      }}
      onPointerMove={(e) => {
        if (start) setTo(pointOf(e));
      }}
      onPointerUp={(e) => {
        if (start) onRegion(regionOf(start, pointOf(e)));
        setFrom(null);
        setTo(null);
      }}
      onPointerCancel={() => {
        setFrom(null);
        setTo(null);
      }}
    >
      <img src={address} alt={t('pc.photo')} draggable={false} className="block w-full" />
      {regions.map((r, i) => (
        <span
          key={i}
          aria-hidden="true"
          className="absolute border-2 border-white outline-1 outline-ink outline-solid"
          style={style(r)}
        />
      ))}
      {card && (
        <span
          aria-hidden="true"
          className="absolute border-2 border-dashed border-white outline-1 outline-ink outline-solid"
          style={style(card)}
        />
      )}
      {drawn && (
        <span aria-hidden="true" className="absolute border border-ink bg-white/25" style={style(drawn)} />
      )}
      <span
        aria-hidden="true"
        className="absolute hidden h-3 w-3 -translate-x-1/2 -translate-y-1/2 rounded-full border-2 border-white bg-ink group-focus-visible:block"
        style={{ left: `${cursor.x * 100}%`, top: `${cursor.y * 100}%` }}
      />
    </div>
  );
}
