'use client';
import { findOne } from '../../core/base/list';
import { FileButton, IMAGE_TYPES } from '../../ui/FileButton';
import { Slider } from '../../ui/Slider';
import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import type { Mm } from '../../core/base/units';
import type { Px } from '../../core/geometry/homography';
import type { WallPhoto } from '../../core/model/types';
import { Button } from '../../ui/Button';
import { LengthField, TAKEN } from '../../ui/Field';
import { useRoom } from '../shell/room/RoomContext';
import { useTakeInPhoto } from '../shell/photos';
import { CornerPicture } from './CornerPicture';
import { photoScale } from './photoScale';

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
  const takeInPhoto = useTakeInPhoto();
  const { file, plan, change } = useRoom();
  const { room } = file;
  const wall = findOne(plan.walls, (w) => w.id === wallId);
  const photo = room.wallPhotos.find((p) => p.wallId === wallId);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [size, setSize] = useState<{ widthPx: number; heightPx: number } | null>(null);
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
  const take = async (chosen: File) => {
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
        <p className="mb-2 text-[14px] text-soft">{t('photo.intro')}</p>
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
  const scaleBy = (mm: Mm) => {
    if (mm <= 0 || !size) return { took: false as const, message: '' };
    const scaled = photoScale(photo.corners, known, mm, size);
    if (!scaled) return { took: false as const, message: t('photo.inLine') };
    put({ ...photo, ...scaled });
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
        onSize={(widthPx, heightPx) => setSize({ widthPx, heightPx })}
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
        <PhotoPlace photo={photo} put={put} />
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

/** Where the photo is on the wall, and how large. */
function PhotoPlace({ photo, put }: { photo: WallPhoto; put: (next: WallPhoto) => void }): ReactNode {
  const t = useTranslations('measure');
  const { room } = useRoom().file;
  const fields = [
    { field: 'xMm', label: t('fromLeft'), negative: true },
    { field: 'bottomMm', label: t('bottom'), negative: true },
    { field: 'widthMm', label: t('width'), negative: false },
    { field: 'heightMm', label: t('height'), negative: false },
  ] as const;
  return (
    <>
      {fields.map(({ field, label, negative }) => (
        <LengthField
          key={field}
          label={label}
          negative={negative}
          draftKey={`${room.id}-${photo.wallId}-photo-${field}`}
          size="small"
          valueMm={photo[field]}
          unit={room.unit}
          onCommit={(mm) => {
            if (!negative && mm <= 0) return { took: false, message: '' };
            put({ ...photo, [field]: mm });
            return TAKEN;
          }}
        />
      ))}
    </>
  );
}
