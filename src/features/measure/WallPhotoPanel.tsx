'use client';
import { FileButton, IMAGE_TYPES } from '../../ui/FileButton';
import { Slider } from '../../ui/Slider';
import { ARROWS } from '../../ui/arrows';
import { useTranslations } from 'next-intl';
import { useDrag } from '@use-gesture/react';
import { useRef, useState, type ReactNode } from 'react';
import type { Mm } from '../../core/base/units';
import { aspectOf, homography, project, type Four, type Px } from '../../core/geometry/homography';
import type { WallPhoto } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { LengthField, TAKEN } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { takeInPhoto } from '../shell/photos';
import { photoAddress } from './WallPhotoLayer';

const KNOWN: [Px, Px] = [
  { x: 0.25, y: 0.5 },
  { x: 0.75, y: 0.5 },
];

/**
 * A photo under this wall: four corners on it to straighten by, one known length to scale by, and how much of
 * it shows.
 */
export function WallPhotoPanel({ wallId, onDone }: { wallId: string; onDone: () => void }): ReactNode {
  const t = useTranslations('measure');
  const { file, plan, change } = useRoom();
  const { room } = file;
  const wall = plan.walls.find((w) => w.id === wallId)!;
  const photo = room.wallPhotos.find((p) => p.wallId === wallId);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [size, setSize] = useState<{ w: number; h: number } | null>(null);
  const [known, setKnown] = useState<[Px, Px]>(KNOWN);
  const put = (next: WallPhoto | null) =>
    change([
      {
        do: 'setRoom',
        room: {
          ...room,
          wallPhotos: [...room.wallPhotos.filter((p) => p.wallId !== wallId), ...(next ? [next] : [])],
        },
      },
    ]);
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    setBusy(true);
    setProblem(null);
    const kept = await takeInPhoto(chosen);
    setBusy(false);
    if (!kept.ok) {
      setProblem(kept.message);
      return;
    }
    put({
      wallId,
      photoId: kept.id,
      corners: [
        { x: 0.05, y: 0.05 },
        { x: 0.95, y: 0.05 },
        { x: 0.95, y: 0.95 },
        { x: 0.05, y: 0.95 },
      ],
      xMm: 0,
      bottomMm: 0,
      widthMm: wall.lengthMm,
      heightMm: room.ceilingMm,
      opacity: 0.6,
    });
  };
  if (!photo) {
    return (
      <div>
        <p className="mb-2 text-[14px] text-soft">{t('photo.says')}</p>
        <FileButton accept={IMAGE_TYPES} disabled={busy} onFiles={([file]) => void take(file)}>
          {busy ? t('photo.busy') : t('photo.take')}
        </FileButton>
        {problem && (
          <p role="alert" className="mt-2 text-[13px]">
            {problem}
          </p>
        )}
        <p className="mt-3">
          <Button small onClick={onDone}>
            {t('photo.done')}
          </Button>
        </p>
      </div>
    );
  }
  const setCorner = (i: number, p: Px) => {
    const corners = photo.corners.map((c, k) => (k === i ? p : c)) as unknown as WallPhoto['corners'];
    put({ ...photo, corners });
  };
  /** The known length scales the straightened photo as a whole; its proportions come from the perspective. */
  const scaleBy = (mm: Mm) => {
    if (mm <= 0 || !size) return { took: false as const, message: '' };
    const px = photo.corners.map((c) => ({ x: c.x * size.w, y: c.y * size.h })) as unknown as Four;
    const aspect = aspectOf(px, size.w, size.h);
    const flat = homography(px, [
      { x: 0, y: 0 },
      { x: aspect, y: 0 },
      { x: aspect, y: 1 },
      { x: 0, y: 1 },
    ]);
    if (!flat) return { took: false as const, message: t('photo.inLine') };
    const [a, b] = known.map((p) => project(flat, { x: p.x * size.w, y: p.y * size.h })) as [Px, Px];
    const apart = Math.hypot(a.x - b.x, a.y - b.y);
    if (apart < 1e-6) return { took: false as const, message: t('photo.inLine') };
    const heightMm = mm / apart;
    if (heightMm > 100_000 || heightMm * aspect > 100_000)
      return { took: false as const, message: t('photo.inLine') };
    put({ ...photo, heightMm, widthMm: heightMm * aspect });
    return TAKEN;
  };
  const key = (f: string) => `${room.id}-${wallId}-photo-${f}`;
  return (
    <div className="space-y-2.5">
      <p className="text-[14px] text-soft">{t('photo.corners')}</p>
      <CornerPicture
        photo={photo}
        known={known}
        onCorner={setCorner}
        onKnown={(i, p) => setKnown((k) => k.map((x, n) => (n === i ? p : x)) as [Px, Px])}
        onSize={(w, h) => setSize({ w, h })}
      />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2.5">
        <LengthField
          label={t('photo.known')}
          draftKey={key('known')}
          valueMm={null}
          placeholder={t('photo.knownHint')}
          unit={room.unit}
          onCommit={scaleBy}
        />
        <div className="text-[13px] text-soft">
          <span aria-hidden="true" className="block">
            {t('photo.opacity')}
          </span>
          <Slider
            label={t('photo.opacity')}
            max={100}
            step={5}
            value={Math.round(photo.opacity * 100)}
            onChange={(percent) => put({ ...photo, opacity: percent / 100 })}
          />
        </div>
        <LengthField
          label={t('fromLeft')}
          negative
          draftKey={key('x')}
          size="small"
          valueMm={photo.xMm}
          unit={room.unit}
          onCommit={(xMm) => {
            put({ ...photo, xMm });
            return TAKEN;
          }}
        />
        <LengthField
          label={t('bottom')}
          negative
          draftKey={key('bottom')}
          size="small"
          valueMm={photo.bottomMm}
          unit={room.unit}
          onCommit={(bottomMm) => {
            put({ ...photo, bottomMm });
            return TAKEN;
          }}
        />
        <LengthField
          label={t('width')}
          draftKey={key('width')}
          size="small"
          valueMm={photo.widthMm}
          unit={room.unit}
          onCommit={(widthMm) => {
            if (widthMm <= 0) return { took: false, message: '' };
            put({ ...photo, widthMm });
            return TAKEN;
          }}
        />
        <LengthField
          label={t('height')}
          draftKey={key('height')}
          size="small"
          valueMm={photo.heightMm}
          unit={room.unit}
          onCommit={(heightMm) => {
            if (heightMm <= 0) return { took: false, message: '' };
            put({ ...photo, heightMm });
            return TAKEN;
          }}
        />
      </div>
      <p className="text-[13px] text-soft">{t('photo.private')}</p>
      <div className="flex gap-2">
        <Button small onClick={onDone}>
          {t('photo.done')}
        </Button>
        <Button small onClick={() => put(null)}>
          {t('photo.remove')}
        </Button>
      </div>
    </div>
  );
}

type CornerProps = {
  photo: WallPhoto;
  known: readonly [Px, Px];
  onCorner: (i: number, p: Px) => void;
  onKnown: (i: number, p: Px) => void;
  onSize: (w: number, h: number) => void;
};

/** The photo with its four corners, and the two ends of the known length, to be dragged. */
function CornerPicture({ photo, known, onCorner, onKnown, onSize }: CornerProps): ReactNode {
  const t = useTranslations('measure');
  const box = useRef<HTMLDivElement>(null);
  const [held, setHeld] = useState<{ key: string; p: Px } | null>(null);
  const at = (x: number, y: number): Px => {
    const r = box.current!.getBoundingClientRect();
    return {
      x: Math.min(1, Math.max(0, (x - r.left) / r.width)),
      y: Math.min(1, Math.max(0, (y - r.top) / r.height)),
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
      const p = at(x, y);
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
  const nudge = (e: React.KeyboardEvent, key: string, p: Px) => {
    const by = e.shiftKey ? 0.02 : 0.002;
    const [across, down] = ARROWS[e.key] ?? [0, 0];
    const [dx, dy] = [across * by, down * by];
    if (dx === 0 && dy === 0) return;
    e.preventDefault();
    commit(key, { x: Math.min(1, Math.max(0, p.x + dx)), y: Math.min(1, Math.max(0, p.y + dy)) });
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
          points={points
            .slice(0, 4)
            .map(({ p }) => `${percent(p.x)},${percent(p.y)}`)
            .join(' ')}
          fill="none"
          stroke="#fff"
          strokeWidth="0.9"
          vectorEffect="non-scaling-stroke"
        />
        <polygon
          points={points
            .slice(0, 4)
            .map(({ p }) => `${percent(p.x)},${percent(p.y)}`)
            .join(' ')}
          fill="none"
          stroke="#141414"
          strokeWidth="1.4"
          strokeDasharray="4 3"
          vectorEffect="non-scaling-stroke"
        />
        <line
          x1={percent(points[4]!.p.x)}
          y1={percent(points[4]!.p.y)}
          x2={percent(points[5]!.p.x)}
          y2={percent(points[5]!.p.y)}
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
