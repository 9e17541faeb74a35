'use client';
import { useTranslations } from 'next-intl';
import { useEffect, useState, type ReactNode } from 'react';
import { straighten, type Four, type Px } from '../../core/geometry/homography';
import type { WallPhoto } from '../../core/model/types';
import type { Scale } from '../../ui/drawing/scale';

export const photoAddress = (id: string, small = false): string =>
  `/api/photos/${id}${small ? '?size=small' : ''}`;

const WIDE = 1100;

/** A photo's pixels, once. */
async function pixelsOf(id: string): Promise<ImageData> {
  const bitmap = await createImageBitmap(await (await fetch(photoAddress(id))).blob());
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height);
  const context = canvas.getContext('2d', { willReadFrequently: true })!;
  context.drawImage(bitmap, 0, 0);
  return context.getImageData(0, 0, bitmap.width, bitmap.height);
}

/** The wall's photo laid flat by its four corners. */
function useStraightened(photo: WallPhoto): string | null {
  const [pixels, setPixels] = useState<{ id: string; data: ImageData } | null>(null);
  const [shown, setShown] = useState<string | null>(null);
  useEffect(() => {
    let here = true;
    pixelsOf(photo.photoId)
      .then((data) => {
        if (here) setPixels({ id: photo.photoId, data });
      })
      .catch(() => undefined);
    return () => {
      here = false;
    };
  }, [photo.photoId]);
  const key = JSON.stringify(photo.corners);
  const ratio = photo.heightMm / photo.widthMm;
  useEffect(() => {
    if (!pixels || pixels.id !== photo.photoId) return;
    let address: string | null = null;
    const { data } = pixels;
    const corners = (JSON.parse(key) as Px[]).map((c) => ({
      x: c.x * data.width,
      y: c.y * data.height,
    })) as unknown as Four;
    const [w, h] = [WIDE, Math.max(1, Math.min(WIDE * 2, Math.round(WIDE * ratio)))];
    const flat = straighten(data, corners, w, h);
    if (!flat) return;
    const canvas = new OffscreenCanvas(w, h);
    canvas.getContext('2d')!.putImageData(new ImageData(flat, w, h), 0, 0);
    void canvas.convertToBlob({ type: 'image/webp', quality: 0.85 }).then((blob) => {
      address = URL.createObjectURL(blob);
      setShown(address);
    });
    return () => {
      if (address) URL.revokeObjectURL(address);
    };
  }, [pixels, photo.photoId, key, ratio]);
  return shown;
}

export function WallPhotoLayer({ photo, scale }: { photo: WallPhoto; scale: Scale }): ReactNode {
  const t = useTranslations('measure');
  const address = useStraightened(photo);
  if (!address) return null;
  return (
    <image
      href={address}
      x={scale.x(photo.xMm)}
      y={scale.y(photo.bottomMm + photo.heightMm)}
      width={photo.widthMm * scale.perMm}
      height={photo.heightMm * scale.perMm}
      preserveAspectRatio="none"
      opacity={photo.opacity}
      pointerEvents="none"
    >
      <title>{t('photo.under')}</title>
    </image>
  );
}
